/// Prove and Walk in the real window: the verdict turns while one drags, abilities are lent, runs
/// are asked for, replayed and kept.

#include <QAbstractButton>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QSignalSpy>
#include <QSlider>
#include <QSpinBox>
#include <QTimer>

#include "app/panels/finding_note.h"
#include "app/play/walk.h"
#include "app/tools/jump_ruler.h"
#include "app/ui/theme.h"
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
        session().workbench.setStep(Step::Prove);
    }
    void cleanup() {
        session().runs.setWhatIf({});
        closeDemo();
    }
    void draggingAWall_turnsTheVerdict_andUndoTurnsItBack();
    void fix_ofAFinding_leavesItsPlaceToBeRead();
    void proofRun_isShownPlayedSteppedAndScrubbed();
    void runTo_findsARun_orTellsHowNearABodyComes();
    void keysInHand_openDoors_andTalliesBeginAsAsked();
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
        return QTest::qWaitFor([&] { return session().runs.run() != nullptr; }, 20000);
    }
    [[nodiscard]] QString sentence() const { return part<QLabel>("verdict")->text(); }
};

void ProveWindowTest::fix_ofAFinding_leavesItsPlaceToBeRead() {
    check::Finding finding;
    finding.sentence = "Bell is out of reach: a body comes as near as 24 px";
    finding.place = {352, 224, 16, 16};
    const FindingNote plain(1, finding, {16, 16}, nullptr);
    for (const char* fix : {"Lay a ledge of 2 cells at 20, 18", "Fill"}) {
        finding.fix = fix;
        FindingNote note(1, finding, {16, 16}, nullptr);
        note.resize(240, note.heightForWidth(240));
        const auto* button = note.findChild<QAbstractButton*>("fix-1");
        QVERIFY(button);
        note.grab();
        const QString place = QStringLiteral("at 22, 14");
        const int placeEnd = 34 + QFontMetrics(sizedFont(-2)).horizontalAdvance(place);
        // Beside the place, or below it.
        QVERIFY(button->x() > placeEnd || button->y() >= plain.heightForWidth(240) - 8);
        QVERIFY(note.rect().contains(button->geometry()));
    }
}

void ProveWindowTest::draggingAWall_turnsTheVerdict_andUndoTurnsItBack() {
    QVERIFY(sentence().contains("can be reached"));
    session().workbench.setStep(Step::Shape);
    session().workbench.chooseTool("box");
    dragCells({40, 1}, {41, 33});
    session().workbench.setStep(Step::Prove);
    QVERIFY(waitForProof());
    QVERIFY(QTest::qWaitFor([&] { return sentence().contains("cannot be reached"); }, 5000));
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(QTest::qWaitFor(
        [&] { return session().proofs.isCurrent(level().id) && !sentence().contains("cannot"); },
        5000));
}

void ProveWindowTest::proofRun_isShownPlayedSteppedAndScrubbed() {
    QVERIFY(waitForRun());
    QVERIFY(session().runs.run()->isProof);
    press("run-on");
    press("run-on");
    QCOMPARE(session().runs.tick(), 2);
    press("run-back");
    QCOMPARE(session().runs.tick(), 1);
    part<QSlider>("run-slider")->setValue(300);
    QCOMPARE(session().runs.tick(), 300);
    press("run-play");
    QVERIFY(session().runs.isPlaying());
    QVERIFY(QTest::qWaitFor([&] { return session().runs.tick() > 305; }, 3000));
    press("run-play");
    QVERIFY(!session().runs.isPlaying());
}

void ProveWindowTest::runTo_findsARun_orTellsHowNearABodyComes() {
    key(Qt::Key_S);
    QCOMPARE(session().workbench.tool(), std::string("run-to"));
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(20, 24));
    QVERIFY(QTest::qWaitFor([&] { return session().runs.run() && !session().runs.run()->isProof; },
                            20000));
    const auto run = session().runs.run();
    const auto query = reach::queryOf(session().document.project(), level());
    QVERIFY(reach::replays(query->problem, run->run, {run->to.x, run->to.y, 1, 1}));
    QString said;
    connect(&session().requests, &Requests::said, this, [&](const QString& text) { said = text; });
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(60, 3));
    QVERIFY(QTest::qWaitFor([&] { return said.contains("nearest"); }, 20000));
}

