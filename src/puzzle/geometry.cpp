#include "puzzle/geometry.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <numbers>

#include "base/assert.h"

namespace rook::puzzle {

using level::Arrangement;
using level::HexPoints;

namespace {

int pitchAcross(const level::SlotBoard& board) {
    const int wide = board.slot.width;
    const bool isAside = board.arrangement == Arrangement::Hex && board.points == HexPoints::Side;
    return (isAside ? 3 * wide / 4 : wide) + board.gap.x;
}

int pitchDown(const level::SlotBoard& board) {
    const int high = board.slot.height;
    const bool isUp = board.arrangement == Arrangement::Hex && board.points == HexPoints::Up;
    return (isUp ? 3 * high / 4 : high) + board.gap.y;
}

/// The sine of `numerator / denominator` of a turn; exact where it is 0, 1/2 or 1, and for no other
/// part of a turn is it a fraction (I. Niven, Irrational Numbers, 1956).
double sineOf(std::int64_t numerator, std::int64_t denominator) {
    numerator %= denominator;
    if (numerator < 0) numerator += denominator;
    if (12 * numerator % denominator == 0) {
        constexpr double none = 2;
        constexpr double twelfths[] = {0, 0.5, none, 1, none, 0.5, 0, -0.5, none, -1, none, -0.5};
        const double exact = twelfths[12 * numerator / denominator];
        if (exact != none) return exact;
    }
    return std::sin(2 * std::numbers::pi * double(numerator) / double(denominator));
}

int roundedAway(double value) {
    return static_cast<int>(value < 0 ? -std::floor(-value + 0.5) : std::floor(value + 0.5));
}

/// Twice the area of the triangle, with its sign.
double turnOf(const Corner& a, const Corner& b, double x, double y) {
    return (b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x);
}

constexpr CellPoint squareWays[] = {{1, 0}, {0, 1},  {-1, 0},  {0, -1},
                                    {1, 1}, {-1, 1}, {-1, -1}, {1, -1}};

/// Of hexagons: by row (or column) that is not shifted, and by one that is.
constexpr CellPoint upWays[2][6] = {
    {{1, 0}, {0, 1}, {-1, 1}, {-1, 0}, {-1, -1}, {0, -1}},
    {{1, 0}, {1, 1}, {0, 1}, {-1, 0}, {0, -1}, {1, -1}},
};
constexpr CellPoint sideWays[2][6] = {
    {{1, 0}, {0, 1}, {-1, 0}, {-1, -1}, {0, -1}, {1, -1}},
    {{1, 1}, {0, 1}, {-1, 1}, {-1, 0}, {0, -1}, {1, 0}},
};

}  // namespace

Geometry::Geometry(const level::SlotBoard& board) : m_board(board) {
    if (isRings()) {
        for (const int slots : board.rings) {
            m_firstOfRing.push_back(m_count);
            m_count += slots;
        }
    } else if (board.arrangement != Arrangement::Free) {
        m_count = board.columns * board.rows;
    }
}

int Geometry::directions() const {
    switch (m_board.arrangement) {
        case Arrangement::Square:
            return m_board.hasDiagonals ? 8 : 4;
        case Arrangement::Hex:
            return 6;
        case Arrangement::Rings:
        case Arrangement::Free:
            return 0;
    }
    return 0;
}

int Geometry::numberOf(CellPoint address) const {
    if (address.x < 0 || address.y < 0 || m_count == 0) return -1;
    if (isRings()) {
        const auto ring = static_cast<std::size_t>(address.y);
        if (ring >= m_board.rings.size() || address.x >= m_board.rings[ring]) return -1;
        return m_firstOfRing[ring] + address.x;
    }
    if (address.x >= m_board.columns || address.y >= m_board.rows) return -1;
    return address.y * m_board.columns + address.x;
}

CellPoint Geometry::addressOf(int number) const {
    ROOK_ASSERT(number >= 0 && number < m_count, "a slot of the board");
    if (!isRings()) return {number % m_board.columns, number / m_board.columns};
    const auto ring = std::upper_bound(m_firstOfRing.begin(), m_firstOfRing.end(), number) - 1;
    return {number - *ring, static_cast<int>(ring - m_firstOfRing.begin())};
}

PxPoint Geometry::middle() const {
    const int last = static_cast<int>(m_board.rings.size()) - 1;
    const int largest = m_board.inner + std::max(0, last) * m_board.pitch;
    return {m_board.origin.x + largest + m_board.slot.width / 2,
            m_board.origin.y + largest + m_board.slot.height / 2};
}

double Geometry::halfRing() const {
    return (m_board.pitch > 0 ? m_board.pitch : m_board.slot.height) / 2.0;
}

PxPoint Geometry::centreOf(CellPoint address) const {
    if (isRings()) {
        const std::int64_t slots = m_board.rings[static_cast<std::size_t>(address.y)];
        const double radius = m_board.inner + static_cast<double>(address.y) * m_board.pitch;
        const std::int64_t half = 2 * std::int64_t(address.x) + 1;
        const PxPoint from = middle();
        // Clockwise from the top: across by the sine, up by the cosine.
        return {from.x + roundedAway(radius * sineOf(half, 2 * slots)),
                from.y - roundedAway(radius * sineOf(half * 2 + slots, 4 * slots))};
    }
    const PxPoint corner = cornerOf(address);
    return {corner.x + m_board.slot.width / 2, corner.y + m_board.slot.height / 2};
}

PxPoint Geometry::cornerOf(CellPoint address) const {
    if (isRings()) {
        const PxPoint centre = centreOf(address);
        return {centre.x - m_board.slot.width / 2, centre.y - m_board.slot.height / 2};
    }
    PxPoint corner{m_board.origin.x + address.x * pitchAcross(m_board),
                   m_board.origin.y + address.y * pitchDown(m_board)};
    if (m_board.arrangement != Arrangement::Hex) return corner;
    if (m_board.points == HexPoints::Up)
        corner.x += address.y % 2 * floorDivide(m_board.slot.width + m_board.gap.x, 2);
    else
        corner.y += address.x % 2 * floorDivide(m_board.slot.height + m_board.gap.y, 2);
    return corner;
}

PxRect Geometry::boxOf(CellPoint address) const {
    const PxPoint corner = cornerOf(address);
    return {corner.x, corner.y, m_board.slot.width, m_board.slot.height};
}

PxRect Geometry::bounds() const {
    if (isRings()) {
        const int last = static_cast<int>(m_board.rings.size()) - 1;
        const int reach = m_board.inner + std::max(0, last) * m_board.pitch +
                          static_cast<int>(std::ceil(halfRing()));
        const PxPoint from = middle();
        const int wide = std::max(reach, m_board.inner + std::max(0, last) * m_board.pitch +
                                             (m_board.slot.width + 1) / 2);
        const int high = std::max(reach, m_board.inner + std::max(0, last) * m_board.pitch +
                                             (m_board.slot.height + 1) / 2);
        return {from.x - wide, from.y - high, 2 * wide, 2 * high};
    }
    if (m_count == 0) return {m_board.origin.x, m_board.origin.y, 0, 0};
    // The corners, and of hexagons the shifted row or column beside them.
    PxRect all;
    for (const int x : {0, std::min(1, m_board.columns - 1), std::max(0, m_board.columns - 2),
                        m_board.columns - 1})
        for (const int y :
             {0, std::min(1, m_board.rows - 1), std::max(0, m_board.rows - 2), m_board.rows - 1})
            all = all.united(boxOf({x, y}));
    return all;
}

std::optional<CellPoint> Geometry::next(CellPoint address, int direction) const {
    if (direction < 0 || direction >= directions()) return std::nullopt;
    CellPoint way = squareWays[direction];
    if (m_board.arrangement == Arrangement::Hex)
        way = m_board.points == HexPoints::Up ? upWays[address.y % 2][direction]
                                              : sideWays[address.x % 2][direction];
    const CellPoint to{address.x + way.x, address.y + way.y};
    if (numberOf(to) < 0) return std::nullopt;
    return to;
}

std::vector<CellPoint> Geometry::neighboursOf(CellPoint address) const {
    std::vector<CellPoint> found;
    if (!isRings()) {
        for (int direction = 0; direction < directions(); ++direction)
            if (const auto to = next(address, direction)) found.push_back(*to);
        return found;
    }
    const int ring = address.y;
    const int slots = m_board.rings[static_cast<std::size_t>(ring)];
    if (slots > 1) found.push_back({(address.x + 1) % slots, ring});
    if (slots > 2) found.push_back({(address.x + slots - 1) % slots, ring});
    for (const int other : {ring + 1, ring - 1}) {
        if (other < 0 || other >= static_cast<int>(m_board.rings.size())) continue;
        const std::int64_t theirs = m_board.rings[static_cast<std::size_t>(other)];
        // Places whose part of the turn overlaps its own, compared as fractions.
        for (std::int64_t place = 0; place < theirs; ++place)
            if (address.x * theirs < (place + 1) * slots &&
                place * slots < (address.x + 1) * theirs)
                found.push_back({static_cast<int>(place), other});
    }
    return found;
}

std::vector<Corner> Geometry::outlineOf(CellPoint address) const {
    if (isRings()) {
        const int slots = m_board.rings[static_cast<std::size_t>(address.y)];
        const double radius = m_board.inner + static_cast<double>(address.y) * m_board.pitch;
        const double outer = radius + halfRing();
        const double inner = std::max(0.0, radius - halfRing());
        const PxPoint from = middle();
        const int lines = std::max(2, 96 / slots);
        std::vector<Corner> corners;
        const auto add = [&](double at, double distance) {
            const double angle = 2 * std::numbers::pi * at / slots;
            corners.push_back(
                {from.x + distance * std::sin(angle), from.y - distance * std::cos(angle)});
        };
        for (int i = 0; i <= lines; ++i)
            add(address.x + double(i) / lines, outer);
        if (inner == 0 && slots > 1) {
            corners.push_back({double(from.x), double(from.y)});
            return corners;
        }
        for (int i = lines; i >= 0; --i)
            add(address.x + double(i) / lines, inner);
        return corners;
    }
    const PxRect box = boxOf(address);
    const double left = box.x, top = box.y, right = box.right(), bottom = box.bottom();
    const double x = left + box.width / 2.0, y = top + box.height / 2.0;
    if (m_board.arrangement != Arrangement::Hex)
        return {{left, top}, {right, top}, {right, bottom}, {left, bottom}};
    const double quarterX = box.width / 4.0, quarterY = box.height / 4.0;
    if (m_board.points == HexPoints::Up)
        return {{x, top},    {right, top + quarterY},   {right, bottom - quarterY},
                {x, bottom}, {left, bottom - quarterY}, {left, top + quarterY}};
    return {{left + quarterX, top},     {right - quarterX, top},   {right, y},
            {right - quarterX, bottom}, {left + quarterX, bottom}, {left, y}};
}

bool Geometry::holds(CellPoint address, PxPoint px) const {
    const double x = px.x + 0.5, y = px.y + 0.5;
    if (isRings()) {
        const PxPoint from = middle();
        const double dx = x - from.x, dy = y - from.y;
        const double distance = std::hypot(dx, dy);
        const double radius = m_board.inner + static_cast<double>(address.y) * m_board.pitch;
        if (distance < std::max(0.0, radius - halfRing()) || distance >= radius + halfRing())
            return false;
        double turn = std::atan2(dx, -dy) / (2 * std::numbers::pi);
        if (turn < 0) turn += 1;
        const int slots = m_board.rings[static_cast<std::size_t>(address.y)];
        return std::min(slots - 1, static_cast<int>(turn * slots)) == address.x;
    }
    const std::vector<Corner> corners = outlineOf(address);
    for (std::size_t i = 0; i < corners.size(); ++i)
        if (turnOf(corners[i], corners[(i + 1) % corners.size()], x, y) < 0) return false;
    return true;
}

std::vector<CellPoint> Geometry::candidatesAt(PxPoint px) const {
    std::vector<CellPoint> found;
    if (isRings()) {
        for (int number = 0; number < m_count; ++number)
            found.push_back(addressOf(number));
        return found;
    }
    // A slot's box is at most so many pitches wide: with gaps below 0 boxes overlap.
    const int across = pitchAcross(m_board), down = pitchDown(m_board);
    const int column = floorDivide(px.x - m_board.origin.x, across);
    const int row = floorDivide(px.y - m_board.origin.y, down);
    const int left = (m_board.slot.width * 3 / 2 + std::abs(m_board.gap.x)) / across + 1;
    const int above = (m_board.slot.height * 3 / 2 + std::abs(m_board.gap.y)) / down + 1;
    for (int y = std::max(0, row - above); y <= std::min(m_board.rows - 1, row + 1); ++y)
        for (int x = std::max(0, column - left); x <= std::min(m_board.columns - 1, column + 1);
             ++x)
            found.push_back({x, y});
    return found;
}

std::optional<CellPoint> Geometry::slotAt(PxPoint px) const {
    if (m_count == 0) return std::nullopt;
    std::optional<CellPoint> best;
    std::int64_t bestDistance = 0;
    for (const CellPoint address : candidatesAt(px)) {
        if (!holds(address, px)) continue;
        const PxPoint centre = centreOf(address);
        const std::int64_t dx = centre.x - px.x, dy = centre.y - px.y;
        const std::int64_t distance = dx * dx + dy * dy;
        if (best && distance >= bestDistance) continue;
        best = address;
        bestDistance = distance;
    }
    return best;
}

}  // namespace rook::puzzle
