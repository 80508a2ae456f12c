// What running games are told of a level: held to the level itself.

#include "ship/live_level.h"

#include "data.h"
#include "file/project_file.h"
#include "level/edits.h"
#include "rook_link.hpp"
#include "rook_runtime.hpp"
#include "ship/plays.h"
#include "testing.h"

namespace rook::live_level_test {

using file::Json;

class LiveLevelTest : public QObject {
    Q_OBJECT
private slots:
    void changes_makeTheNextOfTheFormer();
    void aStroke_isASmallPatch();
    void liveLevel_isLoadedByGames();
    void change_ofAnotherLevel_isRefused();
    void plays_comeBack_andMakeAHeatMap();
};

namespace {

const level::Project& demo() {
    static const level::Project project =
        *file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    return project;
}

Json live(const level::Project& project, const level::Level& level) {
    auto made = ship::liveLevel(project, level, {});
    if (!made) qFatal("%s", made.error().sentence().c_str());
    return std::move(made->level);
}

}  // namespace

void LiveLevelTest::changes_makeTheNextOfTheFormer() {
    const std::uint64_t seed = testing::seedOr(23);
    Random random(seed);
    level::Project project = demo();
    const auto first = project.findLevel({"wheel-hall"});
    level::Level level = *first;
    Json former = live(project, level);
    nlohmann::json game = former;  // as a game has it
    for (int round = 0; round < 25; ++round) {
        switch (random.between(0, 5)) {
            case 0:
                level.entities.edit([&](auto& list) {
                    if (!list.empty()) list[0].box.x += random.between(0, 3);
                });
                break;
            case 1:
                level.background = random.chance(50) ? "#102030" : "#203040";
                break;
            case 2:
                level.edges.top =
                    random.chance(50) ? runtime::EdgeRule::Open : runtime::EdgeRule::Wall;
                break;
            default:
                for (int i = random.between(1, 9); i > 0; --i)
                    level.cells.set(
                        random.between(5, 150), random.between(5, 50),
                        level::Cell({static_cast<std::uint16_t>(random.between(0, 2))}));
        }
        Json next = live(project, level);
        rook::runtime::applyChange(game, nlohmann::json(ship::changeOf(former, next)));
        QVERIFY2(game == nlohmann::json(next),
                 qPrintable(QStringLiteral("seed %1, round %2").arg(seed).arg(round)));
        former = std::move(next);
    }
    QVERIFY(ship::changeOf(former, former).empty());
    // A level of another size is told whole.
    level.cells = Grid<level::Cell>(40, 20);
    level.tiles = {};
    level.layers = {};
    level.zones = {};
    level.entities.edit([](auto& list) {
        list.resize(1);
        list[0].box = {40, 40, 12, 22};
    });
    const Json next = live(project, level);
    rook::runtime::applyChange(game, nlohmann::json(ship::changeOf(former, next)));
    QVERIFY(game == nlohmann::json(next));
}

void LiveLevelTest::aStroke_isASmallPatch() {
    level::Level level = *demo().findLevel({"intake"});
    const Json former = live(demo(), level);
    for (int x = 40; x < 46; ++x)
        level.cells.set(x, 8, level::Cell({1}));
    const Json set = ship::changeOf(former, live(demo(), level));
    QCOMPARE(set["matter"]["cells"]["rows"].size(), std::size_t(1));
    QCOMPARE(set["matter"]["cells"]["rows"][0].size(), std::size_t(6));
    QVERIFY(!set.contains("entities") && !set.contains("motion") && !set.contains("pictures"));
    QVERIFY(set["layers"].contains("patches"));
    QVERIFY2(set.dump().size() < 20'000, "a stroke is far less than the level");
}

void LiveLevelTest::liveLevel_isLoadedByGames() {
    for (const auto& level : demo().levels) {
        const nlohmann::json json = live(demo(), *level);
        const auto loaded = rook::runtime::readLevel(json, level->id.text);
        QCOMPARE(loaded.id, level->id.text);
        QVERIFY(!loaded.proof.has_value());  // nobody has looked
    }
}

void LiveLevelTest::change_ofAnotherLevel_isRefused() {
    nlohmann::json small = live(demo(), *demo().findLevel({"leaky-reach"}));
    const nlohmann::json set = {
        {"matter", {{"cells", {{"x", 100}, {"y", 90}, {"rows", {{1, 2}}}}}}}};
    QVERIFY_THROWS_EXCEPTION(nlohmann::json::exception, rook::runtime::applyChange(small, set));
}

void LiveLevelTest::plays_comeBack_andMakeAHeatMap() {
    const QTemporaryDir folder;
    const file::Path home = folder.path().toStdString();
    file::Storage& disk = file::diskStorage();
    QVERIFY(ship::readPlays(disk, home, {"intake"})->empty());
    ship::Play first, second;
    first.game = "lantern";
    first.points = {{0, {8, 8}}, {6, {24, 8}}, {12, {24, 9}}, {18, {9000, 8}}};
    first.died = ship::PlayPoint{14, {40, 8}};
    second.points = {{0, {8, 8}}};
    second.wonTicks = 300;
    second.inputs = {{3, 512, 0, 0}, {1, 0, 0, 1}};
    QVERIFY(ship::writePlays(disk, home, {"intake"}, {first, second}).has_value());
    const auto plays = ship::readPlays(disk, home, {"intake"});
    QVERIFY2(plays.has_value(), plays ? "" : plays.error().sentence().c_str());
    QCOMPARE(plays->size(), std::size_t(2));
    QVERIFY((*plays)[1].inputs == second.inputs);
    const auto heat = ship::heatOf(*plays, *demo().findLevel({"intake"}));
    QCOMPARE(heat.was.at(0, 0), 2u);
    QCOMPARE(heat.was.at(1, 0), 2u);
    QCOMPARE(heat.died.at(2, 0), 1u);
    QCOMPARE(heat.mostWas, 2u);
    QCOMPARE(heat.plays, 2);
    QCOMPARE(heat.deaths, 1);
    QVERIFY(heat.wins == std::vector<int>{300});
    QVERIFY(ship::removePlays(disk, home, {"intake"}).has_value());
    QVERIFY(ship::readPlays(disk, home, {"intake"})->empty());
    testing::writeBytes(folder.filePath(".rookplot/plays/intake.json"), "{\"plays\": [7]}");
    QVERIFY(!ship::readPlays(disk, home, {"intake"}));
}

ROOK_TEST(LiveLevelTest)

}  // namespace rook::live_level_test

#include "live_level_test.moc"
