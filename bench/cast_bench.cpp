/// 100,000 entities in one level: what a frame has to do with them.

#include <benchmark/benchmark.h>

#include <QApplication>
#include <QElapsedTimer>
#include <QImage>
#include <QMouseEvent>
#include <QPainter>

#include "app/board/board.h"
#include "app/painting/entity_painter.h"
#include "app/shell/all_steps.h"
#include "app/steps/cast/cast_definition.h"
#include "check/cast.h"
#include "file/project_file.h"
#include "level/cast_edits.h"

namespace {

using namespace rook;

constexpr int entityCount = 100000;

const level::Project& crowded() {
    static const level::Project project = [] {
        level::Project made = file::newProject("Crowd");
        level::Level level = *made.levels[0];
        level.cells = Grid<level::Cell>(2048, 1024);
        std::vector<level::Entity> entities;
        for (int i = 0; i < entityCount; ++i) {
            level::Entity entity;
            entity.id = {"pickup-" + std::to_string(i + 1)};
            entity.kind = {"pickup"};
            entity.box = {i % 400 * 80 + 4, i / 400 * 60 + 4, 8, 8};
            entities.push_back(std::move(entity));
        }
        level.entities = std::move(entities);
        made.levels[0] = std::make_shared<const level::Level>(std::move(level));
        return made;
    }();
    return project;
}

/// The measure of the others: all of them copied once.
void castCopied(benchmark::State& state) {
    const auto& list = crowded().levels[0]->entities.items();
    for (auto _ : state) {
        std::vector<level::Entity> copy = list;
        benchmark::DoNotOptimize(copy.data());
    }
}
BENCHMARK(castCopied)->Unit(benchmark::kMillisecond);

void castMoveTen(benchmark::State& state) {
    std::vector<EntityId> ids;
    for (int i = 0; i < 10; ++i)
        ids.push_back({"pickup-" + std::to_string(i * 9000 + 1)});
    for (auto _ : state) {
        auto edit = moveEntities(*crowded().levels[0], ids, 1, 0);
        benchmark::DoNotOptimize(edit);
    }
}
BENCHMARK(castMoveTen)->Unit(benchmark::kMillisecond);

void castMoveAll(benchmark::State& state) {
    std::vector<EntityId> ids;
    for (const level::Entity& entity : crowded().levels[0]->entities)
        ids.push_back(entity.id);
    for (auto _ : state) {
        auto edit = moveEntities(*crowded().levels[0], ids, 1, 0);
        benchmark::DoNotOptimize(edit);
    }
}
BENCHMARK(castMoveAll)->Unit(benchmark::kMillisecond);

void castPaint(benchmark::State& state, double scale) {
    const level::Project& project = crowded();
    QImage image(960, 560, QImage::Format_RGB32);
    image.fill(Qt::white);
    app::MatterScene scene{&project, project.levels[0].get(), nullptr, {}};
    level::EntityPlaces places;
    places.follow(scene.level->entities);
    scene.places = &places;
    app::View view;
    view.zoomAt({}, scale);
    for (auto _ : state) {
        QPainter painter(&image);
        paintEntities(painter, scene, view, {app::castDefinition().entities, true, {}, {}}, {},
                      image.rect());
    }
}
BENCHMARK_CAPTURE(castPaint, whole, 0.03)->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(castPaint, near, 1.0)->Unit(benchmark::kMillisecond);

void castPick(benchmark::State& state) {
    level::EntityPlaces places;
    for (auto _ : state) {
        places.follow(crowded().levels[0]->entities);
        benchmark::DoNotOptimize(app::entityAt(places, {16000, 9000}, 1));
    }
}
BENCHMARK(castPick)->Unit(benchmark::kMillisecond);

void castFindings(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(check::castFindings(crowded(), *crowded().levels[0]));
}
BENCHMARK(castFindings)->Unit(benchmark::kMillisecond);

/// A drag of all of them over the board, as the mouse does it: each move and its frame, the let-go
/// apart. The select all before it is a frame of its own.
void castDragAll(benchmark::State& state) {
    app::Session session(app::allSteps());
    session.document.startNew(crowded());
    session.workbench.setStep(app::Step::Cast);
    session.workbench.chooseTool("select");
    app::Board board(session);
    board.resize(1000, 570);
    QImage frame(1000, 570, QImage::Format_RGB32);
    board.render(&frame);
    app::View view = board.view();
    view.zoomAt({}, 0.25 / view.scale());
    view.setOffset({1000, 1000});
    board.setView(view);
    do
        board.render(&frame);
    while (!board.isComplete());
    const auto send = [&](QEvent::Type type, QPointF at, Qt::MouseButtons held) {
        QMouseEvent event(type, at, board.mapToGlobal(at),
                          type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton, held, {});
        QApplication::sendEvent(&board, &event);
        board.render(&frame);
    };
    QElapsedTimer timer;
    const auto timed = [&](auto&& what) {
        timer.start();
        what();
        return double(timer.nsecsElapsed()) / 1e6;
    };
    app::Selection all;
    for (const level::Entity& entity : session.document.level()->entities)
        all.entities.push_back(entity.id);
    const double select = timed([&] {
        session.workbench.select(all);
        board.render(&frame);
    });
    const level::Entity& held = session.document.level()->entities[50200];
    const QPointF at = board.view().toWidget(held.box).center();
    send(QEvent::MouseButtonPress, at, Qt::LeftButton);
    double worst = 0, by = 0;
    for (auto _ : state) {
        by += 4;
        worst = std::max(
            worst, timed([&] { send(QEvent::MouseMove, at + QPointF(by, 0), Qt::LeftButton); }));
    }
    state.counters["worstMs"] = worst;
    state.counters["selectMs"] = select;
    state.counters["letGoMs"] =
        timed([&] { send(QEvent::MouseButtonRelease, at + QPointF(by, 0), Qt::NoButton); });
    const bool isMoved = session.document.level()->entities[50200].box.x !=
                         crowded().levels[0]->entities[50200].box.x;
    if (!isMoved) state.SkipWithError("nothing was moved");
}
BENCHMARK(castDragAll)->Unit(benchmark::kMillisecond)->Iterations(20);

}  // namespace
