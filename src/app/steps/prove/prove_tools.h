#pragma once
/// The tools of Prove: they ask, and leave the document as it is. Probe does nothing by itself.

#include "app/tools/tool.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<Tool> makeRunToTool();
[[nodiscard]] std::unique_ptr<Tool> makeMeasureTool();
[[nodiscard]] std::unique_ptr<Tool> makeCloseOffTool();
[[nodiscard]] std::unique_ptr<Tool> makeWalkFromTool();

}  // namespace rook::app
