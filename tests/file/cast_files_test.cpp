/// Kinds, roles and tables in files: what is written is read, what is wrong is refused.

#include "cast/behaviour.h"
#include "file/kind_file.h"
#include "file/placements.h"
#include "file/project_file.h"
#include "level/tracks.h"
#include "motion/step_tables.h"
#include "rook_runtime.hpp"
#include "testing.h"

namespace rook::cast_files_test {

using level::Entity;
using level::FieldDefinition;
using level::FieldType;
using level::Role;

namespace {

/// A kind with a field of each type, and an entity in which every one differs.
level::Project project() {
    level::Project project = file::newProject("Cast");
    level::Kind crab;
    crab.id = {"crab"};
    crab.title = "Crab";
    crab.role = Role::Foe;
    crab.width = 14;
    crab.height = 10;
    crab.standing = level::Standing::Floor;
    crab.atLeast = 1;
    crab.spriteTiles = {2, 1};
    crab.sprite = PxRect{-2, -4, 32, 16};
    const std::pair<FieldType, level::FieldValue> values[] = {
        {FieldType::Integer, std::int64_t{4}},
        {FieldType::Text, std::string("a \"b\", c")},
        {FieldType::Boolean, true},
        {FieldType::Number, level::Decimal{1250}},
        {FieldType::Choice, std::string("cross")},
        {FieldType::Color, std::string("#12ab9f")},
        {FieldType::Point, PxPoint{3, -4}},
        {FieldType::Path, std::vector<PxPoint>{{1, 2}, {3, 4}}},
        {FieldType::Entity, std::string("crab-1")},
        {FieldType::Level, std::string("level-1")},
        {FieldType::List, level::FieldList{{std::int64_t{1}, std::int64_t{2}}}}};
    Entity entity;
    entity.id = {"crab-1"};
    entity.kind = {"crab"};
    entity.box = {100, 86, 14, 10};
    for (const auto& [type, value] : values) {
        FieldDefinition field;
        field.name = "f-" + std::string(nameOf(type));
        field.type = type;
        field.defaultValue = level::defaultOf(type);
        field.help = "what it is for";
        field.unit = "px";
        field.isNeeded = type == FieldType::Text;
        if (type == FieldType::Choice) {
            field.choices = {"calm", "cross"};
            field.defaultValue = std::string("calm");
        }
        if (type == FieldType::Number) {
            field.low = level::Decimal{500};
            field.high = level::Decimal{2000};
        }
        if (type == FieldType::Entity) field.of = {"crab"};
        crab.fields.push_back(field);
        setField(entity, field.name, value);
    }
    project.kinds.edit([&](auto& list) { list.push_back(crab); });
    entity.group = "group-1";
    entity.facing = level::Facing::Left;
    entity.data.value = 5;
    entity.data.grantTicks = 90;
    entity.data.takes = level::Ability::Climb;
    entity.data.door = {level::DoorManner::OneWay, 33, level::Facing::Left};
    entity.data.patrol = {level::Gait::Walks, {750}, false, {40, 200}};
    entity.data.formation.member = {"crab"};
    entity.data.formation.shape = level::FormationShape::Grid;
    entity.data.formation.count = 7;
    entity.data.formation.gaps = {2, 3};
    entity.data.formation.distance = 20;
    entity.data.formation.columns = 3;
    entity.data.formation.periodTicks = 99;
    entity.data.formation.isClockwise = false;
    entity.data.formation.shift = {16, -8};
    entity.data.trigger = {
        true, {{level::CallWhen::Leave, "dark", {"crab-1"}}, {level::CallWhen::Use, "hum", {}}}};
    level::Level level = *project.levels[0];
    level.cells = Grid<level::Cell>(40, 12);
    level.cells.fillRect({0, 6, 40, 6}, level::Cell(level::MatterId{1}));
    level.entities = std::vector{entity};
    project.levels[0] = std::make_shared<const level::Level>(level);
    project.zoneBudget = 12;
    return project;
}

}  // namespace

class CastFilesTest : public QObject {
    Q_OBJECT
private slots:
    void everything_roundTrips();
    void badRoles_areRefused_data();
    void badRoles_areRefused();
    void kinds_goToAFile_andBack_withWhatTheyChange();
    void table_roundTrips_andTellsWhatItChanges();
    void badTables_areRefused_data();
    void badTables_areRefused();
    void bundle_holdsPatrolsAndFormations_thatGoAsInTheEditor();
    void formation_keepsTheNumbersOfOtherShapes();
};

void CastFilesTest::everything_roundTrips() {
    QTemporaryDir folder;
    const file::Path root = folder.path().toStdString();
    QVERIFY(file::saveProject(file::diskStorage(), root, project()).has_value());
    const auto read = file::openProject(file::diskStorage(), root);
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    QVERIFY(read->kinds == project().kinds);
    QVERIFY(read->levels[0]->entities == project().levels[0]->entities);
    QCOMPARE(read->zoneBudget, 12);
}

void CastFilesTest::badRoles_areRefused_data() {
    QTest::addColumn<QByteArray>("from");
    QTest::addColumn<QByteArray>("to");
    const std::pair<const char*, const char*> flaws[] = {
        {"\"speed\": 0.75", "\"speed\": 0"},
        {"\"speed\": 0.75", "\"speed\": 1e300"},
        {"\"gait\": \"walks\"", "\"gait\": \"rolls\""},
        {"\"count\": 7", "\"count\": 0"},
        {"\"gaps\": [2, 3]", "\"gaps\": [2, 7]"},
        {"\"f-point\": [3, -4]", "\"f-point\": [3]"},
        {"\"f-point\": [3, -4]", "\"f-point\": [3, 99999999999]"},
        {"\"f-list\": [1, 2]", "\"f-list\": [1, \"two\"]"},
        {"\"f-colour\": \"#12ab9f\"", "\"f-colour\": \"teal\""},
        {"\"when\": \"leave\"", "\"when\": \"blink\""},
        {"\"turnsAt\": [40, 200]", "\"turnsAt\": [\"forty\"]"}};
    for (const auto& [from, to] : flaws)
        QTest::newRow(to) << QByteArray(from) << QByteArray(to);
}

void CastFilesTest::badRoles_areRefused() {
    QFETCH(QByteArray, from);
    QFETCH(QByteArray, to);
    QTemporaryDir folder;
    const file::Path root = folder.path().toStdString();
    auto& disk = file::diskStorage();
    QVERIFY(file::saveProject(disk, root, project()).has_value());
    const file::Path path = root / "levels" / "level-1.json";
    std::string text = *disk.read(path, 1 << 20);
    const auto at = text.find(from.toStdString());
    QVERIFY(at != std::string::npos);
    text.replace(at, std::size_t(from.size()), to.toStdString());
    QVERIFY(file::writeWhole(disk, path, text).has_value());
    const auto read = file::openProject(disk, root);
    QVERIFY(!read);
    QVERIFY(read.error().sentence().find("level-1.json") != std::string::npos);
}

void CastFilesTest::kinds_goToAFile_andBack_withWhatTheyChange() {
    QTemporaryDir folder;
    const file::Path path = file::Path(folder.path().toStdString()) / "kinds.json";
    auto& disk = file::diskStorage();
    QVERIFY(file::writeKinds(disk, path, project()).has_value());
    const auto fresh = file::readKinds(disk, path, file::newProject("Other"));
    QVERIFY2(fresh.has_value(), fresh ? "" : fresh.error().sentence().c_str());
    QVERIFY(*fresh->edit.project.findKind({"crab"}) == *project().findKind({"crab"}));
    level::Project fewer = project();
    fewer.kinds.edit([](auto& list) { list.back().fields.clear(); });
    QVERIFY(file::writeKinds(disk, path, fewer).has_value());
    const auto change = file::readKinds(disk, path, project());
    QVERIFY(change.has_value());
    QCOMPARE(change->losses.size(), std::size_t{11});
    QVERIFY(file::writeWhole(disk, path, "{ \"format\": \"rookplot-kinds\", \"version\": 2 }")
                .has_value());
    QCOMPARE(file::readKinds(disk, path, project()).error().kind, ErrorKind::BadVersion);
}

void CastFilesTest::table_roundTrips_andTellsWhatItChanges() {
    const level::Project all = project();
    const std::string csv = file::placementsText(all);
    const auto same = file::readPlacements(csv, "cast.csv", all);
    QVERIFY2(same.has_value(), same ? "" : same.error().sentence().c_str());
    QVERIFY(same->lines.empty());
    QVERIFY(same->edit.project == all);
    const auto moved = file::readPlacements(
        "id,level,x,f-number,f-text\r\ncrab-1,level-1,48,1.5,\"two\r\nlines\"\r\n", "cast.csv",
        all);
    QVERIFY2(moved.has_value(), moved ? "" : moved.error().sentence().c_str());
    QCOMPARE(moved->lines.size(), std::size_t{3});
    QCOMPARE(moved->lines[0], std::string("level-1, crab-1: x 100 becomes 48"));
    const Entity& crab = moved->edit.project.levels[0]->entities[0];
    QCOMPARE(crab.box.x, 48);
    QCOMPARE(std::get<std::string>(crab.fields[1].second), std::string("two\r\nlines"));
    QCOMPARE(std::get<level::Decimal>(crab.fields[3].second).thousandths, 1500);
}

void CastFilesTest::badTables_areRefused_data() {
    QTest::addColumn<QByteArray>("csv");
    QTest::newRow("no id") << QByteArray("level,x\nlevel-1,3\n");
    QTest::newRow("unknown level") << QByteArray("level,id,x\nlevel-9,crab-1,3\n");
    QTest::newRow("unknown entity") << QByteArray("level,id,x\nlevel-1,crab-9,3\n");
    QTest::newRow("no number") << QByteArray("level,id,x\nlevel-1,crab-1,three\n");
    QTest::newRow("outside") << QByteArray("level,id,x\nlevel-1,crab-1,-3\n");
    QTest::newRow("huge") << QByteArray("level,id,x\nlevel-1,crab-1,99999999999\n");
    QTest::newRow("wrong type") << QByteArray("level,id,f-yes-no\nlevel-1,crab-1,perhaps\n");
    QTest::newRow("open quote") << QByteArray("level,id,x\nlevel-1,\"crab-1,3\n");
    QTest::newRow("facing") << QByteArray("level,id,facing\nlevel-1,crab-1,inwards\n");
}

void CastFilesTest::badTables_areRefused() {
    QFETCH(QByteArray, csv);
    const auto read = file::readPlacements(csv.toStdString(), "cast.csv", project());
    QVERIFY(!read);
    QVERIFY(read.error().sentence().find("cast.csv") != std::string::npos);
}

void CastFilesTest::bundle_holdsPatrolsAndFormations_thatGoAsInTheEditor() {
    level::Project all = project();
    level::Level level = *all.levels[0];
    Entity spawn;
    spawn.id = {"player-1"};
    spawn.kind = {"player"};
    spawn.box = {20, 74, 12, 22};
    Entity flying = level.entities[0];
    flying.id = {"crab-2"};
    flying.data.patrol.gait = level::Gait::Flies;
    flying.data.track.points = {{50, 0}, {50, -30}};
    flying.data.track.periodTicks = 130;
    level::Kind eels;
    eels.id = {"eels"};
    eels.title = "Eels";
    eels.role = Role::Formation;
    all.kinds.edit([&](auto& list) { list.push_back(eels); });
    Entity ring;
    ring.id = {"eels-1"};
    ring.kind = {"eels"};
    ring.box = {300, 40, 16, 16};
    ring.data.formation.member = {"crab"};
    ring.data.formation.gaps = {1};
    level.entities.edit([&](auto& list) {
        list[0].data.formation = {};
        flying.data.formation = {};
        list.push_back(flying);
        list.push_back(ring);
        list.push_back(spawn);
    });
    level.zones = std::vector<level::Zone>(2);
    level.zones.edit([](auto& list) {
        list[0].id = {"zone-1"};
        list[0].name = "left";
        list[0].place = {0, 0, 20, 12};
        list[1].id = {"zone-2"};
        list[1].name = "right";
        list[1].place = {20, 0, 20, 12};
    });
    const auto text = file::bakedLevelText(all, level);
    QVERIFY2(text.has_value(), text ? "" : text.error().sentence().c_str());
    const auto json = nlohmann::json::parse(*text);
    const runtime::Level read = runtime::readLevel(json, "level-1");
    QCOMPARE(read.foes.size(), std::size_t{2});
    QCOMPARE(read.formations.size(), std::size_t{1});
    const auto tables = motion::makeStepTables(*all.profileOf(level), level.cellSize)->body;
    for (const runtime::Foe& foe : read.foes) {
        const Entity& entity = level.entities[foe.entity];
        const auto way = cast::wayOf(all, level, tables, entity);
        for (int tick = 0; tick < 2000; tick += 7) {
            QCOMPARE(foe.way.at(tick).x, way.at(tick).x);
            QCOMPARE(foe.way.at(tick).y, way.at(tick).y);
        }
    }
    const auto eel = level::formationOf(all, ring);
    for (int tick = 0; tick < 500; tick += 11)
        for (int place = 0; place < 8; ++place)
            QCOMPARE(read.formations[0].formation.at(place, tick).x, eel.at(place, tick).x);
    QVERIFY(read.formations[0].formation.isGap(1));
    // For games that do not turn formations themselves, unless that would be longer than is wanted.
    const auto bakedRing = [](const nlohmann::json& baked) -> nlohmann::json {
        for (const auto& each : baked["entities"])
            if (each.contains("formation") && each["role"] == "formation") return each["formation"];
        return {};
    };
    const auto members = bakedRing(json)["members"];
    QCOMPARE(members.size(), std::size_t(eel.count) - eel.gaps.size());
    for (const auto& member : members) {
        const int place =
            std::stoi(member["id"].get<std::string>().substr(ring.id.text.size() + 1));
        QCOMPARE(int(member["way"].size()), eel.periodTicks);
        for (int tick = 0; tick < eel.periodTicks; tick += 7) {
            QCOMPARE(member["way"][std::size_t(tick)][0].get<int>(), eel.at(place, tick).x);
            QCOMPARE(member["way"][std::size_t(tick)][1].get<int>(), eel.at(place, tick).y);
        }
    }
    all.bundle.waysUpTo = eel.periodTicks - 1;
    const auto shorter = nlohmann::json::parse(file::bakedLevelText(all, level).value());
    QVERIFY(bakedRing(shorter)["members"].is_null());
    QCOMPARE(read.formations[0].memberRole, std::string("foe"));
    QCOMPARE(read.zones.size(), std::size_t{2});
    QCOMPARE(read.zones[0].neighbours, (std::vector<std::string>{"zone-2"}));
    QCOMPARE(read.zones[1].whole["entries"][0]["from"].get<std::string>(), std::string("zone-1"));
    QCOMPARE(read.zoneAt({350, 40, 4, 4})->id, std::string("zone-2"));
}

void CastFilesTest::formation_keepsTheNumbersOfOtherShapes() {
    const QTemporaryDir temporary;
    const file::Path folder = temporary.path().toStdString();
    for (int shape = 0; shape < 4; ++shape) {
        level::Project before = project();
        level::Level level = *before.levels[0];
        level.entities.edit([&](auto& list) {
            for (Entity& each : list) {
                each.data.formation.member = {"crab"};
                each.data.formation.shape = level::FormationShape(shape);
                each.data.formation.columns = 5;
                each.data.formation.arcDegrees = 77;
            }
        });
        before = before.withLevel(level);
        const file::Path home = folder / ("shape-" + std::to_string(shape));
        QVERIFY(file::saveProject(file::diskStorage(), home, before).has_value());
        const auto after = file::openProject(file::diskStorage(), home);
        QVERIFY2(after.has_value(), after ? "" : after.error().sentence().c_str());
        QVERIFY(after->levels[0]->entities == before.levels[0]->entities);
    }
}

ROOK_TEST(CastFilesTest)

}  // namespace rook::cast_files_test

#include "cast_files_test.moc"
