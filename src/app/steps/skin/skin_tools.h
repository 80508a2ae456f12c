#pragma once
/// The tools of Skin: tiles laid by gestures, and cells selected to move what was set there.

#include "app/tools/tool.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<Tool> makeTileBrush();
[[nodiscard]] std::unique_ptr<Tool> makeTileLine();
[[nodiscard]] std::unique_ptr<Tool> makeTileBox();
[[nodiscard]] std::unique_ptr<Tool> makeTileFill();
[[nodiscard]] std::unique_ptr<Tool> makeSkinSelect();

}  // namespace rook::app
