#include "level/clips.h"

#include "level/history.h"
#include "testing.h"

namespace rook::edits_test {

using level::Cell;

class EditsTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void lay_isNamedByCountAndMatter_andTouchesItsRegion();
    void lay_isClippedToTheLevel();
    void move_clearsTheSource_andCutsWhatLeaves();
    void paste_leavesWhatItsOpenCellsCover();
    void place_givesFreshIds_andKeepsLimits();
    void place_isRefused_outsideTheLevel();
    void moveEntities_isAllOrNothing();
    void change_isRefused_forAnUnknownId();
    void history_undoesToTheVeryValues();
    void history_dropsTheOldest_aboveItsLimit();
    void history_forgetsWhatWasUndone_afterANewStep();
    void formNames_areFrozen();

private:
    level::Project m_project;
    level::Level m_level;
};

void EditsTest::init() {
    m_project = testing::smallProject();
    m_level = testing::drawnLevel(m_project, {"......", ".##...", ".=....", "######"});
}

void EditsTest::lay_isNamedByCountAndMatter_andTouchesItsRegion() {
    const auto edit =
        layCells(m_project, m_level, level::CellRegion(CellRect{3, 0, 2, 2}), Cell({2}), "Fill");
    QCOMPARE(edit.name, std::string("Fill 4 cells with plank"));
    QCOMPARE(edit.touched, (CellRect{3, 0, 2, 2}));
    QCOMPARE(edit.level.cells.at(4, 1), Cell({2}));
    QVERIFY(m_level.cells.at(4, 1).isOpen());
    const auto erased =
        layCells(m_project, m_level, level::CellRegion(CellRect{0, 3, 1, 1}), Cell(), "Lay");
    QCOMPARE(erased.name, std::string("Erase 1 cell"));
}

void EditsTest::lay_isClippedToTheLevel() {
    const auto edit =
        layCells(m_project, m_level, level::CellRegion(CellRect{-3, -3, 5, 4}), Cell({1}), "Lay");
    QCOMPARE(edit.touched, (CellRect{0, 0, 2, 1}));
    QCOMPARE(edit.name, std::string("Lay 2 cells with stone"));
}

void EditsTest::move_clearsTheSource_andCutsWhatLeaves() {
    const auto edit = moveCells(m_level, level::CellRegion(CellRect{1, 1, 2, 2}), 4, 0);
    QVERIFY(edit.level.cells.at(1, 1).isOpen());
    QCOMPARE(edit.level.cells.at(5, 1), Cell({1}));
    QCOMPARE(edit.level.cells.at(5, 2), Cell({2}));
    QCOMPARE(edit.level.cells.at(5, 3), Cell({1}));
}

void EditsTest::paste_leavesWhatItsOpenCellsCover() {
    const auto clip = copyCells(m_level, level::CellRegion(CellRect{1, 1, 2, 2}));
    const auto edit = pasteCells(m_level, clip, {0, 2});
    QCOMPARE(edit.level.cells.at(0, 2), Cell({1}));
    QCOMPARE(edit.level.cells.at(1, 3), Cell({1}));  // the clip is open there
    QCOMPARE(edit.level.cells.at(0, 3), Cell({2}));
}

void EditsTest::place_givesFreshIds_andKeepsLimits() {
    level::Kind keeper = *m_project.findKind({"keeper"});
    keeper.atMost = 1;
    const auto first = placeEntity(m_level, keeper, {4, 4}, level::Facing::Left);
    QVERIFY(first);
    QCOMPARE(first->level.entities[0].id.text, std::string("keeper-1"));
    QCOMPARE(first->level.entities[0].facing, level::Facing::Left);
    const auto second = placeEntity(first->level, keeper, {8, 4}, level::Facing::Left);
    QVERIFY(!second);
    QCOMPARE(second.error().kind, ErrorKind::NotApplicable);
    const level::Kind& lantern = *m_project.findKind({"lantern"});
    auto level = placeEntity(m_level, lantern, {0, 0}, {})->level;
    level = placeEntity(level, lantern, {9, 0}, {})->level;
    level = deleteEntities(level, {EntityId{"lantern-1"}}).level;
    QCOMPARE(placeEntity(level, lantern, {0, 0}, {})->level.entities[1].id.text,
             std::string("lantern-3"));
}

