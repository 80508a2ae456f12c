/// Shape in the real window: patterns, selections, blocks, matters, caves, jumps, fixes.

#include <QClipboard>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>

#include "app/panels/finding_note.h"
#include "app/play/walk.h"
#include "app/shell/margin.h"
#include "app/steps/shape/shape_options.h"
#include "app/tools/cell_options.h"
#include "app/tools/jump_ruler.h"
#include "demo_window.h"
#include "testing.h"

namespace rook::shape_test {

using namespace rook::app;

class ShapeTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-shape-test"); }
    void init();
    void cleanup() { closeDemo(); }
    void pattern_isPickedByCtrlDrag_andLaidByABox();
    void stairs_areLaid_whileSIsHeld();
    void selection_byLassoAndStretched_withTheMouse();
    void text_fromElsewhere_isPasted_orRefusedWithItsCounts();
    void cells_arePasted_intoAnotherLevel();
    void blocks_areKeptLaidAndChanged_byKeysAndButtons();
    void matters_areEditedInTheMargin();
    void margin_isAsWideAsItsSections();
    void pagesOfTheMargin_openAndClose();
    void cave_isPreviewedThenGrown_asOneStep();
    void stamps_byNumbers_followTheMatterInHand();
    void cellsAndView_tellWhatFollows_beforeTheyAreChanged();
    void ruler_measuresAJump_whileRIsHeld();
    void findings_areFixed_byOneClick();
    void walk_fromAbove_goesInFourDirections();

private:
    void openSection(const char* name) const { part<QAbstractButton>(name)->setChecked(true); }
    void key(Qt::Key k, Qt::KeyboardModifiers modifiers = {}) const {
        board().setFocus();
        QTest::keyClick(&board(), k, modifiers);
    }
};

void ShapeTest::init() {
    QGuiApplication::clipboard()->clear();
    openDemo();
}

void ShapeTest::pattern_isPickedByCtrlDrag_andLaidByABox() {
    key(Qt::Key_D);
    QTest::mousePress(&board(), Qt::LeftButton, Qt::ControlModifier, cell(36, 26));
    QTest::mouseMove(&board(), cell(37, 27));
    QTest::mouseRelease(&board(), Qt::LeftButton, Qt::ControlModifier, cell(37, 27));
    QVERIFY(session().workbench.options<ShapeOptions>().stamp);
    QVERIFY(part<QAbstractButton>("pattern")->isChecked());
    const level::Level before = level();
    dragCells({60, 10}, {65, 12});
    QCOMPARE(level().cells.at(62, 12), before.cells.at(36, 26));
    QCOMPARE(level().cells.at(65, 11), before.cells.at(37, 27));
    QTest::keyClick(&board(), Qt::Key_Escape);
    QVERIFY(!session().workbench.options<ShapeOptions>().stamp);
    session().document.undo();
    QVERIFY(level() == before);
}

void ShapeTest::stairs_areLaid_whileSIsHeld() {
    QTest::keyPress(&board(), Qt::Key_S);
    dragCells({60, 12}, {65, 10});
    QTest::keyRelease(&board(), Qt::Key_S);
    QVERIFY(!level().cells.at(61, 12).isOpen());
    QVERIFY(!level().cells.at(64, 10).isOpen());
    QVERIFY(level().cells.at(61, 10).isOpen());
    session().document.undo();
    dragCells({60, 12}, {65, 12});
    QVERIFY(!level().cells.at(65, 12).isOpen());
}

void ShapeTest::selection_byLassoAndStretched_withTheMouse() {
    key(Qt::Key_G);
    part<QAbstractButton>("select-by-1")->click();
    QTest::mousePress(&board(), Qt::LeftButton, {}, cell(40, 22));
    for (const CellPoint at : {CellPoint{50, 22}, {50, 30}, {45, 26}})
        QTest::mouseMove(&board(), cell(at.x, at.y));
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, cell(42, 24));
    QVERIFY(session().workbench.selection().cells &&
            !session().workbench.selection().cells->isRect());
    key(Qt::Key_Escape);
    QVERIFY(!session().workbench.selection().cells);
    part<QAbstractButton>("select-by-0")->click();
    dragCells({60, 10}, {61, 11});
    session().document.apply(layCells(session().document.project(), level(),
                                      *session().workbench.selection().cells, level::Cell({1}),
                                      "Lay"));
    const QPoint edge = board().view().toWidget(PxPoint{62 * 16, 11 * 16}).toPoint() + QPoint(1, 0);
    QTest::mouseMove(&board(), edge);
    QCOMPARE(board().cursor().shape(), Qt::SizeHorCursor);
    QTest::mousePress(&board(), Qt::LeftButton, {}, edge);
    QTest::mouseMove(&board(), cell(65, 10));
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, cell(65, 10));
    QCOMPARE(session().workbench.selection().cells->bounds(), (CellRect{60, 10, 6, 2}));
    QVERIFY(!level().cells.at(65, 11).isOpen());
}

