#include "kit/solid_fill.h"

#include <algorithm>
#include <map>
#include <numeric>
#include <set>

#include "kit/laying_detail.h"

namespace rook::kit {

using level::Level;
using level::LevelEdit;
using level::Opening;
using level::SurfaceSort;

namespace {

/// What a piece has to be in a module of a storey.
struct Wanted {
    enum class Sort { Full, Flat, Rise };
    Sort sort = Sort::Full;
    Rational height;  ///< units above the storey's ground, of the lower end
    Rational rise;
    Side up = Side::Right;
    bool areSteps = false;  ///< stairs rather than a ramp
    unsigned walls = 0;
    unsigned doors = 0;   ///< sides where one goes through
    unsigned inside = 0;  ///< sides where the solid goes on
};

struct SpotOrder {
    bool operator()(const Spot& a, const Spot& b) const {
        return std::tuple(a.storey, a.at.y, a.at.x) < std::tuple(b.storey, b.at.y, b.at.x);
    }
};
using WantedSpots = std::map<Spot, Wanted, SpotOrder>;

bool isWhole(const Solid& solid) {
    return solid.x.isWhole() && solid.y.isWhole() && solid.width.isWhole() && solid.depth.isWhole();
}

/// Sides of a module of a room where an opening goes through the wall at the height of its floor.
unsigned doorsOf(const Kit& kit, const Solid& solid, CellPoint at) {
    unsigned doors = 0;
    const Rational across = exact(solid.wall) / exact(kit.width);
    const Rational down = exact(solid.wall) / exact(kit.depth);
    const ExactRect module{at.x, at.y, at.x + 1, at.y + 1};
    for (const Opening& opening : solid.openings) {
        const Rational low = exact(opening.base);
        if (low > exact(solid.floor) || low + exact(opening.height) <= exact(solid.floor)) continue;
        const ExactRect hole{solid.x + opening.x, solid.y + opening.y,
                             solid.x + opening.x + opening.width,
                             solid.y + opening.y + opening.depth};
        const Rational right = solid.x + solid.width;
        const Rational bottom = solid.y + solid.depth;
        const std::pair<Side, ExactRect> walls[] = {
            {Side::Right, {right - across, solid.y, right, bottom}},
            {Side::Down, {solid.x, bottom - down, right, bottom}},
            {Side::Left, {solid.x, solid.y, solid.x + across, bottom}},
            {Side::Up, {solid.x, solid.y, right, solid.y + down}}};
        for (const auto& [side, wall] : walls) {
            const bool isAcross = side == Side::Right || side == Side::Left;
            const ExactRect through = hole.common(wall).common(module);
            const bool goesThrough =
                !through.isEmpty() &&
                (isAcross ? hole.left <= wall.left && hole.right >= wall.right
                          : hole.top <= wall.top && hole.bottom >= wall.bottom);
            if (goesThrough) doors |= bitOf(side);
        }
    }
    return doors;
}

/// What is wanted where; nothing, and why, if pieces cannot stand for it.
class Wishing {
public:
    Wishing(const Kit& kit, const Solid& solid) : m_kit(kit), m_solid(solid) {}

