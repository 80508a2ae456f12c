/// The game as a whole in the real window: its proof, walked through; projects that begin with a
/// small game; what Walk shows, and levels that change while one walks in them.

#include <QAbstractButton>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>

#include "app/pages/game_map.h"
#include "app/play/walk.h"
#include "app/steps/cast/cast_options.h"
#include "demo_window.h"
#include "level/level_edits.h"
#include "testing.h"

namespace rook::game_test {

using namespace rook::app;

class GameTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-game-test"); }
    void init() { openDemo(); }
    void cleanup() {
        board().stopWalk();
        closeDemo();
    }
    void newProject_beginsWithASmallGame();
    void newProject_isRefused_whereAFolderIs();
    void proof_isTold_followsEdits_andIsWalkedThrough();
    void proof_ofAKitBoard_isWalked();
    void arrows_takeOverFromTheProof();
    void winning_isToldInProve();
    void whatIsCarried_isInHandInTheNextLevel();
    void masses_areDrawnWhileOneWalks();
    void aRunThatIsKept_isARunStill();
    void massesOverTheBody_setItBackToWhereItWasFree();
    void hiddenThings_andScreens_areShownByAKey();
    void zoneEntry_isWhereOneGoesOn();
    void whatIsCarriedAndAssumed_isChosen();
    void wordsInOtherLanguages_areWrittenInTheSheet();

private:
    void startGame(const level::Project& project) {
        session().document.startNew(project);
        board().setFocus();
        QVERIFY(waitForProof());
    }
    void press(const char* name) {
        auto* button = part<QAbstractButton>(name);
        QVERIFY2(button, name);
        button->click();
    }
    void act(const char* name) { part<QAction>(name)->trigger(); }
    [[nodiscard]] QString verdict() const { return part<QLabel>("game-verdict")->text(); }
    bool waitForGame() const {
        return QTest::qWaitFor([&] { return session().gameProver.isCurrent(); }, 30000);
    }
    [[nodiscard]] const Walk& walk() const { return *board().playtest()->walk(); }
};

namespace {

const std::vector<std::string> plain{"............", "............", "S.........X.",
                                     "############"};

}  // namespace

void GameTest::newProject_beginsWithASmallGame() {
    const QTemporaryDir place;
    act("new-project-action");
    QVERIFY(part<QWidget>("new-project")->isVisible());
    QVERIFY(!board().isVisible());
    part<QLineEdit>("project-where")->setText(place.path());
    auto* name = part<QLineEdit>("project-name");
    name->selectAll();
    QTest::keyClicks(name, "The mill");
    press("starter-side");
    QTest::keyClick(name, Qt::Key_Return);
    QVERIFY(QFile::exists(place.filePath("the-mill/rookplot.json")));
    QCOMPARE(session().document.project().name, std::string("The mill"));
    QVERIFY(board().isVisible());
    QVERIFY(waitForProof());
    // It is drawn, and can be played at once.
    QVERIFY(QFile::exists(place.filePath("the-mill/sheets/plain.png")));
    board().startWalk(false);
    QVERIFY(board().isWalking());
    board().stopWalk();
}

void GameTest::newProject_isRefused_whereAFolderIs() {
    const QTemporaryDir place;
    QVERIFY(QDir(place.path()).mkdir("mine"));
    act("new-project-action");
    part<QLineEdit>("project-where")->setText(place.path());
    part<QLineEdit>("project-name")->setText("Mine");
    QVERIFY(!part<QAbstractButton>("make-project")->isEnabled());
    QTest::keyClick(part<QLineEdit>("project-name"), Qt::Key_Return);
    QVERIFY(!QFile::exists(place.filePath("mine/rookplot.json")));
    part<QLineEdit>("project-name")->setText("Mine too");
    QVERIFY(part<QAbstractButton>("make-project")->isEnabled());
    QTest::keyClick(part<QWidget>("new-project"), Qt::Key_Escape);
    QVERIFY(board().isVisible());
}

void GameTest::proof_isTold_followsEdits_andIsWalkedThrough() {
    startGame(testing::gameOf({plain, plain}));
    act("game-action");
    QVERIFY(waitForGame());
    QVERIFY2(verdict().startsWith("The game can be finished: 2 levels"), qPrintable(verdict()));
    // A wall before the second exit.
    session().document.chooseLevel({"level-2"});
    session().document.apply(level::layCells(session().document.project(), level(),
                                             level::CellRegion(CellRect{6, 0, 1, 3}),
                                             level::Cell(level::MatterId{1}), "Wall"));
    QVERIFY(waitForGame());
    QVERIFY2(verdict().contains("no way leads on from Level 2"), qPrintable(verdict()));
    QVERIFY(!part<QAbstractButton>("walk-proof")->isEnabled());
    session().document.undo();
    QVERIFY(waitForGame());
    press("walk-proof");
    QVERIFY(board().isVisible());
    QVERIFY(board().isWalking());
    QCOMPARE(level().id.text, std::string("level-1"));
    QVERIFY(board().playtest()->game()->run());
    QVERIFY(QTest::qWaitFor([&] { return level().id.text == "level-2"; }, 8000));
    QVERIFY(QTest::qWaitFor([&] { return !board().isWalking(); }, 8000));
}

