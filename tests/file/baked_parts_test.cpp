// What a bundle spells out, held to what it stands for: cut tiles to forms, ways to the stepper,
// numbers to tables, packed rows to plain ones.

#include "collide/shapes.h"
#include "data.h"
#include "file/bundle.h"
#include "file/project_file.h"
#include "reach/prove.h"
#include "rook_runtime.hpp"
#include "skin/dressing.h"
#include "testing.h"

namespace rook::baked_parts_test {

using level::Form;
using level::Tile;
using nlohmann::json;

class BakedPartsTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void tilesOnSlopes_areCutToTheirForm();
    void aMirroredTileOnASlope_isMirroredAndCut();
    void packedRows_areTheSameLevel();
    void packedRows_thatAreBroken_areOneSentence_data();
    void packedRows_thatAreBroken_areOneSentence();
    void ways_areThoseThatTheRuntimeWorksOut();
    void longWays_areLeftOut_andReadAllTheSame();
    void tooManyCorners_areOneSentence();
    void paths_thatLeaveTheBundle_areRefused_data();
    void paths_thatLeaveTheBundle_areRefused();
    void numbers_sayWhatTheTablesDo();
    void heldAtStart_isWhatABodyBeginsWith();
    void eachExit_hasOneVerdict();
    void slopes_sayFloorOrCeiling_andEdgesStandBeyondTheLevel();
    void parts_keepTheIdsOfTheirEntities();
    void catches_isWhatKillsInAWorldWithFoes();
    void schemas_thatTravel_areThoseOfFilesThatAreThere();

private:
    file::BakedLevel baked(const level::Project& project, const level::Level& level) const;
    /// Without the proof, of the demo as it is: each level is baked once.
    const file::BakedLevel& baked(const level::Level& level);
    json bakedJson(const char* id);
    level::Project m_project;
    file::Images m_images;
    std::map<std::string, file::BakedLevel> m_baked;
};

namespace {

/// Levels of the demo that bodies move in.
std::vector<std::shared_ptr<const level::Level>> moved(const level::Project& project) {
    std::vector<std::shared_ptr<const level::Level>> list;
    for (const auto& level : project.levels)
        if (level->kind == level::LevelKind::Side || level->kind == level::LevelKind::Above)
            list.push_back(level);
    return list;
}

QString messageOf(const json& file) {
    try {
        runtime::readLevel(file, "level");
    } catch (const runtime::LoadError& problem) {
        return QString::fromUtf8(problem.what());
    }
    return {};
}

}  // namespace

void BakedPartsTest::initTestCase() {
    const QString demo = QStringLiteral(ROOK_SOURCE_DIR "/demo/lantern-weir");
    const auto project = file::openProject(file::diskStorage(), demo.toStdString());
    QVERIFY(project.has_value());
    m_project = *project;
    for (const level::Sheet& sheet : m_project.sheets) {
        const QByteArray bytes =
            testing::readBytes(demo + "/" + QString::fromStdString(sheet.path));
        const auto image = file::readPng(bytes.toStdString(), sheet.path);
        QVERIFY(image.has_value());
        m_images[sheet.path] = *image;
    }
}

file::BakedLevel BakedPartsTest::baked(const level::Project& project,
                                       const level::Level& level) const {
    auto made = file::bakedLevel(project, level, m_images, "cut/level.png", file::Baking::Look);
    if (!made) qFatal("%s", made.error().sentence().c_str());
    return *made;
}

const file::BakedLevel& BakedPartsTest::baked(const level::Level& level) {
    const auto found = m_baked.find(level.id.text);
    if (found != m_baked.end()) return found->second;
    return m_baked.emplace(level.id.text, baked(m_project, level)).first->second;
}

json BakedPartsTest::bakedJson(const char* id) {
    return json::parse(baked(*m_project.findLevel({id})).text);
}

