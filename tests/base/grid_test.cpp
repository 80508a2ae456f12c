#include "base/grid.h"

#include "testing.h"

namespace rook::grid_test {

class GridTest : public QObject {
    Q_OBJECT
private slots:
    void grid_equalsPlainVector_underRandomWrites();
    void copy_staysAsItWas_whenTheOriginalChanges();
    void changedChunks_areThoseWritten_andNoOthers();
    void uniformGrid_isSmall_andLargeGridStaysUnder80MB();
    void thousandStrokes_addOnlyWhatTheyTouch();
};

void GridTest::grid_equalsPlainVector_underRandomWrites() {
    const std::uint64_t seed = testing::seedOr(11);
    for (int round = 0; round < 60; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const int width = random.between(1, 100);
        const int height = random.between(1, 100);
        Grid<int> grid(width, height, 7);
        std::vector<int> model(static_cast<std::size_t>(width * height), 7);
        std::vector<Grid<int>> keepShared;
        for (int edit = 0; edit < 40; ++edit) {
            const CellRect rect{random.between(-5, width), random.between(-5, height),
                                random.between(0, width + 5), random.between(0, height + 5)};
            const int value = random.between(0, 3);
            grid.fillRect(rect, value);
            for (int y = 0; y < height; ++y)
                for (int x = 0; x < width; ++x)
                    if (rect.contains(CellPoint{x, y}))
                        model[static_cast<std::size_t>(y * width + x)] = value;
            if (random.chance(30)) keepShared.push_back(grid);
            grid.checkInvariants();
        }
        for (int y = 0; y < height; ++y) {
            for (int x = 0; x < width; ++x)
                QVERIFY2(grid.at(x, y) == model[static_cast<std::size_t>(y * width + x)],
                         QByteArray::number(seed + round));
            int expected = 0;
            grid.forEachRunOfRow(y, [&](int first, int count, const int* values) {
                QCOMPARE(first, expected);
                for (int i = 0; i < count; ++i)
                    QCOMPARE(values[i], model[static_cast<std::size_t>(y * width + first + i)]);
                expected = first + count;
            });
            QCOMPARE(expected, width);
        }
    }
}

void GridTest::copy_staysAsItWas_whenTheOriginalChanges() {
    Grid<int> original(70, 70);
    original.set(3, 3, 1);
    const Grid<int> copy = original;
    original.set(3, 3, 2);
    original.fillRect({0, 0, 70, 70}, 5);
    QCOMPARE(copy.at(3, 3), 1);
    QCOMPARE(copy.at(60, 60), 0);
    QVERIFY(!(copy == original));
}

void GridTest::changedChunks_areThoseWritten_andNoOthers() {
    const Grid<int> before(200, 200);
    Grid<int> after = before;
    after.set(40, 70, 1);
    after.set(199, 199, 1);
    QList<CellRect> changed;
    Grid<int>::forEachChangedChunk(before, after, [&](const CellRect& r) { changed << r; });
    QCOMPARE(changed.size(), 2);
    QCOMPARE(changed[0], (CellRect{32, 64, 32, 32}));
    QCOMPARE(changed[1], (CellRect{192, 192, 8, 8}));
}

void GridTest::uniformGrid_isSmall_andLargeGridStaysUnder80MB() {
    Grid<std::uint16_t> grid(4096, 4096);
    QVERIFY(grid.byteCount() < 10000);
    Random random(1);
    for (int y = 0; y < 4096; y += 4)
        for (int x = 0; x < 4096; x += 4)
            grid.set(x, y, static_cast<std::uint16_t>(random.between(1, 60000)));
    QVERIFY(grid.byteCount() > (32u << 20));
    QVERIFY2(grid.byteCount() < (80u << 20), QByteArray::number(qulonglong(grid.byteCount())));
}

void GridTest::thousandStrokes_addOnlyWhatTheyTouch() {
    Grid<std::uint16_t> grid(4096, 4096, 1);
    std::vector<Grid<std::uint16_t>> history{grid};
    Random random(5);
    std::size_t added = 0;
    for (int stroke = 0; stroke < 1000; ++stroke) {
        const int x = random.between(0, 4000);
        const int y = random.between(0, 4000);
        grid.fillRect({x, y, 20, 2}, static_cast<std::uint16_t>(stroke + 2));
        added += grid.bytesNotSharedWith(history.back());
        history.push_back(grid);
    }
    // A stroke touches at most four chunks of 2 KiB, two chunk rows and the list of rows.
    QVERIFY2(added < 1000u * (4 * 2048 + 3 * 128 * 16), QByteArray::number(qulonglong(added)));
}

ROOK_TEST(GridTest)

}  // namespace rook::grid_test

#include "grid_test.moc"
