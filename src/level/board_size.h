#pragma once
/// Growing, shrinking and shifting a board on any side.

#include "level/edits.h"

namespace rook::level {

/// What lies outside a new frame of the board, and would be cut off.
struct CutOff {
    std::int64_t cells = 0;  ///< that are not open
    std::vector<EntityId> entities;
    bool operator==(const CutOff&) const = default;
    [[nodiscard]] bool isNothing() const { return cells == 0 && entities.empty(); }
};

/// `frame` is in cells of the board as it is; its corner may be negative. An entity is cut off if
/// any px of it lies outside. Cost: reads the cells outside.
[[nodiscard]] CutOff cutOffBy(const Level& level, const CellRect& frame);

/// Where cells are added to a board, or taken away.
enum class Growth : unsigned char { AtEnd, AtStart, OnBothSides };
/// The frame of a board that has so many columns and rows; on both sides, the odd one at the end.
[[nodiscard]] CellRect frameOfSize(const Level& level, int columns, int rows, Growth across,
                                   Growth down);

/// The board with that frame: its cells, entities and plan keep their places on the ground, new
/// cells are open, what is cut off goes (the plan never does: marks may lie outside).
/// Errors: OutOfRange for a size outside 1 to 16,384.
[[nodiscard]] Result<LevelEdit> resizeBoard(const Level& level, const CellRect& frame);

}  // namespace rook::level