/// Each px of each cell: that of the tile that lies there, where its form is filled.
static void holdToForms(const level::Project& project, const level::Level& level,
                        const file::BakedLevel& baked, const file::Images& images, int* cells) {
    const runtime::Level read = runtime::readLevel(json::parse(baked.text), "level");
    const skin::Dressed dressed =
        dress(skin::TilingRules::of(project, level), level, level.cells.bounds());
    const int w = level.cellSize.width, h = level.cellSize.height;
    for (const runtime::Layer& layer : read.layers) {
        if (layer.sheet != "cut/level.png" || layer.role != "main") continue;
        for (int y = 0; y < level.cells.height(); ++y) {
            for (int x = 0; x < level.cells.width(); ++x) {
                const int number = layer.tiles[std::size_t(y)][std::size_t(x)];
                if (number == 0) continue;
                ++*cells;
                const Tile tile = dressed.at(x, y);
                const Form form = level.cells.at(x, y).form();
                QVERIFY(tile.isShown() && form != Form::Full);
                const level::Sheet& sheet = project.sheets[std::size_t(tile.sheet())];
                const file::Picture32& image = images.at(sheet.path);
                for (int j = 0; j < h; ++j) {
                    for (int i = 0; i < w; ++i) {
                        const unsigned char* px =
                            baked.cutTiles.at((number - 1) % layer.columns * w + i,
                                              (number - 1) / layer.columns * h + j);
                        if (!runtime::formFills(form, i, j, w, h)) {
                            QCOMPARE(int(px[3]), 0);
                            continue;
                        }
                        const int across = tile.isMirrored() ? w - 1 - i : i;
                        const int down = tile.isUpsideDown() ? h - 1 - j : j;
                        const unsigned char* from =
                            image.at(tile.number() % sheet.columns * w + across,
                                     tile.number() / sheet.columns * h + down);
                        QVERIFY(std::equal(px, px + 4, from));
                    }
                }
            }
        }
    }
}

void BakedPartsTest::tilesOnSlopes_areCutToTheirForm() {
    int cells = 0;
    for (const auto& level : moved(m_project))
        holdToForms(m_project, *level, baked(*level), m_images, &cells);
    QVERIFY(cells > 20);
}

void BakedPartsTest::aMirroredTileOnASlope_isMirroredAndCut() {
    level::Level level = *m_project.findLevel({"intake"});
    level.tiles = Grid<Tile>(level.cells.width(), level.cells.height());
    int set = 0;
    for (int y = 0; y < level.cells.height(); ++y)
        for (int x = 0; x < level.cells.width(); ++x)
            if (level.cells.at(x, y).form() != Form::Full && !level.cells.at(x, y).isOpen()) {
                level.tiles.set(x, y, Tile(1, 3 + set % 5, set % 2 == 0, set % 3 == 0));
                ++set;
            }
    QVERIFY(set > 3);
    int cells = 0;
    holdToForms(m_project, level, baked(m_project, level), m_images, &cells);
    QCOMPARE(cells, set);
}

void BakedPartsTest::packedRows_areTheSameLevel() {
    level::Project packing = m_project;
    packing.bundle.isPacked = true;
    // One from the side, with flips and cut tiles, and one from above: each is solved once more.
    for (const char* id : {"intake", "grain-loft"}) {
        const auto level = m_project.findLevel({id});
        const auto plain = baked(*level), packed = baked(packing, *level);
        QVERIFY(packed.text.size() < plain.text.size());
        const runtime::Level a = runtime::readLevel(json::parse(plain.text), "plain");
        const runtime::Level b = runtime::readLevel(json::parse(packed.text), "packed");
        QCOMPARE(a.cells, b.cells);
        QVERIFY(a.forms == b.forms);
        QCOMPARE(a.layers.size(), b.layers.size());
        for (std::size_t i = 0; i < a.layers.size(); ++i) {
            QCOMPARE(a.layers[i].tiles, b.layers[i].tiles);
            QCOMPARE(a.layers[i].flips, b.layers[i].flips);
        }
    }
}

void BakedPartsTest::packedRows_thatAreBroken_areOneSentence_data() {
    QTest::addColumn<QString>("cells");
    QTest::newRow("no base64") << R"({"bits": 8, "zlib": "§§"})";
    QTest::newRow("no stream") << R"({"bits": 8, "zlib": "AAAA"})";
    QTest::newRow("nothing") << R"({"bits": 8, "zlib": ""})";
    QTest::newRow("bits") << R"({"bits": 12, "zlib": "AAAA"})";
    QTest::newRow("no bits") << R"({"zlib": "AAAA"})";
    QTest::newRow("a number") << R"({"bits": 8, "zlib": 7})";
    // One byte, where a level has thousands of cells.
    QTest::newRow("too few") << R"({"bits": 8, "zlib": "eJxjAAAAAQAB"})";
}

void BakedPartsTest::packedRows_thatAreBroken_areOneSentence() {
    QFETCH(QString, cells);
    json file = bakedJson("intake");
    file["matter"]["cells"] = json::parse(cells.toStdString());
    const QString message = messageOf(file);
    QVERIFY2(message.contains("matter"), qPrintable(message));
    QCOMPARE(message.count('\n'), 0);
}

