#pragma once
/// Stamps made of numbers: blocks, flights of stairs and rounds, as clips to be laid.

#include "level/clips.h"

namespace rook::level {

enum class StampShape : unsigned char { Block, Flight, Round };

struct StampNumbers {
    StampShape shape = StampShape::Flight;
    int width = 8;      ///< cells: of a block or a round
    int height = 6;     ///< cells: of a block or a round
    int thickness = 1;  ///< cells: of the outline of a block or a round; 0 = filled
    int tread = 2;      ///< cells
    int rise = 1;       ///< cells
    int treads = 4;
    bool risesLeft = false;  ///< stairs rise to the right otherwise
    bool operator==(const StampNumbers&) const = default;
};

/// A flight stands on their lowest row and is filled; a round is the ring of cells whose centre
/// lies in the ellipse of that size and not in the one that is `thickness` smaller all round.
/// Errors: OutOfRange unless the sizes give 1 to 512 cells a side.
[[nodiscard]] Result<CellClip> makeStamp(const StampNumbers& numbers, Cell cell);

}  // namespace rook::level
