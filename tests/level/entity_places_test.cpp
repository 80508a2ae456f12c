/// What follows the entities of a level, against looking at all of them.

#include "level/entity_places.h"

#include "level/edits.h"
#include "level/listed.h"
#include "testing.h"

namespace rook::entity_places_test {

class EntityPlacesTest : public QObject {
    Q_OBJECT
private slots:
    void near_areThoseThatTouch_afterRandomEdits();
    void listed_findsAll_inAnyOrder();
};

void EntityPlacesTest::near_areThoseThatTouch_afterRandomEdits() {
    const std::uint64_t seed = testing::seedOr(20261128);
    Random random(seed);
    level::Level level;
    level.cells = Grid<level::Cell>(100, 100);
    std::vector<level::Entity> entities;
    for (int i = 0; i < 900; ++i) {
        level::Entity entity;
        entity.id = {"thing-" + std::to_string(i)};
        entity.box = {random.between(0, 1500), random.between(0, 1500), random.between(1, 60),
                      random.between(1, 60)};
        entities.push_back(std::move(entity));
    }
    level.entities = std::move(entities);
    level::EntityPlaces places;
    for (int round = 0; round < 200; ++round) {
        const EntityId id = level.entities[std::size_t(random.between(0, 899))].id;
        const auto moved = moveEntities(level, {id}, random.between(-9, 9), random.between(-9, 9));
        if (moved) level = moved->level;
        places.follow(level.entities);
        const PxRect box{random.between(-50, 1600), random.between(-50, 1600),
                         random.between(1, 300), random.between(1, 300)};
        std::vector<std::string> found, wanted;
        places.forEachNear(box, [&](const level::Entity& e) { found.push_back(e.id.text); });
        for (const level::Entity& e : level.entities)
            if (e.box.overlaps(box.grown(1))) wanted.push_back(e.id.text);
        QVERIFY2(found == wanted, "ROOK_SEED=" + QByteArray::number(seed));
    }
}

void EntityPlacesTest::listed_findsAll_inAnyOrder() {
    const std::uint64_t seed = testing::seedOr(20261129);
    Random random(seed);
    for (int round = 0; round < 50; ++round) {
        std::vector<EntityId> ids;
        for (int i = 0; i < 60; ++i)
            if (random.chance(50)) ids.push_back({"id-" + std::to_string(i)});
        const level::Listed listed(ids);
        for (int ask = 0; ask < 80; ++ask) {
            // At first in order, as a selection asks.
            const int i = ask < 30 ? ask : random.between(0, 59);
            const EntityId id{"id-" + std::to_string(i)};
            QVERIFY2(listed.has(id) == (std::count(ids.begin(), ids.end(), id) > 0),
                     "ROOK_SEED=" + QByteArray::number(seed));
        }
    }
}

ROOK_TEST(EntityPlacesTest)

}  // namespace rook::entity_places_test

#include "entity_places_test.moc"
