/// Cast in the real window: rows, handles, links, zones, kinds, the table.

#include "app/play/walk.h"
#include "app/steps/cast/cast_handles.h"
#include "app/steps/cast/cast_options.h"
#include "app/steps/cast/cast_table.h"

#include <QAbstractButton>
#include <QClipboard>
#include <QComboBox>
#include <QGuiApplication>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <QTableView>

#include "cast/spread.h"
#include "demo_window.h"
#include "level/cast_edits.h"
#include "level/kind_edits.h"
#include "level/look_edits.h"
#include "level/zone_edits.h"

namespace rook::cast_test {

using namespace rook::app;

using level::Entity;

class CastWindowTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void frame_overNothing_takesCells_toPlaceIn();
    void pointsAndPaths_haveHandles();
    void initTestCase() { useOwnSettings("rookplot-cast-test"); }
    void init() {
        openDemo();
        session().workbench.setStep(Step::Cast);
        board().setFocus();
    }
    void cleanup() { closeDemo(); }
    void drag_placesARow_asOneUndo();
    void placed_comesToStand_byItsKindsRule();
    void frame_selects_andFieldsChangeForAll();
    void hazard_isShapedByItsHandles();
    void hazard_isOnAtTimes_thatAreTyped();
    void hoist_getsItsTrackByDragging_andLosesItByTheRightButton();
    void longTrack_keepsItsPoints_whenItsEndIsTyped();
    void crab_turnsAtMarks_thatAreDragged();
    void formation_isMade_andItsRadiusDragged();
    void link_isDrawnFromKeyToDoor();
    void exit_isLedByTheMap_toALevel_anEntry_orTheEnd();
    void doorThatShutsAgain_isSetInTheMargin_andSolved();
    void zone_isDrawn_movedStretched_setUp_andRemoved();
    void kind_isAdded_changed_andTellsWhatWouldBeLost();
    void table_filtersEditsAndPastes_andSelectsOnTheBoard();
    void walk_diesOfACrab_thatVerdictsLeaveOut();

private:
    void press(const char* name) {
        auto* button = part<QAbstractButton>(name);
        QVERIFY2(button, name);
        button->click();
    }
    void take(const char* kind) {
        CastOptions options = session().workbench.options<CastOptions>();
        options.kind = {kind};
        session().workbench.setOptions(options);
        session().workbench.chooseTool("place");
        board().setFocus();
    }
    void selectOnly(const char* id) {
        Selection selection;
        selection.entities = {EntityId{id}};
        session().workbench.select(selection);
        session().workbench.chooseTool("select");
    }
    [[nodiscard]] QPoint px(int x, int y) const {
        return board().view().toWidget(PxPoint{x, y}).toPoint();
    }
    void drag(QPoint from, QPoint to, Qt::MouseButton button = Qt::LeftButton) {
        QTest::mousePress(&board(), button, {}, from);
        QTest::mouseMove(&board(), (from + to) / 2);
        QTest::mouseMove(&board(), to);
        QTest::mouseRelease(&board(), button, {}, to);
    }
    [[nodiscard]] const Entity& last() const { return level().entities.back(); }
    [[nodiscard]] const Entity& the(const char* id) const {
        return *findEntity(level(), EntityId{id});
    }
    /// A kind of that role, on the board.
    void place(const char* id, level::Role role, CellPoint at, level::Standing standing) {
        level::Kind kind;
        kind.id = {id};
        kind.title = id;
        kind.role = role;
        kind.standing = standing;
        session().document.apply(addKind(session().document.project(), kind));
        take(id);
        QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(at.x, at.y));
    }
};

void CastWindowTest::drag_placesARow_asOneUndo() {
    const auto count = level().entities.size();
    take("lantern");
    drag(cell(20, 12), cell(25, 12));
    QCOMPARE(level().entities.size(), count + 6);
    QCOMPARE(session().workbench.selection().entities.size(), std::size_t{6});
    session().document.undo();
    QCOMPARE(level().entities.size(), count);
}

