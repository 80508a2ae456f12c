#include "level/clips.h"

#include <algorithm>

namespace rook::level {

namespace {

/// Calls `visit(x, y)` for each cell of the region.
template <typename Visit>
void forEachCell(const CellRegion& region, Visit&& visit) {
    for (const CellRun& run : region.runs())
        for (int x = run.x; x < run.x + run.count; ++x)
            visit(x, run.y);
}

/// Lays the clip's cells that are not open.
void stamp(Grid<Cell>& cells, const CellClip& clip, CellPoint at) {
    const CellRect target =
        CellRect{at.x, at.y, clip.cells.width(), clip.cells.height()}.intersected(cells.bounds());
    for (int y = target.y; y < target.bottom(); ++y) {
        for (int x = target.x; x < target.right(); ++x) {
            const Cell cell = clip.cells.at(x - at.x, y - at.y);
            if (!cell.isOpen()) cells.set(x, y, cell);
        }
    }
}

void empty(Grid<Cell>& cells, const CellRegion& region) {
    for (const CellRun& run : region.runs())
        cells.fillRect({run.x, run.y, run.count, 1}, Cell());
}

/// Where a cell of `from` lies after turning, `from` starting at 0, 0.
CellPoint turnedPlace(CellPoint at, const CellRect& from, Turning turning) {
    switch (turning) {
        case Turning::MirrorSideways:
            return {from.width - 1 - at.x, at.y};
        case Turning::MirrorTopToBottom:
            return {at.x, from.height - 1 - at.y};
        case Turning::QuarterRight:
            return {from.height - 1 - at.y, at.x};
        case Turning::QuarterLeft:
            return {at.y, from.width - 1 - at.x};
    }
    return at;
}

std::optional<Form> turnedForm(Form form, Turning turning) {
    switch (turning) {
        case Turning::MirrorSideways:
            return mirrored(form, true);
        case Turning::MirrorTopToBottom:
            return mirrored(form, false);
        case Turning::QuarterRight:
            return turned(form);
        case Turning::QuarterLeft:
            break;
    }
    std::optional<Form> result = form;
    for (int i = 0; result && i < 3; ++i)
        result = turned(*result);
    return result;
}

}  // namespace

CellClip copyCells(const Level& level, const CellRegion& region) {
    const CellRegion inside = region.clipped(level.cells.bounds());
    const CellRect area = inside.bounds();
    CellClip clip{Grid<Cell>(area.width, area.height)};
    forEachCell(inside, [&](int x, int y) {
        clip.cells.set(x - area.x, y - area.y, level.cells.at(x, y));
    });
    return clip;
}

LevelEdit pasteCells(const Level& level, const CellClip& clip, CellPoint at) {
    const CellRect target{at.x, at.y, clip.cells.width(), clip.cells.height()};
    LevelEdit edit{level, "Paste " + cellCountText(target.area()),
                   target.intersected(level.cells.bounds())};
    stamp(edit.level.cells, clip, at);
    return edit;
}

LevelEdit moveCells(const Level& level, const CellRegion& from, int dx, int dy) {
    const CellRegion inside = from.clipped(level.cells.bounds());
    const CellRect area = inside.bounds();
    LevelEdit edit{level, "Move " + cellCountText(inside.cellCount()),
                   area.united(area.moved(dx, dy)).intersected(level.cells.bounds())};
    const CellClip clip = copyCells(level, inside);
    empty(edit.level.cells, inside);
    stamp(edit.level.cells, clip, {area.x + dx, area.y + dy});
    if (!level.laid.empty())
        edit.level.laid.edit([&](auto& list) {
            for (LaidBlock& laid : list)
                if (area.contains(laid.place)) laid.place = laid.place.moved(dx, dy);
        });
    return edit;
}

Result<TurnedCells> turnCells(const Level& level, const CellRegion& region, Turning turning) {
    const CellRegion inside = region.clipped(level.cells.bounds());
    const CellRect from = inside.bounds();
    const bool isQuarter = turning == Turning::QuarterRight || turning == Turning::QuarterLeft;
    const CellRect to = isQuarter ? CellRect{from.x, from.y, from.height, from.width} : from;
    if (!level.cells.bounds().contains(to))
        return fail(ErrorKind::NotApplicable, "Turned, the selection would leave the level",
                    level.title, "Move it away from the border first");
    TurnedCells result{
        {level, (isQuarter ? "Turn " : "Mirror ") + cellCountText(inside.cellCount()),
         from.united(to)},
        {}};
    Grid<Cell>& cells = result.edit.level.cells;
    empty(cells, inside);
    std::vector<CellRun> runs;
    std::optional<CellPoint> stubborn;
    forEachCell(inside, [&](int x, int y) {
        const Cell cell = level.cells.at(x, y);
        const auto form = turnedForm(cell.form(), turning);
        if (!form) {
            stubborn = CellPoint{x, y};
            return;
        }
        const CellPoint at = turnedPlace({x - from.x, y - from.y}, from, turning);
        runs.push_back({to.y + at.y, to.x + at.x, 1});
        if (!cell.isOpen()) cells.set(to.x + at.x, to.y + at.y, Cell(cell.matter(), *form));
    });
    if (stubborn)
        return fail(ErrorKind::NotApplicable,
                    "A slope of 1/2 cannot be turned or stood on its head",
                    "cell " + std::to_string(stubborn->x) + ", " + std::to_string(stubborn->y),
                    "Leave it out of the selection");
    result.to = CellRegion(std::move(runs));
    return result;
}

LevelEdit stretchCells(const Level& level, const CellRect& rect, const CellRect& to) {
    const CellRect area = rect.intersected(level.cells.bounds());
    const CellRect target = to.intersected(level.cells.bounds());
    LevelEdit edit{level,
                   "Stretch to " + std::to_string(target.width) + " x " +
                       std::to_string(target.height) + " cells",
                   area.united(target)};
    edit.level.cells.fillRect(area, Cell());
    for (int y = target.y; y < target.bottom(); ++y)
        for (int x = target.x; x < target.right(); ++x)
            edit.level.cells.set(x, y,
                                 level.cells.at(std::clamp(x, area.x, area.right() - 1),
                                                std::clamp(y, area.y, area.bottom() - 1)));
    return edit;
}

Result<LevelEdit> replaceMatter(const Project& project, const Level& level,
                                const CellRegion& region, MatterId from, MatterId to) {
    std::vector<CellRun> runs;
    LevelEdit edit{level, {}, {}};
    std::optional<CellPoint> stubborn;
    forEachCell(region.clipped(level.cells.bounds()), [&](int x, int y) {
        const Cell cell = level.cells.at(x, y);
        if (cell.matter() != from) return;
        const Form form = to.index == 0 ? Form::Full : cell.form();
        if (!canTake(project.matters[to.index].behaviour, form)) {
            stubborn = CellPoint{x, y};
            return;
        }
        edit.level.cells.set(x, y, Cell(to, form));
        runs.push_back({y, x, 1});
    });
    if (stubborn)
        return fail(ErrorKind::NotApplicable,
                    project.matters[to.index].title + " cannot take the form " +
                        std::string(nameOf(level.cells.at(*stubborn).form())),
                    "cell " + std::to_string(stubborn->x) + ", " + std::to_string(stubborn->y),
                    "Leave it out of the selection");
    const CellRegion changed(std::move(runs));
    if (changed.isEmpty())
        return fail(ErrorKind::NotApplicable,
                    "There is no " + project.matters[from.index].title + " in the selection",
                    level.title, "Select some, or replace another matter");
    edit.touched = changed.bounds();
    edit.name = "Replace " + cellCountText(changed.cellCount()) + " of " +
                project.matters[from.index].title + " by " + project.matters[to.index].title;
    return edit;
}

LevelEdit layPattern(const Level& level, const CellRegion& region, const CellClip& clip,
                     CellPoint anchor) {
    const CellRegion inside = region.clipped(level.cells.bounds());
    LevelEdit edit{level, "Lay a pattern on " + cellCountText(inside.cellCount()), inside.bounds()};
    const auto within = [](int value, int size) { return ((value % size) + size) % size; };
    forEachCell(inside, [&](int x, int y) {
        edit.level.cells.set(x, y,
                             clip.cells.at(within(x - anchor.x, clip.cells.width()),
                                           within(y - anchor.y, clip.cells.height())));
    });
    return edit;
}

}  // namespace rook::level
