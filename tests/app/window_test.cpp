/// The real window with mouse and keys.

#include <QAbstractButton>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QSpinBox>
#include <algorithm>

#include "app/play/walk.h"
#include "app/shell/margin.h"
#include "app/steps/shape/shape_options.h"
#include "app/tools/cell_options.h"
#include "check/finding.h"
#include "demo_window.h"
#include "level/look_edits.h"
#include "level/running_order.h"
#include "runtime_replay.h"
#include "testing.h"

namespace rook::window_test {

using namespace rook::app;

class WindowTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-test"); }
    void init() { openDemo(); }
    void cleanup() { closeDemo(); }
    void drag_isOneUndoStep_andEscapeRestores();
    void reach_isLive_whileDrawing();
    void everyTool_answersItsKey();
    void words_ofAnotherLevel_areOver();
    void margin_isDressedAsItIsMade_andNotAgain();
    void margin_isAsWideAsOneHasIt_inTheNextStep();
    void steps_answerTheirKeys_andAreNeverEmpty();
    void aSmallLevel_fromNothing_toTheGame();
    void copyPasteNudge_byKeys();
    void selection_isTurnedMirroredAndReplaced_byKeys();
    void board_isResized_afterAPreview();
    void formChips_areChosen_andKept();
    void collision_isCounted_andShownOnTheBoard();
    void cast_placesMovesEditsAndDeletes();
    void walk_startsAndReturnsToTheSameView();
    void walk_dies_andCounts();
    void typing_inAField_choosesNoTool();
    void brokenProject_leavesTheOpenOneAsItWas();
    void order_isChangedAndUndone();
    void findings_areSteppedThrough();
    void zoom_keepsWhatIsUnderThePointer();
    void controls_haveAccessibleNames();
    void night_keepsContrast();
    void search_choosesACard();
    void fittedLevel_staysFitted_whenTheBoardIsResized();
    void place_isRemembered();
    void keySheet_hasEachTool_data();
    void keySheet_hasEachTool();
    void restoredOrder_isTheCores();
    void ship_tellsWhatBelongsToNoLevel();
    void ship_choosesWhatIsWrittenOut();

private:
    void key(Qt::Key k, Qt::KeyboardModifiers modifiers = {}) {
        QTest::keyClick(m_window->focusWidget() ? m_window->focusWidget() : m_window.get(), k,
                        modifiers);
    }
};

void WindowTest::drag_isOneUndoStep_andEscapeRestores() {
    const auto before = session().document.level();
    key(Qt::Key_D);
    dragCells({20, 5}, {25, 6});
    QCOMPARE(session().document.history().stepCount(), std::size_t{1});
    QCOMPARE(session().document.history().undoName(), std::string("Lay 12 cells with Wet stone"));
    QVERIFY(!level().cells.at(22, 5).isOpen());
    key(Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(session().document.level() == before);
    key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    QVERIFY(!level().cells.at(22, 5).isOpen());
    key(Qt::Key_Z, Qt::ControlModifier);
    QTest::mousePress(&board(), Qt::LeftButton, {}, cell(30, 5));
    QTest::mouseMove(&board(), cell(34, 8));
    QVERIFY(session().document.isInGesture());
    QVERIFY(!level().cells.at(32, 6).isOpen());
    key(Qt::Key_Escape);
    QVERIFY(session().document.level()->cells == before->cells);
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, cell(34, 8));
    QVERIFY(!session().document.history().canUndo());
}

void WindowTest::reach_isLive_whileDrawing() {
    auto* word = m_window->findChild<QLabel*>("exit-verdict");
    QVERIFY(word && word->text().contains("reached") && !word->text().contains("not"));
    key(Qt::Key_D);
    // A wall across the way, still being dragged.
    QTest::mousePress(&board(), Qt::LeftButton, {}, cell(24, 2));
    QTest::mouseMove(&board(), cell(24, 27));
    QVERIFY(session().document.isInGesture());
    QVERIFY(waitForProof());
    QVERIFY(word->text().contains("not reached"));
    key(Qt::Key_Escape);
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, cell(24, 27));
    QVERIFY(waitForProof());
    QVERIFY(!word->text().contains("not"));
}