void EditsTest::place_isRefused_outsideTheLevel() {
    const auto edit = placeEntity(m_level, *m_project.findKind({"gate"}), {90, 0}, {});
    QVERIFY(!edit);
    QCOMPARE(edit.error().kind, ErrorKind::OutOfRange);
}

void EditsTest::moveEntities_isAllOrNothing() {
    const auto level = testing::drawnLevel(m_project, {"o.....", "......", "o....."});
    const std::vector<EntityId> both{{"lantern-1"}, {"lantern-2"}};
    QVERIFY(!moveEntities(level, both, 0, -9));
    const auto moved = moveEntities(level, both, 5, 0);
    QVERIFY(moved);
    QCOMPARE(moved->level.entities[1].box.x, 5);
    QCOMPARE(moved->name, std::string("Move 2 entities"));
}

void EditsTest::change_isRefused_forAnUnknownId() {
    level::Entity stranger;
    stranger.id = {"nobody-1"};
    QCOMPARE(changeEntity(m_level, stranger, "Change").error().kind, ErrorKind::BadReference);
}

void EditsTest::history_undoesToTheVeryValues() {
    level::Project project = m_project;
    project.levels.push_back(std::make_shared<const level::Level>(m_level));
    level::History history(project);
    std::vector<level::Project> values{project};
    Random random(testing::seedOr(9));
    for (int i = 0; i < 50; ++i) {
        const level::Level& now = *history.current().levels[0];
        const CellRect rect{random.between(0, 5), random.between(0, 3), random.between(1, 3), 1};
        const auto edit = layCells(m_project, now, level::CellRegion(rect),
                                   Cell({static_cast<std::uint16_t>(i % 3)}), "Lay");
        history.push(history.current().withLevel(edit.level), edit.name, edit.level.id,
                     edit.touched);
        values.push_back(history.current());
        history.checkInvariants();
    }
    for (std::size_t i = values.size(); i-- > 1;) {
        QVERIFY(history.current() == values[i]);
        history.undo();
    }
    QVERIFY(!history.canUndo());
    for (std::size_t i = 1; i < values.size(); ++i) {
        history.redo();
        QVERIFY(history.current() == values[i]);
        QVERIFY(history.current().levels[0] == values[i].levels[0]);  // shared, not made again
    }
}

void EditsTest::history_dropsTheOldest_aboveItsLimit() {
    level::Project project = m_project;
    project.levels.push_back(std::make_shared<const level::Level>(m_level));
    level::History history(project, 50000);
    for (int i = 0; i < 200; ++i) {
        level::Level level = *history.current().levels[0];
        level.cells.set(i % 6, 0, Cell({static_cast<std::uint16_t>(1 + i / 6 % 2)}));
        history.push(history.current().withLevel(level), "Lay", level.id, {});
        history.checkInvariants();
        QVERIFY(history.byteCount() <= 50000 || history.stepCount() == 0);
    }
    QVERIFY(history.stepCount() < 100);
    QVERIFY(history.canUndo());
}

void EditsTest::history_forgetsWhatWasUndone_afterANewStep() {
    level::Project project = m_project;
    project.levels.push_back(std::make_shared<const level::Level>(m_level));
    level::History history(project);
    history.push(project, "One", {}, {});
    history.push(project, "Two", {}, {});
    history.undo();
    QCOMPARE(history.redoName(), std::string("Two"));
    history.push(project, "Three", {}, {});
    QVERIFY(!history.canRedo());
    QCOMPARE(history.undoName(), std::string("Three"));
}

void EditsTest::formNames_areFrozen() {
    QCOMPARE(level::allNames<level::Form>(),
             std::string_view(
                 "full, lower-half, upper-half, left-half, right-half, rise-right, rise-left, "
                 "rise-right-1of2, rise-right-2of2, rise-left-1of2, rise-left-2of2, "
                 "hang-right, hang-left"));
    for (int f = 0; f < runtime::formCount; ++f) {
        const auto form = static_cast<level::Form>(f);
        QCOMPARE(*level::fromName<level::Form>(level::nameOf(form)), form);
    }
    QVERIFY(!level::fromName<level::Role>("boss"));
}

ROOK_TEST(EditsTest)

}  // namespace rook::edits_test

#include "edits_test.moc"
