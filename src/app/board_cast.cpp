/// What Cast draws over the board: zones, references, and the ways that things go.

#include <QPainterPath>
#include <QtConcurrent>
#include <string_view>
#include <unordered_map>

#include "app/board.h"
#include "app/cast_handles.h"
#include "app/entity_painter.h"
#include "cast/behaviour.h"
#include "level/cast_edits.h"
#include "level/zone_edits.h"
#include "motion/step_tables.h"

namespace rook::app {

namespace {

constexpr std::size_t mostLinks = 2000;  // more could not be told apart

QPointF middleOf(const View& view, const PxRect& box) {
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

/// A frame of which the corners alone are drawn.
void paintCorners(QPainter& painter, const QRectF& r) {
    const double side = std::min({18.0, r.width() / 3, r.height() / 3});
    for (const auto& [corner, dx, dy] :
         {std::tuple(r.topLeft(), 1, 1), std::tuple(r.topRight(), -1, 1),
          std::tuple(r.bottomLeft(), 1, -1), std::tuple(r.bottomRight(), -1, -1)}) {
        painter.drawLine(corner, corner + QPointF(dx * side, 0));
        painter.drawLine(corner, corner + QPointF(0, dy * side));
    }
}

}  // namespace

const runtime::MotionTables* Board::bodyTables() const {
    const auto proven = m_session.proven(m_session.level()->id);
    return proven && !proven->error ? &proven->answer.tables : nullptr;
}

void Board::paintCast(QPainter& painter) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    const ToolOptions& options = m_session.options();
    if (options.showsLinks) paintLinks(painter);
    if (options.showsWays) paintWays(painter);
    // Last, so that no line runs through the names of the zones.
    if (options.showsZones) paintZones(painter);
    paintHandles(painter);
    painter.restore();
}

void Board::paintZones(QPainter& painter) {
    const Theme& theme = currentTheme();
    const level::Level& level = *m_session.level();
    for (const level::Zone& zone : level.zones) {
        const QRectF box = m_view.toWidget(toPx(zone.place, level.cellSize));
        const bool isSelected = m_session.selection().zone == zone.id;
        const QColor tone = isSelected ? theme.accent : theme.plum;
        painter.setPen(QPen(theme.paper, 4));
        paintCorners(painter, box);
        painter.setPen(QPen(tone, isSelected ? 2.5 : 1.8));
        paintCorners(painter, box);
        QColor edge = tone;
        edge.setAlphaF(0.55f);
        painter.setPen(QPen(edge, 1, Qt::DotLine));
        painter.drawRect(box);
        if (isSelected && zone.camera) {
            painter.setPen(QPen(theme.caution, 1.5, Qt::DashLine));
            painter.drawRect(m_view.toWidget(*zone.camera));
        }
        if (box.width() > 40)
            paintFlag(painter, box.topLeft() + QPointF(6, 6), QString::fromStdString(zone.name),
                      tone);
    }
    const auto proven = m_session.proven(level.id);
    if (!proven) return;
    // Where bodies cross from zone to zone, and where they come to stand.
    for (const reach::Crossing& crossing : proven->crossings) {
        const bool isOfSelected = m_session.selection().zone == crossing.from ||
                                  m_session.selection().zone == crossing.to;
        painter.setPen(QPen(theme.accent, isOfSelected ? 5 : 3, Qt::SolidLine, Qt::FlatCap));
        const QRectF place = m_view.toWidget(crossing.place);
        if (place.width() > place.height())
            painter.drawLine(QPointF(place.left(), place.center().y()),
                             QPointF(place.right(), place.center().y()));
        else
            painter.drawLine(QPointF(place.center().x(), place.top()),
                             QPointF(place.center().x(), place.bottom()));
        if (!crossing.respawn || m_session.selection().zone != crossing.to) continue;
        const runtime::MotionTables& body = proven->answer.tables;
        painter.setPen(QPen(theme.accent, 1.5, Qt::DashLine));
        painter.drawRect(m_view.toWidget(
            PxRect{crossing.respawn->x, crossing.respawn->y, body.bodyWidth, body.bodyHeight}));
    }
}

void Board::paintLinks(QPainter& painter) {
    const Theme& theme = currentTheme();
    const level::Level& level = *m_session.level();
    if (level.entities.size() > mostLinks) return;
    const auto& selected = m_session.selection().entities;
    std::unordered_map<std::string_view, const level::Entity*> byId;
    for (const level::Entity& entity : level.entities)
        byId.emplace(entity.id.text, &entity);
    const auto find = [&](const EntityId& id) {
        const auto found = byId.find(id.text);
        return found == byId.end() ? nullptr : found->second;
    };
    for (const level::Link& link : linksOf(m_session.project(), level)) {
        const level::Entity* from = find(link.from);
        const level::Entity* to = find(link.to);
        if (!from || !to) continue;
        const bool isChosen = std::count(selected.begin(), selected.end(), link.from) +
                                  std::count(selected.begin(), selected.end(), link.to) >
                              0;
        QColor tone = theme.plum;
        if (!isChosen) tone.setAlphaF(0.6f);
        painter.setPen(QPen(theme.paper, isChosen ? 4 : 3));
        paintArrow(painter, middleOf(m_view, from->box), middleOf(m_view, to->box));
        painter.setPen(QPen(tone, isChosen ? 2 : 1.4));
        paintArrow(painter, middleOf(m_view, from->box), middleOf(m_view, to->box));
    }
}

void Board::paintWays(QPainter& painter) {
    const runtime::MotionTables* body = bodyTables();
    const QRectF seen = QRectF(rect()).adjusted(-400, -400, 400, 400);
    places().forEachNear(m_view.toLevelRect(seen), [&](const level::Entity& entity) {
        switch (m_session.project().roleOf(entity)) {
            case level::Role::Foe:
                if (body) paintPatrol(painter, entity, *body);
                break;
            case level::Role::Mover:
                paintTrack(painter, entity);
                break;
            case level::Role::Formation:
                paintFormation(painter, entity, body);
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
void Board::paintPatrol(QPainter& painter, const level::Entity& foe,
                        const runtime::MotionTables& body) {
    if (foe.data.patrol.gait == level::Gait::Still) return;
    const Theme& theme = currentTheme();
    const runtime::PatrolWay& way = m_ways.wayOf(m_session.project(), m_session.level(), body, foe);
    const bool isFine = way.flaw == runtime::PatrolFlaw::None;
    QPolygonF line;
    const bool hangs = foe.data.patrol.gait == level::Gait::Hangs;
    const bool flies = foe.data.patrol.gait == level::Gait::Flies;
    const double footY = hangs ? 2 : flies ? way.height / 2.0 : way.height - 1.0;
    for (const auto& [x, y] : way.corners) {
        const QPointF at = m_view.toWidget(QPointF(x + way.width / 2.0, y + footY));
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
        const QPointF at = m_view.toWidget(QPointF(x + way.width / 2.0, y + footY));
        painter.drawLine(at - QPointF(0, 7), at + QPointF(0, 7));
    }
}

/// The way of its middle, with a tick for each second.
void Board::paintTrack(QPainter& painter, const level::Entity& mover) {
    const Theme& theme = currentTheme();
    const level::Track& track = mover.data.track;
    const PxPoint corner{mover.box.x, mover.box.y};
    runtime::Mover way;
    QPolygonF line;
    for (const PxPoint at : trackOf(track, corner)) {
        way.track.emplace_back(at.x, at.y);
        line << m_view.toWidget(
            QPointF(at.x + mover.box.width / 2.0, at.y + mover.box.height / 2.0));
    }
    way.periodTicks = track.periodTicks;
    if (way.lengthPx() == 0) return;
    painter.setPen(QPen(theme.plum, 1.6, Qt::DashLine));
    painter.drawPolyline(line);
    painter.setPen(QPen(theme.plum, 1.6));
    const int half = track.isRound ? track.periodTicks : track.periodTicks / 2;
    for (int tick = 0; tick <= half; tick += 60) {
        const runtime::Box box = way.at(tick);
        const QPointF at =
            m_view.toWidget(QPointF(box.x + mover.box.width / 2.0, box.y + mover.box.height / 2.0));
        painter.drawLine(at - QPointF(4, 4), at + QPointF(4, 4));
    }
    // The ends, as the mover stands there.
    QColor wash = theme.plum;
    wash.setAlphaF(0.18f);
    for (const auto& [x, y] : way.track)
        painter.fillRect(m_view.toWidget(PxRect{x, y, mover.box.width, mover.box.height}), wash);
}

void Board::paintFormation(QPainter& painter, const level::Entity& entity,
                           const runtime::MotionTables* body) {
    const Theme& theme = currentTheme();
    const runtime::Formation formation = cast::formationOf(m_session.project(), entity);
    const level::Kind* member = m_session.project().findKind(entity.data.formation.member);
    const MatterScene shown = scene();
    painter.setPen(QPen(theme.plum, 1.2, Qt::DashLine));
    const QPointF middle = middleOf(m_view, entity.box);
    const double radius = formation.distance * m_view.scale();
    if (formation.shape == runtime::FormationShape::Ring)
        painter.drawEllipse(middle, radius, radius);
    if (formation.shape == runtime::FormationShape::Arc)
        painter.drawArc(QRectF(middle - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)), 0,
                        formation.arcDegrees * 16);
    for (int place = 0; place < formation.count; ++place) {
        const QRectF box = m_view.toWidget(level::rectOf(formation.at(place, 0)));
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
    if (body && m_session.options().showsWindows) paintWindows(painter, entity, *body);
}

/// At each place where one may pass: a bar as long as the period, filled where the gap is open.
void Board::paintWindows(QPainter& painter, const level::Entity& formation,
                         const runtime::MotionTables& body) {
    const Theme& theme = currentTheme();
    for (const cast::Passage& passage : m_ways.passagesOf(m_session.project(), body, formation)) {
        const QPointF at = m_view.toWidget(passage.middle);
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
        paintFlag(
            painter, bar.bottomLeft() + QPointF(-2, 4),
            tr("open for %1 ticks, passing takes %2").arg(passage.longest).arg(passage.needed),
            isLong ? theme.accent : theme.caution);
    }
}

/// How high it throws, with the button held and let go.
void Board::paintThrow(QPainter& painter, const level::Entity& spring) {
    const level::MotionProfile* profile = m_session.project().profileOf(*m_session.level());
    if (!profile) return;
    const auto flight =
        motion::makeSpring(*profile, m_session.level()->cellSize, spring.data.spring, {});
    if (!flight) return;
    const Theme& theme = currentTheme();
    for (const runtime::PhaseTable* table : {&flight->high, &flight->low}) {
        QPointF at(spring.box.x + spring.box.width / 2.0, spring.box.y);
        QPolygonF line{m_view.toWidget(at)};
        for (int phase = 0; phase < table->topPhase; ++phase) {
            at += QPointF(flight->pushDx, table->dy[std::size_t(phase)]);
            line << m_view.toWidget(at);
        }
        painter.setPen(QPen(theme.plum, 1.4, table == &flight->high ? Qt::SolidLine : Qt::DotLine));
        painter.drawPolyline(line);
        painter.drawLine(line.back() - QPointF(6, 0), line.back() + QPointF(6, 0));
    }
}

void Board::paintHandles(QPainter& painter) {
    const auto& ids = m_session.selection().entities;
    const level::Entity* entity =
        ids.size() == 1 ? findEntity(*m_session.level(), ids[0]) : nullptr;
    const CastTool tool = m_session.castTool();
    if (!entity || (tool != CastTool::Place && tool != CastTool::Select)) return;
    const Theme& theme = currentTheme();
    QPointF before = middleOf(m_view, entity->box);
    for (const CastHandle& handle : handlesOf(m_session.project(), *entity)) {
        const QPointF at = m_view.toWidget(handle.at);
        // Points and paths of fields, with the field's name at their first.
        const bool isFirst = handle.index == 0;
        if (!handle.field.empty()) {
            painter.setPen(QPen(theme.plum, 1.2, Qt::DashLine));
            painter.drawLine(isFirst ? middleOf(m_view, entity->box) : before, at);
            if (isFirst)
                paintFlag(painter, at + QPointF(8, 4), QString::fromStdString(handle.field),
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

const runtime::PatrolWay& Ways::wayOf(const level::Project& project,
                                      const std::shared_ptr<const level::Level>& level,
                                      const runtime::MotionTables& body, const level::Entity& foe) {
    std::vector<PxRect> doors = m_doors;
    if (!m_level || !m_level->entities.isSharedWith(level->entities))
        doors = cast::doorsOf(project, *level);
    const bool isSameGround = m_level && m_level->cells == level->cells &&
                              m_matters.isSharedWith(project.matters) && doors == m_doors;
    m_doors = std::move(doors);
    if (!isSameGround) {
        m_ways.clear();
        m_matters = project.matters;
    }
    m_level = level;
    const auto found = m_ways.find(foe.id);
    if (found != m_ways.end() && found->second.first == foe) return found->second.second;
    return m_ways
        .insert_or_assign(foe.id,
                          std::pair(foe, cast::wayAmong(m_doors, project, *level, body, foe)))
        .first->second.second;
}

Ways::Ways() {
    QObject::connect(&m_reckoning, &QFutureWatcher<Windows>::finished, &m_reckoning,
                     [this] { takeWindows(); });
}

Ways::~Ways() {
    m_reckoning.waitForFinished();
}

void Ways::takeWindows() {
    Windows windows = m_reckoning.result();
    const EntityId id = windows.entity.id;
    m_windows.insert_or_assign(id, std::move(windows));
    if (whenReckoned) whenReckoned();
}

const std::vector<cast::Passage>& Ways::passagesOf(const level::Project& project,
                                                   const runtime::MotionTables& body,
                                                   const level::Entity& formation) {
    static const std::vector<cast::Passage> none;
    if (!m_kinds.isSharedWith(project.kinds)) m_windows.clear();
    m_kinds = project.kinds;
    std::vector<int> key{body.bodyWidth, body.bodyHeight};
    key.insert(key.end(), std::begin(body.walk), std::end(body.walk));
    const auto found = m_windows.find(formation.id);
    if (found != m_windows.end() && found->second.entity == formation && found->second.body == key)
        return found->second.passages;
    if (!m_reckoning.isRunning())
        m_reckoning.setFuture(QtConcurrent::run(
            [shape = cast::formationOf(project, formation), body, formation, key] {
                return Windows{formation, key, cast::passagesOf(shape, body)};
            }));
    return none;
}

}  // namespace rook::app
