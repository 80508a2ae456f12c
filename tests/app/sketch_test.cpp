/// Sketch in the real window, with mouse and keys.

#include <QAbstractButton>
#include <QComboBox>
#include <QDropEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QSettings>
#include <QSpinBox>

#include "app/shell/main_window.h"
#include "app/steps/shape/shape_options.h"
#include "app/steps/sketch/place_underlay.h"
#include "app/steps/sketch/sketch_options.h"
#include "app/steps/sketch/sketch_tools.h"
#include "app/ui/buttons.h"
#include "data.h"
#include "testing.h"

namespace rook::sketch_test {

using namespace rook::app;
using level::Mark;
using level::MarkShape;

class SketchTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void init();
    void cleanup();
    void pencil_drawsAStroke_asOneStep();
    void pencil_simplifiesAHundredThousandPoints();
    void rightButton_cutsStrokes_inOneStep();
    void shapes_areDrawn_andSnapToHalfCells();
    void room_isDrawn_named_andLaidAsMatter();
    void label_isWritten_movedAndRewritten();
    void escape_inTheWords_makesNothing();
    void thing_isPlacedFromACard_andMatchedByDrop();
    void select_movesPoints_groupsMirrorsAndCopies();
    void pencilCard_recoloursTheSelection();
    void route_isLedBentAndBeaded();
    void bead_getsARegion_andIsJudged();
    void sideRoute_isBegun_andChosenOnTheBoard();
    void routeEnds_becomeSpawnAndExit();
    void leaves_areAddedHiddenLockedAndMoved();
    void underlay_isPlacedScaledTurnedAndSaved_data();
    void underlay_isPlacedScaledTurnedAndSaved();
    void underlay_thatIsNoPicture_isRefused_data();
    void underlay_thatIsNoPicture_isRefused();
    void plan_isJudgedAnew_afterAnEdit();
    void planFindings_showInProve();
    void everything_survivesSavingAndReopening();
    void plan_isSeenInShape_ifWanted();
    void controls_haveAccessibleNames();

private:
    QPoint at(double x, double y) const {
        return board().view().toWidget(QPointF(x * 16, y * 16)).toPoint();
    }
    void drag(QPoint from, QPoint to, Qt::MouseButton button = Qt::LeftButton,
              Qt::KeyboardModifiers modifiers = {}) {
        QTest::mouseMove(&board(), from);
        QTest::mousePress(&board(), button, modifiers, from);
        QTest::mouseMove(&board(), (from + to) / 2);
        QTest::mouseMove(&board(), to);
        QTest::mouseRelease(&board(), button, modifiers, to);
    }
    void click(QPoint place, Qt::MouseButton button = Qt::LeftButton) {
        QTest::mouseMove(&board(), place);
        QTest::mouseClick(&board(), button, {}, place);
    }
    void key(Qt::Key k, Qt::KeyboardModifiers modifiers = {}) {
        QTest::keyClick(&board(), k, modifiers);
    }
    void press(const char* name) {
        auto* button = part<QAbstractButton>(name);
        QVERIFY2(button, name);
        button->click();
    }
    void writeWords(const char* text) {
        auto* words = part<QLineEdit>("board-words");
        QVERIFY(words);
        words->clear();
        QTest::keyClicks(words, QLatin1String(text));
        QTest::keyClick(words, Qt::Key_Return);
        QVERIFY(!words->isVisible());
    }
    /// Panels that were replaced wait to be deleted, new ones to be laid out: that is done first.
    template <typename T>
    T* part(const char* name) {
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QCoreApplication::processEvents();
        return m_window->findChild<T*>(QLatin1String(name));
    }
    QString said() { return part<QLabel>("status-verdict")->text(); }
    bool waitForPlan() {
        return QTest::qWaitFor(
            [&] {
                const LevelId id = session().document.level()->id;
                return session().proofs.isCurrent(id) && session().proofs.isPlanCurrent(id);
            },
            10000);
    }
    /// Leads a route along the floor of a new level, 60 x 34 cells with a floor and both ends.
    void startFresh();
    Session& session() const { return m_window->session(); }
    Board& board() const { return m_window->board(); }
    const level::Sketch& sketch() const { return session().document.level()->sketch; }
    std::size_t steps() const { return session().document.history().stepCount(); }

