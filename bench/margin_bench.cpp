/// The margin of the window, which is built anew for what one chooses.

#include <benchmark/benchmark.h>

#include <QCoreApplication>
#include <QTemporaryDir>

#include "app/shell/main_window.h"
#include "demo_copy.h"

namespace {

using namespace rook;

/// The window on a copy of the demo, its worker at rest.
app::MainWindow& demoWindow() {
    static const QTemporaryDir folder;
    static auto* made = [] {
        const QString copy = folder.filePath(QStringLiteral("weir"));
        testing::copyDemo(copy.toStdString());
        auto* opened = new app::MainWindow;
        opened->resize(1280, 800);
        opened->show();
        opened->openProject(copy);
        for (int i = 0; i < 200; ++i)
            QCoreApplication::processEvents();
        return opened;
    }();
    return *made;
}

/// Lets go what went, and paints: what no hold of the keyboard waits for.
void rest(benchmark::State& state) {
    state.PauseTiming();
    for (int i = 0; i < 20; ++i)
        QCoreApplication::processEvents();
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    state.ResumeTiming();
}

/// One entity after another.
void chooseEntity(benchmark::State& state) {
    app::Workbench& workbench = demoWindow().session().workbench;
    workbench.setStep(app::Step::Cast);
    const auto& entities = demoWindow().session().document.level()->entities;
    std::size_t at = 0;
    for (auto _ : state) {
        rest(state);
        app::Selection one;
        one.entities = {entities[at++ % entities.size()].id};
        workbench.select(one);
    }
}

/// One step after another, all round.
void chooseStep(benchmark::State& state) {
    app::Workbench& workbench = demoWindow().session().workbench;
    const app::Step steps[] = {app::Step::Sketch, app::Step::Shape, app::Step::Skin,
                               app::Step::Cast, app::Step::Prove};
    std::size_t at = 0;
    for (auto _ : state) {
        rest(state);
        workbench.setStep(steps[at++ % std::size(steps)]);
    }
}

BENCHMARK(chooseEntity)->Iterations(60)->Unit(benchmark::kMillisecond);
BENCHMARK(chooseStep)->Iterations(60)->Unit(benchmark::kMillisecond);

}  // namespace
