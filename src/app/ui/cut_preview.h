#pragma once
/// An image that is to become a sheet, with the tiles that a cut would make of it.

#include <QImage>
#include <QWidget>

#include "file/sheet_import.h"

namespace rook::app {

class CutPreview : public QWidget {
    Q_OBJECT

public:
    explicit CutPreview(QWidget* parent);
    void setImage(const QImage& image);
    void setCut(const file::SheetCut& cut);
    [[nodiscard]] const QImage& image() const { return m_image; }
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] double zoom() const;

    QImage m_image;
    file::SheetCut m_cut;
};

}  // namespace rook::app
