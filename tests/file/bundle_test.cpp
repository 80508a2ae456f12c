#include "file/bundle.h"

#include <QCryptographicHash>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>

#include "../reach/placing.h"
#include "data.h"
#include "file/project_file.h"
#include "game/rules.h"
#include "rook_play.hpp"
#include "rook_runtime.hpp"
#include "testing.h"

namespace rook::bundle_test {

class BundleTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void init();
    void bundle_holdsWhatItsManifestSays();
    void allFiles_meetTheirSchemas();
    void bakedLevel_isTheGoldenOne();
    void rulesOfTheGame_areTheSameInTheRuntime();
    void reachOfTheBakedLevel_equalsThatOfTheProject();
    void proofs_replayInTheRuntime();
    void anExit_thatAKeyOpens_isShutInTheRuntimeToo();
    void whatLastsForATime_isTheSameInTheRuntime();
    void aDoorWithoutItsKey_isNotExported();
    void export_replacesTheFormerBundle_andKeepsForeignFiles();
    void export_isRefused_overWhatIsNoBundle();
    void kill_atAnyMoment_leavesAWholeBundle();
    void badBakedLevel_isOneSentence_data();
    void badBakedLevel_isOneSentence();
    void placements_areQuotedAsCsvWants();
    void exits_areResolved();
    void tilesThatMove_areReadByTheRuntime();
    void aKitBoard_inPlay_costsNoLives();

private:
    QString exported(const QString& to);
    std::unique_ptr<QTemporaryDir> m_folder;
    QTemporaryDir m_shared;
    QString m_bundle;  ///< of the whole demo, written once; tests read it
    QString m_demo;
    level::Project m_project;
};

void BundleTest::initTestCase() {
    init();
    m_bundle = m_shared.filePath(QStringLiteral("bundle"));
    const auto written = file::exportBundle(file::diskStorage(), m_project, m_demo.toStdString(),
                                            m_bundle.toStdString());
    QVERIFY2(written, written ? "" : written.error().sentence().c_str());
}

void BundleTest::init() {
    m_folder = std::make_unique<QTemporaryDir>();
    m_demo = testing::copyDemo(*m_folder);
    m_project = *file::openProject(file::diskStorage(), m_demo.toStdString());
    // Zones are solved for at export, which takes a second in the Wheel hall; they have a test of
    // their own.
    for (auto& slot : m_project.levels) {
        level::Level level = *slot;
        level.zones = std::vector<level::Zone>();
        slot = std::make_shared<const level::Level>(std::move(level));
    }
}

QString BundleTest::exported(const QString& to) {
    const QString target = m_folder->filePath(to);
    const auto written = file::exportBundle(file::diskStorage(), m_project, m_demo.toStdString(),
                                            target.toStdString());
    if (!written) qFatal("%s", written.error().sentence().c_str());
    return target;
}

void BundleTest::bundle_holdsWhatItsManifestSays() {
    const QString& bundle = m_bundle;
    const auto manifest =
        QJsonDocument::fromJson(testing::readBytes(bundle + "/manifest.json")).object();
    const QJsonArray files = manifest["files"].toArray();
    QVERIFY(files.size() >= 11);
    for (const QJsonValue& value : files) {
        const QByteArray bytes = testing::readBytes(bundle + "/" + value["path"].toString());
        QCOMPARE(qint64(bytes.size()), value["bytes"].toInteger());
        QCOMPARE(QString::fromLatin1(
                     QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex()),
                 value["sha256"].toString());
    }
    QVERIFY(QFile::exists(bundle + "/sheets/weir.png"));
    // The plan stays at home.
    QVERIFY(!m_project.levels[0]->sketch.isEmpty());
    QVERIFY(!testing::readBytes(bundle + "/levels/intake.level.json").contains("sketch"));
    QVERIFY(QFile::exists(bundle + "/schema/rookplot-level.schema.json"));
}

