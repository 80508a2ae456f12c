#include "collide/shapes.h"

#include <algorithm>
#include <array>
#include <tuple>

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
    shapes.outlines = outlinesOf(frame, cells);
    return shapes;
}

}  // namespace rook::collide
