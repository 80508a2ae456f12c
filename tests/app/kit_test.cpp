/// Kit boards in the real window: placing, joining, paths, rooms, storeys, the view aslant, pieces.

#include <QAbstractButton>
#include <QAction>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QSlider>
#include <QSpinBox>

#include "app/panels/panel_section.h"
#include "app/play/kit_walk.h"
#include "app/steps/cast/cast_options.h"
#include "app/steps/kit/axon_view.h"
#include "app/steps/kit/kit_options.h"
#include "app/steps/kit/kit_sections.h"
#include "app/steps/sketch/place_underlay.h"
#include "check/audit.h"
#include "file/model_file.h"
#include "kit/audit.h"
#include "kit/pieces.h"
#include "kit_window.h"

namespace rook::kit_test {

using namespace rook::app;

using level::PlacedPiece;

class KitWindowTest : public testing::KitWindow {
    Q_OBJECT
private slots:
    void initTestCase() { prepare("rookplot-kit-test"); }
    void cleanupTestCase() { qunsetenv("ROOKPLOT_NO_OPENGL"); }
    void init() { beginKitLevel(); }
    void cleanup() { endKitLevel(); }
    void level_isBuiltFromNothing_walked_undone_savedAndReopened();
    void piece_joinsAnOpenPort_andSaysWhyNot();
    void row_isDragged_asOneUndo();
    void selection_isMoved_turned_copied_andDeletedByKeys();
    void shift_placesAtAFraction_andSetStraightMends();
    void room_isLaidByNumber_andItsWallOpenedByAClick();
    void path_findsItsWay_withShift();
    void ports_areClosed_byClick_andAll();
    void storeys_goUpAndDown_byKeys();
    void axon_placesAndPicks_asThePlan();
    void piece_isDrawnAsBlocks();
    void kit_isChangedByNumbers_andProfilesByWords();
    void piece_isReplaced_inAllLevels();
    void model_isExamined_fitted_andPlaced();
    void findings_showTheirStorey_andAreFixed();
    void demoQuay_isProven_andWalkedToItsExit();
    void clock_harmsWhoWalks_andTheRunGetsThrough();
    void raft_carriesWhoWalks_andIsShown();
    void underlay_liesUnderItsStorey();
    void editedPiece_isProvenAnew();
    void newPiece_getsACard();
    void selection_losesPieces_thatAreUndone();
    void missingKit_isSaid_andNothingBreaks();
};

/// As a designer would: a room, a hall out of it, stairs, a storey more; start and exit; walk.
void KitWindowTest::level_isBuiltFromNothing_walked_undone_savedAndReopened() {
    QCOMPARE(session().document.level()->kit, std::string("quay"));
    key(Qt::Key_D);
    QCOMPARE(session().workbench.tool(), std::string("room"));
    drag({{2, 2}, {5, 4}});
    QCOMPARE(countOf("corner"), 4);
    key(Qt::Key_S);
    drag({{5, 3}, {6, 3}, {8, 3}});
    QCOMPARE(countOf("frame"), 1);
    take("stairs");
    click(9, 3);
    QVERIFY2(at(9, 3), "stairs join the hall");
    take("walkway");
    click(10, 3);
    // The stairs lead up, and the tool goes along.
    QCOMPARE(session().workbench.storey(), 1);
    QVERIFY(at(10, 3, 1));
    take("alcove");
    QCOMPARE(level().pieces.size(), std::size_t{12 + 3 + 2});
    QVERIFY(waitForProof());
    const auto& faults = session().proofs.of(level().id)->answer.onKit()->audit.faults;
    QCOMPARE(faults.size(), std::size_t{1});  // the hall's end
    press("close-all");
    QVERIFY(waitForProof());
    QVERIFY(session().proofs.of(level().id)->answer.onKit()->audit.faults.empty());
    // Start and exit.
    level::Level next = level();
    level::Entity start;
    start.id = {"keeper-1"};
    start.kind = {"keeper"};
    start.box = {3 * 32 + 10, 3 * 32 + 10, 12, 12};
    level::Entity gate = start;
    gate.id = {"gate-1"};
    gate.kind = {"gate"};
    gate.box = {10 * 32 + 8, 3 * 32, 16, 28};
    gate.storey = 1;
    next.entities.append(start);
    next.entities.append(gate);
    session().document.apply(level::LevelEdit{next, "Populate", {}});
    QVERIFY(waitForProof());
    QCOMPARE(session().proofs.of(level().id)->answer.verdict.kind, reach::VerdictKind::Reached);
    board().startWalk(false);
    QVERIFY(board().isWalking());
    QTest::keyPress(&board(), Qt::Key_Right);
    QTRY_VERIFY_WITH_TIMEOUT(board().playtest()->kitPlace()->storey == 1, 8000);
    QTest::keyRelease(&board(), Qt::Key_Right);
    QCOMPARE(session().workbench.storey(), 1);
    key(Qt::Key_Escape);
    QVERIFY(!board().isWalking());
    // Broken: the stairs go; then all is undone and done again.
    const level::Level whole = level();
    selectPieces({at(9, 3)->id});
    key(Qt::Key_Delete);
    QVERIFY(waitForProof());
    QCOMPARE(session().proofs.of(level().id)->answer.verdict.kind, reach::VerdictKind::NotReached);
    const int steps = 7;
    for (int i = 0; i < steps; ++i)
        session().document.undo();
    QVERIFY(level().pieces.empty());
    for (int i = 0; i < steps - 1; ++i)
        session().document.redo();
    QVERIFY(level().pieces == whole.pieces);
    m_window->save();
    session().writer.waitForWriting();
    const LevelId id = level().id;
    QVERIFY(m_window->openProject(m_demo));
    QVERIFY(session().document.project().findLevel(id)->pieces == whole.pieces);
}

void KitWindowTest::piece_joinsAnOpenPort_andSaysWhyNot() {
    take("walkway");
    click(4, 4);
    take("bend");
    QTest::mouseMove(&board(), module(5, 4));
    QVERIFY(board().toolPreview().label.startsWith("joins Walkway 1"));
    QCOMPARE(board().toolPreview().contacts.size(), std::size_t{1});
    take("flags");
    QTest::mouseMove(&board(), module(6, 6));
    QTest::mouseMove(&board(), module(5, 4));
    QVERIFY2(board().toolPreview().label.contains("another profile"),
             qPrintable(board().toolPreview().label));
    // Comma and point turn what is in hand.
    take("walkway");
    key(Qt::Key_Period);
    QCOMPARE(session().workbench.options<KitOptions>().pieceTurn, 1);
    key(Qt::Key_Comma);
    key(Qt::Key_Comma);
    QCOMPARE(session().workbench.options<KitOptions>().pieceTurn, 3);
    // Ctrl picks what is under the pointer, the right button takes it away.
    take("flags");
    click(4, 4, Qt::LeftButton, Qt::ControlModifier);
    QCOMPARE(session().workbench.options<KitOptions>().piece, std::string("walkway"));
    click(4, 4, Qt::RightButton);
    QVERIFY(level().pieces.empty());
}

void KitWindowTest::row_isDragged_asOneUndo() {
    take("walkway");
    drag({{3, 6}, {5, 6}, {9, 6}});
    QCOMPARE(countOf("walkway"), 7);
    session().document.undo();
    QVERIFY(level().pieces.empty());
}

void KitWindowTest::selection_isMoved_turned_copied_andDeletedByKeys() {
    take("landing");
    click(5, 5);
    take("landing", "select");
    drag({{0, 0}, {10, 10}});
    QCOMPARE(session().workbench.selection().pieces.size(), std::size_t{1});
    const CellPoint from = level().pieces[0].at;
    key(Qt::Key_Right);
    key(Qt::Key_Down);
    QCOMPARE(level().pieces[0].at, (CellPoint{from.x + 1, from.y + 1}));
    key(Qt::Key_Period);
    QCOMPARE(level().pieces[0].turn, 1);
    key(Qt::Key_D, Qt::ControlModifier);
    QCOMPARE(level().pieces.size(), std::size_t{2});
    QCOMPARE(level().pieces[1].at.x, level().pieces[0].at.x + 2);
    // Copies a storey up, by numbers.
    part<QSpinBox>("copy-storeys")->setValue(1);
    part<QSpinBox>("copy-x")->setValue(0);
    press("copy-there");
    QCOMPARE(level().pieces.size(), std::size_t{3});
    QCOMPARE(level().pieces[2].storey, 1);
    // Dragging moves by whole modules.
    selectPieces({level().pieces[0].id});
    const CellPoint now = level().pieces[0].at;
    drag({now, {now.x + 1, now.y + 2}});
    QCOMPARE(level().pieces[0].at, (CellPoint{now.x + 1, now.y + 2}));
    key(Qt::Key_Delete);
    QCOMPARE(level().pieces.size(), std::size_t{2});
}

void KitWindowTest::shift_placesAtAFraction_andSetStraightMends() {
    take("flags");
    const QPoint off = board().view().toWidget(PxPoint{4 * 32 + 26, 4 * 32 + 16}).toPoint();
    QTest::mouseMove(&board(), off);
    QTest::mouseClick(&board(), Qt::LeftButton, Qt::ShiftModifier, off);
    QCOMPARE(Rational(level().pieces[0].at.x) + level().pieces[0].offX, Rational(17, 4));
    QVERIFY(waitForProof());
    QVERIFY(part<QLabel>("fit-open"));
    press("straight-all");
    QVERIFY(level().pieces[0].offX.isZero());
}

void KitWindowTest::room_isLaidByNumber_andItsWallOpenedByAClick() {
    session().workbench.chooseTool("room");
    part<QSpinBox>("room-width")->setValue(5);
    part<QSpinBox>("room-depth")->setValue(3);
    choose("room-ceiling", 1);
    board().setFocus();
    click(3, 3);
    QCOMPARE(level().pieces.size(), std::size_t(30));
    QCOMPARE(countOf("corner"), 4);
    QCOMPARE(countOf("boarding"), 15);
    QCOMPARE(at(3, 3, 1)->piece, std::string("boarding"));
    // On a wall of it: a door.
    const QPoint wall = board().view().toWidget(PxPoint{5 * 32 + 16, 3 * 32 + 3}).toPoint();
    QTest::mouseMove(&board(), wall);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, wall);
    QCOMPARE(countOf("frame"), 1);
    QCOMPARE(at(5, 3)->turn, 0);
    session().document.undo();
    session().document.undo();
    QVERIFY(level().pieces.empty());
}