void CastWindowTest::placed_comesToStand_byItsKindsRule() {
    place("post", level::Role::Prop, {24, 12}, level::Standing::Floor);
    const Entity post = last();
    QCOMPARE(post.kind.text, std::string("post"));
    QVERIFY(post.box.bottom() > 13 * 16);
    QVERIFY(!level().cells.at(24, post.box.bottom() / 16).isOpen());
    press("sets-down");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(30, 12));
    QCOMPARE(last().box.bottom(), 13 * 16);
    press("sets-down");
}

void CastWindowTest::frame_selects_andFieldsChangeForAll() {
    take("lantern");
    drag(cell(20, 12), cell(22, 12));
    QTest::keyClick(&board(), Qt::Key_S);
    QCOMPARE(session().workbench.tool(), std::string("select"));
    drag(cell(18, 10), cell(24, 13));
    QCOMPARE(session().workbench.selection().entities.size(), std::size_t{3});
    part<QSpinBox>("field-light")->setValue(9);
    for (const EntityId& id : session().workbench.selection().entities) {
        const Entity* e = findEntity(level(), id);
        QCOMPARE(std::get<std::int64_t>(e->fields[0].second), 9);
    }
    press("toggle-group");
    const std::string group =
        findEntity(level(), session().workbench.selection().entities[0])->group;
    QVERIFY(!group.empty());
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(40, 6));
    QVERIFY(session().workbench.selection().entities.empty());
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(21, 12));
    QCOMPARE(session().workbench.selection().entities.size(), std::size_t{3});
    press("align-top");
    press("spread-across");
}

void CastWindowTest::hazard_isShapedByItsHandles() {
    place("vent", level::Role::Hazard, {30, 12}, level::Standing::Anywhere);
    const PxRect before = last().box;
    selectOnly("vent-1");
    drag(px(before.right(), before.bottom()), px(before.right() + 32, before.bottom() + 16));
    QCOMPARE(last().box, (PxRect{before.x, before.y, before.width + 32, before.height + 16}));
    session().document.undo();
    QCOMPARE(last().box, before);
}

void CastWindowTest::hazard_isOnAtTimes_thatAreTyped() {
    place("vent", level::Role::Hazard, {30, 12}, level::Standing::Anywhere);
    selectOnly("vent-1");
    auto* on = part<QLineEdit>("on-times");
    QVERIFY(on->isHidden());
    press("timed");
    QVERIFY(!on->isHidden());
    const auto type = [on](const char* text) {
        on->setFocus();
        on->selectAll();
        QTest::keyClicks(on, QLatin1String(text));
        QTest::keyClick(on, Qt::Key_Return);
    };
    using Spans = std::vector<std::pair<int, int>>;
    type("0-30, 60 - 90");
    QCOMPARE(the("vent-1").data.timetable->on, (Spans{{0, 30}, {60, 90}}));
    // What says nothing, and what is not in the period, changes nothing.
    for (const char* wrong : {"now and then", "40-20", "100-999", "1-2-3"}) {
        type(wrong);
        QCOMPARE(the("vent-1").data.timetable->on, (Spans{{0, 30}, {60, 90}}));
    }
    session().document.undo();
    QCOMPARE(the("vent-1").data.timetable->on, (Spans{{0, 60}}));
}

void CastWindowTest::hoist_getsItsTrackByDragging_andLosesItByTheRightButton() {
    take("hoist");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(30, 12));
    const std::string id = last().id.text;
    const PxRect box = last().box;
    selectOnly(id.c_str());
    const QPoint end = px(box.x + box.width + 14, box.y + box.height / 2);
    drag(end, end + QPoint(int(64 * board().view().scale()), 0));
    QCOMPARE(last().data.track.points.size(), std::size_t{1});
    const PxPoint point = last().data.track.points[0];
    QVERIFY(point.x > 60 && point.y == 0);
    const QPoint handle = px(box.x + box.width / 2 + point.x, box.y + box.height / 2 + point.y);
    QTest::mouseClick(&board(), Qt::RightButton, {}, handle);
    QVERIFY(last().data.track.points.empty());
}

void CastWindowTest::longTrack_keepsItsPoints_whenItsEndIsTyped() {
    place("raft", level::Role::Mover, {24, 12}, level::Standing::Anywhere);
    selectOnly("raft-1");
    Entity raft = the("raft-1");
    raft.data.track.points = {{32, 0}, {32, 32}, {64, 32}};
    session().document.apply(changeEntity(level(), raft, "Give it a long track"));
    part<QSpinBox>("track-x")->setValue(96);
    QCOMPARE(the("raft-1").data.track.points, (std::vector<PxPoint>{{32, 0}, {32, 32}, {96, 32}}));
}

