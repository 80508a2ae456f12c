/// Tracks as ways: against fractions worked out one tick at a time.

#include "level/tracks.h"

#include <numeric>

#include "testing.h"

namespace rook::tracks_test {

using level::Ease;
using level::Track;

namespace {

Track randomTrack(Random& random) {
    for (;;) {
        Track track;
        for (int points = random.between(0, 4); points > 0; --points)
            track.points.push_back({random.between(-60, 60), random.between(-60, 60)});
        track.isRound = random.chance(50);
        track.periodTicks = random.between(1, 300);
        if (random.chance(40)) track.pace = {random.between(100, 5000)};
        for (std::size_t i = 0; i <= track.points.size() && random.chance(60); ++i)
            track.waits.push_back(random.between(0, 20));
        if (random.chance(50)) track.ease = Ease::Smooth;
        if (!level::flawOf(track)) return track;
    }
}

/// Where it is in a tick, leg by leg, in long double: exact enough to tell whole px apart but where
/// a share of a leg falls on a px itself.
struct Place {
    long double x = 0;
    long double y = 0;
};
Place placeAt(const Track& track, PxPoint corner, long double tick) {
    const std::vector<PxPoint> way = trackOf(track, corner);
    const auto lengthOf = [&](std::size_t i) {
        return std::max(std::abs(way[i].x - way[i - 1].x), std::abs(way[i].y - way[i - 1].y));
    };
    long double all = 0;
    for (std::size_t i = 1; i < way.size(); ++i)
        all += lengthOf(i);
    const auto waitOf = [&](std::size_t corners) {
        // There and back: the points are met in their order, then in the other one.
        const std::size_t count = track.points.size();
        const std::size_t point = corners <= count ? corners : 2 * count - corners;
        return (long double)(point < track.waits.size() ? track.waits[point] : 0);
    };
    const long double moving = level::periodOf(track) - level::waitsOf(track);
    for (std::size_t i = 1; i < way.size(); ++i) {
        if (tick < waitOf(i - 1)) return {(long double)way[i - 1].x, (long double)way[i - 1].y};
        tick -= waitOf(i - 1);
        const long double takes = track.pace.thousandths > 0
                                      ? std::ceil(lengthOf(i) * 1000.0L / track.pace.thousandths)
                                      : (all > 0 ? lengthOf(i) * moving / all : 0);
        if (tick < takes) {
            long double share = tick / takes;
            if (track.ease == Ease::Smooth) share = share * share * (3 - 2 * share);
            return {way[i - 1].x + share * (way[i].x - way[i - 1].x),
                    way[i - 1].y + share * (way[i].y - way[i - 1].y)};
        }
        tick -= takes;
    }
    return {(long double)way.back().x, (long double)way.back().y};
}

}  // namespace

class TracksTest : public QObject {
    Q_OBJECT
private slots:
    void plainTracks_goAsTheyDid();
    void ways_areWhatTheFractionsSay_onRandomTracks();
    void waits_areTakenAtEveryPassing();
    void pace_decidesThePeriod();
    void flaws_areTold();
};

/// The way of a plain track is what the track alone says: both rules agree in every tick.
void TracksTest::plainTracks_goAsTheyDid() {
    const std::uint64_t seed = testing::seedOr(5);
    for (int round = 0; round < 400; ++round) {
        Random random(seed + std::uint64_t(round));
        Track track;
        PxPoint at;
        for (int points = random.between(0, 4); points > 0; --points) {
            (random.chance(50) ? at.x : at.y) += random.between(-40, 40);
            track.points.push_back(at);
        }
        track.periodTicks = random.between(1, 300);
        QVERIFY(level::isPlain(track));
        const runtime::Mover plain = level::moverOf(track, {20, 30, 8, 4});
        QVERIFY(plain.way.empty());
        for (int tick = 0; tick < track.periodTicks; ++tick) {
            const Place place = placeAt(track, {20, 30}, tick);
            const runtime::Box box = plain.at(tick);
            const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + std::uint64_t(round));
            QVERIFY2(std::abs(place.x - box.x) < 1 && std::abs(place.y - box.y) < 1, where);
        }
    }
}

