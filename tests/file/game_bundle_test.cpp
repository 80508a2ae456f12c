/// A game as its bundle has it: what is carried, and the runs that prove it, by the runtime alone.

#include "data.h"
#include "file/bundle.h"
#include "file/project_file.h"
#include "file/starters.h"
#include "rook_camera.hpp"
#include "rook_replay.hpp"
#include "testing.h"

namespace rook::game_bundle_test {

class GameBundleTest : public QObject {
    Q_OBJECT
private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }
    void chainOfRuns_replays_andABrokenOneIsTold();
    void abilities_areCarried_andMissedWhereTheyWereLeft();
    void keys_areCarriedByTheirLetter();
    void levelByItself_beginsWithWhatItAssumes();
    void words_standStill_untilTheyAreRead();
    void death_goesOnWhereOneCameIntoTheZone();
    void camera_keepsStillInItsMiddle_andToItsBounds();
    void sprites_areSaidByKind();

private:
    /// Writes the bundle; gives its folder.
    [[nodiscard]] std::string exported(const level::Project& project) const {
        const QString to = m_folder->filePath(QStringLiteral("bundle"));
        const auto written = file::exportBundle(file::diskStorage(), project,
                                                m_folder->path().toStdString(), to.toStdString());
        if (!written) qFatal("%s", written.error().sentence().c_str());
        return to.toStdString();
    }
    std::unique_ptr<QTemporaryDir> m_folder;
};

namespace {

const std::vector<std::string> plain{"............", "............", "S.........X.",
                                     "############"};

/// Runs to the right until something happens, at most so long.
void runRight(runtime::CampaignPlay& play, int ticks) {
    const std::string level = play.stage().level->id;
    for (int i = 0; i < ticks && !play.isOver() && play.stage().level->id == level; ++i)
        play.tick({100, 0, 0});
}

}  // namespace

void GameBundleTest::chainOfRuns_replays_andABrokenOneIsTold() {
    const std::string bundle = exported(testing::gameOf({plain, plain, plain}));
    const runtime::GameReplay whole = runtime::replayGame(bundle);
    QVERIFY2(whole.isWhole, whole.problem.c_str());
    QCOMPARE(whole.levels, std::size_t(3));
    const QString path = QString::fromStdString(bundle) + "/campaign.json";
    QByteArray text = testing::readBytes(path);
    QVERIFY(text.contains("can-be-finished"));
    text.replace("\"runs\": [",
                 "\"runs\": [{\"level\": \"level-2\", \"entry\": \"keeper-1\", "
                 "\"exit\": \"gate-1\", \"inputs\": []}, ");
    testing::writeBytes(path, text);
    const runtime::GameReplay broken = runtime::replayGame(bundle);
    QVERIFY(!broken.isWhole);
    QVERIFY2(broken.problem.find("level-2") != std::string::npos, broken.problem.c_str());
}

void GameBundleTest::abilities_areCarried_andMissedWhereTheyWereLeft() {
    const std::string bundle = exported(testing::gameWithAnAirJump());
    const runtime::GameReplay whole = runtime::replayGame(bundle);
    QVERIFY2(whole.isWhole, whole.problem.c_str());
    // Who runs past it has no air jump in the second level.
    runtime::CampaignPlay play(bundle);
    play.beginGame();
    const auto hasAirJump = [&] {
        const runtime::Stage& stage = play.stage();
        return (stage.world->abilitiesWith(stage.body.held) &
                runtime::setOf(runtime::Ability::AirJump)) != 0;
    };
    QVERIFY(!hasAirJump());
    runRight(play, 600);
    QCOMPARE(play.stage().level->id, std::string("level-2"));
    QVERIFY(!hasAirJump());
    // Who takes it has.
    play.beginGame();
    const runtime::ChainRun& first = play.campaign().chain.runs.front();
    for (const runtime::Input& input : first.inputs)
        play.tick(input);
    QCOMPARE(play.stage().level->id, std::string("level-2"));
    QVERIFY(hasAirJump());
    play.beginLevelAgain();
    QVERIFY(hasAirJump());
}

void GameBundleTest::keys_areCarriedByTheirLetter() {
    level::Project project = testing::gameOf({plain, plain});
    project.game.carries.keys = true;
    for (const auto& [id, role] :
         {std::pair("crank", level::Role::Key), std::pair("sluice", level::Role::Door)}) {
        level::Kind kind;
        kind.id = {id};
        kind.title = id;
        kind.role = role;
        project.kinds.edit([&](auto& list) { list.push_back(kind); });
    }
    testing::editLevel(project, "level-1", [](level::Level& level) {
        testing::addTo(level, "crank-1", "crank", {80, 32, 16, 16}).data.letter = "A";
    });
    testing::editLevel(project, "level-2", [](level::Level& level) {
        testing::addTo(level, "crank-1", "crank", {176, 0, 16, 16}).data.letter = "A";
        testing::addTo(level, "sluice-1", "sluice", {128, 0, 16, 48}).data.opens = {
            EntityId{"crank-1"}};
    });
    const std::string bundle = exported(project);
    const runtime::GameReplay whole = runtime::replayGame(bundle);
    QVERIFY2(whole.isWhole, whole.problem.c_str());
    runtime::CampaignPlay play(bundle);
    play.enter("level-2", "");
    runRight(play, 300);
    QVERIFY(!play.isOver());  // the sluice is shut for who comes without
    play.beginGame();
    runRight(play, 300);
    QCOMPARE(play.stage().level->id, std::string("level-2"));
    runRight(play, 300);
    QVERIFY(play.isOver());
}

