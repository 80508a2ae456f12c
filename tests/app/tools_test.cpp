/// Tools without a window: events and a value in, preview and edit out.

#include "app/steps/cast/cast_options.h"
#include "app/steps/cast/cast_tools.h"
#include "app/steps/shape/shape_options.h"
#include "app/steps/shape/shape_tools.h"
#include "app/tools/cell_options.h"
#include "app/tools/tool.h"
#include "level/stamps.h"

#include "testing.h"

namespace rook::tools_test {

using namespace rook::app;
using level::Cell;

class ToolsTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void brush_laysItsWholeWay_asOneEdit();
    void brush_straight_staysOnALine();
    void rightButton_erases_withEachLayingTool();
    void box_framed_leavesTheMiddle();
    void brush_onSlope_laysRisesAlongItsWay();
    void click_onSlope_cutsACorner();
    void half_isTheSideThatIsPointedAt();
    void form_byHand_isLaid_orRefused();
    void roundBrush_and_fillAll();
    void mirror_laysBothSides_withMirroredForms();
    void fill_coversTheRegionOnly();
    void pick_takesTheMatter_andChangesNothing();
    void select_framesThenMoves();
    void pattern_isPicked_andRepeated();
    void stamp_isLaidBesideItself_asOneDrags();
    void stairs_areLaid_whenWanted();
    void select_byLasso_andByWhatHangsTogether();
    void select_stretchesByItsEdges();
    void select_takesTheCellsOfACollider();
    void cancel_forgetsTheGesture();
    void place_snapsToTheFootOfACell_data();
    void place_snapsToTheFootOfACell();
    void cast_movesWhatItPresses_andDeletesWithTheRightButton();
    void crowd_isShownFarther_andMovedWhenLetGo();

private:
    ToolInput at(int x, int y, bool isErasing = false);
    ToolOutcome gesture(Tool& tool, const std::vector<CellPoint>& way, bool isErasing = false);
    template <typename Options, typename Value>
    void set(Value Options::*field, std::type_identity_t<Value> value) {
        m_options.change<Options>([&](Options& o) { o.*field = value; });
    }
    level::Project m_project;
    level::Level m_level;
    ToolOptions m_options;
    Selection m_selection;
    level::EntityPlaces m_places;
};

void ToolsTest::init() {
    m_project = testing::smallProject();
    m_level =
        testing::drawnLevel(m_project, {"..........", "..........", "..........", "##########"});
    m_options = {};
    set(&CastOptions::kind, KindId{"lantern"});
    m_selection = {};
}

ToolInput ToolsTest::at(int x, int y, bool isErasing) {
    ToolInput input;
    input.project = &m_project;
    input.level = &m_level;
    input.options = &m_options;
    input.selection = &m_selection;
    m_places.follow(m_level.entities);
    input.places = &m_places;
    input.cell = {x, y};
    input.px = {x * 16 + 8, y * 16 + 8};
    input.isErasing = isErasing;
    return input;
}

ToolOutcome ToolsTest::gesture(Tool& tool, const std::vector<CellPoint>& way, bool isErasing) {
    tool.press(at(way[0].x, way[0].y, isErasing));
    for (const CellPoint p : way)
        tool.drag(at(p.x, p.y, isErasing));
    return tool.release(at(way.back().x, way.back().y, isErasing));
}

void ToolsTest::brush_laysItsWholeWay_asOneEdit() {
    const auto tool = makeMatterBrush();
    const ToolOutcome outcome = gesture(*tool, {{0, 0}, {4, 0}, {4, 2}});
    QVERIFY(outcome.isDone);
    QCOMPARE(outcome.edit->name, std::string("Lay 7 cells with stone"));
    QCOMPARE(outcome.edit->level.cells.at(4, 1), Cell({1}));
    QVERIFY(m_level.cells.at(4, 1).isOpen());
}

void ToolsTest::brush_straight_staysOnALine() {
    const auto tool = makeMatterBrush();
    tool->press(at(0, 0));
    ToolInput input = at(7, 1);
    input.isStraight = true;
    const ToolOutcome outcome = tool->release(input);
    QCOMPARE(outcome.edit->touched, (CellRect{0, 0, 8, 1}));
}

void ToolsTest::rightButton_erases_withEachLayingTool() {
    for (const auto make : {makeMatterBrush, makeMatterLine, makeMatterBox, makeMatterFill}) {
        const auto tool = make();
        const ToolOutcome outcome = gesture(*tool, {{2, 3}, {5, 3}}, true);
        QVERIFY(outcome.edit->level.cells.at(3, 3).isOpen());
        QVERIFY(outcome.edit->name.starts_with("Erase"));
    }
}

