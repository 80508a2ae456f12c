/// Scattering against what its rule says.

#include "skin/scatter.h"

#include "testing.h"

namespace rook::scatter_test {

using level::Cell;
using level::Ground;
using level::MatterId;
using level::ScatterRule;
using level::Tile;

namespace {

level::Project project() {
    level::Project project;
    project.matters.edit([](auto& list) {
        for (const char* name : {"stone", "silt"}) {
            level::Matter matter;
            matter.name = matter.title = name;
            list.push_back(matter);
        }
    });
    level::Sheet sheet;
    sheet.name = "weir";
    project.sheets = std::vector{sheet};
    level::Kind lamp;
    lamp.id = {"lamp"};
    lamp.title = "Lamp";
    lamp.role = level::Role::Prop;
    lamp.width = 8;
    lamp.height = 12;
    level::Kind crab = lamp;
    crab.id = {"crab"};
    crab.title = "Crab";
    crab.role = level::Role::Foe;
    project.kinds = std::vector{lamp, crab};
    return project;
}

level::Level randomBoard(Random& random) {
    level::Level board;
    board.cells = Grid<Cell>(random.between(1, 60), random.between(1, 40));
    for (int i = random.between(0, 30); i > 0; --i)
        board.cells.fillRect({random.between(0, 59), random.between(0, 39), random.between(1, 20),
                              random.between(1, 8)},
                             Cell(MatterId{std::uint16_t(random.between(0, 2))}));
    for (int i = random.between(0, 6); i > 0; --i) {
        level::Entity thing;
        thing.id = {"thing-" + std::to_string(i)};
        thing.kind = {random.chance(50) ? "lamp" : "crab"};
        thing.box = {random.between(0, 900), random.between(0, 600), random.between(1, 40),
                     random.between(1, 40)};
        board.entities.edit([&](auto& list) { list.push_back(thing); });
    }
    return board;
}

ScatterRule randomRule(Random& random) {
    ScatterRule rule;
    rule.where = static_cast<Ground>(random.between(0, 4));
    rule.matter = random.chance(50) ? "stone" : "silt";
    rule.tiles = {Tile(0, 3), Tile(0, 4)};
    rule.share = random.between(0, 100);
    rule.patch = random.chance(40) ? random.between(2, 12) : 0;
    rule.distance = random.chance(40) ? random.between(1, 5) : 0;
    rule.count = random.chance(30) ? random.between(1, 6) : 0;
    rule.seed = random.between(0, 1000);
    rule.onlyReached = random.chance(30);
    if (random.chance(50)) rule.awayCells = random.between(1, 6);
    if (random.chance(50)) rule.awayFrom = {"crab"};
    return rule;
}

bool isReached(CellPoint at) {
    return at.x % 3 != 0;
}

/// What the rule says of one cell, but for what others have to do with it.
bool mayLie(const level::Level& board, CellPoint at, const ScatterRule& rule) {
    const MatterId matter{std::uint16_t(rule.matter == "stone" ? 1 : 2)};
    const Cell here = board.cells.at(at);
    const auto is = [&](int dx, int dy) {
        return board.cells.at(at.x + dx, at.y + dy, Cell()).matter() == matter;
    };
    if (rule.onlyReached && !isReached(at)) return false;
    for (const level::Entity& thing : board.entities) {
        if (!rule.awayFrom.isEmpty() && thing.kind != rule.awayFrom) continue;
        if (rule.awayCells == 0) continue;
        const CellRect cells = toCells(thing.box, board.cellSize);
        const int dx = std::max({cells.x - at.x, at.x - cells.right() + 1, 0});
        const int dy = std::max({cells.y - at.y, at.y - cells.bottom() + 1, 0});
        if (std::max(dx, dy) <= rule.awayCells) return false;
    }
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

int distanceOf(CellPoint a, CellPoint b) {
    return std::max(std::abs(a.x - b.x), std::abs(a.y - b.y));
}

}  // namespace

class ScatterTest : public QObject {
    Q_OBJECT
private slots:
    void rules_areFollowed_onRandomBoards();
    void share_isKept_andCellsRollByThemselves();
    void distance_isKept();
    void count_isOfEachZone();
    void patches_hangTogether();
    void strewn_isSeenInTheLevel_butForWhatIsSetByHand();
    void strewn_goesWhereItsGroundGoes();
    void things_standOnTheGround_haveRoom_andStayARuleOnlyAsProps();
    void laidDown_isOfTheLevelsOwn();
    void matter_isLaidInRock_inItsForms_andStaysNoRule();
    void flaws_areTold();
};

void ScatterTest::rules_areFollowed_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(31);
    int laid = 0;
    for (int round = 0; round < 150; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const level::Level board = randomBoard(random);
        const ScatterRule rule = randomRule(random);
        const CellRect area = CellRect{random.between(-5, 20), random.between(-5, 20), 40, 30};
        const auto cells = cellsOf(skin::scatter(project(), board, area, rule, isReached));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        const CellRect shown = area.intersected(board.cells.bounds());
        for (const CellPoint& cell : cells)
            QVERIFY2(shown.contains(cell) && mayLie(board, cell, rule), where);
        for (std::size_t i = 0; i < cells.size(); ++i)
            for (std::size_t k = i + 1; k < cells.size(); ++k)
                QVERIFY2(distanceOf(cells[i], cells[k]) > rule.distance, where);
        if (rule.count > 0) QVERIFY2(cells.size() <= std::size_t(rule.count), where);
        std::size_t places = 0;
        for (int y = shown.y; y < shown.bottom(); ++y)
            for (int x = shown.x; x < shown.right(); ++x)
                places += mayLie(board, {x, y}, rule) ? 1 : 0;
        // With nothing else in the way, all of it is taken, or as many as are counted.
        if (rule.share == 100 && rule.distance == 0)
            QVERIFY2(cells.size() ==
                         (rule.count > 0 ? std::min(places, std::size_t(rule.count)) : places),
                     where);
        QVERIFY2(skin::scatter(project(), board, area, rule, isReached) ==
                     skin::scatter(project(), board, area, rule, isReached),
                 where);
        // Nobody has solved yet where bodies can be.
        if (rule.onlyReached) QVERIFY(skin::scatter(project(), board, area, rule).isEmpty());
        laid += int(cells.size());
    }
    QVERIFY(laid > 500);
}

void ScatterTest::share_isKept_andCellsRollByThemselves() {
    level::Level board;
    board.cells = Grid<Cell>(200, 200);
    ScatterRule rule;
    rule.where = Ground::OpenAir;
    for (const int share : {0, 10, 50, 90, 100}) {
        rule.share = share;
        const auto count = skin::scatter(project(), board, board.cells.bounds(), rule).cellCount();
        // Of 40,000 rolls, within five standard deviations.
        QVERIFY(std::abs(double(count) - 400.0 * share) < 500);
    }
    rule.share = 30;
    const auto before = skin::scatter(project(), board, board.cells.bounds(), rule);
    board.cells.set(50, 50, Cell(MatterId{1}));
    const auto after = skin::scatter(project(), board, board.cells.bounds(), rule);
    for (const CellPoint& cell : cellsOf(before))
        QVERIFY(after.contains(cell) || cell == (CellPoint{50, 50}));
}

void ScatterTest::distance_isKept() {
    level::Level board;
    board.cells = Grid<Cell>(60, 40);
    ScatterRule rule;
    rule.where = Ground::OpenAir;
    rule.share = 100;
    rule.distance = 3;
    const auto cells = cellsOf(skin::scatter(project(), board, board.cells.bounds(), rule));
    // No room is left for another one.
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 60; ++x)
            QVERIFY(std::any_of(cells.begin(), cells.end(), [&](const CellPoint& cell) {
                return distanceOf(cell, {x, y}) <= 3;
            }));
}

