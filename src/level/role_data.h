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

/// The way of a mover: from its place through the points, straight from one to the next, and back
/// the same way, or round to where it began.
struct Track {
    std::vector<PxPoint> points;  ///< from the mover's corner, px; empty = it stays where it is
    bool isRound = false;         ///< the last point leads straight to the first place
    int periodTicks = 240;        ///< for the whole way, 1 to 36,000
    Decimal pace{0};              ///< px a tick, which decides the period; 0 = the period does
    std::vector<int> waits;       ///< ticks at each point, the corner first; those left out are 0
    Ease ease = Ease::Linear;
    bool operator==(const Track&) const = default;
};

struct Shot {
    int width = 6;     ///< px
    int height = 6;    ///< px
    Decimal dx{2000};  ///< px a tick
    Decimal dy{0};     ///< px a tick
    int lifeTicks = 90;
    bool operator==(const Shot&) const = default;
};
/// What throws, and when: at each tick `first + n * everyTicks`.
struct Thrower {
    int everyTicks = 120;
    int first = 0;  ///< 0 to everyTicks - 1
    Shot shot;
    bool operator==(const Thrower&) const = default;
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
    int ticks = 120;  ///< for a time; on approach or use 0 = for as long as somebody is there
    Facing passes = Facing::Right;  ///< one way: the way that one can pass
    bool operator==(const DoorWay&) const = default;
};

/// Each member counts for the roles that it names; elsewhere it stands as it came.
struct RoleData {
    std::vector<EntityId> opens;  ///< door and exit: all that must be held; what shuts a door that
                                  ///< shuts
    bool opensWithAllPickups = false;  ///< door and exit: and every pickup of the level
    std::optional<Ability> grants;     ///< pickup
    std::optional<Ability> takes;      ///< pickup: not had while it is held
    std::string movesAs;  ///< pickup: the profile in force while it is held; empty = no other
    std::optional<runtime::Timetable> timetable;  ///< hazard and foe; none = always
    SpringHeights spring;
    Track track;    ///< mover, and a foe that flies
    Patrol patrol;  ///< foe
    Formation formation;
    Trigger trigger;
    Thrower thrower;
    DoorWay door;
    int value = 1;       ///< pickup: what it counts for
    int grantTicks = 0;  ///< pickup: how long it grants, takes or moves; 0 = for good
    std::string letter;  ///< key: A to Z, by which it counts elsewhere; empty = only here
    bool operator==(const RoleData&) const = default;
};

/// Of foes: it is somewhere in every tick, though it may keep still; others come and go by their
/// timetable, where they stand.
[[nodiscard]] inline bool isOnPatrol(const RoleData& foe) {
    return foe.patrol.gait != Gait::Still || !foe.timetable;
}

inline constexpr int maxPeriodTicks = 36000;
inline constexpr int maxSpringPushPx = 64;
inline constexpr int maxTrackPoints = 64;
inline constexpr int maxMoverPace = 64000;  ///< px a tick, in thousandths
inline constexpr int maxShotPace = 64000;   ///< likewise
inline constexpr int maxShotPx = 512;
inline constexpr int maxShotTicks = 3600;

/// The closed way of a mover whose box stands there, in level px: the first corner and the last are
/// the same. Two equal corners if it stays.
[[nodiscard]] std::vector<PxPoint> trackOf(const Track& track, PxPoint corner);

/// A sentence if the track breaks a rule: at most 64 points, and a period of 1 to 36,000 ticks that
/// is longer than its waits.
[[nodiscard]] std::optional<std::string> flawOf(const Track& track);

/// A sentence if the thrower breaks a rule: its first shot lies within the first period.
[[nodiscard]] std::optional<std::string> flawOf(const Thrower& thrower);

/// A sentence if the formation breaks a rule: a count, distance, period or gap out of its range.
[[nodiscard]] std::optional<std::string> flawOf(const Formation& formation);
inline constexpr int maxFormation = 256;

/// The first flaw of what an entity has for its role; none if all is well.
[[nodiscard]] std::optional<std::string> flawOf(const RoleData& data);

/// A sentence if the timetable breaks a rule: 0 <= from < to <= period, 1 to 36,000 ticks.
[[nodiscard]] std::optional<std::string> flawOf(const runtime::Timetable& times);

}  // namespace rook::level
