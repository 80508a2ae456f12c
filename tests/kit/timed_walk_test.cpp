/// Walks among what goes by the clock, against a plain search tick by tick.

#include "kit/timed_walk.h"

#include <set>

#include "kit/paced_run.h"
#include "kit/solid_edits.h"
#include "kit/taking_walk.h"
#include "kit/way_along.h"
#include "level/tracks.h"
#include "reach/placing.h"
#include "small_kit.h"
#include "testing.h"

namespace rook::timed_walk_test {

using testing::kitBoard;
using testing::place;
using testing::put;
using testing::smallKit;
using testing::with;

class TimedWalkTest : public QObject {
    Q_OBJECT
private slots:
    void reach_equalsSearchByTheTick_onRandomBoards();
    void hazard_isWaitedFor_andTheRunReplays();
    void hazard_thatIsAlwaysOn_stopsTheWay();
    void key_isTaken_whileSomethingComesAndGoes();
    void foe_turnsWhereTheFloorEnds_atDoorsAndAtMarks();
    void mover_carriesOverAGap_whenItIsThere();
    void whatNobodyKnowsToJudge_isNotDecided();
    void placesAreCrossed_whereSolidsCutAModule();
};

namespace {

constexpr int px = 32;

PxRect boxIn(int x, int y) {
    return {x * px + 10, y * px + 10, 12, 12};
}

/// A board of small pieces, its project, and what is found of it.
struct Board {
    level::Project project;
    level::Level level;

    explicit Board(level::Level board) : level(std::move(board)) {
        project.kits = std::vector<level::Kit>{smallKit()};
    }
    level::Entity& add(level::Role role, const char* id, const PxRect& box) {
        return place(project, level, role, id, box);
    }
    [[nodiscard]] kit::WalkGraph graph() const {
        return {project, level, kit::PlacedIndex(*project.kitOf(level), level)};
    }
    [[nodiscard]] kit::KitReach reach() const { return kit::reachOf(project, level, graph()); }
};

const kit::KitGoal& goalOf(const kit::KitReach& reach, const char* id) {
    for (const kit::KitGoal& each : reach.goals)
        if (each.id == id) return each;
    qFatal("there is no such goal");
}

runtime::Timetable timetable(int period, std::vector<std::pair<int, int>> on) {
    return {period, std::move(on)};
}

/// One place in one tick: a plain search knows nothing of calm parts. On a raft (patch -1) the
/// column and row are its own.
struct Spell {
    int patch, column, row, tick;
    auto operator<=>(const Spell&) const = default;
};

class PlainSearch {
public:
    PlainSearch(const Board& board, const kit::WalkGraph& graph, int period)
        : m_graph(graph),
          m_things(kit::clockOf(board.project, board.level, graph).things),
          m_period(period) {
        for (const level::Entity& entity : board.level.entities)
            if (board.project.roleOf(entity) == level::Role::Mover)
                m_raft = level::moverOf(entity.data.track, entity.box);
    }

