#include <algorithm>
#include <tuple>

#include "file/baked_layers_detail.h"
#include "file/described_detail.h"
#include "file/number_rows_detail.h"
#include "file/tile_rows_detail.h"
#include "rook_shapes.hpp"
#include "skin/dressing.h"

namespace rook::file {

namespace {

using namespace level;

/// Tiles that are cut to the form of a cell, as large as a cell, each once, in one sheet.
class CutTiles {
public:
    CutTiles(const Project& project, CellSize cell, const Images& images)
        : m_project(project), m_cell(cell), m_images(images) {}

    static constexpr int columns = 16;
    [[nodiscard]] CellSize cell() const { return m_cell; }

    [[nodiscard]] bool isCut(Tile tile, Form form) const {
        return form != Form::Full && imageOf(tile);
    }
    /// From 1 on; what moves stands there with all its frames.
    int numberOf(Tile tile, Form form) {
        const auto [found, isNew] = m_numbers.try_emplace(Key{tile, form}, 0);
        if (!isNew) return found->second;
        const int number = found->second = add(tile, form);
        const TileAnimation* animation =
            m_project.sheets[std::size_t(tile.sheet())].animationOf(tile.number());
        if (!animation) return number;
        TileAnimation cut{number - 1, {}, animation->ticks};
        for (const int frame : animation->frames)
            cut.frames.push_back(numberOfFrame(tile, frame, form) - 1);
        m_animations.push_back(std::move(cut));
        return number;
    }
    [[nodiscard]] const std::vector<TileAnimation>& animations() const { return m_animations; }
    [[nodiscard]] bool isTooMany() const {
        return rows() * m_cell.height > 16384 ||
               std::int64_t{rows()} * m_cell.height * columns * m_cell.width > maxImagePx;
    }
    [[nodiscard]] Picture32 picture() const {
        Picture32 sheet;
        if (m_cuts.empty()) return sheet;
        sheet.width = columns * m_cell.width;
        sheet.height = rows() * m_cell.height;
        sheet.rgba.resize(std::size_t(sheet.width) * std::size_t(sheet.height) * 4);
        for (std::size_t i = 0; i < m_cuts.size(); ++i)
            cut(m_cuts[i], int(i) % columns * m_cell.width, int(i) / columns * m_cell.height,
                sheet);
        return sheet;
    }

private:
    using Key = std::pair<Tile, Form>;

    [[nodiscard]] int rows() const { return (int(m_cuts.size()) + columns - 1) / columns; }
    [[nodiscard]] const Picture32* imageOf(Tile tile) const {
        const auto found = m_images.find(m_project.sheets[std::size_t(tile.sheet())].path);
        return found == m_images.end() ? nullptr : &found->second;
    }
    int add(Tile tile, Form form) {
        m_cuts.emplace_back(tile, form);
        return int(m_cuts.size());
    }
    int numberOfFrame(Tile tile, int number, Form form) {
        const Tile frame(tile.sheet(), number, tile.isMirrored(), tile.isUpsideDown());
        const auto [found, isNew] = m_frames.try_emplace(Key{frame, form}, 0);
        if (isNew) found->second = add(frame, form);
        return found->second;
    }
    /// The px of the tile that lies at (x, y) of a cell is the nearest one.
    void cut(const Key& key, int left, int top, Picture32& sheet) const {
        const auto [tile, form] = key;
        const Picture32& image = *imageOf(tile);
        const Sheet& source = m_project.sheets[std::size_t(tile.sheet())];
        const int x0 = tile.number() % source.columns * source.tile.width;
        const int y0 = tile.number() / source.columns * source.tile.height;
        for (int y = 0; y < m_cell.height; ++y) {
            for (int x = 0; x < m_cell.width; ++x) {
                if (!runtime::formFills(form, x, y, m_cell.width, m_cell.height)) continue;
                const int across = tile.isMirrored() ? m_cell.width - 1 - x : x;
                const int down = tile.isUpsideDown() ? m_cell.height - 1 - y : y;
                const int sx = x0 + across * source.tile.width / m_cell.width;
                const int sy = y0 + down * source.tile.height / m_cell.height;
                if (sx < image.width && sy < image.height)
                    std::copy_n(image.at(sx, sy), 4, sheet.at(left + x, top + y));
            }
        }
    }

