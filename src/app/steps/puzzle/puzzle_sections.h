#pragma once
/// Sections of puzzle levels, in the margin and in the level sheet.

#include "app/panels/panel_section.h"

namespace rook::app {

/// How the slots lie: arrangement, counts, sizes, gaps. What would be lost is told before.
[[nodiscard]] PanelSection* makeSlotBoardSection(Session& session, QWidget* parent);
/// The rule with its numbers, its goal and its queue; what tallies are at the start.
[[nodiscard]] PanelSection* makeRuleSection(Session& session, QWidget* parent);
/// The colours that stacks are made of.
[[nodiscard]] PanelSection* makeColorsSection(Session& session, QWidget* parent);
/// The roster that the level has, and what is in it.
[[nodiscard]] PanelSection* makeRosterSection(Session& session, QWidget* parent);
/// The slots that are selected.
[[nodiscard]] PanelSection* makeSlotSection(Session& session, QWidget* parent);
/// The counters that are selected.
[[nodiscard]] PanelSection* makeCounterSection(Session& session, QWidget* parent);
/// The kind of counter in hand: its cells, turns, ways of sliding, pushing.
[[nodiscard]] PanelSection* makeCounterKindSection(Session& session, QWidget* parent);
/// What solving comes to: figures, moves, dead states, the least moves of all levels.
[[nodiscard]] PanelSection* makeSolutionSection(Session& session, QWidget* parent);

[[nodiscard]] MarginPanel* makeSlotPanel(Session& session, QWidget* parent);
[[nodiscard]] MarginPanel* makeCounterPanel(Session& session, QWidget* parent);
[[nodiscard]] MarginPanel* makePuzzleProvePanel(Session& session, QWidget* parent);

}  // namespace rook::app
