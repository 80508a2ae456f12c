/// Patrols against a plain simulation, formations and their windows, standing rules, rooms.

#include "cast/behaviour.h"

#include "../reach/placing.h"
#include "cast/rooms.h"
#include "cast/spread.h"
#include "motion/step_tables.h"
#include "testing.h"

namespace rook::behaviour_test {

using level::Cell;
using level::Entity;
using level::Gait;
using level::MatterId;
using level::Standing;

namespace {

runtime::MotionTables player() {
    return motion::makeStepTables(level::MotionProfile{}, {16, 16})->body;
}

level::Project crabProject() {
    level::Project project = testing::smallProject();
    level::Kind crab;
    crab.id = {"crab"};
    crab.title = "Crab";
    crab.role = level::Role::Foe;
    crab.width = 14;
    crab.height = 10;
    project.kinds.edit([&](auto& list) { list.push_back(crab); });
    return project;
}

Entity crabAt(int x, int footY, Gait gait = Gait::Walks) {
    Entity crab;
    crab.id = {"crab-1"};
    crab.kind = {"crab"};
    crab.box = {x, footY - 10, 14, 10};
    crab.data.patrol.gait = gait;
    crab.data.patrol.speed = {700};
    return crab;
}

/// A walker on flat ground, px by px: turns where the next px is solid or has no floor.
std::vector<int> plainPatrol(const level::Project& project, const level::Level& level,
                             const Entity& crab, int ticks) {
    const auto isSolid = [&](int px, int py) {
        if (px < 0 || py < 0 || px >= level.boundsPx().width || py >= level.boundsPx().height)
            return true;
        return project.behaviourOf(level.cells.at(px / 16, py / 16)) == level::Behaviour::Solid;
    };
    const auto isFree = [&](int x) {
        for (int px = x; px < x + 14; ++px)
            for (int py = crab.box.y; py < crab.box.bottom(); ++py)
                if (isSolid(px, py)) return false;
        return true;
    };
    const auto hasFloor = [&](int x) {
        // Under its middle, or a little deeper, as on a slope.
        for (int down = 0; down <= 7; ++down)
            if (isSolid(x + 7, crab.box.bottom() + down)) return true;
        return false;
    };
    const auto pace = runtime::paceOf(crab.data.patrol.speed.thousandths);
    std::vector<int> places{crab.box.x};
    int x = crab.box.x;
    int way = crab.facing == level::Facing::Left ? -1 : 1;
    for (int tick = 0; tick < ticks; ++tick) {
        const int wanted = pace[std::size_t(tick % 16)];
        int gone = 0;
        while (gone < wanted && isFree(x + way) && hasFloor(x + way)) {
            x += way;
            ++gone;
        }
        bool turns = gone < wanted;
        for (const int mark : crab.data.patrol.turnsAt)
            turns = turns || (gone > 0 && x + 7 == mark);
        if (turns) way = -way;
        places.push_back(x);
    }
    return places;
}

}  // namespace

class BehaviourTest : public QObject {
    Q_OBJECT
private slots:
    void spread_placesEvenly_whereTheRuleHolds();
    void walkers_goAsAPlainSimulation_onRandomFloors();
    void walkers_turnAtMarks_andKeepToThem();
    void walkers_turnAtDoors();
    void walkerThatDoesNotTurn_fallsOffTheEdge_andGoesOn();
    void walker_diesOnDeadlyGround();
    void hanging_followsTheCeiling();
    void flying_keepsToItsTrack();
    void turnMarks_turnWhoComesToThem();
    void shots_flyEndAndFollowEachOther();
    void stuck_isTold();
    void ring_turnsRound_andItsWindowsAreTheTicksOfItsGaps();
    void line_goesThereAndBack();
    void standing_isHeldTo_andThingsDropToIt();
    void rooms_areSealedPlaces();
};

void BehaviourTest::walkers_goAsAPlainSimulation_onRandomFloors() {
    const std::uint64_t seed = testing::seedOr(77);
    int turned = 0;
    for (int round = 0; round < 120; ++round) {
        Random random(seed + std::uint64_t(round));
        const level::Project project = crabProject();
        level::Level level;
        level.cells = Grid<Cell>(24, 8);
        level.cells.fillRect({0, 6, 24, 2}, Cell(MatterId{1}));
        for (int i = random.between(0, 4); i > 0; --i)
            level.cells.fillRect({random.between(0, 23), 6, random.between(1, 4), 2}, Cell());
        for (int i = random.between(0, 3); i > 0; --i)
            level.cells.set(random.between(0, 23), 5, Cell(MatterId{1}));
        Entity crab = crabAt(random.between(0, 369), 96);
        crab.facing = random.chance(50) ? level::Facing::Left : level::Facing::Right;
        crab.data.patrol.speed = {random.between(100, 3000)};
        // Only where it has room and stands on something.
        const auto way = cast::wayOf(project, level, player(), crab);
        if (way.flaw == runtime::PatrolFlaw::NoRoom || way.flaw == runtime::PatrolFlaw::Dies)
            continue;
        level::Kind floor = *project.findKind({"crab"});
        floor.standing = Standing::Floor;
        level::Project held = project;
        held.kinds.edit([&](auto& list) { list.back() = floor; });
        if (cast::standingFlaw(held, level, crab)) continue;
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + std::uint64_t(round));
        const auto plain = plainPatrol(project, level, crab, 600);
        for (int tick = 0; tick <= 600; ++tick) {
            QVERIFY2(way.at(tick).x == plain[std::size_t(tick)], where);
            QVERIFY2(way.at(tick).y == crab.box.y, where);
        }
        turned += way.flaw == runtime::PatrolFlaw::None ? 1 : 0;
    }
    QVERIFY(turned > 20);
}

