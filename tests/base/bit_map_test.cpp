#include "base/bit_map.h"

#include "testing.h"

namespace rook::bit_map_test {

class BitMapTest : public QObject {
    Q_OBJECT
private slots:
    void spreads_equalBruteForce();
    void runsAndQueries_equalBruteForce();
};

namespace {

BitMap randomMap(Random& random) {
    BitMap map(random.between(1, 200), random.between(1, 30));
    for (int i = 0; i < 40; ++i)
        map.set(random.between(0, map.width() - 1), random.between(0, map.height() - 1));
    return map;
}

}  // namespace

void BitMapTest::spreads_equalBruteForce() {
    const std::uint64_t seed = testing::seedOr(3);
    for (int round = 0; round < 80; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const BitMap map = randomMap(random);
        const int by = random.between(1, 150);
        BitMap left = map, right = map, up = map, down = map;
        left.spreadLeft(by);
        right.spreadRight(by);
        up.spreadUp(by);
        down.spreadDown(by);
        for (int y = 0; y < map.height(); ++y) {
            for (int x = 0; x < map.width(); ++x) {
                bool l = false, r = false, u = false, d = false;
                for (int i = 0; i < by; ++i) {
                    l |= map.test(x + i, y);
                    r |= map.test(x - i, y);
                    u |= map.test(x, y + i);
                    d |= map.test(x, y - i);
                }
                const bool isSame = left.test(x, y) == l && right.test(x, y) == r &&
                                    up.test(x, y) == u && down.test(x, y) == d;
                QVERIFY2(isSame, "ROOK_SEED=" + QByteArray::number(seed + round));
            }
        }
        QVERIFY(right.count() <= std::int64_t{map.width()} * map.height());
    }
}

void BitMapTest::runsAndQueries_equalBruteForce() {
    const std::uint64_t seed = testing::seedOr(4);
    for (int round = 0; round < 200; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        BitMap map(random.between(1, 150), 2);
        const int left = random.between(-10, 160);
        const int right = random.between(-10, 160);
        map.setRun(1, left, right);
        int count = 0;
        for (int x = 0; x < map.width(); ++x) {
            QCOMPARE(map.test(x, 1), x >= left && x < right);
            count += map.test(x, 1) ? 1 : 0;
        }
        QCOMPARE(map.count(), std::int64_t{count});
        const int from = random.between(-5, 150);
        const int to = random.between(-5, 155);
        bool any = false;
        for (int x = std::max(0, from); x < std::min(to, map.width()); ++x)
            any |= map.test(x, 1);
        QCOMPARE(map.anyIn(from, 0, to, 2), any);
        QVERIFY(!map.anyIn(from, 0, to, 1));
    }
}

ROOK_TEST(BitMapTest)

}  // namespace rook::bit_map_test

#include "bit_map_test.moc"