void WindowTest::words_ofAnotherLevel_areOver() {
    const auto* words = part<QLabel>("status-verdict");
    session().requests.say(QStringLiteral("Something of Intake steps."));
    QCOMPARE(words->text(), QStringLiteral("Something of Intake steps."));
    // What is told as one goes there stays.
    session().document.chooseLevel({"grain-loft"});
    QCOMPARE(words->text(), QStringLiteral("Something of Intake steps."));
    QTest::qWait(600);  // it was read
    session().document.chooseLevel({"intake"});
    QVERIFY(words->text() != QStringLiteral("Something of Intake steps."));
}

/// Counts how often each part is dressed.
class DressingCount : public QObject {
public:
    QHash<QObject*, int> times;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::StyleChange) ++times[watched];
        return false;
    }
};

void WindowTest::margin_isDressedAsItIsMade_andNotAgain() {
    session().workbench.setStep(Step::Cast);
    QTest::qWait(1);
    const QList<QWidget*> former = m_window->findChildren<QWidget*>();
    DressingCount count;
    qApp->installEventFilter(&count);
    Selection selection;
    selection.entities = {level().entities[0].id};
    session().workbench.select(selection);
    qApp->removeEventFilter(&count);
    for (QWidget* part : former)
        QVERIFY2(!count.times.contains(part), part->metaObject()->className());
    QVERIFY(count.times.size() > 100);
    // As it is made, as a line gets what stands beside it, and as its section becomes a page.
    for (auto it = count.times.begin(); it != count.times.end(); ++it)
        QVERIFY2(it.value() <= 3,
                 qPrintable(it.key()->objectName() + " " + it.key()->metaObject()->className()));
}

void WindowTest::margin_isAsWideAsOneHasIt_inTheNextStep() {
    auto* margin = m_window->findChild<app::Margin*>();
    const int own = margin->width();
    margin->setFixedWidth(own + 40);  // as for something long that stands there
    session().workbench.setStep(app::Step::Prove);
    QCOMPARE(margin->width(), own);
}

void WindowTest::everyTool_answersItsKey() {
    const std::pair<Qt::Key, std::string> tools[] = {{Qt::Key_S, "line"},
                                                     {Qt::Key_D, "box"},
                                                     {Qt::Key_F, "fill"},
                                                     {Qt::Key_G, "select"},
                                                     {Qt::Key_A, "brush"}};
    for (const auto& [k, tool] : tools) {
        key(k);
        QCOMPARE(session().workbench.tool(), tool);
    }
    key(Qt::Key_BracketRight);
    key(Qt::Key_BracketRight);
    QCOMPARE(session().workbench.options<CellOptions>().brushSize, 3);
    key(Qt::Key_BracketLeft);
    QCOMPARE(session().workbench.options<CellOptions>().brushSize, 2);
    dragCells({20, 5}, {20, 5});
    QCOMPARE(session().document.history().undoName(), std::string("Lay 4 cells with Wet stone"));
    dragCells({20, 5}, {20, 5}, Qt::RightButton);
    QCOMPARE(session().document.history().undoName(), std::string("Erase 4 cells"));
}

void WindowTest::steps_answerTheirKeys_andAreNeverEmpty() {
    for (int i = 0; i < stepCount; ++i) {
        key(static_cast<Qt::Key>(Qt::Key_1 + i));
        QCOMPARE(int(session().workbench.step()), i);
        QVERIFY(m_window->findChild<QAbstractButton*>(QStringLiteral("station-%1").arg(i + 1))
                    ->isChecked());
        auto* words = m_window->findChild<QLabel*>("status-verdict");
        QVERIFY(!words->text().isEmpty());
        const QImage picture = m_window->grab().toImage();
        QVERIFY(!picture.isNull());
        board().setFocus();
    }
}

