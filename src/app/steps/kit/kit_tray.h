#pragma once
/// Pieces, and how the one in hand is turned.

#include "app/panels/tray_parts.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<TrayParts> makeKitTray(Session& session, QWidget* cards,
                                                     QWidget* options);

}  // namespace rook::app
