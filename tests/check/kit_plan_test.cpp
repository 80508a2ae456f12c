/// Holding a board of pieces to its plan.

#include "check/audit.h"
#include "check/cast.h"
#include "check/plan.h"
#include "kit/small_kit.h"
#include "level/sketch_edits.h"
#include "testing.h"

namespace rook::kit_plan_test {

using check::BeadState;
using check::FindingKind;
using level::Bead;
using level::BeadSort;
using level::Route;
using testing::kitBoard;
using testing::put;
using testing::smallKit;

class KitPlanTest : public QObject {
    Q_OBJECT
private slots:
    void route_isFollowed_moduleByModule();
    void wayPoint_thatIsNotComeTo_isTold();
    void bead_isMetOrSkippable_byItsModules();
    void event_isPassedOrLeftOut();
    void room_wantsAFloor();
    void whatGoesByTheClock_isLookedAt();

private:
    /// A ring of halls: from the start both ways round to the exit.
    void build(bool isRing);
    check::PlanReport held();
    static int countOf(const check::PlanReport& report, FindingKind kind) {
        return int(std::count_if(report.findings.begin(), report.findings.end(),
                                 [&](const auto& finding) { return finding.kind == kind; }));
    }
    level::Project m_project;
    level::Level m_level;
};

namespace {

PxPoint middleOf(int x, int y) {
    return {x * 32 + 16, y * 32 + 16};
}

Route routeOf(std::initializer_list<CellPoint> modules) {
    Route route;
    route.name = "main";
    for (const CellPoint at : modules)
        route.points.push_back(middleOf(at.x, at.y));
    return route;
}

}  // namespace

void KitPlanTest::build(bool isRing) {
    m_project = testing::smallProject();
    m_project.kits = std::vector<level::Kit>{smallKit()};
    std::vector<level::PlacedPiece> pieces{put("cross", 1, 3), put("cross", 5, 3)};
    for (int x = 2; x < 5; ++x)
        pieces.push_back(put("cross", x, 3));
    if (isRing)
        for (const auto& [x, y] : {std::pair{1, 2}, {1, 1}, {2, 1}, {3, 1}, {4, 1}, {5, 1}, {5, 2}})
            pieces.push_back(put("cross", x, y));
    m_level = testing::with(m_project.kits[0], kitBoard(8, 6), pieces);
    testing::place(m_project, m_level, level::Role::Spawn, "start",
                   {1 * 32 + 10, 3 * 32 + 4, 12, 22});
    testing::place(m_project, m_level, level::Role::Exit, "gate", {5 * 32 + 8, 3 * 32 + 2, 16, 28});
    m_project.levels = {std::make_shared<level::Level>(m_level)};
}

check::PlanReport KitPlanTest::held() {
    const auto query = reach::queryOf(m_project, m_level);
    if (!query) qFatal("%s", query.error().sentence().c_str());
    const reach::Answer answer = reach::answer(*query);
    return check::holdToPlan(m_project, m_level, &*query, &answer);
}

void KitPlanTest::route_isFollowed_moduleByModule() {
    build(true);
    m_level.sketch.routes = std::vector<Route>{routeOf({{1, 3}, {3, 1}, {5, 3}})};
    const auto report = held();
    QCOMPARE(report.routes[0].goalName, std::string("gate"));
    QVERIFY(report.routes[0].isFollowed());
    QCOMPARE(report.routes[0].passings.size(), std::size_t(3));
    for (const auto& passing : report.routes[0].passings)
        QVERIFY(passing.isPassed);
    // By the upper half of the ring: nine modules.
    QCOMPARE(report.routes[0].way.size(), std::size_t(9));
    QVERIFY(report.findings.empty());
}

void KitPlanTest::wayPoint_thatIsNotComeTo_isTold() {
    build(false);
    m_level.sketch.routes = std::vector<Route>{routeOf({{1, 3}, {3, 1}, {5, 3}})};
    const auto report = held();
    QVERIFY(!report.routes[0].passings[1].isPassed);
    QCOMPARE(countOf(report, FindingKind::WayPointMissed), 1);
    QCOMPARE(report.findings[0].sentence,
             std::string("The way leaves main at way point 2: none comes nearer than 2 modules"));
    QVERIFY(report.routes[0].isFollowed());
}

void KitPlanTest::bead_isMetOrSkippable_byItsModules() {
    for (const bool isRing : {false, true}) {
        build(isRing);
        Route route = routeOf({{1, 3}, {5, 3}});
        Bead door;
        door.share = 500;
        door.sort = BeadSort::Door;
        door.region = CellRect{3, 3, 1, 1};
        route.beads = {door};
        m_level.sketch.routes = std::vector<Route>{route};
        const auto report = held();
        QCOMPARE(report.routes[0].beads[0], isRing ? BeadState::Skippable : BeadState::Met);
        QCOMPARE(countOf(report, FindingKind::BeadSkippable), isRing ? 1 : 0);
    }
}

void KitPlanTest::event_isPassedOrLeftOut() {
    build(true);
    Route route = routeOf({{1, 3}, {5, 3}});
    Bead story;
    story.share = 500;
    story.sort = BeadSort::Story;
    Bead beside = story;
    beside.region = CellRect{3, 1, 1, 1};
    route.beads = {story, beside};
    m_level.sketch.routes = std::vector<Route>{route};
    const auto report = held();
    QCOMPARE(report.routes[0].beads[0], BeadState::Passed);
    QCOMPARE(report.routes[0].beads[1], BeadState::LeftOut);
}

void KitPlanTest::room_wantsAFloor() {
    build(false);
    level::Mark room;
    room.id = {1};
    room.shape = level::MarkShape::Box;
    room.isRoom = true;
    room.text = "pump room";
    room.points = std::vector<PxPoint>{{32, 32}, {3 * 32, 4 * 32}};
    level::Leaf leaf;
    leaf.name = "rooms";
    leaf.marks = std::vector<level::Mark>{room};
    m_level.sketch.leaves = std::vector<level::Leaf>{leaf};
    const auto report = held();
    QCOMPARE(countOf(report, FindingKind::RoomSolid), 1);
    QVERIFY2(report.findings[0].sentence.find("pump room on the plan is not built: 2 of 6") !=
                 std::string::npos,
             report.findings[0].sentence.c_str());
}

void KitPlanTest::whatGoesByTheClock_isLookedAt() {
    build(false);
    const auto found = [this] {
        const auto query = reach::queryOf(m_project, m_level);
        if (!query) qFatal("%s", query.error().sentence().c_str());
        QStringList sentences;
        for (const check::Finding& finding :
             check::findingsOf(m_project, m_level, reach::answer(*query)))
            if (finding.kind == FindingKind::PatrolBroken ||
                finding.kind == FindingKind::MoverNotReached)
                sentences << QString::fromStdString(finding.sentence);
        return sentences;
    };
    auto& crab = testing::place(m_project, m_level, level::Role::Foe, "crab",
                                {2 * 32 + 10, 3 * 32 + 10, 12, 12});
    crab.data.patrol.gait = level::Gait::Walks;
    auto& raft =
        testing::place(m_project, m_level, level::Role::Mover, "raft", {6 * 32, 3 * 32, 32, 32});
    raft.data.track.points = {{32, 0}};
    // The crab walks over the halls, and the raft comes by the last of them.
    QCOMPARE(found(), QStringList());
    m_level.entities.edit([](auto& entities) {
        entities[2].box.y = 0;
        entities[3].box.y = 0;
    });
    QCOMPARE(found(), (QStringList{"crab should walk and stands on no surface",
                                   "Nobody ever gets onto raft"}));
}

ROOK_TEST(KitPlanTest)

}  // namespace rook::kit_plan_test

#include "kit_plan_test.moc"