void BundleTest::allFiles_meetTheirSchemas() {
    const QString& bundle = m_bundle;
    QStringList pairs{"rookplot-campaign", bundle + "/campaign.json",
                      "rookplot-manifest", bundle + "/manifest.json",
                      "rookplot-project",  m_demo + "/rookplot.json"};
    for (const auto& level : m_project.levels) {
        const QString id = QString::fromStdString(level->id.text);
        pairs << "rookplot-level" << bundle + "/levels/" + id + ".level.json";
        pairs << "rookplot-board" << m_demo + "/levels/" + id + ".json";
    }
    QProcess validator;
    validator.start(
        QStringLiteral("/usr/bin/python3"),
        QStringList{ROOK_SOURCE_DIR "/tests/validate.py", ROOK_SOURCE_DIR "/docs/schema"} + pairs);
    QVERIFY(validator.waitForFinished(60000));
    QVERIFY2(validator.exitCode() == 0, validator.readAll() + validator.readAllStandardError());
    // The check can fail: a level is no campaign.
    validator.start(QStringLiteral("/usr/bin/python3"),
                    {ROOK_SOURCE_DIR "/tests/validate.py", ROOK_SOURCE_DIR "/docs/schema",
                     "rookplot-campaign", bundle + "/levels/intake.level.json"});
    QVERIFY(validator.waitForFinished(60000));
    QVERIFY(validator.exitCode() != 0);
}

void BundleTest::bakedLevel_isTheGoldenOne() {
    const level::Project project = testing::smallProject();
    level::Level level =
        testing::drawnLevel(project, {"S......o", "..=.....", "......X.", "##^.####"});
    level.cells.set(5, 2, level::Cell({1}, level::Form::RiseRight));
    level.cells.set(0, 2, level::Cell({1}, level::Form::LowerHalf));
    const auto text = file::bakedLevelText(project, level);
    QVERIFY(text);
    const QString golden = QStringLiteral(ROOK_SOURCE_DIR "/tests/data/bundle/drawn.level.json");
    const QByteArray actual = QByteArray::fromStdString(*text);
    if (actual != testing::readBytes(golden)) {
        testing::writeBytes((testing::binaryFolder() + "/drawn.level.json"), actual);
        QFAIL(
            "The level differs from tests/data/bundle/drawn.level.json; the actual one is in the "
            "build folder.");
    }
}

void BundleTest::rulesOfTheGame_areTheSameInTheRuntime() {
    const auto project = file::openProject(file::diskStorage(), m_demo.toStdString());
    QVERIFY(project);
    const auto campaign = runtime::loadCampaign(m_bundle.toStdString());
    const runtime::GameRules rules = game::rulesOf(*project);
    QCOMPARE(campaign.rules.tallies.size(), rules.tallies.size());
    for (std::size_t i = 0; i < rules.tallies.size(); ++i) {
        const runtime::TallyRule &a = campaign.rules.tallies[i], &b = rules.tallies[i];
        QCOMPARE(std::tie(a.name, a.title, a.start, a.least, a.most, a.isShown, a.isOfLevel),
                 std::tie(b.name, b.title, b.start, b.least, b.most, b.isShown, b.isOfLevel));
        QCOMPARE(a.every.size(), b.every.size());
        for (std::size_t k = 0; k < a.every.size(); ++k)
            QCOMPARE(std::tie(a.every[k].step, a.every[k].tally, a.every[k].add),
                     std::tie(b.every[k].step, b.every[k].tally, b.every[k].add));
    }
    QCOMPARE(campaign.rules.lives, rules.lives);
    QCOMPARE(campaign.start.level, std::string("intake"));
    const auto level = runtime::loadLevel(m_bundle.toStdString(), campaign.levels[0].file);
    const auto read = level.rulesOf(campaign.rules);
    const auto made = game::rulesOf(*project, *project->levels[0], rules);
    QCOMPARE(read.goals.size(), made.goals.size());
    QVERIFY(!made.goals.empty());
    for (std::size_t i = 0; i < made.goals.size(); ++i) {
        const runtime::GoalRule &a = read.goals[i], &b = made.goals[i];
        QCOMPARE(std::tie(a.sort, a.kind, a.count, a.tally, a.atLeast, a.ticks, a.isNeeded),
                 std::tie(b.sort, b.kind, b.count, b.tally, b.atLeast, b.ticks, b.isNeeded));
    }
    QCOMPARE(read.hasExits, made.hasExits);
    QCOMPARE(level.texts.size(), project->levels[0]->texts.size());
    // A lantern says the tally that it counts for.
    QVERIFY(std::any_of(level.entities.begin(), level.entities.end(), [](const auto& entity) {
        return entity.kind == "lantern" && entity.whole.value("tally", "") == "lights";
    }));
}

