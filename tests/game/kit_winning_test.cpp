/// Goals on boards of pieces, against a search over all places and all that may be taken.

#include <deque>
#include <map>
#include <set>

#include "../kit/small_kit.h"
#include "../reach/placing.h"
#include "game/winning.h"
#include "kit/taking_walk.h"
#include "testing.h"

namespace rook::kit_winning_test {

using game::Decided;
using level::GoalType;
using level::Role;
using testing::place;

namespace {

struct Board {
    level::Project project;
    level::Level level;

    void add(Role role, const std::string& id, CellPoint module) {
        place(project, level, role, id.c_str(), {module.x * 32 + 12, module.y * 32 + 12, 8, 8});
    }
    void wants(int count, bool isNeeded = true) {
        level.goals.edit([&](auto& goals) {
            level::LevelGoal goal;
            goal.type = GoalType::Collect;
            goal.kind = {"pickup-kind"};
            goal.count = count;
            goal.isNeeded = isNeeded;
            goals.push_back(goal);
        });
    }
    [[nodiscard]] game::Winning winning() const { return game::winningOf(project, level); }
};

/// Rooms of single modules, some of them missing; walls of others let one way only through.
Board randomBoard(Random& random) {
    Board board;
    const level::Kit kit = testing::smallKit();
    board.project.kits.edit([&](auto& kits) { kits.push_back(kit); });
    level::Level level = testing::kitBoard(random.between(3, 6), random.between(2, 5));
    const char* pieces[] = {"floor", "cross", "straight", "tee", "bend", "wall", "end"};
    for (int y = 0; y < level.cells.height(); ++y)
        for (int x = 0; x < level.cells.width(); ++x) {
            if (random.chance(8)) continue;
            const char* piece = random.chance(55) ? "floor" : pieces[random.between(0, 6)];
            if (auto edit = kit::place(kit, level,
                                       {testing::put(piece, x, y, random.between(0, 3))}, "Place"))
                level = edit->level;
        }
    board.level = level;
    const auto anywhere = [&] {
        return CellPoint{random.between(0, level.cells.width() - 1),
                         random.between(0, level.cells.height() - 1)};
    };
    board.add(Role::Spawn, "spawn", anywhere());
    for (int i = random.between(1, 2); i > 0; --i)
        board.add(Role::Exit, "exit-" + std::to_string(i), anywhere());
    const int coins = random.between(0, 4);
    for (int i = 0; i < coins; ++i)
        board.add(Role::Pickup, "coin-" + std::to_string(i), anywhere());
    if (random.chance(50)) {
        board.add(Role::Key, "key", anywhere());
        board.add(Role::Door, "door", anywhere());
        board.level.entities.edit([](auto& list) { list.back().data.opens = {{"key"}}; });
    }
    if (random.chance(80)) board.wants(random.between(0, coins + 1));
    return board;
}

/// All (place, taken) states, by the rules: an exit that is met while the goals hold ends it.
std::map<std::string, bool> plainSearch(const Board& board) {
    const level::Kit& kit = *board.project.kitOf(board.level);
    const kit::PlacedIndex index(kit, board.level);
    const kit::WalkGraph graph(kit, board.level, index);
    struct Thing {
        int patch;
        Role role;
        std::string id;
    };
    std::vector<Thing> things;
    int start = -1, door = -1, wanted = 0, coins = 0;
    for (const level::Entity& entity : board.level.entities) {
        const int patch = graph.patchAt(kit::spotOf(board.level, entity));
        const Role role = board.project.roleOf(entity);
        if (role == Role::Spawn) start = patch;
        if (role == Role::Door) door = patch;
        coins += role == Role::Pickup;
        things.push_back({patch, role, entity.id.text});
    }
    for (const level::LevelGoal& goal : board.level.goals)
        if (goal.isNeeded) wanted = std::max(wanted, goal.count == 0 ? coins : goal.count);
    std::map<std::string, bool> wins;
    if (start < 0) return wins;
    using State = std::pair<int, std::set<std::string>>;
    std::set<State> known;
    std::deque<State> open;
    const auto visit = [&](int patch, std::set<std::string> taken) {
        const bool hasKey = taken.contains("key");
        if (patch == door && !hasKey) return;
        const bool holds = int(taken.size()) - int(hasKey) >= wanted;
        for (const Thing& thing : things)
            if (holds && thing.patch == patch && thing.role == Role::Exit) {
                wins[thing.id] = true;
                return;
            }
        for (const Thing& thing : things)
            if (thing.patch == patch && (thing.role == Role::Pickup || thing.role == Role::Key))
                taken.insert(thing.id);
        // What is taken with the last one counts at once, where one stands already.
        if (known.insert({patch, taken}).second) open.emplace_back(patch, taken);
    };
    visit(start, {});
    while (!open.empty()) {
        const State at = open.front();
        open.pop_front();
        for (const int next : graph.next(at.first))
            visit(next, at.second);
    }
    return wins;
}

}  // namespace

class KitWinningTest : public QObject {
    Q_OBJECT
private slots:
    void ways_areThoseOfAPlainSearch_onRandomBoards();
    void goals_areJudgedByThemselves();
    void manyThings_areTakenWithoutAllOrders();
};

void KitWinningTest::ways_areThoseOfAPlainSearch_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(20261129);
    int yes = 0, no = 0;
    for (int round = 0; round < 400; ++round) {
        Random random(seed + std::uint64_t(round));
        const Board board = randomBoard(random);
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + std::uint64_t(round));
        // An exit and a thing in one module are met at once: which counts is told elsewhere.
        std::set<std::pair<int, int>> modules;
        bool isShared = false;
        for (const level::Entity& entity : board.level.entities)
            isShared = !modules.insert({entity.box.x, entity.box.y}).second || isShared;
        if (isShared) continue;
        const auto wins = plainSearch(board);
        const game::Winning winning = board.winning();
        for (const game::WayOut& way : winning.ways) {
            const auto found = wins.find(way.exit.text);
            const bool isWon = found != wins.end() && found->second;
            QVERIFY2(way.can != Decided::Unknown, where + " is not decided");
            QVERIFY2((way.can == Decided::Yes) == isWon, where + " " + way.exit.text.c_str());
            ++(isWon ? yes : no);
        }
    }
    qInfo("%d exits to win by, %d not", yes, no);
    QVERIFY(yes > 60 && no > 60);
}