void CastWindowTest::crab_turnsAtMarks_thatAreDragged() {
    take("crab");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(10, 26));
    const std::string id = last().id.text;
    selectOnly(id.c_str());
    QVERIFY(part<QWidget>("turns-at")->isHidden());
    choose("gait", 1);
    QCOMPARE(last().data.patrol.gait, level::Gait::Walks);
    QVERIFY(!part<QWidget>("turns-at")->isHidden());
    press("add-turn");
    const int mark = last().data.patrol.turnsAt[0];
    const PxRect box = last().box;
    const QPoint at = px(mark, box.y + box.height / 2);
    drag(at, at - QPoint(int(32 * board().view().scale()), 0));
    QCOMPARE(last().data.patrol.turnsAt[0], mark - 32);
    QTest::mouseClick(&board(), Qt::RightButton, {}, px(mark - 32, box.y + box.height / 2));
    QVERIFY(last().data.patrol.turnsAt.empty());
}

void CastWindowTest::formation_isMade_andItsRadiusDragged() {
    place("ring", level::Role::Formation, {60, 10}, level::Standing::Anywhere);
    selectOnly("ring-1");
    const auto& kinds = session().document.project().kinds;
    int crab = 0;
    for (std::size_t i = 0; i < kinds.size(); ++i)
        if (kinds[i].id.text == "crab") crab = int(i) + 1;
    choose("formation-member", crab);
    // Only what matters to the shape is asked for.
    QVERIFY(part<QSpinBox>("formation-arc")->isHidden());
    choose("formation-shape", 1);
    QVERIFY(!part<QSpinBox>("formation-arc")->isHidden());
    QVERIFY(part<QSpinBox>("formation-columns")->isHidden());
    choose("formation-shape", 0);
    part<QSpinBox>("formation-count")->setValue(6);
    QCOMPARE(the("ring-1").data.formation.count, 6);
    auto* gaps = part<QLineEdit>("formation-gaps");
    gaps->setFocus();
    QTest::keyClicks(gaps, "1, 4");
    QTest::keyClick(gaps, Qt::Key_Return);
    QCOMPARE(the("ring-1").data.formation.gaps, (std::vector<int>{0, 3}));
    board().setFocus();
    const PxRect box = the("ring-1").box;
    const QPoint handle =
        px(box.x + box.width / 2 + the("ring-1").data.formation.distance, box.y + box.height / 2);
    drag(handle, handle + QPoint(int(32 * board().view().scale()), 0));
    QCOMPARE(the("ring-1").data.formation.distance, 48 + 32);
    // Windows are drawn when they are asked for.
    QVERIFY(waitForProof());
    const QImage before = board().grab().toImage();
    press("shows-windows");
    QTRY_VERIFY(board().grab().toImage() != before);
    press("shows-windows");
}

void CastWindowTest::link_isDrawnFromKeyToDoor() {
    take("valve");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(20, 12));
    take("sluice");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(28, 12));
    // A door right after a key is opened by it, in one undo.
    QCOMPARE(the("sluice-1").data.opens, (std::vector<EntityId>{EntityId{"valve-1"}}));
    QTest::keyClick(&board(), Qt::Key_D);
    QCOMPARE(session().workbench.tool(), std::string("link"));
    const PxRect valve = the("valve-1").box;
    const PxRect door = the("sluice-1").box;
    drag(px(valve.x + 4, valve.y + 4), px(door.x + 4, door.y + 10));
    QVERIFY(the("sluice-1").data.opens.empty());
    drag(px(valve.x + 4, valve.y + 4), px(door.x + 4, door.y + 10));
    QCOMPARE(the("sluice-1").data.opens, (std::vector<EntityId>{EntityId{"valve-1"}}));
    QCOMPARE(linksOf(session().document.project(), level()).size(), std::size_t{1});
    drag(px(door.x + 4, door.y + 10), px(valve.x + 4, valve.y + 4));
    QVERIFY(the("sluice-1").data.opens.empty());
    // An exit may be kept shut as a door is.
    take("gate");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(34, 12));
    const Entity gate = last();
    session().workbench.chooseTool("link");
    drag(px(valve.x + 4, valve.y + 4), px(gate.box.x + 4, gate.box.y + 10));
    QCOMPARE(last().data.opens, (std::vector<EntityId>{EntityId{"valve-1"}}));
    selectOnly(gate.id.text.c_str());
    QVERIFY(part<QAbstractButton>("opens-valve-1")->isChecked());
    press("opens-valve-1");
    QVERIFY(last().data.opens.empty());
}

