/// The walk graph and reach against plain searches.

#include "kit/walk_graph.h"
#include "kit/way_along.h"

#include <set>

#include "kit/laying.h"
#include "reach/placing.h"
#include "small_kit.h"
#include "testing.h"

namespace rook::walk_graph_test {

using level::Side;
using testing::kitBoard;
using testing::place;
using testing::put;
using testing::smallKit;
using testing::with;

class WalkGraphTest : public QObject {
    Q_OBJECT
private slots:
    void graph_equalsPlainLook_onRandomBoards();
    void ramp_leadsUp_andAWallStops();
    void drop_isAsDeepAsTheBodyMay_andOneWay();
    void door_isShutUntilItsKeyIsHeld();
    void trap_isWhereOneCannotFinishFrom();
    void lowCeiling_stopsTheBody();
    void wayAlong_passesWhatAnyWayCan();
};

namespace {

/// Height of a surface at the two ends of a border, in thousandths, from the plan's point of view:
/// first the end that is left or above.
std::pair<std::int64_t, std::int64_t> plainHeights(const level::PieceCell& cell, int turn,
                                                   Side side) {
    const std::int64_t low = cell.height.thousandths;
    const std::int64_t high = low + cell.rise.thousandths;
    const int up = (static_cast<int>(cell.up) + turn) % 4;
    // The four corners: upper left, upper right, lower right, lower left.
    const bool isHigh[4][4] = {{false, true, true, false},   // up = right
                               {false, false, true, true},   // up = down
                               {true, false, false, true},   // up = left
                               {true, true, false, false}};  // up = up
    const auto at = [&](int corner) { return isHigh[up][corner] ? high : low; };
    switch (side) {
        case Side::Right:
            return {at(1), at(2)};
        case Side::Down:
            return {at(3), at(2)};
        case Side::Left:
            return {at(0), at(3)};
        case Side::Up:
            return {at(0), at(1)};
    }
    return {};
}

struct Floor {
    int x, y, storey;
    std::int64_t low, high;
    const level::PieceCell* cell;
    int turn;
};

}  // namespace

void WalkGraphTest::graph_equalsPlainLook_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(20261201);
    const level::Kit kit = smallKit();
    const std::int64_t storey = kit.storey.thousandths, body = kit.body.height.thousandths;
    int edges = 0;
    for (int round = 0; round < 200; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const level::Level level = testing::randomBoard(random, kit, random.between(2, 40));
        const kit::PlacedIndex index(kit, level);
        const kit::WalkGraph graph(kit, level, index);
        // Every cell of every piece, with its walls, by a plain turn.
        struct Any {
            int x, y, storey;
            unsigned walls;
            const level::PieceCell* cell;
        };
        std::vector<Any> all;
        std::vector<Floor> floors;
        for (const auto& placed : level.pieces) {
            const level::Piece& piece = *kit.find(placed.piece);
            for (const level::PieceCell& cell : piece.cells) {
                const CellPoint at = level::turnedCell(piece.bounds(), cell.at, placed.turn);
                unsigned walls = 0;
                for (int side = 0; side < 4; ++side)
                    if ((cell.walls >> side) & 1u) walls |= 1u << ((side + placed.turn) % 4);
                const int s = placed.storey + cell.storey;
                all.push_back({placed.at.x + at.x, placed.at.y + at.y, s, walls, &cell});
                if (cell.surface == level::SurfaceSort::None) continue;
                const std::int64_t low = s * storey + cell.height.thousandths;
                floors.push_back({placed.at.x + at.x, placed.at.y + at.y, s, low,
                                  low + cell.rise.thousandths, &cell, placed.turn});
            }
        }
        QCOMPARE(graph.patches().size(), floors.size());
        const int dx[] = {1, 0, -1, 0}, dy[] = {0, 1, 0, -1};
        for (std::size_t a = 0; a < floors.size(); ++a) {
            std::set<int> plain;
            for (int side = 0; side < 4; ++side) {
                const Floor& from = floors[a];
                const auto own = plainHeights(*from.cell, from.turn, static_cast<Side>(side));
                const std::int64_t ground = from.low - from.cell->height.thousandths;
                const std::int64_t h0 = ground + own.first, h1 = ground + own.second;
                int best = -1;
                std::int64_t bestTop = 0, b0 = 0, b1 = 0;
                for (std::size_t b = 0; b < floors.size(); ++b) {
                    const Floor& to = floors[b];
                    if (to.x != from.x + dx[side] || to.y != from.y + dy[side]) continue;
                    const auto theirs =
                        plainHeights(*to.cell, to.turn, static_cast<Side>((side + 2) % 4));
                    const std::int64_t base = to.low - to.cell->height.thousandths;
                    const std::int64_t t0 = base + theirs.first, t1 = base + theirs.second;
                    if (t0 - h0 > 400 || t1 - h1 > 400) continue;
                    if (best >= 0 && std::max(t0, t1) <= bestTop) continue;
                    best = int(b);
                    bestTop = std::max(t0, t1);
                    b0 = t0;
                    b1 = t1;
                }
                if (best < 0 || h0 - b0 > 1000 || h1 - b1 > 1000) continue;
                const std::int64_t height = std::max({h0, h1, b0, b1});
                bool isFree = true;
                for (const Any& each : all) {
                    const bool isHere = each.x == from.x && each.y == from.y;
                    const bool isThere = each.x == from.x + dx[side] && each.y == from.y + dy[side];
                    if (!isHere && !isThere) continue;
                    const int wall = isHere ? side : (side + 2) % 4;
                    const std::int64_t base = each.storey * storey;
                    if (((each.walls >> wall) & 1u) && base < height + body &&
                        base + storey > height)
                        isFree = false;
                    if (each.cell->surface == level::SurfaceSort::None) continue;
                    const std::int64_t low = base + each.cell->height.thousandths;
                    const std::int64_t floor = isHere ? from.low : floors[std::size_t(best)].low;
                    if (low > floor && low - 200 < height + body &&
                        low + each.cell->rise.thousandths > height)
                        isFree = false;
                }
                if (isFree) plain.insert(best);
            }
            const auto& next = graph.next(int(a));
            QVERIFY2(std::set<int>(next.begin(), next.end()) == plain,
                     "ROOK_SEED=" + QByteArray::number(seed + round));
            edges += int(plain.size());
        }
    }
    QVERIFY(edges > 1000);
}

