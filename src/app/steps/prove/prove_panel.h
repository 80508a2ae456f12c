#pragma once
/// Prove's margin: the verdict in words, the findings, and how the body moves.

#include "app/panels/panel_section.h"

namespace rook::app {

[[nodiscard]] MarginPanel* makeProvePanel(Session& session, QWidget* parent);
/// On kit boards: nothing about jumps.
[[nodiscard]] MarginPanel* makeKitProvePanel(Session& session, QWidget* parent);

}  // namespace rook::app
