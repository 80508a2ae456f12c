#include <benchmark/benchmark.h>

#include <chrono>
#include <thread>

#include "base/random.h"
#include "file/project_file.h"
#include "level/edits.h"
#include "plain_search.h"
#include "reach/resolver.h"
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
    return reach::queryOf(project, level)->problem;
}

reach::Problem demoProblem() {
    const auto project =
        file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    return reach::queryOf(*project, *project->levels[0])->problem;
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

/// One cell of a level more or less, and back; the verdict's solve alone. An edit that must be
/// solved whole counts as such.
void singleCellEdits(benchmark::State& state, int levelIndex) {
    const auto project =
        file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    const level::Level& level = *project->levels[static_cast<std::size_t>(levelIndex)];
    reach::Resolver resolver;
    resolver.prepare(reach::queryOf(*project, level)->problem);
    Random random(7);
    std::vector<double> times;
    int mended = 0;
    level::Level edited = level;
    for (auto _ : state) {
        if (edited.cells == level.cells) {
            const int column = random.between(0, level.cells.width() - 1);
            const int row = random.between(0, level.cells.height() - 1);
            const bool isOpen = level.cells.at(column, row).matter().index == 0;
            edited.cells.set(column, row, isOpen ? level::Cell({1}) : level::Cell());
        } else {
            edited.cells = level.cells;
        }
        const reach::Problem problem = reach::queryOf(*project, edited)->problem;
        const auto begin = std::chrono::steady_clock::now();
        benchmark::DoNotOptimize(resolver.solve(problem));
        times.push_back(
            std::chrono::duration<double>(std::chrono::steady_clock::now() - begin).count());
        state.SetIterationTime(times.back());
        if (resolver.wasMended()) ++mended;
        resolver.prepare(problem);
    }
    std::nth_element(times.begin(), times.begin() + std::ptrdiff_t(times.size() / 2), times.end());
    state.counters["median ms"] = 1000 * times[times.size() / 2];
    state.counters["mended %"] = 100.0 * mended / double(times.size());
}

/// From the wish to stop to the end of a large solve.
void cancelLarge(benchmark::State& state) {
    const reach::Problem problem = openProblem(512, 128);
    for (auto _ : state) {
        std::atomic<bool> cancel = false;
        std::chrono::steady_clock::time_point asked;
        std::thread asker([&] {
            std::this_thread::sleep_for(std::chrono::milliseconds(40));
            asked = std::chrono::steady_clock::now();
            cancel = true;
        });
        benchmark::DoNotOptimize(reach::solve(problem, {std::size_t{2} << 30, &cancel}));
        const auto end = std::chrono::steady_clock::now();
        asker.join();
        state.SetIterationTime(std::chrono::duration<double>(end - asked).count());
    }
}

void solverWheelHall(benchmark::State& state) {
    const auto project =
        file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    solver(state, reach::queryOf(*project, *project->levels[1])->problem);
}

/// The verdict as the window tells it, and all that is known with it; with each per cent that a
/// player is weaker, the way leads over the hoist from 8 on.
void answerWheelHall(benchmark::State& state, reach::Extent extent, int weaker) {
    const auto project =
        file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    reach::QueryOptions options;
    options.weakening.percent = weaker;
    const reach::Query query = *reach::queryOf(*project, *project->levels[1], options);
    for (auto _ : state)
        benchmark::DoNotOptimize(reach::answer(query, {}, nullptr, extent));
}
BENCHMARK_CAPTURE(answerWheelHall, verdict, reach::Extent::Sure, 0)
    ->Unit(benchmark::kMillisecond)
    ->Iterations(3);
BENCHMARK_CAPTURE(answerWheelHall, whole, reach::Extent::All, 0)
    ->Unit(benchmark::kMillisecond)
    ->Iterations(3);
BENCHMARK_CAPTURE(answerWheelHall, verdictByTheHoist, reach::Extent::Sure, 8)
    ->Unit(benchmark::kMillisecond)
    ->Iterations(2);
BENCHMARK_CAPTURE(singleCellEdits, intake, 0)
    ->Unit(benchmark::kMillisecond)
    ->UseManualTime()
    ->Iterations(400);
BENCHMARK_CAPTURE(singleCellEdits, wheelHall, 1)
    ->Unit(benchmark::kMillisecond)
    ->UseManualTime()
    ->Iterations(40);
BENCHMARK(solverWheelHall)->Unit(benchmark::kMillisecond)->Iterations(2);
BENCHMARK(cancelLarge)->Unit(benchmark::kMillisecond)->UseManualTime()->Iterations(20);
BENCHMARK(solverLarge)->Unit(benchmark::kMillisecond);
BENCHMARK(memoryPass)->Unit(benchmark::kMillisecond);
BENCHMARK(solverOpen)->Unit(benchmark::kMillisecond);
BENCHMARK(searchOpen)->Unit(benchmark::kMillisecond);
BENCHMARK(solverDemo)->Unit(benchmark::kMillisecond);
BENCHMARK(searchDemo)->Unit(benchmark::kMillisecond);

}  // namespace
