#include "skin/dressing.h"

#include <algorithm>

namespace rook::skin {

using level::Cell;
using level::Level;
using level::Tile;

namespace {

/// A number that looks random, of a place and a seed (the finishing steps of SplitMix64).
std::uint64_t rollOf(std::uint64_t seed, int x, int y) {
    std::uint64_t z = seed + 0x9e3779b97f4a7c15ULL * (static_cast<std::uint64_t>(x) + 1) +
                      0xc2b2ae3d27d4eb4fULL * (static_cast<std::uint64_t>(y) + 1);
    z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9ULL;
    z = (z ^ (z >> 27)) * 0x94d049bb133111ebULL;
    return z ^ (z >> 31);
}

Tile chosen(const std::vector<Variant>& variants, int total, std::uint64_t roll) {
    if (variants.size() == 1) return variants.front().tile;
    auto left = static_cast<int>(roll % static_cast<std::uint64_t>(total));
    for (const Variant& variant : variants) {
        left -= variant.count;
        if (left < 0) return variant.tile;
    }
    return variants.back().tile;
}

/// Dresses one area. Works on a copy of its cells with a border, so that no neighbour needs a look
/// at the board.
class Dresser {
public:
    Dresser(const TilingRules& tilingRules, const Level& level, const CellRect& area, int salt)
        : m_tilingRules(tilingRules),
          m_level(level),
          m_seed(static_cast<std::uint64_t>(static_cast<std::int64_t>(level.chance.seed)) *
                     1000003 +
                 static_cast<std::uint64_t>(static_cast<std::int64_t>(salt))),
          m_area(area),
          m_width(area.width + 2 * reachOfDressing),
          m_height(area.height + 2 * reachOfDressing) {
        takeCells();
        takeExposures();
        takeDepths();
        if (!tilingRules.motifs().empty()) layMotifs();
    }

    [[nodiscard]] Dressed run() {
        Dressed dressed;
        dressed.area = m_area;
        const auto count = static_cast<std::size_t>(m_area.area());
        dressed.tiles.resize(count);
        dressed.guessed.resize(count);
        const bool hasPins = m_level.tiles.width() > 0;
        std::size_t i = 0;
        for (int y = 0; y < m_area.height; ++y) {
            for (int x = 0; x < m_area.width; ++x, ++i) {
                if (hasPins) {
                    const Tile pinned = m_level.tiles.at(m_area.x + x, m_area.y + y);
                    if (!pinned.isNone()) {
                        dressed.tiles[i] = pinned.isBlank() ? Tile() : pinned;
                        continue;
                    }
                }
                const std::size_t at = indexOf(x + reachOfDressing, y + reachOfDressing);
                if (!m_laid.empty() && !m_laid[at].isNone()) {
                    dressed.tiles[i] = m_laid[at].isBlank() ? Tile() : m_laid[at];
                    continue;
                }
                if (m_cells[at].isOpen())
                    dressed.tiles[i] = trimAt(at, m_area.x + x, m_area.y + y);
                else
                    dressed.tiles[i] = tileAt(at, m_area.x + x, m_area.y + y, dressed.guessed[i]);
            }
        }
        return dressed;
    }

private:
    [[nodiscard]] std::size_t indexOf(int x, int y) const {
        return static_cast<std::size_t>(y) * static_cast<std::size_t>(m_width) +
               static_cast<std::size_t>(x);
    }

    /// Beyond its border, a board goes on as it ends.
    void takeCells() {
        m_cells.resize(static_cast<std::size_t>(m_width) * static_cast<std::size_t>(m_height));
        const auto& cells = m_level.cells;
        const int left = m_area.x - reachOfDressing;
        for (int y = 0; y < m_height; ++y) {
            const int row = std::clamp(m_area.y - reachOfDressing + y, 0, cells.height() - 1);
            Cell* line = &m_cells[indexOf(0, y)];
            if (y > 0 && row == m_lastRow) {
                std::copy(line - m_width, line, line);
                continue;
            }
            m_lastRow = row;
            for (int x = 0; x < m_width; ++x)
                line[x] = cells.at(std::clamp(left + x, 0, cells.width() - 1), row);
        }
    }

