/// 100,000 entities in one level: what a frame has to do with them.

#include <benchmark/benchmark.h>

#include <QImage>
#include <QPainter>

#include "app/entity_painter.h"
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
    app::View view;
    view.zoomAt({}, scale);
    for (auto _ : state) {
        QPainter painter(&image);
        paintEntities(painter, scene, view, app::entityLookOf(app::Step::Cast), {}, image.rect());
    }
}
BENCHMARK_CAPTURE(castPaint, whole, 0.03)->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(castPaint, near, 1.0)->Unit(benchmark::kMillisecond);

void castPick(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(app::entityAt(*crowded().levels[0], {16000, 9000}, 1));
}
BENCHMARK(castPick)->Unit(benchmark::kMillisecond);

void castFindings(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(check::castFindings(crowded(), *crowded().levels[0]));
}
BENCHMARK(castFindings)->Unit(benchmark::kMillisecond);

}  // namespace
