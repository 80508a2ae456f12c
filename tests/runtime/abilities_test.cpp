/// One tick at a time: what each ability and each part of a level does to a body.

#include "registry.h"
#include "runtime/scene.h"

namespace rook::abilities_test {

using namespace rook::runtime;
using testing::Scene;
using testing::tablesWith;

namespace {

constexpr Input jump{0, 0, jumpButton};
constexpr Input stay{};

}  // namespace

class AbilitiesTest : public QObject {
    Q_OBJECT
private slots:
    void airJump_countsDown_andIsRestoredByStanding();
    void coyote_jumpsAfterTheEdge_forItsTicksOnly();
    void wallJump_pushesAway_andTheSameWallDoesNotCountMeanwhile();
    void ladder_isClimbed_andItsTopIsAFloor();
    void liquid_isSwumIn_andLeftByLettingGo();
    void withoutAbilities_laddersAndLiquidsAreAir();
    void spring_throwsWhoComesToRestOnIt_highOrLow();
    void springPush_movesTowardsTheTop();
    void door_opensInTheTickAfterItsKeyIsMet();
    void grantedAbility_isHadFromTheNextTickOn();
    void mover_carriesItsRider_andDropsItAtAWall();
    void timedHazard_killsOnlyWhileItIsOn();
    void rider_goesAlongAWay_acrossThenDown();
    void climber_overASpringAndAnotherLaddersTop_isThrown();
    void diagonals_areEvenOrASum();
    void track_isFollowedPxByPx();
};

void AbilitiesTest::airJump_countsDown_andIsRestoredByStanding() {
    const Scene scene(setOf(Ability::AirJump));
    Body body = scene.go(scene.standing(5, 12), {jump, stay});
    QCOMPARE(body.y, 7);
    QCOMPARE(body.airJumps, 1);
    body = scene.go(body, {jump});  // rises three more in this very tick
    QCOMPARE(body.y, 4);
    QCOMPARE(body.airJumps, 0);
    const Body after = scene.go(body, {jump});  // none is left
    QCOMPARE(after.y, 2);
    for (int i = 0; i < 12; ++i)
        body = scene.go(body, {stay});
    QCOMPARE(body.stance, Stance::Standing);
    QCOMPARE(scene.go(body, {jump}).airJumps, 1);
}

void AbilitiesTest::coyote_jumpsAfterTheEdge_forItsTicksOnly() {
    Scene scene(setOf(Ability::Coyote));
    scene.fill(0, 10, 8, 1, Behaviour::Solid);
    const Body off = scene.go(scene.standing(7, 7), {{1, 0, 0}});
    QCOMPARE(off.stance, Stance::Airborne);
    QCOMPARE(off.coyoteTicks, 2);
    QCOMPARE(scene.go(off, {jump}).y, 4);
    QCOMPARE(scene.go(off, {stay, jump}).y, 4);         // the top phase does not fall
    QCOMPARE(scene.go(off, {stay, stay, jump}).y, 10);  // too late
    Scene without;
    without.fill(0, 10, 8, 1, Behaviour::Solid);
    QCOMPARE(without.go(without.standing(7, 7), {{1, 0, 0}, jump}).y, 7);
}

void AbilitiesTest::wallJump_pushesAway_andTheSameWallDoesNotCountMeanwhile() {
    Scene scene(setOf(Ability::WallJump));
    scene.fill(0, 0, 3, 15, Behaviour::Solid);
    Body body = scene.go(scene.airborne(3, 8, 4), {{-1, 0, jumpButton}});
    QCOMPARE(body.x, 4);  // the push counts, not the wish
    QCOMPARE(body.y, 5);
    QCOMPARE(body.push, 1);
    body.x = 3;
    QCOMPARE(scene.go(body, {jump}).phase, 2);  // pushed from this wall: no jump
    QCOMPARE(scene.go(scene.airborne(6, 8, 4), {jump}).y, 10);
    // Between two walls the wish says which.
    scene.fill(5, 0, 3, 15, Behaviour::Solid);
    QCOMPARE(scene.go(scene.airborne(3, 8, 4), {{-1, 0, jumpButton}}).push, -1);
    QCOMPARE(scene.go(scene.airborne(3, 8, 4), {{0, 0, jumpButton}}).push, 1);
}

void AbilitiesTest::ladder_isClimbed_andItsTopIsAFloor() {
    Scene scene(setOf(Ability::Climb));
    scene.fill(5, 8, 2, 7, Behaviour::Ladder);
    Body body = scene.go(scene.standing(5, 12), {{0, -9, takeHoldButton}});
    QCOMPARE(body.stance, Stance::Climbing);
    QCOMPARE(body.y, 10);
    QCOMPARE(scene.go(body, {stay}).y, 10);
    body = scene.go(body, {{0, -9, 0}, {0, -9, 0}, {0, -9, 0}});
    QCOMPARE(body.stance, Stance::Standing);  // over the edge of the ladder's top
    QCOMPARE(body.y, 5);
    body = scene.go(body, {{0, 1, takeHoldButton}});
    QCOMPARE(body.stance, Stance::Climbing);
    QCOMPARE(body.y, 6);
    QCOMPARE(scene.go(body, {{0, 0, letGoButton}}).stance, Stance::Airborne);
    QCOMPARE(scene.go(body, {jump}).y, 3);
}

void AbilitiesTest::liquid_isSwumIn_andLeftByLettingGo() {
    Scene scene(setOf(Ability::Swim));
    scene.fill(0, 8, 20, 7, Behaviour::Liquid);
    Body body = scene.go(scene.airborne(5, 8, 2), {{1, 0, takeHoldButton}});
    QCOMPARE(body.stance, Stance::Swimming);
    QCOMPARE(body.x, 6);
    QCOMPARE(scene.go(body, {stay, stay}).y, 8);
    body = scene.go(body, {{0, -1, 0}, {0, -1, 0}, {0, -1, 0}});
    QCOMPARE(body.y, 6);  // no further than it meets the liquid
    QCOMPARE(scene.go(body, {{0, 0, letGoButton}}).stance, Stance::Airborne);
    QCOMPARE(scene.go(body, {jump}).y, 3);
}

void AbilitiesTest::withoutAbilities_laddersAndLiquidsAreAir() {
    Scene scene;
    scene.fill(5, 8, 2, 7, Behaviour::Ladder);
    scene.fill(9, 8, 4, 7, Behaviour::Liquid);
    QCOMPARE(scene.go(scene.standing(5, 12), {{0, -1, takeHoldButton}}).y, 12);
    QCOMPARE(scene.go(scene.airborne(5, 5, 4), {stay}).y, 7);  // the ladder's top is no floor
    QCOMPARE(scene.go(scene.airborne(9, 8, 4), {{0, 0, takeHoldButton}}).y, 10);
}

void AbilitiesTest::spring_throwsWhoComesToRestOnIt_highOrLow() {
    Scene scene;
    Spring spring;
    spring.box = {8, 13, 2, 2};
    spring.high = {{0, 0, 0, 0, 0}, {-5, -2, 0, 1, 2}, 3, 2};
    spring.low = {{0, 0, 0, 0, 0}, {-2, -1, 0, 1, 2}, 3, 2};
    scene.parts.springs.push_back(spring);
    const Body sprung = scene.go(scene.airborne(8, 7, 4), {stay, stay});
    QCOMPARE(sprung.stance, Stance::Sprung);
    QCOMPARE(sprung.y, 10);
    QCOMPARE(scene.go(sprung, {stay}).y, 5);
    QCOMPARE(scene.go(sprung, {{0, 0, letGoButton}}).y, 8);
    QCOMPARE(scene.go(sprung, {stay}).table, 1);
    QCOMPARE(scene.go(sprung, {{0, 0, letGoButton}}).table, 2);
    // Floor under the feet counts first.
    QCOMPARE(scene.go(scene.standing(6, 12), {{1, 0, 0}}).stance, Stance::Standing);
}

void AbilitiesTest::springPush_movesTowardsTheTop() {
    Scene scene;
    Spring spring;
    spring.box = {8, 13, 2, 2};
    spring.high = spring.low = {{1, 1, 1, 1, 1}, {-2, -1, 0, 1, 2}, 3, 2};
    spring.pushDx = 2;
    scene.parts.springs.push_back(spring);
    const Body sprung = scene.go(scene.airborne(8, 7, 4), {stay, stay});
    QCOMPARE(scene.go(sprung, {stay}).x, 10);
    QCOMPARE(scene.go(sprung, {{1, 0, 0}}).x, 11);
    QCOMPARE(scene.go(sprung, {stay, stay, stay, stay}).x, 12);  // until the top
}

void AbilitiesTest::door_opensInTheTickAfterItsKeyIsMet() {
    Scene scene;
    scene.parts.gains.push_back({{7, 12, 1, 3}, 0});
    scene.parts.doors.push_back({{9, 0, 1, 15}, 1, false});
    Body body = scene.go(scene.standing(5, 12), {{1, 0, 0}});
    QCOMPARE(body.held, HeldSet{1});
    QCOMPARE(body.x, 6);
    body = scene.go(body, {{1, 0, 0}, {1, 0, 0}, {1, 0, 0}});
    QCOMPARE(body.x, 9);
    Scene shut = scene;
    shut.parts.doors[0].isShutForGood = true;
    QCOMPARE(shut.go(shut.standing(5, 12), {{1, 0, 0}, {1, 0, 0}, {1, 0, 0}, {1, 0, 0}}).x, 7);
}

void AbilitiesTest::grantedAbility_isHadFromTheNextTickOn() {
    Scene scene(setOf(Ability::AirJump));
    scene.parts.gains.push_back({{5, 8, 2, 2}, setOf(Ability::AirJump)});
    const Body risen = scene.go(scene.standing(5, 12), {jump});
    QCOMPARE(risen.y, 9);
    QCOMPARE(risen.airJumps, 1);
    QCOMPARE(scene.go(risen, {jump}).y, 6);
    Scene far = scene;
    far.parts.gains[0].box.x = 15;
    QCOMPARE(far.go(far.standing(5, 12), {jump, jump}).y, 7);
}

void AbilitiesTest::mover_carriesItsRider_andDropsItAtAWall() {
    Scene scene;
    Mover mover;
    mover.width = 4;
    mover.height = 1;
    mover.track = {{4, 10}, {12, 10}, {4, 10}};
    mover.periodTicks = 16;
    scene.parts.movers.push_back(mover);
    Body body = scene.standing(5, 7);
    body = scene.go(body, {stay, stay, stay});  // it stands still in tick 0
    QCOMPARE(body.x, 7);
    QCOMPARE(body.stance, Stance::Standing);
    scene.fill(10, 0, 1, 9, Behaviour::Solid);
    for (int i = 0; i < 4; ++i)
        body = scene.go(body, {stay});
    QCOMPARE(body.x, 8);
    QCOMPARE(body.stance, Stance::Airborne);
}

void AbilitiesTest::rider_goesAlongAWay_acrossThenDown() {
    Scene scene;
    Mover mover;
    mover.width = 4;
    mover.height = 1;
    mover.track = {{4, 10}, {8, 8}, {4, 10}};
    mover.periodTicks = 3;
    mover.way = {{4, 10}, {6, 9}, {8, 8}};
    scene.parts.movers.push_back(mover);
    Body body = scene.standing(5, 7);
    body = scene.go(body, {stay, stay});
    QCOMPARE(body.x, 7);
    QCOMPARE(body.y, 6);
    QCOMPARE(body.stance, Stance::Standing);
    // Across first: a stone beside the way stops the whole ride, though the rise was free.
    scene.fill(9, 6, 1, 1, Behaviour::Solid);
    body = scene.go(body, {stay});
    QCOMPARE(body.x, 7);
    QCOMPARE(body.stance, Stance::Airborne);
}

/// A ladder's top is no floor for who holds a ladder: solver and stepper once took it for one.
void AbilitiesTest::climber_overASpringAndAnotherLaddersTop_isThrown() {
    Scene scene(setOf(Ability::Climb));
    Spring spring;
    spring.box = {5, 12, 1, 3};
    spring.high = spring.low = static_cast<PhaseTable>(scene.motion);
    scene.parts.springs.push_back(spring);
    scene.fill(5, 4, 1, 7, Behaviour::Ladder);   // that is held
    scene.fill(6, 12, 1, 3, Behaviour::Ladder);  // another one, whose top is under the feet
    Body body = scene.airborne(5, 8, 2);
    body = scene.go(body, {{0, 0, takeHoldButton}});
    QCOMPARE(body.stance, Stance::Climbing);
    body = scene.go(body, {{0, 1, 0}});
    QCOMPARE(body.y, 9);
    QCOMPARE(body.stance, Stance::Sprung);
    // Who does not hold on stands on that top.
    Body falling = scene.airborne(5, 8, 3);
    falling = scene.go(falling, {stay, stay});
    QCOMPARE(falling.stance, Stance::Standing);
}

void AbilitiesTest::diagonals_areEvenOrASum() {
    Scene scene;
    scene.motion.fromAbove = true;
    scene.motion.walk.fill(4);
    const Body sum = scene.go(scene.standing(4, 4), {{9, 9, 0}});
    QCOMPARE(sum.x, 8);
    QCOMPARE(sum.y, 4);
    scene.motion.hasEvenDiagonal = true;
    scene.motion.diagonal.fill(3);
    const Body even = scene.go(scene.standing(4, 4), {{9, 9, 0}});
    QCOMPARE(even.x, 7);
    QCOMPARE(even.y, 7);
    QCOMPARE(scene.go(scene.standing(4, 4), {{9, 0, 0}}).x, 8);
}

void AbilitiesTest::timedHazard_killsOnlyWhileItIsOn() {
    Scene scene;
    scene.parts.timed.push_back({{8, 12, 1, 3}, {6, {{2, 4}}}});
    Body body = scene.standing(6, 12);
    QCOMPARE(scene.go(body, {{1, 0, 0}, {1, 0, 0}}).stance, Stance::Standing);
    QCOMPARE(scene.go(body, {{1, 0, 0}, stay, stay}).stance, Stance::Ended);  // it waits there
    QCOMPARE(scene.go(body, {{1, 0, 0}, {1, 0, 0}, {1, 0, 0}}).stance, Stance::Ended);
    body.tick = 4;  // it is through before the hazard is on again
    QCOMPARE(scene.go(body, {{1, 0, 0}, {1, 0, 0}, {1, 0, 0}}).stance, Stance::Standing);
}

void AbilitiesTest::track_isFollowedPxByPx() {
    Mover mover;
    mover.track = {{0, 0}, {6, 0}, {6, 4}, {0, 4}, {0, 0}};
    mover.periodTicks = 40;
    QCOMPARE(mover.lengthPx(), 20LL);
    int x = 0;
    int y = 0;
    for (int tick = 0; tick <= 80; ++tick) {
        const Box at = mover.at(tick);
        QVERIFY(std::abs(at.x - x) + std::abs(at.y - y) <= 1);
        x = at.x;
        y = at.y;
    }
    QCOMPARE(mover.at(14).x, 6);
    QCOMPARE(mover.at(14).y, 1);
    QCOMPARE(mover.at(40).x, 0);
}

ROOK_TEST(AbilitiesTest)

}  // namespace rook::abilities_test

#include "abilities_test.moc"
