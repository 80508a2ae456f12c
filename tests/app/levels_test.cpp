/// Whole levels and the game around them, in the real window: made, copied, removed, renamed, and
/// played on from one to the next.

#include <QAbstractButton>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QSpinBox>

#include "app/pages/game_map.h"
#include "app/play/walk.h"
#include "app/steps/cast/cast_options.h"
#include "demo_window.h"
#include "level/level_edits.h"
#include "testing.h"

namespace rook::levels_test {

using namespace rook::app;

class LevelsTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-levels-test"); }
    void init() { openDemo(); }
    void cleanup() {
        board().stopWalk();
        closeDemo();
    }
    void newLevel_isMadeOnce_afterTheOneAtHand();
    void newLevel_ofATextGrid_hasItsSize();
    void newLevel_isShownBeforeItIsMade();
    void copy_isOnTheBoard_afterTwoMovements();
    void removedLevel_tellsWhatLedThere_andUndoBringsItBack();
    void sheet_opensByItsTitle_andClosesByEscape();
    void id_isRenamedWhereItStands();
    void goalsAndWords_areWrittenInTheSheet();
    void wordsOfOneId_areRefused();
    void tallies_areAdded_andKindsCountForThem();
    void exits_areListedInTheGame();
    void walk_playsOnToTheNextLevel_andToTheEnd();
    void missingGoal_keepsOneIn_andTells();
    void deaths_costLives_untilTheGameBeginsAgain();
    void home_beginsTheLevelAgain();
    void things_areTakenAlong_toAnotherLevel();
    void pieces_areTakenAlong_onTheStoreyInHand();
    void thumbnail_staysWhileTheNextIsMade();
    void grid_isSwitchedOff();
    void gameMap_leadsExits_andKeepsPlaces();

private:
    /// An exit of the leaky reach names the hall.
    void leadBackToTheHall() {
        level::Level leaky = *project().findLevel({"leaky-reach"});
        leaky.entities.editEach([](const level::Entity& e) { return e.id.text == "gate-2"; },
                                [](level::Entity& e) { e.to.level = {"wheel-hall"}; });
        session().document.apply(level::LevelEdit{leaky, "Lead back", {}});
    }
    void key(int k, Qt::KeyboardModifiers modifiers = {}) {
        QTest::keyClick(m_window->focusWidget() ? m_window->focusWidget() : m_window.get(),
                        Qt::Key(k), modifiers);
    }
    void press(const char* name) {
        auto* button = part<QAbstractButton>(name);
        QVERIFY2(button, name);
        button->click();
    }
    void write(const char* name, const char* text) {
        auto* line = part<QLineEdit>(name);
        QVERIFY2(line, name);
        line->setFocus();
        line->selectAll();
        QTest::keyClicks(line, text);
        Q_EMIT line->editingFinished();
    }
    void act(const char* name) {
        auto* action = part<QAction>(name);
        QVERIFY2(action, name);
        action->trigger();
    }
    [[nodiscard]] const level::Project& project() const { return session().document.project(); }
    [[nodiscard]] std::string order() const {
        std::string text;
        for (const auto& level : project().levels)
            text += level->id.text + ' ';
        return text;
    }
    /// A game of two short corridors, the first leading to the second; a lantern on the way.
    void openSmallGame() {
        level::Project small = testing::smallProject();
        level::Level level = testing::drawnLevel(
            small, {"............", "............", ".S...o...X..", "############"});
        level.entities.edit([](auto& entities) {
            for (level::Entity& entity : entities)
                if (entity.kind.text == "gate") entity.to.onward = level::Onward::Next;
        });
        small.levels.clear();
        for (const char* id : {"first", "second"}) {
            level.id = {id};
            level.title = id;
            small.levels.push_back(std::make_shared<const level::Level>(level));
        }
        level::Words end;
        end.id = "end";
        end.when = level::WordsWhen::End;
        end.text = "The end";
        small.game.texts = {end};
        session().document.startNew(small);
        board().setFocus();
    }
    void change(const std::function<void(level::Level&)>& act) {
        session().document.apply(level::changeLevel(level(), "Change", act));
    }
    /// Walks to the right until something comes of it.
    bool walkRightUntil(const std::function<bool()>& is) {
        QTest::keyPress(&board(), Qt::Key_D);
        const bool done = QTest::qWaitFor(is, 8000);
        if (board().isWalking()) QTest::keyRelease(&board(), Qt::Key_D);
        return done;
    }
};

