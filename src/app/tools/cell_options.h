#pragma once
/// Options of tools that more than one step has: those that work on cells, and what is in hand.

#include <algorithm>
#include <optional>

#include "app/session/tool_options.h"
#include "base/grid.h"
#include "level/project.h"

namespace rook::app {

/// How the select tool takes cells: by a rectangle, by a drawn loop, or what hangs together.
enum class SelectBy { Box, Lasso, Connected };

struct CellOptions {
    level::MatterId matter{1};  ///< in hand
    int brushSize = 1;          ///< cells, 1 to 64
    bool brushIsRound = false;
    bool boxIsFilled = true;
    int frameThickness = 1;  ///< cells, 1 to 64, of boxes that are not filled
    bool fillsAll = false;   ///< all of a matter, instead of what hangs together
    SelectBy selectBy = SelectBy::Box;
    bool mirrorsSideways = false;
    bool mirrorsTopToBottom = false;

    void keepInRange() {
        brushSize = std::clamp(brushSize, 1, 64);
        frameThickness = std::clamp(frameThickness, 1, 64);
    }
};

struct TilesInHand {
    Grid<level::Tile> tiles{1, 1};  ///< none = one gives cells back to the dressing
    /// Where tiles were taken last: the board, and which of its cells.
    std::optional<std::pair<LevelId, CellRect>> tilesFrom;
    int tileSheet = 0;  ///< that tiles are taken from
};

}  // namespace rook::app
