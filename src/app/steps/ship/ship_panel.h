#pragma once
/// The margin of Ship.

#include "app/panels/panel_section.h"

namespace rook::app {

[[nodiscard]] MarginPanel* makeShipPanel(Session& session, QWidget* parent);

}  // namespace rook::app
