#pragma once
/// The section of Ship about the target that is chosen.

#include "app/panels/panel_section.h"

namespace rook::app {

[[nodiscard]] PanelSection* makeTargetSection(Session& session, QWidget* parent);

}  // namespace rook::app
