#include "level/sketch.h"

#include <algorithm>
#include <cmath>

#include "base/assert.h"

namespace rook::level {

namespace {

double distance(double dx, double dy) {
    return std::sqrt(dx * dx + dy * dy);
}

/// Distance of p from the piece of line from a to b, px; `share` (0 to 1) is where the foot lies.
double distanceToLeg(PxPoint p, PxPoint a, PxPoint b, double& share) {
    const double dx = b.x - a.x;
    const double dy = b.y - a.y;
    const double length = dx * dx + dy * dy;
    share = length > 0 ? ((p.x - a.x) * dx + (p.y - a.y) * dy) / length : 0;
    share = std::clamp(share, 0.0, 1.0);
    return distance(p.x - (a.x + share * dx), p.y - (a.y + share * dy));
}

std::vector<PxPoint> cornersOf(const Mark& mark) {
    if (mark.shape != MarkShape::Box) return mark.points.items();
    const PxPoint a = mark.points[0];
    const PxPoint b = mark.points[1];
    return {a, {b.x, a.y}, b, {a.x, b.y}};
}

std::int64_t ceilDivide(std::int64_t value, std::int64_t by) {
    return value >= 0 ? (value + by - 1) / by : -(-value / by);
}

/// The first column whose centre is at or right of where an edge crosses the centre line of a row.
/// Everything is counted in half px, so that centres are whole.
std::int64_t crossedColumn(PxPoint a, PxPoint b, std::int64_t centreY2, int cellWidth) {
    const std::int64_t run = 2 * (static_cast<std::int64_t>(b.x) - a.x);
    std::int64_t rise = 2 * (static_cast<std::int64_t>(b.y) - a.y);
    std::int64_t crossing = 2 * static_cast<std::int64_t>(a.x) * rise +
                            (centreY2 - 2 * static_cast<std::int64_t>(a.y)) * run;
    if (rise < 0) {
        rise = -rise;
        crossing = -crossing;
    }
    // (2 c + 1) w >= crossing / rise
    const std::int64_t width = cellWidth;
    return ceilDivide(crossing - rise * width, 2 * rise * width);
}

CellRegion insideOf(const std::vector<PxPoint>& corners, CellSize cell) {
    int top = corners[0].y;
    int bottom = corners[0].y;
    for (const PxPoint p : corners) {
        top = std::min(top, p.y);
        bottom = std::max(bottom, p.y);
    }
    std::vector<CellRun> runs;
    std::vector<std::int64_t> crossings;
    const int first = floorDivide(top, cell.height);
    const int last = floorDivide(bottom, cell.height);
    for (int row = first; row <= last; ++row) {
        const std::int64_t centreY2 = (2 * static_cast<std::int64_t>(row) + 1) * cell.height;
        crossings.clear();
        for (std::size_t i = 0; i < corners.size(); ++i) {
            const PxPoint a = corners[i];
            const PxPoint b = corners[(i + 1) % corners.size()];
            const bool isAbove = 2 * static_cast<std::int64_t>(a.y) <= centreY2;
            const bool isNextAbove = 2 * static_cast<std::int64_t>(b.y) <= centreY2;
            if (isAbove != isNextAbove)
                crossings.push_back(crossedColumn(a, b, centreY2, cell.width));
        }
        std::sort(crossings.begin(), crossings.end());
        for (std::size_t i = 0; i + 1 < crossings.size(); i += 2)
            if (crossings[i] < crossings[i + 1])
                runs.push_back({row, static_cast<int>(crossings[i]),
                                static_cast<int>(crossings[i + 1] - crossings[i])});
    }
    return CellRegion(std::move(runs));
}

}  // namespace

std::pair<std::size_t, std::size_t> pointRange(MarkShape shape) {
    constexpr std::size_t most = 1000000;
    switch (shape) {
        case MarkShape::Free:
        case MarkShape::Line:
            return {2, most};
        case MarkShape::Outline:
            return {3, most};
        case MarkShape::Box:
            return {2, 2};
        case MarkShape::Label:
            return {1, 1};
        case MarkShape::Thing:
            return {1, 2};
    }
    return {0, 0};
}

PxRect boundsOf(const Mark& mark) {
    PxRect bounds;
    for (const PxPoint p : mark.points)
        bounds = bounds.united({p.x, p.y, 1, 1});
    return bounds;
}

const Mark* findMark(const Sketch& sketch, MarkId id) {
    for (const Leaf& leaf : sketch.leaves)
        for (const Mark& mark : leaf.marks)
            if (mark.id == id) return &mark;
    return nullptr;
}

int leafOf(const Sketch& sketch, MarkId id) {
    for (std::size_t i = 0; i < sketch.leaves.size(); ++i)
        for (const Mark& mark : sketch.leaves[i].marks)
            if (mark.id == id) return static_cast<int>(i);
    return -1;
}

MarkId freshMarkId(const Sketch& sketch) {
    int greatest = 0;
    for (const Leaf& leaf : sketch.leaves)
        for (const Mark& mark : leaf.marks)
            greatest = std::max(greatest, mark.id.number);
    return {greatest + 1};
}

std::vector<MarkId> withGroups(const Sketch& sketch, std::vector<MarkId> ids) {
    std::vector<int> groups;
    for (const MarkId id : ids)
        if (const Mark* mark = findMark(sketch, id); mark && mark->group != 0)
            groups.push_back(mark->group);
    for (const Leaf& leaf : sketch.leaves) {
        if (leaf.isLocked || !leaf.isShown) continue;
        for (const Mark& mark : leaf.marks) {
            const bool isWanted =
                std::find(groups.begin(), groups.end(), mark.group) != groups.end();
            if (isWanted && std::find(ids.begin(), ids.end(), mark.id) == ids.end())
                ids.push_back(mark.id);
        }
    }
    return ids;
}

CellRegion cellsOf(const Mark& mark, CellSize cell) {
    if (mark.isClosed()) return insideOf(cornersOf(mark), cell);
    if (mark.shape != MarkShape::Line) return {};
    std::vector<CellRun> runs;
    for (std::size_t i = 0; i + 1 < mark.points.size(); ++i)
        for (const CellPoint c :
             lineCells(toCell(mark.points[i], cell), toCell(mark.points[i + 1], cell)))
            runs.push_back({c.y, c.x, 1});
    return CellRegion(std::move(runs));
}

std::vector<PxPoint> simplified(const std::vector<PxPoint>& points, double tolerancePx) {
    if (points.size() < 3) return points;
    std::vector<bool> isKept(points.size(), false);
    isKept.front() = isKept.back() = true;
    std::vector<std::pair<std::size_t, std::size_t>> open{{0, points.size() - 1}};
    while (!open.empty()) {
        const auto [from, to] = open.back();
        open.pop_back();
        double furthest = tolerancePx;
        std::size_t split = from;
        for (std::size_t i = from + 1; i < to; ++i) {
            double share = 0;
            const double away = distanceToLeg(points[i], points[from], points[to], share);
            if (away <= furthest) continue;
            furthest = away;
            split = i;
        }
        if (split == from) continue;
        isKept[split] = true;
        open.emplace_back(from, split);
        open.emplace_back(split, to);
    }
    std::vector<PxPoint> kept;
    for (std::size_t i = 0; i < points.size(); ++i)
        if (isKept[i]) kept.push_back(points[i]);
    return kept;
}

double lengthInCells(const Route& route, CellSize cell) {
    double length = 0;
    for (std::size_t i = 0; i + 1 < route.points.size(); ++i)
        length += distance(double(route.points[i + 1].x - route.points[i].x) / cell.width,
                           double(route.points[i + 1].y - route.points[i].y) / cell.height);
    return length;
}

PxPoint placeOf(const Route& route, const Bead& bead) {
    ROOK_ASSERT(route.points.size() >= 2, "a bead lies on a route of two points or more");
    const auto leg =
        std::min(static_cast<std::size_t>(std::max(0, bead.leg)), route.points.size() - 2);
    const PxPoint a = route.points[leg];
    const PxPoint b = route.points[leg + 1];
    return {a.x + static_cast<int>(std::lround((b.x - a.x) * (bead.share / 1000.0))),
            a.y + static_cast<int>(std::lround((b.y - a.y) * (bead.share / 1000.0)))};
}

std::optional<RoutePlace> nearestPlace(const Route& route, PxPoint point) {
    std::optional<RoutePlace> best;
    for (std::size_t i = 0; i + 1 < route.points.size(); ++i) {
        double share = 0;
        const double away = distanceToLeg(point, route.points[i], route.points[i + 1], share);
        if (!best || away < best->distancePx)
            best =
                RoutePlace{static_cast<int>(i), static_cast<int>(std::lround(share * 1000)), away};
    }
    return best;
}

}  // namespace rook::level
