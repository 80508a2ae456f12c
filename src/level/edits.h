#pragma once
/// Edits: functions from a level to a level, with a name as the menu reads it and the cells
/// touched. The window, the command line and the tests all change levels by these and nothing else.

#include <optional>
#include <string>

#include "base/result.h"
#include "level/forms.h"
#include "level/project.h"
#include "level/region.h"

namespace rook::level {

struct LevelEdit {
    Level level;       ///< the value after
    std::string name;  ///< "Fill 42 cells with planking"
    CellRect touched;  ///< cells that may look different now; empty if none do
};

/// A change of the project as a whole.
struct ProjectEdit {
    Project project;   ///< the value after
    std::string name;  ///< as of a level edit
};

/// Lays `cell` on all cells of the region, clipped to the level. `verb` begins the name: "Lay",
/// "Fill". An open cell erases, whatever the verb.
[[nodiscard]] LevelEdit layCells(const Project& project, const Level& level,
                                 const CellRegion& region, Cell cell, const std::string& verb);

/// Lays matter in forms of their own, cell by cell; what lies outside the level is left out.
/// Errors: NotApplicable if the matter cannot take one of the forms.
[[nodiscard]] Result<LevelEdit> layShaped(const Project& project, const Level& level,
                                          const std::vector<ShapedCell>& cells, MatterId matter);

/// Places an entity of the kind; its box must lie inside the level.
/// Errors: OutOfRange outside the level; NotApplicable if the kind's limit is met.
[[nodiscard]] Result<LevelEdit> placeEntity(const Level& level, const Kind& kind, PxPoint corner,
                                            Facing facing);
/// Moves entities by `dx`, `dy` px. Errors: OutOfRange if one would leave the level, BadReference.
[[nodiscard]] Result<LevelEdit> moveEntities(const Level& level, const std::vector<EntityId>& ids,
                                             int dx, int dy);
[[nodiscard]] LevelEdit deleteEntities(const Level& level, const std::vector<EntityId>& ids);
/// Replaces the entity of the same id. Errors: BadReference; OutOfRange outside the level, or where
/// what it has for its role breaks a rule of its own.
[[nodiscard]] Result<LevelEdit> changeEntity(const Level& level, Entity entity,
                                             const std::string& name);

}  // namespace rook::level
