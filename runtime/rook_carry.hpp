#pragma once
/// What is carried from level to level: how a level begins with abilities in hand. C++17 and the
/// headers beside it.

#include "rook_parts.hpp"

namespace rook::runtime {

/// Abilities in a game that carries them.
struct CarriedAbilities {
    AbilitySet granted = 0;  ///< that lasting pickups of any level of the game grant
    AbilitySet inHand = 0;   ///< of these, that one has at the arrival
};

/// The tables and gains of a level that begins so: what some level grants is held nowhere until it
/// is gained or carried; what is carried is held from the start, and granting it again changes
/// nothing. `tables` and `parts` are those of the level by itself.
inline void beginWith(const CarriedAbilities& carried, MotionTables& tables, Parts& parts) {
    AbilitySet here = 0;
    for (Gain& gain : parts.gains) {
        gain.grants &= ~carried.inHand;
        here |= gain.grants;
    }
    tables.abilities &= ~(carried.granted & ~carried.inHand & ~here);
}

}  // namespace rook::runtime
