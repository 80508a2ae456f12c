#pragma once
/// Tiles strewn by chance: where, how much, how far apart.

#include <functional>

#include "base/noise.h"
#include "level/region.h"
#include "skin/lessons.h"

namespace rook::skin {

/// Where a tile may lie, as seen from the matter.
enum class Ground : unsigned char { OnTop, Under, Beside, Inside, OpenAir };

struct ScatterRule {
    Ground where = Ground::OnTop;
    level::MatterId matter{1};  ///< of the surface or, inside, of the cell; open air: of nothing
    int share = 20;             ///< % of the cells where it may lie, 0 to 100
    int distance = 0;           ///< least number of cells between two, across and down
    int patch = 0;              ///< grows in patches of about so many cells; 0 = anywhere
    int seed = 1;
    /// Cells for which this is false are left out; null = none are.
    std::function<bool(CellPoint)> isWanted;
};

/// The cells, row by row. The same rule gives the same cells. `distance` goes before `share`: with
/// both, fewer may come. Cost: the cells of the area.
[[nodiscard]] level::CellRegion scatter(const level::Level& level, const CellRect& area,
                                        const ScatterRule& rule);

/// True if the rule may put something there. Requires: inside the level.
[[nodiscard]] bool isGround(const Grid<level::Cell>& cells, int x, int y, const ScatterRule& rule);

}  // namespace rook::skin
