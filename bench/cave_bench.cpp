/// Shape on a cave of 4,096 x 4,096 cells: a stroke with hatching and colliders, a fill of a
/// million cells, opening, and merging on the worker.

#include <benchmark/benchmark.h>

#include <QTemporaryDir>

#include "app/board/board.h"
#include "app/shell/all_steps.h"
#include "app/steps/shape/shape_options.h"
#include "cave_level.h"
#include "collide/shapes.h"

namespace {

using namespace rook;
using namespace rook::app;

const level::Project& cave() {
    static const level::Project project = bench::caveProject();
    return project;
}

/// A brush stroke of size 8 over 20 cells: the edit, and the frames until it is shown with hatching
/// and colliders.
void strokeOnCave(benchmark::State& state) {
    Session session{app::allSteps()};
    session.document.startNew(cave());
    Board board(session);
    board.resize(1000, 570);
    QImage frame(1000, 570, QImage::Format_RGB32);
    ShapeOptions options = session.workbench.options<ShapeOptions>();
    options.showsSolids = true;
    session.workbench.setOptions(options);
    View view = board.view();
    view.zoomAt({}, 1.0 / view.scale());
    view.setOffset({20000, 20000});
    board.setView(view);
    do
        board.render(&frame);
    while (!board.isComplete());
    int round = 0, mostFrames = 0;
    for (auto _ : state) {
        const CellPoint at{1260 + round % 30, 1255 + round % 20};
        const auto region = level::strokeRegion(at, {at.x + 19, at.y}, 8);
        session.document.apply(layCells(session.document.project(), *session.document.level(),
                                        region, round % 2 ? level::Cell() : level::Cell({1}),
                                        "Lay"));
        int frames = 0;
        for (; frames == 0 || !board.isComplete(); ++frames)
            board.render(&frame);
        mostFrames = std::max(mostFrames, frames);
        ++round;
    }
    state.counters["frames at most"] = mostFrames;
}

void fillMillion(benchmark::State& state) {
    const level::Level& level = *cave().levels[0];
    std::int64_t cells = 0;
    for (auto _ : state) {
        const auto found = level::fillRegion(level.cells, {2000, 2000}, std::int64_t{1} << 40);
        const auto edit = layCells(cave(), level, found.region, level::Cell({3}), "Fill");
        benchmark::DoNotOptimize(edit.level.cells.bounds());
        cells = found.region.cellCount();
    }
    state.counters["cells"] = double(cells);
}

void openCave(benchmark::State& state) {
    const QTemporaryDir folder;
    const file::Path path = folder.path().toStdString();
    if (!file::saveProject(file::diskStorage(), path, cave(), nullptr))
        state.SkipWithError("not saved");
    for (auto _ : state)
        if (!file::openProject(file::diskStorage(), path)) state.SkipWithError("not opened");
}

/// All shapes of the cave from nothing, and after a stroke.
void mergeCave(benchmark::State& state) {
    const level::Level& level = *cave().levels[0];
    for (auto _ : state) {
        collide::ShapesCache cache;
        benchmark::DoNotOptimize(
            makeShapes(frameOf(level), level::LevelCells(cave(), level), cache, nullptr));
    }
}
void mergeCaveAgain(benchmark::State& state) {
    level::Level level = *cave().levels[0];
    collide::ShapesCache cache;
    (void)makeShapes(frameOf(level), level::LevelCells(cave(), level), cache, nullptr);
    int x = 1600;
    for (auto _ : state) {
        level.cells.fillRect({x += 9, 1600, 8, 8}, level::Cell({1}));
        benchmark::DoNotOptimize(
            makeShapes(frameOf(level), level::LevelCells(cave(), level), cache, nullptr));
    }
    state.counters["regionsCut"] = double(cache.partitions[1].regionsCut());
}

/// One plain pass over the memory of 4,096 x 4,096 cells of two bytes.
void onePassOverCave(benchmark::State& state) {
    const std::vector<std::uint16_t> cells(4096u * 4096u, 1);
    for (auto _ : state) {
        std::int64_t sum = 0;
        for (const std::uint16_t cell : cells)
            sum += cell;
        benchmark::DoNotOptimize(sum);
    }
}

BENCHMARK(onePassOverCave)->Unit(benchmark::kMillisecond);
BENCHMARK(strokeOnCave)->Unit(benchmark::kMillisecond)->Iterations(60);
BENCHMARK(fillMillion)->Unit(benchmark::kMillisecond)->Iterations(10);
BENCHMARK(openCave)->Unit(benchmark::kMillisecond)->Iterations(3);
BENCHMARK(mergeCave)->Unit(benchmark::kMillisecond)->Iterations(1);
BENCHMARK(mergeCaveAgain)->Unit(benchmark::kMillisecond)->Iterations(3);

}  // namespace
