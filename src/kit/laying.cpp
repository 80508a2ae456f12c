#include "kit/laying.h"

#include <algorithm>
#include <map>
#include <set>

#include "kit/joins.h"
#include "kit/laying_detail.h"

namespace rook::kit {

using level::allSides;
using level::Level;
using level::LevelEdit;
using level::Port;

std::vector<Tile> tilesOf(const Kit& kit, const std::set<std::string>& profiles) {
    std::vector<Tile> tiles;
    for (const Piece& piece : kit.pieces) {
        const bool isOne = piece.cells.size() == 1 &&
                           piece.cells[0].surface == level::SurfaceSort::Flat &&
                           std::all_of(piece.ports.begin(), piece.ports.end(), [&](const Port& p) {
                               return profiles.contains(p.profile) && p.height.thousandths == 0;
                           });
        if (!isOne) continue;
        for (int turn = 0; turn < 4; ++turn) {
            if (!piece.mayTurn(turn)) continue;
            Tile tile{&piece, turn, 0, 0};
            for (const Port& port : piece.ports)
                tile.ports |= bitOf(turned(port.side, turn));
            PlacedPiece placed;
            placed.turn = turn;
            tile.walls = cellsOf(piece, placed)[0].walls;
            tiles.push_back(tile);
        }
    }
    return tiles;
}

std::set<std::string> allProfiles(const Kit& kit) {
    std::set<std::string> all;
    for (const level::PortProfile& profile : kit.profiles)
        all.insert(profile.name);
    return all;
}

std::string profileOn(const Tile& tile, Side side) {
    for (const Port& port : tile.piece->ports)
        if (turned(port.side, tile.turn) == side) return port.profile;
    return {};
}

const Tile* withDoors(const std::vector<Tile>& tiles, const Tile& former, unsigned doors,
                      const std::set<std::string>& profiles) {
    for (const Tile& tile : tiles) {
        if (tile.ports != (former.ports | doors) || tile.walls != (former.walls & ~doors)) continue;
        const bool isLike = std::all_of(std::begin(allSides), std::end(allSides), [&](Side side) {
            const std::string profile = profileOn(tile, side);
            if (doors & bitOf(side)) return profiles.contains(profile);
            return profile == profileOn(former, side);
        });
        if (isLike) return &tile;
    }
    return nullptr;
}

namespace {

std::string sidesText(unsigned sides) {
    std::string text;
    for (const Side side : allSides)
        if (sides & bitOf(side))
            text += (text.empty() ? "" : ", ") + std::string(level::nameOf(side));
    return text.empty() ? "no side" : text;
}

std::set<std::string> profilesAround(const Piece& piece) {
    std::set<std::string> profiles;
    for (const Port& port : piece.ports)
        profiles.insert(port.profile);
    return profiles;
}

/// The sides of a module from which an open port on the ground looks in; of those alone that fit
/// `like`, if there is one.
unsigned lookedInto(const Kit& kit, const Level& level, const PlacedIndex& index, CellPoint at,
                    int storey, const std::set<std::size_t>& leaving, const Port* like = nullptr) {
    unsigned sides = 0;
    const Rational ground = exact(kit.storey) * Rational(storey);
    for (const Side side : allSides)
        for (const auto& other : index.portsOn(edgeOf(at, side))) {
            if (other.port.side != opposite(side) || other.port.height != ground ||
                leaving.contains(other.placed))
                continue;
            const Piece* theirs = like ? kit.find(level.pieces[other.placed].piece) : nullptr;
            if (!like || kit.fit(*like, theirs->ports[other.port.port])) sides |= bitOf(side);
        }
    return sides;
}

}  // namespace

PlacedPiece placedTile(const Tile& tile, CellPoint at, int storey) {
    PlacedPiece placed;
    placed.piece = tile.piece->name;
    placed.at = at;
    placed.storey = storey;
    placed.turn = tile.turn;
    return placed;
}

Result<LevelEdit> exchange(const Kit& kit, const Level& level, const std::vector<int>& leaving,
                           std::vector<PlacedPiece> coming, const std::string& name) {
    const LevelEdit removed = remove(kit, level, leaving);
    auto edit = place(kit, removed.level, std::move(coming), name);
    if (edit) edit->touched = edit->touched.united(removed.touched);
    return edit;
}

std::vector<PlacedPiece> rowOf(const Piece& piece, CellPoint from, CellPoint to, int storey,
                               int turn) {
    PlacedPiece first;
    first.piece = piece.name;
    first.at = from;
    first.storey = storey;
    first.turn = turn;
    const CellRect lies = boundsOf(piece, first);
    const bool isAcross = std::abs(to.x - from.x) >= std::abs(to.y - from.y);
    const int size = isAcross ? lies.width : lies.height;
    const int way = isAcross ? to.x - from.x : to.y - from.y;
    std::vector<PlacedPiece> row;
    for (int i = 0; i <= std::abs(way) / size; ++i) {
        const int by = (way < 0 ? -i : i) * size;
        row.push_back(first);
        row.back().at = isAcross ? CellPoint{from.x + by, from.y} : CellPoint{from.x, from.y + by};
    }
    return row;
}

Result<LevelEdit> layRow(const Kit& kit, const Level& level, const Piece& piece, CellPoint from,
                         CellPoint to, int storey, int turn) {
    std::vector<PlacedPiece> row = rowOf(piece, from, to, storey, turn);
    const std::string name =
        row.size() == 1 ? "Place " + piece.title
                        : "Place a row of " + std::to_string(row.size()) + " x " + piece.title;
    return place(kit, level, std::move(row), name);
}

Result<LevelEdit> layPath(const Kit& kit, const Level& level, const Piece& like,
                          const std::vector<CellPoint>& path, int storey) {
    const std::set<std::string> profiles = profilesAround(like);
    const std::vector<Tile> tiles = tilesOf(kit, profiles);
    const std::vector<Tile> rooms = tilesOf(kit, allProfiles(kit));
    const PlacedIndex index(kit, level);
    const auto tileOf = [](const std::vector<Tile>& among, const Piece* piece, int turn) {
        const auto found = std::find_if(among.begin(), among.end(), [&](const Tile& each) {
            return each.piece == piece && each.turn == turn;
        });
        return found == among.end() ? nullptr : &*found;
    };
    std::map<std::pair<int, int>, const Tile*> frames;
    std::map<std::pair<int, int>, unsigned> needed;
    for (std::size_t i = 0; i < path.size(); ++i) {
        unsigned& sides = needed[{path[i].y, path[i].x}];
        for (const Side side : allSides) {
            const CellPoint next = beside(path[i], side);
            if ((i > 0 && path[i - 1] == next) || (i + 1 < path.size() && path[i + 1] == next))
                sides |= bitOf(side);
        }
    }
    std::set<std::size_t> leaving;
    std::vector<int> leavingIds;
    for (auto& [key, sides] : needed) {
        const CellPoint at{key.second, key.first};
        for (const auto& tenant : index.at({at, storey})) {
            const PlacedPiece& placed = level.pieces[tenant.placed];
            const Piece* piece = kit.find(placed.piece);
            const Tile* tile = tileOf(tiles, piece, placed.turn);
            const bool isEnd = at == path.front() || at == path.back();
            const Tile* room = tile || !isEnd ? nullptr : tileOf(rooms, piece, placed.turn);
            // A path that begins or ends in a room goes through its wall.
            if (const Tile* frame = room ? withDoors(rooms, *room, sides, profiles) : nullptr) {
                frames[key] = frame;
                if (leaving.insert(tenant.placed).second) leavingIds.push_back(placed.id);
                continue;
            }
            if (!tile)
                return fail(ErrorKind::NotApplicable,
                            piece->title + " " + std::to_string(placed.id) + " is in the way",
                            level.title, "Lead the path round it, or take it away");
            sides |= tile->ports;
            if (leaving.insert(tenant.placed).second) leavingIds.push_back(placed.id);
        }
    }
    std::vector<PlacedPiece> coming;
    for (auto& [key, sides] : needed) {
        const CellPoint at{key.second, key.first};
        if (const auto frame = frames.find(key); frame != frames.end()) {
            coming.push_back(placedTile(*frame->second, at, storey));
            continue;
        }
        // Where nothing of the path goes on, it joins what looks in.
        sides |= lookedInto(kit, level, index, at, storey, leaving,
                            like.ports.empty() ? nullptr : &like.ports.front());
        const auto find = [&](unsigned wanted) {
            return std::find_if(tiles.begin(), tiles.end(), [&](const Tile& tile) {
                return tile.ports == wanted && (tile.walls & wanted) == 0;
            });
        };
        auto tile = tiles.end();
        // A path that ends stays open where there is room, to go on from there.
        for (const Side side : allSides) {
            if (sides != bitOf(side)) continue;
            const CellPoint next = beside(at, opposite(side));
            const bool hasRoom = level.cells.bounds().contains(next) &&
                                 index.at({next, storey}).empty() &&
                                 !needed.contains({next.y, next.x});
            if (hasRoom) tile = find(sides | bitOf(opposite(side)));
        }
        if (tile == tiles.end()) tile = find(sides);
        if (tile == tiles.end())
            return fail(ErrorKind::NotApplicable,
                        "The kit has no piece of one module that opens to " + sidesText(sides),
                        kit.title, "Make one, or lead the path another way");
        coming.push_back(placedTile(*tile, at, storey));
    }
    const std::string name = "Lay a path of " + std::to_string(coming.size()) + " modules";
    return exchange(kit, level, leavingIds, std::move(coming), name);
}

Result<LevelEdit> fillRoom(const Kit& kit, const Level& level, const Piece& like,
                           const level::CellRegion& region, int storey) {
    return fillRoomWith(kit, level, like, region, storey, {});
}

Result<LevelEdit> fillRoomWith(const Kit& kit, const Level& level, const Piece& like,
                               const level::CellRegion& region, int storey,
                               const std::vector<std::string>& wished) {
    const std::set<std::string> inside = profilesAround(like);
    std::vector<Tile> tiles = tilesOf(kit, allProfiles(kit));
    std::stable_partition(tiles.begin(), tiles.end(), [&](const Tile& tile) {
        return tile.piece == &like ||
               std::find(wished.begin(), wished.end(), tile.piece->name) != wished.end();
    });
    const PlacedIndex index(kit, level);
    std::vector<CellPoint> cells;
    std::set<std::size_t> leaving;
    std::vector<int> leavingIds;
    for (const level::CellRun& run : region.runs())
        for (int x = run.x; x < run.x + run.count; ++x) {
            cells.push_back({x, run.y});
            for (const auto& tenant : index.at({{x, run.y}, storey}))
                if (leaving.insert(tenant.placed).second)
                    leavingIds.push_back(level.pieces[tenant.placed].id);
        }
    const LevelEdit cleared = remove(kit, level, leavingIds);
    const PlacedIndex around(kit, cleared.level);
    std::vector<PlacedPiece> coming;
    for (const CellPoint at : cells) {
        unsigned outline = 0;
        for (const Side side : allSides)
            if (!region.contains(beside(at, side))) outline |= bitOf(side);
        const unsigned openings = outline & lookedInto(kit, cleared.level, around, at, storey, {});
        const auto find = [&](unsigned doors) {
            return std::find_if(tiles.begin(), tiles.end(), [&](const Tile& tile) {
                if (tile.walls != (outline & ~doors) ||
                    tile.ports != ((0b1111u & ~outline) | doors))
                    return false;
                const Proposal lies =
                    judged(kit, cleared.level, around, *tile.piece, placedTile(tile, at, storey));
                // Inside, the profile of the floor; towards the outside, what fits there.
                const bool isOfRoom = std::all_of(
                    tile.piece->ports.begin(), tile.piece->ports.end(), [&](const Port& port) {
                        return inside.contains(port.profile) ||
                               (doors & bitOf(turned(port.side, tile.turn))) != 0;
                    });
                return isOfRoom && lies.refusedCount() == 0;
            });
        };
        auto tile = find(openings);
        if (tile == tiles.end() && openings != 0) tile = find(0);
        if (tile == tiles.end())
            return fail(ErrorKind::NotApplicable,
                        "The kit has no floor of one module with walls to " + sidesText(outline),
                        kit.title, "Make one, or draw a room of another outline");
        coming.push_back(placedTile(*tile, at, storey));
    }
    auto edit = place(kit, cleared.level, std::move(coming),
                      "Fill a room of " + std::to_string(cells.size()) + " modules");
    if (edit) edit->touched = edit->touched.united(cleared.touched);
    return edit;
}

level::CellRegion withRooms(const Kit& kit, const Level& level, const PlacedIndex& index,
                            const Piece& like, const level::CellRegion& region, int storey) {
    const std::set<std::string> inside = profilesAround(like);
    const std::vector<Tile> tiles = tilesOf(kit, allProfiles(kit));
    const auto tileAt = [&](CellPoint at) -> const Tile* {
        for (const auto& tenant : index.at({at, storey})) {
            const PlacedPiece& placed = level.pieces[tenant.placed];
            for (const Tile& tile : tiles)
                if (tile.piece->name == placed.piece && tile.turn == placed.turn) return &tile;
        }
        return nullptr;
    };
    std::set<std::pair<int, int>> found;
    std::vector<CellPoint> open;
    const auto take = [&](CellPoint at) {
        const Tile* tile = tileAt(at);
        const bool isRoom =
            tile && std::any_of(std::begin(allSides), std::end(allSides),
                                [&](Side side) { return inside.contains(profileOn(*tile, side)); });
        if (isRoom && found.insert({at.y, at.x}).second) open.push_back(at);
    };
    for (const level::CellRun& run : region.runs())
        for (int x = run.x; x < run.x + run.count; ++x)
            take({x, run.y});
    while (!open.empty()) {
        const CellPoint at = open.back();
        open.pop_back();
        const Tile* tile = tileAt(at);
        for (const Side side : allSides)
            if (inside.contains(profileOn(*tile, side))) take(beside(at, side));
    }
    std::vector<level::CellRun> runs;
    for (const auto& [y, x] : found)
        runs.push_back({y, x, 1});
    return region.united(level::CellRegion(std::move(runs)));
}

Result<LevelEdit> closePorts(const Kit& kit, const Level& level, const std::vector<int>& ids) {
    const std::set<int> wanted(ids.begin(), ids.end());
    const PlacedIndex index(kit, level);
    Level next = level;
    PlacedIndex now = index;  // with those that were put there
    std::vector<PlacedPiece> coming;
    for (const OpenPort& open : openPorts(kit, level, index)) {
        const PlacedPiece& from = level.pieces[open.placed];
        if (!wanted.empty() && !wanted.contains(from.id)) continue;
        const Port& own = kit.find(from.piece)->ports[open.port.port];
        const CellPoint place = beside(open.port.at, open.port.side);
        for (const Piece& piece : kit.pieces) {
            if (piece.ports.size() != 1 || !kit.fit(own, piece.ports[0])) continue;
            PlacedPiece placed;
            placed.piece = piece.name;
            const Port& port = piece.ports[0];
            placed.turn =
                (static_cast<int>(opposite(open.port.side)) - static_cast<int>(port.side) + 4) & 3;
            if (!piece.mayTurn(placed.turn)) continue;
            const CellPoint cell = level::turnedCell(piece.bounds(), port.cell, placed.turn);
            placed.at = {place.x - cell.x, place.y - cell.y};
            const Rational ground = (open.port.height - exact(port.height)) / exact(kit.storey);
            if (!ground.isWhole()) continue;
            placed.storey = static_cast<int>(ground.top());
            placed.offX = from.offX;
            placed.offY = from.offY;
            const Proposal lies = judged(kit, next, now, piece, placed);
            if (!lies.isFree || lies.joinedCount() == 0) continue;
            coming.push_back(placed);
            next.pieces.append(placed);
            now.add(kit, piece, placed, next.pieces.size() - 1);
            break;
        }
    }
    if (coming.empty())
        return fail(ErrorKind::NotApplicable, "No open port has room for a piece that closes it",
                    level.title, "Make room, or a piece of one port that fits");
    const std::string name =
        "Close " + std::to_string(coming.size()) + (coming.size() == 1 ? " port" : " ports");
    return kit::place(kit, level, std::move(coming), name);
}

}  // namespace rook::kit
