#pragma once
/// Where the slots of a board lie, which are next to which, and which one is pointed at.
///
/// Slots are numbered row by row (on rings: from the innermost, by place). Directions count
/// clockwise: of square boards right, down, left, up (then right-down, left-down, left-up,
/// right-up); of hexagons that point up right, lower right, lower left, left, upper left, upper
/// right; of those that point aside lower right, down, lower left, upper left, up, upper right.

#include <optional>
#include <vector>

#include "level/puzzle.h"

namespace rook::puzzle {

/// A place between px, for outlines.
struct Corner {
    double x = 0;
    double y = 0;
};

class Geometry {
public:
    /// Requires: counts and sizes in their ranges. Cost: none.
    explicit Geometry(const level::SlotBoard& board);

    /// 0 for free boards.
    [[nodiscard]] int count() const { return m_count; }
    /// Of square and hex boards; 0 for rings, whose neighbours have no direction.
    [[nodiscard]] int directions() const;
    /// -1 outside the board.
    [[nodiscard]] int numberOf(CellPoint address) const;
    /// Requires: a number below `count`.
    [[nodiscard]] CellPoint addressOf(int number) const;
    /// Upper left corner of the slot's box, px.
    [[nodiscard]] PxPoint cornerOf(CellPoint address) const;
    [[nodiscard]] PxPoint centreOf(CellPoint address) const;
    [[nodiscard]] PxRect boxOf(CellPoint address) const;
    /// All of the board, px; with what rings reach beyond the boxes.
    [[nodiscard]] PxRect bounds() const;
    /// The slot next to it in that direction, if the board has one there.
    [[nodiscard]] std::optional<CellPoint> next(CellPoint address, int direction) const;
    /// All of them: by direction, on rings in their order.
    [[nodiscard]] std::vector<CellPoint> neighboursOf(CellPoint address) const;
    /// The corners of its shape, clockwise, px; the arcs of rings as many short lines.
    [[nodiscard]] std::vector<Corner> outlineOf(CellPoint address) const;
    /// The middle of that px lies in the slot's shape.
    [[nodiscard]] bool holds(CellPoint address, PxPoint px) const;
    /// The slot whose shape holds the px; of several the one whose centre is nearest, and the first
    /// of those. Cost: a few slots; all of a ring board.
    [[nodiscard]] std::optional<CellPoint> slotAt(PxPoint px) const;

private:
    [[nodiscard]] bool isRings() const { return m_board.arrangement == level::Arrangement::Rings; }
    [[nodiscard]] PxPoint middle() const;
    [[nodiscard]] double halfRing() const;
    [[nodiscard]] std::vector<CellPoint> candidatesAt(PxPoint px) const;

    level::SlotBoard m_board;
    std::vector<int> m_firstOfRing;
    int m_count = 0;
};

}  // namespace rook::puzzle
