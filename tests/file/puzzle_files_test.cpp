/// Puzzle levels in files, bundles and tables.

#include "file/bundle.h"
#include "file/project_file.h"
#include "file/puzzle_json.h"
#include "file/roster_table.h"
#include "puzzle/random_puzzle.h"
#include "rook_replay.hpp"
#include "testing.h"

namespace rook::puzzle_files_test {

using level::PuzzleRuleName;
namespace play = runtime::puzzle;

namespace {

level::Project demoProject() {
    return file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir").value();
}

}  // namespace

class PuzzleFilesTest : public QObject {
    Q_OBJECT
private slots:
    void bundle_holdsTheSameBoard_onRandomLevels();
    void levels_comeBackFromTheirFiles();
    void tables_goAndComeBack();
    void badTables_areASentence();
    void demo_isSolved_andReplays();
};

void PuzzleFilesTest::bundle_holdsTheSameBoard_onRandomLevels() {
    const auto seed = testing::seedOr(2026);
    Random random(seed);
    level::Project project = testing::puzzleProject();
    int compared = 0;
    for (int round = 0; round < 2000 && compared < 60; ++round) {
        level::Level level = testing::randomPuzzle(
            random, project, static_cast<PuzzleRuleName>(random.between(0, 4)));
        level.cells = Grid<level::Cell>(8, 8);
        const auto board = puzzle::boardOf(project, level);
        if (!board) continue;
        // Those that are hard to solve are left to the bench.
        puzzle::SolveOptions limits;
        limits.mostStates = 20'000;
        limits.stopsAtGoal = true;
        if (board->rule != play::Rule::None &&
            puzzle::solve(*board, limits).verdict == puzzle::Solution::Verdict::NotDecided)
            continue;
        const auto text = file::bakedLevelText(project, level);
        QVERIFY2(text.has_value(), text ? "" : text.error().sentence().c_str());
        const auto read = file::boardOfBakedLevel(*text, "board.level.json");
        QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
        // What no rule asks for is not told.
        play::Board wanted = *board, found = *read;
        if (wanted.rule != play::Rule::Slide) wanted.slidesFar = found.slidesFar = false;
        if (wanted.rule != play::Rule::Slide) wanted.goals = found.goals = {};
        if (wanted.rule != play::Rule::Push) wanted.targets = found.targets = {};
        if (wanted.rule != play::Rule::Push) wanted.fits = found.fits = {};
        if (wanted.rule != play::Rule::Pour) wanted.capacity = found.capacity = 1;
        if (wanted.rule != play::Rule::Pour) wanted.isOnlyNear = found.isOnlyNear = false;
        if (wanted.rule != play::Rule::Gather) {
            wanted.collect = found.collect = 2;
            wanted.queue = found.queue = {};
            wanted.goalCount = found.goalCount = 0;
        }
        for (std::size_t i = 0; i < wanted.slotList.size(); ++i)
            if (wanted.rule != play::Rule::Gather)
                wanted.slotList[i].tally = found.slotList[i].tally = -1;
        QVERIFY2(wanted == found, ("seed " + std::to_string(seed)).c_str());
        ++compared;
    }
    QCOMPARE(compared, 60);
}

void PuzzleFilesTest::levels_comeBackFromTheirFiles() {
    const QTemporaryDir folder;
    Random random(testing::seedOr(3));
    level::Project project = testing::puzzleProject();
    project.profiles = std::vector<level::MotionProfile>{level::MotionProfile{}};
    for (int i = 0; i < 12; ++i) {
        level::Level level =
            testing::randomPuzzle(random, project, static_cast<PuzzleRuleName>(i % 5));
        level.id = {"board-" + std::to_string(i)};
        level.cells = Grid<level::Cell>(8, 8);
        project.levels.push_back(std::make_shared<const level::Level>(level));
    }
    const std::string path = folder.path().toStdString();
    QVERIFY(file::saveProject(file::diskStorage(), path, project));
    const auto read = file::openProject(file::diskStorage(), path);
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    for (std::size_t i = 0; i < project.levels.size(); ++i)
        QVERIFY(read->levels[i]->puzzle == project.levels[i]->puzzle);
    QVERIFY(read->stackColors == project.stackColors);
}

void PuzzleFilesTest::tables_goAndComeBack() {
    const auto project = demoProject();
    const std::string text = file::rosterCsv(project, "gates");
    QVERIFY(text.starts_with("counter,axis,weir-gates,spring-flood,ice-on-the-weir\n"));
    QVERIFY(file::readRosterCsv(text, "gates.csv", project, "gates")->empty());
    // One counter is moved, and another is parked.
    std::string changed = text;
    const auto replace = [&](const std::string& from, const std::string& to) {
        QVERIFY(changed.find(from) != std::string::npos);
        changed.replace(changed.find(from), from.size(), to);
    };
    replace("barrel-1,x,2,", "barrel-1,x,,");
    replace("barrel-1,y,2,", "barrel-1,y,,");
    const auto changes = file::readRosterCsv(changed, "gates.csv", project, "gates");
    QVERIFY(changes.has_value());
    QCOMPARE(changes->size(), std::size_t{1});
    QVERIFY(changes->front().placement.isParked);
    const auto placed = puzzle::place(project, *changes, "Bring in");
    QVERIFY(placed.has_value());
    QCOMPARE(file::rosterCsv(placed->project, "gates"), changed);
    // The table of one counter.
    const std::string own = file::counterCsv(project, "gates", {"punt-1"});
    QVERIFY(own.starts_with("axis,weir-gates"));
    QCOMPARE(std::count(own.begin(), own.end(), '\n'), std::ptrdiff_t{3});
    QVERIFY(file::readRosterCsv(own, "punt-1.csv", project, "gates", {"punt-1"})->empty());
}

void PuzzleFilesTest::badTables_areASentence() {
    const auto project = demoProject();
    const std::pair<const char*, ErrorKind> bad[] = {
        {"", ErrorKind::BadSyntax},
        {"counter,axis,gone\npunt-1,x,1\n", ErrorKind::BadReference},
        {"counter,axis,weir-gates\nnobody,x,1\n", ErrorKind::BadReference},
        {"counter,axis,weir-gates\npunt-1,z,1\n", ErrorKind::WrongType},
        {"counter,axis,weir-gates\npunt-1,x,one\n", ErrorKind::WrongType},
        {"counter,axis,weir-gates\npunt-1,x,\n", ErrorKind::BadSyntax},
        {"axis,weir-gates\nx,1\n", ErrorKind::BadSyntax},
        {"counter,axis,weir-gates\n\"punt-1,x,1\n", ErrorKind::BadSyntax}};
    for (const auto& [text, kind] : bad) {
        const auto read = file::readRosterCsv(text, "table.csv", project, "gates");
        QVERIFY2(!read.has_value(), text);
        QVERIFY2(read.error().kind == kind, read.error().sentence().c_str());
        QVERIFY(!read.error().where.empty());
    }
    // An address that the board does not have is refused when it is placed.
    const auto far = file::readRosterCsv("counter,axis,weir-gates\npunt-1,x,90\n", "table.csv",
                                         project, "gates");
    QVERIFY(far.has_value());
    QCOMPARE(puzzle::place(project, *far, "").error().kind, ErrorKind::OutOfRange);
}

void PuzzleFilesTest::demo_isSolved_andReplays() {
    const auto project = demoProject();
    const std::pair<const char*, int> least[] = {{"sluice-table", 6},
                                                 {"weir-gates", 10},
                                                 {"spring-flood", 12},
                                                 {"ice-on-the-weir", 20},
                                                 {"cask-yard", 12}};
    for (const auto& [id, moves] : least) {
        const auto level = project.findLevel({id});
        QVERIFY(level && puzzle::flawsOf(project, *level).empty());
        const auto text = file::bakedLevelText(project, *level);
        QVERIFY(text.has_value());
        const runtime::Level read =
            runtime::readLevel(nlohmann::json::parse(*text), std::string(id));
        QVERIFY(read.puzzle.has_value());
        QCOMPARE(read.puzzle->verdict, std::string("solved"));
        QCOMPARE(int(read.puzzle->solution.size()), moves);
        QVERIFY(runtime::isSolved(*read.puzzle));
    }
}

ROOK_TEST(PuzzleFilesTest)

}  // namespace rook::puzzle_files_test

#include "puzzle_files_test.moc"