void BehaviourTest::walkers_turnAtMarks_andKeepToThem() {
    const level::Project project = crabProject();
    level::Level level;
    level.cells = Grid<Cell>(24, 8);
    level.cells.fillRect({0, 6, 24, 2}, Cell(MatterId{1}));
    Entity crab = crabAt(100, 96);
    crab.data.patrol.turnsAt = {90, 200};
    const auto way = cast::wayOf(project, level, player(), crab);
    QCOMPARE(way.flaw, runtime::PatrolFlaw::None);
    int least = 1000, most = 0;
    for (std::size_t i = way.loopFrom; i < way.corners.size(); ++i) {
        least = std::min(least, way.corners[i].first + 7);
        most = std::max(most, way.corners[i].first + 7);
    }
    QCOMPARE(least, 90);
    QCOMPARE(most, 200);
    const auto plain = plainPatrol(project, level, crab, 900);
    for (int tick = 0; tick <= 900; ++tick)
        QCOMPARE(way.at(tick).x, plain[std::size_t(tick)]);
    // It comes round for ever.
    const auto period = static_cast<long long>(way.periodTicks());
    QCOMPARE(way.at(5000).x, way.at(5000 + period).x);
}

void BehaviourTest::walkers_turnAtDoors() {
    level::Project project = crabProject();
    level::Level level;
    level.cells = Grid<Cell>(24, 8);
    level.cells.fillRect({0, 6, 24, 2}, Cell(MatterId{1}));
    testing::place(project, level, level::Role::Door, "door-1", {160, 64, 8, 32});
    const auto way = cast::wayOf(project, level, player(), crabAt(100, 96));
    QCOMPARE(way.flaw, runtime::PatrolFlaw::None);
    int most = 0;
    for (const auto& corner : way.corners)
        most = std::max(most, corner.first + 14);
    QCOMPARE(most, 160);
}

