#pragma once
/// A body between two ticks, what is wished of it in one, and how it begins. C++17 and the headers
/// beside it. Units: px and ticks; y grows downwards.

#include "rook_world.hpp"

namespace rook::runtime {

/// `Sprung`: in the air, and thrown by a spring in the next tick.
enum class Stance : unsigned char { Standing, Airborne, Climbing, Swimming, Sprung, Ended };

/// One body between two ticks. `tick` is the next tick's number. All from `phase` to `push` counts
/// in the air only, and is 0 elsewhere; so bodies that are equal will do the same.
struct Body {
    int x = 0;
    int y = 0;
    Stance stance = Stance::Airborne;
    int phase = 0;
    int table = 0;        ///< 0: the body's own; 2 i + 1 and 2 i + 2: spring i's high and low one
    int airJumps = 0;     ///< left
    int coyoteTicks = 0;  ///< left
    int push = 0;         ///< away from a wall: -1 to the left, 1 to the right; 0 if not pushed
    int spring = 0;       ///< the one that throws, while sprung
    HeldSet held = 0;
    /// Of what lasts for a time, in the order of the gains; 0 for what is not held.
    std::array<std::uint16_t, mostTimers> ticksLeft{};
    BeatenList beaten{};  ///< foes and shots that are gone
    long long tick = 0;
};

/// Events of one tick, to be added up. The first that applies counts, in the order take hold, swap,
/// jump, drop, let go; use goes with any of them.
enum Button : unsigned {
    jumpButton = 1,
    letGoButton = 2,
    dropButton = 4,
    takeHoldButton = 8,
    swapButton = 16,
    useButton = 32
};

struct Input {
    int dx = 0;  ///< px wished sideways, cut to the table
    int dy = 0;  ///< px wished up or down, climbing, swimming or seen from above
    unsigned buttons = 0;
};

/// A body at the start of a run: bottom centre on the bottom centre of `start`, standing if there
/// is floor, else in the air at the top phase; ended if that place is not live. `held`: what it has
/// from the first moment on.
template <typename Place>
Body bodyAt(const Box& start, const Place& world, const MotionTables& own, HeldSet held = 0) {
    const MotionTables& tables = tablesOf(own, world.profileOf(held));
    const int slack = start.width - tables.bodyWidth;
    Body body;
    body.x = start.x + (slack >= 0 ? slack / 2 : -((1 - slack) / 2));
    body.y = start.y + start.height - tables.bodyHeight;
    body.held = held;
    const Moment now = world.momentOf(held, 0);
    if (!world.isLive(body.x, body.y, now)) {
        body.stance = Stance::Ended;
    } else if (tables.fromAbove || world.hasFloor(body.x, body.y, now)) {
        body.stance = Stance::Standing;
    } else {
        body.phase = tables.topPhase;
        if (now.abilities & setOf(Ability::AirJump)) body.airJumps = tables.airJumps;
    }
    return body;
}

}  // namespace rook::runtime
