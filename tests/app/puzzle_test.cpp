/// Puzzle levels in the real window: slots, counters, rosters, the proof, and playing.

#include <QAbstractButton>
#include <QClipboard>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QSpinBox>
#include <QTableView>

#include "app/pages/mix_page.h"
#include "app/pages/placements_page.h"
#include "app/steps/puzzle/puzzle_options.h"
#include "demo_window.h"
#include "file/bundle.h"
#include "level/level_edits.h"
#include "level/sketch_edits.h"
#include "puzzle/edits.h"

namespace rook::puzzle_test {

using namespace rook::app;

namespace {

/// Directions of the fewest steps to a state from which the goal cannot be reached.
std::vector<int> wayToDeath(const reach::PuzzleAnswer& answer) {
    namespace play = runtime::puzzle;
    std::vector<std::pair<play::State, std::vector<int>>> open{
        {play::beginning(*answer.board), {}}};
    for (std::size_t n = 0; n < open.size() && n < 5000; ++n) {
        const auto now = open[n];
        if (answer.solution.explored->isDead(now.first).value_or(false)) return now.second;
        for (const play::Move& move : play::movesOf(*answer.board, now.first)) {
            auto next = now;
            (void)play::apply(*answer.board, next.first, move);
            next.second.push_back(move.direction);
            open.push_back(std::move(next));
        }
    }
    return {};
}

}  // namespace

class PuzzleWindowTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-puzzle-test"); }
    void init() { openDemo(); }
    void cleanup() { closeDemo(); }
    void level_isMadeFromNothing_solved_played_andUndone();
    void board_tellsWhatWouldBeLost_beforeItIsChanged();
    void counters_areDragged_parked_turned_andSwapped();
    void roster_parksItsCounters_andTheTablePlacesThem();
    void proof_isShownMoveByMove_withDeadPlaces();
    void walk_isPlayedByMouseAndKeys_andLeavesTheLevel();
    void walk_saysWhenItCanNoLongerBeSolved();
    void stacks_arePut_andPoured();
    void mixed_startIsTaken_asOneUndo();
    void colors_areRenamedEverywhere();
    void sketch_saysThatNobodyWalksThere();
    void queue_thatIsTooLong_isRefused();

private:
    [[nodiscard]] bool isSaid(const char* words) const {
        for (const QLabel* label : m_window->findChildren<QLabel*>())
            if (label->isVisible() && label->text().contains(QLatin1String(words))) return true;
        return false;
    }
    void press(const char* name) const {
        auto* button = part<QAbstractButton>(name);
        QVERIFY2(button, name);
        button->click();
    }
    void openLevel(const char* id, Step step) const {
        session().document.chooseLevel({id});
        session().workbench.setStep(step);
        board().setFocus();
        board().fitLevel();
        QVERIFY(waitForProof());
    }
    [[nodiscard]] QPoint slot(int x, int y) const {
        const PxPoint at = puzzle::Geometry(level().puzzle.board).centreOf({x, y});
        return board().view().toWidget(at).toPoint();
    }
    void click(int x, int y, Qt::MouseButton button = Qt::LeftButton) const {
        QTest::mouseMove(&board(), slot(x, y));
        QTest::mouseClick(&board(), button, {}, slot(x, y));
    }
    void drag(QPoint from, QPoint to) const {
        QTest::mousePress(&board(), Qt::LeftButton, {}, from);
        QTest::mouseMove(&board(), (from + to) / 2);
        QTest::mouseMove(&board(), to);
        QTest::mouseRelease(&board(), Qt::LeftButton, {}, to);
    }
    [[nodiscard]] level::SlotState stateAt(int x, int y) const {
        return puzzle::slotAt(level().puzzle, {x, y}).state;
    }
    [[nodiscard]] const level::Counter& counter(const char* id) const {
        return *puzzle::findCounter(level().puzzle, {id});
    }
    [[nodiscard]] const reach::Verdict& verdict() const {
        return session().proofs.of(level().id)->answer.verdict;
    }
    void undoAll() const {
        for (int i = 0; i < 200 && session().document.history().canUndo(); ++i) {
            board().setFocus();
            QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
        }
        QVERIFY(!session().document.history().canUndo());
    }
};