void BehaviourTest::walkerThatDoesNotTurn_fallsOffTheEdge_andGoesOn() {
    const level::Project project = crabProject();
    level::Level level;
    level.cells = Grid<Cell>(24, 12);
    level.cells.fillRect({0, 4, 10, 1}, Cell(MatterId{1}));
    level.cells.fillRect({0, 10, 24, 2}, Cell(MatterId{1}));
    Entity crab = crabAt(40, 64);
    crab.data.patrol.turnsAtEdges = false;
    const auto way = cast::wayOf(project, level, player(), crab);
    QCOMPARE(way.flaw, runtime::PatrolFlaw::None);
    QCOMPARE(way.at(0).y, 54);
    QCOMPARE(way.corners.back().second, 150);
    crab.data.patrol.turnsAtEdges = true;
    const auto turning = cast::wayOf(project, level, player(), crab);
    for (const auto& [x, y] : turning.corners)
        QCOMPARE(y, 54);
}

void BehaviourTest::walker_diesOnDeadlyGround() {
    const level::Project project = crabProject();
    level::Level level;
    level.cells = Grid<Cell>(24, 8);
    level.cells.fillRect({0, 6, 24, 2}, Cell(MatterId{1}));
    level.cells.set(12, 5, Cell(MatterId{5}));
    const auto way = cast::wayOf(project, level, player(), crabAt(100, 96));
    QCOMPARE(way.flaw, runtime::PatrolFlaw::Dies);
    const runtime::Box last = way.at(static_cast<long long>(way.corners.size()) - 1);
    QVERIFY(last.x + 14 >= 12 * 16 - 2);
}

void BehaviourTest::hanging_followsTheCeiling() {
    const level::Project project = crabProject();
    level::Level level;
    level.cells = Grid<Cell>(24, 8);
    level.cells.fillRect({4, 0, 8, 2}, Cell(MatterId{1}));
    Entity crab = crabAt(100, 42, Gait::Hangs);
    const auto way = cast::wayOf(project, level, player(), crab);
    QCOMPARE(way.flaw, runtime::PatrolFlaw::None);
    int least = 1000, most = 0;
    for (std::size_t i = way.loopFrom; i < way.corners.size(); ++i) {
        QCOMPARE(way.corners[i].second, 32);
        least = std::min(least, way.corners[i].first);
        most = std::max(most, way.corners[i].first);
    }
    QCOMPARE(least, 4 * 16 - 13);
    QCOMPARE(most, 12 * 16 - 1);
    crab.box.y += 3;
    QCOMPARE(cast::wayOf(project, level, player(), crab).flaw, runtime::PatrolFlaw::NoHold);
}

void BehaviourTest::flying_keepsToItsTrack() {
    const level::Project project = crabProject();
    level::Level level;
    level.cells = Grid<Cell>(24, 8);
    Entity crab = crabAt(100, 60, Gait::Flies);
    crab.data.track.points = {{60, 0}, {60, 30}};
    crab.data.track.periodTicks = 180;
    const auto way = cast::wayOf(project, level, player(), crab);
    QCOMPARE(way.flaw, runtime::PatrolFlaw::None);
    QCOMPARE(way.periodTicks(), std::size_t{180});
    QCOMPARE(way.at(90).x, 160);
    QCOMPARE(way.at(90).y, 80);
    level.cells.fillRect({9, 2, 2, 2}, Cell(MatterId{1}));
    QCOMPARE(cast::wayOf(project, level, player(), crab).flaw, runtime::PatrolFlaw::NoRoom);
}

