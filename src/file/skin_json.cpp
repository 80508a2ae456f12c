#include <algorithm>

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/entity_json.h"
#include "file/matter_text.h"
#include "file/project_parts_detail.h"
#include "file/skin_json_detail.h"
#include "file/zone_json_detail.h"

namespace rook::file {

using namespace level;

namespace {

/// Tiles of one sheet side by side in one row; 0 = nothing is to be drawn there.
Json runJson(const Project& project, const Grid<Tile>& grid, int y, int from, int to) {
    Json tiles = Json::array();
    Json flips = Json::array();
    bool isFlipped = false;
    std::string sheet;
    for (int x = from; x < to; ++x) {
        const Tile tile = grid.at(x, y);
        tiles.push_back(tile.isBlank() ? 0 : tile.number() + 1);
        const int flip =
            tile.isBlank() ? 0 : (tile.isMirrored() ? 1 : 0) + (tile.isUpsideDown() ? 2 : 0);
        flips.push_back(flip);
        isFlipped = isFlipped || flip != 0;
        if (!tile.isBlank()) sheet = project.sheets[static_cast<std::size_t>(tile.sheet())].name;
    }
    Json json = {{"at", {from, y}}};
    if (!sheet.empty()) json["sheet"] = sheet;
    json["tiles"] = std::move(tiles);
    if (isFlipped) json["flips"] = std::move(flips);
    return json;
}

/// Calls `take(run)` for each run of tiles.
template <typename Take>
void forEachRun(const Project& project, const Grid<Tile>& grid, Take&& take) {
    for (int y = 0; y < grid.height(); ++y) {
        for (int x = 0; x < grid.width(); ++x) {
            if (grid.at(x, y).isNone()) continue;
            const int from = x;
            int sheet = -1;
            for (; x < grid.width(); ++x) {
                const Tile tile = grid.at(x, y);
                if (tile.isNone()) break;
                if (tile.isBlank()) continue;
                if (sheet >= 0 && tile.sheet() != sheet) break;
                sheet = tile.sheet();
            }
            take(runJson(project, grid, y, from, x));
            --x;
        }
    }
}

Json layerJson(const Project& project, const TileLayer& layer) {
    Json json = describedJson(layer);
    if (layer.cells.width() > 0) json["matter"] = runRows(project, layer.cells);
    Json tiles = Json::array();
    forEachRun(project, layer.tiles, [&](Json run) { tiles.push_back(std::move(run)); });
    json["tiles"] = std::move(tiles);
    appendUnknown(json, layer.unknown);
    return json;
}

void readRun(ObjectReader& reader, const Project& project, Grid<Tile>& grid) {
    const auto [x, y] = reader.pair("at", 0, limits::maxBoardCells - 1);
    const std::string name = reader.text("sheet", "");
    const auto sheet = name.empty() ? std::optional(0) : project.sheetIndex(name);
    if (!sheet)
        failReading(ErrorKind::BadReference, "There is no sheet \"" + name + "\"",
                    reader.whereOf("sheet"), "Add it to the sheets or use another");
    std::vector<int> flips;
    reader.forEach("flips", limits::maxBoardCells, [&](const Json& item, const std::string& where) {
        if (!item.is_number_integer() || item.get<std::int64_t>() < 0 ||
            item.get<std::int64_t>() > 3)
            failReading(ErrorKind::OutOfRange, "A flip is 0, 1, 2 or 3", where, "Mend it");
        flips.push_back(item.get<int>());
    });
    int at = x;
    reader.forEach("tiles", limits::maxBoardCells, [&](const Json& item, const std::string& where) {
        const std::int64_t number =
            item.is_number_integer() ? item.get<std::int64_t>() : std::int64_t{-1};
        if (number < 0 || number > 65536 || (number > 0 && name.empty()))
            failReading(ErrorKind::OutOfRange, "A tile's number from 0 to 65,536 is wanted here",
                        where, "Mend it, and name its sheet");
        if (at >= grid.width() || y >= grid.height())
            failReading(ErrorKind::OutOfRange, "These tiles lie outside the level", where,
                        "Take them out");
        const auto i = static_cast<std::size_t>(at - x);
        const int flip = i < flips.size() ? flips[i] : 0;
        grid.set(at++, y,
                 number == 0 ? Tile::blank()
                             : Tile(*sheet, static_cast<int>(number) - 1, (flip & 1) != 0,
                                    (flip & 2) != 0));
    });
}

Json pictureJson(const Picture& picture) {
    Json json = describedJson(picture);
    appendUnknown(json, picture.unknown);
    return json;
}

Picture readPicture(ObjectReader& reader) {
    Picture picture = readDescribed<Picture>(reader);
    picture.unknown = reader.unknown();
    return picture;
}

void writeRects(JsonLines& lines, const char* key, const SharedVector<CellRect>& rects) {
    std::vector<std::string> rows;
    for (const CellRect& rect : rects)
        rows.push_back(
            compactText({{"at", {rect.x, rect.y}}, {"size", {rect.width, rect.height}}}));
    if (!rows.empty()) lines.list(key, rows);
}

/// Cut to the level; what lies outside of it is left out.
std::vector<CellRect> readRects(ObjectReader& reader, const char* key, const Level& level) {
    std::vector<CellRect> rects;
    reader.forEachObject(key, limits::maxEntities, [&](ObjectReader& item) {
        const auto [x, y] = item.pair("at", 0, limits::maxBoardCells - 1);
        const auto [width, height] = item.pair("size", 1, limits::maxBoardCells);
        const CellRect inside = CellRect{x, y, width, height}.intersected(level.cells.bounds());
        if (!inside.isEmpty()) rects.push_back(inside);
    });
    return rects;
}

}  // namespace

void writeSkin(JsonLines& lines, const Project& project, const Level& level) {
    if (!level.theme.empty()) lines.member("theme", level.theme);
    if (!level.backdrop.empty()) lines.member("backdrop", level.backdrop);
    if (!(level.chance == Chance()))
        lines.member("chance", {{"seed", level.chance.seed}, {"patch", level.chance.patch}});
    std::vector<std::string> tiles;
    forEachRun(project, level.tiles, [&](const Json& run) { tiles.push_back(compactText(run)); });
    if (!tiles.empty()) lines.list("tiles", tiles);
    std::vector<std::string> layers;
    for (const TileLayer& layer : level.layers)
        layers.push_back(compactText(layerJson(project, layer)));
    if (!layers.empty()) lines.list("layers", layers);
    writeRects(lines, "secrets", level.secrets);
    writeRects(lines, "motifs", level.motifs);
    writeScatter(lines, project, level);
}

void readSkin(ObjectReader& reader, const Project& project, Level& level) {
    level.theme = reader.text("theme", "");
    level.backdrop = reader.text("backdrop", "");
    if (!level.backdrop.empty() && !project.findBackdrop(level.backdrop))
        failReading(ErrorKind::BadReference, "There is no backdrop \"" + level.backdrop + "\"",
                    reader.whereOf("backdrop"), "Add it to rookplot.json or leave it out");
    if (reader.has("chance")) {
        ObjectReader chance = reader.object("chance");
        level.chance.seed = chance.integer("seed", 0, 1000000000, 1);
        level.chance.patch = chance.integer("patch", 0, 256, 0);
    }
    const auto readTiles = [&](ObjectReader& from, Grid<Tile>& grid) {
        if (!from.has("tiles") || from.get("tiles").empty()) return;
        grid = Grid<Tile>(level.cells.width(), level.cells.height());
        from.forEachObject("tiles", limits::maxEntities,
                           [&](ObjectReader& item) { readRun(item, project, grid); });
    };
    readTiles(reader, level.tiles);
    std::vector<TileLayer> layers;
    reader.forEachObject("layers", maxTileLayers, [&](ObjectReader& item) {
        TileLayer layer = readDescribed<TileLayer>(item);
        if (item.has("matter")) {
            layer.cells = Grid<Cell>(level.cells.width(), level.cells.height());
            readMatterRows(item, project, layer.cells, nullptr);
        }
        readTiles(item, layer.tiles);
        layer.unknown = item.unknown();
        layers.push_back(std::move(layer));
    });
    std::stable_partition(layers.begin(), layers.end(),
                          [](const TileLayer& layer) { return !layer.isFront; });
    level.layers = std::move(layers);
    level.secrets = readRects(reader, "secrets", level);
    level.motifs = readRects(reader, "motifs", level);
    readScatter(reader, project, level);
}

Json backdropJson(const Backdrop& backdrop) {
    Json pictures = Json::array();
    for (const Picture& picture : backdrop.pictures)
        pictures.push_back(pictureJson(picture));
    Json json = {
        {"name", backdrop.name}, {"title", backdrop.title}, {"pictures", std::move(pictures)}};
    appendUnknown(json, backdrop.unknown);
    return json;
}

Backdrop readBackdrop(ObjectReader& reader) {
    Backdrop backdrop;
    backdrop.name = reader.plainName("name");
    backdrop.title = reader.text("title", backdrop.name);
    reader.forEachObject("pictures", 64, [&](ObjectReader& item) {
        backdrop.pictures.push_back(readPicture(item));
    });
    backdrop.unknown = reader.unknown();
    return backdrop;
}

}  // namespace rook::file
