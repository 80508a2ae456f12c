#include "app/play/screen_view.h"

#include <QPainterPath>
#include <cmath>

#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

void ScreenView::next(const level::Game& game) {
    const int count = int(game.screens.size());
    m_place = (m_place + 1) % (1 + 2 * count);
    m_screen.reset();
    if (m_place > 0) m_screen = game.screens[std::size_t(m_place - 1) / 2];
    m_isSet = false;
}

void ScreenView::follow(const runtime::Box& body, const runtime::Box& bounds) {
    if (!m_screen) return;
    m_camera.width = m_screen->width;
    m_camera.height = m_screen->height;
    if (std::exchange(m_isSet, true))
        m_camera.follow(body, bounds);
    else
        m_camera.jumpTo(body, bounds);
}

View ScreenView::viewOf(View view, QSize size) const {
    const int zoom =
        std::max(1, std::min(size.width() / m_camera.width, size.height() / m_camera.height));
    view.zoomAt({}, zoom / view.scale());
    view.centre({m_camera.left + m_camera.width / 2.0, m_camera.top + m_camera.height / 2.0}, size);
    view.setOffset({std::round(view.offset().x()), std::round(view.offset().y())});
    return view;
}

void ScreenView::paint(QPainter& painter, const View& view, QSize size) const {
    if (!m_screen) return;
    const Theme& theme = currentTheme();
    const QRectF frame =
        view.toWidget(PxRect{m_camera.left, m_camera.top, m_camera.width, m_camera.height});
    QPainterPath outside, inside;
    outside.addRect(QRectF(QPointF(), QSizeF(size)));
    inside.addRect(frame);
    QColor ground = isAlone() ? theme.window : theme.ink;
    if (!isAlone()) ground.setAlphaF(0.28f);
    painter.fillPath(outside.subtracted(inside), ground);
    painter.setPen(QPen(theme.accent, 1.4));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(frame);
}

QString ScreenView::words() const {
    if (!m_screen) return tr("The whole board.");
    return (isAlone() ? tr("As on %1, %2 × %3 px, at whole zoom.")
                      : tr("The frame of %1, %2 × %3 px."))
        .arg(QString::fromStdString(m_screen->name))
        .arg(m_screen->width)
        .arg(m_screen->height);
}

}  // namespace rook::app
