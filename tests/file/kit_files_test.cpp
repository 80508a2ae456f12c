/// Kits and models in files: what is written is read, what is wrong is refused, and what a game
/// gets.

#include "file/kit_file.h"

#include <QProcess>
#include <cmath>
#include <set>

#include "data.h"
#include "file/bundle.h"
#include "file/model_file.h"
#include "file/project_file.h"
#include "kit/audit.h"
#include "kit/small_kit.h"
#include "testing.h"

namespace rook::kit_files_test {

using level::Side;

class KitFilesTest : public QObject {
    Q_OBJECT
private slots:
    void kit_survivesSaving();
    void demoKit_isWrittenAsItWasRead();
    void pieces_surviveSaving_withTheirFractions();
    void badKits_areOneSentence_data();
    void badKits_areOneSentence();
    void ownModel_isExact_afterTheRoundTrip();
    void model_isExamined_againstTheModule();
    void fittedModel_isExact();
    void obj_isRead();
    void materials_areReadFromObj();
    void materials_surviveWriting();
    void pictureThatIsGone_isLeftOut();
    void badModels_areOneSentence_data();
    void badModels_areOneSentence();
    void model_readsBesideItself_andNowhereElse();
    void bundle_holdsPieces_solids_andTheWay();
    void levelModel_holdsTheEntities();
    void lamps_areLightsOfTheModel();
    void levelModel_passesTheValidator();
};

namespace {

file::Storage& disk() {
    return file::diskStorage();
}

/// A box as a model: y up, faces looking out.
kit::Mesh boxMesh(double x0, double y0, double z0, double x1, double y1, double z1) {
    kit::Face face;
    kit::Mesh mesh;
    const auto quad = [&](kit::Point3 a, kit::Point3 b, kit::Point3 c, kit::Point3 d) {
        const auto first = static_cast<std::uint32_t>(mesh.points.size());
        for (const kit::Point3& p : {a, b, c, d})
            mesh.points.push_back(p);
        mesh.triangles.push_back({first, first + 1, first + 2});
        mesh.triangles.push_back({first, first + 2, first + 3});
    };
    quad({x0, y0, z1}, {x0, y1, z1}, {x1, y1, z1}, {x1, y0, z1});
    quad({x0, y0, z0}, {x1, y0, z0}, {x1, y1, z0}, {x0, y1, z0});
    quad({x1, y0, z0}, {x1, y0, z1}, {x1, y1, z1}, {x1, y1, z0});
    quad({x1, y1, z0}, {x1, y1, z1}, {x0, y1, z1}, {x0, y1, z0});
    quad({x0, y1, z0}, {x0, y1, z1}, {x0, y0, z1}, {x0, y0, z0});
    quad({x0, y0, z0}, {x0, y0, z1}, {x1, y0, z1}, {x1, y0, z0});
    return mesh;
}

bool says(const std::vector<std::string>& remarks, const std::string& words) {
    return std::any_of(remarks.begin(), remarks.end(), [&](const std::string& remark) {
        return remark.find(words) != std::string::npos;
    });
}

/// A glTF of one triangle, as text, with its buffer inside or under a name.
std::string triangleGltf(const std::string& uri, std::size_t bytes = 36, int count = 3) {
    return R"({"asset":{"version":"2.0"},"scene":0,"scenes":[{"nodes":[0]}],"nodes":[{"mesh":0}],)"
           R"("meshes":[{"primitives":[{"attributes":{"POSITION":0}}]}],"buffers":[{"byteLength":)" +
           std::to_string(bytes) + R"(,"uri":")" + uri +
           R"("}],"bufferViews":[{"buffer":0,"byteOffset":0,"byteLength":)" +
           std::to_string(bytes) +
           R"(}],"accessors":[{"bufferView":0,"componentType":5126,"type":"VEC3","count":)" +
           std::to_string(count) + R"(,"min":[0,0,0],"max":[1,1,0]}]})";
}