    [[nodiscard]] bool isHarmed(const Spell& at) const {
        for (const kit::ClockThing& thing : m_things) {
            if (thing.storey != 0 || !thing.way.isThere(at.tick)) continue;
            const runtime::Box box = thing.way.at(at.tick);
            // Twelfths of a px.
            const auto [x, y] = middleOf(at);
            const int left = x - 2 * px, top = y - 2 * px;
            const bool meets = left < 12 * (box.x + box.width) && 12 * box.x < left + 4 * px &&
                               top < 12 * (box.y + box.height) && 12 * box.y < top + 4 * px;
            if (meets) return true;
        }
        return false;
    }
    [[nodiscard]] std::set<int> from(int patch, int column, int row) const {
        std::set<Spell> known;
        std::vector<Spell> open;
        const auto take = [&](const Spell& spell) {
            if (known.insert(spell).second) open.push_back(spell);
        };
        if (const Spell first{patch, column, row, 0}; !isHarmed(first)) take(first);
        while (!open.empty()) {
            const Spell at = open.back();
            open.pop_back();
            for (int dy = -1; dy <= 1; ++dy)
                for (int dx = -1; dx <= 1; ++dx)
                    if (const auto next = after(at, dx, dy)) take(*next);
        }
        std::set<int> patches;
        for (const Spell& spell : known)
            if (spell.patch >= 0) patches.insert(spell.patch);
        return patches;
    }

private:
    [[nodiscard]] const kit::Patch& patch(int index) const {
        return m_graph.patches()[static_cast<std::size_t>(index)];
    }
    /// The patch that one is on after one straight step; -1 if it is not walked.
    [[nodiscard]] int stepped(int from, int column, int row) const {
        if (from < 0) return -1;
        const CellPoint module{column >= 0 ? column / 6 : -1, row >= 0 ? row / 6 : -1};
        if (patch(from).spot.at == module) return from;
        for (const int next : m_graph.next(from))
            if (patch(next).spot.at == module) return next;
        return -1;
    }
    /// Twelfths of a px.
    [[nodiscard]] std::pair<int, int> middleOf(const Spell& at) const {
        const int x = (2 * at.column + 1) * px, y = (2 * at.row + 1) * px;
        if (at.patch >= 0) return {x, y};
        const runtime::Box box = m_raft->at(at.tick);
        return {12 * box.x + x, 12 * box.y + y};
    }
    /// The raft is there when the step ends.
    [[nodiscard]] std::optional<Spell> boarding(const Spell& at, int dx, int dy) const {
        const level::Side side = dx > 0   ? level::Side::Right
                                 : dx < 0 ? level::Side::Left
                                 : dy > 0 ? level::Side::Down
                                          : level::Side::Up;
        if (!m_raft || (dx != 0) == (dy != 0) || !m_graph.isOpen(at.patch, side)) return {};
        const int tick = (at.tick + 4) % m_period;
        const runtime::Box box = m_raft->at(tick);
        const int x = (2 * (at.column + dx) + 1) * px - 12 * box.x;
        const int y = (2 * (at.row + dy) + 1) * px - 12 * box.y;
        if (x < 0 || y < 0 || x >= 12 * box.width || y >= 12 * box.height) return {};
        return Spell{-1, std::min(x / (2 * px), columns() - 1), std::min(y / (2 * px), rows() - 1),
                     tick};
    }
    [[nodiscard]] int columns() const { return std::max(1, 6 * m_raft->width / px); }
    [[nodiscard]] int rows() const { return std::max(1, 6 * m_raft->height / px); }
    [[nodiscard]] std::optional<Spell> afterOnRaft(const Spell& at, int dx, int dy) const {
        const int ticks = dx == 0 && dy == 0 ? 1 : dx != 0 && dy != 0 ? 6 : 4;
        Spell to{-1, at.column + dx, at.row + dy, (at.tick + ticks) % m_period};
        const bool isOn = to.column >= 0 && to.row >= 0 && to.column < columns() && to.row < rows();
        if (!isOn) {
            if (dx != 0 && dy != 0) return {};
            const auto [x, y] = middleOf(to);
            if (x < 0 || y < 0) return {};
            const level::Side back = dx > 0   ? level::Side::Left
                                     : dx < 0 ? level::Side::Right
                                     : dy > 0 ? level::Side::Up
                                              : level::Side::Down;
            to.column = x / (2 * px);
            to.row = y / (2 * px);
            to.patch = m_graph.patchAt({{to.column / 6, to.row / 6}, 0});
            if (to.patch < 0 || !m_graph.isOpen(to.patch, back)) return {};
        }
        return unharmed(at, to, ticks);
    }
    [[nodiscard]] std::optional<Spell> unharmed(const Spell& at, const Spell& to, int ticks) const {
        for (int i = 1; i <= ticks; ++i) {
            Spell now = 2 * i > ticks ? to : at;
            now.tick = (at.tick + i) % m_period;
            if (isHarmed(now)) return std::nullopt;
        }
        return to;
    }
    [[nodiscard]] std::optional<Spell> after(const Spell& at, int dx, int dy) const {
        if (at.patch < 0) return afterOnRaft(at, dx, dy);
        const int ticks = dx == 0 && dy == 0 ? 1 : dx != 0 && dy != 0 ? 6 : 4;
        const int first =
            stepped(stepped(at.patch, at.column + dx, at.row), at.column + dx, at.row + dy);
        const int second =
            stepped(stepped(at.patch, at.column, at.row + dy), at.column + dx, at.row + dy);
        if (first >= 0 && first == second)
            return unharmed(at, {first, at.column + dx, at.row + dy, (at.tick + ticks) % m_period},
                            ticks);
        const auto on = first < 0 ? boarding(at, dx, dy) : std::nullopt;
        return on ? unharmed(at, *on, ticks) : on;
    }

