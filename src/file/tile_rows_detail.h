#pragma once
/// Grids of cells and of tiles in files, row by row. Private to file/; reading throws
/// `ReadFailure`.

#include "file/by_hand_detail.h"

namespace rook::file {

/// The rows of `matter`, as many as the grid has; by the legend, which `kept` gets, if it is not
/// null and there is one, else by runs.
void readMatterRows(ObjectReader& reader, const level::Project& project, Grid<level::Cell>& cells,
                    std::vector<level::LegendEntry>* kept);

/// Runs of tiles of one sheet side by side in one row: `at`, `sheet`, `tiles` (0 = nothing is to be
/// drawn there) and, where there are any, `flips`.
[[nodiscard]] std::vector<Json> tileRuns(const level::Project& project,
                                         const Grid<level::Tile>& grid);
/// The tiles under `tiles`, as large as the board; 0 x 0 if there are none.
[[nodiscard]] Grid<level::Tile> readTiles(ObjectReader& reader, const FileContext& context);
/// 1 across, 2 down, added up.
[[nodiscard]] int flipOf(level::Tile tile);

}  // namespace rook::file
