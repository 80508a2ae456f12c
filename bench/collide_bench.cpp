/// Partitions of caves and platform levels into rectangles: the fewest against greedy.

#include <benchmark/benchmark.h>

#include "cave_level.h"
#include "collide/partition.h"

namespace {

using namespace rook;

using bench::caveOf;

/// Blocks and ledges of all sizes, many of them overlapping.
BitMap platformsOf(int side) {
    Random random(12);
    BitMap map(side, side);
    for (int i = 0; i < side * side / 120; ++i) {
        const int x = random.between(0, side - 1);
        const int y = random.between(0, side - 1);
        const int right = std::min(side, x + random.between(2, 24));
        const int bottom = std::min(side, y + random.between(1, 6));
        for (int row = y; row < bottom; ++row)
            map.setRun(row, x, right);
    }
    return map;
}

template <typename Cut>
void partition(benchmark::State& state, BitMap map, Cut cut) {
    std::size_t count = 0;
    for (auto _ : state)
        count = cut(map).size();
    state.counters["rectangles"] = double(count);
}

/// One plain pass over the same cells, a byte each.
void onePass(benchmark::State& state) {
    const std::vector<char> cells(1024 * 1024, 1);
    for (auto _ : state) {
        std::int64_t sum = 0;
        for (const char cell : cells)
            sum += cell;
        benchmark::DoNotOptimize(sum);
    }
}

BENCHMARK_CAPTURE(partition, fewestCave512, caveOf(512), collide::fewestRectangles)
    ->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(partition, greedyCave512, caveOf(512), collide::greedyRectangles)
    ->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(partition, fewestCave1024, caveOf(1024), collide::fewestRectangles)
    ->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(partition, greedyCave1024, caveOf(1024), collide::greedyRectangles)
    ->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(partition, fewestPlatforms1024, platformsOf(1024), collide::fewestRectangles)
    ->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(partition, greedyPlatforms1024, platformsOf(1024), collide::greedyRectangles)
    ->Unit(benchmark::kMillisecond);
BENCHMARK(onePass)->Unit(benchmark::kMillisecond);

}  // namespace
