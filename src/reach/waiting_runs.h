#pragma once
/// Runs among hazards that are on at times.

#include "reach/proof_run.h"

namespace rook::reach {

/// The run with stays put in where the body rests, so that it meets no timed hazard while that is
/// on, and still ends at the goal; none if no way of waiting along this run does. `run` is one that
/// replays without timed hazards. Exact for this run, and as soon as by every tick of waiting up to
/// a whole common period at every rest. Cost: ticks of the run x common period, at most.
[[nodiscard]] std::optional<Run> waitingRun(const Problem& problem, const Run& run,
                                            const PxRect& goal);

/// The positions, of the frame of `Reached`, at which a body is deadly at some ticks and not at
/// others, among those visited. No bits if there are none.
[[nodiscard]] BitMap riskyPositions(const Problem& problem, const Reached& reached);

}  // namespace rook::reach
