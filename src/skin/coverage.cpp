#include "skin/coverage.h"

#include <algorithm>
#include <string_view>

#include "level/board_size.h"
#include "skin/dressing.h"

namespace rook::skin {

using level::Cell;
using level::Level;
using level::LevelEdit;
using level::MatterId;

namespace {

/// All 47 exposures, and all depths in the large block: the test says so.
constexpr std::string_view patchRows[] = {
    ".............................",  //
    ".#########.#####.#####..#.##.",  //
    ".#########.##.##.###.#.#####.",  //
    ".#########.#.###.#####.##.##.",  //
    ".#########.###.#.#.#.#.#.###.",  //
    ".#########.#####.####..####..",  //
    ".#########...................",  //
    ".#########.####..##.#........",  //
    ".#########..#.##.#####.......",  //
    ".#########.#####.##.##.......",  //
    "...........#####.#####.......",  //
    ".#.####....##.##..####.......",  //
    ".............................",  //
    ".#.........#.##..#####.......",  //
    ".#.........#####.#####.......",  //
    ".#.........#.###.##.#........",  //
    ".#.........####..#####.......",  //
    ".#...........#...##.#........",  //
    ".............................",  //
};

bool isSurroundedByOpen(const Grid<Cell>& cells, const CellRect& place) {
    for (int y = place.y - 1; y <= place.bottom(); ++y)
        for (int x = place.x - 1; x <= place.right(); ++x)
            if (!cells.at(x, y, Cell()).isOpen()) return false;
    return true;
}

std::optional<CellPoint> freePlace(const Grid<Cell>& cells) {
    // A row of open cells stays at the border, where a board would go on as it ends.
    for (int y = 1; y + 4 <= cells.height(); ++y)
        for (int x = 1; x + 4 <= cells.width(); ++x)
            if (isSurroundedByOpen(cells, {x, y, 3, 3})) return CellPoint{x, y};
    return std::nullopt;
}

}  // namespace

std::vector<Gap> gapsOf(const level::Project& project, const std::string& theme,
                        const TilingRules& tilingRules, const std::atomic<bool>* cancel) {
    std::map<Case, Gap> gaps;
    for (const auto& level : project.levels) {
        if (level->theme != theme) continue;
        const CellRect all = level->cells.bounds();
        // Block by block, so that a cancel is soon heard.
        for (int top = 0; top < all.height; top += 32) {
            for (int left = 0; left < all.width; left += 256) {
                if (cancel && *cancel) return {};
                const Dressed dressed = dress(tilingRules, *level, {left, top, 256, 32});
                for (int y = dressed.area.y; y < dressed.area.bottom(); ++y)
                    for (int x = dressed.area.x; x < dressed.area.right(); ++x) {
                        if (!dressed.isGuessed(x, y)) continue;
                        const Case which = caseAt(tilingRules.joins(), level->cells, x, y);
                        Gap& gap = gaps[which];
                        if (gap.count++ == 0) gap = {which, 1, level->id, {x, y}};
                    }
            }
        }
    }
    std::vector<Gap> list;
    for (const auto& [which, gap] : gaps)
        list.push_back(gap);
    std::stable_sort(list.begin(), list.end(),
                     [](const Gap& a, const Gap& b) { return a.count > b.count; });
    return list;
}

Result<LevelEdit> showCase(const Level& swatch, const Level& from, CellPoint cell) {
    LevelEdit edit{swatch, "Show a case in " + swatch.title, {}};
    auto place = freePlace(swatch.cells);
    if (!place) {
        const CellRect bounds = swatch.cells.bounds();
        const int columns = std::min(maxSwatchColumns, bounds.width + 5);
        const int rows = std::min(maxSwatchRows, bounds.height + 5);
        const CellRect frames[] = {
            {0, 0, bounds.width, rows}, {0, 0, columns, bounds.height}, {0, 0, columns, rows}};
        for (const CellRect& frame : frames) {
            if (place || frame == bounds) continue;
            const auto grown = resizeBoard(swatch, frame);
            if (!grown) return grown;
            place = freePlace(grown->level.cells);
            if (place) edit.level = grown->level;
        }
    }
    if (!place)
        return fail(ErrorKind::OutOfRange, "There is no room for another case", swatch.title,
                    "Take something out of the swatch, or make another one for this matter");
    for (int dy = -1; dy <= 1; ++dy)
        for (int dx = -1; dx <= 1; ++dx) {
            const Cell shown = from.cells.at(std::clamp(cell.x + dx, 0, from.cells.width() - 1),
                                             std::clamp(cell.y + dy, 0, from.cells.height() - 1));
            edit.level.cells.set(place->x + 1 + dx, place->y + 1 + dy, shown);
        }
    edit.touched = edit.level.cells.bounds();
    return edit;
}

Grid<Cell> patchOf(MatterId matter) {
    Grid<Cell> cells(static_cast<int>(patchRows[0].size()), static_cast<int>(std::size(patchRows)));
    for (int y = 0; y < cells.height(); ++y)
        for (int x = 0; x < cells.width(); ++x)
            if (patchRows[y][static_cast<std::size_t>(x)] == '#') cells.set(x, y, Cell(matter));
    return cells;
}

Level swatchFor(const level::Project& project, MatterId matter, CellSize cellSize,
                const std::string& theme) {
    const level::Matter& taught = project.matters[matter.index];
    Level swatch;
    const std::string stem = "swatch-" + taught.name + (theme.empty() ? "" : "-" + theme);
    swatch.id = {stem};
    for (int number = 2; project.findLevel(swatch.id); ++number)
        swatch.id = {stem + "-" + std::to_string(number)};
    swatch.title = taught.title;
    swatch.theme = theme;
    swatch.cellSize = cellSize;
    swatch.cells = patchOf(matter);
    return swatch;
}

}  // namespace rook::skin
