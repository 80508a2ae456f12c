#pragma once
/// What entities of some roles have besides their box: what opens a door, when a hazard is on, how
/// high a spring throws, where a mover goes.

#include <optional>
#include <string>
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

/// How a foe goes on patrol, from where it stands, the way that it faces.
struct Patrol {
    Gait gait = Gait::Still;
    Decimal speed{500};        ///< px a tick, above 0, up to 16
    bool turnsAtEdges = true;  ///< else it walks off and falls
    std::vector<int> turnsAt;  ///< px across, where it turns when its middle gets there
    bool operator==(const Patrol&) const = default;
};

/// Many of a kind, as one thing. Its entity's box is that of the middle member's place.
struct Formation {
    KindId member;  ///< empty = of no kind yet
    FormationShape shape = FormationShape::Ring;
    int count = 8;            ///< places, 1 to 256
    std::vector<int> gaps;    ///< places that are left empty, from 0
    int distance = 48;        ///< px: the radius of ring and arc, the step of line and grid
    int columns = 4;          ///< of a grid
    int arcDegrees = 180;     ///< of an arc, from the right upwards; 1 to 360
    int periodTicks = 240;    ///< for a whole turn, or there and back; 0 = it keeps still
    bool isClockwise = true;  ///< of ring and arc
    PxPoint shift;            ///< px: of line and grid, as far as it goes
    bool operator==(const Formation&) const = default;
};

/// What a trigger tells the game.
struct Call {
    CallWhen when = CallWhen::Enter;
    std::string message;
    EntityId target;  ///< that it is for; empty = for the game
    bool operator==(const Call&) const = default;
};
struct Trigger {
    bool once = false;
    std::vector<Call> calls;
    bool operator==(const Trigger&) const = default;
};

/// One px that way.
[[nodiscard]] constexpr PxPoint directionOf(Facing facing) {
    switch (facing) {
        case Facing::Left:
            return {-1, 0};
        case Facing::Right:
            return {1, 0};
        case Facing::Up:
            return {0, -1};
        case Facing::Down:
            return {0, 1};
    }
    return {};
}

struct DoorWay {
    DoorManner manner = DoorManner::ForGood;
    int ticks = 120;                ///< for a time
    Facing passes = Facing::Right;  ///< one way: the way that one can pass
    bool operator==(const DoorWay&) const = default;
};

/// Each member counts for the roles that it names; elsewhere it stands as it came.
struct RoleData {
    std::vector<EntityId> opens;                  ///< door and exit: all that must be held
    bool opensWithAllPickups = false;             ///< door and exit: and every pickup of the level
    std::optional<Ability> grants;                ///< pickup
    std::optional<Ability> takes;                 ///< pickup: not had while it is held
    std::optional<runtime::Timetable> timetable;  ///< hazard and foe; none = always
    SpringHeights spring;
    Track track;    ///< mover, and a foe that flies
    Patrol patrol;  ///< foe
    Formation formation;
    Trigger trigger;
    DoorWay door;
    int value = 1;       ///< pickup: what it counts for
    int grantTicks = 0;  ///< pickup: how long it grants and takes; 0 = for good
    std::string letter;  ///< key: A to Z, by which it counts elsewhere; empty = only here
    bool operator==(const RoleData&) const = default;
};

inline constexpr int maxPeriodTicks = 36000;
inline constexpr int maxSpringPushPx = 64;

/// The closed way of a mover whose box stands there, in level px: the first corner and the last are
/// the same. Two equal corners if it stays.
[[nodiscard]] std::vector<PxPoint> trackOf(const Track& track, PxPoint corner);

/// A sentence if the track breaks a rule: legs must be axis-parallel, at most 64 points.
[[nodiscard]] std::optional<std::string> flawOf(const Track& track);

/// A sentence if the formation breaks a rule: a count, distance, period or gap out of its range.
[[nodiscard]] std::optional<std::string> flawOf(const Formation& formation);
inline constexpr int maxFormation = 256;

/// The first flaw of what an entity has for its role; none if all is well.
[[nodiscard]] std::optional<std::string> flawOf(const RoleData& data);

/// A sentence if the timetable breaks a rule: 0 <= from < to <= period, 1 to 36,000 ticks.
[[nodiscard]] std::optional<std::string> flawOf(const runtime::Timetable& times);

}  // namespace rook::level
