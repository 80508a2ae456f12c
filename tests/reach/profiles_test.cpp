/// Verdicts and runs with profiles that come into force, doors that shut or are used, and foes that
/// are beaten.

#include "level/profile_edits.h"
#include "placing.h"
#include "reach/prove.h"
#include "testing.h"

namespace rook::reach_profiles_test {

using level::Role;
using reach::VerdictKind;
using testing::place;

class ReachProfilesTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void kite_carriesOverAGap();
    void kite_forATime_isFollowedTickByTick();
    void swap_isPartOfTheRun();
    void doorOnUse_isOpenedByTheRun();
    void doorThatShuts_shutsWhoTakesItsKeyTooSoon();
    void untouchable_goesThroughTeeth_forItsTicks();
    void sword_isFetched_beforeTheFoe();
    void unfitProfiles_areASentence();
    void verdictsAreTheSame_whereNothingOfItIsUsed();

private:
    /// Adds a copy of the first profile, changed so.
    template <typename Change>
    void addProfile(const char* name, Change&& change) {
        level::MotionProfile copy = m_project.profiles[0];
        copy.name = name;
        change(copy);
        m_project.profiles.edit([&](auto& list) { list.push_back(copy); });
    }
    void addKite() {
        addProfile("kite", [](level::MotionProfile& kite) {
            kite.greatestFall = {2500};
            kite.fallFactor = {300};
        });
    }
    /// Wider than anybody jumps.
    level::Level gapForAKite() {
        addKite();
        level::Level level = testing::drawnLevel(
            m_project, {"....................", "....................", "....................",
                        "....................", "S...................", "###.................",
                        "###...............X.", "###...............##"});
        level.edges.bottom = runtime::EdgeRule::Deadly;
        return level;
    }
    [[nodiscard]] VerdictKind verdictOf(const level::Level& level) const {
        return reach::answer(*reach::queryOf(m_project, level)).verdict.kind;
    }
    [[nodiscard]] unsigned buttonsOf(const level::Level& level) const {
        const reach::Proof proof = reach::prove(m_project, level);
        unsigned buttons = 0;
        if (proof.run)
            for (const runtime::Input& input : proof.run->inputs)
                buttons |= input.buttons;
        return buttons;
    }
    void grant(level::Ability ability) {
        m_project.profiles.edit([&](auto& list) { list[0].abilities.push_back(ability); });
    }
    level::Project m_project;
};

void ReachProfilesTest::init() {
    m_project = testing::smallProject();
}

void ReachProfilesTest::kite_carriesOverAGap() {
    level::Level level = gapForAKite();
    QCOMPARE(verdictOf(level), VerdictKind::NotReached);
    place(m_project, level, Role::Pickup, "kite-1", {24, 60, 8, 16}).data.movesAs = "kite";
    QCOMPARE(verdictOf(level), VerdictKind::Reached);
    const reach::Proof proof = reach::prove(m_project, level);
    QVERIFY(proof.run.has_value());
    const auto query = reach::queryOf(m_project, level);
    QVERIFY(reach::replays(query->problem, *proof.run, query->goals[0].box) ||
            reach::replays(query->problem, *proof.run, query->goals[1].box));
    QCOMPARE(query->profiles, (std::vector<std::string>{m_project.profiles[0].name, "kite"}));
}

void ReachProfilesTest::kite_forATime_isFollowedTickByTick() {
    level::Level level = gapForAKite();
    level::Entity& pickup = place(m_project, level, Role::Pickup, "kite-1", {24, 60, 8, 16});
    pickup.data.movesAs = "kite";
    pickup.data.grantTicks = 240;
    QCOMPARE(verdictOf(level), VerdictKind::Reached);
    level.entities.edit([](auto& list) { list.back().data.grantTicks = 20; });
    QCOMPARE(verdictOf(level), VerdictKind::NotReached);
}

void ReachProfilesTest::swap_isPartOfTheRun() {
    addProfile("tall", [](auto& profile) { profile.jumpHeight = {5500}; });
    level::Level level = testing::drawnLevel(
        m_project, {"..........", "..........", "..........", ".....#....", ".....#....",
                    ".....#....", ".....#....", "S....#..X.", "##########"});
    QCOMPARE(verdictOf(level), VerdictKind::NotReached);
    const std::string own = m_project.profiles[0].name;
    m_project = level::swapProfiles(m_project, own, "tall").value().project;
    QCOMPARE(verdictOf(level), VerdictKind::Reached);
    QVERIFY(buttonsOf(level) & runtime::swapButton);
    m_project = level::swapProfiles(m_project, own, "").value().project;
    QCOMPARE(verdictOf(level), VerdictKind::NotReached);
}

void ReachProfilesTest::doorOnUse_isOpenedByTheRun() {
    level::Level level =
        testing::drawnLevel(m_project, {"##########", "..........", "S.......X.", "##########"});
    level::Entity& door = place(m_project, level, Role::Door, "door-1", {80, 16, 8, 32});
    door.data.door.manner = level::DoorManner::OnUse;
    door.data.door.ticks = 0;
    QCOMPARE(verdictOf(level), VerdictKind::Reached);
    QVERIFY(buttonsOf(level) & runtime::useButton);
    level.entities.edit([](auto& list) { list.back().data.door.ticks = 30; });
    QCOMPARE(verdictOf(level), VerdictKind::Reached);
    QVERIFY(buttonsOf(level) & runtime::useButton);
}