    const kit::WalkGraph& m_graph;
    std::vector<kit::ClockThing> m_things;
    std::optional<runtime::Mover> m_raft;
    int m_period;
};

/// Plays the run; empty if it comes to that patch unharmed.
QByteArray flawOf(const kit::WalkGraph& graph, int begin, const std::vector<kit::PacedMove>& moves,
                  int goal) {
    kit::PacedBody body(*graph.timed(), begin);
    for (const kit::PacedMove& move : moves) {
        if (move.dx != 0 || move.dy != 0) {
            const int to = graph.timed()->beside(body.stand(), move.dx, move.dy, body.now());
            if (to < 0) return "a step leads nowhere";
            if (move.ticks != kit::ticksOfStep(move.dx, move.dy)) return "a step takes otherwise";
            body.begin(to, move.ticks);
        }
        for (int tick = 0; tick < move.ticks; ++tick)
            if (body.tick()) return "harmed in tick " + QByteArray::number(qlonglong(body.now()));
        if (!body.isAtRest()) return "a step is not at its end";
    }
    return graph.timed()->patchAt(body.stand()) == goal ? "" : "it ends elsewhere";
}

Board randomBoard(Random& random) {
    level::Level level = kitBoard(5, 4);
    for (int y = 0; y < 4; ++y)
        for (int x = 0; x < 5; ++x)
            if (random.chance(75))
                level = with(
                    smallKit(), level,
                    {put(random.chance(75) ? "floor" : "straight", x, y, random.between(0, 1))});
    Board board(level);
    board.add(level::Role::Spawn, "start", boxIn(0, 0));
    board.add(level::Role::Exit, "exit", boxIn(4, 3));
    constexpr int periods[] = {12, 18, 36};
    for (int i = random.between(1, 4); i > 0; --i) {
        const int period = periods[random.between(0, 2)];
        const int from = random.between(0, period - 1);
        auto& hazard = board.add(level::Role::Hazard, ("h" + std::to_string(i)).c_str(),
                                 {random.between(0, 150), random.between(0, 110),
                                  random.between(4, 64), random.between(4, 64)});
        hazard.data.timetable = timetable(period, {{from, random.between(from + 1, period)}});
    }
    if (random.chance(60)) {
        auto& foe = board.add(level::Role::Foe, "foe",
                              {random.between(0, 120), random.between(0, 100), 10, 10});
        foe.data.patrol.gait = level::Gait::Flies;
        foe.data.track.points = {{random.between(-60, 60), random.between(-60, 60)}};
        foe.data.track.periodTicks = 36;
    }
    if (random.chance(60)) {
        auto& raft = board.add(level::Role::Mover, "raft",
                               {random.between(0, 120), random.between(0, 100),
                                random.between(8, 40), random.between(8, 40)});
        raft.data.track.points = {{random.between(-60, 60), random.between(-60, 60)}};
        raft.data.track.periodTicks = 36;
    }
    return board;
}

}  // namespace

void TimedWalkTest::reach_equalsSearchByTheTick_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(20261203);
    int reached = 0, held = 0;
    for (int round = 0; round < 24; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray text = "ROOK_SEED=" + QByteArray::number(qulonglong(seed) + round);
        const Board board = randomBoard(random);
        const kit::WalkGraph graph = board.graph();
        QVERIFY2(graph.timed() && graph.problem().empty(), text);
        const kit::KitReach reach = kit::reachOf(board.project, board.level, graph);
        const level::Entity& spawn = board.level.entities[0];
        const int begin = kit::standUnder(graph, board.level, spawn);
        if (begin < 0) continue;
        const kit::Stands& stands = graph.timed()->stands();
        const PlainSearch search(board, graph, 36);
        const std::set<int> found =
            search.from(stands.patchOf(begin), stands.at(begin).x, stands.at(begin).y);
        int count = 0;
        for (std::size_t i = 0; i < graph.patches().size(); ++i) {
            QVERIFY2(bool(reach.reached[i]) == found.contains(static_cast<int>(i)), text);
            count += reach.reached[i];
        }
        const kit::KitGoal& exit = goalOf(reach, "exit");
        held += count > 2 && !exit.isReached;
        if (!exit.isReached) continue;
        ++reached;
        const auto moves = kit::pacedRun(board.project, board.level, graph, exit.states);
        const QByteArray flaw = flawOf(graph, begin, moves, exit.patch);
        QVERIFY2(flaw.isEmpty(), text + ": " + flaw);
    }
    QVERIFY2(reached > 3 && held > 3,
             QByteArray::number(reached) + " reached, held " + QByteArray::number(held));
}

