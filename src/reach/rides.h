#pragma once
/// Where movers carry bodies: what a solve adds to stay above all that riding can do. Private to
/// reach/.
///
/// Movers need a clock, and rows of bits have none. So a mover that a body comes near is taken to
/// carry it to every place of its track at once: no state that riding leads to is missing then, and
/// what is not reached so is out of reach. What is reached so needs a run with the clock
/// (in_time.h), or stays undecided.

#include <optional>

#include "reach/collision_maps.h"

namespace rook::reach {

enum class Riding { No, Yes };

/// The positions, of the maps, of a body that stands on the mover somewhere on its track: one
/// rectangle a leg, within the maps. They may overlap.
[[nodiscard]] std::vector<PxRect> ridesOn(const CollisionMaps& collision,
                                          const runtime::Mover& mover);

/// The same between two ticks: a fast mover passes most px within one. Rectangles of one row.
[[nodiscard]] std::vector<PxRect> restsOn(const CollisionMaps& collision,
                                          const runtime::Mover& mover);

/// The positions of a body that has just walked off the mover somewhere on its track.
[[nodiscard]] std::vector<PxRect> edgesOf(const CollisionMaps& collision,
                                          const runtime::Mover& mover);

/// The problem without movers, and with all places closed that a body on one, or caught by one,
/// passes: what is reached in it is reached in every tick, whatever the movers do.
[[nodiscard]] Problem awayFromMovers(Problem problem);

/// True if there is something to ride.
[[nodiscard]] inline bool hasRides(const Problem& problem) {
    return !problem.parts.movers.empty() && !problem.tables.fromAbove;
}

}  // namespace rook::reach
