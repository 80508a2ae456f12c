/// Matters, layers and scatter rules: what their files hold in a way of their own.

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/matter_text.h"
#include "file/tile_rows_detail.h"
#include "level/forms.h"

namespace rook::file {

using namespace level;

namespace {

Json tileJson(const Project& project, Tile tile) {
    Json json = {{"sheet", project.sheets[static_cast<std::size_t>(tile.sheet())].name},
                 {"tile", tile.number() + 1}};
    if (const int flip = flipOf(tile); flip != 0) json["flip"] = flip;
    return json;
}

Tile readTile(ObjectReader& reader, const Project& project) {
    const std::string name = readText(reader, "sheet", text(TextSort::Sheet), project);
    const int number = reader.integer("tile", 1, 65536) - 1;
    const int flip = reader.integer("flip", 0, 3, 0);
    if (name.empty())
        failReading(ErrorKind::BadReference, "The sheet of the tile is not said",
                    reader.whereOf("sheet"), "Name one of the sheets");
    return {*project.sheetIndex(name), number, (flip & 1) != 0, (flip & 2) != 0};
}

}  // namespace

void readByHand(ObjectReader& reader, FileContext&, Matter& matter, std::string_view key) {
    matter.fields = readNamedValues(reader, key);
}

void writeByHand(Json& json, const FileContext&, const Matter& matter, std::string_view key) {
    addNamedValues(json, key, matter.fields);
}

void checkFurther(ObjectReader& reader, const FileContext&, const Matter& matter) {
    if (charactersOf(matter.glyph).size() > 1)
        failReading(ErrorKind::OutOfRange, "A glyph is one character", reader.whereOf("glyph"),
                    "Leave one");
    if (!canTake(matter.behaviour, matter.form))
        failReading(ErrorKind::NotApplicable, "This matter cannot be laid in that form",
                    reader.whereOf("form"), "Use full, lower-half or upper-half");
}

void readByHand(ObjectReader& reader, FileContext& context, TileLayer& layer,
                std::string_view key) {
    if (key == "tiles") {
        layer.tiles = readTiles(reader, context);
        return;
    }
    if (!reader.has("matter")) return;
    layer.cells = Grid<Cell>(context.board.width, context.board.height);
    readMatterRows(reader, *context.project, layer.cells, nullptr);
}

void writeByHand(Json& json, const FileContext& context, const TileLayer& layer,
                 std::string_view key) {
    if (key == "tiles") {
        Json tiles = Json::array();
        for (Json& run : tileRuns(*context.project, layer.tiles))
            tiles.push_back(std::move(run));
        json["tiles"] = std::move(tiles);
    } else if (layer.cells.width() > 0) {
        json["matter"] = runRows(*context.project, layer.cells);
    }
}

void readByHand(ObjectReader& reader, FileContext& context, ScatterRule& rule,
                std::string_view key) {
    reader.forEachObject(std::string(key), maxScatterTiles, [&](ObjectReader& item) {
        rule.tiles.push_back(readTile(item, *context.project));
    });
}

void writeByHand(Json& json, const FileContext& context, const ScatterRule& rule,
                 std::string_view key) {
    if (rule.tiles.empty()) return;
    Json tiles = Json::array();
    for (const Tile tile : rule.tiles)
        tiles.push_back(tileJson(*context.project, tile));
    json[key] = std::move(tiles);
}

}  // namespace rook::file
