#include "app/steps/cast/cast_on_board.h"

#include <QPainter>
#include <span>
#include <string_view>
#include <unordered_map>

#include "app/board/board.h"
#include "app/painting/zone_painter.h"
#include "app/steps/cast/cast_handles.h"
#include "app/steps/cast/cast_options.h"
#include "app/steps/cast/cast_tools.h"
#include "app/ui/words.h"
#include "kit/timed_walk.h"
#include "level/cast_edits.h"
#include "level/tracks.h"
#include "motion/step_tables.h"

namespace rook::app {

namespace {

constexpr std::size_t mostLinks = 2000;  // more could not be told apart

QPointF seenMiddleOf(const View& view, const PxRect& box) {
    return view.toWidget(box).center();
}

/// A line with an arrow in its middle.
void paintArrow(QPainter& painter, QPointF from, QPointF to) {
    painter.drawLine(from, to);
    const QLineF line(from, to);
    if (line.length() < 12) return;
    const QPointF middle = line.pointAt(0.55);
    QLineF wing = QLineF::fromPolar(7, line.angle() + 150).translated(middle);
    painter.drawLine(wing);
    wing = QLineF::fromPolar(7, line.angle() - 150).translated(middle);
    painter.drawLine(wing);
}

}  // namespace

CastOnBoard::CastOnBoard(Board& board) : BoardStep(board) {
    m_patrols.whenReckoned = [this] { update(); };
}

void CastOnBoard::selectAll() {
    Selection selection;
    for (const level::Entity& entity : level().entities)
        selection.entities.push_back(entity.id);
    m_session.workbench.select(selection);
}

const runtime::MotionTables* CastOnBoard::bodyTables() const {
    const auto known = proven();
    if (!known || known->error || known->answer.onKit()) return nullptr;
    return &known->answer.onCells().tables;
}

void CastOnBoard::paintOver(QPainter& painter) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    const CastOptions& options = m_session.workbench.options<CastOptions>();
    if (options.showsLinks) paintLinks(painter);
    if (options.showsWays) paintWays(painter);
    // Last, so that no line runs through the names of the zones.
    if (options.showsZones) paintZones(painter, m_session, view(), area().size());
    paintHandles(painter);
    painter.restore();
}

bool CastOnBoard::turnThrough(int by) {
    const PxPoint px = m_board.pointerPx();
    const auto all = entitiesAt(m_board.places(), QPointF(px.x, px.y), view().scale());
    if (all.empty()) return false;
    Selection chosen;
    chosen.entities = {all[nextBehind(all, selection(), by)]->id};
    m_session.workbench.select(chosen);
    return true;
}

void CastOnBoard::paintLinks(QPainter& painter) {
    const Theme& theme = currentTheme();
    const level::Level& level = this->level();
    if (level.entities.size() > mostLinks) return;
    const auto& selected = selection().entities;
    std::unordered_map<std::string_view, const level::Entity*> byId;
    for (const level::Entity& entity : level.entities)
        byId.emplace(entity.id.text, &entity);
    const auto find = [&](const EntityId& id) {
        const auto found = byId.find(id.text);
        return found == byId.end() ? nullptr : found->second;
    };
    for (const level::Link& link : linksOf(project(), level)) {
        const level::Entity* from = find(link.from);
        const level::Entity* to = find(link.to);
        if (!from || !to) continue;
        const bool isChosen = std::count(selected.begin(), selected.end(), link.from) +
                                  std::count(selected.begin(), selected.end(), link.to) >
                              0;
        QColor tone = theme.plum;
        if (!isChosen) tone.setAlphaF(0.6f);
        painter.setPen(QPen(theme.paper, isChosen ? 4 : 3));
        paintArrow(painter, seenMiddleOf(view(), from->box), seenMiddleOf(view(), to->box));
        painter.setPen(QPen(tone, isChosen ? 2 : 1.4));
        paintArrow(painter, seenMiddleOf(view(), from->box), seenMiddleOf(view(), to->box));
    }
}

void CastOnBoard::paintWays(QPainter& painter) {
    const runtime::MotionTables* body = bodyTables();
    const QRectF seen = QRectF(area()).adjusted(-400, -400, 400, 400);
    m_board.places().forEachNear(view().toLevelRect(seen), [&](const level::Entity& entity) {
        switch (project().roleOf(entity)) {
            case level::Role::Foe:
                if (body)
                    paintPatrol(painter, entity, *body);
                else
                    paintWayOnKit(painter, entity);
                break;
            case level::Role::Mover:
                paintTrack(painter, entity);
                break;
            case level::Role::Formation:
                paintFormation(painter, entity, body);
                break;
            case level::Role::Thrower:
                paintShots(painter, entity);
                break;
            case level::Role::Spring:
                paintThrow(painter, entity);
                break;
            default:
                break;
        }
    });
}

