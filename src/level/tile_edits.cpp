#include "level/tile_edits.h"

#include <algorithm>

namespace rook::level {

namespace {

template <typename TileAt>
void setEach(const Level& level, Grid<Tile>& tiles, const CellRegion& inside, TileAt&& tileAt) {
    if (tiles.width() == 0) tiles = Grid<Tile>(level.cells.width(), level.cells.height());
    for (const CellRun& run : inside.runs())
        for (int x = run.x; x < run.x + run.count; ++x)
            tiles.set(x, run.y, tileAt(x, run.y, tiles.at(x, run.y)));
}

template <typename TileAt>
LevelEdit setOn(const Level& level, const CellRegion& region, int layer, TileAt&& tileAt) {
    LevelEdit edit{level, {}, {}};
    const CellRegion inside = region.clipped(level.cells.bounds());
    edit.touched = inside.bounds();
    if (inside.isEmpty()) return edit;
    if (layer == onMasses)
        setEach(level, edit.level.tiles, inside, tileAt);
    else
        edit.level.layers.edit([&](auto& list) {
            setEach(level, list[static_cast<std::size_t>(layer)].tiles, inside, tileAt);
        });
    return edit;
}

std::string onLayer(const Level& level, int layer) {
    return layer == onMasses ? "" : " of " + level.layers[static_cast<std::size_t>(layer)].name;
}

}  // namespace

LevelEdit setTiles(const Level& level, const CellRegion& region, const Grid<Tile>& pattern,
                   CellPoint origin, int layer) {
    const auto place = [](int at, int from, int size) {
        return ((at - from) % size + size) % size;
    };
    LevelEdit edit = setOn(level, region, layer, [&](int x, int y, Tile former) {
        const Tile tile =
            pattern.at(place(x, origin.x, pattern.width()), place(y, origin.y, pattern.height()));
        return tile.isNone() ? former : tile;
    });
    edit.name = "Set tiles on " + cellCountText(region.clipped(level.cells.bounds()).cellCount()) +
                onLayer(level, layer);
    return edit;
}

LevelEdit clearTiles(const Level& level, const CellRegion& region, int layer) {
    LevelEdit edit = setOn(level, region, layer, [](int, int, Tile) { return Tile(); });
    if (layer != onMasses && level.layers[static_cast<std::size_t>(layer)].cells.width() > 0)
        edit.level = layOnLayer(edit.level, region, Cell(), layer).level;
    const std::string count = cellCountText(region.clipped(level.cells.bounds()).cellCount());
    edit.name =
        layer == onMasses ? "Dress " + count + " anew" : "Clear " + count + onLayer(level, layer);
    return edit;
}

LevelEdit layOnLayer(const Level& level, const CellRegion& region, Cell cell, int layer) {
    const CellRegion inside = region.clipped(level.cells.bounds());
    LevelEdit edit{level,
                   (cell.isOpen() ? "Clear " : "Lay ") + cellCountText(inside.cellCount()) +
                       onLayer(level, layer),
                   inside.bounds()};
    edit.level.layers.edit([&](auto& list) {
        Grid<Cell>& cells = list[static_cast<std::size_t>(layer)].cells;
        if (cells.width() == 0) cells = Grid<Cell>(level.cells.width(), level.cells.height());
        for (const CellRun& run : inside.runs())
            cells.fillRect({run.x, run.y, run.count, 1}, cell);
    });
    return edit;
}

namespace {

/// The values of `from` that are something, taken out and set again elsewhere.
template <typename T>
void shiftGrid(Grid<T>& grid, const CellRegion& from, int dx, int dy) {
    if (grid.width() == 0) return;
    const Grid<T> former = grid;
    for (const CellRun& run : from.runs())
        grid.fillRect({run.x, run.y, run.count, 1}, T());
    for (const CellRun& run : from.runs())
        for (int x = run.x; x < run.x + run.count; ++x) {
            const T value = former.at(x, run.y);
            const CellPoint to{x + dx, run.y + dy};
            if (value != T() && grid.bounds().contains(to)) grid.set(to, value);
        }
}

}  // namespace

LevelEdit moveTiles(const Level& level, const CellRegion& from, int dx, int dy, int layer) {
    const CellRegion inside = from.clipped(level.cells.bounds());
    const CellRect area = inside.bounds();
    LevelEdit edit{level,
                   "Move the tiles of " + cellCountText(inside.cellCount()) + onLayer(level, layer),
                   area.united(area.moved(dx, dy)).intersected(level.cells.bounds())};
    if (layer == onMasses)
        shiftGrid(edit.level.tiles, inside, dx, dy);
    else
        edit.level.layers.edit([&](auto& list) {
            shiftGrid(list[static_cast<std::size_t>(layer)].tiles, inside, dx, dy);
            shiftGrid(list[static_cast<std::size_t>(layer)].cells, inside, dx, dy);
        });
    return edit;
}

Result<LevelEdit> addLayer(const Level& level, bool isFront, const std::string& name) {
    if (level.layers.size() >= static_cast<std::size_t>(maxTileLayers))
        return fail(ErrorKind::OutOfRange, "A level has at most 32 layers", level.title,
                    "Paint on one of them");
    LevelEdit edit{level, "Add the layer " + name, level.cells.bounds()};
    TileLayer layer;
    layer.name = name;
    layer.isFront = isFront;
    edit.level.layers.edit([&](auto& list) {
        // Nearest the masses.
        const auto at = std::find_if(list.begin(), list.end(),
                                     [](const TileLayer& each) { return each.isFront; });
        list.insert(at, layer);
    });
    return edit;
}

LevelEdit removeLayer(const Level& level, int layer) {
    LevelEdit edit{level, "Remove the layer " + level.layers[static_cast<std::size_t>(layer)].name,
                   level.cells.bounds()};
    edit.level.layers.edit([&](auto& list) { list.erase(list.begin() + layer); });
    return edit;
}

LevelEdit moveLayer(const Level& level, int layer, int by) {
    LevelEdit edit{level, "Move the layer " + level.layers[static_cast<std::size_t>(layer)].name,
                   level.cells.bounds()};
    const int to = layer + by;
    const bool isNearer = by > 0;
    edit.level.layers.edit([&](auto& list) {
        TileLayer& moved = list[static_cast<std::size_t>(layer)];
        const bool isLast = to < 0 || to >= static_cast<int>(list.size());
        const bool isAtMasses =
            moved.isFront != isNearer &&
            (isLast || list[static_cast<std::size_t>(to)].isFront != moved.isFront);
        if (isAtMasses)
            moved.isFront = isNearer;
        else if (!isLast)
            std::swap(moved, list[static_cast<std::size_t>(to)]);
    });
    return edit;
}

MovedLayer moveLayerFar(const Level& level, int layer, int by) {
    MovedLayer moved{{level, {}, level.cells.bounds()}, layer};
    const int step = by > 0 ? 1 : -1;
    for (int i = 0; i != by; i += step) {
        const auto at = static_cast<std::size_t>(moved.layer);
        const bool wasFront = moved.edit.level.layers[at].isFront;
        moved.edit = moveLayer(moved.edit.level, moved.layer, step);
        // Across the masses it keeps its place in the list.
        const TileLayer& there = moved.edit.level.layers[at];
        const bool hasCrossed =
            there.isFront != wasFront && there.name == level.layers[std::size_t(layer)].name;
        if (!hasCrossed) moved.layer += step;
        moved.layer =
            std::clamp(moved.layer, 0, static_cast<int>(moved.edit.level.layers.size()) - 1);
    }
    return moved;
}

LevelEdit changeLayer(const Level& level, int layer, const TileLayer& value,
                      const std::string& name) {
    LevelEdit edit{level, name, level.cells.bounds()};
    edit.level.layers.edit([&](auto& list) {
        TileLayer& slot = list.at(static_cast<std::size_t>(layer));
        TileLayer changed = value;
        changed.tiles = slot.tiles;
        changed.cells = slot.cells;
        slot = std::move(changed);
    });
    return edit;
}

std::int64_t tileCount(const Level& level) {
    std::int64_t count = 0;
    for (int y = 0; y < level.tiles.height(); ++y)
        level.tiles.forEachRunOfRow(y, [&](int, int length, const Tile* values) {
            for (int i = 0; i < length; ++i)
                count += values[i].isNone() ? 0 : 1;
        });
    return count;
}

bool meetsMotif(const Level& swatch, const CellRect& cells) {
    return std::any_of(swatch.motifs.begin(), swatch.motifs.end(),
                       [&](const CellRect& motif) { return motif.overlaps(cells); });
}

Result<LevelEdit> toggleMotif(const Level& swatch, const CellRect& cells) {
    LevelEdit edit{swatch, "", cells};
    if (meetsMotif(swatch, cells)) {
        edit.name = "Dissolve a motif";
        edit.level.motifs.edit([&](auto& list) {
            std::erase_if(list, [&](const CellRect& motif) { return motif.overlaps(cells); });
        });
        return edit;
    }
    if (cells.area() < 2 || cells.width > maxMotifSide || cells.height > maxMotifSide ||
        !swatch.cells.bounds().contains(cells))
        return fail(ErrorKind::OutOfRange,
                    "A motif has two cells at least, and no more than " +
                        std::to_string(maxMotifSide) + " on a side",
                    swatch.title, "Choose fewer cells");
    edit.name = "Make a motif";
    edit.level.motifs.edit([&](auto& list) { list.push_back(cells); });
    return edit;
}

}  // namespace rook::level