    std::unique_ptr<QTemporaryDir> m_folder;
    std::unique_ptr<MainWindow> m_window;
};

void SketchTest::initTestCase() {
    QStandardPaths::setTestModeEnabled(true);
    QCoreApplication::setOrganizationName("rookplot-test");
    QCoreApplication::setApplicationName("rookplot-sketch-test");
    QSettings().clear();
}

void SketchTest::startFresh() {
    level::Project project = testing::smallProject();
    std::vector<std::string> rows(20, std::string(40, '.'));
    rows[19] = std::string(40, '#');
    rows[18][2] = 'S';
    rows[18][37] = 'X';
    project.levels = {std::make_shared<const level::Level>(testing::drawnLevel(project, rows))};
    session().document.startNew(project);
    board().fitLevel();
}

void SketchTest::init() {
    m_folder = std::make_unique<QTemporaryDir>();
    m_window = std::make_unique<MainWindow>();
    m_window->show();
    QVERIFY(QTest::qWaitForWindowExposed(m_window.get()));
    m_window->activateWindow();
    startFresh();
    QTest::keyClick(m_window.get(), Qt::Key_1);
    QCOMPARE(session().workbench.step(), Step::Sketch);
    board().setFocus();
}

void SketchTest::cleanup() {
    session().document.cancelGesture();
    while (session().document.history().canUndo())
        session().document.undo();
    m_window.reset();
}

void SketchTest::pencil_drawsAStroke_asOneStep() {
    key(Qt::Key_A);
    QTest::mousePress(&board(), Qt::LeftButton, {}, at(3, 3));
    for (int i = 1; i <= 20; ++i)
        QTest::mouseMove(&board(), at(3 + i * 0.5, 3 + (i % 4) * 0.5));
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, at(13, 3));
    QCOMPARE(steps(), std::size_t{1});
    QCOMPARE(session().document.history().undoName(), std::string("Draw stroke"));
    QCOMPARE(sketch().leaves[0].marks.size(), std::size_t{1});
    QCOMPARE(sketch().leaves[0].marks[0].shape, MarkShape::Free);
    QVERIFY(sketch().leaves[0].marks[0].points.size() > 10);
    // A click is no stroke; Escape in the middle leaves none.
    click(at(20, 3));
    QTest::mousePress(&board(), Qt::LeftButton, {}, at(3, 8));
    QTest::mouseMove(&board(), at(9, 8));
    key(Qt::Key_Escape);
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, at(9, 8));
    QCOMPARE(steps(), std::size_t{1});
    key(Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(sketch().isEmpty());
}

void SketchTest::pencil_simplifiesAHundredThousandPoints() {
    const auto tool = makePencil();
    const level::Project& project = session().document.project();
    ToolOptions options;
    const Selection selection;
    ToolInput input;
    input.project = &project;
    input.level = session().document.level().get();
    input.options = &options;
    input.selection = &selection;
    std::vector<PxPoint> way;
    for (int i = 0; i < 100000; ++i)
        way.push_back({i / 40, 200 + int(90 * std::sin(i / 4000.0))});
    input.px = way[0];
    tool->press(input);
    for (const PxPoint p : way) {
        input.px = p;
        tool->drag(input);
        // What is drawn anew with each point stays small.
        QVERIFY(tool->preview().marks[0].points.size() < 2500);
    }
    const ToolOutcome outcome = tool->release(input);
    QVERIFY(outcome.edit);
    const auto& points = outcome.edit->level.sketch.leaves[0].marks[0].points;
    QVERIFY(points.size() < 2500);
    level::Route line;
    line.points = points.items();
    for (std::size_t i = 0; i < way.size(); i += 97)
        QVERIFY(nearestPlace(line, way[i])->distancePx <= 1.0 + 1e-9);
}

