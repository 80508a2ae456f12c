#pragma once
/// Stamps made of numbers: boxes, stairs and the outlines of cylinders, as clips to be laid.

#include "level/clips.h"

namespace rook::level {

enum class StampShape : unsigned char { Box, Stairs, Cylinder };

struct StampNumbers {
    StampShape shape = StampShape::Stairs;
    int width = 8;       ///< cells: of a box or a cylinder
    int height = 6;      ///< cells: of a box or a cylinder
    int thickness = 1;   ///< cells: of the outline of a box or a cylinder; 0 = filled
    int stepLength = 2;  ///< cells
    int stepHeight = 1;  ///< cells
    int stepCount = 4;
    bool risesLeft = false;  ///< stairs rise to the right otherwise
    bool operator==(const StampNumbers&) const = default;
};

/// Stairs stand on their lowest row and are filled; a cylinder is the ring of cells whose centre
/// lies in the ellipse of that size and not in the one that is `thickness` smaller all round.
/// Errors: OutOfRange unless the sizes give 1 to 512 cells a side.
[[nodiscard]] Result<CellClip> makeStamp(const StampNumbers& numbers, Cell cell);

}  // namespace rook::level
