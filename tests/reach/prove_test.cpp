/// Comfort, ability sets, order of gain, waiting runs and kept runs.

#include "reach/prove.h"

#include "check/audit.h"
#include "check/finding.h"
#include "check/why_not.h"
#include "placing.h"
#include "reach/waiting_runs.h"
#include "testing.h"

namespace rook::prove_test {

using level::Ability;
using level::Role;
using testing::place;

namespace {

/// A ledge of that many cells between the start and the exit.
level::Level stepOf(const level::Project& project, int height) {
    std::vector<std::string> rows(static_cast<std::size_t>(height) + 3, "............");
    rows[2] = "..........X.";
    for (int y = 3; y < height + 3; ++y)
        rows[static_cast<std::size_t>(y)] = "........####";
    rows[static_cast<std::size_t>(height) + 2] = "S.......####";
    rows.push_back("############");
    return testing::drawnLevel(project, rows);
}

}  // namespace

class ProveTest : public QObject {
    Q_OBJECT
private slots:
    void comfort_isTheGreatestWeakening_atWhichTheExitIsReachedStill();
    void comfort_isNotTold_whereTooFewBodiesCanBeFollowed();
    void abilitySets_areTheSmallestOnes();
    void criticalPath_isTheOrderOfGain();
    void waitingRun_waitsForTheWindow_andReplays();
    void waitingRun_isNone_whereNoWindowIsLongEnough();
    void keptRun_breaks_whenItsWayIsClosed();
    void deepFindings_tellKeysBehindTheirOwnDoor_andTraps();
    void whyNot_namesAnAbility_andALedgeThatWouldDo();
    void spans_areTheInputsAgain();
};

void ProveTest::comfort_isNotTold_whereTooFewBodiesCanBeFollowed() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(
        project, {"############", "............", "............", ".S........X.", "############"});
    testing::place(project, level, level::Role::Switch, "switch-1", {32, 56, 8, 8});
    testing::place(project, level, level::Role::Door, "door-1", {64, 16, 8, 48});
    level.entities.edit([](auto& list) {
        for (level::Entity& entity : list)
            if (entity.id.text == "door-1") {
                entity.data.opens = {{"switch-1"}};
                entity.data.door = {level::DoorManner::ForATime, 60, level::Facing::Right};
            }
    });
    QVERIFY(reach::comfortOf(project, level, {}, nullptr));
    reach::Limits limits;
    limits.mostTimedBodies = 5;
    QVERIFY(!reach::comfortOf(project, level, {}, nullptr, limits));
}

void ProveTest::comfort_isTheGreatestWeakening_atWhichTheExitIsReachedStill() {
    const level::Project project = testing::smallProject();
    const level::Level level = stepOf(project, 3);
    const auto comfort = reach::comfortOf(project, level, {}, nullptr);
    QVERIFY(comfort);
    for (int percent = 0; percent <= comfort->percent + 1; ++percent) {
        reach::QueryOptions options;
        options.weakening.percent = percent;
        const auto query = reach::queryOf(project, level, options);
        QCOMPARE(reach::answer(*query).verdict.exitsReached, percent <= comfort->percent ? 1 : 0);
    }
    // A ledge of 48 px under a jump of 51 leaves little.
    QVERIFY(comfort->percent >= 1 && comfort->percent < 10);
    QVERIFY(!reach::comfortOf(project, stepOf(project, 4), {}, nullptr));
    const reach::Proof proof = reach::prove(project, level);
    const auto placed = reach::comfortOf(project, level, {}, &*proof.run);
    QVERIFY(!placed->places.empty());
    QCOMPARE(placed->places.front().body.bottom(), 3 * 16);
}

void ProveTest::abilitySets_areTheSmallestOnes() {
    level::Project project = testing::smallProject();
    project.profiles.edit([](auto& list) {
        list[0].abilities = {Ability::ShortHop, Ability::AirJump, Ability::WallJump};
        list[0].airJumps = 1;
    });
    const auto low = reach::abilitySetsOf(project, stepOf(project, 3));
    QCOMPARE(low.front().least, std::vector<runtime::AbilitySet>{0});
    const auto high = reach::abilitySetsOf(project, stepOf(project, 5));
    QVERIFY(std::count(high.front().least.begin(), high.front().least.end(),
                       setOf(Ability::AirJump)) == 1);
    for (const auto set : high.front().least)
        QVERIFY((set & setOf(Ability::ShortHop)) == 0);
}

void ProveTest::criticalPath_isTheOrderOfGain() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(project, {"####################", "....................",
                                               "........S.........X.", "####################"});
    place(project, level, Role::Door, "door-1", {80, 16, 8, 32}).data.opens = {{"right"}};
    place(project, level, Role::Door, "door-2", {240, 16, 8, 32}).data.opens = {{"left"}};
    place(project, level, Role::Key, "left", {16, 40, 8, 8});
    place(project, level, Role::Key, "right", {200, 40, 8, 8});
    const auto query = *reach::queryOf(project, level);
    const reach::Proof proof = reach::proveRun(query, reach::RunFinder(query.problem, {}));
    QVERIFY(proof.run && reach::replays(query.problem, *proof.run, query.goals[0].box));
    QCOMPARE(reach::criticalPath(query, *proof.run), (std::vector<std::string>{"right", "left"}));
}

