#include "reach/verdict.h"

#include "level/edits.h"
#include "testing.h"

using namespace rook;
using reach::VerdictKind;

class VerdictTest : public QObject {
    Q_OBJECT
private slots:
    void severalExits_areCounted();
    void eachKind_hasItsSentence();
    void thingsBesideExits_areGoalsToo();
    void unsolvedThings_makeItNotDecided_data();
    void unsolvedThings_makeItNotDecided();
    void abilities_areNotSolved_onlyWhereTheyMatter();
    void otherKindsOfLevels_areNotDecided();
    void missingProfile_isRefused();
    void meeting_isOverlapOfBoxes_toThePx();
};

namespace {

reach::Answer answerOf(const level::Project& project, const level::Level& level) {
    return reach::answer(*reach::askOf(project, level));
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

void VerdictTest::unsolvedThings_makeItNotDecided_data() {
    QTest::addColumn<int>("role");
    QTest::addColumn<QString>("key");
    QTest::addColumn<bool>("isDecided");
    QTest::newRow("door") << int(level::Role::Door) << "" << false;
    QTest::newRow("mover") << int(level::Role::Mover) << "" << false;
    QTest::newRow("spring") << int(level::Role::Spring) << "" << false;
    QTest::newRow("hazard with a timetable") << int(level::Role::Hazard) << "timetable" << false;
    QTest::newRow("pickup that grants") << int(level::Role::Pickup) << "grants" << false;
    QTest::newRow("foe without a timetable") << int(level::Role::Foe) << "" << true;
    QTest::newRow("trigger") << int(level::Role::Trigger) << "" << true;
    QTest::newRow("key that opens nothing") << int(level::Role::Key) << "" << true;
}

void VerdictTest::unsolvedThings_makeItNotDecided() {
    QFETCH(int, role);
    QFETCH(QString, key);
    QFETCH(bool, isDecided);
    level::Project project = testing::smallProject();
    level::Kind kind;
    kind.id = {"thing"};
    kind.role = static_cast<level::Role>(role);
    project.kinds.edit([&](auto& list) { list.push_back(kind); });
    auto level = testing::drawnLevel(project, {"......", ".S..X.", "######"});
    level::Entity entity;
    entity.id = {"thing-1"};
    entity.kind = kind.id;
    entity.box = {80, 0, 4, 4};
    if (!key.isEmpty()) entity.unknown = {{key.toStdString(), "{}"}};
    level.entities.edit([&](auto& list) { list.push_back(entity); });
    const auto answer = answerOf(project, level);
    QCOMPARE(answer.verdict.kind == VerdictKind::NotDecided, !isDecided);
    // Where nothing is decided nothing is claimed.
    if (!isDecided) {
        QVERIFY(answer.verdict.sentence().find("thing-1") != std::string::npos);
        QCOMPARE(answer.reached.visited.count(), 0);
    }
}

void VerdictTest::abilities_areNotSolved_onlyWhereTheyMatter() {
    using level::Ability;
    const auto isDecided = [](Ability ability, const char* matter, int airJumps, int coyoteMs) {
        level::Project project = testing::smallProject();
        project.profiles.edit([&](auto& list) {
            list[0].abilities.push_back(ability);
            list[0].airJumps = airJumps;
            list[0].coyoteMs = {coyoteMs * 1000};
        });
        const std::string row = std::string(".S.") + matter + "X.";
        const auto answer =
            answerOf(project, testing::drawnLevel(project, {"......", row, "######"}));
        return answer.verdict.kind != VerdictKind::NotDecided;
    };
    QVERIFY(isDecided(Ability::Climb, ".", 0, 0));
    QVERIFY(!isDecided(Ability::Climb, "H", 0, 0));
    QVERIFY(isDecided(Ability::Swim, "H", 0, 0));
    QVERIFY(!isDecided(Ability::Swim, "~", 0, 0));
    QVERIFY(!isDecided(Ability::AirJump, ".", 1, 0));
    QVERIFY(isDecided(Ability::Coyote, ".", 0, 0));
    QVERIFY(!isDecided(Ability::Coyote, ".", 0, 100));
    QVERIFY(!isDecided(Ability::WallJump, ".", 0, 0));
}

void VerdictTest::otherKindsOfLevels_areNotDecided() {
    const level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(project, {"..."});
    level.kind = level::LevelKind::Kit;
    const auto question = reach::askOf(project, level);
    QVERIFY(question);
    QCOMPARE(question->notSolved, std::vector<std::string>{"levels of kind kit"});
}

void VerdictTest::missingProfile_isRefused() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(project, {"..."});
    level.profile = "nobody";
    QCOMPARE(reach::askOf(project, level).error().kind, ErrorKind::BadReference);
    project.profiles = std::vector<level::MotionProfile>{};
    level.profile.clear();
    QCOMPARE(reach::askOf(project, level).error().kind, ErrorKind::BadReference);
}

void VerdictTest::meeting_isOverlapOfBoxes_toThePx() {
    const level::Project project = testing::smallProject();
    const auto answer = answerOf(
        project,
        testing::drawnLevel(project, {"##########", "#........#", "#S......X#", "##########"}));
    const auto& reached = answer.reached;
    const std::uint64_t seed = testing::seedOr(61);
    Random random(seed);
    for (int round = 0; round < 300; ++round) {
        const PxRect box{random.between(-5, 165), random.between(-5, 69), random.between(1, 9),
                         random.between(1, 9)};
        bool expected = false;
        for (int y = -30; y < 70 && !expected; ++y)
            for (int x = -20; x < 170 && !expected; ++x)
                expected = reached.isVisited({x, y}) && box.overlaps(PxRect{x, y, 12, 22});
        QVERIFY2(reached.meets(box, answer.tables) == expected,
                 "ROOK_SEED=" + QByteArray::number(seed));
    }
}

QTEST_APPLESS_MAIN(VerdictTest)
#include "verdict_test.moc"