    const Project& m_project;
    CellSize m_cell;
    const Images& m_images;
    std::map<Key, int> m_numbers;
    std::map<Key, int> m_frames;  ///< those that are shown in turn; their own tiles keep still
    std::vector<Key> m_cuts;
    std::vector<TileAnimation> m_animations;
};

struct LayerHead {
    std::string name;
    const char* role;
    int depth = 0;  ///< below 0 is behind the masses
    int opacity = 100;
    bool fades = false;  ///< in play, where it would hide the player
    std::optional<FadeLine> fadeLine{};
};

/// The tiles of one layer and the forms of the cells that they lie in.
struct Worn {
    CellRect bounds;
    const std::vector<Tile>& tiles;
    const Grid<Cell>& cells;  ///< 0 x 0: all are filled

    /// Calls `take(x, tile, form)` for each tile of a row that is shown.
    template <typename Take>
    void forEachShown(int y, Take&& take) const {
        const Tile* row = tiles.data() + std::size_t(y) * std::size_t(bounds.width);
        if (cells.width() == 0) {
            for (int x = 0; x < bounds.width; ++x)
                if (row[x].isShown()) take(x, row[x], Form::Full);
            return;
        }
        cells.forEachRunOfRow(y, [&](int first, int count, const Cell* values) {
            for (int i = 0; i < count; ++i)
                if (row[first + i].isShown()) take(first + i, row[first + i], values[i].form());
        });
    }
};

class LayerWriting {
public:
    LayerWriting(JsonLines& lines, const Project& project, CutTiles& cuts,
                 const std::string& cutPath)
        : m_lines(lines), m_project(project), m_cuts(cuts), m_cutPath(cutPath) {}

