/// What steers a walk in the real window: chosen keys, and a game controller that is there in name.

#include <SDL.h>
#include <QAbstractButton>
#include <QLabel>

#include "app/play/walk.h"
#include "demo_window.h"
#include "testing.h"

namespace rook::steering_test {

using namespace rook::app;

class SteeringTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-steering-test"); }
    void init() { openDemo(); }
    void cleanup() {
        board().stopWalk();
        QSettings().clear();
        closeDemo();
    }
    void chosenKeys_steer_beforeThoseThatAreGiven();
    void keys_areChosenOnAPage_orRefusedWithWords();
    void keysThatCannotBe_areLeftOutOfTheSettings();
    void controller_steers_andItsAbsenceDoesNoHarm();

private:
    [[nodiscard]] const runtime::Body& body() const { return board().playtest()->walk()->body(); }
};

void SteeringTest::chosenKeys_steer_beforeThoseThatAreGiven() {
    SteeringKeys keys;
    QVERIFY(keys.does(Qt::Key_Up, SteeringAction::Up));
    QVERIFY(keys.does(Qt::Key_Up, SteeringAction::Jump));
    QVERIFY(keys.choose(SteeringAction::Jump, Qt::Key_X).isEmpty());
    QVERIFY(keys.does(Qt::Key_X, SteeringAction::Jump));
    QVERIFY(keys.does(Qt::Key_Space, SteeringAction::Jump));
    QVERIFY(!keys.does(Qt::Key_Up, SteeringAction::Jump));
    // A given key that is chosen for something else does that alone.
    QVERIFY(keys.choose(SteeringAction::Right, Qt::Key_S).isEmpty());
    QVERIFY(keys.does(Qt::Key_S, SteeringAction::Right));
    QVERIFY(!keys.does(Qt::Key_S, SteeringAction::Down));
    QVERIFY(!keys.choose(SteeringAction::Left, Qt::Key_S).isEmpty());
    QVERIFY(!keys.choose(SteeringAction::Left, Qt::Key_P).isEmpty());
    QVERIFY(!keys.choose(SteeringAction::Left, Qt::Key_Control).isEmpty());
    QVERIFY(keys.choose(SteeringAction::Right, 0).isEmpty());
    QVERIFY(keys.does(Qt::Key_S, SteeringAction::Down));
}

void SteeringTest::keys_areChosenOnAPage_orRefusedWithWords() {
    part<QAction>("walk-keys-action")->trigger();
    QVERIFY(part<QWidget>("walk-keys-page")->isVisible());
    auto* right = part<QAbstractButton>("walk-key-1");
    right->setFocus();
    right->click();
    QTest::keyClick(right, Qt::Key_L);
    QCOMPARE(right->text(), QStringLiteral("L"));
    QCOMPARE(SteeringKeys::saved().chosen(SteeringAction::Right), int(Qt::Key_L));
    auto* jump = part<QAbstractButton>("walk-key-4");
    jump->setFocus();
    jump->click();
    QTest::keyClick(jump, Qt::Key_L);
    QVERIFY(part<QLabel>("walk-key-words")->text().contains("Right"));
    QCOMPARE(SteeringKeys::saved().chosen(SteeringAction::Jump), 0);
    QTest::keyClick(m_window.get(), Qt::Key_Escape);
    board().startWalk(false);
    const int from = body().x;
    QTest::keyPress(&board(), Qt::Key_L);
    QVERIFY(QTest::qWaitFor([&] { return body().x > from + 8; }, 3000));
    // A key that is let go elsewhere is not held for ever.
    board().clearFocus();
    QVERIFY(QTest::qWaitFor(
        [&] {
            const int at = body().x;
            QTest::qWait(120);
            return body().x == at;
        },
        3000));
    board().stopWalk();
    part<QAction>("walk-keys-action")->trigger();
    part<QAbstractButton>("walk-key-1-away")->click();
    QCOMPARE(SteeringKeys::saved().chosen(SteeringAction::Right), 0);
}

void SteeringTest::keysThatCannotBe_areLeftOutOfTheSettings() {
    QSettings().setValue("walk-keys/left", "Nonsense key");
    QSettings().setValue("walk-keys/jump", "P");
    QSettings().setValue("walk-keys/down", "Ctrl+K, Ctrl+L");
    const SteeringKeys keys = SteeringKeys::saved();
    for (int i = 0; i < steeringActionCount; ++i)
        QCOMPARE(keys.chosen(SteeringAction(i)), 0);
}

void SteeringTest::controller_steers_andItsAbsenceDoesNoHarm() {
    QVERIFY(!GameController().state().isAny());
    QVERIFY(SDL_InitSubSystem(SDL_INIT_GAMECONTROLLER) == 0);
    const int at = SDL_JoystickAttachVirtual(SDL_JOYSTICK_TYPE_GAMECONTROLLER,
                                             SDL_CONTROLLER_AXIS_MAX, SDL_CONTROLLER_BUTTON_MAX, 0);
    QVERIFY2(at >= 0, SDL_GetError());
    SDL_Joystick* pad = SDL_JoystickOpen(at);
    QVERIFY(pad);
    board().startWalk(false);
    const int x = body().x, y = body().y;
    SDL_JoystickSetVirtualAxis(pad, SDL_CONTROLLER_AXIS_LEFTX, 32000);
    QVERIFY(QTest::qWaitFor([&] { return body().x > x + 8; }, 5000));
    SDL_JoystickSetVirtualAxis(pad, SDL_CONTROLLER_AXIS_LEFTX, 0);
    SDL_JoystickSetVirtualButton(pad, SDL_CONTROLLER_BUTTON_A, 1);
    QVERIFY(QTest::qWaitFor([&] { return body().y < y; }, 5000));
    SDL_JoystickSetVirtualButton(pad, SDL_CONTROLLER_BUTTON_A, 0);
    board().stopWalk();
    SDL_JoystickClose(pad);
    SDL_JoystickDetachVirtual(at);
    SDL_QuitSubSystem(SDL_INIT_GAMECONTROLLER);
}

ROOK_TEST(SteeringTest)

}  // namespace rook::steering_test

#include "steering_test.moc"
