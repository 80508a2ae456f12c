#include <algorithm>
#include <set>

#include "kit/audit_detail.h"

namespace rook::kit {

namespace {

/// What overlaps shows two faces that look the same way, in one plane.
bool shareFace(const Mass& a, const Mass& b) {
    const bool haveFlatTops = !a.up && !b.up;
    if ((haveFlatTops && a.to == b.to) || a.from == b.from) return true;
    if (a.up || b.up || !a.outline.empty() || !b.outline.empty()) return false;
    return a.place.left == b.place.left || a.place.right == b.place.right ||
           a.place.top == b.place.top || a.place.bottom == b.place.bottom;
}

/// Around all of some masses; requires one at least.
ExactBox aroundAll(const std::vector<Mass>& masses) {
    ExactBox box{masses[0].place, masses[0].from, masses[0].to};
    for (const Mass& mass : masses) {
        box.place = {min(box.place.left, mass.place.left), min(box.place.top, mass.place.top),
                     max(box.place.right, mass.place.right),
                     max(box.place.bottom, mass.place.bottom)};
        box.from = min(box.from, mass.from);
        box.to = max(box.to, mass.to);
    }
    return box;
}

/// How far two boxes lie apart beside each other, along one axis, modules.
struct Space {
    Rational modules;
    bool isAcross = true;
};
std::optional<Space> spaceBeside(const ExactBox& a, const ExactBox& b) {
    if (max(a.from, b.from) >= min(a.to, b.to)) return std::nullopt;
    const ExactRect common = a.place.common(b.place);
    const Rational across = common.left - common.right;
    const Rational down = common.top - common.bottom;
    const Rational none;
    if (across > none && down < none) return Space{across, true};
    if (down > none && across < none) return Space{down, false};
    return std::nullopt;
}

class SolidAuditing {
public:
    SolidAuditing(const Kit& kit, const level::Level& level, const PlacedIndex& index,
                  const SolidIndex& solids, std::vector<Fault>& faults)
        : m_kit(kit), m_level(level), m_index(index), m_solids(solids), m_faults(faults) {
        for (std::size_t i = 0; i < solids.masses().size(); ++i)
            m_massesOf[solids.solidOf(i)].push_back(solids.masses()[i]);
        for (const Piece& piece : kit.pieces) {
            m_pieces.emplace(piece.name, &piece);
            for (const level::PieceCell& cell : piece.cells) {
                const Rational high = exact(cell.height) + exact(cell.rise);
                const Rational off = max(exact(cell.height).abs(), high.abs());
                m_reach = std::max(m_reach, 1 + storeyAt(off));
            }
        }
    }

    void run() {
        for (std::size_t i = 0; i < m_level.solids.size(); ++i) {
            const Solid& solid = m_level.solids[i];
            if (const auto flaw = level::flawOf(m_kit, solid)) {
                m_faults.push_back({FaultSort::SolidFlaw,
                                    {solid.id},
                                    boundsOf(solid),
                                    std::clamp(solid.storey, 0, level::maxStoreys - 1),
                                    *flaw});
                continue;
            }
            check(i);
        }
    }

private:
    [[nodiscard]] int storeyAt(const Rational& height) const {
        return static_cast<int>((height / exact(m_kit.storey)).floor());
    }
    void check(std::size_t i) {
        const Solid& solid = m_level.solids[i];
        const std::vector<Mass>& masses = m_massesOf[i];
        if (masses.empty()) return;
        std::set<std::size_t> others, placed;
        const CellRect near = boundsOf(solid).grown(1);
        const ExactBox box = boxOf(m_kit, solid);
        const int lowest = std::max(0, storeyAt(box.from) - m_reach);
        const int highest = std::min(m_index.storeyCount() - 1, storeyAt(box.to) + m_reach);
        for (int y = near.y; y < near.bottom(); ++y)
            for (int x = near.x; x < near.right(); ++x) {
                for (const std::uint32_t mass : m_solids.at({x, y}))
                    if (m_solids.solidOf(mass) > i) others.insert(m_solids.solidOf(mass));
                for (int storey = lowest; storey <= highest; ++storey)
                    for (const auto& tenant : m_index.at({{x, y}, storey}))
                        placed.insert(tenant.placed);
            }
        for (const std::size_t other : others) {
            const Solid& second = m_level.solids[other];
            hold(solid, masses, m_massesOf[other], second.id, titleOf(second));
        }
        for (const std::size_t other : placed) {
            const PlacedPiece& second = m_level.pieces[other];
            const Piece& piece = *m_pieces.at(second.piece);
            hold(solid, masses, massesOf(m_kit, piece, second), second.id,
                 piece.title + " " + std::to_string(second.id));
        }
    }
    void hold(const Solid& solid, const std::vector<Mass>& own, const std::vector<Mass>& theirs,
              int otherId, const std::string& otherTitle) {
        if (theirs.empty()) return;
        const ExactBox a = aroundAll(own);
        const ExactBox b = aroundAll(theirs);
        const auto add = [&](FaultSort sort, const CellRect& place, std::string sentence) {
            const int storey =
                std::max(0, static_cast<int>((max(a.from, b.from) / exact(m_kit.storey)).floor()));
            m_faults.push_back({sort,
                                {solid.id, otherId},
                                place,
                                std::min(storey, level::maxStoreys - 1),
                                std::move(sentence)});
        };
        bool doOverlap = false;
        bool hasFace = false;
        ExactRect where;
        for (const Mass& first : own)
            for (const Mass& second : theirs) {
                if (!overlap(first, second)) continue;
                if (!doOverlap) where = first.place.common(second.place);
                doOverlap = true;
                hasFace = hasFace || shareFace(first, second);
            }
        if (doOverlap)
            return add(
                hasFace ? FaultSort::SharedFace : FaultSort::Overlap, where.modules(),
                titleOf(solid) + " and " + otherTitle + " overlap" +
                    (hasFace ? ", and faces of both lie in one plane, where they flicker" : ""));
        const auto space = spaceBeside(a, b);
        if (!space || space->modules >= Rational(1, m_kit.fraction)) return;
        const Rational units = space->modules * exact(space->isAcross ? m_kit.width : m_kit.depth);
        const ExactRect gap = a.place.common(b.place);
        const ExactRect between{min(gap.left, gap.right), min(gap.top, gap.bottom),
                                max(gap.left, gap.right), max(gap.top, gap.bottom)};
        add(FaultSort::Gap, between.modules(),
            "Between " + titleOf(solid) + " and " + otherTitle + " there is a gap of " +
                lengthText(units) + " units");
    }

    const Kit& m_kit;
    const level::Level& m_level;
    const PlacedIndex& m_index;
    const SolidIndex& m_solids;
    std::vector<Fault>& m_faults;
    std::unordered_map<std::size_t, std::vector<Mass>> m_massesOf;
    std::unordered_map<std::string, const Piece*> m_pieces;
    int m_reach = 1;  ///< storeys by which a piece may reach beyond its own
};

}  // namespace

void auditSolids(const Kit& kit, const level::Level& level, const PlacedIndex& index,
                 const SolidIndex& solids, std::vector<Fault>& faults) {
    SolidAuditing(kit, level, index, solids, faults).run();
}

}  // namespace rook::kit
