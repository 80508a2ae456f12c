#include "kit/audit_detail.h"
#include "kit/surfaces_detail.h"

#include <algorithm>
#include <set>
#include <tuple>

namespace rook::kit {

using level::Port;
using level::SurfaceSort;

namespace {

/// A part of a module reaches its border on that side.
bool touchesSide(const ExactRect& part, const ExactRect& module, Side side) {
    switch (side) {
        case Side::Right:
            return part.right == module.right;
        case Side::Down:
            return part.bottom == module.bottom;
        case Side::Left:
            return part.left == module.left;
        case Side::Up:
            return part.top == module.top;
    }
    return false;
}

class Auditing {
public:
    Auditing(const Kit& kit, const level::Level& level, const PlacedIndex& index)
        : m_kit(kit), m_level(level), m_index(index), m_solids(kit, level) {
        for (const Piece& piece : kit.pieces) {
            m_pieces.emplace(piece.name, &piece);
            m_audit.counts.uses[piece.name] = 0;
        }
        for (const PlacedPiece& placed : level.pieces) {
            const auto found = m_pieces.find(placed.piece);
            m_placed.push_back({&placed, found == m_pieces.end() ? nullptr : found->second});
        }
    }

    Audit run() {
        m_audit.counts.pieces = static_cast<int>(m_placed.size());
        for (std::size_t i = 0; i < m_placed.size(); ++i) {
            const auto& [placed, piece] = m_placed[i];
            if (!piece) {
                add(FaultSort::UnknownPiece, {i}, {placed->at.x, placed->at.y, 1, 1},
                    placed->storey, "The kit has no piece " + placed->piece);
                continue;
            }
            if (++m_audit.counts.uses[piece->name] == 1) ++m_audit.counts.distinct;
            checkItself(i);
            checkPorts(i);
            checkCells(i);
        }
        m_audit.counts.solids = static_cast<int>(m_level.solids.size());
        auditSolids(m_kit, m_level, m_index, m_solids, m_audit.faults);
        std::stable_sort(m_audit.faults.begin(), m_audit.faults.end(),
                         [](const Fault& a, const Fault& b) {
                             return std::tie(a.storey, a.place.y, a.place.x) <
                                    std::tie(b.storey, b.place.y, b.place.x);
                         });
        return std::move(m_audit);
    }

private:
    struct Entry {
        const PlacedPiece* placed = nullptr;
        const Piece* piece = nullptr;
    };

    void add(FaultSort sort, const std::vector<std::size_t>& who, const CellRect& place, int storey,
             std::string sentence, std::string fix = {}) {
        Fault fault{sort, {}, place, storey, std::move(sentence), std::move(fix)};
        for (const std::size_t i : who)
            fault.pieces.push_back(m_placed[i].placed->id);
        m_audit.faults.push_back(std::move(fault));
    }
    [[nodiscard]] std::string titleOf(std::size_t i) const {
        return m_placed[i].piece->title + " " + std::to_string(m_placed[i].placed->id);
    }
    [[nodiscard]] CellRect placeOf(std::size_t i) const {
        return boundsOf(*m_placed[i].piece, *m_placed[i].placed);
    }

    void checkItself(std::size_t i) {
        const auto& [placed, piece] = m_placed[i];
        if (!placed->offX.isZero() || !placed->offY.isZero())
            add(FaultSort::OffModule, {i}, placeOf(i), placed->storey,
                titleOf(i) + " is off the module by " + lengthText(placed->offX) + " across and " +
                    lengthText(placed->offY) + " down",
                "Set it straight");
        if (!piece->mayTurn(placed->turn))
            add(FaultSort::TurnNotAllowed, {i}, placeOf(i), placed->storey,
                titleOf(i) + " is turned in a way that it may not be");
        if (!piece->measure) return;
        const level::Measure& measure = *piece->measure;
        const bool isExact = std::all_of(measure.over.begin(), measure.over.end(),
                                         [](level::Decimal over) { return over.thousandths == 0; });
        if (!isExact && m_told.insert(piece).second)
            add(FaultSort::PieceSize, {i}, placeOf(i), placed->storey,
                piece->title + " is of another scale: its model measures " +
                    lengthText(exact(measure.width)) + " x " + lengthText(exact(measure.depth)) +
                    " units and not " +
                    lengthText(exact(m_kit.width) * Rational(piece->bounds().width)) + " x " +
                    lengthText(exact(m_kit.depth) * Rational(piece->bounds().height)));
        const bool isCentred = measure.pivotX.thousandths == 0 && measure.pivotY.thousandths == 0;
        if (!isCentred && m_toldPivot.insert(piece).second)
            add(FaultSort::PivotOff, {i}, placeOf(i), placed->storey,
                piece->title + " has its pivot " + lengthText(exact(measure.pivotX)) +
                    " units off across and " + lengthText(exact(measure.pivotY)) + " down");
    }

