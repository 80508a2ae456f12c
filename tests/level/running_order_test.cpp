/// The levels that a project has: their order, new ones, copies, other ids, and what goes.

#include "level/running_order.h"

#include <random>
#include <set>

#include "testing.h"

namespace rook::running_order_test {

using namespace rook::level;

class RunningOrderTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void levels_areReordered_onceEach();
    void level_isMovedByAnyNumberOfPlaces();
    void newLevel_comesAfterTheOneAtHand();
    void newLevel_ofNoSize_isRefused();
    void copy_hasAnIdAndATitleOfItsOwn_andKeepsTheRest();
    void removedLevel_isGone_theLastOneStays();
    void id_isRenamedEverywhere();
    void id_thatIsTakenOrNotPlain_isRefused();
    void room_hasAFloorAndWalls();
    void manyLevels_areChangedAtRandom();

private:
    [[nodiscard]] std::string order(const Project& project) const {
        std::string text;
        for (const auto& level : project.levels)
            text += level->id.text + ' ';
        return text;
    }
    Project m_project;
};

void RunningOrderTest::init() {
    m_project = testing::smallProject();
    Level level = testing::drawnLevel(m_project, {"S..X", "####"});
    m_project.levels.clear();
    for (const char* id : {"first", "second", "third"}) {
        level.id = {id};
        level.title = id;
        m_project.levels.push_back(std::make_shared<const Level>(level));
    }
}

void RunningOrderTest::levels_areReordered_onceEach() {
    const auto edit =
        orderLevels(m_project, {LevelId{"second"}, LevelId{"first"}, LevelId{"third"}});
    QVERIFY(edit.has_value());
    QCOMPARE(order(edit->project), std::string("second first third "));
    QVERIFY(!orderLevels(m_project, {LevelId{"second"}}));
    QVERIFY(!orderLevels(m_project, {LevelId{"second"}, LevelId{"second"}, LevelId{"third"}}));
    QVERIFY(!orderLevels(m_project, {LevelId{"second"}, LevelId{"nowhere"}, LevelId{"third"}}));
}

void RunningOrderTest::level_isMovedByAnyNumberOfPlaces() {
    const auto after = [&](const char* id, int by) {
        return order(moveLevel(m_project, {id}, by).project);
    };
    QCOMPARE(after("first", 2), std::string("second third first "));
    QCOMPARE(after("third", -1), std::string("first third second "));
    QCOMPARE(after("third", -9), std::string("third first second "));
    QCOMPARE(after("second", 9), std::string("first third second "));
    QCOMPARE(after("nowhere", 1), std::string("first second third "));
}

void RunningOrderTest::newLevel_comesAfterTheOneAtHand() {
    NewLevel wish = usualLevel(m_project, LevelKind::Above, {"first"});
    QCOMPARE(wish.cellSize.width, m_project.levels[0]->cellSize.width);
    wish.title = "Grain Loft";
    wish.columns = 7;
    wish.rows = 5;
    const auto added = addLevel(m_project, wish);
    QVERIFY(added.has_value());
    QCOMPARE(added->level.text, std::string("grain-loft"));
    QCOMPARE(order(added->edit.project), std::string("first grain-loft second third "));
    const Level& level = *added->edit.project.levels[1];
    QCOMPARE(level.kind, LevelKind::Above);
    QCOMPARE(level.cells.width(), 7);
    QCOMPARE(level.cells.height(), 5);
    QCOMPARE(level.background, m_project.levels[0]->background);
    // Without a title it has its number; an id that is taken is not taken twice.
    wish.title.clear();
    const auto named = addLevel(added->edit.project, wish);
    QCOMPARE(named->edit.project.findLevel(named->level)->title, std::string("Level 5"));
    wish.title = "First";
    QCOMPARE(addLevel(m_project, wish)->level.text, std::string("first-2"));
}

void RunningOrderTest::newLevel_ofNoSize_isRefused() {
    NewLevel wish;
    for (const auto& [columns, rows, cell] : {std::tuple(0, 5, 16), std::tuple(5, 16385, 16),
                                              std::tuple(5, 5, 0), std::tuple(5, 5, 513)}) {
        wish.columns = columns;
        wish.rows = rows;
        wish.cellSize = {cell, 16};
        const auto added = addLevel(m_project, wish);
        QVERIFY(!added);
        QCOMPARE(added.error().kind, ErrorKind::OutOfRange);
    }
}

void RunningOrderTest::copy_hasAnIdAndATitleOfItsOwn_andKeepsTheRest() {
    const auto copied = duplicateLevel(m_project, {"second"});
    QVERIFY(copied.has_value());
    QCOMPARE(order(copied->edit.project), std::string("first second second-2 third "));
    Level copy = *copied->edit.project.levels[2];
    QCOMPARE(copy.title, std::string("second 2"));
    copy.id = {"second"};
    copy.title = "second";
    QVERIFY(copy == *m_project.levels[1]);
    // A copy of the copy counts on.
    const auto again = duplicateLevel(copied->edit.project, copied->level);
    QCOMPARE(again->edit.project.findLevel(again->level)->title, std::string("second 3"));
    QVERIFY(!duplicateLevel(m_project, {"nowhere"}));
}