void ToolsTest::box_framed_leavesTheMiddle() {
    const auto tool = makeMatterBox();
    tool->press(at(1, 0));
    tool->drag(at(4, 2));
    QCOMPARE(tool->preview().label, QStringLiteral("4 × 3 stone"));
    set(&CellOptions::boxIsFilled, false);
    const ToolOutcome outcome = tool->release(at(4, 2));
    QVERIFY(outcome.edit->level.cells.at(2, 1).isOpen());
    QCOMPARE(outcome.edit->name, std::string("Lay 10 cells with stone"));
    QVERIFY(tool->preview().region.isEmpty());
}

void ToolsTest::brush_onSlope_laysRisesAlongItsWay() {
    set(&ShapeOptions::shaping, Shaping::Slope);
    for (const auto make : {makeMatterBrush, makeMatterLine}) {
        const auto tool = make();
        const ToolOutcome outcome = gesture(*tool, {{1, 2}, {3, 0}});
        QCOMPARE(outcome.edit->name, std::string("Lay 3 cells of stone"));
        QCOMPARE(outcome.edit->level.cells.at(2, 1), Cell({1}, level::Form::RiseRight));
    }
    const auto tool = makeMatterLine();
    const ToolOutcome gentle = gesture(*tool, {{1, 2}, {4, 1}});
    QCOMPARE(gentle.edit->level.cells.at(3, 1), Cell({1}, level::Form::RiseRight1Of2));
    set(&CellOptions::matter, {2});
    const ToolOutcome refused = gesture(*tool, {{1, 2}, {3, 0}});
    QVERIFY(!refused.edit && refused.error);
}

void ToolsTest::click_onSlope_cutsACorner() {
    set(&ShapeOptions::shaping, Shaping::Slope);
    set(&CellOptions::matter, {2});
    m_level.cells.fillRect({3, 2, 3, 1}, Cell({1}));
    const auto tool = makeMatterBrush();
    // What is cut keeps its matter, whatever is in hand.
    QCOMPARE(gesture(*tool, {{3, 2}}).edit->level.cells.at(3, 2),
             Cell({1}, level::Form::RiseRight));
    set(&CellOptions::matter, {1});
    QCOMPARE(gesture(*tool, {{6, 2}}).edit->level.cells.at(6, 2), Cell({1}, level::Form::RiseLeft));
}

void ToolsTest::half_isTheSideThatIsPointedAt() {
    set(&ShapeOptions::shaping, Shaping::Half);
    const auto tool = makeMatterBrush();
    ToolInput input = at(2, 1);
    input.px = {2 * 16 + 8, 1 * 16 + 14};
    tool->press(input);
    input = at(4, 1);
    input.px.y -= 7;  // the half is that of the first cell, for all of the stroke
    const ToolOutcome outcome = tool->release(input);
    for (int x = 2; x <= 4; ++x)
        QCOMPARE(outcome.edit->level.cells.at(x, 1), Cell({1}, level::Form::LowerHalf));
}

void ToolsTest::form_byHand_isLaid_orRefused() {
    set(&ShapeOptions::shaping, Shaping::Chosen);
    set(&ShapeOptions::form, level::Form::HangLeft);
    const auto tool = makeMatterBox();
    QCOMPARE(gesture(*tool, {{1, 1}, {2, 2}}).edit->level.cells.at(2, 2),
             Cell({1}, level::Form::HangLeft));
    set(&CellOptions::matter, {2});
    const ToolOutcome refused = gesture(*tool, {{1, 1}, {2, 2}});
    QVERIFY(!refused.edit);
    QVERIFY(refused.error->sentence().find("hang-left") != std::string::npos);
}

void ToolsTest::roundBrush_and_fillAll() {
    set(&CellOptions::brushSize, 4);
    set(&CellOptions::brushIsRound, true);
    const auto brush = makeMatterBrush();
    QCOMPARE(gesture(*brush, {{5, 2}}).edit->name, std::string("Lay 12 cells with stone"));
    set(&CellOptions::boxIsFilled, false);
    set(&CellOptions::frameThickness, 2);
    const auto box = makeMatterBox();
    m_level.cells = Grid<Cell>(12, 12);
    QCOMPARE(gesture(*box, {{1, 1}, {7, 7}}).edit->name, std::string("Lay 40 cells with stone"));
    m_level.cells.fillRect({0, 0, 2, 2}, Cell({1}));
    m_level.cells.fillRect({6, 6, 2, 2}, Cell({1}));
    set(&CellOptions::matter, {5});
    set(&CellOptions::fillsAll, true);
    const auto fill = makeMatterFill();
    QCOMPARE(gesture(*fill, {{0, 0}}).edit->name, std::string("Fill 8 cells with teeth"));
}

