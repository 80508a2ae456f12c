/// What is found about the game between its levels.

#include "check/game_findings.h"

#include "level/running_order.h"
#include "testing.h"

namespace rook::game_findings_test {

using namespace rook::level;

class GameFindingsTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void soundGame_hasNone();
    void eachFlaw_isFound_data();
    void eachFlaw_isFound();
    void roundWays_areMeant_whereTheGameSaysSo();

private:
    [[nodiscard]] std::string names() const {
        std::string text;
        for (const check::ProjectFinding& finding : check::gameFindings(m_project))
            text += finding.name + ' ';
        return text;
    }
    void lead(const char* id, const ExitTarget& exit) {
        change(id, [&](Level& level) {
            level.entities.edit([&](auto& entities) {
                for (Entity& entity : entities)
                    if (entity.kind.text == "gate") entity.to = exit;
            });
        });
    }
    void change(const char* id, const std::function<void(Level&)>& act) {
        Level level = *m_project.findLevel({id});
        act(level);
        m_project = m_project.withLevel(level);
    }
    Project m_project;
};

void GameFindingsTest::init() {
    m_project = testing::smallProject();
    Level level = testing::drawnLevel(m_project, {"S.o.X", "#####"});
    m_project.levels.clear();
    for (const char* id : {"first", "second"}) {
        level.id = {id};
        level.title = id;
        m_project.levels.push_back(std::make_shared<const Level>(level));
    }
    lead("first", {Onward::Next, {}, {}});
    lead("second", {Onward::Next, {}, {}});
}

void GameFindingsTest::soundGame_hasNone() {
    QCOMPARE(names(), std::string());
}

void GameFindingsTest::eachFlaw_isFound_data() {
    QTest::addColumn<QString>("name");
    for (const char* name :
         {"game-begins-nowhere", "after-last-nowhere", "game-without-end", "level-not-led-to",
          "tally-unknown", "lives-not-given", "goal-cannot-be-met", "text-missing", "text-empty"})
        QTest::newRow(name) << name;
}

void GameFindingsTest::eachFlaw_isFound() {
    QFETCH(QString, name);
    LevelGoal goal;
    goal.kind = {"lantern"};
    Tally lives;
    lives.name = lives.title = "lives";
    if (name == "game-begins-nowhere") m_project.game.start.level = {"moon"};
    if (name == "after-last-nowhere") {
        m_project.game.afterLast = {AfterLastWhat::Level, {"moon"}, {}};
        lead("second", {});
    }
    if (name == "game-without-end") lead("second", {Onward::Level, {"first"}, {}});
    if (name == "level-not-led-to") lead("first", {});
    if (name == "tally-unknown") m_project.game.lives = "moon";
    if (name == "lives-not-given") {
        m_project.game.tallies = {lives};
        m_project.game.lives = "lives";
    }
    if (name == "goal-cannot-be-met") goal.count = 2;
    if (name == "text-missing") goal.words = "moon";
    if (name == "goal-cannot-be-met" || name == "text-missing")
        change("first", [&](Level& level) { level.goals = std::vector{goal}; });
    if (name == "text-empty")
        change("first", [&](Level& level) {
            Words words;
            words.id = "start";
            level.texts = std::vector{words};
        });
    QCOMPARE(names(), name.toStdString() + ' ');
}

void GameFindingsTest::roundWays_areMeant_whereTheGameSaysSo() {
    lead("second", {Onward::Level, {"first"}, {}});
    m_project.game.mayLoop = true;
    QCOMPARE(names(), std::string());
    // To begin again after the last level is an end.
    m_project.game.mayLoop = false;
    lead("second", {Onward::Next, {}, {}});
    m_project.game.afterLast.what = AfterLastWhat::Again;
    QCOMPARE(names(), std::string());
}

ROOK_TEST(GameFindingsTest)

}  // namespace rook::game_findings_test

#include "game_findings_test.moc"
