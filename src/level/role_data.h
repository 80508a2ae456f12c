#pragma once
/// What entities of some roles have besides their box: what opens a door, when a hazard is on, how
/// high a spring throws, where a mover goes.

#include <optional>
#include <vector>

#include "base/geometry.h"
#include "base/id.h"
#include "level/decimal.h"
#include "level/names.h"

namespace rook::level {

struct SpringHeights {
    Decimal high{5000};  ///< cells, above 0
    Decimal low{3000};   ///< cells, above 0, with the button let go
    int pushDx = 0;      ///< px a tick to the right, -64 to 64, until the top
    bool operator==(const SpringHeights&) const = default;
};

/// The way of a mover: from its place through the points, each reached straight along one axis, and
/// back the same way, or round to where it began.
struct Track {
    std::vector<PxPoint> points;  ///< from the mover's corner, px; empty = it stays where it is
    bool isRound = false;         ///< the last point leads straight to the first place
    int periodTicks = 240;        ///< for the whole way, 1 to 36,000
    bool operator==(const Track&) const = default;
};

/// Each member counts for the roles that it names; elsewhere it stands as it came.
struct RoleData {
    std::vector<EntityId> opens;                  ///< door: all that must be held
    std::optional<Ability> grants;                ///< pickup
    std::optional<runtime::Timetable> timetable;  ///< hazard and foe; none = always
    SpringHeights spring;
    Track track;  ///< mover
    bool operator==(const RoleData&) const = default;
};

inline constexpr int maxPeriodTicks = 36000;
inline constexpr int maxSpringPushPx = 64;

/// The closed way of a mover whose box stands there, in level px: the first corner and the last are
/// the same. Two equal corners if it stays.
[[nodiscard]] std::vector<PxPoint> trackOf(const Track& track, PxPoint corner);

/// A sentence if the track breaks a rule: legs must be axis-parallel, at most 64 points.
[[nodiscard]] std::optional<std::string> flawOf(const Track& track);

/// A sentence if the timetable breaks a rule: 0 <= from < to <= period, 1 to 36,000 ticks.
[[nodiscard]] std::optional<std::string> flawOf(const runtime::Timetable& times);

}  // namespace rook::level