void SketchTest::rightButton_cutsStrokes_inOneStep() {
    key(Qt::Key_A);
    press("shape-1");
    drag(at(2, 5), at(30, 5));
    QCOMPARE(steps(), std::size_t{1});
    drag(at(15, 3), at(15, 8), Qt::RightButton);
    QCOMPARE(steps(), std::size_t{2});
    QCOMPARE(session().document.history().undoName(), std::string("Erase strokes"));
    QCOMPARE(sketch().leaves[0].marks.size(), std::size_t{2});
    press("eraser");
    drag(at(1, 5), at(31, 5));
    QVERIFY(sketch().leaves[0].marks.empty());
    press("shape-0");
    QVERIFY(!session().workbench.options<SketchOptions>().pencilErases);
}

void SketchTest::shapes_areDrawn_andSnapToHalfCells() {
    key(Qt::Key_A);
    press("shape-2");
    drag(at(4.1, 4.1), at(9.6, 7.9));
    QCOMPARE(sketch().leaves[0].marks[0].points.items(),
             (std::vector<PxPoint>{{64, 64}, {152, 128}}));
    press("shape-1");
    drag(at(4, 10), at(20, 10.6), Qt::LeftButton, Qt::ShiftModifier);
    const Mark line = sketch().leaves[0].marks[1];
    QCOMPARE(line.points[0].y, line.points[1].y);
    press("sketch-snap");
    press("shape-3");
    QTest::mousePress(&board(), Qt::LeftButton, {}, at(22, 3));
    for (const auto& [x, y] : {std::pair(28, 3), {28, 8}, {22, 8}, {22, 4}})
        for (int i = 0; i < 3; ++i)
            QTest::mouseMove(&board(), at(x + i * 0.1, y));
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, at(22, 4));
    QCOMPARE(sketch().leaves[0].marks[2].shape, MarkShape::Outline);
    press("width-1");
    press("pencil-4");
    press("shape-2");
    drag(at(30, 3), at(33, 6));
    QCOMPARE(sketch().leaves[0].marks[3].tone, level::PencilTone::Plum);
    QCOMPARE(sketch().leaves[0].marks[3].width, level::PencilWidth::Bold);
}

void SketchTest::room_isDrawn_named_andLaidAsMatter() {
    key(Qt::Key_A);
    press("shape-2");
    press("room");
    drag(at(4, 4), at(8, 7));
    QVERIFY(sketch().leaves[0].marks[0].isRoom);
    QCOMPARE(session().document.history().undoName(), std::string("Draw room"));
    key(Qt::Key_G);
    click(at(4, 5));
    QCOMPARE(session().workbench.selection().marks.size(), std::size_t{1});
    auto* text = part<QLineEdit>("mark-text");
    text->setText("cellar");
    Q_EMIT text->editingFinished();
    QCOMPARE(sketch().leaves[0].marks[0].text, std::string("cellar"));
    // What it would cover is shown on the board before it is laid.
    const QImage selected = board().grab().toImage();
    QVERIFY(selected.pixelColor(at(6.3, 5.3)) != selected.pixelColor(at(12.3, 5.3)));
    press("lay-marks");
    QCOMPARE(session().document.history().undoName(),
             std::string("Lay the plan, 12 cells with stone"));
    QVERIFY(!session().document.level()->cells.at(7, 6).isOpen());
    QVERIFY(waitForPlan());
    QVERIFY(session().proofs.of({"drawn"})->plan->findings[0].sentence.find("still solid") !=
            std::string::npos);
    part<QComboBox>("lay-matter")->setCurrentIndex(part<QComboBox>("lay-matter")->count() - 1);
    press("lay-marks");
    QVERIFY(session().document.level()->cells.at(7, 6).isOpen());
    QVERIFY(waitForPlan());
    QVERIFY(session().proofs.of({"drawn"})->plan->findings.empty());
}

