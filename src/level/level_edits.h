#pragma once
/// Edits of a level as a whole, and of the project's settings. Those of the levels that there are
/// stand in running_order.h.

#include <algorithm>

#include "level/edits.h"

namespace rook::level {

[[nodiscard]] LevelEdit renameLevel(const Level& level, const std::string& title);
/// Changes what belongs to a level and not to a cell, under that name.
template <typename Change>
[[nodiscard]] LevelEdit changeLevel(const Level& level, const std::string& name, Change&& change) {
    LevelEdit edit{level, name, {}};
    change(edit.level);
    return edit;
}
/// A name that no item of the list has: the stem, else with a number from 2 on.
template <typename Item>
[[nodiscard]] std::string freeName(const std::vector<Item>& list, std::string Item::*name,
                                   const std::string& stem) {
    const auto isTaken = [&](const std::string& wanted) {
        return std::any_of(list.begin(), list.end(),
                           [&](const Item& item) { return item.*name == wanted; });
    };
    std::string free = stem;
    for (int number = 2; isTaken(free); ++number)
        free = stem + "-" + std::to_string(number);
    return free;
}
/// The texts of a level; goals that name one whose id changed in its place name it still. Errors:
/// OutOfRange for ids that are not plain, or stand there twice.
[[nodiscard]] Result<LevelEdit> changeTexts(const Level& level, std::vector<Words> texts,
                                            const std::string& name);
/// The kit that a level of pieces is of.
[[nodiscard]] LevelEdit setKit(const Level& level, const std::string& kit);

struct KeptNow {
    LevelEdit edit;
    std::string name;  ///< "walk 3": the word and a number that makes it the only one
};
/// Keeps a run with the level, which must stay possible from now on.
[[nodiscard]] KeptNow keepRun(const Level& level, KeptRun run, const std::string& word);
/// Requires: the level has that run.
[[nodiscard]] LevelEdit removeRun(const Level& level, std::size_t at);

/// Less comfort than that, in %, is a finding; 0 = none is.
[[nodiscard]] ProjectEdit setComfortLimit(const Project& project, int percent);
/// Entities in one zone at most; 0 = any number.
[[nodiscard]] ProjectEdit setZoneBudget(const Project& project, int count);
/// What bundles spell out; ticks are brought into their range.
[[nodiscard]] ProjectEdit setBundleOptions(const Project& project, const BundleOptions& options);

/// What is decided for the whole game. Errors: OutOfRange where a rule is broken (level/game.h).
[[nodiscard]] Result<ProjectEdit> changeGame(const Project& project, Game game,
                                             const std::string& name);

/// The card of a level lies there on the game map; its upper left corner, px.
[[nodiscard]] ProjectEdit moveCard(const Project& project, const LevelId& level, PxPoint at);

[[nodiscard]] ProjectEdit addSwatch(const Project& project, Level swatch);
[[nodiscard]] ProjectEdit removeSwatch(const Project& project, const LevelId& id);

/// Sets a text in a language; an empty one is that which texts are written in. Nothing to say takes
/// a translation away.
void setText(Words& words, const std::string& language, std::string text);

}  // namespace rook::level
