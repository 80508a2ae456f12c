/// Kit boards: audit, placing, and frames of the view aslant.

#include <benchmark/benchmark.h>

#include <QElapsedTimer>

#include "app/board/board.h"
#include "app/shell/all_steps.h"
#include "app/steps/kit/axon_view.h"
#include "kit/audit.h"
#include "kit/depth_scene.h"
#include "kit/edits.h"
#include "kit/joins.h"
#include "kit/pieces.h"
#include "kit/walk_graph.h"

namespace {

using namespace rook;
using namespace rook::app;

/// So many pieces: rooms of floors with halls in between, on as many storeys as it takes; and so
/// many crates on them, half a module wide.
level::Project kitProject(int pieces, int solids = 0) {
    level::Project project;
    project.name = "Bench";
    project.kits = std::vector<level::Kit>{kit::plainKit("plain", "Plain")};
    project.profiles = std::vector<level::MotionProfile>{level::MotionProfile{}};
    level::Level level;
    level.id = {"kit"};
    level.kind = level::LevelKind::Kit;
    level.kit = "plain";
    level.cellSize = {32, 32};
    level.cells = Grid<level::Cell>(72, 72);
    std::vector<level::PlacedPiece> all;
    const char* const names[] = {"floor", "floor", "crossing", "hallway", "wall"};
    for (int i = 0; i < pieces; ++i) {
        level::PlacedPiece placed;
        placed.id = i + 1;
        placed.piece = names[i % 5];
        placed.at = {i % 70, i / 70 % 70};
        placed.storey = i / 4900;
        placed.turn = i % 4;
        all.push_back(placed);
    }
    level.pieces = std::move(all);
    std::vector<level::Solid> crates;
    for (int i = 0; i < solids; ++i) {
        level::Solid crate;
        crate.id = pieces + i + 1;
        crate.x = Rational(4 * (i % 70) + 1, 4);
        crate.y = Rational(4 * (i / 70 % 70) + 1, 4);
        crate.width = crate.depth = Rational(1, 2);
        crate.height = {500};
        crates.push_back(crate);
    }
    level.solids = std::move(crates);
    project.levels.push_back(std::make_shared<const level::Level>(std::move(level)));
    return project;
}

void auditOfKit(benchmark::State& state) {
    const level::Project project = kitProject(int(state.range(0)), int(state.range(1)));
    for (auto _ : state)
        benchmark::DoNotOptimize(kit::auditOf(project.kits[0], *project.levels[0]));
}
BENCHMARK(auditOfKit)
    ->ArgsProduct({{2000, 20000}, {0, 2000}})
    ->ArgNames({"pieces", "solids"})
    ->Unit(benchmark::kMillisecond);

/// What a pointer meets, each piece of 200 triangles; and by trying each triangle.
void hitOfKit(benchmark::State& state) {
    const level::Project project = kitProject(int(state.range(0)));
    const bool isPlain = state.range(1) != 0;
    const level::Kit& kit = project.kits[0];
    kit::Mesh mesh;
    for (int y = 0; y <= 10; ++y)
        for (int x = 0; x <= 10; ++x)
            mesh.points.push_back({x * 0.4 - 2, y * 0.4 - 2, 0.3 * ((x + y) % 3)});
    for (std::uint32_t y = 0; y < 10; ++y)
        for (std::uint32_t x = 0; x < 10; ++x) {
            const std::uint32_t a = y * 11 + x;
            mesh.triangles.push_back({a, a + 11, a + 12});
            mesh.triangles.push_back({a, a + 12, a + 1});
        }
    std::map<std::string, kit::Mesh> meshes;
    for (const level::Piece& piece : kit.pieces)
        meshes[piece.name] = mesh;
    const kit::DepthScene scene(kit, *project.levels[0], kit::shapesOf(kit, meshes));
    const kit::PictureSize size{1280, 800};
    const kit::Camera camera =
        kit::lookedAt(scene.bounds(), size, kit::Outlook::Corner, 1, false, true);
    int round = 0;
    for (auto _ : state) {
        round = (round * 7 + 13) % 1000;
        const kit::Ray ray = kit::rayAt(camera, size, {140.0 + round, 100.0 + round * 0.6});
        if (!isPlain) {
            benchmark::DoNotOptimize(scene.hit(camera, ray, {}));
            continue;
        }
        double limit = 1e300;
        for (const auto& item : scene.items())
            if (const auto hit = item.shape->hitPlainly(item.standing.toShape(ray), limit, {}))
                limit = hit->t;
        benchmark::DoNotOptimize(limit);
    }
}
BENCHMARK(hitOfKit)
    ->ArgsProduct({{2000, 20000}, {0, 1}})
    ->ArgNames({"pieces", "plain"})
    ->Unit(benchmark::kMicrosecond);

void indexOfKit(benchmark::State& state) {
    const level::Project project = kitProject(int(state.range(0)));
    for (auto _ : state)
        benchmark::DoNotOptimize(kit::PlacedIndex(project.kits[0], *project.levels[0]));
}
BENCHMARK(indexOfKit)->Arg(20000)->Unit(benchmark::kMillisecond);

void walkGraphOfKit(benchmark::State& state) {
    const level::Project project = kitProject(int(state.range(0)), int(state.range(1)));
    const kit::PlacedIndex index(project.kits[0], *project.levels[0]);
    for (auto _ : state)
        benchmark::DoNotOptimize(kit::WalkGraph(project.kits[0], *project.levels[0], index));
}
BENCHMARK(walkGraphOfKit)
    ->ArgsProduct({{20000}, {0, 2000}})
    ->ArgNames({"pieces", "solids"})
    ->Unit(benchmark::kMillisecond);

/// Where a piece goes, and its edit: what a click costs besides `indexFollows`.
void placeInKit(benchmark::State& state) {
    const level::Project project = kitProject(int(state.range(0)));
    const level::Kit& kit = project.kits[0];
    const level::Level& level = *project.levels[0];
    const kit::PlacedIndex index(kit, level);
    const level::Piece& piece = *kit.find("hallway");
    for (auto _ : state) {
        const auto proposal =
            kit::proposedAt(kit, level, index, piece, {71 * 32, 20 * 32 + 16}, 0, 0, 45);
        const auto edit = kit::place(kit, level, {proposal.placed}, "Place");
        benchmark::DoNotOptimize(edit);
    }
}
BENCHMARK(placeInKit)->Arg(20000)->Unit(benchmark::kMillisecond);

/// The index after one more piece, beside one that is built anew (`indexOfKit`).
void indexFollows(benchmark::State& state) {
    const level::Project project = kitProject(int(state.range(0)));
    const level::Kit& kit = project.kits[0];
    const level::Level before = *project.levels[0];
    level::PlacedPiece one;
    one.piece = "floor";
    one.at = {71, 71};
    const auto after = kit::place(kit, before, {one}, "Place");
    kit::PlacedIndex index(kit, before);
    for (auto _ : state) {
        kit::PlacedIndex copy;
        state.PauseTiming();
        copy = index;
        state.ResumeTiming();
        copy.follow(kit, before.pieces, after->level);
        benchmark::DoNotOptimize(copy);
    }
}
BENCHMARK(indexFollows)->Arg(20000)->Unit(benchmark::kMillisecond);

/// One frame of a pan, with all sprites made.
void axonPan(benchmark::State& state) {
    Session session{app::allSteps()};
    session.document.startNew(kitProject(int(state.range(0))));
    Board board(session);
    board.resize(900, 700);
    AxonView view(session, board, nullptr);
    view.resize(900, 700);
    QImage frame(900, 700, QImage::Format_RGB32);
    view.fit();
    view.render(&frame);
    double worst = 0;
    for (auto _ : state) {
        view.panBy({3, 2});
        QElapsedTimer timer;
        timer.start();
        view.render(&frame);
        worst = std::max(worst, double(timer.nsecsElapsed()) / 1e6);
        if (state.iterations() % 40 == 39) view.fit();
    }
    state.counters["worstMs"] = worst;
}
BENCHMARK(axonPan)->Arg(2000)->Unit(benchmark::kMillisecond)->Iterations(40);

}  // namespace