void CastWindowTest::exit_isLedByTheMap_toALevel_anEntry_orTheEnd() {
    const level::Project& project = session().document.project();
    const auto exitNow = [&]() -> const Entity& {
        for (const Entity& e : level().entities)
            if (session().document.project().roleOf(e) == level::Role::Exit) return e;
        qFatal("no exit");
    };
    Selection selection;
    selection.entities = {exitNow().id};
    session().workbench.select(selection);
    const auto open = [&] {
        part<QComboBox>("field-Leads to")->showPopup();
        return part<QWidget>("target-map");
    };
    // By keys: the last level, and an entry of the first one.
    auto* map = open();
    QVERIFY(map);
    for (int i = 0; i < 200; ++i)
        QTest::keyClick(map, Qt::Key_Down);
    QTest::keyClick(map, Qt::Key_Return);
    QCOMPARE(exitNow().to.level, project.levels.back()->id);
    QTRY_VERIFY(!part<QWidget>("target-map"));
    map = open();
    for (int i = 0; i < 200; ++i)
        QTest::keyClick(map, Qt::Key_Up);
    for (int i = 0; i < 3; ++i)
        QTest::keyClick(map, Qt::Key_Down);
    QVERIFY(part<QLabel>("target-words")->text().contains(", at "));
    QTest::keyClick(map, Qt::Key_Return);
    QCOMPARE(exitNow().to.level, project.levels.front()->id);
    QVERIFY(!exitNow().to.entry.isEmpty());
    QTRY_VERIFY(!part<QWidget>("target-map"));
    // A click on the first card's title leads to its start.
    map = open();
    QTest::mouseMove(map, {12, 12});
    QTest::mouseClick(map, Qt::LeftButton, {}, {12, 12});
    QCOMPARE(exitNow().to.onward, level::Onward::Level);
    QVERIFY(exitNow().to.entry.isEmpty());
    QTRY_VERIFY(!part<QWidget>("target-map"));
    open();
    press("target-end");
    QCOMPARE(exitNow().to.onward, level::Onward::End);
    QTRY_VERIFY(!part<QWidget>("target-map"));
    // Escape leaves it.
    map = open();
    QTest::keyClick(map, Qt::Key_Escape);
    QCOMPARE(exitNow().to.onward, level::Onward::End);
}

void CastWindowTest::doorThatShutsAgain_isSetInTheMargin_andSolved() {
    take("sluice");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(28, 12));
    selectOnly("sluice-1");
    View view = board().view();
    view.zoomAt({}, 2 / view.scale());
    const PxRect door = the("sluice-1").box;
    view.centre(QPointF(door.x, door.y), board().size());
    board().setView(view);
    QVERIFY(part<QSpinBox>("door-ticks")->isHidden());
    choose("door-manner", 1);
    QVERIFY(!part<QSpinBox>("door-ticks")->isHidden());
    part<QSpinBox>("door-ticks")->setValue(90);
    QCOMPARE(the("sluice-1").data.door.ticks, 90);
    const QImage before = board().grab().toImage();
    choose("door-manner", 2);
    QVERIFY(part<QSpinBox>("door-ticks")->isHidden());
    choose("door-passes", 0);
    QCOMPARE(the("sluice-1").data.door.passes, level::Facing::Left);
    QVERIFY2(board().grab().toImage() != before, "an arrow stands for the dial");
    QVERIFY(waitForProof());
    const auto proven = session().proofs.of(level().id);
    QVERIFY(proven->answer.verdict.kind != reach::VerdictKind::NotDecided);
    QCOMPARE(proven->query->problem.parts.gains.size(), std::size_t{1});
    QTest::keyClick(&board(), Qt::Key_Z, Qt::ControlModifier);
    QTest::keyClick(&board(), Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(the("sluice-1").data.door.manner, level::DoorManner::ForATime);
}

