/// What leads where between levels, whatever becomes of their order.

#include "game/flow.h"

#include "level/running_order.h"
#include "testing.h"

namespace rook::flow_test {

using namespace rook::level;
using game::Destination;

class FlowTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void next_followsTheOrder();
    void namedLevel_keepsToItsName();
    void lastLevel_leadsWhereTheGameSays();
    void missingLevelOrEntry_isToldInASentence();
    void start_isTheFirst_unlessAnotherIsNamed();
    void whatNamesALevel_isListed();
    void waysOut_areExits_andSolvedPuzzles();

private:
    [[nodiscard]] Destination from(const char* id, const ExitTarget& exit) const {
        return game::destinationOf(m_project, *m_project.findLevel({id}), exit);
    }
    void set(const char* id, const ExitTarget& exit) {
        Level level = *m_project.findLevel({id});
        level.entities.edit([&](auto& entities) {
            for (Entity& entity : entities)
                if (entity.kind.text == "gate") entity.to = exit;
        });
        m_project = m_project.withLevel(level);
    }
    Project m_project;
};

void FlowTest::init() {
    m_project = testing::smallProject();
    Level level = testing::drawnLevel(m_project, {"S..X", "####"});
    m_project.levels.clear();
    for (const char* id : {"first", "second", "third"}) {
        level.id = {id};
        level.title = id;
        m_project.levels.push_back(std::make_shared<const Level>(level));
    }
}

void FlowTest::next_followsTheOrder() {
    const ExitTarget next{Onward::Next, {}, {}};
    QCOMPARE(from("first", next).level.text, std::string("second"));
    QCOMPARE(from("first", next).entry.text, std::string("keeper-1"));
    m_project = moveLevel(m_project, {"third"}, -1).project;
    QCOMPARE(from("first", next).level.text, std::string("third"));
    m_project = removeLevel(m_project, {"third"})->project;
    QCOMPARE(from("first", next).level.text, std::string("second"));
    m_project = duplicateLevel(m_project, {"first"})->edit.project;
    QCOMPARE(from("first", next).level.text, std::string("first-2"));
}

void FlowTest::namedLevel_keepsToItsName() {
    const ExitTarget third{Onward::Level, {"third"}, {}};
    m_project = moveLevel(m_project, {"third"}, -2).project;
    QCOMPARE(from("first", third).level.text, std::string("third"));
    set("first", third);
    m_project = changeLevelId(m_project, {"third"}, {"weir"})->project;
    const Entity* gate = findEntity(*m_project.findLevel({"first"}), {"gate-1"});
    QVERIFY(gate);
    QCOMPARE(from("first", gate->to).level.text, std::string("weir"));
}

void FlowTest::lastLevel_leadsWhereTheGameSays() {
    const ExitTarget next{Onward::Next, {}, {}};
    QCOMPARE(from("third", next).sort, Destination::Sort::End);
    m_project.game.afterLast.what = AfterLastWhat::Again;
    QCOMPARE(from("third", next).level.text, std::string("first"));
    m_project.game.afterLast = {AfterLastWhat::Level, {"second"}, {}};
    QCOMPARE(from("third", next).level.text, std::string("second"));
    QCOMPARE(from("third", {}).sort, Destination::Sort::End);
}

void FlowTest::missingLevelOrEntry_isToldInASentence() {
    QCOMPARE(from("first", {Onward::Level, {"moon"}, {}}).problem,
             std::string("There is no level moon"));
    QCOMPARE(from("first", {Onward::Level, {"second"}, {"moon"}}).problem,
             std::string("second has no spawn or entry moon"));
    Level bare = *m_project.levels[1];
    bare.entities = std::vector<Entity>();
    m_project = m_project.withLevel(bare);
    QCOMPARE(from("first", {Onward::Next, {}, {}}).problem, std::string("second has no spawn"));
}

void FlowTest::start_isTheFirst_unlessAnotherIsNamed() {
    QCOMPARE(game::startOf(m_project).level.text, std::string("first"));
    m_project.game.start = {{"second"}, {}};
    QCOMPARE(game::startOf(m_project).level.text, std::string("second"));
    m_project.game.start = {{"moon"}, {}};
    QCOMPARE(game::startOf(m_project).sort, Destination::Sort::Nowhere);
}

void FlowTest::whatNamesALevel_isListed() {
    QVERIFY(game::whatNames(m_project, {"third"}).empty());
    set("first", {Onward::Level, {"third"}, {}});
    set("second", {Onward::Next, {}, {}});
    m_project.game.start = {{"third"}, {}};
    const auto all = game::whatNames(m_project, {"third"});
    QCOMPARE(all.size(), std::size_t(2));
    QVERIFY(all[0] == game::Leading());
    QCOMPARE(all[1].from.text, std::string("first"));
    QCOMPARE(all[1].exit.text, std::string("gate-1"));
}

void FlowTest::waysOut_areExits_andSolvedPuzzles() {
    Level puzzle = *m_project.findLevel({"second"});
    puzzle.kind = LevelKind::Puzzle;
    puzzle.entities.edit([](auto& entities) { entities.clear(); });
    m_project = m_project.withLevel(puzzle);
    set("first", {Onward::Next, {}, {}});
    const auto ways = game::waysOut(m_project);
    QCOMPARE(ways.size(), std::size_t(3));
    QVERIFY(ways[1] == (game::Leading{{"second"}, {}}));
    QCOMPARE(game::destinationOf(m_project, ways[1]).level.text, std::string("third"));
    QCOMPARE(game::destinationOf(m_project, ways[0]).level.text, std::string("second"));
    QCOMPARE(game::destinationOf(m_project, ways[2]).sort, Destination::Sort::End);
}

ROOK_TEST(FlowTest)

}  // namespace rook::flow_test

#include "flow_test.moc"
