/// The plan as a value: marks, leaves, routes and parts.

#include "level/sketch_edits.h"

#include <cmath>

#include "level/history.h"
#include "level/parts.h"
#include "testing.h"

namespace rook::sketch_test {

using namespace rook::level;

namespace {

Mark markOf(MarkShape shape, std::vector<PxPoint> points, std::string text = {}) {
    Mark mark;
    mark.shape = shape;
    mark.points = std::move(points);
    mark.text = std::move(text);
    return mark;
}

/// Even-odd rule by counting crossings to the left, in whole half px.
bool isInsideByCounting(const std::vector<PxPoint>& corners, CellPoint cell, CellSize size) {
    const std::int64_t cx = (2 * std::int64_t{cell.x} + 1) * size.width;
    const std::int64_t cy = (2 * std::int64_t{cell.y} + 1) * size.height;
    int crossings = 0;
    for (std::size_t i = 0; i < corners.size(); ++i) {
        const std::int64_t ax = 2 * corners[i].x;
        const std::int64_t ay = 2 * corners[i].y;
        const std::int64_t bx = 2 * corners[(i + 1) % corners.size()].x;
        const std::int64_t by = 2 * corners[(i + 1) % corners.size()].y;
        if ((ay <= cy) == (by <= cy)) continue;
        // x of the crossing <= cx, without dividing
        const std::int64_t left = ax * (by - ay) + (cy - ay) * (bx - ax);
        const std::int64_t right = cx * (by - ay);
        if (by > ay ? left <= right : left >= right) ++crossings;
    }
    return crossings % 2 == 1;
}

double distanceToPolyline(PxPoint p, const std::vector<PxPoint>& line) {
    double best = 1e300;
    for (std::size_t i = 0; i + 1 < line.size(); ++i) {
        const double dx = line[i + 1].x - line[i].x;
        const double dy = line[i + 1].y - line[i].y;
        const double length = dx * dx + dy * dy;
        double t = length > 0 ? ((p.x - line[i].x) * dx + (p.y - line[i].y) * dy) / length : 0;
        t = std::min(1.0, std::max(0.0, t));
        best = std::min(best, std::hypot(p.x - line[i].x - t * dx, p.y - line[i].y - t * dy));
    }
    return best;
}

}  // namespace

class SketchTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void outline_coversCellsWhoseCentreLiesInside_onRandomPolygons();
    void line_coversAFloorOfOneCell();
    void simplified_staysWithinTheTolerance();
    void addMark_makesTheFirstLeaf_andFreshIds();
    void addMark_isRefused_onALockedOrHiddenLeaf();
    void eraser_cutsAStroke_andLeavesTheRest();
    void eraser_makesStraightLinesOfABox();
    void eraser_leavesOtherLeavesAndLabelsAlone();
    void mirror_twice_isTheSame();
    void group_makesOneGroup_andAgainNone();
    void copies_getFreshIdsAndGroups();
    void lockedMarks_areNeitherMovedNorDeleted();
    void leaves_areMovedAndRemoved();
    void layMarks_isOneEdit_ofWholeCells();
    void layMarks_isRefused_whereNothingIsCovered();
    void wayPoint_putIn_leavesBeadsWhereTheyWere();
    void wayPoint_takenOut_keepsBeadsOnTheRoute();
    void routeEnds_moveWhatIsThere_andPlaceWhatIsNot();
    void routeEnds_areRefused_outsideTheLevel();
    void route_isMeasuredInCells();
    void parts_countThings_andTellWhatIsToMake();
    void part_isMatchedByHand_andFreedAgain();
    void thing_isStoodFor_byWhatIsNear();
    void history_countsStrokes_once();

private:
    LevelEdit added(Mark mark);
    Project m_project;
    Level m_level;
};

void SketchTest::init() {
    m_project = testing::smallProject();
    m_level = testing::drawnLevel(
        m_project, {"..........", "..........", "..........", "..........", "##########"});
}

/// Adds a mark to the level and remembers it.
LevelEdit SketchTest::added(Mark mark) {
    const auto edit = addMark(m_level, 0, std::move(mark));
    m_level = edit->level;
    return *edit;
}