void BundleTest::reachOfTheBakedLevel_equalsThatOfTheProject() {
    const QString& bundle = m_bundle;
    for (const auto& level : m_project.levels) {
        if (level->kind != level::LevelKind::Side && level->kind != level::LevelKind::Above)
            continue;
        if (testing::leavesOut(level->id.text)) continue;
        const QString path =
            bundle + "/levels/" + QString::fromStdString(level->id.text) + ".level.json";
        const auto baked =
            file::askOfBakedLevel(testing::readBytes(path).toStdString(), path.toStdString());
        QVERIFY2(baked.has_value(), baked ? "" : baked.error().sentence().c_str());
        // What movers may lead to besides takes longest, and follows from the same query.
        constexpr auto sure = reach::Extent::Sure;
        const auto fromBundle = reach::answer(*baked, {}, nullptr, sure);
        const auto fromProject =
            reach::answer(*reach::queryOf(m_project, *level), {}, nullptr, sure);
        QVERIFY(fromBundle.onCells().reached.visited == fromProject.onCells().reached.visited);
        QVERIFY(fromBundle.onCells().reached.standing == fromProject.onCells().reached.standing);
        QCOMPARE(fromBundle.verdict.kind, fromProject.verdict.kind);
    }
}

/// Whether the run of an exported level gets to its exit in the runtime.
static bool replaysInTheRuntime(const runtime::Level& baked) {
    const runtime::World world = baked.world();
    runtime::Body body = baked.start(world, "");
    bool isMet = false;
    for (const runtime::Input& input : baked.proof->inputs) {
        isMet = false;
        runtime::step(world, baked.motion, body, input, [&](int x, int y) {
            for (const runtime::Entity& entity : baked.entities)
                isMet =
                    isMet ||
                    (entity.id == baked.proof->exit &&
                     overlaps(entity.box, {x, y, baked.motion.bodyWidth, baked.motion.bodyHeight}));
        });
    }
    return isMet && body.stance != runtime::Stance::Ended;
}

void BundleTest::proofs_replayInTheRuntime() {
    int replayed = 0;
    for (const auto& level : m_project.levels) {
        // Walked by modules, or solved: kit_files_test, puzzle_files_test.
        if (level->kind != level::LevelKind::Side && level->kind != level::LevelKind::Above)
            continue;
        if (level->id.text == "leaky-reach") continue;  // nobody gets out of it
        const runtime::Level baked =
            runtime::loadLevel(m_bundle.toStdString(), "levels/" + level->id.text + ".level.json");
        QVERIFY2(baked.proof, level->id.text.c_str());
        QVERIFY2(replaysInTheRuntime(baked), level->id.text.c_str());
        ++replayed;
    }
    QCOMPARE(replayed, 4);
}

