/// What is mended after an edit, against what is solved whole: state for state.

#include "reach/resolver.h"

#include "reach_brute_force.h"
#include "testing.h"

namespace rook::resolver_test {

using testing::RandomCells;
using testing::randomProblem;

namespace {

runtime::CellShape randomShape(Random& random) {
    if (random.chance(40)) return {};
    const auto behaviour = random.chance(60)
                               ? runtime::Behaviour::Solid
                               : static_cast<runtime::Behaviour>(random.between(0, 5));
    const int formLimit = behaviour == runtime::Behaviour::OneWay ? 2 : runtime::formCount - 1;
    return {behaviour, random.chance(60)
                           ? runtime::Form::Full
                           : static_cast<runtime::Form>(random.between(0, formLimit))};
}

/// One cell is another, or a few of a small box.
void edit(Random& random, reach::Problem& problem) {
    auto cells = std::make_shared<RandomCells>(static_cast<const RandomCells&>(*problem.cells));
    const int column = random.between(0, problem.frame.columns - 1);
    const int row = random.between(0, problem.frame.rows - 1);
    const int size = random.chance(20) ? random.between(2, 3) : 1;
    for (int y = row; y < std::min(problem.frame.rows, row + size); ++y)
        for (int x = column; x < std::min(problem.frame.columns, column + size); ++x)
            cells->set(x, y, randomShape(random));
    problem.cells = cells;
}

/// A wide level with floors at several heights, so that rows have many words.
void widen(Random& random, reach::Problem& problem) {
    const int columns = random.between(24, 60);
    const int rows = random.between(8, 12);
    problem.frame.columns = columns;
    problem.frame.rows = rows;
    auto cells = std::make_shared<RandomCells>(columns, rows);
    for (int column = 0; column < columns; ++column) {
        if (random.chance(90)) cells->set(column, rows - 1, {runtime::Behaviour::Solid, {}});
        for (int row = 0; row < rows - 1; ++row)
            if (random.chance(9)) cells->set(column, row, randomShape(random));
    }
    problem.cells = cells;
    problem.start = PxRect{problem.frame.cellWidth * random.between(0, columns - 1),
                           problem.frame.cellHeight * (rows - 3), 4, 4};
}

}  // namespace

class ResolverTest : public QObject {
    Q_OBJECT
private slots:
    void mended_equalsSolvedWhole_data();
    void mended_equalsSolvedWhole();
    void cancelled_leavesTheNextAnswerWhole();
};

void ResolverTest::mended_equalsSolvedWhole_data() {
    QTest::addColumn<bool>("isWide");
    QTest::addColumn<bool>("hasMovers");
    QTest::newRow("small") << false << false;
    QTest::newRow("wide") << true << false;
    QTest::newRow("wide, with movers") << true << true;
}

void ResolverTest::mended_equalsSolvedWhole() {
    QFETCH(const bool, isWide);
    QFETCH(const bool, hasMovers);
    const std::uint64_t seed = testing::seedOr(20261127);
    const int rounds = qEnvironmentVariableIntValue("ROOK_ROUNDS");
    // Wide levels take long, and with movers each whole solve is two.
    const int share = hasMovers ? 8 : isWide ? 3 : 1;
    const int usual = hasMovers ? 8 : isWide ? 10 : 50;
    const int count = rounds > 0 ? (rounds + share - 1) / share : usual;
    const int edits = hasMovers ? 6 : 12;
    int mended = 0, changedReach = 0, ridden = 0;
    for (int round = 0; round < count; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        reach::Problem problem = randomProblem(random);
        if (isWide) widen(random, problem);
        // What can be swapped is solved whole each time.
        if (random.chance(90)) testing::swapNothing(problem.tables);
        if (hasMovers) testing::seeFromTheSide(problem.tables);
        for (int movers = hasMovers ? random.between(1, 2) : 0; movers > 0; --movers)
            problem.parts.movers.push_back(testing::randomMover(random, problem.frame));
        reach::Resolver resolver;
        resolver.prepare(problem);
        reach::Reached former = reach::solve(problem);
        for (int step = 0; step < edits; ++step) {
            edit(random, problem);
            const reach::Reached found = resolver.solve(problem);
            const reach::Reached whole = reach::solve(problem, {.notesAllStates = true});
            const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round) + " edit " +
                                     QByteArray::number(step) +
                                     (resolver.wasMended() ? " mended" : " whole");
            QVERIFY2(found.completion == whole.completion, where);
            QVERIFY2(found.startIsLive == whole.startIsLive, where);
            QVERIFY2(found.sets == whole.sets, where + " sets");
            QVERIFY2(found.standing == whole.standing, where + " standing");
            QVERIFY2(!resolver.wasMended() || found.states == whole.states,
                     where + " states " + QByteArray::number(qint64(found.states)) + " and not " +
                         QByteArray::number(qint64(whole.states)));
            QVERIFY2(found.visited == whole.visited, where + " visited");
            QVERIFY2(found.byMovers == whole.byMovers, where + " by movers");
            if (whole.byMovers.count() > 0 && resolver.wasMended()) ++ridden;
            resolver.prepare(problem);
            if (!resolver.wasMended()) continue;
            ++mended;
            if (found.visited != former.visited) ++changedReach;
            former = found;
        }
    }
    QVERIFY2(rounds > 0 || !hasMovers || 2 * ridden > count,
             QByteArray::number(ridden) + " with rides");
    QVERIFY2(rounds > 0 || (5 * mended > edits * count && 12 * changedReach > edits * count),
             QByteArray::number(mended) + " mended, reach changed in " +
                 QByteArray::number(changedReach));
}

void ResolverTest::cancelled_leavesTheNextAnswerWhole() {
    Random random(7);
    reach::Problem problem = randomProblem(random);
    widen(random, problem);
    reach::Resolver resolver;
    resolver.prepare(problem);
    QVERIFY(resolver.isPreparedFor(problem));
    const std::atomic<bool> cancel = true;
    edit(random, problem);
    (void)resolver.solve(problem, {std::size_t{1} << 30, &cancel});
    edit(random, problem);
    QVERIFY(resolver.solve(problem).visited == reach::solve(problem).visited);
}

ROOK_TEST(ResolverTest)

}  // namespace rook::resolver_test

#include "resolver_test.moc"