namespace {

/// A start and an exit on that board, in those modules.
level::Level between(level::Project& project, level::Level level, kit::Spot start, kit::Spot exit) {
    const auto box = [](const kit::Spot& spot) {
        return PxRect{spot.at.x * 32 + 10, spot.at.y * 32 + 10, 12, 12};
    };
    place(project, level, level::Role::Spawn, "start", box(start)).storey = start.storey;
    place(project, level, level::Role::Exit, "exit", box(exit)).storey = exit.storey;
    return level;
}

kit::KitReach reachIn(const level::Project& project, const level::Kit& kit,
                      const level::Level& level) {
    const kit::PlacedIndex index(kit, level);
    return kit::reachOf(project, level, kit::WalkGraph(kit, level, index));
}

const kit::KitGoal& goal(const kit::KitReach& reach, const char* id) {
    for (const kit::KitGoal& each : reach.goals)
        if (each.id == id) return each;
    qFatal("there is no such goal");
}

}  // namespace

void WalkGraphTest::ramp_leadsUp_andAWallStops() {
    const level::Kit kit = smallKit();
    level::Project project;
    const level::Level board =
        with(kit, kitBoard(8, 4),
             {put("straight", 0, 1), put("ramp", 1, 1), put("straight", 2, 1, 0, 1)});
    auto level = between(project, board, {{0, 1}, 0}, {{2, 1}, 1});
    auto reach = reachIn(project, kit, level);
    QVERIFY2(goal(reach, "exit").isReached, reach.problem.c_str());
    QCOMPARE(goal(reach, "exit").way.size(), std::size_t{3});
    QVERIFY(reach.unreachedStoreys.empty());
    // A straight hall that is turned has walls where the ramp ends.
    level = between(project,
                    with(kit, kitBoard(8, 4),
                         {put("straight", 0, 1), put("ramp", 1, 1), put("straight", 2, 1, 1, 1)}),
                    {{0, 1}, 0}, {{2, 1}, 1});
    reach = reachIn(project, kit, level);
    QVERIFY(!goal(reach, "exit").isReached);
    QCOMPARE(reach.unreachedStoreys, (std::vector<int>{1}));
}

