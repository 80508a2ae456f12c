/// Joining, rows, paths, rooms, ends, turns and exchanges.

#include "kit/laying.h"

#include "kit/audit.h"
#include "kit/joins.h"
#include "small_kit.h"
#include "testing.h"

namespace rook::laying_test {

using level::Side;
using testing::kitBoard;
using testing::put;
using testing::smallKit;
using testing::with;

class LayingTest : public QObject {
    Q_OBJECT
private slots:
    void piece_isDrawnToTheOpenPort_andTurnsForIt();
    void joining_findsTheBest_onRandomBoards();
    void freePlacing_snapsToModules_orToTheFraction();
    void ramp_joinsAbove_onItsStorey();
    void path_choosesStraightBendTeeAndCrossing();
    void path_withSomethingInItsWay_isRefused();
    void path_outOfARoom_goesThroughADoorFrame();
    void room_hasWallsOnItsOutline_andAFrameWhereAHallLooksIn();
    void room_isExtended_byWhatIsDrawnOverIt();
    void openPorts_areClosedInOneEdit();
    void fourTurns_areNone();
    void replacing_wantsTheSameFootprintAndPorts();
    void variants_areChosenBySeed();
};

namespace {

std::string faultsOf(const level::Kit& kit, const level::Level& level) {
    std::string all;
    for (const kit::Fault& fault : kit::auditOf(kit, level).faults)
        all += fault.sentence + "\n";
    return all;
}

int openOf(const level::Kit& kit, const level::Level& level) {
    return int(kit::openPorts(kit, level, kit::PlacedIndex(kit, level)).size());
}

PxPoint middle(int x, int y) {
    return {x * 32 + 16, y * 32 + 16};
}

}  // namespace

void LayingTest::piece_isDrawnToTheOpenPort_andTurnsForIt() {
    const level::Kit kit = smallKit();
    const level::Level level = with(kit, kitBoard(8, 6), {put("straight", 2, 2)});
    const kit::PlacedIndex index(kit, level);
    // Near the right port; an end wishes turn 1 and must turn to 0.
    const auto end = kit::proposedAt(kit, level, index, *kit.find("end"), {100, 82}, 0, 1, 48);
    QVERIFY(end.hasJoined && end.isFree);
    QCOMPARE(end.placed.at, (CellPoint{3, 2}));
    QCOMPARE(end.placed.turn, 0);
    QCOMPARE(end.joinedCount(), 1);
    QVERIFY(kit::wordsOf(kit, level, end).starts_with("joins straight 1"));
    // What has no port that fits lies where the pointer is.
    const auto latch = kit::proposedAt(kit, level, index, *kit.find("latch"), {100, 82}, 0, 0, 48);
    QVERIFY(!latch.hasJoined);
    QCOMPARE(latch.placed.at, (CellPoint{3, 2}));
    QCOMPARE(latch.refusedCount(), 1);
    QVERIFY(kit::wordsOf(kit, level, latch).find("another profile") != std::string::npos);
}

/// No way of joining an open port nearby has fewer misfits than the one that is taken.
void LayingTest::joining_findsTheBest_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(20261129);
    const level::Kit kit = smallKit();
    int joined = 0;
    for (int round = 0; round < 300; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        level::Level level = testing::randomBoard(random, kit, random.between(1, 10));
        level = kit::setStraight(kit, level, {}).level;
        const kit::PlacedIndex index(kit, level);
        const auto& piece =
            kit.pieces[static_cast<std::size_t>(random.between(0, int(kit.pieces.size()) - 1))];
        const PxPoint pointer{random.between(0, 250), random.between(0, 250)};
        const int reach = 70;
        const auto taken = kit::proposedAt(kit, level, index, piece, pointer, 0, 0, reach);
        int best = 1000;
        for (const kit::OpenPort& open : kit::openPorts(kit, level, index)) {
            const PxPoint cell = middle(open.port.at.x, open.port.at.y);
            const int dx[] = {16, 0, -16, 0};
            const int dy[] = {0, 16, 0, -16};
            const int side = static_cast<int>(open.port.side);
            const double far =
                std::hypot(cell.x + dx[side] - pointer.x, cell.y + dy[side] - pointer.y);
            if (far > reach) continue;
            for (int y = -3; y < 12; ++y)
                for (int x = -3; x < 12; ++x)
                    for (int turn = 0; turn < 4; ++turn)
                        for (int storey = 0; storey < 2; ++storey) {
                            const auto lies =
                                kit::judged(kit, level, index, piece,
                                            put(piece.name.c_str(), x, y, turn, storey));
                            const auto& from = level.pieces[open.placed];
                            const bool isOn = storey == 0 || (from.storey == 0 ||
                                                              kit.find(from.piece)->storeys() == 0);
                            if (!lies.isFree || !isOn) continue;
                            const CellPoint there = beside(open.port.at, open.port.side);
                            for (const kit::Contact& contact : lies.contacts)
                                if (contact.other == open.placed &&
                                    contact.meeting == kit::Meeting::Joined &&
                                    contact.at == there && contact.side == opposite(open.port.side))
                                    best = std::min(best, lies.refusedCount());
                        }
        }
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        QVERIFY2(taken.hasJoined == (best < 1000), where);
        if (taken.hasJoined) QVERIFY2(taken.refusedCount() == best, where);
        joined += taken.hasJoined;
    }
    QVERIFY(joined > 20);
}