void ScatterTest::count_isOfEachZone() {
    level::Level board;
    board.cells = Grid<Cell>(60, 40);
    level::Zone left;
    left.id = {"left"};
    left.place = {0, 0, 20, 40};
    level::Zone right;
    right.id = {"right"};
    right.place = {30, 0, 20, 40};
    board.zones = std::vector{left, right};
    ScatterRule rule;
    rule.where = Ground::OpenAir;
    rule.count = 7;
    int inLeft = 0;
    for (const CellPoint& cell :
         cellsOf(skin::scatter(project(), board, board.cells.bounds(), rule))) {
        QVERIFY(left.place.contains(cell) || right.place.contains(cell));
        inLeft += left.place.contains(cell) ? 1 : 0;
    }
    QCOMPARE(inLeft, 7);
    QCOMPARE(skin::scatter(project(), board, board.cells.bounds(), rule).cellCount(), 14);
}

void ScatterTest::patches_hangTogether() {
    level::Level board;
    board.cells = Grid<Cell>(400, 2);
    board.cells.fillRect({0, 1, 400, 1}, Cell(MatterId{1}));
    const auto gaps = [&](int patch) {
        ScatterRule rule;
        rule.matter = "stone";
        rule.share = 30;
        rule.patch = patch;
        int count = 0;
        int last = -10;
        for (const CellPoint& cell :
             cellsOf(skin::scatter(project(), board, board.cells.bounds(), rule))) {
            count += cell.x != last + 1 ? 1 : 0;
            last = cell.x;
        }
        return count;
    };
    QVERIFY(2 * gaps(12) < gaps(0));
}