void KitWindowTest::path_findsItsWay_withShift() {
    take("flags");
    drag({{6, 1}, {6, 8}});  // a row in the way
    session().workbench.chooseTool("path");
    board().setFocus();
    QTest::mousePress(&board(), Qt::LeftButton, Qt::ShiftModifier, module(4, 5));
    QMouseEvent move(QEvent::MouseMove, module(8, 5), board().mapToGlobal(module(8, 5)),
                     Qt::NoButton, Qt::LeftButton, Qt::ShiftModifier);
    QCoreApplication::sendEvent(&board(), &move);
    QTest::mouseRelease(&board(), Qt::LeftButton, Qt::ShiftModifier, module(8, 5));
    // Round the lower end: four down, four to the right, four up.
    QCOMPARE(level().pieces.size(), std::size_t(8 + 13));
    QCOMPARE(countOf("bend"), 2);
    QVERIFY(!at(6, 5) || at(6, 5)->piece == "flags");
}

void KitWindowTest::ports_areClosed_byClick_andAll() {
    take("crossing");
    click(6, 6);
    key(Qt::Key_F);
    click(6, 6);
    QCOMPARE(countOf("pier"), 4);
    session().document.undo();
    press("close-all");
    QCOMPARE(countOf("pier"), 4);
}

void KitWindowTest::storeys_goUpAndDown_byKeys() {
    take("flags");
    click(3, 3);
    key(Qt::Key_PageUp);
    QCOMPARE(session().workbench.storey(), 1);
    click(3, 3);
    QVERIFY(at(3, 3, 0) && at(3, 3, 1));
    // The stack in the margin: the highest on top.
    auto* rows = part<QAbstractButton>("storey-row-1");
    QVERIFY(rows);
    rows->click();
    QCOMPARE(session().workbench.storey(), 0);
    key(Qt::Key_PageDown);
    QCOMPARE(session().workbench.storey(), 0);
}

