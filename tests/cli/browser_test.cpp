// runtime/js is the runtime for browsers: on random levels, inputs, patrols and puzzles it does
// what the C++ headers do, in every state, and it replays all that the demo proves.

#include <QProcess>
#include <QStandardPaths>
#include <fstream>
#include <nlohmann/json.hpp>

#include "data.h"
#include "file/bundle.h"
#include "file/project_file.h"
#include "puzzle/random_puzzle.h"
#include "reach/reach_brute_force.h"
#include "rook_runtime.hpp"
#include "rook_thrower.hpp"
#include "testing.h"

namespace rook::browser_test {

class BrowserTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void theStepper_isTheSameInEveryState_onRandomLevels();
    void whatGoes_isWhereItIs_onRandomLevels();
    void puzzles_areTheSame_onRandomBoards();
    void theDemo_isReplayed();
    void thePlayPage_isPlayedInABrowser();

private:
    /// Runs that file of tests/js with a folder of cases.
    void runTests(const char* file);
    QTemporaryDir m_folder;
};

namespace {

using nlohmann::json;
using namespace runtime;

json jsonOf(const Box& box) {
    return {box.x, box.y, box.width, box.height};
}
json jsonOf(const PhaseTable& table) {
    return {{"dx", table.dx},
            {"dy", table.dy},
            {"loopFrom", table.loopFrom},
            {"topPhase", table.topPhase}};
}
json jsonOf(const MotionTables& t) {
    json json = jsonOf(static_cast<const PhaseTable&>(t));
    json.update({{"bodyWidth", t.bodyWidth},
                 {"bodyHeight", t.bodyHeight},
                 {"abilities", t.abilities},
                 {"walk", t.walk},
                 {"climb", t.climb},
                 {"swim", t.swim},
                 {"stepUp", t.stepUp},
                 {"coyoteTicks", t.coyoteTicks},
                 {"airJumps", t.airJumps},
                 {"wallPushTicks", t.wallPushTicks},
                 {"fromAbove", t.fromAbove},
                 {"diagonal", t.diagonal},
                 {"hasEvenDiagonal", t.hasEvenDiagonal},
                 {"swapsWith", t.swapsWith},
                 {"others", json::array()}});
    for (const MotionTables& other : t.others)
        json["others"].push_back(jsonOf(other));
    return json;
}
std::string textOf(HeldSet held) {
    return std::to_string(held);
}
json jsonOf(const Way& way) {
    return {{"corners", way.corners}, {"loopFrom", way.loopFrom},       {"width", way.width},
            {"height", way.height},   {"canBeBeaten", way.canBeBeaten}, {"madeAt", way.madeAt}};
}
json jsonOf(const Mover& mover) {
    return {{"width", mover.width},
            {"height", mover.height},
            {"track", mover.track},
            {"periodTicks", mover.periodTicks},
            {"way", mover.way}};
}

json jsonOf(const Parts& parts) {
    json made = {{"deadly", json::array()},  {"gains", json::array()},  {"doors", json::array()},
                 {"springs", json::array()}, {"movers", json::array()}, {"timed", json::array()},
                 {"foes", json::array()}};
    for (const Box& box : parts.deadly)
        made["deadly"].push_back(jsonOf(box));
    for (const Gain& gain : parts.gains)
        made["gains"].push_back({{"box", jsonOf(gain.box)},
                                 {"grants", gain.grants},
                                 {"lastsTicks", gain.lastsTicks},
                                 {"keeps", jsonOf(gain.keeps)},
                                 {"takes", gain.takes},
                                 {"movesAs", gain.movesAs},
                                 {"wantsUse", gain.wantsUse},
                                 {"isShutting", gain.isShutting},
                                 {"after", textOf(gain.after)}});
    for (const Door& door : parts.doors)
        made["doors"].push_back({{"box", jsonOf(door.box)},
                                 {"needs", textOf(door.needs)},
                                 {"isShutForGood", door.isShutForGood},
                                 {"shutBy", textOf(door.shutBy)}});
    for (const Spring& spring : parts.springs) {
        json others = json::array();
        for (const auto& [high, low] : spring.others)
            others.push_back({jsonOf(high), jsonOf(low)});
        made["springs"].push_back({{"box", jsonOf(spring.box)},
                                   {"high", jsonOf(spring.high)},
                                   {"low", jsonOf(spring.low)},
                                   {"pushDx", spring.pushDx},
                                   {"others", others}});
    }
    for (const Mover& mover : parts.movers)
        made["movers"].push_back(jsonOf(mover));
    for (const TimedHazard& hazard : parts.timed)
        made["timed"].push_back({{"box", jsonOf(hazard.box)},
                                 {"periodTicks", hazard.times.periodTicks},
                                 {"on", hazard.times.on},
                                 {"canBeBeaten", hazard.canBeBeaten}});
    for (const Way& way : parts.foes)
        made["foes"].push_back(jsonOf(way));
    return made;
}

json jsonOf(const Frame& frame, const CellSource& cells) {
    const Edges& e = frame.edges;
    json made = {{"columns", frame.columns},
                 {"rows", frame.rows},
                 {"cellWidth", frame.cellWidth},
                 {"cellHeight", frame.cellHeight},
                 {"edges", {int(e.left), int(e.right), int(e.top), int(e.bottom)}},
                 {"cells", json::array()}};
    for (int row = 0; row < frame.rows; ++row)
        for (int column = 0; column < frame.columns; ++column) {
            const CellShape shape = cells.at(column, row);
            made["cells"].push_back({int(shape.behaviour), int(shape.form)});
        }
    return made;
}

json jsonOf(const Body& b) {
    json beaten = json::array();
    for (const Beaten& each : b.beaten)
        beaten.push_back({each.what, each.until});
    return {b.x,           b.y,    int(b.stance), b.phase,        b.table,     b.airJumps,
            b.coyoteTicks, b.push, b.spring,      textOf(b.held), b.ticksLeft, beaten};
}

/// What the random problems of the solver do not have: foes, timers, things that can be beaten.
void addWhatGoes(Random& random, const Frame& frame, Parts& parts) {
    for (Gain& gain : parts.gains)
        if (!gain.isTimed() && !gain.isShutting && random.chance(20))
            gain.lastsTicks = random.between(1, 40);
    for (TimedHazard& hazard : parts.timed)
        hazard.canBeBeaten = random.chance(50);
    for (int foes = random.chance(35) ? random.between(1, 2) : 0; foes > 0; --foes) {
        Way way;
        const Box box = testing::randomBox(random, frame);
        way.width = box.width;
        way.height = box.height;
        for (int corner = random.between(1, 12); corner > 0; --corner)
            way.corners.emplace_back(box.x + random.between(-9, 9), box.y + random.between(-9, 9));
        way.loopFrom = std::size_t(random.between(0, int(way.corners.size()) - 1));
        way.canBeBeaten = random.chance(60);
        if (random.chance(30)) way.madeAt = random.between(0, int(way.periodTicks()) - 1);
        parts.foes.push_back(std::move(way));
    }
}

/// Wishes that go on for a while, as people's do.
Input nextInput(Random& random, const Input& former) {
    if (random.chance(70)) return {former.dx, former.dy, random.chance(15) ? 1u : 0u};
    const unsigned buttons = random.chance(60) ? 0u : unsigned(random.between(0, 63));
    return {random.between(-6, 6), random.between(-6, 6), buttons};
}

}  // namespace

