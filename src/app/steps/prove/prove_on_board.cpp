#include "app/steps/prove/prove_on_board.h"

#include <QLineF>
#include <QPainter>

#include "app/board/board.h"
#include "app/painting/reach_wash.h"
#include "app/panels/finding_note.h"
#include "app/session/reach_words.h"
#include "app/steps/prove/prove_options.h"
#include "app/tools/jump_ruler.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

constexpr int restMs = 160;  ///< until a pointer is said to rest

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

ProveOnBoard::ProveOnBoard(Board& board) : BoardStep(board) {
    m_rest.setSingleShot(true);
    m_rest.setInterval(restMs);
    QObject::connect(&m_rest, &QTimer::timeout, &board, [this] { probe(); });
}

bool ProveOnBoard::paintUnder(QPainter& painter, double) {
    paintReach(painter);
    return true;
}

void ProveOnBoard::paintOver(QPainter& painter) {
    paintRun(painter);
    paintFindings(painter);
    const auto& measured = m_session.workbench.options<MeasuredJump>().line;
    if (!measured) return;
    m_jumpGuides.update(project(), level());
    paintJumpLine(painter, view(), area().size(), m_jumpGuides, *measured);
}

void ProveOnBoard::pointerMoved() {
    if (m_session.workbench.isInHand("probe")) m_rest.start();
}

/// The pointer has come to rest: the run that gets there is asked for.
void ProveOnBoard::probe() {
    const PxPoint px = m_board.pointerPx();
    if (m_board.hasPointer() && !m_board.isWalking() && m_session.workbench.isInHand("probe") &&
        reachWords(m_session, px).isReached)
        m_session.runs.askRun(px);
}

void ProveOnBoard::follow(const ToolOutcome& outcome) {
    if (outcome.runTo) {
        m_session.say(tr("Looking for a run there …"));
        m_session.runs.askRun(*outcome.runTo);
    }
    if (outcome.closed) {
        WhatIf whatIf = m_session.runs.whatIf();
        whatIf.closed = *outcome.closed;
        m_session.runs.setWhatIf(whatIf);
    }
    if (outcome.jump)
        m_session.workbench.setOptions(
            MeasuredJump{JumpLine{outcome.jump->first, outcome.jump->second}});
}

bool ProveOnBoard::cancel() {
    if (m_session.workbench.options<MeasuredJump>().line) {
        m_session.workbench.setOptions(MeasuredJump{});
        return true;
    }
    if (!m_session.runs.whatIf().closed) return false;
    WhatIf whatIf = m_session.runs.whatIf();
    whatIf.closed.reset();
    m_session.runs.setWhatIf(whatIf);
    return true;
}

PlayWish ProveOnBoard::playWish() const {
    // As if the player had other things in hand, where that is asked.
    PlayWish wish;
    wish.abilities.lent = m_session.runs.whatIf().lent;
    wish.abilities.taken = m_session.runs.whatIf().taken;
    wish.abilities.held = m_session.runs.whatIf().held;
    wish.tallies = m_session.runs.tallies();
    return wish;
}

QString ProveOnBoard::verdictAt(PxPoint px) const {
    const auto run = m_session.runs.run();
    if (!run || run->isProof || !run->goal.empty() || run->to != px ||
        !reachWords(m_session, px).isReached)
        return {};
    return tr("reached after %1 ticks, %2 s")
        .arg(run->run.ticks())
        .arg(run->run.ticks() / 60.0, 0, 'f', 1);
}

void ProveOnBoard::paintReach(QPainter& painter) {
    const auto known = proven();
    const auto whatIf = m_session.runs.whatIfAnswer();
    const auto& shown = whatIf ? whatIf : known;
    if (!shown || shown->level->cells.bounds() != level().cells.bounds()) return;
    takeWashes(shown);
    const Theme& theme = currentTheme();
    const ProveOptions& options = m_session.workbench.options<ProveOptions>();
    if (options.showsReach) {
        QColor wash = theme.accent;
        wash.setAlphaF(theme.isNight ? 0.13f : 0.11f);
        painter.drawImage(0, 0, reachWash(*shown, shown->covered, view(), area().size(), wash));
        // Where one stands is stronger than where one only passes.
        wash.setAlphaF(theme.isNight ? 0.17f : 0.15f);
        painter.drawImage(0, 0, reachWash(*shown, m_washes.standing, view(), area().size(), wash));
        if (m_washes.byMovers.width() > 0) {
            QColor lines = theme.plum;
            lines.setAlphaF(0.35f);
            painter.drawImage(0, 0,
                              hatched(*shown, m_washes.byMovers, view(), area().size(), lines, 0));
        }
    }
    if (known && !whatIf) paintHatched(painter, *known);
    paintClosed(painter);
}

