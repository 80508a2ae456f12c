/// Prove and Walk in the real window: the verdict turns while one drags, abilities are lent, runs
/// are asked for, replayed and kept.

#include <QAbstractButton>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QSlider>

#include "demo_window.h"
#include "file/project_file.h"
#include "testing.h"

namespace rook::prove_test {

using namespace rook::app;

class ProveWindowTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-prove-test"); }
    void init() {
        openDemo();
        session().setStep(Step::Prove);
    }
    void cleanup() {
        session().setWhatIf({});
        closeDemo();
    }
    void draggingAWall_turnsTheVerdict_andUndoTurnsItBack();
    void proofRun_isShownPlayedSteppedAndScrubbed();
    void runTo_findsARun_orTellsHowNearABodyComes();
    void abilities_areLent_withoutTouchingTheProfile();
    void closedRegion_turnsTheVerdict_andAClickOpensIt();
    void measure_tellsWhetherAJumpIsMade();
    void walkFrom_startsThere_andKeepsARunFromTheStart();
    void walk_pauses_andGoesByTicks();
    void keptRun_breaks_andIsAFinding();
    void motionEditor_changesTheProfile_asOneUndo();
    void role_isEditedInTheMargin();
    void proof_isSavedWithTheLevel();

private:
    void press(const char* name) {
        auto* button = part<QAbstractButton>(name);
        QVERIFY2(button, name);
        button->click();
    }
    void key(Qt::Key k) { QTest::keyClick(&board(), k); }
    bool waitForRun() {
        return QTest::qWaitFor([&] { return session().shownRun() != nullptr; }, 20000);
    }
    [[nodiscard]] QString sentence() const { return part<QLabel>("verdict")->text(); }
};

void ProveWindowTest::draggingAWall_turnsTheVerdict_andUndoTurnsItBack() {
    QVERIFY(sentence().contains("can be reached"));
    session().setStep(Step::Shape);
    session().setShapeTool(ShapeTool::Box);
    dragCells({40, 1}, {41, 33});
    session().setStep(Step::Prove);
    QVERIFY(waitForProof());
    QVERIFY(QTest::qWaitFor([&] { return sentence().contains("cannot be reached"); }, 5000));
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(QTest::qWaitFor(
        [&] { return session().isProofCurrent(level().id) && !sentence().contains("cannot"); },
        5000));
}

void ProveWindowTest::proofRun_isShownPlayedSteppedAndScrubbed() {
    QVERIFY(waitForRun());
    QVERIFY(session().shownRun()->isProof);
    press("run-on");
    press("run-on");
    QCOMPARE(session().runTick(), 2);
    press("run-back");
    QCOMPARE(session().runTick(), 1);
    part<QSlider>("run-slider")->setValue(300);
    QCOMPARE(session().runTick(), 300);
    press("run-play");
    QVERIFY(session().isRunPlaying());
    QVERIFY(QTest::qWaitFor([&] { return session().runTick() > 305; }, 3000));
    press("run-play");
    QVERIFY(!session().isRunPlaying());
}

void ProveWindowTest::runTo_findsARun_orTellsHowNearABodyComes() {
    key(Qt::Key_S);
    QCOMPARE(session().proveTool(), ProveTool::RunTo);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(20, 24));
    QVERIFY(QTest::qWaitFor([&] { return session().shownRun() && !session().shownRun()->isProof; },
                            20000));
    const auto run = session().shownRun();
    const auto question = reach::askOf(session().project(), level());
    QVERIFY(reach::replays(question->problem, run->run, {run->to.x, run->to.y, 1, 1}));
    QString said;
    connect(&session(), &Session::said, this, [&](const QString& text) { said = text; });
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(60, 3));
    QVERIFY(QTest::qWaitFor([&] { return said.contains("nearest"); }, 20000));
}

void ProveWindowTest::abilities_areLent_withoutTouchingTheProfile() {
    const auto profiles = session().project().profiles;
    const auto visited = session().proven(level().id)->answer.reached.visited.count();
    press("ability-1");  // air jump
    QVERIFY(QTest::qWaitFor([&] { return session().whatIfAnswer() != nullptr; }, 20000));
    QVERIFY(session().whatIfAnswer()->answer.reached.visited.count() > visited);
    QVERIFY(sentence().startsWith("As if"));
    QVERIFY(session().project().profiles == profiles);
    QVERIFY(!session().isModified());
    press("ability-1");
    QVERIFY(!session().whatIf().isAny());
    press("ability-0");  // the short hop is taken away
    QCOMPARE(session().whatIf().taken, setOf(level::Ability::ShortHop));
}

void ProveWindowTest::closedRegion_turnsTheVerdict_andAClickOpensIt() {
    key(Qt::Key_F);
    dragCells({42, 1}, {44, 33});
    QVERIFY(QTest::qWaitFor([&] { return session().whatIfAnswer() != nullptr; }, 20000));
    QCOMPARE(session().whatIfAnswer()->answer.verdict.kind, reach::VerdictKind::NotReached);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(20, 10));
    QVERIFY(!session().whatIf().isAny());
}

void ProveWindowTest::measure_tellsWhetherAJumpIsMade() {
    key(Qt::Key_D);
    dragCells({24, 26}, {27, 26});
    QVERIFY(board().jumpLine());
    QCOMPARE(board().jumpLine()->from.y, board().jumpLine()->to.y);
    board().cancel();
    QVERIFY(!board().jumpLine());
}

