#include "level/compare.h"

#include <algorithm>
#include <map>
#include <string_view>

namespace rook::level {

namespace {

/// Reads cells and tiles of one project as those of another, by the names of matters and sheets.
class MatterNumbers {
public:
    MatterNumbers(const Project& from, const Project& to)
        : m_isNeeded(from.matters != to.matters || from.sheets != to.sheets) {
        if (!m_isNeeded) return;
        for (const Matter& matter : from.matters)
            m_matters.push_back(to.findMatter(matter.name));
        for (const Sheet& sheet : from.sheets)
            m_sheets.push_back(to.sheetIndex(sheet.name));
    }
    /// None if there is no such matter.
    [[nodiscard]] std::optional<Cell> operator()(Cell cell) const {
        if (!m_isNeeded || cell.isOpen()) return cell;
        const auto matter = m_matters[cell.matter().index];
        return matter ? std::optional(Cell(*matter, cell.form())) : std::nullopt;
    }
    [[nodiscard]] std::optional<Tile> operator()(Tile tile) const {
        if (!m_isNeeded || !tile.isShown()) return tile;
        const auto sheet = m_sheets[static_cast<std::size_t>(tile.sheet())];
        if (!sheet) return std::nullopt;
        return Tile(*sheet, tile.number(), tile.isMirrored(), tile.isUpsideDown());
    }
    [[nodiscard]] bool isNeeded() const { return m_isNeeded; }

private:
    bool m_isNeeded;
    std::vector<std::optional<MatterId>> m_matters;
    std::vector<std::optional<int>> m_sheets;
};

/// Cells in which two grids differ; a grid of no size counts as an empty one.
template <typename T>
int countOfOther(const Grid<T>& a, const Grid<T>& b, const MatterNumbers& translate) {
    if (a.width() != b.width() || a.height() != b.height()) {
        if (a.width() > 0 && b.width() > 0) return 1;
        const Grid<T>& full = a.width() > 0 ? a : b;
        return countOfOther(full, Grid<T>(full.width(), full.height()), translate);
    }
    int count = 0;
    const auto visit = [&](const CellRect& chunk) {
        for (int y = chunk.y; y < chunk.bottom(); ++y)
            for (int x = chunk.x; x < chunk.right(); ++x)
                count += translate(a.at(x, y)) != std::optional(b.at(x, y));
    };
    if (translate.isNeeded())
        visit(a.bounds());
    else
        Grid<T>::forEachChangedChunk(a, b, visit);
    return count;
}

template <typename Item>
auto listKeyOf(const Item& item) {
    if constexpr (requires { item.id.text; })
        return std::string_view(item.id.text);
    else
        return item.id;
}

/// Items, by their ids, that stand in one list only or are not the same.
template <typename List>
int countOfOtherItems(const List& a, const List& b) {
    if constexpr (requires { a.isSharedWith(b); })
        if (a.isSharedWith(b)) return 0;
    using Item = std::decay_t<decltype(*a.begin())>;
    std::map<decltype(listKeyOf(std::declval<Item>())), const Item*> items;
    for (const auto& item : a)
        items[listKeyOf(item)] = &item;
    int count = 0;
    for (const auto& item : b) {
        const auto found = items.find(listKeyOf(item));
        if (found == items.end()) {
            ++count;
            continue;
        }
        count += !(*found->second == item);
        items.erase(found);
    }
    return count + static_cast<int>(items.size());
}

int countOfOtherTiles(const Level& a, const Level& b, const MatterNumbers& translate) {
    int count = countOfOther(a.tiles, b.tiles, translate);
    for (std::size_t i = 0; i < std::min(a.layers.size(), b.layers.size()); ++i)
        count += countOfOther(a.layers[i].tiles, b.layers[i].tiles, translate) +
                 countOfOther(a.layers[i].cells, b.layers[i].cells, translate);
    return count;
}

/// A level without what is counted by itself, and what the program finds again.
Level restOf(Level level) {
    level.cells = Grid<Cell>(level.cells.width(), level.cells.height());
    level.tiles = Grid<Tile>();
    level.layers.edit([](auto& layers) {
        for (TileLayer& layer : layers) {
            layer.tiles = Grid<Tile>();
            layer.cells = Grid<Cell>();
        }
    });
    level.entities = {};
    level.pieces = {};
    level.solids = {};
    level.zones = {};
    level.sketch = {};
    level.proof.reset();
    level.legend.clear();
    return level;
}

}  // namespace

LevelDifference differenceOf(const Project& projectOfA, const Level& a, const Project& projectOfB,
                             const Level& b) {
    const MatterNumbers translate(projectOfA, projectOfB);
    LevelDifference difference;
    if (&a == &b && !translate.isNeeded()) return difference;
    difference.hasOtherSize = a.cells.bounds() != b.cells.bounds();
    if (!difference.hasOtherSize) {
        difference.cells = countOfOther(a.cells, b.cells, translate);
        difference.tiles = countOfOtherTiles(a, b, translate);
    }
    difference.entities = countOfOtherItems(a.entities, b.entities);
    difference.pieces =
        countOfOtherItems(a.pieces, b.pieces) + countOfOtherItems(a.solids, b.solids);
    difference.zones = countOfOtherItems(a.zones, b.zones);
    difference.hasOtherSketch = !(a.sketch == b.sketch);
    Level restOfA = restOf(a), restOfB = restOf(b);
    restOfA.cells = restOfB.cells = Grid<Cell>();
    difference.hasOtherRest = !(restOfA == restOfB);
    return difference;
}

bool haveSameRest(const Project& a, const Project& b) {
    const auto withoutBoards = [](Project project) {
        project.levels.clear();
        project.swatches.clear();
        project.kits = {};
        return project;
    };
    const auto haveSameOrder = [](const auto& x, const auto& y) {
        return std::equal(x.begin(), x.end(), y.begin(), y.end(),
                          [](const auto& one, const auto& other) { return one->id == other->id; });
    };
    return haveSameOrder(a.levels, b.levels) && withoutBoards(a) == withoutBoards(b);
}

}  // namespace rook::level