void LayingTest::freePlacing_snapsToModules_orToTheFraction() {
    const level::Kit kit = smallKit();
    const level::Level level = kitBoard(8, 6);
    const kit::PlacedIndex index(kit, level);
    const auto whole = kit::proposedAt(kit, level, index, *kit.find("ell"), {75, 75}, 0, 0, 48);
    QCOMPARE(whole.placed.at, (CellPoint{1, 1}));
    QVERIFY(whole.placed.offX.isZero());
    const auto fine = kit::proposedAt(kit, level, index, *kit.find("floor"), {90, 80}, 0, 0, 48, 4);
    QCOMPARE(Rational(fine.placed.at.x) + fine.placed.offX, Rational(9, 4));
    QCOMPARE(Rational(fine.placed.at.y) + fine.placed.offY, Rational(2));
}

void LayingTest::ramp_joinsAbove_onItsStorey() {
    const level::Kit kit = smallKit();
    const level::Level level = with(kit, kitBoard(8, 6), {put("ramp", 2, 2)});
    const kit::PlacedIndex index(kit, level);
    const auto above =
        kit::proposedAt(kit, level, index, *kit.find("straight"), {100, 80}, 0, 0, 48);
    QVERIFY(above.hasJoined);
    QCOMPARE(above.placed.storey, 1);
    QCOMPARE(above.placed.at, (CellPoint{3, 2}));
}

void LayingTest::path_choosesStraightBendTeeAndCrossing() {
    const level::Kit kit = smallKit();
    const level::Piece& hall = *kit.find("straight");
    const auto path = [](std::initializer_list<std::pair<int, int>> points) {
        std::vector<CellPoint> cells;
        for (const auto& [x, y] : points)
            cells.push_back({x, y});
        return cells;
    };
    auto edit =
        kit::layPath(kit, kitBoard(9, 9), hall, path({{1, 4}, {2, 4}, {3, 4}, {4, 4}, {5, 4}}), 0);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QCOMPARE(edit->level.pieces.size(), std::size_t{5});
    // Down across it: a crossing; and it ends beside the first one: a bend that joins.
    edit = kit::layPath(kit, edit->level, hall, path({{3, 2}, {3, 3}, {3, 4}, {3, 5}, {2, 5}}), 0);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    std::map<std::pair<int, int>, std::string> at;
    for (const auto& placed : edit->level.pieces)
        at[{placed.at.x, placed.at.y}] = placed.piece;
    QCOMPARE((at[{3, 4}]), std::string("cross"));
    QCOMPARE((at[{3, 5}]), std::string("bend"));
    QCOMPARE((at[{3, 3}]), std::string("straight"));
    edit = kit::layPath(kit, edit->level, hall, path({{4, 2}, {4, 3}, {4, 4}}), 0);
    at.clear();
    for (const auto& placed : edit->level.pieces)
        at[{placed.at.x, placed.at.y}] = placed.piece;
    QCOMPARE((at[{4, 4}]), std::string("tee"));
    // Nothing that was laid so touches without fitting.
    for (const kit::Fault& fault : kit::auditOf(kit, edit->level).faults)
        QVERIFY2(fault.sort == kit::FaultSort::OpenPort, fault.sentence.c_str());
}

