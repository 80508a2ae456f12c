/// Doors that nobody finds open, swaps that nobody can use, what wears off where nothing is safe,
/// and power-ups that are never needed.

#include "check/report.h"
#include "level/profile_edits.h"
#include "reach/placing.h"
#include "testing.h"

namespace rook::profile_findings_test {

using check::FindingKind;
using level::Role;
using testing::place;

class ProfileFindingsTest : public QObject {
    Q_OBJECT
private slots:
    void init() { m_project = testing::smallProject(); }
    void door_thatOpensForNobody();
    void doors_ofOtherManners_standAlone();
    void swap_thatNobodyCanUse();
    void untouchable_thatWearsOffAmongTeeth();
    void powerUp_thatIsNeverNeeded();

private:
    [[nodiscard]] std::vector<FindingKind> told(const level::Level& level) const {
        const reach::Answer answer = reach::answer(*reach::queryOf(m_project, level));
        std::vector<FindingKind> kinds;
        for (const auto& list : {check::profileFindings(m_project, level, answer),
                                 check::gateFindings(m_project, level)})
            for (const check::Finding& finding : list)
                kinds.push_back(finding.kind);
        return kinds;
    }
    [[nodiscard]] bool tells(const level::Level& level, FindingKind kind) const {
        const auto kinds = told(level);
        return std::find(kinds.begin(), kinds.end(), kind) != kinds.end();
    }
    level::Project m_project;
};

void ProfileFindingsTest::door_thatOpensForNobody() {
    level::Level level =
        testing::drawnLevel(m_project, {"##########", "..........", "S.......X.", "##########"});
    place(m_project, level, Role::Door, "door-1", {80, 16, 8, 32}).data.opens = {{"key-1"}};
    place(m_project, level, Role::Key, "key-1", {100, 36, 8, 8});  // behind it
    QVERIFY(tells(level, FindingKind::DoorOpensForNobody));
    level.entities.edit([](auto& list) { list.back().box.x = 30; });
    QVERIFY(!tells(level, FindingKind::DoorOpensForNobody));
}

void ProfileFindingsTest::doors_ofOtherManners_standAlone() {
    level::Level level =
        testing::drawnLevel(m_project, {"##########", "..........", "S.......X.", "##########"});
    level::Entity& door = place(m_project, level, Role::Door, "door-1", {80, 16, 8, 32});
    using level::DoorManner;
    for (const DoorManner manner :
         {DoorManner::OneWay, DoorManner::OnApproach, DoorManner::OnUse}) {
        door.data.door.manner = manner;
        door.data.door.ticks = 0;
        QVERIFY2(told(level).empty(), std::string(level::nameOf(manner)).c_str());
    }
    door.data.door.manner = DoorManner::ForGood;
    QVERIFY(tells(level, FindingKind::DoorOpensWithNothing));
    door.data.door.manner = DoorManner::Shuts;
    QVERIFY(tells(level, FindingKind::DoorOpensWithNothing));
}

void ProfileFindingsTest::swap_thatNobodyCanUse() {
    for (const char* name : {"kite", "stone"}) {
        level::MotionProfile copy = m_project.profiles[0];
        copy.name = name;
        m_project.profiles.edit([&](auto& list) { list.push_back(copy); });
    }
    m_project = level::swapProfiles(m_project, "kite", "stone").value().project;
    level::Level level =
        testing::drawnLevel(m_project, {"##########", "....#.....", "S.X.#.....", "##########"});
    place(m_project, level, Role::Pickup, "kite-1", {100, 30, 8, 8}).data.movesAs = "kite";
    QVERIFY(tells(level, FindingKind::SwapUnusable));  // the kite is behind the wall
    level.entities.edit([](auto& list) { list.back().box.x = 20; });
    QVERIFY(!tells(level, FindingKind::SwapUnusable));
}

void ProfileFindingsTest::untouchable_thatWearsOffAmongTeeth() {
    m_project.profiles.edit(
        [](auto& list) { list[0].abilities.push_back(level::Ability::Untouchable); });
    level::Level level =
        testing::drawnLevel(m_project, {"####################", "....................",
                                        "S..X................", "####################"});
    // The charm hangs over teeth, and lasts for a tick: but beside it one is safe.
    level::Entity& charm = place(m_project, level, Role::Pickup, "charm-1", {40, 30, 8, 8});
    charm.data.grants = level::Ability::Untouchable;
    charm.data.grantTicks = 3;
    QVERIFY(!tells(level, FindingKind::UntouchableUnsafe));
}

void ProfileFindingsTest::powerUp_thatIsNeverNeeded() {
    level::MotionProfile tall = m_project.profiles[0];
    tall.name = "tall";
    tall.jumpHeight = {5500};
    m_project.profiles.edit([&](auto& list) { list.push_back(tall); });
    const auto unneeded = [&](const std::vector<std::string>& rows) {
        level::Level level = testing::drawnLevel(m_project, rows);
        place(m_project, level, Role::Pickup, "boots-1", {20, 116, 8, 8}).data.movesAs = "tall";
        const auto query = reach::queryOf(m_project, level);
        const reach::Answer answer = reach::answer(*query);
        const auto depth =
            reach::analyzeFurther(m_project, level, reach::analyze(m_project, level, answer));
        const auto findings = check::analysisFindings(m_project, level, answer, depth);
        return std::any_of(findings.begin(), findings.end(), [](const check::Finding& finding) {
            return finding.kind == FindingKind::PowerUpNotNeeded;
        });
    };
    QVERIFY(unneeded({"..........", "..........", "..........", "..........", "..........",
                      "..........", "..........", "S.......X.", "##########"}));
    QVERIFY(!unneeded({"..........", "..........", "..........", ".....#....", ".....#....",
                       ".....#....", ".....#....", "S....#..X.", "##########"}));
}

ROOK_TEST(ProfileFindingsTest)

}  // namespace rook::profile_findings_test

#include "profile_findings_test.moc"