void KitWindowTest::axon_placesAndPicks_asThePlan() {
    trigger("depth-action");
    trigger("depth-action");
    auto* axon = part<AxonView>("axon");
    QVERIFY(axon->isVisible() && !board().isVisible());
    take("flags");
    const auto on = [&](double x, double y, double z) { return axon->toWidget(x, y, z).toPoint(); };
    QTest::mouseMove(axon, on(6.5, 5.5, 0));
    QTest::mouseClick(axon, Qt::LeftButton, {}, on(6.5, 5.5, 0));
    QVERIFY(at(6, 5));
    // A storey higher, over it.
    session().workbench.chooseTool("place");
    session().workbench.setStorey(session().workbench.storey() + 1);
    QTest::mouseClick(axon, Qt::LeftButton, {}, on(6.5, 5.5, 3));
    QVERIFY(at(6, 5, 1));
    // What is seen is what is picked: the upper one; peeled off, the lower one.
    session().workbench.chooseTool("select");
    axon->grab();
    QTest::mouseClick(axon, Qt::LeftButton, {}, on(6.5, 5.5, 3));
    QCOMPARE(session().workbench.selection().pieces, (std::vector<int>{at(6, 5, 1)->id}));
    axon->setPeel(0);
    QTest::mouseClick(axon, Qt::LeftButton, {}, on(6.5, 5.5, 0));
    QCOMPARE(session().workbench.selection().pieces, (std::vector<int>{at(6, 5, 0)->id}));
    const QImage peeled = axon->grab().toImage();
    axon->setPeel(1);
    QVERIFY(axon->grab().toImage() != peeled);
    trigger("depth-action");
    QVERIFY(board().isVisible() && !axon->isVisible());
}

