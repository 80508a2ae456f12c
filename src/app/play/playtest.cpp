#include "app/play/playtest.h"
#include <QPainter>

namespace rook::app {

namespace {
constexpr double ticksPerMs = 60.0 / 1000;
constexpr qint64 mostTicksAtOnce = 6;
}  // namespace

Playtest::Playtest(Session& session, PlayHost& host) : m_session(session), m_host(host) {
    m_timer.setInterval(15);
    m_timer.setTimerType(Qt::PreciseTimer);
    connect(&m_timer, &QTimer::timeout, this, [this] { advance(); });
    m_clock.start();
    m_timer.start();
}

void Playtest::restartClock() {
    m_clock.restart();
    m_ticks = 0;
}

int Playtest::dueTicks(double pace) {
    const auto due = static_cast<qint64>(double(m_clock.elapsed()) * ticksPerMs * pace);
    // After a pause (a window was dragged) the world does not catch up in one leap.
    m_ticks = std::max(m_ticks, due - mostTicksAtOnce);
    return int(due - std::exchange(m_ticks, std::max(m_ticks, due)));
}

void paintTrail(QPainter& painter, const View& view, const std::vector<QPointF>& trail,
                double opacity) {
    QPolygonF line;
    for (const QPointF p : trail)
        line << view.toWidget(p);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setOpacity(opacity);
    painter.setPen(QPen(currentTheme().plum, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(line);
    painter.restore();
}

}  // namespace rook::app
