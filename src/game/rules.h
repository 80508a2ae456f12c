#pragma once
/// The document as rules that games play by (runtime/rook_game.hpp).

#include "level/project.h"
#include "rook_game.hpp"

namespace rook::game {

[[nodiscard]] runtime::GameRules rulesOf(const level::Project& project);
/// Goals whose kind or tally is not there cannot be met; "all" is the number that stand in the
/// level. Of goals to beat, members of formations count too. Cost: the number of entities.
[[nodiscard]] runtime::LevelRules rulesOf(const level::Project& project, const level::Level& level,
                                          const runtime::GameRules& game);

/// The first text of that moment; null if there is none.
[[nodiscard]] const level::Words* wordsAt(const level::Level& level, level::WordsWhen when);
[[nodiscard]] const level::Words* wordsAt(const level::Game& game, level::WordsWhen when);
/// The text of that id; null if there is none.
[[nodiscard]] const level::Words* findWords(const level::Level& level, const std::string& id);

}  // namespace rook::game