void KitWindowTest::piece_isDrawnAsBlocks() {
    if (auto* title = part<QAbstractButton>("fold-kit-piece")) title->click();
    press("piece-new");
    const std::string name = session().workbench.options<KitOptions>().piece;
    const level::Piece* piece = kit().find(name);
    QVERIFY(piece && piece->cells.size() == 1);
    auto* plan = part<QWidget>("piece-plan");
    plan->resize(240, 190);
    const QPointF middle(plan->width() / 2.0, plan->height() / 2.0);
    // One module stands in the middle; a click right of it adds another one.
    QTest::mouseClick(plan, Qt::LeftButton, {}, (middle + QPointF(50, 0)).toPoint());
    QCOMPARE(kit().find(name)->bounds(), (CellRect{0, 0, 2, 1}));
    press("piece-tool-5");  // wall
    QTest::mouseClick(plan, Qt::LeftButton, {}, (middle + QPointF(-28, -20)).toPoint());
    QCOMPARE(kit().find(name)->cells[0].walls, 1u << int(level::Side::Up));
    press("piece-tool-6");  // port
    QTest::mouseClick(plan, Qt::LeftButton, {}, (middle + QPointF(50, 0)).toPoint());
    QCOMPARE(kit().find(name)->ports.size(), std::size_t{1});
    QCOMPARE(kit().find(name)->ports[0].side, level::Side::Right);
    press("piece-tool-1");  // ramp
    part<QDoubleSpinBox>("piece-rise")->setValue(1.5);
    QTest::mouseClick(plan, Qt::LeftButton, {}, (middle + QPointF(50, 0)).toPoint());
    const auto& ramp = kit().find(name)->cells[1];
    QCOMPARE(ramp.surface, level::SurfaceSort::Ramp);
    QCOMPARE(ramp.rise.thousandths, std::int64_t{1500});
    QCOMPARE(ramp.up, level::Side::Right);
    auto* title = part<QLineEdit>("piece-title");
    title->setFocus();
    title->selectAll();
    QTest::keyClicks(title, "Slip");
    QTest::keyClick(title, Qt::Key_Return);
    QCOMPARE(kit().find(name)->title, std::string("Slip"));
    press("piece-delete");
    QVERIFY(!kit().find(name));
}

