#pragma once
/// Runs that ride on movers. Private to reach/.

#include "reach/arrivals.h"

namespace rook::reach {

/// Follows a way with rides, by the clock: waits where the body rests until a mover comes, walks on
/// it while it carries, and leaves it in the very tick from which the way goes on. None if no
/// waiting does, or if the common period is above 65,536 ticks. The run replays with all parts and
/// ends with the first tick that meets the goal. Cost: ticks of the way x common period, at most.
[[nodiscard]] std::optional<Run> ridingRun(const Problem& problem, const std::vector<Move>& way,
                                           const Exploration& exploration,
                                           const std::optional<runtime::Input>& lastTick,
                                           const PxRect& goal);

}  // namespace rook::reach
