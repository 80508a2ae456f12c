#include "skin/scatter.h"

#include <algorithm>

#include "base/random.h"

namespace rook::skin {

using level::Cell;

namespace {

std::uint64_t rollOf(int seed, int x, int y) {
    // Two rounds, so that neighbours differ.
    const std::uint64_t first =
        Random(static_cast<std::uint64_t>(seed) * 0x100000001b3ULL + static_cast<unsigned>(x))
            .next();
    return Random(first ^ static_cast<unsigned>(y)).next();
}

}  // namespace

bool isGround(const Grid<Cell>& cells, int x, int y, const ScatterRule& rule) {
    const Cell cell = cells.at(x, y);
    const auto isMatter = [&](int dx, int dy) {
        const Cell beside = cells.at(x + dx, y + dy, Cell());
        return !beside.isOpen() && beside.matter() == rule.matter;
    };
    switch (rule.where) {
        case Ground::OnTop:
            return cell.isOpen() && isMatter(0, 1);
        case Ground::Under:
            return cell.isOpen() && isMatter(0, -1);
        case Ground::Beside:
            return cell.isOpen() && (isMatter(1, 0) || isMatter(-1, 0));
        case Ground::Inside:
            return !cell.isOpen() && cell.matter() == rule.matter;
        case Ground::OpenAir:
            return cell.isOpen();
    }
    return false;
}

level::CellRegion scatter(const level::Level& level, const CellRect& area,
                          const ScatterRule& rule) {
    const CellRect shown = area.intersected(level.cells.bounds());
    const NoiseField noise({NoiseKind::Smooth, std::clamp(rule.patch, 1, 256), 2, rule.seed});
    std::vector<CellPoint> ground;
    for (int y = shown.y; y < shown.bottom(); ++y)
        for (int x = shown.x; x < shown.right(); ++x)
            if (isGround(level.cells, x, y, rule) && (!rule.isWanted || rule.isWanted({x, y})))
                ground.push_back({x, y});
    // The share of them with the lowest rolls or, in patches, the highest noise.
    std::vector<std::pair<double, CellPoint>> order;
    for (const CellPoint& cell : ground) {
        const double roll = double(rollOf(rule.seed, cell.x, cell.y) >> 11) / double(1ULL << 53);
        order.emplace_back(rule.patch > 1 ? -noise.at(cell.x, cell.y) + roll * 1e-6 : roll, cell);
    }
    std::sort(order.begin(), order.end(), [](const auto& a, const auto& b) {
        return std::tuple(a.first, a.second.y, a.second.x) <
               std::tuple(b.first, b.second.y, b.second.x);
    });
    order.resize(order.size() * static_cast<std::size_t>(std::clamp(rule.share, 0, 100)) / 100);
    Grid<std::uint8_t> isTaken(level.cells.width(), level.cells.height());
    std::vector<level::CellRun> runs;
    for (const auto& [rank, cell] : order) {
        const CellRect near = CellRect{cell.x, cell.y, 1, 1}
                                  .grown(std::max(0, rule.distance))
                                  .intersected(level.cells.bounds());
        bool isFree = true;
        for (int y = near.y; y < near.bottom() && isFree; ++y)
            for (int x = near.x; x < near.right() && isFree; ++x)
                isFree = isTaken.at(x, y) == 0;
        if (!isFree) continue;
        isTaken.set(cell, 1);
        runs.push_back({cell.y, cell.x, 1});
    }
    return level::CellRegion(std::move(runs));
}

}  // namespace rook::skin
