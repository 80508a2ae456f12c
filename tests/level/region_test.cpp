#include "level/region.h"

#include <set>

#include "testing.h"

namespace rook::region_test {

using level::Cell;
using level::CellRegion;

class RegionTest : public QObject {
    Q_OBJECT
private slots:
    void region_equalsSetOfCells();
    void line_joinsItsEnds_withoutGaps();
    void stroke_coversSquaresAlongTheLine();
    void fill_equalsFloodBySets();
    void fill_stopsAtTheLimit_andSaysSo();
    void straightEnd_isLevelUprightOrDiagonal();
};

namespace {

using Cells = std::set<std::pair<int, int>>;

Cells cellsOf(const CellRegion& region) {
    Cells cells;
    for (const auto& run : region.runs())
        for (int i = 0; i < run.count; ++i)
            cells.insert({run.x + i, run.y});
    return cells;
}

}  // namespace

void RegionTest::region_equalsSetOfCells() {
    const std::uint64_t seed = testing::seedOr(21);
    for (int round = 0; round < 200; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        Cells expected;
        std::vector<level::CellRun> runs;
        for (int i = 0; i < 12; ++i) {
            const level::CellRun run{random.between(0, 5), random.between(-8, 8),
                                     random.between(0, 6)};
            runs.push_back(run);
            for (int k = 0; k < run.count; ++k)
                expected.insert({run.x + k, run.y});
        }
        const CellRegion region(runs);
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        QVERIFY2(cellsOf(region) == expected, where);
        QVERIFY2(region.cellCount() == static_cast<std::int64_t>(expected.size()), where);
        for (int y = -1; y < 7; ++y)
            for (int x = -9; x < 16; ++x)
                QVERIFY2(region.contains({x, y}) == expected.contains({x, y}), where);
        const CellRect clip{-2, 1, 7, 3};
        for (const auto& [x, y] : cellsOf(region.clipped(clip)))
            QVERIFY(clip.contains(CellPoint{x, y}));
    }
}

void RegionTest::line_joinsItsEnds_withoutGaps() {
    for (int x = -7; x <= 7; ++x) {
        for (int y = -7; y <= 7; ++y) {
            const auto cells = level::lineCells({0, 0}, {x, y});
            QCOMPARE(cells.front(), (CellPoint{0, 0}));
            QCOMPARE(cells.back(), (CellPoint{x, y}));
            QCOMPARE(static_cast<int>(cells.size()), std::max(std::abs(x), std::abs(y)) + 1);
            for (std::size_t i = 1; i < cells.size(); ++i) {
                QVERIFY(std::abs(cells[i].x - cells[i - 1].x) <= 1);
                QVERIFY(std::abs(cells[i].y - cells[i - 1].y) <= 1);
            }
        }
    }
}

void RegionTest::stroke_coversSquaresAlongTheLine() {
    Cells expected;
    for (const CellPoint at : level::lineCells({2, 3}, {9, 6}))
        for (int j = -1; j < 2; ++j)
            for (int i = -1; i < 2; ++i)
                expected.insert({at.x + i, at.y + j});
    QVERIFY(cellsOf(level::strokeRegion({2, 3}, {9, 6}, 3)) == expected);
    QCOMPARE(level::strokeRegion({5, 5}, {5, 5}, 64).cellCount(), 64 * 64);
}

void RegionTest::fill_equalsFloodBySets() {
    const std::uint64_t seed = testing::seedOr(22);
    for (int round = 0; round < 80; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        Grid<Cell> grid(random.between(1, 40), random.between(1, 40));
        for (int y = 0; y < grid.height(); ++y)
            for (int x = 0; x < grid.width(); ++x)
                if (random.chance(40)) grid.set(x, y, Cell({1}));
        const CellPoint start{random.between(0, grid.width() - 1),
                              random.between(0, grid.height() - 1)};
        Cells expected{{start.x, start.y}};
        std::vector<CellPoint> open{start};
        while (!open.empty()) {
            const CellPoint at = open.back();
            open.pop_back();
            const std::pair<int, int> steps[] = {{1, 0}, {-1, 0}, {0, 1}, {0, -1}};
            for (const auto& [dx, dy] : steps) {
                const CellPoint next{at.x + dx, at.y + dy};
                if (grid.bounds().contains(next) &&
                    grid.at(next).matter() == grid.at(start).matter() &&
                    expected.insert({next.x, next.y}).second)
                    open.push_back(next);
            }
        }
        const auto filled = level::fillRegion(grid, start, 1 << 30);
        QVERIFY(filled.isComplete);
        QVERIFY2(cellsOf(filled.region) == expected,
                 "ROOK_SEED=" + QByteArray::number(seed + round));
    }
}

void RegionTest::fill_stopsAtTheLimit_andSaysSo() {
    const Grid<Cell> grid(300, 300);
    const auto filled = level::fillRegion(grid, {5, 5}, 1000);
    QVERIFY(!filled.isComplete);
    QVERIFY(filled.region.cellCount() < 2000);
}

void RegionTest::straightEnd_isLevelUprightOrDiagonal() {
    for (int x = -9; x <= 9; ++x) {
        for (int y = -9; y <= 9; ++y) {
            const CellPoint end = level::straightEnd({0, 0}, {x, y});
            QVERIFY(end.x == 0 || end.y == 0 || std::abs(end.x) == std::abs(end.y));
        }
    }
    QCOMPARE(level::straightEnd({0, 0}, {9, 2}), (CellPoint{9, 0}));
}

ROOK_TEST(RegionTest)

}  // namespace rook::region_test

#include "region_test.moc"
