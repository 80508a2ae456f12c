#pragma once
/// Pencils, beads or things as cards, and how one draws.

#include "app/panels/tray_parts.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<TrayParts> makeSketchTray(Session& session, QWidget* cards,
                                                        QWidget* options);

}  // namespace rook::app
