/// Whole levels in a project of 500 of them, in the window: copy, remove, reorder, and the game
/// map.

#include <benchmark/benchmark.h>

#include <unistd.h>
#include <QCoreApplication>
#include <QTemporaryDir>
#include <fstream>
#include <memory>

#include "app/pages/game_map.h"
#include "app/shell/main_window.h"
#include "demo_copy.h"
#include "file/project_file.h"
#include "level/running_order.h"

namespace {

using namespace rook;

constexpr int levelCount = 500;

/// Levels of 120 x 34 cells, each of which leads to the next.
level::Project manyLevels() {
    auto opened = file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    level::Project project = std::move(*opened);
    while (project.levels.size() < levelCount)
        project = level::duplicateLevel(project, project.levels.front()->id)->edit.project;
    return project;
}

/// The window with that project, its worker at rest for as long as anything is measured.
app::MainWindow& window() {
    static auto* made = [] {
        auto* opened = new app::MainWindow;
        opened->resize(1280, 800);
        opened->show();
        opened->session().document.startNew(manyLevels());
        for (int i = 0; i < 200; ++i)
            QCoreApplication::processEvents();
        return opened;
    }();
    return *made;
}

void duplicateOf500(benchmark::State& state) {
    app::Document& document = window().session().document;
    for (auto _ : state) {
        const auto copy = level::duplicateLevel(document.project(), document.level()->id);
        document.apply(copy->edit);
        document.chooseLevel(copy->level);
        state.PauseTiming();
        document.undo();
        QCoreApplication::processEvents();
        state.ResumeTiming();
    }
}

void removeOf500(benchmark::State& state) {
    app::Document& document = window().session().document;
    for (auto _ : state) {
        document.apply(level::removeLevel(document.project(), document.level()->id));
        state.PauseTiming();
        document.undo();
        QCoreApplication::processEvents();
        state.ResumeTiming();
    }
}

void reorderOf500(benchmark::State& state) {
    app::Document& document = window().session().document;
    for (auto _ : state) {
        document.apply(level::moveLevel(document.project(), document.level()->id, 1));
        state.PauseTiming();
        document.undo();
        QCoreApplication::processEvents();
        state.ResumeTiming();
    }
}

void mapOf500(benchmark::State& state) {
    app::GameMap map(window().session(), nullptr);
    map.resize(960, 700);
    map.refresh();
    map.fit();
    map.show();
    QImage image(map.size(), QImage::Format_ARGB32_Premultiplied);
    map.render(&image);
    for (auto _ : state)
        map.render(&image);
}

/// Memory that this process holds now, MiB.
double residentMiB() {
    std::ifstream statm("/proc/self/statm");
    double whole = 0, resident = 0;
    statm >> whole >> resident;
    return resident * double(sysconf(_SC_PAGESIZE)) / (1 << 20);
}

/// From the folder on the disk to the first level on the board; then how much more is held when
/// each level was shown.
void openWindowOf500(benchmark::State& state) {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("many"));
    // With its sheets.
    testing::copyDemo(path.toStdString());
    if (!file::saveProject(file::diskStorage(), path.toStdString(), manyLevels()))
        return state.SkipWithError("cannot be saved");
    const double before = residentMiB();
    std::unique_ptr<app::MainWindow> opened;
    for (auto _ : state) {
        opened = std::make_unique<app::MainWindow>();
        opened->resize(1280, 800);
        if (!opened->openProject(path)) return state.SkipWithError("cannot be opened");
        opened->show();
        opened->board().repaint();
    }
    for (const auto& level : opened->session().document.project().levels) {
        opened->session().document.chooseLevel(level->id);
        opened->board().repaint();
        QCoreApplication::processEvents();
    }
    state.counters["MiB"] = residentMiB() - before;
}

BENCHMARK(openWindowOf500)->Iterations(1)->Unit(benchmark::kMillisecond);
BENCHMARK(duplicateOf500)->Iterations(40)->Unit(benchmark::kMillisecond);
BENCHMARK(removeOf500)->Iterations(40)->Unit(benchmark::kMillisecond);
BENCHMARK(reorderOf500)->Iterations(40)->Unit(benchmark::kMillisecond);
BENCHMARK(mapOf500)->Iterations(60)->Unit(benchmark::kMillisecond);

}  // namespace
