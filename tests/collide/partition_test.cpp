/// Partitions into rectangles: exact covers, and the fewest that there can be.

#include "collide/partition_cache.h"

#include <algorithm>

#include "testing.h"

namespace rook::partition_test {

namespace {

BitMap randomMap(Random& random, int width, int height, int density) {
    BitMap map(width, height);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            if (random.chance(density)) map.set(x, y);
    return map;
}

/// Covers the first open cell by every rectangle that fits, and goes on: the least count.
int fewestBySearch(BitMap& open, int best) {
    if (best <= 0) return 1 << 20;
    for (int y = 0; y < open.height(); ++y) {
        for (int x = 0; x < open.width(); ++x) {
            if (!open.test(x, y)) continue;
            int least = 1 << 20;
            int right = open.width();
            for (int bottom = y + 1; bottom <= open.height(); ++bottom) {
                int end = x;
                while (end < right && open.test(end, bottom - 1))
                    ++end;
                right = end;
                if (right == x) break;
                for (int to = x + 1; to <= right; ++to) {
                    BitMap rest(open.width(), open.height());
                    for (int j = 0; j < open.height(); ++j)
                        for (int i = 0; i < open.width(); ++i)
                            if (open.test(i, j) && !(i >= x && i < to && j >= y && j < bottom))
                                rest.set(i, j);
                    least = std::min(least, 1 + fewestBySearch(rest, std::min(best, least) - 1));
                }
            }
            return least;
        }
    }
    return 0;
}

/// (C + 3 N) / 4 - L of the header, L by trying all sets of chords.
int fewestByFormula(const BitMap& map) {
    const auto at = [&](int x, int y) { return map.test(x, y) ? 1 : 0; };
    int convex = 0;
    int concave = 0;
    std::vector<PxRect> chords;  // as rectangles of vertices, ends included
    const auto isConcave = [&](int x, int y) {
        return at(x - 1, y - 1) + at(x, y - 1) + at(x - 1, y) + at(x, y) == 3;
    };
    for (int y = 0; y <= map.height(); ++y) {
        for (int x = 0; x <= map.width(); ++x) {
            const int sum = at(x - 1, y - 1) + at(x, y - 1) + at(x - 1, y) + at(x, y);
            if (sum == 1) ++convex;
            if (sum == 2 && at(x - 1, y - 1) == at(x, y)) convex += 2;
            if (sum != 3) continue;
            ++concave;
            for (int end = x + 1; at(end - 1, y - 1) && at(end - 1, y); ++end)
                if (isConcave(end, y)) {
                    chords.push_back({x, y, end - x + 1, 1});
                    break;
                }
            for (int end = y + 1; at(x - 1, end - 1) && at(x, end - 1); ++end)
                if (isConcave(x, end)) {
                    chords.push_back({x, y, 1, end - y + 1});
                    break;
                }
        }
    }
    int most = 0;
    for (unsigned set = 0; set < 1u << chords.size(); ++set) {
        bool isFine = true;
        for (std::size_t i = 0; i < chords.size(); ++i)
            for (std::size_t j = 0; j < i; ++j)
                if ((set >> i & 1) && (set >> j & 1) && chords[i].overlaps(chords[j]))
                    isFine = false;
        if (isFine) most = std::max(most, __builtin_popcount(set));
    }
    return (convex + 3 * concave) / 4 - most;
}

void verifyCover(const BitMap& map, const std::vector<CellRect>& rects, const QByteArray& where) {
    BitMap covered(map.width(), map.height());
    std::int64_t area = 0;
    for (const CellRect& rect : rects) {
        area += rect.area();
        for (int y = rect.y; y < rect.bottom(); ++y)
            for (int x = rect.x; x < rect.right(); ++x)
                covered.set(x, y);
    }
    QVERIFY2(covered == map, where);
    QVERIFY2(area == map.count(), where + " overlap");
}

}  // namespace

class PartitionTest : public QObject {
    Q_OBJECT
private slots:
    void fewest_equalsAnExhaustiveSearch_onEverySmallGrid();
    void fewest_equalsAnExhaustiveSearch_onRandomGrids();
    void fewest_equalsTheFormula_onLargerGrids();
    void both_coverExactly_onLargeGrids();
    void longChains_areMatched();
    void cache_equalsTheWhole_andCutsWhatChangedOnly();
};

void PartitionTest::fewest_equalsAnExhaustiveSearch_onEverySmallGrid() {
    // Every grid of 4 x 3 cells: holes, touching corners and all.
    for (unsigned bits = 0; bits < 1u << 12; ++bits) {
        BitMap map(4, 3);
        for (int i = 0; i < 12; ++i)
            if (bits >> i & 1) map.set(i % 4, i / 4);
        const auto rects = collide::fewestRectangles(map);
        const QByteArray where = "grid " + QByteArray::number(bits);
        verifyCover(map, rects, where);
        QVERIFY2(int(rects.size()) == fewestBySearch(map, 13), where);
        QVERIFY2(int(rects.size()) == fewestByFormula(map), where);
    }
}

void PartitionTest::fewest_equalsAnExhaustiveSearch_onRandomGrids() {
    const std::uint64_t seed = testing::seedOr(601);
    for (int round = 0; round < 400; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        BitMap map =
            randomMap(random, random.between(4, 6), random.between(4, 5), random.between(60, 95));
        const auto rects = collide::fewestRectangles(map);
        verifyCover(map, rects, where);
        QVERIFY2(int(rects.size()) == fewestBySearch(map, int(rects.size()) + 1), where);
    }
}

void PartitionTest::fewest_equalsTheFormula_onLargerGrids() {
    const std::uint64_t seed = testing::seedOr(602);
    for (int round = 0; round < 600; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        const BitMap map =
            randomMap(random, random.between(5, 9), random.between(5, 8), random.between(70, 97));
        const auto rects = collide::fewestRectangles(map);
        verifyCover(map, rects, where);
        const int formula = fewestByFormula(map);
        QVERIFY2(int(rects.size()) == formula, where);
    }
}

void PartitionTest::both_coverExactly_onLargeGrids() {
    const std::uint64_t seed = testing::seedOr(603);
    for (int round = 0; round < 12; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        const BitMap map = randomMap(random, random.between(60, 200), random.between(60, 140),
                                     random.between(20, 99));
        const auto fewest = collide::fewestRectangles(map);
        const auto greedy = collide::greedyRectangles(map);
        verifyCover(map, fewest, where);
        verifyCover(map, greedy, where);
        QVERIFY2(fewest.size() <= greedy.size(), where);
        QVERIFY(std::is_sorted(fewest.begin(), fewest.end(), [](auto& a, auto& b) {
            return std::pair(a.y, a.x) < std::pair(b.y, b.x);
        }));
    }
}

void PartitionTest::longChains_areMatched() {
    // A lattice of notches, in which every chord crosses others: long augmenting ways.
    BitMap map(301, 301);
    for (int y = 0; y < 301; ++y)
        for (int x = 0; x < 301; ++x)
            if (x % 3 != 1 || y % 3 != 1) map.set(x, y);
    const auto fewest = collide::fewestRectangles(map);
    verifyCover(map, fewest, "lattice");
    QVERIFY(fewest.size() < collide::greedyRectangles(map).size());
}

void PartitionTest::cache_equalsTheWhole_andCutsWhatChangedOnly() {
    const std::uint64_t seed = testing::seedOr(9105);
    for (int round = 0; round < 40; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        BitMap map = randomMap(random, random.between(1, 60), random.between(1, 40), 45);
        collide::PartitionCache cache;
        for (int edit = 0; edit < 6; ++edit) {
            const auto cut = cache.cut(map, nullptr);
            QVERIFY2(cut, where);
            QVERIFY2(cut->size() == collide::fewestRectangles(map).size(), where);
            BitMap covered(map.width(), map.height());
            std::int64_t area = 0;
            for (const CellRect& rect : *cut) {
                area += rect.area();
                for (int y = rect.y; y < rect.bottom(); ++y)
                    covered.setRun(y, rect.x, rect.right());
            }
            QVERIFY2(covered == map && area == map.count(), where);
            (void)cache.cut(map, nullptr);
            QVERIFY2(cache.regionsCut() == 0, where);
            // One bit more touches at most four regions, which become one.
            const std::size_t before = cache.regions();
            map.set(random.between(0, map.width() - 1), random.between(0, map.height() - 1));
            (void)cache.cut(map, nullptr);
            QVERIFY2(cache.regionsCut() <= 1 && cache.regions() <= before + 1, where);
        }
    }
    const std::atomic<bool> cancel = true;
    collide::PartitionCache cache;
    Random random(1);
    QVERIFY(!cache.cut(randomMap(random, 20, 20, 50), &cancel));
}

ROOK_TEST(PartitionTest)

}  // namespace rook::partition_test

#include "partition_test.moc"