void WindowTest::aSmallLevel_fromNothing_toTheGame() {
    m_window->session().document.startNew(newSmall());
    board().fitLevel();
    board().setFocus();
    // Floor, a gap with spikes, a ledge: mouse and keys only.
    key(Qt::Key_D);
    dragCells({0, 20}, {12, 23});
    dragCells({17, 20}, {39, 23});
    QTest::mouseClick(m_window->findChild<QAbstractButton*>("matter-spikes"), Qt::LeftButton);
    dragCells({13, 23}, {16, 23});
    QTest::mouseClick(m_window->findChild<QAbstractButton*>("matter-plank"), Qt::LeftButton);
    board().setFocus();
    key(Qt::Key_S);
    dragCells({20, 17}, {24, 17});
    key(Qt::Key_4);
    QTest::mouseClick(m_window->findChild<QAbstractButton*>("kind-player"), Qt::LeftButton);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(3, 19));
    QTest::mouseClick(m_window->findChild<QAbstractButton*>("kind-exit"), Qt::LeftButton);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(36, 19));
    QTest::mouseClick(m_window->findChild<QAbstractButton*>("kind-pickup"), Qt::LeftButton);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(22, 16));
    QCOMPARE(level().entities.size(), std::size_t{3});
    board().setFocus();
    key(Qt::Key_5);
    QVERIFY(waitForProof());
    const auto proven = session().proofs.of(level().id);
    QVERIFY2(
        proven->report.findings().empty(),
        proven->report.findings().empty() ? "" : proven->report.findings()[0].sentence.c_str());
    QCOMPARE(m_window->findChild<QLabel*>("verdict")->text(), QString("The exit can be reached."));

    const auto steps = session().document.history().stepCount();
    const auto whole = session().document.level();
    while (session().document.history().canUndo())
        key(Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(level().entities.empty());
    for (std::size_t i = 0; i < steps; ++i)
        key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    QVERIFY(session().document.level() == whole);

    const QString folder = m_folder->filePath("small");
    session().writer.saveInBackground(folder);
    QVERIFY(session().document.isModified());
    QVERIFY(QTest::qWaitFor([&] { return !session().document.isModified(); }, 5000));
    QVERIFY(m_window->openProject(folder));
    QVERIFY(level().cells == whole->cells && level().entities == whole->entities);
    QVERIFY(MainWindow::recentProjects().contains(folder));
    session().workbench.setStep(Step::Ship);
    const QString bundle = m_folder->filePath("small-bundle");
    QTest::mouseClick(part<QAbstractButton>("format-0"), Qt::LeftButton);
    QTRY_VERIFY(part<QAbstractButton>("target-write-bundle"));
    QTRY_VERIFY_WITH_TIMEOUT(session().shipping.outlookOf("bundle").isCurrent, 10000);
    QTest::mouseClick(part<QAbstractButton>("target-write-bundle"), Qt::LeftButton);
    QVERIFY(QTest::qWaitFor([&] { return QFile::exists(bundle + "/manifest.json"); }, 10000));
    QTRY_VERIFY(!session().shipping.isWriting());
    const auto* written = part<QLabel>("written");
    QTRY_VERIFY(written->isVisible() && written->text().contains("bundle"));
    // What is open is counted as in Prove: notes are not.
    const auto judged = session().proofs.of(level().id);
    const auto& findings = judged->report.findings();
    const QString open = check::openCount(findings) == 0
                             ? QStringLiteral("no open findings")
                             : QStringLiteral("%1 finding").arg(check::openCount(findings));
    QTRY_VERIFY(std::ranges::any_of(m_window->findChildren<QLabel*>(), [&](const QLabel* label) {
        return label->isVisible() && label->text().startsWith(open);
    }));
    // The game, with nothing but the bundle, runs right and jumps the gap.
    QVERIFY(testing::exitIsMetByRunningRight(bundle));
}

