/// Holding a level to its plan.

#include "check/plan.h"

#include "level/sketch_edits.h"
#include "testing.h"

namespace rook::plan_test {

using check::BeadState;
using check::FindingKind;
using level::Bead;
using level::BeadSort;
using level::Route;

namespace {

/// A hall with a low and a high way to the exit: the planks carry over the teeth, and so does the
/// jump from stone to stone.
const std::vector<std::string> hall{
    "....................", "....................", "......======........",
    "....................", "....==........==....", "....................",
    ".S................X.", "######..####..######", "######^^####^^######"};

PxPoint middleOf(int x, int y) {
    return {x * 16 + 8, y * 16 + 8};
}

Route routeOf(const std::vector<PxPoint>& cells) {
    Route route;
    route.name = "main";
    for (const PxPoint c : cells)
        route.points.push_back(middleOf(c.x, c.y));
    return route;
}

Bead beadAt(int leg, BeadSort sort, std::optional<CellRect> region = {}) {
    Bead bead;
    bead.leg = leg;
    bead.share = 500;
    bead.sort = sort;
    bead.region = region;
    return bead;
}

}  // namespace

class PlanTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void route_thatCanBeFollowed_isFollowed();
    void route_thatCannot_saysWhereAndByHowMuch();
    void route_intoADeadEnd_saysSo();
    void sideRoute_leadsToWhatLiesAtItsEnd();
    void bead_isMetOrSkippable_byItsRegion();
    void bead_withoutARegion_isPassedOrLeftOut();
    void reward_isNoObstacle();
    void beads_areNotJudged_whereTheExitIsOutOfReach();
    void shortRoute_andPointsOutside_areFindings();
    void things_andRooms_areFindings();
    void underlay_thatIsGone_isAFinding();
    void cancel_isSaid();

private:
    check::PlanReport held(const reach::Limits& limits = {});
    static int countOf(const check::PlanReport& report, FindingKind kind);
    level::Project m_project;
    level::Level m_level;
};

void PlanTest::init() {
    m_project = testing::smallProject();
    m_level = testing::drawnLevel(m_project, hall);
}

check::PlanReport PlanTest::held(const reach::Limits& limits) {
    const auto query = reach::queryOf(m_project, m_level);
    const reach::Answer answer = reach::answer(*query);
    return check::holdToPlan(m_project, m_level, &*query, &answer, limits);
}

int PlanTest::countOf(const check::PlanReport& report, FindingKind kind) {
    return static_cast<int>(std::count_if(report.findings.begin(), report.findings.end(),
                                          [&](const check::Finding& f) { return f.kind == kind; }));
}

void PlanTest::route_thatCanBeFollowed_isFollowed() {
    m_level = addRoute(m_level, routeOf({{1, 6}, {5, 3}, {8, 1}, {15, 3}, {18, 6}})).level;
    const auto report = held();
    QCOMPARE(report.findings.size(), std::size_t{0});
    const check::RouteReport& route = report.routes[0];
    QVERIFY(route.isGoalReached && route.run);
    QCOMPARE(route.goalName, std::string("gate-1"));
    int tick = 0;
    for (const reach::Passing& passing : route.passings) {
        QVERIFY(passing.isPassed && passing.atTick >= tick);
        tick = passing.atTick;
    }
    QVERIFY(reach::replays(reach::queryOf(m_project, m_level)->problem, *route.run, route.goal));
}

void PlanTest::route_thatCannot_saysWhereAndByHowMuch() {
    // The ceiling above the planks is out of reach.
    m_level.cells.fillRect({4, 2, 12, 3}, level::Cell());
    m_level = addRoute(m_level, routeOf({{1, 6}, {8, 0}, {18, 6}})).level;
    const auto report = held();
    QCOMPARE(countOf(report, FindingKind::WayPointMissed), 1);
    const check::Finding& finding = report.findings[0];
    QVERIFY2(finding.sentence.starts_with(
                 "The proof run leaves main at way point 2: none comes nearer than "),
             finding.sentence.c_str());
    QCOMPARE((PxPoint{finding.place.x, finding.place.y}), middleOf(8, 0));
    QVERIFY(!report.routes[0].passings[1].isPassed);
    // The body gets to the other way points all the same.
    QVERIFY(report.routes[0].run && report.routes[0].passings[2].isPassed);
}

void PlanTest::route_intoADeadEnd_saysSo() {
    m_level =
        testing::drawnLevel(m_project, {"..........", ".S......X.", "####..####", "#........#",
                                        "#........#", "#........#", "#........#", "##########"});
    m_level = addRoute(m_level, routeOf({{1, 1}, {5, 6}, {8, 1}})).level;
    const auto report = held();
    QCOMPARE(countOf(report, FindingKind::RouteEndMissed), 1);
    QVERIFY(!report.routes[0].run);
    QVERIFY(!report.routes[0].isGoalReached);
}

void PlanTest::sideRoute_leadsToWhatLiesAtItsEnd() {
    m_level =
        testing::drawnLevel(m_project, {"..........", "..........", ".S..o...X.", "##########"});
    m_level = addRoute(m_level, routeOf({{1, 2}, {8, 2}})).level;
    m_level = addRoute(m_level, routeOf({{1, 2}, {4, 2}})).level;
    m_level = addRoute(m_level, routeOf({{1, 2}, {1, 0}})).level;
    const auto report = held();
    QCOMPARE(report.routes[0].goalName, std::string("gate-1"));
    QCOMPARE(report.routes[1].goalName, std::string("lantern-1"));
    QVERIFY(report.routes[2].goalName.empty());
    QVERIFY(report.findings.empty());
}

