/// The solver against a breadth-first search over single states, state for state.

#include "reach/solver.h"

#include <deque>
#include <set>
#include <tuple>

#include "reach/verdict.h"
#include "shape_cells.h"
#include "testing.h"

using namespace rook;
using runtime::Body;
using runtime::Stance;

namespace {

using RandomCells = testing::ShapeCells;

runtime::EdgeRule randomEdge(Random& random) {
    return static_cast<runtime::EdgeRule>(random.between(0, 2));
}

runtime::MotionTables randomTables(Random& random, CellSize cell) {
    for (;;) {
        level::MotionProfile profile;
        profile.bodyWidth = random.between(1, 9);
        profile.bodyHeight = random.between(1, 11);
        profile.run = {random.between(1, 30000)};
        profile.greatestFall = {random.between(500, 60000)};
        profile.jumpHeight = {random.between(100, 5000)};
        profile.timeToTop = {random.between(10, 400)};
        profile.fallFactor = {random.between(300, 3000)};
        profile.climb = profile.swim = {60000};
        profile.stepUp = random.between(0, 4);
        profile.marginPx = random.chance(20) ? 1 : 0;
        profile.abilities.clear();
        if (random.chance(60)) profile.abilities.push_back(level::Ability::ShortHop);
        if (random.chance(60)) profile.abilities.push_back(level::Ability::DropThrough);
        const auto tables = motion::makeStepTables(profile, cell);
        if (tables) return tables->body;
    }
}

reach::Problem randomProblem(Random& random) {
    reach::Problem problem;
    const CellSize cell{random.between(3, 9), random.between(3, 9)};
    problem.frame = {
        random.between(3, 12),
        random.between(3, 10),
        cell.width,
        cell.height,
        {randomEdge(random), randomEdge(random), randomEdge(random), randomEdge(random)}};
    auto cells = std::make_shared<RandomCells>(problem.frame.columns, problem.frame.rows);
    const int density = random.between(5, 45);
    for (int row = 0; row < problem.frame.rows; ++row) {
        for (int column = 0; column < problem.frame.columns; ++column) {
            if (!random.chance(density)) continue;
            const auto behaviour = random.chance(70)
                                       ? runtime::Behaviour::Solid
                                       : static_cast<runtime::Behaviour>(random.between(0, 5));
            const int formLimit =
                behaviour == runtime::Behaviour::OneWay ? 2 : runtime::formCount - 1;
            const auto form = random.chance(50)
                                  ? runtime::Form::Full
                                  : static_cast<runtime::Form>(random.between(0, formLimit));
            cells->set(column, row, {behaviour, form});
        }
    }
    problem.cells = cells;
    problem.tables = randomTables(random, cell);
    if (random.chance(30)) {
        problem.deadlyBoxes.push_back({random.between(0, problem.frame.widthPx() - 1),
                                       random.between(0, problem.frame.heightPx() - 1),
                                       random.between(1, 9), random.between(1, 9)});
    }
    problem.start = PxRect{random.between(0, problem.frame.widthPx() - 1),
                           random.between(0, problem.frame.heightPx() - 1), random.between(1, 12),
                           random.between(1, 12)};
    return problem;
}

using Place = std::pair<int, int>;
struct Search {
    std::set<Place> visited;
    std::set<Place> standing;
};

std::vector<runtime::Box> boxesOf(const reach::Problem& problem) {
    std::vector<runtime::Box> boxes;
    for (const PxRect& b : problem.deadlyBoxes)
        boxes.push_back({b.x, b.y, b.width, b.height});
    return boxes;
}

/// Every input from every state, by the stepper. The walk table holds its largest number always.
Search searchAll(const reach::Problem& problem) {
    runtime::MotionTables tables = problem.tables;
    tables.walk.fill(*std::max_element(tables.walk.begin(), tables.walk.end()));
    const runtime::World world(problem.frame, *problem.cells, tables, boxesOf(problem));
    const PxRect& start = *problem.start;
    const Body first =
        runtime::bodyAt({start.x, start.y, start.width, start.height}, world, tables);
    Search search;
    if (first.stance == Stance::Ended) return search;
    search.visited.insert({first.x, first.y});
    std::set<std::tuple<int, int, int>> known;
    std::deque<Body> open;
    const auto add = [&](Body body) {
        if (body.stance == Stance::Ended) return;
        if (body.stance == Stance::Standing) search.standing.insert({body.x, body.y});
        body.tick = 0;
        const int phase = body.stance == Stance::Standing ? -1 : body.phase;
        if (known.insert({phase, body.x, body.y}).second) open.push_back(body);
    };
    add(first);
    int widest = tables.walk[0];
    for (const int dx : tables.dx)
        widest = std::max(widest, dx);
    while (!open.empty()) {
        const Body body = open.front();
        open.pop_front();
        for (int dx = -widest; dx <= widest; ++dx) {
            for (const unsigned buttons : {0u, 1u, 2u, 4u, 8u}) {
                Body next = body;
                runtime::step(world, tables, next, {dx, 0, buttons}, [&](int x, int y) {
                    search.visited.insert({x, y});
                });
                add(next);
            }
        }
    }
    return search;
}

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
    void forms_fillWhatTheTextSays();
    void exit_isReached_onFlatFloor();
    void gap_isReachedOrNot_atTheExactWidth();
    void deadlyFloor_stopsTheWay();
    void oneWay_isPassedFromBelow_andStoodOn();
    void start_insideStone_reachesNothing();
    void limit_isNotDecided_neverANo();
    void cancel_isSaid();
    void abilityNotSolved_isNotDecided();
    void hazardEntity_isDeadly();
};

