/// Tiles set by hand, and the layers that they are set on.

#include "level/tile_edits.h"

#include "level/board_size.h"
#include "level/history.h"
#include "testing.h"

namespace rook::tile_edits_test {

using namespace rook::level;

namespace {

Level board() {
    Level level;
    level.id = {"level-1"};
    level.cells = Grid<Cell>(10, 8);
    return level;
}

CellRegion at(int x, int y, int width = 1, int height = 1) {
    return CellRegion(CellRect{x, y, width, height});
}

std::vector<std::string> namesOf(const Level& level) {
    std::vector<std::string> names;
    for (const TileLayer& layer : level.layers)
        names.push_back((layer.isFront ? "+" : "-") + layer.name);
    return names;
}

}  // namespace

class TileEditsTest : public QObject {
    Q_OBJECT
private slots:
    void tile_holdsWhatItIsMadeOf();
    void pattern_repeats_fromItsOrigin();
    void layers_areAddedNextToTheMasses_andMovedAcrossThem();
    void layers_takeTilesOfTheirOwn();
    void layers_haveMassesOfTheirOwn_thatAreClearedWithTheirTiles();
    void tiles_areMoved_asOneByOne_onRandomBoards();
    void board_thatGrows_takesTilesLayersAndSecretsAlong();
    void history_countsTilesThatAreNotShared();
};

void TileEditsTest::tile_holdsWhatItIsMadeOf() {
    for (const int sheet : {0, 7, maxSheets - 1})
        for (const int number : {0, 1, 65535}) {
            const Tile tile(sheet, number, true, false);
            QVERIFY(tile.isShown() && tile.isMirrored() && !tile.isUpsideDown());
            QCOMPARE(tile.sheet(), sheet);
            QCOMPARE(tile.number(), number);
            QVERIFY(tile.flipped(true) == Tile(sheet, number));
            QVERIFY(tile.flipped(false) == Tile(sheet, number, true, true));
        }
    QVERIFY(Tile().isNone() && !Tile().isShown());
    QVERIFY(Tile::blank().isBlank() && !Tile::blank().isShown() && !Tile::blank().isNone());
    QVERIFY(Tile::blank().flipped(true) == Tile::blank());
}

void TileEditsTest::pattern_repeats_fromItsOrigin() {
    Grid<Tile> pattern(2, 2);
    for (int i = 0; i < 4; ++i)
        pattern.set(i % 2, i / 2, Tile(0, i));
    const auto edit = setTiles(board(), at(-2, 1, 20, 3), pattern, {3, 2});
    QVERIFY((edit.touched == CellRect{0, 1, 10, 3}));
    for (int y = 1; y < 4; ++y)
        for (int x = 0; x < 10; ++x)
            QCOMPARE(edit.level.tileAt(x, y).number(), (x + 1) % 2 + 2 * (y % 2));
    QCOMPARE(tileCount(edit.level), 30);
    QCOMPARE(tileCount(clearTiles(edit.level, at(0, 2, 10, 1)).level), 20);
    QCOMPARE(tileCount(setTiles(board(), at(30, 30), pattern, {0, 0}).level), 0);
}

void TileEditsTest::layers_areAddedNextToTheMasses_andMovedAcrossThem() {
    Level level = board();
    for (const char* name : {"a", "b"})
        level = addLayer(level, false, name)->level;
    level = addLayer(level, true, "c")->level;
    QCOMPARE(namesOf(level), (std::vector<std::string>{"-a", "-b", "+c"}));
    level = addLayer(level, true, "d")->level;
    QCOMPARE(namesOf(level), (std::vector<std::string>{"-a", "-b", "+d", "+c"}));
    level = moveLayer(level, 1, 1).level;  // b comes before the masses
    QCOMPARE(namesOf(level), (std::vector<std::string>{"-a", "+b", "+d", "+c"}));
    level = moveLayer(level, 1, 1).level;
    QCOMPARE(namesOf(level), (std::vector<std::string>{"-a", "+d", "+b", "+c"}));
    level = moveLayer(level, 1, -1).level;
    QCOMPARE(namesOf(level), (std::vector<std::string>{"-a", "-d", "+b", "+c"}));
    level = moveLayer(level, 3, 1).level;
    level = moveLayer(level, 0, -1).level;
    QCOMPARE(namesOf(level), (std::vector<std::string>{"-a", "-d", "+b", "+c"}));
    level = removeLayer(level, 1).level;
    QCOMPARE(namesOf(level), (std::vector<std::string>{"-a", "+b", "+c"}));
    while (level.layers.size() < static_cast<std::size_t>(maxTileLayers))
        level = addLayer(level, false, "more")->level;
    QVERIFY(!addLayer(level, false, "one too many"));
}

void TileEditsTest::layers_takeTilesOfTheirOwn() {
    Level level = addLayer(board(), false, "behind")->level;
    const Grid<Tile> pattern(1, 1, Tile(0, 5));
    level = setTiles(level, at(2, 2, 3, 1), pattern, {0, 0}, 0).level;
    QCOMPARE(tileCount(level), 0);
    QCOMPARE(level.layers[0].tiles.at(3, 2).number(), 5);
    level = clearTiles(level, at(3, 2), 0).level;
    QVERIFY(level.layers[0].tiles.at(3, 2).isNone());
    QVERIFY(level.layers[0].tiles.at(4, 2).isShown());
}

void TileEditsTest::board_thatGrows_takesTilesLayersAndSecretsAlong() {
    Level level = addLayer(board(), true, "before")->level;
    const Grid<Tile> pattern(1, 1, Tile(0, 5));
    level = setTiles(level, at(1, 1), pattern, {0, 0}).level;
    level = setTiles(level, at(9, 7), pattern, {0, 0}, 0).level;
    level.secrets = std::vector<CellRect>{{0, 0, 2, 2}, {9, 7, 1, 1}};
    const auto grown = resizeBoard(level, {-3, -2, 12, 9});
    QVERIFY(grown.has_value());
    QVERIFY(grown->level.tileAt(4, 3).isShown());
    QCOMPARE(tileCount(grown->level), 1);
    QVERIFY(grown->level.layers[0].tiles.at(11, 8, Tile()).isNone());
    QCOMPARE(grown->level.secrets.size(), std::size_t{1});
    QVERIFY((grown->level.secrets[0] == CellRect{3, 2, 2, 2}));
}

void TileEditsTest::history_countsTilesThatAreNotShared() {
    Project project;
    project.levels = {std::make_shared<const Level>(board())};
    const Level level = setTiles(board(), at(0, 0), Grid<Tile>(1, 1, Tile(0, 1)), {0, 0}).level;
    const Project after = project.withLevel(level);
    const std::size_t plain = bytesNotShared(project.withLevel(board()), project);
    QVERIFY(bytesNotShared(after, project) >= plain + sizeof(Grid<Tile>::Chunk) / 2);
}

void TileEditsTest::layers_haveMassesOfTheirOwn_thatAreClearedWithTheirTiles() {
    Level level = addLayer(board(), true, "near")->level;
    const Cell stone(MatterId{1});
    level = layOnLayer(level, at(2, 2, 3, 2), stone, 0).level;
    level = setTiles(level, at(3, 2), Grid<Tile>(1, 1, Tile(0, 4)), {3, 2}, 0).level;
    QCOMPARE(level.layers[0].cells.at(4, 3), stone);
    QVERIFY(level.cells.at(4, 3).isOpen());
    level = clearTiles(level, at(3, 2, 2, 1), 0).level;
    QVERIFY(level.layers[0].cells.at(3, 2).isOpen() && level.layers[0].cells.at(4, 2).isOpen());
    QVERIFY(level.layers[0].tiles.at(3, 2).isNone());
    QCOMPARE(level.layers[0].cells.at(2, 2), stone);
    const auto larger = resizeBoard(level, {-1, -1, 14, 12});
    QVERIFY(larger.has_value());
    QCOMPARE(larger->level.layers[0].cells.at(3, 3), stone);
    QVERIFY(bytesNotShared(Project(), Project()) > 0);
}

void TileEditsTest::tiles_areMoved_asOneByOne_onRandomBoards() {
    const std::uint64_t seed = rook::testing::seedOr(5);
    for (int round = 0; round < 60; ++round) {
        Random random(seed + std::uint64_t(round));
        Level level = board();
        level.tiles = Grid<Tile>(10, 8);
        for (int i = 0; i < 30; ++i)
            level.tiles.set(random.between(0, 9), random.between(0, 7),
                            random.chance(20) ? Tile::blank() : Tile(0, random.between(0, 9)));
        const CellRegion from =
            at(random.between(-2, 8), random.between(-2, 6), random.between(1, 6), 4)
                .united(at(random.between(0, 9), random.between(0, 7)));
        const int dx = random.between(-4, 4);
        const int dy = random.between(-4, 4);
        const Level moved = moveTiles(level, from, dx, dy).level;
        for (int y = 0; y < 8; ++y)
            for (int x = 0; x < 10; ++x) {
                const CellPoint source{x - dx, y - dy};
                const bool wasThere =
                    from.contains(source) && level.cells.bounds().contains(source);
                const Tile brought = wasThere ? level.tiles.at(source) : Tile();
                const Tile stayed = from.contains({x, y}) ? Tile() : level.tiles.at(x, y);
                QVERIFY2(moved.tiles.at(x, y) == (brought.isNone() ? stayed : brought),
                         "ROOK_SEED=" + QByteArray::number(seed + std::uint64_t(round)));
            }
    }
}

ROOK_TEST(TileEditsTest)

}  // namespace rook::tile_edits_test

#include "tile_edits_test.moc"
