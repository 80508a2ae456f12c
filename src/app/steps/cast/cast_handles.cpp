#include "app/steps/cast/cast_handles.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>

namespace rook::app {

using level::Entity;
using level::Role;
using Sort = CastHandle::Sort;

namespace {

PxPoint middleOf(const PxRect& box) {
    return {box.x + box.width / 2, box.y + box.height / 2};
}

void addEdges(std::vector<CastHandle>& handles, const PxRect& box) {
    for (int place = 0; place < 9; ++place) {
        if (place == 4) continue;
        const int column = place % 3;
        const int row = place / 3;
        const Qt::CursorShape cursor = column == 1        ? Qt::SizeVerCursor
                                       : row == 1         ? Qt::SizeHorCursor
                                       : (place % 4) == 0 ? Qt::SizeFDiagCursor
                                                          : Qt::SizeBDiagCursor;
        handles.push_back({Sort::Edge,
                           place,
                           {box.x + column * box.width / 2, box.y + row * box.height / 2},
                           cursor});
    }
}

void addTrack(std::vector<CastHandle>& handles, const Entity& entity) {
    const PxPoint middle = middleOf(entity.box);
    const auto& points = entity.data.track.points;
    for (std::size_t i = 0; i < points.size(); ++i)
        handles.push_back({Sort::TrackPoint,
                           static_cast<int>(i),
                           {middle.x + points[i].x, middle.y + points[i].y}});
    // One more leg begins beside the last point.
    const PxPoint last = points.empty() ? PxPoint{} : points.back();
    handles.push_back({Sort::TrackEnd,
                       static_cast<int>(points.size()),
                       {middle.x + last.x + entity.box.width / 2 + 14, middle.y + last.y},
                       Qt::CrossCursor});
}

void addFormation(std::vector<CastHandle>& handles, const Entity& entity) {
    const level::Formation& formation = entity.data.formation;
    const PxPoint middle = middleOf(entity.box);
    handles.push_back(
        {Sort::Radius, 0, {middle.x + formation.distance, middle.y}, Qt::SizeHorCursor});
    if (formation.shape == level::FormationShape::Line ||
        formation.shape == level::FormationShape::Grid)
        handles.push_back(
            {Sort::Shift, 0, {middle.x + formation.shift.x, middle.y + formation.shift.y + 20}});
}

const level::FieldValue* ownValue(const Entity& entity, const std::string& name) {
    for (const level::NamedValue& own : entity.fields)
        if (own.first == name) return &own.second;
    return nullptr;
}

std::vector<PxPoint> pathOf(const Entity& entity, const std::string& name) {
    const level::FieldValue* own = ownValue(entity, name);
    const auto* path = own ? std::get_if<std::vector<PxPoint>>(own) : nullptr;
    return path ? *path : std::vector<PxPoint>();
}

void addFields(std::vector<CastHandle>& handles, const level::Kind& kind, const Entity& entity) {
    // Those that are not set yet stand in a row below the box.
    PxPoint waiting{entity.box.x - 4, entity.box.bottom() + 10};
    for (const level::FieldDefinition& field : kind.fields) {
        const auto next = [&] {
            waiting.x += 14;
            return waiting;
        };
        if (field.type == level::FieldType::Point) {
            const level::FieldValue* own = ownValue(entity, field.name);
            const auto* point = own ? std::get_if<PxPoint>(own) : nullptr;
            handles.push_back(
                {Sort::FieldPoint, 0, point ? *point : next(), Qt::SizeAllCursor, field.name});
        } else if (field.type == level::FieldType::Path) {
            const std::vector<PxPoint> path = pathOf(entity, field.name);
            for (std::size_t i = 0; i < path.size(); ++i)
                handles.push_back(
                    {Sort::PathPoint, static_cast<int>(i), path[i], Qt::SizeAllCursor, field.name});
            if (path.size() < level::maxListItems)
                handles.push_back(
                    {Sort::PathEnd, static_cast<int>(path.size()),
                     path.empty() ? next() : PxPoint{path.back().x + 14, path.back().y},
                     Qt::CrossCursor, field.name});
        }
    }
}

/// Straight across or straight down from `from`, if `to` is nearly that.
PxPoint straightened(PxPoint from, PxPoint to) {
    constexpr int near = 6;  // px
    const int dx = std::abs(to.x - from.x), dy = std::abs(to.y - from.y);
    if (dy <= near && dx >= dy) return {to.x, from.y};
    return dx <= near ? PxPoint{from.x, to.y} : to;
}

/// How far a shot flies in all, px.
PxPoint flightOf(const level::Shot& shot) {
    const auto gone = [&](level::Decimal pace) {
        return int(std::llround(double(pace.thousandths) * shot.lifeTicks / 1000));
    };
    return {gone(shot.dx), gone(shot.dy)};
}

/// The shot that flies that far, as fast as it did.
level::Shot flyingTo(level::Shot shot, PxPoint away) {
    const double pace =
        std::max(1.0, std::hypot(double(shot.dx.thousandths), double(shot.dy.thousandths)) / 1000);
    const double far = std::hypot(double(away.x), double(away.y));
    if (far < 1) return shot;
    shot.dx = {std::llround(away.x / far * pace * 1000)};
    shot.dy = {std::llround(away.y / far * pace * 1000)};
    shot.lifeTicks = std::clamp(int(std::lround(far / pace)), 1, level::maxShotTicks);
    return shot;
}

void dragPoint(level::Track& track, std::size_t index, PxPoint to) {
    const PxPoint from = index == 0 ? PxPoint{} : track.points[index - 1];
    const PxPoint was = track.points[index];
    const PxPoint is = straightened(from, to);
    track.points[index] = is;
    // What follows goes along, so that every other leg stays as it is.
    for (std::size_t i = index + 1; i < track.points.size(); ++i)
        track.points[i] = {track.points[i].x + is.x - was.x, track.points[i].y + is.y - was.y};
}

PxRect withEdge(const PxRect& box, int place, PxPoint to) {
    int left = box.x, right = box.right(), top = box.y, bottom = box.bottom();
    if (place % 3 == 0) left = std::min(to.x, right - 1);
    if (place % 3 == 2) right = std::max(to.x, left + 1);
    if (place / 3 == 0) top = std::min(to.y, bottom - 1);
    if (place / 3 == 2) bottom = std::max(to.y, top + 1);
    return {left, top, right - left, bottom - top};
}

}  // namespace

std::vector<CastHandle> handlesOf(const level::Project& project, const Entity& entity) {
    std::vector<CastHandle> handles;
    const Role role = project.roleOf(entity);
    switch (role) {
        case Role::Hazard:
        case Role::Trigger:
        case Role::Exit:
        case Role::Door:
            addEdges(handles, entity.box);
            break;
        case Role::Mover:
            addTrack(handles, entity);
            addEdges(handles, entity.box);
            break;
        case Role::Spring:
        case Role::Checkpoint:
        case Role::Prop:
            addEdges(handles, entity.box);
            break;
        case Role::Foe: {
            const level::Gait gait = entity.data.patrol.gait;
            if (gait == level::Gait::Flies) addTrack(handles, entity);
            if (gait == level::Gait::Walks || gait == level::Gait::Hangs)
                for (std::size_t i = 0; i < entity.data.patrol.turnsAt.size(); ++i)
                    handles.push_back({Sort::TurnMark,
                                       static_cast<int>(i),
                                       {entity.data.patrol.turnsAt[i], middleOf(entity.box).y},
                                       Qt::SizeHorCursor});
            break;
        }
        case Role::Thrower: {
            const PxPoint end = flightOf(entity.data.thrower.shot);
            const PxPoint middle = middleOf(entity.box);
            handles.push_back({Sort::ShotEnd, 0, {middle.x + end.x, middle.y + end.y}});
            addEdges(handles, entity.box);
            break;
        }
        case Role::TurnMark:
            addEdges(handles, entity.box);
            break;
        case Role::Formation:
            addFormation(handles, entity);
            break;
        default:
            break;
    }
    if (const level::Kind* kind = project.findKind(entity.kind)) addFields(handles, *kind, entity);
    return handles;
}

std::optional<CastHandle> handleAt(const level::Project& project, const Entity& entity, PxPoint px,
                                   int slackPx) {
    std::optional<CastHandle> best;
    int least = slackPx + 1;
    for (const CastHandle& handle : handlesOf(project, entity)) {
        const int far = std::max(std::abs(handle.at.x - px.x), std::abs(handle.at.y - px.y));
        if (far >= least) continue;
        least = far;
        best = handle;
    }
    return best;
}

Entity dragged(const Entity& entity, const CastHandle& handle, PxPoint to) {
    Entity next = entity;
    const PxPoint middle = middleOf(entity.box);
    const PxPoint away{to.x - middle.x, to.y - middle.y};
    switch (handle.sort) {
        case Sort::Edge:
            next.box = withEdge(entity.box, handle.index, to);
            break;
        case Sort::TrackPoint:
            dragPoint(next.data.track, static_cast<std::size_t>(handle.index), away);
            break;
        case Sort::TrackEnd: {
            auto& points = next.data.track.points;
            const PxPoint last = points.empty() ? PxPoint{} : points.back();
            const PxPoint end = straightened(last, away);
            if (!(end == last)) points.push_back(end);
            break;
        }
        case Sort::Radius:
            next.data.formation.distance = std::clamp(std::abs(away.x), 0, 4096);
            break;
        case Sort::Shift:
            next.data.formation.shift = {away.x, away.y - 20};
            break;
        case Sort::TurnMark:
            next.data.patrol.turnsAt[static_cast<std::size_t>(handle.index)] = to.x;
            break;
        case Sort::ShotEnd:
            next.data.thrower.shot = flyingTo(entity.data.thrower.shot, away);
            break;
        case Sort::FieldPoint:
            setField(next, handle.field, to);
            break;
        case Sort::PathPoint:
        case Sort::PathEnd: {
            std::vector<PxPoint> path = pathOf(entity, handle.field);
            if (handle.sort == Sort::PathEnd)
                path.push_back(to);
            else
                path[static_cast<std::size_t>(handle.index)] = to;
            setField(next, handle.field, std::move(path));
            break;
        }
    }
    return next;
}

Entity withoutHandle(const Entity& entity, const CastHandle& handle) {
    Entity next = entity;
    const auto index = static_cast<std::ptrdiff_t>(handle.index);
    if (handle.sort == Sort::TurnMark)
        next.data.patrol.turnsAt.erase(next.data.patrol.turnsAt.begin() + index);
    if (handle.sort == Sort::TrackPoint) {
        auto& points = next.data.track.points;
        points.erase(points.begin() + index, points.end());
        auto& waits = next.data.track.waits;
        waits.resize(std::min(waits.size(), points.size() + 1));
    }
    if (handle.sort == Sort::PathPoint) {
        std::vector<PxPoint> path = pathOf(entity, handle.field);
        path.erase(path.begin() + index);
        setField(next, handle.field, std::move(path));
    }
    if (handle.sort == Sort::FieldPoint)
        std::erase_if(next.fields, [&](const auto& own) { return own.first == handle.field; });
    return next;
}

}  // namespace rook::app
