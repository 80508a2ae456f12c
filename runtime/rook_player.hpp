#pragma once
/// From keys that are held to the input of one tick: how the editor's playtest and the stand-in
/// game let a person steer a body. A game may do it otherwise. C++17 and the headers beside it.

#include "rook_motion.hpp"

namespace rook::runtime {

struct PlayerKeys {
    bool left = false;
    bool right = false;
    bool up = false;    ///< takes hold of ladders and liquids, climbs
    bool down = false;  ///< drops through, climbs down
    bool jump = false;  ///< held; a rise is cut short when it is let go
    /// Ticks for which a press of jump is remembered until it is possible; set by the press.
    int jumpBufferTicks = 0;
    bool use = false;         ///< opens doors that want it
    int swapBufferTicks = 0;  ///< as for jump: swaps the profile for its other one
};
inline constexpr int jumpBuffer = 6;

namespace detail {

inline bool mayJump(const Body& body, const World& world, const MotionTables& tables) {
    switch (body.stance) {
        case Stance::Standing:
            return !tables.fromAbove;
        case Stance::Climbing:
        case Stance::Swimming:
            return true;
        case Stance::Airborne: {
            if (body.coyoteTicks > 0 || body.airJumps > 0) return true;
            const Moment now = world.momentOf(body.held, body.tick);
            if ((now.abilities & setOf(Ability::WallJump)) == 0) return false;
            return (body.push <= 0 && !world.isFree(body.x - 1, body.y, now)) ||
                   (body.push >= 0 && !world.isFree(body.x + 1, body.y, now));
        }
        case Stance::Sprung:
        case Stance::Ended:
            break;
    }
    return false;
}

}  // namespace detail

/// The input of the next tick; a press of jump that is used is forgotten.
inline Input inputOf(PlayerKeys& keys, const Body& body, const World& world,
                     const MotionTables& tables) {
    constexpr int far = 1 << 16;  // wishes are cut to the tables
    Input input;
    input.dx = (keys.right ? far : 0) - (keys.left ? far : 0);
    input.dy = (keys.down ? far : 0) - (keys.up ? far : 0);
    if (keys.use) input.buttons |= useButton;
    if (keys.swapBufferTicks > 0) {
        --keys.swapBufferTicks;
        const int profile = world.profileOf(body.held);
        if (body.stance == Stance::Standing && tablesOf(tables, profile).swapsWith >= 0) {
            keys.swapBufferTicks = 0;
            input.buttons |= swapButton;
            return input;
        }
    }
    if (tables.fromAbove) return input;
    if (keys.jumpBufferTicks > 0) {
        --keys.jumpBufferTicks;
        if (detail::mayJump(body, world, tables)) {
            input.buttons |= jumpButton;
            keys.jumpBufferTicks = 0;
        }
    }
    const bool isHolding = body.stance == Stance::Climbing || body.stance == Stance::Swimming;
    if (isHolding) return input;
    const Moment now = world.momentOf(body.held, body.tick);
    const bool climbs = (now.abilities & setOf(Ability::Climb)) != 0;
    const bool swims = (now.abilities & setOf(Ability::Swim)) != 0;
    const bool isStanding = body.stance == Stance::Standing;
    const bool mayHold = (climbs && world.meetsLadder(body.x, body.y)) ||
                         (swims && world.meetsLiquid(body.x, body.y));
    const bool mayDescend = isStanding && climbs && world.hasLadderTop(body.x, body.y);
    if ((input.buttons & jumpButton) == 0) {
        if ((keys.up || (keys.down && !isStanding)) && mayHold) input.buttons |= takeHoldButton;
        if (keys.down && mayDescend) {
            input.buttons |= takeHoldButton;
            input.dx = 0;
        }
    }
    if (keys.down && isStanding) input.buttons |= dropButton;
    // Letting go counts while the body rises; in other ticks the stepper ignores it.
    if (!keys.jump && !isStanding) input.buttons |= letGoButton;
    return input;
}

/// What stays in hand after a death: all that does not wear off, nor depends on where one is.
inline HeldSet heldForGood(const Parts& parts) {
    HeldSet held = 0;
    for (std::size_t i = 0; i < parts.gains.size(); ++i)
        if (!parts.gains[i].isTimed()) held |= HeldSet{1} << i;
    return held;
}

/// What stays beaten after a death: shots are made again.
inline BeatenList beatenForGood(const BeatenList& beaten) {
    BeatenList list;
    for (const Beaten& each : beaten)
        if (each.until < 0) list.push_back(each);
    return list;
}

/// Place among the entities of the level of what was beaten; -1 = not known.
inline int entityOf(const Beaten& beaten, const Parts& parts) {
    const auto what = static_cast<std::size_t>(beaten.what);
    return what < parts.foes.size() ? parts.foes[what].entity
                                    : parts.timed[what - parts.foes.size()].entity;
}

/// Calls `visit(entity)` for each foe that was beaten since `before`, by its place among the
/// entities of the level; of members of a formation it is that of the formation. Shots are no foes.
template <typename Visit>
void forEachBeaten(const BeatenList& before, const BeatenList& after, const Parts& parts,
                   Visit&& visit) {
    for (const Beaten& each : after)
        if (each.until < 0 && std::find(before.begin(), before.end(), each) == before.end())
            visit(entityOf(each, parts));
}

}  // namespace rook::runtime
