/// Rooms by number, doors in their walls, and hallways that find their way.

#include "kit/rooms.h"

#include <deque>
#include <set>

#include "kit/audit.h"
#include "kit/walk_graph.h"
#include "small_kit.h"
#include "testing.h"

namespace rook::rooms_test {

using level::Side;
using testing::kitBoard;
using testing::put;
using testing::smallKit;
using testing::with;

class RoomsTest : public QObject {
    Q_OBJECT
private slots:
    void room_hasTheSizeTheWallsAndTheCeiling();
    void higherRoom_wantsWallsWithoutAFloor();
    void wall_isOpened_andTheOneBehindItToo();
    void way_isShortest_roundWhatStandsThere_withFewestBends();
    void wideHallway_joinsTwoRooms();
    void copy_isJoinedByAHallway();
};

namespace {

/// The small kit where floors are told apart from crossings, and with a ceiling.
level::Kit roomKit() {
    level::Kit kit = smallKit();
    std::erase_if(kit.pieces, [](const level::Piece& piece) { return piece.name == "cross"; });
    kit.pieces.push_back(testing::oneModule("roof", {}));
    return kit;
}

std::map<std::string, int> usesOf(const level::Level& level, int storey) {
    std::map<std::string, int> uses;
    for (const auto& placed : level.pieces)
        if (placed.storey == storey) ++uses[placed.piece];
    return uses;
}

bool leads(const level::Kit& kit, const level::Level& level, CellPoint from, CellPoint to) {
    const kit::PlacedIndex index(kit, level);
    const kit::WalkGraph graph(kit, level, index);
    std::set<int> reached{graph.patchAt({from, 0})};
    std::vector<int> open(reached.begin(), reached.end());
    while (!open.empty()) {
        const int at = open.back();
        open.pop_back();
        for (const int next : graph.next(at))
            if (reached.insert(next).second) open.push_back(next);
    }
    return reached.contains(graph.patchAt({to, 0}));
}

}  // namespace

void RoomsTest::room_hasTheSizeTheWallsAndTheCeiling() {
    const level::Kit kit = roomKit();
    kit::RoomWish wish;
    wish.corner = {2, 1};
    wish.width = 5;
    wish.depth = 4;
    wish.hasCeiling = true;
    const auto edit = kit::layRoom(kit, kitBoard(10, 8), *kit.find("floor"), wish);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    const auto uses = usesOf(edit->level, 0);
    QCOMPARE(uses.at("corner"), 4);
    QCOMPARE(uses.at("wall"), 10);
    QCOMPARE(uses.at("floor"), 6);
    QCOMPARE(usesOf(edit->level, 1).at("roof"), 20);
    QVERIFY(kit::auditOf(kit, edit->level).faults.empty());
    QCOMPARE(edit->touched, (CellRect{2, 1, 5, 4}));
    wish.corner = {8, 6};
    QVERIFY(!kit::layRoom(kit, kitBoard(10, 8), *kit.find("floor"), wish).has_value());
}

void RoomsTest::higherRoom_wantsWallsWithoutAFloor() {
    level::Kit kit = roomKit();
    kit::RoomWish wish;
    wish.width = wish.depth = 3;
    wish.storeys = 2;
    const auto refused = kit::layRoom(kit, kitBoard(6, 6), *kit.find("floor"), wish);
    QVERIFY(!refused.has_value());
    QCOMPARE(refused.error().what,
             std::string("The kit has no wall without a floor for the storeys above"));
    for (const unsigned walls : {0b1000u, 0b1100u}) {
        level::Piece upper =
            testing::oneModule(walls == 0b1000u ? "upper" : "upper-corner", {}, walls);
        upper.cells[0].surface = level::SurfaceSort::None;
        kit.pieces.push_back(upper);
    }
    const auto edit = kit::layRoom(kit, kitBoard(6, 6), *kit.find("floor"), wish);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QCOMPARE(usesOf(edit->level, 1).at("upper"), 4);
    QCOMPARE(usesOf(edit->level, 1).at("upper-corner"), 4);
}

void RoomsTest::wall_isOpened_andTheOneBehindItToo() {
    const level::Kit kit = roomKit();
    kit::RoomWish wish;
    wish.width = wish.depth = 3;
    auto edit = kit::layRoom(kit, kitBoard(8, 4), *kit.find("floor"), wish);
    wish.corner = {3, 0};
    edit = kit::layRoom(kit, edit->level, *kit.find("floor"), wish);
    QVERIFY(!leads(kit, edit->level, {1, 1}, {4, 1}));
    const kit::PlacedIndex index(kit, edit->level);
    const auto side = kit::wallNear(kit, edit->level, index, {Rational(29, 10), Rational(3, 2)}, 0);
    QCOMPARE(side, std::optional(Side::Right));
    const auto opened = kit::openWall(kit, edit->level, {2, 1}, *side, 0);
    QVERIFY(opened.has_value());
    QCOMPARE(usesOf(opened->level, 0).at("frame"), 2);
    QVERIFY(leads(kit, opened->level, {1, 1}, {4, 1}));
    QVERIFY(kit::auditOf(kit, opened->level).faults.empty());
    // Open ground has no wall.
    QVERIFY(!kit::openWall(kit, edit->level, {7, 3}, Side::Up, 0).has_value());
}

void RoomsTest::way_isShortest_roundWhatStandsThere_withFewestBends() {
    const std::uint64_t seed = testing::seedOr(301);
    const level::Kit kit = roomKit();
    int found = 0;
    for (int round = 0; round < 150; ++round) {
        Random random(seed + std::uint64_t(round));
        level::Level level = kitBoard(random.between(3, 9), random.between(3, 9));
        const CellRect board = level.cells.bounds();
        std::set<std::pair<int, int>> taken;
        std::vector<level::PlacedPiece> pieces;
        for (int i = random.between(0, board.width * board.height / 2); i > 0; --i) {
            const int x = random.between(0, board.width - 1),
                      y = random.between(0, board.height - 1);
            if (taken.insert({x, y}).second) pieces.push_back(put("roof", x, y));
        }
        level = with(kit, level, pieces);
        const CellPoint from{random.between(0, board.width - 1),
                             random.between(0, board.height - 1)};
        const CellPoint to{random.between(0, board.width - 1), random.between(0, board.height - 1)};
        // By breadth, over modules and ways, counting steps first and bends second.
        std::map<std::tuple<int, int, int>, std::pair<int, int>> best;
        best[{from.x, from.y, -1}] = {0, 0};
        for (bool isBetter = true; isBetter;) {
            isBetter = false;
            const auto known = best;
            for (const auto& [key, cost] : known) {
                const auto& [x, y, side] = key;
                const int dx[] = {1, 0, -1, 0}, dy[] = {0, 1, 0, -1};
                if (x == to.x && y == to.y) continue;
                for (int s = 0; s < 4; ++s) {
                    const CellPoint next{x + dx[s], y + dy[s]};
                    if (!board.contains(next) || (next != to && taken.contains({next.x, next.y})))
                        continue;
                    const std::pair cost2{cost.first + 1, cost.second + (side >= 0 && side != s)};
                    const auto [at, isNew] = best.try_emplace({next.x, next.y, s}, cost2);
                    if (isNew || cost2 < at->second) {
                        at->second = cost2;
                        isBetter = true;
                    }
                }
            }
        }
        std::optional<std::pair<int, int>> plain;
        for (int s = -1; s < 4; ++s)
            if (const auto at = best.find({to.x, to.y, s}); at != best.end())
                plain = plain ? std::min(*plain, at->second) : at->second;
        const kit::PlacedIndex index(kit, level);
        const auto way = kit::wayRound(level, index, from, to, 0);
        const QByteArray text = "ROOK_SEED=" + QByteArray::number(qulonglong(seed) + round);
        QVERIFY2(way.empty() == !plain, text);
        if (!plain) continue;
        ++found;
        int bends = 0;
        for (std::size_t i = 1; i < way.size(); ++i) {
            QVERIFY2(std::abs(way[i].x - way[i - 1].x) + std::abs(way[i].y - way[i - 1].y) == 1,
                     text);
            if (i > 1)
                bends += (way[i].x - way[i - 1].x != way[i - 1].x - way[i - 2].x) ||
                         (way[i].y - way[i - 1].y != way[i - 1].y - way[i - 2].y);
        }
        QVERIFY2((std::pair{int(way.size()) - 1, bends}) == *plain, text);
    }
    QVERIFY(found > 50);
}

void RoomsTest::wideHallway_joinsTwoRooms() {
    const level::Kit kit = roomKit();
    kit::RoomWish wish;
    wish.corner = {0, 2};
    wish.width = wish.depth = 3;
    auto edit = kit::layRoom(kit, kitBoard(14, 8), *kit.find("floor"), wish);
    wish.corner = {9, 2};
    edit = kit::layRoom(kit, edit->level, *kit.find("floor"), wish);
    const kit::PlacedIndex index(kit, edit->level);
    const auto way = kit::wayRound(edit->level, index, {2, 3}, {9, 3}, 0);
    QCOMPARE(way.size(), std::size_t(8));
    for (const int width : {1, 2, 3}) {
        const auto joined = kit::layHallway(kit, edit->level, *kit.find("straight"),
                                            *kit.find("floor"), way, width, 0);
        QVERIFY2(joined.has_value(), joined ? "" : joined.error().sentence().c_str());
        QVERIFY(leads(kit, joined->level, {1, 3}, {10, 3}));
        for (const kit::Fault& fault : kit::auditOf(kit, joined->level).faults)
            QVERIFY2(false, fault.sentence.c_str());
        QCOMPARE(joined->level.pieces.size(), edit->level.pieces.size() + std::size_t(6 * width));
    }
}

void RoomsTest::copy_isJoinedByAHallway() {
    const level::Kit kit = roomKit();
    kit::RoomWish wish;
    wish.corner = {1, 1};
    wish.width = 4;
    wish.depth = 3;
    const auto room = kit::layRoom(kit, kitBoard(20, 12), *kit.find("floor"), wish);
    std::vector<int> ids;
    for (const auto& placed : room->level.pieces)
        ids.push_back(placed.id);
    const auto joined = kit::duplicateJoined(kit, room->level, ids, 9, 2, *kit.find("straight"),
                                             *kit.find("floor"), 1);
    QVERIFY2(joined.has_value(), joined ? "" : joined.error().sentence().c_str());
    QVERIFY(leads(kit, joined->level, {2, 2}, {11, 4}));
    QVERIFY(kit::auditOf(kit, joined->level).faults.empty());
    // Side by side there is no room for a hallway.
    QVERIFY(!kit::duplicateJoined(kit, room->level, ids, 4, 0, *kit.find("straight"),
                                  *kit.find("floor"), 1)
                 .has_value());
}

ROOK_TEST(RoomsTest)

}  // namespace rook::rooms_test

#include "rooms_test.moc"