void TracksTest::ways_areWhatTheFractionsSay_onRandomTracks() {
    const std::uint64_t seed = testing::seedOr(20261129);
    int slanted = 0;
    for (int round = 0; round < 600; ++round) {
        Random random(seed + std::uint64_t(round));
        const Track track = randomTrack(random);
        if (level::isPlain(track)) continue;
        ++slanted;
        const PxPoint corner{random.between(0, 300), random.between(0, 300)};
        const runtime::Mover mover = level::moverOf(track, {corner.x, corner.y, 8, 4});
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + std::uint64_t(round));
        QVERIFY2(std::int64_t(mover.way.size()) == level::periodOf(track), where);
        for (int tick = 0; tick < mover.periodTicks; ++tick) {
            const Place place = placeAt(track, corner, tick);
            const runtime::Box box = mover.at(tick);
            // Cut towards the point that the leg begins at: less than a px from the true place.
            QVERIFY2(std::abs(place.x - box.x) < 1.000001L, where);
            QVERIFY2(std::abs(place.y - box.y) < 1.000001L, where);
        }
        // What is passed within a tick leads from one place to the next, a px at a time.
        for (int tick = 1; tick <= mover.periodTicks; ++tick) {
            runtime::Box at = mover.at(tick - 1);
            mover.passIn(tick, [&](const runtime::Box& next) {
                const bool isStep = std::abs(next.x - at.x) + std::abs(next.y - at.y) == 1;
                at = next;
                return isStep;
            });
            QVERIFY2(at.x == mover.at(tick).x && at.y == mover.at(tick).y, where);
        }
    }
    QVERIFY(slanted > 300);
}

void TracksTest::waits_areTakenAtEveryPassing() {
    Track track;
    track.points = {{10, 0}, {20, 0}};
    track.waits = {3, 2, 5};
    track.periodTicks = 3 + 2 + 5 + 2 + 40;
    QCOMPARE(level::waitsOf(track), 12);
    const runtime::Mover mover = level::moverOf(track, {0, 0, 4, 2});
    int atFirst = 0, atMiddle = 0, atEnd = 0;
    for (int tick = 0; tick < mover.periodTicks; ++tick) {
        atFirst += mover.at(tick).x == 0;
        atMiddle += mover.at(tick).x == 10;
        atEnd += mover.at(tick).x == 20;
    }
    // Each is also there in the tick in which it comes or goes.
    QCOMPARE(atFirst, 4);
    QCOMPARE(atMiddle, 2 * 3);
    QCOMPARE(atEnd, 6);
}

void TracksTest::pace_decidesThePeriod() {
    Track track;
    track.points = {{30, 10}};
    track.pace = {4000};
    track.waits = {6};
    QCOMPARE(level::periodOf(track), 2 * 8 + 6);
    track.isRound = true;
    QCOMPARE(level::periodOf(track), 2 * 8 + 6);
    const runtime::Mover mover = level::moverOf(track, {0, 0, 4, 2});
    QCOMPARE(mover.at(6 + 4).x, 15);
    QCOMPARE(mover.at(6 + 4).y, 5);
    QCOMPARE(mover.at(6 + 8).x, 30);
}

void TracksTest::flaws_areTold() {
    Track track;
    track.points = {{10, 4}};
    QVERIFY(!level::flawOf(track));  // legs may lead anywhere
    track.waits = {100, 140};
    track.periodTicks = 240;
    QVERIFY(level::flawOf(track));
    track.periodTicks = 241;
    QVERIFY(!level::flawOf(track));
    track.waits = {1, 1, 1};
    QVERIFY(level::flawOf(track));
    track.waits.clear();
    track.points = {{16000, 0}};
    track.pace = {100};
    QVERIFY(level::flawOf(track));
}

ROOK_TEST(TracksTest)

}  // namespace rook::tracks_test

#include "tracks_test.moc"