void BehaviourTest::turnMarks_turnWhoComesToThem() {
    level::Project project = crabProject();
    level::Kind mark;
    mark.id = {"mark"};
    mark.role = level::Role::TurnMark;
    mark.width = 4;
    mark.height = 16;
    project.kinds.edit([&](auto& list) { list.push_back(mark); });
    level::Level level;
    level.cells = Grid<Cell>(24, 8);
    level.cells.fillRect({0, 6, 24, 2}, Cell(MatterId{1}));
    level.cells.fillRect({0, 2, 24, 1}, Cell(MatterId{1}));
    for (const Gait gait : {Gait::Walks, Gait::Hangs}) {
        const int feet = gait == Gait::Walks ? 96 : 58;
        Entity crab = crabAt(100, feet, gait);
        crab.facing = level::Facing::Right;
        crab.data.patrol.speed = {3000};
        const auto placeMark = [&](const char* id, int x) {
            Entity entity;
            entity.id = {id};
            entity.kind = {"mark"};
            entity.box = {x, feet - 12, 4, 16};
            level.entities.edit([&](auto& list) { list.push_back(entity); });
        };
        level.entities = {};
        placeMark("mark-1", 180);
        placeMark("mark-2", 60);
        const auto way = cast::wayOf(project, level, player(), crab);
        QCOMPARE(way.flaw, runtime::PatrolFlaw::None);
        int left = 1 << 20, right = 0;
        for (const auto& [x, y] : way.corners) {
            left = std::min(left, x);
            right = std::max(right, x);
        }
        // It stops at the very px at which it begins to overlap one.
        QCOMPARE(right + 14, 181);
        QCOMPARE(left, 63);
    }
}

void BehaviourTest::shots_flyEndAndFollowEachOther() {
    const std::uint64_t seed = testing::seedOr(91);
    const level::Project project = crabProject();
    for (int round = 0; round < 200; ++round) {
        Random random(seed + std::uint64_t(round));
        level::Level level;
        level.cells = Grid<Cell>(24, 8);
        for (int i = random.between(0, 6); i > 0; --i)
            level.cells.set(random.between(0, 23), random.between(0, 7), Cell(MatterId{1}));
        Entity vent;
        vent.id = {"vent-1"};
        vent.kind = {"crab"};
        vent.box = {random.between(0, 370), random.between(0, 110), random.between(1, 20),
                    random.between(1, 20)};
        level::Thrower& thrower = vent.data.thrower;
        thrower.everyTicks = random.between(1, 40);
        thrower.first = random.between(0, thrower.everyTicks - 1);
        thrower.shot = {random.between(1, 9),
                        random.between(1, 9),
                        {random.between(-9000, 9000)},
                        {random.between(-9000, 9000)},
                        random.between(1, 120)};
        const level::Shot& shot = thrower.shot;
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + std::uint64_t(round));
        // Shot by shot, as the rule says it.
        const auto cornerAfter = [&](int ticks) {
            const auto gone = [&](level::Decimal pace) {
                return int(std::lround(double(pace.thousandths * ticks) / 1000.0));
            };
            return PxPoint{
                vent.box.x + int(std::floor((vent.box.width - shot.width) / 2.0)) + gone(shot.dx),
                vent.box.y + int(std::floor((vent.box.height - shot.height) / 2.0)) +
                    gone(shot.dy)};
        };
        int life = 0;
        for (; life < shot.lifeTicks; ++life) {
            const PxPoint at = cornerAfter(life);
            const PxRect box{at.x, at.y, shot.width, shot.height};
            if (!level.boundsPx().contains(box) || !cast::isOpenAt(project, level, box)) break;
        }
        const auto ways = cast::shotsAmong({}, project, level, vent);
        for (int tick = 0; tick < 200; ++tick) {
            std::vector<std::pair<int, int>> wanted, is;
            for (int made = thrower.first - 60 * thrower.everyTicks * 4; made <= tick;
                 made += thrower.everyTicks)
                if (tick - made < life) {
                    const PxPoint at = cornerAfter(tick - made);
                    wanted.emplace_back(at.x, at.y);
                }
            for (const runtime::Way& way : ways)
                if (way.isThere(tick)) is.emplace_back(way.at(tick).x, way.at(tick).y);
            std::sort(wanted.begin(), wanted.end());
            std::sort(is.begin(), is.end());
            QVERIFY2(wanted == is, where + " tick " + QByteArray::number(tick));
        }
    }
}

