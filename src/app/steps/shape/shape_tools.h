#pragma once
/// The tools of Shape: matter, stamps and slopes laid by gestures, and cells selected.

#include "app/tools/tool.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<Tool> makeMatterBrush();
/// A flight of stairs where the options, or the key that is held, want that.
[[nodiscard]] std::unique_ptr<Tool> makeMatterLine();
[[nodiscard]] std::unique_ptr<Tool> makeMatterBox();
[[nodiscard]] std::unique_ptr<Tool> makeMatterFill();
[[nodiscard]] std::unique_ptr<Tool> makeShapeSelect();

}  // namespace rook::app