void ShapeTest::text_fromElsewhere_isPasted_orRefusedWithItsCounts() {
    QGuiApplication::clipboard()->setText("##=\n #");
    key(Qt::Key_V, Qt::ControlModifier);
    const CellRect laid = session().workbench.selection().cells->bounds();
    QCOMPARE(laid.width, 3);
    QCOMPARE(session().document.project().matterOf(level().cells.at(laid.x + 2, laid.y)).name,
             std::string("plank"));
    session().document.undo();
    const level::Level before = level();
    QGuiApplication::clipboard()->setText("#@@\n@!#");
    key(Qt::Key_V, Qt::ControlModifier);
    QVERIFY(level() == before);
    const QString said = part<QLabel>("status-verdict")->toolTip();
    QVERIFY2(said.contains("\"@\" 3 times"), qPrintable(said));
}

void ShapeTest::cells_arePasted_intoAnotherLevel() {
    key(Qt::Key_G);
    dragCells({36, 25}, {38, 28});
    key(Qt::Key_C, Qt::ControlModifier);
    const level::Level from = level();
    session().document.chooseLevel({"leaky-reach"});
    key(Qt::Key_V, Qt::ControlModifier);
    const CellRect laid = session().workbench.selection().cells->bounds();
    QCOMPARE(laid.width, 3);
    int same = 0;
    for (int y = 0; y < laid.height; ++y)
        for (int x = 0; x < laid.width; ++x)
            same += level().cells.at(laid.x + x, laid.y + y) == from.cells.at(36 + x, 25 + y);
    QVERIFY(same >= 9);
}

void ShapeTest::blocks_areKeptLaidAndChanged_byKeysAndButtons() {
    key(Qt::Key_G);
    dragCells({36, 25}, {38, 28});
    part<QLineEdit>("block-name")->setText("Kerb");
    part<QAbstractButton>("keep-block")->click();
    QCOMPARE(session().document.project().blocks.size(), std::size_t(1));
    key(Qt::Key_Escape);
    auto* card = part<QAbstractButton>("block-kerb");
    QVERIFY(card);
    card->click();
    key(Qt::Key_A);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(60, 10));
    QCOMPARE(level().laid.size(), std::size_t(2));
    QVERIFY(part<QLabel>("block-words")->text().contains("2 places"));
    // The selection where it was taken from, changed: the laid one follows.
    key(Qt::Key_G);
    session().workbench.select({});
    dragCells({36, 25}, {38, 28});
    level::Level changed = level();
    changed.cells.set(36, 25, level::Cell({6}));
    session().document.apply(level::LevelEdit{changed, "Lay", {36, 25, 1, 1}});
    part<QAbstractButton>("change-laid")->click();
    const CellRect laid = level().laid[1].place;
    QCOMPARE(level().cells.at(laid.x, laid.y), level::Cell({6}));
    QVERIFY(waitForProof());
    const level::Project before = session().document.project();
    session().writer.saveInBackground(m_demo);
    session().writer.waitForWriting();
    QVERIFY(m_window->openProject(m_demo));
    QVERIFY(session().document.project() == before);
}

void ShapeTest::matters_areEditedInTheMargin() {
    openSection("section-matter");
    const std::size_t count = session().document.project().matters.size();
    part<QAbstractButton>("new-matter")->click();
    QCOMPARE(session().document.project().matters.size(), count + 1);
    QCOMPARE(session().workbench.options<CellOptions>().matter.index, std::uint16_t(count));
    auto* title = part<QLineEdit>("matter-title");
    title->selectAll();
    QTest::keyClicks(title, "Black ice");
    QTest::keyClick(title, Qt::Key_Return);
    QCOMPARE(session().document.project().matters[count].title, std::string("Black ice"));
    QVERIFY(part<QAbstractButton>("matter-new-matter"));
    choose("matter-behaviour", int(level::Behaviour::Deadly));
    QCOMPARE(session().document.project().matters[count].behaviour, level::Behaviour::Deadly);
    QTest::keyClicks(part<QLineEdit>("new-field"), "friction");
    part<QAbstractButton>("add-field")->click();
    auto* friction = part<QDoubleSpinBox>("matter-field-friction");
    QVERIFY(friction);
    friction->setValue(0.125);
    const auto& fields = session().document.project().matters[count].fields;
    QCOMPARE(std::get<level::Decimal>(fields[0].second).thousandths, 125);
    key(Qt::Key_A);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(60, 10));
    QCOMPARE(level().cells.at(60, 10).matter().index, std::uint16_t(count));
    // Merged into wet stone, its cells stay as that.
    choose("merge-into", 1);
    part<QAbstractButton>("merge-matter")->click();
    QCOMPARE(session().document.project().matters.size(), count);
    QCOMPARE(level().cells.at(60, 10), level::Cell({1}));
    session().document.undo();
    QCOMPARE(session().document.project().matters[count].title, std::string("Black ice"));
}

