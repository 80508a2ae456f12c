// Files from elsewhere: each sort, what it changes, what it cannot keep, and what is hostile.

#include "ship/import.h"
#include "ship/models_in.h"

#include <QElapsedTimer>

#include "data.h"
#include "file/bundle.h"
#include "file/json_text.h"
#include "file/kind_file.h"
#include "file/model_file.h"
#include "file/placements.h"
#include "file/project_file.h"
#include "level/kind_edits.h"
#include "testing.h"

namespace rook::imports_test {

using ship::ImportSort;
using ship::ImportWish;

class ImportsTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void files_areKnownByTheirNamesAndBytes();
    void bakedLevel_comesBack();
    void bakedLevel_packed_isTheSame();
    void bakedLevel_intoALevel();
    void bakedLevel_withoutMattersAndKinds_tellsWhatIsNotKept();
    void placements_tellWhatWillChange();
    void kinds_areAddedOrChanged();
    void sheetsAndPieces_areCopied();
    void manyModels_areToldAndTaken();
    void manyModels_saysWhatIsWrong();
    void brokenFiles_sayOneSentence();
    void csv_isReadAsOthersWriteIt();
    void hostileCsv();

private:
    [[nodiscard]] std::string baked(const char* id, bool isPacked = false) const;
    level::Project m_project;
    std::unique_ptr<QTemporaryDir> m_folder;
};

void ImportsTest::initTestCase() {
    m_folder = std::make_unique<QTemporaryDir>();
    const auto project =
        file::openProject(file::diskStorage(), testing::copyDemo(*m_folder).toStdString());
    QVERIFY(project.has_value());
    m_project = *project;
}

std::string ImportsTest::baked(const char* id, bool isPacked) const {
    level::Project project = m_project;
    project.bundle.isPacked = isPacked;
    // What is solved for in a bundle does not come back.
    auto made = file::bakedLevel(project, *project.findLevel({id}), {}, {}, file::Baking::Look);
    if (!made) qFatal("%s", made.error().sentence().c_str());
    return std::move(made->text);
}

void ImportsTest::files_areKnownByTheirNamesAndBytes() {
    const auto sortOf = [](const char* name, const std::string& bytes) {
        const auto sort = ship::sortOfFile(name, bytes);
        return sort ? std::string(ship::nameOf(*sort)) : std::string();
    };
    QCOMPARE(sortOf("a.txt", "##"), std::string("text-grid"));
    QCOMPARE(sortOf("a.PNG", "\x89PNG\r\n"), std::string("image-map"));
    QCOMPARE(sortOf("a.csv", "level,id"), std::string("placements"));
    QCOMPARE(sortOf("intake.level.json", R"({"format": "rookplot-level")"), std::string("level"));
    QCOMPARE(sortOf("kinds.json", R"({"format": "rookplot-kinds")"), std::string("kinds"));
    QCOMPARE(sortOf("a.glb", "glTF"), std::string("piece"));
    QCOMPARE(sortOf("a.exe", "MZ"), std::string());
    for (const auto sort : {ImportSort::TextGrid, ImportSort::Piece})
        QVERIFY(ship::importSortOf(ship::nameOf(sort)) == sort);
}