void SolverTest::solver_equalsSearch_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(20261123);
    const int count = qEnvironmentVariableIntValue("ROOK_ROUNDS") > 0
                          ? qEnvironmentVariableIntValue("ROOK_ROUNDS")
                          : 400;
    int lively = 0;
    for (int round = 0; round < count; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const reach::Problem problem = randomProblem(random);
        const Search search = searchAll(problem);
        const reach::Reached reached = reach::solve(problem);
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        QVERIFY2(reached.completion == reach::Completion::Complete, where);
        const auto margins = runtime::marginsOf(problem.frame, problem.tables);
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
        if (search.visited.size() > 50) ++lively;
    }
    QVERIFY2(lively > count / 4, "random levels leave room to move");
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
    return reach::answer(*reach::askOf(project, testing::drawnLevel(project, rows)));
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
    QVERIFY(answer.reached.isStoodAt({40, 3 * 16 - 22}));
}

void SolverTest::start_insideStone_reachesNothing() {
    level::Project project = testing::smallProject();
    level::Level level = testing::drawnLevel(project, {".....", ".S..X", "#####"});
    level.cells.set(1, 0, level::Cell({1}));
    const auto answer = reach::answer(*reach::askOf(project, level));
    QCOMPARE(answer.verdict.kind, reach::VerdictKind::StartBlocked);
    QCOMPARE(answer.reached.visited.count(), 0);
}

void SolverTest::limit_isNotDecided_neverANo() {
    const level::Project project = testing::smallProject();
    const auto level = testing::drawnLevel(project, {"..........", ".S......X.", "####..####"});
    const auto question = *reach::askOf(project, level);
    for (const std::size_t bytes : {std::size_t{100}, std::size_t{200000}}) {
        const auto answer = reach::answer(question, {bytes, nullptr});
        QCOMPARE(answer.verdict.kind, reach::VerdictKind::NotDecided);
        QVERIFY(!answer.verdict.reason.empty());
    }
}

void SolverTest::cancel_isSaid() {
    const level::Project project = testing::smallProject();
    const auto level = testing::drawnLevel(project, {"..........", ".S......X.", "####..####"});
    const std::atomic<bool> cancel = true;
    const auto answer =
        reach::answer(*reach::askOf(project, level), {std::size_t{1} << 30, &cancel});
    QCOMPARE(answer.reached.completion, reach::Completion::Cancelled);
    QCOMPARE(answer.verdict.kind, reach::VerdictKind::NotDecided);
}

void SolverTest::abilityNotSolved_isNotDecided() {
    level::Project project = testing::smallProject();
    project.profiles.edit(
        [](auto& list) { list[0].abilities.push_back(level::Ability::WallJump); });
    const auto level = testing::drawnLevel(project, {"...........", ".S.......X.", "###########"});
    const auto answer = reach::answer(*reach::askOf(project, level));
    QCOMPARE(answer.verdict.kind, reach::VerdictKind::NotDecided);
    QVERIFY(answer.verdict.sentence().find("wall-jump") != std::string::npos);
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
    QCOMPARE(reach::answer(*reach::askOf(project, level)).verdict.kind,
             reach::VerdictKind::NotReached);
}

QTEST_APPLESS_MAIN(SolverTest)
#include "solver_test.moc"