    void checkPorts(std::size_t i) {
        const auto& [placed, piece] = m_placed[i];
        for (const PlacedPort& port : portsOf(m_kit, *piece, *placed)) {
            const Port& own = piece->ports[port.port];
            const CellRect place{port.at.x, port.at.y, 1, 1};
            const int storey = storeyOf(m_kit, port.height);
            bool isMet = false;
            for (const auto& other : m_index.portsOn(edgeOf(port.at, port.side))) {
                if (other.placed == i || other.port.side != opposite(port.side)) continue;
                const Entry& entry = m_placed[other.placed];
                const Port& theirs = entry.piece->ports[other.port.port];
                const Meeting meeting =
                    meetingOf(m_kit, own, port.height, theirs, other.port.height);
                if (meeting == Meeting::Apart) continue;
                isMet = true;
                if (meeting == Meeting::Joined || other.placed < i) continue;
                const bool isHeight = meeting == Meeting::OtherHeight;
                add(isHeight ? FaultSort::PortHeight : FaultSort::PortProfile, {i, other.placed},
                    place, storey,
                    titleOf(i) + " and " + titleOf(other.placed) + " touch and do not fit: " +
                        (isHeight
                             ? "one is " + lengthText((port.height - other.port.height).abs()) +
                                   " units higher"
                             : profileText(own) + " against " + profileText(theirs)));
            }
            const CellPoint next = beside(port.at, port.side);
            // Where one goes on upon a solid, the piece that joins is still to come.
            if (isMet || isOnSolid(next, opposite(port.side), port.height)) continue;
            const bool isTaken = !m_index.at({next, storey}).empty();
            add(FaultSort::OpenPort, {i}, place, storey,
                titleOf(i) + (isTaken ? " opens against a closed side" : " has an open port") +
                    " to the " + sideText(port.side),
                isTaken ? "" : "Close it");
        }
    }
    static std::string profileText(const Port& port) {
        return port.profile + (port.isFlipped ? " (mirrored)" : "");
    }
    static std::string sideText(Side side) {
        constexpr const char* names[] = {"right", "lower side", "left", "upper side"};
        return names[static_cast<int>(side)];
    }

    void checkCells(std::size_t i) {
        const auto& [placed, piece] = m_placed[i];
        const std::vector<PlacedCell> cells = cellsOf(*piece, *placed);
        std::set<std::size_t> met;
        std::set<std::pair<std::size_t, int>> bordered;
        for (const PlacedCell& cell : cells) {
            for (const auto& tenant : m_index.at(cell.spot))
                if (tenant.placed > i && met.insert(tenant.placed).second)
                    addOverlap(i, tenant.placed, cells);
            for (const Side side : {Side::Right, Side::Down})
                for (const auto& tenant :
                     m_index.at({beside(cell.spot.at, side), cell.spot.storey}))
                    if (tenant.placed != i &&
                        bordered.insert({tenant.placed, static_cast<int>(side)}).second)
                        checkBorder(i, tenant.placed, side, cell.spot);
            checkSurface(i, cell);
        }
    }
    void addOverlap(std::size_t i, std::size_t other, const std::vector<PlacedCell>& cells) {
        const PlacedPiece& a = *m_placed[i].placed;
        const PlacedPiece& b = *m_placed[other].placed;
        int shared = 0;
        CellRect place;
        int storey = a.storey;
        for (const PlacedCell& cell : cells)
            for (const auto& tenant : m_index.at(cell.spot))
                if (tenant.placed == other) {
                    if (shared++ == 0) storey = cell.spot.storey;
                    place = place.united({cell.spot.at.x, cell.spot.at.y, 1, 1});
                }
        const bool isTwin = a.piece == b.piece && a.at == b.at && a.storey == b.storey &&
                            a.turn == b.turn && a.offX == b.offX && a.offY == b.offY;
        if (isTwin)
            add(FaultSort::Duplicate, {other, i}, place, storey,
                titleOf(other) + " lies in the very place of " + titleOf(i), "Take one away");
        else
            add(FaultSort::Overlap, {other, i}, place, storey,
                titleOf(other) + " and " + titleOf(i) + " overlap in " + std::to_string(shared) +
                    (shared == 1 ? " module" : " modules"));
    }
    /// How far `other` begins behind the border of `i` on that side, in modules; below 0 if before.
    [[nodiscard]] Rational spaceBetween(std::size_t i, std::size_t other, Side side) const {
        const bool isAcross = side == Side::Right;
        const auto& [a, pieceA] = m_placed[i];
        const auto& [b, pieceB] = m_placed[other];
        const Rational offs = isAcross ? b->offX - a->offX : b->offY - a->offY;
        return offs - overOn(m_kit, *pieceA, *a, side) - overOn(m_kit, *pieceB, *b, opposite(side));
    }
    void checkBorder(std::size_t i, std::size_t other, Side side, const Spot& spot) {
        const auto& [a, pieceA] = m_placed[i];
        const auto& [b, pieceB] = m_placed[other];
        const bool isPlain =
            !pieceA->measure && !pieceB->measure && a->offX == b->offX && a->offY == b->offY;
        if (isPlain) return;
        const Rational space = spaceBetween(i, other, side);
        if (space.isZero()) return;
        const Rational units = space * exact(side == Side::Right ? m_kit.width : m_kit.depth);
        const CellPoint next = beside(spot.at, side);
        const CellRect place = CellRect::spanning(spot.at, next);
        const bool isGap = units > Rational(0);
        add(isGap ? FaultSort::Gap : FaultSort::Overlap,
            {b->offX.isZero() && b->offY.isZero() ? i : other,
             b->offX.isZero() && b->offY.isZero() ? other : i},
            place, spot.storey,
            "Between " + titleOf(i) + " and " + titleOf(other) +
                (isGap ? " there is a gap of " : " there is an overlap of ") +
                lengthText(units.abs()) + " units");
    }

