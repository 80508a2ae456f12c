#pragma once
/// The sections of Skin, one file each.

#include "app/panels/panel_section.h"

namespace rook::app {

[[nodiscard]] PanelSection* makeSheetSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeSwatchSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeCoverageSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeTileSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeTileCellsSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeScatterSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeLayerSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeBackdropSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeLookSection(Session& session, QWidget* parent);

}  // namespace rook::app
