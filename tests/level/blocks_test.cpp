/// Blocks: kept, laid, changed where they were laid; and what a board is.

#include "level/blocks.h"

#include "level/board_kind.h"
#include "level/board_size.h"
#include "testing.h"

namespace rook::blocks_test {

using level::Block;
using level::Cell;
using level::CellRegion;

class BlocksTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void keep_takesCellsAndEntities_andCountsAsLaid();
    void keep_isRefused_whereNothingIs();
    void laying_givesFreshIds_andLeavesWhatIsUnderOpenCells();
    void laying_saysWhatHadNoPlace();
    void changing_followsWhereItStands_andLeavesWhatWasChangedByHand();
    void changing_canLeaveWhatWasLaid();
    void laidBlocks_moveWithCellsAndBoard();
    void removing_keepsCells();
    void cellSize_scalesPlaces_andKeepsTheDrawing();
    void kind_tellsWhatFollows();

private:
    [[nodiscard]] const level::Level& first() const { return *m_project.levels[0]; }
    level::Project m_project;
};

void BlocksTest::init() {
    m_project = testing::smallProject();
    auto level = testing::drawnLevel(m_project, {"............", ".o#.........", ".##.........",
                                                 "............", "S.........#."});
    m_project.levels = {std::make_shared<const level::Level>(level)};
    m_project =
        keepBlock(m_project, first(), CellRegion(CellRect{1, 1, 2, 2}), "Lamp Post")->project;
}

void BlocksTest::keep_takesCellsAndEntities_andCountsAsLaid() {
    const Block* block = m_project.findBlock("lamp-post");
    QVERIFY(block);
    QCOMPARE(block->title, std::string("Lamp Post"));
    QCOMPARE(block->cells.bounds(), (CellRect{0, 0, 2, 2}));
    QVERIFY(block->cells.at(0, 0).isOpen());
    QCOMPARE(block->cells.at(1, 0), Cell({1}));
    QCOMPARE(block->entities.size(), std::size_t(1));
    QCOMPARE(block->entities[0].box.x, 0);
    QCOMPARE(useOf(m_project, "lamp-post").places, 1);
    const auto again =
        keepBlock(m_project, first(), CellRegion(CellRect{10, 4, 1, 1}), "Lamp post")->project;
    QVERIFY(again.findBlock("lamp-post-2"));
}

void BlocksTest::keep_isRefused_whereNothingIs() {
    const CellRegion nothing(CellRect{5, 0, 3, 3});
    QCOMPARE(keepBlock(m_project, first(), nothing, "Air").error().kind, ErrorKind::NotApplicable);
    QCOMPARE(keepBlock(m_project, first(), CellRegion(CellRect{1, 1, 2, 2}), "").error().kind,
             ErrorKind::NotApplicable);
}

void BlocksTest::laying_givesFreshIds_andLeavesWhatIsUnderOpenCells() {
    const auto edit = layBlock(m_project, first(), *m_project.findBlock("lamp-post"), {10, 3});
    QCOMPARE(edit.level.cells.at(11, 3), Cell({1}));
    QCOMPARE(edit.level.cells.at(10, 4), Cell({1}));
    QCOMPARE(edit.level.entities.size(), first().entities.size() + 1);
    QCOMPARE(edit.level.entities.back().id.text, std::string("lantern-2"));
    QCOMPARE(edit.level.entities.back().box.x, 160);
    QCOMPARE(edit.level.laid.size(), std::size_t(2));
}

void BlocksTest::laying_saysWhatHadNoPlace() {
    level::Project project = m_project;
    project.kinds.edit([](auto& kinds) { kinds[2].atMost = 1; });
    const auto edit = layBlock(project, first(), *project.findBlock("lamp-post"), {6, 0});
    QVERIFY(edit.name.ends_with("without 1 entity that had no place"));
    QCOMPARE(edit.level.entities.size(), first().entities.size());
    // Half outside: its cells are cut and it is not followed later.
    const auto outside = layBlock(m_project, first(), *m_project.findBlock("lamp-post"), {11, 0});
    QCOMPARE(outside.level.laid.size(), std::size_t(1));
}

