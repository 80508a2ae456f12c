#pragma once
/// What the tools of Sketch share; one file a tool.

#include "app/tool.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<Tool> makePencil();
[[nodiscard]] std::unique_ptr<Tool> makeRouteTool();
/// Things, or labels.
[[nodiscard]] std::unique_ptr<Tool> makeWordsTool(level::MarkShape shape);
[[nodiscard]] std::unique_ptr<Tool> makeSketchSelect();

/// The nearest half cell, if the options want that.
[[nodiscard]] PxPoint sketchSnapped(const ToolInput& input, PxPoint px);
/// `to` moved so that the line is horizontal, vertical or at 45 degrees.
[[nodiscard]] PxPoint straightPx(PxPoint from, PxPoint to);
/// The edit, or why there is none.
void addTo(ToolOutcome& outcome, const Result<level::LevelEdit>& edit);

}  // namespace rook::app
