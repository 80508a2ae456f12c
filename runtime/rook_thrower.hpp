#pragma once
/// What throws: where its shots are in each tick. C++17 and the other rook_*.hpp only. Units: px
/// and ticks; y grows downwards.

#include <cmath>

#include "rook_world.hpp"

namespace rook::runtime {

/// Makes a shot at each tick `first + n * every`, n any whole number: some are under way when a
/// level begins.
struct Thrower {
    Box box;
    int everyTicks = 120;  ///< 1 or more
    int first = 0;         ///< 0 to everyTicks - 1
    int shotWidth = 6;     ///< px
    int shotHeight = 6;
    int dx = 2000;  ///< px a tick, in thousandths
    int dy = 0;
    int lifeTicks = 90;  ///< 1 or more

    /// The corner of a shot, so many ticks after it was made.
    std::pair<int, int> cornerAfter(int ticks) const {
        const auto halfOf = [](int px) { return px >= 0 ? px / 2 : -((1 - px) / 2); };
        // Half away from zero.
        const auto gone = [ticks](int pace) {
            const long long px = static_cast<long long>(ticks) * pace;
            return static_cast<int>(px >= 0 ? (px + 500) / 1000 : -((-px + 500) / 1000));
        };
        return {box.x + halfOf(box.width - shotWidth) + gone(dx),
                box.y + halfOf(box.height - shotHeight) + gone(dy)};
    }
};

/// The corners of a shot from the tick on in which it is made: until its life is over, or it would
/// meet solid matter, a door, open or shut, or px outside the level. Cost: its life.
inline std::vector<std::pair<int, int>> flightOf(const Frame& frame, const CellSource& cells,
                                                 const Thrower& thrower,
                                                 const std::vector<Box>& doors = {}) {
    MotionTables tables;
    tables.bodyWidth = thrower.shotWidth;
    tables.bodyHeight = thrower.shotHeight;
    Parts parts;
    for (const Box& door : doors)
        parts.doors.push_back({door, 0, true});
    const World world(frame, cells, tables, std::move(parts));
    std::vector<std::pair<int, int>> flight;
    for (int ticks = 0; ticks < thrower.lifeTicks; ++ticks) {
        const auto [x, y] = thrower.cornerAfter(ticks);
        const bool isInside = x >= 0 && y >= 0 && x + thrower.shotWidth <= frame.widthPx() &&
                              y + thrower.shotHeight <= frame.heightPx();
        if (!isInside || !world.isFree(x, y)) break;
        flight.emplace_back(x, y);
    }
    return flight;
}

/// The shots as ways that go on for ever: as many as are under way at once. Cost: the flight, and
/// its length times as many.
inline std::vector<Way> shotsOf(const Frame& frame, const CellSource& cells, const Thrower& thrower,
                                const std::vector<Box>& doors = {}) {
    const auto flight = flightOf(frame, cells, thrower, doors);
    const int life = static_cast<int>(flight.size());
    const int count = (life + thrower.everyTicks - 1) / thrower.everyTicks;
    const int period = count * thrower.everyTicks;
    std::vector<Way> shots;
    for (int shot = 0; shot < count; ++shot) {
        Way way;
        way.width = thrower.shotWidth;
        way.height = thrower.shotHeight;
        way.canBeBeaten = true;
        way.madeAt = thrower.first + shot * thrower.everyTicks;
        for (int tick = 0; tick < period; ++tick) {
            const int made = thrower.first + shot * thrower.everyTicks;
            const int age = ((tick - made) % period + period) % period;
            way.corners.emplace_back(age < life ? flight[static_cast<std::size_t>(age)]
                                                : std::pair(Way::nowhere, 0));
        }
        shots.push_back(std::move(way));
    }
    return shots;
}

}  // namespace rook::runtime