void GameTest::proof_ofAKitBoard_isWalked() {
    level::Project project = session().document.project();
    std::erase_if(project.levels,
                  [](const auto& level) { return level->id.text != "keepers-quay"; });
    level::Level quay = *project.levels.front();
    quay.entities.editEach([](const level::Entity& e) { return e.id.text == "gate-1"; },
                           [](level::Entity& e) { e.to = {}; });
    startGame(project.withLevel(quay));
    act("game-action");
    QVERIFY(waitForGame());
    QVERIFY2(verdict().startsWith("The game can be finished"), qPrintable(verdict()));
    press("walk-proof");
    QVERIFY(board().isWalking());
    // By itself to the exit, and to the words of the end, which are gone by themselves.
    QVERIFY(QTest::qWaitFor([&] { return !board().isWalking(); }, 60000));
}

void GameTest::arrows_takeOverFromTheProof() {
    startGame(testing::gameOf({plain, plain}));
    act("game-action");
    QVERIFY(waitForGame());
    press("walk-proof");
    QVERIFY(board().playtest()->game()->run());
    QTest::keyPress(&board(), Qt::Key_Left);
    QVERIFY(!board().playtest()->game()->run());
    QTest::keyRelease(&board(), Qt::Key_Left);
    QTest::qWait(300);
    QCOMPARE(level().id.text, std::string("level-1"));
}

void GameTest::winning_isToldInProve() {
    level::Project project =
        testing::gameOf({{"............", "............", "S..o......X.", "############"}});
    testing::editLevel(project, "level-1", [](level::Level& level) {
        level::LevelGoal goal;
        goal.kind = {"lantern"};
        level.goals = std::vector<level::LevelGoal>{goal};
    });
    startGame(project);
    session().workbench.setStep(Step::Prove);
    const auto words = [&] { return part<QLabel>("winning")->text(); };
    QVERIFY(QTest::qWaitFor([&] { return words().startsWith("by gate-1, "); }, 8000));
    // Where the lantern is walled in it is said as a finding, too.
    session().document.apply(level::layCells(session().document.project(), level(),
                                             level::CellRegion(CellRect{2, 0, 3, 3}),
                                             level::Cell(level::MatterId{1}), "Wall"));
    QVERIFY(QTest::qWaitFor([&] { return words() == "not by gate-1"; }, 8000));
    const auto& findings = session().proofs.ofBoard()->report.findings();
    QVERIFY(std::any_of(findings.begin(), findings.end(), [](const check::Finding& finding) {
        return finding.kind == check::FindingKind::GoalImpossible;
    }));
}

void GameTest::whatIsCarried_isInHandInTheNextLevel() {
    startGame(testing::gameWithAnAirJump());
    act("game-action");
    QVERIFY(waitForGame());
    press("walk-proof");
    QVERIFY(QTest::qWaitFor([&] { return level().id.text == "level-2"; }, 8000));
    const auto hasAirJump = [&] {
        return (walk().world().abilitiesWith(walk().body().held) &
                runtime::setOf(runtime::Ability::AirJump)) != 0;
    };
    QVERIFY(hasAirJump());
    QVERIFY(QTest::qWaitFor([&] { return !board().isWalking(); }, 8000));
    // The first level has none at its start.
    session().document.chooseLevel({"level-1"});
    board().startWalk(false);
    QVERIFY(!hasAirJump());
}

void GameTest::masses_areDrawnWhileOneWalks() {
    startGame(testing::gameOf({plain}));
    session().workbench.setStep(Step::Shape);
    session().workbench.chooseTool("brush");
    board().fitLevel();
    board().startWalk(false);
    QVERIFY(QTest::qWaitFor([&] { return walk().ticks() > 4; }));
    const auto steps = session().document.history().steps().size();
    const QPoint at = board().view().toWidget(PxPoint{5 * 16 + 8, 2 * 16 + 8}).toPoint();
    QTest::mousePress(&board(), Qt::LeftButton, {}, at);
    QTest::mouseRelease(&board(), Qt::LeftButton, {}, at);
    QVERIFY(!level().cells.at(5, 2).isOpen());
    QCOMPARE(session().document.history().steps().size(), steps + 1);
    QVERIFY(board().isWalking());
    // It is a wall for who walks there now.
    QTest::keyPress(&board(), Qt::Key_D);
    QTest::qWait(700);
    QTest::keyRelease(&board(), Qt::Key_D);
    QCOMPARE(walk().body().x + walk().tables().bodyWidth, 5 * 16);
    QVERIFY(!walk().recorded());
    session().document.undo();
    QTest::keyPress(&board(), Qt::Key_D);
    QVERIFY(QTest::qWaitFor([&] { return walk().body().x > 6 * 16; }, 4000));
    QTest::keyRelease(&board(), Qt::Key_D);
}