void LayingTest::path_withSomethingInItsWay_isRefused() {
    const level::Kit kit = smallKit();
    const level::Level level = with(kit, kitBoard(6, 6), {put("ell", 2, 2)});
    const auto edit = kit::layPath(kit, level, *kit.find("straight"), {{1, 2}, {2, 2}, {3, 2}}, 0);
    QVERIFY(!edit);
    QVERIFY(edit.error().sentence().find("ell 1 is in the way") != std::string::npos);
}

void LayingTest::path_outOfARoom_goesThroughADoorFrame() {
    const level::Kit kit = smallKit();
    const auto room = kit::fillRoom(kit, kitBoard(10, 8), *kit.find("floor"),
                                    level::CellRegion(CellRect{1, 1, 4, 3}), 0);
    const auto edit = kit::layPath(kit, room->level, *kit.find("straight"),
                                   {{4, 2}, {5, 2}, {6, 2}, {6, 3}, {6, 4}}, 0);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QCOMPARE(kit::auditOf(kit, edit->level).counts.uses.at("frame"), 1);
    // Its end stays open, to go on from, until it is closed.
    QCOMPARE(openOf(kit, edit->level), 1);
    QCOMPARE(kit::auditOf(kit, edit->level).faults.size(), std::size_t{1});
    QCOMPARE(faultsOf(kit, kit::closePorts(kit, edit->level, {})->level), std::string());
}

void LayingTest::room_hasWallsOnItsOutline_andAFrameWhereAHallLooksIn() {
    const level::Kit kit = smallKit();
    const level::Level level =
        with(kit, kitBoard(10, 8), {put("straight", 4, 1, 1), put("end", 4, 0, 3)});
    const level::CellRegion room(CellRect{3, 2, 4, 3});
    const auto edit = kit::fillRoom(kit, level, *kit.find("floor"), room, 0);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    std::map<std::string, int> uses = kit::auditOf(kit, edit->level).counts.uses;
    QCOMPARE(uses["corner"], 4);
    QCOMPARE(uses["frame"], 1);
    QCOMPARE(uses["wall"], 5);
    QCOMPARE(uses["floor"], 2);
    // The hall's other end is open: it was turned the other way.
    QVERIFY2(openOf(kit, edit->level) <= 2, faultsOf(kit, edit->level).c_str());
    // Filled again, it is the same room.
    const auto again = kit::fillRoom(kit, edit->level, *kit.find("floor"), room, 0);
    QCOMPARE(again->level.pieces.size(), edit->level.pieces.size());
    // A room of one row wants walls on both sides, which this kit does not have.
    const auto row =
        kit::fillRoom(kit, level, *kit.find("floor"), level::CellRegion(CellRect{3, 6, 4, 1}), 0);
    QVERIFY(!row);
    QVERIFY(row.error().sentence().find("walls to") != std::string::npos);
}

void LayingTest::room_isExtended_byWhatIsDrawnOverIt() {
    const level::Kit kit = smallKit();
    const level::Piece& floor = *kit.find("floor");
    level::Level level =
        kit::fillRoom(kit, kitBoard(12, 10), floor, level::CellRegion(CellRect{1, 1, 4, 3}), 0)
            ->level;
    // Another room that stays as it is.
    level = kit::fillRoom(kit, level, floor, level::CellRegion(CellRect{8, 1, 3, 3}), 0)->level;
    const level::CellRegion drawn(CellRect{3, 3, 2, 4});
    const auto region = kit::withRooms(kit, level, kit::PlacedIndex(kit, level), floor, drawn, 0);
    QCOMPARE(region.cellCount(), std::int64_t{12 + 6});
    const auto edit = kit::fillRoom(kit, level, floor, region, 0);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QCOMPARE(edit->level.pieces.size(), std::size_t{18 + 9});
    QCOMPARE(faultsOf(kit, edit->level), std::string());
    QCOMPARE(kit::auditOf(kit, edit->level).counts.uses.at("corner"), 5 + 4);
}

