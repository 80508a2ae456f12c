#pragma once
/// The margin of Shape and its sections, one file each.

#include "app/panels/panel_section.h"

namespace rook::app {

[[nodiscard]] MarginPanel* makeShapePanel(Session& session, QWidget* parent);

[[nodiscard]] PanelSection* makeMatterSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeJumpSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeCollisionSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeGrowSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeStampSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeBlockSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeBoardSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeCellsSection(Session& session, QWidget* parent);

}  // namespace rook::app
