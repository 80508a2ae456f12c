#include "reach/verdict.h"

#include "level/cast_edits.h"
#include "placing.h"
#include "testing.h"

namespace rook::verdict_test {

using reach::VerdictKind;
using testing::place;

class VerdictTest : public QObject {
    Q_OBJECT
private slots:
    void severalExits_areCounted();
    void eachKind_hasItsSentence();
    void thingsBesideExits_areGoalsToo();
    void door_keepsTheExitShut_untilItsKeyIsMet();
    void exit_staysShut_untilWhatItNamesIsHeld();
    void exit_thatAsksForAllPickups_isReached_withManyOfThem();
    void grantedAbility_isHad_fromThePickupOn();
    void spring_throwsHigherThanAJump();
    void timedHazard_blocksOnly_whereItIsAlwaysOn();
    void mover_carriesToTheExit_byARunInTime();
    void abilities_areLentAndTakenAway();
    void otherKindsOfLevels_areNotDecided();
    void missingProfile_isRefused();
    void meeting_isOverlapOfBoxes_toThePx();
};

namespace {

reach::Answer answerOf(const level::Project& project, const level::Level& level) {
    return reach::answer(*reach::queryOf(project, level));
}

}  // namespace

void VerdictTest::severalExits_areCounted() {
    const level::Project project = testing::smallProject();
    auto answer = answerOf(project, testing::drawnLevel(project, {"......#...", "......#...",
                                                                  "XS..X.#.X.", "##########"}));
    QCOMPARE(answer.verdict.kind, VerdictKind::NotReached);
    QCOMPARE(answer.verdict.exitCount, 3);
    QCOMPARE(answer.verdict.exitsReached, 2);
    QCOMPARE(answer.verdict.sentence(), std::string("2 of 3 exits can be reached."));
    answer = answerOf(project, testing::drawnLevel(project, {".....", "XS..X", "#####"}));
    QCOMPARE(answer.verdict.sentence(), std::string("All 2 exits can be reached."));
}

void VerdictTest::eachKind_hasItsSentence() {
    for (const VerdictKind kind :
         {VerdictKind::Reached, VerdictKind::NotReached, VerdictKind::NotDecided,
          VerdictKind::NoStart, VerdictKind::StartBlocked, VerdictKind::NoExit}) {
        reach::Verdict verdict;
        verdict.kind = kind;
        verdict.exitCount = 1;
        verdict.reason = "of a test";
        QVERIFY(verdict.sentence().ends_with("."));
    }
}

void VerdictTest::thingsBesideExits_areGoalsToo() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(project, {"...o..", ".S..X.", "######"});
    level = placeEntity(level, *project.findKind({"gauge"}), {60, 0}, {}).value().level;
    const auto answer = answerOf(project, level);
    QCOMPARE(answer.verdict.goals.size(), std::size_t{3});
    for (const reach::Goal& goal : answer.verdict.goals)
        QVERIFY2(goal.isReached, goal.id.c_str());
}

void VerdictTest::door_keepsTheExitShut_untilItsKeyIsMet() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(
        project, {"####################", "....................", "....................",
                  ".....S............X.", "####################"});
    place(project, level, level::Role::Door, "door-1", {200, 16, 8, 48}).data.opens = {{"key-1"}};
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
    place(project, level, level::Role::Key, "key-1", {16, 56, 8, 8});
    const auto answer = answerOf(project, level);
    QCOMPARE(answer.verdict.kind, VerdictKind::Reached);
    QCOMPARE(answer.onCells().reached.sets, (std::vector<runtime::HeldSet>{0, 1}));
    // Behind its own door it helps nobody.
    level.entities.edit([](auto& list) { list.back().box.x = 240; });
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
}

void VerdictTest::exit_staysShut_untilWhatItNamesIsHeld() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(
        project, {"####################", "....................", "....................",
                  ".....S............X.", "####################"});
    level.entities.edit([&](auto& list) {
        for (level::Entity& entity : list)
            if (project.roleOf(entity) == level::Role::Exit) entity.data.opens = {{"key-1"}};
    });
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
    place(project, level, level::Role::Key, "key-1", {16, 56, 8, 8});
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::Reached);
    // A shut exit is solid: nobody gets by it.
    level.entities.edit([&](auto& list) { list.back().box.x = 312; });
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
}

void VerdictTest::exit_thatAsksForAllPickups_isReached_withManyOfThem() {
    level::Project project = testing::smallProject();
    const auto asksForAll = [](level::Level& level) {
        level.entities.edit([](auto& list) {
            for (level::Entity& entity : list)
                if (entity.kind.text == "gate") entity.data.opensWithAllPickups = true;
        });
    };
    auto level = testing::drawnLevel(
        project, {"...................", ".S.oooooooooooooo.X", "###################"});
    asksForAll(level);
    QCOMPARE(whatOpens(project, level, *findEntity(level, {"gate-1"})).size(), std::size_t{14});
    // 14 things have 16,384 sets; a way is found in a few of them.
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::Reached);
    auto few = testing::drawnLevel(project, {"......#", "..ooo.#", "XS....#", "#######"});
    asksForAll(few);
    QCOMPARE(answerOf(project, few).verdict.kind, VerdictKind::Reached);
    // One more behind stone.
    place(project, few, level::Role::Pickup, "walled", {100, 20, 4, 4});
    QCOMPARE(answerOf(project, few).verdict.kind, VerdictKind::NotReached);
}

