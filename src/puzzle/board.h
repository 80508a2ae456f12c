#pragma once
/// A puzzle level as what one plays: slots with their neighbours, counters with their cells, the
/// rule with numbers for names. What is wrong with a level is told before.

#include <rook_puzzle.hpp>

#include "base/result.h"
#include "level/project.h"
#include "puzzle/geometry.h"

namespace rook::puzzle {

namespace play = runtime::puzzle;

/// What is wrong with a puzzle level.
struct Flaw {
    std::string sentence;
    std::string remedy;
    bool isNote = false;            ///< it can be played and solved all the same
    std::optional<CellPoint> slot;  ///< where, if it is at a slot
    EntityId counter;               ///< whose, if it is of a counter
};

/// All that is wrong, the board first, then slots, counters, and the rule. Cost: the slots and the
/// counters.
[[nodiscard]] std::vector<Flaw> flawsOf(const level::Project& project, const level::Level& level);

/// The cells of a footprint after so many quarter turns clockwise about the first.
[[nodiscard]] std::vector<CellPoint> turnedFootprint(const std::vector<CellPoint>& footprint,
                                                     int quarterTurns);
/// The slots that the counter stands on, those that the board does not have left out; none of a
/// parked one. A kind that is not there has one cell.
[[nodiscard]] std::vector<CellPoint> slotsUnder(const level::Project& project,
                                                const level::Level& level,
                                                const level::Counter& counter);
/// The slot of that address as it is; a plain one where the list has none.
[[nodiscard]] level::Slot slotAt(const level::Puzzle& puzzle, CellPoint at);
/// The names of the tallies that the level uses, in the order of `Board::tallies`.
[[nodiscard]] std::vector<std::string> talliesUsed(const level::Puzzle& puzzle);

/// Slots are numbered as in `Geometry`, colours by their place in the project's, from 1.
/// Errors: NotApplicable with the first flaw that is no note. A level without a rule has a board
/// with `Rule::None`.
[[nodiscard]] Result<play::Board> boardOf(const level::Project& project, const level::Level& level);

}  // namespace rook::puzzle
