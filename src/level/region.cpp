#include "level/region.h"

#include <algorithm>
#include <cstdlib>

#include "base/bit_map.h"

namespace rook::level {

namespace {

/// The quotient, rounded up. Requires: by > 0.
std::int64_t ceilDivided(std::int64_t value, std::int64_t by) {
    return value / by + (value % by > 0 ? 1 : 0);
}

}  // namespace

CellRegion::CellRegion(std::vector<CellRun> runs) {
    std::sort(runs.begin(), runs.end());
    for (const CellRun& run : runs) {
        if (run.count <= 0) continue;
        if (!m_runs.empty() && m_runs.back().y == run.y &&
            m_runs.back().x + m_runs.back().count >= run.x) {
            CellRun& last = m_runs.back();
            last.count = std::max(last.x + last.count, run.x + run.count) - last.x;
        } else {
            m_runs.push_back(run);
        }
    }
}

CellRegion::CellRegion(const CellRect& rect) {
    if (rect.isEmpty()) return;
    for (int y = rect.y; y < rect.bottom(); ++y)
        m_runs.push_back({y, rect.x, rect.width});
}

CellRect CellRegion::bounds() const {
    CellRect all;
    for (const CellRun& run : m_runs)
        all = all.united({run.x, run.y, run.count, 1});
    return all;
}

std::int64_t CellRegion::cellCount() const {
    std::int64_t sum = 0;
    for (const CellRun& run : m_runs)
        sum += run.count;
    return sum;
}

bool CellRegion::contains(CellPoint cell) const {
    const auto after = std::upper_bound(
        m_runs.begin(), m_runs.end(), cell, [](CellPoint point, const CellRun& run) {
            return point.y != run.y ? point.y < run.y : point.x < run.x;
        });
    if (after == m_runs.begin()) return false;
    const CellRun& run = *std::prev(after);
    return run.y == cell.y && cell.x < run.x + run.count;
}

CellRegion CellRegion::united(const CellRegion& other) const {
    std::vector<CellRun> both = m_runs;
    both.insert(both.end(), other.m_runs.begin(), other.m_runs.end());
    return CellRegion(std::move(both));
}

CellRegion CellRegion::clipped(const CellRect& rect) const {
    std::vector<CellRun> kept;
    for (const CellRun& run : m_runs) {
        const CellRect part = CellRect{run.x, run.y, run.count, 1}.intersected(rect);
        if (!part.isEmpty()) kept.push_back({part.y, part.x, part.width});
    }
    return CellRegion(std::move(kept));
}

CellRegion CellRegion::moved(int dx, int dy) const {
    CellRegion result = *this;
    for (CellRun& run : result.m_runs)
        run = {run.y + dy, run.x + dx, run.count};
    return result;
}

CellRegion strokeRegion(CellPoint from, CellPoint to, int size, bool isRound) {
    std::vector<CellRun> runs;
    const int before = size / 2;
    for (const CellPoint cell : lineCells(from, to)) {
        for (int y = 0; y < size; ++y) {
            int skipped = 0;
            // Twice the distances from the middle, so that centres are whole numbers.
            const int dy = 2 * y + 1 - size;
            const auto isOutside = [&](int x) {
                const int dx = 2 * x + 1 - size;
                return dx * dx + dy * dy > size * size;
            };
            while (isRound && isOutside(skipped))
                ++skipped;
            runs.push_back({cell.y - before + y, cell.x - before + skipped, size - 2 * skipped});
        }
    }
    return CellRegion(std::move(runs));
}

std::vector<CellPoint> lineCells(CellPoint from, CellPoint to) {
    std::vector<CellPoint> cells;
    const int dx = std::abs(to.x - from.x);
    const int dy = -std::abs(to.y - from.y);
    const int stepX = from.x < to.x ? 1 : -1;
    const int stepY = from.y < to.y ? 1 : -1;
    int error = dx + dy;
    for (CellPoint at = from;;) {
        cells.push_back(at);
        if (at == to) return cells;
        const int twice = 2 * error;
        if (twice >= dy) {
            error += dy;
            at.x += stepX;
        }
        if (twice <= dx) {
            error += dx;
            at.y += stepY;
        }
    }
}

CellPoint straightEnd(CellPoint from, CellPoint to) {
    const int dx = to.x - from.x;
    const int dy = to.y - from.y;
    if (std::abs(dx) > 2 * std::abs(dy)) return {to.x, from.y};
    if (std::abs(dy) > 2 * std::abs(dx)) return {from.x, to.y};
    const int length = std::max(std::abs(dx), std::abs(dy));
    return {from.x + (dx < 0 ? -length : length), from.y + (dy < 0 ? -length : length)};
}

CellRegion frameRegion(const CellRect& rect, int thickness) {
    if (rect.width <= 2 * thickness || rect.height <= 2 * thickness) return CellRegion(rect);
    std::vector<CellRun> runs;
    for (int y = rect.y; y < rect.bottom(); ++y) {
        if (y < rect.y + thickness || y >= rect.bottom() - thickness) {
            runs.push_back({y, rect.x, rect.width});
            continue;
        }
        runs.push_back({y, rect.x, thickness});
        runs.push_back({y, rect.right() - thickness, thickness});
    }
    return CellRegion(std::move(runs));
}

CellRegion mirroredRegion(const CellRegion& region, const CellRect& bounds, bool isSideways) {
    std::vector<CellRun> runs;
    for (const CellRun& run : region.runs()) {
        if (isSideways)
            runs.push_back({run.y, bounds.x + bounds.right() - run.x - run.count, run.count});
        else
            runs.push_back({bounds.y + bounds.bottom() - 1 - run.y, run.x, run.count});
    }
    return CellRegion(std::move(runs));
}

CellRegion matterRegion(const Grid<Cell>& cells, MatterId matter) {
    std::vector<CellRun> runs;
    for (int y = 0; y < cells.height(); ++y)
        cells.forEachRunOfRow(y, [&](int first, int count, const Cell* values) {
            for (int i = 0; i < count; ++i) {
                if (values[i].matter() != matter) continue;
                const bool goesOn = !runs.empty() && runs.back().y == y &&
                                    runs.back().x + runs.back().count == first + i;
                if (goesOn)
                    ++runs.back().count;
                else
                    runs.push_back({y, first + i, 1});
            }
        });
    return CellRegion(std::move(runs));
}

CellRegion lassoRegion(const std::vector<PxPoint>& line, CellSize cell) {
    if (line.size() < 3) return {};
    const auto [top, bottom] = std::minmax_element(line.begin(), line.end(),
                                                   [](PxPoint a, PxPoint b) { return a.y < b.y; });
    const int lastRow = toCell(*bottom, cell).y;
    std::vector<CellRun> runs;
    for (int row = toCell(*top, cell).y; row <= lastRow; ++row) {
        // All in half px, so that the middle of a row is a whole number.
        const std::int64_t middle = (2 * std::int64_t{row} + 1) * cell.height;
        std::vector<int> columns;  // the first cell with its centre right of each crossing
        for (std::size_t i = 0; i < line.size(); ++i) {
            PxPoint a = line[i];
            PxPoint b = line[(i + 1) % line.size()];
            if (a.y > b.y) std::swap(a, b);
            if (2 * a.y > middle || 2 * b.y <= middle) continue;
            const std::int64_t height = b.y - a.y;
            const std::int64_t across =
                2 * a.x * height + (middle - 2 * a.y) * std::int64_t{b.x - a.x};
            const std::int64_t step = 2 * cell.width * height;
            columns.push_back(static_cast<int>(ceilDivided(across - step / 2, step)));
        }
        std::sort(columns.begin(), columns.end());
        for (std::size_t i = 0; i + 1 < columns.size(); i += 2)
            runs.push_back({row, columns[i], columns[i + 1] - columns[i]});
    }
    return CellRegion(std::move(runs));
}

CellRegion flightRegion(CellPoint from, CellPoint to, int run, int rise) {
    const int right = to.x < from.x ? -1 : 1;
    const int down = to.y < from.y ? -1 : 1;
    const int steps = std::max(
        1, std::min((std::abs(to.x - from.x) + 1) / run, (std::abs(to.y - from.y) + 1) / rise));
    std::vector<CellRun> runs;
    for (int i = 0; i < steps; ++i) {
        const int near = from.x + right * i * run;
        const int x = std::min(near, near + right * (run - 1));
        for (int row = std::max(0, i - 1) * rise; row < (i + 1) * rise; ++row)
            runs.push_back({from.y + down * row, x, run});
    }
    return CellRegion(std::move(runs));
}

FillRegion fillRegion(const Grid<Cell>& cells, CellPoint seed, std::int64_t limit) {
    const MatterId wanted = cells.at(seed).matter();
    BitMap taken(cells.width(), cells.height());
    const auto isWanted = [&](int x, int y) {
        return x >= 0 && y >= 0 && x < cells.width() && y < cells.height() && !taken.test(x, y) &&
               cells.at(x, y).matter() == wanted;
    };
    std::vector<CellRun> runs;
    std::vector<CellPoint> open{seed};
    std::int64_t count = 0;
    while (!open.empty()) {
        const CellPoint at = open.back();
        open.pop_back();
        if (!isWanted(at.x, at.y)) continue;
        int left = at.x;
        int right = at.x + 1;
        while (isWanted(left - 1, at.y))
            --left;
        while (isWanted(right, at.y))
            ++right;
        taken.setRun(at.y, left, right);
        runs.push_back({at.y, left, right - left});
        count += right - left;
        if (count > limit) return {CellRegion(std::move(runs)), false};
        for (const int y : {at.y - 1, at.y + 1}) {
            for (int x = left; x < right; ++x)
                if (isWanted(x, y) && (x == left || !isWanted(x - 1, y))) open.push_back({x, y});
        }
    }
    return {CellRegion(std::move(runs)), true};
}

std::string cellCountText(std::int64_t count) {
    return std::to_string(count) + (count == 1 ? " cell" : " cells");
}

}  // namespace rook::level