void ShapeTest::margin_isAsWideAsItsSections() {
    auto* margin = m_window->findChild<Margin*>();
    key(Qt::Key_G);
    dragCells({36, 25}, {38, 28});
    QTest::qWait(1);  // what stood there before is gone
    QVERIFY(margin->column()->widget()->height() > 600);
    int pages = 0;
    for (const int width : {Margin::leastWidth, 400}) {
        margin->setWide(width);
        for (auto* title : m_window->findChildren<QAbstractButton*>()) {
            if (!title->objectName().startsWith("section-")) continue;
            title->setChecked(true);
            QTest::qWait(1);
            QWidget* around = title;
            while (!qobject_cast<QScrollArea*>(around))
                around = around->parentWidget();
            auto* area = qobject_cast<QScrollArea*>(around);
            QVERIFY(area->isVisible());
            pages += area == margin->column() ? 0 : 1;
            QVERIFY2(area->widget()->minimumSizeHint().width() <= area->viewport()->width(),
                     qPrintable(title->objectName()));
            if (area != margin->column()) title->setChecked(false);
        }
    }
    QCOMPARE(pages, 10);  // five, twice
    margin->setWide(Margin::leastWidth);
}

void ShapeTest::pagesOfTheMargin_openAndClose() {
    auto* margin = m_window->findChild<Margin*>();
    QVERIFY(margin->column()->isVisible());
    auto* name = part<QAbstractButton>("page-board");
    QVERIFY(name && name->isVisible() && name->text() == "Board size");
    name->click();
    QVERIFY(!margin->column()->isVisible());
    QVERIFY(part<QSpinBox>("board-columns")->isVisible());
    // From one to another; only one is open.
    part<QAbstractButton>("page-matter")->click();
    QVERIFY(part<QWidget>("matter-title")->isVisible());
    QVERIFY(!name->isChecked() && !part<QSpinBox>("board-columns")->isVisible());
    // Drawing goes on, Escape leaves the page only from the margin.
    dragCells({20, 5}, {22, 5});
    QVERIFY(part<QWidget>("matter-title")->isVisible());
    part<QWidget>("matter-title")->setFocus();
    QTest::keyClick(part<QWidget>("matter-title"), Qt::Key_Escape);
    QTRY_VERIFY(margin->column()->isVisible());
    // Its title leads back, too; another step begins with its column.
    part<QAbstractButton>("page-board")->click();
    part<QAbstractButton>("section-board")->click();
    QVERIFY(margin->column()->isVisible());
    part<QAbstractButton>("page-board")->click();
    session().workbench.setStep(Step::Cast);
    QVERIFY(margin->column()->isVisible());
    // A page stays open while what is chosen changes.
    part<QAbstractButton>("page-kind")->click();
    Selection chosen;
    chosen.entities = {level().entities[0].id};
    session().workbench.select(chosen);
    QVERIFY(part<QAbstractButton>("page-kind")->isChecked());
    QVERIFY(!margin->column()->isVisible());
}

void ShapeTest::cave_isPreviewedThenGrown_asOneStep() {
    openSection("section-grow");
    key(Qt::Key_G);
    dragCells({60, 4}, {80, 16});
    const level::Level before = level();
    part<QAbstractButton>("preview-cave")->click();
    const auto isShown = [&] {
        return session().workbench.options<ShapeOptions>().proposal != nullptr;
    };
    QVERIFY(QTest::qWaitFor(isShown));
    QVERIFY(level() == before);
    const BitMap first = session().workbench.options<ShapeOptions>().proposal->solid;
    part<QSpinBox>("noise-threshold")->setValue(60);
    QVERIFY(QTest::qWaitFor([&] {
        return isShown() && session().workbench.options<ShapeOptions>().proposal->solid != first;
    }));
    key(Qt::Key_Escape);
    QVERIFY(!isShown() && level() == before);
    part<QAbstractButton>("preview-cave")->click();
    QVERIFY(QTest::qWaitFor(isShown));
    const int steps = int(session().document.history().stepCount());
    part<QAbstractButton>("grow-cave")->click();
    QCOMPARE(int(session().document.history().stepCount()), steps + 1);
    QVERIFY(!(level() == before) && !isShown());
    for (int x = 0; x < 60; ++x)
        QCOMPARE(level().cells.at(x, 10), before.cells.at(x, 10));
    session().document.undo();
    QVERIFY(level() == before);
}