void RunningOrderTest::removedLevel_isGone_theLastOneStays() {
    auto edit = removeLevel(m_project, {"second"});
    QVERIFY(edit.has_value());
    QCOMPARE(order(edit->project), std::string("first third "));
    edit = removeLevel(edit->project, {"first"});
    QVERIFY(!removeLevel(edit->project, {"third"}));
    QVERIFY(!removeLevel(m_project, {"nowhere"}));
}

void RunningOrderTest::id_isRenamedEverywhere() {
    Level level = *m_project.levels[0];
    FieldDefinition field;
    field.name = "way";
    field.type = FieldType::Level;
    FieldDefinition list = field;
    list.name = "ways";
    list.type = FieldType::List;
    list.item = FieldType::Level;
    FieldDefinition text = field;
    text.name = "words";
    text.type = FieldType::Text;
    m_project.kinds.edit([&](auto& kinds) {
        for (Kind& kind : kinds)
            if (kind.id.text == "gate") kind.fields = {field, list, text};
    });
    level.entities.edit([](auto& entities) {
        for (Entity& entity : entities) {
            if (entity.kind.text != "gate") continue;
            entity.to = {Onward::Level, {"second"}, {}};
            FieldList names;
            names.items = {std::string("third"), std::string("second")};
            entity.fields = {
                {"way", std::string("second")}, {"ways", names}, {"words", std::string("second")}};
        }
    });
    m_project.levels[0] = std::make_shared<const Level>(level);
    m_project.game.start.level = {"second"};
    m_project.game.map = {{{"second"}, {3, 4}}};
    const auto edit = changeLevelId(m_project, {"second"}, {"weir"});
    QVERIFY(edit.has_value());
    const Project& now = edit->project;
    QCOMPARE(order(now), std::string("first weir third "));
    QCOMPARE(now.game.start.level.text, std::string("weir"));
    QCOMPARE(now.game.map[0].level.text, std::string("weir"));
    bool isSeen = false;
    for (const Entity& entity : now.levels[0]->entities) {
        if (entity.kind.text != "gate") continue;
        isSeen = true;
        QCOMPARE(entity.to.level.text, std::string("weir"));
        QVERIFY(fieldOf(entity, field) == FieldValue(std::string("weir")));
        QVERIFY(fieldOf(entity, text) == FieldValue(std::string("second")));
        const FieldValue ways = fieldOf(entity, list);
        QVERIFY(std::get<FieldList>(ways).items[1] == SimpleValue(std::string("weir")));
    }
    QVERIFY(isSeen);
    // What has nothing to do with it is shared.
    QCOMPARE(now.levels[2], m_project.levels[2]);
}

void RunningOrderTest::id_thatIsTakenOrNotPlain_isRefused() {
    for (const char* id : {"first", "", "Weir", "../weir", "-weir"}) {
        const auto edit = changeLevelId(m_project, {"second"}, {id});
        QVERIFY2(!edit && edit.error().kind == ErrorKind::OutOfRange, id);
    }
    QVERIFY(changeLevelId(m_project, {"second"}, {"second"}).has_value());
    QVERIFY(!changeLevelId(m_project, {"nowhere"}, {"weir"}));
}

void RunningOrderTest::room_hasAFloorAndWalls() {
    NewLevel wish;
    wish.columns = 5;
    wish.rows = 5;
    const auto added = addLevel(m_project, wish);
    const Level& level = *added->edit.project.findLevel(added->level);
    const Level room = layFloorAndWalls(added->edit.project, level).level;
    int solid = 0;
    for (int y = 0; y < 5; ++y)
        for (int x = 0; x < 5; ++x)
            solid += m_project.behaviourOf(room.cells.at(x, y)) == Behaviour::Solid;
    QCOMPARE(solid, 25 - 3 * 2);
    QVERIFY(room.cells.at(2, 1) == Cell() && room.cells.at(2, 3) != Cell());
}

/// However levels come and go, ids differ, and what exits name is either there or was taken away.
void RunningOrderTest::manyLevels_areChangedAtRandom() {
    const auto seed = testing::seedOr(20261129);
    std::mt19937_64 chance(seed);
    for (int round = 0; round < 300; ++round) {
        const LevelId any = m_project.levels[chance() % m_project.levels.size()]->id;
        Result<ProjectEdit> edit = fail(ErrorKind::NotApplicable, "nothing");
        switch (chance() % 4) {
            case 0:
                if (const auto added = duplicateLevel(m_project, any)) edit = added->edit;
                break;
            case 1:
                edit = removeLevel(m_project, any);
                break;
            case 2:
                edit = changeLevelId(m_project, any, {"id-" + std::to_string(chance() % 20)});
                break;
            default:
                edit = moveLevel(m_project, any, int(chance() % 5) - 2);
        }
        if (!edit) continue;
        std::set<std::string> ids;
        for (const auto& level : edit->project.levels)
            ids.insert(level->id.text);
        QVERIFY2(ids.size() == edit->project.levels.size() && !ids.empty(),
                 qPrintable(QString("seed %1, round %2").arg(seed).arg(round)));
        m_project = edit->project;
    }
}

ROOK_TEST(RunningOrderTest)

}  // namespace rook::running_order_test

#include "running_order_test.moc"