void WindowTest::copyPasteNudge_byKeys() {
    key(Qt::Key_G);
    dragCells({9, 23}, {13, 23});
    QVERIFY(session().workbench.selection().cells.has_value());
    const auto plank = level().cells.at(9, 23);
    key(Qt::Key_C, Qt::ControlModifier);
    QTest::mouseMove(&board(), cell(30, 10));
    key(Qt::Key_V, Qt::ControlModifier);
    QCOMPARE(level().cells.at(30, 10), plank);
    key(Qt::Key_Down);
    QVERIFY(level().cells.at(30, 10).isOpen());
    QCOMPARE(level().cells.at(34, 11), plank);
    key(Qt::Key_Delete);
    QVERIFY(level().cells.at(34, 11).isOpen());
    while (session().document.history().canUndo())
        key(Qt::Key_Z, Qt::ControlModifier);
    key(Qt::Key_G);
    dragCells({9, 23}, {13, 23});
    key(Qt::Key_X, Qt::ControlModifier);
    QVERIFY(level().cells.at(9, 23).isOpen());
    QCOMPARE(session().document.history().undoName(), std::string("Cut 5 cells"));
}

void WindowTest::selection_isTurnedMirroredAndReplaced_byKeys() {
    key(Qt::Key_D);
    dragCells({20, 5}, {24, 5});
    key(Qt::Key_G);
    dragCells({20, 5}, {24, 6});
    board().setFocus();
    key(Qt::Key_Period);
    QCOMPARE(session().workbench.selection().cells->bounds(), (CellRect{20, 5, 2, 5}));
    QVERIFY(!level().cells.at(21, 9).isOpen());
    QVERIFY(level().cells.at(20, 9).isOpen());
    key(Qt::Key_M);
    QVERIFY(!level().cells.at(20, 9).isOpen());
    key(Qt::Key_Comma);
    QCOMPARE(session().workbench.selection().cells->bounds(), (CellRect{20, 5, 5, 2}));
    auto* from = m_window->findChild<QComboBox*>("replace-from");
    from->setCurrentIndex(int(session().workbench.options<CellOptions>().matter.index));
    m_window->findChild<QAbstractButton*>("matter-plank")->click();
    m_window->findChild<QAbstractButton*>("replace")->click();
    QCOMPARE(session().document.project().behaviourOf(level().cells.at(22, 6)),
             level::Behaviour::OneWay);
    QVERIFY(session().document.history().undoName().starts_with("Replace 5 cells"));
    // Without a selection, M paints mirrored.
    key(Qt::Key_Escape);
    key(Qt::Key_M);
    QVERIFY(session().workbench.options<CellOptions>().mirrorsSideways);
    key(Qt::Key_D);
    dragCells({10, 5}, {11, 5});
    QVERIFY(!level().cells.at(119 - 10, 5).isOpen());
    board().setFocus();
    key(Qt::Key_M);
    QVERIFY(!session().workbench.options<CellOptions>().mirrorsSideways);
}

void WindowTest::board_isResized_afterAPreview() {
    auto* columns = m_window->findChild<QSpinBox*>("board-columns");
    auto* across = m_window->findChild<QComboBox*>("board-across");
    auto* words = m_window->findChild<QLabel*>("board-size-words");
    const level::Level before = level();
    columns->setValue(110);
    QVERIFY2(words->text().contains("Takes away gate-1"), qPrintable(words->text()));
    QVERIFY(words->text().contains("110 × 34 cells"));
    QCOMPARE(*session().workbench.options<ShapeOptions>().boardFrame, (CellRect{0, 0, 110, 34}));
    columns->setValue(124);
    across->setCurrentIndex(1);
    Q_EMIT across->activated(1);
    QVERIFY(!words->text().contains("Takes away"));
    QCOMPARE(*session().workbench.options<ShapeOptions>().boardFrame, (CellRect{-4, 0, 124, 34}));
    m_window->findChild<QAbstractButton*>("apply-board-size")->click();
    QCOMPARE(level().cells.bounds(), (CellRect{0, 0, 124, 34}));
    QCOMPARE(level().entities[0].box, before.entities[0].box.moved(64, 0));
    QVERIFY(!session().workbench.options<ShapeOptions>().boardFrame);
    QVERIFY(waitForProof());
    session().document.undo();
    QVERIFY(level() == before);
}