void TimedWalkTest::hazard_isWaitedFor_andTheRunReplays() {
    Board board(with(smallKit(), kitBoard(5, 1),
                     {put("straight", 0, 0), put("straight", 1, 0), put("straight", 2, 0)}));
    board.add(level::Role::Spawn, "start", boxIn(0, 0));
    board.add(level::Role::Exit, "exit", boxIn(2, 0));
    auto& hazard = board.add(level::Role::Hazard, "brine", {32, 0, 32, 32});
    // To cross it takes 8 of 6 places: the body is as wide as two more.
    hazard.data.timetable = timetable(120, {{0, 80}});
    QVERIFY(goalOf(board.reach(), "exit").isReached);
    const kit::WalkGraph graph = board.graph();
    const kit::KitReach reach = board.reach();
    const int begin = kit::standUnder(graph, board.level, board.level.entities[0]);
    const auto moves =
        kit::pacedRun(board.project, board.level, graph, goalOf(reach, "exit").states);
    QVERIFY(!moves.empty());
    QCOMPARE(flawOf(graph, begin, moves, goalOf(reach, "exit").patch), QByteArray());
    const bool waits = std::any_of(moves.begin(), moves.end(), [](const kit::PacedMove& move) {
        return move.dx == 0 && move.dy == 0;
    });
    QVERIFY2(waits, "it waits until the brine is off");
    // With a shorter pause nobody gets through.
    board.level.entities.edit([](auto& entities) {
        entities.back().data.timetable = timetable(120, {{0, 100}});
    });
    const kit::KitReach held = board.reach();
    QVERIFY(!goalOf(held, "exit").isReached && held.isDecided);
}

void TimedWalkTest::hazard_thatIsAlwaysOn_stopsTheWay() {
    Board board(with(smallKit(), kitBoard(5, 2),
                     {put("straight", 0, 0), put("straight", 1, 0), put("straight", 2, 0)}));
    board.add(level::Role::Spawn, "start", boxIn(0, 0));
    board.add(level::Role::Exit, "exit", boxIn(2, 0));
    board.add(level::Role::Hazard, "teeth", {32, 0, 32, 32});
    const kit::KitReach reach = board.reach();
    QVERIFY(reach.isDecided && !goalOf(reach, "exit").isReached);
    // On another storey it harms nobody here.
    board.level.entities.edit([](auto& entities) { entities.back().storey = 1; });
    QVERIFY(goalOf(board.reach(), "exit").isReached);
    // Where one begins.
    board.level.entities.edit([](auto& entities) {
        entities.back().storey = 0;
        entities.back().box = {0, 0, 32, 32};
    });
    QCOMPARE(board.reach().problem, std::string("start stands where it is harmed at once"));
}

