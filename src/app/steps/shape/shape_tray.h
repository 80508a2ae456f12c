#pragma once
/// Shape's cards and options.

#include "app/panels/tray_parts.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<TrayParts> makeShapeTray(Session& session, QWidget* cards,
                                                       QWidget* options);

}  // namespace rook::app
