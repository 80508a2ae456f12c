#pragma once
/// The margin of Shape on kit boards, and its sections.

#include "app/painting/kit_models.h"
#include "app/panels/panel_section.h"

namespace rook::app {

[[nodiscard]] std::function<MarginPanel*(Session&, QWidget*)> kitPanelMaker();

/// What the level costs.
[[nodiscard]] PanelSection* makePartsSection(Session& session, std::shared_ptr<ModelCosts> costs,
                                             QWidget* parent);
/// The solid of that id.
[[nodiscard]] PanelSection* makeSolidSection(Session& session, int id, QWidget* parent);
/// The piece of the kit that is in hand: blocks, walls, ports, or a model.
[[nodiscard]] PanelSection* makePieceSection(Session& session, QWidget* parent);
/// As if that file were chosen there for import.
void examineModel(PanelSection* section, const QString& file);

}  // namespace rook::app
