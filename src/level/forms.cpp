#include "level/forms.h"

#include <algorithm>

namespace rook::level {

namespace {

struct RiseForms {
    Form whole;
    Form low;
    Form high;
};
constexpr RiseForms riseRight{Form::RiseRight, Form::RiseRight1Of2, Form::RiseRight2Of2};
constexpr RiseForms riseLeft{Form::RiseLeft, Form::RiseLeft1Of2, Form::RiseLeft2Of2};

bool isSolidAt(const Project& project, const Level& level, int x, int y) {
    return project.behaviourOf(level.cells.at(x, y, Cell())) == Behaviour::Solid;
}

}  // namespace

std::vector<ShapedCell> slopeCells(CellPoint from, CellPoint to, bool isCeiling) {
    const int columns = std::abs(to.x - from.x) + 1;
    const int rows = std::abs(to.y - from.y) + 1;
    const int right = to.x < from.x ? -1 : 1;
    const int down = to.y < from.y ? -1 : 1;
    std::vector<ShapedCell> cells;
    if (rows == 1 && columns > 1) {
        for (int i = 0; i < columns; ++i)
            cells.push_back({{from.x + right * i, from.y}, Form::Full});
        return cells;
    }
    const bool isRisingRight = (right > 0) == (down < 0);
    // Nearer to 1/1 than to 1/2: the middle between the two is 3/4.
    if (isCeiling || 4 * rows >= 3 * columns) {
        Form form = isRisingRight ? Form::RiseRight : Form::RiseLeft;
        if (isCeiling) form = isRisingRight ? Form::HangLeft : Form::HangRight;
        for (int i = 0; i < std::max(columns, rows); ++i)
            cells.push_back({{from.x + right * i, from.y + down * i}, form});
        return cells;
    }
    const RiseForms& forms = isRisingRight ? riseRight : riseLeft;
    const bool isUpwards = down < 0;
    for (int i = 0; i < columns + columns % 2; ++i) {
        const bool isLow = (i % 2 == 0) == isUpwards;
        cells.push_back(
            {{from.x + right * i, from.y + down * (i / 2)}, isLow ? forms.low : forms.high});
    }
    return cells;
}

std::optional<Form> cornerForm(const Project& project, const Level& level, CellPoint cell) {
    const bool above = isSolidAt(project, level, cell.x, cell.y - 1);
    const bool below = isSolidAt(project, level, cell.x, cell.y + 1);
    const bool left = isSolidAt(project, level, cell.x - 1, cell.y);
    const bool right = isSolidAt(project, level, cell.x + 1, cell.y);
    // One solid neighbour up or down and one sideways: the slope leans on both.
    if (above == below || left == right) return std::nullopt;
    if (below) return right ? Form::RiseRight : Form::RiseLeft;
    return right ? Form::HangRight : Form::HangLeft;
}

Form halfAt(PxPoint px, CellSize cell) {
    const CellPoint at = toCell(px, cell);
    // Twice the way from each border, in cells, as whole numbers over width x height.
    const int fromLeft = (px.x - at.x * cell.width) * cell.height;
    const int fromTop = (px.y - at.y * cell.height) * cell.width;
    const int whole = cell.width * cell.height;
    const int nearest = std::min({fromLeft, fromTop, whole - fromLeft, whole - fromTop});
    if (nearest == whole - fromTop) return Form::LowerHalf;
    if (nearest == fromTop) return Form::UpperHalf;
    return nearest == fromLeft ? Form::LeftHalf : Form::RightHalf;
}

bool canTake(Behaviour behaviour, Form form) {
    return behaviour != Behaviour::OneWay || form == Form::Full || form == Form::LowerHalf ||
           form == Form::UpperHalf;
}

std::optional<Form> mirrored(Form form, bool isSideways) {
    switch (form) {
        case Form::Full:
            return Form::Full;
        case Form::LowerHalf:
            return isSideways ? form : Form::UpperHalf;
        case Form::UpperHalf:
            return isSideways ? form : Form::LowerHalf;
        case Form::LeftHalf:
            return isSideways ? Form::RightHalf : form;
        case Form::RightHalf:
            return isSideways ? Form::LeftHalf : form;
        case Form::RiseRight:
            return isSideways ? Form::RiseLeft : Form::HangRight;
        case Form::RiseLeft:
            return isSideways ? Form::RiseRight : Form::HangLeft;
        case Form::HangRight:
            return isSideways ? Form::HangLeft : Form::RiseRight;
        case Form::HangLeft:
            return isSideways ? Form::HangRight : Form::RiseLeft;
        case Form::RiseRight1Of2:
        case Form::RiseRight2Of2:
        case Form::RiseLeft1Of2:
        case Form::RiseLeft2Of2:
            break;
    }
    if (!isSideways) return std::nullopt;
    if (form == Form::RiseRight1Of2) return Form::RiseLeft1Of2;
    if (form == Form::RiseRight2Of2) return Form::RiseLeft2Of2;
    return form == Form::RiseLeft1Of2 ? Form::RiseRight1Of2 : Form::RiseRight2Of2;
}

std::optional<Form> turned(Form form) {
    switch (form) {
        case Form::Full:
            return Form::Full;
        case Form::LowerHalf:
            return Form::LeftHalf;
        case Form::LeftHalf:
            return Form::UpperHalf;
        case Form::UpperHalf:
            return Form::RightHalf;
        case Form::RightHalf:
            return Form::LowerHalf;
        case Form::RiseRight:
            return Form::RiseLeft;
        case Form::RiseLeft:
            return Form::HangLeft;
        case Form::HangLeft:
            return Form::HangRight;
        case Form::HangRight:
            return Form::RiseRight;
        case Form::RiseRight1Of2:
        case Form::RiseRight2Of2:
        case Form::RiseLeft1Of2:
        case Form::RiseLeft2Of2:
            return std::nullopt;
    }
    return std::nullopt;
}

}  // namespace rook::level