/// The same file without what was worked out.
static json withoutWays(json file) {
    for (json& entity : file["entities"]) {
        if (!entity.contains("loopFrom")) continue;
        entity.erase("loopFrom");
        entity.erase("way");
    }
    return file;
}

static void compareWays(const runtime::Level& a, const runtime::Level& b, int* ways) {
    const auto here = a.ways(), there = b.ways();
    QCOMPARE(here.size(), there.size());
    for (std::size_t i = 0; i < here.size(); ++i) {
        ++*ways;
        QCOMPARE(here[i].entity, there[i].entity);
        QCOMPARE(here[i].canBeBeaten, there[i].canBeBeaten);
        for (int tick = 0; tick < 5000; tick += 3) {
            QCOMPARE(here[i].at(tick).x, there[i].at(tick).x);
            QCOMPARE(here[i].at(tick).y, there[i].at(tick).y);
        }
    }
}

void BakedPartsTest::ways_areThoseThatTheRuntimeWorksOut() {
    int ways = 0, written = 0;
    for (const auto& level : moved(m_project)) {
        const json file = json::parse(baked(*level).text);
        for (const json& entity : file["entities"])
            written += entity.contains("loopFrom") ? 1 : 0;
        compareWays(runtime::readLevel(file, "baked"),
                    runtime::readLevel(withoutWays(file), "simulated"), &ways);
    }
    QVERIFY(written >= 3 && ways > written);
}

void BakedPartsTest::longWays_areLeftOut_andReadAllTheSame() {
    level::Project small = m_project;
    small.bundle.waysUpTo = 0;
    int ways = 0, left = 0;
    for (const auto& level : moved(m_project)) {
        const json file = json::parse(baked(small, *level).text);
        for (const json& entity : file["entities"]) {
            if (entity.value("role", "") == "foe" && entity.contains("way"))
                left += entity["way"].is_null() ? 1 : 0;
            if (entity.value("role", "") == "formation")
                QVERIFY(entity["formation"]["members"].is_null());
        }
        compareWays(runtime::readLevel(json::parse(baked(*level).text), "long"),
                    runtime::readLevel(file, "short"), &ways);
    }
    QVERIFY(left >= 3);
}

void BakedPartsTest::tooManyCorners_areOneSentence() {
    level::Project project = testing::smallProject();
    level::Kind crab;
    crab.id = {"crab"};
    crab.role = level::Role::Foe;
    level::Kind eels;
    eels.id = {"eels"};
    eels.role = level::Role::Formation;
    project.kinds.edit([&](auto& list) {
        list.push_back(crab);
        list.push_back(eels);
    });
    level::Level level = testing::drawnLevel(project, {"S......X", "########"});
    level::Entity ring;
    ring.id = {"eels-1"};
    ring.kind = {"eels"};
    ring.box = {64, 64, 16, 16};
    ring.data.formation.member = {"crab"};
    ring.data.formation.count = 200;
    ring.data.formation.periodTicks = 3600;
    level.entities.edit([&](auto& list) { list.push_back(ring); });
    const auto text = file::bakedLevelText(project, level);
    QVERIFY(!text.has_value());
    QVERIFY(text.error().sentence().find("eels-1") != std::string::npos);
    project.bundle.waysUpTo = 600;
    QVERIFY(file::bakedLevelText(project, level).has_value());
}

void BakedPartsTest::paths_thatLeaveTheBundle_areRefused_data() {
    QTest::addColumn<QString>("path");
    for (const char* path : {"../x.png", "/x.png", "a/../../x.png", "a\\x.png", "C:/x.png", "",
                             "a//x.png", "./x.png", "a/.", "a/"})
        QTest::newRow(*path ? path : "empty") << path;
}

void BakedPartsTest::paths_thatLeaveTheBundle_areRefused() {
    QFETCH(QString, path);
    const std::string text = path.toStdString();
    json file = bakedJson("intake");
    QCOMPARE(messageOf(file), QString());
    file["layers"][0]["sheet"] = text;
    QVERIFY(messageOf(file).contains("leaves the bundle"));
    file = bakedJson("intake");
    file["pictures"][0]["image"] = text;
    QVERIFY(messageOf(file).contains("leaves the bundle"));
    json campaign = json::parse(file::campaignText(m_project, {}));
    runtime::readCampaign(campaign, "campaign.json");
    json broken = campaign;
    broken["levels"][0]["file"] = text;
    QVERIFY_THROWS_EXCEPTION(runtime::LoadError, runtime::readCampaign(broken, "campaign.json"));
    broken = campaign;
    for (json& kind : broken["kinds"])
        if (!kind["sprite"].is_null()) kind["sprite"]["sheet"] = text;
    QVERIFY_THROWS_EXCEPTION(runtime::LoadError, runtime::readCampaign(broken, "campaign.json"));
}