    void takeExposures() {
        m_exposures.assign(m_cells.size(), 0);
        const Joins& joins = m_tilingRules.joins();
        for (int y = 1; y + 1 < m_height; ++y) {
            const Cell* above = &m_cells[indexOf(0, y - 1)];
            const Cell* line = &m_cells[indexOf(0, y)];
            const Cell* below = &m_cells[indexOf(0, y + 1)];
            Exposure* out = &m_exposures[indexOf(0, y)];
            for (int x = 1; x + 1 < m_width; ++x) {
                const Cell cell = line[x];
                if (cell.isOpen()) continue;
                const auto joined = [&](Cell other, int bit) {
                    // Most neighbours are equal: no look at the table then.
                    return (other == cell || joins.are(cell, other)) ? 1u << bit : 0u;
                };
                out[x] = withRealCorners(joined(above[x], 0) | joined(above[x + 1], 1) |
                                         joined(line[x + 1], 2) | joined(below[x + 1], 3) |
                                         joined(below[x], 4) | joined(below[x - 1], 5) |
                                         joined(line[x - 1], 6) | joined(above[x - 1], 7));
            }
        }
    }

    /// Ring by ring: a cell is one deeper if all nine around and at it are that deep.
    void takeDepths() {
        m_depths.assign(m_cells.size(), 0);
        for (std::size_t i = 0; i < m_cells.size(); ++i)
            m_depths[i] = m_exposures[i] == inside ? 1 : 0;
        std::vector<std::uint8_t> across(m_cells.size());
        for (int depth = 1; depth < mostDepth; ++depth) {
            const auto isDeep = [&](std::size_t i) { return m_depths[i] >= depth; };
            for (std::size_t i = 1; i + 1 < m_cells.size(); ++i)
                across[i] = isDeep(i - 1) && isDeep(i) && isDeep(i + 1);
            const auto width = static_cast<std::size_t>(m_width);
            for (int y = 1 + depth; y + 1 + depth < m_height; ++y)
                for (int x = 1 + depth; x + 1 + depth < m_width; ++x) {
                    const std::size_t i = indexOf(x, y);
                    if (across[i - width] && across[i] && across[i + width]) m_next.push_back(i);
                }
            for (const std::size_t i : m_next)
                m_depths[i] = static_cast<std::uint8_t>(depth + 1);
            m_next.clear();
        }
    }

    /// A motif that would lie at (x, y) of the copy.
    struct Laying {
        const Motif* motif = nullptr;
        int x = 0;
        int y = 0;
        std::uint64_t rank = 0;
    };
    void layMotifs() {
        const std::vector<Laying> wished = wishedMotifs();
        std::vector<std::uint64_t> highest(m_cells.size(), 0);
        const auto forEachCell = [this](const Laying& laying, auto&& visit) {
            for (int dy = 0; dy < laying.motif->height; ++dy)
                for (int dx = 0; dx < laying.motif->width; ++dx)
                    visit(indexOf(laying.x + dx, laying.y + dy), dy * laying.motif->width + dx);
        };
        for (const Laying& laying : wished)
            forEachCell(laying, [&](std::size_t at, int) {
                highest[at] = std::max(highest[at], laying.rank);
            });
        m_laid.resize(m_cells.size());
        for (const Laying& laying : wished) {
            bool isHighest = true;
            forEachCell(laying, [&](std::size_t at, int) {
                isHighest = isHighest && highest[at] == laying.rank;
            });
            if (!isHighest) continue;
            forEachCell(laying, [&](std::size_t at, int part) {
                m_laid[at] = laying.motif->parts[static_cast<std::size_t>(part)].tile;
            });
        }
    }
    /// All that fit and whose turn it is, in no relation to each other.
    [[nodiscard]] std::vector<Laying> wishedMotifs() const {
        std::vector<Laying> wished;
        // Where exposures are known, and the level is.
        const int left = std::max(1, reachOfDressing - m_area.x);
        const int top = std::max(1, reachOfDressing - m_area.y);
        const int right = std::min(m_width - 1, reachOfDressing - m_area.x + m_level.cells.width());
        const int bottom =
            std::min(m_height - 1, reachOfDressing - m_area.y + m_level.cells.height());
        std::uint64_t number = 0;
        for (const Motif& motif : m_tilingRules.motifs()) {
            ++number;
            for (int y = top; y + motif.height <= bottom; ++y)
                for (int x = left; x + motif.width <= right; ++x) {
                    const std::uint64_t roll =
                        rollOf(m_seed ^ (0x6d6f746966ULL * number), x + m_area.x - reachOfDressing,
                               y + m_area.y - reachOfDressing);
                    if ((roll >> 16) % static_cast<std::uint64_t>(motif.places) != 0) continue;
                    const auto at = [&](int dx, int dy) {
                        const std::size_t i = indexOf(x + dx, y + dy);
                        return std::pair(m_cells[i],
                                         m_cells[i].isOpen() ? Exposure{0} : m_exposures[i]);
                    };
                    if (fitsAt(motif, at)) wished.push_back({&motif, x, y, roll | 1u});
                }
        }
        return wished;
    }

