#pragma once
/// Many of a kind at once, spread evenly over some cells.

#include "level/edits.h"
#include "level/region.h"

namespace rook::cast {

/// Places so many of a kind in the cells: each with its foot on the middle of a cell's lower
/// border, in open space, where its standing rule holds, off other entities. They are spread evenly
/// from left to right; fewer if there are not so many places. Requires: count > 0. Errors:
/// NotApplicable if there is no place at all or the kind's limit is met. Cost: the cells, times the
/// entities near them.
[[nodiscard]] Result<level::LevelEdit> placeSpread(const level::Project& project,
                                                   const level::Level& level,
                                                   const level::Kind& kind,
                                                   const level::CellRegion& cells, int count,
                                                   level::Facing facing);

}  // namespace rook::cast
