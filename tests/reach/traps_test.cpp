/// Traps against the backward closure of all single states.

#include "reach/traps.h"

#include <map>
#include <set>

#include "reach/verdict.h"
#include "reach_brute_force.h"
#include "testing.h"

namespace rook::traps_test {

using runtime::Body;
using runtime::Stance;

namespace {

/// Positions stood, climbed or swum at from which no exit is met; none if no state meets one.
std::set<std::pair<int, int>> trapsBySearch(const reach::Problem& problem,
                                            const testing::Search& search, const PxRect& exit) {
    const runtime::MotionTables tables = testing::freelyOf(problem);
    const runtime::World world(problem.frame, *problem.cells, tables, testing::partsOf(problem));
    std::map<decltype(testing::keyOf(Body())), std::size_t> index;
    for (std::size_t i = 0; i < search.states.size(); ++i)
        index[testing::keyOf(search.states[i])] = i;
    std::vector<std::vector<std::size_t>> before(search.states.size());
    std::vector<bool> finishes(search.states.size());
    std::vector<std::size_t> open;
    const auto meets = [&](int x, int y) {
        return exit.overlaps({x, y, tables.bodyWidth, tables.bodyHeight});
    };
    for (std::size_t i = 0; i < search.states.size(); ++i) {
        const Body& body = search.states[i];
        bool isMet = meets(body.x, body.y);
        testing::forEachInput(world, tables, body, [&](const runtime::Input& input) {
            Body next = body;
            runtime::step(world, tables, next, input,
                          [&](int x, int y) { isMet = isMet || meets(x, y); });
            next.tick = 0;
            if (next.stance != Stance::Ended) before[index.at(testing::keyOf(next))].push_back(i);
        });
        finishes[i] = isMet;
        if (isMet) open.push_back(i);
    }
    std::set<std::pair<int, int>> traps;
    if (open.empty()) return traps;
    while (!open.empty()) {
        const std::size_t state = open.back();
        open.pop_back();
        for (const std::size_t former : before[state])
            if (!finishes[former]) {
                finishes[former] = true;
                open.push_back(former);
            }
    }
    for (std::size_t i = 0; i < search.states.size(); ++i) {
        const Body& body = search.states[i];
        const bool rests = body.stance == Stance::Standing || body.stance == Stance::Climbing ||
                           body.stance == Stance::Swimming;
        if (rests && !finishes[i]) traps.insert({body.x, body.y});
    }
    return traps;
}

}  // namespace

class TrapsTest : public QObject {
    Q_OBJECT
private slots:
    void traps_equalTheBackwardClosure_onRandomLevels();
    void pit_isATrap_andAShallowOneIsNot();
    void noExit_hasNoTraps();
};

void TrapsTest::traps_equalTheBackwardClosure_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(31007);
    const int wanted = qEnvironmentVariableIntValue("ROOK_ROUNDS");
    const int count = wanted > 0 ? wanted : 40;
    int with = 0;
    int without = 0;
    int tried = 0;
    for (int round = 0; round < count; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        reach::Problem problem = testing::randomProblem(random);
        problem.parts = testing::partsOf(problem);
        // Who falls lands on something, and mostly has a hard time getting up again.
        using runtime::EdgeRule;
        problem.frame.edges = {EdgeRule::Wall, EdgeRule::Wall, EdgeRule::Wall, EdgeRule::Wall};
        if (random.chance(70))

            for (int& dy : problem.tables.dy)
                dy = std::max(dy, 0);
        const auto search = testing::searchAll(problem);
        // A start among things to gain is told from its first tick on.
        const runtime::World world(problem.frame, *problem.cells, problem.tables, problem.parts);
        const Body first = testing::firstBody(problem);
        if (!search || search->states.empty() || search->states.size() > 5000 ||
            world.gainsAt(first.x, first.y) != 0)
            continue;
        // Mostly somewhere high that bodies get to: what falls below may not come back.
        PxRect exit{random.between(0, problem.frame.widthPx()),
                    random.between(0, problem.frame.heightPx()), random.between(1, 9),
                    random.between(1, 9)};
        for (int i = 0; i < 6 && random.chance(90); ++i) {
            const Body& there = search->states[static_cast<std::size_t>(
                random.between(0, static_cast<int>(search->states.size()) - 1))];
            if (i == 0 || there.y < exit.y) exit = {there.x, there.y, 1, 1};
        }
        ++tried;
        const auto expected = trapsBySearch(problem, *search, exit);
        const reach::Traps traps = reach::trapsOf(problem, {exit});
        QVERIFY2(traps.completion == reach::Completion::Complete, where);
        const reach::Reached frame = reach::solve(problem);
        std::int64_t found = 0;
        for (const auto& [x, y] : expected) {
            QVERIFY2(traps.positions.test(x + frame.left, y + frame.top),
                     where + " x " + QByteArray::number(x) + " y " + QByteArray::number(y));
            ++found;
        }
        QVERIFY2(traps.positions.count() == found, where);
        ++(found > 0 ? with : without);
    }
    QVERIFY2(
        count < 40 || (with >= 2 && without >= 2),
        qPrintable(
            QStringLiteral("both cases occur: %1 and %2 of %3").arg(with).arg(without).arg(tried)));
}

void TrapsTest::pit_isATrap_andAShallowOneIsNot() {
    const level::Project project = testing::smallProject();
    const auto trapsIn = [&](const std::vector<std::string>& rows) {
        const auto level = testing::drawnLevel(project, rows);
        const auto query = *reach::queryOf(project, level);
        return reach::trapsOf(query.problem, {query.goals.front().box}).positions.count();
    };
    QCOMPARE(trapsIn({"..............", "..............", ".S..........X.", "#####...######",
                      "#####...######", "##############"}),
             0);
    QVERIFY(trapsIn({"..............", "..............", ".S..........X.", "#####...######",
                     "#####...######", "#####...######", "#####...######", "#####...######",
                     "##############"}) > 0);
}

void TrapsTest::noExit_hasNoTraps() {
    const level::Project project = testing::smallProject();
    const auto level = testing::drawnLevel(project, {"......", ".S....", "######"});
    const auto query = *reach::queryOf(project, level);
    QVERIFY(!reach::trapsOf(query.problem, {}).isAny());
    QVERIFY(!reach::trapsOf(query.problem, {{500, 500, 8, 8}}).isAny());
}

ROOK_TEST(TrapsTest)

}  // namespace rook::traps_test

#include "traps_test.moc"
