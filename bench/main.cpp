/// rook-bench: runs all benchmarks and prints their ratios, which mean the same on every machine.

#include <benchmark/benchmark.h>

#include <QApplication>
#include <cstdio>
#include <map>

namespace {

/// Prints as usual, and remembers the time of each run in seconds.
class Remembering : public benchmark::ConsoleReporter {
public:
    void ReportRuns(const std::vector<Run>& runs) override {
        ConsoleReporter::ReportRuns(runs);
        for (const Run& run : runs)
            if (!run.error_occurred && run.iterations > 0)
                m_seconds[run.benchmark_name()] =
                    run.real_accumulated_time / double(run.iterations);
    }
    [[nodiscard]] double seconds(const std::string& name) const {
        const auto found = m_seconds.find(name);
        return found == m_seconds.end() ? 0 : found->second;
    }

private:
    std::map<std::string, double> m_seconds;
};

void printRatio(const Remembering& times, const char* words, const char* slow, const char* fast) {
    const double a = times.seconds(slow);
    const double b = times.seconds(fast);
    if (a > 0 && b > 0) std::printf("  %-62s %10.1f\n", words, a / b);
}

void printShare(const Remembering& times, const char* words, const char* name, double budget) {
    if (const double a = times.seconds(name); a > 0)
        std::printf("  %-62s %9.0f %%\n", words, 100 * a / budget);
}

}  // namespace

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    benchmark::Initialize(&argc, argv);
    Remembering times;
    benchmark::RunSpecifiedBenchmarks(&times);
    std::printf("\nRatios (how many times faster):\n");
    printRatio(times, "a puzzle solved against a plain search of the same states",
               "puzzle/push 10x10, 4 casks, plain search/iterations:1",
               "puzzle/push 10x10, 4 casks, two cores/real_time");
    printRatio(times, "solver against single-state search, open 120 x 34", "searchOpen",
               "solverOpen");
    printRatio(times, "solver against single-state search, Intake steps", "searchDemo",
               "solverDemo");
    printRatio(times, "whole solve against single-cell edits, mean, Intake steps", "solverDemo",
               "singleCellEdits/intake/iterations:400/manual_time");
    printRatio(times, "the same, Wheel hall", "solverWheelHall/iterations:2",
               "singleCellEdits/wheelHall/iterations:40/manual_time");
    printRatio(times, "grid copy against copying 4,096 x 4,096 cells", "gridCopyWhole", "gridCopy");
    printRatio(times, "frame after one cell against a whole frame", "wholeFrame",
               "strokeFrame/iterations:200");
    printRatio(times, "copying 4,096 x 4,096 cells against saving them (below 1 is slower)",
               "gridCopyWhole", "saveLarge");
    printRatio(times, "saving 4,096 x 4,096 against loading", "saveLarge", "loadLarge");
    printRatio(times, "fewest rectangles of a 1,024 x 1,024 cave against one plain pass",
               "partition/fewestCave1024", "onePass");
    std::printf("Cave of 4,096 x 4,096 against one plain pass over its memory (passes):\n");
    printRatio(times, "stroke of size 8, with hatching and colliders", "strokeOnCave/iterations:60",
               "onePassOverCave");
    printRatio(times, "fill of a million cells", "fillMillion/iterations:10", "onePassOverCave");
    printRatio(times, "opening", "openCave/iterations:3", "onePassOverCave");
    printRatio(times, "all collision shapes, on a worker", "mergeCave/iterations:1",
               "onePassOverCave");
    printRatio(times, "the same after a stroke", "mergeCaveAgain/iterations:3", "onePassOverCave");
    printRatio(times, "moving 10 of 100,000 entities against copying all", "castCopied",
               "castMoveTen");
    printRatio(times, "solving open 512 x 128, in passes over 64 MiB", "solverLarge", "memoryPass");
    printShare(times, "from the wish to cancel a large solve to its end, of 5 ms",
               "cancelLarge/iterations:20/manual_time", 0.005);
    std::printf("Shares of a frame of 16 ms:\n");
    printShare(times, "solving open 120 x 34", "solverOpen", 0.016);
    printShare(times, "solving Intake steps", "solverDemo", 0.016);
    printShare(times, "stroke to verdict in the window, of two frames (32 ms)",
               "strokeToVerdict/iterations:100/real_time", 0.032);
    printShare(times, "panning 4,096 x 4,096, whole level in sight", "panFrame/15/iterations:40",
               0.016);
    printShare(times, "panning 4,096 x 4,096 at 4 px a cell", "panFrame/250/iterations:40", 0.016);
    printShare(times, "panning 4,096 x 4,096 at 20 px a cell", "panFrame/1250/iterations:40",
               0.016);
    printShare(times, "panning 4,096 x 4,096 at 64 px a cell", "panFrame/4000/iterations:40",
               0.016);
    printShare(times, "moving 10 of 100,000 entities", "castMoveTen", 0.016);
    printShare(times, "painting 100,000 entities, all in sight", "castPaint/whole", 0.016);
    printShare(times, "painting 100,000 entities, a screen of them", "castPaint/near", 0.016);
    printShare(times, "panning over 10,000 stroke segments", "panSketchFrame/iterations:80", 0.016);
    printShare(times, "from level to level of a roster of 200 counters and 500 levels",
               "fromLevelToLevel/iterations:40", 0.016);
    printShare(times, "a map of 500 levels", "mapOf500/iterations:60", 0.016);
    for (const auto& [words, name] :
         {std::pair("duplicating one of 500 levels, of 8 ms", "duplicateOf500/iterations:40"),
          {"removing one, of 8 ms", "removeOf500/iterations:40"},
          {"reordering, of 8 ms", "reorderOf500/iterations:40"}})
        printShare(times, words, name, 0.008);
    for (const auto& [words, name] : {std::pair("choosing an entity, of 8 ms", "chooseEntity"),
                                      {"going on to the next step, of 8 ms", "chooseStep"}})
        printShare(times, words, (std::string(name) + "/iterations:60").c_str(), 0.008);
    printShare(times, "from a stroke to what lantern shows, of 50 ms",
               "strokeToGame/iterations:1/manual_time", 0.050);
    for (const auto& [words, name] :
         {std::pair("the longest hold while drawing, of 8 ms", "holdWithoutGames"),
          {"the same with ten games and one that does not read", "holdWithTenGames"}})
        printShare(times, words, (std::string(name) + "/iterations:1/manual_time").c_str(), 0.008);
    printShare(times, "zooming 4,096 x 4,096", "zoomFrame/iterations:60", 0.016);
    return 0;
}
