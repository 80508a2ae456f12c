#include <benchmark/benchmark.h>

#include <map>
#include <set>
#include <thread>

#include "level/project.h"
#include "puzzle/solver.h"

namespace {

using namespace rook;
namespace play = runtime::puzzle;

/// A yard without walls: a keeper, some casks, and as many places for them.
play::Board yard(int side, int casks) {
    level::Project project;
    std::vector<level::Kind> kinds(2);
    kinds[0].id = {"keeper"};
    kinds[0].counter.pushes = true;
    kinds[1].id = {"cask"};
    kinds[1].counter.isPushed = true;
    for (level::Kind& kind : kinds)
        kind.role = level::Role::Counter;
    project.kinds = kinds;
    level::Level level;
    level.kind = level::LevelKind::Puzzle;
    level.puzzle.board.columns = level.puzzle.board.rows = side;
    level.puzzle.rule.name = level::PuzzleRuleName::Push;
    level.puzzle.rule.goal.mark = "rest";
    std::vector<level::Slot> slotList;
    std::vector<level::Counter> counters(std::size_t(casks) + 1);
    counters[0].id = {"keeper"};
    counters[0].kind = {"keeper"};
    for (int i = 0; i < casks; ++i) {
        level::Slot slot;
        slot.at = {side - 1 - i, side - 1};
        slot.marks = {"rest"};
        slotList.insert(slotList.begin(), slot);
        counters[std::size_t(i) + 1].id = {"cask-" + std::to_string(i)};
        counters[std::size_t(i) + 1].kind = {"cask"};
        counters[std::size_t(i) + 1].at = {2 + i, 3};
    }
    level.puzzle.slotList = slotList;
    level.puzzle.counters = counters;
    return puzzle::boardOf(project, level).value();
}

void solver(benchmark::State& state, int side, int casks, std::uint64_t most, bool isTwo) {
    const play::Board board = yard(side, casks);
    std::uint64_t states = 0;
    for (auto _ : state) {
        puzzle::SolveOptions options;
        options.mostStates = most;
        options.usesTwoThreads = isTwo;
        states += puzzle::solve(board, options).states;
    }
    state.counters["states/s"] = benchmark::Counter(double(states), benchmark::Counter::kIsRate);
}

/// The same states, each a vector in a set, by the moves of the runtime.
void plainSearch(benchmark::State& state, int side, int casks, std::size_t most) {
    const play::Board board = yard(side, casks);
    std::uint64_t states = 0;
    for (auto _ : state) {
        std::set<std::vector<int>> known;
        std::vector<play::State> open{play::beginning(board)};
        const auto keyOf = [](std::vector<int> at) {
            std::sort(at.begin() + 1, at.end());
            return at;
        };
        known.insert(keyOf(open[0].at));
        for (std::size_t n = 0; n < open.size() && open.size() < most; ++n) {
            const play::State now = open[n];
            for (const play::Move& move : play::movesOf(board, now)) {
                play::State next = now;
                (void)play::apply(board, next, move);
                if (known.insert(keyOf(next.at)).second) open.push_back(std::move(next));
            }
        }
        states += open.size();
    }
    state.counters["states/s"] = benchmark::Counter(double(states), benchmark::Counter::kIsRate);
}

/// All that the solver tells of a board, each state a vector in a map: least moves, states, and
/// which are dead, by the moves of the runtime.
void plainVerdict(benchmark::State& state, int side, int casks) {
    const play::Board board = yard(side, casks);
    std::uint64_t states = 0;
    for (auto _ : state) {
        std::map<std::vector<int>, std::size_t> known;
        std::vector<play::State> open{play::beginning(board)};
        std::vector<std::vector<std::size_t>> before(1);
        const auto keyOf = [](std::vector<int> at) {
            std::sort(at.begin() + 1, at.end());
            return at;
        };
        known.emplace(keyOf(open[0].at), 0);
        for (std::size_t n = 0; n < open.size(); ++n) {
            const play::State now = open[n];
            if (play::isMet(board, now)) continue;
            for (const play::Move& move : play::movesOf(board, now)) {
                play::State next = now;
                (void)play::apply(board, next, move);
                const auto [at, isNew] = known.emplace(keyOf(next.at), open.size());
                if (isNew) {
                    open.push_back(std::move(next));
                    before.emplace_back();
                }
                before[at->second].push_back(n);
            }
        }
        std::vector<bool> isAlive(open.size());
        std::vector<std::size_t> alive;
        for (std::size_t n = 0; n < open.size(); ++n)
            if (play::isMet(board, open[n])) alive.push_back(n);
        for (const std::size_t n : alive)
            isAlive[n] = true;
        for (std::size_t k = 0; k < alive.size(); ++k)
            for (const std::size_t n : before[alive[k]])
                if (!isAlive[n]) {
                    isAlive[n] = true;
                    alive.push_back(n);
                }
        benchmark::DoNotOptimize(alive.size());
        states += open.size();
    }
    state.counters["states/s"] = benchmark::Counter(double(states), benchmark::Counter::kIsRate);
}

/// From asking to stop to being back, ms.
void cancelling(benchmark::State& state) {
    const play::Board board = yard(10, 4);
    double slowest = 0;
    for (auto _ : state) {
        std::atomic<bool> cancel = false;
        std::chrono::steady_clock::time_point asked;
        puzzle::SolveOptions options;
        options.cancel = &cancel;
        std::thread canceller([&] {
            std::this_thread::sleep_for(std::chrono::milliseconds(700));
            asked = std::chrono::steady_clock::now();
            cancel = true;
        });
        benchmark::DoNotOptimize(puzzle::solve(board, options));
        const std::chrono::duration<double, std::milli> took =
            std::chrono::steady_clock::now() - asked;
        canceller.join();
        slowest = std::max(slowest, took.count());
    }
    state.counters["ms"] = slowest;
}

const int registered = [] {
    benchmark::RegisterBenchmark("puzzle/push 10x10, 4 casks, a core", [](auto& state) {
        solver(state, 10, 4, 3'000'000, false);
    })->Unit(benchmark::kMillisecond);
    benchmark::RegisterBenchmark("puzzle/push 10x10, 4 casks, two cores",
                                 [](auto& state) { solver(state, 10, 4, 3'000'000, true); })
        ->Unit(benchmark::kMillisecond)
        ->UseRealTime();
    benchmark::RegisterBenchmark("puzzle/push 10x10, 4 casks, plain search",
                                 [](auto& state) { plainSearch(state, 10, 4, 3'000'000); })
        ->Unit(benchmark::kMillisecond)
        ->Iterations(1);
    benchmark::RegisterBenchmark("puzzle/push 7x7, 3 casks, the whole verdict, a core",
                                 [](auto& state) { solver(state, 7, 3, 20'000'000, false); })
        ->Unit(benchmark::kMillisecond);
    benchmark::RegisterBenchmark("puzzle/push 7x7, 3 casks, the whole verdict, two cores",
                                 [](auto& state) { solver(state, 7, 3, 20'000'000, true); })
        ->Unit(benchmark::kMillisecond)
        ->UseRealTime();
    benchmark::RegisterBenchmark("puzzle/push 7x7, 3 casks, the whole verdict, plainly",
                                 [](auto& state) { plainVerdict(state, 7, 3); })
        ->Unit(benchmark::kMillisecond)
        ->Iterations(1);
    benchmark::RegisterBenchmark("puzzle/20,000,000 states, two cores",
                                 [](auto& state) { solver(state, 10, 4, 20'000'000, true); })
        ->Unit(benchmark::kMillisecond)
        ->UseRealTime()
        ->Iterations(1);
    benchmark::RegisterBenchmark("puzzle/cancel", cancelling)
        ->Unit(benchmark::kMillisecond)
        ->Iterations(5);
    return 0;
}();

}  // namespace