std::string inlineBuffer(const std::vector<float>& floats) {
    const QByteArray bytes(reinterpret_cast<const char*>(floats.data()),
                           qsizetype(floats.size() * sizeof(float)));
    return "data:application/octet-stream;base64," + bytes.toBase64().toStdString();
}

}  // namespace

void KitFilesTest::kit_survivesSaving() {
    level::Kit kit = testing::smallKit();
    kit.body.drop = {1250};
    kit.fraction = 10;
    kit.pieces[0].turns = 0b0101;
    kit.pieces[0].variants = "halls";
    kit.pieces[0].tags = "hall, dry";
    kit.pieces[1].model = "kits/bend.glb";
    level::Measure measure;
    measure.width = {4030};
    measure.over[2] = {-15};
    measure.pivotY = {500};
    kit.pieces[1].measure = measure;
    kit.pieces[2].unknown = {{"later", "[1,2]"}};
    kit.unknown = {{"makers", "{\"a\":1}"}};
    const std::string text = file::kitText(kit);
    const auto read = file::readKitText(text, "kits/small.json");
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    QVERIFY(*read == kit);
    QCOMPARE(file::kitText(*read), text);
}

void KitFilesTest::demoKit_isWrittenAsItWasRead() {
    const QByteArray text = testing::readBytes(ROOK_SOURCE_DIR "/demo/lantern-weir/kits/quay.json");
    const auto kit = file::readKitText(text.toStdString(), "kits/quay.json");
    QVERIFY(kit.has_value());
    QVERIFY(kit->pieces.size() >= 14);
    QCOMPARE(QByteArray::fromStdString(file::kitText(*kit)), text);
    // And the level that is built of it has nothing to find fault with.
    const auto project = file::openProject(disk(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    QVERIFY(project.has_value());
    const auto audit = kit::auditOf(*kit, *project->findLevel({"keepers-quay"}));
    QVERIFY2(audit.faults.empty(), audit.faults.empty() ? "" : audit.faults[0].sentence.c_str());
    const auto broken = file::openProject(disk(), ROOK_SOURCE_DIR "/demo/broken-quay");
    QVERIFY(broken.has_value());
    std::set<kit::FaultSort> sorts;
    for (const auto& fault : kit::auditOf(*kit, *broken->levels[0]).faults)
        sorts.insert(fault.sort);
    QVERIFY(sorts.size() >= 7);
}

void KitFilesTest::pieces_surviveSaving_withTheirFractions() {
    level::Project project = file::newProject("Kits");
    project.kits = std::vector<level::Kit>{testing::smallKit()};
    Random random(testing::seedOr(77));
    level::Level level = testing::randomBoard(random, project.kits[0], 30);
    level::Entity entity;
    entity.id = {"exit-1"};
    entity.kind = {"exit"};
    entity.box = {4, 4, 16, 32};
    entity.storey = 2;
    level.entities.append(entity);
    const auto read =
        file::readLevelText(project, file::levelText(project, level), "levels/board.json");
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    QVERIFY(read->pieces == level.pieces);
    QCOMPARE(read->kit, level.kit);
    QCOMPARE(read->entities[0].storey, 2);
    // Saved whole, with the kit in a file of its own.
    const QTemporaryDir folder;
    project.levels = {std::make_shared<level::Level>(level)};
    QVERIFY(file::saveProject(disk(), folder.path().toStdString(), project).has_value());
    QVERIFY(QFile::exists(folder.filePath("kits/small.json")));
    const auto opened = file::openProject(disk(), folder.path().toStdString());
    QVERIFY2(opened.has_value(), opened ? "" : opened.error().sentence().c_str());
    QVERIFY(opened->kits == project.kits);
    QVERIFY(opened->levels[0]->pieces == level.pieces);
}

void KitFilesTest::badKits_areOneSentence_data() {
    QTest::addColumn<QByteArray>("from");
    QTest::addColumn<QByteArray>("to");
    QTest::addColumn<QByteArray>("words");
    const auto row = [](const char* name, const char* from, const char* to, const char* words) {
        QTest::newRow(name) << QByteArray(from) << QByteArray(to) << QByteArray(words);
    };
    row("module of 0", "\"module\": [4, 4]", "\"module\": [0, 4]", "not above 0");
    row("one number", "\"module\": [4, 4]", "\"module\": [4]", "2 numbers are wanted");
    row("unknown profile", "\"profile\": \"hall\"", "\"profile\": \"hull\"", "does not have");
    row("side", "\"side\": \"left\"", "\"side\": \"west\"", "\"west\" is not known");
    row("fit", "\"with\": \"hall\"", "\"with\": \"hole\"", "that is not there");
    row("surface", "\"surface\": \"ramp\"", "\"surface\": \"lift\"", "\"lift\" is not known");
    row("no rise", "\"rise\": 3", "\"rise\": 0", "a ramp that does not rise");
    row("twice", "\"name\": \"bend\"", "\"name\": \"straight\"", "two pieces straight");
    row("format", "rookplot-kit", "rookplot-kite", "The format is");
}

void KitFilesTest::badKits_areOneSentence() {
    QFETCH(QByteArray, from);
    QFETCH(QByteArray, to);
    QFETCH(QByteArray, words);
    QByteArray text = QByteArray::fromStdString(file::kitText(testing::smallKit()));
    const qsizetype at = text.indexOf(from);
    QVERIFY(at >= 0);
    text.replace(at, from.size(), to);
    const auto read = file::readKitText(text.toStdString(), "kits/small.json");
    QVERIFY(!read);
    QVERIFY2(read.error().sentence().find(words.toStdString()) != std::string::npos,
             read.error().sentence().c_str());
    QVERIFY(read.error().sentence().find("kits/small.json") != std::string::npos);
}

void KitFilesTest::ownModel_isExact_afterTheRoundTrip() {
    const level::Kit kit = testing::smallKit();
    // Two modules by one, its pivot at the corner, a storey high.
    const std::string glb = file::glbOf(boxMesh(0, 0, 0, 8, 4, 3), "Two by one", "#8a94a0");
    const auto mesh = file::readModel(disk(), {}, "two.glb", glb);
    QVERIFY2(mesh.has_value(), mesh ? "" : mesh.error().sentence().c_str());
    QCOMPARE(mesh->triangles.size(), std::size_t{12});
    const auto examination = kit::examined(kit, *mesh, "Two by one", "hall");
    QVERIFY(examination.has_value());
    QVERIFY2(examination->isExact,
             examination->remarks.empty() ? "" : examination->remarks[0].c_str());
    QCOMPARE(examination->piece.bounds(), (CellRect{0, 0, 2, 1}));
    QCOMPARE(examination->piece.pivotX, 0);
    QVERIFY(!examination->piece.measure);
    // All six borders of modules are flat: six ports are proposed.
    QCOMPARE(examination->piece.ports.size(), std::size_t{6});
    QVERIFY(!level::flawOf(examination->piece));
}

void KitFilesTest::model_isExamined_againstTheModule() {
    const level::Kit kit = testing::smallKit();
    // 8.12 units for two modules of 4, and half a unit off in depth.
    const auto odd = kit::examined(kit, boxMesh(0, -0.5, 0, 8.12, 3.5, 3), "Odd", "hall");
    QVERIFY(odd.has_value());
    QVERIFY(!odd->isExact);
    QVERIFY2(says(odd->remarks, "2.03 x 1 modules: too wide by 0.12 units"),
             odd->remarks[0].c_str());
    QVERIFY(says(odd->remarks, "The pivot is 0.5 units off in depth"));
    QCOMPARE(odd->piece.measure->over[0].thousandths, std::int64_t{120});
    // Its foot is not on the ground, and its top looks down.
    kit::Mesh turned = boxMesh(0, 0, 0.2, 4, 4, 3);
    for (std::size_t i = 0; i < 2; ++i)
        std::swap(turned.triangles[i][1], turned.triangles[i][2]);
    const auto about = kit::examined(kit, turned, "Turned", "hall");
    QVERIFY(says(about->remarks, "0.2 units above the ground"));
    QVERIFY(says(about->remarks, "2 of its uppermost faces look down"));
    // A model in millimetres is no piece of 4,000 modules.
    const auto huge = kit::examined(kit, boxMesh(0, 0, 0, 8000, 4000, 3000), "Huge", "hall");
    QVERIFY(!huge);
    QVERIFY(huge.error().sentence().find("larger than 64 modules") != std::string::npos);
}

void KitFilesTest::fittedModel_isExact() {
    const level::Kit kit = testing::smallKit();
    const std::uint64_t seed = testing::seedOr(78);
    for (int round = 0; round < 100; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const double x = random.between(-900, 900) / 100.0, y = random.between(-900, 900) / 100.0;
        const kit::Mesh mesh =
            boxMesh(x, y, random.between(-20, 20) / 100.0, x + random.between(250, 1500) / 100.0,
                    y + random.between(250, 1500) / 100.0, 3);
        const auto odd = kit::examined(kit, mesh, "Odd", "hall");
        QVERIFY(odd.has_value());
        const auto fine = kit::examined(kit, kit::fitted(kit, mesh, odd->piece), "Odd", "hall");
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        QVERIFY2(fine && fine->isExact, where);
        QVERIFY2(fine->piece.bounds() == odd->piece.bounds(), where);
        QVERIFY2(fine->piece.pivotX == odd->piece.pivotX, where);
    }
}

void KitFilesTest::obj_isRead() {
    const std::string obj = "o slab\nv 0 0 0\nv 4 0 0\nv 4 0 4\nv 0 0 4\nf 1 4 3 2\n";
    const auto mesh = file::readModel(disk(), {}, "slab.obj", obj);
    QVERIFY2(mesh.has_value(), mesh ? "" : mesh.error().sentence().c_str());
    QCOMPARE(mesh->triangles.size(), std::size_t{2});
    QCOMPARE(mesh->points.size(), std::size_t{4});
    QVERIFY(std::find(mesh->points.begin(), mesh->points.end(), kit::Point3{4, 4, 0}) !=
            mesh->points.end());
}

/// Two triangles of two materials, with normals and places in a picture.
void KitFilesTest::materials_areReadFromObj() {
    const QTemporaryDir folder;
    testing::writeBytes(folder.filePath("slab.mtl"),
                        "newmtl stone\nKd 0.5 0.25 1\nPr 0.4\nPm 0.1\nmap_Kd wet.png\n"
                        "newmtl brass\nKd 1 0.5 0\nmap_Kd gone.png\n");
    testing::writeBytes(folder.filePath("wet.png"), "bytes of a picture");
    const std::string obj =
        "mtllib slab.mtl\nv 0 0 0\nv 4 0 0\nv 4 0 4\nv 0 0 4\nvn 0 1 0\nvt 0 0\nvt 1 0.25\n"
        "usemtl stone\nf 1/1/1 4/2/1 3/1/1\nusemtl brass\nf 1/1/1 3/1/1 2/1/1\n";
    const auto mesh = file::readModel(disk(), folder.path().toStdString(), "slab.obj", obj);
    QVERIFY2(mesh.has_value(), mesh ? "" : mesh.error().sentence().c_str());
    QCOMPARE(mesh->materialOf, (std::vector<std::uint32_t>{0, 1}));
    QCOMPARE(mesh->materials[0].name, std::string("stone"));
    QCOMPARE(mesh->materials[0].picture, 0);
    QVERIFY(std::abs(mesh->materials[0].color[1] - 0.25) < 1e-6);
    QVERIFY(std::abs(mesh->materials[0].roughness - 0.4) < 1e-6);
    QCOMPARE(mesh->materials[1].picture, -1);  // the file is not there
    QCOMPARE(*mesh->pictures[0], std::string("bytes of a picture"));
    QCOMPARE(mesh->normals[0], (kit::Point3{0, 0, 1}));
    // From the upper left corner here, from the lower left one there.
    QCOMPARE(mesh->places[mesh->triangles[0][1]], (std::array<float, 2>{1, 0.75F}));
    // The .mtl file that is gone leaves the model as it is.
    QVERIFY(QFile::remove(folder.filePath("slab.mtl")));
    const auto bare = file::readModel(disk(), folder.path().toStdString(), "slab.obj", obj);
    QVERIFY(bare && bare->triangles.size() == 2 && bare->materials.empty());
}

void KitFilesTest::materials_surviveWriting() {
    kit::Mesh mesh = boxMesh(0, 0, 0, 4, 4, 3);
    mesh.materials = {{"stone", {0.5, 0.25, 1}, 0.25, 0.5, 0, true},
                      {"brass", {1, 0.5, 0}, 0.75, 0.125, -1, false}};
    mesh.pictures = {std::make_shared<const std::string>("\x89PNG bytes of a picture")};
    for (std::size_t i = 0; i < mesh.triangles.size(); ++i)
        mesh.materialOf.push_back(i % 3 == 0 ? 0 : 1);
    for (const kit::Point3& p : mesh.points) {
        mesh.normals.push_back({p.x > 0 ? 0.6 : -0.6, 0, 0.8});
        mesh.places.push_back({float(p.x) / 4, float(p.y) / 4});
    }
    const auto read = file::readModel(disk(), {}, "box.glb", file::glbOf(mesh, "box", "#8a94a0"));
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    QCOMPARE(read->triangles.size(), mesh.triangles.size());
    QCOMPARE(*read->pictures.at(0), *mesh.pictures[0]);
    // Each triangle with its material, normals and places; they may be told in another order.
    const auto told = [](const kit::Mesh& of) {
        std::multiset<std::string> all;
        for (std::size_t i = 0; i < of.triangles.size(); ++i) {
            const kit::Material& m = of.materials[of.materialOf[i]];
            std::string text =
                m.name + ' ' + std::to_string(m.picture) + (m.isSeenFromBehind ? " both" : "");
            for (const double value : {m.color[0], m.color[1], m.color[2], m.metallic, m.roughness})
                text += ' ' + std::to_string(std::lround(value * 1e4));
            for (const std::uint32_t corner : of.triangles[i]) {
                const kit::Point3& p = of.points[corner];
                const kit::Point3& n = of.normals[corner];
                for (const double value :
                     {p.x, p.y, p.z, n.x, n.y, n.z, double(of.places[corner][0]),
                      double(of.places[corner][1])})
                    text += ' ' + std::to_string(std::lround(value * 1e4));
            }
            all.insert(text);
        }
        return all;
    };
    QCOMPARE(told(*read), told(mesh));
}

void KitFilesTest::pictureThatIsGone_isLeftOut() {
    const QTemporaryDir folder;
    std::string gltf = triangleGltf(inlineBuffer({0, 0, 0, 1, 0, 0, 0, 1, 0}));
    const auto with = [&](const std::string& picture) {
        std::string text = gltf;
        text.insert(1, R"("images": [{"uri": ")" + picture +
                           R"("}], "textures": [{"source": 0}], "materials": [)" +
                           R"({"pbrMetallicRoughness": {"baseColorTexture": {"index": 0}}}],)");
        return file::readModel(disk(), folder.path().toStdString(), "a.gltf", text);
    };
    const auto read = with("gone.png");
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    QVERIFY(read->pictures.empty() && read->materials.at(0).picture == -1);
    const auto outside = with("../../secret.png");
    QVERIFY(!outside && outside.error().kind == ErrorKind::UnsafePath);
}

