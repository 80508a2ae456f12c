/// Edits of puzzle levels, rosters and mixing.

#include "puzzle/edits.h"

#include "puzzle/mix.h"
#include "puzzle/rosters.h"
#include "random_puzzle.h"
#include "testing.h"

namespace rook::puzzle_edits_test {

using level::Arrangement;
using level::Level;
using level::PuzzleRuleName;
using level::SlotState;
namespace play = runtime::puzzle;

class PuzzleEditsTest : public QObject {
    Q_OBJECT
private slots:
    void slots_areChanged_andBareOnesGo();
    void counters_keepToPlainSlotsThatAreFree();
    void board_tellsWhatWouldBeLost();
    void roster_givesItsLevelsTheSameCounters();
    void placements_areSetAsATable();
    void flaws_areSentences_data();
    void flaws_areSentences();
    void hugeBoard_isNotDecided_withWhatWasSeen();
    void edits_leaveNothingThatCannotBePlayed();
    void mixing_startsCanBeSolved_inTheWantedMoves();
    void before_leadsBackByAMove();
};

namespace {

Level emptyLevel(int columns = 4, int rows = 3) {
    Level level;
    level.id = {"board"};
    level.title = "Board";
    level.kind = level::LevelKind::Puzzle;
    level.puzzle.board.columns = columns;
    level.puzzle.board.rows = rows;
    return level;
}

}  // namespace

void PuzzleEditsTest::slots_areChanged_andBareOnesGo() {
    const level::Project project = testing::puzzleProject();
    const Level level = emptyLevel();
    const auto blocked = puzzle::changeSlots(
        project, level, {{2, 1}, {0, 0}, {9, 9}},
        [](level::Slot& slot) { slot.state = SlotState::Blocked; }, "Block");
    QCOMPARE(blocked.level.puzzle.slotList.size(), std::size_t{2});
    // Row by row, whatever the order in which they came.
    QCOMPARE(blocked.level.puzzle.slotList[0].at, (CellPoint{0, 0}));
    QCOMPARE(puzzle::slotAt(blocked.level.puzzle, {2, 1}).state, SlotState::Blocked);
    QCOMPARE(puzzle::slotAt(blocked.level.puzzle, {1, 1}).state, SlotState::Plain);
    const auto cleared = puzzle::changeSlots(
        project, blocked.level, {{2, 1}, {0, 0}},
        [](level::Slot& slot) { slot.state = SlotState::Plain; }, "Clear");
    QVERIFY(cleared.level.puzzle == level.puzzle);
    QVERIFY(puzzle::changeSlots(
                project, level, {{1, 1}}, [](level::Slot&) {}, "Nothing")
                .touched.isEmpty());
}

void PuzzleEditsTest::counters_keepToPlainSlotsThatAreFree() {
    const level::Project project = testing::puzzleProject();
    Level level = emptyLevel();
    const auto barge = puzzle::addCounter(project, level, {"barge"}, {0, 0});
    QVERIFY(barge.has_value());
    QCOMPARE(barge->level.puzzle.counters[0].id.text, std::string("barge-1"));
    // Two cells: the second one is taken, too, and it does not fit at the border.
    QVERIFY(!puzzle::addCounter(project, barge->level, {"cask"}, {1, 0}));
    QVERIFY(!puzzle::addCounter(project, level, {"barge"}, {3, 0}));
    QVERIFY(!puzzle::addCounter(project, level, {"nothing"}, {0, 0}));
    QCOMPARE(puzzle::counterOn(project, barge->level, {1, 0})->id.text, std::string("barge-1"));
    // Turned by a quarter it goes down.
    const auto turned = puzzle::turnCounter(project, barge->level, {"barge-1"});
    QVERIFY(turned.has_value());
    QCOMPARE(puzzle::counterOn(project, turned->level, {0, 1})->id.text, std::string("barge-1"));
    QVERIFY(puzzle::addCounter(project, turned->level, {"cask"}, {1, 0}).has_value());
    // A row leaves out what is taken.
    const auto row = puzzle::addRow(project, barge->level, {"cask"}, {{0, 0}, {2, 0}, {3, 0}});
    QVERIFY(row.has_value());
    QCOMPARE(row->level.puzzle.counters.size(), std::size_t{3});
    QCOMPARE(row->name, std::string("Place 2 x cask"));
    const auto swapped = puzzle::swapCounters(project, row->level, {"cask-1"}, {"cask-2"});
    QVERIFY(swapped.has_value());
    QCOMPARE(puzzle::counterOn(project, swapped->level, {2, 0})->id.text, std::string("cask-2"));
    QVERIFY(!puzzle::swapCounters(project, row->level, {"barge-1"}, {"cask-2"}));
    // Blocking the ground of one parks it, and says so by what it is.
    const auto blocked = puzzle::changeSlots(
        project, row->level, {{1, 0}}, [](level::Slot& slot) { slot.state = SlotState::Blocked; },
        "Block");
    QVERIFY(puzzle::findCounter(blocked.level.puzzle, {"barge-1"})->isParked);
    QVERIFY(!puzzle::findCounter(blocked.level.puzzle, {"cask-1"})->isParked);
    const auto back = puzzle::moveCounter(project, blocked.level, {"barge-1"}, {1, 1});
    QVERIFY(back.has_value() && !puzzle::findCounter(back->level.puzzle, {"barge-1"})->isParked);
    const auto moved =
        puzzle::moveCounters(project, row->level, {{"barge-1"}, {"cask-1"}, {"cask-2"}}, {0, 2});
    QVERIFY(moved.has_value());
    QVERIFY(!puzzle::moveCounters(project, row->level, {{"cask-1"}}, {-1, 0}));
    QVERIFY(puzzle::removeCounters(row->level, {{"cask-1"}}).level.puzzle.counters.size() == 2);
    // Free boards keep px, snapped.
    level.puzzle.board.arrangement = Arrangement::Free;
    level.puzzle.board.snap = 8;
    const auto free = puzzle::addCounter(project, level, {"cask"}, {});
    const auto there = puzzle::moveCounterTo(free->level, {"cask-1"}, {21, -3});
    QCOMPARE(puzzle::findCounter(there->level.puzzle, {"cask-1"})->px, (PxPoint{24, 0}));
}

void PuzzleEditsTest::board_tellsWhatWouldBeLost() {
    const level::Project project = testing::puzzleProject();
    Level level = emptyLevel(6, 4);
    level = puzzle::changeSlots(
                project, level, {{5, 3}, {1, 1}}, [](level::Slot& slot) { slot.marks = {"rest"}; },
                "Mark")
                .level;
    level = puzzle::addCounter(project, level, {"barge"}, {4, 0})->level;
    level.puzzle.rule.name = PuzzleRuleName::Slide;
    level::SlotBoard board = level.puzzle.board;
    board.columns = 5;
    const auto change = puzzle::changeBoard(project, level, board);
    QVERIFY(change.has_value());
    QCOMPARE(change->consequences,
             (std::vector<std::string>{"1 slot that is not plain and bare would go",
                                       "1 counter would be parked"}));
    QCOMPARE(change->edit.level.puzzle.slotList.size(), std::size_t{1});
    board.arrangement = Arrangement::Rings;
    QVERIFY(!puzzle::changeBoard(project, level, board));
    board.rings = {4, 4};
    QCOMPARE(puzzle::changeBoard(project, level, board)->consequences.back(),
             std::string("The rule slide cannot be played on it"));
    // The level is as large as its board asks for.
    board = level.puzzle.board;
    board.slot = {64, 64};
    const auto larger = puzzle::changeBoard(project, level, board);
    QVERIFY(larger->edit.level.boundsPx().contains(puzzle::Geometry(board).bounds()));
}

void PuzzleEditsTest::roster_givesItsLevelsTheSameCounters() {
    level::Project project = testing::puzzleProject();
    project = puzzle::addRoster(project, "gates")->project;
    QVERIFY(!puzzle::addToRoster(project, "gone", {"cask"}));
    QVERIFY(!puzzle::addToRoster(project, "gates", {"nothing"}));
    Level one = emptyLevel(), two = emptyLevel();
    two.id = {"other"};
    for (Level* level : {&one, &two}) {
        *level = puzzle::takeRoster(project, *level, "gates")->level;
        project.levels.push_back(std::make_shared<const Level>(*level));
    }
    project = puzzle::addToRoster(project, "gates", {"cask"})->project;
    project = puzzle::addToRoster(project, "gates", {"cask"})->project;
    for (const auto& level : puzzle::levelsOf(project, "gates")) {
        QCOMPARE(level->puzzle.counters.size(), std::size_t{2});
        QVERIFY(level->puzzle.counters[1].isParked);
        QVERIFY(puzzle::flawsOf(project, *level).empty());
    }
    Level placed = *project.findLevel({"board"});
    placed = puzzle::layParked(project, placed, {{"cask-2"}}, {{2, 2}})->level;
    project = project.withLevel(placed);
    QCOMPARE(puzzle::placesOf(project, "gates", {"cask-2"}),
             (std::vector<std::string>{"Board at 2, 2"}));
    // Those of a roster are not added one by one, nor deleted.
    QVERIFY(!puzzle::addCounter(project, placed, {"cask"}, {0, 0}));
    QVERIFY(puzzle::removeCounters(placed, {{"cask-2"}}).level.puzzle.counters[1].isParked);
    project = puzzle::removeFromRoster(project, "gates", {"cask-2"})->project;
    QCOMPARE(project.findLevel({"other"})->puzzle.counters.size(), std::size_t{1});
    // One too few, and one too many, are told.
    Level lacking = *project.findLevel({"board"});
    lacking.puzzle.counters = std::vector<level::Counter>();
    QCOMPARE(puzzle::flawsOf(project, lacking).front().sentence,
             std::string("cask-1 of the roster gates is missing"));
    level::Counter more;
    more.id = {"more"};
    more.kind = {"cask"};
    more.isParked = true;
    Level having = *project.findLevel({"board"});
    having.puzzle.counters.edit([&](auto& list) { list.push_back(more); });
    QCOMPARE(puzzle::flawsOf(project, having).front().sentence,
             std::string("more is not of the roster gates"));
}

void PuzzleEditsTest::placements_areSetAsATable() {
    level::Project project = testing::puzzleProject();
    project = puzzle::addRoster(project, "gates")->project;
    project.levels.push_back(
        std::make_shared<const Level>(puzzle::takeRoster(project, emptyLevel(), "gates")->level));
    project = puzzle::addToRoster(project, "gates", {"cask"})->project;
    const auto placed = puzzle::place(project, {{{"board"}, {"cask-1"}, {false, 3, 2}}}, "Place");
    QVERIFY(placed.has_value());
    const auto& counter = placed->project.findLevel({"board"})->puzzle.counters[0];
    QVERIFY(!counter.isParked && counter.at == (CellPoint{3, 2}));
    QCOMPARE(puzzle::place(project, {{{"board"}, {"cask-1"}, {false, 4, 2}}}, "").error().kind,
             ErrorKind::OutOfRange);
    QCOMPARE(puzzle::place(project, {{{"gone"}, {"cask-1"}, {true, 0, 0}}}, "").error().kind,
             ErrorKind::BadReference);
    QCOMPARE(puzzle::place(project, {{{"board"}, {"gone"}, {true, 0, 0}}}, "").error().kind,
             ErrorKind::BadReference);
}

void PuzzleEditsTest::flaws_areSentences_data() {
    QTest::addColumn<int>("what");
    QTest::addColumn<QString>("sentence");
    const char* sentences[] = {
        "The goal names no counter",
        "The goal names the mark \"rest\", which no slot has",
        "one is of a kind \"gone\" that is not there",
        "one stands on slot 0, 0, which is blocked",
        "one and two stand on the same slot 1, 0",
        "one stands beside the board, at 4, 0",
        "Slot 2, 2 is locked and no tally pays for it",
        "Slot 1, 1 is blocked and has a stack",
        "Slot 1, 1 has 5 colours; a stack holds 4",
        "Only counters of square boards slide",
        "Rings have no directions to push in",
        "Stack 1 of the queue is empty",
        "Slot 1, 1 has a colour \"pink\" that the project does not have",
        "A free board has no slots to pour on",
        "There is no roster \"gone\"",
    };
    for (int i = 0; i < int(std::size(sentences)); ++i)
        QTest::addRow("%d", i) << i << QString::fromLatin1(sentences[i]);
}

void PuzzleEditsTest::flaws_areSentences() {
    QFETCH(int, what);
    QFETCH(QString, sentence);
    const level::Project project = testing::puzzleProject();
    Level level = emptyLevel();
    level::Puzzle& board = level.puzzle;
    const auto slot = [&](CellPoint at, const std::function<void(level::Slot&)>& make) {
        level::Slot made;
        made.at = at;
        make(made);
        board.slotList.edit([&](auto& list) { list.push_back(made); });
    };
    const auto counter = [&](const char* id, const char* kind, CellPoint at) {
        level::Counter made;
        made.id = {id};
        made.kind = {kind};
        made.at = at;
        board.counters.edit([&](auto& list) { list.push_back(made); });
    };
    const auto stack = [](int count) {
        return std::vector<std::string>(std::size_t(count), "plum");
    };
    board.rule.name = PuzzleRuleName::Pour;
    switch (what) {
        case 0:
            board.rule.name = PuzzleRuleName::Slide;
            break;
        case 1:
            board.rule.name = PuzzleRuleName::Push;
            board.rule.goal.mark = "rest";
            break;
        case 2:
            counter("one", "gone", {0, 0});
            break;
        case 3:
            slot({0, 0}, [](level::Slot& s) { s.state = SlotState::Blocked; });
            counter("one", "cask", {0, 0});
            break;
        case 4:
            counter("two", "barge", {0, 0});
            counter("one", "cask", {1, 0});
            break;
        case 5:
            counter("one", "barge", {3, 0});
            break;
        case 6:
            slot({2, 2}, [](level::Slot& s) { s.state = SlotState::Locked; });
            break;
        case 7:
            slot({1, 1}, [&](level::Slot& s) {
                s.state = SlotState::Blocked;
                s.stack = stack(1);
            });
            break;
        case 8:
            slot({1, 1}, [&](level::Slot& s) { s.stack = stack(5); });
            break;
        case 9:
            board.rule.name = PuzzleRuleName::Slide;
            board.board.arrangement = Arrangement::Hex;
            break;
        case 10:
            board.rule.name = PuzzleRuleName::Push;
            board.board.arrangement = Arrangement::Rings;
            board.board.rings = {4};
            break;
        case 11:
            board.rule.name = PuzzleRuleName::Gather;
            board.rule.goal.tally = "silt";
            board.rule.queue = std::vector<level::QueuedStack>(1);
            break;
        case 12:
            slot({1, 1}, [](level::Slot& s) { s.stack = {"pink"}; });
            break;
        case 13:
            board.board.arrangement = Arrangement::Free;
            break;
        case 14:
            board.roster = "gone";
            break;
        default:
            QFAIL("no such case");
    }
    QStringList told;
    for (const puzzle::Flaw& flaw : puzzle::flawsOf(project, level))
        if (!flaw.isNote) told << QString::fromStdString(flaw.sentence);
    QVERIFY2(told.contains(sentence), qPrintable(told.join(" | ")));
    QVERIFY(!puzzle::boardOf(project, level));
}

void PuzzleEditsTest::hugeBoard_isNotDecided_withWhatWasSeen() {
    const level::Project project = testing::puzzleProject();
    Level level = emptyLevel(128, 128);
    std::vector<level::Counter> counters(2000);
    for (std::size_t i = 0; i < counters.size(); ++i) {
        counters[i].id = {"one-" + std::to_string(i)};
        counters[i].kind = {"cask"};
        counters[i].at = {int(i) % 100, int(i) / 100 * 2};
    }
    level.puzzle.counters = counters;
    level.puzzle.rule.name = PuzzleRuleName::Slide;
    level.puzzle.rule.goal.counters = {{{"one-0"}, "rest"}};
    level::Slot far;
    far.at = {127, 127};
    far.marks = {"rest"};
    level.puzzle.slotList = std::vector<level::Slot>{far};
    const auto board = puzzle::boardOf(project, level);
    QVERIFY(board.has_value());
    puzzle::SolveOptions options;
    options.mostStates = 3000;
    const puzzle::Solution solution = puzzle::solve(*board, options);
    // All of them at once: together there is room, one by one there is not.
    std::vector<EntityId> all;
    for (const level::Counter& counter : level.puzzle.counters)
        all.push_back(counter.id);
    const auto moved = puzzle::moveCounters(project, level, all, {1, 0});
    QVERIFY(moved.has_value());
    QCOMPARE(moved->level.puzzle.counters[1999].at, (CellPoint{100, 38}));
    QVERIFY(!puzzle::moveCounters(project, level, all, {-1, 0}));
    const auto parked = puzzle::parkCounters(level, all).level.puzzle.counters;
    QVERIFY(
        std::all_of(parked.begin(), parked.end(), [](const auto& each) { return each.isParked; }));
    QCOMPARE(solution.verdict, puzzle::Solution::Verdict::NotDecided);
    QVERIFY(solution.states >= 3000 && solution.depth >= 1);
    // One slot and no counter: nothing moves, and nothing is met but an empty goal.
    Level single = emptyLevel(1, 1);
    single.puzzle.rule.name = PuzzleRuleName::Pour;
    QCOMPARE(puzzle::solve(*puzzle::boardOf(project, single)).least, 0);
}

/// Chance edits, one after the other: what they leave has no flaw of place.
void PuzzleEditsTest::edits_leaveNothingThatCannotBePlayed() {
    const auto seed = testing::seedOr(515);
    Random random(seed);
    const level::Project project = testing::puzzleProject();
    for (int round = 0; round < 40; ++round) {
        Level level = emptyLevel(random.between(2, 6), random.between(2, 6));
        for (int edit = 0; edit < 40; ++edit) {
            const CellPoint at{random.between(-1, 6), random.between(-1, 6)};
            const char* kinds[] = {"cask", "bell", "barge", "hook"};
            const auto& counters = level.puzzle.counters;
            const EntityId any =
                counters.empty()
                    ? EntityId{"none"}
                    : counters[std::size_t(random.between(0, int(counters.size()) - 1))].id;
            Result<level::LevelEdit> done = level::LevelEdit{level, {}, {}};
            switch (random.between(0, 6)) {
                case 0:
                    done = puzzle::addCounter(project, level, {kinds[random.between(0, 3)]}, at);
                    break;
                case 1:
                    done = puzzle::moveCounter(project, level, any, at);
                    break;
                case 2:
                    done = puzzle::turnCounter(project, level, any);
                    break;
                case 3:
                    done = puzzle::changeSlots(
                        project, level, {at},
                        [&](level::Slot& slot) {
                            slot.state = static_cast<SlotState>(random.between(0, 2));
                        },
                        "State");
                    break;
                case 4: {
                    level::SlotBoard board = level.puzzle.board;
                    board.columns = random.between(2, 6);
                    const auto change = puzzle::changeBoard(project, level, board);
                    if (change) done = change->edit;
                    break;
                }
                case 5:
                    done = puzzle::removeCounters(level, {any});
                    break;
                default:
                    done = puzzle::swapCounters(project, level, any,
                                                counters.empty() ? any : counters[0].id);
            }
            if (done) level = done->level;
            for (const puzzle::Flaw& flaw : puzzle::flawsOf(project, level))
                QVERIFY2(flaw.isNote,
                         ("seed " + std::to_string(seed) + ": " + flaw.sentence).c_str());
        }
    }
}

void PuzzleEditsTest::mixing_startsCanBeSolved_inTheWantedMoves() {
    const auto seed = testing::seedOr(77);
    Random random(seed);
    const level::Project project = testing::puzzleProject();
    int mixed = 0;
    for (int round = 0; round < 4000 && mixed < 25; ++round) {
        const auto rule = static_cast<PuzzleRuleName>(random.between(1, 3));
        const auto board = puzzle::boardOf(project, testing::randomPuzzle(random, project, rule));
        if (!board) continue;
        puzzle::SolveOptions limits;
        limits.mostStates = 20'000;
        const auto solved = puzzle::solvedState(*board, limits);
        if (!solved) continue;
        puzzle::MixWish wish;
        wish.moves = random.between(3, 30);
        wish.least = 2;
        wish.most = 12;
        wish.count = 3;
        wish.tries = 30;
        wish.seed = std::uint64_t(round);
        wish.mostStates = 20'000;
        const auto starts = puzzle::mix(*board, *solved, wish);
        QVERIFY(starts.has_value());
        const auto again = puzzle::mix(*board, *solved, wish);
        QVERIFY(again.has_value() && again->size() == starts->size());
        for (std::size_t i = 0; i < starts->size(); ++i) {
            const puzzle::MixedStart& start = (*starts)[i];
            QVERIFY(start.state == (*again)[i].state);
            const puzzle::Solution solution = puzzle::solveFrom(*board, start.state, limits);
            QCOMPARE(solution.verdict, puzzle::Solution::Verdict::Solved);
            QVERIFY(solution.least == start.least && start.least >= 2 && start.least <= 12);
        }
        mixed += starts->empty() ? 0 : 1;
    }
    QVERIFY2(mixed >= 25, qPrintable(QString::number(mixed)));
    // Nothing is mixed back that cannot be taken back.
    play::Board gather;
    gather.rule = play::Rule::Gather;
    QVERIFY(!puzzle::mix(gather, {}, {}));
}

void PuzzleEditsTest::before_leadsBackByAMove() {
    const auto seed = testing::seedOr(78);
    Random random(seed);
    const level::Project project = testing::puzzleProject();
    int looked = 0;
    for (int round = 0; round < 3000; ++round) {
        const auto rule = static_cast<PuzzleRuleName>(random.between(1, 3));
        auto board = puzzle::boardOf(project, testing::randomPuzzle(random, project, rule));
        if (!board) continue;
        const play::State state = play::beginning(*board);
        // The goal is out of the way: who has met it makes no more moves.
        board->goals.clear();
        board->goals.push_back({0, std::vector<char>(board->slotList.size(), 0)});
        board->targets = {0, 1, 2, 3, 4, 5};
        for (const play::State& earlier : puzzle::statesBefore(*board, state)) {
            if (play::isMet(*board, earlier) || board->counters.empty() != board->isOfStacks())
                continue;
            bool isBack = false;
            for (const play::Move& move : play::movesOf(*board, earlier)) {
                play::State after = earlier;
                isBack = isBack || (play::apply(*board, after, move) && after == state);
            }
            QVERIFY2(isBack, ("seed " + std::to_string(seed)).c_str());
            ++looked;
        }
    }
    QVERIFY(looked > 500);
}

ROOK_TEST(PuzzleEditsTest)

}  // namespace rook::puzzle_edits_test

#include "edits_test.moc"
