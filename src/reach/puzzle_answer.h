#pragma once
/// Puzzle levels: what is asked, and what solving comes to.

#include "reach/verdict.h"

namespace rook::reach {

[[nodiscard]] Query puzzleQueryOf(const level::Project& project, const level::Level& level);
/// Solving the one is solving the other.
[[nodiscard]] bool isSamePuzzle(const PuzzleBoard& a, const PuzzleBoard& b);
/// Requires: a query of a puzzle level. Cost: as `puzzle::solve`.
[[nodiscard]] Answer answerOfPuzzle(const Query& query, const Limits& limits);

}  // namespace rook::reach
