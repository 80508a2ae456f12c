/// Caves: the same seed gives the same cells; one room, a sealed border, nothing outside the area.

#include "masses/caves.h"

#include "testing.h"

namespace rook::caves_test {

using level::CellRegion;
using masses::CaveSettings;

namespace {

CellRegion randomArea(Random& random) {
    CellRegion area(CellRect{random.between(0, 9), random.between(0, 9), random.between(1, 50),
                             random.between(1, 40)});
    for (int i = random.between(0, 3); i > 0; --i)
        area = area.united(CellRegion(CellRect{random.between(0, 40), random.between(0, 40),
                                               random.between(1, 20), random.between(1, 20)}));
    return area;
}

CaveSettings randomSettings(Random& random) {
    CaveSettings settings;
    settings.noise = {static_cast<NoiseKind>(random.between(0, 3)), random.between(2, 30),
                      random.between(1, 4), random.between(0, 1000)};
    settings.threshold = random.between(20, 80);
    settings.smoothing = random.between(0, 4);
    settings.keepsOneRoom = random.chance(50);
    settings.border = random.between(0, 3);
    return settings;
}

}  // namespace

class CavesTest : public QObject {
    Q_OBJECT
private slots:
    void noise_isTheSame_forTheSameSeed_andStaysInRange();
    void thresholds_decideBetweenNothingAndAll();
    void oneRoom_isOne_andTheBorderIsSealed_onRandomAreas();
    void smoothing_followsItsRule();
    void laying_touchesItsAreaOnly_andCanBeCancelled();
};

void CavesTest::noise_isTheSame_forTheSameSeed_andStaysInRange() {
    for (int kind = 0; kind < 4; ++kind) {
        NoiseSettings settings{static_cast<NoiseKind>(kind), 7, 3, 11};
        const NoiseField first(settings);
        const NoiseField second(settings);
        settings.seed = 12;
        const NoiseField other(settings);
        int different = 0;
        double least = 1;
        double most = 0;
        for (int y = 0; y < 60; ++y)
            for (int x = 0; x < 60; ++x) {
                const double value = first.at(x, y);
                QCOMPARE(value, second.at(x, y));
                different += value != other.at(x, y) ? 1 : 0;
                least = std::min(least, value);
                most = std::max(most, value);
            }
        QVERIFY(least >= 0 && most <= 1);
        QVERIFY2(most - least > 0.3, QByteArray::number(kind));
        QVERIFY(different > 3000);
    }
}

void CavesTest::thresholds_decideBetweenNothingAndAll() {
    const CellRegion area(CellRect{3, 4, 30, 20});
    CaveSettings settings;
    settings.border = 0;
    settings.smoothing = 0;
    settings.keepsOneRoom = false;
    settings.threshold = 0;
    QCOMPARE(*masses::growCave(area, settings), area);
    settings.threshold = 101;
    QVERIFY(masses::growCave(area, settings)->isEmpty());
}

void CavesTest::oneRoom_isOne_andTheBorderIsSealed_onRandomAreas() {
    const std::uint64_t seed = testing::seedOr(4601);
    const level::Project project = testing::smallProject();
    for (int round = 0; round < 60; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        const CellRegion area = randomArea(random);
        const CaveSettings settings = randomSettings(random);
        const CellRegion solid = *masses::growCave(area, settings);
        QVERIFY2(*masses::growCave(area, settings) == solid, where);
        QVERIFY2(area.united(solid) == area, where);
        const int n = settings.border;
        std::optional<CellPoint> open;
        level::Level level;
        level.cells = Grid<level::Cell>(80, 80);
        for (const level::CellRun& run : area.runs())
            for (int x = run.x; x < run.x + run.count; ++x) {
                if (solid.contains({x, run.y})) continue;
                open = CellPoint{x, run.y};
                level.cells.set(x, run.y, level::Cell({1}));
                for (int dy = -n; dy <= n; ++dy)
                    for (int dx = -n; dx <= n; ++dx)
                        QVERIFY2(area.contains({x + dx, run.y + dy}), where);
            }
        if (!open || !settings.keepsOneRoom) continue;
        const auto room = level::fillRegion(level.cells, *open, 1 << 20).region;
        QVERIFY2(room.cellCount() == area.cellCount() - solid.cellCount(), where);
    }
}

void CavesTest::smoothing_followsItsRule() {
    const CellRegion area(CellRect{0, 0, 40, 30});
    CaveSettings settings;
    settings.border = 0;
    settings.keepsOneRoom = false;
    settings.smoothing = 0;
    const CellRegion before = *masses::growCave(area, settings);
    settings.smoothing = 1;
    const CellRegion after = *masses::growCave(area, settings);
    for (int y = 0; y < 30; ++y)
        for (int x = 0; x < 40; ++x) {
            int around = 0;
            for (int dy = -1; dy <= 1; ++dy)
                for (int dx = -1; dx <= 1; ++dx)
                    around += !area.contains({x + dx, y + dy}) || before.contains({x + dx, y + dy});
            QCOMPARE(after.contains({x, y}), around >= 5);
        }
    QVERIFY(!(before == after));
}

void CavesTest::laying_touchesItsAreaOnly_andCanBeCancelled() {
    const level::Project project = testing::smallProject();
    level::Level level;
    level.cells = Grid<level::Cell>(40, 40);
    level.cells.fillRect({0, 0, 40, 40}, level::Cell({2}));
    const CellRegion area(CellRect{30, 5, 20, 20});
    const auto edit = masses::layCave(project, level, area, {}, {1});
    QVERIFY(edit);
    QCOMPARE(edit->name, std::string("Grow a cave of 200 cells"));
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 40; ++x) {
            const auto matter = edit->level.cells.at(x, y).matter().index;
            QVERIFY(area.contains({x, y}) ? matter < 2 : matter == 2);
        }
    const std::atomic<bool> cancel = true;
    QVERIFY(!masses::layCave(project, level, area, {}, {1}, &cancel));
}

ROOK_TEST(CavesTest)

}  // namespace rook::caves_test

#include "caves_test.moc"