void SketchTest::outline_coversCellsWhoseCentreLiesInside_onRandomPolygons() {
    const std::uint64_t seed = testing::seedOr(512);
    for (int round = 0; round < 300; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const CellSize cell{random.between(1, 9), random.between(1, 9)};
        std::vector<PxPoint> corners;
        for (int i = random.between(3, 9); i > 0; --i)
            corners.push_back({random.between(-30, 90), random.between(-30, 90)});
        const CellRegion region = cellsOf(markOf(MarkShape::Outline, corners), cell);
        for (int y = -40; y < 100; ++y)
            for (int x = -40; x < 100; ++x)
                QVERIFY2(region.contains({x, y}) == isInsideByCounting(corners, {x, y}, cell),
                         "ROOK_SEED=" + QByteArray::number(seed + round));
    }
    const CellRegion box = cellsOf(markOf(MarkShape::Box, {{40, 40}, {8, 7}}), {16, 16});
    QCOMPARE(box.bounds(), (CellRect{0, 0, 2, 2}));
}

void SketchTest::line_coversAFloorOfOneCell() {
    const CellRegion floor = cellsOf(markOf(MarkShape::Line, {{5, 50}, {100, 55}}), {16, 16});
    QCOMPARE(floor, CellRegion(CellRect{0, 3, 7, 1}));
    QVERIFY(cellsOf(markOf(MarkShape::Free, {{0, 0}, {90, 90}}), {16, 16}).isEmpty());
}

void SketchTest::simplified_staysWithinTheTolerance() {
    const std::uint64_t seed = testing::seedOr(77);
    for (int round = 0; round < 60; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        std::vector<PxPoint> points{{0, 0}};
        for (int i = 0; i < 400; ++i)
            points.push_back(
                {points.back().x + random.between(-2, 6), points.back().y + random.between(-4, 4)});
        for (const double tolerance : {0.5, 1.0, 4.0}) {
            const auto fewer = simplified(points, tolerance);
            QVERIFY(fewer.size() <= points.size());
            QCOMPARE(fewer.front(), points.front());
            QCOMPARE(fewer.back(), points.back());
            for (const PxPoint p : points)
                QVERIFY2(distanceToPolyline(p, fewer) <= tolerance + 1e-9,
                         "ROOK_SEED=" + QByteArray::number(seed + round));
        }
    }
    std::vector<PxPoint> straight;
    for (int i = 0; i < 100000; ++i)
        straight.push_back({i, i / 2});
    QVERIFY(simplified(straight, 1).size() <= 3);
}

void SketchTest::addMark_makesTheFirstLeaf_andFreshIds() {
    QCOMPARE(added(markOf(MarkShape::Line, {{0, 0}, {9, 9}})).name, std::string("Draw line"));
    added(markOf(MarkShape::Label, {{4, 4}}, "here"));
    QCOMPARE(m_level.sketch.leaves.size(), std::size_t{1});
    QCOMPARE(m_level.sketch.leaves[0].marks[1].id.number, 2);
    QCOMPARE(addMark(m_level, 0, markOf(MarkShape::Outline, {{0, 0}, {1, 1}})).error().kind,
             ErrorKind::OutOfRange);
    QCOMPARE(addMark(m_level, 3, markOf(MarkShape::Label, {{0, 0}})).error().kind,
             ErrorKind::OutOfRange);
}

void SketchTest::addMark_isRefused_onALockedOrHiddenLeaf() {
    m_level = addLeaf(m_level, "Plan").level;
    for (const bool isLocked : {true, false}) {
        Leaf leaf = m_level.sketch.leaves[0];
        leaf.isLocked = isLocked;
        leaf.isShown = isLocked;
        const Level level = changeLeaf(m_level, 0, leaf, "Lock").level;
        const auto edit = addMark(level, 0, markOf(MarkShape::Line, {{0, 0}, {1, 1}}));
        QVERIFY(!edit);
        QVERIFY(edit.error().sentence().find(isLocked ? "locked" : "hidden") != std::string::npos);
    }
}

void SketchTest::eraser_cutsAStroke_andLeavesTheRest() {
    added(markOf(MarkShape::Free, {{0, 20}, {50, 20}, {100, 20}}));
    const Level level = eraseStrokes(m_level, 0, {50, 20}, {50, 20}, 10)->level;
    const auto& marks = level.sketch.leaves[0].marks;
    QCOMPARE(marks.size(), std::size_t{2});
    QCOMPARE(marks[0].points.items(), (std::vector<PxPoint>{{0, 20}, {40, 20}}));
    QCOMPARE(marks[1].points.items(), (std::vector<PxPoint>{{60, 20}, {100, 20}}));
    // A fast sweep leaves no island between two places of the pointer.
    const Level swept = eraseStrokes(m_level, 0, {-20, 20}, {120, 20}, 6)->level;
    QVERIFY(swept.sketch.leaves[0].marks.empty());
    QCOMPARE(eraseStrokes(m_level, 0, {50, 60}, {50, 60}, 10)->level, m_level);
}

