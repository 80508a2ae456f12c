/// Selections of any outline: lasso, moving, stretching; patterns, flights of stairs and stamps.

#include "level/clips.h"

#include "level/stamps.h"
#include "testing.h"

namespace rook::clips_test {

using level::Cell;
using level::CellClip;
using level::CellRegion;

namespace {

/// The even-odd rule, by exact crossings of a ray to the left.
bool isInside(const std::vector<PxPoint>& line, long long x2, long long y2) {
    bool isIn = false;
    for (std::size_t i = 0; i < line.size(); ++i) {
        const PxPoint a = line[i];
        const PxPoint b = line[(i + 1) % line.size()];
        const long long ay = 2 * a.y;
        const long long by = 2 * b.y;
        if ((ay <= y2) == (by <= y2)) continue;
        // The crossing is left of or at x2, times the height of the edge.
        const long long height = by - ay;
        const long long cross = 2 * a.x * height + (y2 - ay) * (2LL * b.x - 2LL * a.x);
        if (height > 0 ? cross <= x2 * height : cross >= x2 * height) isIn = !isIn;
    }
    return isIn;
}

}  // namespace

class ClipsTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void lasso_equalsTheEvenOddRule_atCellCentres();
    void movingALasso_takesItsCellsOnly();
    void stretching_repeatsTheBorder_andEmptiesWhatIsLeft();
    void pattern_repeatsFromItsAnchor_onItsRegionOnly();
    void flight_staysInItsBox_andHangsTogether();
    void stamps_haveTheCellsThatTheirNumbersSay();
    void stamps_ofNoSize_areRefused();

private:
    level::Project m_project;
    level::Level m_level;
};

void ClipsTest::init() {
    m_project = testing::smallProject();
    m_level = testing::drawnLevel(m_project, {"........", ".##=....", ".=#.....", "########"});
}

void ClipsTest::lasso_equalsTheEvenOddRule_atCellCentres() {
    const std::uint64_t seed = testing::seedOr(4401);
    for (int round = 0; round < 400; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const CellSize cell{random.between(1, 9), random.between(1, 9)};
        std::vector<PxPoint> line(static_cast<std::size_t>(random.between(3, 9)));
        for (PxPoint& point : line)
            point = {random.between(-20, 60), random.between(-20, 60)};
        const CellRegion region = level::lassoRegion(line, cell);
        for (int y = -25; y < 65; ++y)
            for (int x = -25; x < 65; ++x)
                QVERIFY2(region.contains({x, y}) == isInside(line, (2LL * x + 1) * cell.width,
                                                             (2LL * y + 1) * cell.height),
                         "ROOK_SEED=" + QByteArray::number(seed + round));
    }
}

void ClipsTest::movingALasso_takesItsCellsOnly() {
    const CellRegion corner({{1, 1, 2}, {2, 1, 1}});
    const auto edit = moveCells(m_level, corner, 4, 0);
    QCOMPARE(edit.name, std::string("Move 3 cells"));
    QVERIFY(edit.level.cells.at(1, 1).isOpen());
    QCOMPARE(edit.level.cells.at(3, 1), Cell({2}));
    QCOMPARE(edit.level.cells.at(2, 2), Cell({1}));
    QCOMPARE(edit.level.cells.at(5, 1), Cell({1}));
    QCOMPARE(edit.level.cells.at(5, 2), Cell({2}));
    QVERIFY(edit.level.cells.at(6, 2).isOpen());
    QVERIFY(corner.moved(4, 0).contains({6, 1}));
    QVERIFY(!corner.isRect());
    QVERIFY(CellRegion(CellRect{1, 1, 3, 2}).isRect());
}

void ClipsTest::stretching_repeatsTheBorder_andEmptiesWhatIsLeft() {
    const auto wider = stretchCells(m_level, {1, 1, 2, 2}, {1, 0, 4, 3});
    QCOMPARE(wider.level.cells.at(1, 0), Cell({1}));
    QCOMPARE(wider.level.cells.at(4, 0), Cell({1}));
    QCOMPARE(wider.level.cells.at(3, 1), Cell({1}));
    QCOMPARE(wider.level.cells.at(1, 2), Cell({2}));
    QCOMPARE(wider.level.cells.at(4, 2), Cell({1}));
    QCOMPARE(wider.level.cells.at(5, 1), Cell());
    const auto less = stretchCells(m_level, {1, 1, 3, 2}, {2, 1, 2, 1});
    QCOMPARE(less.level.cells.at(1, 1), Cell());
    QCOMPARE(less.level.cells.at(2, 2), Cell());
    QCOMPARE(less.level.cells.at(3, 1), Cell({2}));
    QCOMPARE(stretchCells(m_level, {1, 1, 2, 2}, {1, 1, 2, 2}).level, m_level);
}