void GameTest::aRunThatIsKept_isARunStill() {
    startGame(testing::gameOf({plain}));
    board().startWalk(false);
    QVERIFY(QTest::qWaitFor([&] { return walk().ticks() > 20; }));
    QTest::keyClick(&board(), Qt::Key_K);
    QCOMPARE(level().runs.size(), std::size_t(1));
    // The world is the same: it can be kept again.
    QVERIFY(walk().recorded());
    QTest::keyClick(&board(), Qt::Key_K);
    QCOMPARE(level().runs.size(), std::size_t(2));
}

void GameTest::massesOverTheBody_setItBackToWhereItWasFree() {
    startGame(testing::gameOf({plain}));
    board().startWalk(false);
    QVERIFY(QTest::qWaitFor([&] { return walk().ticks() > 4; }));
    session().document.apply(level::layCells(session().document.project(), level(),
                                             level::CellRegion(CellRect{0, 0, 3, 3}),
                                             level::Cell(level::MatterId{1}), "Wall"));
    // Nowhere is free there: it begins again, and the walk goes on without harm.
    QVERIFY(QTest::qWaitFor([&] { return board().isWalking(); }));
    session().document.undo();
    QTest::qWait(100);
    QVERIFY(board().isWalking());
    QVERIFY(walk().body().stance != runtime::Stance::Ended);
}

void GameTest::hiddenThings_andScreens_areShownByAKey() {
    session().workbench.setStep(Step::Shape);
    board().startWalk(false);
    const auto picture = [&] { return board().grab().toImage(); };
    QTest::keyClick(&board(), Qt::Key_P);
    const QImage before = picture();
    QTest::keyClick(&board(), Qt::Key_U);
    QVERIFY(picture() != before);
    QTest::keyClick(&board(), Qt::Key_U);
    QTest::keyClick(&board(), Qt::Key_F);
    const QImage framed = picture();
    QVERIFY(framed != before);
    // That screen alone, at a whole zoom.
    QTest::keyClick(&board(), Qt::Key_F);
    QCOMPARE(board().view().scale(), std::round(board().view().scale()));
    QVERIFY(picture() != framed);
    QTest::keyClick(&board(), Qt::Key_F);
    QTest::keyClick(&board(), Qt::Key_Escape);
    QVERIFY(!board().isWalking());
}

void GameTest::zoneEntry_isWhereOneGoesOn() {
    startGame(testing::gameWithTwoZones());
    QVERIFY(QTest::qWaitFor([&] { return session().proofs.isPlanCurrent(level().id); }, 5000));
    board().startWalk(false);
    QTest::keyPress(&board(), Qt::Key_D);
    QVERIFY(QTest::qWaitFor([&] { return walk().deaths() == 1; }, 8000));
    QTest::keyRelease(&board(), Qt::Key_D);
    QVERIFY(walk().body().x > 7 * 16);
}

void GameTest::whatIsCarriedAndAssumed_isChosen() {
    startGame(testing::gameWithAnAirJump());
    act("game-action");
    const level::Game& game = session().document.project().game;
    QVERIFY(part<QAbstractButton>("carries-abilities")->isChecked());
    press("carries-keys");
    QVERIFY(game.carries.keys);
    press("carries-abilities");
    QVERIFY(!session().document.project().game.carries.abilities);
    session().document.undo();
    session().document.chooseLevel({"level-2"});
    act("level-sheet-action");
    QVERIFY(!part<QWidget>("sheet-assumes-1")->isVisible());
    choose("sheet-assumes", 1);
    QVERIFY(level().assumes && level().assumes->empty());
    QVERIFY(part<QWidget>("sheet-assumes-1")->isVisible());
    press("sheet-assumes-1");
    QCOMPARE(level().assumes->size(), std::size_t(1));
    choose("sheet-assumes", 0);
    QVERIFY(!level().assumes);
}

void GameTest::wordsInOtherLanguages_areWrittenInTheSheet() {
    level::Project project = testing::gameOf({plain});
    testing::editLevel(project, "level-1", [](level::Level& level) {
        level.texts = std::vector<level::Words>{
            {"start", level::WordsWhen::Start, "Run.", level::WordsPlace::Top, 0, {}, {}}};
    });
    startGame(project);
    act("game-action");
    auto* languages = part<QLineEdit>("languages");
    languages->setFocus();
    languages->selectAll();
    QTest::keyClicks(languages, "en, de");
    Q_EMIT languages->editingFinished();
    QCOMPARE(session().document.project().game.languages, (std::vector<std::string>{"en", "de"}));
    act("level-sheet-action");
    choose("text-0-language", 1);
    auto* text = part<QPlainTextEdit>("text-0-text");
    QVERIFY(text->toPlainText().isEmpty());
    text->setFocus();
    QTest::keyClicks(text, "Lauf.");
    part<QLineEdit>("text-0-id")->setFocus();
    QCOMPARE(level().texts[0].text, std::string("Run."));
    QCOMPARE(*level().texts[0].textIn("de"), std::string("Lauf."));
}

ROOK_TEST(GameTest)

}  // namespace rook::game_test

#include "game_test.moc"
