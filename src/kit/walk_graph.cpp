#include "kit/walk_graph.h"

#include <algorithm>

namespace rook::kit {

using level::SurfaceSort;

namespace {

/// The columns of a level: what stands in a module, over all storeys.
class Columns {
public:
    Columns(const Kit& kit, const level::Level& level, const PlacedIndex& index)
        : m_kit(kit), m_index(index), m_body(exact(kit.body.height)), m_storey(exact(kit.storey)) {
        for (const PlacedPiece& placed : level.pieces)
            m_pieces.push_back(kit.find(placed.piece));
    }

    [[nodiscard]] const Piece& piece(std::size_t placed) const { return *m_pieces[placed]; }
    [[nodiscard]] const level::PieceCell& cellOf(const PlacedIndex::Tenant& tenant) const {
        return m_pieces[tenant.placed]->cells[tenant.cell];
    }
    /// Nothing of floors or blocks in that module reaches into the body's height above `height`;
    /// the floor that one stands on does not count.
    [[nodiscard]] bool hasRoom(CellPoint at, const Rational& height, const Rational& floor) const {
        for (int storey = 0; storey < m_index.storeyCount(); ++storey) {
            for (const auto& tenant : m_index.at({at, storey})) {
                const level::PieceCell& cell = cellOf(tenant);
                if (cell.surface == SurfaceSort::None) continue;
                const Rational ground = m_storey * Rational(storey);
                const bool isBlock = cell.surface == SurfaceSort::Block;
                const Rational low = ground + exact(cell.height);
                const Rational top = isBlock ? ground + m_storey : low + exact(cell.rise);
                const Rational under = isBlock ? ground : low - exact(m_kit.slab);
                if (!isBlock && low <= floor) continue;
                if (under < height + m_body && top > height) return false;
            }
        }
        return true;
    }
    /// No wall stands on that border of the module, from this side, in the body's height.
    [[nodiscard]] bool isOpen(CellPoint at, Side side, const Rational& height) const {
        const int first = static_cast<int>((height / m_storey).floor());
        const int last = static_cast<int>(((height + m_body) / m_storey).floor());
        for (int storey = std::max(0, first); storey <= last; ++storey) {
            const Rational ground = m_storey * Rational(storey);
            if (ground >= height + m_body) continue;
            for (const auto& tenant : m_index.at({at, storey}))
                if ((tenant.walls >> static_cast<int>(side)) & 1u) return false;
        }
        return true;
    }

private:
    const Kit& m_kit;
    const PlacedIndex& m_index;
    Rational m_body, m_storey;
    std::vector<const Piece*> m_pieces;
};

}  // namespace

WalkGraph::WalkGraph(const Kit& kit, const level::Level& level, const PlacedIndex& index) {
    const Columns columns(kit, level, index);
    const Rational storey = exact(kit.storey);
    const Rational stepUp = exact(kit.body.stepUp);
    const Rational drop = exact(kit.body.drop);
    std::unordered_map<Spot, std::vector<int>, SpotHash> byColumn;
    std::size_t placedIndex = 0;
    for (const PlacedPiece& placed : level.pieces) {
        const std::size_t i = placedIndex++;
        const Piece* piece = kit.find(placed.piece);
        if (!piece) continue;
        for (const PlacedCell& cell : cellsOf(*piece, placed)) {
            const level::PieceCell& own = piece->cells[cell.cell];
            if (own.surface == SurfaceSort::None || own.surface == SurfaceSort::Block) continue;
            const Rational low = storey * Rational(cell.spot.storey) + exact(own.height);
            const int patch = static_cast<int>(m_patches.size());
            m_patches.push_back({cell.spot, i, cell.cell, cell.up, low, low + exact(own.rise)});
            byColumn[{cell.spot.at, 0}].push_back(patch);
            m_bySpot.try_emplace(cell.spot, patch);
        }
    }
    m_next.resize(m_patches.size());
    const auto heights = [&](const Patch& patch, Side side) {
        const level::PieceCell& cell = columns.piece(patch.placed).cells[patch.cell];
        const Heights at = heightsAt(cell, patch.up, side);
        const Rational ground = patch.low - exact(cell.height);
        return Heights{ground + at.from, ground + at.to};
    };
    for (std::size_t a = 0; a < m_patches.size(); ++a) {
        const Patch& from = m_patches[a];
        for (const Side side : level::allSides) {
            const CellPoint next = beside(from.spot.at, side);
            const auto column = byColumn.find({next, 0});
            if (column == byColumn.end()) continue;
            const Heights own = heights(from, side);
            // One falls onto the highest surface that is not too high.
            int best = -1;
            Heights there;
            for (const int b : column->second) {
                Heights at = heights(m_patches[static_cast<std::size_t>(b)], opposite(side));
                std::swap(at.from, at.to);  // seen from here, it runs the other way
                if (at.from - own.from > stepUp || at.to - own.to > stepUp) continue;
                if (best >= 0 && max(at.from, at.to) <= max(there.from, there.to)) continue;
                best = b;
                there = at;
            }
            if (best < 0 || own.from - there.from > drop || own.to - there.to > drop) continue;
            const Rational height = max(max(own.from, own.to), max(there.from, there.to));
            const Patch& to = m_patches[static_cast<std::size_t>(best)];
            if (columns.hasRoom(from.spot.at, height, from.low) &&
                columns.hasRoom(next, height, to.low) &&
                columns.isOpen(from.spot.at, side, height) &&
                columns.isOpen(next, opposite(side), height))
                m_next[a].push_back(best);
        }
    }
}

int WalkGraph::patchAt(const Spot& spot) const {
    const auto found = m_bySpot.find(spot);
    return found == m_bySpot.end() ? -1 : found->second;
}

}  // namespace rook::kit
