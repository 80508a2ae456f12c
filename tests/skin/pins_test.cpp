/// Pins made from the dressing, and matter made from pins.

#include "skin/pins.h"

#include "level/tile_edits.h"
#include "testing.h"

namespace rook::pins_test {

using level::Cell;
using level::CellRegion;
using level::Form;
using level::MatterId;
using level::Tile;

namespace {

/// Stone that wears one of three tiles, by chance; grass on one of two tops.
level::Project taught() {
    level::Project project = testing::smallProject();
    level::Sheet sheet;
    sheet.name = "weir";
    sheet.notes = {{8, "", Form::RiseRight}, {9, "", Form::Full}};
    project.sheets = std::vector{sheet};
    level::Level swatch;
    swatch.id = {"swatch"};
    swatch.cells = Grid<Cell>(12, 4);
    swatch.cells.fillRect({0, 2, 12, 2}, Cell(MatterId{1}));
    swatch.tiles = Grid<Tile>(12, 4);
    for (int x = 0; x < 12; ++x) {
        swatch.tiles.set(x, 2, Tile(0, x % 3));
        if (x % 2 == 0) swatch.tiles.set(x, 1, Tile(0, 5));
    }
    project.swatches.push_back(std::make_shared<const level::Level>(swatch));
    return project;
}

level::Level board() {
    level::Level level;
    level.id = {"board"};
    level.cells = Grid<Cell>(30, 10);
    level.cells.fillRect({0, 6, 30, 4}, Cell(MatterId{1}));
    return level;
}

const CellRegion part(CellRect{4, 4, 20, 4});

}  // namespace

class PinsTest : public QObject {
    Q_OBJECT
private slots:
    void pinned_staysAsItLooked_whateverHappens();
    void rolled_looksOtherwise_andPinsOnlyThat();
    void zones_areDressedByTheirTheme();
    void layers_areDressedByTheSwatches();
    void matter_isLaidByTiles_withTheirFlips();
    void forms_areFoundFromTheirOwnPx();
};

void PinsTest::pinned_staysAsItLooked_whateverHappens() {
    const level::Project project = taught();
    const auto tilingRules = skin::TilingRules::of(project, board());
    const auto before = skin::dress(tilingRules, board(), part.bounds());
    level::Level level = pinTiles(tilingRules, board(), part, level::onMasses).level;
    level.chance.seed = 99;
    level.cells.fillRect({0, 6, 30, 1}, Cell());
    const auto after = skin::dress(tilingRules, level, part.bounds());
    for (int y = 4; y < 8; ++y)
        for (int x = 4; x < 24; ++x)
            QCOMPARE(after.at(x, y), before.at(x, y));
    // What was given back is dressed as if nothing had been.
    level = clearTiles(pinTiles(tilingRules, board(), part, level::onMasses).level, part).level;
    QCOMPARE(level::tileCount(level), 0);
}

void PinsTest::rolled_looksOtherwise_andPinsOnlyThat() {
    const level::Project project = taught();
    const auto tilingRules = skin::TilingRules::of(project, board());
    const auto usual = skin::dress(tilingRules, board(), part.bounds());
    const level::Level rolled = rollAnew(tilingRules, board(), part, 1).level;
    const auto seen = skin::dress(tilingRules, rolled, part.bounds());
    int other = 0;
    for (int y = 4; y < 8; ++y)
        for (int x = 4; x < 24; ++x) {
            const bool isPinned = !rolled.tileAt(x, y).isNone();
            QCOMPARE(isPinned, seen.at(x, y) != usual.at(x, y));
            other += isPinned ? 1 : 0;
        }
    QVERIFY(other > 5);
    QVERIFY(rollAnew(tilingRules, board(), part, 1).level == rolled);
    QVERIFY(rollAnew(tilingRules, rolled, part, 1).level == rolled);
    QVERIFY(!(rollAnew(tilingRules, rolled, part, 2).level == rolled));
}

void PinsTest::zones_areDressedByTheirTheme() {
    level::Project project = taught();
    level::Level flooded = *project.swatches[0];
    flooded.id = {"flooded"};
    flooded.theme = "flood";
    for (int x = 0; x < 12; ++x)
        flooded.tiles.set(x, 2, Tile(0, 7));
    project.swatches.push_back(std::make_shared<const level::Level>(flooded));
    level::Level level = board();
    level::Zone zone;
    zone.id = {"low"};
    zone.place = {10, 0, 8, 10};
    zone.theme = "flood";
    level.zones = std::vector{zone};
    const auto dressed = skin::dress(skin::TilingRules::of(project, level), level, {0, 0, 30, 10});
    for (int x = 0; x < 30; ++x)
        QCOMPARE(dressed.at(x, 6) == Tile(0, 7), x >= 10 && x < 18);
    // Any part by itself gives the same.
    const auto cut = skin::dress(skin::TilingRules::of(project, level), level, {8, 5, 6, 3});
    for (int y = 5; y < 8; ++y)
        for (int x = 8; x < 14; ++x)
            QCOMPARE(cut.at(x, y), dressed.at(x, y));
}

void PinsTest::layers_areDressedByTheSwatches() {
    const level::Project project = taught();
    level::Level level = addLayer(board(), true, "near")->level;
    level = layOnLayer(level, CellRegion(CellRect{5, 3, 6, 2}), Cell(MatterId{1}), 0).level;
    level =
        setTiles(level, CellRegion(CellRect{6, 3, 1, 1}), Grid<Tile>(1, 1, Tile(0, 9)), {6, 3}, 0)
            .level;
    const auto tilingRules = skin::TilingRules::of(project, level);
    const auto dressed = skin::dressLayer(tilingRules, level, level.layers[0], {0, 0, 30, 10});
    level::Level alone = board();
    alone.cells = level.layers[0].cells;
    const auto wanted = skin::dress(tilingRules, alone, {0, 0, 30, 10});
    for (int y = 0; y < 10; ++y)
        for (int x = 0; x < 30; ++x)
            QCOMPARE(dressed.at(x, y), x == 6 && y == 3 ? Tile(0, 9) : wanted.at(x, y));
    QVERIFY(dressed.at(7, 3).isShown());
}

void PinsTest::matter_isLaidByTiles_withTheirFlips() {
    const level::Project project = taught();
    level::Level level;
    level.cells = Grid<Cell>(6, 2);
    level.tiles = Grid<Tile>(6, 2);
    level.tiles.set(0, 0, Tile(0, 8));
    level.tiles.set(1, 0, Tile(0, 8, true));
    level.tiles.set(2, 0, Tile(0, 8, false, true));
    level.tiles.set(3, 0, Tile(0, 9));
    level.tiles.set(4, 0, Tile(0, 1));
    const CellRegion all(CellRect{0, 0, 6, 2});
    const auto edit = skin::layByTiles(project, level, all, MatterId{1});
    QVERIFY(edit.has_value());
    QCOMPARE(edit->level.cells.at(0, 0), Cell(MatterId{1}, Form::RiseRight));
    QCOMPARE(edit->level.cells.at(1, 0), Cell(MatterId{1}, Form::RiseLeft));
    QCOMPARE(edit->level.cells.at(2, 0).form(), *level::mirrored(Form::RiseRight, false));
    QCOMPARE(edit->level.cells.at(3, 0), Cell(MatterId{1}));
    QVERIFY(edit->level.cells.at(4, 0).isOpen());
    // A plank takes no slope; and where no tile has a form there is nothing to do.
    QCOMPARE(skin::layByTiles(project, level, all, MatterId{2}).error().kind,
             ErrorKind::NotApplicable);
    QCOMPARE(skin::layByTiles(project, level, CellRegion(CellRect{4, 0, 2, 2}), MatterId{1})
                 .error()
                 .kind,
             ErrorKind::NotApplicable);
}

void PinsTest::forms_areFoundFromTheirOwnPx() {
    for (const CellSize size : {CellSize{16, 16}, CellSize{8, 12}})
        for (int f = 0; f < runtime::formCount; ++f) {
            const auto form = static_cast<Form>(f);
            const auto found = skin::formOfTile(size, [&](int x, int y) {
                return runtime::formFills(form, x, y, size.width, size.height);
            });
            QVERIFY(found.has_value());
            QCOMPARE(*found, form);
        }
    QVERIFY(!skin::formOfTile({16, 16}, [](int, int) { return false; }));
    QVERIFY(!skin::formOfTile({16, 16}, [](int x, int y) { return (x / 4 + y / 4) % 2 == 0; }));
}

ROOK_TEST(PinsTest)

}  // namespace rook::pins_test

#include "pins_test.moc"
