/// Levels and blocks: what their files hold in a way of their own.

#include <algorithm>
#include <set>

#include "base/limits.h"
#include "file/described_detail.h"
#include "file/matter_text.h"
#include "file/tile_rows_detail.h"

namespace rook::file {

using namespace level;

namespace {

void readCellSize(ObjectReader cell, Level& level) {
    level.cellSize.width = cell.integer("width", 1, limits::maxCellPx);
    level.cellSize.height = cell.integer("height", 1, limits::maxCellPx);
}

void readSize(ObjectReader size, Level& level, FileContext& context) {
    const int columns = size.integer("columns", 1, limits::maxBoardCells);
    const int rows = size.integer("rows", 1, limits::maxBoardCells);
    level.cells = Grid<Cell>(columns, rows);
    context.board = level.cells.bounds();
}

void readBackground(ObjectReader background, Level& level) {
    level.background = background.color("color", level.background);
    if (background.has("below")) level.backgroundBelow = background.color("below", "");
}

/// Cut to the level; what lies outside of it is left out.
std::vector<CellRect> readRects(ObjectReader& reader, std::string_view key, const CellRect& board) {
    std::vector<CellRect> rects;
    reader.forEachObject(std::string(key), limits::maxEntities, [&](ObjectReader& item) {
        const CellRect inside = readPlace(item, 0, limits::maxBoardCells).intersected(board);
        if (!inside.isEmpty()) rects.push_back(inside);
    });
    return rects;
}

void writeRects(JsonLines& lines, std::string_view key, const SharedVector<CellRect>& rects) {
    std::vector<std::string> rows;
    for (const CellRect& rect : rects) {
        Json json = Json::object();
        appendPlace(json, rect);
        rows.push_back(compactText(json));
    }
    if (!rows.empty()) lines.list(std::string(key), rows);
}

void writeMatter(JsonLines& lines, const Project& project, const Level& level) {
    const auto legend = legendOf(project, level);
    std::vector<std::string> rows;
    if (needsRuns(level, legend)) {
        rows = runRows(project, level.cells);
    } else {
        Json names = Json::object();
        for (const LegendEntry& entry : legend)
            names[entry.glyph] = cellName(project, entry.cell);
        lines.member("legend", names);
        rows = drawnRows(level.cells, legend);
    }
    for (std::string& row : rows)
        row = jsonString(row);
    lines.list("matter", rows);
}

void writeTiles(JsonLines& lines, const Project& project, const Level& level) {
    std::vector<std::string> tiles;
    for (const Json& run : tileRuns(project, level.tiles))
        tiles.push_back(compactText(run));
    if (!tiles.empty()) lines.list("tiles", tiles);
}

}  // namespace

void readByHand(ObjectReader& reader, FileContext& context, Level& level, std::string_view key) {
    if (key == "cell") readCellSize(reader.object("cell"), level);
    if (key == "size") readSize(reader.object("size"), level, context);
    if (key == "background" && reader.has(std::string(key)))
        readBackground(reader.object("background"), level);
    // Of a puzzle level all cells are open.
    if (key == "matter" && level.kind == LevelKind::Puzzle && !reader.has("matter")) return;
    if (key == "matter") readMatterRows(reader, *context.project, level.cells, &level.legend);
    if (key == "tiles") level.tiles = readTiles(reader, context);
    if (key == "secrets") level.secrets = readRects(reader, key, context.board);
    if (key == "motifs") level.motifs = readRects(reader, key, context.board);
}

void writeByHand(JsonLines& lines, const FileContext& context, const Level& level,
                 std::string_view key) {
    if (key == "cell")
        lines.member("cell", {{"width", level.cellSize.width}, {"height", level.cellSize.height}});
    if (key == "size")
        lines.member("size", {{"columns", level.cells.width()}, {"rows", level.cells.height()}});
    if (key == "background") lines.member("background", backgroundJson(level));
    const bool isBare = level.kind == LevelKind::Puzzle && level.legend.empty() &&
                        level.cells == Grid<Cell>(level.cells.width(), level.cells.height());
    if (key == "matter" && !isBare) writeMatter(lines, *context.project, level);
    if (key == "tiles") writeTiles(lines, *context.project, level);
    if (key == "secrets") writeRects(lines, key, level.secrets);
    if (key == "motifs") writeRects(lines, key, level.motifs);
}

namespace {

/// The message of former versions is the text at the start.
void readMessage(ObjectReader& reader, Level& level) {
    const std::string message = reader.text("message", "");
    if (message.empty()) return;
    Words words{"start", WordsWhen::Start, message, WordsPlace::Middle, 0, {}, {}};
    const auto isTaken = [&](const std::string& id) {
        return std::any_of(level.texts.begin(), level.texts.end(),
                           [&](const Words& each) { return each.id == id; });
    };
    for (int number = 2; isTaken(words.id); ++number)
        words.id = "start-" + std::to_string(number);
    level.texts.edit([&](auto& texts) { texts.insert(texts.begin(), std::move(words)); });
}

/// Texts that only the game has.
void checkTexts(ObjectReader& reader, const Level& level) {
    for (const Words& words : level.texts)
        if (words.when == WordsWhen::Over || words.when == WordsWhen::End)
            failReading(ErrorKind::WrongType,
                        "The text \"" + words.id + "\" of a level is said at \"" +
                            std::string(nameOf(words.when)) + "\", which is for those of the game",
                        reader.whereOf("texts"), "Use start, won, lost or said");
}

}  // namespace

void checkFurther(ObjectReader& reader, const FileContext& context, Level& level) {
    readMessage(reader, level);
    checkTexts(reader, level);
    const auto wants = [&](bool isThere, const char* key, const char* what, const std::string& name,
                           const char* remedy) {
        if (!name.empty() && !isThere)
            failReading(ErrorKind::BadReference,
                        "There is no " + std::string(what) + " \"" + name + "\"",
                        reader.whereOf(key), remedy);
    };
    const Project& project = *context.project;
    wants(project.profileOf(level) != nullptr, "motion", "motion profile", level.profile,
          "Add it to rookplot.json or use another");
    wants(project.findKit(level.kit) != nullptr, "kit", "kit", level.kit,
          "Add it to the kits or use another");
    std::set<int> ids;
    for (const PlacedPiece& placed : level.pieces)
        ids.insert(placed.id);
    for (const Solid& solid : level.solids)
        if (!ids.insert(solid.id).second)
            failReading(ErrorKind::BadReference,
                        "A piece and a solid both have the id " + std::to_string(solid.id),
                        reader.whereOf("blockOut"), "Give one of them another id");
    wants(project.findBackdrop(level.backdrop) != nullptr, "backdrop", "backdrop", level.backdrop,
          "Add it to rookplot.json or leave it out");
    level.layers.edit([](auto& layers) {
        std::stable_partition(layers.begin(), layers.end(),
                              [](const TileLayer& layer) { return !layer.isFront; });
    });
}

void readByHand(ObjectReader& reader, FileContext&, LaidBlock& laid, std::string_view) {
    laid.place = readPlace(reader, 0, limits::maxBlockCells);
}

void writeByHand(Json& json, const FileContext&, const LaidBlock& laid, std::string_view) {
    appendPlace(json, laid.place);
}

void readByHand(ObjectReader& reader, FileContext& context, Block& block, std::string_view) {
    const auto [columns, rows] = reader.pair("size", 1, limits::maxBlockCells);
    block.cells = Grid<Cell>(columns, rows);
    readMatterRows(reader, *context.project, block.cells, nullptr);
}

void writeByHand(Json& json, const FileContext& context, const Block& block, std::string_view) {
    json["size"] = {block.cells.width(), block.cells.height()};
    json["matter"] = runRows(*context.project, block.cells);
}

}  // namespace rook::file
