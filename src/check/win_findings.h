#pragma once
/// Findings about winning a level: goals that cannot be met, exits by which nobody wins.

#include "check/finding.h"
#include "game/winning.h"

namespace rook::check {

/// `verdict` and `winning` are of this very level.
[[nodiscard]] std::vector<Finding> winFindings(const level::Level& level,
                                               const reach::Verdict& verdict,
                                               const game::Winning& winning);

}  // namespace rook::check
