#pragma once
/// The tiles that a board wears.
///
/// What a cell wears depends on the cells up to seven away (four, but for motifs), on the
/// tilingRules, on the seeds of level and swatch and on its place, and on nothing else. So any part
/// of a board may be dressed by itself, and after an edit only what is within `reachOfDressing` of
/// it.

#include "skin/tiling_rules.h"

namespace rook::skin {

/// Cells: a motif that covers a cell may give way to one that begins beyond it.
inline constexpr int reachOfDressing = 2 * (level::maxMotifSide - 1) + 1;
static_assert(reachOfDressing > mostDepth);

struct Dressed {
    CellRect area;
    std::vector<level::Tile> tiles;     ///< row by row; none where nothing is to be drawn
    std::vector<std::uint8_t> guessed;  ///< 1 where the nearest case stands for one not shown

    [[nodiscard]] level::Tile at(int x, int y) const { return tiles[indexOf(x, y)]; }
    [[nodiscard]] bool isGuessed(int x, int y) const { return guessed[indexOf(x, y)] != 0; }

private:
    [[nodiscard]] std::size_t indexOf(int x, int y) const {
        return static_cast<std::size_t>(y - area.y) * static_cast<std::size_t>(area.width) +
               static_cast<std::size_t>(x - area.x);
    }
};

/// Dresses `area`, clipped to the level; tiles that are set by hand come first, then motifs. Where
/// two motifs could lie over each other, the one whose place has the greater number does, wherever
/// one looks from. `salt` rolls all chances anew. Cost: some 50 ns a cell.
/// Where a zone has tilingRules of its own, they count; a motif that lies across its border is cut
/// there.
[[nodiscard]] Dressed dress(const TilingRules& tilingRules, const level::Level& level,
                            const CellRect& area, int salt = 0);

/// What one of the level's layers wears: its own masses dressed, and what was set by hand.
[[nodiscard]] Dressed dressLayer(const TilingRules& tilingRules, const level::Level& level,
                                 const level::TileLayer& layer, const CellRect& area, int salt = 0);

}  // namespace rook::skin
