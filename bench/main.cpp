/// rook-bench: runs all benchmarks and prints their ratios, which mean the same on every machine.

#include <benchmark/benchmark.h>

#include <QApplication>
#include <cstdio>
#include <map>
#include <string>
#include <string_view>

namespace {

/// Prints as usual, and remembers the time of each run in seconds, and its counters.
class Remembering : public benchmark::ConsoleReporter {
public:
    void ReportRuns(const std::vector<Run>& runs) override {
        ConsoleReporter::ReportRuns(runs);
        for (const Run& run : runs) {
            if (run.error_occurred || run.iterations == 0) continue;
            m_seconds[run.benchmark_name()] = run.real_accumulated_time / double(run.iterations);
            for (const auto& [name, counter] : run.counters)
                m_counters[run.benchmark_name() + ": " + name] = counter.value;
        }
    }
    /// 0 if it did not run.
    [[nodiscard]] double seconds(const std::string& name) const { return at(m_seconds, name); }
    [[nodiscard]] double counter(const std::string& name) const { return at(m_counters, name); }

private:
    [[nodiscard]] static double at(const std::map<std::string, double>& map,
                                   const std::string& name) {
        const auto found = map.find(name);
        return found == map.end() ? 0 : found->second;
    }

    std::map<std::string, double> m_seconds;
    std::map<std::string, double> m_counters;
};

/// What a ratio must be, if anything.
enum class Must { Nothing, BeAtLeast, BeAtMost };

/// How many times longer one takes than the other.
struct Ratio {
    const char* words;
    const char* slow;
    const char* fast;
    Must must = Must::Nothing;
    double goal = 0;
};

/// How much of what it may take, or hold, something takes; the goal is all of it.
struct Share {
    const char* words;
    const char* name;  ///< of a run; of its counter, after ": "
    double budget;     ///< seconds, or in the counter's unit
};

const Ratio ratios[] = {
    {"a puzzle solved against a plain search of the same states",
     "puzzle/push 10x10, 4 casks, plain search/iterations:1",
     "puzzle/push 10x10, 4 casks, two cores/real_time"},
    {"solver against single-state search, open 120 x 34", "searchOpen", "solverOpen"},
    {"solver against single-state search, Intake steps", "searchDemo", "solverDemo"},
    {"whole solve against single-cell edits, mean, Intake steps", "solverDemo",
     "singleCellEdits/intake/iterations:400/manual_time"},
    {"the same, Wheel hall", "solverWheelHall/iterations:2",
     "singleCellEdits/wheelHall/iterations:40/manual_time", Must::BeAtLeast, 15},
    {"grid copy against copying 4,096 x 4,096 cells", "gridCopyWhole", "gridCopy"},
    {"frame after one cell against a whole frame", "wholeFrame", "strokeFrame/iterations:200"},
    {"copying 4,096 x 4,096 cells against saving them (below 1 is slower)", "gridCopyWhole",
     "saveLarge"},
    {"saving 4,096 x 4,096 against loading", "saveLarge", "loadLarge"},
    {"fewest rectangles of a 1,024 x 1,024 cave against one plain pass", "partition/fewestCave1024",
     "onePass"},
    {"moving 10 of 100,000 entities against copying all", "castCopied", "castMoveTen"},
    {"solving open 512 x 128, in passes over 64 MiB", "solverLarge", "memoryPass"},
    {"open country of 512 x 512 with an air jump, against noting each state",
     "openCountryNoted/iterations:1", "openCountrySolved/airJump/512/iterations:1"},
};

/// Passes over the memory of a cave of 4,096 x 4,096.
const Ratio cavePasses[] = {
    {"stroke of size 8, with hatching and colliders", "strokeOnCave/iterations:60",
     "onePassOverCave"},
    {"fill of a million cells", "fillMillion/iterations:10", "onePassOverCave"},
    {"opening", "openCave/iterations:3", "onePassOverCave"},
    {"all collision shapes, on a worker", "mergeCave/iterations:1", "onePassOverCave"},
    {"the same after a stroke", "mergeCaveAgain/iterations:3", "onePassOverCave", Must::BeAtMost,
     40},
};

/// Of a frame of 16 ms.
const Share frames[] = {
    {"solving open 120 x 34", "solverOpen", 0.016},
    {"solving Intake steps", "solverDemo", 0.016},
    {"panning 4,096 x 4,096, whole level in sight", "panFrame/15/iterations:40", 0.016},
    {"panning 4,096 x 4,096 at 4 px a cell", "panFrame/250/iterations:40", 0.016},
    {"panning 4,096 x 4,096 at 20 px a cell", "panFrame/1250/iterations:40", 0.016},
    {"panning 4,096 x 4,096 at 64 px a cell", "panFrame/4000/iterations:40", 0.016},
    {"moving 10 of 100,000 entities", "castMoveTen", 0.016},
    {"painting 100,000 entities, all in sight", "castPaint/whole", 0.016},
    {"painting 100,000 entities, a screen of them", "castPaint/near", 0.016},
    {"panning over 10,000 stroke segments", "panSketchFrame/iterations:80", 0.016},
    {"from level to level of a roster of 200 counters and 500 levels",
     "fromLevelToLevel/iterations:40", 0.016},
    {"a map of 500 levels", "mapOf500/iterations:60", 0.016},
    {"zooming 4,096 x 4,096", "zoomFrame/iterations:60", 0.016},
};

const Share others[] = {
    {"from the wish to cancel a large solve to its end, of 5 ms",
     "cancelLarge/iterations:20/manual_time", 0.005},
    {"stroke to verdict in the window, of two frames (32 ms)",
     "strokeToVerdict/iterations:100/real_time", 0.032},
    {"from a stroke to what lantern shows, of 50 ms", "strokeToGame/iterations:1/manual_time",
     0.05},
    {"duplicating one of 500 levels, of 8 ms", "duplicateOf500/iterations:40", 0.008},
    {"removing one, of 8 ms", "removeOf500/iterations:40", 0.008},
    {"reordering, of 8 ms", "reorderOf500/iterations:40", 0.008},
    {"opening 500 levels in a window, of 1 s", "openWindowOf500/iterations:1", 1},
    {"a window of them, each shown once, of 600 MiB", "openWindowOf500/iterations:1: MiB", 600},
    {"choosing an entity, of 8 ms", "chooseEntity/iterations:60", 0.008},
    {"going on to the next step, of 8 ms", "chooseStep/iterations:60", 0.008},
    {"the longest hold while drawing, of 8 ms", "holdWithoutGames/iterations:1/manual_time", 0.008},
    {"the same with ten games and one that does not read",
     "holdWithTenGames/iterations:1/manual_time", 0.008},
    {"open country of 1,000 x 1,000, of 3 s", "openCountrySolved/runsAndJumps/1000/iterations:1",
     3},
    {"the same, of 600 MiB", "openCountrySolved/runsAndJumps/1000/iterations:1: MiB", 600},
    {"the same with an air jump, of 12 s", "openCountrySolved/airJump/1000/iterations:1", 12},
    {"the same, of 1 GiB", "openCountrySolved/airJump/1000/iterations:1: MiB", 1024},
    {"the same with coyote time and wall jumps, of 2 GiB",
     "openCountrySolved/allJumps/1000/iterations:1: MiB", 2048},
};

const char* wordFor(bool isReached) {
    return isReached ? "reached" : "not reached";
}

void print(const Remembering& times, const Ratio& ratio) {
    const double a = times.seconds(ratio.slow);
    const double b = times.seconds(ratio.fast);
    if (a <= 0 || b <= 0) return;
    std::printf("  %-70s %9.1f", ratio.words, a / b);
    if (ratio.must == Must::BeAtLeast)
        std::printf("   at least %g: %s", ratio.goal, wordFor(a / b >= ratio.goal));
    if (ratio.must == Must::BeAtMost)
        std::printf("   at most %g: %s", ratio.goal, wordFor(a / b <= ratio.goal));
    std::printf("\n");
}

void print(const Remembering& times, const Share& share) {
    const bool isCounter = std::string_view(share.name).find(": ") != std::string_view::npos;
    const double value = isCounter ? times.counter(share.name) : times.seconds(share.name);
    if (value <= 0) return;
    std::printf("  %-70s %7.0f %%   %s\n", share.words, 100 * value / share.budget,
                wordFor(value <= share.budget));
}

template <typename List>
void printAll(const Remembering& times, const char* title, const List& list) {
    std::printf("%s:\n", title);
    for (const auto& each : list)
        print(times, each);
}

}  // namespace

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    benchmark::Initialize(&argc, argv);
    Remembering times;
    benchmark::RunSpecifiedBenchmarks(&times);
    std::printf("\n");
    printAll(times, "Ratios (how many times faster)", ratios);
    printAll(times, "Cave of 4,096 x 4,096, in plain passes over its memory", cavePasses);
    printAll(times, "Shares of a frame of 16 ms", frames);
    printAll(times, "Shares of what it may take", others);
    return 0;
}
