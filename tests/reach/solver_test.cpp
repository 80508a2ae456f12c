/// The solver against a breadth-first search over single states, state for state.

#include "reach/solver.h"

#include "reach/answer_after.h"
#include "reach/verdict.h"
#include "reach_brute_force.h"
#include "testing.h"

namespace rook::solver_test {

using testing::RandomCells;
using testing::randomProblem;
using testing::Search;
using testing::searchAll;

namespace {

/// px of a level, told one by one from the text of the model, in floating point: for `World`.
bool fillsByText(runtime::Form form, int i, int j, int width, int height) {
    const double u = (i + 0.5) / width;
    const double t = 1 - (j + 0.5) / height;
    const double e = 1e-9;  // rounding of the quotients; distances are multiples of 1/(4 w h)
    using runtime::Form;
    switch (form) {
        case Form::Full:
            return true;
        case Form::LowerHalf:
            return t <= 0.5 + e;
        case Form::UpperHalf:
            return t >= 0.5 - e;
        case Form::LeftHalf:
            return u <= 0.5 + e;
        case Form::RightHalf:
            return u >= 0.5 - e;
        case Form::RiseRight:
            return t <= u + e;
        case Form::RiseLeft:
            return t <= 1 - u + e;
        case Form::RiseRight1Of2:
            return t <= u / 2 + e;
        case Form::RiseRight2Of2:
            return t <= (1 + u) / 2 + e;
        case Form::RiseLeft1Of2:
            return t <= (1 - u) / 2 + e;
        case Form::RiseLeft2Of2:
            return t <= 1 - u / 2 + e;
        case Form::HangRight:
            return t >= 1 - u - e;
        case Form::HangLeft:
            return t >= u - e;
    }
    return false;
}

}  // namespace

class SolverTest : public QObject {
    Q_OBJECT
private slots:
    void solver_equalsSearch_onRandomLevels();
    void manyGains_equalSearch_orAreNotDecided();
    void edit_thatNobodyNotices_leavesReachAsItWas();
    void forms_fillWhatTheTextSays();
    void exit_isReached_onFlatFloor();
    void gap_isReachedOrNot_atTheExactWidth();
    void deadlyFloor_stopsTheWay();
    void oneWay_isPassedFromBelow_andStoodOn();
    void start_insideStone_reachesNothing();
    void limit_isNotDecided_neverANo();
    void cancel_isSaid();
    void hazardEntity_isDeadly();
};

void SolverTest::solver_equalsSearch_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(20261123);
    const int count = qEnvironmentVariableIntValue("ROOK_ROUNDS") > 0
                          ? qEnvironmentVariableIntValue("ROOK_ROUNDS")
                          : 50;
    int lively = 0, fewer = 0;
    for (int round = 0; round < count; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const reach::Problem problem = randomProblem(random);
        const auto found = searchAll(problem);
        if (!found) continue;  // too many states for a plain search
        const Search& search = *found;
        const reach::Reached reached = reach::solve(problem);
        const reach::Reached all = reach::solve(problem, {.notesAllStates = true});
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        QVERIFY2(reached.completion == reach::Completion::Complete, where);
        QVERIFY2(reached.visited == all.visited && reached.standing == all.standing &&
                     reached.sets == all.sets,
                 where + " with each state noted");
        fewer += reached.states < all.states;
        const auto margins =
            runtime::marginsOf(problem.frame, problem.tables, problem.parts.springs);
        for (int y = -margins.top - 2; y < problem.frame.heightPx() + margins.bottom + 2; ++y) {
            for (int x = -margins.left - 2; x < problem.frame.widthPx() + margins.right + 2; ++x) {
                const QByteArray at =
                    where + " x " + QByteArray::number(x) + " y " + QByteArray::number(y);
                QVERIFY2(reached.isVisited({x, y}) == search.visited.contains({x, y}),
                         at + " visited");
                QVERIFY2(reached.isStoodAt({x, y}) == search.standing.contains({x, y}),
                         at + " standing");
            }
        }
        QVERIFY2(all.states == static_cast<std::int64_t>(search.states.size()),
                 where + " states " + QByteArray::number(qint64(all.states)) + " and not " +
                     QByteArray::number(qint64(search.states.size())));
        if (search.visited.size() > 50) ++lively;
    }
    QVERIFY2(lively > count / 4, "random levels leave room to move");
    QVERIFY2(fewer > count / 4, "flights pass");
}

