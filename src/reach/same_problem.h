#pragma once
/// What two problems have in common, for what is solved again after an edit. Private to reach/.

#include "reach/solver.h"

namespace rook::reach {

/// True if start, edges, motion and parts are the same, whatever the cells.
[[nodiscard]] bool isSameButForCells(const Problem& a, const Problem& b);

/// The rectangle around all cells that differ. Requires: frames of the same size.
[[nodiscard]] CellRect changedCells(const Problem& a, const Problem& b);

}  // namespace rook::reach
