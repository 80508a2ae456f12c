#pragma once
/// A picture, as large as there is room for it.

#include <QImage>
#include <QWidget>

namespace rook::app {

class PictureView : public QWidget {
    Q_OBJECT

public:
    /// What is made of px grows by whole ones, inside a thin frame; else it fills the width or the
    /// height.
    enum class Fit : unsigned char { WholePx, Fills };
    PictureView(Fit fit, QWidget* parent) : QWidget(parent), m_fit(fit) {}
    void take(const QImage& image);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Fit m_fit;
    QImage m_image;
};

}  // namespace rook::app