void WindowTest::formChips_areChosen_andKept() {
    m_window->findChild<QAbstractButton*>("shaping-1")->click();
    QCOMPARE(session().workbench.options<ShapeOptions>().shaping, Shaping::Slope);
    key(Qt::Key_S);
    dragCells({60, 20}, {64, 16});
    QCOMPARE(level().cells.at(62, 18).form(), level::Form::RiseRight);
    auto* form = m_window->findChild<QComboBox*>("form");
    form->setCurrentIndex(2);
    Q_EMIT form->activated(2);
    QCOMPARE(session().workbench.options<ShapeOptions>().shaping, Shaping::Chosen);
    QCOMPARE(session().workbench.options<ShapeOptions>().form, level::Form::UpperHalf);
    m_window->findChild<QAbstractButton*>("shaping-0")->click();
    QCOMPARE(form->currentIndex(), 0);
}

void WindowTest::collision_isCounted_andShownOnTheBoard() {
    const auto isDetailed = [&] {
        return session().proofs.isCurrent(level().id) && session().proofs.isPlanCurrent(level().id);
    };
    QVERIFY(QTest::qWaitFor(isDetailed));
    auto* counts = m_window->findChild<QLabel*>("collision-solids");
    QCOMPARE(counts->text(), QString("1106 → 24"));
    board().fitLevel();
    QVERIFY(QTest::qWaitFor([&] { return board().isComplete(); }));
    QImage former = board().grab().toImage();
    for (const char* toggle : {"show-solids", "show-outlines", "show-slopes", "show-one-way",
                               "show-deadly", "show-liquids"}) {
        m_window->findChild<QAbstractButton*>(QLatin1String(toggle))->click();
        const QImage now = board().grab().toImage();
        QVERIFY2(now != former, toggle);
        former = now;
    }
    key(Qt::Key_D);
    dragCells({60, 5}, {61, 6});
    QVERIFY(QTest::qWaitFor(isDetailed));
    QCOMPARE(counts->text(), QString("1110 → 25"));
}

void WindowTest::cast_placesMovesEditsAndDeletes() {
    key(Qt::Key_4);
    QTest::mouseClick(m_window->findChild<QAbstractButton*>("kind-lantern"), Qt::LeftButton);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(30, 10));
    const EntityId id{"lantern-8"};
    QVERIFY(findEntity(level(), id));
    const PxRect placed = findEntity(level(), id)->box;
    QCOMPARE(placed.bottom(), 11 * 16);
    dragCells({30, 10}, {32, 12});
    QCOMPARE(findEntity(level(), id)->box, placed.moved(32, 32));
    board().setFocus();
    key(Qt::Key_Right, Qt::ShiftModifier);
    QCOMPARE(findEntity(level(), id)->box.x, placed.x + 33);
    auto* lit = m_window->findChild<QComboBox*>("field-lit");
    QVERIFY(lit);
    lit->setCurrentIndex(1);
    Q_EMIT lit->activated(1);
    const auto* lantern = findEntity(level(), id);
    QVERIFY(std::get<bool>(
        fieldOf(*lantern, session().document.project().findKind({"lantern"})->fields[1])));
    board().setFocus();
    key(Qt::Key_Delete);
    QVERIFY(!findEntity(level(), id));
    key(Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(findEntity(level(), id));
    // A second keeper is one too many: said, and nothing is changed.
    QTest::mouseClick(m_window->findChild<QAbstractButton*>("kind-keeper"), Qt::LeftButton);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(40, 10));
    QVERIFY(m_window->findChild<QLabel*>("status-verdict")->text().contains("at most 1"));
}