void BundleTest::anExit_thatAKeyOpens_isShutInTheRuntimeToo() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(
        project, {"####################", "....................", "....................",
                  ".....S............X.", "####################"});
    testing::place(project, level, level::Role::Key, "key-1", {16, 56, 8, 8});
    level.entities.edit([&](auto& list) {
        for (level::Entity& entity : list)
            if (project.roleOf(entity) == level::Role::Exit) entity.data.opens = {{"key-1"}};
    });
    const auto text = file::bakedLevelText(project, level);
    QVERIFY2(text, text ? "" : text.error().sentence().c_str());
    const runtime::Level baked = runtime::readLevel(nlohmann::json::parse(*text), "level");
    QCOMPARE(baked.parts.doors.size(), std::size_t{1});
    QVERIFY(!baked.parts.doors[0].isOpen(0) && baked.parts.doors[0].isOpen(1));
    QVERIFY(baked.proof && replaysInTheRuntime(baked));
    // Without its key there is nothing to export.
    level.entities.edit([](auto& list) { list.pop_back(); });
    QVERIFY(!file::bakedLevelText(project, level));
}

void BundleTest::whatLastsForATime_isTheSameInTheRuntime() {
    level::Project project = testing::smallProject();
    auto level = testing::drawnLevel(
        project, {"####################", "....................", "....................",
                  ".S................X.", "####################"});
    project.profiles.edit([](auto& list) {
        list[0].abilities = {level::Ability::AirJump, level::Ability::ShortHop};
        list[0].airJumps = 1;
    });
    testing::place(project, level, level::Role::Switch, "switch-1", {64, 56, 8, 8});
    testing::place(project, level, level::Role::Pickup, "wings", {48, 56, 8, 8});
    testing::place(project, level, level::Role::Pickup, "lead", {120, 56, 8, 8});
    testing::place(project, level, level::Role::Door, "door-1", {160, 16, 8, 48});
    testing::place(project, level, level::Role::Door, "door-2", {224, 16, 8, 48});
    level.entities.edit([](auto& list) {
        for (level::Entity& entity : list) {
            if (entity.id.text == "door-1") {
                entity.data.opens = {{"switch-1"}};
                entity.data.door = {level::DoorManner::ForATime, 90, level::Facing::Right};
            } else if (entity.id.text == "door-2") {
                entity.data.door = {level::DoorManner::OneWay, 1, level::Facing::Right};
            } else if (entity.id.text == "wings") {
                entity.data.grants = level::Ability::AirJump;
                entity.data.grantTicks = 60;
            } else if (entity.id.text == "lead") {
                entity.data.takes = level::Ability::ShortHop;
                entity.data.grantTicks = 30;
            }
        }
    });
    const auto text = file::bakedLevelText(project, level);
    QVERIFY2(text, text ? "" : text.error().sentence().c_str());
    const runtime::Level baked = runtime::readLevel(nlohmann::json::parse(*text), "level");
    const auto query = reach::queryOf(project, level);
    QVERIFY(query);
    const runtime::Parts& parts = query->problem.parts;
    QCOMPARE(baked.gainIds, query->gainIds);
    QCOMPARE(baked.parts.gains.size(), std::size_t{4});
    QCOMPARE(baked.parts.doors.size(), std::size_t{2});
    for (std::size_t i = 0; i < parts.gains.size(); ++i) {
        QCOMPARE(baked.parts.gains[i].lastsTicks, parts.gains[i].lastsTicks);
        QCOMPARE(baked.parts.gains[i].box.x, parts.gains[i].box.x);
        QCOMPARE(baked.parts.gains[i].takes, parts.gains[i].takes);
        QCOMPARE(baked.parts.gains[i].keeps.width, parts.gains[i].keeps.width);
    }
    for (std::size_t i = 0; i < parts.doors.size(); ++i)
        QCOMPARE(baked.parts.doors[i].needs, parts.doors[i].needs);
    QCOMPARE(reach::answer(*query).verdict.kind, reach::VerdictKind::Reached);
    QVERIFY2(baked.proof && replaysInTheRuntime(baked), "the run is there in time");
}