namespace {

/// A floor of 40 cells, with a rule that strews on all of it.
level::Level floorWith(const ScatterRule& rule) {
    level::Level board;
    board.cells = Grid<Cell>(40, 10);
    board.cells.fillRect({0, 8, 40, 2}, Cell(MatterId{1}));
    board.scatter = std::vector{rule};
    return board;
}

ScatterRule everywhereOnStone() {
    ScatterRule rule;
    rule.name = "moss";
    rule.matter = "stone";
    rule.tiles = {Tile(0, 3)};
    rule.share = 100;
    return rule;
}

}  // namespace

void ScatterTest::strewn_isSeenInTheLevel_butForWhatIsSetByHand() {
    level::Level board = floorWith(everywhereOnStone());
    level::TileLayer layer;
    layer.name = "near";
    board.layers = std::vector{layer};
    board.tiles = Grid<Tile>(40, 10);
    board.tiles.set(5, 7, Tile::blank());
    const skin::Strewn strewn = skin::strew(project(), board);
    const level::Level seen = withStrewn(board, strewn);
    QCOMPARE(seen.tiles.at(4, 7), Tile(0, 3));
    QVERIFY(seen.tiles.at(5, 7).isBlank());
    QVERIFY(strewn.tileAt(project(), board, -1, {5, 7}).isNone());
    QVERIFY(seen.tiles.at(4, 6).isNone());
    // On a layer, and switched off.
    board.scatter.edit([](auto& list) { list[0].layer = "near"; });
    QCOMPARE(withStrewn(board, skin::strew(project(), board)).layers[0].tiles.at(4, 7), Tile(0, 3));
    board.scatter.edit([](auto& list) { list[0].isOn = false; });
    QVERIFY(skin::strew(project(), board).isEmpty());
}

void ScatterTest::strewn_goesWhereItsGroundGoes() {
    level::Level board = floorWith(everywhereOnStone());
    const skin::Strewn strewn = skin::strew(project(), board);
    QVERIFY(strewn.tileAt(project(), board, -1, {4, 7}).isShown());
    board.cells.set(4, 8, Cell());
    QVERIFY(strewn.tileAt(project(), board, -1, {4, 7}).isNone());
    const skin::Strewn after = skin::strew(project(), board);
    const CellRect changed = differing(&strewn, &after);
    QVERIFY(changed.contains(CellPoint{4, 7}) && changed.contains(CellPoint{4, 8}));
    QVERIFY(differing(&after, &after).isEmpty());
    QCOMPARE(differing(nullptr, &strewn), (CellRect{0, 7, 40, 1}));
}

