/// Proof runs against a search over single states: a run exists exactly when the goal is reached,
/// and it replays.

#include "reach/proof_run.h"

#include "reach/verdict.h"
#include "reach_brute_force.h"
#include "testing.h"

namespace rook::proof_run_test {

using runtime::Body;
using runtime::Stance;
using testing::Search;

namespace {

PxRect randomArea(Random& random, const runtime::Frame& frame) {
    return {random.between(-3, frame.widthPx()), random.between(-3, frame.heightPx()),
            random.between(1, 9), random.between(1, 9)};
}

bool overlaps(const PxRect& area, int x, int y, const runtime::MotionTables& tables) {
    return area.overlaps({x, y, tables.bodyWidth, tables.bodyHeight});
}

bool meets(const Search& search, const PxRect& area, const runtime::MotionTables& tables) {
    return std::any_of(search.visited.begin(), search.visited.end(), [&](const auto& place) {
        return overlaps(area, place.first, place.second, tables);
    });
}

/// The least number of px by which the area must grow to be met.
int missedBy(const Search& search, const PxRect& area, const runtime::MotionTables& tables) {
    int by = 0;
    while (!meets(search, area.grown(by), tables))
        ++by;
    return by;
}

int rounds(int standard) {
    const int wanted = qEnvironmentVariableIntValue("ROOK_ROUNDS");
    return wanted > 0 ? wanted : standard;
}

}  // namespace

class ProofRunTest : public QObject {
    Q_OBJECT
private slots:
    void run_existsExactlyWhenTheGoalIsReached_andReplays();
    void runAlong_passesAreasInOrder_asTheSearchDoes();
    void closedRegion_equalsSearch_withoutItsPositions();
    void run_waitsForTheWalkTable();
    void run_hasNoTicks_whenTheGoalIsAtTheStart();
    void replays_refusesARunThatWasChanged();
    void limitsAndCancel_areSaid();
};

void ProofRunTest::run_existsExactlyWhenTheGoalIsReached_andReplays() {
    const std::uint64_t seed = testing::seedOr(7301);
    int found = 0;
    for (int round = 0; round < rounds(40); ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        reach::Problem problem = testing::randomProblem(random);
        problem.parts = testing::partsOf(problem);
        const auto search1 = testing::searchAll(problem);
        if (!search1) continue;
        const Search& search = *search1;
        for (int i = 0; i < 4; ++i) {
            const PxRect goal = randomArea(random, problem.frame);
            const reach::RunAlong along = reach::runAlong(problem, {}, goal);
            QVERIFY2(along.completion == reach::Completion::Complete, where);
            QVERIFY2(along.run.has_value() == meets(search, goal, problem.tables), where);
            if (!along.run) continue;
            ++found;
            QVERIFY2(reach::replays(problem, *along.run, goal), where);
            QCOMPARE(along.run->bodies.size(), along.run->inputs.size() + 1);
        }
    }
    QVERIFY2(4 * found > rounds(40), "random goals are often reached");
}

void ProofRunTest::runAlong_passesAreasInOrder_asTheSearchDoes() {
    const std::uint64_t seed = testing::seedOr(9100);
    int passed = 0;
    int missed = 0;
    for (int round = 0; round < rounds(24); ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        reach::Problem problem = testing::randomProblem(random);
        problem.parts = testing::partsOf(problem);
        const auto& tables = problem.tables;
        if (testing::firstBody(problem).stance == Stance::Ended) continue;
        std::vector<PxRect> areas;
        for (int i = 0; i < 4; ++i)
            areas.push_back(randomArea(random, problem.frame));
        const PxRect goal = randomArea(random, problem.frame);
        const reach::RunAlong along = reach::runAlong(problem, areas, goal);
        std::optional<Search> all = testing::searchAll(problem);
        if (!all) continue;
        Search search = *all;
        for (std::size_t i = 0; i < areas.size(); ++i) {
            std::vector<Body> there;
            for (const Body& body : search.states)
                if (overlaps(areas[i], body.x, body.y, tables)) there.push_back(body);
            QVERIFY2(along.passings[i].isPassed == !there.empty(), where);
            if (there.empty()) {
                ++missed;
                if (!meets(search, areas[i], tables))
                    QVERIFY2(along.passings[i].missedByPx == missedBy(search, areas[i], tables),
                             where);
                continue;
            }
            ++passed;
            search = *testing::searchFrom(problem, there, 1 << 24);
        }
        QVERIFY2(along.run.has_value() == meets(search, goal, tables), where);
        if (!along.run) continue;
        QVERIFY2(reach::replays(problem, *along.run, goal), where);
        int tick = 0;
        for (std::size_t i = 0; i < areas.size(); ++i) {
            if (!along.passings[i].isPassed) continue;
            QVERIFY2(along.passings[i].atTick >= tick, where);
            tick = along.passings[i].atTick;
            const Body& body = along.run->bodies[static_cast<std::size_t>(tick)];
            QVERIFY2(overlaps(areas[i], body.x, body.y, tables), where);
        }
    }
    QVERIFY2(4 * passed > rounds(24) && 6 * missed > rounds(24), "both cases occur");
}

void ProofRunTest::closedRegion_equalsSearch_withoutItsPositions() {
    // Skippable: the exit is still reached with the region closed off.
    const std::uint64_t seed = testing::seedOr(4411);
    int skippable = 0;
    int met = 0;
    for (int round = 0; round < rounds(60); ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        reach::Problem problem = testing::randomProblem(random);
        problem.parts = testing::partsOf(problem);
        PxRect region = randomArea(random, problem.frame);
        if (random.chance(50)) region = {region.x, -20, region.width, 200};
        const PxRect goal = randomArea(random, problem.frame);
        const auto all = testing::searchAll(problem);
        if (!all || !meets(*all, goal, problem.tables)) continue;
        const reach::Problem closed = reach::withClosed(problem, region);
        const Search search = *testing::searchAll(closed);
        for (const auto& [x, y] : search.visited)
            QVERIFY2(!overlaps(region, x, y, problem.tables), where);
        const bool isSkippable = reach::solve(closed).meets(goal, problem.tables);
        QVERIFY2(isSkippable == meets(search, goal, problem.tables), where);
        ++(isSkippable ? skippable : met);
    }
    QVERIFY2(rounds(60) < 60 || (skippable > 0 && met > 0), "both cases occur");
}

namespace {

reach::Problem problemOf(const std::vector<std::string>& rows) {
    const level::Project project = testing::smallProject();
    return reach::queryOf(project, testing::drawnLevel(project, rows))->problem;
}

}  // namespace

void ProofRunTest::run_waitsForTheWalkTable() {
    reach::Problem problem = problemOf({"..........", ".S........", "##########"});
    problem.tables.walk.fill(0);
    problem.tables.walk[5] = 1;
    const PxRect goal{60, 16, 4, 4};
    const auto along = reach::runAlong(problem, {}, goal);
    QVERIFY(along.run && reach::replays(problem, *along.run, goal));
}

void ProofRunTest::run_hasNoTicks_whenTheGoalIsAtTheStart() {
    const reach::Problem problem = problemOf({".....", ".S...", "#####"});
    const auto along = reach::runAlong(problem, {}, {18, 20, 2, 2});
    QCOMPARE(along.run->ticks(), 0);
    QVERIFY(reach::replays(problem, *along.run, {18, 20, 2, 2}));
}

void ProofRunTest::replays_refusesARunThatWasChanged() {
    const reach::Problem problem =
        problemOf({"..........", "..........", ".S......X.", "####...###"});
    const PxRect goal{8 * 16, 16, 16, 32};
    auto along = reach::runAlong(problem, {}, goal);
    QVERIFY(along.run && reach::replays(problem, *along.run, goal));
    reach::Run halted = *along.run;
    for (auto& input : halted.inputs)
        input = {};
    QVERIFY(!reach::replays(problem, halted, goal));
    QVERIFY(!reach::replays(reach::withClosed(problem, {5 * 16, 0, 16, 64}), *along.run, goal));
}

void ProofRunTest::limitsAndCancel_areSaid() {
    const reach::Problem problem = problemOf({"..........", ".S......X.", "####..####"});
    const PxRect goal{8 * 16, 0, 16, 32};
    for (const std::size_t bytes : {std::size_t{100}, std::size_t{200000}}) {
        const auto along = reach::runAlong(problem, {goal}, goal, {bytes, nullptr});
        QCOMPARE(along.completion, reach::Completion::OutOfMemory);
        QVERIFY(!along.run);
    }
    const std::atomic<bool> cancel = true;
    const auto along = reach::runAlong(problem, {}, goal, {std::size_t{1} << 30, &cancel});
    QCOMPARE(along.completion, reach::Completion::Cancelled);
}

ROOK_TEST(ProofRunTest)

}  // namespace rook::proof_run_test

#include "proof_run_test.moc"
