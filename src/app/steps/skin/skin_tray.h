#pragma once
/// Swatches as cards, and the options of what is set by hand.

#include "app/panels/tray_parts.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<TrayParts> makeSkinTray(Session& session, QWidget* cards,
                                                      QWidget* options);

}  // namespace rook::app