void ClipsTest::pattern_repeatsFromItsAnchor_onItsRegionOnly() {
    const CellClip clip = copyCells(m_level, CellRegion(CellRect{1, 1, 3, 2}));
    const CellRegion region({{0, 0, 8}, {2, 0, 3}});
    const auto edit = layPattern(m_level, region, clip, {5, 1});
    for (int y = 0; y < 4; ++y)
        for (int x = 0; x < 8; ++x) {
            const Cell expected = region.contains({x, y})
                                      ? clip.cells.at((x - 5 + 9) % 3, (y - 1 + 4) % 2)
                                      : m_level.cells.at(x, y);
            QCOMPARE(edit.level.cells.at(x, y), expected);
        }
}

void ClipsTest::flight_staysInItsBox_andHangsTogether() {
    const CellRegion flight = level::flightRegion({0, 9}, {11, 2}, 3, 2);
    // Four steps by length, four by height: each three long and two high, and rests on the last.
    QCOMPARE(flight.bounds(), (CellRect{0, 2, 12, 8}));
    for (int step = 0; step < 4; ++step) {
        for (int x = 3 * step; x < 3 * step + 3; ++x) {
            QVERIFY(flight.contains({x, 9 - 2 * step - 1}));
            QVERIFY(!flight.contains({x, 9 - 2 * step - 2}));
            QCOMPARE(flight.contains({x, 9 - 2 * step + 2}), step > 0);
        }
    }
    const std::uint64_t seed = testing::seedOr(4402);
    for (int round = 0; round < 300; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const CellPoint from{random.between(0, 40), random.between(0, 40)};
        const CellPoint to{random.between(0, 40), random.between(0, 40)};
        const int run = random.between(1, 5);
        const int rise = random.between(1, 5);
        const CellRegion region = level::flightRegion(from, to, run, rise);
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        const CellRect box = CellRect::spanning(from, to);
        const bool fitsOne = box.width >= run && box.height >= rise;
        QVERIFY2(!fitsOne || box.contains(region.bounds()), where);
        // All hangs together by sides: a body cannot slip between two steps.
        level::Level drawn;
        drawn.cells = Grid<Cell>(60, 60);
        const CellRegion inside = region.moved(8, 8);
        drawn = layCells(m_project, drawn, inside, Cell({1}), "Lay").level;
        const auto found = level::fillRegion(drawn.cells, {from.x + 8, from.y + 8}, 1 << 20);
        QVERIFY2(found.region == inside, where);
    }
}

void ClipsTest::stamps_haveTheCellsThatTheirNumbersSay() {
    level::StampNumbers stairs;
    stairs.tread = 2;
    stairs.rise = 3;
    stairs.treads = 4;
    for (const bool risesLeft : {false, true}) {
        stairs.risesLeft = risesLeft;
        const auto clip = makeStamp(stairs, Cell({1}));
        QCOMPARE(clip->cells.bounds(), (CellRect{0, 0, 8, 12}));
        for (int x = 0; x < 8; ++x) {
            int height = 0;
            for (int y = 0; y < 12; ++y)
                height += clip->cells.at(x, y).isOpen() ? 0 : 1;
            QCOMPARE(height, 3 * ((risesLeft ? 7 - x : x) / 2 + 1));
        }
    }
    level::StampNumbers ring;
    ring.shape = level::StampShape::Round;
    ring.width = 12;
    ring.height = 9;
    ring.thickness = 2;
    const auto clip = makeStamp(ring, Cell({2}));
    for (int y = 0; y < 9; ++y)
        for (int x = 0; x < 12; ++x) {
            const auto isIn = [&](double width, double height) {
                const double dx = (x + 0.5 - 6) / (width / 2);
                const double dy = (y + 0.5 - 4.5) / (height / 2);
                return dx * dx + dy * dy <= 1;
            };
            QCOMPARE(!clip->cells.at(x, y).isOpen(), isIn(12, 9) && !isIn(8, 5));
        }
    level::StampNumbers box;
    box.shape = level::StampShape::Block;
    box.width = 5;
    box.height = 4;
    QVERIFY(makeStamp(box, Cell({1}))->cells.at(2, 2).isOpen());
    box.thickness = 0;
    QVERIFY(!makeStamp(box, Cell({1}))->cells.at(2, 2).isOpen());
}

void ClipsTest::stamps_ofNoSize_areRefused() {
    level::StampNumbers numbers;
    numbers.treads = 0;
    QCOMPARE(makeStamp(numbers, Cell({1})).error().kind, ErrorKind::OutOfRange);
    numbers.treads = 2000000000;
    QCOMPARE(makeStamp(numbers, Cell({1})).error().kind, ErrorKind::OutOfRange);
}

ROOK_TEST(ClipsTest)

}  // namespace rook::clips_test

#include "clips_test.moc"