void ScatterTest::things_standOnTheGround_haveRoom_andStayARuleOnlyAsProps() {
    ScatterRule rule = everywhereOnStone();
    rule.kind = {"lamp"};
    level::Level board = floorWith(rule);
    const skin::Strewn strewn = skin::strew(project(), board);
    QCOMPARE(strewn.props.size(), std::size_t{40});
    for (const level::Entity& lamp : strewn.props) {
        QCOMPARE(lamp.box.bottom(), 8 * 16);
        QVERIFY(board.boundsPx().contains(lamp.box));
    }
    QCOMPARE(withStrewn(board, strewn).entities.size(), std::size_t{40});
    board.scatter.edit([](auto& list) { list[0].kind = {"crab"}; });
    QVERIFY(skin::strew(project(), board).isEmpty());
    QVERIFY(skin::flawOf(project(), board, board.scatter[0], true));
    QVERIFY(!skin::flawOf(project(), board, board.scatter[0], false));
}

void ScatterTest::laidDown_isOfTheLevelsOwn() {
    ScatterRule rule = everywhereOnStone();
    rule.tiles = {Tile(0, 3), Tile(0, 4)};
    const level::Level board = floorWith(rule);
    const auto tiles = skin::layScattered(project(), board, rule);
    QVERIFY(tiles.has_value());
    int third = 0;
    for (int x = 0; x < 40; ++x) {
        QVERIFY(tiles->level.tileAt(x, 7).isShown());
        third += tiles->level.tileAt(x, 7) == Tile(0, 3) ? 1 : 0;
    }
    QVERIFY(third > 5 && third < 35);
    rule.kind = {"crab"};
    level::Project few = project();
    few.kinds.edit([](auto& list) { list[1].atMost = 3; });
    const auto crabs = skin::layScattered(few, board, rule);
    QVERIFY(crabs.has_value());
    QCOMPARE(crabs->level.entities.size(), std::size_t{3});
    QCOMPARE(crabs->level.entities[2].id.text, std::string("crab-3"));
    rule.where = Ground::Under;
    QCOMPARE(skin::layScattered(few, board, rule).error().kind, ErrorKind::NotApplicable);
}

void ScatterTest::matter_isLaidInRock_inItsForms_andStaysNoRule() {
    ScatterRule rule = everywhereOnStone();
    rule.where = Ground::Inside;
    level::Level board = floorWith(rule);
    const level::MatterId stone = *project().findMatter(rule.matter);
    board.cells.set(3, 8, Cell(stone, level::Form::LowerHalf));
    rule.lays = project().matters[1].name == rule.matter ? project().matters[2].name
                                                         : project().matters[1].name;
    QVERIFY(skin::flawOf(project(), board, rule, true));
    QVERIFY(!skin::flawOf(project(), board, rule, false));
    const auto laid = skin::layScattered(project(), board, rule);
    QVERIFY(laid.has_value());
    const level::MatterId ore = *project().findMatter(rule.lays);
    const level::Behaviour takes = project().matters[ore.index].behaviour;
    for (int y = 0; y < board.cells.height(); ++y)
        for (int x = 0; x < board.cells.width(); ++x) {
            const Cell was = board.cells.at(x, y), is = laid->level.cells.at(x, y);
            if (was.isOpen() || was.matter() != stone || !level::canTake(takes, was.form()))
                QCOMPARE(is, was);
            else
                QCOMPARE(is, Cell(ore, was.form()));
        }
    QVERIFY(!(laid->level.cells.at(4, 8) == board.cells.at(4, 8)));
    // A second time there is no rock left to take.
    QCOMPARE(skin::layScattered(project(), laid->level, rule).error().kind,
             ErrorKind::NotApplicable);
    rule.lays = "gone";
    QVERIFY(skin::flawOf(project(), board, rule, false));
}

void ScatterTest::flaws_areTold() {
    const level::Level board = floorWith(everywhereOnStone());
    ScatterRule rule = everywhereOnStone();
    QVERIFY(!skin::flawOf(project(), board, rule, true));
    rule.matter = "gone";
    QVERIFY(skin::flawOf(project(), board, rule, true));
    rule = everywhereOnStone();
    rule.tiles.clear();
    QVERIFY(skin::flawOf(project(), board, rule, true));
    rule = everywhereOnStone();
    rule.layer = "gone";
    QVERIFY(skin::flawOf(project(), board, rule, true));
    rule.layer.clear();
    rule.kind = {"gone"};
    QVERIFY(skin::flawOf(project(), board, rule, true));
}

ROOK_TEST(ScatterTest)

}  // namespace rook::scatter_test

#include "scatter_test.moc"
