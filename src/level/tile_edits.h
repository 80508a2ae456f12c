#pragma once
/// Edits of what is set by hand over the dressing.

#include "level/edits.h"

namespace rook::level {

/// Sets the tiles of `pattern` on all cells of the region, clipped to the level: repeated, its
/// upper left corner at `origin`. Cells of it that are none leave what is there.
[[nodiscard]] LevelEdit setTiles(const Level& level, const CellRegion& region,
                                 const Grid<Tile>& pattern, CellPoint origin);
/// Gives the region back to the dressing.
[[nodiscard]] LevelEdit clearTiles(const Level& level, const CellRegion& region);

/// Cells that a tile is set on by hand. Cost: reads the level's tiles.
[[nodiscard]] std::int64_t tileCount(const Level& level);

}  // namespace rook::level
