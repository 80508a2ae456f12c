#pragma once
/// What leads where between levels. Exits that name a level keep to it however the running order
/// changes; the others follow the order.

#include <string>

#include "level/project.h"

namespace rook::game {

/// Where something leads.
struct Destination {
    enum class Sort : unsigned char { Level, End, Nowhere };
    Sort sort = Sort::End;
    LevelId level;         ///< of a level
    EntityId entry;        ///< there, where it begins: the first spawn unless another is named
    bool isNamed = false;  ///< the entry was; else a level may choose among its spawns
    std::string problem;   ///< why it leads nowhere, without a full stop
    bool operator==(const Destination&) const = default;
};

/// Where an exit of a level leads. Swatches lead to the end.
/// Cost: the number of levels, and of entities of the level that it leads to.
[[nodiscard]] Destination destinationOf(const level::Project& project, const level::Level& from,
                                        const level::ExitTarget& exit);
/// Where the game begins.
[[nodiscard]] Destination startOf(const level::Project& project);
/// What winning the last level leads to.
[[nodiscard]] Destination afterLast(const level::Project& project);
/// The level after that one in the running order; empty after the last.
[[nodiscard]] LevelId levelAfter(const level::Project& project, const LevelId& id);

/// An exit, or a setting of the game, that names a level.
struct Leading {
    LevelId from;   ///< empty = the game's start, or what follows its last level
    EntityId exit;  ///< empty likewise
    bool operator==(const Leading&) const = default;
};
/// All ways out of the levels, in the order of play: their exits, and of puzzle levels that they
/// are solved (of no exit). Cost: all entities.
[[nodiscard]] std::vector<Leading> waysOut(const level::Project& project);
/// Where a way out leads. Requires: the project has it.
[[nodiscard]] Destination destinationOf(const level::Project& project, const Leading& way);
/// All that name the level, in the order of play. Exits that go on to the next level name none.
[[nodiscard]] std::vector<Leading> whatNames(const level::Project& project, const LevelId& id);

}  // namespace rook::game
