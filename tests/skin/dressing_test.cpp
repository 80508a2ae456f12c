/// Learning and dressing against an obvious implementation on random boards.

#include "skin/dressing.h"

#include <set>

#include "level/tile_edits.h"
#include "skin/coverage.h"
#include "testing.h"

namespace rook::dressing_test {

using level::Cell;
using level::Form;
using level::Level;
using level::MatterId;
using level::Project;
using level::Tile;
using skin::TilingRules;

namespace {

Project projectOf(int matters) {
    Project project;
    project.matters.edit([&](auto& list) {
        for (int i = 1; i <= matters; ++i) {
            level::Matter matter;
            matter.name = "matter-" + std::to_string(i);
            list.push_back(matter);
        }
        list.back().joins = {"matter-1"};
    });
    return project;
}

Level randomBoard(Random& random, int width, int height, int matters) {
    Level board;
    board.id = {"board-" + std::to_string(random.between(0, 1 << 30))};
    board.cells = Grid<Cell>(width, height);
    const int density = random.between(30, 95);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            if (random.chance(density))
                board.cells.set(
                    x, y,
                    Cell(MatterId{static_cast<std::uint16_t>(random.between(1, matters))},
                         random.chance(80) ? Form::Full : Form::RiseLeft));
    return board;
}

Level randomSwatch(Random& random, int matters) {
    Level swatch = randomBoard(random, random.between(6, 20), random.between(6, 14), matters);
    swatch.tiles = Grid<Tile>(swatch.cells.width(), swatch.cells.height());
    for (int y = 0; y < swatch.cells.height(); ++y)
        for (int x = 0; x < swatch.cells.width(); ++x)
            if (random.chance(60))
                swatch.tiles.set(x, y, Tile(0, random.between(0, 9), random.chance(50)));
    swatch.chance.patch = random.chance(50) ? random.between(2, 9) : 0;
    return swatch;
}

/// A wall of one matter with a motif of 2 x 2 within, tiles 20 to 23, and plain tile 1 elsewhere.
Project projectWithMotif(CellRect motif) {
    Project project = projectOf(1);
    Level swatch;
    swatch.id = {"swatch"};
    swatch.cells = Grid<Cell>(12, 10);
    swatch.tiles = Grid<Tile>(12, 10);
    swatch.cells.fillRect({2, 2, 8, 6}, Cell(MatterId{1}));
    swatch.tiles.fillRect({2, 2, 8, 6}, Tile(0, 1));
    for (int i = 0; i < motif.width * motif.height; ++i)
        swatch.tiles.set(motif.x + i % motif.width, motif.y + i / motif.width, Tile(0, 20 + i));
    swatch.motifs = std::vector<CellRect>{motif};
    project.swatches = {std::make_shared<const Level>(swatch)};
    return project;
}

/// As tilingRules.h and dressing.h say it, cell by cell; all tiles that a cell may wear.
struct Obvious {
    std::map<skin::Case, std::set<Tile>> cases;
    std::map<std::pair<int, skin::Side>, std::set<Tile>> trims;
    const skin::Joins joins;