/// px a second that a table comes to, over its 16 ticks.
static double perSecond(const json& table) {
    int px = 0;
    for (const json& each : table)
        px += each.get<int>();
    return px * 60.0 / double(table.size());
}

void BakedPartsTest::numbers_sayWhatTheTablesDo() {
    for (const auto& level : moved(m_project)) {
        const json motion = json::parse(baked(*level).text)["motion"];
        const json& numbers = motion["numbers"];
        QVERIFY(std::abs(perSecond(motion["walk"]) - numbers["runSpeed"].get<double>()) <=
                60.0 / 16);
        int rise = 0;
        for (const json& dy : motion["dy"])
            rise -= std::min(0, dy.get<int>());
        QVERIFY(std::abs(rise - numbers["jumpHeight"].get<double>()) <= 0.5);
        QCOMPARE(std::lround(numbers["secondsToTop"].get<double>() * 60),
                 long(motion["topPhase"].get<int>()));
        // Up by its speed at the start, against gravity, is how high it gets.
        const double speed = numbers["jumpSpeed"], gravity = numbers["gravityUp"];
        QVERIFY(std::abs(speed * speed / (2 * gravity) - numbers["jumpHeight"].get<double>()) <
                0.1);
        // The fall at its end, to a quarter px a tick.
        int fall = 0;
        const std::size_t loop = motion["loopFrom"];
        for (std::size_t i = loop; i < motion["dy"].size(); ++i)
            fall += motion["dy"][i].get<int>();
        const double ended = fall * 60.0 / double(motion["dy"].size() - loop);
        QVERIFY(std::abs(ended - numbers["greatestFall"].get<double>()) <= 60.0 / 8);
    }
}

void BakedPartsTest::heldAtStart_isWhatABodyBeginsWith() {
    int toBeFound = 0;
    for (const auto& level : moved(m_project)) {
        const json file = json::parse(baked(*level).text);
        const runtime::Level read = runtime::readLevel(file, "level");
        const runtime::AbilitySet held = read.world().abilitiesWith(0);
        runtime::AbilitySet said = 0;
        for (const json& name : file["motion"]["heldAtStart"])
            for (std::size_t i = 0; i < runtime::abilityNames.size(); ++i)
                if (name == runtime::abilityNames[i]) said |= 1u << i;
        QCOMPARE(said, held);
        toBeFound += file["motion"]["abilities"].size() > file["motion"]["heldAtStart"].size();
    }
    QVERIFY(toBeFound > 0);
}

void BakedPartsTest::eachExit_hasOneVerdict() {
    for (const auto& level : m_project.levels) {
        if (level->kind == level::LevelKind::Puzzle || testing::leavesOut(level->id.text)) continue;
        const json file = json::parse(*file::bakedLevelText(m_project, *level));
        const auto answer = reach::answer(*reach::queryOf(m_project, *level));
        std::map<std::string, std::string> said, known;
        for (const json& exit : file["proof"]["exits"])
            QVERIFY(said.emplace(exit["id"], exit["verdict"]).second);
        for (const reach::Goal& goal : answer.verdict.goals)
            if (goal.role == level::Role::Exit)
                known[goal.id] = goal.isReached     ? "reached"
                                 : goal.isUndecided ? "not-decided"
                                                    : "not-reached";
        QVERIFY(said == known);
        for (const json& entity : file["entities"]) {
            if (entity["role"] != "exit") continue;
            QVERIFY(said.contains(entity["id"]));
            QCOMPARE(entity["to"].is_null(), entity["leads"] != "on");
        }
    }
}

