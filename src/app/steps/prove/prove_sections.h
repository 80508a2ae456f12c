#pragma once
/// The sections of Prove's margin, one file a section.

#include "app/panels/panel_section.h"

namespace rook::app {

/// The run that is shown: play, step, scrub, keep; and the runs that must stay possible.
[[nodiscard]] PanelSection* makeRunSection(Session& session, QWidget* parent);
/// Keys and tallies that one walks and proves with, as if they were in hand.
[[nodiscard]] PanelSection* makeHandSection(Session& session, QWidget* parent);
/// How the level's body moves, in the designer's values, with the jump drawn to scale.
[[nodiscard]] PanelSection* makeMotionSection(Session& session, QWidget* parent);

}  // namespace rook::app
