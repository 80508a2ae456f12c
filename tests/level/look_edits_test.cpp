/// Edits of the look, of runs and of zones: what they change, and that the rest stays.

#include "level/look_edits.h"

#include "level/cast_edits.h"
#include "level/level_edits.h"
#include "level/tile_edits.h"
#include "level/zone_edits.h"
#include "testing.h"

namespace rook::look_edits_test {

using namespace rook::level;

namespace {

Level board() {
    Level level;
    level.id = {"weir"};
    level.title = "Weir";
    level.cells = Grid<Cell>(10, 8);
    return level;
}

Project projectOf(Level level) {
    Project project;
    Sheet sheet;
    sheet.name = "masonry";
    project.sheets = std::vector{sheet};
    project.levels = {std::make_shared<const Level>(std::move(level))};
    return project;
}

Entity boat(const char* id, int x) {
    Entity entity;
    entity.id = {id};
    entity.box = {x, 0, 16, 16};
    return entity;
}

std::vector<std::string> picturesOf(const Project& project, const std::string& backdrop) {
    std::vector<std::string> names;
    for (const Picture& picture : project.findBackdrop(backdrop)->pictures)
        names.push_back(picture.name);
    return names;
}

Picture named(const char* name) {
    Picture picture;
    picture.name = name;
    return picture;
}

}  // namespace

class LookEditsTest : public QObject {
    Q_OBJECT
private slots:
    void look_changesOneField();
    void rules_areAddedChangedAndRemoved_upToTheLimit();
    void pictures_comeToABackdropOfTheLevelsOwn_andMove();
    void tiles_moveAndAreHeldStill();
    void notes_thatSayNothing_go();
    void layer_isChanged_butNotItsTiles();
    void layer_thatIsMovedFar_isFollowed();
    void runs_haveNamesOfTheirOwn();
    void zones_areSetUpAlike_eachAtItsPlace();
    void screens_coverTheLevel_andAreNoSmaller();
    void entities_areChanged_eachByItself();
    void entity_whoseRoleIsFlawed_isRefused();
};

void LookEditsTest::look_changesOneField() {
    const Level level = board();
    Level expected = level;
    expected.theme = "moss";
    QVERIFY(setTheme(level, "moss").level == expected);
    expected = level;
    expected.backdrop = "dusk";
    QVERIFY(setBackdrop(level, "dusk").level == expected);
    expected = level;
    expected.chance = {7, 3};
    QVERIFY(setChance(level, {7, 3}, "Roll").level == expected);
    expected = level;
    expected.title = "Lock";
    QVERIFY(renameLevel(level, "Lock").level == expected);
    expected = level;
    expected.kit = "quay";
    QVERIFY(setKit(level, "quay").level == expected);
}

void LookEditsTest::rules_areAddedChangedAndRemoved_upToTheLimit() {
    Level level = board();
    ScatterRule rule;
    for (int i = 0; i < maxScatterRules; ++i) {
        rule.name = "rule " + std::to_string(i);
        level = addScatterRule(level, rule)->level;
    }
    QCOMPARE(addScatterRule(level, rule).error().kind, ErrorKind::OutOfRange);
    rule.name = "reeds";
    level = changeScatterRule(level, 3, rule, "Change").level;
    QCOMPARE(level.scatter[3].name, std::string("reeds"));
    level = removeScatterRule(level, 2).level;
    QCOMPARE(level.scatter.size(), std::size_t(maxScatterRules - 1));
    QCOMPARE(level.scatter[2].name, std::string("reeds"));
}

void LookEditsTest::pictures_comeToABackdropOfTheLevelsOwn_andMove() {
    Backdrop taken;
    taken.name = "backdrop-weir";
    Project project = projectOf(board());
    project.backdrops = std::vector{taken};
    project = addPicture(project, *project.levels[0], named("hills")).project;
    QCOMPARE(project.levels[0]->backdrop, std::string("backdrop-weir-2"));
    project = addPicture(project, *project.levels[0], named("reeds")).project;
    QCOMPARE(project.backdrops.size(), std::size_t(2));
    using Names = std::vector<std::string>;
    QCOMPARE(picturesOf(project, "backdrop-weir-2"), (Names{"hills", "reeds"}));
    project = movePicture(project, "backdrop-weir-2", 0, 1).project;
    QCOMPARE(picturesOf(project, "backdrop-weir-2"), (Names{"reeds", "hills"}));
    QVERIFY(movePicture(project, "backdrop-weir-2", 0, -1).project == project);
    project =
        changePicture(project, "backdrop-weir-2", 1, named("clouds"), "Change a picture").project;
    project = removePicture(project, "backdrop-weir-2", 0).project;
    QCOMPARE(picturesOf(project, "backdrop-weir-2"), Names{"clouds"});
    QVERIFY(project.findBackdrop("backdrop-weir")->pictures.empty());
}

void LookEditsTest::tiles_moveAndAreHeldStill() {
    Project project = projectOf(board());
    project = animateTile(project, 0, {5, {5, 6, 7}, 8}).project;
    project = animateTile(project, 0, {5, {5, 9}, 4}).project;
    QCOMPARE(project.sheets[0].animations.size(), std::size_t(1));
    QCOMPARE(project.sheets[0].animationOf(5)->ticks, 4);
    project = holdTileStill(project, 0, 5).project;
    QVERIFY(project.sheets[0].animations.empty());
}

void LookEditsTest::notes_thatSayNothing_go() {
    Project project = projectOf(board());
    const std::vector<Tile> tiles{Tile(0, 9), Tile::blank(), Tile(0, 2)};
    project = changeTileNotes(
                  project, tiles, [](TileNote& note) { note.name = "moss"; }, "Name")
                  .project;
    QCOMPARE(project.sheets[0].notes.size(), std::size_t(2));
    QCOMPARE(project.sheets[0].notes[0].tile, 2);
    project = changeTileNotes(
                  project, {Tile(0, 2)}, [](TileNote& note) { note.name.clear(); }, "Name")
                  .project;
    QCOMPARE(project.sheets[0].notes.size(), std::size_t(1));
    QCOMPARE(project.sheets[0].notes[0].tile, 9);
}

void LookEditsTest::layer_isChanged_butNotItsTiles() {
    Level level = addLayer(board(), false, "mist")->level;
    Grid<Tile> pattern(1, 1);
    pattern.set(0, 0, Tile(0, 3));
    level = setTiles(level, CellRegion(CellRect{1, 1, 2, 2}), pattern, {0, 0}, 0).level;
    TileLayer value;
    value.name = "fog";
    value.opacity = 40;
    const Level changed = changeLayer(level, 0, value, "Change").level;
    QCOMPARE(changed.layers[0].name, std::string("fog"));
    QCOMPARE(changed.layers[0].opacity, 40);
    QVERIFY(changed.layers[0].tiles == level.layers[0].tiles);
}

void LookEditsTest::layer_thatIsMovedFar_isFollowed() {
    Level level = board();
    for (const char* name : {"a", "b", "c"})
        level = addLayer(level, false, name)->level;
    level = addLayer(level, true, "d")->level;
    for (int from = 0; from < 4; ++from)
        for (int by = -6; by <= 6; ++by) {
            Level stepped = level;
            const MovedLayer moved = moveLayerFar(level, from, by);
            QCOMPARE(moved.edit.level.layers[std::size_t(moved.layer)].name,
                     level.layers[std::size_t(from)].name);
            QCOMPARE(moved.edit.level.layers.size(), level.layers.size());
            if (by == 0) QVERIFY(moved.edit.level == level);
        }
}

void LookEditsTest::runs_haveNamesOfTheirOwn() {
    Level level = board();
    KeptNow kept = keepRun(level, {}, "walk");
    QCOMPARE(kept.name, std::string("walk 1"));
    kept = keepRun(kept.edit.level, {}, "walk");
    QCOMPARE(kept.name, std::string("walk 2"));
    level = removeRun(kept.edit.level, 0).level;
    QCOMPARE(level.runs.size(), std::size_t(1));
    // "walk 2" is still there.
    QCOMPARE(keepRun(level, {}, "walk").name, std::string("walk 3"));
}

void LookEditsTest::zones_areSetUpAlike_eachAtItsPlace() {
    Level level = addZone(addZone(board(), {0, 0, 4, 4})->level, {5, 1, 3, 2})->level;
    Zone first = level.zones[0];
    first.music = "mill";
    first.camera = PxRect{-16, 0, 96, 64};
    level = changeZone(level, first, "Change")->level;
    const Level alike = setUpAlike(level, first.id).level;
    QCOMPARE(alike.zones[1].music, std::string("mill"));
    QCOMPARE(alike.zones[1].name, level.zones[1].name);
    // Two cells wider than its zone, and as high, from a cell to its left.
    QVERIFY(alike.zones[1].camera == (PxRect{4 * 16, 16, 5 * 16, 2 * 16}));
}

void LookEditsTest::screens_coverTheLevel_andAreNoSmaller() {
    for (int columns = 1; columns < 14; ++columns)
        for (int rows = 1; rows < 12; ++rows) {
            std::int64_t area = 0;
            for (const CellRect& place : screensOf(board(), columns, rows)) {
                area += place.area();
                QVERIFY(place.width >= std::min(columns, 10) && place.height >= std::min(rows, 8));
            }
            QCOMPARE(area, std::int64_t(80));
        }
}

void LookEditsTest::entities_areChanged_eachByItself() {
    Level level = board();
    level.entities = std::vector{boat("boat-1", 0), boat("boat-2", 32)};
    const Project project = projectOf(level);
    const auto moveTo = [](int x) {
        return [x](Entity& entity) {
            entity.box.x = x;
            return true;
        };
    };
    const ChangedEntities changed =
        changeEntities(project, {{{"weir"}, {"boat-1"}, moveTo(64)},
                                 {{"weir"}, {"boat-1"}, moveTo(9999)},
                                 {{"weir"}, {"boat-2"}, [](Entity&) { return false; }},
                                 {{"gone"}, {"boat-2"}, moveTo(0)}});
    QCOMPARE(changed.done, 1);
    QCOMPARE(changed.edit.name, std::string("Change 1 cell"));
    QCOMPARE(changed.edit.project.levels[0]->entities[0].box.x, 64);
    QVERIFY(changed.edit.project.levels[0]->entities[1] == level.entities[1]);
}

void LookEditsTest::entity_whoseRoleIsFlawed_isRefused() {
    Level level = board();
    level.entities = std::vector{boat("boat-1", 0)};
    Entity next = level.entities[0];
    next.data.track.points = {{16, 16}};
    next.data.track.waits = {120, 120};  // as long as its round
    QCOMPARE(changeEntity(level, next, "Change").error().kind, ErrorKind::OutOfRange);
    next.data.track.waits = {100, 120};
    QVERIFY(changeEntity(level, next, "Change").has_value());
}

ROOK_TEST(LookEditsTest)

}  // namespace rook::look_edits_test

#include "look_edits_test.moc"
