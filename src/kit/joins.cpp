#include "kit/joins.h"

#include <algorithm>
#include <set>
#include <tuple>

#include "kit/audit.h"

namespace rook::kit {

int Proposal::joinedCount() const {
    return static_cast<int>(std::count_if(contacts.begin(), contacts.end(), [](const Contact& c) {
        return c.meeting == Meeting::Joined;
    }));
}

int Proposal::refusedCount() const {
    return static_cast<int>(contacts.size()) - joinedCount();
}

Proposal judged(const Kit& kit, const level::Level& level, const PlacedIndex& index,
                const Piece& piece, const PlacedPiece& placed) {
    Proposal proposal;
    proposal.placed = placed;
    const auto isSelf = [&](std::size_t other) {
        return placed.id != 0 && level.pieces[other].id == placed.id;
    };
    proposal.isFree = level.cells.bounds().contains(boundsOf(piece, placed)) &&
                      placed.storey >= 0 && placed.storey + piece.storeys() <= level::maxStoreys;
    for (const PlacedCell& cell : cellsOf(piece, placed))
        for (const auto& tenant : index.at(cell.spot))
            if (!isSelf(tenant.placed)) proposal.isFree = false;
    for (const PlacedPort& port : portsOf(kit, piece, placed))
        for (const auto& other : index.portsOn(edgeOf(port.at, port.side))) {
            if (isSelf(other.placed) || other.port.side != opposite(port.side)) continue;
            const Piece* theirs = kit.find(level.pieces[other.placed].piece);
            const Meeting meeting = meetingOf(kit, piece.ports[port.port], port.height,
                                              theirs->ports[other.port.port], other.port.height);
            if (meeting != Meeting::Apart)
                proposal.contacts.push_back({port.at, port.side, meeting, other.placed});
        }
    return proposal;
}

bool isOpen(const Kit& kit, const level::Level& level, const PlacedIndex& index, std::size_t placed,
            const PlacedPort& port) {
    const Piece* own = kit.find(level.pieces[placed].piece);
    for (const auto& other : index.portsOn(edgeOf(port.at, port.side))) {
        if (other.placed == placed || other.port.side != opposite(port.side)) continue;
        const Piece* theirs = kit.find(level.pieces[other.placed].piece);
        if (meetingOf(kit, own->ports[port.port], port.height, theirs->ports[other.port.port],
                      other.port.height) == Meeting::Joined)
            return false;
    }
    return true;
}

std::vector<OpenPort> openPorts(const Kit& kit, const level::Level& level,
                                const PlacedIndex& index) {
    std::vector<OpenPort> open;
    std::size_t i = 0;
    for (const PlacedPiece& placed : level.pieces) {
        if (const Piece* piece = kit.find(placed.piece))
            for (const PlacedPort& port : portsOf(kit, *piece, placed))
                if (isOpen(kit, level, index, i, port)) open.push_back({i, port});
        ++i;
    }
    return open;
}

namespace {

/// The middle of an edge, px.
PxPoint middleOf(const level::Level& level, CellPoint at, Side side) {
    const PxRect cell = toPx(CellRect{at.x, at.y, 1, 1}, level.cellSize);
    const PxPoint middle{cell.x + cell.width / 2, cell.y + cell.height / 2};
    switch (side) {
        case Side::Right:
            return {cell.right(), middle.y};
        case Side::Down:
            return {middle.x, cell.bottom()};
        case Side::Left:
            return {cell.x, middle.y};
        case Side::Up:
            return {middle.x, cell.y};
    }
    return middle;
}

std::int64_t squaredDistance(PxPoint a, PxPoint b) {
    const std::int64_t dx = a.x - b.x;
    const std::int64_t dy = a.y - b.y;
    return dx * dx + dy * dy;
}

/// Every way of putting some port of the piece to an open one near the pointer.
class Joining {
public:
    Joining(const Kit& kit, const level::Level& level, const PlacedIndex& index, const Piece& piece,
            PxPoint pointer, int turn)
        : m_kit(kit),
          m_level(level),
          m_index(index),
          m_piece(piece),
          m_pointer(pointer),
          m_turn(turn) {}