void ToolsTest::mirror_laysBothSides_withMirroredForms() {
    set(&CellOptions::mirrorsSideways, true);
    const auto brush = makeMatterBrush();
    const auto both = gesture(*brush, {{1, 1}});
    QCOMPARE(both.edit->name, std::string("Lay 2 cells with stone"));
    QVERIFY(!both.edit->level.cells.at(8, 1).isOpen());
    set(&ShapeOptions::shaping, Shaping::Chosen);
    set(&ShapeOptions::form, level::Form::RiseRight);
    QCOMPARE(gesture(*brush, {{1, 1}}).edit->level.cells.at(8, 1),
             Cell({1}, level::Form::RiseLeft));
    set(&ShapeOptions::shaping, Shaping::Slope);
    set(&CellOptions::mirrorsTopToBottom, true);
    const auto four = gesture(*brush, {{0, 1}, {1, 0}});
    QCOMPARE(four.edit->level.cells.at(9, 1), Cell({1}, level::Form::RiseLeft));
    QCOMPARE(four.edit->level.cells.at(0, 2), Cell({1}, level::Form::HangRight));
    QCOMPARE(four.edit->level.cells.at(9, 2), Cell({1}, level::Form::HangLeft));
}

void ToolsTest::fill_coversTheRegionOnly() {
    m_level.cells.fillRect({5, 0, 1, 4}, Cell({1}));
    set(&CellOptions::matter, {5});
    const auto tool = makeMatterFill();
    tool->hover(at(1, 1));
    QCOMPARE(tool->preview().region.cellCount(), 15);
    const ToolOutcome outcome = gesture(*tool, {{1, 1}});
    QCOMPARE(outcome.edit->name, std::string("Fill 15 cells with teeth"));
    QVERIFY(outcome.edit->level.cells.at(7, 1).isOpen());
}

void ToolsTest::pick_takesTheMatter_andChangesNothing() {
    m_level.cells.set(3, 1, Cell({4}));
    ToolInput input = at(3, 1);
    input.isPicking = true;
    const auto tool = makeMatterBox();
    tool->press(input);
    const ToolOutcome outcome = tool->release(input);
    QCOMPARE(outcome.options->of<CellOptions>().matter.index, std::uint16_t{4});
    QVERIFY(!outcome.edit);
}

void ToolsTest::select_framesThenMoves() {
    const auto tool = makeShapeSelect();
    ToolOutcome outcome = gesture(*tool, {{0, 2}, {2, 3}});
    QCOMPARE(outcome.selection->cells->bounds(), (CellRect{0, 2, 3, 2}));
    QVERIFY(!outcome.edit);
    m_selection = *outcome.selection;
    outcome = gesture(*tool, {{1, 3}, {3, 1}});
    QVERIFY(outcome.isDone);
    QCOMPARE(outcome.selection->cells->bounds(), (CellRect{2, 0, 3, 2}));
    QVERIFY(outcome.edit->level.cells.at(0, 3).isOpen());
    QCOMPARE(outcome.edit->level.cells.at(2, 1), Cell({1}));
}

void ToolsTest::pattern_isPicked_andRepeated() {
    m_level.cells.set(2, 2, Cell({5}));
    const auto brush = makeMatterBrush();
    ToolInput input = at(2, 2);
    input.isPicking = true;
    brush->press(input);
    input = at(3, 3);
    input.isPicking = true;
    brush->drag(input);
    QCOMPARE(*brush->preview().frame, (CellRect{2, 2, 2, 2}));
    m_options = *brush->release(input).options;
    QVERIFY(m_options.of<ShapeOptions>().stamp);
    const auto box = makeMatterBox();
    const ToolOutcome laid = gesture(*box, {{5, 0}, {9, 1}});
    QCOMPARE(laid.edit->level.cells.at(5, 0), Cell({5}));
    QVERIFY(laid.edit->level.cells.at(6, 0).isOpen());
    QCOMPARE(laid.edit->level.cells.at(7, 0), Cell({5}));
    QCOMPARE(laid.edit->level.cells.at(8, 1), Cell({1}));
    // Filling what hangs together: the pattern begins in its upper left corner.
    const auto fill = makeMatterFill();
    QCOMPARE(gesture(*fill, {{9, 3}}).edit->level.cells.at(4, 3), Cell({5}));
    // Erasing takes no notice of it.
    QVERIFY(gesture(*brush, {{4, 3}}, true).edit->level.cells.at(4, 3).isOpen());
}