void LevelsTest::newLevel_isMadeOnce_afterTheOneAtHand() {
    const std::size_t before = project().levels.size();
    act("new-level-action");
    QVERIFY(part<QWidget>("new-level")->isVisible());
    QVERIFY(!board().isVisible());
    QTest::keyClicks(m_window->focusWidget(), "Sluice walk");
    part<QSpinBox>("new-columns")->setValue(50);
    press("new-with-1");
    part<QLineEdit>("new-title")->setFocus();
    key(Qt::Key_Return);
    QCOMPARE(project().levels.size(), before + 1);
    QCOMPARE(project().levels[1]->id.text, std::string("sluice-walk"));
    QCOMPARE(level().title, std::string("Sluice walk"));
    QCOMPARE(level().cells.width(), 50);
    QVERIFY(!level().cells.at(0, 0).isOpen() && level().cells.at(5, 5).isOpen());
    QVERIFY(board().isVisible());
    QCOMPARE(session().workbench.step(), Step::Shape);
}

void LevelsTest::newLevel_ofATextGrid_hasItsSize() {
    act("new-level-action");
    press("new-with-4");
    part<QPlainTextEdit>("new-text")->setPlainText("#....\n#####");
    press("make-level");
    QCOMPARE(level().cells.width(), 5);
    QCOMPARE(level().cells.height(), 2);
    QVERIFY(!level().cells.at(0, 0).isOpen() && level().cells.at(1, 0).isOpen());
}

void LevelsTest::newLevel_isShownBeforeItIsMade() {
    act("new-level-action");
    auto* preview = part<QLabel>("new-preview");
    const QImage bare = preview->pixmap().toImage();
    QVERIFY(!bare.isNull());
    press("new-with-1");
    QVERIFY(preview->pixmap().toImage() != bare);
    press("new-with-4");
    part<QPlainTextEdit>("new-text")->setPlainText("?!");
    QVERIFY2(preview->text().contains("?"), qPrintable(preview->text()));
    const std::size_t before = project().levels.size();
    press("make-level");
    QCOMPARE(project().levels.size(), before);
    press("page-back");
    QVERIFY(board().isVisible());
}

void LevelsTest::copy_isOnTheBoard_afterTwoMovements() {
    const level::Level before = level();
    key(Qt::Key_D, Qt::ControlModifier | Qt::ShiftModifier);
    QCOMPARE(level().title, before.title + " 2");
    QVERIFY(level().cells == before.cells && level().entities == before.entities);
    QCOMPARE(order().substr(0, 7 + 15), std::string("intake intake-steps-2 "));
    session().document.undo();
    QVERIFY(project().findLevel(before.id) && !project().findLevel({"intake-steps-2"}));
    QCOMPARE(level().id.text, std::string("intake"));
}

void LevelsTest::removedLevel_tellsWhatLedThere_andUndoBringsItBack() {
    leadBackToTheHall();
    session().document.chooseLevel({"wheel-hall"});
    const std::string before = order();
    QString said;
    connect(&session().requests, &Requests::said, this, [&](const QString& text) { said = text; });
    act("remove-level");
    QVERIFY(!project().findLevel({"wheel-hall"}));
    QVERIFY2(said.contains("gate-2 of The leaky reach"), qPrintable(said));
    // What stands where it stood is on the board.
    QCOMPARE(level().id.text, std::string("kite-gallery"));
    session().document.undo();
    QCOMPARE(order(), before);
    QCOMPARE(level().id.text, std::string("wheel-hall"));
}

void LevelsTest::sheet_opensByItsTitle_andClosesByEscape() {
    press("head-title");
    QVERIFY(part<QWidget>("level-sheet")->isVisible());
    QVERIFY(part<QLineEdit>("sheet-title")->hasFocus());
    write("sheet-title", "Upper steps");
    QCOMPARE(level().title, std::string("Upper steps"));
    key(Qt::Key_Escape);
    QVERIFY(!part<QWidget>("level-sheet")->isVisible());
    QVERIFY(board().hasFocus());
    // Another step is the board again, too.
    press("head-title");
    session().workbench.setStep(Step::Cast);
    QVERIFY(board().isVisible());
}

