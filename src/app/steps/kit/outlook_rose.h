#pragma once
/// The plan as a small sheet with places to look from: four sides, four corners, and from above.

#include <QWidget>
#include <array>

#include "kit/camera.h"

class QAbstractButton;

namespace rook::app {

class OutlookRose : public QWidget {
    Q_OBJECT

public:
    explicit OutlookRose(QWidget* parent);
    /// Where one looks now; the sheet turns with it.
    void show(const kit::Camera& camera);
    QSize sizeHint() const override { return {104, 104}; }

Q_SIGNALS:
    /// As of `kit::lookedAt`.
    void chosen(kit::Outlook outlook, int eighth);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void place();
    /// Of a place on the sheet, -1 to 1 across and down the plan, in the widget.
    [[nodiscard]] QPointF onSheet(double x, double y) const;

    double m_heading = 0;
    double m_pitch = 0.6;
    std::array<QAbstractButton*, 9> m_buttons{};  ///< by eighths, the plan last
};

}  // namespace rook::app
