#pragma once
/// Rooms of a level: open places that hang together.

#include <vector>

#include "level/project.h"

namespace rook::cast {

/// The bounds of each sealed room: cells that are not solid and hang together by their sides, with
/// the wall around them, one cell thick; from above to below. Rooms of fewer than `least` cells are
/// left out, as is what lies wholly in the bounds of another. Cost: the cells.
[[nodiscard]] std::vector<CellRect> roomsOf(const level::Project& project,
                                            const level::Level& level, int least = 12);

}  // namespace rook::cast
