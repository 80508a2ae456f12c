/// What lasts for a time, against a breadth-first search over single states with their time left.

#include "reach/timed_effects.h"

#include "reach/run_finder.h"
#include "reach_brute_force.h"
#include "testing.h"

namespace rook::timed_effects_test {

using testing::Search;

namespace {

/// Switches that open doors for a few ticks, and abilities that wear off.
void addTimedParts(Random& random, reach::Problem& problem) {
    runtime::Parts& parts = problem.parts;
    for (int more = random.between(1, 2); more > 0; --more) {
        const int ticks = random.between(1, 12);
        if (random.chance(60)) {
            parts.doors.push_back({testing::randomBox(random, problem.frame), 0});
            runtime::openForATime(parts, testing::randomBox(random, problem.frame), ticks);
        } else {
            parts.gains.push_back({testing::randomBox(random, problem.frame),
                                   problem.tables.abilities & (1u << random.between(0, 6)), ticks});
            if (random.chance(40))
                parts.gains.back().takes = problem.tables.abilities & (1u << random.between(0, 6));
        }
    }
}

/// Every input from every state, told apart by the time left; none if there are too many.
std::optional<Search> searchWithTime(const reach::Problem& problem) {
    using runtime::Body;
    const runtime::MotionTables tables = testing::freelyOf(problem);
    const runtime::World world(problem.frame, *problem.cells, tables, testing::partsOf(problem));
    Search search;
    const auto keyOf = [](const Body& body) {
        return std::tuple_cat(testing::keyOf(body), body.ticksLeft);
    };
    std::unordered_set<decltype(keyOf(Body())), testing::KeyHash> known;
    std::deque<Body> open;
    const auto add = [&](Body body) {
        if (body.stance == runtime::Stance::Ended) return known.size();
        search.visited.insert({body.x, body.y});
        body.tick = 0;
        if (known.insert(keyOf(body)).second) open.push_back(body);
        return known.size();
    };
    add(testing::firstBody(problem));
    if (!testing::searchOn(world, tables, open, search, 30000, add)) return std::nullopt;
    return search;
}

}  // namespace

class TimedEffectsTest : public QObject {
    Q_OBJECT
private slots:
    void reach_isBetweenItsTwoSolves_onRandomLevels();
    void aDoorForATime_isPassedInTime_orNot_data();
    void aDoorForATime_isPassedInTime_orNot();
    void aOneWayDoor_letsNobodyBack();
};

void TimedEffectsTest::reach_isBetweenItsTwoSolves_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(20261127);
    const int rounds = qEnvironmentVariableIntValue("ROOK_ROUNDS");
    const int count = rounds > 0 ? rounds : 400;
    int some = 0, sure = 0, open = 0, never = 0;
    for (int round = 0; round < count; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        reach::Problem problem = testing::randomProblem(random);
        if (reach::solve(problem).states > 1500) continue;  // too slow with a clock
        problem.parts = testing::partsOf(problem);
        addTimedParts(random, problem);
        const auto found = searchWithTime(problem);
        if (!found) continue;
        const reach::Reached reached = reach::solve(problem);
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        QVERIFY2(reached.completion == reach::Completion::Complete, where);
        std::vector<std::pair<int, int>> places;
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
                sure += isMet && isSure;
                open += isMet && !isSure;
                never += !isMet && mayBe;
                if (isSure) places.push_back({x, y});
            }
        }
        if (places.empty() || reached.sets.empty()) continue;
        ++some;
        // Every yes has its run, if the body can wait for the walk table where it starts.
        const runtime::Body first = testing::firstBody(problem);
        const runtime::World world(problem.frame, *problem.cells, problem.tables, problem.parts);
        if (first.stance != runtime::Stance::Standing || world.gainsAt(first.x, first.y) != 0)
            continue;
        const reach::RunFinder finder(problem, {});
        for (int goals = 0; goals < 4; ++goals) {
            const auto [x, y] = places[static_cast<std::size_t>(
                random.between(0, static_cast<int>(places.size()) - 1))];
            const PxRect goal{x, y, 1, 1};
            const auto run = finder.runTo(goal);
            QVERIFY2(run, where + " has no run to " + QByteArray::number(x) + " " +
                              QByteArray::number(y));
            QVERIFY2(reach::replays(problem, *run, goal), where + " does not replay");
        }
    }
    qInfo("%d levels: %d positions sure, %d not decided that are met, %d that are not", some, sure,
          open, never);
    QVERIFY2(rounds > 0 || some > count / 10, "random levels have what lasts for a time");
    QVERIFY2(sure >= 20 * open, "most of what is met is decided");
}

void TimedEffectsTest::aDoorForATime_isPassedInTime_orNot_data() {
    QTest::addColumn<int>("ticks");
    QTest::addColumn<bool>("isPassed");
    // From the switch to the door it is 100 px at 2 px a tick, and the body is 12 px wide.
    QTest::newRow("long enough") << 60 << true;
    QTest::newRow("too short") << 30 << false;
}

void TimedEffectsTest::aDoorForATime_isPassedInTime_orNot() {
    QFETCH(const int, ticks);
    QFETCH(const bool, isPassed);
    const level::Project project = testing::smallProject();
    const level::Level level =
        testing::drawnLevel(project, {"####################",  //
                                      "#..................#", "#..................#",
                                      "#S...............X.#", "####################"});
    auto query = reach::queryOf(project, level);
    QVERIFY(query);
    reach::Problem& problem = query->problem;
    problem.tables.walk.fill(2);
    problem.tables.dx.assign(problem.tables.dx.size(), 2);
    problem.parts.doors.push_back({{200, 16, 8, 48}, 0});
    runtime::openForATime(problem.parts, {92, 40, 8, 24}, ticks);
    const reach::Answer answer = reach::answer(*query);
    QCOMPARE(answer.verdict.kind,
             isPassed ? reach::VerdictKind::Reached : reach::VerdictKind::NotReached);
    if (!isPassed) return;
    const PxRect exit = query->goals.front().box;
    const auto run = reach::RunFinder(problem, {}).runTo(exit);
    QVERIFY(run && reach::replays(problem, *run, exit));
}

void TimedEffectsTest::aOneWayDoor_letsNobodyBack() {
    const level::Project project = testing::smallProject();
    const level::Level level =
        testing::drawnLevel(project, {"####################",  //
                                      "#..................#", "#..................#",
                                      "#.......S........X.#", "####################"});
    for (const int way : {-1, 1}) {
        auto query = reach::queryOf(project, level);
        QVERIFY(query);
        query->problem.parts.doors.push_back({{200, 16, 8, 48}, 0});
        runtime::makeOneWay(query->problem.parts, way, 0);
        const reach::Answer answer = reach::answer(*query);
        QCOMPARE(answer.verdict.kind,
                 way > 0 ? reach::VerdictKind::Reached : reach::VerdictKind::NotReached);
    }
}

ROOK_TEST(TimedEffectsTest)

}  // namespace rook::timed_effects_test

#include "timed_effects_test.moc"
