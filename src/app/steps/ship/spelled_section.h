#pragma once
/// The section of Ship that says what bundles spell out.

#include "app/panels/panel_section.h"

namespace rook::app {

[[nodiscard]] PanelSection* makeSpelledSection(Session& session, QWidget* parent);

}  // namespace rook::app