void PuzzleWindowTest::level_isMadeFromNothing_solved_played_andUndone() {
    const level::Project before = session().document.project();
    QTest::keyClick(m_window.get(), Qt::Key_L, Qt::ControlModifier);
    press("new-kind-3");
    press("make-level");
    QCOMPARE(level().kind, level::LevelKind::Puzzle);
    QCOMPARE(session().workbench.step(), Step::Shape);
    board().fitLevel();
    // Walls by a line, a mark by a click, one of the walls away by the right button.
    press("slot-card-blocked");
    QTest::keyClick(&board(), Qt::Key_S);
    drag(slot(0, 2), slot(7, 2));
    QCOMPARE(stateAt(4, 2), level::SlotState::Blocked);
    QTest::keyClick(&board(), Qt::Key_A);
    click(4, 2, Qt::RightButton);
    QCOMPARE(stateAt(4, 2), level::SlotState::Plain);
    press("slot-card-rest");
    click(7, 7);
    QCOMPARE(puzzle::slotAt(level().puzzle, {7, 7}).marks, std::vector<std::string>{"rest"});
    QTest::keyClick(&board(), Qt::Key_D);
    press("slot-card-gone");
    drag(slot(0, 5) - QPoint(8, 8), slot(2, 7) + QPoint(8, 8));
    QCOMPARE(stateAt(1, 6), level::SlotState::Gone);
    // A punt, that has to get there.
    session().workbench.setStep(Step::Cast);
    press("counter-barrel");
    click(0, 0);
    QCOMPARE(level().puzzle.counters.size(), std::size_t{1});
    session().workbench.setStep(Step::Shape);
    choose("puzzle-rule", 1);
    press("puzzle-goal-add");
    QVERIFY(waitForProof());
    QCOMPARE(verdict().kind, reach::VerdictKind::Solved);
    QCOMPARE(verdict().least, 14);
    choose("puzzle-counts", 1);
    QVERIFY(waitForProof());
    QCOMPARE(verdict().least, 3);
    // Closed off it cannot be solved, and is said so at once.
    QTest::keyClick(&board(), Qt::Key_A);
    press("slot-card-blocked");
    click(4, 2);
    QVERIFY(waitForProof());
    QCOMPARE(verdict().kind, reach::VerdictKind::NotSolved);
    QVERIFY(check::hasErrors(session().proofs.of(level().id)->report.findings()));
    undoAll();
    QVERIFY(session().document.project() == before);
}

void PuzzleWindowTest::board_tellsWhatWouldBeLost_beforeItIsChanged() {
    openLevel("cask-yard", Step::Shape);
    const auto before = level().puzzle;
    part<QSpinBox>("slot-columns")->setValue(4);
    const QString words = part<QLabel>("slot-board-words")->text();
    QVERIFY2(words.contains("would go") && words.contains("would be parked"), qPrintable(words));
    QVERIFY(level().puzzle == before);
    press("apply-slot-board");
    QCOMPARE(level().puzzle.board.columns, 4);
    QVERIFY(counter("cask-3").isParked);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(level().puzzle == before);
    // Rings say that nothing can be pushed there.
    choose("slot-arrangement", 2);
    part<QComboBox>("slot-arrangement")->setCurrentIndex(2);
    QVERIFY(part<QLabel>("slot-board-words")->text().contains("cannot be played"));
}

