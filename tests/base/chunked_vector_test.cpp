/// The chunked list against a plain one.

#include "base/chunked_vector.h"

#include <numeric>

#include "testing.h"

namespace rook::chunked_vector_test {

class ChunkedVectorTest : public QObject {
    Q_OBJECT
private slots:
    void list_isAsAPlainOne_underRandomEdits();
    void edits_leaveFormerCopiesAlone_andShareTheRest();
    void iterators_goAllWays();
};

void ChunkedVectorTest::list_isAsAPlainOne_underRandomEdits() {
    const std::uint64_t seed = testing::seedOr(61);
    for (int round = 0; round < 20; ++round) {
        Random random(seed + std::uint64_t(round));
        std::vector<int> plain(std::size_t(random.between(0, 1200)));
        std::iota(plain.begin(), plain.end(), 0);
        ChunkedVector<int> list(plain);
        for (int step = 0; step < 40; ++step) {
            const int value = random.between(0, 2000);
            switch (random.between(0, 3)) {
                case 0:
                    plain.push_back(value);
                    list.append(value);
                    break;
                case 1:
                    std::erase_if(plain, [&](int each) { return each % 97 == value % 97; });
                    list.edit([&](auto& all) {
                        std::erase_if(all, [&](int each) { return each % 97 == value % 97; });
                    });
                    break;
                default:
                    for (int& each : plain)
                        if (each % 211 == value % 211) each += 3;
                    list.editEach([&](int each) { return each % 211 == value % 211; },
                                  [](int& each) { each += 3; });
            }
            list.checkInvariants();
            QVERIFY2(list.items() == plain,
                     "ROOK_SEED=" + QByteArray::number(seed + std::uint64_t(round)));
            QVERIFY(list == ChunkedVector<int>(plain));
            if (!plain.empty()) QCOMPARE(list.back(), plain.back());
        }
    }
}

void ChunkedVectorTest::edits_leaveFormerCopiesAlone_andShareTheRest() {
    std::vector<int> plain(1000);
    std::iota(plain.begin(), plain.end(), 0);
    const ChunkedVector<int> former(plain);
    ChunkedVector<int> list = former;
    QVERIFY(list.isSharedWith(former));
    list.editEach([](int each) { return each == 300; }, [](int& each) { each = -1; });
    QCOMPARE(former[300], 300);
    QCOMPARE(list[300], -1);
    QCOMPARE(list.countNotSharedWith(former), ChunkedVector<int>::chunkSize);
    QVERIFY(list.isSameBy(former, [](int each) { return each < 5000; }));
    QVERIFY(!list.isSameBy(former, [](int each) { return each < 0; }));
    list.append(7);
    QVERIFY(!list.isSameBy(former, [](int) { return 0; }));
    QCOMPARE(former.size(), std::size_t{1000});
    list = former;
    list.edit([](auto& all) { all[10] = -2; });
    QCOMPARE(list.countNotSharedWith(former), ChunkedVector<int>::chunkSize);
    list.editEach([](int) { return false; }, [](int&) {});
    QVERIFY(!(list == former));
}

void ChunkedVectorTest::iterators_goAllWays() {
    std::vector<int> plain(700);
    std::iota(plain.begin(), plain.end(), 0);
    const ChunkedVector<int> list(plain);
    QCOMPARE(std::distance(list.begin(), list.end()), std::ptrdiff_t{700});
    QCOMPARE(*std::lower_bound(list.begin(), list.end(), 511), 511);
    QCOMPARE(*(list.end() - 1), 699);
    QCOMPARE(list.begin()[256], 256);
    auto at = list.begin() + 256;
    QCOMPARE(*--at, 255);
    QCOMPARE(*at++, 255);
    QCOMPARE(*at, 256);
    QVERIFY(ChunkedVector<int>().begin() == ChunkedVector<int>().end());
}

ROOK_TEST(ChunkedVectorTest)

}  // namespace rook::chunked_vector_test

#include "chunked_vector_test.moc"