void CastWindowTest::zone_isDrawn_movedStretched_setUp_andRemoved() {
    QTest::keyClick(&board(), Qt::Key_F);
    QCOMPARE(session().workbench.tool(), std::string("zone"));
    drag(cell(2, 4), cell(41, 30));
    QCOMPARE(level().zones.size(), std::size_t{1});
    QCOMPARE(level().zones[0].place, (CellRect{2, 4, 40, 27}));
    drag(cell(20, 12), cell(22, 13));
    QCOMPARE(level().zones[0].place, (CellRect{4, 5, 40, 27}));
    const PxRect box = toPx(level().zones[0].place, {16, 16});
    QTest::mouseClick(&board(), Qt::LeftButton, {}, px(box.right(), box.y + 100));
    QCOMPARE(level().zones[0].place.width, 40);
    drag(px(box.right(), box.y + 100), px(box.right() + 32, box.y + 100));
    QCOMPARE(level().zones[0].place.width, 42);
    auto* music = part<QLineEdit>("zone-music");
    music->setFocus();
    QTest::keyClicks(music, "drips");
    QTest::keyClick(music, Qt::Key_Return);
    QCOMPARE(level().zones[0].music, std::string("drips"));
    // Themes are chosen among those that there are.
    QCOMPARE(part<QComboBox>("zone-theme")->count(), 1);
    session().document.apply(level::setTheme(level(), "moss"));
    QTRY_COMPARE(part<QComboBox>("zone-theme")->count(), 2);
    choose("zone-theme", 1);
    QCOMPARE(level().zones[0].theme, std::string("moss"));
    choose("zone-theme", 0);
    QVERIFY(level().zones[0].theme.empty());
    part<QSpinBox>("camera-left")->setValue(16);
    QCOMPARE(level().zones[0].camera->x, 3 * 16);
    board().setFocus();
    drag(cell(60, 4), cell(100, 30));
    QCOMPARE(level().zones.size(), std::size_t{2});
    press("zone-row-0");
    press("zones-alike");
    QCOMPARE(level().zones[1].music, std::string("drips"));
    QCOMPARE(level().zones[1].camera->x, 59 * 16);
    press("zones-screens");
    QCOMPARE(level().zones.size(), std::size_t{3});
    // What is not known yet says so.
    const auto isSaid = [&](const char* words) {
        for (const QLabel* label : m_window->findChildren<QLabel*>())
            if (label->isVisible() && label->text().contains(QLatin1String(words))) return true;
        return false;
    };
    QVERIFY(isSaid("being found"));
    QVERIFY(!isSaid("cross no border"));
    // Bodies cross from one to the next: told once reach was solved.
    QVERIFY(QTest::qWaitFor(
        [&] {
            const auto proven = session().proofs.of(level().id);
            return session().proofs.isCurrent(level().id) &&
                   session().proofs.isPlanCurrent(level().id) && !proven->crossings.empty();
        },
        5000));
    QVERIFY(!isSaid("being found"));
    // Each pair of zones is told once, wherever bodies cross between the two.
    session().workbench.select({});
    QStringList pairs;
    for (int i = 0; auto* row = part<QAbstractButton>(qPrintable(QString("crossing-%1").arg(i)));
         ++i)
        if (row->isVisible()) pairs << row->text();
    QCOMPARE(pairs.removeDuplicates(), 0);
    QTest::mouseClick(&board(), Qt::RightButton, {}, cell(5, 10));
    QCOMPARE(level().zones.size(), std::size_t{2});
}

