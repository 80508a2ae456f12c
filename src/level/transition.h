#pragma once
/// How one picture follows another in play.

#include "level/names.h"

namespace rook::level {

/// From what is left to what is come to.
struct Transition {
    TransitionSort sort = TransitionSort::Cut;
    int ticks = 20;  ///< 1 to 600; a cut takes none
    bool operator==(const Transition&) const = default;
};
inline constexpr int maxTransitionTicks = 600;

/// What lies before the player fades while the player's middle is beyond a line of the level.
struct FadeLine {
    Facing beyond = Facing::Down;  ///< the side of the line on which it fades
    int at = 0;                    ///< px of the level, across for left and right, else down
    int ticks = 12;                ///< in which it fades and comes back, 1 to 600
    bool operator==(const FadeLine&) const = default;
};

}  // namespace rook::level
