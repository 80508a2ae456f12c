/// Looking at a kit board in depth: the camera, and what a ray comes to, held to ray casting by
/// hand.

#include <QtTest>
#include <cmath>
#include <numbers>

#include "kit/depth_scene.h"
#include "small_kit.h"
#include "testing.h"

namespace rook::depth_test {

using kit::Camera;
using kit::PictureSize;
using kit::Point3;
using kit::Ray;

class DepthTest : public QObject {
    Q_OBJECT
private slots:
    void cleanup();
    void rays_goThroughWhatTheyShow();
    void turningMovingAndZooming_keepTheirPlace();
    void outlooks_showTheWholeBoard();
    void plan_liesAsThePlanDoes();
    void shapes_areHit_asByTryingEachTriangle();
    void boards_areHit_asByHand();
    void facesFromBehind_areSeenOnlyWhereCutOpen();
    void walls_areLowTowardsTheEye();
    void cut_takesAwayWhatIsHigher();
    void frame_takesWhatLiesInIt();
    void normals_areSharedOverBluntEdgesOnly();
    void coarseShape_fillsTheSameBox_withLess();
};

namespace {

constexpr double pi = std::numbers::pi;
const PictureSize picture{640, 400};
unsigned long long seedInUse = 0;

Random randomOf(unsigned long long standard) {
    seedInUse = testing::seedOr(standard);
    return Random(seedInUse);
}

double unitRandom(Random& random, double low, double high) {
    return low + (high - low) * random.between(0, 1'000'000) / 1e6;
}

Point3 placeIn(Random& random, double size) {
    return {unitRandom(random, -size, size), unitRandom(random, -size, size),
            unitRandom(random, -size, size)};
}

Camera anyCamera(Random& random) {
    Camera camera;
    camera.target = placeIn(random, 10);
    camera.heading = unitRandom(random, -pi, pi);
    camera.pitch = unitRandom(random, -1.5, 1.5);
    camera.distance = unitRandom(random, 20, 60);
    camera.isParallel = random.chance(50);
    return camera;
}

double far(const Point3& a, const Point3& b) {
    return std::hypot(a.x - b.x, std::hypot(a.y - b.y, a.z - b.z));
}

/// How far a place is from a ray's line.
double off(const Ray& ray, const Point3& p) {
    const Point3& d = ray.along;
    const double t =
        ((p.x - ray.from.x) * d.x + (p.y - ray.from.y) * d.y + (p.z - ray.from.z) * d.z) /
        (d.x * d.x + d.y * d.y + d.z * d.z);
    return far(ray.at(t), p);
}

/// By the planes of its sides: another way than the shape's.
std::optional<double> triangleByHand(const Ray& ray, const Point3& a, const Point3& b,
                                     const Point3& c, bool seesBacks) {
    const auto minus = [](const Point3& p, const Point3& q) {
        return Point3{p.x - q.x, p.y - q.y, p.z - q.z};
    };
    const auto cross = [](const Point3& u, const Point3& v) {
        return Point3{u.y * v.z - u.z * v.y, u.z * v.x - u.x * v.z, u.x * v.y - u.y * v.x};
    };
    const auto dot = [](const Point3& u, const Point3& v) {
        return u.x * v.x + u.y * v.y + u.z * v.z;
    };
    const Point3 n = cross(minus(b, a), minus(c, a));
    const double slant = dot(n, ray.along);
    // The plan's y goes down: n looks inwards.
    if (slant == 0 || (slant < 0 && !seesBacks)) return std::nullopt;
    const double t = dot(n, minus(a, ray.from)) / slant;
    if (t < 0) return std::nullopt;
    const Point3 p = ray.at(t);
    for (const auto& [from, to] : {std::pair(a, b), std::pair(b, c), std::pair(c, a)})
        if (dot(n, cross(minus(to, from), minus(p, from))) < 0) return std::nullopt;
    return t;
}

kit::Mesh heap(Random& random, int triangles) {
    kit::Mesh mesh;
    for (int i = 0; i < triangles; ++i) {
        const Point3 middle = placeIn(random, 4);
        const auto first = static_cast<std::uint32_t>(mesh.points.size());
        for (int k = 0; k < 3; ++k) {
            const Point3 d = placeIn(random, 1.5);
            mesh.points.push_back({middle.x + d.x, middle.y + d.y, middle.z + d.z});
        }
        mesh.triangles.push_back({first, first + 1, first + 2});
    }
    return mesh;
}

kit::DepthScene sceneOf(const level::Kit& kit, const level::Level& level) {
    return {kit, level, kit::shapesOf(kit, {})};
}

}  // namespace

void DepthTest::cleanup() {
    if (QTest::currentTestFailed()) qInfo("ROOK_SEED=%llu", seedInUse);
}

void DepthTest::rays_goThroughWhatTheyShow() {
    Random random = randomOf(2601);
    int shown = 0;
    for (int round = 0; round < 400; ++round) {
        const Camera camera = anyCamera(random);
        const Point3 place = placeIn(random, 12);
        const auto at = kit::projected(camera, picture, place);
        if (!at) continue;
        ++shown;
        QVERIFY(off(kit::rayAt(camera, picture, at->at), place) < 1e-6);
        // The matrix brings it to the same px.
        kit::Bounds3 box;
        box.take({-12, -12, -12});
        box.take({12, 12, 12});
        const auto m = kit::matrixOf(camera, picture, box);
        double clip[4];
        for (std::size_t row = 0; row < 4; ++row)
            clip[row] =
                m[row] * place.x + m[4 + row] * place.y + m[8 + row] * place.z + m[12 + row];
        if (clip[3] < 0.1) continue;
        QVERIFY(std::abs((clip[0] / clip[3] + 1) / 2 * picture.width - at->at.x) < 0.05);
        QVERIFY(std::abs((1 - clip[1] / clip[3]) / 2 * picture.height - at->at.y) < 0.05);
        if (at->depth > 0.1) QVERIFY(std::abs(clip[2] / clip[3]) < 1.001);
    }
    QVERIFY(shown > 200);
}

void DepthTest::turningMovingAndZooming_keepTheirPlace() {
    Random random = randomOf(2602);
    const auto isNear = [](const std::optional<kit::Projected>& a, kit::PicturePoint b) {
        return a && std::abs(a->at.x - b.x) < 1e-4 && std::abs(a->at.y - b.y) < 1e-4;
    };
    for (int round = 0; round < 300; ++round) {
        const Camera camera = anyCamera(random);
        const Point3 place = placeIn(random, 8);
        const auto at = kit::projected(camera, picture, place);
        if (!at || at->depth < 1) continue;
        const Camera turned =
            kit::turnedAbout(camera, place, unitRandom(random, -1, 1), unitRandom(random, -1, 1));
        QVERIFY(isNear(kit::projected(turned, picture, place), at->at));
        QVERIFY(std::abs(turned.pitch) <= pi / 2);
        const kit::PicturePoint to{unitRandom(random, 0, 640), unitRandom(random, 0, 400)};
        QVERIFY(isNear(
            kit::projected(kit::moved(camera, picture, place, at->at, to), picture, place), to));
        const Camera near = kit::nearer(camera, place, unitRandom(random, 0.5, 2));
        QVERIFY(isNear(kit::projected(near, picture, place), at->at));
    }
    // There is an end to it.
    Camera camera;
    for (int i = 0; i < 200; ++i)
        camera = kit::nearer(camera, {}, 2);
    QCOMPARE(camera.distance, kit::nearestDistance);
    for (int i = 0; i < 200; ++i)
        camera = kit::nearer(camera, {}, 0.5);
    QCOMPARE(camera.distance, kit::farthestDistance);
}

void DepthTest::outlooks_showTheWholeBoard() {
    Random random = randomOf(2603);
    for (int round = 0; round < 200; ++round) {
        kit::Bounds3 box;
        box.take(placeIn(random, 60));
        box.take(placeIn(random, 60));
        const auto outlook = static_cast<kit::Outlook>(random.between(0, 2));
        const Camera camera = kit::lookedAt(box, picture, outlook, random.between(0, 7),
                                            random.chance(50), random.chance(50));
        for (int i = 0; i < 8; ++i) {
            const auto at = kit::projected(camera, picture, box.corner(i));
            QVERIFY(at && at->at.x >= 0 && at->at.x <= 640 && at->at.y >= 0 && at->at.y <= 400);
        }
    }
}

void DepthTest::plan_liesAsThePlanDoes() {
    kit::Bounds3 box;
    box.take({0, 0, 0});
    box.take({10, 10, 3});
    const Camera camera = kit::lookedAt(box, picture, kit::Outlook::Plan, 3, false, true);
    const auto a = kit::projected(camera, picture, {2, 2, 0});
    const auto right = kit::projected(camera, picture, {5, 2, 0});
    const auto down = kit::projected(camera, picture, {2, 5, 0});
    QVERIFY(right->at.x > a->at.x + 1 && std::abs(right->at.y - a->at.y) < 1e-6);
    QVERIFY(down->at.y > a->at.y + 1 && std::abs(down->at.x - a->at.x) < 1e-6);
    // From the side that looks up the plan, what lies farther up the plan is farther off.
    const Camera side = kit::lookedAt(box, picture, kit::Outlook::Side, 0, false, true);
    QVERIFY(kit::projected(side, picture, {5, 1, 1})->depth >
            kit::projected(side, picture, {5, 9, 1})->depth);
    QVERIFY(kit::projected(side, picture, {5, 5, 2})->at.y <
            kit::projected(side, picture, {5, 5, 1})->at.y);
}

void DepthTest::shapes_areHit_asByTryingEachTriangle() {
    Random random = randomOf(2604);
    const level::Kit kit = testing::smallKit();
    int hits = 0;
    for (int round = 0; round < 30; ++round) {
        const kit::Shape shape(kit, kit.pieces[0], heap(random, random.between(1, 120)));
        for (int i = 0; i < 40; ++i) {
            // From afar towards the heap.
            const Point3 from = placeIn(random, 12), to = placeIn(random, 3);
            const Ray ray{from, {to.x - from.x, to.y - from.y, to.z - from.z}};
            const kit::ShapeView view{0, random.chance(50)};
            const double limit = random.chance(30) ? unitRandom(random, 0.2, 2) : 1e300;
            const auto found = shape.hit(ray, limit, view);
            QCOMPARE(found, shape.hitPlainly(ray, limit, view));
            hits += found.has_value();
        }
    }
    QVERIFY(hits > 100);
}

void DepthTest::boards_areHit_asByHand() {
    Random random = randomOf(2605);
    const level::Kit kit = testing::smallKit();
    int hits = 0;
    for (int round = 0; round < 40; ++round) {
        const level::Level level = testing::randomBoard(random, kit, random.between(1, 10));
        const kit::DepthScene scene = sceneOf(kit, level);
        if (scene.bounds().isEmpty()) continue;
        for (int i = 0; i < 30; ++i) {
            const Camera camera = kit::fitted(anyCamera(random), scene.bounds(), picture);
            const Ray ray = kit::rayAt(camera, picture,
                                       {unitRandom(random, 0, 640), unitRandom(random, 0, 400)});
            const auto found = scene.hit(camera, ray, {});
            // Each face of each piece, put on the board by cells and turns.
            double best = 1e300;
            for (const level::PlacedPiece& placed : level.pieces) {
                const level::Piece& piece = *kit.find(placed.piece);
                const CellRect bounds = piece.bounds();
                const auto onBoard = [&](Point3 p) {
                    double x = p.x / 4, y = p.y / 4;
                    double width = bounds.width, height = bounds.height;
                    for (int turn = 0; turn < placed.turn; ++turn) {
                        x = std::exchange(y, x);
                        x = height - x;
                        std::swap(width, height);
                    }
                    return Point3{(placed.at.x + placed.offX.toDouble() + x) * 4,
                                  (placed.at.y + placed.offY.toDouble() + y) * 4,
                                  p.z + 3.0 * placed.storey};
                };
                for (const kit::Face& face : kit::facesOf(kit, piece))
                    for (std::size_t k = 2; k < face.corners.size(); ++k)
                        if (const auto t = triangleByHand(ray, onBoard(face.corners[0]),
                                                          onBoard(face.corners[k - 1]),
                                                          onBoard(face.corners[k]), false))
                            best = std::min(best, *t);
            }
            QCOMPARE(found.has_value(), best < 1e300);
            if (!found) continue;
            ++hits;
            QVERIFY2(std::abs(found->t - best) < 1e-6 * (1 + best),
                     qPrintable(QStringLiteral("%1 and %2").arg(found->t).arg(best)));
        }
    }
    QVERIFY(hits > 50);
}

void DepthTest::facesFromBehind_areSeenOnlyWhereCutOpen() {
    const level::Kit kit = testing::smallKit();
    kit::Mesh mesh;
    mesh.points = {{0, 0, 1}, {0, 4, 1}, {4, 4, 1}};
    mesh.triangles = {{0, 1, 2}};
    level::Piece piece = kit.pieces[0];
    piece.pivotX = piece.pivotY = 0;
    const Ray below{{1, 2, 0}, {0, 0, 1}};
    const Ray above{{1, 2, 5}, {0, 0, -1}};
    const kit::Shape shape(kit, piece, mesh);
    QVERIFY(shape.hit(above, 1e9, {}) && !shape.hit(below, 1e9, {}));
    QVERIFY(shape.hit(below, 1e9, {0, true}));
    mesh.materials = {{}};
    mesh.materials[0].isSeenFromBehind = true;
    mesh.materialOf = {0};
    QVERIFY(kit::Shape(kit, piece, mesh).hit(below, 1e9, {}));
}

void DepthTest::walls_areLowTowardsTheEye() {
    const level::Kit kit = testing::smallKit();
    // A floor with a wall on its upper side, turned so that the wall stands on each side in turn.
    for (int turn = 0; turn < 4; ++turn) {
        const level::Level level =
            testing::with(kit, testing::kitBoard(6, 6), {testing::put("wall", 2, 2, turn)});
        const kit::DepthScene scene = sceneOf(kit, level);
        for (int heading = 0; heading < 4; ++heading) {
            Camera camera;
            camera.heading = heading * pi / 2;
            camera.pitch = 0.3;
            camera.isParallel = heading % 2 == 0;
            camera = kit::fitted(camera, scene.bounds(), picture);
            // Of the middle of the wall, one storey is 3 units.
            const Point3 outside[] = {{10, 8.1, 2}, {11.9, 10, 2}, {10, 11.9, 2}, {8.1, 10, 2}};
            const auto at = kit::projected(camera, picture, outside[turn]);
            const Ray ray = kit::rayAt(camera, picture, at->at);
            const auto tall = scene.hit(camera, ray, {});
            const auto low = scene.hit(camera, ray, {1e30, true});
            QVERIFY(tall && tall->at.z > 1.2);
            // The eye is beyond the wall where it looks the other way than the wall's side.
            const bool isNear = heading == (turn + 2) % 4;
            QCOMPARE(!low || low->at.z < 1.2, isNear);
        }
    }
}

void DepthTest::cut_takesAwayWhatIsHigher() {
    const level::Kit kit = testing::smallKit();
    const level::Level level =
        testing::with(kit, testing::kitBoard(6, 6),
                      {testing::put("floor", 2, 2), testing::put("floor", 2, 2, 0, 1)});
    const kit::DepthScene scene = sceneOf(kit, level);
    const Camera camera =
        kit::lookedAt(scene.bounds(), picture, kit::Outlook::Plan, 0, false, true);
    const Ray ray = kit::rayAt(camera, picture, {320, 200});
    QCOMPARE(scene.hit(camera, ray, {})->placed, std::size_t{1});
    QCOMPARE(scene.hit(camera, ray, {2.5, false})->placed, std::size_t{0});
    QVERIFY(!scene.hit(camera, ray, {-1, false}));
    // Cut through the upper slab one looks into it, at its floor from within.
    const auto inside = scene.hit(camera, ray, {2.9, false});
    QVERIFY(inside && inside->placed == 1 && std::abs(inside->at.z - 2.8) < 1e-6);
}

void DepthTest::frame_takesWhatLiesInIt() {
    Random random = randomOf(2606);
    const level::Kit kit = testing::smallKit();
    int taken = 0, left = 0;
    for (int round = 0; round < 60; ++round) {
        const level::Level level = testing::randomBoard(random, kit, random.between(1, 8));
        const kit::DepthScene scene = sceneOf(kit, level);
        if (scene.bounds().isEmpty()) continue;
        const Camera camera = kit::fitted(anyCamera(random), scene.bounds(), picture);
        const kit::PicturePoint a{unitRandom(random, 0, 640), unitRandom(random, 0, 400)};
        const kit::PicturePoint b{a.x + unitRandom(random, 5, 150),
                                  a.y + unitRandom(random, 5, 150)};
        const auto ids = scene.idsIn(camera, picture, b, a, {});
        for (const auto& item : scene.items()) {
            // Places all over its triangles.
            bool isIn = false;
            for (const auto& triangle : item.shape->triangles)
                for (int i = 0; i <= 12; ++i)
                    for (int k = 0; k <= 12 - i; ++k) {
                        const auto& p = item.shape->points;
                        const double u = i / 12.0, v = k / 12.0, w = 1 - u - v;
                        const auto mixed = [&](double Point3::*axis) {
                            return w * p[triangle.corners[0]].*axis +
                                   u * p[triangle.corners[1]].*axis +
                                   v * p[triangle.corners[2]].*axis;
                        };
                        const auto at = kit::projected(
                            camera, picture,
                            item.standing.toBoard(
                                {mixed(&Point3::x), mixed(&Point3::y), mixed(&Point3::z)}));
                        isIn = isIn || (at && at->at.x > a.x && at->at.x < b.x && at->at.y > a.y &&
                                        at->at.y < b.y);
                    }
            const bool isTaken = std::find(ids.begin(), ids.end(), item.id) != ids.end();
            if (isIn) QVERIFY(isTaken);
            // A frame grown by as much as the places lie apart finds one of them.
            taken += isTaken;
            left += !isTaken;
        }
        QCOMPARE(scene.idsIn(camera, picture, {0, 0}, {640, 400}, {}).size(), scene.items().size());
        QVERIFY(scene.idsIn(camera, picture, {-90, -90}, {-50, -50}, {}).empty());
    }
    QVERIFY(taken > 10 && left > 10);
}

void DepthTest::normals_areSharedOverBluntEdgesOnly() {
    const level::Kit kit = testing::smallKit();
    // Two triangles that meet along an edge, at a blunt angle and at a right one.
    for (const double rise : {0.5, 4.0}) {
        kit::Mesh mesh;
        mesh.points = {{0, 0, 0}, {0, 4, 0}, {4, 4, 0}, {4, 0, 0}, {8, 4, rise}, {8, 0, rise}};
        mesh.triangles = {{0, 1, 2}, {0, 2, 3}, {3, 2, 4}, {3, 4, 5}};
        const kit::Shape shape(kit, kit.pieces[0], mesh);
        const Point3& flat = shape.normals[shape.triangles[0].corners[0]];
        QVERIFY(std::abs(flat.z - 1) < 1e-9);
        // The corner (4, 4) of the first.
        const Point3& edge = shape.normals[shape.triangles[0].corners[2]];
        QCOMPARE(std::abs(edge.z - 1) > 1e-6, rise < 1);
        QVERIFY(edge.x <= 0);
    }
}

void DepthTest::coarseShape_fillsTheSameBox_withLess() {
    Random random = randomOf(2611);
    const level::Kit kit = testing::smallKit();
    for (int round = 0; round < 20; ++round) {
        // A bent sheet of small triangles.
        kit::Mesh mesh;
        const double bend = unitRandom(random, -1, 1);
        for (int y = 0; y <= 20; ++y)
            for (int x = 0; x <= 20; ++x)
                mesh.points.push_back({x * 0.2, y * 0.2, bend * std::sin(x * 0.3)});
        for (std::uint32_t y = 0; y < 20; ++y)
            for (std::uint32_t x = 0; x < 20; ++x) {
                const std::uint32_t a = y * 21 + x;
                mesh.triangles.push_back({a, a + 21, a + 22});
                mesh.triangles.push_back({a, a + 22, a + 1});
            }
        const kit::Shape shape(kit, kit.pieces[0], mesh);
        const int cells = random.between(3, 8);
        const kit::Shape coarse = shape.coarse(cells);
        QVERIFY(!coarse.triangles.empty() && coarse.triangles.size() < shape.triangles.size() / 3);
        const double slack = 4.0 / cells;
        for (int i = 0; i < 8; ++i)
            QVERIFY(far(shape.bounds().corner(i), coarse.bounds().corner(i)) < 2 * slack);
        // No point is farther off than a cell.
        for (const auto& triangle : coarse.triangles)
            for (const std::uint32_t corner : triangle.corners)
                QVERIFY(std::any_of(shape.points.begin(), shape.points.end(), [&](const Point3& p) {
                    return far(p, coarse.points[corner]) < 1e-9;
                }));
    }
}

ROOK_TEST(DepthTest)

}  // namespace rook::depth_test

#include "depth_test.moc"
