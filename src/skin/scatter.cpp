#include "skin/scatter.h"

#include <algorithm>

#include "base/bit_map.h"
#include "base/limits.h"
#include "base/noise.h"
#include "base/random.h"
#include "level/tile_edits.h"

namespace rook::skin {

using level::Cell;
using level::Entity;
using level::Ground;
using level::Level;
using level::Project;
using level::ScatterRule;
using level::Tile;

namespace {

std::uint64_t scatterRollOf(int seed, int x, int y) {
    // Two rounds, so that neighbours differ.
    const std::uint64_t first =
        Random(static_cast<std::uint64_t>(seed) * 0x100000001b3ULL + static_cast<unsigned>(x))
            .next();
    return Random(first ^ static_cast<unsigned>(y)).next();
}

double shareOfRoll(std::uint64_t roll) {
    return double(roll >> 11) / double(1ULL << 53);
}

/// A cell where something may lie; the lowest rank is taken first.
struct Candidate {
    double rank = 0;
    CellPoint cell;
};

/// Cells that are too near to what is placed.
BitMap nearPlaced(const Level& level, const ScatterRule& rule) {
    BitMap map(level.cells.width(), level.cells.height());
    if (rule.awayCells == 0) return map;
    for (const Entity& entity : level.entities) {
        if (!rule.awayFrom.isEmpty() && entity.kind != rule.awayFrom) continue;
        const CellRect near = toCells(entity.box, level.cellSize)
                                  .grown(rule.awayCells)
                                  .intersected(level.cells.bounds());
        for (int y = near.y; y < near.bottom(); ++y)
            map.setRun(y, near.x, near.right());
    }
    return map;
}

/// The noise above which the share of a large area lies.
double thresholdOf(const NoiseField& noise, int share) {
    std::vector<double> values;
    for (int i = 0; i < 4096; ++i)
        values.push_back(noise.at(i % 64 * 3, i / 64 * 3));
    std::sort(values.begin(), values.end());
    return values[static_cast<std::size_t>((100 - share) * 4095 / 100)];
}

std::vector<Candidate> candidatesOf(const Project& project, const Level& level,
                                    const CellRect& area, const ScatterRule& rule,
                                    const IsReached& isReached) {
    std::vector<Candidate> found;
    const auto matter = project.findMatter(rule.matter);
    if ((!matter && rule.where != Ground::OpenAir) || (rule.onlyReached && !isReached))
        return found;
    const NoiseField noise({NoiseKind::Smooth, std::clamp(rule.patch, 1, 256), 2, rule.seed});
    const bool isInPatches = rule.patch > 1;
    const int share = rule.count > 0 && !isInPatches ? 100 : std::clamp(rule.share, 0, 100);
    if (share == 0) return found;
    const double threshold = isInPatches && share < 100 ? thresholdOf(noise, share) : -2;
    const BitMap near = nearPlaced(level, rule);
    for (int y = area.y; y < area.bottom(); ++y)
        for (int x = area.x; x < area.right(); ++x) {
            if (!isGround(level.cells, {x, y}, rule.where, matter.value_or(level::MatterId{})))
                continue;
            const double roll = shareOfRoll(scatterRollOf(rule.seed, x, y));
            const double height = isInPatches ? noise.at(x, y) : 0;
            if (isInPatches ? height < threshold : roll * 100 >= share) continue;
            if (near.test(x, y) || (rule.onlyReached && !isReached({x, y}))) continue;
            found.push_back({isInPatches ? -height + roll * 1e-6 : roll, {x, y}});
        }
    return found;
}

/// The zone that counts a cell; 0 for a level without zones, -1 for a cell outside of all.
int zoneOf(const Level& level, CellPoint cell) {
    for (std::size_t i = 0; i < level.zones.size(); ++i)
        if (level.zones[i].place.contains(cell)) return static_cast<int>(i);
    return level.zones.empty() ? 0 : -1;
}

/// The box of a thing that lies there by the rule.
PxRect boxAt(const Level& level, const ScatterRule& rule, const level::Kind& kind, CellPoint at) {
    const PxRect cell = toPx(CellRect{at.x, at.y, 1, 1}, level.cellSize);
    PxRect box{cell.x + (cell.width - kind.width) / 2, cell.y + (cell.height - kind.height) / 2,
               kind.width, kind.height};
    if (rule.where == Ground::OnTop) box.y = cell.bottom() - kind.height;
    if (rule.where == Ground::Under) box.y = cell.y;
    return box;
}

/// It lies in the level and, but inside of matter, on open cells alone.
bool hasRoom(const Level& level, const ScatterRule& rule, const PxRect& box) {
    if (!level.boundsPx().contains(box)) return false;
    if (rule.where == Ground::Inside) return true;
    const CellRect cells = toCells(box, level.cellSize);
    for (int y = cells.y; y < cells.bottom(); ++y)
        for (int x = cells.x; x < cells.right(); ++x)
            if (!level.cells.at(x, y).isOpen()) return false;
    return true;
}

template <typename Visit>
void forEachCell(const level::CellRegion& region, Visit&& visit) {
    for (const level::CellRun& run : region.runs())
        for (int x = run.x; x < run.x + run.count; ++x)
            visit(CellPoint{x, run.y});
}

Tile tileFor(const ScatterRule& rule, CellPoint at) {
    const std::uint64_t roll = scatterRollOf(rule.seed ^ 0x7469, at.x, at.y);
    return rule.tiles[static_cast<std::size_t>(roll % rule.tiles.size())];
}

/// Place in the level's layers, -1 for the masses; none if there is no layer of that name.
std::optional<int> layerOf(const Level& level, const std::string& name) {
    if (name.empty()) return level::onMasses;
    for (std::size_t i = 0; i < level.layers.size(); ++i)
        if (level.layers[i].name == name) return static_cast<int>(i);
    return std::nullopt;
}

/// Places things of that kind, as many as it allows; gives their number.
std::int64_t layThings(Level& level, const ScatterRule& rule, const level::Kind& kind,
                       const level::CellRegion& region) {
    std::int64_t left = limits::maxEntities - static_cast<std::int64_t>(level.entities.size());
    if (kind.atMost > 0)
        left = std::min<std::int64_t>(
            left, kind.atMost - std::count_if(level.entities.begin(), level.entities.end(),
                                              [&](const Entity& e) { return e.kind == kind.id; }));
    // The first free number, and those after it.
    const std::string first = freshEntityId(level, kind.id).text;
    const std::string stem = kind.id.text + "-";
    int number = std::stoi(first.substr(stem.size()));
    std::vector<Entity> laid;
    forEachCell(region, [&](CellPoint at) {
        const PxRect box = boxAt(level, rule, kind, at);
        if (static_cast<std::int64_t>(laid.size()) >= left || !hasRoom(level, rule, box)) return;
        Entity thing;
        thing.id = {stem + std::to_string(number++)};
        thing.kind = kind.id;
        thing.box = box;
        laid.push_back(std::move(thing));
    });
    level.entities.edit([&](auto& list) { list.insert(list.end(), laid.begin(), laid.end()); });
    return static_cast<std::int64_t>(laid.size());
}

/// Lays matter in those cells: in the form that is there, where it takes it, and open cells in its
/// own. Gives their number; what cannot be laid is left.
std::int64_t layMatter(Level& level, const Project& project, level::MatterId matter,
                       const level::CellRegion& region) {
    const level::Matter& laid = project.matters[matter.index];
    std::int64_t count = 0;
    forEachCell(region, [&](CellPoint at) {
        const Cell former = level.cells.at(at);
        const level::Form form = former.isOpen() ? laid.form : former.form();
        const Cell next(matter, form);
        if (next == former || !level::canTake(laid.behaviour, form)) return;
        level.cells.set(at, next);
        ++count;
    });
    return count;
}

}  // namespace

bool isGround(const Grid<Cell>& cells, CellPoint at, Ground where, level::MatterId matter) {
    const Cell cell = cells.at(at);
    // The cell there is of the matter, and half of the border between is: no slope that falls away.
    const auto isMatter = [&](int dx, int dy) {
        const Cell beside = cells.at(at.x + dx, at.y + dy, Cell());
        if (beside.isOpen() || beside.matter() != matter) return false;
        constexpr int side = 8;
        int filled = 0;
        for (int i = 0; i < side; ++i) {
            const int x = dx == 0 ? i : dx > 0 ? 0 : side - 1;
            const int y = dy == 0 ? i : dy > 0 ? 0 : side - 1;
            filled += runtime::formFills(beside.form(), x, y, side, side) ? 1 : 0;
        }
        return 2 * filled >= side;
    };
    switch (where) {
        case Ground::OnTop:
            return cell.isOpen() && isMatter(0, 1);
        case Ground::Under:
            return cell.isOpen() && isMatter(0, -1);
        case Ground::Beside:
            return cell.isOpen() && (isMatter(1, 0) || isMatter(-1, 0));
        case Ground::Inside:
            return !cell.isOpen() && cell.matter() == matter;
        case Ground::OpenAir:
            return cell.isOpen();
    }
    return false;
}

level::CellRegion scatter(const Project& project, const Level& level, const CellRect& area,
                          const ScatterRule& rule, const IsReached& isReached) {
    std::vector<Candidate> order =
        candidatesOf(project, level, area.intersected(level.cells.bounds()), rule, isReached);
    std::sort(order.begin(), order.end(), [](const Candidate& a, const Candidate& b) {
        return std::tuple(a.rank, a.cell.y, a.cell.x) < std::tuple(b.rank, b.cell.y, b.cell.x);
    });
    BitMap isTaken(level.cells.width(), level.cells.height());
    std::vector<int> counts(std::max<std::size_t>(1, level.zones.size()), 0);
    std::vector<level::CellRun> runs;
    for (const auto& [rank, cell] : order) {
        const int zone = rule.count > 0 ? zoneOf(level, cell) : 0;
        if (zone < 0) continue;
        int& count = counts[static_cast<std::size_t>(zone)];
        if (rule.count > 0 && count >= rule.count) continue;
        const int apart = std::max(0, rule.distance);
        if (isTaken.anyIn(cell.x - apart, cell.y - apart, cell.x + apart + 1, cell.y + apart + 1))
            continue;
        isTaken.set(cell.x, cell.y);
        ++count;
        runs.push_back({cell.y, cell.x, 1});
    }
    return level::CellRegion(std::move(runs));
}

std::optional<std::string> flawOf(const Project& project, const Level& level,
                                  const ScatterRule& rule, bool stays) {
    if (rule.where != Ground::OpenAir && !project.findMatter(rule.matter))
        return "There is no matter \"" + rule.matter + "\"";
    if (!rule.awayFrom.isEmpty() && !project.findKind(rule.awayFrom))
        return "There is no kind \"" + rule.awayFrom.text + "\"";
    if (!layerOf(level, rule.layer)) return "There is no layer \"" + rule.layer + "\"";
    if (!rule.lays.empty()) {
        const auto laid = project.findMatter(rule.lays);
        if (!laid || laid->index == 0) return "There is no matter \"" + rule.lays + "\"";
        if (stays)
            return project.matters[laid->index].title +
                   " changes what can be reached, so it must be laid down";
        return std::nullopt;
    }
    if (rule.kind.isEmpty()) {
        if (rule.tiles.empty()) return "There is no tile to be strewn";
        return std::nullopt;
    }
    const level::Kind* kind = project.findKind(rule.kind);
    if (!kind) return "There is no kind \"" + rule.kind.text + "\"";
    if (stays && kind->role != level::Role::Prop)
        return kind->title + " changes what can be reached, so it must be laid down";
    return std::nullopt;
}

Tile Strewn::tileAt(const Project& project, const Level& level, int layer, CellPoint at) const {
    const auto found = layers.find(layer);
    if (found == layers.end()) return {};
    const Tile tile = found->second.tiles.at(at.x, at.y, Tile());
    if (tile.isNone()) return {};
    const std::size_t place = found->second.rules.at(at) - 1u;
    if (place >= level.scatter.size() || place >= rules.size() || !level.scatter[place].isOn)
        return {};
    const ScatterRule& rule = rules[place];
    if (!rules.isSharedWith(level.scatter) && rule != level.scatter[place]) return {};
    if (!level.cells.bounds().contains(at)) return {};
    const auto matter = project.findMatter(rule.matter);
    if (!isGround(level.cells, at, rule.where, matter.value_or(level::MatterId{}))) return {};
    const auto& byHand = layer == level::onMasses
                             ? level.tiles
                             : level.layers[static_cast<std::size_t>(layer)].tiles;
    return byHand.at(at.x, at.y, Tile()).isNone() ? tile : Tile();
}

CellRect differing(const Strewn* a, const Strewn* b) {
    CellRect bounds;
    static const Strewn nothing;
    if (!a) a = &nothing;
    if (!b) b = &nothing;
    const auto compare = [&](const Grid<Tile>& was, const Grid<Tile>& is) {
        Grid<Tile>::forEachChangedChunk(was, is, [&](const CellRect& chunk) {
            for (int y = chunk.y; y < chunk.bottom(); ++y)
                for (int x = chunk.x; x < chunk.right(); ++x)
                    if (was.at(x, y) != is.at(x, y)) bounds = bounds.united({x, y, 1, 1});
        });
    };
    const auto compareAll = [&](const Strewn& from, const Strewn& to, bool both) {
        for (const auto& [index, layer] : from.layers) {
            const auto other = to.layers.find(index);
            const bool isThere =
                other != to.layers.end() && other->second.tiles.bounds() == layer.tiles.bounds();
            if (!isThere)
                compare(layer.tiles, Grid<Tile>(layer.tiles.width(), layer.tiles.height()));
            else if (both)
                compare(layer.tiles, other->second.tiles);
        }
    };
    compareAll(*a, *b, true);
    compareAll(*b, *a, false);
    return bounds;
}

Strewn strew(const Project& project, const Level& level, const IsReached& isReached) {
    Strewn strewn;
    strewn.rules = level.scatter;
    const CellRect all = level.cells.bounds();
    for (std::size_t i = 0; i < level.scatter.size() && i < 255; ++i) {
        const ScatterRule& rule = level.scatter[i];
        if (!rule.isOn || flawOf(project, level, rule, true)) continue;
        const level::CellRegion region = scatter(project, level, all, rule, isReached);
        if (const level::Kind* kind = project.findKind(rule.kind)) {
            forEachCell(region, [&](CellPoint at) {
                const PxRect box = boxAt(level, rule, *kind, at);
                if (!hasRoom(level, rule, box)) return;
                Entity prop;
                prop.id = {kind->id.text.substr(0, 40) + "-at-" + std::to_string(at.x) + "-" +
                           std::to_string(at.y)};
                prop.kind = kind->id;
                prop.box = box;
                strewn.props.push_back(std::move(prop));
            });
            continue;
        }
        Strewn::Layer& layer = strewn.layers[*layerOf(level, rule.layer)];
        if (layer.tiles.width() == 0) {
            layer.tiles = Grid<Tile>(all.width, all.height);
            layer.rules = Grid<std::uint8_t>(all.width, all.height);
        }
        forEachCell(region, [&](CellPoint at) {
            layer.tiles.set(at, tileFor(rule, at));
            layer.rules.set(at, static_cast<std::uint8_t>(i + 1));
        });
    }
    return strewn;
}

bool needsReach(const Level& level) {
    return std::any_of(level.scatter.begin(), level.scatter.end(),
                       [](const ScatterRule& rule) { return rule.isOn && rule.onlyReached; });
}

Level withStrewn(const Level& level, const Strewn& strewn) {
    Level seen = level;
    const CellRect all = level.cells.bounds();
    for (const auto& [index, strewnLayer] : strewn.layers) {
        const auto lay = [&, &from = strewnLayer](Grid<Tile>& tiles) {
            if (tiles.width() == 0) tiles = Grid<Tile>(all.width, all.height);
            for (int y = 0; y < all.height; ++y)
                for (int x = 0; x < all.width; ++x)
                    if (const Tile tile = from.tiles.at(x, y);
                        !tile.isNone() && tiles.at(x, y).isNone())
                        tiles.set(x, y, tile);
        };
        if (index == level::onMasses)
            lay(seen.tiles);
        else
            seen.layers.edit(
                [&, i = static_cast<std::size_t>(index)](auto& list) { lay(list[i].tiles); });
    }
    if (!strewn.props.empty())
        seen.entities.edit([&](auto& list) {
            for (const Entity& prop : strewn.props)
                if (!findEntity(level, prop.id)) list.push_back(prop);
        });
    return seen;
}

Result<level::LevelEdit> layScattered(const Project& project, const Level& level,
                                      const ScatterRule& rule, const IsReached& isReached) {
    if (const auto flaw = flawOf(project, level, rule, false))
        return fail(ErrorKind::NotApplicable, *flaw, level.title, "Choose another in the rule");
    const level::CellRegion region = scatter(project, level, level.cells.bounds(), rule, isReached);
    level::LevelEdit edit{level, "Scatter " + level::cellCountText(region.cellCount()),
                          region.bounds()};
    std::int64_t laid = region.cellCount();
    if (!rule.lays.empty()) {
        const level::MatterId matter = *project.findMatter(rule.lays);
        laid = layMatter(edit.level, project, matter, region);
        edit.name =
            "Scatter " + level::cellCountText(laid) + " of " + project.matters[matter.index].title;
    } else if (const level::Kind* kind = project.findKind(rule.kind)) {
        laid = layThings(edit.level, rule, *kind, region);
        edit.name = "Scatter " + std::to_string(laid) + " x " + kind->title;
    } else {
        const int layer = *layerOf(level, rule.layer);
        std::map<Tile, std::vector<level::CellRun>> cellsOf;
        forEachCell(region, [&](CellPoint at) {
            cellsOf[tileFor(rule, at)].push_back({at.y, at.x, 1});
        });
        for (auto& [tile, runs] : cellsOf)
            edit.level = setTiles(edit.level, level::CellRegion(std::move(runs)),
                                  Grid<Tile>(1, 1, tile), {0, 0}, layer)
                             .level;
    }
    if (laid == 0)
        return fail(ErrorKind::NotApplicable, "There is no place for that rule", level.title,
                    "Choose another ground, a larger share, or less distance");
    return edit;
}

}  // namespace rook::skin
