#include "kit/rooms.h"

#include <algorithm>
#include <array>
#include <limits>
#include <map>
#include <queue>
#include <tuple>

#include "kit/laying_detail.h"

namespace rook::kit {

using level::allSides;
using level::CellRegion;
using level::Level;
using level::LevelEdit;
using level::SurfaceSort;

namespace {

unsigned countOf(unsigned sides) {
    unsigned count = 0;
    for (; sides != 0; sides &= sides - 1)
        ++count;
    return count;
}

/// The sides of a module of a rectangle that lie on its outline.
unsigned outlineAt(const CellRect& room, CellPoint at) {
    unsigned sides = 0;
    for (const Side side : allSides)
        if (!room.contains(beside(at, side))) sides |= bitOf(side);
    return sides;
}

/// Walls without a floor for the storeys over the first one.
Result<std::vector<PlacedPiece>> upperWalls(const Kit& kit, const CellRect& room,
                                            const RoomWish& wish) {
    std::vector<PlacedPiece> coming;
    for (int i = 1; i < wish.storeys; ++i)
        for (int y = room.y; y < room.bottom(); ++y)
            for (int x = room.x; x < room.right(); ++x) {
                const unsigned outline = outlineAt(room, {x, y});
                if (outline == 0) continue;
                std::optional<PlacedPiece> found;
                for (const Piece& piece : kit.pieces)
                    for (int turn = 0; turn < 4 && !found; ++turn) {
                        if (!piece.mayTurn(turn) || piece.cells.size() != 1 ||
                            piece.cells[0].surface != SurfaceSort::None)
                            continue;
                        PlacedPiece placed;
                        placed.piece = piece.name;
                        placed.turn = turn;
                        if (cellsOf(piece, placed)[0].walls != outline) continue;
                        placed.at = {x, y};
                        placed.storey = wish.storey + i;
                        found = placed;
                    }
                if (!found)
                    return fail(ErrorKind::NotApplicable,
                                "The kit has no wall without a floor for the storeys above",
                                kit.title,
                                "Make an open piece of one module with that wall, or a room of "
                                "one storey");
                coming.push_back(*found);
            }
    return coming;
}

/// Modules of pieces on one storey.
std::vector<CellPoint> modulesUnder(const Kit& kit, const std::vector<PlacedPiece>& pieces,
                                    int storey) {
    std::vector<CellPoint> modules;
    for (const PlacedPiece& placed : pieces)
        if (const Piece* piece = kit.find(placed.piece))
            for (const PlacedCell& cell : cellsOf(*piece, placed))
                if (cell.spot.storey == storey) modules.push_back(cell.spot.at);
    return modules;
}

/// The outermost module on a side, the nearest to the middle of all.
std::optional<CellPoint> outermost(const std::vector<CellPoint>& modules, Side side) {
    if (modules.empty()) return std::nullopt;
    const bool isAcross = side == Side::Right || side == Side::Left;
    const int sign = side == Side::Right || side == Side::Down ? 1 : -1;
    int farthest = std::numeric_limits<int>::min();
    for (const CellPoint& at : modules)
        farthest = std::max(farthest, sign * (isAcross ? at.x : at.y));
    std::vector<CellPoint> edge;
    for (const CellPoint& at : modules)
        if (sign * (isAcross ? at.x : at.y) == farthest) edge.push_back(at);
    std::sort(edge.begin(), edge.end(), [](const CellPoint& a, const CellPoint& b) {
        return std::pair(a.y, a.x) < std::pair(b.y, b.x);
    });
    return edge[edge.size() / 2];
}

/// Tiles like `former` with a door to a side; those with another profile there than within first.
std::vector<const Tile*> withDoor(const Kit& kit, const std::vector<Tile>& tiles,
                                  const Tile& former, Side side) {
    std::vector<const Tile*> found;
    if (!(former.walls & bitOf(side))) return found;
    for (const std::string& profile : allProfiles(kit))
        if (const Tile* tile = withDoors(tiles, former, bitOf(side), {profile}))
            found.push_back(tile);
    std::stable_partition(found.begin(), found.end(), [&](const Tile* tile) {
        return std::any_of(
            tile->piece->ports.begin(), tile->piece->ports.end(),
            [&](const auto& port) { return port.profile != profileOn(*tile, side); });
    });
    return found;
}

const level::Port* portOn(const Tile& tile, Side side) {
    for (const level::Port& port : tile.piece->ports)
        if (turned(port.side, tile.turn) == side) return &port;
    return nullptr;
}

/// The tile that stands in a module, and which of the level's pieces it is.
struct StandingTile {
    const Tile* tile = nullptr;
    int id = 0;
};
StandingTile tileAt(const Level& level, const PlacedIndex& index, const std::vector<Tile>& tiles,
                    const Spot& spot) {
    for (const auto& tenant : index.at(spot)) {
        const PlacedPiece& placed = level.pieces[tenant.placed];
        for (const Tile& tile : tiles)
            if (tile.piece->name == placed.piece && tile.turn == placed.turn)
                return {&tile, placed.id};
    }
    return {};
}

Side sideTo(CellPoint from, CellPoint to) {
    if (to.x > from.x) return Side::Right;
    if (to.x < from.x) return Side::Left;
    return to.y > from.y ? Side::Down : Side::Up;
}

}  // namespace

std::vector<const Piece*> piecesFor(const Kit& kit, RoomPart part) {
    std::vector<const Piece*> found;
    for (const Piece& piece : kit.pieces) {
        if (piece.cells.size() != 1 || piece.cells[0].surface != SurfaceSort::Flat ||
            piece.cells[0].height.thousandths != 0)
            continue;
        const unsigned walls = piece.cells[0].walls;
        const bool isOfOne =
            std::all_of(piece.ports.begin(), piece.ports.end(),
                        [&](const auto& port) { return port.profile == piece.ports[0].profile; });
        const std::size_t ports = piece.ports.size();
        const bool doMeet =
            walls == 0b0011 || walls == 0b0110 || walls == 0b1100 || walls == 0b1001;
        const bool isIt = part == RoomPart::Floor    ? walls == 0 && ports == 4 && isOfOne
                          : part == RoomPart::Wall   ? countOf(walls) == 1 && ports == 3 && isOfOne
                          : part == RoomPart::Corner ? doMeet && ports == 2 && isOfOne
                                                     : walls == 0 && (ports == 0 || isOfOne);
        if (isIt) found.push_back(&piece);
    }
    // What has no ports leaves none open.
    if (part == RoomPart::Ceiling)
        std::stable_sort(found.begin(), found.end(), [](const Piece* a, const Piece* b) {
            return a->ports.empty() > b->ports.empty();
        });
    return found;
}

const Piece* hallOf(const Kit& kit) {
    const std::vector<const Piece*> floors = piecesFor(kit, RoomPart::Floor);
    for (const Piece& piece : kit.pieces)
        if (piece.cells.size() == 1 && piece.ports.size() == 2 &&
            piece.ports[0].side == opposite(piece.ports[1].side) &&
            (floors.empty() || piece.ports[0].profile != floors[0]->ports[0].profile))
            return &piece;
    return nullptr;
}

Result<LevelEdit> layRoom(const Kit& kit, const Level& level, const Piece& like,
                          const RoomWish& wish) {
    const CellRect room{wish.corner.x, wish.corner.y, wish.width, wish.depth};
    if (!level.cells.bounds().contains(room))
        return fail(ErrorKind::OutOfRange, "The room would leave the board", level.title,
                    "Make the board larger first");
    auto edit =
        fillRoomWith(kit, level, like, CellRegion(room), wish.storey, {wish.wall, wish.corners});
    if (!edit) return edit;
    auto above = upperWalls(kit, room, wish);
    if (!above) return fail(above.error());
    if (wish.hasCeiling) {
        const std::vector<const Piece*> choices = piecesFor(kit, RoomPart::Ceiling);
        const auto chosen = std::find_if(choices.begin(), choices.end(), [&](const Piece* piece) {
            return piece->name == wish.ceiling;
        });
        if (choices.empty())
            return fail(ErrorKind::NotApplicable, "The kit has no piece for a ceiling", kit.title,
                        "Make one of one module, without walls and ports");
        const Piece* piece = chosen == choices.end() ? choices.front() : *chosen;
        for (int y = room.y; y < room.bottom(); ++y)
            for (int x = room.x; x < room.right(); ++x) {
                PlacedPiece placed;
                placed.piece = piece->name;
                placed.at = {x, y};
                placed.storey = wish.storey + wish.storeys;
                above->push_back(placed);
            }
    }
    // What stood in the room's way above goes, as on its floor.
    const PlacedIndex index(kit, edit->level);
    std::set<int> leaving;
    for (const PlacedPiece& placed : *above)
        for (const auto& tenant : index.at({placed.at, placed.storey}))
            leaving.insert(edit->level.pieces[tenant.placed].id);
    auto whole = exchange(kit, edit->level, {leaving.begin(), leaving.end()}, std::move(*above),
                          "Lay a room of " + std::to_string(wish.width) + " x " +
                              std::to_string(wish.depth) + " modules");
    if (whole) whole->touched = whole->touched.united(edit->touched);
    return whole;
}

std::optional<Side> wallNear(const Kit& kit, const Level& level, const PlacedIndex& index,
                             const ExactPoint& place, int storey) {
    const CellPoint at{static_cast<int>(place.x.floor()), static_cast<int>(place.y.floor())};
    const double x = (place.x - Rational(at.x)).toDouble();
    const double y = (place.y - Rational(at.y)).toDouble();
    const std::array<double, 4> away{1 - x, 1 - y, x, y};
    const auto nearest = std::min_element(away.begin(), away.end());
    const auto side = static_cast<Side>(nearest - away.begin());
    for (const auto& tenant : index.at({at, storey})) {
        const Piece* piece = kit.find(level.pieces[tenant.placed].piece);
        const bool isRoom = piece && piece->cells.size() == 1 && !piece->ports.empty();
        if (isRoom && (tenant.walls & bitOf(side))) return side;
    }
    return std::nullopt;
}

Result<LevelEdit> openWall(const Kit& kit, const Level& level, CellPoint at, Side side,
                           int storey) {
    const std::vector<Tile> tiles = tilesOf(kit, allProfiles(kit));
    const PlacedIndex index(kit, level);
    const StandingTile own = tileAt(level, index, tiles, {at, storey});
    const StandingTile theirs = tileAt(level, index, tiles, {beside(at, side), storey});
    const auto frames =
        own.tile ? withDoor(kit, tiles, *own.tile, side) : std::vector<const Tile*>();
    if (frames.empty())
        return fail(ErrorKind::NotApplicable, "There is no wall that a door frame can stand for",
                    level.title, "Choose a wall of a room, or make a door frame of that kit");
    // What stands against it is opened alike, if it is closed and a frame of it fits.
    const auto others = theirs.tile ? withDoor(kit, tiles, *theirs.tile, opposite(side))
                                    : std::vector<const Tile*>();
    for (const Tile* frame : frames)
        for (const Tile* other : others)
            if (kit.fit(*portOn(*frame, side), *portOn(*other, opposite(side))))
                return exchange(
                    kit, level, {own.id, theirs.id},
                    {placedTile(*frame, at, storey), placedTile(*other, beside(at, side), storey)},
                    "Open a wall");
    // Or it looks in already.
    const level::Port* looksIn = theirs.tile ? portOn(*theirs.tile, opposite(side)) : nullptr;
    const auto fitting = std::find_if(frames.begin(), frames.end(), [&](const Tile* frame) {
        return looksIn && kit.fit(*portOn(*frame, side), *looksIn);
    });
    const Tile* frame = fitting == frames.end() ? frames.front() : *fitting;
    return exchange(kit, level, {own.id}, {placedTile(*frame, at, storey)}, "Open a wall");
}

std::vector<CellPoint> wayRound(const Level& level, const PlacedIndex& index, CellPoint from,
                                CellPoint to, int storey) {
    struct State {
        int length = 0;
        int bends = 0;
        CellPoint at;
        int side = 0;
    };
    const auto later = [](const State& a, const State& b) {
        return std::tuple(a.length, a.bends, a.at.y, a.at.x, a.side) >
               std::tuple(b.length, b.bends, b.at.y, b.at.x, b.side);
    };
    std::priority_queue<State, std::vector<State>, decltype(later)> open(later);
    using Key = std::tuple<int, int, int>;  // y, x, the side that it is come to by
    std::map<Key, std::pair<int, int>> best;
    std::map<Key, Key> before;
    const CellRect board = level.cells.bounds();
    if (!board.contains(from) || !board.contains(to)) return {};
    const auto keyOf = [](const State& state) { return Key{state.at.y, state.at.x, state.side}; };
    open.push({0, 0, from, -1});
    best[{from.y, from.x, -1}] = {0, 0};
    while (!open.empty()) {
        const State now = open.top();
        open.pop();
        if (best[keyOf(now)] < std::pair(now.length, now.bends)) continue;
        if (now.at == to) {
            std::vector<CellPoint> way;
            for (Key key = keyOf(now);; key = before.at(key)) {
                way.push_back({std::get<1>(key), std::get<0>(key)});
                if (!before.contains(key)) break;
            }
            std::reverse(way.begin(), way.end());
            return way;
        }
        for (const Side side : allSides) {
            const CellPoint next = beside(now.at, side);
            if (!board.contains(next)) continue;
            if (next != to && !index.at({next, storey}).empty()) continue;
            const int bend = now.side >= 0 && now.side != static_cast<int>(side);
            const State state{now.length + 1, now.bends + bend, next, static_cast<int>(side)};
            const auto cost = std::pair(state.length, state.bends);
            const auto [known, isNew] = best.try_emplace(keyOf(state), cost);
            if (!isNew && known->second <= cost) continue;
            known->second = cost;
            before[keyOf(state)] = keyOf(now);
            open.push(state);
        }
    }
    return {};
}

Result<LevelEdit> layHallway(const Kit& kit, const Level& level, const Piece& like,
                             const Piece& floor, const std::vector<CellPoint>& way, int width,
                             int storey) {
    if (width <= 1 || way.size() < 3) return layPath(kit, level, like, way, storey);
    // As wide to both sides as it goes, of what lies between the rooms.
    const PlacedIndex index(kit, level);
    const std::vector<CellPoint> between(way.begin() + 1, way.end() - 1);
    const int before = (width - 1) / 2;
    CellRegion region;
    for (const CellPoint at : between) {
        const CellRect wide{at.x - before, at.y - before, width, width};
        region = region.united(CellRegion(wide.intersected(level.cells.bounds())));
    }
    // Rooms keep what is theirs.
    std::vector<level::CellRun> free;
    for (const level::CellRun& run : region.runs())
        for (int x = run.x; x < run.x + run.count; ++x)
            if (index.at({{x, run.y}, storey}).empty()) free.push_back({run.y, x, 1});
    auto edit = fillRoom(kit, level, floor, CellRegion(std::move(free)), storey);
    if (!edit) return edit;
    CellRect touched = edit->touched;
    for (const auto& [at, next] :
         {std::pair(way[0], way[1]), std::pair(way[way.size() - 1], way[way.size() - 2])}) {
        auto opened = openWall(kit, edit->level, at, sideTo(at, next), storey);
        if (!opened) opened = openWall(kit, edit->level, next, sideTo(next, at), storey);
        if (!opened) return opened;
        touched = touched.united(opened->touched);
        edit = std::move(opened);
    }
    edit->touched = touched;
    edit->name = "Lay a hallway of " + std::to_string(between.size()) + " x " +
                 std::to_string(width) + " modules";
    return edit;
}

Result<LevelEdit> duplicateJoined(const Kit& kit, const Level& level, const std::vector<int>& ids,
                                  int dx, int dy, const Piece& like, const Piece& floor,
                                  int width) {
    const auto copied = duplicate(kit, level, ids, dx, dy, 0);
    if (!copied) return copied;
    const Standings former = standingsOf(level, ids);
    int storey = level::maxStoreys;
    for (const PlacedPiece& placed : former.pieces)
        storey = std::min(storey, placed.storey);
    const std::vector<CellPoint> own = modulesUnder(kit, former.pieces, storey);
    std::vector<CellPoint> theirs = own;
    for (CellPoint& at : theirs)
        at = {at.x + dx, at.y + dy};
    const Side side = std::abs(dx) >= std::abs(dy) ? (dx > 0 ? Side::Right : Side::Left)
                                                   : (dy > 0 ? Side::Down : Side::Up);
    const auto from = outermost(own, side);
    const auto to = outermost(theirs, opposite(side));
    if (!from || !to)
        return fail(ErrorKind::NotApplicable, "There is no room to be joined", level.title,
                    "Select the pieces of a room");
    const PlacedIndex index(kit, copied->level);
    const std::vector<CellPoint> way = wayRound(copied->level, index, *from, *to, storey);
    if (way.size() < 3)
        return fail(ErrorKind::NotApplicable, "No way for a hallway leads to the copy", level.title,
                    "Choose a distance that leaves room between them");
    auto edit = layHallway(kit, copied->level, like, floor, way, width, storey);
    if (!edit) return edit;
    edit->touched = edit->touched.united(copied->touched);
    edit->name = "Copy a room, joined by a hallway";
    return edit;
}

}  // namespace rook::kit
