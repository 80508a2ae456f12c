#pragma once
/// Why is it out of reach? How near a body comes, which ability would do, which ledge would.

#include "check/finding.h"
#include "level/edits.h"

namespace rook::check {

/// The findings with reasons added to those of things out of reach: how near a body comes, which
/// single ability would do, and as a fix the nearest ledge of up to three cells that would. Nothing
/// is changed where a solve takes too long for that (`reach::mostCostForComfort`).
/// Cost: up to sixty short solves for each of the first eight things. As they were if cancelled.
[[nodiscard]] std::vector<Finding> withReasons(const level::Project& project,
                                               const level::Level& level,
                                               const reach::Analysis& depth,
                                               std::vector<Finding> findings,
                                               const std::atomic<bool>* cancel = nullptr);

/// The ledge that such a fix lays. Errors: NotApplicable if the fix names none.
[[nodiscard]] Result<level::LevelEdit> layLedge(const level::Project& project,
                                                const level::Level& level, const Finding& finding);

}  // namespace rook::check