    WantedSpots run(std::string& reason) {
        if (level::flawOf(m_kit, m_solid)) {
            reason = "it has a flaw";
        } else if (!isWhole(m_solid)) {
            reason = "it does not lie on whole modules";
        } else if (m_solid.sort == SolidSort::Round) {
            reason = "no piece is round";
        } else if (m_solid.rises()) {
            addRise(reason);
        } else if (m_solid.isHollow()) {
            addRoom(reason);
        } else {
            addBox(reason);
        }
        return std::move(m_spots);
    }

private:
    template <typename Each>
    void forEachModule(Each&& each) {
        const CellRect modules = boundsOf(m_solid);
        for (int y = modules.y; y < modules.bottom(); ++y)
            for (int x = modules.x; x < modules.right(); ++x) {
                Wanted wanted;
                for (const Side side : level::allSides)
                    if (modules.contains(beside({x, y}, side))) wanted.inside |= bitOf(side);
                each(CellPoint{x, y}, wanted);
            }
    }
    void addBox(std::string& reason) {
        if (!m_solid.openings.empty()) {
            reason = "it has openings";
            return;
        }
        const Rational base = exact(m_solid.base);
        const Rational top = base + exact(m_solid.height);
        const Rational storey = exact(m_kit.storey);
        const Rational none;
        if (base > none || (base < none && top > none)) {
            reason = "it does not stand on the ground of its storey";
            return;
        }
        const int full = static_cast<int>(max(none, top / storey).floor());
        const Rational left = top - Rational(full) * storey;
        forEachModule([&](CellPoint at, const Wanted& plain) {
            Wanted wanted = plain;
            for (int i = 0; i < full; ++i)
                m_spots[{at, m_solid.storey + i}] = wanted;
            if (full > 0 && left.isZero()) return;
            wanted.sort = Wanted::Sort::Flat;
            wanted.height = left;
            m_spots[{at, m_solid.storey + full}] = wanted;
        });
    }
    void addRoom(std::string& reason) {
        const Rational floor = exact(m_solid.base) + exact(m_solid.floor);
        if (floor < Rational(0) || floor + exact(m_kit.body.height) > exact(m_kit.storey)) {
            reason = "its floor is too far from the ground of its storey";
            return;
        }
        if (exact(m_solid.base) + exact(m_solid.height) > exact(m_kit.storey)) {
            reason = "it is higher than a storey";
            return;
        }
        forEachModule([&](CellPoint at, Wanted wanted) {
            wanted.sort = Wanted::Sort::Flat;
            wanted.height = floor;
            wanted.doors = doorsOf(m_kit, m_solid, at) & ~wanted.inside;
            wanted.walls = 0b1111u & ~wanted.inside & ~wanted.doors;
            m_spots[{at, m_solid.storey}] = wanted;
        });
    }
    void addRise(std::string& reason) {
        if (m_solid.base.thousandths != 0) {
            reason = "it does not stand on the ground of its storey";
            return;
        }
        const bool isAcross = m_solid.up == Side::Right || m_solid.up == Side::Left;
        const bool isForth = m_solid.up == Side::Right || m_solid.up == Side::Down;
        const CellRect modules = boundsOf(m_solid);
        const int count = isAcross ? modules.width : modules.height;
        const Rational rise = exact(m_solid.height) / Rational(count);
        forEachModule([&](CellPoint at, Wanted wanted) {
            const int along = isAcross ? at.x - modules.x : at.y - modules.y;
            const Rational low = rise * Rational(isForth ? along : count - 1 - along);
            const int storeys = static_cast<int>((low / exact(m_kit.storey)).floor());
            wanted.sort = Wanted::Sort::Rise;
            wanted.height = low - exact(m_kit.storey) * Rational(storeys);
            wanted.rise = rise;
            wanted.up = m_solid.up;
            wanted.areSteps = m_solid.sort == SolidSort::Stairs;
            m_spots[{at, m_solid.storey + storeys}] = wanted;
        });
    }

    const Kit& m_kit;
    const Solid& m_solid;
    WantedSpots m_spots;
};

/// A cell of a placed piece is what is wanted there.
bool isAsWanted(const level::PieceCell& cell, const PlacedCell& placed, const Wanted& wanted) {
    switch (wanted.sort) {
        case Wanted::Sort::Full:
            return cell.surface == SurfaceSort::Block;
        case Wanted::Sort::Flat:
            return cell.surface == SurfaceSort::Flat && exact(cell.height) == wanted.height &&
                   placed.walls == wanted.walls;
        case Wanted::Sort::Rise:
            return (cell.surface == SurfaceSort::Ramp || cell.surface == SurfaceSort::Stairs) &&
                   exact(cell.height) == wanted.height && exact(cell.rise) == wanted.rise &&
                   placed.up == wanted.up;
    }
    return false;
}

class Filling {
public:
    Filling(const Kit& kit, const PlacedIndex& index, const Solid& solid)
        : m_kit(kit), m_index(index), m_solid(solid) {}