void VerdictTest::grantedAbility_isHad_fromThePickupOn() {
    level::Project project = testing::smallProject();
    project.profiles.edit([](auto& list) {
        list[0].abilities.push_back(level::Ability::AirJump);
        list[0].airJumps = 1;
    });
    auto level = testing::drawnLevel(
        project, {"............", "............", "..........X.", "..........##", "..........##",
                  "..........##", "..........##", "S.........##", "############"});
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::Reached);
    place(project, level, level::Role::Pickup, "wing", {8 * 16, 2 * 16, 4, 4}).data.grants =
        level::Ability::AirJump;
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
    level.entities.edit([](auto& list) { list.back().box.y = 120; });
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::Reached);
}

void VerdictTest::spring_throwsHigherThanAJump() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(
        project, {"............", "............", "............", "..........X.", "..........##",
                  "..........##", "..........##", "..........##", "..........##", "S.........##",
                  "############"});
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
    place(project, level, level::Role::Spring, "bellows", {100, 152, 16, 8}).data.spring = {
        {7000}, {3000}, 0};
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::Reached);
}

void VerdictTest::timedHazard_blocksOnly_whereItIsAlwaysOn() {
    level::Project project = testing::smallProject();
    auto level =
        testing::drawnLevel(project, {"##########", "..........", ".S......X.", "##########"});
    place(project, level, level::Role::Hazard, "steam", {80, 16, 4, 32}).data.timetable =
        runtime::Timetable{60, {{0, 59}}};
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::Reached);
    level.entities.edit([](auto& list) { list.back().data.timetable->on = {{0, 60}}; });
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
}

void VerdictTest::mover_carriesToTheExit_byARunInTime() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(
        project, {"............", "..........X.", "..........##", "..........##", "..........##",
                  "..........##", "..........##", "S.........##", "############"});
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
    place(project, level, level::Role::Mover, "hoist-1", {100, 120, 32, 8}).data.track.points = {
        {0, -100}};
    const auto answer = answerOf(project, level);
    QCOMPARE(answer.verdict.kind, VerdictKind::Reached);
    QVERIFY(
        !answer.onCells().reached.meets(answer.verdict.goals.front().box, answer.onCells().tables));
    // Too far from anything that one could step onto it from: that is a proof, too.
    level.entities.edit([](auto& list) { list.back().box.y = -300; });
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
    auto low = testing::drawnLevel(project, {"......", ".S..X.", "######"});
    place(project, low, level::Role::Mover, "hoist-1", {64, 0, 16, 8});
    QCOMPARE(answerOf(project, low).verdict.kind, VerdictKind::Reached);
}

void VerdictTest::abilities_areLentAndTakenAway() {
    const level::Project project = testing::smallProject();
    const auto level = testing::drawnLevel(
        project, {"............", "..........X.", "..........##", "..........##", "..........##",
                  "..........##", "S.........##", "############"});
    QCOMPARE(answerOf(project, level).verdict.kind, VerdictKind::NotReached);
    reach::QueryOptions options;
    options.lent = setOf(level::Ability::AirJump);
    QCOMPARE(reach::answer(*reach::queryOf(project, level, options)).verdict.kind,
             VerdictKind::Reached);
    options.taken = options.lent;
    QCOMPARE(reach::answer(*reach::queryOf(project, level, options)).verdict.kind,
             VerdictKind::NotReached);
}

void VerdictTest::otherKindsOfLevels_areNotDecided() {
    const level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(project, {"..."});
    level.kind = level::LevelKind::Puzzle;
    auto query = reach::queryOf(project, level);
    QVERIFY(query);
    // Nobody walks there: it is solved, once there is a rule.
    QVERIFY(query->puzzle && !query->board);
    QCOMPARE(reach::answer(*query).verdict.kind, VerdictKind::NoRule);
    level.puzzle.rule.name = level::PuzzleRuleName::Slide;
    const auto flawed = reach::answer(*reach::queryOf(project, level)).verdict;
    QCOMPARE(flawed.kind, VerdictKind::NotDecided);
    QCOMPARE(flawed.reason, std::string("The goal names no counter"));
    level.kind = level::LevelKind::Kit;
    query = reach::queryOf(project, level);
    QCOMPARE(query->notSolved, std::vector<std::string>{"a kit level without a kit"});
}

void VerdictTest::missingProfile_isRefused() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(project, {"..."});
    level.profile = "nobody";
    QCOMPARE(reach::queryOf(project, level).error().kind, ErrorKind::BadReference);
    project.profiles = std::vector<level::MotionProfile>{};
    level.profile.clear();
    QCOMPARE(reach::queryOf(project, level).error().kind, ErrorKind::BadReference);
}

void VerdictTest::meeting_isOverlapOfBoxes_toThePx() {
    const level::Project project = testing::smallProject();
    const auto answer = answerOf(
        project,
        testing::drawnLevel(project, {"##########", "#........#", "#S......X#", "##########"}));
    const auto& reached = answer.onCells().reached;
    const std::uint64_t seed = testing::seedOr(61);
    Random random(seed);
    for (int round = 0; round < 300; ++round) {
        const PxRect box{random.between(-5, 165), random.between(-5, 69), random.between(1, 9),
                         random.between(1, 9)};
        bool expected = false;
        for (int y = -30; y < 70 && !expected; ++y)
            for (int x = -20; x < 170 && !expected; ++x)
                expected = reached.isVisited({x, y}) && box.overlaps(PxRect{x, y, 12, 22});
        QVERIFY2(reached.meets(box, answer.onCells().tables) == expected,
                 "ROOK_SEED=" + QByteArray::number(seed));
    }
}

ROOK_TEST(VerdictTest)

}  // namespace rook::verdict_test

#include "verdict_test.moc"