    void checkSurface(std::size_t i, const PlacedCell& cell) {
        const level::PieceCell& own = m_placed[i].piece->cells[cell.cell];
        if (!isWalked(own.surface)) return;
        const Rational ground = exact(m_kit.storey) * Rational(cell.spot.storey);
        const Rational top = ground + exact(own.height) + exact(own.rise);
        const CellRect place{cell.spot.at.x, cell.spot.at.y, 1, 1};
        if (own.surface != SurfaceSort::Flat && !isGoneOn(cell, top))
            add(FaultSort::RampEnd, {i}, place, cell.spot.storey,
                "The upper end of " + titleOf(i) + " meets nothing at " + lengthText(top) +
                    " units");
        const auto ceiling = ceilingAbove(cell, ground + exact(own.height));
        if (ceiling && *ceiling - top < exact(m_kit.body.height))
            add(FaultSort::Headroom, {i}, place, cell.spot.storey,
                "Above " + titleOf(i) + " there are " +
                    lengthText(max(*ceiling - top, Rational(0))) + " units, and a body needs " +
                    lengthText(exact(m_kit.body.height)));
    }
    /// Some surface lies at the upper end of a ramp, as high as it.
    [[nodiscard]] bool isGoneOn(const PlacedCell& cell, const Rational& top) const {
        const CellPoint next = beside(cell.spot.at, cell.up);
        for (int storey = cell.spot.storey; storey <= cell.spot.storey + 1; ++storey) {
            for (const auto& tenant : m_index.at({next, storey})) {
                const level::PieceCell& other = m_placed[tenant.placed].piece->cells[tenant.cell];
                if (!isWalked(other.surface)) continue;
                const Heights at = heightsAt(other, tenant.up, opposite(cell.up));
                const Rational ground = exact(m_kit.storey) * Rational(storey);
                if (ground + at.from == top && ground + at.to == top) return true;
            }
        }
        return isOnSolid(next, opposite(cell.up), top);
    }
    /// The flat top of a solid lies at that height on that side of a module.
    [[nodiscard]] bool isOnSolid(CellPoint module, Side side, const Rational& height) const {
        const ExactRect all{module.x, module.y, module.x + 1, module.y + 1};
        const std::vector<std::uint32_t>& solids = m_solids.at(module);
        return std::any_of(solids.begin(), solids.end(), [&](std::uint32_t number) {
            const Mass& mass = m_solids.masses()[number];
            return !mass.up && mass.to == height && touchesSide(mass.place.common(all), all, side);
        });
    }
    /// The lowest underside of a floor or block above that height in the same module.
    [[nodiscard]] std::optional<Rational> ceilingAbove(const PlacedCell& cell,
                                                       const Rational& height) const {
        for (int storey = cell.spot.storey; storey < m_index.storeyCount(); ++storey) {
            std::optional<Rational> lowest;
            for (const auto& tenant : m_index.at({cell.spot.at, storey})) {
                const level::PieceCell& other = m_placed[tenant.placed].piece->cells[tenant.cell];
                if (other.surface == SurfaceSort::None) continue;
                const Rational floor = exact(m_kit.storey) * Rational(storey) + exact(other.height);
                if (floor <= height) continue;
                const Rational under = floor - exact(m_kit.slab);
                lowest = lowest ? min(*lowest, under) : under;
            }
            if (lowest) return lowest;
        }
        return std::nullopt;
    }

    const Kit& m_kit;
    const level::Level& m_level;
    const PlacedIndex& m_index;
    SolidIndex m_solids;
    std::unordered_map<std::string, const Piece*> m_pieces;
    std::vector<Entry> m_placed;
    std::set<const Piece*> m_told, m_toldPivot;
    Audit m_audit;
};

}  // namespace

std::string lengthText(const Rational& length) {
    const Rational thousandths = length * Rational(1000);
    if (!thousandths.isWhole())
        return std::to_string(length.top()) + "/" + std::to_string(length.bottom());
    const std::int64_t all = thousandths.top() < 0 ? -thousandths.top() : thousandths.top();
    std::string text = (thousandths.top() < 0 ? "-" : "") + std::to_string(all / 1000);
    if (all % 1000 == 0) return text;
    std::string places = std::to_string(1000 + all % 1000).substr(1);
    while (places.back() == '0')
        places.pop_back();
    return text + "." + places;
}

Audit auditOf(const Kit& kit, const level::Level& level) {
    return auditOf(kit, level, PlacedIndex(kit, level));
}

Audit auditOf(const Kit& kit, const level::Level& level, const PlacedIndex& index) {
    return Auditing(kit, level, index).run();
}

}  // namespace rook::kit