void WindowTest::walk_startsAndReturnsToTheSameView() {
    const View before = board().view();
    key(Qt::Key_Tab);
    QVERIFY(board().isWalking());
    QTest::keyPress(&board(), Qt::Key_D);
    QVERIFY(QTest::qWaitFor([&] { return board().playtest()->walk()->trail().size() > 40; }, 4000));
    QTest::keyRelease(&board(), Qt::Key_D);
    const double walked = board().playtest()->walk()->trail().back().x();
    QVERIFY(walked > 90);
    QCOMPARE(session().workbench.tool(), std::string("brush"));  // D ran, and chose no tool
    QTest::keyClick(&board(), Qt::Key_Space);
    QVERIFY(QTest::qWaitFor(
        [&] { return board().playtest()->walk()->body().stance == runtime::Stance::Airborne; },
        2000));
    QTest::keyClick(&board(), Qt::Key_Tab);
    QVERIFY(!board().isWalking());
    QVERIFY(board().view() == before);
    QVERIFY(!session().document.isModified());
}

void WindowTest::walk_dies_andCounts() {
    auto walk = *Walk::begin(session().document.project(), level(), PxPoint{30 * 16, 31 * 16 - 30});
    for (int i = 0; i < 120 && walk->deaths() == 0; ++i)
        walk->tick();
    QCOMPARE(walk->deaths(), 1);
    walk = *Walk::begin(session().document.project(), level(), PxPoint{115 * 16, 22 * 16});
    walk->keys().right = true;
    for (int i = 0; i < 120; ++i)
        walk->tick();
    QCOMPARE(walk->finished(), 1);
    QCOMPARE(walk->lastExit(), std::string("gate-1"));
    QVERIFY(!Walk::begin(session().document.project(), level(), PxPoint{8, 100}));
}

void WindowTest::typing_inAField_choosesNoTool() {
    auto* title = m_window->findChild<QLineEdit*>("level-title");
    title->setFocus();
    title->selectAll();
    QTest::keyClicks(title, "Sad gods 123");
    QTest::keyClick(title, Qt::Key_Return);
    QCOMPARE(session().workbench.tool(), std::string("brush"));
    QCOMPARE(session().workbench.step(), Step::Shape);
    QCOMPARE(level().title, std::string("Sad gods 123"));
}

void WindowTest::brokenProject_leavesTheOpenOneAsItWas() {
    const auto before = session().document.level();
    const QString broken = m_folder->filePath("broken");
    testing::writeBytes(broken + "/rookplot.json", "{ nonsense");
    QVERIFY(!m_window->openProject(broken));
    QVERIFY(session().document.level() == before);
    QVERIFY(m_window->findChild<QLabel*>("status-verdict")->text().contains("rookplot.json:1:"));
}

