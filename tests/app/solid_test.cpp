/// Block-out solids in the real window: drawn, pulled, opened, by numbers, filled with pieces.

#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>

#include "kit/solids.h"
#include "kit_window.h"

namespace rook::solid_test {

using namespace rook::app;

using level::Solid;
using level::SolidSort;

class SolidWindowTest : public testing::KitWindow {
    Q_OBJECT
private slots:
    void initTestCase() { prepare("rookplot-solid-test"); }
    void cleanupTestCase() { qunsetenv("ROOKPLOT_NO_OPENGL"); }
    void init() { beginKitLevel(); }
    void cleanup() { endKitLevel(); }
    void box_isDragged_pulled_undone_savedAndReopened();
    void shift_laysPartsOfAModule();
    void stairs_haveTheStepsThatTheBodyNeeds_andAreWalked();
    void room_isHollowed_andGetsADoorByAClick();
    void numbers_changeASolid_andAWrongOneIsSaid();
    void wallIsPulled_byItsSideInThePlan();
    void solids_areSelected_moved_copied_turnedAndDeleted();
    void filling_isToldBefore_andDone();
    void aslant_showsAndTakesSolids();

private:
    void card(const char* name) {
        session().workbench.chooseTool("solid");
        press(name);
        board().setFocus();
    }
    [[nodiscard]] std::vector<Solid> solids() { return level().solids.items(); }
};

void SolidWindowTest::box_isDragged_pulled_undone_savedAndReopened() {
    key(Qt::Key_H);
    QVERIFY(session().workbench.isInHand("solid"));
    drag({{3, 3}, {5, 4}});
    QCOMPARE(solids().size(), std::size_t(1));
    QCOMPARE(solids()[0].width, Rational(3));
    QCOMPARE(solids()[0].depth, Rational(2));
    QCOMPARE(solids()[0].height, kit().storey);
    // It is selected, and the margin is about it.
    QCOMPARE(session().workbench.selection().pieces, std::vector<int>{solids()[0].id});
    QVERIFY(m_window->findChild<QWidget*>("solid-section"));
    QVERIFY(waitForProof());
    session().document.undo();
    QVERIFY(solids().empty());
    session().document.redo();
    const level::Level former = level();
    m_window->save();
    QTRY_VERIFY(!session().document.isModified());
    QVERIFY(m_window->openProject(m_demo));
    session().document.chooseLevel(former.id);
    QVERIFY(level().solids == former.solids);
}

void SolidWindowTest::shift_laysPartsOfAModule() {
    card("solid-card-box");
    const QPoint from = board().view().toWidget(PxPoint{3 * 32 + 8, 3 * 32 + 1}).toPoint();
    const QPoint to = board().view().toWidget(PxPoint{4 * 32 + 16, 3 * 32 + 24}).toPoint();
    QTest::mousePress(&board(), Qt::LeftButton, Qt::ShiftModifier, from);
    QTest::mouseMove(&board(), to);
    QTest::mouseRelease(&board(), Qt::LeftButton, Qt::ShiftModifier, to);
    QCOMPARE(solids().size(), std::size_t(1));
    QCOMPARE(solids()[0].x, Rational(13, 4));
    QCOMPARE(solids()[0].width, Rational(5, 4));
    QCOMPARE(solids()[0].depth, Rational(3, 4));
}

void SolidWindowTest::stairs_haveTheStepsThatTheBodyNeeds_andAreWalked() {
    card("solid-card-stairs");
    drag({{4, 4}, {5, 4}});
    QCOMPARE(solids()[0].sort, SolidSort::Stairs);
    // As many as the body's step asks for.
    const auto needed = -(-exact(kit().storey) / exact(kit().body.stepUp)).floor();
    QCOMPARE(std::int64_t(solids()[0].steps), needed);
    part<QSpinBox>("solid-steps")->setValue(20);
    QCOMPARE(solids()[0].steps, 20);
    const level::Decimal before = solids()[0].height;
    part<QDoubleSpinBox>("solid-rise")->setValue(0.1);
    QCOMPARE(solids()[0].height.thousandths, 2000);
    QVERIFY(before.thousandths != 2000);
    part<QDoubleSpinBox>("solid-tread")->setValue(0.25);
    QCOMPARE(solids()[0].width * exact(kit().width), Rational(5));
    // Turned by the comma, it rises another way.
    key(Qt::Key_Comma);
    QCOMPARE(solids()[0].up, level::Side::Up);
}

void SolidWindowTest::room_isHollowed_andGetsADoorByAClick() {
    card("solid-card-box");
    drag({{3, 3}, {6, 5}});
    press("solid-hollow");
    QVERIFY(solids()[0].isHollow());
    card("solid-card-opening");
    click(6, 4);
    QCOMPARE(solids()[0].openings.size(), std::size_t(1));
    const level::Opening& door = solids()[0].openings[0];
    QCOMPARE(door.x + door.width, solids()[0].width);  // in its right wall
    QCOMPARE(door.width, Rational(1, 4));
    QCOMPARE(door.depth, Rational(1, 2));
    // A hole of any size, over the other wall.
    drag({{3, 3}, {3, 4}});
    QCOMPARE(solids()[0].openings.size(), std::size_t(2));
    press("solid-close");
    QVERIFY(solids()[0].openings.empty());
    // Where no room is, one is told so.
    click(9, 9);
    QVERIFY(solids()[0].openings.empty());
}

void SolidWindowTest::numbers_changeASolid_andAWrongOneIsSaid() {
    card("solid-card-round");
    drag({{3, 3}, {4, 4}});
    auto* width = part<QLineEdit>("solid-width");
    width->setFocus();
    width->selectAll();
    QTest::keyClicks(width, "5/4");
    QTest::keyClick(width, Qt::Key_Return);
    QCOMPARE(solids()[0].width, Rational(5, 4));
    width->selectAll();
    QTest::keyClicks(width, "wide");
    QTest::keyClick(width, Qt::Key_Return);
    QCOMPARE(solids()[0].width, Rational(5, 4));
    part<QSpinBox>("solid-sides")->setValue(6);
    QCOMPARE(solids()[0].sides, 6);
    part<QDoubleSpinBox>("solid-radius")->setValue(4);
    QCOMPARE(solids()[0].width, Rational(2));
    part<QDoubleSpinBox>("solid-height")->setValue(5.5);
    QCOMPARE(solids()[0].height.thousandths, 5500);
    QCOMPARE(session().document.mayEdit(), true);
}

void SolidWindowTest::wallIsPulled_byItsSideInThePlan() {
    card("solid-card-box");
    drag({{3, 3}, {4, 4}});
    const auto at = [&](int x, int y) { return board().view().toWidget(PxPoint{x, y}).toPoint(); };
    QTest::mouseMove(&board(), at(5 * 32, 4 * 32));
    QTest::mousePress(&board(), Qt::LeftButton, {}, at(5 * 32, 4 * 32));
    QTest::mouseMove(&board(), at(7 * 32 + 4, 4 * 32));
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, at(7 * 32 + 4, 4 * 32));
    QCOMPARE(solids().size(), std::size_t(1));
    QCOMPARE(solids()[0].width, Rational(4));
    session().document.undo();
    QCOMPARE(solids()[0].width, Rational(2));
}

