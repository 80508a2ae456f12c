#include "level/board_size.h"

#include <algorithm>

#include "base/limits.h"

namespace rook::level {

namespace {

void shift(Sketch& sketch, int dx, int dy, int columns, int rows) {
    const auto move = [&](PxPoint& p) { p = {p.x + dx, p.y + dy}; };
    sketch.leaves.edit([&](auto& leaves) {
        for (Leaf& leaf : leaves)
            leaf.marks.edit([&](auto& marks) {
                for (Mark& mark : marks)
                    mark.points.edit(
                        [&](auto& points) { std::for_each(points.begin(), points.end(), move); });
            });
    });
    sketch.routes.edit([&](auto& routes) {
        for (Route& route : routes) {
            std::for_each(route.points.begin(), route.points.end(), move);
            for (Bead& bead : route.beads)
                if (bead.region) bead.region = bead.region->moved(columns, rows);
        }
    });
    sketch.changeUnderlays([&](Underlay& underlay) { move(underlay.corner); });
}

}  // namespace

CutOff cutOffBy(const Level& level, const CellRect& frame) {
    CutOff cut;
    for (int y = 0; y < level.cells.height(); ++y)
        level.cells.forEachRunOfRow(y, [&](int first, int count, const Cell* values) {
            if (frame.contains(CellRect{first, y, count, 1})) return;
            for (int i = 0; i < count; ++i)
                if (!values[i].isOpen() && !frame.contains(CellPoint{first + i, y})) ++cut.cells;
        });
    const PxRect px = toPx(frame, level.cellSize);
    for (const Entity& entity : level.entities)
        if (!px.contains(entity.box)) cut.entities.push_back(entity.id);
    return cut;
}

CellRect frameOfSize(const Level& level, int columns, int rows, Growth across, Growth down) {
    const auto startOf = [](int added, Growth growth) {
        switch (growth) {
            case Growth::AtEnd:
                return 0;
            case Growth::AtStart:
                return -added;
            case Growth::OnBothSides:
                return -(added / 2);
        }
        return 0;
    };
    return {startOf(columns - level.cells.width(), across),
            startOf(rows - level.cells.height(), down), columns, rows};
}

Result<LevelEdit> resizeBoard(const Level& level, const CellRect& frame) {
    const auto isFine = [](int size) { return size >= 1 && size <= limits::maxBoardCells; };
    const std::string size = std::to_string(frame.width) + " x " + std::to_string(frame.height);
    if (!isFine(frame.width) || !isFine(frame.height))
        return fail(ErrorKind::OutOfRange, "A board cannot have " + size + " cells", level.title,
                    "Use 1 to 16384 columns and rows");
    const CutOff cut = cutOffBy(level, frame);
    LevelEdit edit{level, "Make the board " + size, {0, 0, frame.width, frame.height}};
    Grid<Cell> cells(frame.width, frame.height);
    const CellRect kept = frame.intersected(level.cells.bounds());
    for (int y = kept.y; y < kept.bottom(); ++y)
        for (int x = kept.x; x < kept.right(); ++x)
            cells.set(x - frame.x, y - frame.y, level.cells.at(x, y));
    edit.level.cells = std::move(cells);
    const auto reframe = [&]<typename T>(Grid<T>& grid) {
        if (grid.width() == 0) return;
        Grid<T> framed(frame.width, frame.height);
        for (int y = kept.y; y < kept.bottom(); ++y)
            for (int x = kept.x; x < kept.right(); ++x)
                framed.set(x - frame.x, y - frame.y, grid.at(x, y));
        grid = std::move(framed);
    };
    reframe(edit.level.tiles);
    if (!level.layers.empty())
        edit.level.layers.edit([&](auto& list) {
            for (TileLayer& layer : list) {
                reframe(layer.tiles);
                reframe(layer.cells);
            }
        });
    if (!level.zones.empty())
        edit.level.zones.edit([&](auto& list) {
            for (Zone& zone : list) {
                zone.place =
                    zone.place.moved(-frame.x, -frame.y).intersected(edit.level.cells.bounds());
                if (zone.camera)
                    zone.camera = zone.camera->moved(-frame.x * level.cellSize.width,
                                                     -frame.y * level.cellSize.height);
            }
            std::erase_if(list, [](const Zone& zone) { return zone.place.isEmpty(); });
        });
    for (SharedVector<CellRect>* rects : {&edit.level.secrets, &edit.level.motifs})
        if (!rects->empty())
            rects->edit([&](auto& list) {
                for (CellRect& rect : list)
                    rect = rect.moved(-frame.x, -frame.y).intersected(edit.level.cells.bounds());
                std::erase_if(list, [](const CellRect& rect) { return rect.isEmpty(); });
            });
    const int dx = -frame.x * level.cellSize.width;
    const int dy = -frame.y * level.cellSize.height;
    edit.level.entities.edit([&](auto& list) {
        std::erase_if(list, [&](const Entity& entity) {
            return std::find(cut.entities.begin(), cut.entities.end(), entity.id) !=
                   cut.entities.end();
        });
        for (Entity& entity : list)
            entity.box = entity.box.moved(dx, dy);
    });
    if (!level.laid.empty())
        edit.level.laid.edit([&](auto& list) {
            std::erase_if(list, [&](const LaidBlock& laid) { return !frame.contains(laid.place); });
            for (LaidBlock& laid : list)
                laid.place = laid.place.moved(-frame.x, -frame.y);
        });
    if (!level.sketch.isEmpty() && (dx != 0 || dy != 0))
        shift(edit.level.sketch, dx, dy, -frame.x, -frame.y);
    return edit;
}

}  // namespace rook::level
