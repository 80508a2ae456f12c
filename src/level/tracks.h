#pragma once
/// Tracks as the ways that movers go, tick by tick.

#include "level/role_data.h"
#include "rook_parts.hpp"

namespace rook::level {

/// Ticks that are waited in one round, all passings of all points taken together.
[[nodiscard]] std::int64_t waitsOf(const Track& track);
/// Ticks of one round: as it says, or as its pace and its waits make it; 1 at least.
[[nodiscard]] std::int64_t periodOf(const Track& track);
/// True if the track alone says where the mover is: legs along one axis, an even pace by its
/// period, no waits.
[[nodiscard]] bool isPlain(const Track& track);
/// The mover that begins with that box. Requires: the track breaks no rule. Cost: its period,
/// unless it is plain.
[[nodiscard]] runtime::Mover moverOf(const Track& track, const PxRect& box);

}  // namespace rook::level
