#include "collide/shapes.h"

#include "collide/partition.h"
#include "collide/px_maps.h"
#include "shape_cells.h"
#include "testing.h"

namespace rook::shapes_test {

using runtime::Behaviour;
using runtime::Form;

class ShapesTest : public QObject {
    Q_OBJECT
private slots:
    void rectangles_areExactPartitions_onRandomLevels();
    void solids_areAsFewAsOfThePxThemselves();
    void outlines_encloseTheAreaOfTheMass();
    void outlines_closeAroundAHole();
    void bodyMaps_equalTheStepperWorld();
    void joinedLines_keepEveryPxOfTheBorder();
};

namespace {

using Cells = testing::ShapeCells;

struct Scene {
    runtime::Frame frame;
    Cells cells;
};

Scene randomScene(Random& random, int firstForm, int lastForm) {
    Scene scene{{random.between(2, 9),
                 random.between(2, 9),
                 random.between(1, 9),
                 random.between(1, 9),
                 {}},
                {9, 9}};
    scene.cells = Cells(scene.frame.columns, scene.frame.rows);
    for (int row = 0; row < scene.frame.rows; ++row) {
        for (int column = 0; column < scene.frame.columns; ++column) {
            const auto behaviour = static_cast<Behaviour>(random.between(0, 5));
            const int last = behaviour == Behaviour::OneWay ? std::min(2, lastForm) : lastForm;
            scene.cells.set(column, row,
                            {behaviour, static_cast<Form>(random.between(firstForm, last))});
        }
    }
    return scene;
}

bool isFilled(const Scene& scene, int px, int py, Behaviour behaviour, bool withSlopes) {
    if (py < 0) return false;
    const auto& f = scene.frame;
    const auto shape = scene.cells.at(px / f.cellWidth, py / f.cellHeight);
    return shape.behaviour == behaviour && (withSlopes || !collide::isSlope(shape.form)) &&
           runtime::formFills(shape.form, px % f.cellWidth, py % f.cellHeight, f.cellWidth,
                              f.cellHeight);
}

int coverCount(const std::vector<PxRect>& rects, int px, int py) {
    return static_cast<int>(std::count_if(rects.begin(), rects.end(), [&](const PxRect& r) {
        return r.contains(PxPoint{px, py});
    }));
}

/// Twice the area, positive for clockwise loops (y down).
std::int64_t doubledArea(const collide::Polygon& loop) {
    std::int64_t sum = 0;
    for (std::size_t i = 0; i < loop.size(); ++i) {
        const PxPoint a = loop[i];
        const PxPoint b = loop[(i + 1) % loop.size()];
        sum += std::int64_t{a.x} * b.y - std::int64_t{b.x} * a.y;
    }
    return sum;
}

}  // namespace

void ShapesTest::rectangles_areExactPartitions_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(41);
    for (int round = 0; round < 150; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const Scene scene = randomScene(random, 0, runtime::formCount - 1);
        const auto shapes = collide::makeShapes(scene.frame, scene.cells);
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        for (int py = 0; py < scene.frame.heightPx(); ++py) {
            for (int px = 0; px < scene.frame.widthPx(); ++px) {
                const auto agrees = [&](const std::vector<PxRect>& rects, Behaviour behaviour,
                                        bool withSlopes) {
                    return coverCount(rects, px, py) ==
                           (isFilled(scene, px, py, behaviour, withSlopes) ? 1 : 0);
                };
                QVERIFY2(agrees(shapes.solids, Behaviour::Solid, false), where);
                QVERIFY2(agrees(shapes.deadly, Behaviour::Deadly, true), where);
                QVERIFY2(agrees(shapes.ladders, Behaviour::Ladder, true), where);
                QVERIFY2(agrees(shapes.liquids, Behaviour::Liquid, true), where);
                const bool isTop = isFilled(scene, px, py, Behaviour::OneWay, true) &&
                                   !isFilled(scene, px, py - 1, Behaviour::OneWay, true);
                const auto tops =
                    std::count_if(shapes.oneWay.begin(), shapes.oneWay.end(), [&](const auto& top) {
                        return top.y == py && px >= top.x && px < top.x + top.width;
                    });
                QVERIFY2(tops == (isTop ? 1 : 0), where);
            }
        }
    }
}