void WalkGraphTest::drop_isAsDeepAsTheBodyMay_andOneWay() {
    level::Kit kit = smallKit();
    level::Piece dais = testing::oneModule("dais", {});
    dais.cells[0].height = {900};
    kit.pieces.push_back(dais);
    level::Project project;
    const level::Level board = with(kit, kitBoard(8, 4), {put("dais", 1, 1), put("floor", 2, 1)});
    QVERIFY(goal(reachIn(project, kit, between(project, board, {{1, 1}, 0}, {{2, 1}, 0})), "exit")
                .isReached);
    QVERIFY(!goal(reachIn(project, kit, between(project, board, {{2, 1}, 0}, {{1, 1}, 0})), "exit")
                 .isReached);
    kit.body.drop = {800};
    QVERIFY(!goal(reachIn(project, kit, between(project, board, {{1, 1}, 0}, {{2, 1}, 0})), "exit")
                 .isReached);
    kit.body.stepUp = {900};
    QVERIFY(goal(reachIn(project, kit, between(project, board, {{2, 1}, 0}, {{1, 1}, 0})), "exit")
                .isReached);
}

void WalkGraphTest::door_isShutUntilItsKeyIsHeld() {
    const level::Kit kit = smallKit();
    level::Project project;
    level::Level level = between(
        project, with(kit, kitBoard(8, 4), kit::rowOf(*kit.find("cross"), {0, 1}, {5, 1}, 0, 0)),
        {{1, 1}, 0}, {{5, 1}, 0});
    level::Entity& door = place(project, level, level::Role::Door, "door", {3 * 32, 40, 32, 16});
    door.data.opens = {{"key"}};
    QVERIFY(!goal(reachIn(project, kit, level), "exit").isReached);
    place(project, level, level::Role::Key, "key", {10, 40, 8, 8});
    const auto reach = reachIn(project, kit, level);
    QVERIFY(goal(reach, "exit").isReached);
    // To the key and back: one more module than straight on, twice.
    QCOMPARE(goal(reach, "exit").way.size(), std::size_t{7});
    // On another storey the door shuts nothing here.
    level.entities.edit([](auto& list) {
        for (level::Entity& entity : list)
            if (entity.id.text == "door") entity.storey = 1;
    });
    QCOMPARE(goal(reachIn(project, kit, level), "exit").way.size(), std::size_t{5});
}

void WalkGraphTest::trap_isWhereOneCannotFinishFrom() {
    level::Kit kit = smallKit();
    level::Piece dais = testing::oneModule("dais", {});
    dais.cells[0].height = {900};
    kit.pieces.push_back(dais);
    level::Project project;
    const level::Level board =
        with(kit, kitBoard(8, 4), {put("floor", 0, 1), put("dais", 1, 1), put("dais", 2, 1)});
    const level::Level level = between(project, board, {{1, 1}, 0}, {{2, 1}, 0});
    const kit::PlacedIndex index(kit, level);
    const kit::WalkGraph graph(kit, level, index);
    const auto reach = kit::reachOf(project, level, graph);
    QVERIFY(goal(reach, "exit").isReached);
    const auto at = [&](int x) { return std::size_t(graph.patchAt({{x, 1}, 0})); };
    QVERIFY(reach.reached[at(0)] && reach.trapped[at(0)]);
    QVERIFY(reach.reached[at(1)] && !reach.trapped[at(1)]);
}

