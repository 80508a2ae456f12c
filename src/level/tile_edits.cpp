#include "level/tile_edits.h"

namespace rook::level {

namespace {

Grid<Tile>& tilesOf(Level& level) {
    if (level.tiles.width() == 0)
        level.tiles = Grid<Tile>(level.cells.width(), level.cells.height());
    return level.tiles;
}

template <typename TileAt>
LevelEdit setEach(const Level& level, const CellRegion& region, TileAt&& tileAt) {
    LevelEdit edit{level, {}, {}};
    const CellRegion inside = region.clipped(level.cells.bounds());
    edit.touched = inside.bounds();
    if (inside.isEmpty()) return edit;
    Grid<Tile>& tiles = tilesOf(edit.level);
    for (const CellRun& run : inside.runs())
        for (int x = run.x; x < run.x + run.count; ++x)
            tiles.set(x, run.y, tileAt(x, run.y, tiles.at(x, run.y)));
    return edit;
}

}  // namespace

LevelEdit setTiles(const Level& level, const CellRegion& region, const Grid<Tile>& pattern,
                   CellPoint origin) {
    const auto place = [](int at, int from, int size) {
        return ((at - from) % size + size) % size;
    };
    LevelEdit edit = setEach(level, region, [&](int x, int y, Tile former) {
        const Tile tile =
            pattern.at(place(x, origin.x, pattern.width()), place(y, origin.y, pattern.height()));
        return tile.isNone() ? former : tile;
    });
    edit.name = "Set tiles on " + cellCountText(region.clipped(level.cells.bounds()).cellCount());
    return edit;
}

LevelEdit clearTiles(const Level& level, const CellRegion& region) {
    LevelEdit edit = setEach(level, region, [](int, int, Tile) { return Tile(); });
    edit.name =
        "Dress " + cellCountText(region.clipped(level.cells.bounds()).cellCount()) + " anew";
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

}  // namespace rook::level