void ProveOnBoard::takeWashes(const std::shared_ptr<const ProvenLevel>& shown) {
    if (m_washes.of == shown) return;
    const auto covered = [&](BitMap positions) {
        positions.spreadRight(shown->answer.onCells().tables.bodyWidth);
        positions.spreadDown(shown->answer.onCells().tables.bodyHeight);
        return positions;
    };
    const auto ifAny = [&](const BitMap& positions) {
        return positions.count() > 0 ? covered(positions) : BitMap();
    };
    const bool hasDepth = shown->analysis && shown->isAnalysisCurrent;
    m_washes = {shown, covered(shown->answer.onCells().reached.standing),
                hasDepth ? ifAny(shown->analysis->traps.positions) : BitMap(), ifAny(shown->risky),
                ifAny(shown->answer.onCells().reached.byMovers)};
    for (int y = 0; y < m_washes.byMovers.height(); ++y)
        for (int i = 0; i < m_washes.byMovers.wordsPerRow(); ++i)
            m_washes.byMovers.row(y)[i] &= ~shown->covered.row(y)[i];
}

void ProveOnBoard::paintHatched(QPainter& painter, const ProvenLevel& shown) {
    const Theme& theme = currentTheme();
    const ProveOptions& options = m_session.workbench.options<ProveOptions>();
    const bool hasDepth = shown.analysis && shown.isAnalysisCurrent;
    if (options.showsTraps && m_washes.traps.width() > 0)
        painter.drawImage(0, 0,
                          hatched(shown, m_washes.traps, view(), area().size(), theme.caution, 1));
    if (options.showsRisky && m_washes.risky.width() > 0)
        painter.drawImage(0, 0,
                          hatched(shown, m_washes.risky, view(), area().size(), theme.alarm, -1));
    if (options.showsTouches && hasDepth && shown.deadlyTouches.width() > 0) {
        QColor tone = theme.alarm;
        tone.setAlphaF(0.75f);
        painter.drawImage(0, 0, reachWash(shown, shown.deadlyTouches, view(), area().size(), tone));
    }
}

void ProveOnBoard::paintClosed(QPainter& painter) {
    const auto& closed = m_session.runs.whatIf().closed;
    if (!closed) return;
    const Theme& theme = currentTheme();
    const QRectF box = view().toWidget(*closed);
    painter.save();
    painter.fillRect(box, QBrush(theme.alarm, Qt::DiagCrossPattern));
    painter.setPen(QPen(theme.alarm, 1.5, Qt::DashLine));
    painter.drawRect(box);
    painter.restore();
    m_board.paintFlag(painter, box.topLeft() + QPointF(2, -20), tr("closed off"), theme.alarm);
}

void ProveOnBoard::paintRun(QPainter& painter) {
    const auto shown = m_session.runs.run();
    if (!shown || !m_session.workbench.options<ProveOptions>().showsRun ||
        shown->run.bodies.empty())
        return;
    const auto known = proven();
    if (!known) return;
    const Theme& theme = currentTheme();
    const auto& tables = known->answer.onCells().tables;
    const auto feetOf = [&](const runtime::Body& body) {
        return view().toWidget(
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
    const int tick = std::min(m_session.runs.tick(), shown->run.ticks());
    if (tick > 0 || m_session.runs.isPlaying()) {
        const runtime::Body& body = bodies[std::size_t(tick)];
        const QRectF box =
            view().toWidget(PxRect{body.x, body.y, tables.bodyWidth, tables.bodyHeight});
        QColor fill = theme.plum;
        fill.setAlphaF(0.55f);
        painter.setBrush(fill);
        painter.setPen(QPen(theme.ink, 1.5));
        painter.drawRoundedRect(box, 3, 3);
    }
    painter.restore();
}

void ProveOnBoard::paintFindings(QPainter& painter) {
    const auto known = proven();
    if (!known) return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    FindingPins pins(painter);
    for (std::size_t i = 0; i < known->report.findings().size(); ++i) {
        const check::Finding& finding = known->report.findings()[i];
        const bool isElsewhere =
            finding.storey >= 0 && finding.storey != m_session.workbench.storey();
        if (finding.place.isEmpty() || isElsewhere) continue;
        const QRectF box = view().toWidget(finding.place);
        // Above the box, and above the words that an exit wears there.
        const level::Entity* entity = findEntity(level(), finding.entity);
        const bool isExit = entity && project().roleOf(*entity) == level::Role::Exit;
        QPointF middle = box.center() - QPointF(0, box.height() / 2 + (isExit ? 36 : 14));
        pins.paint(middle, i, finding.severity);
    }
    painter.restore();
}

}  // namespace rook::app
