/// One tick at a time: profiles that come into force, what is untouchable or beats foes, and doors
/// that shut or want to be used.

#include "registry.h"
#include "rook_thrower.hpp"
#include "runtime/scene.h"

namespace rook::profiles_test {

using namespace rook::runtime;
using testing::Scene;
using testing::tablesWith;

namespace {

constexpr Input stay{};
constexpr Input toTheRight{1, 0, 0};
constexpr Input swap{0, 0, swapButton};
constexpr Input use{0, 0, useButton};

/// The level's own profile, and a slow one that falls a px a tick.
Scene sceneWithSlow(AbilitySet own = 0, AbilitySet slow = 0) {
    Scene scene(own);
    MotionTables other = tablesWith(slow);
    other.dy = {-1, -1, 0, 1, 1, 1, 1, 1};
    other.walk.fill(2);
    scene.motion.others.push_back(other);
    return scene;
}

Way standingFoe(int x, int y) {
    Way foe;
    foe.corners = {{x, y}};
    foe.width = foe.height = 2;
    foe.canBeBeaten = true;
    return foe;
}

}  // namespace

class ProfilesTest : public QObject {
    Q_OBJECT
private slots:
    void movesAs_isInForce_fromTheNextTickOn();
    void movesAs_firstInTheFile_counts();
    void flight_isAdapted_atTheTop_withoutPushAndCoyote();
    void airJumps_areAllOfTheNewNumber_orTheLesser();
    void climber_fallsWhoseNewProfileCannotClimb();
    void swap_isAStay_andBack();
    void swap_givesWayToAHold_andIsNothingInTheAir();
    void swap_isForgotten_whenAPickupBringsAProfile();
    void untouchable_passesWhatIsDeadly_andDiesWhereItEnds();
    void untouchable_diesAtDeadlyEdges();
    void foe_isBeaten_andStaysSo();
    void hazardsOfAFormation_areNotBeaten();
    void shot_isBeaten_untilTheNextIsMade();
    void timedFoe_isBeaten();
    void doorThatShuts_waitsUntilTheBodyIsOff();
    void doorOnUse_opensForWhoUsesIt();
    void sprung_takesTheNewProfilesTable();
};

void ProfilesTest::movesAs_isInForce_fromTheNextTickOn() {
    Scene scene = sceneWithSlow();
    Gain kite{{6, 0, 1, 20}};
    kite.movesAs = 1;
    scene.parts.gains.push_back(kite);
    Body body = scene.go(scene.standing(4, 12), {toTheRight});
    QCOMPARE(body.x, 5);
    QCOMPARE(body.held, HeldSet{1});
    body = scene.go(body, {{2, 0, 0}});
    QCOMPARE(body.x, 7);  // it walks two px a tick now
}

void ProfilesTest::movesAs_firstInTheFile_counts() {
    Scene scene = sceneWithSlow();
    scene.motion.others.push_back(tablesWith(0));
    scene.motion.others[1].walk.fill(3);
    for (const int profile : {2, 1}) {
        Gain gain{{0, 0, 1, 1}};
        gain.movesAs = profile;
        scene.parts.gains.push_back(gain);
    }
    const World world(scene.frame, scene.cells, scene.motion, scene.parts);
    QCOMPARE(world.profileOf(0), 0);
    QCOMPARE(world.profileOf(2), 1);
    QCOMPARE(world.profileOf(3), 2);
    QCOMPARE(world.profileOf(1), 2);
    // One that brings the level's own profile goes before those after it, too.
    scene.parts.gains[0].movesAs = 0;
    const World own(scene.frame, scene.cells, scene.motion, scene.parts);
    QCOMPARE(own.profileOf(3), 0);
}

void ProfilesTest::flight_isAdapted_atTheTop_withoutPushAndCoyote() {
    Scene scene = sceneWithSlow(setOf(Ability::WallJump) | setOf(Ability::Coyote));
    Gain kite{{0, 0, 20, 20}};
    kite.movesAs = 1;
    scene.parts.gains.push_back(kite);
    Body body = scene.airborne(5, 4, 0);
    body.push = 1;
    body = scene.go(body, {stay});
    QCOMPARE(body.y, 1);  // this tick is still by the former tables
    QCOMPARE(body.phase, 2);
    QCOMPARE(body.push, 0);
    QCOMPARE(body.table, 0);
    body = scene.go(body, {stay, stay});
    QCOMPARE(body.y, 2);  // at the top, then a px a tick
}

void ProfilesTest::airJumps_areAllOfTheNewNumber_orTheLesser() {
    const AbilitySet jumps = setOf(Ability::AirJump);
    const auto after = [](Scene scene, int left) {
        Gain kite{{0, 0, 20, 20}};
        kite.movesAs = 1;
        scene.parts.gains.push_back(kite);
        Body body = scene.airborne(5, 4, 3);
        body.airJumps = left;
        return scene.go(body, {stay}).airJumps;
    };
    QCOMPARE(after(sceneWithSlow(0, jumps), 0), 1);      // none before: all of the new number
    QCOMPARE(after(sceneWithSlow(jumps, jumps), 0), 0);  // used up: the lesser
    QCOMPARE(after(sceneWithSlow(jumps, jumps), 1), 1);
    QCOMPARE(after(sceneWithSlow(jumps, 0), 1), 0);
}

void ProfilesTest::climber_fallsWhoseNewProfileCannotClimb() {
    Scene scene = sceneWithSlow(setOf(Ability::Climb));
    scene.fill(5, 4, 2, 11, Behaviour::Ladder);
    Gain kite{{0, 0, 20, 8}};
    kite.movesAs = 1;
    scene.parts.gains.push_back(kite);
    Body body = scene.standing(5, 8);
    body.stance = Stance::Climbing;
    body = scene.go(body, {{0, -2, 0}});
    QCOMPARE(body.y, 6);
    QCOMPARE(body.stance, Stance::Airborne);
    QCOMPARE(body.phase, 2);
}

void ProfilesTest::swap_isAStay_andBack() {
    Scene scene = sceneWithSlow();
    scene.motion.swapsWith = 1;
    scene.motion.others[0].swapsWith = 0;
    Body body = scene.go(scene.standing(5, 12), {{1, 0, swapButton | jumpButton}});
    QCOMPARE(body.x, 5);
    QCOMPARE(body.stance, Stance::Standing);
    QCOMPARE(body.held, swappedBit);
    QCOMPARE(scene.go(body, {{2, 0, 0}}).x, 7);
    QCOMPARE(scene.go(body, {swap}).held, HeldSet{0});
    // A profile that has no other one: the button gives way to the jump.
    const Scene alone = sceneWithSlow();
    QCOMPARE(alone.go(alone.standing(5, 12), {{0, 0, swapButton | jumpButton}}).y, 9);
}

void ProfilesTest::swap_givesWayToAHold_andIsNothingInTheAir() {
    Scene scene = sceneWithSlow(setOf(Ability::Climb), setOf(Ability::Climb));
    scene.motion.swapsWith = 1;
    scene.motion.others[0].swapsWith = 0;
    scene.fill(5, 4, 2, 11, Behaviour::Ladder);
    const Body held = scene.go(scene.standing(5, 12), {{0, -2, swapButton | takeHoldButton}});
    QCOMPARE(held.stance, Stance::Climbing);
    QCOMPARE(held.held, HeldSet{0});
    QCOMPARE(scene.go(scene.airborne(9, 4, 3), {swap}).held, HeldSet{0});
}

void ProfilesTest::swap_isForgotten_whenAPickupBringsAProfile() {
    Scene scene = sceneWithSlow();
    scene.motion.others.push_back(tablesWith(0));
    scene.motion.swapsWith = 1;
    scene.motion.others[0].swapsWith = 0;
    Gain kite{{6, 0, 1, 20}};
    kite.movesAs = 2;
    scene.parts.gains.push_back(kite);
    Body body = scene.go(scene.standing(3, 12), {swap, toTheRight});
    QCOMPARE(body.held, swappedBit);
    body = scene.go(body, {toTheRight});
    QCOMPARE(body.held, HeldSet{1});
    QCOMPARE(scene.go(body, {swap}).held, HeldSet{1});  // that profile has no other one
}

void ProfilesTest::untouchable_passesWhatIsDeadly_andDiesWhereItEnds() {
    Scene scene(setOf(Ability::Untouchable));
    scene.parts.deadly.push_back({7, 10, 4, 5});
    scene.parts.timed.push_back({{7, 10, 4, 5}, {4, {{0, 4}}}});
    Gain charm{{5, 0, 1, 20}, setOf(Ability::Untouchable), 4};
    scene.parts.gains.push_back(charm);
    Body body = scene.go(scene.standing(3, 12), {toTheRight, toTheRight, toTheRight, toTheRight});
    QCOMPARE(body.x, 7);
    QVERIFY(body.stance == Stance::Standing);
    const Body inside = scene.go(body, {stay, stay, stay, stay});
    QVERIFY(inside.stance == Stance::Ended);
    QCOMPARE(inside.x, 7);
    const Body out = scene.go(body, {toTheRight, toTheRight, toTheRight, toTheRight, toTheRight});
    QVERIFY2(out.stance == Stance::Ended, "four ticks are too few");
}

void ProfilesTest::untouchable_diesAtDeadlyEdges() {
    Scene scene(setOf(Ability::Untouchable));
    scene.frame.edges.right = EdgeRule::Deadly;
    scene.parts.closed.push_back({2, 10, 1, 5});
    const World world(scene.frame, scene.cells, scene.motion, scene.parts);
    const Moment now = world.momentOf(0, 0);
    QVERIFY(world.isLive(18, 12, now));
    QVERIFY(!world.isLive(19, 12, now));
    QVERIFY(!world.isLive(2, 12, now));  // closed is closed to everybody
}

void ProfilesTest::foe_isBeaten_andStaysSo() {
    Scene scene(setOf(Ability::BeatsFoes));
    scene.parts.foes.push_back(standingFoe(7, 13));
    Gain sword{{5, 0, 1, 20}, setOf(Ability::BeatsFoes), 3};
    scene.parts.gains.push_back(sword);
    Body body = scene.go(scene.standing(3, 12), {toTheRight, toTheRight, toTheRight});
    QCOMPARE(body.x, 6);
    QCOMPARE(body.beaten, (BeatenList{{0, -1}}));
    // The sword wears off; the foe does not come again.
    body = scene.go(body, {stay, stay, stay, stay, toTheRight});
    QCOMPARE(body.held, HeldSet{0});
    QVERIFY(body.stance == Stance::Standing);
    QCOMPARE(body.x, 7);
    // Without it one dies of it.
    Body without = scene.standing(9, 12);
    without = scene.go(without, {{-1, 0, 0}});
    QVERIFY(without.stance == Stance::Ended);
}

void ProfilesTest::hazardsOfAFormation_areNotBeaten() {
    Scene scene(setOf(Ability::BeatsFoes));
    scene.parts.foes.push_back(standingFoe(7, 13));
    scene.parts.foes.back().canBeBeaten = false;
    QVERIFY(scene.go(scene.standing(5, 12), {toTheRight}).stance == Stance::Ended);
}

void ProfilesTest::shot_isBeaten_untilTheNextIsMade() {
    Scene scene(setOf(Ability::BeatsFoes));
    Thrower thrower;
    thrower.box = {10, 13, 2, 2};
    thrower.everyTicks = 6;
    thrower.shotWidth = thrower.shotHeight = 2;
    thrower.dx = thrower.dy = 0;
    thrower.lifeTicks = 6;
    for (Way& way : shotsOf(scene.frame, scene.cells, thrower))
        scene.parts.foes.push_back(way);
    Body body = scene.go(scene.standing(9, 12), {stay});
    QCOMPARE(body.beaten, (BeatenList{{0, 6}}));
    body = scene.go(body, {stay, stay, stay, stay, stay});
    QCOMPARE(body.beaten, (BeatenList{{0, 6}}));
    body = scene.go(body, {stay});
    QCOMPARE(body.beaten, (BeatenList{{0, 12}}));
}

void ProfilesTest::timedFoe_isBeaten() {
    Scene scene(setOf(Ability::BeatsFoes));
    scene.parts.foes.push_back(standingFoe(0, 0));
    scene.parts.timed.push_back({{7, 13, 2, 2}, {4, {{1, 2}}}, true});
    Body body = scene.go(scene.standing(7, 12), {stay});
    QVERIFY(body.beaten.empty());  // it is not there yet
    body = scene.go(body, {stay});
    QCOMPARE(body.beaten, (BeatenList{{1, -1}}));
    QVERIFY(body.stance == Stance::Standing);
}

void ProfilesTest::doorThatShuts_waitsUntilTheBodyIsOff() {
    Scene scene;
    scene.parts.gains.push_back({{7, 0, 1, 20}});
    scene.parts.doors.push_back({{7, 10, 2, 5}, 0, false});
    shutAfter(scene.parts, 1);
    Body body = scene.go(scene.standing(4, 12), {toTheRight, toTheRight});
    QCOMPARE(body.x, 6);
    QCOMPARE(body.held, HeldSet{1});  // in the door: it stays open
    const Body through = scene.go(body, {toTheRight, toTheRight, toTheRight});
    QCOMPARE(through.x, 9);
    QCOMPARE(through.held, HeldSet{3});
    QCOMPARE(scene.go(through, {{-1, 0, 0}}).x, 9);  // shut for good
    const Body back = scene.go(body, {{-1, 0, 0}, toTheRight, toTheRight});
    QCOMPARE(back.x, 5);
    QCOMPARE(back.held, HeldSet{3});
}

void ProfilesTest::doorOnUse_opensForWhoUsesIt() {
    Scene scene;
    scene.parts.doors.push_back({{8, 10, 2, 5}, 0, false});
    openOnApproach(scene.parts, 0, true);
    const Body beside = scene.go(scene.standing(4, 12), {toTheRight, toTheRight, toTheRight});
    QCOMPARE(beside.x, 6);
    QCOMPARE(beside.held, HeldSet{0});
    const Body opened = scene.go(beside, {{1, 0, useButton}, toTheRight, toTheRight});
    QCOMPARE(opened.x, 8);
    QCOMPARE(opened.held, HeldSet{1});
    const Body far = scene.go(scene.standing(3, 12), {use});
    QCOMPARE(far.held, HeldSet{0});
    // Whoever goes away finds it shut again.
    QCOMPARE(scene.go(beside, {use, {-1, 0, 0}, toTheRight, toTheRight}).x, 6);
}

void ProfilesTest::sprung_takesTheNewProfilesTable() {
    Scene scene = sceneWithSlow();
    Spring spring;
    spring.box = {4, 14, 4, 1};
    spring.high.dx = {0, 0, 0};
    spring.high.dy = {-5, 0, 1};
    spring.high.topPhase = 1;
    spring.high.loopFrom = 2;
    spring.low = spring.high;
    spring.others.emplace_back(spring.high, spring.low);
    spring.others[0].first.dy = {-2, 0, 1};
    scene.parts.springs.push_back(spring);
    Gain kite{{0, 11, 20, 1}};
    kite.movesAs = 1;
    scene.parts.gains.push_back(kite);
    scene.fill(4, 14, 4, 1, Behaviour::Open);
    Body body = scene.go(scene.airborne(5, 10, 4), {stay});
    QVERIFY(body.stance == Stance::Sprung);
    QCOMPARE(body.held, HeldSet{1});
    const int y = body.y;
    QCOMPARE(scene.go(body, {stay}).y, y - 2);
}

ROOK_TEST(ProfilesTest)

}  // namespace rook::profiles_test

#include "profiles_test.moc"