void LevelsTest::id_isRenamedWhereItStands() {
    leadBackToTheHall();
    session().document.chooseLevel({"wheel-hall"});
    press("head-title");
    write("sheet-id", "wheel");
    QVERIFY(project().findLevel({"wheel"}) && !project().findLevel({"wheel-hall"}));
    QCOMPARE(level().id.text, std::string("wheel"));
    const level::Entity* gate =
        level::findEntity(*project().findLevel({"leaky-reach"}), {"gate-2"});
    QCOMPARE(gate->to.level.text, std::string("wheel"));
    // One that is taken is refused, and the line shows what is.
    write("sheet-id", "intake");
    QCOMPARE(level().id.text, std::string("wheel"));
    QCOMPARE(part<QLineEdit>("sheet-id")->text(), QString("wheel"));
    session().document.undo();
    QCOMPARE(level().id.text, std::string("wheel-hall"));
}

void LevelsTest::goalsAndWords_areWrittenInTheSheet() {
    press("head-title");
    const std::size_t before = level().goals.size();
    press("add-goal");
    QCOMPARE(level().goals.size(), before + 1);
    choose("goal-1-type", int(level::GoalType::Within));
    QCOMPARE(level().goals[1].type, level::GoalType::Within);
    part<QSpinBox>("goal-1-number")->setValue(1200);
    QCOMPARE(level().goals[1].ticks, 1200);
    press("goal-1-needed");
    QVERIFY(!level().goals[1].isNeeded);
    press("add-text");
    QCOMPARE(level().texts.size(), std::size_t(2));
    QCOMPARE(level().texts[1].when, level::WordsWhen::Said);
    auto* text = part<QPlainTextEdit>("text-1-text");
    text->setFocus();
    QTest::keyClicks(text, "Quick now.");
    QTest::keyClick(text, Qt::Key_Return, Qt::ControlModifier);
    QCOMPARE(level().texts[1].text, std::string("Quick now."));
    choose("goal-1-words", 2);
    QCOMPARE(level().goals[1].words, level().texts[1].id);
    // Another id is followed by the goal that names it.
    write("text-1-id", "hurry");
    QCOMPARE(level().texts[1].id, std::string("hurry"));
    QCOMPARE(level().goals[1].words, std::string("hurry"));
    press("goal-1-remove");
    QCOMPARE(level().goals.size(), before);
}

void LevelsTest::wordsOfOneId_areRefused() {
    press("head-title");
    press("add-text");
    write("text-1-id", "start");
    QVERIFY(level().texts[0].id != level().texts[1].id);
    QCOMPARE(part<QLineEdit>("text-1-id")->text(), QString::fromStdString(level().texts[1].id));
}

void LevelsTest::tallies_areAdded_andKindsCountForThem() {
    openSmallGame();
    key(Qt::Key_0);
    QVERIFY(part<QWidget>("game-page")->isVisible());
    press("add-lives");
    press("add-tally");
    const level::Game& game = project().game;
    QCOMPARE(game.tallies.size(), std::size_t(2));
    QCOMPARE(game.lives, std::string("lives"));
    choose("tally-1-every-tally", 1);
    QCOMPARE(project().game.tallies[1].every[0].tally, std::string("lives"));
    // A tally that would feed itself is refused.
    choose("tally-0-every-tally", 1);
    QVERIFY(project().game.tallies[0].every.empty());
    part<QSpinBox>("tally-0-start")->setValue(5);
    QCOMPARE(project().game.tallies[0].start, 5);
    session().workbench.setStep(Step::Cast);
    session().workbench.change<CastOptions>([](CastOptions& o) { o.kind = {"lantern"}; });
    choose("kind-tally", 2);
    QCOMPARE(project().findKind({"lantern"})->tally, std::string("score"));
}

void LevelsTest::exits_areListedInTheGame() {
    key(Qt::Key_0);
    auto* row = part<QAbstractButton>("exit-row-0");
    QVERIFY(row);
    QVERIFY2(row->accessibleName().contains("Wheel hall") || row->text().contains("gate-1"),
             qPrintable(row->text()));
    press("exit-row-3");
    QCOMPARE(session().workbench.step(), Step::Cast);
    QVERIFY(board().isVisible());
    QCOMPARE(session().workbench.selection().entities.size(), std::size_t(1));
}

void LevelsTest::walk_playsOnToTheNextLevel_andToTheEnd() {
    openSmallGame();
    board().startWalk(false);
    QVERIFY(walkRightUntil([&] { return level().id.text == "second" && board().isWalking(); }));
    QVERIFY(walkRightUntil([&] { return board().playtest()->game()->words() != nullptr; }));
    QCOMPARE(board().playtest()->game()->words()->text, std::string("The end"));
    // Time stands still until a key; then one is back at the board.
    const int ticks = board().playtest()->walk()->ticks();
    QTest::qWait(60);
    QCOMPARE(board().playtest()->walk()->ticks(), ticks);
    QTest::keyClick(&board(), Qt::Key_Space);
    QVERIFY(QTest::qWaitFor([&] { return !board().isWalking(); }));
}

