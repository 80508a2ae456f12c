/// The rules of a game, against a plain table of cases and against a slow, obvious count.

#include "game/rules.h"

#include <random>

#include "testing.h"

namespace rook::game_rules_test {

using namespace rook::runtime;

namespace {

TallyRule tally(const char* name, int start, int least, int most) {
    TallyRule rule;
    rule.name = name;
    rule.start = start;
    rule.least = least;
    rule.most = most;
    return rule;
}

/// A score with a life every 100, at most 9 lives of 3.
GameRules usual() {
    GameRules rules;
    rules.tallies = {tally("score", 0, 0, 1000), tally("lives", 3, 0, 9)};
    rules.tallies[0].every = {{100, 1, 1}};
    rules.lives = 1;
    return rules;
}

GoalRule goal(GoalSort sort, int number) {
    GoalRule rule;
    rule.sort = sort;
    rule.kind = "lantern";
    rule.tally = 0;
    rule.count = number;
    rule.atLeast = number;
    rule.ticks = number;
    return rule;
}

}  // namespace

class GameRulesTest : public QObject {
    Q_OBJECT
private slots:
    void additions_areCut_andFeed_data();
    void additions_areCut_andFeed();
    void additions_areAsCountedOneByOne();
    void rulesThatFeedThemselves_end();
    void goals_hold_data();
    void goals_hold();
    void clock_startsAnew_withTheLevel();
    void withoutExits_isWonBetweenTicks();
    void withinTime_isLostAfterwards();
    void deaths_costALife_untilTheGameIsOver();
    void arrivals_areByTheSeed();
    void document_becomesRules();
};

void GameRulesTest::additions_areCut_andFeed_data() {
    QTest::addColumn<QList<int>>("amounts");
    QTest::addColumn<int>("score");
    QTest::addColumn<int>("lives");
    const auto row = [](const char* name, QList<int> amounts, int score, int lives) {
        QTest::newRow(name) << amounts << score << lives;
    };
    row("nothing", {}, 0, 3);
    row("below a step", {99}, 99, 3);
    row("to a step", {99, 1}, 100, 4);
    row("over three steps at once", {350}, 350, 6);
    row("taking away gives none", {150, -60}, 90, 4);
    row("crossing again gives again", {150, -60, 20}, 110, 5);
    row("cut at the least", {-50}, 0, 3);
    row("cut at the most: what is cut gives none", {2000}, 1000, 9);
    row("at the most nothing grows", {1000, 100}, 1000, 9);
}

void GameRulesTest::additions_areCut_andFeed() {
    QFETCH(QList<int>, amounts);
    const GameRules rules = usual();
    GameState state = beginGame(rules);
    for (const int amount : amounts)
        add(rules, state, 0, amount);
    QTEST(state.tallies[0], "score");
    QTEST(state.tallies[1], "lives");
}

/// Adding n is adding 1 n times, as long as nothing is cut on the way.
void GameRulesTest::additions_areAsCountedOneByOne() {
    const auto seed = testing::seedOr(7);
    std::mt19937_64 chance(seed);
    for (int round = 0; round < 2000; ++round) {
        GameRules rules;
        for (int i = 0; i < 3; ++i) {
            TallyRule rule = tally("t", int(chance() % 41) - 20, -100000, 100000);
            if (i < 2) rule.every = {{1 + int(chance() % 9), i + 1, int(chance() % 7) - 3}};
            rules.tallies.push_back(rule);
        }
        GameState whole = beginGame(rules), single = whole;
        const int amount = int(chance() % 60);
        add(rules, whole, 0, amount);
        for (int i = 0; i < amount; ++i)
            add(rules, single, 0, 1);
        // A tally that is fed with losses has its own crossings again and again: those differ.
        if (rules.tallies[0].every[0].add < 0) continue;
        QVERIFY2(whole.tallies == single.tallies,
                 qPrintable(QString("seed %1, round %2").arg(seed).arg(round)));
    }
}

void GameRulesTest::rulesThatFeedThemselves_end() {
    GameRules rules = usual();
    rules.tallies[1].every = {{1, 0, 1000}};
    GameState state = beginGame(rules);
    add(rules, state, 0, 1000);
    QVERIFY(state.tallies[0] <= 1000 && state.tallies[1] <= 9);
}

void GameRulesTest::goals_hold_data() {
    QTest::addColumn<int>("sort");
    QTest::addColumn<int>("number");
    QTest::addColumn<int>("have");
    QTest::addColumn<bool>("holds");
    const auto row = [](const char* name, GoalSort sort, int number, int have, bool holds) {
        QTest::newRow(name) << int(sort) << number << have << holds;
    };
    row("collect: one short", GoalSort::Collect, 3, 2, false);
    row("collect: all", GoalSort::Collect, 3, 3, true);
    row("collect: none asked", GoalSort::Collect, 0, 0, true);
    row("defeat: one short", GoalSort::Defeat, 1, 0, false);
    row("defeat: more", GoalSort::Defeat, 1, 2, true);
    row("tally: one short", GoalSort::Tally, 50, 49, false);
    row("tally: reached", GoalSort::Tally, 50, 50, true);
    row("survive: a tick early", GoalSort::Survive, 60, 59, false);
    row("survive: from that tick on", GoalSort::Survive, 60, 60, true);
    row("within: the last tick", GoalSort::Within, 60, 59, true);
    row("within: too late", GoalSort::Within, 60, 60, false);
}

void GameRulesTest::goals_hold() {
    QFETCH(int, sort);
    QFETCH(int, number);
    QFETCH(int, have);
    const GameRules rules = usual();
    GameState state = beginGame(rules);
    const auto asked = static_cast<GoalSort>(sort);
    LevelRules level;
    level.goals = {goal(asked, number)};
    if (asked == GoalSort::Survive || asked == GoalSort::Within) state.ticks = have;
    if (asked == GoalSort::Tally) add(rules, state, 0, have);
    for (int i = 0; i < have; ++i) {
        if (asked == GoalSort::Collect) take(rules, state, "lantern", -1, 1);
        if (asked == GoalSort::Defeat) beat(rules, state, "lantern", -1, 1);
        take(rules, state, "other", -1, 1);
    }
    QTEST(holds(level.goals[0], state), "holds");
    QTEST(mayWin(level, state), "holds");
    level.goals[0].isNeeded = false;
    QVERIFY2(mayWin(level, state), "a bonus keeps nobody in");
}

void GameRulesTest::clock_startsAnew_withTheLevel() {
    GameRules rules = usual();
    rules.tallies[0].isOfLevel = true;
    GameState state = beginGame(rules);
    take(rules, state, "lantern", 0, 250);
    (void)endTick({}, state);
    QCOMPARE(state.ticks, 1);
    arrive(rules, state);
    QCOMPARE(state.ticks, 0);
    QCOMPARE(state.tallies[0], 0);
    QCOMPARE(state.tallies[1], 5);
    QVERIFY(state.taken.empty());
}

void GameRulesTest::withoutExits_isWonBetweenTicks() {
    const GameRules rules = usual();
    GameState state = beginGame(rules);
    LevelRules level;
    level.hasExits = false;
    QVERIFY2(endTick(level, state) == TickEnd::GoesOn,
             "with neither goals nor exits nothing is won");
    level.goals = {goal(GoalSort::Survive, 3)};
    QVERIFY(endTick(level, state) == TickEnd::GoesOn);
    QVERIFY(endTick(level, state) == TickEnd::Won);
    level.hasExits = true;
    QVERIFY(endTick(level, state) == TickEnd::GoesOn);
}

void GameRulesTest::withinTime_isLostAfterwards() {
    GameState state;
    LevelRules level;
    level.goals = {goal(GoalSort::Within, 2)};
    QVERIFY(endTick(level, state) == TickEnd::GoesOn);
    QVERIFY2(mayWin(level, state), "tick 1 may still win");
    QVERIFY(endTick(level, state) == TickEnd::Lost);
    level.goals[0].isNeeded = false;
    QVERIFY(endTick(level, state) == TickEnd::GoesOn);
}

void GameRulesTest::deaths_costALife_untilTheGameIsOver() {
    const GameRules rules = usual();
    GameState state = beginGame(rules);
    LevelRules level;
    QVERIFY(die(rules, level, state) == Death::GoesOn);
    level.beginsAgain = true;
    QVERIFY(die(rules, level, state) == Death::BeginsAgain);
    QCOMPARE(state.tallies[1], 1);
    QVERIFY(die(rules, level, state) == Death::GameOver);
    GameRules free = rules;
    free.lives = -1;
    for (int i = 0; i < 20; ++i)
        QVERIFY(die(free, {}, state) == Death::GoesOn);
    state = beginGame(rules);
    QVERIFY(lose(rules, state) == Death::BeginsAgain);
    QCOMPARE(state.tallies[1], 2);
}

void GameRulesTest::arrivals_areByTheSeed() {
    // The first outputs of SplitMix64 seeded with 1234567, as published with it.
    const unsigned long long outputs[] = {6457827717110365317ULL, 3203168211198807973ULL,
                                          9817491932198370423ULL};
    for (unsigned long long k = 0; k < 3; ++k)
        QCOMPARE(spawnOf(1234567, k, 1000003), std::size_t(outputs[k] % 1000003));
    QCOMPARE(spawnOf(5, 9, 1), std::size_t(0));
    QCOMPARE(spawnOf(5, 9, 0), std::size_t(0));
}

void GameRulesTest::document_becomesRules() {
    level::Project project = testing::smallProject();
    level::Tally score, lives;
    score.name = "score";
    score.every = {{2000, "lives", 1}, {5, "moon", 1}};
    lives.name = "lives";
    lives.start = 3;
    lives.keeps = level::Keeps::Level;
    project.game.tallies = {score, lives};
    project.game.lives = "lives";
    level::Level drawn = testing::drawnLevel(project, {"S.o.o", "####X"});
    level::LevelGoal all;
    all.kind = {"lantern"};
    level::LevelGoal unknown;
    unknown.type = level::GoalType::Tally;
    unknown.tally = "moon";
    drawn.goals = std::vector{all, unknown};
    const GameRules rules = game::rulesOf(project);
    QCOMPARE(rules.lives, 1);
    QCOMPARE(rules.tallies[0].every[0].tally, 1);
    QCOMPARE(rules.tallies[0].every[1].tally, -1);
    QVERIFY(rules.tallies[1].isOfLevel && !rules.tallies[0].isOfLevel);
    const LevelRules level = game::rulesOf(project, drawn, rules);
    QVERIFY(level.hasExits);
    QCOMPARE(level.goals[0].count, 2);
    QVERIFY2(!holds(level.goals[1], beginGame(rules)), "a tally that is not there is never there");
}

ROOK_TEST(GameRulesTest)

}  // namespace rook::game_rules_test

#include "rules_test.moc"
