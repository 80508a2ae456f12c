#pragma once
/// Puzzle levels as games and other programs read them.

#include "file/json_text.h"
#include "level/project.h"
#include "puzzle/solver.h"

namespace rook::file {

/// The `puzzle` of an exported level: slots and counters with their places, the rule with its goal
/// and queue, the solution. Null for levels of other kinds. `isSolved`: it is solved for; else its
/// solution is said to be not decided. Errors: NotApplicable for a level that has a rule and cannot
/// be played.
[[nodiscard]] Result<Json> puzzleJson(const level::Project& project, const level::Level& level,
                                      bool isSolved = true);

/// A move, slots by their numbers.
[[nodiscard]] Json moveJson(const runtime::puzzle::Board& board, const runtime::puzzle::Move& move);
[[nodiscard]] Json movesJson(const runtime::puzzle::Board& board,
                             const std::vector<runtime::puzzle::Move>& moves);

/// The board of an exported level. Errors: BadSyntax; the sentence of the runtime loader;
/// NotApplicable for a level of another kind.
[[nodiscard]] Result<runtime::puzzle::Board> boardOfBakedLevel(const std::string& text,
                                                               const std::string& name);

}  // namespace rook::file
