#include "app/play/screen_change.h"

#include "rook_shown.hpp"

namespace rook::app {

void ScreenChange::begin(QPixmap former, const level::Transition& transition) {
    m_transition = transition;
    m_former = transition.sort == level::TransitionSort::Cut ? QPixmap() : std::move(former);
    m_clock.start();
}

void ScreenChange::paint(QPainter& painter, const QRect& area) {
    if (!isOn()) return;
    const runtime::Transition transition{static_cast<runtime::TransitionSort>(m_transition.sort),
                                         m_transition.ticks};
    const double share = transition.shareAfter(double(m_clock.elapsed()) * 60 / 1000);
    if (share >= 1) return stop();
    painter.save();
    if (m_transition.sort == level::TransitionSort::Fade)
        painter.setOpacity(1 - share);
    else
        painter.translate(-share * area.width(), 0);
    painter.drawPixmap(area.topLeft(), m_former);
    painter.restore();
}

}  // namespace rook::app