void LayingTest::openPorts_areClosedInOneEdit() {
    const level::Kit kit = smallKit();
    const level::Level level =
        with(kit, kitBoard(9, 9), {put("cross", 4, 4), put("straight", 5, 4)});
    QCOMPARE(openOf(kit, level), 4);
    const auto edit = kit::closePorts(kit, level, {});
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QCOMPARE(edit->level.pieces.size(), std::size_t{6});
    QCOMPARE(faultsOf(kit, edit->level), std::string());
    QCOMPARE(edit->name, std::string("Close 4 ports"));
    QVERIFY(!kit::closePorts(kit, edit->level, {}));
}

void LayingTest::fourTurns_areNone() {
    const level::Kit kit = smallKit();
    const std::uint64_t seed = testing::seedOr(20261130);
    for (int round = 0; round < 200; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        level::Level level = testing::randomBoard(random, kit, random.between(1, 6));
        // Room to turn in.
        level::Level wide = kitBoard(40, 40);
        for (auto placed : level.pieces.items()) {
            placed.at = {placed.at.x + 15, placed.at.y + 15};
            wide.pieces.append(placed);
        }
        std::vector<int> ids;
        for (const auto& placed : wide.pieces)
            if (ids.empty() || random.chance(50)) ids.push_back(placed.id);
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        level::Level turned = wide;
        for (int i = 0; i < 4; ++i) {
            const auto edit = kit::turn(kit, turned, ids, 1);
            QVERIFY2(edit.has_value(), where);
            turned = edit->level;
        }
        // Several turn about the middle of a frame that turns with them; one about its pivot.
        if (ids.size() == 1) QVERIFY2(turned.pieces == wide.pieces, where);
        for (const auto& placed : turned.pieces) {
            const auto former =
                *std::find_if(wide.pieces.begin(), wide.pieces.end(),
                              [&](const auto& each) { return each.id == placed.id; });
            QVERIFY2(placed.turn == former.turn, where);
        }
    }
}

void LayingTest::replacing_wantsTheSameFootprintAndPorts() {
    level::Kit kit = smallKit();
    level::Piece fine = *kit.find("straight");
    fine.name = fine.title = "fine-hall";
    kit.pieces.push_back(fine);
    level::Project project;
    project.kits = std::vector<level::Kit>{kit};
    level::Level a = with(kit, kitBoard(6, 6), {put("straight", 1, 1), put("end", 2, 1)});
    level::Level b = with(kit, kitBoard(6, 6), {put("straight", 3, 3, 1)});
    b.id = {"other"};
    project.levels = {std::make_shared<level::Level>(a), std::make_shared<level::Level>(b)};
    const auto edit = kit::replaceAll(project, "small", "straight", "fine-hall");
    QVERIFY(edit.has_value());
    QCOMPARE(edit->name, std::string("Replace 2 x straight by fine-hall"));
    for (const auto& level : edit->project.levels)
        for (const auto& placed : level->pieces)
            QVERIFY(placed.piece != "straight");
    const auto refused = kit::replaceAll(project, "small", "straight", "bend");
    QVERIFY(!refused && refused.error().sentence().find("other ports") != std::string::npos);
    QVERIFY(!kit::replaceAll(project, "small", "straight", "ell"));
    QVERIFY(!kit::replaceAll(project, "small", "straight", "nothing"));
}

void LayingTest::variants_areChosenBySeed() {
    level::Kit kit = smallKit();
    for (level::Piece& piece : kit.pieces)
        if (piece.name == "floor") piece.variants = "floors";
    level::Piece worn = *kit.find("floor");
    worn.name = worn.title = "worn";
    kit.pieces.push_back(worn);
    const level::Level level =
        with(kit, kitBoard(20, 4), kit::rowOf(*kit.find("floor"), {0, 1}, {19, 1}, 0, 0));
    std::vector<int> ids;
    for (const auto& placed : level.pieces)
        ids.push_back(placed.id);
    const auto one = kit::chooseVariants(kit, level, ids, 1).level;
    QVERIFY(one.pieces == kit::chooseVariants(kit, level, ids, 1).level.pieces);
    QVERIFY(!(one.pieces == kit::chooseVariants(kit, level, ids, 2).level.pieces));
    const auto counts = kit::auditOf(kit, one).counts;
    QVERIFY(counts.uses.at("worn") > 2 && counts.uses.at("floor") > 2);
}

ROOK_TEST(LayingTest)

}  // namespace rook::laying_test

#include "laying_test.moc"
