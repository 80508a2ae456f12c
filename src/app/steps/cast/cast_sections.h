#pragma once
/// The margin of Cast and its sections, one file each.

#include "app/panels/panel_section.h"

namespace rook::app {

[[nodiscard]] MarginPanel* makeCastPanel(Session& session, QWidget* parent);

/// What an entity of that role has besides its box; hidden where that is nothing.
[[nodiscard]] PanelSection* makeRoleSection(level::Role role, const EntityId& id, Session& session,
                                            QWidget* parent);

/// How these things look otherwise than their kind; the first of them is shown.
[[nodiscard]] PanelSection* makeAppearanceSection(const std::vector<EntityId>& ids,
                                                  Session& session, QWidget* parent);

[[nodiscard]] PanelSection* makeZoneSection(Session& session, QWidget* parent);
[[nodiscard]] PanelSection* makeKindSection(Session& session, QWidget* parent);

}  // namespace rook::app