void ProveWindowTest::abilities_areLent_withoutTouchingTheProfile() {
    const auto profiles = session().document.project().profiles;
    const auto visited = session().proofs.of(level().id)->answer.onCells().reached.visited.count();
    press("ability-1");  // air jump
    QVERIFY(QTest::qWaitFor([&] { return session().runs.whatIfAnswer() != nullptr; }, 20000));
    QVERIFY(session().runs.whatIfAnswer()->answer.onCells().reached.visited.count() > visited);
    QVERIFY(sentence().startsWith("As if"));
    QVERIFY(session().document.project().profiles == profiles);
    QVERIFY(!session().document.isModified());
    press("ability-1");
    QVERIFY(!session().runs.whatIf().isAny());
    press("ability-0");  // the short hop is taken away
    QCOMPARE(session().runs.whatIf().taken, setOf(level::Ability::ShortHop));
}

void ProveWindowTest::keysInHand_openDoors_andTalliesBeginAsAsked() {
    session().document.chooseLevel({"wheel-hall"});
    QTRY_VERIFY(part<QAbstractButton>("held-valve-1"));
    press("held-valve-1");
    const std::vector<EntityId> held{{"valve-1"}};
    QCOMPARE(session().runs.whatIf().held, held);
    // A door that the wheel opens stands open from the first tick on.
    auto* lives = part<QSpinBox>("tried-lives");
    QVERIFY(lives);
    lives->setValue(7);
    QTest::keyClick(&board(), Qt::Key_Tab);
    QVERIFY(board().isWalking());
    QVERIFY(board().playtest()->game()->counts().filter("7").size() == 1);
    const runtime::World& world = board().playtest()->walk()->world();
    reach::QueryOptions plain, asIf;
    asIf.held = held;
    const auto shut = reach::queryOf(session().document.project(), level(), plain);
    const auto open = reach::queryOf(session().document.project(), level(), asIf);
    QVERIFY(shut && open);
    const auto needs = [](const auto& doors) {
        int count = 0;
        for (const auto& door : doors)
            count += door.needs != 0;
        return count;
    };
    QVERIFY(needs(open->problem.parts.doors) < needs(shut->problem.parts.doors));
    QCOMPARE(needs(world.parts().doors), needs(open->problem.parts.doors));
    QTest::keyClick(&board(), Qt::Key_Escape);
    // Another level has other keys.
    session().document.chooseLevel({"intake"});
    QVERIFY(session().runs.whatIf().held.empty());
}

void ProveWindowTest::closedRegion_turnsTheVerdict_andAClickOpensIt() {
    key(Qt::Key_F);
    dragCells({42, 1}, {44, 33});
    QVERIFY(QTest::qWaitFor([&] { return session().runs.whatIfAnswer() != nullptr; }, 20000));
    QCOMPARE(session().runs.whatIfAnswer()->answer.verdict.kind, reach::VerdictKind::NotReached);
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(20, 10));
    QVERIFY(!session().runs.whatIf().isAny());
}

void ProveWindowTest::measure_tellsWhetherAJumpIsMade() {
    key(Qt::Key_D);
    dragCells({24, 26}, {27, 26});
    QVERIFY(session().workbench.options<MeasuredJump>().line);
    QCOMPARE(session().workbench.options<MeasuredJump>().line->from.y,
             session().workbench.options<MeasuredJump>().line->to.y);
    board().cancel();
    QVERIFY(!session().workbench.options<MeasuredJump>().line);
}

