#pragma once
/// Traps: where a body can get to but never finish from.

#include "reach/solver.h"

namespace rook::reach {

/// Maps are of the frame of `Reached`.
struct Traps {
    Completion completion = Completion::Complete;
    BitMap positions;  ///< stood, climbed or swum at, with some set of things, and no exit is met
                       ///< from there whatever one does
    [[nodiscard]] bool isAny() const { return positions.count() > 0; }
};

/// Exact: places that lead to each other (a run of floor, a connected part of a ladder or a liquid)
/// are looked at together, those nearest an exit first; from each, all that can be reached is
/// solved until an exit or a place that is known to lead to one is met. What never meets one is a
/// trap, and so is all that it reaches. Empty if there is no exit, or none is ever met.
/// Cost: one short solve a place.
[[nodiscard]] Traps trapsOf(const Problem& problem, const std::vector<PxRect>& exits,
                            const Limits& limits = {});

}  // namespace rook::reach
