#pragma once
/// The section of Ship about running games that are linked.

#include "app/panels/panel_section.h"

namespace rook::app {

[[nodiscard]] PanelSection* makeLinkSection(Session& session, QWidget* parent);

}  // namespace rook::app
