/// Many entities at once, their links and groups; kinds that change; zones.

#include "level/cast_edits.h"

#include <set>

#include "level/kind_edits.h"
#include "level/zone_edits.h"
#include "testing.h"

namespace rook::cast_edits_test {

using namespace rook::level;

namespace {

Project project() {
    Project project = rook::testing::smallProject();
    const auto kind = [](const char* id, Role role) {
        Kind k;
        k.id = {id};
        k.title = id;
        k.role = role;
        return k;
    };
    Kind lever = kind("lever", Role::Trigger);
    Kind lamp = kind("lamp", Role::Prop);
    FieldDefinition partner;
    partner.name = "partner";
    partner.type = FieldType::Entity;
    partner.of = {"lamp"};
    FieldDefinition speed;
    speed.name = "speed";
    speed.type = FieldType::Integer;
    speed.defaultValue = std::int64_t{2};
    lamp.fields = {partner, speed};
    project.kinds.edit([&](auto& list) {
        list.push_back(kind("wheel", Role::Key));
        list.push_back(kind("gatehouse", Role::Door));
        list.push_back(lever);
        list.push_back(lamp);
    });
    return project;
}

Level board(const Project& project) {
    Level level;
    level.id = {"board"};
    level.title = "Board";
    level.cells = Grid<Cell>(40, 20);
    const std::tuple<const char*, int, int> things[] = {{"wheel", 10, 20},  {"gatehouse", 100, 40},
                                                        {"lever", 200, 60}, {"lamp", 300, 80},
                                                        {"lamp", 340, 90},  {"lamp", 410, 100}};
    for (const auto& [id, x, y] : things)
        level = placeEntity(level, *project.findKind({id}), {x, y}, Facing::Right)->level;
    return level;
}

EntityId id(const char* text) {
    return {text};
}

}  // namespace

class CastEditsTest : public QObject {
    Q_OBJECT
private slots:
    void rows_areLaid_asFarAsTheLimitAllows();
    void aligned_andSpread_keepTheFirstAndTheOutermost();
    void links_areSetByWhatThingsAre_andTakenAwayAgain();
    void doorPlacedAfterAKey_isOpenedByIt();
    void groups_areMadeAndDissolved();
    void kind_changes_withWhatIsPlaced_andTellsLosses();
    void values_areConverted_withoutLoss_orNotAtAll();
    void kind_flaws_areTold();
    void zones_areAdded_changed_setUpAndRemoved();
};

void CastEditsTest::rows_areLaid_asFarAsTheLimitAllows() {
    Project all = project();
    QCOMPARE(rowCorners({10, 10}, {58, 20}, 16).size(), std::size_t{4});
    QCOMPARE(rowCorners({10, 50}, {12, 10}, 16).back(), (PxPoint{10, 18}));
    const Kind& lamp = *all.findKind({"lamp"});
    const auto row = placeRow(board(all), lamp, {10, 200}, {90, 200}, 16, Facing::Right);
    QVERIFY(row.has_value());
    QCOMPARE(row->level.entities.size(), std::size_t{12});
    Kind few = lamp;
    few.atMost = 5;
    QCOMPARE(
        placeRow(board(all), few, {10, 200}, {90, 200}, 16, Facing::Right)->level.entities.size(),
        std::size_t{8});
    QVERIFY(!placeRow(board(all), lamp, {-90, 200}, {90, 200}, 16, Facing::Right));
}

void CastEditsTest::aligned_andSpread_keepTheFirstAndTheOutermost() {
    const Project all = project();
    const Level level = board(all);
    const std::vector<EntityId> lamps{id("lamp-2"), id("lamp-1"), id("lamp-3")};
    const auto aligned = alignEntities(level, lamps, Alignment::Bottom);
    QVERIFY(aligned.has_value());
    for (const EntityId& lamp : lamps)
        QCOMPARE(findEntity(aligned->level, lamp)->box.bottom(), 106);
    const auto spread = distributeEntities(level, lamps, true);
    QVERIFY(spread.has_value());
    QCOMPARE(findEntity(spread->level, lamps[1])->box.x, 300);
    QCOMPARE(findEntity(spread->level, lamps[2])->box.x, 410);
    QCOMPARE(findEntity(spread->level, lamps[0])->box.x, 355);
    QVERIFY(!distributeEntities(level, {id("lamp-1"), id("lamp-2")}, true));
    QVERIFY(!alignEntities(level, {id("lamp-1")}, Alignment::Left));
}

void CastEditsTest::links_areSetByWhatThingsAre_andTakenAwayAgain() {
    const Project all = project();
    Level level = board(all);
    const auto link = [&](const char* from, const char* to) {
        const auto edit = linkEntities(all, level, id(from), id(to));
        if (edit) level = edit->level;
        return edit.has_value();
    };
    QVERIFY(link("wheel-1", "gatehouse-1"));
    QVERIFY(link("lever-1", "lamp-1"));
    QVERIFY(link("lamp-1", "lamp-2"));
    const std::vector<Link> links = linksOf(all, level);
    QCOMPARE(links.size(), std::size_t{3});
    QCOMPARE(links[0], (Link{id("wheel-1"), id("gatehouse-1"), "opens"}));
    QVERIFY(std::find(links.begin(), links.end(), Link{id("lamp-1"), id("lamp-2"), "partner"}) !=
            links.end());
    // The only field for lamps is taken; a wheel is none.
    QVERIFY(!link("lamp-1", "lamp-3"));
    QVERIFY(!link("lamp-2", "wheel-1"));
    QVERIFY(link("gatehouse-1", "wheel-1"));
    QVERIFY(link("lever-1", "lamp-1"));
    QVERIFY(link("lamp-1", "lamp-2"));
    QVERIFY(linksOf(all, level).empty());
}

void CastEditsTest::doorPlacedAfterAKey_isOpenedByIt() {
    const Project all = project();
    const Level level = board(all);
    const auto placed = [&](const char* kind, const Level& on, const char* chosen) {
        auto edit = placeEntity(on, *all.findKind({kind}), {200, 100}, Facing::Right);
        return linkedAsPlaced(all, std::move(*edit), id(chosen));
    };
    const LevelEdit door = placed("gatehouse", level, "wheel-1");
    QCOMPARE(linksOf(all, door.level).size(), std::size_t{1});
    QCOMPARE(linksOf(all, door.level)[0], (Link{id("wheel-1"), id("gatehouse-2"), "opens"}));
    QCOMPARE(door.name, std::string("Place gatehouse-2 and link it to wheel-1"));
    // The key is in use now, and so is the door.
    QCOMPARE(linksOf(all, placed("gatehouse", door.level, "wheel-1").level).size(), std::size_t{1});
    QCOMPARE(linksOf(all, placed("wheel", door.level, "gatehouse-2").level).size(), std::size_t{1});
    const LevelEdit key = placed("wheel", level, "gatehouse-1");
    QCOMPARE(linksOf(all, key.level)[0], (Link{id("wheel-2"), id("gatehouse-1"), "opens"}));
    QVERIFY(linksOf(all, placed("lamp", level, "wheel-1").level).empty());
    QVERIFY(linksOf(all, placed("gatehouse", level, "lamp-1").level).empty());
    QVERIFY(linksOf(all, placed("gatehouse", level, "nobody").level).empty());
}

void CastEditsTest::groups_areMadeAndDissolved() {
    const Project all = project();
    const Level level = board(all);
    const std::vector<EntityId> two{id("lamp-1"), id("lamp-2")};
    const Level grouped = toggleGroup(level, two).level;
    QCOMPARE(withGroups(grouped, {id("lamp-2")}).size(), std::size_t{2});
    QCOMPARE(withGroups(grouped, {id("lamp-3")}).size(), std::size_t{1});
    const Level other = toggleGroup(grouped, {id("lamp-3"), id("lever-1")}).level;
    QVERIFY(findEntity(other, id("lamp-3"))->group != findEntity(other, id("lamp-1"))->group);
    QVERIFY(toggleGroup(grouped, two).level.entities == level.entities);
}

void CastEditsTest::kind_changes_withWhatIsPlaced_andTellsLosses() {
    Project all = project();
    Level level = board(all);
    level.entities.edit([](auto& list) {
        for (Entity& entity : list)
            if (entity.kind.text == "lamp") setField(entity, "speed", std::int64_t{7});
    });
    all.levels.push_back(std::make_shared<const Level>(level));
    Kind lamp = *all.findKind({"lamp"});
    lamp.id = {"lantern-post"};
    lamp.width = 20;
    lamp.height = 30;
    lamp.fields[1].name = "pace";
    const auto renamed = changeKind(all, {"lamp"}, lamp);
    QVERIFY(renamed.has_value());
    QVERIFY(renamed->losses.empty());
    QCOMPARE(renamed->changed, 3);
    const Entity& first = *findEntity(*renamed->edit.project.levels[0], id("lamp-1"));
    QCOMPARE(first.kind.text, std::string("lantern-post"));
    QCOMPARE(first.box, (PxRect{298, 66, 20, 30}));
    QCOMPARE(std::get<std::int64_t>(fieldOf(first, lamp.fields[1])), 7);
    // Another type that can hold the value keeps it; one that cannot gives it up.
    lamp = *all.findKind({"lamp"});
    lamp.fields[1].type = FieldType::Text;
    lamp.fields[1].defaultValue = std::string("x");
    QVERIFY(changeKind(all, {"lamp"}, lamp)->losses.empty());
    lamp.fields[1].type = FieldType::Point;
    lamp.fields[1].defaultValue = PxPoint{};
    QCOMPARE(changeKind(all, {"lamp"}, lamp)->losses.size(), std::size_t{3});
    lamp.fields.pop_back();
    QCOMPARE(changeKind(all, {"lamp"}, lamp)->losses.size(), std::size_t{3});
    const auto gone = removeKind(all, {"lamp"});
    QCOMPARE(gone->edit.project.levels[0]->entities.size(), std::size_t{3});
    QCOMPARE(gone->losses.size(), std::size_t{1});
    QVERIFY(!changeKind(all, {"nobody"}, lamp));
}

void CastEditsTest::values_areConverted_withoutLoss_orNotAtAll() {
    const auto is = [](const FieldValue& from, FieldType to, const FieldValue& wanted) {
        const auto value = converted(from, to);
        return value && *value == wanted;
    };
    QVERIFY(is(std::int64_t{3}, FieldType::Number, Decimal{3000}));
    QVERIFY(is(Decimal{3000}, FieldType::Integer, std::int64_t{3}));
    QVERIFY(!converted(Decimal{3500}, FieldType::Integer));
    QVERIFY(is(Decimal{-500}, FieldType::Text, std::string("-0.5")));
    QVERIFY(is(std::string("-0.5"), FieldType::Number, Decimal{-500}));
    QVERIFY(is(std::string("12.25"), FieldType::Number, Decimal{12250}));
    QVERIFY(!converted(std::string("1.2345"), FieldType::Number));
    QVERIFY(!converted(std::string("many"), FieldType::Integer));
    QVERIFY(is(std::string("yes"), FieldType::Boolean, true));
    QVERIFY(is(false, FieldType::Choice, std::string("no")));
    QVERIFY(!converted(std::string("red"), FieldType::Color));
    QVERIFY(is(std::string("#ff0000"), FieldType::Color, std::string("#ff0000")));
    QVERIFY(!converted(PxPoint{1, 2}, FieldType::Text));
    // There and back is the same, for every whole number of few digits and every decimal.
    Random random(rook::testing::seedOr(3));
    for (int i = 0; i < 500; ++i) {
        const FieldValue value = Decimal{random.between(-2000000, 2000000)};
        QVERIFY(is(*converted(value, FieldType::Text), FieldType::Number, value));
    }
}

void CastEditsTest::kind_flaws_areTold() {
    const Project all = project();
    const auto isFlawed = [&](auto&& spoil) {
        Kind kind = freshKind(all, "New thing", Role::Prop);
        spoil(kind);
        return flawOf(all, kind).has_value();
    };
    QVERIFY(!isFlawed([](Kind&) {}));
    QVERIFY(isFlawed([](Kind& k) { k.id = {"lamp"}; }));
    QVERIFY(isFlawed([](Kind& k) { k.id = {"New Thing"}; }));
    QVERIFY(isFlawed([](Kind& k) { k.title.clear(); }));
    QVERIFY(isFlawed([](Kind& k) { k.width = 0; }));
    QVERIFY(isFlawed([](Kind& k) {
        k.atLeast = 3;
        k.atMost = 2;
    }));
    QVERIFY(isFlawed([](Kind& k) { k.fields.resize(1); }));
    QVERIFY(isFlawed([](Kind& k) {
        FieldDefinition field;
        field.name = "mood";
        field.type = FieldType::Choice;
        k.fields = {field};
    }));
    QCOMPARE(freshKind(all, "Lamp", Role::Prop).id.text, std::string("lamp-2"));
}

void CastEditsTest::zones_areAdded_changed_setUpAndRemoved() {
    const Project all = project();
    Level level = board(all);
    level = addZone(level, {-5, 2, 20, 10})->level;
    QCOMPARE(level.zones[0].place, (CellRect{0, 2, 15, 10}));
    Zone zone = level.zones[0];
    zone.music = "drips";
    zone.camera = PxRect{-16, 32, 272, 176};
    level = changeZone(level, zone, "Change")->level;
    const auto like = addZone(level, {20, 4, 10, 12}, &level.zones[0]);
    QVERIFY(like.has_value());
    const Zone& second = like->level.zones[1];
    QCOMPARE(second.id.text, std::string("zone-2"));
    QCOMPARE(second.music, std::string("drips"));
    QCOMPARE(*second.camera, (PxRect{304, 64, 192, 208}));
    QCOMPARE(zoneAt(like->level, {25, 10}), findZone(like->level, second.id));
    QVERIFY(!addZone(level, {60, 60, 4, 4}));
    QCOMPARE(removeZone(like->level, {"zone-1"}).level.zones.size(), std::size_t{1});
    const auto set = setZones(level, {{0, 0, 10, 10}, {10, 0, 10, 10}, {20, 0, 10, 10}});
    QCOMPARE(set->level.zones.size(), std::size_t{3});
    std::set<std::string> ids;
    for (const Zone& each : set->level.zones)
        ids.insert(each.id.text);
    QCOMPARE(ids.size(), std::size_t{3});
}

ROOK_TEST(CastEditsTest)

}  // namespace rook::cast_edits_test

#include "cast_edits_test.moc"