void KitWindowTest::kit_isChangedByNumbers_andProfilesByWords() {
    part<QDoubleSpinBox>("kit-storey")->setValue(3.5);
    QCOMPARE(kit().storey.thousandths, std::int64_t{3500});
    part<QSpinBox>("kit-fraction")->setValue(10);
    QCOMPARE(kit().fraction, 10);
    auto* line = part<QLineEdit>("kit-profiles");
    const auto type = [&](const char* words) {
        line->setFocus();
        line->selectAll();
        QTest::keyClicks(line, words);
        QTest::keyClick(line, Qt::Key_Return);
    };
    type("quay: quay, yard; yard: yard; latch: latch*; hatch:");
    QCOMPARE(kit().profiles.size(), std::size_t{4});
    QVERIFY(kit().profiles[0].fits.size() == 2 && kit().profiles[2].fits[0].isMirrored);
    // What its pieces need cannot go, and what is no profile is told.
    type("quay: quay");
    QCOMPARE(kit().profiles.size(), std::size_t{4});
    type("Quay!");
    QCOMPARE(kit().profiles.size(), std::size_t{4});
    QVERIFY(m_window->findChild<QLabel*>("status-verdict")->text().contains("is no profile"));
    press("kit-new");
    QCOMPARE(session().document.project().kits.size(), std::size_t{2});
    QCOMPARE(session().document.project().kits[1].name, std::string("kit"));
}

void KitWindowTest::piece_isReplaced_inAllLevels() {
    const int before = [&] {
        int count = 0;
        for (const auto& each : session().document.project().levels)
            for (const PlacedPiece& placed : each->pieces)
                count += placed.piece == "flags";
        return count;
    }();
    QVERIFY(before > 0);
    choose("piece-former", 0);
    choose("piece-next", 1);
    press("piece-replace");
    for (const auto& each : session().document.project().levels)
        for (const PlacedPiece& placed : each->pieces)
            QVERIFY(placed.piece != "flags");
    session().document.undo();
}

void KitWindowTest::model_isExamined_fitted_andPlaced() {
    kit::Mesh mesh = kit::meshOf(kit::facesOf(kit(), *kit().find("flags")));
    for (kit::Point3& p : mesh.points)
        p = {p.x * 1.01, p.y, p.z + 0.2};
    const QTemporaryDir folder;
    const QString file = folder.filePath("Paving.glb");
    testing::writeBytes(file, QByteArray::fromStdString(file::glbOf(mesh, "Paving", "#777777")));
    PanelSection* section = nullptr;
    for (QWidget* parent = part<QWidget>("piece-remarks"); parent && !section;
         parent = parent->parentWidget())
        section = dynamic_cast<PanelSection*>(parent);
    QVERIFY(section);
    examineModel(section, file);
    QVERIFY2(part<QLabel>("piece-remarks")->text().contains("too wide by 0.04 units"),
             qPrintable(part<QLabel>("piece-remarks")->text()));
    press("piece-fit");
    const std::string name = session().workbench.options<KitOptions>().piece;
    QCOMPARE(name, std::string("paving"));
    QVERIFY(!kit().find(name)->measure);
    QVERIFY(QFile::exists(m_demo + "/kits/paving.glb"));
    session().workbench.chooseTool("place");
    click(8, 8);
    QVERIFY(at(8, 8));
    trigger("depth-action");
    auto* axon = part<AxonView>("axon");
    axon->grab();  // with its model
    trigger("depth-action");
    trigger("depth-action");
    // A broken one is told in one sentence.
    testing::writeBytes(file, "glTF");
    for (QWidget* parent = part<QWidget>("piece-remarks"); parent; parent = parent->parentWidget())
        if ((section = dynamic_cast<PanelSection*>(parent))) break;
    examineModel(section, file);
    QVERIFY(part<QLabel>("piece-remarks")->text().contains("cannot be read"));
}