void SolidWindowTest::solids_areSelected_moved_copied_turnedAndDeleted() {
    card("solid-card-box");
    drag({{3, 3}, {4, 3}});
    take("flags", "place");
    click(8, 8);
    session().workbench.chooseTool("select");
    click(3, 3);
    QCOMPARE(session().workbench.selection().pieces.size(), std::size_t(1));
    drag({{3, 3}, {5, 5}});
    QCOMPARE(solids()[0].x, Rational(5));
    key(Qt::Key_Right);
    QCOMPARE(solids()[0].x, Rational(6));
    m_window->findChild<QAction*>("duplicate-action")->trigger();
    QCOMPARE(solids().size(), std::size_t(2));
    QCOMPARE(solids()[1].x, Rational(8));
    key(Qt::Key_Period);
    QCOMPARE(solids()[1].width, Rational(1));
    QCOMPARE(solids()[1].depth, Rational(2));
    m_window->findChild<QAction*>("copy-action")->trigger();
    QTest::mouseMove(&board(), module(2, 9));
    m_window->findChild<QAction*>("paste-action")->trigger();
    QCOMPARE(solids().size(), std::size_t(3));
    key(Qt::Key_Delete);
    QCOMPARE(solids().size(), std::size_t(2));
    // A frame takes both sorts; the right button deletes a solid.
    drag({{1, 1}, {11, 11}});
    QCOMPARE(session().workbench.selection().pieces.size(), std::size_t(3));
    click(6, 5, Qt::RightButton);
    QCOMPARE(solids().size(), std::size_t(1));
}

void SolidWindowTest::filling_isToldBefore_andDone() {
    card("solid-card-box");
    auto* height = part<QDoubleSpinBox>("solid-option-height");
    height->setValue(0.2);
    part<QDoubleSpinBox>("solid-option-base")->setValue(-0.2);
    drag({{3, 3}, {5, 4}});
    QCOMPARE(solids()[0].base.thousandths, -200);
    auto* words = part<QLabel>("solid-fits");
    QTRY_VERIFY2(words->text().contains("for all of it"), qPrintable(words->text()));
    press("solid-fill");
    QTRY_VERIFY(solids().empty());
    QCOMPARE(level().pieces.size(), std::size_t(6));
    session().document.undo();
    QCOMPARE(solids().size(), std::size_t(1));
    QVERIFY(level().pieces.empty());
}

void SolidWindowTest::aslant_showsAndTakesSolids() {
    card("solid-card-box");
    drag({{3, 3}, {5, 5}});
    m_window->findChild<QAction*>("depth-action")->trigger();
    auto* aslant = m_window->findChild<QWidget*>("axon");
    QVERIFY(aslant);
    session().workbench.select({});
    QTest::qWait(50);
    const QImage with = aslant->grab().toImage();
    session().document.undo();
    QTest::qWait(50);
    QVERIFY(aslant->grab().toImage() != with);
}

ROOK_TEST(SolidWindowTest)

}  // namespace rook::solid_test

#include "solid_test.moc"
