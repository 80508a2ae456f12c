#include "app/steps/kit/outlook_rose.h"

#include <QAbstractButton>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <numbers>

#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

/// A place to look from: a bar for a side, an angle for a corner, a square for the plan.
class OutlookButton : public QAbstractButton {
public:
    OutlookButton(kit::Outlook outlook, QWidget* parent)
        : QAbstractButton(parent), m_outlook(outlook) {
        setFixedSize(20, 20);
        setCursor(Qt::PointingHandCursor);
    }

protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& theme = currentTheme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const bool isPointed = underMouse() || hasFocus();
        painter.setPen(QPen(isPointed ? theme.accent : theme.quietInk, 1.5));
        painter.setBrush(isPointed ? theme.accent : theme.panel);
        const QPointF middle = QRectF(rect()).center();
        if (m_outlook == kit::Outlook::Corner)
            painter.drawEllipse(middle, 4, 4);
        else if (m_outlook == kit::Outlook::Side)
            painter.drawRect(QRectF(middle.x() - 4, middle.y() - 4, 8, 8));
        else
            painter.drawPolygon(QPolygonF{middle + QPointF(0, -6), middle + QPointF(6, 0),
                                          middle + QPointF(0, 6), middle + QPointF(-6, 0)});
    }

private:
    kit::Outlook m_outlook;
};

}  // namespace

OutlookRose::OutlookRose(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("outlook-rose"));
    setAccessibleName(tr("Where to look from"));
    const QString names[] = {tr("From the lower side"),       tr("From the lower left corner"),
                             tr("From the left side"),        tr("From the upper left corner"),
                             tr("From the upper side"),       tr("From the upper right corner"),
                             tr("From the right side"),       tr("From the lower right corner"),
                             tr("From above, as the plan is")};
    for (int i = 0; i < 9; ++i) {
        const kit::Outlook outlook = i == 8       ? kit::Outlook::Plan
                                     : i % 2 == 0 ? kit::Outlook::Side
                                                  : kit::Outlook::Corner;
        auto* button = new OutlookButton(outlook, this);
        button->setObjectName(QStringLiteral("outlook-%1").arg(i));
        button->setAccessibleName(names[i]);
        button->setToolTip(names[i]);
        connect(button, &QAbstractButton::clicked, this,
                [this, outlook, i] { Q_EMIT chosen(outlook, i & 7); });
        m_buttons[std::size_t(i)] = button;
    }
    resize(sizeHint());
    place();
}

void OutlookRose::show(const kit::Camera& camera) {
    if (m_heading == camera.heading && m_pitch == camera.pitch) return;
    m_heading = camera.heading;
    m_pitch = camera.pitch;
    place();
    update();
}

QPointF OutlookRose::onSheet(double x, double y) const {
    // As the eye sees a sheet that lies before it, never quite on edge.
    const double c = std::cos(m_heading), s = std::sin(m_heading);
    const double across = x * c + y * s;
    const double down = -x * s + y * c;
    const double flat = std::max(0.55, std::abs(std::sin(m_pitch)));
    return QPointF(width() / 2.0 + across * 26, height() / 2.0 + down * 26 * flat);
}

void OutlookRose::place() {
    for (int i = 0; i < 9; ++i) {
        // Looking up the plan, one stands at its lower side.
        const double angle = i * std::numbers::pi / 4;
        const double far = i == 8 ? 0 : i % 2 == 0 ? 1.12 : 1.5;
        const QPointF at = onSheet(-std::sin(angle) * far, std::cos(angle) * far);
        m_buttons[std::size_t(i)]->move((at - QPointF(10, 10)).toPoint());
    }
}

void OutlookRose::paintEvent(QPaintEvent*) {
    const Theme& theme = currentTheme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    QColor ground = theme.panel;
    ground.setAlphaF(0.86f);
    painter.setPen(QPen(theme.rule(), 1));
    painter.setBrush(ground);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 3, 3);
    painter.setBrush(theme.paper);
    painter.setPen(QPen(theme.quietInk, 1));
    painter.drawPolygon(QPolygonF{onSheet(-1, -1), onSheet(1, -1), onSheet(1, 1), onSheet(-1, 1)});
    // Its upper edge is the plan's.
    painter.setPen(QPen(theme.ink, 2.5));
    painter.drawLine(onSheet(-1, -1), onSheet(1, -1));
}

void OutlookRose::resizeEvent(QResizeEvent*) {
    place();
}

}  // namespace rook::app
