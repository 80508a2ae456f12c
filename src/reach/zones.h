#pragma once
/// Zones and what leads from one to another.

#include "reach/verdict.h"

namespace rook::reach {

/// A stretch of a border between two zones that bodies cross; by the middle of their box, as the
/// runtime tells in which zone a body is.
struct Crossing {
    ZoneId from;
    ZoneId to;
    PxRect place;                    ///< px of the middles on the far side of the border
    std::optional<PxPoint> respawn;  ///< upper left corner of the body that stands nearest in `to`
    runtime::AbilitySet needs = 0;   ///< without any of these nobody crosses there
    bool operator==(const Crossing&) const = default;
};

/// Each stretch twice, once for each way; by zone, in their order. Places where a body was on both
/// sides, px by px, so exact but for the way round. Of zones that overlap, the first counts.
/// Cost: the borders in px, and a square of 512 px around each crossing.
[[nodiscard]] std::vector<Crossing> crossingsOf(const level::Level& level, const Answer& answer);

/// The same, with what each needs: one solve for each ability that bodies have.
[[nodiscard]] std::vector<Crossing> withNeeds(const level::Project& project,
                                              const level::Level& level,
                                              std::vector<Crossing> crossings,
                                              const Limits& limits = {});

/// The zone that holds the middle of a body at that corner; null if none does.
[[nodiscard]] const level::Zone* zoneOf(const level::Level& level,
                                        const runtime::MotionTables& tables, PxPoint corner);

}  // namespace rook::reach