void LevelsTest::missingGoal_keepsOneIn_andTells() {
    openSmallGame();
    change([](level::Level& l) {
        level::LevelGoal goal;
        goal.type = level::GoalType::Survive;
        goal.ticks = 100000;
        goal.words = "not-yet";
        l.goals = std::vector{goal};
        level::Words words;
        words.id = "not-yet";
        words.when = level::WordsWhen::Said;
        words.text = "Not yet";
        words.ticks = 30;
        l.texts = std::vector{words};
    });
    board().startWalk(false);
    QVERIFY(walkRightUntil([&] { return board().playtest()->game()->words() != nullptr; }));
    QCOMPARE(board().playtest()->game()->words()->text, std::string("Not yet"));
    QVERIFY(QTest::qWaitFor([&] { return board().playtest()->game()->words() == nullptr; }));
    QCOMPARE(level().id.text, std::string("first"));
}

void LevelsTest::deaths_costLives_untilTheGameBeginsAgain() {
    openSmallGame();
    level::Game game = project().game;
    level::Tally lives;
    lives.name = lives.title = "lives";
    lives.start = 2;
    game.tallies = {lives};
    game.lives = "lives";
    session().document.apply(level::changeGame(project(), game, "Lives"));
    session().document.chooseLevel({"second"});
    // A pit without a bottom in the way.
    change([](level::Level& l) {
        for (int x = 4; x < 9; ++x)
            l.cells.set(x, 3, level::Cell());
    });
    board().startWalk(false);
    QVERIFY(walkRightUntil([&] { return board().playtest()->walk()->deaths() > 0; }));
    QCOMPARE(board().playtest()->game()->state().tallies[0], 1);
    // The last one: the game begins anew in its first level.
    QVERIFY(walkRightUntil([&] { return level().id.text == "first" && board().isWalking(); }));
    QCOMPARE(board().playtest()->game()->state().tallies[0], 2);
}

void LevelsTest::home_beginsTheLevelAgain() {
    openSmallGame();
    board().startWalk(false);
    QVERIFY(walkRightUntil([&] { return board().playtest()->walk()->taken() == 1; }));
    QTest::keyClick(&board(), Qt::Key_Home);
    QCOMPARE(board().playtest()->walk()->taken(), 0);
    QVERIFY(board().playtest()->walk()->ticks() < 10);
    session().document.chooseLevel({"second"});
    board().startWalk(false);
    QTest::keyClick(&board(), Qt::Key_Home, Qt::ShiftModifier);
    QVERIFY(QTest::qWaitFor([&] { return level().id.text == "first" && board().isWalking(); }));
}

void LevelsTest::things_areTakenAlong_toAnotherLevel() {
    session().workbench.setStep(Step::Cast);
    Selection selection;
    for (const level::Entity& entity : level().entities)
        if (entity.kind.text == "lantern" && selection.entities.size() < 2)
            selection.entities.push_back(entity.id);
    session().workbench.select(selection);
    const std::size_t here = level().entities.size();
    QTest::keyClick(m_window.get(), Qt::Key_X, Qt::ControlModifier);
    QCOMPARE(level().entities.size(), here - 2);
    session().document.chooseLevel({"grain-loft"});
    const std::size_t there = level().entities.size();
    QTest::keyClick(m_window.get(), Qt::Key_V, Qt::ControlModifier);
    QCOMPARE(level().entities.size(), there + 2);
    QCOMPARE(session().workbench.selection().entities.size(), std::size_t(2));
    session().document.undo();
    session().document.undo();
    QCOMPARE(level().entities.size(), here);
}

