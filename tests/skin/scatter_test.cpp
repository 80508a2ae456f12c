/// Scattering against what its rule says.

#include "skin/scatter.h"

#include "testing.h"

using namespace rook;

using level::Cell;
using level::MatterId;
using skin::Ground;
using skin::ScatterRule;

namespace {

level::Level randomBoard(Random& random) {
    level::Level board;
    board.cells = Grid<Cell>(random.between(1, 60), random.between(1, 40));
    for (int i = random.between(0, 30); i > 0; --i)
        board.cells.fillRect({random.between(0, 59), random.between(0, 39), random.between(1, 20),
                              random.between(1, 8)},
                             Cell(MatterId{std::uint16_t(random.between(0, 2))}));
    return board;
}

bool mayLie(const level::Level& board, CellPoint at, const ScatterRule& rule) {
    const Cell here = board.cells.at(at);
    const auto is = [&](int dx, int dy) {
        return board.cells.at(at.x + dx, at.y + dy, Cell()).matter() == rule.matter;
    };
    switch (rule.where) {
        case Ground::OnTop:
            return here.isOpen() && is(0, 1);
        case Ground::Under:
            return here.isOpen() && is(0, -1);
        case Ground::Beside:
            return here.isOpen() && (is(-1, 0) || is(1, 0));
        case Ground::Inside:
            return is(0, 0);
        case Ground::OpenAir:
            return here.isOpen();
    }
    return false;
}

std::vector<CellPoint> cellsOf(const level::CellRegion& region) {
    std::vector<CellPoint> cells;
    for (const level::CellRun& run : region.runs())
        for (int x = run.x; x < run.x + run.count; ++x)
            cells.push_back({x, run.y});
    return cells;
}

}  // namespace

class ScatterTest : public QObject {
    Q_OBJECT
private slots:
    void tiles_lieWhereTheRuleSays_inItsShare_onRandomBoards();
    void distance_isKept();
    void patches_hangTogether();
};

void ScatterTest::tiles_lieWhereTheRuleSays_inItsShare_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(31);
    int laid = 0;
    for (int round = 0; round < 100; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const level::Level board = randomBoard(random);
        ScatterRule rule;
        rule.where = static_cast<Ground>(random.between(0, 4));
        rule.matter = MatterId{std::uint16_t(random.between(1, 2))};
        rule.share = random.between(0, 100);
        rule.patch = random.chance(40) ? random.between(2, 12) : 0;
        rule.seed = random.between(0, 1000);
        if (random.chance(30)) rule.isWanted = [](CellPoint at) { return at.x % 3 != 0; };
        const CellRect area = CellRect{random.between(-5, 20), random.between(-5, 20), 40, 30};
        const auto cells = cellsOf(skin::scatter(board, area, rule));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        std::size_t places = 0;
        const CellRect shown = area.intersected(board.cells.bounds());
        for (int y = shown.y; y < shown.bottom(); ++y)
            for (int x = shown.x; x < shown.right(); ++x)
                places += mayLie(board, {x, y}, rule) && (!rule.isWanted || rule.isWanted({x, y}));
        QVERIFY2(cells.size() == places * std::size_t(rule.share) / 100, where);
        for (const CellPoint& cell : cells)
            QVERIFY2(shown.contains(cell) && mayLie(board, cell, rule) &&
                         (!rule.isWanted || rule.isWanted(cell)),
                     where);
        QVERIFY2(skin::scatter(board, area, rule) == skin::scatter(board, area, rule), where);
        laid += int(cells.size());
    }
    QVERIFY(laid > 500);
}

void ScatterTest::distance_isKept() {
    level::Level board;
    board.cells = Grid<Cell>(60, 40);
    ScatterRule rule;
    rule.where = Ground::OpenAir;
    rule.share = 100;
    rule.distance = 3;
    const auto cells = cellsOf(skin::scatter(board, board.cells.bounds(), rule));
    for (std::size_t i = 0; i < cells.size(); ++i)
        for (std::size_t k = i + 1; k < cells.size(); ++k)
            QVERIFY(std::max(std::abs(cells[i].x - cells[k].x), std::abs(cells[i].y - cells[k].y)) >
                    3);
    // No room is left for another one.
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 60; ++x)
            QVERIFY(std::any_of(cells.begin(), cells.end(), [&](const CellPoint& cell) {
                return std::max(std::abs(cell.x - x), std::abs(cell.y - y)) <= 3;
            }));
}

void ScatterTest::patches_hangTogether() {
    level::Level board;
    board.cells = Grid<Cell>(400, 2);
    board.cells.fillRect({0, 1, 400, 1}, Cell(MatterId{1}));
    const auto gaps = [&](int patch) {
        ScatterRule rule;
        rule.share = 30;
        rule.patch = patch;
        int count = 0;
        int last = -10;
        for (const CellPoint& cell : cellsOf(skin::scatter(board, board.cells.bounds(), rule))) {
            count += cell.x != last + 1 ? 1 : 0;
            last = cell.x;
        }
        return count;
    };
    QVERIFY(2 * gaps(12) < gaps(0));
}

QTEST_APPLESS_MAIN(ScatterTest)
#include "scatter_test.moc"
