#pragma once
/// Sets of cells: what a gesture covers. Made of runs, so that a box of a million cells is cheap.

#include <string>
#include <vector>

#include "base/geometry.h"
#include "base/grid.h"
#include "level/cell.h"

namespace rook::level {

/// Cells (x, y) to (x + count - 1, y).
struct CellRun {
    int y = 0;
    int x = 0;
    int count = 0;
    auto operator<=>(const CellRun&) const = default;
};

/// Invariant: runs are sorted by (y, x), not empty, do not overlap and do not touch.
class CellRegion {
public:
    CellRegion() = default;
    /// Any runs, in any order. Cost: n log n.
    explicit CellRegion(std::vector<CellRun> runs);
    explicit CellRegion(const CellRect& rect);

    bool operator==(const CellRegion&) const = default;
    [[nodiscard]] const std::vector<CellRun>& runs() const { return m_runs; }
    [[nodiscard]] bool isEmpty() const { return m_runs.empty(); }
    [[nodiscard]] CellRect bounds() const;
    [[nodiscard]] std::int64_t cellCount() const;
    [[nodiscard]] bool contains(CellPoint cell) const;
    [[nodiscard]] CellRegion united(const CellRegion& other) const;
    [[nodiscard]] CellRegion clipped(const CellRect& rect) const;
    [[nodiscard]] CellRegion moved(int dx, int dy) const;
    /// The region is all of its bounds.
    [[nodiscard]] bool isRect() const { return bounds().area() == cellCount(); }

private:
    std::vector<CellRun> m_runs;
};

/// The cells that a square or round brush covers on its way from one cell to another.
/// Requires: size in [1, 64] cells. The brush's middle follows the line; an even size leans up
/// left. Round: cells whose centre lies in the circle of that diameter.
[[nodiscard]] CellRegion strokeRegion(CellPoint from, CellPoint to, int size, bool isRound = false);

/// The cells of a straight line, ends included, each joined to the next by a side or corner
/// (Bresenham, "Algorithm for computer control of a digital plotter", 1965).
[[nodiscard]] std::vector<CellPoint> lineCells(CellPoint from, CellPoint to);

/// A line's end moved so that it is horizontal, vertical or at 45 degrees, whichever is nearest.
[[nodiscard]] CellPoint straightEnd(CellPoint from, CellPoint to);

/// The frame of a rectangle. Requires: thickness of 1 cell or more.
[[nodiscard]] CellRegion frameRegion(const CellRect& rect, int thickness = 1);

/// The region as seen in a mirror in the middle of `bounds`: left with right, or top with bottom.
[[nodiscard]] CellRegion mirroredRegion(const CellRegion& region, const CellRect& bounds,
                                        bool isSideways);
/// All cells of that matter, whatever their form. Cost: reads every cell.
[[nodiscard]] CellRegion matterRegion(const Grid<Cell>& cells, MatterId matter);

/// The cells whose centre lies inside a closed line of px, by the even-odd rule: a lasso. Exact, in
/// whole numbers. Cost: rows x points.
[[nodiscard]] CellRegion lassoRegion(const std::vector<PxPoint>& line, CellSize cell);

/// A flight of stairs from one cell towards another, inside the rectangle that they span: as many
/// whole steps as fit, each `run` cells long and `rise` high, one at least; each rests on the one
/// before. Requires: run and rise in [1, 64] cells.
[[nodiscard]] CellRegion flightRegion(CellPoint from, CellPoint to, int run, int rise);

/// What a fill covers: `isComplete` is false when it stopped at the limit.
struct FillRegion {
    CellRegion region;
    bool isComplete = true;
};
/// The cells of the same matter, whatever their form, that hang together with `seed` by their
/// sides. Requires: seed inside. Cost: proportional to the cells covered (scan line by scan line).
[[nodiscard]] FillRegion fillRegion(const Grid<Cell>& cells, CellPoint seed, std::int64_t limit);

/// "42 cells" or "1 cell".
[[nodiscard]] std::string cellCountText(std::int64_t count);

}  // namespace rook::level