void BakedPartsTest::slopes_sayFloorOrCeiling_andEdgesStandBeyondTheLevel() {
    const level::Project project = testing::smallProject();
    level::Level level = testing::drawnLevel(project, {"S......X", "........", "########"});
    level.edges = {runtime::EdgeRule::Wall, runtime::EdgeRule::Open, runtime::EdgeRule::Open,
                   runtime::EdgeRule::Deadly};
    const Form floors[] = {Form::RiseRight,     Form::RiseLeft,     Form::RiseRight1Of2,
                           Form::RiseRight2Of2, Form::RiseLeft1Of2, Form::RiseLeft2Of2};
    const Form ceilings[] = {Form::HangRight, Form::HangLeft};
    const auto sidesWith = [&](Form form) {
        level::Level one = level;
        one.cells.set(3, 1, level::Cell({1}, form));
        std::set<std::string> sides;
        const json file = json::parse(*file::bakedLevelText(project, one));
        for (const json& slope : file["collision"]["slopes"])
            sides.insert(slope["side"]);
        return sides;
    };
    for (const Form form : floors)
        QVERIFY(sidesWith(form) == std::set<std::string>{"floor"});
    for (const Form form : ceilings)
        QVERIFY(sidesWith(form) == std::set<std::string>{"ceiling"});
    const json edges = json::parse(*file::bakedLevelText(project, level))["collision"]["edges"];
    QCOMPARE(edges.size(), std::size_t{2});
    QCOMPARE(edges[0].dump(),
             std::string(R"({"height":48,"rule":"wall","side":"left","width":16,"x":-16,"y":0})"));
    QCOMPARE(edges[1]["y"].get<int>(), 48);
    QCOMPARE(edges[1]["rule"].get<std::string>(), std::string("deadly"));
}

void BakedPartsTest::parts_keepTheIdsOfTheirEntities() {
    std::size_t doors = 0, movers = 0;
    for (const auto& level : moved(m_project)) {
        const runtime::Level read = runtime::readLevel(json::parse(baked(*level).text), "level");
        QVERIFY(read.isSteppable());
        QCOMPARE(read.doorEntities.size(), read.parts.doors.size());
        QCOMPARE(read.moverEntities.size(), read.parts.movers.size());
        QCOMPARE(read.deadlyEntities.size(), read.parts.deadly.size());
        QCOMPARE(read.springEntities.size(), read.parts.springs.size());
        for (std::size_t i = 0; i < read.doorEntities.size(); ++i, ++doors)
            QVERIFY(read.entities[read.doorEntities[i]].box.x == read.parts.doors[i].box.x);
        for (std::size_t i = 0; i < read.moverEntities.size(); ++i, ++movers)
            QVERIFY(read.entities[read.moverEntities[i]].role == "mover");
    }
    QVERIFY(doors > 2 && movers > 1);
    for (const char* id : {"keepers-quay", "weir-gates"})
        QVERIFY(!runtime::readLevel(bakedJson(id), id).isSteppable());
}

void BakedPartsTest::catches_isWhatKillsInAWorldWithFoes() {
    Random random(testing::seedOr(20261130));
    int caught = 0;
    for (const auto& level : moved(m_project)) {
        const runtime::Level read = runtime::readLevel(json::parse(baked(*level).text), "level");
        const auto ways = read.ways();
        runtime::Parts parts = read.parts;
        parts.foes = ways;
        const runtime::World without = read.world();
        const runtime::World with(read.frame, read, read.motion, parts);
        for (int i = 0; i < 4000 && !ways.empty(); ++i) {
            // Near a foe, where it may be in its way.
            const runtime::Way& way = ways[std::size_t(random.between(0, int(ways.size()) - 1))];
            const long long tick = random.between(0, 2999);
            const runtime::Box at = way.at(tick);
            const int x = at.x - 40 + random.between(0, 79);
            const int y = at.y - 40 + random.between(0, 79);
            const auto now = with.momentOf(0, tick);
            if (!without.isLive(x, y, now)) continue;
            const bool isCaught = read.catches(ways, x, y, tick) >= 0;
            QCOMPARE(isCaught, !with.isLive(x, y, now));
            caught += isCaught ? 1 : 0;
        }
    }
    QVERIFY(caught > 100);
}

void BakedPartsTest::schemas_thatTravel_areThoseOfFilesThatAreThere() {
    const level::Project project = testing::smallProject();
    level::Project whole = project;
    whole.levels.push_back(std::make_shared<const level::Level>(
        testing::drawnLevel(project, {"S......X", "########"})));
    const auto files = file::bundleFiles(whole, {});
    QVERIFY(files.has_value());
    QStringList schemas;
    for (const auto& [path, text] : *files)
        if (path.starts_with("schema/")) schemas << QString::fromStdString(path);
    QCOMPARE(schemas, QStringList({"schema/rookplot-campaign.schema.json",
                                   "schema/rookplot-level.schema.json",
                                   "schema/rookplot-manifest.schema.json"}));
}

ROOK_TEST(BakedPartsTest)

}  // namespace rook::baked_parts_test

#include "baked_parts_test.moc"