void GameBundleTest::levelByItself_beginsWithWhatItAssumes() {
    const std::string bundle = exported(testing::gameWithAnAirJump());
    const auto has = [](const runtime::Level& level) {
        const runtime::World world = level.world();
        return (world.abilitiesWith(0) & runtime::setOf(runtime::Ability::AirJump)) != 0;
    };
    runtime::Level second = runtime::loadLevel(bundle, "levels/level-2.level.json");
    QVERIFY(has(second));
    QVERIFY(second.proof);
    second.beginWith(0);
    QVERIFY(!has(second));
    second.beginWith(runtime::setOf(runtime::Ability::AirJump));
    QVERIFY(has(second));
    QVERIFY(!has(runtime::loadLevel(bundle, "levels/level-1.level.json")));
}

void GameBundleTest::words_standStill_untilTheyAreRead() {
    level::Project project = testing::gameOf({plain});
    testing::editLevel(project, "level-1", [](level::Level& level) {
        level.texts = std::vector<level::Words>{
            {"hello", level::WordsWhen::Start, "Run.", level::WordsPlace::Top, 0, {}, {}},
            {"done", level::WordsWhen::Won, "Well run.", level::WordsPlace::Middle, 30, {}, {}}};
    });
    runtime::CampaignPlay play(exported(project));
    play.beginGame();
    QVERIFY(play.words());
    QCOMPARE(play.words()->text, std::string("Run."));
    play.tick({100, 0, 0});
    QCOMPARE(play.state().ticks, 0LL);
    play.dismiss();
    for (int i = 0; i < 300 && play.wins() == 0; ++i)
        play.tick({100, 0, 0});
    QCOMPARE(play.wins(), 1);
    QCOMPARE(play.words()->text, std::string("Well run."));
    QVERIFY(!play.isOver());
    for (int i = 0; i < 31; ++i)
        play.tick({});
    QVERIFY(play.isOver());
}

void GameBundleTest::death_goesOnWhereOneCameIntoTheZone() {
    const level::Project project = testing::gameWithTwoZones();
    runtime::CampaignPlay play(exported(project));
    play.beginGame();
    const int start = play.stage().body.x;
    for (int i = 0; i < 600 && play.deaths() == 0; ++i)
        play.tick({100, 0, 0});
    QCOMPARE(play.deaths(), 1);
    // Into the east zone one came from the west: there, and not at the start.
    QVERIFY(play.stage().body.x > start + 60);
    QVERIFY(play.stage().body.x < 14 * 16);
}

void GameBundleTest::camera_keepsStillInItsMiddle_andToItsBounds() {
    runtime::Camera camera;
    camera.width = 100;
    camera.height = 100;
    camera.calmAcross = 40;
    const runtime::Box bounds{0, 0, 400, 80};
    camera.jumpTo({195, 40, 10, 10}, bounds);
    QCOMPARE(camera.left, 150);
    QCOMPARE(camera.top, -10);  // what is smaller than the screen stands in its middle
    for (const int step : {10, 20, -20}) {
        camera.follow({195 + step, 40, 10, 10}, bounds);
        QCOMPARE(camera.left, 150);
    }
    camera.follow({225, 40, 10, 10}, bounds);
    QCOMPARE(camera.left, 160);
    camera.follow({395, 40, 5, 10}, bounds);
    QCOMPARE(camera.left, 300);
    camera.follow({0, 40, 5, 10}, bounds);
    QCOMPARE(camera.left, 0);
}

void GameBundleTest::sprites_areSaidByKind() {
    const file::Path mine = m_folder->filePath(QStringLiteral("mine")).toStdString();
    QVERIFY(file::makeProject(file::diskStorage(), mine, *file::findStarter("above"), "Mine"));
    const auto project = file::openProject(file::diskStorage(), mine);
    QVERIFY(project);
    const QString to = m_folder->filePath(QStringLiteral("bundle"));
    QVERIFY(file::exportBundle(file::diskStorage(), *project, mine, to.toStdString()));
    const runtime::Campaign campaign = runtime::loadCampaign(to.toStdString());
    const runtime::KindLook* bat = campaign.kind("bat");
    QVERIFY(bat);
    QCOMPARE(bat->sprite.frames.size(), std::size_t(2));
    QVERIFY(bat->sprite.frameAt(0) != bat->sprite.frameAt(bat->sprite.ticks));
    QCOMPARE(bat->sprite.place.x, -2);
    QVERIFY(QFile::exists(to + "/" + QString::fromStdString(bat->sprite.sheet)));
    const runtime::GameReplay whole = runtime::replayGame(to.toStdString());
    QVERIFY2(whole.isWhole, whole.problem.c_str());
}

ROOK_TEST(GameBundleTest)

}  // namespace rook::game_bundle_test

#include "game_bundle_test.moc"