void BrowserTest::initTestCase() {
    QVERIFY2(!QStandardPaths::findExecutable(QStringLiteral("node")).isEmpty(),
             "node is missing; ./rook test installs it");
}

void BrowserTest::runTests(const char* file) {
    QProcess node;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("ROOK_CASES", m_folder.path());
    node.setProcessEnvironment(environment);
    node.setProcessChannelMode(QProcess::MergedChannels);
    node.start("node", {"--test", QStringLiteral(ROOK_SOURCE_DIR "/tests/js/") + file});
    QVERIFY(node.waitForFinished(300000));
    const QByteArray said = node.readAll();
    QVERIFY2(node.exitStatus() == QProcess::NormalExit && node.exitCode() == 0, said.constData());
}

void BrowserTest::theStepper_isTheSameInEveryState_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(2311);
    std::ofstream out(m_folder.filePath("steps.jsonl").toStdString());
    int levels = 0, ticks = 0;
    for (int round = 0; levels < 400 || ticks < 100000; ++round) {
        Random random(seed + std::uint64_t(round));
        reach::Problem problem = testing::randomProblem(random);
        addWhatGoes(random, problem.frame, problem.parts);
        const World world(problem.frame, *problem.cells, problem.tables, problem.parts);
        const Box start = level::boxOf(*problem.start);
        Body body = bodyAt(start, world, problem.tables);
        json inputs = json::array(), states = json::array({jsonOf(body)});
        Input input;
        // A body that ended begins anew, with what it held.
        for (int tick = 0; tick < 300; ++tick) {
            input = nextInput(random, input);
            step(world, problem.tables, body, input);
            inputs.push_back({input.dx, input.dy, input.buttons});
            states.push_back(jsonOf(body));
            if (body.stance != Stance::Ended) continue;
            const HeldSet held = body.held;
            const Body again = bodyAt(start, world, problem.tables, held);
            if (again.stance == Stance::Ended) break;
            body = again;
        }
        if (inputs.size() < 2) continue;
        ++levels;
        ticks += int(inputs.size());
        out << json{{"seed", seed + std::uint64_t(round)},
                    {"frame", jsonOf(problem.frame, *problem.cells)},
                    {"tables", jsonOf(problem.tables)},
                    {"parts", jsonOf(problem.parts)},
                    {"start", jsonOf(start)},
                    {"inputs", inputs},
                    {"states", states}}
            << "\n";
    }
    out.close();
    runTests("stepper.test.mjs");
}

