#pragma once
/// Tracks and groups as the runtime knows them: where each is, tick by tick.

#include "level/project.h"
#include "rook_parts.hpp"
#include "rook_patrol.hpp"

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

/// The formation that an entity is; members are as large as their kind, or as the entity if there
/// is no such kind.
[[nodiscard]] runtime::Formation formationOf(const Project& project, const Entity& entity);

}  // namespace rook::level
