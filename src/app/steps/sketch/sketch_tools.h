#pragma once
/// What the tools of Sketch share; one file a tool.

#include "app/steps/sketch/sketch_options.h"
#include "app/tools/tool.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<Tool> makePencil();
[[nodiscard]] std::unique_ptr<Tool> makeRouteTool();
/// Things, or labels.
[[nodiscard]] std::unique_ptr<Tool> makeWordsTool(level::MarkShape shape);
[[nodiscard]] std::unique_ptr<Tool> makeSketchSelect();

[[nodiscard]] inline int leafInHand(const ToolInput& input) {
    return leafInHand(*input.options, *input.level);
}
[[nodiscard]] inline int routeInHand(const ToolInput& input) {
    return routeInHand(*input.options, *input.level);
}

/// The nearest half cell, if the options want that.
[[nodiscard]] PxPoint sketchSnapped(const ToolInput& input, PxPoint px);
/// `to` moved so that the line is horizontal, vertical or at 45 degrees.
[[nodiscard]] PxPoint straightPx(PxPoint from, PxPoint to);

}  // namespace rook::app