void ReachProfilesTest::doorThatShuts_shutsWhoTakesItsKeyTooSoon() {
    level::Level level =
        testing::drawnLevel(m_project, {"##########", "..........", "..S.....X.", "##########"});
    level::Entity& door = place(m_project, level, Role::Door, "door-1", {80, 16, 8, 32});
    door.data.door.manner = level::DoorManner::Shuts;
    door.data.opens = {{"key-1"}};
    place(m_project, level, Role::Key, "key-1", {4, 36, 8, 8});
    // Whoever leaves the key alone gets out; whoever takes it is trapped.
    QCOMPARE(verdictOf(level), VerdictKind::Reached);
    const auto query = reach::queryOf(m_project, level);
    const auto traps = reach::trapsOf(query->problem, {query->goals[0].box});
    QVERIFY(traps.isAny());
    // On the only way the key cannot be left alone.
    level.entities.edit([](auto& list) { list.back().box = {60, 16, 8, 32}; });
    QCOMPARE(verdictOf(level), VerdictKind::NotReached);
}

void ReachProfilesTest::untouchable_goesThroughTeeth_forItsTicks() {
    grant(level::Ability::Untouchable);
    level::Level level = testing::drawnLevel(
        m_project, {"####################", "....................", "....................",
                    "....................", "....................", "....................",
                    "S.................X.", "####################"});
    place(m_project, level, Role::Hazard, "teeth-1", {96, 16, 96, 96});
    level::Entity& charm = place(m_project, level, Role::Pickup, "charm-1", {40, 16, 8, 96});
    charm.data.grants = level::Ability::Untouchable;
    charm.data.grantTicks = 200;
    QCOMPARE(verdictOf(level), VerdictKind::Reached);
    level.entities.edit([](auto& list) { list.back().data.grantTicks = 40; });
    QCOMPARE(verdictOf(level), VerdictKind::NotReached);
}

void ReachProfilesTest::sword_isFetched_beforeTheFoe() {
    grant(level::Ability::BeatsFoes);
    level::Level level =
        testing::drawnLevel(m_project, {"####################", "....................",
                                        "..........S......X..", "####################"});
    place(m_project, level, Role::Foe, "crab-1", {220, 16, 14, 32});
    place(m_project, level, Role::Pickup, "sword-1", {20, 36, 8, 8}).data.grants =
        level::Ability::BeatsFoes;
    const reach::Proof proof = reach::prove(m_project, level);
    QVERIFY(proof.run.has_value());
    auto query = reach::queryOf(m_project, level);
    query->problem.parts.foes = reach::foesOf(m_project, level, query->problem.tables);
    QCOMPARE(query->problem.parts.foes.size(), std::size_t{1});
    for (const reach::Goal& goal : query->goals)
        if (goal.role == Role::Exit) QVERIFY(reach::replays(query->problem, *proof.run, goal.box));
    const reach::Run played = reach::replayed(query->problem, proof.run->inputs);
    QCOMPARE(played.bodies.back().beaten.size(), std::size_t{1});
    // Without it the foe stands in the only way.
    level.entities.edit([](auto& list) { list.pop_back(); });
    m_project.profiles.edit([](auto& list) { list[0].abilities.pop_back(); });
    const reach::Proof without = reach::prove(m_project, level);
    QVERIFY(without.hasNoWayRound);
}

void ReachProfilesTest::unfitProfiles_areASentence() {
    addProfile("wide", [](auto& profile) { profile.bodyWidth = 20; });
    level::Level level = testing::drawnLevel(m_project, {"....", "S.X.", "####"});
    level::Entity& kite = place(m_project, level, Role::Pickup, "kite-1", {20, 0, 8, 8});
    kite.data.movesAs = "wide";
    const auto wide = reach::queryOf(m_project, level);
    QVERIFY(!wide);
    QVERIFY(wide.error().what.find("kite-1") != std::string::npos);
    level.entities.edit([](auto& list) { list.back().data.movesAs = "nobody"; });
    const auto missing = reach::queryOf(m_project, level);
    QVERIFY(!missing);
    QVERIFY(missing.error().what.find("nobody") != std::string::npos);
    level.entities.edit([](auto& list) { list.pop_back(); });
    m_project.profiles.edit([](auto& list) { list[0].swapsWith = "wide"; });
    QVERIFY(!reach::queryOf(m_project, level));
    const auto refused = level::swapProfiles(m_project, m_project.profiles[0].name, "wide");
    QVERIFY(!refused);
}

void ReachProfilesTest::verdictsAreTheSame_whereNothingOfItIsUsed() {
    const level::Level level =
        testing::drawnLevel(m_project, {"..........", "...o......", "S.......X.", "##########"});
    const auto before = reach::queryOf(m_project, level);
    addProfile("other", [](auto& profile) { profile.jumpHeight = {9000}; });
    const auto after = reach::queryOf(m_project, level);
    QVERIFY(after->problem.tables.others.empty());
    QCOMPARE(reach::solve(before->problem).states, reach::solve(after->problem).states);
}

ROOK_TEST(ReachProfilesTest)

}  // namespace rook::reach_profiles_test

#include "profiles_test.moc"