    [[nodiscard]] Tile tileAt(std::size_t at, int x, int y, std::uint8_t& isGuessed) const {
        const Cell cell = m_cells[at];
        const auto choice =
            m_tilingRules.choiceFor({cell.matter(), cell.form(), m_exposures[at], m_depths[at]});
        if (!choice.variants) return m_tilingRules.plainTile(cell.matter());
        isGuessed = choice.isKnown ? 0 : 1;
        const Tile tile = chosen(*choice.variants, choice.total, rollOf(m_seed, x, y));
        return tile.isBlank() ? Tile() : tile;
    }

    [[nodiscard]] Tile trimAt(std::size_t at, int x, int y) const {
        const auto width = static_cast<std::size_t>(m_width);
        const bool isWithinRows = y > 0, isBelow = y + 1 < m_level.cells.height();
        const bool isWithinLeft = x > 0, isWithinRight = x + 1 < m_level.cells.width();
        Surface surface;
        if (isBelow && !m_cells[at + width].isOpen())
            surface = {Side::Top, m_cells[at + width]};
        else if (isWithinRows && !m_cells[at - width].isOpen())
            surface = {Side::Under, m_cells[at - width]};
        else if (isWithinRight && !m_cells[at + 1].isOpen())
            surface = {Side::Left, m_cells[at + 1]};
        else if (isWithinLeft && !m_cells[at - 1].isOpen())
            surface = {Side::Right, m_cells[at - 1]};
        else
            return {};
        const Trim* trim = m_tilingRules.trimOn(surface.cell, surface.side);
        if (!trim) return {};
        const std::uint64_t roll = rollOf(m_seed ^ 0x7472696dULL, x, y);
        if (const NoiseField* noise = m_tilingRules.noiseOf(*trim)) {
            if (noise->at(x, y) < trim->threshold) return {};
        } else if (static_cast<int>((roll >> 32) % static_cast<std::uint64_t>(trim->places)) >=
                   trim->dressed) {
            return {};
        }
        return chosen(trim->variants, trim->dressed, roll & 0xffffffffu);
    }

    const TilingRules& m_tilingRules;
    const Level& m_level;
    std::uint64_t m_seed;
    CellRect m_area;
    int m_width;
    int m_height;
    int m_lastRow = -1;
    std::vector<Cell> m_cells;
    std::vector<Exposure> m_exposures;
    std::vector<std::uint8_t> m_depths;
    std::vector<std::size_t> m_next;
    std::vector<Tile> m_laid;  ///< by motifs; empty without any
};

}  // namespace

Dressed dress(const TilingRules& tilingRules, const Level& level, const CellRect& area, int salt) {
    const CellRect shown = area.intersected(level.cells.bounds());
    if (shown.isEmpty()) return {};
    Dressed dressed = Dresser(tilingRules, level, shown, salt).run();
    for (const auto& [place, own] : tilingRules.zones()) {
        const CellRect part = place.intersected(shown);
        if (part.isEmpty()) continue;
        const Dressed zone = Dresser(*own, level, part, salt).run();
        for (int y = part.y; y < part.bottom(); ++y)
            for (int x = part.x; x < part.right(); ++x) {
                const auto i =
                    static_cast<std::size_t>(y - shown.y) * static_cast<std::size_t>(shown.width) +
                    static_cast<std::size_t>(x - shown.x);
                dressed.tiles[i] = zone.at(x, y);
                dressed.guessed[i] = zone.isGuessed(x, y) ? 1 : 0;
            }
    }
    return dressed;
}

Dressed dressLayer(const TilingRules& tilingRules, const Level& level,
                   const level::TileLayer& layer, const CellRect& area, int salt) {
    Level seen;
    seen.cells = layer.cells.width() > 0 ? layer.cells
                                         : Grid<Cell>(level.cells.width(), level.cells.height());
    seen.tiles = layer.tiles;
    seen.chance = level.chance;
    if (layer.cells.width() > 0) return dress(tilingRules, seen, area, salt);
    // Nothing but what was set by hand: no trims, and no look at any neighbour.
    Dressed dressed;
    dressed.area = area.intersected(seen.cells.bounds());
    const auto count = static_cast<std::size_t>(dressed.area.area());
    dressed.tiles.resize(count);
    dressed.guessed.resize(count);
    std::size_t i = 0;
    for (int y = dressed.area.y; y < dressed.area.bottom(); ++y)
        for (int x = dressed.area.x; x < dressed.area.right(); ++x, ++i)
            if (const Tile tile = layer.tiles.at(x, y, Tile()); tile.isShown())
                dressed.tiles[i] = tile;
    return dressed;
}

}  // namespace rook::skin