void LevelsTest::pieces_areTakenAlong_onTheStoreyInHand() {
    session().document.chooseLevel({"keepers-quay"});
    Selection selection;
    for (const level::PlacedPiece& placed : level().pieces)
        if (placed.storey == 0 && selection.pieces.size() < 2)
            selection.pieces.push_back(placed.id);
    session().workbench.select(selection);
    const std::size_t before = level().pieces.size();
    session().workbench.setStorey(1);
    QTest::keyClick(m_window.get(), Qt::Key_C, Qt::ControlModifier);
    QTest::keyClick(m_window.get(), Qt::Key_V, Qt::ControlModifier);
    QCOMPARE(level().pieces.size(), before + 2);
    const auto pasted = session().workbench.selection().pieces;
    QCOMPARE(pasted.size(), std::size_t(2));
    for (const level::PlacedPiece& placed : level().pieces)
        if (std::find(pasted.begin(), pasted.end(), placed.id) != pasted.end())
            QCOMPARE(placed.storey, 1);
    session().document.undo();
    QCOMPARE(level().pieces.size(), before);
}

void LevelsTest::thumbnail_staysWhileTheNextIsMade() {
    auto* order = m_window->findChild<Order*>();
    const auto picture = [&] { return order->card(0).thumbnail; };
    QVERIFY(QTest::qWaitFor([&] { return !picture().isNull() && !order->isBusy(); }));
    const QImage before = picture();
    change([](level::Level& l) {
        for (int x = 20; x < 90; ++x)
            for (int y = 4; y < 12; ++y)
                l.cells.set(x, y, level::Cell({1}));
    });
    QVERIFY(picture() == before);
    QVERIFY(QTest::qWaitFor([&] { return picture() != before; }));
    QVERIFY(!picture().isNull());
}

void LevelsTest::grid_isSwitchedOff() {
    board().setView(View());
    const QImage before = board().grab().toImage();
    act("grid-action");
    QVERIFY(board().scene().look.grid == 0);
    QVERIFY(QTest::qWaitFor([&] { return board().isComplete(); }));
    QVERIFY(board().grab().toImage() != before);
    act("grid-action");
    QVERIFY(board().scene().look.grid > 0);
}

void LevelsTest::gameMap_leadsExits_andKeepsPlaces() {
    key(Qt::Key_0);
    auto* map = part<GameMap>("game-map");
    QVERIFY(map && map->isVisible() && map->hasFocus());
    const auto drag = [&](QPointF from, QPointF to) {
        QTest::mousePress(map, Qt::LeftButton, {}, from.toPoint());
        QTest::mouseMove(map, ((from + to) / 2).toPoint());
        QTest::mouseMove(map, to.toPoint());
        QTest::mouseRelease(map, Qt::LeftButton, {}, to.toPoint());
    };
    const auto gate = [&] {
        return level::findEntity(*project().findLevel({"intake"}), {"gate-1"})->to;
    };
    QCOMPARE(gate().onward, level::Onward::Next);
    drag(map->handleOf({"intake"}, {"gate-1"}), map->cardOf({"grain-loft"}).center());
    QCOMPARE(gate().onward, level::Onward::Level);
    QCOMPARE(gate().level.text, std::string("grain-loft"));
    // On bare ground nothing is led anywhere.
    drag(map->handleOf({"intake"}, {"gate-1"}), {3, 3});
    QCOMPARE(gate().level.text, std::string("grain-loft"));
    session().document.undo();
    QCOMPARE(gate().onward, level::Onward::Next);
    // Who solves a puzzle goes on to the next level: from the side of its card.
    const QPointF won = map->handleOf({"cask-yard"}, {});
    QVERIFY(std::abs(won.x() - map->cardOf({"cask-yard"}).right()) < 1);
    const QPointF before = map->cardOf({"wheel-hall"}).topLeft();
    drag(map->cardOf({"wheel-hall"}).bottomLeft() + QPointF(6, -6),
         map->cardOf({"wheel-hall"}).bottomLeft() + QPointF(36, 24));
    QCOMPARE(project().game.map.size(), std::size_t(1));
    // Places are whole px of the map.
    const QPointF moved = map->cardOf({"wheel-hall"}).topLeft() - before;
    QVERIFY(std::abs(moved.x() - 30) < 1 && std::abs(moved.y() - 30) < 1);
    session().document.undo();
    QCOMPARE(map->cardOf({"wheel-hall"}).topLeft(), before);
    QTest::keyClick(map, Qt::Key_Right);
    QCOMPARE(level().id.text, std::string("wheel-hall"));
    QTest::mouseDClick(map, Qt::LeftButton, {},
                       (map->cardOf({"grain-loft"}).bottomLeft() + QPointF(6, -6)).toPoint());
    QCOMPARE(level().id.text, std::string("grain-loft"));
    QVERIFY(board().isVisible() && !map->isVisible());
}

ROOK_TEST(LevelsTest)

}  // namespace rook::levels_test

#include "levels_test.moc"
