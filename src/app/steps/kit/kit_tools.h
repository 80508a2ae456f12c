#pragma once
/// The tools of kit boards. The right button removes a piece, Ctrl takes one in hand.

#include "app/tools/tool.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<Tool> makePiecePlacing();
[[nodiscard]] std::unique_ptr<Tool> makePathLaying();
[[nodiscard]] std::unique_ptr<Tool> makeRoomFilling();
[[nodiscard]] std::unique_ptr<Tool> makePortClosing();
[[nodiscard]] std::unique_ptr<Tool> makePieceSelecting();
[[nodiscard]] std::unique_ptr<Tool> makeSolidLaying();

}  // namespace rook::app
