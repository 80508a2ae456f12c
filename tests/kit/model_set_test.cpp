/// Many models: faces against plain looks at random boxes, fixes, scales, parts.

#include "kit/model_set.h"

#include "base/random.h"
#include "small_kit.h"
#include "testing.h"

namespace rook::model_set_test {

using kit::Mesh;
using kit::Point3;

class ModelSetTest : public QObject {
    Q_OBJECT
private slots:
    void faces_areAsPlainLooksSay();
    void faces_ofWhatIsOpen_followTheMost();
    void mended_looksOutwards_withItsNormals();
    void axis_points_up_andNothingIsMirrored();
    void scale_isFound_amongTheUsualOnes();
    void pivotAndStretch_makeItExact();
    void part_isAlone_withWhatItIsMadeOf();
};

namespace {

QByteArray seedText(std::uint64_t seed) {
    return "ROOK_SEED=" + QByteArray::number(qulonglong(seed));
}

/// A closed box whose faces look outwards, two triangles a side; corners of their own a side, as
/// exporters write them.
void addBox(Mesh& mesh, Point3 low, Point3 high) {
    const auto corner = [&](int i) {
        return Point3{i & 1 ? high.x : low.x, i & 2 ? high.y : low.y, i & 4 ? high.z : low.z};
    };
    // Counter-clockwise from outside, y going down the plan.
    const int sides[6][4] = {{4, 6, 7, 5}, {0, 1, 3, 2}, {2, 3, 7, 6},
                             {0, 4, 5, 1}, {1, 5, 7, 3}, {0, 2, 6, 4}};
    const Point3 middle = (low + high) * 0.5;
    for (const auto& side : sides) {
        const auto first = static_cast<std::uint32_t>(mesh.points.size());
        for (const int i : side)
            mesh.points.push_back(corner(i));
        std::array<std::uint32_t, 3> one{first, first + 1, first + 2};
        std::array<std::uint32_t, 3> two{first, first + 2, first + 3};
        const Point3 way = kit::crossed(mesh.points[one[2]] - mesh.points[one[0]],
                                        mesh.points[one[1]] - mesh.points[one[0]]);
        if (kit::dot(way, mesh.points[first] - middle) < 0) {
            std::swap(one[1], one[2]);
            std::swap(two[1], two[2]);
        }
        mesh.triangles.push_back(one);
        mesh.triangles.push_back(two);
    }
}

Mesh boxMesh(Point3 low, Point3 high) {
    Mesh mesh;
    addBox(mesh, low, high);
    return mesh;
}

/// Edges of one triangle alone, each compared with each.
std::size_t plainOpenEdges(const Mesh& mesh) {
    const auto at = [&](std::size_t t, std::size_t i) {
        return mesh.points[mesh.triangles[t][i % 3]];
    };
    std::size_t open = 0;
    for (std::size_t t = 0; t < mesh.triangles.size(); ++t)
        for (std::size_t i = 0; i < 3; ++i) {
            int others = 0;
            for (std::size_t u = 0; u < mesh.triangles.size(); ++u)
                for (std::size_t k = 0; k < 3 && u != t; ++k)
                    others += (at(u, k) == at(t, i) && at(u, k + 1) == at(t, i + 1)) ||
                              (at(u, k) == at(t, i + 1) && at(u, k + 1) == at(t, i));
            open += others == 0;
        }
    return open;
}

}  // namespace

void ModelSetTest::faces_areAsPlainLooksSay() {
    const std::uint64_t seed = testing::seedOr(91);
    for (int round = 0; round < 200; ++round) {
        Random random(seed + std::uint64_t(round));
        Mesh mesh;
        const int boxes = random.between(1, 4);
        for (int i = 0; i < boxes; ++i) {
            const Point3 low{i * 10.0, double(random.between(-3, 3)), double(random.between(0, 3))};
            addBox(mesh, low,
                   low + Point3{double(random.between(1, 8)), double(random.between(1, 8)),
                                double(random.between(1, 8))});
        }
        // What is closed: exactly those that were turned are.
        std::vector<std::uint32_t> turned;
        for (std::uint32_t t = 0; t < mesh.triangles.size(); ++t)
            if (random.between(0, 3) == 0) {
                std::swap(mesh.triangles[t][1], mesh.triangles[t][2]);
                turned.push_back(t);
            }
        kit::FaceFacts facts = kit::faceFactsOf(mesh);
        QVERIFY2(facts.turned == turned && facts.openEdges.empty(),
                 seedText(seed + std::uint64_t(round)));
        QVERIFY(kit::faceFactsOf(kit::withFacesMended(mesh)).turned.empty());
        // With holes.
        for (int i = random.between(1, 4); i > 0 && mesh.triangles.size() > 1; --i)
            mesh.triangles.erase(mesh.triangles.begin() +
                                 random.between(0, int(mesh.triangles.size()) - 1));
        facts = kit::faceFactsOf(mesh);
        QVERIFY2(facts.openEdges.size() == plainOpenEdges(mesh),
                 seedText(seed + std::uint64_t(round)));
        QVERIFY(kit::faceFactsOf(kit::withFacesMended(mesh)).turned.empty());
    }
}

void ModelSetTest::faces_ofWhatIsOpen_followTheMost() {
    // A floor of two triangles that looks down: both are turned. One of them: that one.
    Mesh floor;
    floor.points = {{0, 0, 0}, {4, 0, 0}, {4, 4, 0}, {0, 4, 0}};
    floor.triangles = {{0, 1, 2}, {0, 2, 3}};
    QCOMPARE(kit::faceFactsOf(floor).turned.size(), std::size_t(2));
    floor = kit::withFacesMended(floor);
    QVERIFY(kit::faceFactsOf(floor).turned.empty());
    QCOMPARE(kit::faceFactsOf(floor).openEdges.size(), std::size_t(4));
    std::swap(floor.triangles[1][0], floor.triangles[1][1]);
    QCOMPARE(kit::faceFactsOf(floor).turned.size(), std::size_t(1));
    // Two boxes along one edge: each is closed, and one of them looks inwards.
    Mesh step = boxMesh({0, 0, 0}, {4, 4, 1});
    for (auto& triangle : step.triangles)
        std::swap(triangle[1], triangle[2]);
    addBox(step, {0, 2, 1}, {4, 4, 2});
    QCOMPARE(kit::faceFactsOf(step).turned.size(), std::size_t(12));
    QVERIFY(kit::faceFactsOf(step).openEdges.empty());
    // An open box from within is as it was made: nobody says that it is wrong.
    Mesh room = boxMesh({0, 0, 0}, {4, 4, 3});
    for (auto& triangle : room.triangles)
        std::swap(triangle[1], triangle[2]);
    room.triangles.erase(room.triangles.begin(), room.triangles.begin() + 2);
    QVERIFY(kit::faceFactsOf(room).turned.empty());
    QCOMPARE(kit::faceFactsOf(room).openEdges.size(), std::size_t(4));
}

void ModelSetTest::mended_looksOutwards_withItsNormals() {
    Mesh mesh = boxMesh({0, 0, 0}, {4, 4, 3});
    for (auto& triangle : mesh.triangles)
        std::swap(triangle[1], triangle[2]);
    // Normals as the turned faces have them.
    mesh.normals.resize(mesh.points.size());
    for (const auto& [a, b, c] : mesh.triangles)
        for (const std::uint32_t i : {a, b, c})
            mesh.normals[i] =
                kit::crossed(mesh.points[c] - mesh.points[a], mesh.points[b] - mesh.points[a]);
    const Mesh mended = kit::withFacesMended(mesh);
    const Point3 middle{2, 2, 1.5};
    for (std::size_t i = 0; i < mended.points.size(); ++i)
        QVERIFY(kit::dot(mended.normals[i], mended.points[i] - middle) > 0);
}

void ModelSetTest::axis_points_up_andNothingIsMirrored() {
    const level::Kit kit = testing::smallKit();
    // As the reader has a file whose z points up: what is high lies down the plan.
    const Mesh lying = boxMesh({0, 0, -4}, {4, 3, 0});
    kit::ModelFixes fixes;
    for (const auto& [up, low, high] :
         {std::tuple(kit::UpAxis::Y, Point3{0, 0, -4}, Point3{4, 3, 0}),
          std::tuple(kit::UpAxis::Z, Point3{0, 0, 0}, Point3{4, 4, 3}),
          std::tuple(kit::UpAxis::X, Point3{0, 0, 0}, Point3{4, 3, 4})}) {
        fixes.up = up;
        const Mesh next = kit::withFixes(kit, lying, fixes);
        const kit::MeshBox box = kit::boxOf(next);
        QCOMPARE(box.low, low);
        QCOMPARE(box.high, high);
        QVERIFY(kit::faceFactsOf(next).turned.empty());
    }
}

void ModelSetTest::scale_isFound_amongTheUsualOnes() {
    const level::Kit kit = testing::smallKit();
    const double wide = kit::unitsOf(kit.width), deep = kit::unitsOf(kit.depth),
                 storey = kit::unitsOf(kit.storey);
    const std::uint64_t seed = testing::seedOr(91);
    for (int round = 0; round < 200; ++round) {
        Random random(seed + std::uint64_t(round));
        const double usual[] = {1, 10, 100, 1000, 0.1, 0.01, 0.001, 0.0254, 1 / 0.0254, 0.3048};
        const double scale = usual[random.between(0, 9)];
        std::vector<Mesh> meshes;
        for (int i = random.between(3, 6); i > 0; --i)
            meshes.push_back(
                boxMesh({0, 0, 0}, Point3{random.between(1, 5) * wide, random.between(1, 5) * deep,
                                          random.between(1, 2) * storey} *
                                       (1 / scale)));
        // Sizes of which one is not whole under any other scale.
        meshes.push_back(boxMesh({0, 0, 0}, Point3{wide, 3 * deep, storey} * (1 / scale)));
        std::vector<const Mesh*> all;
        for (const Mesh& mesh : meshes)
            all.push_back(&mesh);
        const double found = kit::proposedScale(kit, all, kit::UpAxis::Y);
        QVERIFY2(std::abs(found / scale - 1) < 1e-9, seedText(seed + std::uint64_t(round)));
    }
}

void ModelSetTest::pivotAndStretch_makeItExact() {
    const level::Kit kit = testing::smallKit();
    const double wide = kit::unitsOf(kit.width), deep = kit::unitsOf(kit.depth);
    const Mesh crooked = boxMesh({0.3, -0.2, 0.1}, {0.3 + 2.1 * wide, -0.2 + 0.9 * deep, 2});
    const auto before = kit::examined(kit, crooked, "crooked", "hall");
    QVERIFY(before && !before->isExact);
    for (const kit::PivotAt pivot : {kit::PivotAt::Corner, kit::PivotAt::Middle}) {
        kit::ModelFixes fixes;
        fixes.pivot = pivot;
        fixes.stretches = true;
        const auto after =
            kit::examined(kit, kit::withFixes(kit, crooked, fixes), "crooked", "hall");
        QVERIFY(after && after->isExact);
        QCOMPARE(after->piece.bounds(), (CellRect{0, 0, 2, 1}));
        QCOMPARE(after->piece.pivotX, pivot == kit::PivotAt::Corner ? 0 : 2);
        QCOMPARE(after->piece.pivotY, pivot == kit::PivotAt::Corner ? 0 : 1);
    }
}

void ModelSetTest::part_isAlone_withWhatItIsMadeOf() {
    Mesh mesh = boxMesh({0, 0, 0}, {1, 1, 1});
    addBox(mesh, {10, 0, 0}, {12, 1, 1});
    mesh.materials = {{"stone", {1, 0, 0}, 0, 1, 0, false}, {"moss", {0, 1, 0}, 0, 1, 1, false}};
    mesh.pictures = {std::make_shared<const std::string>("a"),
                     std::make_shared<const std::string>("b")};
    mesh.materialOf.assign(24, 0);
    std::fill(mesh.materialOf.begin() + 12, mesh.materialOf.end(), 1u);
    const kit::MeshPart part{"second", 12, 24, {10, 0, 0}};
    const Mesh alone = kit::partAlone(mesh, part);
    QCOMPARE(alone.triangles.size(), std::size_t(12));
    QCOMPARE(alone.points.size(), std::size_t(24));
    QCOMPARE(kit::boxOf(alone).high, (Point3{2, 1, 1}));
    QCOMPARE(alone.materials.size(), std::size_t(1));
    QCOMPARE(alone.materials[0].name, std::string("moss"));
    QCOMPARE(alone.materials[0].picture, 0);
    QCOMPARE(*alone.pictures.at(0), std::string("b"));
    QVERIFY(kit::faceFactsOf(alone).turned.empty() && kit::faceFactsOf(alone).openEdges.empty());
}

ROOK_TEST(ModelSetTest)

}  // namespace rook::model_set_test

#include "model_set_test.moc"