void KitWinningTest::goals_areJudgedByThemselves() {
    Board board;
    const level::Kit kit = testing::smallKit();
    board.project.kits.edit([&](auto& kits) { kits.push_back(kit); });
    board.level = testing::kitBoard(6, 3);
    for (int x = 0; x < 4; ++x)
        board.level = testing::with(kit, board.level, {testing::put("floor", x, 1)});
    board.add(Role::Spawn, "spawn", {0, 1});
    board.add(Role::Exit, "exit", {3, 1});
    board.add(Role::Pickup, "near", {1, 1});
    board.add(Role::Pickup, "far", {5, 1});  // on no floor
    board.wants(1);
    board.wants(2, false);
    const game::Winning winning = board.winning();
    QVERIFY(winning.can == Decided::Yes);
    QVERIFY(winning.goals[0].can == Decided::Yes);
    QVERIFY(winning.goals[1].can == Decided::No);
    QCOMPARE(winning.ways[0].way.size(), std::size_t{4});
}

void KitWinningTest::manyThings_areTakenWithoutAllOrders() {
    Board board;
    const level::Kit kit = testing::smallKit();
    board.project.kits.edit([&](auto& kits) { kits.push_back(kit); });
    board.level = testing::kitBoard(12, 12);
    for (int y = 0; y < 12; ++y)
        for (int x = 0; x < 12; ++x)
            board.level = testing::with(kit, board.level, {testing::put("floor", x, y)});
    board.add(Role::Spawn, "spawn", {0, 0});
    board.add(Role::Exit, "exit", {6, 0});
    for (int i = 0; i < 40; ++i)
        board.add(Role::Pickup, "coin-" + std::to_string(i), {(i * 7) % 12, 1 + (i * 5) % 11});
    board.wants(0);
    const game::Winning winning = board.winning();
    QVERIFY(winning.can == Decided::Yes);
}

ROOK_TEST(KitWinningTest)

}  // namespace rook::kit_winning_test

#include "kit_winning_test.moc"
