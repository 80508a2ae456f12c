#include <algorithm>
#include <map>

#include "kit/surfaces_detail.h"
#include "kit/surveying_detail.h"

namespace rook::kit {

using level::SurfaceSort;

namespace {

constexpr int finestRound = 16;  ///< parts of a module that a round is told apart by

void cutAt(std::vector<Rational>& borders, const Rational& at) {
    if (at <= borders.front() || at >= borders.back()) return;
    const auto place = std::lower_bound(borders.begin(), borders.end(), at);
    if (*place != at) borders.insert(place, at);
}

}  // namespace

Surveying::Surveying(const Kit& kit, const level::Level& level, const PlacedIndex& index,
                     WalkGraph& graph)
    : m_kit(kit),
      m_level(level),
      m_index(index),
      m_graph(graph),
      m_solids(kit, level),
      m_body(exact(kit.body.height)),
      m_storey(exact(kit.storey)),
      m_stepUp(exact(kit.body.stepUp)),
      m_drop(exact(kit.body.drop)) {
    std::map<std::string_view, const Piece*> pieces;
    for (const Piece& piece : kit.pieces)
        pieces.emplace(piece.name, &piece);
    for (const PlacedPiece& placed : level.pieces) {
        const auto found = pieces.find(placed.piece);
        m_pieces.push_back(found == pieces.end() ? nullptr : found->second);
    }
}

void Surveying::run() {
    split();
    addPatches(m_level);
    m_graph.m_next.resize(m_graph.m_patches.size());
    linkAll();
}

/// Cuts the modules that solids touch along the borders of what they are made of.
void Surveying::split() {
    for (const auto& [spot, masses] : m_solids.modules()) {
        const auto [x, y] = spot.at;
        Split& split = m_graph.m_split[spot];
        split.columns = {x, x + 1};
        split.rows = {y, y + 1};
        split.masses = masses;
        for (const std::uint32_t number : masses) {
            const Mass& mass = m_solids.masses()[number];
            cutAt(split.columns, mass.place.left);
            cutAt(split.columns, mass.place.right);
            cutAt(split.rows, mass.place.top);
            cutAt(split.rows, mass.place.bottom);
            const int parts = mass.outline.empty() ? 0 : std::min(m_kit.fraction, finestRound);
            for (int i = 1; i < parts; ++i) {
                cutAt(split.columns, Rational(x) + Rational(i, parts));
                cutAt(split.rows, Rational(y) + Rational(i, parts));
            }
        }
        split.patches.resize(split.across() * split.down());
    }
}

const WalkGraph::Split* Surveying::splitOf(CellPoint module) const {
    const auto found = m_graph.m_split.find({module, 0});
    return found == m_graph.m_split.end() ? nullptr : &found->second;
}

void Surveying::addPatches(const level::Level& level) {
    std::size_t i = 0;
    for (const PlacedPiece& placed : level.pieces) {
        const std::size_t here = i++;
        if (!m_pieces[here]) continue;
        for (const PlacedCell& cell : cellsOf(*m_pieces[here], placed))
            if (isWalked(m_pieces[here]->cells[cell.cell].surface))
                addOfPiece(here, *m_pieces[here], cell);
    }
    std::vector<CellPoint> modules;
    for (const auto& [spot, split] : m_graph.m_split)
        modules.push_back(spot.at);
    std::sort(modules.begin(), modules.end(), [](const CellPoint& a, const CellPoint& b) {
        return std::pair(a.y, a.x) < std::pair(b.y, b.x);
    });
    for (const CellPoint module : modules)
        addOfSolids(module, m_graph.m_split.at({module, 0}));
}

void Surveying::add(Patch patch, std::vector<int>& of) {
    const int number = static_cast<int>(m_graph.m_patches.size());
    of.push_back(number);
    m_graph.m_bySpot.try_emplace(patch.spot, number);
    m_graph.m_patches.push_back(std::move(patch));
}

void Surveying::addOfPiece(std::size_t placed, const Piece& piece, const PlacedCell& cell) {
    const level::PieceCell& own = piece.cells[cell.cell];
    const Rational low = m_storey * Rational(cell.spot.storey) + exact(own.height);
    const Patch whole{cell.spot, placed, cell.cell, cell.up, low, low + exact(own.rise)};
    const auto found = m_graph.m_split.find({cell.spot.at, 0});
    if (found == m_graph.m_split.end()) return add(whole, m_byColumn[{cell.spot.at, 0}]);
    Split& split = found->second;
    for (std::size_t row = 0; row < split.down(); ++row)
        for (std::size_t column = 0; column < split.across(); ++column) {
            Patch patch = whole;
            patch.part = split.part(column, row);
            const Rational a = heightOf(whole, {patch.part.left, patch.part.top});
            const Rational b = heightOf(whole, {patch.part.right, patch.part.bottom});
            patch.low = min(a, b);
            patch.high = max(a, b);
            if (!isBuried(split, patch.part, patch.low, patch.high, -1))
                add(std::move(patch), split.patches[row * split.across() + column]);
        }
}

/// The tops of what covers a part, each a surface if nothing stands right on it.
void Surveying::addOfSolids(CellPoint module, Split& split) {
    for (std::size_t row = 0; row < split.down(); ++row)
        for (std::size_t column = 0; column < split.across(); ++column) {
            const ExactRect part = split.part(column, row);
            for (const std::uint32_t number : split.masses) {
                const Mass& mass = m_solids.masses()[number];
                if (!mass.covers(part)) continue;
                const Rational a = mass.topAt(part.left, part.top);
                const Rational b = mass.topAt(part.right, part.bottom);
                Patch patch;
                patch.low = min(a, b);
                patch.high = max(a, b);
                patch.up = mass.up.value_or(Side::Right);
                patch.mass = static_cast<int>(number);
                patch.part = part;
                patch.spot = {module, std::clamp(static_cast<int>((patch.low / m_storey).floor()),
                                                 0, level::maxStoreys - 1)};
                if (!isBuried(split, part, patch.low, patch.high, patch.mass))
                    add(std::move(patch), split.patches[row * split.across() + column]);
            }
        }
}

/// A solid stands right on it, all over that part; or another one of the same top comes before it.
bool Surveying::isBuried(const Split& split, const ExactRect& part, const Rational& low,
                         const Rational& high, int mass) const {
    return std::any_of(split.masses.begin(), split.masses.end(), [&](std::uint32_t number) {
        const Mass& other = m_solids.masses()[number];
        if (static_cast<int>(number) == mass || other.from > low || !other.covers(part))
            return false;
        const Rational a = other.topAt(part.left, part.top);
        const Rational b = other.topAt(part.right, part.bottom);
        const bool isTwin = low == high && a == low && b == low;
        if (isTwin) return mass < 0 || static_cast<int>(number) < mass;
        return min(a, b) >= high && max(a, b) > high;
    });
}

Rational Surveying::heightOf(const Patch& patch, const ExactPoint& at) const {
    if (patch.mass >= 0)
        return m_solids.masses()[static_cast<std::size_t>(patch.mass)].topAt(at.x, at.y);
    const level::PieceCell& cell = m_pieces[patch.placed]->cells[patch.cell];
    Mass module;
    module.place = {patch.spot.at.x, patch.spot.at.y, patch.spot.at.x + 1, patch.spot.at.y + 1};
    module.from = m_storey * Rational(patch.spot.storey) + exact(cell.height);
    module.to = module.from + exact(cell.rise);
    if (!exact(cell.rise).isZero()) module.up = patch.up;
    return module.topAt(at.x, at.y);
}

Heights Surveying::heightsOf(const Patch& patch, const Border& border) const {
    if (patch.low == patch.high) return {patch.low, patch.low};
    return {heightOf(patch, border.first), heightOf(patch, border.last)};
}

void Surveying::linkAll() {
    std::vector<CellPoint> modules;
    for (const auto& [spot, patches] : m_byColumn)
        modules.push_back(spot.at);
    for (const auto& [spot, split] : m_graph.m_split) {
        modules.push_back(spot.at);
        linkWithin(spot.at, split);
    }
    for (const CellPoint module : modules)
        for (const Side side : level::allSides)
            linkAcross(module, side);
}

Surveying::Bank Surveying::bankOf(CellPoint module, const Split* split, std::size_t column,
                                  std::size_t row) const {
    Bank bank{module, split, {module.x, module.y, module.x + 1, module.y + 1}, nullptr};
    if (split) {
        bank.part = split->part(column, row);
        bank.patches = &split->patches[row * split->across() + column];
    } else if (const auto found = m_byColumn.find({module, 0}); found != m_byColumn.end()) {
        bank.patches = &found->second;
    }
    return bank;
}

/// A wall stands on borders of modules alone.
void Surveying::findOpenSides() {
    for (const Patch& patch : m_graph.m_patches) {
        unsigned open = 0;
        const ExactRect place = patch.place();
        const CellRect module{patch.spot.at.x, patch.spot.at.y, 1, 1};
        for (const Side side : level::allSides) {
            const bool isBorder = side == Side::Right  ? place.right == Rational(module.right())
                                  : side == Side::Left ? place.left == Rational(module.x)
                                  : side == Side::Down ? place.bottom == Rational(module.bottom())
                                                       : place.top == Rational(module.y);
            if (!isBorder || isOpen(patch.spot.at, side, patch.high))
                open |= 1u << static_cast<int>(side);
        }
        m_graph.m_open.push_back(static_cast<std::uint8_t>(open));
    }
}

/// From all parts along a side of a module to those of the next one.
void Surveying::linkAcross(CellPoint module, Side side) {
    const CellPoint next = beside(module, side);
    const Split* own = splitOf(module);
    const Split* theirs = splitOf(next);
    const bool isUpright = side == Side::Right || side == Side::Left;
    const auto count = [&](const Split* split) {
        return !split ? std::size_t{1} : isUpright ? split->down() : split->across();
    };
    const auto bank = [&](CellPoint at, const Split* split, Side of, std::size_t i) {
        std::size_t column = i;
        std::size_t row = i;
        if (split && isUpright) column = of == Side::Right ? split->across() - 1 : 0;
        if (split && !isUpright) row = of == Side::Down ? split->down() - 1 : 0;
        return bankOf(at, split, column, row);
    };
    std::size_t i = 0;
    std::size_t k = 0;
    while (i < count(own) && k < count(theirs)) {
        const Bank from = bank(module, own, side, i);
        const Bank to = bank(next, theirs, opposite(side), k);
        Border border{side, {}, {}, true};
        if (isUpright) {
            const Rational x(side == Side::Right ? module.x + 1 : module.x);
            border.first = {x, max(from.part.top, to.part.top)};
            border.last = {x, min(from.part.bottom, to.part.bottom)};
            (from.part.bottom <= to.part.bottom ? i : k)++;
        } else {
            const Rational y(side == Side::Down ? module.y + 1 : module.y);
            border.first = {max(from.part.left, to.part.left), y};
            border.last = {min(from.part.right, to.part.right), y};
            (from.part.right <= to.part.right ? i : k)++;
        }
        if (border.first != border.last) link(from, to, border);
    }
}

void Surveying::linkWithin(CellPoint module, const Split& split) {
    for (std::size_t row = 0; row < split.down(); ++row)
        for (std::size_t column = 0; column < split.across(); ++column) {
            const Bank here = bankOf(module, &split, column, row);
            if (column + 1 < split.across()) {
                const Bank right = bankOf(module, &split, column + 1, row);
                const ExactPoint first{here.part.right, here.part.top};
                const ExactPoint last{here.part.right, here.part.bottom};
                link(here, right, {Side::Right, first, last, false});
                link(right, here, {Side::Left, first, last, false});
            }
            if (row + 1 < split.down()) {
                const Bank below = bankOf(module, &split, column, row + 1);
                const ExactPoint first{here.part.left, here.part.bottom};
                const ExactPoint last{here.part.right, here.part.bottom};
                link(here, below, {Side::Down, first, last, false});
                link(below, here, {Side::Up, first, last, false});
            }
        }
}

void Surveying::link(const Bank& from, const Bank& to, const Border& border) {
    if (!from.patches || !to.patches) return;
    for (const int a : *from.patches) {
        const Patch& own = m_graph.m_patches[static_cast<std::size_t>(a)];
        const Heights here = heightsOf(own, border);
        // One falls onto the highest surface that is not too high.
        int best = -1;
        Heights there;
        for (const int b : *to.patches) {
            const Heights at = heightsOf(m_graph.m_patches[static_cast<std::size_t>(b)], border);
            if (at.from - here.from > m_stepUp || at.to - here.to > m_stepUp) continue;
            if (best >= 0 && max(at.from, at.to) <= max(there.from, there.to)) continue;
            best = b;
            there = at;
        }
        if (best < 0 || here.from - there.from > m_drop || here.to - there.to > m_drop) continue;
        const Rational height = max(max(here.from, here.to), max(there.from, there.to));
        const Patch& other = m_graph.m_patches[static_cast<std::size_t>(best)];
        if (!hasRoom({from.module, from.split, from.part, &own}, height) ||
            !hasRoom({to.module, to.split, to.part, &other}, height))
            continue;
        if (border.isOfModule && (!isOpen(from.module, border.side, height) ||
                                  !isOpen(to.module, opposite(border.side), height)))
            continue;
        m_graph.m_next[static_cast<std::size_t>(a)].push_back(best);
    }
}

/// Nothing of floors, blocks or solids there reaches into the body's height above `height`; what
/// one stands on does not count.
bool Surveying::hasRoom(const Place& place, const Rational& height) const {
    for (int storey = 0; storey < m_index.storeyCount(); ++storey) {
        for (const auto& tenant : m_index.at({place.module, storey})) {
            const level::PieceCell& cell = cellOf(tenant);
            if (cell.surface == SurfaceSort::None) continue;
            const Rational ground = m_storey * Rational(storey);
            const bool isBlock = cell.surface == SurfaceSort::Block;
            const Rational low = ground + exact(cell.height);
            const Rational top = isBlock ? ground + m_storey : low + exact(cell.rise);
            const Rational under = isBlock ? ground : low - exact(m_kit.slab);
            if (!isBlock && low <= place.patch->low) continue;
            if (under < height + m_body && top > height) return false;
        }
    }
    if (!place.split) return true;
    return std::none_of(
        place.split->masses.begin(), place.split->masses.end(), [&](std::uint32_t number) {
            const Mass& mass = m_solids.masses()[number];
            return static_cast<int>(number) != place.patch->mass && mass.from < height + m_body &&
                   mass.to > height && mass.covers(place.part) && mass.topOver(place.part) > height;
        });
}

/// No wall of a piece stands on that border of the module, from this side, in the body's height.
bool Surveying::isOpen(CellPoint at, Side side, const Rational& height) const {
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

}  // namespace rook::kit
