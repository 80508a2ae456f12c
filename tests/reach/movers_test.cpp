/// Reach with movers against a breadth-first search over single states and ticks.

#include <numeric>

#include "reach/by_the_clock.h"
#include "reach/run_finder.h"
#include "reach/waiting_runs.h"
#include "reach_brute_force.h"
#include "testing.h"

namespace rook::movers_test {

using testing::Search;

namespace {

/// Every input from every state in every tick of the common period; none if there are too many.
std::optional<Search> searchWithClock(const reach::Problem& problem) {
    using runtime::Body;
    runtime::Parts parts = testing::partsOf(problem);
    parts.movers = problem.parts.movers;
    long long period = 1;
    for (const runtime::Mover& mover : parts.movers)
        period = std::lcm(period, static_cast<long long>(mover.periodTicks));
    const runtime::MotionTables tables = testing::freelyOf(problem);
    const runtime::World world(problem.frame, *problem.cells, tables, parts);
    Search search;
    const auto keyOf = [](const Body& body) {
        return std::tuple_cat(testing::keyOf(body), std::make_tuple(body.tick));
    };
    std::unordered_set<decltype(keyOf(Body())), testing::KeyHash> known;
    std::deque<Body> open;
    const auto add = [&](Body body) {
        if (body.stance == runtime::Stance::Ended) return known.size();
        search.visited.insert({body.x, body.y});
        // The very first tick is told from all others: nothing was under the body before.
        if (body.tick > 0) body.tick = (body.tick - 1) % period + 1;
        if (known.insert(keyOf(body)).second) open.push_back(body);
        return known.size();
    };
    add(runtime::bodyAt(level::boxOf(*problem.start), world, tables));
    if (!testing::searchOn(world, tables, open, search, 20000, add)) return std::nullopt;
    return search;
}

}  // namespace

class MoversTest : public QObject {
    Q_OBJECT
private slots:
    void reach_isBetweenItsTwoSolves_onRandomLevels();
    void whatLiesBehindARide_isReachedWithTheClock_andNothingElse();
};

void MoversTest::reach_isBetweenItsTwoSolves_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(20261124);
    const int rounds = qEnvironmentVariableIntValue("ROOK_ROUNDS");
    const int count = rounds > 0 ? rounds : 160;
    int ridden = 0, decided = 0, undecided = 0;
    for (int round = 0; round < count; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        reach::Problem problem = testing::randomProblem(random);
        testing::seeFromTheSide(problem.tables);
        if (reach::solve(problem).states > 1200) continue;  // too slow with a clock
        for (int movers = random.between(1, 2); movers > 0; --movers)
            problem.parts.movers.push_back(testing::randomMover(random, problem.frame));
        const auto found = searchWithClock(problem);
        if (!found) continue;
        const reach::Reached reached = reach::solve(problem);
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        QVERIFY2(reached.completion == reach::Completion::Complete, where);
        std::vector<std::pair<int, int>> byMovers;
        for (int y = -reached.top; y < reached.visited.height() - reached.top; ++y) {
            for (int x = -reached.left; x < reached.visited.width() - reached.left; ++x) {
                const QByteArray at =
                    where + " x " + QByteArray::number(x) + " y " + QByteArray::number(y);
                const bool isMet = found->visited.contains({x, y});
                const bool isSure = reached.isVisited({x, y});
                const bool mayBe = reached.byMovers.width() > 0 &&
                                   reached.byMovers.test(x + reached.left, y + reached.top);
                QVERIFY2(!isSure || isMet, at + " is sure and wrong");
                QVERIFY2(!isMet || isSure || mayBe, at + " is missed");
                if (isMet && !isSure) byMovers.push_back({x, y});
            }
        }
        if (byMovers.empty()) continue;
        ++ridden;
        const reach::RunFinder finder(problem, {});
        for (int goals = 0; goals < 4; ++goals) {
            const auto [x, y] = byMovers[static_cast<std::size_t>(
                random.between(0, static_cast<int>(byMovers.size()) - 1))];
            const PxRect goal{x, y, problem.tables.bodyWidth, problem.tables.bodyHeight};
            auto run = finder.runTo(goal);
            if (run && !reach::replays(problem, *run, goal))
                run = reach::waitingRun(problem, *run, goal);
            // Who starts in the air cannot wait for anything.
            if (finder.completion() == reach::Completion::Complete &&
                testing::firstBody(problem).stance == runtime::Stance::Standing)
                ++(run ? decided : undecided);
            QVERIFY2(!run || reach::replays(problem, *run, goal), where + " does not replay");
        }
    }
    qInfo("%d levels with rides: %d goals by a run in time, %d not decided", ridden, decided,
          undecided);
    QVERIFY2(rounds > 0 || ridden > count / 30, "random movers take somebody somewhere");
    QVERIFY2(decided >= 4 * undecided, "most of what movers lead to is decided");
}

void MoversTest::whatLiesBehindARide_isReachedWithTheClock_andNothingElse() {
    const std::uint64_t seed = testing::seedOr(20261201);
    const int rounds = qEnvironmentVariableIntValue("ROOK_ROUNDS");
    const int count = rounds > 0 ? rounds : 160;
    int farther = 0, open = 0;
    for (int round = 0; round < count; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        reach::Problem problem = testing::randomProblem(random);
        testing::seeFromTheSide(problem.tables);
        if (reach::solve(problem).states > 1200) continue;  // too slow with a clock
        problem.parts.movers.push_back(testing::randomMover(random, problem.frame));
        const auto found = searchWithClock(problem);
        if (!found) continue;
        const reach::Reached sure = reach::solve(problem, {}, reach::Extent::Sure);
        reach::ByTheClock clock(problem, {});
        for (int goals = 0; goals < 40; ++goals) {
            const PxRect goal{random.between(0, problem.frame.widthPx() - 1),
                              random.between(0, problem.frame.heightPx() - 1), 1, 1};
            const bool isMet = std::any_of(
                found->visited.begin(), found->visited.end(), [&](const std::pair<int, int>& at) {
                    return goal.overlaps(
                        {at.first, at.second, problem.tables.bodyWidth, problem.tables.bodyHeight});
                });
            const bool isSure = sure.meets(goal, problem.tables);
            const bool isSaid = clock.meets(goal);
            QVERIFY2(!isSure || isSaid, "ROOK_SEED=" + QByteArray::number(seed + round));
            QVERIFY2(!isSaid || isMet, "ROOK_SEED=" + QByteArray::number(seed + round));
            farther += isSaid && !isSure;
            open += isMet && !isSaid;
        }
    }
    qInfo("%d goals behind rides, %d left to runs of their own", farther, open);
    QVERIFY2(rounds > 0 || farther > 0, "what lies behind rides is found");
}

ROOK_TEST(MoversTest)

}  // namespace rook::movers_test

#include "movers_test.moc"
