#include "level/stamps.h"

#include "base/limits.h"

namespace rook::level {

namespace {

/// The centre of cell (x, y) lies in the ellipse that a rectangle of cells encloses. In half cells,
/// so that all is whole.
bool isInEllipse(int x, int y, const CellRect& rect) {
    if (rect.isEmpty()) return false;
    const std::int64_t dx = 2 * x + 1 - 2 * rect.x - rect.width;
    const std::int64_t dy = 2 * y + 1 - 2 * rect.y - rect.height;
    const std::int64_t w = std::int64_t{rect.width} * rect.width;
    const std::int64_t h = std::int64_t{rect.height} * rect.height;
    return dx * dx * h + dy * dy * w <= w * h;
}

CellRect shrunk(const CellRect& rect, int by) {
    const CellRect inner{rect.x + by, rect.y + by, rect.width - 2 * by, rect.height - 2 * by};
    return inner.width > 0 && inner.height > 0 ? inner : CellRect{};
}

}  // namespace

Result<CellClip> makeStamp(const StampNumbers& n, Cell cell) {
    const bool isStairs = n.shape == StampShape::Flight;
    const std::int64_t width = isStairs ? std::int64_t{n.tread} * n.treads : std::int64_t{n.width};
    const std::int64_t height = isStairs ? std::int64_t{n.rise} * n.treads : std::int64_t{n.height};
    const auto isFine = [](std::int64_t size) {
        return size >= 1 && size <= limits::maxBlockCells;
    };
    if (!isFine(width) || !isFine(height) || n.thickness < 0)
        return fail(ErrorKind::OutOfRange,
                    "A stamp of " + std::to_string(width) + " x " + std::to_string(height) +
                        " cells cannot be made",
                    "the stamp's numbers", "Use 1 to 512 cells a side");
    CellClip clip{Grid<Cell>(static_cast<int>(width), static_cast<int>(height))};
    const CellRect all = clip.cells.bounds();
    const CellRect inner = n.thickness > 0 ? shrunk(all, n.thickness) : CellRect{};
    for (int y = 0; y < all.height; ++y) {
        for (int x = 0; x < all.width; ++x) {
            bool isLaid = false;
            switch (n.shape) {
                case StampShape::Block:
                    isLaid = !inner.contains(CellPoint{x, y});
                    break;
                case StampShape::Flight: {
                    const int along = n.risesLeft ? all.width - 1 - x : x;
                    isLaid = all.height - 1 - y < (along / n.tread + 1) * n.rise;
                    break;
                }
                case StampShape::Round:
                    isLaid = isInEllipse(x, y, all) && !isInEllipse(x, y, inner);
                    break;
            }
            if (isLaid) clip.cells.set(x, y, cell);
        }
    }
    return clip;
}

}  // namespace rook::level