    SolidFilling run() {
        SolidFilling filling;
        filling.solid = m_solid.id;
        m_wanted = Wishing(m_kit, m_solid).run(filling.reason);
        filling.modules = static_cast<int>(m_wanted.size());
        if (m_wanted.empty()) return filling;
        tryAll(filling);
        filling.covered = filling.modules - static_cast<int>(m_left.size());
        if (m_left.empty()) return filling;
        const bool mayBePart = m_solid.sort == SolidSort::Box && !m_solid.isHollow();
        const Spot& first = m_left.begin()->first;
        filling.reason = "no piece of the kit fits at " + std::to_string(first.at.x) + ", " +
                         std::to_string(first.at.y);
        if (!m_index.at(first).empty())
            filling.reason = "pieces stand at " + std::to_string(first.at.x) + ", " +
                             std::to_string(first.at.y) + " already";
        if (!mayBePart) {
            filling.pieces.clear();
            filling.covered = 0;
        }
        if (filling.isSome()) addRest(filling);
        return filling;
    }

private:
    /// With each profile that may be within, the one that covers most, then the one that joins
    /// most.
    void tryAll(SolidFilling& filling) {
        std::pair<int, int> best{-1, 0};
        WantedSpots left;
        std::vector<std::string> profiles{{}};
        for (const level::PortProfile& profile : m_kit.profiles)
            profiles.push_back(profile.name);
        for (const std::string& profile : profiles) {
            m_profile = profile;
            m_left = m_wanted;
            m_joins = 0;
            std::vector<PlacedPiece> pieces;
            for (const auto& [spot, wanted] : m_wanted)
                if (m_left.contains(spot)) putAt(spot, pieces);
            const std::pair score{static_cast<int>(m_wanted.size() - m_left.size()), m_joins};
            if (score <= best) continue;
            best = score;
            left = std::move(m_left);
            filling.pieces = std::move(pieces);
        }
        m_left = std::move(left);
    }
    /// The best piece of which one cell lies on that spot.
    void putAt(const Spot& spot, std::vector<PlacedPiece>& pieces) {
        PlacedPiece best;
        std::tuple<int, int, int> bestScore{0, 0, 0};
        for (const Piece& piece : m_kit.pieces)
            for (int turn = 0; turn < 4; ++turn) {
                if (!piece.mayTurn(turn)) continue;
                PlacedPiece placed;
                placed.piece = piece.name;
                placed.turn = turn;
                // Its first cell, in the order of the spots, lies there.
                const std::vector<PlacedCell> cells = cellsOf(piece, placed);
                const auto first = std::min_element(cells.begin(), cells.end(),
                                                    [](const PlacedCell& a, const PlacedCell& b) {
                                                        return SpotOrder()(a.spot, b.spot);
                                                    });
                placed.at = {spot.at.x - first->spot.at.x, spot.at.y - first->spot.at.y};
                placed.storey = spot.storey - first->spot.storey;
                if (placed.storey < 0 || !fits(piece, placed)) continue;
                const auto score = scoreOf(piece, placed);
                if (score <= bestScore) continue;
                bestScore = score;
                best = placed;
            }
        if (best.piece.empty()) return;
        for (const PlacedCell& cell : cellsOf(*m_kit.find(best.piece), best))
            m_left.erase(cell.spot);
        m_joins += std::get<2>(bestScore);
        pieces.push_back(std::move(best));
    }
    [[nodiscard]] bool fits(const Piece& piece, const PlacedPiece& placed) const {
        for (const PlacedCell& cell : cellsOf(piece, placed)) {
            const auto wanted = m_left.find(cell.spot);
            if (wanted == m_left.end() || !m_index.at(cell.spot).empty() ||
                !isAsWanted(piece.cells[cell.cell], cell, wanted->second))
                return false;
        }
        const std::vector<PlacedPort> ports = portsOf(m_kit, piece, placed);
        for (const PlacedPort& port : ports) {
            const auto wanted = m_left.find({port.at, storeyOf(m_kit, port.height)});
            const bool isWithin =
                wanted != m_left.end() && (wanted->second.inside & bitOf(port.side));
            if (isWithin && piece.ports[port.port].profile != m_profile) return false;
        }
        // A way through a wall needs a port.
        for (const PlacedCell& cell : cellsOf(piece, placed))
            for (const Side side : level::allSides)
                if ((m_left.at(cell.spot).doors & bitOf(side)) &&
                    std::none_of(ports.begin(), ports.end(), [&](const PlacedPort& port) {
                        return port.at == cell.spot.at && port.side == side;
                    }))
                    return false;
        return true;
    }
    /// Cells, what it is made of, and ports to the inside before those to nowhere.
    [[nodiscard]] std::tuple<int, int, int> scoreOf(const Piece& piece,
                                                    const PlacedPiece& placed) const {
        int likeness = 1;
        int joins = 0;
        for (const PlacedCell& cell : cellsOf(piece, placed)) {
            const bool areSteps = piece.cells[cell.cell].surface == SurfaceSort::Stairs;
            likeness += areSteps == m_left.at(cell.spot).areSteps;
        }
        for (const PlacedPort& port : portsOf(m_kit, piece, placed)) {
            const auto wanted = m_left.find({port.at, storeyOf(m_kit, port.height)});
            if (wanted == m_left.end()) continue;
            const unsigned open = wanted->second.inside | wanted->second.doors;
            joins += (open & bitOf(port.side)) ? 1 : -1;
            // A door frame has another profile to the outside than within.
            const bool isDoor = (wanted->second.doors & bitOf(port.side)) != 0;
            const std::string& profile = piece.ports[port.port].profile;
            const bool isFrame =
                isDoor && std::any_of(piece.ports.begin(), piece.ports.end(),
                                      [&](const auto& other) { return other.profile != profile; });
            joins += isFrame;
        }
        return {static_cast<int>(piece.cells.size()), likeness, joins};
    }
    /// What is left of a box, as rectangles of modules a layer.
    void addRest(SolidFilling& filling) {
        std::map<int, std::set<std::pair<int, int>>> layers;  // y and x, by storey
        for (const auto& [spot, wanted] : m_left)
            layers[spot.storey].insert({spot.at.y, spot.at.x});
        for (auto& layer : layers) {
            std::set<std::pair<int, int>>& modules = layer.second;
            while (!modules.empty()) {
                const int top = modules.begin()->first;
                const int left = modules.begin()->second;
                int right = left;
                while (modules.contains({top, right}))
                    ++right;
                int bottom = top;
                const auto isFull = [&](int y) {
                    for (int x = left; x < right; ++x)
                        if (!modules.contains({y, x})) return false;
                    return true;
                };
                while (isFull(bottom))
                    ++bottom;
                for (int y = top; y < bottom; ++y)
                    for (int x = left; x < right; ++x)
                        modules.erase({y, x});
                filling.rest.push_back(
                    layerOf(layer.first, {left, top, right - left, bottom - top}));
            }
        }
    }
    [[nodiscard]] Solid layerOf(int storey, const CellRect& modules) const {
        Solid rest = m_solid;
        rest.id = 0;
        rest.x = modules.x;
        rest.y = modules.y;
        rest.width = modules.width;
        rest.depth = modules.height;
        if (exact(m_solid.base) + exact(m_solid.height) < exact(m_kit.storey)) return rest;
        rest.storey = storey;
        rest.base = {0};
        rest.height = std::min(
            m_kit.storey, level::Decimal{m_solid.height.thousandths -
                                         (storey - m_solid.storey) * m_kit.storey.thousandths});
        return rest;
    }

