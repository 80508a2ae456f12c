#include <benchmark/benchmark.h>

#include "large_level.h"
#include "level/edits.h"
#include "level/history.h"

namespace {

using namespace rook;

const level::Project& large() {
    static const level::Project project = bench::largeProject();
    return project;
}

void gridCopy(benchmark::State& state) {
    const Grid<level::Cell> grid = large().levels[0]->cells;
    for (auto _ : state) {
        Grid<level::Cell> copy = grid;
        benchmark::DoNotOptimize(copy);
    }
}

void gridCopyWhole(benchmark::State& state) {
    const std::vector<std::uint16_t> cells(4096u * 4096u, 1);
    for (auto _ : state) {
        std::vector<std::uint16_t> copy = cells;
        benchmark::DoNotOptimize(copy.data());
    }
}

void strokeWithHistory(benchmark::State& state) {
    level::History history(large());
    Random random(3);
    std::size_t strokes = 0;
    for (auto _ : state) {
        const level::Level& now = *history.current().levels[0];
        const CellPoint at{random.between(0, 4000), random.between(0, 4000)};
        const auto edit = layCells(large(), now, level::strokeRegion(at, {at.x + 20, at.y + 4}, 2),
                                   level::Cell({1}), "Lay");
        history.push(history.current().withLevel(edit.level), edit.name, edit.level.id,
                     edit.touched);
        ++strokes;
    }
    state.counters["bytesAStroke"] = double(history.byteCount()) / double(history.stepCount());
}

void saveLarge(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(file::levelText(large(), *large().levels[0]));
}

void loadLarge(benchmark::State& state) {
    const std::string text = file::levelText(large(), *large().levels[0]);
    state.counters["MiB"] = double(text.size()) / (1 << 20);
    for (auto _ : state) {
        const auto level = file::readLevelText(large(), text, "large.json");
        if (!level || !(level->cells == large().levels[0]->cells))
            state.SkipWithError("not read back");
    }
}

BENCHMARK(gridCopy);
BENCHMARK(gridCopyWhole)->Unit(benchmark::kMillisecond);
BENCHMARK(strokeWithHistory)->Iterations(1000);
BENCHMARK(saveLarge)->Unit(benchmark::kMillisecond);
BENCHMARK(loadLarge)->Unit(benchmark::kMillisecond);

}  // namespace
