#include <benchmark/benchmark.h>

#include "file/project_file.h"
#include "level/edits.h"
#include "plain_search.h"
#include "reach/verdict.h"

namespace {

using namespace rook;

/// An open level of cells of 16 px: floor, ledges to climb by, nothing in the way.
reach::Problem openProblem(int columns = 120, int rows = 34) {
    level::Project project = file::newProject("Open");
    level::Level level = *project.levels[0];
    level.cells = Grid<level::Cell>(columns, rows);
    level.cells.fillRect({0, rows - 1, columns, 1}, level::Cell({1}));
    for (int i = 0; i < columns / 4; ++i)
        level.cells.fillRect({4 * i, rows - 4 - 3 * (i % (rows / 3 - 1)), 2, 1}, level::Cell({2}));
    level =
        placeEntity(level, *project.findKind({"player"}), {32, (rows - 1) * 16 - 22}, {})->level;
    return reach::askOf(project, level)->problem;
}

reach::Problem demoProblem() {
    const auto project =
        file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    return reach::askOf(*project, *project->levels[0])->problem;
}

void solver(benchmark::State& state, const reach::Problem& problem) {
    std::int64_t states = 0;
    for (auto _ : state) {
        const reach::Reached reached = reach::solve(problem);
        states += reached.states;
        benchmark::DoNotOptimize(reached.visited);
    }
    state.counters["states/s"] = benchmark::Counter(double(states), benchmark::Counter::kIsRate);
}

/// One pass over 64 MiB: what the machine's memory gives.
void memoryPass(benchmark::State& state) {
    std::vector<std::uint64_t> words(std::size_t{8} << 20, 1);
    std::uint64_t sum = 0;
    for (auto _ : state) {
        for (std::uint64_t& word : words)
            word ^= sum;
        sum += words[7];
        benchmark::DoNotOptimize(sum);
    }
    state.counters["bits/s"] = benchmark::Counter(
        double(state.iterations()) * double(words.size()) * 64, benchmark::Counter::kIsRate);
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

void solverLarge(benchmark::State& state) {
    solver(state, openProblem(512, 128));
}

BENCHMARK(solverLarge)->Unit(benchmark::kMillisecond);
BENCHMARK(memoryPass)->Unit(benchmark::kMillisecond);
BENCHMARK(solverOpen)->Unit(benchmark::kMillisecond);
BENCHMARK(searchOpen)->Unit(benchmark::kMillisecond);
BENCHMARK(solverDemo)->Unit(benchmark::kMillisecond);
BENCHMARK(searchDemo)->Unit(benchmark::kMillisecond);

}  // namespace
