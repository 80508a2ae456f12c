/// Entities and zones that are taken along to another place or another level.

#include "level/cast_clips.h"

#include <random>
#include <set>

#include "level/cast_edits.h"
#include "level/zone_edits.h"
#include "testing.h"

namespace rook::cast_clips_test {

using namespace rook::level;

class CastClipsTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void references_withinTheClip_areKept();
    void references_toOthers_areKeptOrTold();
    void whatHasNoRoomOrKind_isTold();
    void places_areMovedIn();
    void zones_goAlong_inCells();
    void cut_takesAway_whatWasCopied();
    void random_clips_keepIdsUnique();

private:
    Project m_project;
    Level m_level;
};

void CastClipsTest::init() {
    m_project = testing::smallProject();
    Kind door, key, bell;
    door.id = {"door"};
    door.role = Role::Door;
    door.width = 8;
    door.height = 32;
    key.id = {"key"};
    key.role = Role::Key;
    key.width = key.height = 8;
    bell.id = {"bell"};
    bell.role = Role::Trigger;
    bell.width = bell.height = 16;
    FieldDefinition friendField;
    friendField.name = "friend";
    friendField.type = FieldType::Entity;
    friendField.defaultValue = std::string();
    key.fields = {friendField};
    m_project.kinds.edit([&](auto& kinds) {
        kinds.push_back(door);
        kinds.push_back(key);
        kinds.push_back(bell);
    });
    m_level = testing::drawnLevel(m_project, std::vector<std::string>(10, std::string(20, '.')));
    const auto place = [&](const char* kind, int x, int y) {
        m_level = placeEntity(m_level, *m_project.findKind({kind}), {x, y}, Facing::Right)->level;
    };
    place("door", 64, 64);
    place("key", 32, 64);
    place("bell", 32, 96);
    m_level.entities.edit([](auto& entities) {
        entities[0].data.opens = {{"key-1"}};
        entities[1].fields = {{"friend", std::string("bell-1")}};
        entities[2].data.trigger.calls = {{CallWhen::Enter, "ring", {"door-1"}}};
    });
}

void CastClipsTest::references_withinTheClip_areKept() {
    const CastClip clip = copyCast(m_level, {{"door-1"}, {"key-1"}, {"bell-1"}}, {});
    const PastedCast pasted = pasteCast(m_project, m_level, clip, {160, 32});
    QVERIFY2(pasted.told.empty(), pasted.told.empty() ? "" : pasted.told[0].c_str());
    const Level& now = pasted.edit.level;
    QCOMPARE(now.entities.size(), std::size_t(6));
    QCOMPARE(findEntity(now, {"door-2"})->data.opens[0].text, std::string("key-2"));
    QCOMPARE(findEntity(now, {"bell-2"})->data.trigger.calls[0].target.text, std::string("door-2"));
    QVERIFY(findEntity(now, {"key-2"})->fields[0].second == FieldValue(std::string("bell-2")));
    // The bounds begin where they were laid, and distances stay.
    QCOMPARE(findEntity(now, {"key-2"})->box.x, 160);
    QCOMPARE(findEntity(now, {"door-2"})->box.x, 192);
    QVERIFY(findEntity(now, {"door-1"})->data.opens[0].text == "key-1");
}

void CastClipsTest::references_toOthers_areKeptOrTold() {
    const CastClip clip = copyCast(m_level, {{"door-1"}}, {});
    const PastedCast here = pasteCast(m_project, m_level, clip, {160, 32});
    QVERIFY(here.told.empty());
    QCOMPARE(findEntity(here.edit.level, {"door-2"})->data.opens[0].text, std::string("key-1"));
    Level other =
        testing::drawnLevel(m_project, std::vector<std::string>(10, std::string(20, '.')));
    const PastedCast there = pasteCast(m_project, other, clip, {0, 0});
    QVERIFY(findEntity(there.edit.level, {"door-1"})->data.opens.empty());
    QCOMPARE(there.told.size(), std::size_t(1));
    QVERIFY2(there.told[0].find("key-1") != std::string::npos, there.told[0].c_str());
}