void PlanTest::bead_isMetOrSkippable_byItsRegion() {
    Route route = routeOf({{1, 6}, {18, 6}});
    route.beads = {beadAt(0, BeadSort::Jump, CellRect{6, 0, 1, 9}),
                   beadAt(0, BeadSort::Climb, CellRect{6, 0, 6, 3})};
    m_level = addRoute(m_level, route).level;
    const auto report = held();
    QCOMPARE(report.routes[0].beads, (std::vector{BeadState::Met, BeadState::Skippable}));
    QCOMPARE(countOf(report, FindingKind::BeadSkippable), 1);
    QCOMPARE(report.findings[0].sentence,
             std::string("Bead 2 (climb) can be skipped: gate-1 is reached without it"));
}

void PlanTest::bead_withoutARegion_isPassedOrLeftOut() {
    Route route = routeOf({{1, 6}, {18, 6}});
    route.beads = {beadAt(0, BeadSort::Foe)};
    m_level = addRoute(m_level, route).level;
    QCOMPARE(held().routes[0].beads[0], BeadState::Passed);
    m_level.sketch.routes.edit([](auto& list) {
        list[0].points = {{24, 104}, {24, -900}, {296, -900}, {296, 104}};
    });
    m_level.sketch.routes.edit([](auto& list) { list[0].beads[0].leg = 1; });
    const auto report = held();
    QCOMPARE(report.routes[0].beads[0], BeadState::LeftOut);
    QCOMPARE(countOf(report, FindingKind::BeadLeftOut), 1);
}

void PlanTest::reward_isNoObstacle() {
    Route route = routeOf({{1, 6}, {18, 6}});
    route.beads = {beadAt(0, BeadSort::Reward, CellRect{0, 5, 20, 2})};
    m_level = addRoute(m_level, route).level;
    QCOMPARE(held().routes[0].beads[0], BeadState::Passed);
}

void PlanTest::beads_areNotJudged_whereTheExitIsOutOfReach() {
    m_level.cells.fillRect({13, 0, 1, 9}, level::Cell({1}));
    Route route = routeOf({{1, 6}, {18, 6}});
    route.beads = {beadAt(0, BeadSort::Jump, CellRect{6, 0, 1, 9})};
    m_level = addRoute(m_level, route).level;
    QCOMPARE(held().routes[0].beads[0], BeadState::NotJudged);
}

void PlanTest::shortRoute_andPointsOutside_areFindings() {
    m_level = addRoute(m_level, routeOf({{1, 6}})).level;
    m_level = addRoute(m_level, routeOf({})).level;
    m_level = addRoute(m_level, routeOf({{1, 6}, {50, 6}, {18, 6}})).level;
    const auto report = held();
    QCOMPARE(countOf(report, FindingKind::RouteTooShort), 2);
    QCOMPARE(countOf(report, FindingKind::WayPointOutside), 1);
    QCOMPARE(countOf(report, FindingKind::WayPointMissed), 1);
    // What needs no reach is said without an answer too.
    const auto plain = check::holdToPlan(m_project, m_level, nullptr, nullptr);
    QCOMPARE(countOf(plain, FindingKind::RouteTooShort), 2);
    QCOMPARE(countOf(plain, FindingKind::WayPointMissed), 0);
}

void PlanTest::things_andRooms_areFindings() {
    const auto mark = [&](level::MarkShape shape, std::vector<PxPoint> points, const char* text) {
        level::Mark m;
        m.shape = shape;
        m.points = std::move(points);
        m.text = text;
        m.isRoom = shape == level::MarkShape::Box;
        m_level = addMark(m_level, 0, m)->level;
    };
    mark(level::MarkShape::Thing, {middleOf(3, 3)}, "boat");
    mark(level::MarkShape::Thing, {middleOf(9, 3)}, "Boat");
    mark(level::MarkShape::Thing, {middleOf(9, 5)}, "lantern");
    mark(level::MarkShape::Thing, {middleOf(18, 6)}, "gate");
    mark(level::MarkShape::Box, {{0, 112}, {96, 144}}, "cellar");
    mark(level::MarkShape::Box, {{0, 0}, {96, 96}}, "air");
    const auto report = held();
    QCOMPARE(countOf(report, FindingKind::ThingToMake), 1);
    QCOMPARE(countOf(report, FindingKind::ThingNotPlaced), 1);
    QCOMPARE(countOf(report, FindingKind::RoomSolid), 1);
    QCOMPARE(report.findings[0].sentence,
             std::string("Room cellar on the plan is still solid: 12 of 12 cells"));
}

void PlanTest::underlay_thatIsGone_isAFinding() {
    level::Underlay underlay;
    underlay.path = "underlays/gone.png";
    m_level = setUnderlay(m_level, underlay, "Place").level;
    QCOMPARE(countOf(held(), FindingKind::UnderlayMissing), 1);
}

void PlanTest::cancel_isSaid() {
    m_level = addRoute(m_level, routeOf({{1, 6}, {18, 6}})).level;
    const std::atomic<bool> cancel = true;
    QVERIFY(held({std::size_t{1} << 30, &cancel}).isCancelled);
}

ROOK_TEST(PlanTest)

}  // namespace rook::plan_test

#include "plan_test.moc"
