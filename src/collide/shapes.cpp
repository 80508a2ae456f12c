#include "collide/shapes.h"

#include <algorithm>
#include <array>
#include <numeric>
#include <span>
#include <tuple>

#include "base/assert.h"
#include "collide/partition.h"

namespace rook::collide {

namespace {

using runtime::Behaviour;
using runtime::CellShape;
using runtime::Form;
using runtime::formFills;

/// The px of a form as rectangles, from the cell's corner: equal rows are joined.
std::vector<PxRect> rectanglesOf(Form form, int width, int height) {
    std::vector<PxRect> rects;
    for (int j = 0; j < height; ++j) {
        const auto [from, to] = runtime::formRow(form, j, width, height);
        if (from == to) continue;
        if (!rects.empty() && rects.back().x == from && rects.back().width == to - from &&
            rects.back().bottom() == j)
            ++rects.back().height;
        else
            rects.push_back({from, j, to - from, 1});
    }
    return rects;
}

/// Appends, or widens the last one if they stand side by side: keeps lists of large levels short.
void appendJoined(std::vector<PxRect>& list, const PxRect& rect) {
    if (!list.empty() && list.back().y == rect.y && list.back().height == rect.height &&
        list.back().right() == rect.x)
        list.back().width += rect.width;
    else
        list.push_back(rect);
}

/// Joins side by side, then one above the other. Requires: no overlap.
std::vector<PxRect> merged(std::vector<PxRect> rects) {
    std::sort(rects.begin(), rects.end(), [](const PxRect& a, const PxRect& b) {
        return std::tie(a.y, a.height, a.x) < std::tie(b.y, b.height, b.x);
    });
    std::vector<PxRect> rows;
    for (const PxRect& rect : rects)
        appendJoined(rows, rect);
    std::sort(rows.begin(), rows.end(), [](const PxRect& a, const PxRect& b) {
        return std::tie(a.x, a.width, a.y) < std::tie(b.x, b.width, b.y);
    });
    std::vector<PxRect> whole;
    for (const PxRect& rect : rows) {
        if (!whole.empty() && whole.back().x == rect.x && whole.back().width == rect.width &&
            whole.back().bottom() == rect.y)
            whole.back().height += rect.height;
        else
            whole.push_back(rect);
    }
    std::sort(whole.begin(), whole.end(), [](const PxRect& a, const PxRect& b) {
        return std::tie(a.y, a.x) < std::tie(b.y, b.x);
    });
    return whole;
}

/// Calls `visit(column, row, shape)` for each cell of the level that is not open.
template <typename Visit>
void forEachShape(const runtime::Frame& frame, const runtime::CellSource& cells, Visit&& visit) {
    for (int row = 0; row < frame.rows; ++row) {
        for (int column = 0; column < frame.columns; ++column) {
            const CellShape shape = cells.at(column, row);
            if (shape.behaviour != Behaviour::Open) visit(column, row, shape);
        }
    }
}

std::vector<OneWayTop> oneWayTops(const runtime::Frame& frame, const runtime::CellSource& cells) {
    const int h = frame.cellHeight;
    const auto fills = [&](int column, int py) {
        if (py < 0) return false;
        const CellShape shape = cells.at(column, py / h);
        return shape.behaviour == Behaviour::OneWay &&
               formFills(shape.form, 0, py % h, frame.cellWidth, h);
    };
    std::vector<OneWayTop> tops;
    forEachShape(frame, cells, [&](int column, int row, const CellShape& shape) {
        if (shape.behaviour != Behaviour::OneWay) return;
        for (int j = 0; j < h; ++j) {
            const int py = row * h + j;
            if (!fills(column, py) || fills(column, py - 1)) continue;
            tops.push_back({column * frame.cellWidth, py, frame.cellWidth});
        }
    });
    std::sort(tops.begin(), tops.end(), [](const OneWayTop& a, const OneWayTop& b) {
        return std::tie(a.y, a.x) < std::tie(b.y, b.x);
    });
    std::vector<OneWayTop> joined;
    for (const OneWayTop& top : tops) {
        if (!joined.empty() && joined.back().y == top.y &&
            joined.back().x + joined.back().width == top.x)
            joined.back().width += top.width;
        else
            joined.push_back(top);
    }
    return joined;
}

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

bool isSlope(Form form) {
    return form >= Form::RiseRight;
}

Polygon polygonOf(Form form, int w, int h) {
    const int lowX = w / 2;         // where a right half begins
    const int highX = (w + 1) / 2;  // where a left half ends
    const int lowY = h / 2;
    const int highY = (h + 1) / 2;
    switch (form) {
        case Form::Full:
            return {{0, 0}, {w, 0}, {w, h}, {0, h}};
        case Form::LowerHalf:
            return {{0, lowY}, {w, lowY}, {w, h}, {0, h}};
        case Form::UpperHalf:
            return {{0, 0}, {w, 0}, {w, highY}, {0, highY}};
        case Form::LeftHalf:
            return {{0, 0}, {highX, 0}, {highX, h}, {0, h}};
        case Form::RightHalf:
            return {{lowX, 0}, {w, 0}, {w, h}, {lowX, h}};
        case Form::RiseRight:
            return {{0, h}, {w, 0}, {w, h}};
        case Form::RiseLeft:
            return {{0, 0}, {w, h}, {0, h}};
        case Form::RiseRight1Of2:
            return {{0, h}, {w, lowY}, {w, h}};
        case Form::RiseRight2Of2:
            return {{0, lowY}, {w, 0}, {w, h}, {0, h}};
        case Form::RiseLeft1Of2:
            return {{0, lowY}, {w, h}, {0, h}};
        case Form::RiseLeft2Of2:
            return {{0, 0}, {w, lowY}, {w, h}, {0, h}};
        case Form::HangRight:
            return {{0, 0}, {w, 0}, {w, h}};
        case Form::HangLeft:
            return {{0, 0}, {w, 0}, {0, h}};
    }
    return {};
}

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

namespace {

bool isHalf(Form form) {
    return form == Form::LowerHalf || form == Form::UpperHalf || form == Form::LeftHalf ||
           form == Form::RightHalf;
}

/// Where the halves of cells `first` to `last` begin and end along one side, px: the middle px of
/// an odd size belongs to both halves and stands by itself.
std::vector<int> halfSteps(int first, int last, int size) {
    std::vector<int> steps;
    for (int cell = first; cell < last; ++cell)
        for (const int part : {0, size / 2, (size + 1) / 2})
            if (part < size && (steps.empty() || steps.back() < cell * size + part))
                steps.push_back(cell * size + part);
    steps.push_back(last * size);
    return steps;
}
std::vector<int> wholeSteps(int first, int last, int size) {
    std::vector<int> steps;
    for (int cell = first; cell <= last; ++cell)
        steps.push_back(cell * size);
    return steps;
}

/// The full and half cells of one behaviour in an area as bits, one a cell, or one a part of a cell
/// where there are halves; and what each bit is in px.
struct SteppedMap {
    std::vector<int> xs;
    std::vector<int> ys;
    BitMap map;