void BundleTest::aDoorWithoutItsKey_isNotExported() {
    auto project = file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    level::Level level = *project->findLevel({"leaky-reach"});
    level.entities.edit([](auto& list) {
        std::erase_if(list, [](const level::Entity& e) { return e.id.text == "valve-1"; });
    });
    const auto text = file::bakedLevelText(*project, level);
    QVERIFY(!text);
    QVERIFY(text.error().sentence().find("valve-1") != std::string::npos);
}

void BundleTest::export_replacesTheFormerBundle_andKeepsForeignFiles() {
    // Two of the levels, as both are solved twice.
    std::erase_if(m_project.levels, [](const auto& level) {
        return level->id.text != "sluice-table" && level->id.text != "cask-yard";
    });
    const QString bundle = exported("bundle");
    QVERIFY(QFile::exists(bundle + "/levels/cask-yard.level.json"));
    testing::writeBytes(bundle + "/levels/notes.txt", "mine");
    m_project.levels.pop_back();
    exported("bundle");
    QVERIFY(!QFile::exists(bundle + "/levels/cask-yard.level.json"));
    QCOMPARE(testing::readBytes(bundle + "/levels/notes.txt"), QByteArray("mine"));
    QVERIFY(!QFile::exists(bundle + ".part"));
}

void BundleTest::export_isRefused_overWhatIsNoBundle() {
    const QString home = m_folder->filePath("home");
    testing::writeBytes(home + "/thesis.txt", "years of work");
    const auto written = file::exportBundle(file::diskStorage(), m_project, m_demo.toStdString(),
                                            home.toStdString());
    QVERIFY(!written);
    QCOMPARE(written.error().kind, ErrorKind::NotApplicable);
    QCOMPARE(testing::readBytes(home + "/thesis.txt"), QByteArray("years of work"));
}

void BundleTest::kill_atAnyMoment_leavesAWholeBundle() {
    // Two of the levels: each of some fifty exports solves them.
    std::erase_if(m_project.levels, [](const auto& level) {
        return level->id.text != "weir-gates" && level->id.text != "keepers-quay";
    });
    const QString bundle = exported("bundle");
    level::Level level = *m_project.levels[0];
    level.title = "Changed";
    const level::Project changed = m_project.withLevel(level);
    bool hasFinished = false;
    for (int operations = 0; !hasFinished; ++operations) {
        testing::DyingStorage storage(operations);
        hasFinished =
            file::exportBundle(storage, changed, m_demo.toStdString(), bundle.toStdString())
                .has_value();
        const auto campaign = runtime::loadCampaign(bundle.toStdString());
        QCOMPARE(campaign.levels.size(), std::size_t{2});
        for (const auto& one : campaign.levels)
            QCOMPARE(runtime::loadLevel(bundle.toStdString(), one.file).title, one.title);
        if (hasFinished) QCOMPARE(campaign.levels[0].title, std::string("Changed"));
    }
}

void BundleTest::badBakedLevel_isOneSentence_data() {
    QTest::addColumn<QByteArray>("from");
    QTest::addColumn<QByteArray>("to");
    QTest::addColumn<QString>("says");
    QTest::newRow("broken") << QByteArray("\"kind\": \"side\",") << QByteArray("\"kind\" \"side\",")
                            << ":6:";
    QTest::newRow("version") << QByteArray("\"version\": 1") << QByteArray("\"version\": 7")
                             << "newer";
    QTest::newRow("size") << QByteArray("\"columns\": 120") << QByteArray("\"columns\": 20000")
                          << "16384";
    QTest::newRow("rows") << QByteArray("\"rows\": 34") << QByteArray("\"rows\": 33") << "34 rows";
    QTest::newRow("behaviour") << QByteArray("\"one-way\"") << QByteArray("\"sticky\"") << "sticky";
    QTest::newRow("tables") << QByteArray("\"dx\": [") << QByteArray("\"dx\": [1, ")
                            << "equally long";
    QTest::newRow("loop") << QByteArray("\"loopFrom\": 41") << QByteArray("\"loopFrom\": 9941")
                          << "loopFrom";
    QTest::newRow("role") << QByteArray("\"role\": \"exit\"") << QByteArray("\"role\": \"wayout\"")
                          << "wayout";
}