void ToolsTest::stamp_isLaidBesideItself_asOneDrags() {
    level::StampNumbers numbers;
    numbers.shape = level::StampShape::Block;
    numbers.width = 3;
    numbers.height = 1;
    set(&ShapeOptions::stamp, std::make_shared<Stamp>(Stamp{*makeStamp(numbers, Cell({5})), {}}));
    const auto brush = makeMatterBrush();
    brush->hover(at(1, 1));
    QCOMPARE(brush->preview().region.bounds(), (CellRect{0, 1, 3, 1}));
    const ToolOutcome outcome = gesture(*brush, {{1, 1}, {2, 1}, {4, 1}, {8, 1}});
    for (int x = 0; x < 9; ++x)
        QCOMPARE(outcome.edit->level.cells.at(x, 1).isOpen(), x == 9);
    QVERIFY(outcome.edit->level.cells.at(9, 1).isOpen());
    QCOMPARE(outcome.edit->name, std::string("Lay a pattern"));
}

void ToolsTest::stairs_areLaid_whenWanted() {
    const auto line = makeMatterLine();
    ToolInput input = at(0, 2);
    input.isOther = true;
    line->press(input);
    input = at(5, 0);
    input.isOther = true;
    const ToolOutcome held = line->release(input);
    set(&ShapeOptions::laysStairs, true);
    const ToolOutcome chosen = gesture(*line, {{0, 2}, {5, 0}});
    for (const ToolOutcome* outcome : {&held, &chosen}) {
        QVERIFY(!outcome->edit->level.cells.at(1, 2).isOpen());
        QVERIFY(!outcome->edit->level.cells.at(3, 1).isOpen());
        QVERIFY(!outcome->edit->level.cells.at(5, 0).isOpen());
        QVERIFY(outcome->edit->level.cells.at(1, 1).isOpen());
        QVERIFY(outcome->edit->level.cells.at(5, 2).isOpen());
    }
}

void ToolsTest::select_byLasso_andByWhatHangsTogether() {
    const auto tool = makeShapeSelect();
    set(&CellOptions::selectBy, SelectBy::Lasso);
    const ToolOutcome loop = gesture(*tool, {{0, 0}, {4, 0}, {4, 3}});
    // A triangle with its right angle at the upper right.
    QVERIFY(loop.selection->cells->contains({3, 0}));
    QVERIFY(loop.selection->cells->contains({3, 1}));
    QVERIFY(!loop.selection->cells->contains({0, 2}));
    QVERIFY(!loop.selection->cells->isRect());
    set(&CellOptions::selectBy, SelectBy::Connected);
    m_level.cells.set(4, 3, Cell());
    const ToolOutcome part = gesture(*tool, {{1, 3}});
    QCOMPARE(part.selection->cells->bounds(), (CellRect{0, 3, 4, 1}));
    // Shift adds.
    m_selection = *part.selection;
    ToolInput input = at(8, 3);
    input.isStraight = true;
    tool->press(input);
    QCOMPARE(tool->release(input).selection->cells->cellCount(), std::int64_t(9));
}

void ToolsTest::select_stretchesByItsEdges() {
    m_level.cells.fillRect({2, 1, 2, 2}, Cell({5}));
    m_selection.cells = level::CellRegion(CellRect{2, 1, 2, 2});
    const auto tool = makeShapeSelect();
    ToolInput input = at(3, 1);
    input.px = {4 * 16 + 2, 2 * 16};  // just right of its right edge
    tool->hover(input);
    QCOMPARE(*tool->preview().cursor, Qt::SizeHorCursor);
    tool->press(input);
    const ToolOutcome wide = tool->release(at(6, 1));
    QCOMPARE(wide.selection->cells->bounds(), (CellRect{2, 1, 5, 2}));
    QCOMPARE(wide.edit->level.cells.at(6, 2), Cell({5}));
    QVERIFY(wide.isDone);
    tool->press(input);
    const ToolOutcome thin = tool->release(at(0, 1));
    QCOMPARE(thin.selection->cells->bounds(), (CellRect{2, 1, 1, 2}));
    QVERIFY(thin.edit->level.cells.at(3, 1).isOpen());
}