void SketchTest::eraser_makesStraightLinesOfABox() {
    added(markOf(MarkShape::Box, {{10, 10}, {60, 60}}));
    const Level level = eraseStrokes(m_level, 0, {35, 60}, {35, 60}, 5)->level;
    const auto& marks = level.sketch.leaves[0].marks;
    QCOMPARE(marks.size(), std::size_t{2});
    QCOMPARE(marks[0].shape, MarkShape::Line);
    QCOMPARE(marks[0].points.items(),
             (std::vector<PxPoint>{{10, 10}, {60, 10}, {60, 60}, {40, 60}}));
}

void SketchTest::eraser_leavesOtherLeavesAndLabelsAlone() {
    added(markOf(MarkShape::Line, {{0, 20}, {100, 20}}));
    added(markOf(MarkShape::Label, {{50, 20}}, "stay"));
    m_level = addLeaf(m_level, "Second").level;
    QCOMPARE(eraseStrokes(m_level, 1, {0, 20}, {100, 20}, 9)->level, m_level);
    QCOMPARE(eraseStrokes(m_level, 0, {0, 20}, {100, 20}, 9)->level.sketch.leaves[0].marks.size(),
             std::size_t{1});
}

void SketchTest::mirror_twice_isTheSame() {
    added(markOf(MarkShape::Free, {{3, 4}, {17, 9}, {5, 30}}));
    added(markOf(MarkShape::Box, {{40, 4}, {20, 9}}));
    const std::vector<MarkId> both{{1}, {2}};
    for (const bool isSideways : {true, false}) {
        const Level once = mirrorMarks(m_level, both, isSideways).level;
        QVERIFY(!(once == m_level));
        QCOMPARE(mirrorMarks(once, both, isSideways).level, m_level);
    }
    QCOMPARE(mirrorMarks(m_level, both, true).level.sketch.leaves[0].marks[0].points[0],
             (PxPoint{40, 4}));
}

void SketchTest::group_makesOneGroup_andAgainNone() {
    for (int i = 0; i < 3; ++i)
        added(markOf(MarkShape::Line, {{i, 0}, {i, 9}}));
    const Level grouped = groupMarks(m_level, {{1}, {3}}).level;
    QCOMPARE(withGroups(grouped.sketch, {{3}}).size(), std::size_t{2});
    QCOMPARE(withGroups(grouped.sketch, {{2}}).size(), std::size_t{1});
    QCOMPARE(groupMarks(grouped, {{1}, {3}}).level, m_level);
}

void SketchTest::copies_getFreshIdsAndGroups() {
    added(markOf(MarkShape::Line, {{0, 0}, {9, 0}}));
    added(markOf(MarkShape::Line, {{0, 5}, {9, 5}}));
    m_level = groupMarks(m_level, {{1}, {2}}).level;
    const Level copied =
        addCopies(m_level, 0, m_level.sketch.leaves[0].marks.items(), 16, 0)->level;
    const auto& marks = copied.sketch.leaves[0].marks;
    QCOMPARE(marks.size(), std::size_t{4});
    QCOMPARE(marks[3].id.number, 4);
    QCOMPARE(marks[2].points[0], (PxPoint{16, 0}));
    QCOMPARE(withGroups(copied.sketch, {{3}}), (std::vector<MarkId>{{3}, {4}}));
}

void SketchTest::lockedMarks_areNeitherMovedNorDeleted() {
    added(markOf(MarkShape::Line, {{0, 0}, {9, 0}}));
    Leaf leaf = m_level.sketch.leaves[0];
    leaf.isLocked = true;
    m_level = changeLeaf(m_level, 0, leaf, "Lock").level;
    QCOMPARE(moveMarks(m_level, {{1}}, 5, 5).level, m_level);
    QCOMPARE(deleteMarks(m_level, {{1}}).level, m_level);
}

void SketchTest::leaves_areMovedAndRemoved() {
    for (const char* name : {"a", "b", "c"})
        m_level = addLeaf(m_level, name).level;
    const Level moved = moveLeaf(m_level, 0, 2).level;
    QCOMPARE(moved.sketch.leaves[2].name, std::string("a"));
    QCOMPARE(moveLeaf(m_level, 2, 5).level, m_level);
    const LevelEdit removed = removeLeaf(moved, 1);
    QCOMPARE(removed.name, std::string("Remove leaf c"));
    QCOMPARE(removed.level.sketch.leaves.size(), std::size_t{2});
}

