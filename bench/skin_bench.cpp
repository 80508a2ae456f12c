/// Dressing: ns a cell over a large board, and of what a stroke asks for.

#include <benchmark/benchmark.h>

#include "file/project_file.h"
#include "large_level.h"
#include "skin/dressing.h"

using namespace rook;
using bench::largeBoard;

namespace {

level::Project demo() {
    return *file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
}

/// The whole board, as export asks for it, in one core.
void dressWhole(benchmark::State& state) {
    const skin::TilingRules tilingRules(demo(), "");
    const level::Level board = largeBoard(int(state.range(0)));
    for (auto _ : state)
        benchmark::DoNotOptimize(skin::dress(tilingRules, board, board.cells.bounds()));
    state.SetItemsProcessed(state.iterations() * board.cells.bounds().area());
}
BENCHMARK(dressWhole)->Arg(512)->Arg(4096)->Unit(benchmark::kMillisecond);

/// What is dressed anew after a stroke with a brush of 8 that is 30 cells long.
void dressStroke(benchmark::State& state) {
    const skin::TilingRules tilingRules(demo(), "");
    const level::Level board = largeBoard(1024);
    const CellRect touched = CellRect{500, 500, 38, 8}.grown(skin::reachOfDressing);
    for (auto _ : state)
        benchmark::DoNotOptimize(skin::dress(tilingRules, board, touched));
    state.SetItemsProcessed(state.iterations() * touched.area());
}
BENCHMARK(dressStroke)->Unit(benchmark::kMicrosecond);

/// Learning all swatches of the demo, as after each tile that is set on one.
void learn(benchmark::State& state) {
    const level::Project project = demo();
    for (auto _ : state)
        benchmark::DoNotOptimize(skin::TilingRules(project, ""));
}
BENCHMARK(learn)->Unit(benchmark::kMillisecond);

}  // namespace
