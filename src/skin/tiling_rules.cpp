#include "skin/tiling_rules.h"

#include <algorithm>
#include <bit>

namespace rook::skin {

using level::Cell;
using level::Form;
using level::Level;
using level::MatterId;
using level::Tile;

namespace {

constexpr int formCount = runtime::formCount;
constexpr int depthCount = mostDepth + 1;

std::size_t indexOf(Form form, Exposure exposure, int depth) {
    return (static_cast<std::size_t>(form) * 256 + exposure) * depthCount +
           static_cast<std::size_t>(depth);
}

void add(std::vector<Variant>& variants, Tile tile) {
    const auto found = std::find_if(variants.begin(), variants.end(),
                                    [&](const Variant& v) { return v.tile == tile; });
    if (found == variants.end())
        variants.push_back({tile, 1});
    else
        ++found->count;
}

/// A side that differs weighs more than a corner.
int distance(Exposure a, Exposure b) {
    const unsigned differs = static_cast<unsigned>(a ^ b);
    return 4 * std::popcount(differs & 0x55u) + std::popcount(differs & 0xaau);
}

/// What a motif shows, it shows whole: its tiles are no variants by themselves.
bool isInMotif(const Level& swatch, CellPoint at) {
    return std::any_of(swatch.motifs.begin(), swatch.motifs.end(),
                       [&](const CellRect& motif) { return motif.contains(at); });
}

}  // namespace

Case caseAt(const Joins& joins, const Grid<Cell>& cells, int x, int y) {
    const Cell cell = cells.at(x, y);
    Case which{cell.matter(), cell.form(), exposureAt(joins, cells, x, y), 0};
    if (which.exposure != inside) return which;
    const auto isInside = [&](int dx, int dy) {
        const int nx = std::clamp(x + dx, 0, cells.width() - 1);
        const int ny = std::clamp(y + dy, 0, cells.height() - 1);
        return exposureAt(joins, cells, nx, ny) == inside;
    };
    for (which.depth = 1; which.depth < mostDepth; ++which.depth)
        for (int dy = -which.depth; dy <= which.depth; ++dy)
            for (int dx = -which.depth; dx <= which.depth; ++dx)
                if (!isInside(dx, dy)) return which;
    return which;
}

std::optional<Surface> surfaceAt(const Grid<Cell>& cells, int x, int y) {
    const std::pair<Side, CellPoint> ways[] = {
        {Side::Top, {0, 1}}, {Side::Under, {0, -1}}, {Side::Left, {1, 0}}, {Side::Right, {-1, 0}}};
    for (const auto& [side, way] : ways) {
        const Cell beside = cells.at(x + way.x, y + way.y, Cell());
        if (!beside.isOpen()) return Surface{side, beside};
    }
    return std::nullopt;
}

TilingRules TilingRules::of(const level::Project& project, const level::Level& level) {
    TilingRules tilingRules(project, level.theme);
    for (const level::Zone& zone : level.zones) {
        if (zone.theme.empty() || zone.theme == level.theme) continue;
        // Zones of one theme share what it teaches.
        std::shared_ptr<const TilingRules> own;
        for (std::size_t i = 0; i < tilingRules.m_zones.size() && !own; ++i)
            if (tilingRules.m_zones[i].second->m_theme == zone.theme)
                own = tilingRules.m_zones[i].second;
        if (!own) own = std::make_shared<const TilingRules>(project, zone.theme);
        tilingRules.m_zones.emplace_back(zone.place, std::move(own));
    }
    return tilingRules;
}

TilingRules::TilingRules(const level::Project& project, const std::string& theme)
    : m_theme(theme), m_joins(project) {
    const std::size_t matters = project.matters.size();
    for (const level::Matter& matter : project.matters) {
        const auto sheet = project.sheetIndex(matter.sheet);
        m_plain.push_back(sheet && matter.tile > 0 ? Tile(*sheet, matter.tile - 1) : Tile());
    }
    std::vector<bool> isOwn(matters, false);
    if (!theme.empty()) {
        const std::vector<bool> all(matters, true);
        for (const auto& swatch : project.swatches)
            if (swatch->theme == theme) learn(*swatch, all);
        for (const auto& [which, slot] : m_cases)
            isOwn[which.matter.index] = true;
    }
    std::vector<bool> others(matters);
    for (std::size_t i = 0; i < matters; ++i)
        others[i] = !isOwn[i];
    for (const auto& swatch : project.swatches)
        if (swatch->theme.empty()) learn(*swatch, others);
    prepare(matters);
}

void TilingRules::learn(const Level& swatch, const std::vector<bool>& wanted) {
    for (int y = 0; y < swatch.cells.height(); ++y) {
        for (int x = 0; x < swatch.cells.width(); ++x) {
            const Cell cell = swatch.cells.at(x, y);
            const Tile tile = swatch.tileAt(x, y);
            if (cell.isOpen() || tile.isNone() || !wanted[cell.matter().index] ||
                isInMotif(swatch, {x, y}))
                continue;
            const auto [place, isNew] = m_cases.try_emplace(caseAt(m_joins, swatch.cells, x, y),
                                                            static_cast<int>(m_slots.size()));
            if (isNew) m_slots.emplace_back();
            Slot& slot = m_slots[static_cast<std::size_t>(place->second)];
            add(slot.variants, tile);
            ++slot.total;
        }
    }
    learnTrims(swatch, wanted);
    learnMotifs(swatch, wanted);
}

void TilingRules::learnMotifs(const Level& swatch, const std::vector<bool>& wanted) {
    const auto& cells = swatch.cells;
    const auto exposureOf = [&](int x, int y) {
        return cells.at(x, y).isOpen() ? Exposure{0} : exposureAt(m_joins, cells, x, y);
    };
    for (const CellRect& place : swatch.motifs) {
        if (place.width > level::maxMotifSide || place.height > level::maxMotifSide) continue;
        Motif motif{place.width, place.height, {}, 0};
        bool isWanted = false;
        for (int y = place.y; y < place.bottom(); ++y)
            for (int x = place.x; x < place.right(); ++x) {
                const Cell cell = cells.at(x, y);
                motif.parts.push_back({cell, exposureOf(x, y), swatch.tileAt(x, y)});
                isWanted = isWanted || (!cell.isOpen() && wanted[cell.matter().index]);
            }
        if (!isWanted) continue;
        for (int y = 0; y + place.height <= cells.height(); ++y)
            for (int x = 0; x + place.width <= cells.width(); ++x)
                motif.places += fitsAt(motif, [&](int dx, int dy) {
                    return std::pair(cells.at(x + dx, y + dy), exposureOf(x + dx, y + dy));
                });
        m_motifs.push_back(std::move(motif));
    }
}

void TilingRules::learnTrims(const Level& swatch, const std::vector<bool>& wanted) {
    for (int y = 0; y < swatch.cells.height(); ++y) {
        for (int x = 0; x < swatch.cells.width(); ++x) {
            if (!swatch.cells.at(x, y).isOpen()) continue;
            const auto surface = surfaceAt(swatch.cells, x, y);
            if (!surface || !wanted[surface->cell.matter().index] || isInMotif(swatch, {x, y}))
                continue;
            Trim& trim = m_trims[{surface->cell.bits(), surface->side}];
            trim.chance = swatch.chance;
            ++trim.places;
            const Tile tile = swatch.tileAt(x, y);
            if (!tile.isShown()) continue;
            ++trim.dressed;
            add(trim.variants, tile);
        }
    }
}

void TilingRules::prepare(std::size_t matterCount) {
    std::erase_if(m_trims, [](const auto& trim) { return trim.second.dressed == 0; });
    for (auto& [where, trim] : m_trims) {
        if (trim.chance.patch <= 1) continue;
        const std::pair<int, int> key{trim.chance.patch, trim.chance.seed};
        const NoiseField& noise =
            m_noises
                .try_emplace(
                    key, NoiseSettings{NoiseKind::Smooth, std::min(key.first, 256), 2, key.second})
                .first->second;
        std::vector<double> values;
        for (int i = 0; i < 4096; ++i)
            values.push_back(noise.at(i % 64 * 3, i / 64 * 3));
        std::sort(values.begin(), values.end());
        const double share = double(trim.dressed) / trim.places;
        trim.threshold = share >= 1 ? -1 : values[std::size_t((1 - share) * 4095)];
    }
    m_matters.resize(matterCount);
    for (const auto& [which, slot] : m_cases)
        m_matters[which.matter.index].isTaught = true;
    for (std::size_t i = 0; i < matterCount; ++i) {
        Taught& taught = m_matters[i];
        if (!taught.isTaught) continue;
        taught.places.assign(std::size_t{formCount} * 256 * depthCount, -1);
        for (int form = 0; form < formCount; ++form)
            for (int mask = 0; mask < 256; ++mask) {
                const auto exposure = static_cast<Exposure>(mask);
                if (withRealCorners(exposure) != exposure) continue;
                for (int depth = 0; depth < depthCount; ++depth) {
                    if ((exposure == inside) != (depth > 0)) continue;
                    const Case which{MatterId{static_cast<std::uint16_t>(i)},
                                     static_cast<Form>(form), exposure, depth};
                    const auto known = m_cases.find(which);
                    taught.places[indexOf(which.form, exposure, depth)] =
                        known != m_cases.end() ? known->second : -2 - nearest(which);
                }
            }
    }
}

/// Of the same form if any, else full; then by exposure, then by depth, then the first in order.
int TilingRules::nearest(const Case& which) const {
    int best = -1;
    int bestCost = 0;
    const auto end = m_cases.lower_bound(
        {MatterId{static_cast<std::uint16_t>(which.matter.index + 1)}, Form::Full, 0, 0});
    for (auto it = m_cases.lower_bound({which.matter, Form::Full, 0, 0}); it != end; ++it) {
        const Case& known = it->first;
        const int formCost = known.form == which.form ? 0 : known.form == Form::Full ? 1000 : 2000;
        const int cost = formCost + 4 * distance(known.exposure, which.exposure) +
                         std::abs(known.depth - which.depth);
        if (best >= 0 && cost >= bestCost) continue;
        best = it->second;
        bestCost = cost;
    }
    return best;
}

TilingRules::Choice TilingRules::choiceFor(const Case& which) const {
    if (!teaches(which.matter)) return {};
    const int found =
        m_matters[which.matter.index].places[indexOf(which.form, which.exposure, which.depth)];
    // A form's nearest case may be exposed otherwise; its depth then says nothing.
    const bool isKnown = found >= 0;
    const Slot& slot = m_slots[static_cast<std::size_t>(isKnown ? found : -2 - found)];
    return {&slot.variants, isKnown, slot.total};
}

const Trim* TilingRules::trimOn(Cell surface, Side side) const {
    const auto found = m_trims.find({surface.bits(), side});
    return found == m_trims.end() ? nullptr : &found->second;
}

const NoiseField* TilingRules::noiseOf(const Trim& trim) const {
    const auto found = m_noises.find({trim.chance.patch, trim.chance.seed});
    return found == m_noises.end() ? nullptr : &found->second;
}

}  // namespace rook::skin