void ImportsTest::bakedLevel_comesBack() {
    for (const char* id : {"intake", "wheel-hall", "grain-loft", "kite-gallery", "leaky-reach"}) {
        if (testing::leavesOut(id)) continue;
        const auto preview =
            ship::previewImport(m_project, std::string(id) + ".level.json", baked(id), {});
        QVERIFY2(preview.has_value(), preview ? "" : preview.error().sentence().c_str());
        const auto back = preview->edit->project.findLevel(preview->shown);
        const auto level = m_project.findLevel({id});
        QVERIFY(back->id != level->id);
        QVERIFY(back->cells == level->cells);
        QVERIFY(back->edges == level->edges);
        QCOMPARE(back->zones.size(), level->zones.size());
        for (std::size_t i = 0; i < level->zones.size(); ++i)
            QVERIFY(back->zones[i].place == level->zones[i].place);
        // What rules strew stands in the bundle as a thing, and is one then.
        for (const level::Entity& entity : level->entities) {
            const level::Entity* same = level::findEntity(*back, entity.id);
            QVERIFY2(same, entity.id.text.c_str());
            QVERIFY(same->kind == entity.kind && same->box == entity.box);
            QVERIFY2(same->facing == entity.facing, entity.id.text.c_str());
            level::RoleData data = entity.data, sameData = same->data;
            // Said otherwise in a bundle: all pickups by their ids, springs by their tables.
            if (data.opensWithAllPickups) data.opens = sameData.opens;
            data.opensWithAllPickups = false;
            data.spring = sameData.spring = {};
            if (data.track.ease != level::Ease::Linear || !data.track.waits.empty())
                data.track = sameData.track;
            QVERIFY2(data == sameData, (std::string(id) + " " + entity.id.text).c_str());
        }
        // It can be baked again: nothing of it is broken.
        QVERIFY(file::bakedLevel(preview->edit->project, *back, {}, {}, file::Baking::Look));
    }
}

void ImportsTest::bakedLevel_packed_isTheSame() {
    const auto plain = ship::previewImport(m_project, "a.level.json", baked("intake"), {});
    const auto packed = ship::previewImport(m_project, "a.level.json", baked("intake", true), {});
    QVERIFY(plain && packed);
    QVERIFY(plain->edit->project == packed->edit->project);
}

void ImportsTest::bakedLevel_intoALevel() {
    ImportWish wish;
    wish.into = {"wheel-hall"};
    const auto preview = ship::previewImport(m_project, "x.level.json", baked("intake"), wish);
    QVERIFY(preview.has_value());
    const auto level = preview->edit->project.findLevel({"wheel-hall"});
    QVERIFY(level->cells == m_project.findLevel({"intake"})->cells);
    QCOMPARE(level->title, std::string("Wheel hall"));
    QVERIFY(level->sketch == m_project.findLevel({"wheel-hall"})->sketch);
    wish.into = {"nowhere"};
    QVERIFY(!ship::previewImport(m_project, "x.level.json", baked("intake"), wish));
}

void ImportsTest::bakedLevel_withoutMattersAndKinds_tellsWhatIsNotKept() {
    level::Project other = testing::smallProject();
    other.levels = {std::make_shared<const level::Level>(testing::drawnLevel(other, {"S.X"}))};
    const auto preview = ship::previewImport(other, "x.level.json", baked("wheel-hall"), {});
    QVERIFY2(preview.has_value(), preview ? "" : preview.error().sentence().c_str());
    const auto tells = [&](const char* words) {
        return std::any_of(
            preview->notKept.begin(), preview->notKept.end(),
            [&](const std::string& line) { return line.find(words) != std::string::npos; });
    };
    QVERIFY(tells("no kind crab") && tells("no matter silt"));
    const auto level = preview->edit->project.findLevel(preview->shown);
    QVERIFY(!level->entities.empty());  // keepers and lanterns it has
    for (const level::Entity& entity : level->entities)
        QVERIFY(other.findKind(entity.kind));
}

void ImportsTest::placements_tellWhatWillChange() {
    const auto preview = ship::previewImport(
        m_project, "placements.csv", "level,id,x-cells,y-up\r\nintake,gauge-1,10.5,64\r\n", {});
    QVERIFY2(preview.has_value(), preview ? "" : preview.error().sentence().c_str());
    QCOMPARE(preview->changes.size(), std::size_t(2));
    const level::Entity* gauge =
        level::findEntity(*preview->edit->project.findLevel({"intake"}), {"gauge-1"});
    QCOMPARE(gauge->box.x, 168);
    QCOMPARE(gauge->box.bottom(), 34 * 16 - 64);
    QVERIFY(!ship::previewImport(m_project, "p.csv", "level,id,x\r\nintake,nobody,1\r\n", {}));
    QVERIFY(!ship::previewImport(m_project, "p.csv", "level,id,x\r\nintake,gauge-1,-900\r\n", {}));
}

