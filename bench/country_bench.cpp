/// What a verdict costs as a level grows: open country, with rows of ledges everywhere within a
/// jump. `cost_plot.py` draws what this measures.

#include <benchmark/benchmark.h>

#include "file/project_file.h"
#include "level/edits.h"
#include "reach/verdict.h"

namespace {

using namespace rook;

/// Cells of 16 px; each third row ledges of three cells with gaps of three.
reach::Problem openCountry(int side, runtime::AbilitySet abilities) {
    level::Project project = file::newProject("Country");
    level::Level level = *project.levels[0];
    level.cells = Grid<level::Cell>(side, side);
    level.cells.fillRect({0, side - 1, side, 1}, level::Cell({1}));
    for (int row = side - 4; row > 3; row -= 3)
        for (int column = 2 * ((side - 4 - row) / 3 % 3); column + 3 < side; column += 6)
            level.cells.fillRect({column, row, 3, 1}, level::Cell({1}));
    level =
        placeEntity(level, *project.findKind({"player"}), {32, (side - 1) * 16 - 22}, {})->level;
    reach::QueryOptions options;
    options.lent = abilities;
    options.taken = ~abilities;
    return reach::queryOf(project, level, options)->problem;
}

void openCountrySolved(benchmark::State& state, runtime::AbilitySet abilities) {
    const reach::Problem problem = openCountry(int(state.range(0)), abilities);
    reach::Limits limits;
    limits.maxBytes = std::size_t{12} << 30;
    for (auto _ : state) {
        const reach::Reached reached = reach::solve(problem, limits);
        if (reached.completion != reach::Completion::Complete)
            state.SkipWithError("not decided for want of memory");
        state.counters["MiB"] = double(reached.bytes) / (1 << 20);
    }
}

constexpr runtime::AbilitySet airJump = runtime::setOf(runtime::Ability::AirJump);
constexpr runtime::AbilitySet allJumps =
    airJump | runtime::setOf(runtime::Ability::Coyote) | runtime::setOf(runtime::Ability::WallJump);

void sides(benchmark::internal::Benchmark* bench) {
    for (const int side : {128, 256, 512, 1000, 2000})
        bench->Arg(side);
    bench->Unit(benchmark::kMillisecond)->Iterations(1);
}

BENCHMARK_CAPTURE(openCountrySolved, runsAndJumps, runtime::AbilitySet{0})->Apply(sides);
BENCHMARK_CAPTURE(openCountrySolved, airJump, airJump)->Apply(sides);
BENCHMARK_CAPTURE(openCountrySolved, allJumps, allJumps)->Apply(sides);

/// What it costs to note each state, as one does where ways are walked back.
void openCountryNoted(benchmark::State& state) {
    const reach::Problem problem = openCountry(512, airJump);
    for (auto _ : state) {
        const reach::Reached reached = reach::solve(problem, {.notesAllStates = true});
        state.counters["MiB"] = double(reached.bytes) / (1 << 20);
    }
}
BENCHMARK(openCountryNoted)->Unit(benchmark::kMillisecond)->Iterations(1);

}  // namespace
