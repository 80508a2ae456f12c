/// Block-out solids in the files of levels and in what a game gets.

#include <set>

#include "file/bundle.h"
#include "file/model_file.h"
#include "file/project_file.h"
#include "kit/random_solids.h"
#include "kit/solid_fill.h"
#include "testing.h"

namespace rook::solid_files_test {

using level::Solid;

class SolidFilesTest : public QObject {
    Q_OBJECT
private slots:
    void solids_surviveSaving();
    void badSolids_areOneSentence_data();
    void badSolids_areOneSentence();
    void bundle_holdsWhatSolidsFill();
    void levelModel_hasANodeASolid();
    void collision_isASceneOfItsOwn();
};

namespace {

/// A project of the small kit, with a board of random solids of all sorts.
std::pair<level::Project, level::Level> boardOf(std::uint64_t seed) {
    level::Project project = file::newProject("Solids");
    project.kits = std::vector<level::Kit>{testing::smallKit()};
    level::Level level =
        testing::with(project.kits[0], testing::kitBoard(8, 8), {testing::put("floor", 1, 1)});
    Random random(seed);
    for (int i = 0; i < 12; ++i) {
        Solid solid = testing::randomSolid(random, 8, 8);
        if (i % 4 == 0 && solid.openings.empty()) solid.sort = level::SolidSort::Round;
        if (i % 4 == 1 && solid.openings.empty()) solid.sort = level::SolidSort::Wedge;
        level = testing::withSolid(project.kits[0], level, solid);
    }
    return {project, level};
}

nlohmann::json chunkOf(const std::string& glb) {
    std::uint32_t length = 0;
    std::memcpy(&length, glb.data() + 12, 4);
    return nlohmann::json::parse(glb.substr(20, length));
}

}  // namespace

void SolidFilesTest::solids_surviveSaving() {
    const std::uint64_t seed = testing::seedOr(41);
    for (std::uint64_t i = 0; i < 30; ++i) {
        const auto [project, level] = boardOf(seed + i);
        const std::string text = file::levelText(project, level);
        const auto read = file::readLevelText(project, text, "levels/board.json");
        QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
        QVERIFY2(read->solids == level.solids, ("ROOK_SEED=" + std::to_string(seed + i)).c_str());
        QCOMPARE(file::levelText(project, *read), text);
    }
}

void SolidFilesTest::badSolids_areOneSentence_data() {
    QTest::addColumn<QByteArray>("from");
    QTest::addColumn<QByteArray>("to");
    QTest::addColumn<QByteArray>("words");
    const auto row = [](const char* name, const char* from, const char* to, const char* words) {
        QTest::newRow(name) << QByteArray(from) << QByteArray(to) << QByteArray(words);
    };
    row("sort", "\"sort\": \"box\"", "\"sort\": \"heap\"", "\"heap\" is not known");
    row("no size", "\"size\": [2, 3]", "\"size\": [0, 3]", "not above 0");
    row("too fine", "\"size\": [2, 3]", "\"size\": [\"1/65\", 3]", "64th");
    row("no height", "\"height\": 2.5", "\"height\": 0", "units high");
    row("one id", "\"id\": 2", "\"id\": 1", "both have the id 1");
    row("a word", "\"at\": [4, \"1/4\"]", "\"at\": [4, \"left\"]", "a fraction is wanted");
}

void SolidFilesTest::badSolids_areOneSentence() {
    QFETCH(QByteArray, from);
    QFETCH(QByteArray, to);
    QFETCH(QByteArray, words);
    level::Project project = file::newProject("Solids");
    project.kits = std::vector<level::Kit>{testing::smallKit()};
    level::Level level =
        testing::with(project.kits[0], testing::kitBoard(8, 8), {testing::put("floor", 1, 1)});
    Solid solid;
    solid.x = 4;
    solid.y = Rational(1, 4);
    solid.width = 2;
    solid.depth = 3;
    solid.height = {2500};
    level = testing::withSolid(project.kits[0], level, solid);
    QByteArray text = QByteArray::fromStdString(file::levelText(project, level));
    const qsizetype at = text.lastIndexOf(from);
    QVERIFY2(at >= 0, text);
    text.replace(at, from.size(), to);
    const auto read = file::readLevelText(project, text.toStdString(), "levels/board.json");
    QVERIFY(!read);
    QVERIFY2(read.error().sentence().find(words.toStdString()) != std::string::npos,
             read.error().sentence().c_str());
}

void SolidFilesTest::bundle_holdsWhatSolidsFill() {
    const auto [project, level] = boardOf(51);
    const auto text = file::bakedLevelText(project, level);
    QVERIFY2(text.has_value(), text ? "" : text.error().sentence().c_str());
    const auto json = nlohmann::json::parse(*text);
    std::size_t masses = 0;
    for (const Solid& solid : level.solids)
        masses += kit::massesOf(project.kits[0], solid).size();
    std::size_t told = 0;
    for (const auto& each : json["solids"]) {
        if (!each.contains("solid")) continue;
        ++told;
        const Solid& solid = *kit::findSolid(level, each["solid"].get<int>());
        const kit::ExactBox box = kit::boxOf(project.kits[0], solid);
        QVERIFY(each["from"][2].get<double>() >= box.from.toDouble() - 1e-9);
        QVERIFY(each["to"][2].get<double>() <= box.to.toDouble() + 1e-9);
        QCOMPARE(each["sort"].get<std::string>(),
                 std::string(solid.sort == level::SolidSort::Wedge ? "ramp" : "block"));
        QCOMPARE(each.contains("outline"), solid.sort == level::SolidSort::Round);
    }
    QCOMPARE(told, masses);
}

void SolidFilesTest::levelModel_hasANodeASolid() {
    const auto [project, level] = boardOf(53);
    const auto json = chunkOf(file::kitLevelGlb(project, project.kits[0], level, {}));
    std::set<std::string> named;
    for (const auto& node : json["nodes"])
        named.insert(node["name"].get<std::string>());
    for (const Solid& solid : level.solids)
        QCOMPARE(named.contains("solid-" + std::to_string(solid.id)),
                 !kit::massesOf(project.kits[0], solid).empty());
}

void SolidFilesTest::collision_isASceneOfItsOwn() {
    const auto [project, level] = boardOf(55);
    const level::Kit& kit = project.kits[0];
    std::size_t masses = 0;
    for (const Solid& solid : level.solids)
        masses += kit::massesOf(kit, solid).size();
    for (const auto& placed : level.pieces)
        masses += kit::massesOf(kit, *kit.find(placed.piece), placed).size();
    for (const bool isZUp : {false, true}) {
        const auto json = chunkOf(file::kitLevelGlb(project, kit, level, {}, {isZUp, 1}, true));
        QCOMPARE(json["scene"].get<int>(), 0);
        QCOMPARE(json["scenes"].size(), std::size_t(2));
        QCOMPARE(json["scenes"][1]["name"].get<std::string>(), std::string("collision"));
        auto nodes = json["scenes"][1]["nodes"];
        if (isZUp) nodes = json["nodes"][nodes[0].get<std::size_t>()]["children"];
        QCOMPARE(nodes.size(), masses);
        for (const auto& number : nodes)
            QVERIFY(json["nodes"][number.get<std::size_t>()]["extras"].contains("collision"));
    }
    // Without it, there is one scene.
    QCOMPARE(chunkOf(file::kitLevelGlb(project, kit, level, {}))["scenes"].size(), std::size_t(1));
}

ROOK_TEST(SolidFilesTest)

}  // namespace rook::solid_files_test

#include "solid_files_test.moc"