void ImportsTest::kinds_areAddedOrChanged() {
    level::Project other = m_project;
    level::Kind kind = *other.findKind({"crab"});
    kind.title = "Old crab";
    other = level::changeKind(other, kind.id, kind)->edit.project;
    level::Kind fresh = level::freshKind(other, "Otter", level::Role::Foe);
    other = level::addKind(other, fresh)->project;
    const auto preview = ship::previewImport(m_project, "kinds.json", file::kindsText(other), {});
    QVERIFY2(preview.has_value(), preview ? "" : preview.error().sentence().c_str());
    QCOMPARE(preview->changes.size(), std::size_t(2));
    QVERIFY(preview->edit->project.findKind(fresh.id));
    QCOMPARE(preview->edit->project.findKind({"crab"})->title, std::string("Old crab"));
}

void ImportsTest::sheetsAndPieces_areCopied() {
    const file::Path folder = m_folder->filePath("weir").toStdString();
    const file::Path sheet = folder / "sheets" / "weir.png";
    ImportWish wish;
    wish.as = ImportSort::Sheet;
    const auto bytes = file::diskStorage().read(sheet, 1 << 24);
    auto preview = ship::previewImport(m_project, "more.png", *bytes, wish);
    QVERIFY(preview && !preview->edit);
    QVERIFY(preview->changes[0].find("tiles") != std::string::npos);
    auto edit = ship::takeImport(file::diskStorage(), folder, m_project, *preview, sheet, wish);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QCOMPARE(edit->project.sheets.size(), m_project.sheets.size() + 1);
    // A piece: a box of a model, fitted to the kit's modules.
    const level::Kit& kit = *m_project.kits.begin();
    const QString model = m_folder->filePath("step.glb");
    testing::writeBytes(
        model, QByteArray::fromStdString(file::glbOf(
                   kit::meshOf(kit::facesOf(kit, *kit.pieces.begin())), "step", "#445566")));
    wish = {};
    const auto glb = file::diskStorage().read(model.toStdString(), 1 << 24);
    preview = ship::previewImport(m_project, "step.glb", *glb, wish);
    QVERIFY(preview && preview->sort == ImportSort::Piece);
    edit = ship::takeImport(file::diskStorage(), folder, m_project, *preview, model.toStdString(),
                            wish);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QCOMPARE(edit->project.kits.begin()->pieces.size(), kit.pieces.size() + 1);
}