void ProveWindowTest::walkFrom_startsThere_andKeepsARunFromTheStart() {
    key(Qt::Key_G);
    QTest::mouseMove(&board(), cell(20, 24));
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(20, 24));
    QVERIFY(board().isWalking());
    QVERIFY(!board().walk()->recorded());
    key(Qt::Key_Escape);
    QVERIFY(!board().isWalking());
    board().startWalk(false);
    QVERIFY(QTest::qWaitFor([&] { return board().walk()->ticks() > 20; }, 5000));
    key(Qt::Key_K);
    QCOMPARE(level().runs.size(), std::size_t{1});
    key(Qt::Key_Escape);
    QVERIFY(waitForProof());
    QVERIFY(QTest::qWaitFor(
        [&] {
            auto* label = part<QLabel>("kept-run-0");
            return label && label->text().contains("still possible");
        },
        5000));
}

void ProveWindowTest::walk_pauses_andGoesByTicks() {
    board().startWalk(false);
    key(Qt::Key_P);
    QVERIFY(board().isWalkPaused());
    const int ticks = board().walk()->ticks();
    QTest::qWait(100);
    QCOMPARE(board().walk()->ticks(), ticks);
    key(Qt::Key_O);
    key(Qt::Key_O);
    QCOMPARE(board().walk()->ticks(), ticks + 2);
    key(Qt::Key_Escape);
}

void ProveWindowTest::keptRun_breaks_andIsAFinding() {
    QVERIFY(waitForRun());
    press("run-keep");
    QCOMPARE(level().runs.size(), std::size_t{1});
    QVERIFY(waitForProof());
    session().setStep(Step::Shape);
    session().setShapeTool(ShapeTool::Box);
    dragCells({40, 1}, {41, 33});
    session().setStep(Step::Prove);
    QVERIFY(waitForProof());
    const auto& findings = session().proven(level().id)->findings;
    QVERIFY(std::any_of(findings.begin(), findings.end(), [](const check::Finding& finding) {
        return finding.kind == check::FindingKind::RunBroken;
    }));
    QVERIFY(QTest::qWaitFor(
        [&] {
            auto* label = part<QLabel>("kept-run-0");
            return label && label->text().contains("broken");
        },
        5000));
}

void ProveWindowTest::motionEditor_changesTheProfile_asOneUndo() {
    auto* height = part<QDoubleSpinBox>("motion-Jump height");
    QVERIFY(height);
    height->setValue(2.5);
    QCOMPARE(session().project().profileOf(level())->jumpHeight.thousandths, 2500);
    QVERIFY(part<QLabel>("motion-tables")->text().contains("rises 40 px"));
    // The verdict is of that motion.
    height->setValue(1);
    QVERIFY(!session().isProofCurrent(level().id));
    QVERIFY(waitForProof());
    QVERIFY(QTest::qWaitFor([&] { return sentence().contains("cannot be reached"); }, 5000));
    session().undo();
    session().undo();
    QVERIFY(waitForProof());
    QVERIFY(QTest::qWaitFor([&] { return !sentence().contains("cannot"); }, 5000));
    QCOMPARE(session().project().profileOf(level())->jumpHeight.thousandths, 3200);
    // What is out of range is not taken.
    height->setValue(0);
    QCOMPARE(session().project().profileOf(level())->jumpHeight.thousandths, 3200);
    press("has-ability-2");
    QVERIFY(session().project().profileOf(level())->has(level::Ability::WallJump));
    press("copy-profile");
    QVERIFY(level().profile != "");
}

void ProveWindowTest::role_isEditedInTheMargin() {
    session().chooseLevel({"wheel-hall"});
    session().setStep(Step::Cast);
    Selection selection;
    selection.entities = {EntityId{"sluice-2"}};
    session().select(selection);
    press("opens-valve-1");
    QCOMPARE(findEntity(level(), {"sluice-2"})->data.opens,
             std::vector<EntityId>{EntityId{"valve-2"}});
    selection.entities = {EntityId{"cleats-1"}};
    session().select(selection);
    choose("grants", 0);
    QVERIFY(!findEntity(level(), {"cleats-1"})->data.grants);
    choose("takes", 6);
    QVERIFY(findEntity(level(), {"cleats-1"})->data.takes == level::Ability::Climb);
    selection.entities = {EntityId{"steam-1"}};
    session().select(selection);
    press("timed");
    QVERIFY(!findEntity(level(), {"steam-1"})->data.timetable);
}

void ProveWindowTest::proof_isSavedWithTheLevel() {
    session().setStep(Step::Shape);
    session().setShapeTool(ShapeTool::Brush);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(60, 5));
    QVERIFY(waitForProof());
    session().setStep(Step::Prove);
    QVERIFY(waitForRun());
    const auto run = session().shownRun();
    QVERIFY(session().save(session().folder()));
    const auto saved = file::openProject(file::diskStorage(), m_demo.toStdString());
    QVERIFY(saved);
    QVERIFY(saved->levels[0]->proof);
    QCOMPARE(saved->levels[0]->proof->ticks(), static_cast<long long>(run->run.ticks()));
}

ROOK_TEST(ProveWindowTest)

}  // namespace rook::prove_test

#include "prove_test.moc"