void ToolsTest::select_takesTheCellsOfACollider() {
    const auto shapes =
        collide::makeShapes(frameOf(m_level), level::LevelCells(m_project, m_level));
    const auto tool = makeShapeSelect();
    ToolInput input = at(4, 3);
    input.shapes = &shapes;
    tool->press(input);
    QCOMPARE(tool->release(input).selection->cells->bounds(), (CellRect{0, 3, 10, 1}));
    input = at(4, 1);
    input.shapes = &shapes;
    tool->press(input);
    QCOMPARE(tool->release(input).selection->cells->bounds(), (CellRect{4, 1, 1, 1}));
}

void ToolsTest::cancel_forgetsTheGesture() {
    for (const auto make : {makeMatterBrush, makeMatterLine, makeMatterBox, makeShapeSelect}) {
        const auto tool = make();
        tool->press(at(1, 1));
        tool->drag(at(3, 2));
        tool->cancel();
        QVERIFY(tool->preview().region.isEmpty());
        const ToolOutcome outcome = tool->release(at(3, 2));
        QVERIFY(!outcome.edit && !outcome.isDone);
    }
}

void ToolsTest::place_snapsToTheFootOfACell_data() {
    QTest::addColumn<int>("snap");
    QTest::addColumn<QPoint>("corner");
    QTest::newRow("cell") << int(Snap::Cell) << QPoint(36, 40);
    QTest::newRow("half cell") << int(Snap::HalfCell) << QPoint(40, 40);
    QTest::newRow("px") << int(Snap::Px) << QPoint(37, 37);
}

void ToolsTest::place_snapsToTheFootOfACell() {
    QFETCH(int, snap);
    QFETCH(QPoint, corner);
    const level::Kind& lantern = *m_project.findKind({"lantern"});  // 8 x 8 px
    const PxPoint at = snapped({41, 41}, lantern, {16, 16}, static_cast<Snap>(snap));
    QCOMPARE(QPoint(at.x, at.y), corner);
}

void ToolsTest::cast_movesWhatItPresses_andDeletesWithTheRightButton() {
    const auto tool = makePlaceTool();
    ToolOutcome outcome = tool->press(at(2, 1));
    QVERIFY(!outcome.edit);
    QCOMPARE(tool->preview().ghosts.size(), std::size_t{1});
    outcome = tool->release(at(2, 1));
    QVERIFY(outcome.isDone);
    QCOMPARE(outcome.edit->name, std::string("Place lantern-1"));
    m_level = outcome.edit->level;
    outcome = tool->press(at(2, 1));
    QCOMPARE(outcome.selection->entities.size(), std::size_t{1});
    QVERIFY(!outcome.edit);
    outcome = tool->release(at(4, 2));
    QVERIFY(outcome.isDone);
    QCOMPARE(outcome.edit->level.entities[0].box.x, m_level.entities[0].box.x + 32);
    outcome = tool->press(at(2, 1, true));
    QVERIFY(outcome.edit->level.entities.empty());
}

void ToolsTest::crowd_isShownFarther_andMovedWhenLetGo() {
    std::vector<level::Entity> crowd;
    for (int i = 0; i < 2500; ++i) {
        level::Entity entity;
        entity.id = {"prop-" + std::to_string(i)};
        entity.kind = {"lantern"};
        entity.box = {i % 10 * 12 + 8, i / 10 % 4 * 12 + 8, 8, 8};
        crowd.push_back(std::move(entity));
    }
    m_level.entities = std::move(crowd);
    for (const level::Entity& entity : m_level.entities)
        m_selection.entities.push_back(entity.id);
    set(&CastOptions::snap, Snap::Px);
    const auto tool = makeEntitySelect();
    ToolInput input = at(0, 0);
    input.px = {12, 12};
    (void)tool->press(input);
    input.px = {15, 13};
    QVERIFY2(!tool->drag(input).edit, "nothing is edited while it is dragged");
    QCOMPARE(tool->preview().selectedBy, (PxPoint{3, 1}));
    const ToolOutcome outcome = tool->release(input);
    QVERIFY(outcome.edit && outcome.isDone);
    QCOMPARE(outcome.edit->level.entities[2499].box.x, m_level.entities[2499].box.x + 3);
    QCOMPARE(outcome.edit->level.entities[0].box.y, m_level.entities[0].box.y + 1);
}

ROOK_TEST(ToolsTest)

}  // namespace rook::tools_test

#include "tools_test.moc"
