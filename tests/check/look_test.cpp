/// Look against collision.

#include "check/look.h"

#include "check/audit.h"
#include "level/tile_edits.h"
#include "testing.h"

using namespace rook;

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

const skin::Opacity opacity{{{100, 0, 60, 59, 20, 21}}};

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
        const auto answer = reach::answer(*reach::askOf(project, level));
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

QTEST_APPLESS_MAIN(LookTest)
#include "look_test.moc"