void BrowserTest::whatGoes_isWhereItIs_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(977);
    std::ofstream out(m_folder.filePath("ways.jsonl").toStdString());
    for (int round = 0; round < 300; ++round) {
        Random random(seed + std::uint64_t(round));
        const reach::Problem problem = testing::randomProblem(random);
        Patrol patrol;
        patrol.box = testing::randomBox(random, problem.frame);
        patrol.gait = Gait(random.between(0, 3));
        patrol.pace = paceOf(random.between(100, 2500));
        patrol.startsLeft = random.chance(50);
        patrol.turnsAtEdges = random.chance(60);
        for (int marks = random.between(0, 2); marks > 0; --marks)
            patrol.turnsAt.push_back(random.between(0, problem.frame.widthPx()));
        for (int marks = random.between(0, 2); marks > 0; --marks)
            patrol.marks.push_back(testing::randomBox(random, problem.frame));
        patrol.track = testing::randomMover(random, problem.frame);
        std::vector<Box> doors;
        if (random.chance(30)) doors.push_back(testing::randomBox(random, problem.frame));
        const PatrolWay way =
            patrolOf(problem.frame, *problem.cells, problem.tables, patrol, doors);

        Thrower thrower;
        thrower.box = testing::randomBox(random, problem.frame);
        thrower.everyTicks = random.between(1, 60);
        thrower.first = random.between(0, thrower.everyTicks - 1);
        thrower.shotWidth = random.between(1, 5);
        thrower.shotHeight = random.between(1, 5);
        thrower.dx = random.between(-4000, 4000);
        thrower.dy = random.between(-4000, 4000);
        thrower.lifeTicks = random.between(1, 90);
        json shots = json::array();
        for (const Way& shot : shotsOf(problem.frame, *problem.cells, thrower, doors))
            shots.push_back(jsonOf(shot));

        Formation group;
        group.middle = {random.between(0, 200), random.between(0, 200), random.between(1, 20),
                        random.between(1, 20)};
        group.shape = FormationShape(random.between(0, 3));
        group.count = random.between(1, 12);
        group.distance = random.between(0, 90);
        group.columns = random.between(1, 5);
        group.arcDegrees = random.between(1, 360);
        group.periodTicks = random.chance(20) ? 0 : random.between(1, 240);
        group.isClockwise = random.chance(50);
        group.shiftX = random.between(-50, 50);
        group.shiftY = random.between(-50, 50);
        json members = json::array();
        for (int place = 0; place < group.count; ++place)
            members.push_back(group.wayOf(place).corners);

        json doorList = json::array(), marks = json::array();
        for (const Box& door : doors)
            doorList.push_back(jsonOf(door));
        for (const Box& mark : patrol.marks)
            marks.push_back(jsonOf(mark));
        out << json{{"seed", seed + std::uint64_t(round)},
                    {"frame", jsonOf(problem.frame, *problem.cells)},
                    {"tables", jsonOf(problem.tables)},
                    {"doors", doorList},
                    {"patrol",
                     {{"box", jsonOf(patrol.box)},
                      {"gait", int(patrol.gait)},
                      {"pace", patrol.pace},
                      {"startsLeft", patrol.startsLeft},
                      {"turnsAtEdges", patrol.turnsAtEdges},
                      {"turnsAt", patrol.turnsAt},
                      {"marks", marks},
                      {"track", jsonOf(patrol.track)}}},
                    {"way",
                     {{"corners", way.corners},
                      {"loopFrom", way.loopFrom},
                      {"flaw", int(way.flaw)}}},
                    {"thrower",
                     {{"box", jsonOf(thrower.box)},
                      {"everyTicks", thrower.everyTicks},
                      {"first", thrower.first},
                      {"shotWidth", thrower.shotWidth},
                      {"shotHeight", thrower.shotHeight},
                      {"dx", thrower.dx},
                      {"dy", thrower.dy},
                      {"lifeTicks", thrower.lifeTicks}}},
                    {"shots", shots},
                    {"formation",
                     {{"middle", jsonOf(group.middle)},
                      {"shape", int(group.shape)},
                      {"count", group.count},
                      {"distance", group.distance},
                      {"columns", group.columns},
                      {"arcDegrees", group.arcDegrees},
                      {"periodTicks", group.periodTicks},
                      {"isClockwise", group.isClockwise},
                      {"shiftX", group.shiftX},
                      {"shiftY", group.shiftY}}},
                    {"members", members}}
            << "\n";
    }
    out.close();
    runTests("ways.test.mjs");
}

