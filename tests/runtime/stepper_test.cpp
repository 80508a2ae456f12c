/// The stepper, tick by tick, on small worlds whose outcome is plain to see. Cells are one px.

#include <set>

#include "runtime/scene.h"
#include "testing.h"

namespace rook::stepper_test {

using namespace rook::runtime;

class StepperTest : public QObject {
    Q_OBJECT
private slots:
    void jump_risesAndLands_byTheTable();
    void shortHop_cutsTheRise_onlyInItsPhases();
    void letGo_leadsOn_onlyWhileItRises();
    void wish_isCutToTheTable();
    void walk_followsTheTableOfSixteenTicks();
    void walk_stepsUpAndDown_byStepUpAndNoMore();
    void walk_needsRoomAbove_toStepUp();
    void walk_offAnEdge_endsTheTickInTheAir();
    void bump_endsTheTickAtTheTopPhase();
    void oneWay_holdsFromAbove_andLetsThroughFromBelow();
    void drop_needsTheAbility_andRoomBelow();
    void deadly_endsTheRun_onTheWay();
    void solid_stopsBeforeDeadlyCanKill();
    void edges_stopKillOrLetGo_data();
    void edges_stopKillOrLetGo();
    void start_isBottomCentre_roundedDown();
    void lastPhases_repeatForEver();
    void buttons_countInTheirOrder();
};

namespace {

/// That of the scenes; in one tick of sixteen it walks two px.
MotionTables tables() {
    MotionTables t = testing::tablesWith(0);
    t.walk[3] = 2;
    return t;
}

struct Place {
    Frame frame{20, 20, 1, 1, {}};
    testing::ShapeCells cells{20, 20};
    MotionTables motion = tables();