    Obvious(const Project& project, const Level& swatch) : joins(project) {
        for (int y = 0; y < swatch.cells.height(); ++y)
            for (int x = 0; x < swatch.cells.width(); ++x) {
                const Tile tile = swatch.tileAt(x, y);
                if (tile.isNone()) continue;
                if (!swatch.cells.at(x, y).isOpen())
                    cases[skin::caseAt(joins, swatch.cells, x, y)].insert(tile);
                else if (const auto surface = skin::surfaceAt(swatch.cells, x, y))
                    trims[{surface->cell.bits(), surface->side}].insert(tile);
            }
    }
};

}  // namespace

class DressingTest : public QObject {
    Q_OBJECT
private slots:
    void exposures_areFortySeven();
    void patch_showsAllCases();
    void cells_wearWhatTheirCaseShows_onRandomBoards();
    void parts_equalTheWhole();
    void edit_changesNothingFarAway();
    void variants_occurAsOftenAsShown();
    void trims_growInTheirShare();
    void nearestCase_standsIn_andIsTold();
    void theme_goesBefore_andLeavesTheRest();
    void gaps_areCounted_andShownOnTheSwatch();
    void handSetTiles_comeFirst();
    void motifs_lieWhole_whereTheyFit();
    void motifs_partsEqualTheWhole();
};

void DressingTest::exposures_areFortySeven() {
    std::set<int> all;
    for (unsigned mask = 0; mask < 256; ++mask) {
        const auto real = skin::withRealCorners(mask);
        QCOMPARE(skin::withRealCorners(real), real);
        QCOMPARE(real & 0x55, static_cast<int>(mask & 0x55));
        all.insert(real);
    }
    QCOMPARE(all.size(), std::size_t{47});
}

void DressingTest::patch_showsAllCases() {
    const Project project = projectOf(1);
    const skin::Joins joins(project);
    const auto cells = skin::patchOf(MatterId{1});
    QVERIFY(cells.width() <= skin::maxSwatchColumns && cells.height() <= skin::maxSwatchRows);
    std::set<skin::Case> cases;
    for (int y = 0; y < cells.height(); ++y)
        for (int x = 0; x < cells.width(); ++x)
            if (!cells.at(x, y).isOpen()) cases.insert(skin::caseAt(joins, cells, x, y));
    QCOMPARE(cases.size(), std::size_t{46 + skin::mostDepth});
}

void DressingTest::cells_wearWhatTheirCaseShows_onRandomBoards() {
    const std::uint64_t seed = testing::seedOr(20261126);
    const int rounds = qEnvironmentVariableIntValue("ROOK_ROUNDS");
    int known = 0, guessed = 0, trimmed = 0;
    for (int round = 0; round < (rounds > 0 ? rounds : 60); ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        Project project = projectOf(3);
        const Level swatch = randomSwatch(random, 3);
        project.swatches = {std::make_shared<const Level>(swatch)};
        const TilingRules tilingRules(project, "");
        const Obvious obvious(project, swatch);
        const Level board = randomBoard(random, random.between(1, 40), random.between(1, 30), 3);
        const auto dressed = skin::dress(tilingRules, board, board.cells.bounds());
        for (int y = 0; y < board.cells.height(); ++y) {
            for (int x = 0; x < board.cells.width(); ++x) {
                const Tile tile = dressed.at(x, y);
                const Cell cell = board.cells.at(x, y);
                if (cell.isOpen()) {
                    if (tile.isNone()) continue;
                    const auto surface = skin::surfaceAt(board.cells, x, y);
                    QVERIFY2(surface, where);
                    QVERIFY2(obvious.trims.at({surface->cell.bits(), surface->side}).contains(tile),
                             where);
                    ++trimmed;
                    continue;
                }
                const auto found =
                    obvious.cases.find(skin::caseAt(obvious.joins, board.cells, x, y));
                if (found != obvious.cases.end()) {
                    QVERIFY2(found->second.contains(tile), where);
                    QVERIFY2(!dressed.isGuessed(x, y), where);
                    ++known;
                } else if (tilingRules.teaches(cell.matter())) {
                    QVERIFY2(tile.isShown() && dressed.isGuessed(x, y), where);
                    ++guessed;
                } else {
                    QVERIFY2(tile.isNone(), where);
                }
            }
        }
    }
    QVERIFY(known > 100 && guessed > 100 && trimmed > 20);
}

void DressingTest::parts_equalTheWhole() {
    Random random(testing::seedOr(5));
    for (int round = 0; round < 20; ++round) {
        Project project = projectOf(2);
        project.swatches = {std::make_shared<const Level>(randomSwatch(random, 2))};
        const TilingRules tilingRules(project, "");
        const Level board = randomBoard(random, 50, 40, 2);
        const auto whole = skin::dress(tilingRules, board, board.cells.bounds());
        const CellRect area = CellRect{random.between(0, 40), random.between(0, 30),
                                       random.between(1, 20), random.between(1, 20)}
                                  .intersected(board.cells.bounds());
        const auto part = skin::dress(tilingRules, board, area);
        for (int y = area.y; y < area.bottom(); ++y)
            for (int x = area.x; x < area.right(); ++x)
                QVERIFY(part.at(x, y) == whole.at(x, y));
    }
}

void DressingTest::edit_changesNothingFarAway() {
    Random random(testing::seedOr(6));
    int changed = 0;
    for (int round = 0; round < 30; ++round) {
        Project project = projectOf(2);
        project.swatches = {std::make_shared<const Level>(randomSwatch(random, 2))};
        const TilingRules tilingRules(project, "");
        Level board = randomBoard(random, 30, 30, 2);
        const auto before = skin::dress(tilingRules, board, board.cells.bounds());
        const CellPoint at{random.between(0, 29), random.between(0, 29)};
        board.cells.set(at, board.cells.at(at).isOpen() ? Cell(MatterId{1}) : Cell());
        const auto after = skin::dress(tilingRules, board, board.cells.bounds());
        const CellRect near = CellRect{at.x, at.y, 1, 1}.grown(skin::reachOfDressing);
        for (int y = 0; y < 30; ++y)
            for (int x = 0; x < 30; ++x) {
                const bool isSame = before.at(x, y) == after.at(x, y);
                QVERIFY(isSame || near.contains(CellPoint{x, y}));
                changed += isSame ? 0 : 1;
            }
    }
    QVERIFY(changed > 30);
}

namespace {

/// A swatch of one row of floor, as wide as `tiles`, wearing them.
Level floorSwatch(const std::vector<int>& tiles, const std::vector<int>& grass) {
    Level swatch;
    swatch.id = {"swatch-floor"};
    const int width = static_cast<int>(tiles.size());
    swatch.cells = Grid<Cell>(width, 4);
    swatch.tiles = Grid<Tile>(width, 4);
    swatch.cells.fillRect({0, 2, width, 2}, Cell(MatterId{1}));
    for (int x = 0; x < width; ++x) {
        swatch.tiles.set(x, 2, Tile(0, tiles[static_cast<std::size_t>(x)]));
        if (grass[static_cast<std::size_t>(x)] > 0)
            swatch.tiles.set(x, 1, Tile(0, grass[static_cast<std::size_t>(x)]));
    }
    return swatch;
}

Level floorBoard(int width) {
    Level board;
    board.cells = Grid<Cell>(width, 6);
    board.cells.fillRect({0, 4, width, 2}, Cell(MatterId{1}));
    return board;
}

}  // namespace

void DressingTest::variants_occurAsOftenAsShown() {
    Project project = projectOf(1);
    project.swatches = {std::make_shared<const Level>(floorSwatch({1, 1, 1, 2}, {0, 0, 0, 0}))};
    const TilingRules tilingRules(project, "");
    const Level board = floorBoard(4000);
    const auto dressed = skin::dress(tilingRules, board, board.cells.bounds());
    int first = 0;
    for (int x = 0; x < 4000; ++x)
        first += dressed.at(x, 4).number() == 1 ? 1 : 0;
    QVERIFY2(first > 2850 && first < 3150, QByteArray::number(first));
}

void DressingTest::trims_growInTheirShare() {
    for (const int patch : {0, 8}) {
        Project project = projectOf(1);
        Level swatch = floorSwatch({1, 1, 1, 1}, {7, 0, 0, 0});
        swatch.chance.patch = patch;
        project.swatches = {std::make_shared<const Level>(swatch)};
        const TilingRules tilingRules(project, "");
        const Level board = floorBoard(8000);
        const auto dressed = skin::dress(tilingRules, board, board.cells.bounds());
        int grown = 0, changes = 0;
        for (int x = 0; x < 8000; ++x) {
            const bool isGrass = dressed.at(x, 3).isShown();
            grown += isGrass ? 1 : 0;
            changes += x > 0 && isGrass != dressed.at(x - 1, 3).isShown() ? 1 : 0;
            QVERIFY(!dressed.at(x, 2).isShown());
        }
        QVERIFY2(grown > 1400 && grown < 2600, QByteArray::number(grown));
        // By chance every third cell or so begins or ends grass; in patches far fewer do.
        QVERIFY2(patch == 0 ? changes > 2500 : changes < 1600, QByteArray::number(changes));
    }
}

void DressingTest::nearestCase_standsIn_andIsTold() {
    Project project = projectOf(1);
    project.swatches = {std::make_shared<const Level>(floorSwatch({3, 3, 3, 3}, {0, 0, 0, 0}))};
    const TilingRules tilingRules(project, "");
    Level board = floorBoard(9);
    board.cells.set(4, 1, Cell(MatterId{1}));
    const auto dressed = skin::dress(tilingRules, board, board.cells.bounds());
    QVERIFY(!dressed.isGuessed(4, 4));
    QVERIFY(dressed.isGuessed(4, 1));
    QCOMPARE(dressed.at(4, 1).number(), 3);
}

void DressingTest::theme_goesBefore_andLeavesTheRest() {
    Project project = projectOf(2);
    Level day = floorSwatch({1, 1, 1}, {0, 0, 0});
    day.cells.set(2, 2, Cell(MatterId{2}));
    Level night = floorSwatch({5, 5, 5}, {0, 0, 0});
    night.id = {"swatch-night"};
    night.theme = "night";
    project.swatches = {std::make_shared<const Level>(day), std::make_shared<const Level>(night)};
    Level board = floorBoard(6);
    board.cells.set(0, 0, Cell(MatterId{2}));
    const auto byNight = skin::dress(TilingRules(project, "night"), board, board.cells.bounds());
    QCOMPARE(byNight.at(3, 4).number(), 5);
    QCOMPARE(byNight.at(0, 0).number(), 1);
    const auto byDay = skin::dress(TilingRules(project, ""), board, board.cells.bounds());
    QCOMPARE(byDay.at(3, 4).number(), 1);
}

void DressingTest::gaps_areCounted_andShownOnTheSwatch() {
    Project project = projectOf(1);
    Level swatch = floorSwatch({1, 1, 1, 1}, {0, 0, 0, 0});
    project.swatches = {std::make_shared<const Level>(swatch)};
    Level board = floorBoard(12);
    board.id = {"level-1"};
    for (const int x : {2, 5, 8})
        board.cells.set(x, 1, Cell(MatterId{1}));
    project.levels = {std::make_shared<const Level>(board)};
    auto gaps = skin::gapsOf(project, "", TilingRules(project, ""));
    // Single cells, and the row below the floor's surface.
    QCOMPARE(gaps.size(), std::size_t{2});
    const auto single = std::find_if(gaps.begin(), gaps.end(),
                                     [](const skin::Gap& gap) { return gap.which.exposure == 0; });
    QVERIFY(single != gaps.end());
    QCOMPARE(single->count, 3);
    QVERIFY((single->cell == CellPoint{2, 1}));
    const auto edit = skin::showCase(swatch, board, single->cell);
    QVERIFY(edit.has_value());
    const skin::Joins joins(project);
    bool isShown = false;
    CellPoint at;
    for (int y = 0; y < edit->level.cells.height(); ++y)
        for (int x = 0; x < edit->level.cells.width(); ++x)
            if (!edit->level.cells.at(x, y).isOpen() &&
                skin::caseAt(joins, edit->level.cells, x, y) == single->which) {
                isShown = true;
                at = {x, y};
            }
    QVERIFY(isShown);
    Grid<Tile> tile(1, 1, Tile(0, 9));
    project = project.withLevel(
        level::setTiles(edit->level, level::CellRegion(CellRect{at.x, at.y, 1, 1}), tile, at)
            .level);
    gaps = skin::gapsOf(project, "", TilingRules(project, ""));
    QCOMPARE(gaps.size(), std::size_t{1});
    // A swatch that is full says so.
    Level full;
    full.cells = Grid<Cell>(skin::maxSwatchColumns, skin::maxSwatchRows, Cell(MatterId{1}));
    QVERIFY(!skin::showCase(full, board, {2, 1}));
}

void DressingTest::handSetTiles_comeFirst() {
    Project project = projectOf(1);
    project.swatches = {std::make_shared<const Level>(floorSwatch({1, 1}, {0, 0}))};
    const TilingRules tilingRules(project, "");
    Level board = floorBoard(8);
    const level::CellRegion place(CellRect{2, 4, 3, 1});
    Grid<Tile> pattern(2, 1);
    pattern.set(0, 0, Tile(0, 20));
    pattern.set(1, 0, Tile::blank());
    board = level::setTiles(board, place, pattern, {2, 4}).level;
    QCOMPARE(level::tileCount(board), 3);
    auto dressed = skin::dress(tilingRules, board, board.cells.bounds());
    QCOMPARE(dressed.at(2, 4).number(), 20);
    QVERIFY(dressed.at(3, 4).isNone());
    QCOMPARE(dressed.at(4, 4).number(), 20);
    QCOMPARE(dressed.at(5, 4).number(), 1);
    board = level::clearTiles(board, place).level;
    dressed = skin::dress(tilingRules, board, board.cells.bounds());
    QCOMPARE(dressed.at(2, 4).number(), 1);
    QCOMPARE(level::tileCount(board), 0);
}

void DressingTest::motifs_lieWhole_whereTheyFit() {
    // Two cells of the inside and two of a floor's top: both must be there for it to lie.
    for (const CellRect motif :
         {CellRect{5, 4, 2, 2}, CellRect{5, 2, 2, 2}, CellRect{5, 1, 2, 2}}) {
        const Project project = projectWithMotif(motif);
        const TilingRules tilingRules(project, "");
        QCOMPARE(tilingRules.motifs().size(), std::size_t{1});
        const int places = tilingRules.motifs()[0].places;
        QVERIFY(places >= 1);
        Random random(3);
        Level board = randomBoard(random, 200, 120, 1);
        board.cells.fillRect({20, 20, 160, 60}, Cell(MatterId{1}));
        const auto dressed = skin::dress(tilingRules, board, board.cells.bounds());
        int whole = 0, pieces = 0;
        for (int y = 0; y < 120; ++y)
            for (int x = 0; x < 200; ++x) {
                const Tile tile = dressed.at(x, y);
                if (!tile.isShown() || tile.number() < 20) continue;
                ++pieces;
                if (tile.number() != 20) continue;
                ++whole;
                for (int i = 0; i < 4; ++i) {
                    const CellPoint at{x + i % 2, y + i / 2};
                    QCOMPARE(dressed.at(at.x, at.y).number(), 20 + i);
                    const CellPoint shown{motif.x + i % 2, motif.y + i / 2};
                    const auto& swatch = *project.swatches[0];
                    QVERIFY(board.cells.at(at.x, at.y) == swatch.cells.at(shown.x, shown.y));
                    if (!board.cells.at(at.x, at.y).isOpen())
                        QCOMPARE(
                            skin::exposureAt(tilingRules.joins(), board.cells, at.x, at.y),
                            skin::exposureAt(tilingRules.joins(), swatch.cells, shown.x, shown.y));
                }
            }
        QCOMPARE(pieces, 4 * whole);  // none is cut by another
        QVERIFY2(whole > 3, QByteArray::number(whole));
    }
}

void DressingTest::motifs_partsEqualTheWhole() {
    const std::uint64_t seed = testing::seedOr(20261128);
    int laid = 0;
    for (int round = 0; round < 40; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const int width = random.between(1, 4), height = random.between(1, 4);
        Project project = projectWithMotif(
            {random.between(2, 9 - width), random.between(2, 7 - height), width, height});
        const TilingRules tilingRules(project, "");
        Level board = randomBoard(random, 60, 40, 1);
        for (int mass = 0; mass < 3; ++mass)
            board.cells.fillRect({random.between(0, 40), random.between(0, 25),
                                  random.between(3, 20), random.between(3, 15)},
                                 random.chance(80) ? Cell(MatterId{1}) : Cell());
        const auto whole = skin::dress(tilingRules, board, board.cells.bounds());
        for (int part = 0; part < 12; ++part) {
            const CellRect area = CellRect{random.between(0, 59), random.between(0, 39),
                                           random.between(1, 12), random.between(1, 12)}
                                      .intersected(board.cells.bounds());
            const auto some = skin::dress(tilingRules, board, area);
            for (int y = area.y; y < area.bottom(); ++y)
                for (int x = area.x; x < area.right(); ++x) {
                    QVERIFY2(some.at(x, y) == whole.at(x, y),
                             "ROOK_SEED=" + QByteArray::number(seed + round));
                    if (whole.at(x, y).isShown() && whole.at(x, y).number() >= 20) ++laid;
                }
        }
    }
    QVERIFY2(laid > 100, QByteArray::number(laid));
}

ROOK_TEST(DressingTest)

}  // namespace rook::dressing_test

#include "dressing_test.moc"
