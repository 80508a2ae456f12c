#pragma once
/// The tools of puzzle levels: slots by gestures in Shape, counters in Cast.

#include "app/tools/tool.h"
#include "puzzle/geometry.h"

namespace rook::app {

// Shape. The right button gives back a plain and bare slot, takes a mark off or the topmost colour.
[[nodiscard]] std::unique_ptr<Tool> makeSlotBrush();
[[nodiscard]] std::unique_ptr<Tool> makeSlotLine();
[[nodiscard]] std::unique_ptr<Tool> makeSlotBox();
[[nodiscard]] std::unique_ptr<Tool> makeSlotFill();
[[nodiscard]] std::unique_ptr<Tool> makeSlotSelect();

// Cast. The right button parks a counter of a roster, and deletes any other.
[[nodiscard]] std::unique_ptr<Tool> makeCounterPlacing();
[[nodiscard]] std::unique_ptr<Tool> makeCounterSelect();
[[nodiscard]] std::unique_ptr<Tool> makeCounterSwap();

/// Slots under a straight line between two px, each once, from the first on.
[[nodiscard]] std::vector<CellPoint> slotsAlong(const puzzle::Geometry& geometry, PxPoint from,
                                                PxPoint to);
/// Slots whose centre lies in the rectangle between two px.
[[nodiscard]] std::vector<CellPoint> slotsIn(const puzzle::Geometry& geometry, PxPoint from,
                                             PxPoint to);

}  // namespace rook::app