/// Each node of a level's own model is a piece again: its size, about its pivot.
void ImportsTest::manyModels_areToldAndTaken() {
    const level::Kit& kit = *m_project.kits.begin();
    QTemporaryDir from;
    level::Level board;
    board.kind = level::LevelKind::Kit;
    board.kit = kit.name;
    std::vector<level::PlacedPiece> placed;
    for (const level::Piece& piece : kit.pieces) {
        const int id = int(placed.size()) + 1;
        placed.push_back({id, piece.name, {8 * id, 4}, 0, 0, {}, {}, {}});
    }
    board.pieces = placed;
    testing::writeBytes(from.filePath("set.glb"),
                        QByteArray::fromStdString(file::kitLevelGlb(m_project, kit, board, {})));
    testing::writeBytes(from.filePath("crate.obj"),
                        "o crate\nv 0 0 0\nv 2 0 0\nv 2 0 2\nv 0 0 2\nf 1 4 3 2\n"
                        "o lid\nv 5 1 0\nv 6 1 0\nv 6 1 1\nf 5 6 7\n");
    testing::writeBytes(from.filePath("notes.txt"), "no model");
    int told = 0;
    ship::ReadingModels reading;
    reading.progress = [&](int done, int all) { told += done < all ? 1 : 0; };
    auto models = ship::readModels(file::diskStorage(), {from.path().toStdString()}, reading);
    QCOMPARE(told, 2);
    QCOMPARE(models.size(), kit.pieces.size() + 2);
    ship::look(kit, models, true);
    QCOMPARE(models[0].name, std::string("crate"));
    QCOMPARE(models[0].faces->openEdges.size(), std::size_t(4));
    QVERIFY(models[0].faces->turned.empty());
    QCOMPARE(models[1].faces->turned.size(), std::size_t(1));
    models[0].isTaken = models[1].isTaken = false;
    for (std::size_t i = 0; i < kit.pieces.size(); ++i) {
        const level::Piece& piece = kit.pieces[i];
        const ship::IncomingModel& model = models[i + 2];
        const kit::Mesh whole = kit::meshOf(kit::facesOf(kit, piece));
        QCOMPARE(model.mesh->triangles.size(), whole.triangles.size());
        const kit::MeshBox box = kit::boxOf(whole), seen = kit::boxOf(*model.mesh);
        const kit::Point3 pivot = kit::pivotUnits(kit, piece);
        QVERIFY(kit::lengthOf(seen.low - (box.low - pivot)) < 1e-3);
        QVERIFY(kit::lengthOf(seen.high - (box.high - pivot)) < 1e-3);
        QVERIFY2(model.seen.has_value(), piece.name.c_str());
    }
    const file::Path folder = m_folder->filePath("weir").toStdString();
    const auto edit = ship::takeModels(file::diskStorage(), folder, m_project, kit.name, models);
    QVERIFY2(edit.has_value(), edit ? "" : edit.error().sentence().c_str());
    QCOMPARE(edit->project.kits.begin()->pieces.size(), 2 * kit.pieces.size());
    for (std::size_t i = 0; i < kit.pieces.size(); ++i) {
        const level::Piece& made = edit->project.kits.begin()->pieces[kit.pieces.size() + i];
        const auto bytes = file::diskStorage().read(folder / made.model, file::maxModelBytes);
        QVERIFY(bytes.has_value());
        const auto mesh = file::readModel(file::diskStorage(), folder, made.model, *bytes);
        QVERIFY(mesh.has_value());
        QCOMPARE(mesh->triangles.size(), models[i + 2].mesh->triangles.size());
    }
}

void ImportsTest::manyModels_saysWhatIsWrong() {
    const level::Kit& kit = *m_project.kits.begin();
    QTemporaryDir from;
    auto models = ship::readModels(file::diskStorage(), {from.path().toStdString()});
    QCOMPARE(models.size(), std::size_t(1));
    QVERIFY(models[0].error && models[0].error->kind == ErrorKind::Missing);
    const QString broken = from.filePath("broken.glb"), huge = from.filePath("huge.obj");
    testing::writeBytes(broken, "glTF");
    testing::writeBytes(huge, "v 0 0 0\nv 90000 0 0\nv 0 0 90000\nf 1 2 3\n");
    models = ship::readModels(file::diskStorage(), {broken.toStdString(), huge.toStdString(),
                                                    from.filePath("none.obj").toStdString()});
    QCOMPARE(models.size(), std::size_t(3));
    ship::look(kit, models, true);
    for (const ship::IncomingModel& model : models)
        QVERIFY(model.error && !model.error->sentence().empty());
    // A smaller one of it can be taken.
    models[1].fixes.scale = 0.0001;
    models[1].error.reset();
    ship::look(kit, models, false);
    QVERIFY(models[1].seen && !models[1].error && models[0].error);
    for (ship::IncomingModel& model : models)
        model.isTaken = false;
    const file::Path folder = m_folder->filePath("weir").toStdString();
    const auto none = ship::takeModels(file::diskStorage(), folder, m_project, kit.name, models);
    QVERIFY(!none && none.error().kind == ErrorKind::NotApplicable);
    models[1].isTaken = true;
    const auto lost = ship::takeModels(file::diskStorage(), folder, m_project, "no-kit", models);
    QVERIFY(!lost && lost.error().kind == ErrorKind::BadReference);
}