void TimedWalkTest::key_isTaken_whileSomethingComesAndGoes() {
    // The key lies where a foe goes up and down; the door is beyond.
    Board board(with(smallKit(), kitBoard(6, 3),
                     {put("floor", 0, 1), put("floor", 1, 1), put("floor", 1, 0),
                      put("floor", 1, 2), put("floor", 2, 1), put("floor", 3, 1)}));
    board.add(level::Role::Spawn, "start", boxIn(0, 1));
    board.add(level::Role::Exit, "exit", boxIn(3, 1));
    board.add(level::Role::Key, "key", boxIn(1, 0));
    board.add(level::Role::Door, "door", boxIn(2, 1)).data.opens = {{"key"}};
    auto& foe = board.add(level::Role::Foe, "crab", {42, 10, 12, 12});
    foe.facing = level::Facing::Down;
    foe.data.patrol.gait = level::Gait::Walks;
    const kit::KitReach reach = board.reach();
    QVERIFY2(reach.problem.empty() && reach.isDecided, (reach.problem + reach.reason).c_str());
    QVERIFY(goalOf(reach, "key").isReached && goalOf(reach, "exit").isReached);
    const kit::WalkGraph graph = board.graph();
    const int begin = kit::standUnder(graph, board.level, board.level.entities[0]);
    const auto& exit = goalOf(reach, "exit");
    QCOMPARE(flawOf(graph, begin, kit::pacedRun(board.project, board.level, graph, exit.states),
                    exit.patch),
             QByteArray());
}

void TimedWalkTest::foe_turnsWhereTheFloorEnds_atDoorsAndAtMarks() {
    Board board(with(smallKit(), kitBoard(6, 1),
                     {put("straight", 0, 0), put("straight", 1, 0), put("straight", 2, 0),
                      put("straight", 3, 0)}));
    auto& foe = board.add(level::Role::Foe, "crab", {42, 10, 12, 12});
    foe.data.patrol.gait = level::Gait::Walks;
    foe.data.patrol.speed = {1000};
    const auto bounds = [&board] {
        const auto things = kit::clockOf(board.project, board.level, board.graph()).things;
        const auto& corners = things.at(0).way.corners;
        const auto [first, last] = std::minmax_element(corners.begin(), corners.end());
        return std::pair{first->first + 6, last->first + 6};
    };
    // Its middle goes from the first px of the floor to the last.
    QCOMPARE(bounds(), (std::pair{0, 127}));
    board.add(level::Role::TurnMark, "mark", {96, 0, 8, 32});
    QCOMPARE(bounds(), (std::pair{0, 91}));
    board.add(level::Role::Door, "door", {0, 0, 16, 32});
    QCOMPARE(bounds(), (std::pair{22, 91}));
    const auto way = kit::clockOf(board.project, board.level, board.graph()).things[0].way;
    // 138 px, in thirds of a second.
    QCOMPARE(way.periodTicks(), std::size_t{140});
}

void TimedWalkTest::mover_carriesOverAGap_whenItIsThere() {
    // A gap of three modules, and a raft of one that goes over it and back.
    const auto boardWith = [](int across, int far) {
        Board board(with(smallKit(), kitBoard(6, 1),
                         {put("straight", 0, 0), put("straight", 4, 0), put("straight", 5, 0)}));
        board.add(level::Role::Spawn, "start", boxIn(0, 0));
        board.add(level::Role::Exit, "exit", boxIn(5, 0));
        auto& raft = board.add(level::Role::Mover, "raft", {32, 0, across, 32});
        raft.data.track.points = {{far, 0}};
        raft.data.track.periodTicks = 120;
        return board;
    };
    const Board board = boardWith(32, 64);
    const kit::WalkGraph graph = board.graph();
    const kit::KitReach reach = kit::reachOf(board.project, board.level, graph);
    const auto& exit = goalOf(reach, "exit");
    QVERIFY2(reach.isDecided && exit.isReached, (reach.problem + reach.reason).c_str());
    const int begin = kit::standUnder(graph, board.level, board.level.entities[0]);
    const auto moves = kit::pacedRun(board.project, board.level, graph, exit.states);
    QCOMPARE(flawOf(graph, begin, moves, exit.patch), QByteArray());
    // One that stops short, by a module, is of no use; nor is one that is harmed on the way.
    QVERIFY(!goalOf(boardWith(32, 32).reach(), "exit").isReached);
    Board harmed = board;
    harmed.add(level::Role::Hazard, "steam", {80, 0, 8, 32});
    QVERIFY(!goalOf(harmed.reach(), "exit").isReached && harmed.reach().isDecided);
    // A wall stands between: turned, the last pieces are closed to the side.
    Board walled(with(smallKit(), kitBoard(6, 1),
                      {put("straight", 0, 0), put("straight", 4, 0, 1), put("straight", 5, 0)}));
    walled.project = board.project;
    walled.level.entities = board.level.entities;
    QVERIFY(!goalOf(walled.reach(), "exit").isReached);
}

