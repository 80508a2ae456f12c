#include <algorithm>
#include <numeric>
#include <span>
#include <tuple>

#include "base/assert.h"
#include "collide/shapes.h"

namespace rook::collide {

namespace {

using runtime::CellShape;
using runtime::Form;

enum class Side { Top, Right, Bottom, Left };

/// The side of the cell that an edge of a form lies on; false if it lies inside.
bool sideOf(PxPoint a, PxPoint b, int width, int height, Side& side) {
    if (a.y == 0 && b.y == 0) return side = Side::Top, true;
    if (a.x == width && b.x == width) return side = Side::Right, true;
    if (a.y == height && b.y == height) return side = Side::Bottom, true;
    if (a.x == 0 && b.x == 0) return side = Side::Left, true;
    return false;
}

struct Span {
    int from = 0;
    int to = 0;
};

bool runsAcross(Side side) {
    return side == Side::Top || side == Side::Bottom;
}

Side opposite(Side side) {
    switch (side) {
        case Side::Top:
            return Side::Bottom;
        case Side::Right:
            return Side::Left;
        case Side::Bottom:
            return Side::Top;
        case Side::Left:
            return Side::Right;
    }
    return Side::Top;
}

/// The part of one side that the form covers.
Span coverOf(Form form, Side wanted, int width, int height) {
    if (form == Form::Full) return {0, runsAcross(wanted) ? width : height};
    const Polygon polygon = polygonOf(form, width, height);
    for (std::size_t i = 0; i < polygon.size(); ++i) {
        const PxPoint a = polygon[i];
        const PxPoint b = polygon[(i + 1) % polygon.size()];
        Side side{};
        if (!sideOf(a, b, width, height, side) || side != wanted) continue;
        return runsAcross(side) ? Span{std::min(a.x, b.x), std::max(a.x, b.x)}
                                : Span{std::min(a.y, b.y), std::max(a.y, b.y)};
    }
    return {};
}

/// The parts of `edge` that `cover` leaves, in the edge's direction.
void appendUncovered(PxPoint a, PxPoint b, Span cover, bool across,
                     std::vector<BorderLine>& lines) {
    const int from = across ? std::min(a.x, b.x) : std::min(a.y, b.y);
    const int to = across ? std::max(a.x, b.x) : std::max(a.y, b.y);
    const bool isForward = across ? a.x < b.x : a.y < b.y;
    const auto append = [&](int low, int high) {
        if (low >= high) return;
        const PxPoint p = across ? PxPoint{low, a.y} : PxPoint{a.x, low};
        const PxPoint q = across ? PxPoint{high, a.y} : PxPoint{a.x, high};
        lines.push_back(isForward ? BorderLine{p, q} : BorderLine{q, p});
    };
    if (cover.from >= cover.to) return append(from, to);
    append(from, std::min(to, cover.from));
    append(std::max(from, cover.to), to);
}

void appendBorderOfCell(const runtime::Frame& frame, const runtime::CellSource& cells, int column,
                        int row, BorderOptions options, std::vector<BorderLine>& lines) {
    const CellShape shape = cells.at(column, row);
    if (shape.behaviour != options.behaviour) return;
    const int w = frame.cellWidth;
    const int h = frame.cellHeight;
    const auto coverFrom = [&](Side side) -> Span {
        const int c = column + (side == Side::Right ? 1 : side == Side::Left ? -1 : 0);
        const int r = row + (side == Side::Bottom ? 1 : side == Side::Top ? -1 : 0);
        if (c < 0 || r < 0 || c >= frame.columns || r >= frame.rows)
            return options.goesOnOutside ? Span{0, std::max(w, h)} : Span{};
        const CellShape other = cells.at(c, r);
        if (other.behaviour != options.behaviour) return {};
        return coverOf(other.form, opposite(side), w, h);
    };
    // Most cells of a mass lie inside it, and have no border at all.
    const auto isCovered = [&](Side side) {
        const Span cover = coverFrom(side);
        return cover.from == 0 && cover.to >= (runsAcross(side) ? w : h);
    };
    if (shape.form == Form::Full && isCovered(Side::Top) && isCovered(Side::Right) &&
        isCovered(Side::Bottom) && isCovered(Side::Left))
        return;
    const Polygon polygon = polygonOf(shape.form, w, h);
    std::vector<BorderLine> local;
    for (std::size_t i = 0; i < polygon.size(); ++i) {
        const PxPoint a = polygon[i];
        const PxPoint b = polygon[(i + 1) % polygon.size()];
        Side side{};
        if (sideOf(a, b, w, h, side))
            appendUncovered(a, b, coverFrom(side), runsAcross(side), local);
        else
            local.push_back({a, b});
    }
    for (const BorderLine& line : local) {
        lines.push_back({{line.from.x + column * w, line.from.y + row * h},
                         {line.to.x + column * w, line.to.y + row * h}});
    }
}

std::int64_t cross(PxPoint a, PxPoint b, PxPoint c) {
    return std::int64_t{b.x - a.x} * (c.y - b.y) - std::int64_t{b.y - a.y} * (c.x - b.x);
}

/// Leaves out points in the middle of straight lines; starts at the least point.
Polygon simplified(const Polygon& loop) {
    Polygon kept;
    for (std::size_t i = 0; i < loop.size(); ++i) {
        const PxPoint before = loop[(i + loop.size() - 1) % loop.size()];
        const PxPoint after = loop[(i + 1) % loop.size()];
        if (cross(before, loop[i], after) != 0) kept.push_back(loop[i]);
    }
    const auto least = std::min_element(kept.begin(), kept.end(), [](PxPoint a, PxPoint b) {
        return std::tie(a.y, a.x) < std::tie(b.y, b.x);
    });
    std::rotate(kept.begin(), least, kept.end());
    return kept;
}

std::int64_t doubledArea(const Polygon& loop) {
    std::int64_t sum = 0;
    for (std::size_t i = 0; i < loop.size(); ++i) {
        const PxPoint a = loop[i];
        const PxPoint b = loop[(i + 1) % loop.size()];
        sum += std::int64_t{a.x} * b.y - std::int64_t{b.x} * a.y;
    }
    return sum;
}

/// Border lines by the point that they begin at: sorted, and found row by row.
class LinesByStart {
public:
    explicit LinesByStart(const std::vector<BorderLine>& lines)
        : m_lines(lines), m_sorted(lines.size()) {
        std::iota(m_sorted.begin(), m_sorted.end(), std::size_t{0});
        std::sort(m_sorted.begin(), m_sorted.end(), [&](std::size_t a, std::size_t b) {
            return std::tuple(lines[a].from.y, lines[a].from.x, a) <
                   std::tuple(lines[b].from.y, lines[b].from.x, b);
        });
        const int rows = lines.empty() ? 0 : lines[m_sorted.back()].from.y + 1;
        m_rowStarts.resize(static_cast<std::size_t>(rows) + 1, lines.size());
        for (std::size_t i = lines.size(); i-- > 0;)
            m_rowStarts[static_cast<std::size_t>(lines[m_sorted[i]].from.y)] = i;
        for (std::size_t y = m_rowStarts.size() - 1; y-- > 0;)
            m_rowStarts[y] = std::min(m_rowStarts[y], m_rowStarts[y + 1]);
    }
    [[nodiscard]] std::span<const std::size_t> from(PxPoint point) const {
        const auto y = static_cast<std::size_t>(point.y);
        if (point.y < 0 || y + 1 >= m_rowStarts.size()) return {};
        const std::span<const std::size_t> row(m_sorted.data() + m_rowStarts[y],
                                               m_rowStarts[y + 1] - m_rowStarts[y]);
        const auto [first, last] = std::equal_range(row.begin(), row.end(), point.x, ByX{m_lines});
        return {first, last};
    }

private:
    struct ByX {
        const std::vector<BorderLine>& lines;
        bool operator()(std::size_t a, int x) const { return lines[a].from.x < x; }
        bool operator()(int x, std::size_t a) const { return x < lines[a].from.x; }
    };
    const std::vector<BorderLine>& m_lines;
    std::vector<std::size_t> m_sorted;
    std::vector<std::size_t> m_rowStarts;  ///< places in m_sorted
};

/// Joins border lines to closed loops. Where four meet in a point, the sharpest right turn is
/// taken, so that masses that touch by a corner stay two loops.
std::vector<Outline> joinedLoops(const std::vector<BorderLine>& lines) {
    const LinesByStart leaving(lines);
    std::vector<bool> isUsed(lines.size(), false);
    std::vector<Outline> outlines;
    for (std::size_t first = 0; first < lines.size(); ++first) {
        if (isUsed[first]) continue;
        Polygon loop;
        for (std::size_t at = first; !isUsed[at];) {
            isUsed[at] = true;
            loop.push_back(lines[at].from);
            const auto found = leaving.from(lines[at].to);
            ROOK_ASSERT(!found.empty(), "every border line is followed by another");
            std::size_t best = lines.size();
            for (const std::size_t next : found) {
                if (isUsed[next] && next != first) continue;
                if (best == lines.size() || cross(lines[at].from, lines[at].to, lines[next].to) >
                                                cross(lines[at].from, lines[at].to, lines[best].to))
                    best = next;
            }
            ROOK_ASSERT(best != lines.size(), "a loop of border lines closes");
            at = best;
        }
        const bool isHole = doubledArea(loop) < 0;
        outlines.push_back({simplified(loop), isHole});
    }
    return outlines;
}

}  // namespace

std::vector<BorderLine> borderLines(const runtime::Frame& frame, const runtime::CellSource& cells,
                                    const CellRect& area, BorderOptions options) {
    const CellRect inside = area.intersected({0, 0, frame.columns, frame.rows});
    std::vector<BorderLine> lines;
    for (int row = inside.y; row < inside.bottom(); ++row)
        for (int column = inside.x; column < inside.right(); ++column)
            appendBorderOfCell(frame, cells, column, row, options, lines);
    return lines;
}

std::vector<BorderLine> joinedLines(std::vector<BorderLine> lines) {
    // By direction, then by the line that they lie on, then along it.
    const auto key = [](const BorderLine& line) {
        const int dx = line.to.x - line.from.x;
        const int dy = line.to.y - line.from.y;
        const int direction = dy == 0 ? (dx > 0 ? 0 : 1) : dx == 0 ? (dy > 0 ? 2 : 3) : 4;
        const bool isLevel = direction <= 1;
        return std::tuple(direction, isLevel ? line.from.y : line.from.x,
                          (isLevel ? line.from.x : line.from.y) * (direction % 2 == 1 ? -1 : 1));
    };
    std::sort(lines.begin(), lines.end(),
              [&](const BorderLine& a, const BorderLine& b) { return key(a) < key(b); });
    std::vector<BorderLine> joined;
    for (const BorderLine& line : lines) {
        const bool continues = !joined.empty() && joined.back().to == line.from &&
                               std::get<0>(key(line)) != 4 &&
                               std::get<0>(key(joined.back())) == std::get<0>(key(line));
        if (continues)
            joined.back().to = line.to;
        else
            joined.push_back(line);
    }
    return joined;
}

std::vector<Outline> outlinesOf(const runtime::Frame& frame, const runtime::CellSource& cells) {
    return joinedLoops(borderLines(frame, cells, {0, 0, frame.columns, frame.rows}, {}));
}

}  // namespace rook::collide