void KitFilesTest::badModels_areOneSentence_data() {
    QTest::addColumn<QString>("name");
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<QString>("words");
    const auto row = [](const char* test, const char* name, const std::string& bytes,
                        const char* words) {
        QTest::newRow(test) << QString(name) << QByteArray::fromStdString(bytes) << QString(words);
    };
    const float nan = std::nanf("");
    row("no model", "stone.png", "abc", "This is no model");
    row("empty", "a.gltf", "", "cannot be read");
    row("torn", "a.glb", "glTF\2\0\0\0", "cannot be read");
    row("no json", "a.gltf", "{\"asset\":", "cannot be read");
    row("no faces", "a.obj", "v 0 0 0\nv 1 0 0\n", "has no faces");
    row("obj corner", "a.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 9\n", "corner that is not there");
    row("obj nan", "a.obj", "v nan 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n", "is no number");
    row("nan", "a.gltf", triangleGltf(inlineBuffer({0, 0, 0, 1, 0, 0, nan, 1, 0})), "is no number");
    row("huge", "a.gltf", triangleGltf(inlineBuffer({0, 0, 0, 1, 0, 0, 1e30f, 1, 0})), "huge one");
    row("past the end", "a.gltf", triangleGltf(inlineBuffer({0, 0, 0, 1, 0, 0, 0, 1, 0}), 36, 3000),
        "past the end");
    row("outside", "a.gltf", triangleGltf("../../secret.bin"), "leaves the project folder");
    row("gone", "a.gltf", triangleGltf("gone.bin"), "gone.bin");
}