void PuzzleWindowTest::counters_areDragged_parked_turned_andSwapped() {
    openLevel("ice-on-the-weir", Step::Cast);
    QTest::keyClick(&board(), Qt::Key_S);
    const CellPoint was = counter("barrel-2").at;
    // Over a blocked slot it is refused, and told.
    drag(slot(was.x, was.y), slot(2, 1));
    QCOMPARE(counter("barrel-2").at, was);
    drag(slot(was.x, was.y), slot(5, 3));
    QCOMPARE(counter("barrel-2").at, (CellPoint{5, 3}));
    QTest::keyClick(&board(), Qt::Key_Up);
    QCOMPARE(counter("barrel-2").at, (CellPoint{5, 2}));
    // Off the board it is parked; by its card it comes back.
    drag(slot(5, 2), slot(5, 2) + QPoint(60, -400));
    QVERIFY(counter("barrel-2").isParked);
    press("counter-barrel-2");
    click(5, 2);
    QVERIFY(!counter("barrel-2").isParked);
    const CellPoint one = counter("barrel-1").at, other = counter("barrel-3").at;
    QTest::keyClick(&board(), Qt::Key_D);
    drag(slot(one.x, one.y), slot(other.x, other.y));
    QCOMPARE(counter("barrel-1").at, other);
    QCOMPARE(counter("barrel-3").at, one);
    QTest::keyClick(&board(), Qt::Key_S);
    const CellPoint beam = counter("beam-2").at;
    click(beam.x, beam.y);
    QTest::keyClick(&board(), Qt::Key_Period);
    QVERIFY(counter("beam-2").turn == 1 || counter("beam-2").at == beam);
    click(one.x, one.y, Qt::RightButton);
    QVERIFY(counter("barrel-3").isParked);
    undoAll();
}

void PuzzleWindowTest::roster_parksItsCounters_andTheTablePlacesThem() {
    openLevel("weir-gates", Step::Cast);
    press("roster-add");
    const auto& added = *(level().puzzle.counters.end() - 1);
    const std::string id = added.id.text;
    QVERIFY(added.isParked);
    QCOMPARE(session().document.project().findLevel({"spring-flood"})->puzzle.counters.size(),
             level().puzzle.counters.size());
    press("roster-table");
    auto* page = m_window->findChild<PlacementsPage*>();
    auto* table = part<QTableView>("placements-table");
    QVERIFY(page && table->isVisible());
    QCOMPARE(table->model()->columnCount(), 3);
    const int last = table->model()->rowCount() - 2;
    // Two rows from a spreadsheet: the new one stands in two levels.
    QGuiApplication::clipboard()->setText(QStringLiteral("0\t2\n3\t4\n"));
    table->setCurrentIndex(table->model()->index(last, 0));
    QTest::keyClick(table, Qt::Key_V, Qt::ControlModifier);
    QCOMPARE(counter(id.c_str()).at, (CellPoint{0, 3}));
    QVERIFY(!session()
                 .document.project()
                 .findLevel({"spring-flood"})
                 ->puzzle.counters.begin()
                 ->isParked);
    // No number, and no such slot: a sentence, and nothing changes.
    const auto steps = session().document.history().stepCount();
    for (const char* text : {"far", "90"}) {
        QGuiApplication::clipboard()->setText(QString::fromLatin1(text));
        QTest::keyClick(table, Qt::Key_V, Qt::ControlModifier);
        QVERIFY(part<QLabel>("placements-told")->text().size() > 20);
    }
    QCOMPARE(session().document.history().stepCount(), steps);
    const QTemporaryDir folder;
    page->writeOut(folder.filePath("gates.csv"), false);
    page->writeOut(folder.path(), true);
    QVERIFY(QFile::exists(folder.filePath("punt-1.csv")));
    const auto placed = level().puzzle;
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(counter(id.c_str()).isParked);
    page->bringIn(folder.filePath("gates.csv"));
    QVERIFY(level().puzzle == placed);
    Q_EMIT page->left();
}