void BlocksTest::changing_followsWhereItStands_andLeavesWhatWasChangedByHand() {
    const Block former = *m_project.findBlock("lamp-post");
    level::Project project =
        m_project.withLevel(layBlock(m_project, first(), former, {6, 1}).level);
    level::Level touched = *project.levels[0];
    touched.cells.set(6, 2, Cell({5}));
    project = project.withLevel(touched);
    Block next = former;
    next.cells = Grid<Cell>(3, 2);
    next.cells.fillRect({0, 1, 3, 1}, Cell({2}));
    next.entities[0].box.x = 16;
    const auto edit = changeBlock(project, next, true);
    const level::Level& after = *edit.project.levels[0];
    QCOMPARE(after.cells.at(1, 2), Cell({2}));  // where it was taken from
    QCOMPARE(after.cells.at(3, 2), Cell({2}));
    QVERIFY(after.cells.at(2, 1).isOpen());
    QCOMPARE(after.cells.at(6, 2), Cell({5}));  // by hand
    QCOMPARE(after.cells.at(7, 2), Cell({2}));
    QCOMPARE(after.cells.at(8, 2), Cell({2}));
    QCOMPARE(after.entities.size(), project.levels[0]->entities.size());
    int moved = 0;
    for (const level::Entity& entity : after.entities)
        moved += entity.box.x == 32 || entity.box.x == 112 ? 1 : 0;
    QCOMPARE(moved, 2);
    QCOMPARE(after.laid[0].place.width, 3);
    QCOMPARE(useOf(edit.project, "lamp-post").places, 2);
}

void BlocksTest::changing_canLeaveWhatWasLaid() {
    Block next = *m_project.findBlock("lamp-post");
    next.cells.set(0, 0, Cell({4}));
    const auto edit = changeBlock(m_project, next, false);
    QCOMPARE(edit.project.levels[0]->cells, first().cells);
    QVERIFY(edit.project.levels[0]->laid.empty());
    QCOMPARE(edit.project.findBlock("lamp-post")->cells.at(0, 0), Cell({4}));
    // What no longer stands is not followed either.
    level::Level broken = first();
    broken.cells.fillRect({1, 1, 2, 2}, Cell());
    const auto gone = changeBlock(m_project.withLevel(broken), next, true);
    QVERIFY(gone.project.levels[0]->cells.at(1, 1).isOpen());
}

void BlocksTest::laidBlocks_moveWithCellsAndBoard() {
    const auto moved = moveCells(first(), CellRegion(CellRect{0, 0, 4, 4}), 3, 1);
    QCOMPARE(moved.level.laid[0].place, (CellRect{4, 2, 2, 2}));
    const auto part = moveCells(first(), CellRegion(CellRect{1, 1, 1, 1}), 3, 1);
    QCOMPARE(part.level.laid[0].place, (CellRect{1, 1, 2, 2}));
    const auto grown = resizeBoard(first(), {-2, -1, 20, 10});
    QCOMPARE(grown->level.laid[0].place, (CellRect{3, 2, 2, 2}));
    QVERIFY(resizeBoard(first(), {2, 0, 6, 5})->level.laid.empty());
}

void BlocksTest::removing_keepsCells() {
    const auto edit = removeBlock(m_project, "lamp-post");
    QVERIFY(edit.project.blocks.empty());
    QVERIFY(edit.project.levels[0]->laid.empty());
    QCOMPARE(edit.project.levels[0]->cells, first().cells);
}

void BlocksTest::cellSize_scalesPlaces_andKeepsTheDrawing() {
    const auto change = changeCellSize(m_project, first(), {32, 8});
    QVERIFY(change);
    QCOMPARE(change->edit.level.cells, first().cells);
    const level::Entity& lantern = change->edit.level.entities[0];
    const PxRect former = first().entities[0].box;
    QCOMPARE(lantern.box.width, former.width);
    QCOMPARE(lantern.box.x + 4, (former.x + 4) * 2);
    QCOMPARE(lantern.box.bottom(), former.bottom() / 2);
    QVERIFY(change->consequences[0].starts_with("The level becomes 384 x 40 px"));
    QCOMPARE(changeCellSize(m_project, first(), {0, 16}).error().kind, ErrorKind::OutOfRange);
    QCOMPARE(changeCellSize(m_project, first(), {1, 1}).error().kind, ErrorKind::NotApplicable);
    const auto back = changeCellSize(m_project, change->edit.level, {16, 16});
    QCOMPARE(back->edit.level.entities[0].box, former);
}

void BlocksTest::kind_tellsWhatFollows() {
    level::Level level = first();
    level.cells.fillRect({0, 0, 3, 1}, Cell({2}));
    const auto change = changeKind(m_project, level, level::LevelKind::Above);
    QCOMPARE(change->edit.level.kind, level::LevelKind::Above);
    QCOMPARE(change->consequences.size(), std::size_t(2));
    QVERIFY(change->consequences[1].starts_with("3 cells of one-way matter"));
    QVERIFY(changeKind(m_project, level, level::LevelKind::Side)->consequences.empty());
    QCOMPARE(changeKind(m_project, level, level::LevelKind::Kit).error().kind,
             ErrorKind::NotApplicable);
}

ROOK_TEST(BlocksTest)

}  // namespace rook::blocks_test

#include "blocks_test.moc"