void CastClipsTest::whatHasNoRoomOrKind_isTold() {
    const CastClip clip = copyCast(m_level, {{"door-1"}, {"key-1"}}, {});
    const Level narrow = testing::drawnLevel(m_project, {"..", ".."});
    const PastedCast pasted = pasteCast(m_project, narrow, clip, {0, 0});
    QCOMPARE(pasted.entities.size(), std::size_t(1));
    QVERIFY(pasted.told.size() >= 1);
    Project strange = m_project;
    strange.kinds.edit([](auto& kinds) {
        std::erase_if(kinds, [](const Kind& kind) { return kind.id.text == "key"; });
    });
    const PastedCast without = pasteCast(strange, m_level, clip, {160, 32});
    QCOMPARE(without.entities.size(), std::size_t(1));
    QVERIFY2(without.told[0].find("no kind") != std::string::npos, without.told[0].c_str());
}

void CastClipsTest::places_areMovedIn() {
    const CastClip clip = copyCast(m_level, {{"door-1"}, {"key-1"}}, {});
    for (const PxPoint far : {PxPoint{5000, 5000}, PxPoint{-5000, -5000}}) {
        const PastedCast pasted = pasteCast(m_project, m_level, clip, far);
        QCOMPARE(pasted.entities.size(), std::size_t(2));
        for (const EntityId& id : pasted.entities)
            QVERIFY(m_level.boundsPx().contains(findEntity(pasted.edit.level, id)->box));
    }
}

void CastClipsTest::zones_goAlong_inCells() {
    const Level zoned = addZone(m_level, {2, 4, 5, 3})->level;
    const CastClip clip = copyCast(zoned, {{"key-1"}}, {zoned.zones[0].id});
    const PastedCast pasted = pasteCast(m_project, zoned, clip, {160, 0});
    QCOMPARE(pasted.zones.size(), std::size_t(1));
    QVERIFY(pasted.zones[0] != zoned.zones[0].id);
    QCOMPARE(findZone(pasted.edit.level, pasted.zones[0])->place, (CellRect{10, 0, 5, 3}));
}

void CastClipsTest::cut_takesAway_whatWasCopied() {
    const Level zoned = addZone(m_level, {2, 4, 5, 3})->level;
    const CastClip clip = copyCast(zoned, {{"key-1"}}, {zoned.zones[0].id});
    const LevelEdit cut = cutCast(zoned, clip);
    QVERIFY(!findEntity(cut.level, {"key-1"}) && cut.level.zones.empty());
    QCOMPARE(cut.level.entities.size(), std::size_t(2));
    QCOMPARE(cut.name, std::string("Cut 1 entity and 1 zone"));
}

void CastClipsTest::random_clips_keepIdsUnique() {
    const auto seed = testing::seedOr(3);
    std::mt19937_64 chance(seed);
    Level level = m_level;
    for (int round = 0; round < 60; ++round) {
        std::vector<EntityId> ids;
        for (const Entity& entity : level.entities)
            if (chance() % 3 == 0) ids.push_back(entity.id);
        const CastClip clip = copyCast(level, ids, {});
        if (chance() % 3 == 0) level = cutCast(level, clip).level;
        level = pasteCast(m_project, level, clip, {int(chance() % 320), int(chance() % 160)})
                    .edit.level;
        std::set<std::string> all;
        for (const Entity& entity : level.entities) {
            all.insert(entity.id.text);
            QVERIFY(level.boundsPx().contains(entity.box));
        }
        QVERIFY2(all.size() == level.entities.size(),
                 qPrintable(QString("seed %1, round %2").arg(seed).arg(round)));
        if (level.entities.size() > 60) level = m_level;
    }
}

ROOK_TEST(CastClipsTest)

}  // namespace rook::cast_clips_test

#include "cast_clips_test.moc"