void KitFilesTest::badModels_areOneSentence() {
    QFETCH(QString, name);
    QFETCH(QByteArray, bytes);
    QFETCH(QString, words);
    const QTemporaryDir folder;
    const auto read = file::readModel(disk(), folder.path().toStdString(), name.toStdString(),
                                      bytes.toStdString());
    QVERIFY(!read);
    const QString sentence = QString::fromStdString(read.error().sentence());
    QVERIFY2(sentence.contains(words), qPrintable(sentence));
    QVERIFY(!sentence.contains('\n'));
}

void KitFilesTest::model_readsBesideItself_andNowhereElse() {
    const QTemporaryDir folder;
    const std::vector<float> corners{0, 0, 0, 1, 0, 0, 0, 1, 0};
    testing::writeBytes(folder.filePath("t.bin"),
                        QByteArray(reinterpret_cast<const char*>(corners.data()), 36));
    const auto read =
        file::readModel(disk(), folder.path().toStdString(), "t.gltf", triangleGltf("t.bin"));
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    QCOMPARE(read->triangles.size(), std::size_t{1});
}

void KitFilesTest::bundle_holdsPieces_solids_andTheWay() {
    const auto project = file::openProject(disk(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    QVERIFY(project.has_value());
    const level::Level& level = *project->findLevel({"keepers-quay"});
    const auto text = file::bakedLevelText(*project, level);
    QVERIFY2(text.has_value(), text ? "" : text.error().sentence().c_str());
    const auto json = nlohmann::json::parse(*text);
    QCOMPARE(json["pieces"].size(), level.pieces.size());
    // Joined both ways.
    std::set<std::pair<int, int>> joins;
    for (const auto& piece : json["pieces"])
        for (const auto& port : piece["joined"])
            joins.insert({piece["id"].get<int>(), port["to"].get<int>()});
    QVERIFY(joins.size() > 100);
    for (const auto& [a, b] : joins)
        QVERIFY(joins.contains({b, a}));
    for (const auto& solid : json["solids"])
        for (int k = 0; k < 3; ++k)
            QVERIFY(solid["from"][std::size_t(k)].get<double>() <
                    solid["to"][std::size_t(k)].get<double>());
    // From the start to the exit, a module at a time.
    const auto& way = json["walk"]["way"];
    QCOMPARE(json["walk"]["exit"].get<std::string>(), std::string("gate-1"));
    const auto at = [&](std::size_t i) {
        return CellPoint{way[i][0].get<int>(), way[i][1].get<int>()};
    };
    for (std::size_t i = 1; i < way.size(); ++i)
        QCOMPARE(std::abs(at(i).x - at(i - 1).x) + std::abs(at(i).y - at(i - 1).y), 1);
    const level::Entity& gate = *findEntity(level, {"gate-1"});
    QCOMPARE(at(way.size() - 1), toCell({gate.box.x + 8, gate.box.y + 14}, level.cellSize));
}

void KitFilesTest::levelModel_holdsTheEntities() {
    const auto project = file::openProject(disk(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    const level::Level& level = *project->findLevel({"keepers-quay"});
    const level::Kit& kit = *project->kitOf(level);
    const std::string glb = file::kitLevelGlb(*project, kit, level, {});
    std::uint32_t length = 0;
    std::memcpy(&length, glb.data() + 12, 4);
    const auto json = nlohmann::json::parse(glb.substr(20, length));
    std::map<std::string, nlohmann::json> nodes;
    for (const auto& node : json["nodes"])
        if (node.contains("extras") && node["extras"].contains("kind")) nodes[node["name"]] = node;
    QCOMPARE(nodes.size(), level.entities.size());
    const double width = double(kit.width.thousandths) / 1000;
    const double depth = double(kit.depth.thousandths) / 1000;
    const double storey = double(kit.storey.thousandths) / 1000;
    for (const level::Entity& entity : level.entities) {
        const nlohmann::json& node = nodes.at(entity.id.text);
        QCOMPARE(node["extras"]["kind"].get<std::string>(), entity.kind.text);
        const double x = (entity.box.x + entity.box.width / 2.0) / level.cellSize.width * width;
        const double z = (entity.box.y + entity.box.height / 2.0) / level.cellSize.height * depth;
        QVERIFY(std::abs(node["translation"][0].get<double>() - x) < 1e-9);
        QVERIFY(std::abs(node["translation"][1].get<double>() - entity.storey * storey) < 1e-9);
        QVERIFY(std::abs(node["translation"][2].get<double>() - z) < 1e-9);
        QVERIFY(!node.contains("mesh"));
    }
    QCOMPARE(json["asset"]["extras"]["storey"].get<double>(), storey);
}

namespace {

/// The demo, its kind of that id with a field that says so many candela.
level::Project withLamps(level::Project project, const KindId& kind, std::int64_t candela) {
    project.kinds.edit([&](auto& kinds) {
        for (level::Kind& each : kinds) {
            if (each.id != kind) continue;
            level::FieldDefinition field;
            field.name = "candela";
            field.type = level::FieldType::Integer;
            field.defaultValue = candela;
            each.fields.push_back(field);
            each.color = "#ff8000";
        }
    });
    return project;
}

}  // namespace

void KitFilesTest::lamps_areLightsOfTheModel() {
    const auto project = file::openProject(disk(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    const level::Level& level = *project->findLevel({"keepers-quay"});
    const level::Kit& kit = *project->kitOf(level);
    const level::Entity& thing = *level.entities.begin();
    const auto jsonOf = [&](std::int64_t candela) {
        const std::string glb =
            file::kitLevelGlb(withLamps(*project, thing.kind, candela), kit, level, {});
        std::uint32_t length = 0;
        std::memcpy(&length, glb.data() + 12, 4);
        return nlohmann::json::parse(glb.substr(20, length));
    };
    QVERIFY(!jsonOf(0).contains("extensionsUsed"));
    const auto json = jsonOf(120);
    QCOMPARE(json["extensionsUsed"][0].get<std::string>(), std::string("KHR_lights_punctual"));
    const auto& lights = json["extensions"]["KHR_lights_punctual"]["lights"];
    std::size_t lamps = 0;
    for (const level::Entity& entity : level.entities)
        lamps += entity.kind == thing.kind ? 1 : 0;
    QCOMPARE(lights.size(), lamps);
    std::map<std::string, nlohmann::json> nodes;
    for (const auto& node : json["nodes"])
        nodes[node["name"]] = node;
    const auto& lamp = nodes.at("light-" + thing.id.text);
    const auto& light =
        lights[lamp["extensions"]["KHR_lights_punctual"]["light"].get<std::size_t>()];
    QCOMPARE(light["type"].get<std::string>(), std::string("point"));
    QCOMPARE(light["intensity"].get<double>(), 120.0);
    QCOMPARE(light["color"][0].get<double>(), 1.0);
    // 0x80 as it is written is 0.2159 of the light.
    QVERIFY(std::abs(light["color"][1].get<double>() - 0.2159) < 1e-3);
    const auto& foot = nodes.at(thing.id.text)["translation"];
    QCOMPARE(lamp["translation"][0], foot[0]);
    QVERIFY(std::abs(lamp["translation"][1].get<double>() - foot[1].get<double>() -
                     0.75 * level::exact(kit.storey).toDouble()) < 1e-9);
}

/// The Khronos validator, where its package can be had.
void KitFilesTest::levelModel_passesTheValidator() {
    const auto project = file::openProject(disk(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    const level::Level& level = *project->findLevel({"keepers-quay"});
    const std::string glb =
        file::kitLevelGlb(withLamps(*project, level.entities.begin()->kind, 120),
                          *project->kitOf(level), level, {}, {}, true);
    const auto read = file::readModel(disk(), {}, "quay.glb", glb);
    QVERIFY2(read.has_value(), read ? "" : read.error().sentence().c_str());
    const QString home = (testing::binaryFolder() + "/npm");
    QDir().mkpath(home);
    testing::writeBytes(home + "/quay.glb", QByteArray::fromStdString(glb));
    testing::writeBytes(
        home + "/bend.glb",
        QByteArray::fromStdString(file::glbOf(
            kit::meshOf(kit::facesOf(testing::smallKit(), *testing::smallKit().find("ramp"))),
            "ramp", "#112233")));
    testing::writeBytes(home + "/look.js",
                        "const v = require('gltf-validator'), fs = require('fs');\n"
                        "(async () => { for (const f of ['quay.glb', 'bend.glb']) {\n"
                        "  const r = await v.validateBytes(new Uint8Array(fs.readFileSync(f)));\n"
                        "  console.log(f, r.issues.numErrors, r.issues.numWarnings);\n"
                        "  for (const m of r.issues.messages.slice(0, 5)) console.log(m.code, "
                        "m.message, m.pointer);\n"
                        "} })();\n");
    if (!QFile::exists(home + "/node_modules/gltf-validator")) {
        QProcess install;
        install.setWorkingDirectory(home);
        install.start("npm", {"install", "--no-audit", "--no-fund", "--silent", "--prefix", home,
                              "gltf-validator@2.0.0-dev.3.10"});
        if (!install.waitForStarted() || !install.waitForFinished(60000) || install.exitCode() != 0)
            QSKIP("the validator's package cannot be installed here");
    }
    QProcess node;
    node.setWorkingDirectory(home);
    node.start("node", {"look.js"});
    if (!node.waitForStarted()) QSKIP("there is no node here");
    QVERIFY(node.waitForFinished(60000));
    const QByteArray said = node.readAllStandardOutput();
    QVERIFY2(said.contains("quay.glb 0 0") && said.contains("bend.glb 0 0"),
             said + node.readAllStandardError());
}

ROOK_TEST(KitFilesTest)

}  // namespace rook::kit_files_test

#include "kit_files_test.moc"
