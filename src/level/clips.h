#pragma once
/// Edits of selected cells: copy, move, turn, stretch, replace; and patterns that repeat.

#include "level/edits.h"

namespace rook::level {

/// A rectangle of cells that was copied. Its open cells leave what is there when it is pasted.
struct CellClip {
    Grid<Cell> cells{0, 0};
    bool operator==(const CellClip&) const = default;
    [[nodiscard]] bool isEmpty() const { return cells.bounds().isEmpty(); }
};

/// The region's cells in its bounds, clipped to the level; those outside the region are open.
[[nodiscard]] CellClip copyCells(const Level& level, const CellRegion& region);
/// Lays a clip with its upper left corner at `at`.
[[nodiscard]] LevelEdit pasteCells(const Level& level, const CellClip& clip, CellPoint at);
/// Empties `from` and lays what stood there `dx`, `dy` cells away; what leaves the level is cut.
/// Blocks that were laid wholly inside go along.
[[nodiscard]] LevelEdit moveCells(const Level& level, const CellRegion& from, int dx, int dy);

/// The cells of a region turned about, in place: mirrored, or turned by a quarter to the right (the
/// upper left corner of its bounds stays). `to` is where they lie then.
struct TurnedCells {
    LevelEdit edit;
    CellRegion to;
};
enum class Turning { MirrorSideways, MirrorTopToBottom, QuarterRight, QuarterLeft };
/// Errors: NotApplicable if a form has no counterpart, or the turned cells leave the level.
[[nodiscard]] Result<TurnedCells> turnCells(const Level& level, const CellRegion& region,
                                            Turning turning);
/// The rectangle with its edges drawn to those of `to`: the outermost column or row is repeated
/// where it grows; where it shrinks, what is left over is emptied. Clipped to the level.
[[nodiscard]] LevelEdit stretchCells(const Level& level, const CellRect& rect, const CellRect& to);

/// Lays `to` in place of one matter, or of open air, forms kept where `to` can take them.
/// Errors: NotApplicable if nothing there is of that matter, or a form cannot be kept.
[[nodiscard]] Result<LevelEdit> replaceMatter(const Project& project, const Level& level,
                                              const CellRegion& region, MatterId from, MatterId to);

/// Lays the clip over and over, one upper left corner at `anchor`, on the cells of the region: its
/// open cells too. Requires: the clip is not empty.
[[nodiscard]] LevelEdit layPattern(const Level& level, const CellRegion& region,
                                   const CellClip& clip, CellPoint anchor);

}  // namespace rook::level
