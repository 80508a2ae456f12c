#pragma once
/// Forms laid by direction rather than chosen: slopes along a line, cut corners, halves by side;
/// and forms turned and mirrored.

#include <optional>
#include <vector>

#include "level/project.h"
#include "level/region.h"

namespace rook::level {

/// A cell and the form that it gets.
struct ShapedCell {
    CellPoint cell;
    Form form = Form::Full;
    bool operator==(const ShapedCell&) const = default;
};

/// The rise pieces of a slope from one cell towards another: 1/1 where the line is nearer to that,
/// else 1/2 (two cells a step, an even number of them); level lines get full cells. With
/// `isCeiling`, the slope hangs, always 1/1.
[[nodiscard]] std::vector<ShapedCell> slopeCells(CellPoint from, CellPoint to, bool isCeiling);

/// The form that cuts the corner of a solid cell, or fills the inner corner at an open one: by the
/// two sides, above or below and left or right, at which solid and open change. None where there is
/// no such corner.
[[nodiscard]] std::optional<Form> cornerForm(const Project& project, const Level& level,
                                             CellPoint cell);

/// The half of a cell whose border is nearest to the px.
[[nodiscard]] Form halfAt(PxPoint px, CellSize cell);

/// One-way matter takes full and the lower and upper half only; all others any form.
[[nodiscard]] bool canTake(Behaviour behaviour, Form form);

/// The form seen in a mirror (left with right, or top with bottom) or turned by a quarter to the
/// right. None for the two that a rise of 1/2 has not: those hang nowhere and stand on no side.
[[nodiscard]] std::optional<Form> mirrored(Form form, bool isSideways);
[[nodiscard]] std::optional<Form> turned(Form form);

}  // namespace rook::level
