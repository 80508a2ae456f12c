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

/// A rectangle of cells that was copied.
struct CellClip {
    Grid<Cell> cells{0, 0};
    bool operator==(const CellClip&) const = default;
};

/// Lays `cell` on all cells of the region, clipped to the level. `verb` begins the name: "Lay",
/// "Fill". An open cell erases, whatever the verb.
[[nodiscard]] LevelEdit layCells(const Project& project, const Level& level,
                                 const CellRegion& region, Cell cell, const std::string& verb);

/// Lays matter in forms of their own, cell by cell; what lies outside the level is left out.
/// Errors: NotApplicable if the matter cannot take one of the forms.
[[nodiscard]] Result<LevelEdit> layShaped(const Project& project, const Level& level,
                                          const std::vector<ShapedCell>& cells, MatterId matter);

/// The cells of a region turned about, in place: mirrored, or turned by a quarter to the right (the
/// upper left corner stays). `to` is where they lie then.
struct TurnedCells {
    LevelEdit edit;
    CellRect to;
};
enum class Turning { MirrorSideways, MirrorTopToBottom, QuarterRight, QuarterLeft };
/// Errors: NotApplicable if a form has no counterpart, or the turned rectangle leaves the level.
[[nodiscard]] Result<TurnedCells> turnCells(const Level& level, const CellRect& rect,
                                            Turning turning);
/// Lays `to` in place of one matter, or of open air, forms kept where `to` can take them.
/// Errors: NotApplicable if nothing there is of that matter, or a form cannot be kept.
[[nodiscard]] Result<LevelEdit> replaceMatter(const Project& project, const Level& level,
                                              const CellRect& rect, MatterId from, MatterId to);

[[nodiscard]] CellClip copyCells(const Level& level, const CellRect& rect);
/// Lays a clip with its upper left corner at `at`; its open cells leave what is there.
[[nodiscard]] LevelEdit pasteCells(const Level& level, const CellClip& clip, CellPoint at);
/// Empties `from` and lays what stood there `dx`, `dy` cells away; what leaves the level is cut.
[[nodiscard]] LevelEdit moveCells(const Level& level, const CellRect& from, int dx, int dy);

/// Places an entity of the kind; its box must lie inside the level.
/// Errors: OutOfRange outside the level; NotApplicable if the kind's limit is met.
[[nodiscard]] Result<LevelEdit> placeEntity(const Level& level, const Kind& kind, PxPoint corner,
                                            Facing facing);
/// Moves entities by `dx`, `dy` px. Errors: OutOfRange if one would leave the level, BadReference.
[[nodiscard]] Result<LevelEdit> moveEntities(const Level& level, const std::vector<EntityId>& ids,
                                             int dx, int dy);
[[nodiscard]] LevelEdit deleteEntities(const Level& level, const std::vector<EntityId>& ids);
/// Replaces the entity of the same id. Errors: BadReference, OutOfRange outside the level.
[[nodiscard]] Result<LevelEdit> changeEntity(const Level& level, Entity entity,
                                             const std::string& name);

}  // namespace rook::level