/// With more gains than sets can be looked at, what is found is right, and all of it if it is said
/// to be complete.
void SolverTest::manyGains_equalSearch_orAreNotDecided() {
    const std::uint64_t seed = testing::seedOr(20261127);
    const bool isShort = qEnvironmentVariableIntValue("ROOK_ROUNDS") > 0;
    const int rounds = isShort ? 10 : 25;
    int complete = 0, held = 0;
    for (int round = 0; round < rounds; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        reach::Problem problem = randomProblem(random);
        problem.parts.gains.clear();
        problem.parts.doors.clear();
        for (int gain = random.between(7, 8); gain > 0; --gain)
            problem.parts.gains.push_back({testing::randomBox(random, problem.frame), 0});
        for (int doors = random.between(1, 3); doors > 0; --doors)
            problem.parts.doors.push_back({testing::randomBox(random, problem.frame),
                                           static_cast<runtime::HeldSet>(random.between(0, 127)),
                                           false});
        const auto found = searchAll(problem);
        if (!found) continue;
        // Either way of noting, in turns.
        const reach::Reached reached = reach::solve(problem, {.notesAllStates = round % 2 == 0});
        const bool isComplete = reached.completion == reach::Completion::Complete;
        complete += isComplete;
        held += reached.sets.size() > 8;
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        for (int y = -40; y < problem.frame.heightPx() + 40; ++y)
            for (int x = -40; x < problem.frame.widthPx() + 40; ++x) {
                const bool isThere = found->visited.contains({x, y});
                QVERIFY2(isComplete ? reached.isVisited({x, y}) == isThere
                                    : isThere || !reached.isVisited({x, y}),
                         where);
            }
        if (isComplete && round % 2 == 0)
            QVERIFY2(reached.states == static_cast<std::int64_t>(found->states.size()), where);
    }
    QVERIFY2(complete > rounds / 4 && (isShort || held > 0),
             QByteArray::number(complete) + " complete, many sets in " + QByteArray::number(held));
}

void SolverTest::edit_thatNobodyNotices_leavesReachAsItWas() {
    const std::uint64_t seed = testing::seedOr(20261125);
    const int rounds = qEnvironmentVariableIntValue("ROOK_ROUNDS");
    const int count = rounds > 0 ? rounds : 60;
    int unnoticed = 0, noticed = 0;
    for (int round = 0; round < count; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        reach::Query was;
        was.problem = randomProblem(random);
        const reach::Answer former = reach::answer(was);
        for (int edit = 0; edit < 10; ++edit) {
            reach::Query now = was;
            auto cells =
                std::make_shared<RandomCells>(static_cast<const RandomCells&>(*was.problem.cells));
            const int column = random.between(0, was.problem.frame.columns - 1);
            const int row = random.between(0, was.problem.frame.rows - 1);
            cells->set(
                column, row,
                {static_cast<runtime::Behaviour>(random.between(0, 1)), runtime::Form::Full});
            now.problem.cells = cells;
            const bool isUnnoticed = reach::isUnnoticed(was, former, now);
            const reach::Answer whole = reach::answer(now);
            if (!isUnnoticed) {
                if (whole.onCells().reached.visited != former.onCells().reached.visited) ++noticed;
                continue;
            }
            ++unnoticed;
            const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
            QVERIFY2(whole.onCells().reached.visited == former.onCells().reached.visited, where);
            QVERIFY2(whole.onCells().reached.standing == former.onCells().reached.standing, where);
            QVERIFY2(whole.onCells().reached.states == former.onCells().reached.states, where);
        }
    }
    QVERIFY2(rounds > 0 || (unnoticed > count && noticed > count / 2),
             QByteArray::number(unnoticed) + " unnoticed, noticed " + QByteArray::number(noticed));
}

void SolverTest::forms_fillWhatTheTextSays() {
    for (int w = 1; w <= 17; ++w)
        for (int h = 1; h <= 17; ++h)
            for (int f = 0; f < runtime::formCount; ++f)
                for (int j = 0; j < h; ++j)
                    for (int i = 0; i < w; ++i)
                        QCOMPARE(runtime::formFills(static_cast<runtime::Form>(f), i, j, w, h),
                                 fillsByText(static_cast<runtime::Form>(f), i, j, w, h));
}

namespace {

reach::Answer answerFor(const std::vector<std::string>& rows) {
    const level::Project project = testing::smallProject();
    return reach::answer(*reach::queryOf(project, testing::drawnLevel(project, rows)));
}

}  // namespace