void TimedWalkTest::whatNobodyKnowsToJudge_isNotDecided() {
    Board board(with(smallKit(), kitBoard(4, 1), {put("straight", 0, 0), put("straight", 1, 0)}));
    board.add(level::Role::Spawn, "start", boxIn(0, 0));
    board.add(level::Role::Exit, "exit", boxIn(1, 0));
    Board throwing = board;
    throwing.add(level::Role::Thrower, "it", boxIn(3, 0));
    const kit::KitReach reach = throwing.reach();
    QVERIFY(!reach.isDecided && !reach.reason.empty());
    QVERIFY(!goalOf(reach, "exit").isReached);
    const kit::WalkGraph graph = throwing.graph();
    const auto taking = kit::wayTaking(throwing.project, throwing.level, graph,
                                       {{}, [](const auto&) { return true; }, "exit"});
    QVERIFY(taking.way.empty() && !taking.isImpossible);
    QVERIFY(!kit::wayAlong(throwing.project, throwing.level, graph, {{1, 0}}, {1}).isDecided);
    // Two that come to one place never come round together; far from each other it is no matter.
    for (const int period : {7919, 7907}) {
        auto& hazard = board.add(level::Role::Hazard, period == 7919 ? "a" : "b",
                                 {period == 7919 ? 0 : 56, 0, 4, 4});
        hazard.data.timetable = timetable(period, {{0, 1}});
    }
    QVERIFY(board.reach().isDecided && goalOf(board.reach(), "exit").isReached);
    board.level.entities.edit([](auto& entities) { entities.back().box = entities[2].box; });
    QVERIFY(!board.reach().isDecided);
}

void TimedWalkTest::placesAreCrossed_whereSolidsCutAModule() {
    const auto boardWith = [](int steps) {
        level::Solid stairs;
        stairs.sort = level::SolidSort::Stairs;
        stairs.x = Rational(1);
        stairs.width = Rational(2);
        stairs.height = {200};
        stairs.steps = steps;
        const auto laid = kit::placeSolid(
            smallKit(),
            with(smallKit(), kitBoard(5, 1), {put("straight", 0, 0), put("straight", 3, 0)}),
            stairs);
        if (!laid) qFatal("%s", laid.error().sentence().c_str());
        Board board(laid->edit.level);
        board.add(level::Role::Spawn, "start", boxIn(0, 0));
        board.add(level::Role::Exit, "exit", boxIn(3, 0));
        auto& hazard = board.add(level::Role::Hazard, "drip", {40, 0, 8, 32});
        hazard.data.timetable = timetable(90, {{0, 20}});
        return board;
    };
    const auto isReached = [](const Board& board) {
        const kit::KitReach reach = board.reach();
        return goalOf(reach, "exit").isReached;
    };
    QVERIFY(boardWith(8).graph().isWhole() && isReached(boardWith(8)));
    // Treads that are narrower than a place are crossed, but a no would prove nothing.
    Board fine = boardWith(16);
    QVERIFY(!fine.graph().isWhole() && isReached(fine));
    fine.level.entities.edit([](auto& entities) { entities.back().data.timetable.reset(); });
    QVERIFY(!isReached(fine) && !fine.reach().isDecided);
}

ROOK_TEST(TimedWalkTest)

}  // namespace rook::timed_walk_test

#include "timed_walk_test.moc"