void PuzzleWindowTest::proof_isShownMoveByMove_withDeadPlaces() {
    openLevel("cask-yard", Step::Prove);
    QCOMPARE(part<QLabel>("puzzle-sentence")->text(),
             QStringLiteral("Solved in 12 moves, and in no fewer."));
    // Pictures are read on a worker: until nothing more comes.
    QImage start = board().grab().toImage(), former;
    for (; former != start; start = board().grab().toImage()) {
        former = start;
        QTest::qWait(100);
    }
    press("puzzle-on");
    QCOMPARE(part<QSpinBox>("puzzle-move")->value(), 1);
    QVERIFY(board().grab().toImage() != start);
    QTest::keyClick(&board(), Qt::Key_Right);
    QCOMPARE(part<QSpinBox>("puzzle-move")->value(), 2);
    press("puzzle-back");
    press("puzzle-back");
    QCOMPARE(board().grab().toImage(), start);
    choose("puzzle-dead-of", 2);
    QVERIFY(board().grab().toImage() != start);
    QTest::keyClick(m_window.get(), Qt::Key_F3);
}

void PuzzleWindowTest::walk_isPlayedByMouseAndKeys_andLeavesTheLevel() {
    openLevel("cask-yard", Step::Prove);
    const auto before = session().document.level();
    const auto moves = session().proofs.of(level().id)->answer.onPuzzle()->solution.moves;
    board().startWalk(false);
    QVERIFY(board().isWalking());
    const auto words = [&] { return board().playtest()->words(); };
    QTest::keyClick(&board(), Qt::Key_Right);
    QTRY_VERIFY(words().startsWith("1 move of at least 12"));
    QTest::keyClick(&board(), Qt::Key_Backspace);
    QVERIFY(words().startsWith("0 moves"));
    // A click two slots on: by its own steps.
    click(3, 2);
    QTRY_VERIFY2(words().startsWith("2 moves"), qPrintable(words()));
    QTest::keyClick(&board(), Qt::Key_Home);
    QTRY_VERIFY(words().startsWith("0 moves"));
    const Qt::Key keys[] = {Qt::Key_Right, Qt::Key_Down, Qt::Key_Left, Qt::Key_Up};
    for (std::size_t i = 0; i < moves.size(); ++i) {
        QTest::keyClick(&board(), keys[moves[i].direction]);
        if (i + 1 < moves.size())
            QTRY_VERIFY(
                words().startsWith(QString::number(i + 1) + (i == 0 ? " move " : " moves ")));
    }
    // Won: on to what follows, which is the end.
    QTRY_VERIFY(!board().isWalking() || words().contains("won"));
    if (board().isWalking()) board().stopWalk();
    QVERIFY(session().document.level() == before || level().id == before->id);
    QVERIFY(!session().document.isModified());
}

void PuzzleWindowTest::walk_saysWhenItCanNoLongerBeSolved() {
    openLevel("cask-yard", Step::Prove);
    board().startWalk(false);
    const auto proven = session().proofs.of(level().id);
    const reach::PuzzleAnswer& answer = *proven->answer.onPuzzle();
    const Qt::Key keys[] = {Qt::Key_Right, Qt::Key_Down, Qt::Key_Left, Qt::Key_Up};
    int steps = 0;
    for (const int direction : wayToDeath(answer)) {
        QVERIFY(!board().playtest()->words().contains("no longer"));
        QTest::keyClick(&board(), keys[direction]);
        ++steps;
        QTRY_VERIFY(board().playtest()->words().startsWith(QString::number(steps) + u' '));
    }
    QVERIFY(steps > 0);
    QTRY_VERIFY2(board().playtest()->words().contains("can no longer be solved"),
                 qPrintable(board().playtest()->words()));
    // No hint of a state before it is left over.
    const QImage dead = board().grab().toImage();
    QTest::keyClick(&board(), Qt::Key_H);
    QTest::qWait(50);
    QCOMPARE(board().grab().toImage(), dead);
    while (!board().playtest()->words().startsWith("0 moves"))
        QTest::keyClick(&board(), Qt::Key_Backspace);
    QVERIFY(!board().playtest()->words().contains("no longer"));
    // A hint is a move of a shortest solution from here.
    const QImage plain = board().grab().toImage();
    QTest::keyClick(&board(), Qt::Key_H);
    QTRY_VERIFY(board().grab().toImage() != plain);
    board().stopWalk();
}

