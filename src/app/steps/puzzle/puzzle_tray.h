#pragma once
/// What slots are given, and which counters are placed.

#include "app/panels/tray_parts.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<TrayParts> makeSlotTray(Session& session, QWidget* cards,
                                                      QWidget* options);
[[nodiscard]] std::unique_ptr<TrayParts> makeCounterTray(Session& session, QWidget* cards,
                                                         QWidget* options);
[[nodiscard]] std::unique_ptr<TrayParts> makePuzzleProveTray(Session& session, QWidget* cards,
                                                             QWidget* options);

}  // namespace rook::app
