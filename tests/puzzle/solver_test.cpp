/// The solver against a plain search over random levels of every arrangement and rule.

#include "puzzle/solver.h"
#include "puzzle/own_way.h"

#include "plain.h"
#include "random_puzzle.h"
#include "testing.h"

namespace rook::puzzle_solver_test {

using level::PuzzleRuleName;
using puzzle::Solution;
namespace play = runtime::puzzle;

class PuzzleSolverTest : public QObject {
    Q_OBJECT
private slots:
    void solver_equalsPlainSearch_data();
    void solver_equalsPlainSearch();
    void settling_equalsAPlainProgram();
    void runtime_refusesWhatIsNoMove();
    void limits_areKept_andCancelled();
    void dead_isTold_forStatesThatWereReached();
    void equalCounters_standForEachOther();
    void hint_isFromWhereOneIs();
    void ownWay_isThatOfAPlainSearch();
};

namespace {

int rounds(int standard) {
    const char* text = std::getenv("ROOK_ROUNDS");
    return text ? std::atoi(text) : standard;
}

std::vector<int> groupsOf(const play::Board& board, bool isDistinct) {
    std::map<std::string, int> known;
    std::vector<int> groups;
    for (std::size_t i = 0; i < board.counters.size(); ++i) {
        const auto& counter = board.counters[i];
        std::string key = counter.kind + "/" + std::to_string(counter.turn);
        if (counter.slot < 0 || isDistinct) key += "/" + counter.id;
        for (const auto& goal : board.goals)
            if (goal.counter == int(i)) key += "/" + counter.id;
        groups.push_back(known.try_emplace(key, int(known.size())).first->second);
    }
    return groups;
}

/// The moves lead to the goal, by the runtime.
bool replays(const play::Board& board, const std::vector<play::Move>& moves) {
    play::State state = play::beginning(board);
    for (const play::Move& move : moves)
        if (!play::apply(board, state, move)) return false;
    return play::outcomeOf(board, state) == play::Outcome::Won;
}

/// One keeper and some casks on a board without walls.
play::Board yard(int columns, int rows, const std::vector<int>& casks,
                 const std::vector<int>& goals) {
    const level::Project project = testing::puzzleProject();
    level::Level level;
    level.kind = level::LevelKind::Puzzle;
    level.puzzle.board.columns = columns;
    level.puzzle.board.rows = rows;
    level.puzzle.rule.name = PuzzleRuleName::Push;
    level.puzzle.rule.goal.mark = "rest";
    const puzzle::Geometry geometry(level.puzzle.board);
    std::vector<level::Slot> places;
    for (const int at : goals) {
        level::Slot slot;
        slot.at = geometry.addressOf(at);
        slot.marks = {"rest"};
        places.push_back(slot);
    }
    level.puzzle.slotList = places;
    std::vector<level::Counter> counters(casks.size() + 1);
    counters[0].id = {"keeper"};
    counters[0].kind = {"keeper"};
    for (std::size_t i = 0; i < casks.size(); ++i) {
        counters[i + 1].id = {"cask-" + std::to_string(i)};
        counters[i + 1].kind = {"cask"};
        counters[i + 1].at = geometry.addressOf(casks[i]);
    }
    level.puzzle.counters = counters;
    return puzzle::boardOf(project, level).value();
}

}  // namespace

void PuzzleSolverTest::solver_equalsPlainSearch_data() {
    QTest::addColumn<int>("rule");
    QTest::addRow("slide") << int(PuzzleRuleName::Slide);
    QTest::addRow("push") << int(PuzzleRuleName::Push);
    QTest::addRow("pour") << int(PuzzleRuleName::Pour);
    QTest::addRow("gather") << int(PuzzleRuleName::Gather);
}

void PuzzleSolverTest::solver_equalsPlainSearch() {
    QFETCH(int, rule);
    const auto seed = testing::seedOr(20'261'130) + std::uint64_t(rule);
    Random random(seed);
    const level::Project project = testing::puzzleProject();
    int compared = 0, solved = 0, dead = 0;
    for (int round = 0; compared < rounds(150) && round < 40'000; ++round) {
        const level::Level level =
            testing::randomPuzzle(random, project, static_cast<PuzzleRuleName>(rule));
        const auto board = puzzle::boardOf(project, level);
        if (!board) continue;
        const bool isDistinct = random.chance(30);
        const plain::Answer plain = plain::search(*board, groupsOf(*board, isDistinct), 4000);
        if (!plain.isWhole || plain.states < 3) continue;
        puzzle::SolveOptions options;
        options.isDistinct = isDistinct;
        options.usesTwoThreads = random.chance(50);
        // So that what leads where must be asked for again.
        if (random.chance(30)) options.mostBytes = 400'000'000;
        const Solution solution = puzzle::solve(*board, options);
        const QByteArray where =
            "seed " + QByteArray::number(qulonglong(seed)) + ", round " + QByteArray::number(round);
        QVERIFY2(solution.isWhole, where);
        QVERIFY2(solution.states == plain.states,
                 where + ": " + QByteArray::number(qulonglong(solution.states)) + " for " +
                     QByteArray::number(qulonglong(plain.states)));
        QVERIFY2((solution.verdict == Solution::Verdict::Solved) == (plain.least >= 0), where);
        QVERIFY2(solution.dead == plain.dead, where);
        if (plain.least >= 0) {
            QVERIFY2(solution.least == plain.least, where);
            QVERIFY2(solution.sequences == plain.sequences, where);
            QVERIFY2(replays(*board, solution.moves), where);
            QVERIFY2(solution.onlyWays <= solution.least, where);
            ++solved;
        }
        dead += plain.dead > 0 && plain.least >= 0 ? 1 : 0;
        ++compared;
    }
    qInfo("seed %llu: %d compared, %d solved, %d of them with dead states",
          static_cast<unsigned long long>(seed), compared, solved, dead);
    QVERIFY(compared >= std::min(rounds(150), 20));
    // Of few levels there may be few that are solved.
    QVERIFY(solved > (compared < 100 ? 0 : compared / 10));
}

void PuzzleSolverTest::settling_equalsAPlainProgram() {
    const auto seed = testing::seedOr(7'301);
    Random random(seed);
    const level::Project project = testing::puzzleProject();
    int settled = 0, taken = 0;
    for (int round = 0; settled < rounds(100) * 20 && round < 200'000; ++round) {
        level::Level level = testing::randomPuzzle(random, project, PuzzleRuleName::Gather);
        // More and higher stacks than there are at the start of a level.
        level.puzzle.slotList.edit([&](auto& places) {
            for (auto& slot : places)
                if (slot.state == level::SlotState::Plain)
                    slot.stack = testing::detail::randomStack(random, 8);
        });
        const auto board = puzzle::boardOf(project, level);
        if (!board) continue;
        const plain::Game game(*board);
        plain::State wanted = game.start();
        play::State state = play::beginning(*board);
        const int slot = random.between(0, int(board->slotList.size()) - 1);
        if (board->slotList[std::size_t(slot)].state != play::SlotState::Plain) continue;
        game.settle(wanted, slot);
        play::detail::settle(*board, state, slot);
        for (std::size_t i = 0; i < state.stacks.size(); ++i)
            QVERIFY2(std::equal(state.stacks[i].begin(), state.stacks[i].end(),
                                wanted.stacks[i].begin(), wanted.stacks[i].end()),
                     "seed " + QByteArray::number(qulonglong(seed)));
        QVERIFY(std::equal(state.tallies.begin(), state.tallies.end(), wanted.tallies.begin()));
        taken += state.tallies != board->tallies ? 1 : 0;
        ++settled;
    }
    QVERIFY(settled >= rounds(100) && taken > settled / 50);
}

void PuzzleSolverTest::runtime_refusesWhatIsNoMove() {
    const auto seed = testing::seedOr(99);
    Random random(seed);
    const level::Project project = testing::puzzleProject();
    for (int round = 0; round < rounds(150) * 4; ++round) {
        const auto board = puzzle::boardOf(
            project, testing::randomPuzzle(random, project,
                                           static_cast<PuzzleRuleName>(random.between(1, 4))));
        if (!board) continue;
        const play::State start = play::beginning(*board);
        const std::vector<play::Move> moves = play::movesOf(*board, start);
        for (int i = 0; i < 20; ++i) {
            play::Move move;
            move.sort = static_cast<play::Move::Sort>(random.between(0, 3));
            move.counter = random.between(-1, 5);
            move.direction = random.between(-1, 8);
            move.distance = random.between(0, 3);
            move.from = random.between(-1, 20);
            move.to = random.between(-1, 20);
            play::State state = start;
            const bool isDone = play::apply(*board, state, move);
            const bool isKnown =
                std::any_of(moves.begin(), moves.end(), [&](const play::Move& known) {
                    if (known.sort != move.sort) return false;
                    if (move.sort == play::Move::Sort::Step)
                        return known.counter == move.counter && known.distance == move.distance &&
                               known.direction == move.direction;
                    return known.to == move.to &&
                           (known.from == move.from || move.sort != play::Move::Sort::Pour);
                });
            QVERIFY2(isDone == isKnown, "seed " + QByteArray::number(qulonglong(seed)));
            if (!isDone) QVERIFY(state == start);
        }
    }
}

void PuzzleSolverTest::limits_areKept_andCancelled() {
    const play::Board board = yard(10, 10, {33, 36, 63, 66}, {0, 9, 90, 99});
    puzzle::SolveOptions options;
    options.mostStates = 50'000;
    const Solution few = puzzle::solve(board, options);
    QCOMPARE(few.verdict, Solution::Verdict::NotDecided);
    QVERIFY(!few.isWhole && few.states >= 50'000 && few.states < 80'000);
    QVERIFY(few.depth > 5);
    std::atomic<bool> cancel = false;
    options.mostStates = 20'000'000;
    options.cancel = &cancel;
    int told = 0;
    options.progress = [&](std::uint64_t states, int) {
        ++told;
        if (states > 300'000) cancel = true;
    };
    QCOMPARE(puzzle::solve(board, options).verdict, Solution::Verdict::Cancelled);
    QVERIFY(told > 1);
    // Found before the limit: the least is told, the rest is not known.
    const play::Board near = yard(10, 10, {11, 55}, {21, 65});
    options = {};
    options.mostStates = 20'000;
    const Solution some = puzzle::solve(near, options);
    QCOMPARE(some.verdict, Solution::Verdict::Solved);
    QVERIFY(!some.isWhole && replays(near, some.moves));
    // The same least number as when all is seen.
    const Solution all = puzzle::solve(near);
    QVERIFY(all.isWhole);
    QCOMPARE(all.least, some.least);
    QCOMPARE(all.moves, some.moves);
}

void PuzzleSolverTest::dead_isTold_forStatesThatWereReached() {
    const play::Board board = yard(4, 3, {5}, {4});
    const Solution solution = puzzle::solve(board);
    QCOMPARE(solution.verdict, Solution::Verdict::Solved);
    QVERIFY(solution.explored && solution.dead > 0 && solution.dead < solution.states);
    play::State state = play::beginning(board);
    QCOMPARE(solution.explored->isDead(state), std::optional(false));
    state.at[1] = 3;  // in a corner that is no goal
    QCOMPARE(solution.explored->isDead(state), std::optional(true));
    state.at[1] = state.at[0];
    QVERIFY(!solution.explored->isDead(state));
    // By slot: in the corner it is dead, whatever the rest.
    const auto& cask = solution.places[1];
    QVERIFY(cask[3].states > 0);
    QCOMPARE(cask[3].dead, cask[3].states);
    QCOMPARE(cask[4].dead, std::uint64_t{0});
    std::uint64_t states = 0, dead = 0;
    for (const puzzle::PlaceFigures& each : cask) {
        states += each.states;
        dead += each.dead;
    }
    QCOMPARE(states, solution.states);
    QCOMPARE(dead, solution.dead);
}

void PuzzleSolverTest::equalCounters_standForEachOther() {
    const play::Board board = yard(4, 4, {5, 10}, {6, 9});
    puzzle::SolveOptions options;
    const Solution same = puzzle::solve(board, options);
    options.isDistinct = true;
    const Solution apart = puzzle::solve(board, options);
    QCOMPARE(same.least, apart.least);
    QVERIFY(apart.states > same.states);
    QCOMPARE(apart.moves.size(), same.moves.size());
}

void PuzzleSolverTest::hint_isFromWhereOneIs() {
    const play::Board board = yard(5, 4, {6, 8}, {12, 13});
    const Solution whole = puzzle::solve(board);
    QCOMPARE(whole.verdict, Solution::Verdict::Solved);
    play::State state = play::beginning(board);
    puzzle::SolveOptions options;
    options.stopsAtGoal = true;
    for (int left = whole.least; left > 0; --left) {
        const Solution hint = puzzle::solveFrom(board, state, options);
        QCOMPARE(hint.least, left);
        QVERIFY(play::apply(board, state, hint.moves.front()));
    }
    QVERIFY(play::isMet(board, state));
    QCOMPARE(puzzle::solveFrom(board, state).least, 0);
}

ROOK_TEST(PuzzleSolverTest)

/// Against all moves of the runtime, of which those of others are left out.
void PuzzleSolverTest::ownWay_isThatOfAPlainSearch() {
    const auto seed = testing::seedOr(20'261'201);
    Random random(seed);
    const level::Project project = testing::puzzleProject();
    int found = 0, none = 0;
    for (int round = 0; round < rounds(150) * 4; ++round) {
        const level::Level level = testing::randomPuzzle(
            random, project, random.chance(50) ? PuzzleRuleName::Slide : PuzzleRuleName::Push);
        const auto board = puzzle::boardOf(project, level);
        if (!board || board->counters.empty()) continue;
        const play::State start = play::beginning(*board);
        const auto counter = std::size_t(random.between(0, int(board->counters.size()) - 1));
        if (start.at[counter] < 0) continue;
        const int slot = random.between(0, int(board->slotList.size()) - 1);
        std::vector<std::pair<play::State, int>> open{{start, 0}};
        std::set<int> known{start.at[counter]};
        int plain = -1;
        for (std::size_t n = 0; n < open.size() && plain < 0; ++n) {
            const auto now = open[n];
            for (const play::Move& move : play::movesOf(*board, now.first)) {
                if (move.counter != int(counter)) continue;
                play::State next = now.first;
                QVERIFY(play::apply(*board, next, move));
                const auto under =
                    play::detail::covered(*board, next, board->counters[counter], next.at[counter]);
                if (std::find(under.begin(), under.end(), slot) != under.end()) {
                    plain = now.second + 1;
                    break;
                }
                play::State alone = now.first;
                alone.at[counter] = next.at[counter];
                if (alone == next && known.insert(next.at[counter]).second)
                    open.emplace_back(next, now.second + 1);
            }
        }
        const auto moves = puzzle::ownWay(*board, start, int(counter), slot);
        const QByteArray where =
            "seed " + QByteArray::number(qulonglong(seed)) + ", round " + QByteArray::number(round);
        QVERIFY2(int(moves.size()) == std::max(plain, 0), where);
        play::State state = start;
        for (const play::Move& move : moves)
            QVERIFY2(move.counter == int(counter) && play::apply(*board, state, move), where);
        ++(plain < 0 ? none : found);
    }
    const int enough = std::min(rounds(150), 150) / 7;
    QVERIFY2(found >= enough && none >= enough,
             QByteArray::number(found) + " found, " + QByteArray::number(none) + " not");
}

}  // namespace rook::puzzle_solver_test

#include "solver_test.moc"
