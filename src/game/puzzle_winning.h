#pragma once
/// Puzzle levels are won by their goal, and by nothing else.

#include "game/winning.h"

namespace rook::game {

/// One way, without an exit. Cost: as solving the puzzle.
[[nodiscard]] Winning winningOfPuzzle(const level::Project& project, const level::Level& level,
                                      const reach::Limits& limits);

}  // namespace rook::game
