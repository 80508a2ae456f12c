/// Profiles, doors that are used and single looks, in the real window: margin, Walk, pictures.

#include "app/play/walk.h"

#include <QAbstractButton>
#include <QSpinBox>

#include "cast_window.h"
#include "level/kind_edits.h"
#include "level/profile_edits.h"

namespace rook::profiles_window_test {

using namespace rook::app;

using level::Entity;

class ProfilesWindowTest : public testing::CastWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-profiles-test"); }
    void init() { openInCast(); }
    void cleanup() { closeCast(); }
    void pickup_bringsAProfile_chosenInTheMargin();
    void profiles_areSwappedInWalk_byAKey();
    void door_isOpenedByUse();
    void thing_hasAPictureOfItsOwn_turnedAndBehind();
    void tilesOfAKind_areTakenFromTheSheetAtOnce();
    void exitLeadsOver_byAFade();

private:
    void copyProfile(const char* name) {
        level::MotionProfile copy = *session().document.project().profileOf(level());
        const std::string own = copy.name;
        copy.name = name;
        level::ProjectEdit edit{session().document.project(), "Add a profile"};
        edit.project.profiles.edit([&](auto& list) { list.push_back(copy); });
        session().document.apply(edit);
    }
    void press(Qt::Key key) {
        QTest::keyPress(&board(), key);
        QTest::qWait(60);
        QTest::keyRelease(&board(), key);
    }
};

void ProfilesWindowTest::pickup_bringsAProfile_chosenInTheMargin() {
    copyProfile("keeper-slow");
    take("kite", {24, 10});
    auto* choice = part<QComboBox>("moves-as");
    const int at = choice->findText(QStringLiteral("keeper-slow"));
    QVERIFY(at > 0);
    choose("moves-as", at);
    QCOMPARE(last().data.movesAs, std::string("keeper-slow"));
    choose("moves-as", 0);
    QVERIFY(last().data.movesAs.empty());
    // Bodies of another size are not offered.
    QCOMPARE(choice->findText(QStringLiteral("keeper-loft")), -1);
}

void ProfilesWindowTest::profiles_areSwappedInWalk_byAKey() {
    copyProfile("keeper-slow");
    const std::string own = session().document.project().profileOf(level())->name;
    session().document.apply(swapProfiles(session().document.project(), own, "keeper-slow"));
    board().startWalk(false);
    QTRY_VERIFY(board().playtest()->walk()->body().stance == runtime::Stance::Standing);
    QCOMPARE(board().playtest()->walk()->profileInForce(), own);
    QTest::keyPress(&board(), Qt::Key_Q);
    QTRY_COMPARE(board().playtest()->walk()->profileInForce(), std::string("keeper-slow"));
    QTest::keyRelease(&board(), Qt::Key_Q);
    QVERIFY(board().playtest()->words().contains(QStringLiteral("keeper-slow")));
    press(Qt::Key_Q);
    QTRY_COMPARE(board().playtest()->walk()->profileInForce(), own);
}

void ProfilesWindowTest::door_isOpenedByUse() {
    const Entity spawn =
        *std::find_if(level().entities.begin(), level().entities.end(), [&](const Entity& entity) {
            return session().document.project().roleOf(entity) == level::Role::Spawn;
        });
    level::Level changed = level();
    Entity door;
    door.id = {"door-used"};
    door.kind = {"sluice"};
    door.box = {spawn.box.right(), spawn.box.y - 26, 8, 48};
    door.data.door.manner = level::DoorManner::OnUse;
    door.data.door.ticks = 0;
    changed.entities.append(door);
    session().document.apply(level::LevelEdit{changed, "A door", {}});
    board().startWalk(false);
    const auto isOpen = [&] {
        const Walk& walk = *board().playtest()->walk();
        return walk.world().parts().doors.back().isOpen(walk.body().held);
    };
    QTRY_VERIFY(board().playtest()->walk()->ticks() > 10);
    QVERIFY(!isOpen());
    QTest::keyPress(&board(), Qt::Key_E);
    QTRY_VERIFY(isOpen());
    QTest::keyRelease(&board(), Qt::Key_E);
}

void ProfilesWindowTest::thing_hasAPictureOfItsOwn_turnedAndBehind() {
    take("lantern", {24, 10});
    part<QSpinBox>("look-scale")->setValue(3);
    QCOMPARE(last().look.scale, 3);
    choose("look-turns", 1);
    QCOMPARE(last().look.quarterTurns, 1);
    part<QAbstractButton>("look-mirrored")->click();
    QVERIFY(last().look.isMirrored);
    choose("look-order", 1);
    QVERIFY(last().look.order == level::DrawOrder::BehindMasses);
    choose("look-sheet", 1);
    QWidget* popup = QApplication::activePopupWidget();
    QVERIFY(popup);
    auto* view = popup->findChild<QWidget*>(QStringLiteral("sheet-view"));
    QTest::keyClick(view, Qt::Key_Right);
    QTest::keyClick(view, Qt::Key_Right, Qt::ShiftModifier);
    QTest::keyClick(view, Qt::Key_Return);
    QCOMPARE(last().look.sheet, session().document.project().sheets[0].name);
    QCOMPARE(last().look.tile, 2);
    QCOMPARE(last().look.tiles.width, 2);
    // Undone step by step, it is as its kind.
    for (int i = 0; i < 5; ++i)
        session().document.undo();
    QVERIFY(last().look == level::Appearance());
}

void ProfilesWindowTest::tilesOfAKind_areTakenFromTheSheetAtOnce() {
    take("lantern", {24, 10});
    session().workbench.select({});
    part<QAbstractButton>("kind-tiles")->click();
    QWidget* popup = QApplication::activePopupWidget();
    QVERIFY(popup);
    auto* view = popup->findChild<QWidget*>(QStringLiteral("sheet-view"));
    QTest::mouseClick(view, Qt::LeftButton, {}, {4, 4});
    const level::Kind* kind = session().document.project().findKind({"lantern"});
    QCOMPARE(kind->tile, 1);
    QVERIFY(!QApplication::activePopupWidget());
}

void ProfilesWindowTest::exitLeadsOver_byAFade() {
    const auto gate =
        std::find_if(level().entities.begin(), level().entities.end(), [&](const Entity& entity) {
            return session().document.project().roleOf(entity) == level::Role::Exit;
        });
    Selection selection;
    selection.entities = {gate->id};
    session().workbench.select(selection);
    const EntityId id = gate->id;
    auto* choice = part<QComboBox>("field-Goes over by");
    choice->setCurrentIndex(2);
    Q_EMIT choice->activated(2);
    QVERIFY(findEntity(level(), id)->to.transition.sort == level::TransitionSort::Fade);
    part<QSpinBox>("field-In ticks")->setValue(45);
    QCOMPARE(findEntity(level(), id)->to.transition.ticks, 45);
}

ROOK_TEST(ProfilesWindowTest)

}  // namespace rook::profiles_window_test

#include "profiles_window_test.moc"