void BundleTest::badBakedLevel_isOneSentence() {
    QFETCH(QByteArray, from);
    QFETCH(QByteArray, to);
    QFETCH(QString, says);
    QByteArray text = testing::readBytes(m_bundle + "/levels/intake.level.json");
    QVERIFY(text.contains(from));
    text.replace(text.indexOf(from), from.size(), to);
    const auto query = file::askOfBakedLevel(text.toStdString(), "intake.level.json");
    QVERIFY(!query);
    const QString sentence = QString::fromStdString(query.error().sentence());
    QVERIFY2(sentence.contains(says), qPrintable(sentence));
    QVERIFY2(!sentence.contains('\n'), qPrintable(sentence));
}

void BundleTest::placements_areQuotedAsCsvWants() {
    level::Project project = testing::smallProject();
    project.kinds.edit([](auto& list) {
        level::FieldDefinition note;
        note.name = "note";
        note.defaultValue = std::string("a \"b\", c");
        list[2].fields = {note};
    });
    project.levels.push_back(
        std::make_shared<const level::Level>(testing::drawnLevel(project, {"o"})));
    QCOMPARE(file::placementsText(project),
             std::string("level,kind,id,x,y,facing,note\r\ndrawn,lantern,lantern-1,0,8,right,\"a "
                         "\"\"b\"\", c\"\r\n"));
}

void BundleTest::tilesThatMove_areReadByTheRuntime() {
    const std::string bundle = m_bundle.toStdString();
    const auto level = runtime::loadLevel(bundle, runtime::loadCampaign(bundle).levels[0].file);
    int moving = 0;
    for (const runtime::Layer& layer : level.layers) {
        for (int row = 0; row < level.frame.rows; ++row)
            for (int column = 0; column < level.frame.columns; ++column) {
                const int first = layer.tileAt(column, row, 0);
                QCOMPARE(first,
                         layer.tiles[std::size_t(row)][std::size_t(column)]);  // a frame of its own
                if (layer.tileAt(column, row, 14) == first) continue;
                ++moving;
                QCOMPARE(layer.tileAt(column, row, 13), first);
                QCOMPARE(layer.tileAt(column, row, 4 * 14), first);
            }
    }
    QCOMPARE(moving, 8);  // the brine's surface
}

void BundleTest::exits_areResolved() {
    const auto campaign = runtime::loadCampaign(m_bundle.toStdString());
    QCOMPARE(campaign.levels[0].exits[0].second.level, std::string("wheel-hall"));
    QCOMPARE(campaign.levels[0].exits[0].second.entry, std::string("keeper-1"));
    QVERIFY(campaign.levels[5].exits[0].second.level.empty());  // leads nowhere: a finding
    QCOMPARE(campaign.levels[0].next, std::string("wheel-hall"));
    QCOMPARE(campaign.levels[3].id, std::string("grain-loft"));
    QVERIFY(campaign.levels.back().next.empty());
}

/// Nobody is on a kit board who could fall off it.
void BundleTest::aKitBoard_inPlay_costsNoLives() {
    runtime::CampaignPlay play(m_bundle.toStdString());
    play.enter("keepers-quay", "");
    play.dismiss();
    for (int tick = 0; tick < 2000; ++tick)
        play.tick({});
    QCOMPARE(play.deaths(), 0);
    QCOMPARE(play.state().ticks, 2000LL);
}

ROOK_TEST(BundleTest)

}  // namespace rook::bundle_test

#include "bundle_test.moc"