void SketchTest::layMarks_isOneEdit_ofWholeCells() {
    added(markOf(MarkShape::Box, {{20, 0}, {80, 30}}));
    const auto edit = layMarks(m_project, m_level, {{1}}, Cell({1}));
    QCOMPARE(edit->name, std::string("Lay the plan, 8 cells with stone"));
    QCOMPARE(edit->level.cells.at(1, 0), Cell({1}));
    QVERIFY(edit->level.cells.at(0, 0).isOpen());
    QVERIFY(edit->level.cells.at(5, 0).isOpen());
}

void SketchTest::layMarks_isRefused_whereNothingIsCovered() {
    added(markOf(MarkShape::Free, {{20, 0}, {80, 30}}));
    added(markOf(MarkShape::Box, {{-80, -80}, {-20, -20}}));
    for (const int id : {1, 2})
        QCOMPARE(layMarks(m_project, m_level, {{id}}, Cell({1})).error().kind,
                 ErrorKind::NotApplicable);
}

namespace {

Route routeOf(std::vector<PxPoint> points) {
    Route route;
    route.name = "main";
    route.points = std::move(points);
    return route;
}

}  // namespace

void SketchTest::wayPoint_putIn_leavesBeadsWhereTheyWere() {
    const std::uint64_t seed = testing::seedOr(31);
    for (int round = 0; round < 200; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        Route route = routeOf({});
        for (int i = 0; i < 5; ++i)
            route.points.push_back({random.between(0, 400), random.between(0, 400)});
        for (int leg = 0; leg < 4; ++leg) {
            Bead bead;
            bead.leg = leg;
            bead.share = random.between(0, 1000);
            route.beads.push_back(bead);
        }
        const int leg = random.between(0, 3);
        const PxPoint a = route.points[static_cast<std::size_t>(leg)];
        const PxPoint b = route.points[static_cast<std::size_t>(leg) + 1];
        const Route next = withWayPoint(route, leg, {(a.x + b.x) / 2, (a.y + b.y) / 2});
        for (std::size_t i = 0; i < route.beads.size(); ++i) {
            const PxPoint before = placeOf(route, route.beads[i]);
            const PxPoint after = placeOf(next, next.beads[i]);
            QVERIFY2(std::abs(before.x - after.x) <= 2 && std::abs(before.y - after.y) <= 2,
                     "ROOK_SEED=" + QByteArray::number(seed + round));
        }
    }
}

void SketchTest::wayPoint_takenOut_keepsBeadsOnTheRoute() {
    Route route = routeOf({{0, 0}, {100, 0}, {200, 0}, {300, 0}});
    for (int leg = 0; leg < 3; ++leg) {
        Bead bead;
        bead.leg = leg;
        bead.share = 500;
        route.beads.push_back(bead);
    }
    for (const int index : {0, 1, 3}) {
        const Route next = withoutWayPoint(route, index);
        for (std::size_t i = 0; i < next.beads.size(); ++i)
            QVERIFY(next.beads[i].leg >= 0 && next.beads[i].leg < 2);
    }
    const Route next = withoutWayPoint(route, 1);
    QCOMPARE(placeOf(next, next.beads[0]), (PxPoint{50, 0}));
    QCOMPARE(placeOf(next, next.beads[2]), (PxPoint{250, 0}));
    QVERIFY(withoutWayPoint(routeOf({{0, 0}, {1, 1}}), 0).beads.empty());
}

void SketchTest::routeEnds_moveWhatIsThere_andPlaceWhatIsNot() {
    m_level = addRoute(m_level, routeOf({{24, 60}, {136, 60}})).level;
    const auto placed = layRouteEnds(m_project, m_level, 0);
    QCOMPARE(placed->level.entities.size(), std::size_t{2});
    QCOMPARE(placed->level.entities[0].box, (PxRect{18, 64 - 22, 12, 22}));
    QCOMPARE(placed->level.entities[1].kind.text, std::string("gate"));
    const Level changed =
        changeRoute(placed->level, 0, routeOf({{40, 60}, {100, 60}}), "Move").level;
    const auto moved = layRouteEnds(m_project, changed, 0);
    QCOMPARE(moved->level.entities.size(), std::size_t{2});
    QCOMPARE(moved->level.entities[0].box.x, 34);
}

void SketchTest::routeEnds_areRefused_outsideTheLevel() {
    m_level = addRoute(m_level, routeOf({{24, 60}})).level;
    QCOMPARE(layRouteEnds(m_project, m_level, 0).error().kind, ErrorKind::NotApplicable);
    m_level = changeRoute(m_level, 0, routeOf({{24, 60}, {900, 60}}), "Move").level;
    QCOMPARE(layRouteEnds(m_project, m_level, 0).error().kind, ErrorKind::OutOfRange);
    m_project.kinds = std::vector<Kind>{};
    QCOMPARE(layRouteEnds(m_project, m_level, 0).error().kind, ErrorKind::NotApplicable);
}