void BehaviourTest::stuck_isTold() {
    const level::Project project = crabProject();
    level::Level level;
    level.cells = Grid<Cell>(24, 8);
    level.cells.fillRect({0, 6, 24, 2}, Cell(MatterId{1}));
    level.cells.set(5, 5, Cell(MatterId{1}));
    level.cells.set(7, 5, Cell(MatterId{1}));
    Entity crab = crabAt(6 * 16 + 1, 96);
    crab.box.width = 14;
    // One px of room on each side, at a pace of a px in two ticks: it goes to and fro.
    QCOMPARE(cast::wayOf(project, level, player(), crab).flaw, runtime::PatrolFlaw::None);
    crab.box.x = 6 * 16;
    crab.box.width = 16;
    QCOMPARE(cast::wayOf(project, level, player(), crab).flaw, runtime::PatrolFlaw::KeepsOff);
    crab.box.x = 5 * 16 + 4;
    QCOMPARE(cast::wayOf(project, level, player(), crab).flaw, runtime::PatrolFlaw::NoRoom);
}

void BehaviourTest::ring_turnsRound_andItsWindowsAreTheTicksOfItsGaps() {
    runtime::Formation ring;
    ring.middle = {200, 200, 8, 8};
    ring.count = 6;
    ring.gaps = {0};
    ring.distance = 60;
    ring.periodTicks = 240;
    QCOMPARE(ring.at(0, 0).x, 260);
    QCOMPARE(ring.at(0, 0).y, 200);
    // Clockwise as it is seen: down first, a quarter later.
    QCOMPARE(ring.at(0, 60).y, 260);
    QCOMPARE(ring.at(3, 0).x, 140);
    const auto passages = cast::passagesOf(ring, player());
    QCOMPARE(passages.size(), std::size_t{4});
    for (const cast::Passage& passage : passages) {
        int open = 0, run = 0, longest = 0;
        const runtime::Box body{passage.middle.x - player().bodyWidth / 2,
                                passage.middle.y - player().bodyHeight / 2, player().bodyWidth,
                                player().bodyHeight};
        for (int tick = 0; tick < 480; ++tick) {
            bool isFree = true;
            for (int place = 1; place < 6; ++place)
                isFree = isFree && !overlaps(ring.at(place, tick), body);
            run = isFree ? run + 1 : 0;
            longest = std::max(longest, run);
            open += isFree && tick < 240 ? 1 : 0;
        }
        int told = 0;
        for (const auto& [from, to] : passage.windows)
            told += to - from;
        QCOMPARE(told, open);
        QCOMPARE(passage.longest, longest);
        QVERIFY(passage.needed > 0);
    }
}

void BehaviourTest::line_goesThereAndBack() {
    runtime::Formation line;
    line.middle = {100, 100, 8, 8};
    line.shape = runtime::FormationShape::Line;
    line.count = 3;
    line.distance = 20;
    line.periodTicks = 100;
    line.shiftX = 40;
    QCOMPARE(line.at(0, 0).x, 80);
    QCOMPARE(line.at(2, 0).x, 120);
    QCOMPARE(line.at(0, 50).x, 120);
    QCOMPARE(line.at(0, 100).x, 80);
    runtime::Formation grid = line;
    grid.shape = runtime::FormationShape::Grid;
    grid.count = 6;
    grid.columns = 3;
    grid.shiftX = 0;
    QCOMPARE(grid.at(0, 0).y, 90);
    QCOMPARE(grid.at(5, 0).y, 110);
    QCOMPARE(grid.at(5, 0).x, 120);
}