void WindowTest::order_isChangedAndUndone() {
    key(Qt::Key_PageDown, Qt::ControlModifier);
    QCOMPARE(session().document.project().levels[1]->id.text, std::string("intake"));
    QCOMPARE(m_window->findChild<QListWidget*>("order")->currentRow(), 1);
    key(Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(session().document.project().levels[0]->id.text, std::string("intake"));
    const std::size_t before = session().document.project().levels.size();
    key(Qt::Key_L, Qt::ControlModifier);
    part<QAbstractButton>("make-level")->click();
    QCOMPARE(session().document.project().levels.size(), before + 1);
    QCOMPARE(level().id.text, "level-" + std::to_string(before + 1));
}

void WindowTest::findings_areSteppedThrough() {
    session().document.chooseLevel({"leaky-reach"});
    QVERIFY(waitForProof());
    key(Qt::Key_F3);
    QCOMPARE(session().workbench.step(), Step::Prove);
    QVERIFY(m_window->findChild<QAbstractButton*>("finding-1")->isChecked());
    QCOMPARE(session().workbench.selection().entities[0].text, std::string("gate-1"));
    key(Qt::Key_F3);
    QVERIFY(m_window->findChild<QAbstractButton*>("finding-2")->isChecked());
    key(Qt::Key_F3, Qt::ShiftModifier);
    key(Qt::Key_F3, Qt::ShiftModifier);
    const std::size_t last = session().proofs.of({"leaky-reach"})->report.findings().size();
    QVERIFY(
        m_window->findChild<QAbstractButton*>(QStringLiteral("finding-%1").arg(last))->isChecked());
}

void WindowTest::zoom_keepsWhatIsUnderThePointer() {
    const QPointF at(300, 200);
    const QPointF before = board().view().toLevel(at);
    QWheelEvent wheel(at, board().mapToGlobal(at), {}, {0, 240}, {}, {}, Qt::NoScrollPhase, false);
    QApplication::sendEvent(&board(), &wheel);
    const QPointF after = board().view().toLevel(at);
    QVERIFY(QLineF(before, after).length() < 1.5);
    key(Qt::Key_Home);
    QTest::keyPress(&board(), Qt::Key_Space);
    const View still = board().view();
    dragCells({20, 5}, {25, 5});
    QTest::keyRelease(&board(), Qt::Key_Space);
    QVERIFY(!(board().view() == still));
    QVERIFY(!session().document.history().canUndo());
}

void WindowTest::controls_haveAccessibleNames() {
    for (int i = 0; i < stepCount; ++i) {
        session().workbench.setStep(static_cast<Step>(i));
        for (QWidget* widget : m_window->findChildren<QWidget*>()) {
            const bool isControl =
                qobject_cast<QAbstractButton*>(widget) || qobject_cast<QLineEdit*>(widget) ||
                qobject_cast<QComboBox*>(widget) || qobject_cast<QListWidget*>(widget);
            if (!isControl || !widget->isVisible() || widget->objectName().startsWith("qt_"))
                continue;
            auto* button = qobject_cast<QAbstractButton*>(widget);
            const bool isNamed =
                !widget->accessibleName().isEmpty() || (button && !button->text().isEmpty());
            QVERIFY2(isNamed, widget->metaObject()->className());
        }
    }
}

void WindowTest::night_keepsContrast() {
    const auto luminance = [](const QColor& c) {
        const auto part = [](double v) {
            return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    for (const Theme* theme : {&Theme::day(), &Theme::night()}) {
        for (const QColor& ground : {theme->window, theme->panel, theme->paper}) {
            for (const QColor& text : {theme->ink, theme->quietInk, theme->accent, theme->caution,
                                       theme->alarm, theme->plum}) {
                const double a = luminance(ground) + 0.05;
                const double b = luminance(text) + 0.05;
                const double ratio = std::max(a, b) / std::min(a, b);
                QVERIFY2(ratio >= 4.5, qPrintable(text.name() + " on " + ground.name() + " " +
                                                  QString::number(ratio)));
            }
        }
    }
}

void WindowTest::search_choosesACard() {
    key(Qt::Key_Slash);
    auto* search = m_window->findChild<QLineEdit*>("search");
    QVERIFY(search->hasFocus());
    QTest::keyClicks(search, "brine");
    QTest::keyClick(search, Qt::Key_Return);
    QCOMPARE(session()
                 .document.project()
                 .matters[session().workbench.options<CellOptions>().matter.index]
                 .name,
             std::string("brine"));
    QVERIFY(board().hasFocus());
}

void WindowTest::fittedLevel_staysFitted_whenTheBoardIsResized() {
    const auto isWhole = [&] {
        const QRectF shown = board().view().toWidget(level().boundsPx());
        const double room =
            std::min(board().width() - shown.width(), board().height() - shown.height());
        return QRectF(board().rect()).contains(shown) && room < 40;
    };
    board().fitLevel();
    m_window->resize(1500, 900);
    QCoreApplication::processEvents();
    QVERIFY(isWhole());
    m_window->resize(1290, 810);
    QCoreApplication::processEvents();
    QVERIFY(isWhole());
    // Whoever zooms keeps the zoom.
    View view = board().view();
    view.zoomAt({50, 50}, 2);
    board().setView(view);
    const double scale = board().view().scale();
    m_window->resize(1400, 850);
    QCoreApplication::processEvents();
    QCOMPARE(board().view().scale(), scale);
}

void WindowTest::place_isRemembered() {
    m_window->resize(1333, 820);
    m_window->close();
    MainWindow other;
    QCOMPARE(other.size(), QSize(1333, 820));
    QSettings().remove("window");
}

void WindowTest::keySheet_hasEachTool_data() {
    QTest::addColumn<int>("step");
    for (int step = 0; step < stepCount; ++step)
        QTest::newRow(qPrintable(stepName(Step(step)))) << step;
}

void WindowTest::keySheet_hasEachTool() {
    QFETCH(int, step);
    session().workbench.setStep(Step(step));
    key(Qt::Key_F1);
    auto* sheet = part<QWidget>("key-sheet");
    QVERIFY(sheet);
    QString text;
    for (const QLabel* label : sheet->findChildren<QLabel*>())
        text += label->text() + u'\n';
    for (const ToolDefinition& tool : session().workbench.definition().tools) {
        QVERIFY2(text.contains(tool.title), tool.name.c_str());
        QVERIFY2(!tool.help.isEmpty(), tool.name.c_str());
    }
    QVERIFY(m_window->rect().contains(
        sheet->geometry().translated(sheet->parentWidget()->mapTo(m_window.get(), QPoint(0, 0)))));
    QTest::keyClick(sheet, Qt::Key_Escape);
    QVERIFY(board().hasFocus());
}

void WindowTest::restoredOrder_isTheCores() {
    // The list and the keys make the same edit.
    session().document.apply(level::moveLevel(session().document.project(), level().id, 1));
    QCOMPARE(session().document.history().undoName(), std::string("Reorder levels"));
    QCOMPARE(session().document.project().levels[1]->id, level().id);
}

void WindowTest::ship_tellsWhatBelongsToNoLevel() {
    session().workbench.setStep(Step::Ship);
    const auto words = [&] {
        const auto* label = part<QLabel>("project-finding-1");
        return label && label->isVisible() ? label->text() : QString();
    };
    QVERIFY(QTest::qWaitFor([&] { return session().projectCheck.findings() != nullptr; }));
    QVERIFY(words().isEmpty());
    session().document.apply(level::setTheme(level(), "nowhere"));
    QVERIFY(QTest::qWaitFor([&] { return words().contains("nowhere"); }));
    session().document.undo();
    QVERIFY(QTest::qWaitFor([&] { return words().isEmpty(); }));
    // A button mends it.
    session().document.redo();
    QVERIFY(QTest::qWaitFor([&] { return words().contains("nowhere"); }));
    QTest::mouseClick(part<QAbstractButton>("fix-project-1"), Qt::LeftButton);
    QCOMPARE(level().theme, std::string());
    QCOMPARE(session().document.history().undoName(), std::string("Take unknown themes away"));
    QVERIFY(QTest::qWaitFor([&] { return words().isEmpty(); }));
}

void WindowTest::ship_choosesWhatIsWrittenOut() {
    session().workbench.setStep(Step::Ship);
    // Of the first target, which is the bundle.
    auto* ways = part<QSpinBox>("ways-up-to");
    auto* packed = part<QAbstractButton>("pack-rows");
    QVERIFY(ways && packed);
    QCOMPARE(ways->value(), 3600);
    ways->setFocus();
    ways->selectAll();
    QTest::keyClicks(ways, "120");
    QTest::keyClick(ways, Qt::Key_Return);
    QCOMPARE(session().document.project().bundle.waysUpTo, 120);
    QTest::mouseClick(packed, Qt::LeftButton);
    QVERIFY(session().document.project().bundle.isPacked);
    session().document.undo();
    session().document.undo();
    QVERIFY(session().document.project().bundle == level::BundleOptions());
    QCOMPARE(ways->value(), 3600);
    QVERIFY(!packed->isChecked());
}

ROOK_TEST(WindowTest)

}  // namespace rook::window_test

#include "window_test.moc"
