#pragma once
/// The tools of Cast.

#include "app/steps/cast/cast_options.h"
#include "app/tools/tool.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<Tool> makePlaceTool();
[[nodiscard]] std::unique_ptr<Tool> makeEntitySelect();
[[nodiscard]] std::unique_ptr<Tool> makeLinkTool();
[[nodiscard]] std::unique_ptr<Tool> makeZoneTool();

/// Of those that lie over each other, the topmost first: the place of the one `by` places behind
/// the chosen one. Requires: there is one.
[[nodiscard]] std::size_t nextBehind(const std::vector<const level::Entity*>& all,
                                     const Selection& selection, int by);

/// A corner snapped so that a box of that size stands in the middle of a cell, on its lower border,
/// or at half cells or px.
[[nodiscard]] PxPoint snapped(PxPoint pointer, const level::Kind& kind, CellSize cell, Snap snap);

}  // namespace rook::app