void BehaviourTest::standing_isHeldTo_andThingsDropToIt() {
    level::Project project = crabProject();
    level::Level level;
    level.cells = Grid<Cell>(20, 12);
    level.cells.fillRect({0, 10, 20, 2}, Cell(MatterId{1}));
    level.cells.fillRect({0, 0, 20, 1}, Cell(MatterId{1}));
    level.cells.fillRect({0, 0, 1, 12}, Cell(MatterId{1}));
    level.cells.fillRect({12, 8, 4, 2}, Cell(MatterId{4}));
    const auto flawOf = [&](Standing standing, PxRect box) {
        project.kinds.edit([&](auto& list) { list.back().standing = standing; });
        Entity crab = crabAt(0, 0);
        crab.box = box;
        return cast::standingFlaw(project, level, crab).has_value();
    };
    const auto drop = [&](Standing standing, PxRect box) {
        level::Kind kind = *project.findKind({"crab"});
        kind.standing = standing;
        return cast::dropped(project, level, kind, box);
    };
    const PxRect inAir{50, 70, 14, 10};
    QVERIFY(flawOf(Standing::Floor, inAir));
    QCOMPARE(drop(Standing::Floor, inAir), (PxRect{50, 150, 14, 10}));
    QVERIFY(!flawOf(Standing::Floor, {50, 150, 14, 10}));
    QVERIFY(flawOf(Standing::Ceiling, inAir));
    QCOMPARE(drop(Standing::Ceiling, inAir), (PxRect{50, 16, 14, 10}));
    QVERIFY(!flawOf(Standing::Ceiling, {50, 16, 14, 10}));
    QVERIFY(flawOf(Standing::Wall, inAir));
    QCOMPARE(drop(Standing::Wall, inAir), (PxRect{16, 70, 14, 10}));
    QVERIFY(!flawOf(Standing::Wall, {16, 70, 14, 10}));
    QVERIFY(flawOf(Standing::Liquid, inAir));
    QVERIFY(!flawOf(Standing::Liquid, {200, 130, 14, 10}));
    QCOMPARE(drop(Standing::Anywhere, inAir), inAir);
}

void BehaviourTest::rooms_areSealedPlaces() {
    const level::Project project = crabProject();
    level::Level level;
    level.cells = Grid<Cell>(20, 12, Cell(MatterId{1}));
    level.cells.fillRect({2, 2, 6, 4}, Cell());
    level.cells.fillRect({10, 3, 5, 6}, Cell());
    level.cells.fillRect({17, 10, 2, 1}, Cell());  // too small
    const auto rooms = cast::roomsOf(project, level);
    QCOMPARE(rooms.size(), std::size_t{2});
    QCOMPARE(rooms[0], (CellRect{1, 1, 8, 6}));
    QCOMPARE(rooms[1], (CellRect{9, 2, 7, 8}));
    level.cells.fillRect({8, 4, 2, 1}, Cell());
    QCOMPARE(cast::roomsOf(project, level).size(), std::size_t{1});
}

void BehaviourTest::spread_placesEvenly_whereTheRuleHolds() {
    level::Project project = crabProject();
    level::Kind crab = *project.findKind({"crab"});
    crab.standing = Standing::Floor;
    project.kinds.edit([&](auto& list) { list.back() = crab; });
    auto level = testing::drawnLevel(project, {"..........", "..........", "####..####"});
    const level::CellRegion all(CellRect{0, 0, 10, 3});
    const auto edit = cast::placeSpread(project, level, crab, all, 4, level::Facing::Left);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QCOMPARE(edit->level.entities.size(), std::size_t{4});
    std::vector<int> columns;
    for (const Entity& entity : edit->level.entities) {
        QVERIFY(!cast::standingFlaw(project, edit->level, entity));
        QVERIFY(entity.facing == level::Facing::Left);
        columns.push_back(entity.box.x / 16);
    }
    QCOMPARE(columns, (std::vector<int>{1, 3, 7, 9}));
    // As many as there is room for; and a sentence where there is none.
    QCOMPARE(cast::placeSpread(project, level, crab, all, 50, {})->level.entities.size(),
             std::size_t{8});
    QVERIFY(
        !cast::placeSpread(project, level, crab, level::CellRegion(CellRect{4, 0, 2, 3}), 1, {}));
    // What stands there is not stood upon.
    const auto more = cast::placeSpread(project, edit->level, crab, all, 50, {});
    QCOMPARE(more->level.entities.size(), std::size_t{8});
}

ROOK_TEST(BehaviourTest)

}  // namespace rook::behaviour_test

#include "behaviour_test.moc"
