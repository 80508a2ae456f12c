/// What goes, throws and turns, shaped in the real window: handles, fields, and what lies behind.

#include "app/play/walk.h"
#include "app/steps/cast/cast_handles.h"

#include <QAbstractButton>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QSpinBox>
#include <QWheelEvent>

#include "cast_window.h"
#include "level/kind_edits.h"
#include "level/tracks.h"

namespace rook::behaviour_handles_test {

using namespace rook::app;

using level::Entity;

class BehaviourHandlesTest : public testing::CastWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-handles-test"); }
    void init() { openInCast(); }
    void cleanup() { closeCast(); }
    void thrower_isAimedByTheEndOfItsLine_andItsShotsFly();
    void hoist_waits_goesByAPace_andIsDrawnLonger();
    void crab_becomesARing_byOneClick();
    void whatLiesBehind_isTakenWithAlt();
    void door_opensAsOneComes();
    void key_hasItsLetterInTheMargin();

private:
    void place(const char* id, level::Role role, CellPoint at) {
        level::Kind kind;
        kind.id = {id};
        kind.title = id;
        kind.role = role;
        session().document.apply(addKind(session().document.project(), kind));
        take(id, at);
    }
    void drag(PxPoint from, PxPoint to) {
        const QPoint at = board().view().toWidget(from).toPoint();
        const QPoint end = board().view().toWidget(to).toPoint();
        QTest::mousePress(&board(), Qt::LeftButton, {}, at);
        QTest::mouseMove(&board(), (at + end) / 2);
        QTest::mouseMove(&board(), end);
        QTest::mouseRelease(&board(), Qt::LeftButton, {}, end);
    }
    [[nodiscard]] CastHandle handle(CastHandle::Sort sort, int index = 0) const {
        for (const CastHandle& each : handlesOf(session().document.project(), last()))
            if (each.sort == sort && each.index == index) return each;
        return {};
    }
};

void BehaviourHandlesTest::thrower_isAimedByTheEndOfItsLine_andItsShotsFly() {
    place("vent", level::Role::Thrower, {24, 10});
    const PxPoint end = handle(CastHandle::Sort::ShotEnd).at;
    drag(end, {last().box.x + 8, end.y + 80});
    const level::Shot aimed = last().data.thrower.shot;
    QVERIFY(aimed.dy.thousandths > 1500);
    QVERIFY(std::abs(aimed.dx.thousandths) < 600);
    part<QSpinBox>("thrower-every")->setValue(30);
    part<QSpinBox>("shot-life")->setValue(20);
    QCOMPARE(last().data.thrower.everyTicks, 30);
    QCOMPARE(last().data.thrower.shot.lifeTicks, 20);
    // A first shot beyond the period is refused, and said.
    part<QSpinBox>("thrower-first")->setValue(30);
    QCOMPARE(last().data.thrower.first, 0);
    QVERIFY(waitForProof());
    board().startWalk(false);
    const auto flies = [&] {
        for (const Walk::Going& going : board().playtest()->walk()->going())
            if (going.isShot && going.id == last().id) return true;
        return false;
    };
    QVERIFY(QTest::qWaitFor(flies, 3000));
    QVERIFY(QTest::qWaitFor([&] { return !flies(); }, 3000));
}

void BehaviourHandlesTest::hoist_waits_goesByAPace_andIsDrawnLonger() {
    take("hoist", {24, 10});
    const PxPoint more = handle(CastHandle::Sort::TrackEnd).at;
    // A slanted leg, and nearly straight ones are so.
    drag(more, {more.x + 60, more.y + 40});
    QCOMPARE(last().data.track.points.size(), std::size_t{1});
    QVERIFY(last().data.track.points[0].x != 0 && last().data.track.points[0].y != 0);
    auto* waits = part<QLineEdit>("track-waits");
    waits->setFocus();
    QTest::keyClicks(waits, "30, 12");
    QTest::keyClick(waits, Qt::Key_Return);
    QCOMPARE(last().data.track.waits, (std::vector<int>{30, 12}));
    choose("track-ease", 1);
    QVERIFY(last().data.track.ease == level::Ease::Smooth);
    choose("track-by", 1);
    part<QDoubleSpinBox>("track-pace")->setValue(2.5);
    QCOMPARE(last().data.track.pace.thousandths, 2500);
    QVERIFY(!part<QSpinBox>("track-period")->isVisible());
    const auto period = level::periodOf(last().data.track);
    choose("track-by", 0);
    QCOMPARE(last().data.track.periodTicks, int(period));
    // Longer by its edge: what it does is kept.
    const level::Track before = last().data.track;
    const int width = last().box.width;
    const CastHandle right = handle(CastHandle::Sort::Edge, 5);
    drag(right.at, {right.at.x + 32, right.at.y});
    QCOMPARE(last().box.width, width + 32);
    QVERIFY(last().data.track == before);
    auto* wide = part<QSpinBox>("field-Wide, px");
    QVERIFY(wide);
    wide->setValue(40);
    QCOMPARE(last().box.width, 40);
}

