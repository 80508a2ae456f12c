/// Whether a level can be won, with its goals, and by which exits.

#include "game/winning.h"

#include "testing.h"

namespace rook::winning_test {

using namespace rook::level;
using game::Decided;
using game::Winning;

class WinningTest : public QObject {
    Q_OBJECT
private slots:
    void init() { m_project = testing::smallProject(); }
    void exitThatIsMet_endsTheRun();
    void exitsAtOnePlace_theFirstWins();
    void collecting_isProvenByARun();
    void collecting_inAnOrderThatMatters();
    void whatCannotBeGotTo_cannotBeCollected();
    void foes_areBeaten_whereThatCanBe();
    void foeThatWalks_isWaitedFor();
    void survive_isWaitedFor();
    void within_isPossibleOrNot();
    void tally_isBoundFromAbove();
    void withoutExits_goalsWin();
    void withNeither_nothingCanBeWon();
    void foe_mustBePassedAlive();
    void foeThatStands_killsWhoStaysUnderIt();
    void runsOfYes_alwaysWin_data();
    void runsOfYes_alwaysWin();

private:
    [[nodiscard]] Level drawn(const std::vector<std::string>& rows) const {
        return testing::drawnLevel(m_project, rows);
    }
    static void ask(Level& level, LevelGoal goal) {
        level.goals.edit([&](auto& goals) { goals.push_back(goal); });
    }
    /// A foe there, of a kind of its own.
    void addCrab(Level& level, PxRect box) {
        Kind kind;
        kind.id = {"crab"};
        kind.role = Role::Foe;
        if (!m_project.findKind(kind.id))
            m_project.kinds.edit([&](auto& list) { list.push_back(kind); });
        Entity crab;
        crab.id = {"crab-1"};
        crab.kind = kind.id;
        crab.box = box;
        level.entities.append(crab);
    }
    static LevelGoal collect(int count) {
        LevelGoal goal;
        goal.kind = {"lantern"};
        goal.count = count;
        return goal;
    }
    [[nodiscard]] Winning winningOf(const Level& level) const {
        return game::winningOf(m_project, level);
    }
    /// The way's run, played.
    [[nodiscard]] game::Played played(const Level& level, const game::WayOut& way) const {
        auto query = reach::queryOf(m_project, level);
        query->problem.parts.foes = reach::foesOf(m_project, level, query->problem.tables);
        return game::play(m_project, level, query->problem, way.inputs);
    }
    Project m_project;
};

void WinningTest::exitThatIsMet_endsTheRun() {
    // The second gate lies behind the first in a corridor.
    const Level level =
        drawn({"############", "############", "............", "S....X....X.", "############"});
    const Winning winning = winningOf(level);
    QCOMPARE(winning.can, Decided::Yes);
    QCOMPARE(winning.by({"gate-1"}), Decided::Yes);
    QCOMPARE(winning.by({"gate-2"}), Decided::No);
    QCOMPARE(played(level, winning.ways[0]).exit.text, std::string("gate-1"));
}

void WinningTest::exitsAtOnePlace_theFirstWins() {
    // Both stand at the same place: the first in the file is the one that is met.
    Level level = drawn({"............", "............", "S....X....X.", "############"});
    level.entities.edit([](auto& list) {
        for (Entity& entity : list)
            if (entity.id.text == "gate-2") entity.box = {80, 16, 16, 32};
    });
    const Winning winning = winningOf(level);
    QCOMPARE(winning.by({"gate-1"}), Decided::Yes);
    QCOMPARE(winning.by({"gate-2"}), Decided::No);
}

void WinningTest::collecting_isProvenByARun() {
    // The gate stands before the lantern: it is passed, and come back to.
    Level level = drawn({"............", "............", "S....X....o.", "############"});
    ask(level, collect(0));
    const Winning winning = winningOf(level);
    QCOMPARE(winning.can, Decided::Yes);
    QCOMPARE(winning.ways.size(), std::size_t(1));
    QVERIFY(played(level, winning.ways[0]).isWon);
    // Without the goal the run is much shorter.
    level.goals = {};
    QVERIFY(winningOf(level).ways[0].inputs.size() < winning.ways[0].inputs.size() / 2);
}

void WinningTest::collecting_inAnOrderThatMatters() {
    // Who falls into the pit on the left does not come out; its lantern must be the last but the
    // gate is there too.
    Level level = drawn({"...........o", ".......#####", "...S.......#", "..####.....#",
                         "..#........#", "..#........#", "..#........#", "..#........#",
                         "o.#........#", "X.#.......o#", "############"});
    ask(level, collect(0));
    const Winning winning = winningOf(level);
    for (const game::WayOut& way : winning.ways)
        if (way.can == Decided::Yes) QVERIFY(played(level, way).isWon);
    QVERIFY(winning.can != Decided::Yes || winning.ways[0].inputs.size() > 60);
}

void WinningTest::whatCannotBeGotTo_cannotBeCollected() {
    Level level =
        drawn({"........o...", "............", "............", "............", "............",
               "............", "............", "S....o....X.", "############"});
    ask(level, collect(2));
    const Winning winning = winningOf(level);
    QCOMPARE(winning.can, Decided::No);
    QCOMPARE(winning.goals[0].can, Decided::No);
    QVERIFY2(winning.why.find("only 1 of 2") != std::string::npos, winning.why.c_str());
    level.goals.edit([](auto& goals) { goals[0].isNeeded = false; });
    QCOMPARE(winningOf(level).can, Decided::Yes);  // a bonus forbids nothing
    QCOMPARE(winningOf(level).goals[0].can, Decided::No);
}

void WinningTest::foes_areBeaten_whereThatCanBe() {
    Level level = drawn({"............", "............", "S....o....X.", "############"});
    addCrab(level, {120, 38, 14, 10});
    LevelGoal goal = collect(0);
    goal.kind = {"crab"};
    goal.type = GoalType::Defeat;
    ask(level, goal);
    Winning winning = winningOf(level);
    QCOMPARE(winning.can, Decided::No);
    QVERIFY2(winning.why.find("can beat foes") != std::string::npos, winning.why.c_str());
    // A pickup gives it: the run fetches it first.
    m_project.profiles.edit([](auto& list) { list[0].abilities.push_back(Ability::BeatsFoes); });
    level.entities.edit([](auto& list) {
        for (Entity& entity : list)
            if (entity.kind.text == "lantern") entity.data.grants = Ability::BeatsFoes;
    });
    winning = winningOf(level);
    QCOMPARE(winning.can, Decided::Yes);
    QVERIFY(played(level, winning.ways[0]).isWon);
    // One that nobody gets to, and it cannot be won; nor with more foes than there are.
    Level high = level;
    high.cells.fillRect({0, 1, 12, 1}, Cell(MatterId{1}));
    high.entities.edit([](auto& list) { list.back().box = {120, 0, 14, 10}; });
    QCOMPARE(winningOf(high).can, Decided::No);
    level.goals.edit([](auto& goals) { goals[0].count = 2; });
    winning = winningOf(level);
    QCOMPARE(winning.can, Decided::No);
    QVERIFY2(winning.why.find("only 1 of 2") != std::string::npos, winning.why.c_str());
}

void WinningTest::foeThatWalks_isWaitedFor() {
    m_project.profiles.edit([](auto& list) { list[0].abilities.push_back(Ability::BeatsFoes); });
    Level level = drawn({"............", "............", "S.........X.", "############"});
    addCrab(level, {120, 38, 14, 10});
    level.entities.edit([](auto& list) { list.back().data.patrol.gait = Gait::Walks; });
    LevelGoal goal = collect(0);
    goal.kind = {"crab"};
    goal.type = GoalType::Defeat;
    ask(level, goal);
    const Winning winning = winningOf(level);
    QVERIFY(winning.can != Decided::No);
    if (winning.can == Decided::Yes) QVERIFY(played(level, winning.ways[0]).isWon);
    QCOMPARE(winning.can, Decided::Yes);
}

void WinningTest::survive_isWaitedFor() {
    Level level = drawn({"............", "............", "S.........X.", "############"});
    LevelGoal goal;
    goal.type = GoalType::Survive;
    goal.ticks = 600;
    ask(level, goal);
    const Winning winning = winningOf(level);
    QCOMPARE(winning.can, Decided::Yes);
    QVERIFY(winning.ways[0].inputs.size() > 600);
    QVERIFY(winning.ways[0].inputs.size() < 640);
}

void WinningTest::within_isPossibleOrNot() {
    Level level = drawn({"............", "............", "S.........X.", "############"});
    LevelGoal goal;
    goal.type = GoalType::Within;
    goal.ticks = 600;
    ask(level, goal);
    QCOMPARE(winningOf(level).can, Decided::Yes);
    level.goals.edit([](auto& goals) { goals[0].ticks = 20; });
    QCOMPARE(winningOf(level).can, Decided::No);
}

void WinningTest::tally_isBoundFromAbove() {
    Tally lights;
    lights.name = "lights";
    lights.title = "Lights";
    Tally lives = lights;
    lives.name = "lives";
    lives.title = "Lives";
    lives.start = 1;
    lights.every = {{2, "lives", 1}};
    m_project.game.tallies = {lights, lives};
    m_project.kinds.edit([](auto& kinds) {
        for (Kind& kind : kinds)
            if (kind.id.text == "lantern") kind.tally = "lights";
    });
    Level level = drawn({"............", "............", "S.o.o...oX..", "############"});
    LevelGoal goal;
    goal.type = GoalType::Tally;
    goal.tally = "lights";
    goal.atLeast = 3;
    ask(level, goal);
    QCOMPARE(winningOf(level).can, Decided::Yes);
    level.goals.edit([](auto& goals) { goals[0].atLeast = 4; });
    const Winning tooMany = winningOf(level);
    QCOMPARE(tooMany.can, Decided::No);
    QVERIFY2(tooMany.why.find("3 at most") != std::string::npos, tooMany.why.c_str());
    // What grows with it.
    level.goals.edit([](auto& goals) {
        goals[0].tally = "lives";
        goals[0].atLeast = 2;
    });
    QVERIFY(winningOf(level).can != Decided::No);
    level.goals.edit([](auto& goals) { goals[0].atLeast = 20; });
    QCOMPARE(winningOf(level).can, Decided::No);
}

void WinningTest::withoutExits_goalsWin() {
    Level level = drawn({"............", "............", "S.....o.....", "############"});
    ask(level, collect(0));
    const Winning winning = winningOf(level);
    QCOMPARE(winning.can, Decided::Yes);
    QVERIFY(winning.ways[0].exit.isEmpty());
    QVERIFY(played(level, winning.ways[0]).isWon);
}

void WinningTest::withNeither_nothingCanBeWon() {
    const Winning winning = winningOf(drawn({"............", "S...........", "############"}));
    QCOMPARE(winning.can, Decided::No);
    QVERIFY(winning.why.find("neither") != std::string::npos);
}

namespace {

/// A foe of that gait, in a level.
void addFoe(Project& project, Level& level, PxRect box, Gait gait) {
    Kind kind;
    kind.id = {"eel"};
    kind.title = "Eel";
    kind.role = Role::Foe;
    if (!project.findKind(kind.id)) project.kinds.edit([&](auto& kinds) { kinds.push_back(kind); });
    Entity foe;
    foe.id = freshEntityId(level, kind.id);
    foe.kind = kind.id;
    foe.box = box;
    foe.data.patrol.gait = gait;
    foe.data.patrol.speed = {1000};
    level.entities.edit([&](auto& list) { list.push_back(foe); });
}

}  // namespace

void WinningTest::foe_mustBePassedAlive() {
    Level open = drawn({"............", "............", "............", "............",
                        "S.........X.", "############"});
    addFoe(m_project, open, {80, 64, 12, 12}, Gait::Walks);
    const Winning over = winningOf(open);
    QCOMPARE(over.can, Decided::Yes);
    QVERIFY(!played(open, over.ways[0]).isDead);
    // A low passage through which the foe goes to and fro: nothing is claimed.
    Level low =
        drawn({"############", "############", "............", "S.........X.", "############"});
    addFoe(m_project, low, {80, 44, 12, 20}, Gait::Walks);
    QVERIFY(winningOf(low).can != Decided::No);
}

void WinningTest::foeThatStands_killsWhoStaysUnderIt() {
    // Who stays where a foe comes by dies, without a move of their own.
    Level level = drawn({"............", "............", "....S......X", "############"});
    addFoe(m_project, level, {96, 36, 12, 12}, Gait::Walks);
    auto query = reach::queryOf(m_project, level);
    query->problem.parts.foes = reach::foesOf(m_project, level, query->problem.tables);
    const std::vector<runtime::Input> stay(600);
    QVERIFY(game::play(m_project, level, query->problem, stay).isDead);
}

void WinningTest::runsOfYes_alwaysWin_data() {
    QTest::addColumn<int>("seed");
    for (int i = 0; i < 12; ++i)
        QTest::addRow("seed %d", i) << i;
}

void WinningTest::runsOfYes_alwaysWin() {
    QFETCH(int, seed);
    Random random(testing::seedOr(7000) + static_cast<std::uint64_t>(seed));
    std::vector<std::string> rows(9, std::string(20, '.'));
    for (int y = 0; y < 9; ++y)
        for (int x = 0; x < 20; ++x)
            if (y == 8 || random.chance(14)) rows[std::size_t(y)][std::size_t(x)] = '#';
    rows[7][1] = 'S';
    rows[7][std::size_t(random.between(8, 18))] = 'X';
    for (int i = 0; i < 4; ++i)
        rows[std::size_t(random.between(2, 7))][std::size_t(random.between(2, 18))] = 'o';
    Level level = drawn(rows);
    ask(level, collect(random.between(0, 3)));
    if (random.chance(40)) {
        LevelGoal goal;
        goal.type = random.chance(50) ? GoalType::Survive : GoalType::Within;
        goal.ticks = random.between(60, 900);
        ask(level, goal);
    }
    const Winning winning = winningOf(level);
    for (const game::WayOut& way : winning.ways) {
        if (way.can != Decided::Yes) continue;
        const game::Played run = played(level, way);
        QVERIFY(run.isWon);
        QCOMPARE(run.exit, way.exit);
    }
    qInfo("%s", winning.can == Decided::Yes ? "can be won" : winning.why.c_str());
}

ROOK_TEST(WinningTest)

}  // namespace rook::winning_test

#include "winning_test.moc"
