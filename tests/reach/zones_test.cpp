/// Crossings between zones, against a look at every px of random levels.

#include "reach/zones.h"

#include "testing.h"

namespace rook::zones_test {

using level::Cell;
using level::MatterId;

class ZonesTest : public QObject {
    Q_OBJECT
private slots:
    void crossings_areWhereBodiesAreOnBothSides_onRandomLevels();
    void respawn_isAStandingPlaceInTheZone();
    void needs_areWhatNobodyCrossesWithout();
};

namespace {

level::Zone zone(const char* id, CellRect place) {
    level::Zone zone;
    zone.id = {id};
    zone.name = id;
    zone.place = place;
    return zone;
}

}  // namespace

void ZonesTest::crossings_areWhereBodiesAreOnBothSides_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(401);
    int found = 0;
    for (int round = 0; round < 30; ++round) {
        Random random(seed + std::uint64_t(round));
        const level::Project project = testing::smallProject();
        level::Level level =
            testing::drawnLevel(project, {"............", "............", "............",
                                          "............", "............", "............",
                                          "............", "S.........X.", "############"});
        for (int i = 0; i < 10; ++i)
            level.cells.set(random.between(2, 11), random.between(0, 7), Cell(MatterId{1}));
        level.zones = std::vector{zone("a", {0, 0, random.between(2, 8), random.between(3, 9)}),
                                  zone("b", {random.between(1, 8), random.between(0, 4), 6, 9}),
                                  zone("c", {0, 0, 12, 9})};
        const auto query = reach::queryOf(project, level);
        const reach::Answer answer = reach::answer(*query);
        const auto crossings = reach::crossingsOf(level, answer);
        const auto zoneAt = [&](int x, int y) {
            for (const level::Zone& each : level.zones)
                if (toPx(each.place, level.cellSize).contains(PxPoint{x, y})) return each.id.text;
            return std::string();
        };
        const int dx = answer.onCells().tables.bodyWidth / 2;
        const int dy = answer.onCells().tables.bodyHeight / 2;
        const auto isMiddle = [&](int x, int y) {
            return answer.onCells().reached.isVisited({x - dx, y - dy});
        };
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + std::uint64_t(round));
        for (int y = 0; y < 144; ++y)
            for (int x = 0; x < 192; ++x)
                for (const auto& way :
                     {std::pair(1, 0), std::pair(-1, 0), std::pair(0, 1), std::pair(0, -1)}) {
                    const int ox = way.first, oy = way.second;
                    const std::string from = zoneAt(x, y), to = zoneAt(x + ox, y + oy);
                    if (from.empty() || to.empty() || from == to) continue;
                    const bool isCrossed = isMiddle(x, y) && isMiddle(x + ox, y + oy);
                    const bool isTold = std::any_of(
                        crossings.begin(), crossings.end(), [&](const reach::Crossing& c) {
                            return c.from.text == from && c.to.text == to &&
                                   c.place.contains(PxPoint{x + ox, y + oy});
                        });
                    if (isCrossed) {
                        QVERIFY2(isTold, where);
                        ++found;
                    }
                }
        for (const reach::Crossing& crossing : crossings)
            for (int y = crossing.place.y; y < crossing.place.bottom(); ++y)
                for (int x = crossing.place.x; x < crossing.place.right(); ++x)
                    QVERIFY2(isMiddle(x, y), where);
    }
    QVERIFY(found > 200);
}

void ZonesTest::respawn_isAStandingPlaceInTheZone() {
    const level::Project project = testing::smallProject();
    level::Level level = testing::drawnLevel(
        project, {"....................", "....................", "....................",
                  "S.................X.", "####################"});
    level.zones = std::vector{zone("left", {0, 0, 10, 5}), zone("right", {10, 0, 10, 5})};
    const reach::Answer answer = reach::answer(*reach::queryOf(project, level));
    const auto crossings = reach::crossingsOf(level, answer);
    QCOMPARE(crossings.size(), std::size_t{2});
    for (const reach::Crossing& crossing : crossings) {
        QVERIFY(crossing.respawn.has_value());
        QCOMPARE(crossing.respawn->y + answer.onCells().tables.bodyHeight, 64);
        QCOMPARE(reach::zoneOf(level, answer.onCells().tables, *crossing.respawn)->id, crossing.to);
    }
    QCOMPARE(crossings[0].respawn->x + answer.onCells().tables.bodyWidth / 2, 160);
    level.zones.edit([](auto& list) { list.pop_back(); });
    QVERIFY(reach::crossingsOf(level, answer).empty());
}

void ZonesTest::needs_areWhatNobodyCrossesWithout() {
    level::Project project = testing::smallProject();
    project.profiles.edit([](auto& list) {
        list[0].abilities = {level::Ability::ShortHop, level::Ability::Climb};
    });
    level::Level level = testing::drawnLevel(
        project, {"..............", ".......H......", ".......H######", ".......H######",
                  ".......H######", ".......H######", ".......H######", ".......H######",
                  ".......H######", ".......H######", "S......H######", "##############"});
    level.zones = std::vector{zone("low", {0, 6, 14, 6}), zone("high", {0, 0, 14, 6})};
    const reach::Answer answer = reach::answer(*reach::queryOf(project, level));
    auto crossings = reach::crossingsOf(level, answer);
    QVERIFY(!crossings.empty());
    crossings = reach::withNeeds(project, level, std::move(crossings));
    for (const reach::Crossing& crossing : crossings)
        QCOMPARE(crossing.needs, setOf(level::Ability::Climb));
}

ROOK_TEST(ZonesTest)

}  // namespace rook::zones_test

#include "zones_test.moc"