void CastWindowTest::kind_isAdded_changed_andTellsWhatWouldBeLost() {
    const auto count = session().document.project().kinds.size();
    press("kind-add");
    QCOMPARE(session().document.project().kinds.size(), count + 1);
    auto* title = part<QLineEdit>("kind-title");
    title->setFocus();
    title->selectAll();
    QTest::keyClicks(title, "Lamp post");
    QTest::keyClick(title, Qt::Key_Return);
    QCOMPARE(session().document.project().kinds[count].title, std::string("Lamp post"));
    part<QSpinBox>("kind-width")->setValue(12);
    press("field-add");
    QCOMPARE(session().document.project().kinds[count].fields.size(), std::size_t{1});
    choose("field-type", int(level::FieldType::Number));
    QCOMPARE(session().document.project().kinds[count].fields[0].type, level::FieldType::Number);
    // Lanterns have a value of their own for a field that goes.
    session().document.apply(changeEntities(
        level(), {EntityId{"lantern-1"}}, [](Entity& e) { setField(e, "light", std::int64_t{5}); },
        "Set"));
    take("lantern");
    press("field-row-0");
    press("field-remove");
    QVERIFY(part<QLabel>("kind-words")->text().contains(QStringLiteral("lantern-1 gives up")));
    QCOMPARE(session().document.project().findKind({"lantern"})->fields.size(), std::size_t{2});
    press("kind-go");
    QCOMPARE(session().document.project().findKind({"lantern"})->fields.size(), std::size_t{1});
    QVERIFY(the("lantern-1").fields.empty());
    session().document.undo();
    QCOMPARE(session().document.project().findKind({"lantern"})->fields.size(), std::size_t{2});
}

void CastWindowTest::table_filtersEditsAndPastes_andSelectsOnTheBoard() {
    press("open-table");
    auto* table = part<CastTable>("cast-table");
    QVERIFY(table && table->isVisible());
    QApplication::setActiveWindow(table);
    QVERIFY(QTest::qWaitFor([&] { return QApplication::activeWindow() == table; }));
    auto* view = part<QTableView>("cast-view");
    auto* filter = part<QLineEdit>("cast-filter");
    QTest::keyClicks(filter, "lantern x>0");
    const int lanterns = view->model()->rowCount();
    QVERIFY(lanterns > 2 && lanterns < int(level().entities.size()));
    const QModelIndex x = view->model()->index(0, 3);
    const std::string id = view->model()->index(0, 2).data().toString().toStdString();
    QVERIFY(view->model()->setData(x, QStringLiteral("80")));
    QCOMPARE(the(id.c_str()).box.x, 80);
    // Outside of the level it stays where it is.
    QVERIFY(!view->model()->setData(x, QStringLiteral("-80")));
    QCOMPARE(the(id.c_str()).box.x, 80);
    view->setCurrentIndex(view->model()->index(1, 2));
    QCOMPARE(session().workbench.selection().entities.size(), std::size_t{1});
    QCOMPARE(session().workbench.selection().entities[0].text,
             view->model()->index(1, 2).data().toString().toStdString());
    // Two rows of a column, from a spreadsheet.
    view->selectionModel()->select(view->model()->index(0, 4), QItemSelectionModel::ClearAndSelect);
    QGuiApplication::clipboard()->setText(QStringLiteral("48\n64\n"));
    QTest::keyClick(table, Qt::Key_V, Qt::ControlModifier);
    QCOMPARE(view->model()->index(0, 4).data().toString(), QStringLiteral("48"));
    QCOMPARE(view->model()->index(1, 4).data().toString(), QStringLiteral("64"));
    session().document.undo();
    QVERIFY(view->model()->index(1, 4).data().toString() != QStringLiteral("64"));
    const QString all = part<QLabel>("cast-preview") ? QStringLiteral("there") : QString();
    QVERIFY(!all.isEmpty());
    part<QAbstractButton>("cast-all-levels")->click();
    filter->clear();
    QVERIFY(view->model()->rowCount() > int(level().entities.size()));
    table->close();
}

void CastWindowTest::walk_diesOfACrab_thatVerdictsLeaveOut() {
    const Entity keeper = level().entities[0];
    take("crab");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, px(keeper.box.x + 40, keeper.box.bottom() - 4));
    Entity crab = last();
    crab.facing = level::Facing::Left;
    crab.data.patrol.gait = level::Gait::Walks;
    crab.data.patrol.speed = {2000};
    session().document.apply(changeEntity(level(), crab, "Go"));
    QVERIFY(waitForProof());
    QCOMPARE(session().proofs.of(level().id)->answer.verdict.kind, reach::VerdictKind::Reached);
    board().startWalk(false);
    QVERIFY(QTest::qWaitFor([&] { return board().playtest()->walk()->deaths() > 0; }, 5000));
    board().stopWalk();
}