    std::optional<Proposal> best(int storey, int reachPx) {
        const CellSize cell = m_level.cellSize;
        const CellRect near = toCells(
            PxRect{m_pointer.x - reachPx, m_pointer.y - reachPx, 2 * reachPx + 1, 2 * reachPx + 1},
            cell);
        for (int y = near.y; y <= near.bottom(); ++y)
            for (int x = near.x; x <= near.right(); ++x)
                for (const bool isUpright : {true, false})
                    for (const auto& open : m_index.portsOn({{x, y}, isUpright}))
                        tryAt(open, storey, reachPx);
        return std::move(m_best);
    }

private:
    void tryAt(const PlacedIndex::PortAt& open, int storey, int reachPx) {
        const std::int64_t far =
            squaredDistance(m_pointer, middleOf(m_level, open.port.at, open.port.side));
        if (far > std::int64_t{reachPx} * reachPx ||
            !isOpen(m_kit, m_level, m_index, open.placed, open.port))
            return;
        const CellPoint place = beside(open.port.at, open.port.side);
        for (int turn = 0; turn < 4; ++turn) {
            if (!m_piece.mayTurn(turn)) continue;
            for (const level::Port& port : m_piece.ports) {
                if (turned(port.side, turn) != opposite(open.port.side)) continue;
                PlacedPiece placed;
                placed.piece = m_piece.name;
                placed.turn = turn;
                const CellPoint own = level::turnedCell(m_piece.bounds(), port.cell, turn);
                placed.at = {place.x - own.x, place.y - own.y};
                // A ramp goes down from a port as well as up: the height says which storey.
                const Rational ground =
                    (open.port.height - exact(port.height)) / exact(m_kit.storey);
                placed.storey = static_cast<int>(ground.nearest());
                const PlacedPiece& from = m_level.pieces[open.placed];
                const bool leadsHere =
                    isOn(m_piece, placed, storey) || isOn(*m_kit.find(from.piece), from, storey);
                if (!leadsHere) continue;
                // What joins goes along with what it joins, off the module or on it.
                const PlacedPiece& other = m_level.pieces[open.placed];
                placed.offX = other.offX;
                placed.offY = other.offY;
                consider(judged(m_kit, m_level, m_index, m_piece, placed), far);
            }
        }
    }
    static bool isOn(const Piece& piece, const PlacedPiece& placed, int storey) {
        return placed.storey <= storey && storey < placed.storey + piece.storeys();
    }
    void consider(Proposal proposal, std::int64_t far) {
        if (!proposal.isFree || proposal.joinedCount() == 0) return;
        proposal.hasJoined = true;
        const auto rank = std::tuple(proposal.refusedCount(), proposal.placed.turn != m_turn, far,
                                     -proposal.joinedCount());
        if (m_best && !(rank < m_rank)) return;
        m_rank = rank;
        m_best = std::move(proposal);
    }

    const Kit& m_kit;
    const level::Level& m_level;
    const PlacedIndex& m_index;
    const Piece& m_piece;
    PxPoint m_pointer;
    int m_turn;
    std::optional<Proposal> m_best;
    std::tuple<int, bool, std::int64_t, int> m_rank;
};

}  // namespace

Proposal proposedAt(const Kit& kit, const level::Level& level, const PlacedIndex& index,
                    const Piece& piece, PxPoint pointer, int storey, int turn, int reachPx,
                    int fraction) {
    // The nearest turn that is allowed, clockwise.
    for (int more = 0; more < 4 && !piece.mayTurn(turn); ++more)
        turn = (turn + 1) & 3;
    if (fraction <= 1)
        if (auto joined = Joining(kit, level, index, piece, pointer, turn).best(storey, reachPx))
            return *joined;
    PlacedPiece placed;
    placed.piece = piece.name;
    placed.storey = storey;
    placed.turn = turn;
    const CellRect lies = boundsOf(piece, placed);
    // The corner of the footprint, as parts of a module.
    const auto corner = [&](int px, int cellPx, int modules) {
        const Rational middle = Rational(px, cellPx) - Rational(modules, 2);
        return Rational((middle * Rational(fraction)).nearest(), fraction);
    };
    const Rational x = corner(pointer.x, level.cellSize.width, lies.width);
    const Rational y = corner(pointer.y, level.cellSize.height, lies.height);
    placed.at = {static_cast<int>(x.nearest()), static_cast<int>(y.nearest())};
    placed.offX = x - Rational(placed.at.x);
    placed.offY = y - Rational(placed.at.y);
    return judged(kit, level, index, piece, placed);
}

std::string wordsOf(const Kit& kit, const level::Level& level, const Proposal& proposal) {
    const auto nameOf = [&](std::size_t other) {
        const PlacedPiece& placed = level.pieces[other];
        const Piece* piece = kit.find(placed.piece);
        return (piece ? piece->title : placed.piece) + " " + std::to_string(placed.id);
    };
    std::string words;
    std::set<std::size_t> joined;
    for (const Contact& contact : proposal.contacts)
        if (contact.meeting == Meeting::Joined && joined.insert(contact.other).second)
            words += (words.empty() ? "joins " : ", ") + nameOf(contact.other);
    for (const Contact& contact : proposal.contacts) {
        if (contact.meeting == Meeting::Joined) continue;
        words +=
            (words.empty() ? "does not fit " : "; does not fit ") + nameOf(contact.other) +
            (contact.meeting == Meeting::OtherHeight ? ": another height" : ": another profile");
        break;
    }
    if (!proposal.isFree) words += words.empty() ? "no room here" : "; no room here";
    return words;
}

}  // namespace rook::kit
