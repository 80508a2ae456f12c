#pragma once
/// Edits of the levels that a project has, and of their order.

#include "level/edits.h"

namespace rook::level {

/// The level of that id so many places later (or earlier) in the order of play, as far as there are
/// places.
[[nodiscard]] ProjectEdit moveLevel(const Project& project, const LevelId& id, int by);
/// The order of play. Errors: BadReference unless each level is named once.
[[nodiscard]] Result<ProjectEdit> orderLevels(const Project& project,
                                              const std::vector<LevelId>& order);

/// What a new level is, before anything stands in it.
struct NewLevel {
    std::string title;  ///< empty = "Level 7", by its number
    LevelKind kind = LevelKind::Side;
    int columns = 60;  ///< cells
    int rows = 34;     ///< cells
    CellSize cellSize;
    std::string background;  ///< empty = as that of `after`
    LevelId after;           ///< it comes after that level; empty = at the end
};

struct AddedLevel {
    ProjectEdit edit;
    LevelId level;
};
/// What is usual for a level of that kind after that one.
[[nodiscard]] NewLevel usualLevel(const Project& project, LevelKind kind, const LevelId& after);
/// A new empty level; its id is made of its title. A level of pieces is of the project's first
/// kit, which it must have. Errors: OutOfRange for a size outside 1 to 16,384 cells of 1 to 512 px,
/// or above 10,000 levels.
[[nodiscard]] Result<AddedLevel> addLevel(const Project& project, const NewLevel& wish);
/// The level as it is, with the id and the title "Title 2", after it. Exits and all else are kept;
/// kept runs go with it. Errors: BadReference; OutOfRange above 10,000 levels.
[[nodiscard]] Result<AddedLevel> duplicateLevel(const Project& project, const LevelId& id);
/// The project without it. What leads there leads nowhere then (game/flow.h tells what does).
/// Errors: NotApplicable for the last one that there is; BadReference.
[[nodiscard]] Result<ProjectEdit> removeLevel(const Project& project, const LevelId& id);
/// Another id, everywhere: exits, fields that name levels, the start of the game and what follows
/// its last level, places on the game map. Errors: BadReference; OutOfRange for an id that is not
/// plain or taken.
[[nodiscard]] Result<ProjectEdit> changeLevelId(const Project& project, const LevelId& from,
                                                const LevelId& to);

/// Cells that a room has at first: a floor two cells high, and walls and a ceiling of one, of the
/// first solid matter. Levels of pieces, and projects without such a matter, stay empty.
[[nodiscard]] LevelEdit layFloorAndWalls(const Project& project, const Level& level);

}  // namespace rook::level
