/// What the board shows of Prove: where bodies get to, where they are caught, how they get there.

#include "app/board.h"
#include "app/status_line.h"
#include "app/theme.h"

namespace rook::app {

namespace {

/// The bits of a map as lines of that tone, slanted or (0) upright, as wide as the widget.
QImage hatched(const ProvenLevel& proven, const BitMap& map, const View& view, QSize size,
               const QColor& color, int slant) {
    QColor wash = color;
    wash.setAlphaF(0.16f * color.alphaF());
    QImage image = reachWash(proven, map, view, size, wash);
    const QRgb line = qPremultiply(color.rgba());
    for (int y = 0; y < image.height(); ++y) {
        auto* row = reinterpret_cast<QRgb*>(image.scanLine(y));
        for (int x = 0; x < image.width(); ++x)
            if (qAlpha(row[x]) != 0 && ((x + slant * y) % 6 + 6) % 6 == 0) row[x] = line;
    }
    return image;
}

/// What a body does between two ticks of a run, as far as it is marked.
enum class RunMark { None, TakeOff, Landing, AirJump };

RunMark markOf(const runtime::Body& before, const runtime::Body& after) {
    using runtime::Stance;
    const bool wasInAir = before.stance == Stance::Airborne || before.stance == Stance::Sprung;
    const bool isInAir = after.stance == Stance::Airborne;
    if (!wasInAir && isInAir) return RunMark::TakeOff;
    if (wasInAir && !isInAir && after.stance != Stance::Sprung) return RunMark::Landing;
    if (wasInAir && isInAir && (after.airJumps < before.airJumps || after.push != before.push))
        return RunMark::AirJump;
    return RunMark::None;
}

}  // namespace

void Board::probe() {
    if (m_hasPointer && !isWalking() && m_session.step() == Step::Prove &&
        m_session.proveTool() == ProveTool::Probe &&
        reachWords(m_session, m_pointerPx).startsWith(tr("reached")))
        m_session.askRun(m_pointerPx);
}

void Board::followProve(const ToolOutcome& outcome) {
    if (outcome.runTo) {
        m_session.say(tr("Looking for a run there …"));
        m_session.askRun(*outcome.runTo);
    }
    if (outcome.closed) {
        WhatIf whatIf = m_session.whatIf();
        whatIf.closed = *outcome.closed;
        m_session.setWhatIf(whatIf);
    }
    if (outcome.jump) setJumpLine(JumpLine{outcome.jump->first, outcome.jump->second});
    if (outcome.walkFrom) {
        m_gestureButton = Qt::NoButton;
        startWalk(true);
    }
}

void Board::paintReach(QPainter& painter) {
    const auto proven = m_session.proven(m_session.level()->id);
    const auto whatIf = m_session.whatIfAnswer();
    const auto& shown = whatIf ? whatIf : proven;
    if (!shown || shown->level->cells.bounds() != m_session.level()->cells.bounds()) return;
    takeWashes(shown);
    const Theme& theme = currentTheme();
    const ToolOptions& options = m_session.options();
    if (options.showsReach) {
        QColor wash = theme.accent;
        wash.setAlphaF(theme.isNight ? 0.13f : 0.11f);
        painter.drawImage(0, 0, reachWash(*shown, shown->covered, m_view, size(), wash));
        // Where one stands is stronger than where one only passes.
        wash.setAlphaF(theme.isNight ? 0.17f : 0.15f);
        painter.drawImage(0, 0, reachWash(*shown, m_washes.standing, m_view, size(), wash));
        if (m_washes.byMovers.width() > 0) {
            QColor lines = theme.plum;
            lines.setAlphaF(0.35f);
            painter.drawImage(0, 0, hatched(*shown, m_washes.byMovers, m_view, size(), lines, 0));
        }
    }
    if (proven && !whatIf) paintHatched(painter, *proven);
    paintClosed(painter);
}

void Board::takeWashes(const std::shared_ptr<const ProvenLevel>& shown) {
    if (m_washes.of == shown) return;
    const auto covered = [&](BitMap positions) {
        positions.spreadRight(shown->answer.tables.bodyWidth);
        positions.spreadDown(shown->answer.tables.bodyHeight);
        return positions;
    };
    const auto ifAny = [&](const BitMap& positions) {
        return positions.count() > 0 ? covered(positions) : BitMap();
    };
    const bool hasDepth = shown->depth && shown->isDepthCurrent;
    m_washes = {shown, covered(shown->answer.reached.standing),
                hasDepth ? ifAny(shown->depth->traps.positions) : BitMap(), ifAny(shown->risky),
                ifAny(shown->answer.reached.byMovers)};
    for (int y = 0; y < m_washes.byMovers.height(); ++y)
        for (int i = 0; i < m_washes.byMovers.wordsPerRow(); ++i)
            m_washes.byMovers.row(y)[i] &= ~shown->covered.row(y)[i];
}

void Board::paintHatched(QPainter& painter, const ProvenLevel& shown) {
    const Theme& theme = currentTheme();
    const ToolOptions& options = m_session.options();
    const bool hasDepth = shown.depth && shown.isDepthCurrent;
    if (options.showsTraps && m_washes.traps.width() > 0)
        painter.drawImage(0, 0, hatched(shown, m_washes.traps, m_view, size(), theme.caution, 1));
    if (options.showsRisky && m_washes.risky.width() > 0)
        painter.drawImage(0, 0, hatched(shown, m_washes.risky, m_view, size(), theme.alarm, -1));
    if (options.showsTouches && hasDepth && shown.deadlyTouches.width() > 0) {
        QColor tone = theme.alarm;
        tone.setAlphaF(0.75f);
        painter.drawImage(0, 0, reachWash(shown, shown.deadlyTouches, m_view, size(), tone));
    }
}

void Board::paintClosed(QPainter& painter) {
    const auto& closed = m_session.whatIf().closed;
    if (!closed) return;
    const Theme& theme = currentTheme();
    const QRectF box = m_view.toWidget(*closed);
    painter.save();
    painter.fillRect(box, QBrush(theme.alarm, Qt::DiagCrossPattern));
    painter.setPen(QPen(theme.alarm, 1.5, Qt::DashLine));
    painter.drawRect(box);
    painter.restore();
    paintFlag(painter, box.topLeft() + QPointF(2, -20), tr("closed off"), theme.alarm);
}

void Board::paintRun(QPainter& painter) {
    const auto shown = m_session.shownRun();
    if (!shown || !m_session.options().showsRun || shown->run.bodies.empty()) return;
    const auto proven = m_session.proven(m_session.level()->id);
    if (!proven) return;
    const Theme& theme = currentTheme();
    const auto& tables = proven->answer.tables;
    const auto feetOf = [&](const runtime::Body& body) {
        return m_view.toWidget(
            QPointF(body.x + tables.bodyWidth / 2.0, body.y + tables.bodyHeight));
    };
    const auto& bodies = shown->run.bodies;
    QPolygonF line;
    for (const runtime::Body& body : bodies)
        line << feetOf(body);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme.plum, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(line);
    for (std::size_t i = 1; i < bodies.size(); ++i) {
        const RunMark mark = markOf(bodies[i - 1], bodies[i]);
        const QPointF at = line[qsizetype(mark == RunMark::Landing ? i : i - 1)];
        if (mark == RunMark::TakeOff) {
            painter.setBrush(theme.plum);
            painter.drawEllipse(at, 2.6, 2.6);
        } else if (mark == RunMark::Landing) {
            painter.setBrush(theme.paper);
            painter.drawEllipse(at, 3.2, 3.2);
        } else if (mark == RunMark::AirJump) {
            painter.drawLine(at - QPointF(4, 4), at + QPointF(4, 4));
            painter.drawLine(at - QPointF(4, -4), at + QPointF(4, -4));
        }
    }
    const int tick = std::min(m_session.runTick(), shown->run.ticks());
    if (tick > 0 || m_session.isRunPlaying()) {
        const runtime::Body& body = bodies[std::size_t(tick)];
        const QRectF box =
            m_view.toWidget(PxRect{body.x, body.y, tables.bodyWidth, tables.bodyHeight});
        QColor fill = theme.plum;
        fill.setAlphaF(0.55f);
        painter.setBrush(fill);
        painter.setPen(QPen(theme.ink, 1.5));
        painter.drawRoundedRect(box, 3, 3);
    }
    painter.restore();
}

/// Over the body, a bar for each thing that it holds for a time: how much of it is left.
void Board::paintTimesLeft(QPainter& painter) {
    const runtime::Body& body = m_walk->body();
    const QRectF box = m_view.toWidget(
        PxRect{body.x, body.y, m_walk->tables().bodyWidth, m_walk->tables().bodyHeight});
    constexpr double width = 36;
    double y = box.top() - 10;
    std::size_t timer = 0;
    for (const runtime::Gain& gain : m_walk->world().parts().gains) {
        if (gain.lastsTicks == 0 || timer >= runtime::mostTimers) continue;
        const int left = body.ticksLeft[timer++];
        if (left == 0) continue;
        const QRectF whole(box.center().x() - width / 2, y, width, 5);
        painter.setPen(QPen(currentTheme().ink, 1));
        painter.setBrush(currentTheme().paper);
        painter.drawRect(whole);
        painter.setPen(Qt::NoPen);
        painter.setBrush(currentTheme().plum);
        painter.drawRect(QRectF(whole.left() + 1, whole.top() + 1,
                                (width - 2) * left / gain.lastsTicks, whole.height() - 2));
        y -= 8;
    }
}

/// Doors, movers and hazards as they are in this tick, where one died, and the ghost of the proof.
void Board::paintWalkThings(QPainter& painter) {
    const Theme& theme = currentTheme();
    const runtime::Body& body = m_walk->body();
    const runtime::Parts& parts = m_walk->world().parts();
    const auto boxOf = [&](const runtime::Box& box) { return m_view.toWidget(level::rectOf(box)); };
    for (const runtime::Door& door : parts.doors) {
        painter.setPen(QPen(theme.ink, 1.5, door.isOpen(body.held) ? Qt::DotLine : Qt::SolidLine));
        painter.setBrush(door.isOpen(body.held) ? QBrush(Qt::NoBrush)
                                                : QBrush(theme.ink, Qt::BDiagPattern));
        painter.drawRect(boxOf(door.box));
    }
    for (const runtime::TimedHazard& hazard : parts.timed) {
        const bool isOn = hazard.times.isOn(body.tick);
        painter.setPen(QPen(theme.alarm, 1.5, isOn ? Qt::SolidLine : Qt::DotLine));
        painter.setBrush(isOn ? QBrush(theme.alarm, Qt::DiagCrossPattern) : QBrush(Qt::NoBrush));
        painter.drawRect(boxOf(hazard.box));
    }
    painter.setPen(QPen(theme.ink, 1.5));
    painter.setBrush(theme.plum);
    for (const runtime::Mover& mover : parts.movers)
        painter.drawRect(boxOf(mover.at(body.tick)));
    paintTimesLeft(painter);
    painter.setPen(QPen(theme.alarm, 2));
    for (const QPointF at : m_walk->deathPlaces()) {
        const QPointF place = m_view.toWidget(at);
        painter.drawLine(place - QPointF(5, 5), place + QPointF(5, 5));
        painter.drawLine(place - QPointF(5, -5), place + QPointF(5, -5));
    }
    const auto ghost = m_session.shownRun();
    if (!ghost || !ghost->isProof || !m_walk->recorded()) return;
    const auto tick = std::size_t(std::min(m_walk->ticks(), ghost->run.ticks()));
    const runtime::Body& there = ghost->run.bodies[tick];
    QColor tone = theme.plum;
    tone.setAlphaF(0.35f);
    painter.setPen(QPen(theme.plum, 1, Qt::DashLine));
    painter.setBrush(tone);
    painter.drawRoundedRect(m_view.toWidget(PxRect{there.x, there.y, m_walk->tables().bodyWidth,
                                                   m_walk->tables().bodyHeight}),
                            3, 3);
}

}  // namespace rook::app
