#pragma once
/// Edits of what is set by hand over the dressing.

#include "level/edits.h"

namespace rook::level {

inline constexpr int onMasses = -1;

/// Sets the tiles of `pattern` on all cells of the region, clipped to the level: repeated, its
/// upper left corner at `origin`. Cells of it that are none leave what is there.
/// On the masses or, from 0, on one of the level's layers. Requires: it has that layer.
[[nodiscard]] LevelEdit setTiles(const Level& level, const CellRegion& region,
                                 const Grid<Tile>& pattern, CellPoint origin, int layer = onMasses);
/// Gives the region back to the dressing, or clears it on a layer, masses and all.
[[nodiscard]] LevelEdit clearTiles(const Level& level, const CellRegion& region,
                                   int layer = onMasses);

/// Lays a cell on a layer's own masses, for the swatches to dress; open takes away. Requires: the
/// level has that layer.
[[nodiscard]] LevelEdit layOnLayer(const Level& level, const CellRegion& region, Cell cell,
                                   int layer);
/// What was set by hand in `from`, and a layer's own masses there, goes `dx`, `dy` cells away over
/// what is set there; what leaves the level is cut.
[[nodiscard]] LevelEdit moveTiles(const Level& level, const CellRegion& from, int dx, int dy,
                                  int layer = onMasses);

/// Errors: OutOfRange for more than 32.
[[nodiscard]] Result<LevelEdit> addLayer(const Level& level, bool isFront, const std::string& name);
/// Requires: the level has that layer.
[[nodiscard]] LevelEdit removeLayer(const Level& level, int layer);
/// Replaces all of the layer but its tiles and masses. Requires: as above.
[[nodiscard]] LevelEdit changeLayer(const Level& level, int layer, const TileLayer& value,
                                    const std::string& name);
/// One place nearer (1) or farther (-1), across the masses too: a layer behind them then comes
/// before them. Nothing where it is the last that way.
[[nodiscard]] LevelEdit moveLayer(const Level& level, int layer, int by);
/// So many such places, and where it then is. Requires: the level has that layer.
struct MovedLayer {
    LevelEdit edit;
    int layer = 0;
};
[[nodiscard]] MovedLayer moveLayerFar(const Level& level, int layer, int by);

/// These cells of a swatch become a motif; or, if some of them are in one, that is none any more.
/// Errors: OutOfRange for less than two cells, more than 4 on a side, or cells outside.
[[nodiscard]] Result<LevelEdit> toggleMotif(const Level& swatch, const CellRect& cells);
/// True if some of the cells are in a motif.
[[nodiscard]] bool meetsMotif(const Level& swatch, const CellRect& cells);

/// Cells that a tile is set on by hand. Cost: reads the level's tiles.
[[nodiscard]] std::int64_t tileCount(const Level& level);

}  // namespace rook::level