    void fill(int x, int y, int width, int height, Behaviour behaviour = Behaviour::Solid) {
        for (int j = y; j < y + height; ++j)
            for (int i = x; i < x + width; ++i)
                cells.set(i, j, {behaviour, Form::Full});
    }
    [[nodiscard]] World world() const { return World(frame, cells, motion); }
    /// A floor in row 15.
    Place& withFloor() {
        fill(0, 15, 20, 5);
        return *this;
    }
};

Body standing(int x, int y) {
    Body body;
    body.x = x;
    body.y = y;
    body.stance = Stance::Standing;
    return body;
}

}  // namespace

void StepperTest::jump_risesAndLands_byTheTable() {
    Place place;
    place.withFloor();
    const World world = place.world();
    Body body = standing(5, 12);
    QVERIFY(world.hasFloor(5, 12));
    std::vector<int> heights;
    for (int tick = 0; tick < 12; ++tick) {
        step(world, place.motion, body, {0, 0, tick == 0 ? jumpButton : 0u});
        heights.push_back(12 - body.y);
    }
    QCOMPARE(heights, (std::vector<int>{3, 5, 5, 4, 2, 0, 0, 0, 0, 0, 0, 0}));
    QCOMPARE(body.stance, Stance::Standing);
    QCOMPARE(body.tick, 12LL);
}

void StepperTest::shortHop_cutsTheRise_onlyInItsPhases() {
    Place place;
    place.withFloor();
    place.motion.dx.assign(16, 0);
    place.motion.dy = {-1, -1, -1, -1, -1, -1, -1, -1, -1, -1, 1, 1, 2, 2, 2, 2};
    place.motion.topPhase = 10;
    place.motion.loopFrom = 12;
    place.motion.abilities |= setOf(runtime::Ability::ShortHop);
    const World world = place.world();
    const auto topOf = [&](int letGoAt) {
        Body body = standing(5, 12);
        int top = 12;
        for (int tick = 0; tick < 30; ++tick) {
            const unsigned buttons = tick == 0 ? jumpButton : tick == letGoAt ? letGoButton : 0u;
            step(world, place.motion, body, {0, 0, buttons});
            top = std::min(top, body.y);
        }
        return 12 - top;
    };
    QCOMPARE(topOf(-1), 10);
    QCOMPARE(topOf(3), 10);  // phase 3: too early, the event is lost
    QCOMPARE(topOf(4), 9);   // phase 4 is followed by phase 6
    QCOMPARE(topOf(6), 10);  // max(7, 6): nothing to cut
}

void StepperTest::letGo_leadsOn_onlyWhileItRises() {
    MotionTables t = tables();
    t.topPhase = 6;
    QCOMPARE(t.phaseAfterLettingGo(5), 6);
    QCOMPARE(t.phaseAfterLettingGo(4), 5);
    QCOMPARE(t.phaseAfterLettingGo(3), -1);
    QCOMPARE(t.phaseAfterLettingGo(6), -1);
}

void StepperTest::wish_isCutToTheTable() {
    Place place;
    place.withFloor();
    Body body = standing(5, 12);
    step(place.world(), place.motion, body, {100, 0, jumpButton});
    QCOMPARE(body.x, 6);
    step(place.world(), place.motion, body, {-100, 0, 0});
    QCOMPARE(body.x, 5);
}

void StepperTest::walk_followsTheTableOfSixteenTicks() {
    Place place;
    place.withFloor();
    Body body = standing(0, 12);
    std::vector<int> xs;
    for (int tick = 0; tick < 6; ++tick) {
        step(place.world(), place.motion, body, {9, 0, 0});
        xs.push_back(body.x);
    }
    QCOMPARE(xs, (std::vector<int>{1, 2, 3, 5, 6, 7}));
    step(place.world(), place.motion, body, {});
    QCOMPARE(body.x, 7);
}

void StepperTest::walk_stepsUpAndDown_byStepUpAndNoMore() {
    Place place;
    place.withFloor();
    place.fill(8, 14, 4, 1);   // one px higher
    place.fill(14, 13, 4, 2);  // two px higher than the floor
    Body body = standing(5, 12);
    for (int i = 0; i < 2; ++i)
        step(place.world(), place.motion, body, {1, 0, 0});
    QCOMPARE(QPoint(body.x, body.y), QPoint(7, 11));
    for (int i = 0; i < 6; ++i)
        step(place.world(), place.motion, body, {1, 0, 0});
    QCOMPARE(QPoint(body.x, body.y), QPoint(12, 12));  // down by one, then stopped by two
    place.motion.stepUp = 2;
    step(place.world(), place.motion, body, {1, 0, 0});
    QCOMPARE(QPoint(body.x, body.y), QPoint(13, 10));
}

void StepperTest::walk_needsRoomAbove_toStepUp() {
    Place place;
    place.withFloor();
    place.fill(8, 14, 4, 1);
    place.fill(0, 11, 20, 1);  // a ceiling directly over the head
    Body body = standing(6, 12);
    step(place.world(), place.motion, body, {1, 0, 0});
    QCOMPARE(QPoint(body.x, body.y), QPoint(6, 12));
}

void StepperTest::walk_offAnEdge_endsTheTickInTheAir() {
    Place place;
    place.fill(0, 10, 5, 1);
    place.motion.walk.fill(4);
    Body body = standing(3, 7);
    std::vector<QPoint> passed;
    step(place.world(), place.motion, body, {4, 0, 0},
         [&](int x, int y) { passed.emplace_back(x, y); });
    QCOMPARE(body.stance, Stance::Airborne);
    QCOMPARE(body.phase, place.motion.topPhase);
    QCOMPARE(QPoint(body.x, body.y), QPoint(5, 7));
    QCOMPARE(passed, (std::vector<QPoint>{{4, 7}, {5, 7}}));
}

void StepperTest::bump_endsTheTickAtTheTopPhase() {
    Place place;
    place.withFloor();
    place.fill(0, 9, 20, 1);
    Body body = standing(5, 12);
    step(place.world(), place.motion, body, {0, 0, jumpButton});
    QCOMPARE(body.y, 10);
    QCOMPARE(body.phase, place.motion.topPhase);
}

void StepperTest::oneWay_holdsFromAbove_andLetsThroughFromBelow() {
    Place place;
    place.withFloor();
    place.fill(0, 10, 20, 2, Behaviour::OneWay);
    const World world = place.world();
    QVERIFY(world.hasFloor(5, 7));
    QVERIFY(!world.hasFloor(5, 8));  // the second row of the plank is no top
    Body body = standing(5, 12);
    for (int tick = 0; tick < 12; ++tick)
        step(world, place.motion, body, {0, 0, tick == 0 ? jumpButton : 0u});
    QCOMPARE(body.y, 7);
    QCOMPARE(body.stance, Stance::Standing);
}

void StepperTest::drop_needsTheAbility_andRoomBelow() {
    Place place;
    place.withFloor();
    place.fill(0, 10, 20, 1, Behaviour::OneWay);
    Body body = standing(5, 7);
    step(place.world(), place.motion, body, {0, 0, dropButton});
    QCOMPARE(body.y, 7);
    place.motion.abilities |= setOf(runtime::Ability::DropThrough);
    step(place.world(), place.motion, body, {0, 0, dropButton});
    QCOMPARE(body.y, 8);
    QCOMPARE(body.phase, place.motion.topPhase);
    body = standing(5, 12);
    step(place.world(), place.motion, body, {0, 0, dropButton});
    QCOMPARE(body.stance, Stance::Standing);
    QCOMPARE(body.y, 12);
}

void StepperTest::deadly_endsTheRun_onTheWay() {
    Place place;
    place.withFloor();
    place.fill(9, 14, 1, 1, Behaviour::Deadly);
    Body body = standing(6, 12);
    step(place.world(), place.motion, body, {1, 0, 0});
    QCOMPARE(body.stance, Stance::Standing);
    step(place.world(), place.motion, body, {1, 0, 0});
    QCOMPARE(body.stance, Stance::Ended);
    const Body before = body;
    step(place.world(), place.motion, body, {1, 0, jumpButton});
    QCOMPARE(body.x, before.x);
}

void StepperTest::solid_stopsBeforeDeadlyCanKill() {
    Place place;
    place.withFloor();
    place.fill(9, 12, 1, 1);
    place.fill(9, 13, 1, 2, Behaviour::Deadly);
    Body body = standing(7, 12);
    step(place.world(), place.motion, body, {1, 0, 0});
    QCOMPARE(body.stance, Stance::Standing);
    QCOMPARE(body.x, 7);
}

void StepperTest::edges_stopKillOrLetGo_data() {
    QTest::addColumn<int>("rule");
    QTest::addColumn<int>("x");
    QTest::addColumn<bool>("hasEnded");
    QTest::newRow("wall") << int(EdgeRule::Wall) << 0 << false;
    QTest::newRow("deadly") << int(EdgeRule::Deadly) << -1 << true;
    QTest::newRow("open") << int(EdgeRule::Open) << -1 << false;
}

void StepperTest::edges_stopKillOrLetGo() {
    QFETCH(int, rule);
    QFETCH(int, x);
    QFETCH(bool, hasEnded);
    Place place;
    place.withFloor();
    place.frame.edges.left = static_cast<EdgeRule>(rule);
    Body body = standing(0, 12);
    step(place.world(), place.motion, body, {-1, 0, 0});
    QCOMPARE(body.x, x);
    QCOMPARE(body.stance == Stance::Ended, hasEnded);
    // Beyond an open edge there is nothing to stand on, and at a body's width the run ends.
    place.frame.edges.left = EdgeRule::Open;
    QVERIFY(place.world().isLive(-2, 5));
    QVERIFY(!place.world().isLive(-3, 5));
    QVERIFY(!place.world().hasFloor(-2, 12));
    // Where a wall and an open edge overlap, the wall stands.
    QVERIFY(!place.world().isFree(-1, -1));
}

void StepperTest::start_isBottomCentre_roundedDown() {
    Place place;
    place.withFloor();
    const World world = place.world();
    QCOMPARE(bodyAt({4, 10, 7, 5}, world, place.motion).x, 6);  // 4 + floor(5 / 2)
    QCOMPARE(bodyAt({4, 14, 1, 1}, world, place.motion).x, 3);  // 4 + floor(-1 / 2)
    QCOMPARE(bodyAt({4, 10, 2, 5}, world, place.motion).stance, Stance::Standing);
    const Body inAir = bodyAt({4, 2, 2, 5}, world, place.motion);
    QCOMPARE(inAir.stance, Stance::Airborne);
    QCOMPARE(inAir.phase, place.motion.topPhase);
    QCOMPARE(bodyAt({4, 13, 2, 5}, world, place.motion).stance, Stance::Ended);
}

void StepperTest::lastPhases_repeatForEver() {
    const MotionTables t = tables();
    std::set<int> seen;
    int phase = 0;
    for (int i = 0; i < 100; ++i) {
        phase = t.phaseAfter(phase);
        if (i > 20) seen.insert(phase);
    }
    QCOMPARE(seen, (std::set<int>{4, 5, 6, 7}));
    QCOMPARE(t.totalRise(), 5);
}

void StepperTest::buttons_countInTheirOrder() {
    Place place;
    place.withFloor();
    place.fill(0, 10, 20, 1, Behaviour::OneWay);
    place.motion.abilities |= setOf(runtime::Ability::DropThrough);
    // Taking hold is not possible here and is ignored; jump comes before drop.
    Body body = standing(5, 7);
    step(place.world(), place.motion, body, {0, 0, takeHoldButton | jumpButton | dropButton});
    QCOMPARE(body.y, 4);
    body = standing(5, 7);
    step(place.world(), place.motion, body, {1, 0, takeHoldButton | dropButton});
    QCOMPARE(QPoint(body.x, body.y), QPoint(5, 8));
}

ROOK_TEST(StepperTest)

}  // namespace rook::stepper_test

#include "stepper_test.moc"
