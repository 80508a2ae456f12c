#include "file/tile_rows_detail.h"

#include <map>

#include "base/limits.h"
#include "file/matter_text.h"
#include "file/value_json_detail.h"

namespace rook::file {

using namespace level;

namespace {

template <typename T>
T orThrow(Result<T> result) {
    if (!result) throw ReadFailure{result.error()};
    if constexpr (!std::is_void_v<T>) return std::move(*result);
}

std::map<std::string, Cell> readLegend(ObjectReader& reader, const Project& project,
                                       std::vector<LegendEntry>& kept) {
    std::map<std::string, Cell> legend;
    const std::string where = reader.whereOf("legend");
    for (const auto& [glyph, value] : reader.get("legend").items()) {
        if (!value.is_string() || charactersOf(glyph).size() != 1) {
            failReading(ErrorKind::WrongType, "A legend gives one character a matter", where,
                        "Write \"#\": \"stone\"");
        }
        const Cell cell =
            orThrow(cellOfName(project, value.get<std::string>(), where + "." + glyph));
        legend[glyph] = cell;
        kept.push_back({glyph, cell});
    }
    return legend;
}

Json runJson(const Project& project, const Grid<Tile>& grid, int y, int from, int to) {
    Json tiles = Json::array();
    Json flips = Json::array();
    bool isFlipped = false;
    std::string sheet;
    for (int x = from; x < to; ++x) {
        const Tile tile = grid.at(x, y);
        tiles.push_back(tile.isBlank() ? 0 : tile.number() + 1);
        const int flip = tile.isBlank() ? 0 : flipOf(tile);
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

void readRun(ObjectReader& reader, const Project& project, Grid<Tile>& grid) {
    const std::pair<int, int> from = reader.pair("at", 0, limits::maxBoardCells - 1);
    const int x = from.first, y = from.second;  // names of their own, which lambdas may take
    const std::string name =
        reader.has("sheet") ? readText(reader, "sheet", text(TextSort::Sheet), project) : "";
    const auto sheet = name.empty() ? std::optional(0) : project.sheetIndex(name);
    std::vector<int> flips;
    reader.forEach("flips", limits::maxBoardCells, [&](const Json& item, const std::string& where) {
        flips.push_back(integerOf(item, 0, 3, where));
    });
    int at = x;
    reader.forEach("tiles", limits::maxBoardCells, [&](const Json& item, const std::string& where) {
        const int number = integerOf(item, 0, 65536, where);
        if (number > 0 && name.empty())
            failReading(ErrorKind::OutOfRange, "The sheet of these tiles is not said", where,
                        "Name one of the sheets");
        if (at >= grid.width() || y >= grid.height())
            failReading(ErrorKind::OutOfRange, "These tiles lie outside the level", where,
                        "Take them out");
        const auto i = static_cast<std::size_t>(at - x);
        const int flip = i < flips.size() ? flips[i] : 0;
        grid.set(at++, y,
                 number == 0 ? Tile::blank()
                             : Tile(*sheet, number - 1, (flip & 1) != 0, (flip & 2) != 0));
    });
}

}  // namespace

void readMatterRows(ObjectReader& reader, const Project& project, Grid<Cell>& cells,
                    std::vector<LegendEntry>* kept) {
    std::map<std::string, Cell> legend;
    if (kept && reader.has("legend")) legend = readLegend(reader, project, *kept);
    int y = 0;
    const std::string where = reader.whereOf("matter");
    reader.forEach("matter", limits::maxBoardCells, [&](const Json& item, const std::string& at) {
        const std::string row = textOf(item, at);
        if (y < cells.height())
            orThrow(legend.empty() ? readRunRow(project, row, y, cells, where)
                                   : readDrawnRow(row, legend, y, cells, where));
        ++y;
    });
    if (y != cells.height()) {
        failReading(ErrorKind::OutOfRange,
                    "There are " + std::to_string(y) + " rows and should be " +
                        std::to_string(cells.height()),
                    where, "Make them as many as size.rows");
    }
}

std::vector<Json> tileRuns(const Project& project, const Grid<Tile>& grid) {
    std::vector<Json> runs;
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
            runs.push_back(runJson(project, grid, y, from, x));
            --x;
        }
    }
    return runs;
}

Grid<Tile> readTiles(ObjectReader& reader, const FileContext& context) {
    Grid<Tile> grid(0, 0);
    if (!reader.has("tiles") || reader.get("tiles").empty()) return grid;
    grid = Grid<Tile>(context.board.width, context.board.height);
    reader.forEachObject("tiles", limits::maxEntities,
                         [&](ObjectReader& item) { readRun(item, *context.project, grid); });
    return grid;
}

int flipOf(Tile tile) {
    return (tile.isMirrored() ? 1 : 0) + (tile.isUpsideDown() ? 2 : 0);
}

}  // namespace rook::file