void WalkGraphTest::lowCeiling_stopsTheBody() {
    level::Kit kit = smallKit();
    kit.storey = {1900};
    level::Project project;
    level::Level board =
        with(kit, kitBoard(8, 4), kit::rowOf(*kit.find("cross"), {0, 1}, {3, 1}, 0, 0));
    board = with(kit, board, {put("cross", 2, 1, 0, 1)});
    const auto level = between(project, board, {{0, 1}, 0}, {{3, 1}, 0});
    QVERIFY(!goal(reachIn(project, kit, level), "exit").isReached);
    kit.storey = {2000};
    QVERIFY(goal(reachIn(project, kit, level), "exit").isReached);
}

/// Sets of patches, one after the other, by the letter; without keys there is nothing to hold.
void WalkGraphTest::wayAlong_passesWhatAnyWayCan() {
    const std::uint64_t seed = testing::seedOr(401);
    const level::Kit kit = smallKit();
    int passed = 0, found = 0;
    for (int round = 0; round < 200; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        level::Project project;
        level::Level board = kitBoard(7, 6);
        for (int i = 0; i < 45; ++i)
            if (auto edit =
                    kit::place(kit, board,
                               {put(random.chance(90) ? "floor" : "straight", random.between(0, 6),
                                    random.between(0, 5), random.between(0, 3), 0)},
                               "Place"))
                board = edit->level;
        const auto start = board.pieces[0];
        const level::Level level = between(project, board, {start.at, start.storey}, {{0, 0}, 0});
        const kit::PlacedIndex index(kit, level);
        const kit::WalkGraph graph(kit, level, index);
        std::vector<CellPoint> modules;
        for (int i = random.between(1, 4); i > 0; --i)
            modules.push_back({random.between(0, 6), random.between(0, 5)});
        const std::vector<int> goal{
            random.between(0, static_cast<int>(graph.patches().size()) - 1)};
        const kit::WayAlong along = kit::wayAlong(project, level, graph, modules, goal);
        const QByteArray text = "ROOK_SEED=" + QByteArray::number(qulonglong(seed) + round);
        const auto spread = [&](std::set<int> states) {
            std::vector<int> open(states.begin(), states.end());
            while (!open.empty()) {
                const int at = open.back();
                open.pop_back();
                for (const int next : graph.next(at))
                    if (states.insert(next).second) open.push_back(next);
            }
            return states;
        };
        std::set<int> states = spread({graph.patchAt({start.at, start.storey})});
        for (std::size_t i = 0; i < modules.size(); ++i) {
            std::set<int> there;
            for (const int patch : states)
                if (graph.patches()[static_cast<std::size_t>(patch)].spot.at == modules[i])
                    there.insert(patch);
            QVERIFY2(along.passed[i] == !there.empty(), text);
            passed += !there.empty();
            if (!there.empty()) states = spread(there);
        }
        QVERIFY2(along.way.empty() == !states.contains(goal[0]), text);
        if (along.way.empty()) continue;
        ++found;
        // The way is one, and comes by in order.
        std::size_t next = 0;
        for (std::size_t i = 0; i < along.way.size(); ++i) {
            const auto& to = graph.next(i == 0 ? along.way[0] : along.way[i - 1]);
            if (i > 0) QVERIFY2(std::count(to.begin(), to.end(), along.way[i]), text);
            while (
                next < modules.size() &&
                (!along.passed[next] ||
                 graph.patches()[static_cast<std::size_t>(along.way[i])].spot.at == modules[next]))
                ++next;
        }
        QVERIFY2(next == modules.size() && along.way.back() == goal[0], text);
    }
    QVERIFY2(passed > 100 && found > 50,
             QByteArray::number(passed) + " passed, found " + QByteArray::number(found));
}

ROOK_TEST(WalkGraphTest)

}  // namespace rook::walk_graph_test

#include "walk_graph_test.moc"
