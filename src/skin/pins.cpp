#include "skin/pins.h"

#include "level/tile_edits.h"

namespace rook::skin {

using level::CellRegion;
using level::CellRun;
using level::Level;
using level::Tile;

namespace {

/// Sets `tileAt(x, y)` on each cell of the region; none gives it back.
template <typename TileAt>
level::LevelEdit setEach(const Level& level, const CellRegion& region, int layer, TileAt&& tileAt) {
    const CellRegion within = region.clipped(level.cells.bounds());
    level::LevelEdit edit{level, {}, within.bounds()};
    const auto set = [&](Grid<Tile>& tiles) {
        if (tiles.width() == 0) tiles = Grid<Tile>(level.cells.width(), level.cells.height());
        for (const CellRun& run : within.runs())
            for (int x = run.x; x < run.x + run.count; ++x)
                tiles.set(x, run.y, tileAt(x, run.y));
    };
    if (layer == level::onMasses)
        set(edit.level.tiles);
    else
        edit.level.layers.edit(
            [&](auto& list) { set(list[static_cast<std::size_t>(layer)].tiles); });
    return edit;
}

std::string countIn(const Level& level, const CellRegion& region) {
    return level::cellCountText(region.clipped(level.cells.bounds()).cellCount());
}

}  // namespace

level::LevelEdit pinTiles(const TilingRules& tilingRules, const Level& level,
                          const CellRegion& region, int layer) {
    const CellRect area = region.bounds();
    const Dressed seen =
        layer == level::onMasses
            ? dress(tilingRules, level, area)
            : dressLayer(tilingRules, level, level.layers[static_cast<std::size_t>(layer)], area);
    level::LevelEdit edit = setEach(level, region, layer, [&](int x, int y) {
        const Tile tile = seen.at(x, y);
        // What nothing dresses keeps its plain colour, and open air stays open.
        const bool isBare = tile.isNone() && level.tileAt(x, y).isNone();
        return isBare ? Tile() : tile.isNone() ? Tile::blank() : tile;
    });
    edit.name = "Pin the tiles of " + countIn(level, region);
    return edit;
}

level::LevelEdit rollAnew(const TilingRules& tilingRules, const Level& level,
                          const CellRegion& region, int salt) {
    Level bare = level;
    bare.tiles = Grid<Tile>(0, 0);
    const Dressed usual = dress(tilingRules, bare, region.bounds());
    const Dressed rolled = dress(tilingRules, bare, region.bounds(), salt);
    level::LevelEdit edit = setEach(level, region, level::onMasses, [&](int x, int y) {
        const Tile tile = rolled.at(x, y);
        if (tile == usual.at(x, y)) return Tile();
        return tile.isNone() ? Tile::blank() : tile;
    });
    edit.name = "Roll " + countIn(level, region) + " anew";
    return edit;
}

Result<level::LevelEdit> layByTiles(const level::Project& project, const Level& level,
                                    const CellRegion& region, level::MatterId matter) {
    std::vector<level::ShapedCell> cells;
    const CellRegion within = region.clipped(level.cells.bounds());
    for (const CellRun& run : within.runs())
        for (int x = run.x; x < run.x + run.count; ++x) {
            const Tile tile = level.tileAt(x, run.y);
            if (!tile.isShown()) continue;
            const level::TileNote* note =
                project.sheets[static_cast<std::size_t>(tile.sheet())].noteOf(tile.number());
            if (!note || !note->form) continue;
            auto form = note->form;
            if (tile.isMirrored()) form = level::mirrored(*form, true);
            if (form && tile.isUpsideDown()) form = level::mirrored(*form, false);
            if (form) cells.push_back({{x, run.y}, *form});
        }
    if (cells.empty())
        return fail(ErrorKind::NotApplicable, "No tile there is said to look like a form",
                    level.title, "Give tiles a form in the section Sheet first");
    auto edit = layShaped(project, level, cells, matter);
    if (edit)
        edit->name = "Lay " + level::cellCountText(static_cast<std::int64_t>(cells.size())) +
                     " by their tiles";
    return edit;
}

std::optional<level::Form> formOfTile(CellSize tile, const std::function<bool(int, int)>& isSeen) {
    std::optional<level::Form> best;
    const int px = tile.width * tile.height;
    int least = px / 10;
    int seen = 0;
    for (int y = 0; y < tile.height; ++y)
        for (int x = 0; x < tile.width; ++x)
            seen += isSeen(x, y) ? 1 : 0;
    if (seen == 0) return std::nullopt;
    for (int f = 0; f < runtime::formCount; ++f) {
        const auto form = static_cast<level::Form>(f);
        int differing = 0;
        for (int y = 0; y < tile.height; ++y)
            for (int x = 0; x < tile.width; ++x)
                differing +=
                    isSeen(x, y) != runtime::formFills(form, x, y, tile.width, tile.height);
        if (differing > least || (best && differing == least)) continue;
        least = differing;
        best = form;
    }
    return best;
}

}  // namespace rook::skin
