#include <benchmark/benchmark.h>

#include "file/project_file.h"
#include "level/edits.h"
#include "plain_search.h"
#include "reach/verdict.h"

namespace {

using namespace rook;

/// An open level of 120 x 34 cells of 16 px: floor, ledges to climb by, nothing in the way.
reach::Problem openProblem() {
    level::Project project = file::newProject("Open");
    level::Level level = *project.levels[0];
    level.cells = Grid<level::Cell>(120, 34);
    level.cells.fillRect({0, 33, 120, 1}, level::Cell({1}));
    for (int i = 0; i < 30; ++i)
        level.cells.fillRect({4 * i, 30 - 3 * (i % 10), 2, 1}, level::Cell({2}));
    level = placeEntity(level, *project.findKind({"player"}), {32, 33 * 16 - 22}, {})->level;
    return reach::askOf(project, level)->problem;
}

reach::Problem demoProblem() {
    const auto project =
        file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    return reach::askOf(*project, *project->levels[0])->problem;
}

void solver(benchmark::State& state, const reach::Problem& problem) {
    for (auto _ : state)
        benchmark::DoNotOptimize(reach::solve(problem));
}

void search(benchmark::State& state, const reach::Problem& problem) {
    // The two must agree, else the ratio means nothing.
    if (!(bench::PlainSearch(problem).visited() == reach::solve(problem).visited))
        state.SkipWithError("the search and the solver disagree");
    for (auto _ : state)
        benchmark::DoNotOptimize(bench::PlainSearch(problem));
}

void solverOpen(benchmark::State& state) {
    solver(state, openProblem());
}
void searchOpen(benchmark::State& state) {
    search(state, openProblem());
}
void solverDemo(benchmark::State& state) {
    solver(state, demoProblem());
}
void searchDemo(benchmark::State& state) {
    search(state, demoProblem());
}

BENCHMARK(solverOpen)->Unit(benchmark::kMillisecond);
BENCHMARK(searchOpen)->Unit(benchmark::kMillisecond);
BENCHMARK(solverDemo)->Unit(benchmark::kMillisecond);
BENCHMARK(searchDemo)->Unit(benchmark::kMillisecond);

}  // namespace
