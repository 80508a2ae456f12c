#pragma once
/// The former picture that goes away over the new one, in play.

#include <QElapsedTimer>
#include <QPainter>
#include <QPixmap>

#include "level/transition.h"

namespace rook::app {

class ScreenChange {
public:
    /// Begins with what was seen; a cut shows nothing.
    void begin(QPixmap former, const level::Transition& transition);
    void stop() { m_former = {}; }
    [[nodiscard]] bool isOn() const { return !m_former.isNull(); }
    /// Over the new picture; by the clock, sixty ticks a second.
    void paint(QPainter& painter, const QRect& area);

private:
    QPixmap m_former;
    level::Transition m_transition;
    QElapsedTimer m_clock;
};

}  // namespace rook::app
