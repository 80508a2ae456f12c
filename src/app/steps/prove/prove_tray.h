#pragma once
/// Abilities that are lent or taken away, and what is shown.

#include "app/panels/tray_parts.h"

namespace rook::app {

[[nodiscard]] std::unique_ptr<TrayParts> makeProveTray(Session& session, QWidget* cards,
                                                       QWidget* options);

/// On kit boards: what the body can, in words.
[[nodiscard]] std::unique_ptr<TrayParts> makeKitProveTray(Session& session, QWidget* cards,
                                                          QWidget* options);

}  // namespace rook::app