void ShapesTest::solids_areAsFewAsOfThePxThemselves() {
    const std::uint64_t seed = testing::seedOr(43);
    for (int round = 0; round < 150; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const Scene scene = randomScene(random, 0, 4);
        const auto shapes = collide::makeShapes(scene.frame, scene.cells);
        BitMap px(scene.frame.widthPx(), scene.frame.heightPx());
        for (int y = 0; y < px.height(); ++y)
            for (int x = 0; x < px.width(); ++x)
                if (isFilled(scene, x, y, Behaviour::Solid, false)) px.set(x, y);
        QVERIFY2(shapes.solids.size() == collide::fewestRectangles(px).size(),
                 "ROOK_SEED=" + QByteArray::number(seed + round));
        QVERIFY(shapes.isFewest);
    }
}

void ShapesTest::outlines_encloseTheAreaOfTheMass() {
    const std::uint64_t seed = testing::seedOr(42);
    for (int round = 0; round < 200; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const Scene scene = randomScene(random, 0, runtime::formCount - 1);
        std::int64_t expected = 0;
        for (int row = 0; row < scene.frame.rows; ++row)
            for (int column = 0; column < scene.frame.columns; ++column)
                if (scene.cells.at(column, row).behaviour == Behaviour::Solid)
                    expected += doubledArea(collide::polygonOf(scene.cells.at(column, row).form,
                                                               scene.frame.cellWidth,
                                                               scene.frame.cellHeight));
        std::int64_t found = 0;
        for (const auto& outline : collide::makeShapes(scene.frame, scene.cells).outlines) {
            QVERIFY((doubledArea(outline.points) < 0) == outline.isHole);
            found += doubledArea(outline.points);
        }
        QVERIFY2(found == expected, "ROOK_SEED=" + QByteArray::number(seed + round));
    }
}

void ShapesTest::outlines_closeAroundAHole() {
    Scene scene{{3, 3, 10, 10, {}}, {3, 3}};
    for (int i = 0; i < 9; ++i)
        if (i != 4) scene.cells.set(i % 3, i / 3, {Behaviour::Solid, Form::Full});
    const auto outlines = collide::makeShapes(scene.frame, scene.cells).outlines;
    QCOMPARE(outlines.size(), std::size_t{2});
    QCOMPARE(outlines[0].points, (collide::Polygon{{0, 0}, {30, 0}, {30, 30}, {0, 30}}));
    QVERIFY(outlines[1].isHole);
    QCOMPARE(outlines[1].points.size(), std::size_t{4});
}

void ShapesTest::bodyMaps_equalTheStepperWorld() {
    const std::uint64_t seed = testing::seedOr(43);
    for (int round = 0; round < 100; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        Scene scene = randomScene(random, 0, runtime::formCount - 1);
        const auto rule = [&] { return static_cast<runtime::EdgeRule>(random.between(0, 2)); };
        scene.frame.edges = {rule(), rule(), rule(), rule()};
        runtime::MotionTables tables;
        tables.bodyWidth = random.between(1, 8);
        tables.bodyHeight = random.between(1, 8);
        tables.dx = {1, 1};
        tables.dy = {-2, 2};
        const auto maps = collide::makeBodyMaps(
            collide::makePxMaps(scene.frame, scene.cells, tables, {}), tables);
        const runtime::World world(scene.frame, scene.cells, tables);
        for (int y = -maps.top; y + tables.bodyHeight < scene.frame.heightPx(); ++y) {
            for (int x = -maps.left; x + tables.bodyWidth < scene.frame.widthPx(); ++x) {
                const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
                QVERIFY2(maps.live.test(x + maps.left, y + maps.top) == world.isLive(x, y), where);
                QVERIFY2(maps.free.test(x + maps.left, y + maps.top) == world.isFree(x, y), where);
                QVERIFY2(maps.floor.test(x + maps.left, y + maps.top) == world.hasFloor(x, y),
                         where);
            }
        }
    }
}

void ShapesTest::joinedLines_keepEveryPxOfTheBorder() {
    Random random(testing::seedOr(44));
    const Scene scene = randomScene(random, 0, 4);
    const CellRect all{0, 0, scene.frame.columns, scene.frame.rows};
    const auto lines = collide::borderLines(scene.frame, scene.cells, all, {});
    const auto joined = collide::joinedLines(lines);
    const auto length = [](const std::vector<collide::BorderLine>& list) {
        int sum = 0;
        for (const auto& line : list)
            sum += std::abs(line.to.x - line.from.x) + std::abs(line.to.y - line.from.y);
        return sum;
    };
    QCOMPARE(length(joined), length(lines));
    QVERIFY(joined.size() <= lines.size());
}

ROOK_TEST(ShapesTest)

}  // namespace rook::shapes_test

#include "shapes_test.moc"
