#pragma once
/// Edits of the project as a whole: its levels and their order, its settings.

#include "level/edits.h"

namespace rook::level {

/// The level of that id so many places later (or earlier) in the order of play, as far as there are
/// places.
[[nodiscard]] ProjectEdit moveLevel(const Project& project, const LevelId& id, int by);
/// The order of play. Errors: BadReference unless each level is named once.
[[nodiscard]] Result<ProjectEdit> orderLevels(const Project& project,
                                              const std::vector<LevelId>& order);

struct AddedLevel {
    ProjectEdit edit;
    LevelId level;
};
/// An empty level at the end of the order, with the background of `beside` and, where the kind says
/// nothing of it, its cells. A level of pieces is of the project's first kit, which it must have.
[[nodiscard]] AddedLevel addLevel(const Project& project, LevelKind kind, const Level& beside);

[[nodiscard]] LevelEdit renameLevel(const Level& level, const std::string& title);
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
/// The bundle says of each member of a formation where it is in each tick.
[[nodiscard]] ProjectEdit setWritesMembers(const Project& project, bool writes);

[[nodiscard]] ProjectEdit addSwatch(const Project& project, Level swatch);
[[nodiscard]] ProjectEdit removeSwatch(const Project& project, const LevelId& id);

}  // namespace rook::level
