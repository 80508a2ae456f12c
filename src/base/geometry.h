#pragma once
/// Whole-number points and rectangles, in one type a unit so that cells and px cannot be mixed.
///
/// A level has two coordinate systems, both from its upper left corner, y down: *cells* (column,
/// row) and *px* (cell times cell size). `toPx` and `toCell` below are the only conversions; screen
/// units live in app/ alone. Rectangles hold x to x + width - 1 and y to y + height - 1.

#include <algorithm>
#include <cstdint>

namespace rook {

template <typename Unit>
struct BasicPoint {
    int x = 0;
    int y = 0;
    bool operator==(const BasicPoint&) const = default;
};

template <typename Unit>
struct BasicRect {
    int x = 0;
    int y = 0;
    int width = 0;
    int height = 0;

    bool operator==(const BasicRect&) const = default;
    [[nodiscard]] bool isEmpty() const { return width <= 0 || height <= 0; }
    [[nodiscard]] int right() const { return x + width; }    ///< One past the last column.
    [[nodiscard]] int bottom() const { return y + height; }  ///< One past the last row.
    [[nodiscard]] std::int64_t area() const {
        return isEmpty() ? 0 : static_cast<std::int64_t>(width) * height;
    }
    [[nodiscard]] bool contains(BasicPoint<Unit> point) const {
        return point.x >= x && point.x < right() && point.y >= y && point.y < bottom();
    }
    [[nodiscard]] bool contains(const BasicRect& other) const {
        return other.x >= x && other.right() <= right() && other.y >= y &&
               other.bottom() <= bottom();
    }
    [[nodiscard]] BasicRect intersected(const BasicRect& other) const {
        const int left = std::max(x, other.x);
        const int top = std::max(y, other.y);
        return {left, top, std::max(0, std::min(right(), other.right()) - left),
                std::max(0, std::min(bottom(), other.bottom()) - top)};
    }
    [[nodiscard]] bool overlaps(const BasicRect& other) const {
        return !intersected(other).isEmpty();
    }
    /// The smallest rectangle around both; an empty one adds nothing.
    [[nodiscard]] BasicRect united(const BasicRect& other) const {
        if (isEmpty()) return other;
        if (other.isEmpty()) return *this;
        const int left = std::min(x, other.x);
        const int top = std::min(y, other.y);
        return {left, top, std::max(right(), other.right()) - left,
                std::max(bottom(), other.bottom()) - top};
    }
    [[nodiscard]] BasicRect grown(int by) const {
        return {x - by, y - by, width + 2 * by, height + 2 * by};
    }
    [[nodiscard]] BasicRect moved(int dx, int dy) const { return {x + dx, y + dy, width, height}; }

    /// The rectangle that has both points as corners, ends included.
    [[nodiscard]] static BasicRect spanning(BasicPoint<Unit> a, BasicPoint<Unit> b) {
        return {std::min(a.x, b.x), std::min(a.y, b.y), std::abs(a.x - b.x) + 1,
                std::abs(a.y - b.y) + 1};
    }
};

struct CellUnit {};
struct PxUnit {};
using CellPoint = BasicPoint<CellUnit>;
using CellRect = BasicRect<CellUnit>;
using PxPoint = BasicPoint<PxUnit>;
using PxRect = BasicRect<PxUnit>;

/// Width and height of one cell, px, each in [1, 512].
struct CellSize {
    int width = 16;
    int height = 16;
    bool operator==(const CellSize&) const = default;
};

[[nodiscard]] inline int floorDivide(int value, int by) {
    return value >= 0 ? value / by : -((-value + by - 1) / by);
}
[[nodiscard]] inline CellPoint toCell(PxPoint point, CellSize cell) {
    return {floorDivide(point.x, cell.width), floorDivide(point.y, cell.height)};
}
[[nodiscard]] inline PxPoint toPx(CellPoint point, CellSize cell) {
    return {point.x * cell.width, point.y * cell.height};
}
[[nodiscard]] inline PxRect toPx(const CellRect& rect, CellSize cell) {
    return {rect.x * cell.width, rect.y * cell.height, rect.width * cell.width,
            rect.height * cell.height};
}
/// The cells that a px rectangle touches.
[[nodiscard]] inline CellRect toCells(const PxRect& rect, CellSize cell) {
    if (rect.isEmpty()) return {};
    return CellRect::spanning(toCell({rect.x, rect.y}, cell),
                              toCell({rect.right() - 1, rect.bottom() - 1}, cell));
}

}  // namespace rook
