/// Nonsense that readers accept, because nothing is lost by it, is told.

#include "check/project_fixes.h"

#include "data.h"
#include "file/asset_facts.h"
#include "file/project_file.h"
#include "level/bundle_size.h"
#include "testing.h"

namespace rook::project_findings_test {

using namespace level;

namespace {

using Findings = std::vector<check::ProjectFinding>;

int countOf(const Findings& findings, const std::string& name, const std::string& words = {}) {
    return int(std::count_if(findings.begin(), findings.end(), [&](const auto& finding) {
        return finding.name == name && finding.sentence.find(words) != std::string::npos;
    }));
}

/// A fix mends all of its sort in the same file, and nothing else; once mended there is none.
void tryFix(const Project& project, const AssetFacts& facts, const check::ProjectFinding& finding) {
    const auto fixed = check::fixOf(project, facts, finding);
    QCOMPARE(fixed.has_value(), !check::fixWordsOf(finding).empty());
    if (!fixed) return;
    Findings left = check::projectFindings(project, facts);
    std::erase_if(left, [&](const auto& each) {
        return each.name == finding.name && each.where == finding.where;
    });
    QVERIFY2(check::projectFindings(fixed->project, facts) == left, finding.sentence.c_str());
    QVERIFY(!check::fixOf(fixed->project, facts, finding));
}

/// Findings of a project of which one level is changed, after their fixes were tried.
Findings afterChange(const std::function<void(Project&, Level&)>& change,
                     const AssetFacts& facts = {}) {
    Project project = file::newProject("Small");
    Level level = *project.levels[0];
    change(project, level);
    project.levels[0] = std::make_shared<const Level>(std::move(level));
    const Findings findings = check::projectFindings(project, facts);
    for (const check::ProjectFinding& finding : findings)
        tryFix(project, facts, finding);
    return findings;
}

}  // namespace

class ProjectFindingsTest : public QObject {
    Q_OBJECT
private slots:
    void aNewProject_hasNone_norHasTheDemo();
    void unknownKeys_areKept_andNearOnesDoubted();
    void tilesBeyondTheirSheet();
    void namesThatAreUnknownOrTwice();
    void titles_timetables_blocks();
    void filesBeside_areLookedAt();
    void tooLarge_isSaidBefore();
};

void ProjectFindingsTest::aNewProject_hasNone_norHasTheDemo() {
    QVERIFY(afterChange([](Project&, Level&) {}).empty());
    const std::string demo = ROOK_SOURCE_DIR "/demo/lantern-weir";
    const auto project = file::openProject(file::diskStorage(), demo);
    QVERIFY(project);
    const auto findings =
        check::projectFindings(*project, file::assetFactsOf(file::diskStorage(), demo, *project));
    // What is wrong with its last level is told with the level; that it is a dead end, with the
    // proof of the game.
    QVERIFY(findings.empty());
}

void ProjectFindingsTest::unknownKeys_areKept_andNearOnesDoubted() {
    const auto findings = afterChange([](Project& project, Level& level) {
        project.matters.edit([](auto& list) {
            list[1].unknown.emplace_back("behavior", "\"solid\"");
            list[2].unknown.emplace_back("friction", "3");
            list[3].unknown.emplace_back("friction", "4");
        });
        level.unknown.emplace_back("bakground", "1");
        Entity key;
        key.id = {"key-1"};
        key.kind = {"key"};
        key.unknown.emplace_back("Facing", "1");
        key.unknownFields.emplace_back("wieght", "1");
        level.entities = std::vector<Entity>{key};
        project.kinds.edit([](auto& list) {
            for (Kind& kind : list)
                if (kind.id.text == "key") {
                    FieldDefinition field;
                    field.name = "weight";
                    kind.fields.push_back(field);
                }
        });
    });
    QCOMPARE(countOf(findings, "unknown-key", "\"behavior\", kept: is it \"behaviour\""), 1);
    QCOMPARE(countOf(findings, "unknown-key", "\"bakground\", kept: is it \"background\""), 1);
    QCOMPARE(countOf(findings, "unknown-key", "\"Facing\", kept: is it \"facing\""), 1);
    QCOMPARE(countOf(findings, "unknown-key", "field of key \"wieght\", kept: is it \"weight\""),
             1);
    QCOMPARE(countOf(findings, "unknown-key", "\"friction\", kept, 2 times"), 1);
    QCOMPARE(int(check::openCount(findings)), 4);
}

void ProjectFindingsTest::tilesBeyondTheirSheet() {
    AssetFacts facts;
    facts.files["sheets/weir.png"] = {{}, 32, 32};
    const auto findings = afterChange(
        [](Project& project, Level& level) {
            Sheet sheet;
            sheet.name = "weir";
            sheet.path = "sheets/weir.png";
            sheet.columns = 2;
            sheet.animations.push_back({0, {0, 4}, 5});
            project.sheets = std::vector<Sheet>{sheet};
            project.matters.edit([](auto& list) {
                list[1].sheet = "weir";
                list[1].tile = 4;  // the last one
                list[2].sheet = "weir";
                list[2].tile = 5;
            });
            level.tiles = Grid<Tile>(level.cells.width(), level.cells.height());
            level.tiles.set(3, 3, Tile(0, 3));
            level.tiles.set(4, 3, Tile(0, 4));
            level.tiles.set(5, 3, Tile(0, 400));
            level.tiles.set(6, 3, Tile::blank());
        },
        facts);
    QCOMPARE(countOf(findings, "tile-beyond-sheet"), 3);
    QCOMPARE(countOf(findings, "tile-beyond-sheet", "Plank shows tile 5 of weir, which has 4"), 1);
    QCOMPARE(countOf(findings, "tile-beyond-sheet", "2 cells show tiles"), 1);
    QCOMPARE(countOf(findings, "tile-beyond-sheet", "A frame of tile 1"), 1);
}

void ProjectFindingsTest::namesThatAreUnknownOrTwice() {
    const auto findings = afterChange([](Project& project, Level& level) {
        project.matters.edit([](auto& list) { list[2].glyph = list[1].glyph; });
        level.theme = "marsh";
        level.backdrop = "fog";
        TileLayer layer;
        layer.name = "reeds";
        level.layers = std::vector<TileLayer>{layer, layer};
        ScatterRule rule;
        rule.name = "moss";
        rule.layer = "nowhere";
        level.scatter = std::vector<ScatterRule>{rule};
        Zone zone;
        zone.id = {"zone-1"};
        zone.name = "Mill";
        zone.theme = "mill";
        level.zones = std::vector<Zone>{zone};
    });
    QCOMPARE(countOf(findings, "glyph-twice", "Stone and Plank"), 1);
    QCOMPARE(countOf(findings, "theme-unknown"), 2);
    QCOMPARE(countOf(findings, "backdrop-unknown", "fog"), 1);
    QCOMPARE(countOf(findings, "layer-twice", "reeds"), 1);
    QCOMPARE(countOf(findings, "layer-unknown", "nowhere"), 1);
}

void ProjectFindingsTest::titles_timetables_blocks() {
    const auto findings = afterChange([](Project& project, Level& level) {
        project.name.clear();
        level.title = std::string(500, 'x');
        level.laid = std::vector<LaidBlock>{{"arch", {38, 0, 5, 5}}, {"arch", {0, 0, 5, 5}}};
        Entity steam;
        steam.id = {"steam-1"};
        steam.kind = {"hazard"};
        steam.data.timetable = runtime::Timetable{60, {{0, 20}, {10, 30}}};
        Entity other = steam;
        other.id = {"steam-2"};
        other.data.timetable = runtime::Timetable{60, {{20, 30}, {0, 20}}};
        level.entities = std::vector<Entity>{steam, other};
    });
    QCOMPARE(countOf(findings, "title-empty", "The project"), 1);
    QCOMPARE(countOf(findings, "title-long", "500 bytes"), 1);
    const auto nameless = afterChange([](Project&, Level& level) { level.title.clear(); });
    QCOMPARE(countOf(nameless, "title-empty", "The level"), 1);
    const auto fixable = [](const check::ProjectFinding& each) {
        return !check::fixWordsOf(each).empty();
    };
    QCOMPARE(std::count_if(nameless.begin(), nameless.end(), fixable), 1);
    QCOMPARE(std::count_if(findings.begin(), findings.end(), fixable), 2);
    QCOMPARE(countOf(findings, "block-outside"), 1);
    QCOMPARE(countOf(findings, "timetable-overlaps", "steam-1 is on from tick 10"), 1);
    QCOMPARE(countOf(findings, "timetable-overlaps"), 1);
}

void ProjectFindingsTest::filesBeside_areLookedAt() {
    QTemporaryDir folder;
    const QString demo = testing::copyDemo(folder);
    testing::writeBytes(demo + "/levels/forgotten.json", "{}");
    // Damaged inside: its head is fine.
    const QByteArray sheet = testing::readBytes(demo + "/sheets/weir.png");
    testing::writeBytes(demo + "/sheets/weir.png", sheet.left(sheet.size() / 2));
    auto project = file::openProject(file::diskStorage(), demo.toStdString());
    QVERIFY(project);
    project->kits.edit([](auto& kits) {
        kits[0].pieces[0].model = "models/none.glb";
        kits[0].pieces[1].model = "models/junk.glb";
    });
    testing::writeBytes(demo + "/models/junk.glb", "junk");
    const auto facts = file::assetFactsOf(file::diskStorage(), demo.toStdString(), *project);
    const auto findings = check::projectFindings(*project, facts);
    QCOMPARE(countOf(findings, "level-left-out"), 1);
    QCOMPARE(countOf(findings, "asset-unreadable"), 3);
    QVERIFY(findings[0].severity == check::Severity::Error);
}

void ProjectFindingsTest::tooLarge_isSaidBefore() {
    const auto findings =
        afterChange([](Project&, Level& level) { level.cells = Grid<Cell>(16384, 16384); });
    QCOMPARE(countOf(findings, "too-large-to-export"), 1);
    Level large;
    large.cells = Grid<Cell>(7000, 7000);
    QVERIFY(!level::problemOfBundle(large));
}

ROOK_TEST(ProjectFindingsTest)

}  // namespace rook::project_findings_test

#include "project_findings_test.moc"