void SolverTest::exit_isReached_onFlatFloor() {
    const auto answer = answerFor({"..........", "..........", ".S......X.", "##########"});
    QCOMPARE(answer.verdict.kind, reach::VerdictKind::Reached);
    QCOMPARE(answer.verdict.sentence(), std::string("The exit can be reached."));
}

void SolverTest::gap_isReachedOrNot_atTheExactWidth() {
    const level::Project project = testing::smallProject();
    const auto solvedFor = [&](int gapPx) {
        // Cells of one px, so that the gap is any number of px.
        reach::Problem problem;
        problem.frame = {120 + gapPx, 100, 1, 1, {}};
        auto cells = std::make_shared<RandomCells>(problem.frame.columns, problem.frame.rows);
        for (int x = 0; x < problem.frame.columns; ++x)
            if (x < 60 || x >= 60 + gapPx)
                cells->set(x, 95, {runtime::Behaviour::Solid, runtime::Form::Full});
        problem.cells = cells;
        problem.tables = motion::makeStepTables(level::MotionProfile{}, CellSize{16, 16})->body;
        problem.start = PxRect{10, 73, 12, 22};
        return reach::solve(problem).isStoodAt({60 + gapPx, 73});
    };
    int widest = 0;
    while (solvedFor(widest + 1))
        ++widest;
    QVERIFY(widest > 60);
    for (int gap = widest + 1; gap < widest + 12; ++gap)
        QVERIFY(!solvedFor(gap));
}

void SolverTest::deadlyFloor_stopsTheWay() {
    const auto answer = answerFor({"####################", "....................",
                                   ".S................X.", "####^^^^^^^^^^^^####"});
    QCOMPARE(answer.verdict.kind, reach::VerdictKind::NotReached);
    QCOMPARE(answer.verdict.exitsReached, 0);
}

void SolverTest::oneWay_isPassedFromBelow_andStoodOn() {
    const auto answer =
        answerFor({"......", "......", "....X.", "======", "......", ".S....", "######"});
    QCOMPARE(answer.verdict.kind, reach::VerdictKind::Reached);
    QVERIFY(answer.onCells().reached.isStoodAt({40, 3 * 16 - 22}));
}

void SolverTest::start_insideStone_reachesNothing() {
    level::Project project = testing::smallProject();
    level::Level level = testing::drawnLevel(project, {".....", ".S..X", "#####"});
    level.cells.set(1, 0, level::Cell({1}));
    const auto answer = reach::answer(*reach::queryOf(project, level));
    QCOMPARE(answer.verdict.kind, reach::VerdictKind::StartBlocked);
    QCOMPARE(answer.onCells().reached.visited.count(), 0);
}

void SolverTest::limit_isNotDecided_neverANo() {
    const level::Project project = testing::smallProject();
    const auto level = testing::drawnLevel(project, {"..........", ".S......X.", "####..####"});
    const auto query = *reach::queryOf(project, level);
    for (const std::size_t bytes : {std::size_t{100}, std::size_t{200000}}) {
        const auto answer = reach::answer(query, {bytes, nullptr});
        QCOMPARE(answer.verdict.kind, reach::VerdictKind::NotDecided);
        QVERIFY(!answer.verdict.reason.empty());
    }
}

void SolverTest::cancel_isSaid() {
    const level::Project project = testing::smallProject();
    const auto level = testing::drawnLevel(project, {"..........", ".S......X.", "####..####"});
    const std::atomic<bool> cancel = true;
    const auto answer =
        reach::answer(*reach::queryOf(project, level), {std::size_t{1} << 30, &cancel});
    QCOMPARE(answer.onCells().reached.completion, reach::Completion::Cancelled);
    QCOMPARE(answer.verdict.kind, reach::VerdictKind::NotDecided);
}

void SolverTest::hazardEntity_isDeadly() {
    level::Project project = testing::smallProject();
    level::Kind vent;
    vent.id = {"vent"};
    vent.role = level::Role::Hazard;
    project.kinds.edit([&](auto& list) { list.push_back(vent); });
    auto level =
        testing::drawnLevel(project, {"##########", "..........", ".S......X.", "##########"});
    level::Entity entity;
    entity.id = {"vent-1"};
    entity.kind = {"vent"};
    entity.box = {80, 16, 4, 32};
    level.entities.edit([&](auto& list) { list.push_back(entity); });
    QCOMPARE(reach::answer(*reach::queryOf(project, level)).verdict.kind,
             reach::VerdictKind::NotReached);
}

ROOK_TEST(SolverTest)

}  // namespace rook::solver_test

#include "solver_test.moc"