    const Kit& m_kit;
    const PlacedIndex& m_index;
    const Solid& m_solid;
    WantedSpots m_wanted, m_left;
    std::string m_profile;  ///< of ports within; empty: there are none
    int m_joins = 0;
};

}  // namespace

SolidFilling fillingOf(const Kit& kit, const PlacedIndex& index, const Solid& solid) {
    return Filling(kit, index, solid).run();
}

std::string wordsOf(const SolidFilling& filling) {
    if (!filling.isSome()) return "No piece stands for it: " + filling.reason;
    const std::size_t count = filling.pieces.size();
    const std::string pieces = count == 1 ? "1 piece fits" : std::to_string(count) + " pieces fit";
    if (filling.reason.empty()) return pieces + ", for all of it";
    return pieces + ", for " + std::to_string(filling.covered) + " of " +
           std::to_string(filling.modules) + " modules: " + filling.reason;
}

Result<LevelEdit> fillWithPieces(const Kit& kit, const Level& level, const std::vector<int>& ids) {
    const PlacedIndex index(kit, level);
    std::string reason;
    std::vector<int> leaving;
    Standings coming;
    for (const Solid& solid : level.solids) {
        if (std::find(ids.begin(), ids.end(), solid.id) == ids.end()) continue;
        SolidFilling filling = fillingOf(kit, index, solid);
        if (!filling.reason.empty() && reason.empty())
            reason = titleOf(solid) + " stays: " + filling.reason;
        if (!filling.isSome()) continue;
        leaving.push_back(solid.id);
        std::move(filling.pieces.begin(), filling.pieces.end(), std::back_inserter(coming.pieces));
        std::move(filling.rest.begin(), filling.rest.end(), std::back_inserter(coming.solids));
    }
    if (leaving.empty())
        return fail(ErrorKind::NotApplicable, reason.empty() ? "No solid is selected" : reason,
                    level.title, "Make a piece that fits, or lay pieces over it by hand");
    const LevelEdit removed = remove(kit, level, leaving);
    const std::string name = "Fill " + std::to_string(leaving.size()) +
                             (leaving.size() == 1 ? " solid" : " solids") + " with pieces";
    auto edit = add(kit, removed.level, std::move(coming), name);
    if (!edit) return fail(edit.error());
    edit->edit.touched = edit->edit.touched.united(removed.touched);
    return edit->edit;
}

}  // namespace rook::kit
