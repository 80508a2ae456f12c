// What a bundle's level of 4,096 x 4,096 cells costs to write, packed and plain.

#include <benchmark/benchmark.h>

#include "file/baked_layers_detail.h"
#include "file/number_rows_detail.h"
#include "file/project_file.h"
#include "large_level.h"

namespace rook {

namespace {

/// Layers, cells and forms: all rows of numbers that a level of that side has. Dressing is part of
/// it; solving is not. Held to 3 s and 40 MB where it is packed.
void writeRows(benchmark::State& state) {
    const auto opened =
        file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    level::Project project = *opened;
    project.bundle.isPacked = state.range(0) != 0;
    const level::Level level = bench::largeBoard(4096);
    std::size_t bytes = 0;
    for (auto _ : state) {
        file::JsonLines lines;
        const auto cuts = file::writeLayers(lines, project, level, {}, "cut/large.png");
        if (!cuts) state.SkipWithError("the layers cannot be written");
        for (const char* key : {"cells", "forms"}) {
            const bool isForm = key[0] == 'f';
            file::writeNumbers(
                lines, key, 4096, 4096, project.bundle.isPacked, [&](int y, std::uint32_t* row) {
                    level.cells.forEachRunOfRow(
                        y, [&](int first, int count, const level::Cell* values) {
                            for (int i = 0; i < count; ++i)
                                row[first + i] =
                                    isForm ? static_cast<std::uint32_t>(values[i].form())
                                           : static_cast<std::uint32_t>(values[i].matter().index);
                        });
                });
        }
        bytes = lines.take().size();
    }
    state.counters["MB"] = double(bytes) / 1e6;
    // Below 1: within the three seconds.
    state.counters["seconds of 3"] =
        benchmark::Counter(3.0 * double(state.iterations()),
                           benchmark::Counter::kIsRate | benchmark::Counter::kInvert);
}
BENCHMARK(writeRows)->ArgName("packed")->Arg(1)->Arg(0)->Unit(benchmark::kMillisecond);

}  // namespace

}  // namespace rook
