/// Where slots lie against the formulas of docs/puzzle.md, worked out apart.

#include "puzzle/geometry.h"

#include <cmath>
#include <set>

#include "random_puzzle.h"
#include "testing.h"

namespace rook::puzzle_geometry_test {

using level::Arrangement;
using level::HexPoints;
using level::SlotBoard;
using puzzle::Geometry;

class PuzzleGeometryTest : public QObject {
    Q_OBJECT
private slots:
    void corners_followTheFormulas();
    void neighbours_areSymmetric_andAsFarAsTheyShouldBe();
    void rings_lieOnTheirCircles_exactlyWhereSinesAreExact();
    void pointing_findsTheNearestSlotThatHoldsThePx();
    void directions_areInTheirOrder();
    void flaws_areTold();
};

namespace {

int down(double value) {
    return int(std::floor(value));
}

PxPoint cornerByHand(const SlotBoard& b, int c, int r) {
    const double W = b.slot.width, H = b.slot.height, gx = b.gap.x, gy = b.gap.y;
    if (b.arrangement == Arrangement::Square)
        return {b.origin.x + c * int(W + gx), b.origin.y + r * int(H + gy)};
    if (b.points == HexPoints::Up)
        return {b.origin.x + c * int(W + gx) + (r % 2 ? down((W + gx) / 2) : 0),
                b.origin.y + r * (down(3 * H / 4) + int(gy))};
    return {b.origin.x + c * (down(3 * W / 4) + int(gx)),
            b.origin.y + r * int(H + gy) + (c % 2 ? down((H + gy) / 2) : 0)};
}

}  // namespace

void PuzzleGeometryTest::corners_followTheFormulas() {
    Random random(testing::seedOr(41));
    for (int round = 0; round < 400; ++round) {
        const SlotBoard board =
            testing::randomSlotBoard(random, static_cast<Arrangement>(random.between(0, 1)));
        if (level::flawOf(board)) continue;
        const Geometry geometry(board);
        QCOMPARE(geometry.count(), board.columns * board.rows);
        PxRect all;
        for (int r = 0; r < board.rows; ++r)
            for (int c = 0; c < board.columns; ++c) {
                const PxPoint corner = geometry.cornerOf({c, r});
                QCOMPARE(corner, cornerByHand(board, c, r));
                const PxPoint centre = geometry.centreOf({c, r});
                QCOMPARE(centre, (PxPoint{corner.x + board.slot.width / 2,
                                          corner.y + board.slot.height / 2}));
                QCOMPARE(geometry.addressOf(geometry.numberOf({c, r})), (CellPoint{c, r}));
                QCOMPARE(geometry.numberOf({c, r}), r * board.columns + c);
                all = all.united(geometry.boxOf({c, r}));
            }
        QCOMPARE(geometry.bounds(), all);
        QCOMPARE(geometry.numberOf({board.columns, 0}), -1);
        QCOMPARE(geometry.numberOf({0, -1}), -1);
    }
}

void PuzzleGeometryTest::neighbours_areSymmetric_andAsFarAsTheyShouldBe() {
    Random random(testing::seedOr(42));
    for (int round = 0; round < 600; ++round) {
        const SlotBoard board =
            testing::randomSlotBoard(random, static_cast<Arrangement>(random.between(0, 2)));
        const Geometry geometry(board);
        for (int n = 0; n < geometry.count(); ++n) {
            const CellPoint at = geometry.addressOf(n);
            std::set<int> seen;
            for (const CellPoint other : geometry.neighboursOf(at)) {
                QVERIFY(!(other == at));
                QVERIFY2(seen.insert(geometry.numberOf(other)).second, "twice a neighbour");
                const auto back = geometry.neighboursOf(other);
                QVERIFY(std::find(back.begin(), back.end(), at) != back.end());
            }
            // Step by step in one direction and back in the opposite one.
            const int directions = geometry.directions();
            for (int d = 0; d < directions; ++d) {
                const int opposite = directions == 6 ? (d + 3) % 6
                                     : d < 4         ? (d + 2) % 4
                                                     : 4 + (d - 4 + 2) % 4;
                if (const auto next = geometry.next(at, d))
                    QCOMPARE(geometry.next(*next, opposite), std::optional(at));
            }
        }
        if (board.arrangement != Arrangement::Hex || board.columns < 3 || board.rows < 3) continue;
        // In the middle of a board of hexagons that touch, each has six at one distance or nearly.
        SlotBoard touching = board;
        touching.slot = {40, 40};
        touching.gap = {0, 0};
        const Geometry tight(touching);
        QCOMPARE(tight.neighboursOf({1, 1}).size(), std::size_t{6});
        for (const CellPoint other : tight.neighboursOf({1, 1})) {
            const PxPoint a = tight.centreOf({1, 1}), b = tight.centreOf(other);
            const double apart = std::hypot(a.x - b.x, a.y - b.y);
            QVERIFY2(apart > 35 && apart < 41, qPrintable(QString::number(apart)));
        }
    }
}

void PuzzleGeometryTest::rings_lieOnTheirCircles_exactlyWhereSinesAreExact() {
    SlotBoard board;
    board.arrangement = Arrangement::Rings;
    board.rings = {2, 6, 3};
    board.inner = 25;
    board.pitch = 50;
    board.slot = {20, 30};
    board.origin = {7, 9};
    const Geometry geometry(board);
    QCOMPARE(geometry.count(), 11);
    // R = 125; the middle is at 7 + 125 + 10, 9 + 125 + 15.
    const PxPoint middle{142, 149};
    // Two places: their middles lie at a quarter and three quarters of a turn.
    QCOMPARE(geometry.centreOf({0, 0}), (PxPoint{middle.x + 25, middle.y}));
    QCOMPARE(geometry.centreOf({1, 0}), (PxPoint{middle.x - 25, middle.y}));
    // Six: the first at 30 degrees, whose sine is 1/2: 37.5 goes away from zero, both ways.
    QCOMPARE(geometry.centreOf({0, 1}).x, middle.x + 38);
    QCOMPARE(geometry.centreOf({5, 1}).x, middle.x - 38);
    QCOMPARE(geometry.centreOf({0, 1}).y, middle.y - int(std::lround(75 * std::cos(M_PI / 6))));
    // Three: the second points straight down.
    QCOMPARE(geometry.centreOf({1, 2}), (PxPoint{middle.x, middle.y + 125}));
    QCOMPARE(geometry.cornerOf({1, 2}), (PxPoint{middle.x - 10, middle.y + 125 - 15}));
    // Neighbours: next, former, those farther out, those farther in.
    QCOMPARE(geometry.neighboursOf({0, 0}),
             (std::vector<CellPoint>{{1, 0}, {0, 1}, {1, 1}, {2, 1}}));
    QCOMPARE(geometry.neighboursOf({2, 1}),
             (std::vector<CellPoint>{{3, 1}, {1, 1}, {1, 2}, {0, 0}}));
    Random random(testing::seedOr(43));
    for (int round = 0; round < 200; ++round) {
        const SlotBoard one = testing::randomSlotBoard(random, Arrangement::Rings);
        const Geometry rings(one);
        const int largest = one.inner + (int(one.rings.size()) - 1) * one.pitch;
        const double mx = one.origin.x + largest + one.slot.width / 2;
        const double my = one.origin.y + largest + one.slot.height / 2;
        for (int n = 0; n < rings.count(); ++n) {
            const CellPoint at = rings.addressOf(n);
            const int places = one.rings[std::size_t(at.y)];
            const double radius = one.inner + at.y * one.pitch;
            const double angle = 2 * M_PI * (at.x + 0.5) / places;
            const PxPoint centre = rings.centreOf(at);
            QVERIFY(std::abs(centre.x - (mx + radius * std::sin(angle))) <= 0.5 + 1e-9);
            QVERIFY(std::abs(centre.y - (my - radius * std::cos(angle))) <= 0.5 + 1e-9);
            QVERIFY(rings.bounds().contains(centre));
        }
    }
}

void PuzzleGeometryTest::pointing_findsTheNearestSlotThatHoldsThePx() {
    Random random(testing::seedOr(44));
    for (int round = 0; round < 120; ++round) {
        const SlotBoard board =
            testing::randomSlotBoard(random, static_cast<Arrangement>(random.between(0, 2)));
        if (level::flawOf(board)) continue;
        const Geometry geometry(board);
        const PxRect around = geometry.bounds().grown(6);
        for (int i = 0; i < 200; ++i) {
            const PxPoint px{random.between(around.x, around.right()),
                             random.between(around.y, around.bottom())};
            std::optional<CellPoint> wanted;
            double best = 1e18;
            for (int n = 0; n < geometry.count(); ++n) {
                const CellPoint at = geometry.addressOf(n);
                if (!geometry.holds(at, px)) continue;
                const PxPoint centre = geometry.centreOf(at);
                const double apart = std::pow(centre.x - px.x, 2) + std::pow(centre.y - px.y, 2);
                if (apart >= best) continue;
                best = apart;
                wanted = at;
            }
            QCOMPARE(geometry.slotAt(px), wanted);
        }
        // Each slot is pointed at by its own centre, unless others lie over it.
        if (board.gap.x < 0 || board.gap.y < 0 || board.arrangement == Arrangement::Rings) continue;
        for (int n = 0; n < geometry.count(); ++n)
            QCOMPARE(geometry.slotAt(geometry.centreOf(geometry.addressOf(n))),
                     std::optional(geometry.addressOf(n)));
    }
}

void PuzzleGeometryTest::directions_areInTheirOrder() {
    SlotBoard board;
    board.hasDiagonals = true;
    const auto wayOf = [&](CellPoint from, int direction) {
        const Geometry geometry(board);
        const PxPoint a = geometry.centreOf(from);
        const PxPoint b = geometry.centreOf(*geometry.next(from, direction));
        return std::pair((b.x > a.x) - (b.x < a.x), (b.y > a.y) - (b.y < a.y));
    };
    using Way = std::pair<int, int>;
    const std::vector<Way> square{{1, 0}, {0, 1},  {-1, 0},  {0, -1},
                                  {1, 1}, {-1, 1}, {-1, -1}, {1, -1}};
    const std::vector<Way> up{{1, 0}, {1, 1}, {-1, 1}, {-1, 0}, {-1, -1}, {1, -1}};
    const std::vector<Way> side{{1, 1}, {0, 1}, {-1, 1}, {-1, -1}, {0, -1}, {1, -1}};
    for (const CellPoint from :
         {CellPoint{2, 2}, CellPoint{3, 3}, CellPoint{2, 3}, CellPoint{3, 2}}) {
        board.arrangement = Arrangement::Square;
        for (int d = 0; d < 8; ++d)
            QCOMPARE(wayOf(from, d), square[std::size_t(d)]);
        board.arrangement = Arrangement::Hex;
        for (int d = 0; d < 6; ++d) {
            board.points = HexPoints::Up;
            QCOMPARE(wayOf(from, d), up[std::size_t(d)]);
            board.points = HexPoints::Side;
            QCOMPARE(wayOf(from, d), side[std::size_t(d)]);
        }
    }
}

void PuzzleGeometryTest::flaws_areTold() {
    SlotBoard board;
    QVERIFY(!level::flawOf(board));
    board.gap = {-32, 0};
    QVERIFY(level::flawOf(board));
    board.gap = {-31, 0};
    QVERIFY(!level::flawOf(board));
    board.arrangement = Arrangement::Hex;
    board.points = HexPoints::Side;
    QVERIFY(level::flawOf(board));  // three quarters of 32 are 24
    board.arrangement = Arrangement::Rings;
    QVERIFY(level::flawOf(board));
    board.rings = {3, 4};
    QVERIFY(!level::flawOf(board));
    board.pitch = 0;
    QVERIFY(level::flawOf(board));
}

ROOK_TEST(PuzzleGeometryTest)

}  // namespace rook::puzzle_geometry_test

#include "geometry_test.moc"