    /// One a sheet that its tiles are of, and one of those that are cut.
    void write(const LayerHead& head, const Worn& worn) {
        std::vector<bool> isUsed(m_project.sheets.size()), isFlipped(m_project.sheets.size());
        bool hasCuts = false;
        for (int y = 0; y < worn.bounds.height; ++y)
            worn.forEachShown(y, [&](int, Tile tile, Form form) {
                if (m_cuts.isCut(tile, form)) {
                    hasCuts = true;
                    return;
                }
                const auto sheet = static_cast<std::size_t>(tile.sheet());
                isUsed[sheet] = true;
                isFlipped[sheet] = isFlipped[sheet] || tile.isMirrored() || tile.isUpsideDown();
            });
        for (std::size_t i = 0; i < m_project.sheets.size(); ++i)
            if (isUsed[i]) writeWhole(head, worn, i, isFlipped[i]);
        if (hasCuts) writeCut(head, worn);
    }

private:
    void begin(const LayerHead& head, const std::string& sheet, CellSize tile, int columns) {
        m_lines.beginItem();
        m_lines.member("name", head.name);
        m_lines.member("role", head.role);
        m_lines.member("order", m_order++);
        m_lines.member("depth", head.depth);
        m_lines.member("parallax", {1, 1});
        if (head.opacity != 100) m_lines.member("opacity", head.opacity);
        if (head.fades) m_lines.member("fades", true);
        if (head.fadeLine)
            m_lines.member("fadeLine", describedJson(FileContext{&m_project}, *head.fadeLine));
        m_lines.member("sheet", sheet);
        m_lines.member("tile", {tile.width, tile.height});
        m_lines.member("columns", columns);
    }
    /// `numberOf(tile, form)`, 0 where there is none.
    template <typename NumberOf>
    void numbers(const char* key, const Worn& worn, NumberOf&& numberOf) {
        writeNumbers(m_lines, key, worn.bounds.width, worn.bounds.height, m_project.bundle.isPacked,
                     [&](int y, std::uint32_t* row) {
                         std::fill_n(row, worn.bounds.width, 0);
                         worn.forEachShown(y, [&](int x, Tile tile, Form form) {
                             row[x] = static_cast<std::uint32_t>(numberOf(tile, form));
                         });
                     });
    }
    void animations(const std::vector<TileAnimation>& list) {
        if (!list.empty())
            m_lines.member("animations", detail::jsonOf(FileContext{&m_project}, list, plain));
    }
    void writeWhole(const LayerHead& head, const Worn& worn, std::size_t index, bool isFlipped) {
        const Sheet& sheet = m_project.sheets[index];
        begin(head, sheet.path, sheet.tile, sheet.columns);
        animations(sheet.animations);
        const auto isOwn = [&](Tile tile, Form form) {
            return tile.sheet() == static_cast<int>(index) && !m_cuts.isCut(tile, form);
        };
        numbers("tiles", worn,
                [&](Tile tile, Form form) { return isOwn(tile, form) ? tile.number() + 1 : 0; });
        if (isFlipped)
            numbers("flips", worn,
                    [&](Tile tile, Form form) { return isOwn(tile, form) ? flipOf(tile) : 0; });
        m_lines.endItem();
    }
    void writeCut(const LayerHead& head, const Worn& worn) {
        const CellSize cell = m_cuts.cell();
        begin(head, m_cutPath, cell, CutTiles::columns);
        const auto numberOf = [&](Tile tile, Form form) {
            return m_cuts.isCut(tile, form) ? m_cuts.numberOf(tile, form) : 0;
        };
        // They get their numbers in the order in which they lie there.
        for (int y = 0; y < worn.bounds.height; ++y)
            worn.forEachShown(y, [&](int, Tile tile, Form form) { (void)numberOf(tile, form); });
        animations(m_cuts.animations());
        numbers("tiles", worn, numberOf);
        m_lines.endItem();
    }

    JsonLines& m_lines;
    const Project& m_project;
    CutTiles& m_cuts;
    const std::string& m_cutPath;
    int m_order = 0;
};

}  // namespace

Result<Picture32> writeLayers(JsonLines& lines, const Project& project, const Level& level,
                              const Images& images, const std::string& cutPath) {
    const CellRect bounds = level.cells.bounds();
    const auto behind =
        static_cast<int>(std::count_if(level.layers.begin(), level.layers.end(),
                                       [](const TileLayer& layer) { return !layer.isFront; }));
    const skin::TilingRules tilingRules = skin::TilingRules::of(project, level);
    CutTiles cuts(project, level.cellSize, images);
    LayerWriting writing(lines, project, cuts, cutPath);
    lines.beginList("layers");
    for (int i = 0; i <= static_cast<int>(level.layers.size()); ++i) {
        if (i == behind)
            writing.write({"masses", "main", 0, 100, false},
                          {bounds, dress(tilingRules, level, bounds).tiles, level.cells});
        if (i == static_cast<int>(level.layers.size())) break;
        const TileLayer& layer = level.layers[static_cast<std::size_t>(i)];
        if (!layer.isExported || (layer.tiles.width() == 0 && layer.cells.width() == 0)) continue;
        writing.write(
            {layer.name, layer.isFront ? "front" : "back", i < behind ? i - behind : i - behind + 1,
             layer.opacity, layer.isFront && layer.fades,
             layer.isFront ? layer.fadeLine : std::nullopt},
            {bounds, skin::dressLayer(tilingRules, level, layer, bounds).tiles, layer.cells});
    }
    lines.endList();
    if (cuts.isTooMany())
        return fail(ErrorKind::OutOfRange, "More tiles lie on slopes than one sheet can hold",
                    level.title, "Use fewer tiles on slopes and half cells");
    return cuts.picture();
}

}  // namespace rook::file