void SketchTest::label_isWritten_movedAndRewritten() {
    key(Qt::Key_F);
    click(at(10, 10));
    writeWords("look up");
    QCOMPARE(steps(), std::size_t{1});
    QCOMPARE(session().document.history().undoName(), std::string("Write label look up"));
    drag(at(10.2, 10), at(14.2, 12));
    const PxPoint moved = sketch().leaves[0].marks[0].points[0];
    QVERIFY(std::abs(moved.x - 224) <= 2 && std::abs(moved.y - 192) <= 2);
    click(at(14.2, 12));
    writeWords("look down");
    QCOMPARE(sketch().leaves[0].marks[0].text, std::string("look down"));
    click(at(14.2, 12), Qt::RightButton);
    QVERIFY(sketch().leaves[0].marks.empty());
}

void SketchTest::escape_inTheWords_makesNothing() {
    key(Qt::Key_F);
    click(at(10, 10));
    auto* words = part<QLineEdit>("board-words");
    QTest::keyClicks(words, "no");
    QTest::keyClick(words, Qt::Key_Escape);
    QVERIFY(!words->isVisible());
    QCOMPARE(steps(), std::size_t{0});
    click(at(10, 10));
    QVERIFY(words->isVisible());
    QTest::keyClick(words, Qt::Key_Return);
    QCOMPARE(steps(), std::size_t{0});
}