void KitWindowTest::findings_showTheirStorey_andAreFixed() {
    take("flags");
    session().workbench.setStorey(session().workbench.storey() + 1);
    const QPoint off = board().view().toWidget(PxPoint{4 * 32 + 26, 4 * 32 + 16}).toPoint();
    QTest::mouseMove(&board(), off);
    QTest::mouseClick(&board(), Qt::LeftButton, Qt::ShiftModifier, off);
    session().workbench.setStorey(session().workbench.storey() + -1);
    QVERIFY(waitForProof());
    const auto& findings = session().proofs.of(level().id)->report.findings();
    const auto found = std::find_if(findings.begin(), findings.end(), [](const auto& finding) {
        return finding.kind == check::FindingKind::KitOffModule;
    });
    QVERIFY(found != findings.end());
    session().workbench.setStep(Step::Prove);
    const auto name = QStringLiteral("finding-%1").arg(found - findings.begin() + 1);
    QTRY_VERIFY(part<QAbstractButton>(qPrintable(name)));
    part<QAbstractButton>(qPrintable(name))->click();
    QCOMPARE(session().workbench.storey(), 1);
    QCOMPARE(session().workbench.selection().pieces.size(), std::size_t{1});
    session().document.apply(check::fixOf(session().document.project(), level(), *found));
    QVERIFY(level().pieces[0].offX.isZero());
}

void KitWindowTest::demoQuay_isProven_andWalkedToItsExit() {
    session().document.chooseLevel({"keepers-quay"});
    QVERIFY(waitForProof());
    const auto proven = session().proofs.of({"keepers-quay"});
    QCOMPARE(proven->answer.verdict.kind, reach::VerdictKind::Reached);
    QVERIFY(proven->report.findings().empty());
    // Along the way of the proof, module by module, the body gets there.
    const auto& answer = *proven->answer.onKit();
    const auto goal = std::find_if(answer.reach.goals.begin(), answer.reach.goals.end(),
                                   [](const auto& each) { return each.id == "gate-1"; });
    auto walk = KitWalk::begin(session().document.project(), session().document.level(), {}, 0);
    QVERIFY(walk.has_value());
    for (const int patch : goal->way) {
        const kit::Spot& spot = answer.graph.patches()[std::size_t(patch)].spot;
        for (int tick = 0; tick < 200; ++tick) {
            const KitWalk::Place place = (*walk)->place();
            const double dx = spot.at.x + 0.5 - place.x;
            const double dy = spot.at.y + 0.5 - place.y;
            if (std::abs(dx) < 0.05 && std::abs(dy) < 0.05) break;
            (*walk)->setWish(std::abs(dx) < 0.05 ? 0
                             : dx > 0            ? 1
                                                 : -1,
                             std::abs(dy) < 0.05 ? 0
                             : dy > 0            ? 1
                                                 : -1);
            (*walk)->tick();
        }
    }
    QVERIFY((*walk)->isTaken("valve-1"));
    QCOMPARE((*walk)->lastExit(), std::string("gate-1"));
}

/// A thing in the level on the board, in px.
level::Entity thing(const char* id, const char* kind, const PxRect& box) {
    level::Entity entity;
    entity.id = {id};
    entity.kind = {kind};
    entity.box = box;
    return entity;
}

