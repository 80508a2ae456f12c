#include "cast/behaviour.h"

#include <algorithm>
#include <cmath>

#include "level/tracks.h"

namespace rook::cast {

using level::Entity;
using level::Kind;
using level::Level;
using level::Project;
using level::Standing;

namespace {

/// Reads single px of a level, for boxes of any size.
class CollisionUnderfoot {
public:
    CollisionUnderfoot(const Project& project, const Level& level)
        : m_frame(frameOf(level)), m_cells(project, level) {}

    [[nodiscard]] bool isFree(const PxRect& box) const {
        return !meets(box, level::Behaviour::Solid);
    }
    [[nodiscard]] bool meets(const PxRect& box, level::Behaviour behaviour) const {
        runtime::MotionTables tables;
        tables.bodyWidth = box.width;
        tables.bodyHeight = box.height;
        const runtime::World world(m_frame, m_cells, tables);
        if (behaviour == level::Behaviour::Solid) return !world.isFree(box.x, box.y);
        return world.meetsLiquid(box.x, box.y);
    }
    [[nodiscard]] bool hasFloor(const PxRect& box) const {
        runtime::MotionTables tables;
        tables.bodyWidth = box.width;
        tables.bodyHeight = box.height;
        return runtime::World(m_frame, m_cells, tables).hasFixedFloor(box.x, box.y, {});
    }

private:
    runtime::Frame m_frame;
    level::LevelCells m_cells;
};

std::vector<runtime::Box> boxesOf(const std::vector<PxRect>& rects) {
    std::vector<runtime::Box> boxes;
    for (const PxRect& rect : rects)
        boxes.push_back(level::boxOf(rect));
    return boxes;
}

}  // namespace

runtime::Patrol patrolOf(const Entity& foe) {
    const level::Patrol& data = foe.data.patrol;
    runtime::Patrol patrol;
    patrol.box = level::boxOf(foe.box);
    patrol.gait = static_cast<runtime::Gait>(data.gait);
    patrol.pace = runtime::paceOf(data.speed.thousandths);
    patrol.startsLeft = foe.facing == level::Facing::Left;
    patrol.turnsAtEdges = data.turnsAtEdges;
    patrol.turnsAt = data.turnsAt;
    patrol.track = level::moverOf(foe.data.track, foe.box);
    return patrol;
}

Obstacles obstaclesOf(const Project& project, const Level& level) {
    Obstacles obstacles;
    for (const Entity& entity : level.entities) {
        const level::Role role = project.roleOf(entity);
        if (role == level::Role::Door) obstacles.doors.push_back(entity.box);
        if (role == level::Role::TurnMark) obstacles.marks.push_back(entity.box);
    }
    return obstacles;
}

runtime::PatrolWay wayOf(const Project& project, const Level& level,
                         const runtime::MotionTables& player, const Entity& foe) {
    return wayAmong(obstaclesOf(project, level), project, level, player, foe);
}

runtime::PatrolWay wayAmong(const Obstacles& obstacles, const Project& project, const Level& level,
                            const runtime::MotionTables& player, const Entity& foe) {
    const level::LevelCells cells(project, level);
    runtime::Patrol patrol = patrolOf(foe);
    patrol.marks = boxesOf(obstacles.marks);
    return runtime::patrolOf(frameOf(level), cells, player, patrol, boxesOf(obstacles.doors));
}

runtime::Thrower throwerOf(const Entity& entity) {
    const level::Thrower& data = entity.data.thrower;
    runtime::Thrower thrower;
    thrower.box = level::boxOf(entity.box);
    thrower.everyTicks = data.everyTicks;
    thrower.first = data.first;
    thrower.shotWidth = data.shot.width;
    thrower.shotHeight = data.shot.height;
    thrower.dx = static_cast<int>(data.shot.dx.thousandths);
    thrower.dy = static_cast<int>(data.shot.dy.thousandths);
    thrower.lifeTicks = data.shot.lifeTicks;
    return thrower;
}

std::vector<runtime::Way> shotsAmong(const Obstacles& obstacles, const Project& project,
                                     const Level& level, const Entity& entity) {
    return runtime::shotsOf(frameOf(level), level::LevelCells(project, level), throwerOf(entity),
                            boxesOf(obstacles.doors));
}

std::vector<std::pair<int, int>> flightAmong(const Obstacles& obstacles, const Project& project,
                                             const Level& level, const Entity& entity) {
    return runtime::flightOf(frameOf(level), level::LevelCells(project, level), throwerOf(entity),
                             boxesOf(obstacles.doors));
}

std::vector<Passage> passagesOf(const runtime::Formation& formation,
                                const runtime::MotionTables& player) {
    std::vector<Passage> passages;
    const bool isRing = formation.shape == runtime::FormationShape::Ring;
    if (!isRing && formation.shape != runtime::FormationShape::Arc) return passages;
    std::vector<double> angles{0, 0.25, 0.5, 0.75};
    if (!isRing) angles = {formation.arcDegrees / 720.0};
    int pace = 0;
    for (const int px : player.walk)
        pace += px;
    const int width = player.bodyWidth;
    const int height = player.bodyHeight;
    for (const double turn : angles) {
        constexpr double circle = 6.283185307179586;
        const double dx = std::cos(circle * turn);
        const double dy = -std::sin(circle * turn);
        const double x =
            formation.middle.x + formation.middle.width / 2.0 + formation.distance * dx;
        const double y =
            formation.middle.y + formation.middle.height / 2.0 + formation.distance * dy;
        Passage passage;
        passage.middle = {static_cast<int>(std::lround(x)), static_cast<int>(std::lround(y))};
        passage.windows = formation.windowsAt(
            {passage.middle.x - width / 2, passage.middle.y - height / 2, width, height});
        for (const auto& [from, to] : passage.windows)
            passage.longest = std::max(passage.longest, to - from);
        const int period = std::max(1, formation.periodTicks);
        if (passage.windows.size() > 1 && passage.windows.front().first == 0 &&
            passage.windows.back().second == period)
            passage.longest = std::max(passage.longest, passage.windows.front().second +
                                                            passage.windows.back().second -
                                                            passage.windows.back().first);
        // Straight through: the member's and the body's extent along that way.
        const double band = std::abs(dx) * (formation.middle.width + width) +
                            std::abs(dy) * (formation.middle.height + height);
        passage.needed = pace > 0 ? static_cast<int>(std::ceil(band * 16 / pace)) : 0;
        passages.push_back(std::move(passage));
    }
    return passages;
}

bool isOpenAt(const Project& project, const Level& level, const PxRect& box) {
    return CollisionUnderfoot(project, level).isFree(box);
}

std::optional<std::string> standingFlaw(const Project& project, const Level& level,
                                        const Entity& entity) {
    const Kind* kind = project.findKind(entity.kind);
    if (!kind || kind->standing == Standing::Anywhere) return std::nullopt;
    // The way that a foe goes says what holds it.
    Standing standing = kind->standing;
    if (kind->role == level::Role::Foe && entity.data.patrol.gait == level::Gait::Flies)
        return std::nullopt;
    if (kind->role == level::Role::Foe && entity.data.patrol.gait == level::Gait::Hangs)
        standing = Standing::Ceiling;
    // Seen from above, nothing stands on floors or hangs from ceilings.
    const bool isFromAbove = !level::isSeenFromTheSide(level.kind);
    const bool isUpright = standing == Standing::Floor || standing == Standing::Ceiling;
    if (isFromAbove && isUpright) return std::nullopt;
    const CollisionUnderfoot ground(project, level);
    const PxRect& box = entity.box;
    switch (standing) {
        case Standing::Anywhere:
            break;
        case Standing::Floor:
            if (!ground.hasFloor(box)) return "has no floor under it";
            break;
        case Standing::Ceiling:
            if (ground.isFree({box.x, box.y - 1, box.width, 1})) return "has no ceiling above it";
            break;
        case Standing::Wall:
            if (ground.isFree({box.x - 1, box.y, 1, box.height}) &&
                ground.isFree({box.right(), box.y, 1, box.height}))
                return "has no wall beside it";
            break;
        case Standing::Liquid:
            if (!ground.meets(box, level::Behaviour::Liquid)) return "is not in a liquid";
            break;
    }
    return std::nullopt;
}

PxRect dropped(const Project& project, const Level& level, const Kind& kind, const PxRect& box,
               int reachPx) {
    const bool isUpright = kind.standing == Standing::Floor || kind.standing == Standing::Ceiling;
    if (!level::isSeenFromTheSide(level.kind) && isUpright) return box;
    const CollisionUnderfoot ground(project, level);
    const PxRect bounds = level.boundsPx();
    const auto isHeldBy = [&](const PxRect& at, int dx, int dy) {
        if (dy > 0) return ground.hasFloor(at);
        return !ground.isFree(at.moved(dx, dy));
    };
    /// The first place that way which holds it; none if it meets matter or the border before.
    const auto along = [&](int dx, int dy) -> std::optional<PxRect> {
        PxRect at = box;
        for (int px = 0; px <= reachPx && bounds.contains(at); ++px) {
            if (!ground.isFree(at)) return std::nullopt;
            if (isHeldBy(at, dx, dy)) return at;
            at = at.moved(dx, dy);
        }
        return std::nullopt;
    };
    switch (kind.standing) {
        case Standing::Floor:
            return along(0, 1).value_or(box);
        case Standing::Ceiling:
            return along(0, -1).value_or(box);
        case Standing::Wall: {
            const auto left = along(-1, 0);
            const auto right = along(1, 0);
            if (!left || !right) return left ? *left : right.value_or(box);
            return box.x - left->x <= right->x - box.x ? *left : *right;
        }
        case Standing::Anywhere:
        case Standing::Liquid:
            break;
    }
    return box;
}

}  // namespace rook::cast
