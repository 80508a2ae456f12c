#pragma once
/// Kinds as cards, and how they are placed and shown.

#include "app/panels/tray_parts.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<TrayParts> makeCastTray(Session& session, QWidget* cards,
                                                      QWidget* options);

}  // namespace rook::app