/// From the start to that exit by the run that was proven; how often it was harmed, or -1 if it
/// does not get there.
int deathsTo(KitWalk& walk, const level::Project& project, const level::Level& level,
             const reach::KitAnswer& answer, const char* exit) {
    walk.beginAgain();
    for (const kit::KitGoal& goal : answer.reach.goals)
        if (goal.id == exit) walk.follow(pacedRun(project, level, answer.graph, goal.states));
    const int before = walk.finished(), deaths = walk.deaths();
    for (int tick = 0; tick < 4000 && walk.finished() == before; ++tick)
        walk.tick();
    return walk.finished() == before || walk.lastExit() != exit ? -1 : walk.deaths() - deaths;
}

void KitWindowTest::clock_harmsWhoWalks_andTheRunGetsThrough() {
    key(Qt::Key_D);
    drag({{2, 2}, {7, 4}});
    level::Level next = level();
    next.entities.append(thing("keeper-1", "keeper", {2 * 32 + 10, 3 * 32 + 10, 12, 12}));
    next.entities.append(thing("gate-1", "gate", {7 * 32 + 8, 3 * 32 + 2, 16, 28}));
    level::Entity steam = thing("steam-1", "steam", {4 * 32, 2 * 32, 32, 96});
    steam.data.timetable = runtime::Timetable{120, {{0, 60}}};
    next.entities.append(steam);
    level::Entity crab = thing("crab-1", "crab", {6 * 32 + 8, 2 * 32 + 8, 16, 14});
    crab.facing = level::Facing::Down;
    crab.data.patrol.gait = level::Gait::Walks;
    next.entities.append(crab);
    session().document.apply(level::LevelEdit{next, "Populate", {}});
    QVERIFY(waitForProof());
    const auto proven = session().proofs.of(level().id);
    QCOMPARE(proven->answer.verdict.kind, reach::VerdictKind::Reached);
    auto walk = KitWalk::begin(session().document.project(), session().document.level(), {}, 0);
    QVERIFY(walk.has_value());
    // Straight on into the steam: one begins again.
    (*walk)->setWish(1, 0);
    for (int tick = 0; tick < 60; ++tick)
        (*walk)->tick();
    QCOMPARE((*walk)->deaths(), 1);
    QVERIFY((*walk)->place().x < 4);
    QCOMPARE(
        deathsTo(**walk, session().document.project(), level(), *proven->answer.onKit(), "gate-1"),
        0);
    // The foe's way is on the board, once it is known.
    session().workbench.setStep(Step::Cast);
    const auto picture = [&](bool showsWays) {
        session().workbench.change<CastOptions>([&](auto& o) { o.showsWays = showsWays; });
        return board().grab().toImage();
    };
    QTRY_VERIFY(picture(true) != picture(false));
    // Always on, it lets nobody by.
    next.entities.edit([](auto& entities) { entities[2].data.timetable.reset(); });
    session().document.apply(level::LevelEdit{next, "Always", {}});
    QVERIFY(waitForProof());
    QCOMPARE(session().proofs.of(level().id)->answer.verdict.kind, reach::VerdictKind::NotReached);
}

void KitWindowTest::raft_carriesWhoWalks_andIsShown() {
    take("flags");
    for (const int x : {2, 6})
        click(x, 3);
    level::Level next = level();
    next.entities.append(thing("keeper-1", "keeper", {2 * 32 + 10, 3 * 32 + 10, 12, 12}));
    next.entities.append(thing("gate-1", "gate", {6 * 32 + 8, 3 * 32 + 2, 16, 28}));
    level::Entity raft = thing("raft-1", "hoist", {3 * 32, 3 * 32, 32, 32});
    raft.data.track.points = {{64, 0}};
    raft.data.track.periodTicks = 160;
    next.entities.append(raft);
    session().document.apply(level::LevelEdit{next, "Populate", {}});
    QVERIFY(waitForProof());
    const auto proven = session().proofs.of(level().id);
    QCOMPARE(proven->answer.verdict.kind, reach::VerdictKind::Reached);
    auto walk = KitWalk::begin(session().document.project(), session().document.level(), {}, 0);
    QVERIFY(walk.has_value());
    QCOMPARE(
        deathsTo(**walk, session().document.project(), level(), *proven->answer.onKit(), "gate-1"),
        0);
    // Onto it by hand, and carried without a step.
    (*walk)->beginAgain();
    (*walk)->setWish(1, 0);
    for (int tick = 0; tick < 4000 && (*walk)->place().x < 3.2; ++tick)
        (*walk)->tick();
    (*walk)->setWish(0, 0);
    for (int tick = 0; tick < 6; ++tick)
        (*walk)->tick();
    const double from = (*walk)->place().x;
    for (int tick = 0; tick < 10; ++tick)
        (*walk)->tick();
    QVERIFY2((*walk)->place().x != from, "it is carried");
    QCOMPARE((*walk)->going().size(), std::size_t{1});
    QVERIFY((*walk)->goes(level().entities[2]) && !(*walk)->goes(level().entities[0]));
}

