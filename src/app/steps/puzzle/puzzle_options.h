#pragma once
/// The options of the tools of puzzle levels.

#include <string>

#include "app/session/tool_options.h"
#include "base/id.h"
#include "level/puzzle.h"

namespace rook::app {

/// What slots are given in Shape.
struct SlotOptions {
    enum class Sort : unsigned char { State, Mark, Color } sort = Sort::State;
    level::SlotState state = level::SlotState::Blocked;
    std::string name = "rest";  ///< of the mark, or of the colour
    int price = 1;              ///< of locked slots
    std::string tally;          ///< likewise; empty = the game's first
};

/// What is placed in Cast.
struct CounterOptions {
    KindId kind;       ///< of a level with counters of its own
    EntityId counter;  ///< of a roster, parked; empty = the first that is parked
    LevelId ghosts;    ///< another level of the roster whose placements are shown; empty = none
};

/// What Prove shows of a puzzle.
struct PuzzleProofOptions {
    int move = 0;      ///< of the told solution, that is shown; 0 = the start
    EntityId counter;  ///< whose dead places are washed over; empty = of none
};

}  // namespace rook::app