void ProveWindowTest::walkFrom_startsThere_andKeepsARunFromTheStart() {
    key(Qt::Key_G);
    QTest::mouseMove(&board(), cell(20, 24));
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(20, 24));
    QVERIFY(board().isWalking());
    QVERIFY(!board().playtest()->walk()->recorded());
    key(Qt::Key_Escape);
    QVERIFY(!board().isWalking());
    board().startWalk(false);
    QVERIFY(QTest::qWaitFor([&] { return board().playtest()->walk()->ticks() > 20; }, 5000));
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
    QVERIFY(board().playtest()->isPaused());
    const int ticks = board().playtest()->walk()->ticks();
    // Not one tick while several frames go by.
    QTimer frames;
    frames.start(16);
    QSignalSpy frame(&frames, &QTimer::timeout);
    QTRY_VERIFY(frame.count() >= 6);
    QCOMPARE(board().playtest()->walk()->ticks(), ticks);
    key(Qt::Key_O);
    key(Qt::Key_O);
    QCOMPARE(board().playtest()->walk()->ticks(), ticks + 2);
    key(Qt::Key_Escape);
}

void ProveWindowTest::keptRun_breaks_andIsAFinding() {
    QVERIFY(waitForRun());
    press("run-keep");
    QCOMPARE(level().runs.size(), std::size_t{1});
    QVERIFY(waitForProof());
    session().workbench.setStep(Step::Shape);
    session().workbench.chooseTool("box");
    dragCells({40, 1}, {41, 33});
    session().workbench.setStep(Step::Prove);
    QVERIFY(waitForProof());
    const auto& findings = session().proofs.of(level().id)->report.findings();
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
    QCOMPARE(session().document.project().profileOf(level())->jumpHeight.thousandths, 2500);
    QVERIFY(part<QLabel>("motion-tables")->text().contains("rises 40 px"));
    // The verdict is of that motion.
    height->setValue(1);
    QVERIFY(!session().proofs.isCurrent(level().id));
    QVERIFY(waitForProof());
    QVERIFY(QTest::qWaitFor([&] { return sentence().contains("cannot be reached"); }, 5000));
    session().document.undo();
    session().document.undo();
    QVERIFY(waitForProof());
    QVERIFY(QTest::qWaitFor([&] { return !sentence().contains("cannot"); }, 5000));
    QCOMPARE(session().document.project().profileOf(level())->jumpHeight.thousandths, 3200);
    // What is out of range is not taken.
    height->setValue(0);
    QCOMPARE(session().document.project().profileOf(level())->jumpHeight.thousandths, 3200);
    press("has-ability-2");
    QVERIFY(session().document.project().profileOf(level())->has(level::Ability::WallJump));
    press("copy-profile");
    QVERIFY(level().profile != "");
}

void ProveWindowTest::role_isEditedInTheMargin() {
    session().document.chooseLevel({"wheel-hall"});
    session().workbench.setStep(Step::Cast);
    Selection selection;
    selection.entities = {EntityId{"sluice-2"}};
    session().workbench.select(selection);
    press("opens-valve-1");
    QCOMPARE(findEntity(level(), {"sluice-2"})->data.opens,
             std::vector<EntityId>{EntityId{"valve-2"}});
    selection.entities = {EntityId{"cleats-1"}};
    session().workbench.select(selection);
    choose("grants", 0);
    QVERIFY(!findEntity(level(), {"cleats-1"})->data.grants);
    choose("takes", 6);
    QVERIFY(findEntity(level(), {"cleats-1"})->data.takes == level::Ability::Climb);
    selection.entities = {EntityId{"steam-1"}};
    session().workbench.select(selection);
    press("timed");
    QVERIFY(!findEntity(level(), {"steam-1"})->data.timetable);
}

void ProveWindowTest::proof_isSavedWithTheLevel() {
    session().workbench.setStep(Step::Shape);
    session().workbench.chooseTool("brush");
    QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(60, 5));
    QVERIFY(waitForProof());
    session().workbench.setStep(Step::Prove);
    QVERIFY(waitForRun());
    const auto run = session().runs.run();
    QVERIFY(session().writer.save(session().document.folder()));
    const auto saved = file::openProject(file::diskStorage(), m_demo.toStdString());
    QVERIFY(saved);
    QVERIFY(saved->levels[0]->proof);
    QCOMPARE(saved->levels[0]->proof->ticks(), static_cast<long long>(run->run.ticks()));
}

ROOK_TEST(ProveWindowTest)

}  // namespace rook::prove_test

#include "prove_test.moc"