void ImportsTest::brokenFiles_sayOneSentence() {
    QElapsedTimer timer;
    timer.start();
    // A small level, as it is read some hundred times.
    level::Project project = testing::smallProject();
    level::Level small =
        testing::drawnLevel(project, {"........", "..o.==..", "S.....X.", "########"});
    small.zones = std::vector<level::Zone>(1);
    small.zones.edit([](auto& zones) {
        zones[0].id = {"west"};
        zones[0].place = {0, 0, 4, 4};
    });
    project.levels = {std::make_shared<const level::Level>(small)};
    const std::string whole = *file::bakedLevelText(project, small);
    const auto sentenceOf = [&](const char* name, const std::string& bytes) {
        const auto preview = ship::previewImport(project, name, bytes, {});
        return preview ? std::string() : preview.error().sentence();
    };
    QVERIFY(!sentenceOf("a.level.json", "{").empty());
    QVERIFY(!sentenceOf("a.level.json", "[]").empty());
    QVERIFY(!sentenceOf("a.level.json", R"({"format": "rookplot-level", "version": 9})").empty());
    QVERIFY(!sentenceOf("a.level.json", baked("sluice-table")).empty());
    // Any key of another type, or gone: a sentence or a level, and never a crash.
    const auto json = file::parseJson(whole, "x");
    for (const auto& [key, value] : json->items())
        for (const file::Json& wrong : {file::Json(), file::Json(7), file::Json("x"),
                                        file::Json::array(), file::Json{{"a", 1}}}) {
            file::Json broken = *json;
            broken[key] = wrong;
            (void)sentenceOf("a.level.json", broken.dump());
        }
    for (const char* pointer :
         {"/matter/cells/0/0", "/matter/names", "/entities/0/x", "/entities/1/to", "/zones",
          "/layers/0/tiles/3", "/size/columns", "/cell/width", "/movers"})
        for (const file::Json& wrong : {file::Json(-1), file::Json(1e300), file::Json("x"),
                                        file::Json::array({file::Json::array({1})})}) {
            file::Json broken = *json;
            broken[file::Json::json_pointer(pointer)] = wrong;
            (void)sentenceOf("a.level.json", broken.dump());
        }
    QVERIFY(timer.elapsed() < 60'000);
}

void ImportsTest::csv_isReadAsOthersWriteIt() {
    const auto rows = file::csvRows("a,\"b \"\"c\"\"\",\"d\r\ne\"\r\n\r\n 1 , ,\n", "x");
    QVERIFY2(rows.has_value(), rows ? "" : rows.error().sentence().c_str());
    QCOMPARE(rows->size(), std::size_t(2));
    QCOMPARE((*rows)[0], (std::vector<std::string>{"a", "b \"c\"", "d\r\ne"}));
    QCOMPARE((*rows)[1], (std::vector<std::string>{" 1 ", " ", ""}));
    QVERIFY(file::csvRows("", "x")->empty());
    QVERIFY(!file::csvRows("a,\"b", "x"));
}

void ImportsTest::hostileCsv() {
    QElapsedTimer timer;
    timer.start();
    const auto wide = file::csvRows(std::string(1'000'000, ','), "x");
    QVERIFY(!wide && wide.error().kind == ErrorKind::OutOfRange);
    std::string quotes(2'000'000, '"');
    (void)file::csvRows(quotes, "x");
    std::string rows = "level,id\r\n";
    for (int i = 0; i < 400'000; ++i)
        rows += "nowhere,x\r\n";
    QVERIFY(!file::readPlacements(rows, "x", m_project));
    // Under sanitizers all is slower, the more so beside other tests.
    const bool isWatched = qEnvironmentVariableIntValue("ROOK_ROUNDS") > 0;
    QVERIFY2(timer.elapsed() < (isWatched ? 60'000 : 8'000), "each takes less than two seconds");
}

ROOK_TEST(ImportsTest)

}  // namespace rook::imports_test

#include "imports_test.moc"