    SteppedMap(const runtime::Frame& frame, const runtime::CellSource& cells, const CellRect& area,
               Behaviour behaviour, bool hasHalves) {
        const auto steps = hasHalves ? halfSteps : wholeSteps;
        xs = steps(area.x, area.right(), frame.cellWidth);
        ys = steps(area.y, area.bottom(), frame.cellHeight);
        map = BitMap(static_cast<int>(xs.size()) - 1, static_cast<int>(ys.size()) - 1);
        for (int j = 0; j < map.height(); ++j)
            for (int i = 0; i < map.width(); ++i)
                if (isFilled(frame, cells, xs[static_cast<std::size_t>(i)],
                             ys[static_cast<std::size_t>(j)], behaviour))
                    map.set(i, j);
    }
    [[nodiscard]] std::vector<PxRect> inPx(const std::vector<CellRect>& rects) const {
        std::vector<PxRect> px;
        px.reserve(rects.size());
        for (const CellRect& r : rects) {
            const int left = xs[static_cast<std::size_t>(r.x)];
            const int top = ys[static_cast<std::size_t>(r.y)];
            px.push_back({left, top, xs[static_cast<std::size_t>(r.right())] - left,
                          ys[static_cast<std::size_t>(r.bottom())] - top});
        }
        return px;
    }

private:
    static bool isFilled(const runtime::Frame& frame, const runtime::CellSource& cells, int x,
                         int y, Behaviour behaviour) {
        const CellShape shape = cells.at(x / frame.cellWidth, y / frame.cellHeight);
        if (shape.behaviour != behaviour) return false;
        return shape.form == Form::Full ||
               (isHalf(shape.form) &&
                formFills(shape.form, x % frame.cellWidth, y % frame.cellHeight, frame.cellWidth,
                          frame.cellHeight));
    }
};

}  // namespace

std::vector<PxRect> rectanglesIn(const runtime::Frame& frame, const runtime::CellSource& cells,
                                 const CellRect& area, Behaviour behaviour) {
    const SteppedMap stepped(
        frame, cells, area.intersected(CellRect{0, 0, frame.columns, frame.rows}), behaviour, true);
    return stepped.inPx(fewestRectangles(stepped.map));
}

CollisionShapes makeShapes(const runtime::Frame& frame, const runtime::CellSource& cells) {
    ShapesCache cache;
    return *makeShapes(frame, cells, cache, nullptr);
}

std::optional<CollisionShapes> makeShapes(const runtime::Frame& frame,
                                          const runtime::CellSource& cells, ShapesCache& cache,
                                          const std::atomic<bool>* cancel) {
    const int w = frame.cellWidth;
    const int h = frame.cellHeight;
    std::vector<std::vector<PxRect>> rectsOfForm;
    for (int f = 0; f < runtime::formCount; ++f)
        rectsOfForm.push_back(rectanglesOf(static_cast<Form>(f), w, h));
    CollisionShapes shapes;
    std::array<std::int64_t, runtime::behaviourNames.size()> cellsOf{};
    std::array<bool, runtime::behaviourNames.size()> hasHalves{};
    std::array<std::vector<PxRect>*, runtime::behaviourNames.size()> lists{};
    lists[static_cast<std::size_t>(Behaviour::Solid)] = &shapes.solids;
    lists[static_cast<std::size_t>(Behaviour::Deadly)] = &shapes.deadly;
    lists[static_cast<std::size_t>(Behaviour::Ladder)] = &shapes.ladders;
    lists[static_cast<std::size_t>(Behaviour::Liquid)] = &shapes.liquids;
    forEachShape(frame, cells, [&](int column, int row, const CellShape& shape) {
        const auto behaviour = static_cast<std::size_t>(shape.behaviour);
        if (!lists[behaviour]) return;
        if (!isSlope(shape.form)) {
            ++cellsOf[behaviour];
            hasHalves[behaviour] = hasHalves[behaviour] || isHalf(shape.form);
        } else if (shape.behaviour == Behaviour::Solid) {
            Polygon polygon = polygonOf(shape.form, w, h);
            for (PxPoint& point : polygon)
                point = {point.x + column * w, point.y + row * h};
            shapes.slopes.push_back(std::move(polygon));
        } else {
            for (const PxRect& rect : rectsOfForm[static_cast<std::size_t>(shape.form)])
                appendJoined(*lists[behaviour], rect.moved(column * w, row * h));
        }
    });
    for (std::size_t b = 0; b < lists.size(); ++b) {
        if (!lists[b]) continue;
        *lists[b] = merged(std::move(*lists[b]));
        if (cellsOf[b] == 0) continue;
        const SteppedMap stepped(frame, cells, {0, 0, frame.columns, frame.rows},
                                 static_cast<Behaviour>(b), hasHalves[b]);
        const std::int64_t size =
            static_cast<std::int64_t>(stepped.map.width()) * stepped.map.height();
        const bool isSmall = size <= maxPartitionCells;
        shapes.isFewest = shapes.isFewest && isSmall;
        const auto cut = isSmall ? cache.partitions[b].cut(stepped.map, cancel)
                                 : std::optional(greedyRectangles(stepped.map));
        if (!cut) return std::nullopt;
        const std::vector<PxRect> rects = stepped.inPx(*cut);
        lists[b]->insert(lists[b]->end(), rects.begin(), rects.end());
        std::sort(lists[b]->begin(), lists[b]->end(), [](const PxRect& a, const PxRect& c) {
            return std::tie(a.y, a.x) < std::tie(c.y, c.x);
        });
    }
    shapes.solidCells = cellsOf[static_cast<std::size_t>(Behaviour::Solid)];
    shapes.oneWay = oneWayTops(frame, cells);
    if (cancel && *cancel) return std::nullopt;
    shapes.outlines = joinedLoops(borderLines(frame, cells, {0, 0, frame.columns, frame.rows}, {}));
    return shapes;
}

}  // namespace rook::collide
