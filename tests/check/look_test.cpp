/// Look against collision.

#include "check/look.h"

#include "check/audit.h"
#include "level/tile_edits.h"
#include "testing.h"

namespace rook::look_test {

using level::Cell;
using level::MatterId;
using level::Tile;

namespace {

/// Stone whose swatch shows tile 0 everywhere, and a tile of each share of opaque px.
level::Project dressedProject() {
    level::Project project = testing::smallProject();
    level::Sheet sheet;
    sheet.name = "tiles";
    project.sheets.edit([&](auto& list) { list.push_back(sheet); });
    level::Level swatch;
    swatch.id = {"swatch-stone"};
    swatch.cells = Grid<Cell>(5, 5, Cell(MatterId{1}));
    swatch.tiles = Grid<Tile>(5, 5, Tile(0, 0));
    project.swatches = {std::make_shared<const level::Level>(swatch)};
    return project;
}

/// Tiles by how much of them is to be seen; the first is as light as a grey of 60.
const skin::Opacity opacity{{{{100, 60}, {0}, {60}, {59}, {20}, {21}}}, {}};

level::Level board() {
    level::Level level;
    level.id = {"level-1"};
    level.cells = Grid<Cell>(20, 10);
    level.cells.fillRect({0, 6, 20, 4}, Cell(MatterId{1}));
    level.tiles = Grid<Tile>(20, 10);
    return level;
}

}  // namespace

class LookTest : public QObject {
    Q_OBJECT
private slots:
    void dressedMasses_lookAsTheyAre();
    void opaqueTilesInTheOpen_lookSolid_fromTheLimitOn();
    void solidCellsThatShowNothing_lookOpen();
    void fix_marksASecret_thatIsNotToldAgain();
    void undressedProject_isLeftAlone();
    void whatLiesInFront_hidesWhatMustBeSeen();
    void surfaces_asLightAsTheirBackground_areTold();
    void busyPictures_areTold_whereTheyLie();
    void pictures_thatDoNotFit_areTold_withAFitThatDoes();
};

void LookTest::dressedMasses_lookAsTheyAre() {
    QVERIFY(check::lookFindings(dressedProject(), board(), opacity).empty());
}

void LookTest::opaqueTilesInTheOpen_lookSolid_fromTheLimitOn() {
    level::Level level = board();
    for (int x = 3; x < 6; ++x)
        level.tiles.set(x, 2, Tile(0, 2));
    level.tiles.set(10, 2, Tile(0, 3));
    const auto findings = check::lookFindings(dressedProject(), level, opacity);
    QCOMPARE(findings.size(), std::size_t{1});
    QCOMPARE(findings[0].kind, check::FindingKind::LooksSolid);
    QVERIFY((findings[0].place == toPx({3, 2, 3, 1}, level.cellSize)));
    QVERIFY(findings[0].sentence.find("3 cells look solid") == 0);
}

void LookTest::solidCellsThatShowNothing_lookOpen() {
    level::Level level = board();
    level.tiles.set(4, 8, Tile::blank());
    level.tiles.set(8, 8, Tile(0, 4));
    level.tiles.set(12, 8, Tile(0, 5));
    const auto findings = check::lookFindings(dressedProject(), level, opacity);
    QCOMPARE(findings.size(), std::size_t{2});
    QCOMPARE(findings[0].kind, check::FindingKind::LooksOpen);
    QVERIFY(findings[1].sentence.find("A cell is solid") == 0);
}

void LookTest::fix_marksASecret_thatIsNotToldAgain() {
    const level::Project project = dressedProject();
    level::Level level = board();
    level.tiles.set(4, 8, Tile::blank());
    const auto findings = check::lookFindings(project, level, opacity);
    QCOMPARE(findings.size(), std::size_t{1});
    QVERIFY(!findings[0].fix.empty());
    const auto edit = check::fixOf(project, level, findings[0]);
    QVERIFY(edit.has_value());
    QCOMPARE(edit->level.secrets.size(), std::size_t{1});
    QVERIFY(check::lookFindings(project, edit->level, opacity).empty());
}

void LookTest::undressedProject_isLeftAlone() {
    level::Level level = board();
    level.tiles.set(4, 8, Tile::blank());
    QVERIFY(check::lookFindings(testing::smallProject(), level, opacity).empty());
}

void LookTest::whatLiesInFront_hidesWhatMustBeSeen() {
    const level::Project project = dressedProject();
    level::Level level = testing::drawnLevel(
        project, {"....................", "....................", ".S...o......o.....X.",
                  "####################", "................o..."});
    level = addLayer(level, true, "Reeds")->level;
    const auto paint = [&](int x, int y, Tile tile) {
        level.layers.edit([&](auto& list) {
            if (list[0].tiles.width() == 0)
                list[0].tiles = Grid<Tile>(level.cells.width(), level.cells.height());
            list[0].tiles.set(x, y, tile);
        });
    };
    const auto told = [&] {
        const auto answer = reach::answer(*reach::queryOf(project, level));
        return check::hiddenFindings(project, level, answer, opacity);
    };
    QVERIFY(told().empty());
    paint(5, 2, Tile(0, 3));  // 59 %
    paint(1, 2, Tile(0, 0));  // where one begins need not be seen
    QVERIFY(told().empty());
    paint(12, 2, Tile(0, 2));  // 60 %
    paint(16, 4, Tile(0, 0));  // nobody gets there
    const auto findings = told();
    QCOMPARE(findings.size(), std::size_t{1});
    QCOMPARE(findings[0].kind, check::FindingKind::HiddenInFront);
    QCOMPARE(findings[0].sentence,
             std::string("lantern-2 is hidden by the layer Reeds: 60 % of it is covered"));
    const auto edit = check::fixOf(project, level, findings[0]);
    QVERIFY(edit.has_value());
    level = edit->level;
    QVERIFY(told().empty());
    QVERIFY(level.layers[0].tiles.at(5, 2).isShown());
    // A faint layer hides less.
    paint(12, 2, Tile(0, 0));
    QCOMPARE(told().size(), std::size_t{1});
    level.layers.edit([](auto& list) { list[0].opacity = 59; });
    QVERIFY(told().empty());
}

namespace {

std::vector<check::Finding> sightOf(const level::Project& project, const level::Level& level,
                                    const skin::Opacity& looks) {
    const auto answer = reach::answer(*reach::queryOf(project, level));
    return check::sightFindings(project, level, answer, looks);
}

level::Level floorLevel(const level::Project& project) {
    return testing::drawnLevel(project, {"....................", "....................",
                                         ".S................X.", "####################"});
}

}  // namespace

void LookTest::surfaces_asLightAsTheirBackground_areTold() {
    const level::Project project = dressedProject();
    level::Level level = floorLevel(project);
    // The stone's tile is as light as a grey of 60.
    for (const auto& [color, isTold] :
         std::vector<std::pair<const char*, bool>>{{"#3c3c3c", true},
                                                   {"#353535", true},
                                                   {"#343434", false},
                                                   {"#444444", false},
                                                   {"#ffffff", false},
                                                   {"#000000", false}}) {
        level.background = color;
        const auto findings = sightOf(project, level, opacity);
        QCOMPARE(findings.size(), std::size_t{isTold ? 1u : 0u});
        if (isTold) QCOMPARE(findings[0].kind, check::FindingKind::HardToTell);
    }
    level.background = "#3c3c3c";
    QCOMPARE(sightOf(project, level, opacity)[0].sentence,
             std::string("20 of 20 surfaces can hardly be told from what lies behind them, the "
                         "worst by 0 % of lightness"));
    // A layer behind that is lighter helps where it lies; few doubtful places are not told.
    level = addLayer(level, false, "Mist")->level;
    level.layers.edit([](auto& list) {
        list[0].tiles = Grid<Tile>(20, 4);
        for (int x = 0; x < 18; ++x)
            list[0].tiles.set(x, 2, Tile(0, 0));
    });
    skin::Opacity looks = opacity;
    looks.tiles[0].push_back({100, 200, 0});
    level.layers.edit([](auto& list) {
        for (int x = 0; x < 18; ++x)
            list[0].tiles.set(x, 2, Tile(0, 6));
    });
    QVERIFY(sightOf(project, level, looks).empty());
}

void LookTest::busyPictures_areTold_whereTheyLie() {
    level::Project project = dressedProject();
    level::Level level = floorLevel(project);
    level.background = "#ffffff";
    level::Backdrop backdrop;
    backdrop.name = "back";
    level::Picture picture;
    picture.path = "pictures/wild.png";
    picture.fit = level::PictureFit::Stretch;
    backdrop.pictures = {picture};
    project.backdrops = std::vector<level::Backdrop>{backdrop};
    level.backdrop = "back";
    skin::Opacity looks = opacity;
    skin::PictureLights wild{32, 16, {{100, 200, 90}, {100, 200, 0}}};
    looks.pictures["pictures/wild.png"] = wild;
    const auto findings = sightOf(project, level, looks);
    QCOMPARE(findings.size(), std::size_t{1});
    QCOMPARE(findings[0].kind, check::FindingKind::BusyBehind);
    // The left half of the picture, which is 480 px wide where it moves by half.
    QCOMPARE(findings[0].sentence,
             std::string("15 of 20 surfaces lie before something busy, whose lightness varies by "
                         "35 %"));
    project.backdrops.edit([](auto& list) { list[0].pictures[0].opacity = 40; });
    QVERIFY(sightOf(project, level, looks).empty());
    looks.pictures.clear();
    QVERIFY(sightOf(project, level, looks).empty());
}

void LookTest::pictures_thatDoNotFit_areTold_withAFitThatDoes() {
    level::Project project = dressedProject();
    level::Level level;
    level.cells = Grid<Cell>(120, 34);
    level::Backdrop backdrop;
    backdrop.name = "back";
    level::Picture picture;
    picture.name = "sky";
    picture.path = "pictures/sky.png";
    picture.parallaxX = picture.parallaxY = {1000};
    backdrop.pictures = {picture, picture};
    project.backdrops = std::vector<level::Backdrop>{backdrop};
    level.backdrop = "back";
    skin::Opacity looks;
    const auto told = [&](PxRect image, level::PictureFit fit) {
        looks.pictures["pictures/sky.png"] = {image.width, image.height, {}};
        project.backdrops.edit([&](auto& list) { list[0].pictures[0].fit = fit; });
        return check::pictureFindings(project, level, looks);
    };
    using level::PictureFit;
    const PxRect small{0, 0, 640, 480}, exact{0, 0, 640, 544}, wide{0, 0, 1920, 500};
    auto findings = told(small, PictureFit::Repeat);
    QCOMPARE(findings.size(), std::size_t{1});
    QCOMPARE(findings[0].sentence, std::string("The picture sky, 640 x 480 in a level of 1,920 x "
                                               "544, repeats 3 times across and twice down, cut at "
                                               "the bottom"));
    // Bare across, out of shape stretched: 120 px more for 184 px of the way.
    QCOMPARE(findings[0].fix, std::string("Move it less with the level"));
    const auto slower = check::projectFixOf(project, level, findings[0]);
    QVERIFY(slower.has_value());
    QCOMPARE(slower->project.backdrops[0].pictures[0].parallaxY.thousandths, 652);
    QCOMPARE(slower->project.backdrops[0].pictures[0].parallaxX.thousandths, 1000);
    QVERIFY(check::pictureFindings(slower->project, level, looks).empty());
    // Not even one that keeps still is high enough for a screen.
    QVERIFY(told({0, 0, 640, 100}, PictureFit::Repeat)[0].fix.empty());
    QVERIFY(told(exact, PictureFit::Repeat).empty());
    QVERIFY(told(exact, PictureFit::Across).empty());
    QCOMPARE(told(exact, PictureFit::Stretch).size(), std::size_t{1});
    findings = told(wide, PictureFit::Across);
    QCOMPARE(findings.size(), std::size_t{1});
    QVERIFY(findings[0].sentence.ends_with("leaves the upper 44 px bare"));
    QCOMPARE(findings[0].fix, std::string("Stretch it over the level"));
    const auto edit = check::projectFixOf(project, level, findings[0]);
    QVERIFY(edit.has_value());
    QVERIFY(check::pictureFindings(edit->project, level, looks).empty());
    QCOMPARE(edit->project.backdrops[0].pictures[1].fit, PictureFit::Across);
    QVERIFY(!check::fixOf(project, level, findings[0]));
    QCOMPARE(told(wide, PictureFit::Once).size(), std::size_t{1});
    // One that stays with the screen is seen no farther than that.
    project.backdrops.edit(
        [](auto& list) { list[0].pictures[0].parallaxX = list[0].pictures[0].parallaxY = {0}; });
    QVERIFY(told(small, PictureFit::Repeat).empty());
    QVERIFY(told(small, PictureFit::Once).empty());
}

ROOK_TEST(LookTest)

}  // namespace rook::look_test

#include "look_test.moc"