void PuzzleWindowTest::stacks_arePut_andPoured() {
    openLevel("sluice-table", Step::Prove);
    const auto moves = session().proofs.of(level().id)->answer.onPuzzle()->solution.moves;
    const puzzle::Geometry geometry(level().puzzle.board);
    board().startWalk(false);
    for (const auto& move : moves) {
        const CellPoint at = geometry.addressOf(move.to);
        click(at.x, at.y);
    }
    QTRY_VERIFY(!board().isWalking() || level().id.text == "weir-gates" ||
                board().playtest()->words().contains("won"));
    if (board().isWalking()) board().stopWalk();
}

void PuzzleWindowTest::mixed_startIsTaken_asOneUndo() {
    openLevel("cask-yard", Step::Prove);
    const auto before = level().puzzle;
    press("puzzle-vary");
    auto* page = m_window->findChild<MixPage*>();
    QVERIFY(page && page->isVisible());
    // At once, by the numbers that stand there; then by others, with Enter.
    QVERIFY(QTest::qWaitFor([&] { return part<QAbstractButton>("mixed-0"); }, 20'000));
    part<QSpinBox>("mix-least")->setValue(5);
    part<QSpinBox>("mix-most")->setValue(14);
    part<QSpinBox>("mix-count")->setValue(2);
    QTest::keyClick(part<QSpinBox>("mix-count"), Qt::Key_Return);
    QVERIFY(!part<QAbstractButton>("mixed-0"));
    QVERIFY(QTest::qWaitFor([&] { return part<QAbstractButton>("mixed-0"); }, 20'000));
    press("mixed-0");
    QVERIFY(!(level().puzzle == before));
    QVERIFY(waitForProof());
    QCOMPARE(verdict().kind, reach::VerdictKind::Solved);
    QVERIFY(verdict().least >= 5 && verdict().least <= 14);
    QTest::keyClick(m_window.get(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(level().puzzle == before);
}

void PuzzleWindowTest::colors_areRenamedEverywhere() {
    openLevel("sluice-table", Step::Shape);
    auto* text = part<QPlainTextEdit>("stack-colors");
    QVERIFY(text->toPlainText().startsWith("Ochre"));
    text->setPlainText("Amber #c9962f\nMoss #5d8a4a\nSlate #5a7389\nPlum #7d4a78");
    press("stack-colors-take");
    QCOMPARE(session().document.project().stackColors.size(), std::size_t{4});
    QCOMPARE(level().puzzle.rule.queue[0].colors, (std::vector<std::string>{"amber", "amber"}));
    QVERIFY(waitForProof());
    QCOMPARE(verdict().kind, reach::VerdictKind::Solved);
    // A queue that names what is not there is told where it is.
    part<QPlainTextEdit>("puzzle-queue")->setPlainText("amber amber\npink");
    press("puzzle-queue-take");
    QVERIFY(waitForProof());
    QVERIFY(verdict().reason.find("pink") != std::string::npos);
    undoAll();
}

ROOK_TEST(PuzzleWindowTest)

void PuzzleWindowTest::sketch_saysThatNobodyWalksThere() {
    openLevel("cask-yard", Step::Sketch);
    session().document.apply(level::addLeaf(level(), "ideas"));
    QTRY_VERIFY(part<QLabel>("plan-verdict")->text().contains("nobody walks"));
}

void PuzzleWindowTest::queue_thatIsTooLong_isRefused() {
    openLevel("sluice-table", Step::Shape);
    const auto before = level().puzzle.rule.queue;
    part<QPlainTextEdit>("puzzle-queue")->setPlainText(QString("moss\n").repeated(10001));
    press("puzzle-queue-take");
    QVERIFY(isSaid("10,001"));
    QVERIFY(level().puzzle.rule.queue == before);
    part<QPlainTextEdit>("puzzle-queue")->setPlainText("moss");
    press("puzzle-queue-take");
    QCOMPARE(level().puzzle.rule.queue.size(), std::size_t{1});
}

}  // namespace rook::puzzle_test

#include "puzzle_test.moc"