void CastWindowTest::frame_overNothing_takesCells_toPlaceIn() {
    take("crab");
    const std::size_t before = session().document.level()->entities.size();
    QTest::keyClick(&board(), Qt::Key_S);
    // Somewhere with a floor, and nobody there.
    const level::Kind& crab = *session().document.project().findKind({"crab"});
    CellRect floor;
    for (int x = 2; x < 100 && floor.isEmpty(); x += 3)
        for (int y = 2; y < 28 && floor.isEmpty(); y += 2) {
            const CellRect place{x, y, 9, 5};
            const PxRect px = toPx(place, session().document.level()->cellSize).grown(24);
            const auto& list = session().document.level()->entities;
            const bool isFree = std::none_of(list.begin(), list.end(),
                                             [&](const Entity& e) { return e.box.overlaps(px); });
            if (isFree &&
                cast::placeSpread(session().document.project(), *session().document.level(), crab,
                                  level::CellRegion(place), 3, level::Facing::Right))
                floor = place;
        }
    QVERIFY(!floor.isEmpty());
    drag(cell(floor.x, floor.y), cell(floor.right() - 1, floor.bottom() - 1));
    QVERIFY(session().workbench.selection().cells);
    part<QSpinBox>("spread-count")->setValue(3);
    press("spread");
    const auto& entities = session().document.level()->entities;
    QVERIFY(entities.size() > before && entities.size() <= before + 3);
    for (std::size_t i = before; i < entities.size(); ++i)
        QVERIFY(toPx(floor, session().document.level()->cellSize).contains(entities[i].box));
    session().document.undo();
    QCOMPARE(session().document.level()->entities.size(), before);
}

void CastWindowTest::pointsAndPaths_haveHandles() {
    level::Project project = session().document.project();
    project.kinds.edit([](auto& list) {
        for (level::Kind& kind : list) {
            if (kind.id.text != "lantern") continue;
            level::FieldDefinition aim;
            aim.name = "aim";
            aim.type = level::FieldType::Point;
            aim.defaultValue = PxPoint{};
            level::FieldDefinition way;
            way.name = "way";
            way.type = level::FieldType::Path;
            way.defaultValue = std::vector<PxPoint>();
            kind.fields.push_back(aim);
            kind.fields.push_back(way);
        }
    });
    session().document.apply(
        level::ProjectEdit{std::move(project), (QStringLiteral("Fields")).toStdString()});
    take("lantern");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(20, 8));
    const std::string id = session().workbench.selection().entities.at(0).text;
    selectOnly(id.c_str());
    const auto handle = [&](app::CastHandle::Sort sort) {
        for (const app::CastHandle& each : handlesOf(session().document.project(), the(id.c_str())))
            if (each.sort == sort) return each.at;
        return PxPoint{-1, -1};
    };
    const auto pull = [&](app::CastHandle::Sort sort, int dx, int dy) {
        const PxPoint at = handle(sort);
        drag(px(at.x, at.y), px(at.x + dx, at.y + dy));
    };
    const auto value = [&](const char* name) -> level::FieldValue {
        for (const auto& [field, own] : the(id.c_str()).fields)
            if (field == name) return own;
        return std::string("none");
    };
    const PxPoint aim = handle(app::CastHandle::Sort::FieldPoint);
    pull(app::CastHandle::Sort::FieldPoint, 32, 48);
    QCOMPARE(std::get<PxPoint>(value("aim")), (PxPoint{aim.x + 32, aim.y + 48}));
    pull(app::CastHandle::Sort::PathEnd, 64, 16);
    pull(app::CastHandle::Sort::PathEnd, 48, 32);
    QCOMPARE(std::get<std::vector<PxPoint>>(value("way")).size(), std::size_t{2});
    // The right button takes a point away.
    const PxPoint first = handle(app::CastHandle::Sort::PathPoint);
    QTest::mouseClick(&board(), Qt::RightButton, {}, px(first.x, first.y));
    QCOMPARE(std::get<std::vector<PxPoint>>(value("way")).size(), std::size_t{1});
}

ROOK_TEST(CastWindowTest)

}  // namespace rook::cast_test

#include "cast_test.moc"