/// The line of its feet, the places where it turns, and red where it goes wrong.
void CastOnBoard::paintPatrol(QPainter& painter, const level::Entity& foe,
                              const runtime::MotionTables& body) {
    if (foe.data.patrol.gait == level::Gait::Still) return;
    const Theme& theme = currentTheme();
    const runtime::PatrolWay& way =
        m_patrols.wayOf(project(), m_session.document.level(), body, foe);
    const bool isFine = way.flaw == runtime::PatrolFlaw::None;
    QPolygonF line;
    const bool hangs = foe.data.patrol.gait == level::Gait::Hangs;
    const bool flies = foe.data.patrol.gait == level::Gait::Flies;
    const double footY = hangs ? 2 : flies ? way.height / 2.0 : way.height - 1.0;
    for (const auto& [x, y] : way.corners) {
        const QPointF at = view().toWidget(QPointF(x + way.width / 2.0, y + footY));
        if (line.isEmpty() || QLineF(line.back(), at).length() > 1.5) line << at;
    }
    painter.setPen(QPen(theme.paper, 4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(line);
    painter.setPen(QPen(isFine ? theme.plum : theme.alarm, 1.8,
                        isFine ? Qt::SolidLine : Qt::DashLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(line);
    // A bar where it turns: the outermost places of the part that repeats.
    const auto loop = std::span(way.corners).subspan(way.loopFrom);
    if (loop.empty() || flies) return;
    const auto [first, last] = std::minmax_element(loop.begin(), loop.end());
    for (const auto& [x, y] : {*first, *last}) {
        const QPointF at = view().toWidget(QPointF(x + way.width / 2.0, y + footY));
        painter.drawLine(at - QPointF(0, 7), at + QPointF(0, 7));
    }
}

/// On a board of pieces: the way of its middle over what can be walked, a bar where it turns. It is
/// known once the board as it is now was judged.
void CastOnBoard::paintWayOnKit(QPainter& painter, const level::Entity& foe) {
    const auto known = proven();
    const reach::KitAnswer* answer = known && !known->error ? known->answer.onKit() : nullptr;
    const bool isHere = foe.storey == m_session.workbench.storey();
    if (!answer || !answer->graph.timed() || !isHere ||
        !m_session.proofs.isCurrent(m_session.document.level()->id))
        return;
    for (const kit::ClockThing& thing : answer->graph.timed()->clock().things) {
        if (thing.entity >= level().entities.size() || level().entities[thing.entity].id != foe.id)
            continue;
        QPolygonF line;
        const auto middle = [&](const std::pair<int, int>& corner) {
            return view().toWidget(QPointF(corner.first + thing.way.width / 2.0,
                                           corner.second + thing.way.height / 2.0));
        };
        for (const auto& corner : thing.way.corners)
            if (line.isEmpty() || QLineF(line.back(), middle(corner)).length() > 1.5)
                line << middle(corner);
        painter.setPen(QPen(currentTheme().paper, 4, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPolyline(line);
        painter.setPen(QPen(currentTheme().plum, 1.8, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPolyline(line);
        const auto [first, last] =
            std::minmax_element(thing.way.corners.begin(), thing.way.corners.end());
        const bool isUpright = first->first == last->first;
        for (const auto& corner : {*first, *last})
            painter.drawLine(middle(corner) - (isUpright ? QPointF(7, 0) : QPointF(0, 7)),
                             middle(corner) + (isUpright ? QPointF(7, 0) : QPointF(0, 7)));
    }
}

/// The way of its middle, with a tick for each second.
void CastOnBoard::paintTrack(QPainter& painter, const level::Entity& mover) {
    const Theme& theme = currentTheme();
    const level::Track& track = mover.data.track;
    if (flawOf(track)) return;
    const runtime::Mover& way = m_patrols.moverOf(mover);
    if (!way.isMoving()) return;
    const QPointF toMiddle(mover.box.width / 2.0, mover.box.height / 2.0);
    QPolygonF line;
    for (const auto& [x, y] : way.track)
        line << view().toWidget(QPointF(x, y) + toMiddle);
    painter.setPen(QPen(theme.plum, 1.6, Qt::DashLine));
    painter.drawPolyline(line);
    painter.setPen(QPen(theme.plum, 1.6));
    const int half = track.isRound ? way.periodTicks : way.periodTicks / 2;
    for (int tick = 0; tick <= half; tick += 60) {
        const runtime::Box box = way.at(tick);
        const QPointF at = view().toWidget(QPointF(box.x, box.y) + toMiddle);
        painter.drawLine(at - QPointF(4, 4), at + QPointF(4, 4));
    }
    paintWaits(painter, track, line);
    // The ends, as the mover stands there.
    QColor wash = theme.plum;
    wash.setAlphaF(0.18f);
    for (const auto& [x, y] : way.track)
        painter.fillRect(view().toWidget(PxRect{x, y, mover.box.width, mover.box.height}), wash);
}

/// A small clock at each point where it waits, with the ticks in words.
void CastOnBoard::paintWaits(QPainter& painter, const level::Track& track, const QPolygonF& line) {
    const Theme& theme = currentTheme();
    for (std::size_t i = 0; i < track.waits.size() && qsizetype(i) < line.size(); ++i) {
        if (track.waits[i] == 0) continue;
        const QPointF at = line[qsizetype(i)] + QPointF(0, 20);  // names stand above
        painter.setPen(QPen(theme.plum, 1.4));
        painter.setBrush(theme.paper);
        painter.drawEllipse(at, 5.5, 5.5);
        painter.setBrush(Qt::NoBrush);
        painter.drawLine(at, at - QPointF(0, 4));
        painter.drawLine(at, at + QPointF(3, 0));
        m_board.paintFlag(painter, at + QPointF(9, -9), tr("%1 ticks").arg(track.waits[i]),
                          theme.plum);
    }
}

/// The line that shots fly, as far as they come, with one of them for each that may be under way.
void CastOnBoard::paintShots(QPainter& painter, const level::Entity& entity) {
    const Theme& theme = currentTheme();
    const PatrolCache::Flight& flight =
        m_patrols.flightOf(project(), m_session.document.level(), entity);
    const level::Shot& shot = entity.data.thrower.shot;
    const QPointF toMiddle(shot.width / 2.0, shot.height / 2.0);
    const QPointF mouth = seenMiddleOf(view(), entity.box);
    painter.setPen(QPen(theme.alarm, 1.4, Qt::DashLine));
    if (flight.empty()) return painter.drawEllipse(mouth, 9, 9);
    const auto& [endX, endY] = flight.back();
    const QPointF end = view().toWidget(QPointF(endX, endY) + toMiddle);
    painter.drawLine(mouth, end);
    painter.setPen(QPen(theme.alarm, 1.4));
    for (std::size_t tick = std::size_t(entity.data.thrower.first); tick < flight.size();
         tick += std::size_t(entity.data.thrower.everyTicks))
        painter.drawRect(view().toWidget(
            PxRect{flight[tick].first, flight[tick].second, shot.width, shot.height}));
    painter.drawLine(end - QPointF(4, 4), end + QPointF(4, 4));
    painter.drawLine(end - QPointF(4, -4), end + QPointF(4, -4));
}

void CastOnBoard::paintFormation(QPainter& painter, const level::Entity& entity,
                                 const runtime::MotionTables* body) {
    const Theme& theme = currentTheme();
    const runtime::Formation formation = level::formationOf(project(), entity);
    const level::Kind* member = project().findKind(entity.data.formation.member);
    const MatterScene shown = m_board.scene();
    painter.setPen(QPen(theme.plum, 1.2, Qt::DashLine));
    const QPointF middle = seenMiddleOf(view(), entity.box);
    const double radius = formation.distance * view().scale();
    if (formation.shape == runtime::FormationShape::Ring)
        painter.drawEllipse(middle, radius, radius);
    if (formation.shape == runtime::FormationShape::Arc)
        painter.drawArc(QRectF(middle - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)), 0,
                        formation.arcDegrees * 16);
    for (int place = 0; place < formation.count; ++place) {
        const QRectF box = view().toWidget(level::rectOf(formation.at(place, 0)));
        if (formation.isGap(place)) {
            painter.setPen(QPen(theme.plum, 1, Qt::DotLine));
            painter.drawRect(box);
            continue;
        }
        painter.setRenderHint(QPainter::Antialiasing, false);
        const bool hasSprite = member && paintSprite(painter, shown, *member, box);
        painter.setRenderHint(QPainter::Antialiasing);
        if (hasSprite) continue;
        painter.setPen(QPen(theme.alarm, 1.6));
        paintRoleMark(painter, member ? member->role : level::Role::Prop, box,
                      level::Facing::Right);
    }
    if (body && m_session.workbench.options<CastOptions>().showsWindows)
        paintWindows(painter, entity, *body);
}

/// At each place where one may pass: a bar as long as the period, filled where the gap is open.
void CastOnBoard::paintWindows(QPainter& painter, const level::Entity& formation,
                               const runtime::MotionTables& body) {
    const Theme& theme = currentTheme();
    for (const cast::Passage& passage : m_patrols.passagesOf(project(), body, formation)) {
        const QPointF at = view().toWidget(passage.middle);
        const QRectF bar(at.x() - 46, at.y() - 5, 92, 10);
        painter.fillRect(bar.adjusted(-2, -2, 2, 2), theme.paper);
        const double period = std::max(1, formation.data.formation.periodTicks);
        const bool isLong = passage.longest >= passage.needed;
        for (const auto& [from, to] : passage.windows)
            painter.fillRect(QRectF(bar.left() + bar.width() * from / period, bar.top(),
                                    bar.width() * (to - from) / period, bar.height()),
                             isLong ? theme.accent : theme.caution);
        painter.setPen(QPen(isLong ? theme.accent : theme.caution, 1.2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(bar);
        m_board.paintFlag(
            painter, bar.bottomLeft() + QPointF(-2, 4),
            tr("open for %1 ticks, passing takes %2").arg(passage.longest).arg(passage.needed),
            isLong ? theme.accent : theme.caution);
    }
}

/// How high it throws, with the button held and let go.
void CastOnBoard::paintThrow(QPainter& painter, const level::Entity& spring) {
    const level::MotionProfile* profile = project().profileOf(level());
    if (!profile) return;
    const auto flight = motion::makeSpring(*profile, level().cellSize, spring.data.spring, {});
    if (!flight) return;
    const Theme& theme = currentTheme();
    for (const runtime::PhaseTable* table : {&flight->high, &flight->low}) {
        QPointF at(spring.box.x + spring.box.width / 2.0, spring.box.y);
        QPolygonF line{view().toWidget(at)};
        for (int phase = 0; phase < table->topPhase; ++phase) {
            at += QPointF(flight->pushDx, table->dy[std::size_t(phase)]);
            line << view().toWidget(at);
        }
        painter.setPen(QPen(theme.plum, 1.4, table == &flight->high ? Qt::SolidLine : Qt::DotLine));
        painter.drawPolyline(line);
        painter.drawLine(line.back() - QPointF(6, 0), line.back() + QPointF(6, 0));
    }
}

void CastOnBoard::paintHandles(QPainter& painter) {
    const auto& ids = selection().entities;
    const level::Entity* entity = ids.size() == 1 ? findEntity(level(), ids[0]) : nullptr;
    const Workbench& workbench = m_session.workbench;
    if (!entity || (!workbench.isInHand("place") && !workbench.isInHand("select"))) return;
    const Theme& theme = currentTheme();
    QPointF before = seenMiddleOf(view(), entity->box);
    for (const CastHandle& handle : handlesOf(project(), *entity)) {
        const QPointF at = view().toWidget(handle.at);
        // Points and paths of fields, with the field's name at their first.
        const bool isFirst = handle.index == 0;
        if (!handle.field.empty()) {
            painter.setPen(QPen(theme.plum, 1.2, Qt::DashLine));
            painter.drawLine(isFirst ? seenMiddleOf(view(), entity->box) : before, at);
            if (isFirst)
                m_board.paintFlag(painter, at + QPointF(8, 4), QString::fromStdString(handle.field),
                                  theme.plum);
            before = at;
        }
        painter.setPen(QPen(theme.accent, 1.6));
        painter.setBrush(theme.paper);
        if (handle.sort == CastHandle::Sort::TrackEnd || handle.sort == CastHandle::Sort::PathEnd) {
            painter.drawEllipse(at, 6, 6);
            painter.drawLine(at - QPointF(3, 0), at + QPointF(3, 0));
            painter.drawLine(at - QPointF(0, 3), at + QPointF(0, 3));
        } else if (handle.sort == CastHandle::Sort::TurnMark) {
            painter.drawLine(at - QPointF(0, 14), at + QPointF(0, 14));
            painter.drawRect(QRectF(at - QPointF(4, 4), QSizeF(8, 8)));
        } else {
            painter.drawRect(QRectF(at - QPointF(3.5, 3.5), QSizeF(7, 7)));
        }
    }
    painter.setBrush(Qt::NoBrush);
}

}  // namespace rook::app