void SketchTest::thing_isPlacedFromACard_andMatchedByDrop() {
    key(Qt::Key_D);
    press("thing-kind-lantern");
    click(at(10, 10));
    QCOMPARE(sketch().leaves[0].marks[0].text, std::string("lantern"));
    press("thing-asked");
    drag(at(20, 8), at(24, 10));
    writeWords("Boat");
    QCOMPARE(sketch().leaves[0].marks[1].points.size(), std::size_t{2});
    // The row "Boat" takes what a card carries.
    QAbstractButton* row = nullptr;
    for (int i = 1; i <= 2; ++i)
        if (auto* each = part<QAbstractButton>(("part-" + std::to_string(i)).c_str());
            each && each->text().contains("Boat"))
            row = each;
    QVERIFY(row && row->accessibleName().contains("to make"));
    QMimeData carried;
    carried.setData(CardButton::partType(), "kind:gate");
    QDragEnterEvent enter(QPoint(5, 5), Qt::CopyAction, &carried, Qt::LeftButton, {});
    QApplication::sendEvent(row, &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent drop(QPointF(5, 5), Qt::CopyAction, &carried, Qt::LeftButton, {});
    QApplication::sendEvent(row, &drop);
    QCOMPARE(session().document.project().parts.size(), std::size_t{1});
    QCOMPARE(session().document.project().parts[0].target, std::string("gate"));
    // Choosing in the list frees it again.
    part<QAbstractButton>("part-1")->click();
    auto* match = part<QComboBox>("part-match");
    QVERIFY(match->currentText().contains("gate"));
    match->setCurrentIndex(0);
    Q_EMIT match->activated(0);
    QVERIFY(session().document.project().parts.empty());
    key(Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(session().document.project().parts.size(), std::size_t{1});
}

void SketchTest::select_movesPoints_groupsMirrorsAndCopies() {
    key(Qt::Key_A);
    press("shape-1");
    drag(at(4, 4), at(10, 4));
    drag(at(4, 8), at(10, 8));
    key(Qt::Key_G);
    click(at(7, 4));
    drag(at(10, 4), at(12, 6));
    QCOMPARE(sketch().leaves[0].marks[0].points[1], (PxPoint{192, 96}));
    drag(at(1, 1), at(16, 12));
    QCOMPARE(session().workbench.selection().marks.size(), std::size_t{2});
    key(Qt::Key_G, Qt::ControlModifier);
    click(at(30, 2));
    QVERIFY(session().workbench.selection().marks.empty());
    click(at(7, 8));
    QCOMPARE(session().workbench.selection().marks.size(), std::size_t{2});
    key(Qt::Key_M);
    QCOMPARE(sketch().leaves[0].marks[0].points[1], (PxPoint{64, 96}));
    key(Qt::Key_Right);
    QCOMPARE(sketch().leaves[0].marks[0].points[1], (PxPoint{80, 96}));
    key(Qt::Key_D, Qt::ControlModifier);
    QCOMPARE(sketch().leaves[0].marks.size(), std::size_t{4});
    QCOMPARE(session().workbench.selection().marks.size(), std::size_t{2});
    key(Qt::Key_C, Qt::ControlModifier);
    key(Qt::Key_V, Qt::ControlModifier);
    QCOMPARE(sketch().leaves[0].marks.size(), std::size_t{6});
    key(Qt::Key_X, Qt::ControlModifier);
    QCOMPARE(sketch().leaves[0].marks.size(), std::size_t{4});
    key(Qt::Key_A, Qt::ControlModifier);
    key(Qt::Key_Delete);
    QVERIFY(sketch().leaves[0].marks.empty());
}

void SketchTest::pencilCard_recoloursTheSelection() {
    key(Qt::Key_A);
    drag(at(4, 4), at(10, 9));
    key(Qt::Key_G);
    click(at(7, 6.5));
    QCOMPARE(session().workbench.selection().marks.size(), std::size_t{1});
    press("pencil-3");
    QCOMPARE(sketch().leaves[0].marks[0].tone, level::PencilTone::Vermilion);
    QCOMPARE(steps(), std::size_t{2});
}

void SketchTest::route_isLedBentAndBeaded() {
    key(Qt::Key_S);
    click(at(2.5, 18.5));
    click(at(20.5, 18.5));
    click(at(37.5, 18.5));
    QCOMPARE(sketch().routes.size(), std::size_t{1});
    QCOMPARE(sketch().routes[0].points.size(), std::size_t{3});
    QCOMPARE(steps(), std::size_t{3});
    press("bead-3");
    click(at(10, 18.5));
    QCOMPARE(sketch().routes[0].beads.size(), std::size_t{1});
    QCOMPARE(sketch().routes[0].beads[0].sort, level::BeadSort::Foe);
    QCOMPARE(*session().workbench.selection().bead, 0);
    auto* note = part<QLineEdit>("bead-note");
    note->setText("crab on the stairs");
    Q_EMIT note->editingFinished();
    QCOMPARE(sketch().routes[0].beads[0].note, std::string("crab on the stairs"));
    // A drag on the line bends it; the bead stays on it.
    drag(at(30, 18.5), at(30, 14));
    QCOMPARE(sketch().routes[0].points.size(), std::size_t{4});
    QCOMPARE(sketch().routes[0].beads[0].leg, 0);
    drag(at(10, 18.5), at(15, 18.4));
    QVERIFY(placeOf(sketch().routes[0], sketch().routes[0].beads[0]).x > 230);
    QVERIFY(waitForPlan());
    QVERIFY(session().proofs.of({"drawn"})->plan->routes[0].run);
    QVERIFY(part<QLabel>("plan-verdict")->text().contains("4 of 4"));
    // The right button takes a way point away, then the bead.
    click(at(30, 14), Qt::RightButton);
    QCOMPARE(sketch().routes[0].points.size(), std::size_t{3});
    click(at(15, 18.5), Qt::RightButton);
    QVERIFY(sketch().routes[0].beads.empty());
}

void SketchTest::bead_getsARegion_andIsJudged() {
    key(Qt::Key_S);
    click(at(2.5, 18.5));
    click(at(37.5, 18.5));
    click(at(20, 18.5));
    press("draw-region");
    drag(at(18.5, 0.5), at(19.5, 18.5));
    QCOMPARE(*sketch().routes[0].beads[0].region, (CellRect{18, 0, 2, 19}));
    QVERIFY(!session().workbench.options<SketchOptions>().drawsRegion);
    QVERIFY(waitForPlan());
    QVERIFY(part<QLabel>("bead-state")->text().contains("met"));
    press("draw-region");
    drag(at(18.5, 17.5), at(19.5, 18.5));
    QVERIFY(waitForPlan());
    QCOMPARE(part<QLabel>("bead-state")->text(), QString("can be skipped"));
    QVERIFY(part<QAbstractButton>("plan-finding-1")->accessibleName().contains("can be skipped"));
    press("drop-region");
    QVERIFY(waitForPlan());
    QVERIFY(part<QLabel>("bead-state")->text().contains("passed"));
}

void SketchTest::sideRoute_isBegun_andChosenOnTheBoard() {
    key(Qt::Key_S);
    click(at(2.5, 18.5));
    click(at(37.5, 18.5));
    press("new-route");
    click(at(5.5, 10.5));
    click(at(12.5, 10.5));
    QCOMPARE(sketch().routes.size(), std::size_t{2});
    QCOMPARE(sketch().routes[1].name, std::string("Side 1"));
    QCOMPARE(routeInHand(session().workbench.options(), *session().document.level()), 1);
    click(at(20, 18.5));  // on the other route's line: it is taken in hand, nothing is laid
    QCOMPARE(routeInHand(session().workbench.options(), *session().document.level()), 0);
    QCOMPARE(sketch().routes[0].beads.size(), std::size_t{0});
    auto* name = part<QLineEdit>("route-name");
    name->setText("Way home");
    Q_EMIT name->editingFinished();
    QCOMPARE(sketch().routes[0].name, std::string("Way home"));
    press("delete-route");
    QCOMPARE(sketch().routes.size(), std::size_t{1});
}

void SketchTest::routeEnds_becomeSpawnAndExit() {
    key(Qt::Key_S);
    click(at(6.5, 18.5));
    click(at(30.5, 18.5));
    press("lay-route");
    QCOMPARE(steps(), std::size_t{3});
    const level::Entity* keeper = findEntity(*session().document.level(), {"keeper-1"});
    const level::Entity* gate = findEntity(*session().document.level(), {"gate-1"});
    QCOMPARE(keeper->box, (PxRect{6 * 16 + 2, 19 * 16 - 22, 12, 22}));
    QCOMPARE(gate->box, (PxRect{30 * 16, 17 * 16, 16, 32}));
}

void SketchTest::leaves_areAddedHiddenLockedAndMoved() {
    key(Qt::Key_A);
    drag(at(4, 4), at(10, 9));
    press("add-leaf");
    QCOMPARE(leafInHand(session().workbench.options(), *session().document.level()), 1);
    drag(at(14, 4), at(20, 9));
    QCOMPARE(sketch().leaves[1].marks.size(), std::size_t{1});
    press("leaf-locked-2");
    drag(at(14, 10), at(20, 12));
    QCOMPARE(sketch().leaves[1].marks.size(), std::size_t{1});
    QVERIFY2(said().contains("locked"), qPrintable(said()));
    press("leaf-locked-2");
    press("leaf-shown-2");
    drag(at(14, 10), at(20, 12));
    QVERIFY2(said().contains("hidden"), qPrintable(said()));
    QVERIFY(!sketch().leaves[1].isShown);
    press("leaf-down");
    QCOMPARE(sketch().leaves[0].name, std::string("Leaf 2"));
    QCOMPARE(leafInHand(session().workbench.options(), *session().document.level()), 0);
    part<QSpinBox>("leaf-opacity")->setValue(40);
    QCOMPARE(sketch().leaves[0].opacity, 40);
    press("remove-leaf");
    QCOMPARE(sketch().leaves.size(), std::size_t{1});
}

void SketchTest::underlay_isPlacedScaledTurnedAndSaved_data() {
    QTest::addColumn<QString>("name");
    QTest::newRow("png") << "Plan 1.png";
    QTest::newRow("jpeg") << "plan.jpg";
    QTest::newRow("svg") << "plan.svg";
}

void SketchTest::underlay_isPlacedScaledTurnedAndSaved() {
    QFETCH(QString, name);
    const QString file = m_folder->filePath(name);
    if (name.endsWith("svg")) {
        testing::writeBytes(file,
                            "<svg xmlns='http://www.w3.org/2000/svg' width='400' "
                            "height='200'><rect width='90' height='90'/></svg>");
    } else {
        QImage image(400, 200, QImage::Format_RGB32);
        image.fill(QColor(200, 120, 40));
        QVERIFY(image.save(file));
    }
    const QImage before = board().grab().toImage();
    placeUnderlay(session(), m_window.get(), file);
    QVERIFY(QTest::qWaitFor([&] { return sketch().underlay.has_value(); }));
    // It fits the level: 640 x 320 px.
    QCOMPARE(sketch().underlay->scale, 1.6);
    QVERIFY(QTest::qWaitFor([&] { return board().isComplete(); }));
    QVERIFY(board().grab().toImage() != before);
    // Two points 10 cells apart are said to be 5 cells apart.
    press("measure-underlay");
    drag(at(10, 10), at(20, 10));
    writeWords("5");
    QCOMPARE(sketch().underlay->scale, 0.8);
    QCOMPARE(sketch().underlay->corner, (PxPoint{80, 80}));
    press("measure-underlay");
    drag(at(10, 10), at(20, 10));
    writeWords("many");
    QVERIFY2(said().contains("cannot be scaled"), qPrintable(said()));
    press("turn-underlay");
    QCOMPARE(sketch().underlay->turns, 1);
    drag(at(12, 10), at(13, 10));
    const PxPoint moved = sketch().underlay->corner;
    QVERIFY(session().workbench.selection().hasUnderlay);
    press("underlay-locked");
    drag(at(12, 10), at(13, 10));
    QCOMPARE(sketch().underlay->corner, moved);
    part<QSpinBox>("underlay-opacity")->setValue(80);
    const level::Underlay underlay = *sketch().underlay;
    const QString folder = m_folder->filePath("saved");
    QVERIFY(session().writer.save(folder));
    QVERIFY(QFile::exists(folder + "/" + QString::fromStdString(underlay.path)));
    QVERIFY(session().document.open(folder));
    QVERIFY(*sketch().underlay == underlay);
    press("remove-underlay");
    QVERIFY(!sketch().underlay);
}

void SketchTest::underlay_thatIsNoPicture_isRefused_data() {
    QTest::addColumn<QString>("name");
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<QString>("words");
    QTest::newRow("text") << "plan.png" << QByteArray("not a picture") << "no picture";
    QTest::newRow("empty") << "plan.png" << QByteArray() << "no picture";
    QTest::newRow("bitmap of another sort")
        << "plan.png" << QByteArray("P6 1 1 255 abc") << "no picture";
    QByteArray wide;
    QBuffer buffer(&wide);
    QImage(8193, 1, QImage::Format_Mono).save(&buffer, "PNG");
    QByteArray half;
    QBuffer halfBuffer(&half);
    QImage noise(90, 90, QImage::Format_RGB32);
    for (int i = 0; i < 8100; ++i)
        noise.setPixel(i % 90, i / 90, QRgb(i * 2654435761u));
    noise.save(&halfBuffer, "PNG");
    QTest::newRow("broken off") << "plan.png" << half.left(half.size() / 2) << "broken";
    QTest::newRow("too wide") << "plan.png" << wide << "8193 x 1";
    QTest::newRow("not there") << "" << QByteArray() << "cannot be read";
}

void SketchTest::underlay_thatIsNoPicture_isRefused() {
    QFETCH(QString, name);
    QFETCH(QByteArray, bytes);
    QFETCH(QString, words);
    const QString file = m_folder->filePath(name.isEmpty() ? QStringLiteral("gone.png") : name);
    if (!name.isEmpty()) testing::writeBytes(file, bytes);
    placeUnderlay(session(), m_window.get(), file);
    QVERIFY2(QTest::qWaitFor([&] { return said().contains(words); }), qPrintable(said()));
    QVERIFY(!sketch().underlay);
    QCOMPARE(steps(), std::size_t{0});
}

void SketchTest::plan_isJudgedAnew_afterAnEdit() {
    key(Qt::Key_S);
    click(at(2.5, 18.5));
    click(at(20.5, 10.5));
    click(at(37.5, 18.5));
    QVERIFY(waitForPlan());
    QVERIFY(!session().proofs.of({"drawn"})->plan->routes[0].passings[1].isPassed);
    QVERIFY(part<QLabel>("plan-verdict")->text().contains("2 of 3"));
    // Steps up to the way point are laid in Shape.
    level::Level level = *session().document.level();
    for (int i = 0; i < 4; ++i)
        level.cells.fillRect({10 + 3 * i, 17 - 2 * i, 3, 1}, level::Cell({2}));
    session().document.apply(level::LevelEdit{level, "Lay steps", {10, 10, 12, 8}});
    QVERIFY(waitForPlan());
    QVERIFY(session().proofs.of({"drawn"})->plan->routes[0].passings[1].isPassed);
    QVERIFY(part<QLabel>("plan-verdict")->text().contains("3 of 3"));
}

void SketchTest::planFindings_showInProve() {
    key(Qt::Key_D);
    click(at(10, 10));
    writeWords("Boat");
    QVERIFY(waitForPlan());
    QTest::keyClick(m_window.get(), Qt::Key_5);
    auto* note = part<QAbstractButton>("finding-1");
    QVERIFY(note && note->text().startsWith("Boat is on the plan"));
    session().document.undo();
    QVERIFY(waitForPlan());
    QCOMPARE(check::openCount(session().proofs.of({"drawn"})->report.findings()), std::size_t(0));
}

void SketchTest::everything_survivesSavingAndReopening() {
    key(Qt::Key_A);
    drag(at(4, 4), at(10, 9));
    press("shape-2");
    press("room");
    drag(at(12, 4), at(16, 8));
    key(Qt::Key_F);
    click(at(20, 5));
    writeWords("high");
    key(Qt::Key_D);
    drag(at(22, 10), at(25, 12));
    writeWords("Crate pile");
    key(Qt::Key_S);
    click(at(2.5, 18.5));
    click(at(37.5, 18.5));
    click(at(20, 18.5));
    press("draw-region");
    drag(at(18.5, 10.5), at(19.5, 18.5));
    const level::Sketch drawn = sketch();
    QCOMPARE(drawn.leaves[0].marks.size(), std::size_t{4});
    const QString folder = m_folder->filePath("saved");
    QVERIFY(session().writer.save(folder));
    QVERIFY(session().document.open(folder));
    QVERIFY(sketch() == drawn);
}

void SketchTest::plan_isSeenInShape_ifWanted() {
    key(Qt::Key_A);
    press("width-1");
    drag(at(4, 4), at(30, 12));
    QTest::keyClick(m_window.get(), Qt::Key_2);
    board().setFocus();
    QTest::mouseMove(&board(), at(35, 2));
    QVERIFY(QTest::qWaitFor([&] { return board().isComplete(); }));
    const QImage with = board().grab().toImage();
    ShapeOptions options = session().workbench.options<ShapeOptions>();
    options.showsPlan = false;
    session().workbench.setOptions(options);
    QVERIFY(board().grab().toImage() != with);
}

void SketchTest::controls_haveAccessibleNames() {
    QVERIFY(session().document.open(testing::copyDemo(*m_folder)));
    Selection selection;
    selection.bead = 0;
    for (const Qt::Key tool : {Qt::Key_A, Qt::Key_S, Qt::Key_D, Qt::Key_F, Qt::Key_G}) {
        board().setFocus();
        key(tool);
        session().workbench.select(selection);
        for (QWidget* widget : m_window->findChildren<QWidget*>()) {
            const bool isControl = (widget->focusPolicy() & Qt::TabFocus) && widget->isVisible() &&
                                   widget->objectName() != "qt_spinbox_lineedit";
            if (!isControl) continue;
            const auto* button = qobject_cast<QAbstractButton*>(widget);
            const bool hasName =
                !widget->accessibleName().isEmpty() || (button && !button->text().isEmpty());
            QVERIFY2(hasName, qPrintable(QString("%1 %2").arg(widget->metaObject()->className(),
                                                              widget->objectName())));
        }
    }
}

ROOK_TEST(SketchTest)

}  // namespace rook::sketch_test

#include "sketch_test.moc"