void ProveTest::waitingRun_waitsForTheWindow_andReplays() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(project, {"####################", "....................",
                                               ".S................X.", "####################"});
    place(project, level, Role::Hazard, "steam", {120, 16, 16, 32}).data.timetable =
        runtime::Timetable{160, {{0, 110}}};
    const auto query = *reach::queryOf(project, level);
    const reach::Proof proof = reach::proveRun(query, reach::RunFinder(query.problem, {}));
    QVERIFY(proof.run);
    QVERIFY(reach::replays(query.problem, *proof.run, query.goals[0].box));
    QVERIFY(proof.run->ticks() > 110);
    QVERIFY(reach::riskyPositions(query.problem, reach::solve(query.problem)).count() > 0);
}

void ProveTest::waitingRun_isNone_whereNoWindowIsLongEnough() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(project, {"####################", "....................",
                                               ".S................X.", "####################"});
    place(project, level, Role::Hazard, "steam", {60, 16, 160, 32}).data.timetable =
        runtime::Timetable{32, {{0, 20}}};
    const auto query = *reach::queryOf(project, level);
    const reach::Proof proof = reach::proveRun(query, reach::RunFinder(query.problem, {}));
    QVERIFY(!proof.run);
    QVERIFY(!proof.whyNoRun.empty());
}

void ProveTest::keptRun_breaks_whenItsWayIsClosed() {
    level::Project project = testing::smallProject();
    level::Level level = stepOf(project, 3);
    const reach::Proof proof = reach::prove(project, level);
    level.runs.edit(
        [&](auto& list) { list.push_back(reach::keptRunOf(*proof.run, "my way", proof.exit)); });
    QVERIFY(check::keptRunFindings(project, level).empty());
    level.cells.set(6, 4, level::Cell({5}));
    level.cells.set(6, 5, level::Cell({5}));
    level.cells.set(6, 3, level::Cell({5}));
    const auto findings = check::keptRunFindings(project, level);
    QCOMPARE(findings.size(), std::size_t{1});
    QCOMPARE(findings[0].kind, check::FindingKind::RunBroken);
    QVERIFY(findings[0].sentence.find("my way") != std::string::npos);
}

void ProveTest::deepFindings_tellKeysBehindTheirOwnDoor_andTraps() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(
        project, {"####################", "....................", "....................",
                  ".......S..........X.", "##########..########", "##########..########",
                  "##########..########", "##########..########", "####################"});
    place(project, level, Role::Door, "door-1", {48, 16, 8, 48}).data.opens = {{"key-1"}};
    place(project, level, Role::Key, "key-1", {16, 56, 8, 8});
    const auto query = *reach::queryOf(project, level);
    const reach::Answer answer = reach::answer(query);
    const reach::Analysis depth = reach::analyze(project, level, answer);
    const auto findings = check::analysisFindings(project, level, answer, depth);
    const auto has = [&](check::FindingKind kind) {
        return std::any_of(findings.begin(), findings.end(),
                           [&](const check::Finding& f) { return f.kind == kind; });
    };
    QVERIFY(has(check::FindingKind::KeyBehindOwnDoor));
    QVERIFY(has(check::FindingKind::Trap));
}

void ProveTest::whyNot_namesAnAbility_andALedgeThatWouldDo() {
    const level::Project project = testing::smallProject();
    const level::Level level = stepOf(project, 4);
    const reach::Answer answer = reach::answer(*reach::queryOf(project, level));
    const reach::Analysis depth = reach::analyze(project, level, answer);
    const auto findings =
        check::withReasons(project, level, depth, check::reachFindings(level, answer));
    QCOMPARE(findings.size(), std::size_t{1});
    QVERIFY(findings[0].sentence.find("air jump") != std::string::npos);
    QVERIFY(findings[0].sentence.find(" px") != std::string::npos);
    QVERIFY(!findings[0].fix.empty());
    const auto fixed = check::fixOf(project, level, findings[0]);
    QVERIFY(fixed);
    QCOMPARE(reach::answer(*reach::queryOf(project, fixed->level)).verdict.kind,
             reach::VerdictKind::Reached);
}

void ProveTest::spans_areTheInputsAgain() {
    Random random(testing::seedOr(17));
    std::vector<runtime::Input> inputs;
    for (int i = 0; i < 200; ++i)
        inputs.push_back({random.between(-1, 1), 0, random.chance(20) ? 1u : 0u});
    const auto again = reach::inputsOf(reach::spansOf(inputs));
    QCOMPARE(again.size(), inputs.size());
    for (std::size_t i = 0; i < inputs.size(); ++i)
        QVERIFY(again[i].dx == inputs[i].dx && again[i].buttons == inputs[i].buttons);
}

ROOK_TEST(ProveTest)

}  // namespace rook::prove_test

#include "prove_test.moc"
