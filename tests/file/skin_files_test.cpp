/// Sheets from images, and what Skin keeps in the project's files.

#include "data.h"
#include "file/bundle.h"
#include "file/png.h"
#include "file/project_file.h"
#include "file/sheet_import.h"
#include "level/tile_edits.h"
#include "skin/coverage.h"
#include "testing.h"

namespace rook::skin_files_test {

using file::SheetCut;
using level::Tile;

namespace {

/// Each tile of one colour of its own, all else red.
file::Picture32 imageOf(const SheetCut& cut, int columns, int rows, int moreX, int moreY) {
    file::Picture32 image;
    image.width = 2 * cut.margin + cut.offset.x + columns * cut.tile.width +
                  (columns - 1) * cut.spacing + moreX;
    image.height =
        2 * cut.margin + cut.offset.y + rows * cut.tile.height + (rows - 1) * cut.spacing + moreY;
    image.rgba.assign(std::size_t(image.width) * std::size_t(image.height) * 4, 255);
    for (int y = 0; y < image.height; ++y)
        for (int x = 0; x < image.width; ++x)
            image.at(x, y)[1] = image.at(x, y)[2] = 0;
    for (int row = 0; row < rows; ++row)
        for (int column = 0; column < columns; ++column)
            for (int y = 0; y < cut.tile.height; ++y)
                for (int x = 0; x < cut.tile.width; ++x) {
                    unsigned char* px = image.at(
                        cut.margin + cut.offset.x + column * (cut.tile.width + cut.spacing) + x,
                        cut.margin + cut.offset.y + row * (cut.tile.height + cut.spacing) + y);
                    px[0] = static_cast<unsigned char>(row * columns + column);
                    px[1] = static_cast<unsigned char>(x);
                    px[2] = static_cast<unsigned char>(y);
                }
    return image;
}

}  // namespace

class SkinFilesTest : public QObject {
    Q_OBJECT
private slots:
    void oddSheets_arePackedTileByTile();
    void cut_tellsWhatIsLeftOver();
    void images_thatAreNone_areRefused();
    void import_writesTheSheet_underAFreeName();
    void pictures_areCopied_underFreeNames();
    void project_roundTrips_tilesSwatchesAndBackdrops();
    void replacing_keepsTheSheet_andWantsTheSameLayout();
    void zonesRulesNotesAndLayers_roundTrip();
    void badZonesAndRules_areRefused();
    void badTiles_areRefused();
    void animations_areKept_andBadOnesRefused();
    void hiddenLayer_isExported_unlessItIsSwitchedOff();
};

void SkinFilesTest::oddSheets_arePackedTileByTile() {
    Random random(testing::seedOr(11));
    for (int round = 0; round < 40; ++round) {
        SheetCut cut;
        cut.tile = {random.between(1, 9), random.between(1, 9)};
        cut.margin = random.between(0, 3);
        cut.spacing = random.between(0, 3);
        cut.offset = {random.between(0, 4), random.between(0, 4)};
        const int columns = random.between(1, 6);
        const int rows = random.between(1, 6);
        const int moreX = random.between(0, cut.tile.width + cut.spacing - 1);
        const auto image = imageOf(cut, columns, rows, moreX, 0);
        const auto tiles = file::tilesOf(cut, image.width, image.height);
        QCOMPARE(tiles.columns, columns);
        QCOMPARE(tiles.rows, rows);
        QCOMPARE(tiles.leftOverX, moreX);
        QCOMPARE(tiles.leftOverY, 0);
        const auto packed = file::cutSheet(file::writePng(image), "odd.png", cut);
        QVERIFY(packed.has_value());
        const auto read = file::readPng(*packed, "odd.png");
        QVERIFY(read.has_value());
        QCOMPARE(read->width, columns * cut.tile.width);
        QCOMPARE(read->height, rows * cut.tile.height);
        for (int y = 0; y < read->height; ++y)
            for (int x = 0; x < read->width; ++x) {
                const unsigned char* px = read->at(x, y);
                QCOMPARE(int(px[0]), y / cut.tile.height * columns + x / cut.tile.width);
                QCOMPARE(int(px[1]), x % cut.tile.width);
                QCOMPARE(int(px[2]), y % cut.tile.height);
            }
    }
}

void SkinFilesTest::replacing_keepsTheSheet_andWantsTheSameLayout() {
    QTemporaryDir folder;
    const file::Path root = folder.path().toStdString();
    auto& disk = file::diskStorage();
    const SheetCut tight{{8, 8}, 0, 0, {}};
    const SheetCut wide{{8, 8}, 1, 2, {}};
    QVERIFY(file::writeWhole(disk, root / "a.png", file::writePng(imageOf(tight, 4, 3, 0, 0)))
                .has_value());
    QVERIFY(file::writeWhole(disk, root / "b.png", file::writePng(imageOf(wide, 4, 5, 0, 0)))
                .has_value());
    QVERIFY(file::writeWhole(disk, root / "c.png", file::writePng(imageOf(tight, 5, 3, 0, 0)))
                .has_value());
    QVERIFY(file::writeWhole(disk, root / "d.png", file::writePng(imageOf(tight, 4, 2, 0, 0)))
                .has_value());
    const level::Project project =
        file::importSheet(disk, root, file::newProject("Sheets"), root / "a.png", tight)->project;
    const auto better = file::replaceSheet(disk, root, project, 0, root / "b.png", wide);
    QVERIFY(better.has_value());
    QCOMPARE(better->project.sheets.size(), std::size_t{1});
    QCOMPARE(better->project.sheets[0].name, std::string("a"));
    QVERIFY(better->project.sheets[0].path != project.sheets[0].path);
    QVERIFY(disk.exists(root / project.sheets[0].path));  // so that it can be undone
    for (const char* other : {"c.png", "d.png"})
        QCOMPARE(file::replaceSheet(disk, root, project, 0, root / other, tight).error().kind,
                 ErrorKind::NotApplicable);
}

namespace {

level::Project projectOfRules() {
    level::Project project = file::newProject("Rules");
    level::Sheet sheet;
    sheet.name = "weir";
    sheet.path = "sheets/weir.png";
    sheet.columns = 4;
    sheet.notes = {{2, "corner", level::Form::RiseRight}, {7, "", level::Form::LowerHalf}};
    project.sheets = std::vector{sheet};
    level::Level level = *project.levels[0];
    level::Zone zone;
    zone.id = {"zone-1"};
    zone.name = "lower steps";
    zone.place = {2, 3, 10, 8};
    zone.camera = PxRect{10, 20, 300, 200};
    zone.theme = "flood";
    zone.music = "drips";
    zone.onEnter = {"light"};
    zone.onLeave = {"dark", "quiet"};
    level::Zone plain;
    plain.id = {"zone-2"};
    plain.name = "upper steps";
    plain.place = {12, 0, 4, 4};
    level.zones = std::vector{zone, plain};
    level::ScatterRule rule;
    rule.name = "moss";
    rule.isOn = false;
    rule.where = level::Ground::Under;
    rule.matter = "stone";
    rule.tiles = {Tile(0, 3, true, false), Tile(0, 5)};
    rule.layer = "near";
    rule.kind = {"pickup"};
    rule.share = 7;
    rule.count = 3;
    rule.distance = 2;
    rule.awayFrom = {"exit"};
    rule.awayCells = 4;
    rule.onlyReached = true;
    rule.patch = 9;
    rule.seed = 77;
    level.scatter = std::vector{rule};
    level::TileLayer layer;
    layer.name = "near";
    layer.isFront = true;
    layer.fades = true;
    layer.cells = Grid<level::Cell>(level.cells.width(), level.cells.height());
    layer.cells.fillRect({3, 3, 5, 2}, level::Cell(level::MatterId{1}));
    level.layers = std::vector{layer};
    project.levels[0] = std::make_shared<const level::Level>(level);
    return project;
}

}  // namespace

void SkinFilesTest::zonesRulesNotesAndLayers_roundTrip() {
    QTemporaryDir folder;
    const file::Path root = folder.path().toStdString();
    auto& disk = file::diskStorage();
    const level::Project project = projectOfRules();
    QVERIFY(disk.makeFolder(root / "sheets").has_value());
    QVERIFY(file::writeWhole(disk, root / "sheets/weir.png",
                             file::writePng(imageOf({{16, 16}, 0, 0, {}}, 4, 2, 0, 0)))
                .has_value());
    QVERIFY(file::saveProject(disk, root, project).has_value());
    const auto read = file::openProject(disk, root);
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    QVERIFY(read->levels[0]->zones == project.levels[0]->zones);
    QVERIFY(read->levels[0]->scatter == project.levels[0]->scatter);
    QVERIFY(read->levels[0]->layers == project.levels[0]->layers);
    QVERIFY(read->sheets == project.sheets);
}

void SkinFilesTest::badZonesAndRules_areRefused() {
    QTemporaryDir folder;
    const file::Path root = folder.path().toStdString();
    auto& disk = file::diskStorage();
    QVERIFY(disk.makeFolder(root / "sheets").has_value());
    QVERIFY(file::writeWhole(disk, root / "sheets/weir.png",
                             file::writePng(imageOf({{16, 16}, 0, 0, {}}, 4, 2, 0, 0)))
                .has_value());
    const level::Project project = projectOfRules();
    QVERIFY(file::saveProject(disk, root, project).has_value());
    const file::Path path = root / "levels" / "level-1.json";
    const std::string good = *disk.read(path, 1 << 20);
    const std::pair<const char*, const char*> flaws[] = {
        {"\"zone-2\"", "\"zone-1\""},
        {"\"at\": [12, 0]", "\"at\": [900, 0]"},
        {"\"right\": 310", "\"right\": 3"},
        {"\"share\": 7", "\"share\": 101"},
        {"\"where\": \"under\"", "\"where\": \"above\""},
        {"\"tile\": 4", "\"tile\": 0"},
        {"\"onEnter\": [\"light\"]", "\"onEnter\": [5]"}};
    for (const auto& [from, to] : flaws) {
        std::string bad = good;
        const auto at = bad.find(from);
        QVERIFY2(at != std::string::npos, from);
        bad.replace(at, std::string(from).size(), to);
        QVERIFY(file::writeWhole(disk, path, bad).has_value());
        const auto read = file::openProject(disk, root);
        QVERIFY2(!read, to);
        QVERIFY2(read.error().sentence().find("level-1.json") != std::string::npos, to);
    }
}

void SkinFilesTest::cut_tellsWhatIsLeftOver() {
    QVERIFY((file::tilesOf({{16, 16}, 0, 0, {}}, 100, 33) == file::CutTiles{6, 2, 4, 1}));
    QVERIFY((file::tilesOf({{16, 16}, 1, 2, {}}, 16, 18) == file::CutTiles{0, 1, 16, 0}));
}

void SkinFilesTest::images_thatAreNone_areRefused() {
    const auto noImage = file::cutSheet("not an image", "words.png", {});
    QVERIFY(!noImage);
    QVERIFY(noImage.error().sentence().find("PNG") != std::string::npos);
    const std::string small = file::writePng(imageOf({{4, 4}, 0, 0, {}}, 1, 1, 0, 0));
    QVERIFY(!file::cutSheet(small, "small.png", {{16, 16}, 0, 0, {}}));
    std::string damaged = small;
    damaged.resize(damaged.size() / 2);
    QVERIFY(!file::readPng(damaged, "half.png"));
}

void SkinFilesTest::import_writesTheSheet_underAFreeName() {
    QTemporaryDir folder;
    const file::Path root = folder.path().toStdString();
    const SheetCut cut{{8, 8}, 1, 1, {}};
    const file::Path image = root / "Wet Stone (2).png";
    auto& disk = file::diskStorage();
    QVERIFY(file::writeWhole(disk, image, file::writePng(imageOf(cut, 5, 3, 2, 1))).has_value());
    level::Project project = file::newProject("Sheets");
    for (const char* name : {"wet-stone-2", "wet-stone-2-2"}) {
        const auto edit = file::importSheet(disk, root, project, image, cut);
        QVERIFY(edit.has_value());
        project = edit->project;
        const level::Sheet& sheet = project.sheets.items().back();
        QCOMPARE(sheet.name, std::string(name));
        QCOMPARE(sheet.columns, 5);
        QVERIFY(disk.exists(root / sheet.path));
    }
    QVERIFY(file::saveProject(disk, root, project).has_value());
    QVERIFY(file::openProject(disk, root).has_value());
}

void SkinFilesTest::pictures_areCopied_underFreeNames() {
    QTemporaryDir folder;
    const file::Path root = folder.path().toStdString();
    auto& disk = file::diskStorage();
    const file::Path image = root / "Far Hills.png";
    QVERIFY(file::writeWhole(disk, image, file::writePng(imageOf({{8, 8}, 0, 0, {}}, 2, 2, 0, 0)))
                .has_value());
    QCOMPARE(*file::importPicture(disk, root, image), std::string("pictures/far-hills.png"));
    QCOMPARE(*file::importPicture(disk, root, image), std::string("pictures/far-hills-2.png"));
    QVERIFY(file::writeWhole(disk, image, "no image").has_value());
    QVERIFY(!file::importPicture(disk, root, image));
}

void SkinFilesTest::project_roundTrips_tilesSwatchesAndBackdrops() {
    QTemporaryDir folder;
    const file::Path root = folder.path().toStdString();
    auto& disk = file::diskStorage();
    Random random(testing::seedOr(12));
    level::Project project = file::newProject("Skins");
    const file::Path image = root / "tiles.png";
    QVERIFY(file::writeWhole(disk, image, file::writePng(imageOf({{8, 8}, 0, 0, {}}, 6, 6, 0, 0)))
                .has_value());
    for (int i = 0; i < 2; ++i)
        project = file::importSheet(disk, root, project, image, {{8, 8}, 0, 0, {}})->project;
    level::Backdrop backdrop;
    backdrop.name = "night";
    backdrop.title = "Night";
    level::Picture picture;
    picture.name = "sky";
    picture.path = project.sheets[0].path;
    picture.fit = level::PictureFit::Stretch;
    picture.parallaxX = {125};
    picture.scrollX = {-250};
    picture.opacity = 60;
    picture.isFront = true;
    backdrop.pictures = {picture};
    project.backdrops.edit([&](auto& list) { list.push_back(backdrop); });
    level::Level swatch = skin::swatchFor(project, level::MatterId{1}, {8, 8}, "night");
    level::Level level = *project.levels[0];
    for (level::Level* board : {&swatch, &level}) {
        Grid<Tile> tiles(board->cells.width(), board->cells.height());
        for (int y = 0; y < tiles.height(); ++y)
            for (int x = 0; x < tiles.width(); ++x)
                if (random.chance(40))
                    tiles.set(x, y,
                              random.chance(10) ? Tile::blank()
                                                : Tile(random.between(0, 1), random.between(0, 35),
                                                       random.chance(30), random.chance(30)));
        board->tiles = tiles;
        board->chance = {7, 5};
    }
    level = addLayer(addLayer(level, false, "Chains")->level, true, "Reeds")->level;
    level = setTiles(level, level::CellRegion(CellRect{3, 3, 4, 2}),
                     Grid<Tile>(1, 1, Tile(1, 3, true)), {0, 0}, 1)
                .level;
    level.layers.edit([](auto& list) {
        list[0].isShown = false;
        list[1].isLocked = true;
        list[1].opacity = 40;
    });
    level.secrets = std::vector<CellRect>{{1, 2, 3, 4}};
    level.motifs = std::vector<CellRect>{{0, 1, 2, 2}};
    level.theme = "night";
    level.backdrop = "night";
    project = project.withLevel(level);
    project.swatches = {std::make_shared<const level::Level>(swatch)};
    QVERIFY(file::saveProject(disk, root, project).has_value());
    const auto read = file::openProject(disk, root);
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    QCOMPARE(file::levelText(*read, *read->swatches[0]), file::levelText(project, swatch));
    QVERIFY(read->swatches[0]->tiles == swatch.tiles);
    QVERIFY(read->levels[0]->tiles == level.tiles);
    QVERIFY(read->levels[0]->secrets == level.secrets);
    QVERIFY(read->levels[0]->motifs == level.motifs);
    QCOMPARE(read->levels[0]->layers.size(), std::size_t{2});
    QVERIFY(read->levels[0]->layers[1] == level.layers[1]);
    QCOMPARE(read->levels[0]->theme, level.theme);
    QVERIFY(read->backdrops == project.backdrops);
    QCOMPARE(file::levelText(*read, *read->levels[0]), file::levelText(project, level));
}

void SkinFilesTest::badTiles_areRefused() {
    level::Project project = file::newProject("Bad");
    const level::Level level = *project.levels[0];
    const std::string text = file::levelText(project, level);
    const auto with = [&](const std::string& tiles) {
        std::string changed = text;
        const auto at = changed.find("  \"matter\"");
        changed.insert(at, "  \"tiles\": [" + tiles + "],\n");
        return file::readLevelText(project, changed, "levels/bad.json");
    };
    QVERIFY(with(R"({ "at": [0, 0], "tiles": [0] })").has_value());
    for (const char* bad :
         {R"({ "at": [0, 0], "tiles": [4] })", R"({ "at": [0, 0], "sheet": "none", "tiles": [1] })",
          R"({ "at": [39, 0], "tiles": [0, 0] })", R"({ "at": [0, 24], "tiles": [0] })",
          R"({ "at": [0, 0], "tiles": [-1] })", R"({ "at": [0, 0], "tiles": ["x"] })",
          R"({ "at": [0, 0], "tiles": [0], "flips": [9] })"}) {
        const auto read = with(bad);
        QVERIFY2(!read, bad);
        QVERIFY(read.error().sentence().find("levels/bad.json") != std::string::npos);
    }
}

void SkinFilesTest::animations_areKept_andBadOnesRefused() {
    level::Project project = file::newProject("Moving");
    level::Sheet sheet;
    sheet.name = "water";
    sheet.path = "sheets/water.png";
    sheet.columns = 4;
    sheet.animations = {{2, {2, 3, 0}, 12}, {1, {1, 3}, 3600}};
    project.sheets = std::vector<level::Sheet>{sheet};
    const std::string main = file::projectText(project);
    const auto readAgain = [](const std::string& text) {
        file::BoardIds boards;
        return file::readProjectText(text, "rookplot.json", boards);
    };
    const auto read = readAgain(main);
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    QVERIFY(read->sheets == project.sheets);
    QCOMPARE(read->sheets[0].animationOf(2)->frameAt(0), 2);
    QCOMPARE(read->sheets[0].animationOf(2)->frameAt(12), 3);
    QCOMPARE(read->sheets[0].animationOf(2)->frameAt(36), 2);
    QVERIFY(!read->sheets[0].animationOf(0));
    for (const auto& [good, bad] :
         std::vector<std::pair<std::string, std::string>>{{"\"ticks\": 12", "\"ticks\": 0"},
                                                          {"\"ticks\": 12", "\"ticks\": 3601"},
                                                          {"[2, 4]", "[2]"},
                                                          {"[2, 4]", "[0, 2]"},
                                                          {"[2, 4]", "[\"x\", 2]"},
                                                          {"\"tile\": 3", "\"tile\": 2"}}) {
        std::string text = main;
        const auto at = text.find(good);
        QVERIFY2(at != std::string::npos, good.c_str());
        text.replace(at, good.size(), bad);
        const auto refused = readAgain(text);
        QVERIFY2(!refused, bad.c_str());
        QVERIFY(refused.error().sentence().find("rookplot.json") != std::string::npos);
    }
}

void SkinFilesTest::hiddenLayer_isExported_unlessItIsSwitchedOff() {
    QTemporaryDir folder;
    auto& disk = file::diskStorage();
    const file::Path home = testing::copyDemo(folder).toStdString();
    level::Project project = *file::openProject(disk, home);
    project.levels.resize(1);
    level::Level level = *project.levels[0];
    for (const char* name : {"reeds-hidden", "left-out"}) {
        level = addLayer(level, false, name)->level;
        level = setTiles(level, level::CellRegion(CellRect{3, 3, 4, 2}),
                         Grid<Tile>(1, 1, Tile(0, 3)), {0, 0}, int(level.layers.size()) - 1)
                    .level;
    }
    level.layers.edit([](auto& list) {
        for (level::TileLayer& layer : list) {
            layer.isShown = layer.name == "left-out";
            layer.isExported = !layer.isShown;
        }
    });
    project = project.withLevel(level);
    QVERIFY(file::saveProject(disk, home, project).has_value());
    const auto read = file::openProject(disk, home);
    QVERIFY(read.has_value());
    QVERIFY(read->levels[0]->layers == level.layers);
    const file::Path bundle = home.parent_path() / "bundle";
    QVERIFY(file::exportBundle(disk, project, home, bundle).has_value());
    const auto text = disk.read(bundle / "levels" / (level.id.text + ".level.json"), 1 << 24);
    QVERIFY(text.has_value());
    QVERIFY2(text->find("reeds-hidden") != std::string::npos, "hidden is for the eye alone");
    QVERIFY(text->find("left-out") == std::string::npos);
}

ROOK_TEST(SkinFilesTest)

}  // namespace rook::skin_files_test

#include "skin_files_test.moc"