void BehaviourHandlesTest::crab_becomesARing_byOneClick() {
    take("crab", {24, 10});
    const EntityId id = last().id;
    const PxRect box = last().box;
    auto* ring = part<QAbstractButton>("make-ring");
    QVERIFY(ring);
    ring->click();
    const Entity& made = *findEntity(level(), id);
    QCOMPARE(session().document.project().roleOf(made), level::Role::Formation);
    QCOMPARE(made.data.formation.member.text, std::string("crab"));
    QVERIFY(std::abs(made.box.x + made.box.width / 2 - box.x - box.width / 2) <= 1);
    session().document.undo();
    QCOMPARE(findEntity(level(), id)->kind.text, std::string("crab"));
}

void BehaviourHandlesTest::whatLiesBehind_isTakenWithAlt() {
    take("lantern", {24, 10});
    const EntityId below = last().id;
    level::Level both = level();
    Entity above = last();
    above.id = {"above"};
    both.entities.append(above);
    session().document.apply(level::LevelEdit{both, "Two in one place", {}});
    session().workbench.chooseTool("select");
    const QPoint at = board().view().toWidget(PxPoint{above.box.x + 4, above.box.y + 4}).toPoint();
    const auto chosen = [&] { return session().workbench.selection().entities; };
    QTest::mouseClick(&board(), Qt::LeftButton, {}, at);
    QCOMPARE(chosen(), (std::vector<EntityId>{{"above"}}));
    QTest::mouseClick(&board(), Qt::LeftButton, Qt::AltModifier, at);
    QCOMPARE(chosen(), (std::vector<EntityId>{below}));
    QTest::mouseClick(&board(), Qt::LeftButton, Qt::AltModifier, at);
    QCOMPARE(chosen(), (std::vector<EntityId>{{"above"}}));
    // The wheel turns through them, too.
    QTest::mouseMove(&board(), at);
    QWheelEvent turn(at, board().mapToGlobal(at), {}, {0, -120}, Qt::NoButton, Qt::AltModifier,
                     Qt::NoScrollPhase, false);
    const View view = board().view();
    QCoreApplication::sendEvent(&board(), &turn);
    QCOMPARE(chosen(), (std::vector<EntityId>{below}));
    QVERIFY(board().view() == view);
}

void BehaviourHandlesTest::door_opensAsOneComes() {
    take("sluice", {24, 10});
    choose("door-manner", 3);
    part<QSpinBox>("door-ticks")->setValue(0);
    QVERIFY(last().data.door.manner == level::DoorManner::OnApproach);
    QVERIFY(waitForProof());
    board().startWalk(false);
    const runtime::World& world = board().playtest()->walk()->world();
    const runtime::Door& door = world.parts().doors.back();
    QVERIFY(!door.isOpen(0));
    const runtime::Box box = door.box;
    const auto& body = board().playtest()->walk()->tables();
    // Beside it, by a px, it is met; farther on it is not.
    QVERIFY(door.isOpen(world.gainsAt(box.x - body.bodyWidth, box.y)));
    QVERIFY(!door.isOpen(world.gainsAt(box.x - body.bodyWidth - 1, box.y)));
}

/// Its section was left out once, and the letter could not be set at all.
void BehaviourHandlesTest::key_hasItsLetterInTheMargin() {
    take("valve", {24, 10});
    choose("key-letter", 3);
    QCOMPARE(last().data.letter, std::string("C"));
}

ROOK_TEST(BehaviourHandlesTest)

}  // namespace rook::behaviour_handles_test

#include "behaviour_handles_test.moc"
