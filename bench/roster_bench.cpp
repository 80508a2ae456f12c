/// A roster of 200 counters over 500 levels, in the window: from level to level.

#include <benchmark/benchmark.h>

#include <QCoreApplication>

#include "app/shell/main_window.h"
#include "file/project_file.h"

namespace {

using namespace rook;

constexpr int rosterLevels = 500, rosterCounters = 200, slotsAcross = 20;

level::Project rosterProject() {
    level::Project project = file::newProject("Casks");
    project.levels.clear();
    level::Kind kind;
    kind.id = {"cask"};
    kind.title = "Cask";
    kind.role = level::Role::Counter;
    project.kinds = std::vector{kind};
    level::Roster roster;
    roster.name = "yard";
    std::vector<level::Counter> counters;
    for (int i = 0; i < rosterCounters; ++i) {
        const EntityId id{"cask-" + std::to_string(i + 1)};
        roster.counters.push_back({id, kind.id});
        counters.push_back({id, kind.id, {}, {}, 0, false});
    }
    project.rosters = std::vector{roster};
    for (int n = 0; n < rosterLevels; ++n) {
        level::Level level;
        level.id = {"yard-" + std::to_string(n + 1)};
        level.title = "Yard " + std::to_string(n + 1);
        level.kind = level::LevelKind::Puzzle;
        level.puzzle.board.columns = level.puzzle.board.rows = slotsAcross;
        level.puzzle.roster = roster.name;
        for (int i = 0; i < rosterCounters; ++i) {
            const int place = (i * 2 + n) % (slotsAcross * slotsAcross);
            counters[std::size_t(i)].at = {place % slotsAcross, place / slotsAcross};
        }
        level.puzzle.counters = counters;
        level.cells = Grid<level::Cell>(90, 90);
        project.levels.push_back(std::make_shared<const level::Level>(std::move(level)));
    }
    return project;
}

app::MainWindow& rosterWindow() {
    static auto* made = [] {
        auto* opened = new app::MainWindow;
        opened->resize(1280, 800);
        opened->show();
        opened->session().document.startNew(rosterProject());
        opened->session().workbench.setStep(app::Step::Cast);
        for (int i = 0; i < 200; ++i)
            QCoreApplication::processEvents();
        return opened;
    }();
    return *made;
}

/// Until the other level stands in the window.
void fromLevelToLevel(benchmark::State& state) {
    app::MainWindow& shown = rosterWindow();
    int n = 0;
    for (auto _ : state) {
        const auto& levels = shown.session().document.project().levels;
        shown.session().document.chooseLevel(levels[std::size_t(++n * 7 % rosterLevels)]->id);
        shown.board().repaint();
        state.PauseTiming();
        for (int i = 0; i < 4; ++i)
            QCoreApplication::processEvents();
        state.ResumeTiming();
    }
}
BENCHMARK(fromLevelToLevel)->Iterations(40)->Unit(benchmark::kMillisecond);

}  // namespace