void BrowserTest::puzzles_areTheSame_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(4177);
    std::ofstream out(m_folder.filePath("puzzles.jsonl").toStdString());
    level::Project project = testing::puzzleProject();
    project.profiles = std::vector<level::MotionProfile>{level::MotionProfile{}};
    int boards = 0;
    for (int round = 0; boards < 200 && round < 2000; ++round) {
        Random random(seed + std::uint64_t(round));
        const auto rule = level::PuzzleRuleName(random.between(1, 4));
        const level::Level level = testing::randomPuzzle(random, project, rule);
        const auto baked = file::bakedLevel(project, level, {}, "cut.png", file::Baking::Look);
        if (!baked) continue;
        Level read;
        try {
            read = readLevel(json::parse(baked->text), "board");
        } catch (const LoadError&) {
            continue;  // a flawed one
        }
        if (!read.puzzle) continue;
        ++boards;
        const runtime::puzzle::Board& board = read.puzzle->board;
        runtime::puzzle::State state = runtime::puzzle::beginning(board);
        json steps = json::array();
        for (int move = 0; move < 30; ++move) {
            const auto moves = runtime::puzzle::movesOf(board, state);
            json told = json::array();
            for (const runtime::puzzle::Move& each : moves)
                told.push_back({int(each.sort), each.counter, each.direction, each.distance,
                                each.from, each.to});
            json stacks = json::array();
            for (const runtime::puzzle::Stack& stack : state.stacks)
                stacks.push_back(std::vector<int>(stack.begin(), stack.end()));
            const int chosen = moves.empty() ? -1 : random.between(0, int(moves.size()) - 1);
            steps.push_back({{"moves", told},
                             {"at", state.at},
                             {"stacks", stacks},
                             {"open", std::vector<int>(state.isOpen.begin(), state.isOpen.end())},
                             {"put", state.isPut},
                             {"tallies", state.tallies},
                             {"isMet", runtime::puzzle::isMet(board, state)},
                             {"chosen", chosen}});
            if (chosen < 0) break;
            QVERIFY(runtime::puzzle::apply(board, state, moves[std::size_t(chosen)]));
        }
        out << json{{"seed", seed + std::uint64_t(round)},
                    {"file", json::parse(baked->text)},
                    {"steps", steps}}
            << "\n";
    }
    out.close();
    QVERIFY(boards >= 100);
    runTests("puzzles.test.mjs");
}

/// The play page is a bundle and a page beside it: both are of one export.
void BrowserTest::theDemo_isReplayed() {
    const QString demo = testing::copyDemo(m_folder);
    auto project = file::openProject(file::diskStorage(), demo.toStdString());
    QVERIFY(project);
    level::Target target;
    target.name = "page";
    target.format = level::TargetFormat::PlayPage;
    target.to = "../page";
    project->targets = std::vector{target};
    QVERIFY(file::saveProject(file::diskStorage(), demo.toStdString(), *project));
    QProcess exporting;
    exporting.start(testing::binaryFolder() + "/bin/rookplot",
                    {"export", demo, "--target", "page"});
    QVERIFY(exporting.waitForFinished(300000));
    QVERIFY2(exporting.exitCode() == 0, exporting.readAllStandardError().constData());
    QVERIFY(QFile::rename(m_folder.filePath("page"), m_folder.filePath("bundle")));
    runTests("demo.test.mjs");
}

void BrowserTest::thePlayPage_isPlayedInABrowser() {
    const QByteArray page = testing::readBytes(m_folder.filePath("bundle/index.html"));
    QVERIFY(page.contains("Lantern Weir"));
    for (const char* part : {"{{title}}", "{{style}}", "{{script}}", "{{game}}"})
        QVERIFY(!page.contains(part));
    // Nothing of it ends an element early, or asks for anything from elsewhere.
    QCOMPARE(page.count("</script>"), 2);
    QVERIFY(!page.contains("http:") && !page.contains("https:"));
    const QString browser = QStandardPaths::findExecutable(QStringLiteral("chromium"));
    const QString driver = QStandardPaths::findExecutable(QStringLiteral("chromedriver"));
    if (browser.isEmpty() || driver.isEmpty())
        QSKIP("chromium and chromium-driver are not here: no browser opened the play page");
    qputenv("ROOK_BROWSER", browser.toUtf8());
    qputenv("ROOK_DRIVER", driver.toUtf8());
    runTests("page.test.mjs");
}

ROOK_TEST(BrowserTest)

}  // namespace rook::browser_test

#include "browser_test.moc"