void ShapeTest::stamps_byNumbers_followTheMatterInHand() {
    openSection("section-stamp");
    part<QSpinBox>("treads")->setValue(3);
    part<QAbstractButton>("take-stamp")->click();
    QCOMPARE(session().workbench.options<ShapeOptions>().stamp->clip.cells.bounds(),
             (CellRect{0, 0, 6, 3}));
    key(Qt::Key_A);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(60, 10));
    QVERIFY(!level().cells.at(57, 11).isOpen());
    QVERIFY(level().cells.at(57, 10).isOpen());
    part<QAbstractButton>("matter-plank")->click();
    QVERIFY(!session().workbench.options<ShapeOptions>().stamp);
}

void ShapeTest::cellsAndView_tellWhatFollows_beforeTheyAreChanged() {
    openSection("section-cells");
    const level::Level before = level();
    part<QSpinBox>("cell-width")->setValue(32);
    auto* words = part<QLabel>("cells-words");
    QVERIFY2(words->text().contains("3840 x 544 px"), qPrintable(words->text()));
    QVERIFY(level() == before);
    choose("level-kind", 1);
    QVERIFY2(words->text().contains("four directions"), qPrintable(words->text()));
    part<QAbstractButton>("apply-cells")->click();
    QCOMPARE(level().kind, level::LevelKind::Above);
    QCOMPARE(level().cellSize.width, 32);
    QVERIFY(waitForProof());
    session().document.undo();
    QVERIFY(level() == before);
}

void ShapeTest::ruler_measuresAJump_whileRIsHeld() {
    QTest::mouseMove(&board(), cell(30, 20));
    const QImage guided = board().grab().toImage();
    part<QAbstractButton>("show-jumps")->click();
    QVERIFY(board().grab().toImage() != guided);
    QTest::keyPress(&board(), Qt::Key_R);
    const auto corner = [&](int x, int y) {
        return board().view().toWidget(PxPoint{x * 16, y * 16}).toPoint();
    };
    QTest::mousePress(&board(), Qt::LeftButton, {}, corner(26, 26));
    QTest::mouseMove(&board(), corner(28, 26));
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, corner(28, 26));
    QTest::keyRelease(&board(), Qt::Key_R);
    QVERIFY(session().workbench.options<MeasuredJump>().line);
    QCOMPARE(session().workbench.options<MeasuredJump>().line->from, (PxPoint{26 * 16, 26 * 16}));
    JumpGuides guides;
    guides.update(session().document.project(), level());
    const JumpWords words = guides.wordsFor(*session().workbench.options<MeasuredJump>().line);
    QVERIFY(words.isMade);
    QCOMPARE(words.gap, QString("gap 32 px"));
    QVERIFY2(words.verdict.contains("to spare"), qPrintable(words.verdict));
    const JumpWords wide = guides.wordsFor({{0, 100}, {400, 100}});
    QVERIFY2(!wide.isMade && wide.verdict.contains("too wide by"), qPrintable(wide.verdict));
    const JumpWords high = guides.wordsFor({{0, 100}, {20, 40}});
    QVERIFY2(high.verdict.contains("too high by 9 px"), qPrintable(high.verdict));
    key(Qt::Key_Escape);
    QVERIFY(!session().workbench.options<MeasuredJump>().line);
}

void ShapeTest::findings_areFixed_byOneClick() {
    level::Level changed = level();
    changed.cells.set(60, 6, level::Cell({1}));
    session().document.apply(level::LevelEdit{changed, "Lay", {60, 6, 1, 1}});
    QVERIFY(waitForProof());
    key(Qt::Key_5);
    const auto findFix = [&]() -> QAbstractButton* {
        for (auto* note : m_window->findChildren<FindingNote*>())
            if (note->text().startsWith("A single solid cell"))
                return note->findChild<QAbstractButton*>();
        return nullptr;
    };
    QVERIFY(QTest::qWaitFor([&] { return findFix() != nullptr; }));
    findFix()->click();
    QVERIFY(level().cells.at(60, 6).isOpen());
    session().document.undo();
    QVERIFY(!level().cells.at(60, 6).isOpen());
}

void ShapeTest::walk_fromAbove_goesInFourDirections() {
    session().document.chooseLevel({"grain-loft"});
    QVERIFY(waitForProof());
    QCOMPARE(session().proofs.of({"grain-loft"})->answer.verdict.kind, reach::VerdictKind::Reached);
    QTest::keyClick(&board(), Qt::Key_Tab);
    QVERIFY(board().isWalking());
    const int y = board().playtest()->walk()->body().y;
    QTest::keyPress(&board(), Qt::Key_W);
    QVERIFY(QTest::qWaitFor([&] { return board().playtest()->walk()->body().y < y - 8; }));
    QTest::keyRelease(&board(), Qt::Key_W);
    QTest::keyClick(&board(), Qt::Key_Tab);
}

ROOK_TEST(ShapeTest)

}  // namespace rook::shape_test

#include "shape_test.moc"