void SketchTest::route_isMeasuredInCells() {
    QCOMPARE(lengthInCells(routeOf({{0, 0}, {48, 64}}), {16, 16}), 5.0);
    QCOMPARE(lengthInCells(routeOf({{0, 0}}), {16, 16}), 0.0);
    const auto place = nearestPlace(routeOf({{0, 0}, {100, 0}, {100, 100}}), {104, 25});
    QCOMPARE(place->leg, 1);
    QCOMPARE(place->share, 250);
    QCOMPARE(place->distancePx, 4.0);
    QVERIFY(!nearestPlace(routeOf({{0, 0}}), {0, 0}));
}

void SketchTest::parts_countThings_andTellWhatIsToMake() {
    for (const char* name : {"Boat", "boat", "Lantern", "stone"})
        added(markOf(MarkShape::Thing, {{30, 30}}, name));
    m_project.levels = {std::make_shared<const Level>(m_level)};
    const auto parts = partsOf(m_project, m_level);
    QCOMPARE(parts.size(), std::size_t{3});
    QCOMPARE(parts[0].name, std::string("Boat"));
    QCOMPARE(parts[0].instances, 2);
    QVERIFY(!parts[0].match);
    QCOMPARE(matchText(m_project, *parts[1].match), std::string("kind lantern"));
    QVERIFY(parts[1].isMatchedByName);
    QCOMPARE(parts[2].match->sort, PartSort::Matter);
    QCOMPARE(partsOf(m_project), parts);
}

void SketchTest::part_isMatchedByHand_andFreedAgain() {
    added(markOf(MarkShape::Thing, {{30, 30}}, "Boat"));
    const auto matched = matchPart(m_project, "boat", PartMatch{{}, PartSort::Kind, "gate"});
    QCOMPARE(partsOf(matched->project, m_level)[0].match->target, std::string("gate"));
    QVERIFY(!partsOf(matched->project, m_level)[0].isMatchedByName);
    QVERIFY(!partsOf(matchPart(matched->project, "BOAT", std::nullopt)->project, m_level)[0].match);
    for (const PartMatch& bad :
         {PartMatch{{}, PartSort::Kind, "ship"}, PartMatch{{}, PartSort::Matter, "wood"},
          PartMatch{{}, PartSort::Tile, "weir:3"}, PartMatch{{}, PartSort::Tile, "weir"}})
        QCOMPARE(matchPart(m_project, "boat", bad).error().kind, ErrorKind::BadReference);
    QCOMPARE(matchPart(m_project, "", std::nullopt).error().kind, ErrorKind::NotApplicable);
}

void SketchTest::thing_isStoodFor_byWhatIsNear() {
    m_level = testing::drawnLevel(m_project, {"o.........", "..........", "########.."});
    const auto stands = [&](PxPoint at, PartSort sort, const char* target) {
        return isStoodFor(m_project, m_level, markOf(MarkShape::Thing, {at}, "x"),
                          {"x", sort, target});
    };
    QVERIFY(stands({20, 20}, PartSort::Kind, "lantern"));
    QVERIFY(!stands({60, 20}, PartSort::Kind, "lantern"));
    QVERIFY(stands({60, 20}, PartSort::Matter, "stone"));
    QVERIFY(!stands({152, 8}, PartSort::Matter, "stone"));
}

void SketchTest::history_countsStrokes_once() {
    m_project.levels = {std::make_shared<const Level>(m_level)};
    History history(m_project);
    std::vector<PxPoint> many(10000);
    for (std::size_t i = 0; i < many.size(); ++i)
        many[i] = {static_cast<int>(i), 0};
    history.push(m_project.withLevel(addMark(m_level, 0, markOf(MarkShape::Free, many))->level),
                 "Draw", m_level.id, {});
    const std::size_t after = history.byteCount();
    QVERIFY(after >= many.size() * sizeof(PxPoint));
    const Level drawn = *history.current().levels[0];
    history.push(
        m_project.withLevel(addMark(drawn, 0, markOf(MarkShape::Line, {{0, 0}, {1, 1}}))->level),
        "Draw", m_level.id, {});
    QVERIFY(history.byteCount() - after < many.size() * sizeof(PxPoint) / 4);
    history.checkInvariants();
}

ROOK_TEST(SketchTest)

}  // namespace rook::sketch_test

#include "sketch_test.moc"
