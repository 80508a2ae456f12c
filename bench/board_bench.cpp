/// Frames of the board at 1280 x 800, painted in software.

#include <benchmark/benchmark.h>

#include <QApplication>
#include <QElapsedTimer>

#include "app/board/board.h"
#include "app/session/live_reach.h"
#include "app/shell/all_steps.h"
#include "large_level.h"

namespace {

using namespace rook;
using namespace rook::app;

struct BoardScene {
    Session session{app::allSteps()};
    std::unique_ptr<Board> board;
    QImage frame{1280, 800, QImage::Format_RGB32};

    BoardScene() {
        session.document.startNew(bench::largeProject());
        board = std::make_unique<Board>(session);
        board->resize(1280, 800);
        paint();  // delivers the resize, which shows the level whole
    }
    void setScale(double scale) {
        View view = board->view();
        view.zoomAt({}, scale / view.scale());
        view.setOffset({20000 * scale, 20000 * scale});
        board->setView(view);
    }
    void paint() { board->render(&frame); }
    void paintWhole() {
        do
            paint();
        while (!board->isComplete());
    }
};

/// Pans by 24 px a frame, forty frames one way and forty back.
void panForthAndBack(benchmark::State& state, BoardScene& scene) {
    double worst = 0;
    double way = 1;
    int frames = 0;
    for (auto _ : state) {
        View view = scene.board->view();
        view.pan({-24 * way, -10 * way});
        if (++frames % 40 == 0) way = -way;
        QElapsedTimer timer;
        timer.start();
        scene.board->setView(view);
        scene.paint();
        worst = std::max(worst, double(timer.nsecsElapsed()) / 1e6);
    }
    state.counters["worstMs"] = worst;
}

/// One frame of a pan by 24 px, at a scale in thousandths.
void panFrame(benchmark::State& state) {
    BoardScene scene;
    scene.setScale(double(state.range(0)) / 1000);
    scene.paintWhole();
    panForthAndBack(state, scene);
}

/// The same in Skin: Intake steps, dressed, before four pictures.
void panSkinFrame(benchmark::State& state) {
    Session session{app::allSteps()};
    session.document.startNew(
        *file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir"),
        QStringLiteral(ROOK_SOURCE_DIR "/demo/lantern-weir"));
    session.workbench.setStep(Step::Skin);
    Board board(session);
    board.resize(1000, 570);
    View view = board.view();
    view.zoomAt({}, 1.5 / view.scale());
    view.setOffset({200, 100});
    board.setView(view);
    QImage frame(1000, 570, QImage::Format_RGB32);
    do
        board.render(&frame);
    while (!board.isComplete());
    double worst = 0, way = 1;
    int frames = 0;
    for (auto _ : state) {
        View next = board.view();
        next.pan({-24 * way, -4 * way});
        if (++frames % 40 == 0) way = -way;
        QElapsedTimer timer;
        timer.start();
        board.setView(next);
        board.render(&frame);
        worst = std::max(worst, double(timer.nsecsElapsed()) / 1e6);
    }
    state.counters["worstMs"] = worst;
}
BENCHMARK(panSkinFrame)->Unit(benchmark::kMillisecond);

void zoomFrame(benchmark::State& state) {
    BoardScene scene;
    scene.setScale(1);
    scene.paintWhole();
    double factor = 1.25;
    for (auto _ : state) {
        View view = scene.board->view();
        if (view.scale() > 4 || view.scale() < 0.05) factor = 1 / factor;
        view.zoomAt({640, 400}, factor);
        scene.board->setView(view);
        scene.paint();
    }
}

/// A frame after one cell was changed, and one in which everything is painted anew.
void strokeFrame(benchmark::State& state) {
    BoardScene scene;
    scene.setScale(1.25);
    scene.paintWhole();
    int x = 1300;
    for (auto _ : state) {
        level::Level level = *scene.session.document.level();
        const CellPoint at{x++ % 40 + 1270, 1270};
        level.cells.set(at, level::Cell({static_cast<std::uint16_t>(1 + x % 3)}));
        scene.session.document.apply({level, "Lay 1 cell", {at.x, at.y, 1, 1}});
        scene.paint();
    }
}

void wholeFrame(benchmark::State& state) {
    BoardScene scene;
    scene.setScale(1.25);
    for (auto _ : state) {
        scene.board->themeChanged();
        scene.paintWhole();
    }
}

/// One frame of a pan over a plan of 10,000 stroke segments, all of them in sight.
void panSketchFrame(benchmark::State& state) {
    BoardScene scene;
    level::Level level = *scene.session.document.level();
    level::Leaf leaf;
    leaf.name = "Leaf 1";
    leaf.opacity = 80;
    std::vector<level::Mark> marks;
    for (int stroke = 0; stroke < 200; ++stroke) {
        level::Mark mark;
        mark.id = {stroke + 1};
        mark.width = level::PencilWidth::Bold;
        std::vector<PxPoint> points;
        for (int i = 0; i <= 50; ++i)
            points.push_back({20000 + stroke % 10 * 128 + i * 5,
                              20000 + stroke / 10 * 38 + (i * i * 7 + stroke * 3) % 36});
        mark.points = std::move(points);
        marks.push_back(std::move(mark));
    }
    leaf.marks = std::move(marks);
    level.sketch.leaves = std::vector<level::Leaf>{leaf};
    scene.session.document.apply(level::LevelEdit{level, "Draw", {}});
    scene.session.workbench.setStep(Step::Sketch);
    scene.setScale(1);
    scene.paintWhole();
    panForthAndBack(state, scene);
}

/// From a stroke on the demo's first level to its verdict, through session, worker and signals.
void strokeToVerdict(benchmark::State& state) {
    Session session{app::allSteps()};
    if (!session.document.open(QStringLiteral(ROOK_SOURCE_DIR "/demo/lantern-weir"))) {
        state.SkipWithError("the demo cannot be opened");
        return;
    }
    const LiveReach live(session);
    const auto settle = [&] {
        while (!session.proofs.isCurrent(session.document.level()->id))
            QApplication::processEvents(QEventLoop::AllEvents, 5);
    };
    settle();
    int x = 0;
    for (auto _ : state) {
        level::Level level = *session.document.level();
        level.cells.set(30 + x++ % 40, 12, level::Cell({static_cast<std::uint16_t>(1 + x % 2)}));
        session.document.showGesture({level, "Lay 1 cell", {30, 12, 40, 1}});
        settle();
    }
}

BENCHMARK(strokeToVerdict)->Unit(benchmark::kMillisecond)->Iterations(100)->UseRealTime();
BENCHMARK(panFrame)
    ->Arg(15)
    ->Arg(250)
    ->Arg(1250)
    ->Arg(4000)
    ->Unit(benchmark::kMillisecond)
    ->Iterations(40);
BENCHMARK(panSketchFrame)->Unit(benchmark::kMillisecond)->Iterations(80);
BENCHMARK(zoomFrame)->Unit(benchmark::kMillisecond)->Iterations(60);
BENCHMARK(strokeFrame)->Unit(benchmark::kMillisecond)->Iterations(200);
BENCHMARK(wholeFrame)->Unit(benchmark::kMillisecond);

}  // namespace