void KitWindowTest::underlay_liesUnderItsStorey() {
    QImage image(64, 64, QImage::Format_RGB32);
    image.fill(QColor(200, 120, 40));
    const QTemporaryDir folder;
    const QString file = folder.filePath("plan.png");
    QVERIFY(image.save(file));
    session().workbench.setStep(Step::Sketch);
    session().workbench.setStorey(1);
    placeUnderlay(session(), m_window.get(), file);
    QTRY_VERIFY(level().sketch.underlayOn(1));
    QVERIFY(!level().sketch.underlayOn(0));
    QTRY_VERIFY(part<QWidget>("remove-underlay")->isVisible());
    session().workbench.setStorey(0);
    QTRY_VERIFY(!part<QWidget>("remove-underlay")->isVisible());
    session().workbench.setStorey(1);
    QTRY_VERIFY(part<QWidget>("remove-underlay")->isVisible());
    // On a board without storeys there is but the lowest one.
    session().document.chooseLevel({"intake"});
    QCOMPARE(session().workbench.storey(), 0);
}

void KitWindowTest::editedPiece_isProvenAnew() {
    QVERIFY(session().proofs.isCurrent(level().id));
    level::Kit kit = *session().document.project().kitOf(level());
    kit.body.stepUp = level::Decimal{kit.body.stepUp.thousandths + 1};
    QVERIFY(session().document.apply(kit::changeKit(session().document.project(), kit, "Change")));
    QVERIFY2(!session().proofs.isCurrent(level().id), "a verdict of the former kit is not of now");
    QVERIFY(waitForProof());
}

void KitWindowTest::newPiece_getsACard() {
    level::Kit kit = *session().document.project().kitOf(level());
    level::Piece piece = kit.pieces[0];
    piece.name = "plinth";
    piece.title = "Plinth";
    kit.pieces.push_back(piece);
    QVERIFY(!part<QAbstractButton>("piece-plinth"));
    QVERIFY(session().document.apply(kit::changeKit(session().document.project(), kit, "Change")));
    QVERIFY(part<QAbstractButton>("piece-plinth"));
}

void KitWindowTest::selection_losesPieces_thatAreUndone() {
    take("walkway");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, module(4, 4));
    QCOMPARE(level().pieces.size(), std::size_t{1});
    Selection selection;
    selection.pieces = {level().pieces[0].id};
    session().workbench.select(selection);
    session().document.undo();
    QVERIFY(session().workbench.selection().pieces.empty());
}

void KitWindowTest::missingKit_isSaid_andNothingBreaks() {
    level::Level lost = level();
    lost.kit = "nowhere";
    session().document.apply({lost, "Lose the kit", lost.cells.bounds()});
    for (const char* tool : {"place", "path", "room", "close", "select"}) {
        session().workbench.chooseTool(tool);
        QTest::mouseMove(&board(), module(5, 5));
        QTest::mouseClick(&board(), Qt::LeftButton, {}, module(5, 5));
        QVERIFY(board().toolPreview().label.contains("nowhere"));
    }
    board().step().turn(level::Turning::QuarterLeft);
    QVERIFY(!board().grab().isNull());
    QVERIFY(level().pieces.empty());
}

ROOK_TEST(KitWindowTest)

}  // namespace rook::kit_test

#include "kit_test.moc"
