#include "kit/placed.h"

#include <algorithm>
#include <tuple>

namespace rook::kit {

using level::Port;

namespace {

unsigned turnedWalls(unsigned walls, int turn) {
    return ((walls << turn) | (walls >> (4 - turn))) & 0b1111u;
}

CellPoint onBoard(const CellRect& bounds, CellPoint cell, const PlacedPiece& placed) {
    const CellPoint turned = level::turnedCell(bounds, cell, placed.turn);
    return {placed.at.x + turned.x, placed.at.y + turned.y};
}

}  // namespace

std::vector<PlacedCell> cellsOf(const Piece& piece, const PlacedPiece& placed) {
    const CellRect bounds = piece.bounds();
    std::vector<PlacedCell> cells;
    cells.reserve(piece.cells.size());
    for (std::size_t i = 0; i < piece.cells.size(); ++i) {
        const level::PieceCell& cell = piece.cells[i];
        cells.push_back({{onBoard(bounds, cell.at, placed), placed.storey + cell.storey},
                         i,
                         turned(cell.up, placed.turn),
                         turnedWalls(cell.walls, placed.turn)});
    }
    return cells;
}

std::vector<PlacedPort> portsOf(const Kit& kit, const Piece& piece, const PlacedPiece& placed) {
    const CellRect bounds = piece.bounds();
    const Rational ground = exact(kit.storey) * Rational(placed.storey);
    std::vector<PlacedPort> ports;
    ports.reserve(piece.ports.size());
    for (std::size_t i = 0; i < piece.ports.size(); ++i) {
        const Port& port = piece.ports[i];
        ports.push_back({onBoard(bounds, port.cell, placed), turned(port.side, placed.turn),
                         ground + exact(port.height), i});
    }
    return ports;
}

int storeyOf(const Kit& kit, const Rational& height) {
    return static_cast<int>((height / exact(kit.storey) + Rational(1, 4)).floor());
}

CellRect boundsOf(const Piece& piece, const PlacedPiece& placed) {
    const CellRect bounds = piece.bounds();
    const bool isAcross = placed.turn % 2 == 0;
    return {placed.at.x, placed.at.y, isAcross ? bounds.width : bounds.height,
            isAcross ? bounds.height : bounds.width};
}

Rational overOn(const Kit& kit, const Piece& piece, const PlacedPiece& placed, Side side) {
    if (!piece.measure) return {};
    const Side own = turned(side, 4 - placed.turn);
    const bool isAcross = own == Side::Right || own == Side::Left;
    return exact(piece.measure->over[static_cast<std::size_t>(own)]) /
           exact(isAcross ? kit.width : kit.depth);
}

ExactPoint pivotOf(const Piece& piece, const PlacedPiece& placed) {
    const CellRect bounds = piece.bounds();
    const int w = 2 * bounds.width;
    const int h = 2 * bounds.height;
    int x = piece.pivotX;
    int y = piece.pivotY;
    if (placed.turn == 1) std::tie(x, y) = std::pair(h - piece.pivotY, piece.pivotX);
    if (placed.turn == 2) std::tie(x, y) = std::pair(w - piece.pivotX, h - piece.pivotY);
    if (placed.turn == 3) std::tie(x, y) = std::pair(piece.pivotY, w - piece.pivotX);
    return {Rational(placed.at.x) + placed.offX + Rational(x, 2),
            Rational(placed.at.y) + placed.offY + Rational(y, 2)};
}

Heights heightsAt(const level::PieceCell& cell, Side up, Side side) {
    const Rational low = exact(cell.height);
    const Rational high = low + exact(cell.rise);
    if (side == up) return {high, high};
    if (side == opposite(up)) return {low, low};
    // Clockwise, the side after the upper one begins at the upper end.
    return side == turned(up, 1) ? Heights{high, low} : Heights{low, high};
}

Edge edgeOf(CellPoint cell, Side side) {
    switch (side) {
        case Side::Right:
            return {{cell.x + 1, cell.y}, true};
        case Side::Down:
            return {{cell.x, cell.y + 1}, false};
        case Side::Left:
            return {cell, true};
        case Side::Up:
            return {cell, false};
    }
    return {};
}

PlacedIndex::PlacedIndex(const Kit& kit, const level::Level& level) {
    std::unordered_map<std::string, const Piece*> pieces;
    for (const Piece& piece : kit.pieces)
        pieces.emplace(piece.name, &piece);
    m_spots.reserve(level.pieces.size() * 2);
    m_ports.reserve(level.pieces.size() * 2);
    std::size_t index = 0;
    for (const PlacedPiece& placed : level.pieces) {
        const auto found = pieces.find(placed.piece);
        const std::size_t i = index++;
        if (found != pieces.end()) add(kit, *found->second, placed, i);
    }
}

void PlacedIndex::add(const Kit& kit, const Piece& piece, const PlacedPiece& placed,
                      std::size_t index) {
    for (const PlacedCell& cell : cellsOf(piece, placed)) {
        m_spots[cell.spot].push_back({index, cell.cell, cell.up, cell.walls});
        m_storeys = std::max(m_storeys, cell.spot.storey + 1);
    }
    for (const PlacedPort& port : portsOf(kit, piece, placed))
        m_ports[edgeOf(port.at, port.side)].push_back({index, port});
}

void PlacedIndex::forget(const Kit& kit, const Piece& piece, const PlacedPiece& placed,
                         std::size_t index) {
    for (const PlacedCell& cell : cellsOf(piece, placed))
        std::erase_if(m_spots[cell.spot], [&](const Tenant& t) { return t.placed == index; });
    for (const PlacedPort& port : portsOf(kit, piece, placed))
        std::erase_if(m_ports[edgeOf(port.at, port.side)],
                      [&](const PortAt& p) { return p.placed == index; });
}

void PlacedIndex::follow(const Kit& kit, const ChunkedVector<PlacedPiece>& before,
                         const level::Level& after) {
    const ChunkedVector<PlacedPiece>& now = after.pieces;
    std::vector<std::size_t> changed;
    if (now.size() >= before.size()) {
        auto former = before.begin();
        auto next = now.begin();
        for (std::size_t i = 0; i < before.size(); ++i, ++former, ++next)
            if (&*former != &*next && !(*former == *next)) changed.push_back(i);
    }
    if (now.size() < before.size() || changed.size() > 64 + before.size() / 8) {
        *this = PlacedIndex(kit, after);
        return;
    }
    for (const std::size_t i : changed) {
        if (const Piece* piece = kit.find(before[i].piece)) forget(kit, *piece, before[i], i);
        if (const Piece* piece = kit.find(now[i].piece)) add(kit, *piece, now[i], i);
    }
    for (std::size_t i = before.size(); i < now.size(); ++i)
        if (const Piece* piece = kit.find(now[i].piece)) add(kit, *piece, now[i], i);
}

const std::vector<PlacedIndex::Tenant>& PlacedIndex::at(const Spot& spot) const {
    static const std::vector<Tenant> none;
    const auto found = m_spots.find(spot);
    return found == m_spots.end() ? none : found->second;
}

const std::vector<PlacedIndex::PortAt>& PlacedIndex::portsOn(const Edge& edge) const {
    static const std::vector<PortAt> none;
    const auto found = m_ports.find(edge);
    return found == m_ports.end() ? none : found->second;
}

Meeting meetingOf(const Kit& kit, const Port& a, const Rational& heightA, const Port& b,
                  const Rational& heightB) {
    const Rational apart = (heightA - heightB).abs();
    if (apart * Rational(2) >= exact(kit.storey)) return Meeting::Apart;
    if (!apart.isZero()) return Meeting::OtherHeight;
    return kit.fit(a, b) ? Meeting::Joined : Meeting::OtherProfile;
}

}  // namespace rook::kit
