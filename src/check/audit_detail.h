#pragma once
/// What the audit and its fixes both look for. Private to check/.

#include <atomic>
#include <vector>

#include "collide/px_maps.h"
#include "level/project.h"
#include "level/region.h"
#include "motion/step_tables.h"

namespace rook::check {

/// The space of a level that a body cannot be in, though it is open.
struct TightSpace {
    PxRect bounds;            ///< level px
    bool isPocket = false;    ///< nothing can enter it; else it is a gap between places that it can
    level::CellRegion cells;  ///< open cells that lie in it whole
};

/// Gaps first, then pockets, each from above to below. Left out is what is smaller than half a cell
/// each way, and what a gap with one mouth is: a niche. The level's own room is
/// that of its first spawn, else the largest. Not all, or none, once `cancel` is true.
[[nodiscard]] std::vector<TightSpace> tightSpaces(const level::Project& project,
                                                  const level::Level& level,
                                                  const motion::StepTables& tables,
                                                  const std::atomic<bool>* cancel = nullptr);

/// True if the level's cell is solid; `outside` beyond the border.
[[nodiscard]] bool isSolidCell(const level::Project& project, const level::Level& level, int x,
                               int y, bool outside = false);

}  // namespace rook::check
