#include "kit/stands.h"

#include <algorithm>

#include "kit/walk_graph.h"

namespace rook::kit {

using level::Side;

namespace {

constexpr int mostCrossed = 64;

/// The first place whose middle is not before that border, modules.
int firstFrom(const Rational& border) {
    const Rational places = border * Rational(Stands::across) - Rational(1, 2);
    return static_cast<int>(-(-places).floor());
}
ExactPoint middleOfPlace(CellPoint at) {
    return {Rational(2 * at.x + 1, 2 * Stands::across), Rational(2 * at.y + 1, 2 * Stands::across)};
}
Rational borderOf(const ExactRect& part, Side side) {
    switch (side) {
        case Side::Right:
            return part.right;
        case Side::Down:
            return part.bottom;
        case Side::Left:
            return part.left;
        case Side::Up:
            break;
    }
    return part.top;
}
bool isAcross(Side side) {
    return side == Side::Right || side == Side::Left;
}

/// The surface on the other side of a border, at that height along it; -1 if none is walked to.
int surfaceBehind(const WalkGraph& graph, int patch, Side side, const Rational& along) {
    const ExactRect here = graph.patches()[static_cast<std::size_t>(patch)].place();
    for (const int next : graph.next(patch)) {
        const ExactRect there = graph.patches()[static_cast<std::size_t>(next)].place();
        if (borderOf(there, opposite(side)) != borderOf(here, side)) continue;
        const Rational& from = isAcross(side) ? there.top : there.left;
        const Rational& to = isAcross(side) ? there.bottom : there.right;
        if (from <= along && along < to) return next;
    }
    return -1;
}

}  // namespace

Stands::Stands(const WalkGraph& graph) {
    const auto& patches = graph.patches();
    for (std::size_t i = 0; i < patches.size(); ++i) {
        const ExactRect place = patches[i].place();
        Block block{firstFrom(place.left), firstFrom(place.top), 0, 0, count()};
        block.columns = firstFrom(place.right) - block.column;
        block.rows = firstFrom(place.bottom) - block.row;
        const int size = block.columns * block.rows;
        m_isWhole = m_isWhole && size > 0;
        m_patchOf.insert(m_patchOf.end(), static_cast<std::size_t>(size), static_cast<int>(i));
        m_blocks.push_back(block);
    }
    m_beside.resize(m_patchOf.size());
    for (int stand = 0; stand < count(); ++stand)
        for (const Side side : level::allSides)
            m_beside[static_cast<std::size_t>(stand)][static_cast<std::size_t>(side)] =
                stepFrom(graph, stand, side);
}

CellPoint Stands::at(int stand) const {
    const Block& block = blockOf(patchOf(stand));
    const int index = stand - block.first;
    return {block.column + index % block.columns, block.row + index / block.columns};
}

int Stands::on(int patch, CellPoint at) const {
    const Block& block = blockOf(patch);
    const int column = at.x - block.column, row = at.y - block.row;
    if (column < 0 || row < 0 || column >= block.columns || row >= block.rows) return -1;
    return block.first + row * block.columns + column;
}

int Stands::nearest(int patch, const ExactPoint& point) const {
    const Block& block = blockOf(patch);
    if (block.columns <= 0 || block.rows <= 0) return -1;
    const auto place = [](const Rational& value) {
        return static_cast<int>((value * Rational(across)).floor());
    };
    return on(patch, {std::clamp(place(point.x), block.column, block.column + block.columns - 1),
                      std::clamp(place(point.y), block.row, block.row + block.rows - 1)});
}

/// Over as many borders as lie between the two places.
int Stands::stepFrom(const WalkGraph& graph, int stand, Side side) const {
    CellPoint to = at(stand);
    to.x += side == Side::Right ? 1 : side == Side::Left ? -1 : 0;
    to.y += side == Side::Down ? 1 : side == Side::Up ? -1 : 0;
    int patch = patchOf(stand);
    if (const int here = on(patch, to); here >= 0) return here;
    const ExactPoint middle = middleOfPlace(to);
    for (int crossed = 0; crossed < mostCrossed && patch >= 0; ++crossed) {
        if (const int found = on(patch, to); found >= 0) return found;
        patch = surfaceBehind(graph, patch, side, isAcross(side) ? middle.y : middle.x);
    }
    return -1;
}

int Stands::beside(int stand, int dx, int dy) const {
    const auto straight = [&](int from, int x, int y) {
        if (from < 0) return -1;
        const Side side = x > 0 ? Side::Right : x < 0 ? Side::Left : y > 0 ? Side::Down : Side::Up;
        return m_beside[static_cast<std::size_t>(from)][static_cast<std::size_t>(side)];
    };
    if (dx == 0 && dy == 0) return stand;
    if (dx == 0 || dy == 0) return straight(stand, dx, dy);
    const int first = straight(straight(stand, dx, 0), 0, dy);
    return first == straight(straight(stand, 0, dy), dx, 0) ? first : -1;
}

}  // namespace rook::kit
