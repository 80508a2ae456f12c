#include "motion/step_tables.h"

#include <numeric>

#include "testing.h"

namespace rook::step_tables_test {

using level::MotionProfile;

class StepTablesTest : public QObject {
    Q_OBJECT
private slots:
    void tables_equalTheFormulas_onRandomProfiles();
    void plainProfile_givesTheNumbersWorkedOutByHand();
    void margin_widensTheBody_andWeakensTheJump();
    void outOfRange_isRefused_data();
    void outOfRange_isRefused();
    void abilities_decideWhichNumbersAreThere();
    void weakening_takesFromRunJumpAndSprings_asFractions();
    void spring_outOfRange_isRefused();
};

namespace {

/// The formulas of docs/motion.md in long double, for sizes where that is exact enough: values that
/// lie within 1e-9 of a rounding border are left out by the caller.
long double heightAt(long double jump, long double factor, long double top, long double n) {
    if (n <= top) return jump * (2 * n * top - n * n) / (top * top);
    return jump - factor * jump * (n - top) * (n - top) / (top * top);
}

bool isNearBorder(long double value) {
    const long double doubled = std::fabs(value * 2);
    return std::fabs(doubled - std::round(doubled)) < 1e-9L;
}

}  // namespace

void StepTablesTest::tables_equalTheFormulas_onRandomProfiles() {
    const std::uint64_t seed = testing::seedOr(31);
    int compared = 0;
    for (int round = 0; round < 500; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const CellSize cell{random.between(4, 32), random.between(4, 32)};
        MotionProfile profile;
        profile.run = {random.between(4000, 30000)};
        profile.greatestFall = {random.between(1000, 60000)};
        profile.jumpHeight = {random.between(200, 9000)};
        profile.timeToTop = {random.between(10, 900)};
        profile.fallFactor = {random.between(300, 3000)};
        const auto tables = motion::makeStepTables(profile, cell);
        if (!tables) continue;
        const long double v = profile.run.thousandths / 1000.0L * cell.width / 60;
        const long double F = profile.greatestFall.thousandths / 1000.0L * cell.height / 60;
        const long double J = profile.jumpHeight.thousandths / 1000.0L * cell.height;
        const long double f = profile.fallFactor.thousandths / 1000.0L;
        const long double T =
            std::max(1.0L, std::round(profile.timeToTop.thousandths * 60 / 1000.0L));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        QVERIFY2(tables->body.topPhase == static_cast<int>(T), where);
        QVERIFY2(tables->body.dx.size() == static_cast<std::size_t>(tables->body.loopFrom) + 4,
                 where);
        for (int p = 0; p < tables->body.loopFrom; ++p) {
            const long double here = heightAt(J, f, T, p);
            const long double next = heightAt(J, f, T, p + 1);
            if (p >= T) QVERIFY2(here - next <= F + 1e-9L, where);
            if (isNearBorder(here) || isNearBorder(next)) continue;
            const auto i = static_cast<std::size_t>(p);
            QVERIFY2(tables->body.dy[i] == static_cast<int>(std::round(here) - std::round(next)),
                     where);
            const long double far = v * (p + 1);
            const long double near = v * p;
            if (std::fabs(far - std::round(far)) > 1e-9L &&
                std::fabs(near - std::round(near)) > 1e-9L)
                QVERIFY2(tables->body.dx[i] == static_cast<int>(std::floor(far) - std::floor(near)),
                         where);
            ++compared;
        }
        const long double p = tables->body.loopFrom;
        QVERIFY2(heightAt(J, f, T, p) - heightAt(J, f, T, p + 1) > F - 1e-9L, where);
    }
    QVERIFY(compared > 2000);
}

void StepTablesTest::plainProfile_givesTheNumbersWorkedOutByHand() {
    // 60 px cells: 1 cell a second is 1 px a tick. Jump 9 px high, 3 ticks to the top.
    MotionProfile profile;
    profile.run = {1500};
    profile.greatestFall = {5250};
    profile.jumpHeight = {150};
    profile.timeToTop = {50};
    profile.climb = profile.swim = {1000};
    const auto tables = motion::makeStepTables(profile, {60, 60});
    QVERIFY(tables);
    // y = 0 5 8 9 8 5 0, then the next fall would be 7 px, above 5.25.
    QCOMPARE(tables->body.dy, (std::vector<int>{-5, -3, -1, 1, 3, 5, 5, 5, 5, 6}));
    QCOMPARE(tables->body.loopFrom, 6);
    QCOMPARE(tables->body.topPhase, 3);
    QCOMPARE(tables->body.dx, (std::vector<int>{1, 2, 1, 2, 1, 2, 1, 2, 1, 2}));
    QCOMPARE(tables->body.walk[0], 1);
    QCOMPARE(tables->body.walk[15], 2);
}

void StepTablesTest::margin_widensTheBody_andWeakensTheJump() {
    MotionProfile profile;
    const auto plain = motion::makeStepTables(profile, {16, 16});
    profile.marginPx = 2;
    const auto weak = motion::makeStepTables(profile, {16, 16});
    QCOMPARE(weak->body.bodyWidth, 16);
    QCOMPARE(weak->body.bodyHeight, 24);
    QCOMPARE(plain->body.totalRise() - weak->body.totalRise(), 2);
    QCOMPARE(weak->marginPx, 2);
}

void StepTablesTest::outOfRange_isRefused_data() {
    QTest::addColumn<int>("member");
    QTest::addColumn<qint64>("value");
    QTest::addColumn<QString>("named");
    QTest::newRow("body too wide") << 0 << qint64{513} << "body width";
    QTest::newRow("no jump") << 1 << qint64{0} << "jump height";
    QTest::newRow("run too slow") << 2 << qint64{937} << "run";
    QTest::newRow("no fall") << 3 << qint64{0} << "greatest fall";
    QTest::newRow("margin above jump") << 4 << qint64{60} << "weakened jump";
    QTest::newRow("no time") << 5 << qint64{0} << "time to the top";
    QTest::newRow("phases without end") << 6 << qint64{1} << "phases";
}

void StepTablesTest::outOfRange_isRefused() {
    QFETCH(int, member);
    QFETCH(qint64, value);
    QFETCH(QString, named);
    MotionProfile profile;
    if (member == 0) profile.bodyWidth = static_cast<int>(value);
    if (member == 1) profile.jumpHeight = {value};
    if (member == 2) profile.run = {value};
    if (member == 3) profile.greatestFall = {value};
    if (member == 4) profile.marginPx = static_cast<int>(value);
    if (member == 5) profile.timeToTop = {value};
    if (member == 6) profile.fallFactor = {value};
    const auto tables = motion::makeStepTables(profile, {16, 16});
    QVERIFY(!tables);
    QCOMPARE(tables.error().kind, ErrorKind::OutOfRange);
    QVERIFY2(QString::fromStdString(tables.error().sentence()).contains(named),
             tables.error().sentence().c_str());
}

void StepTablesTest::abilities_decideWhichNumbersAreThere() {
    MotionProfile profile;
    profile.coyoteMs = {100000};
    auto tables = motion::makeStepTables(profile, {16, 16});
    QCOMPARE(tables->body.coyoteTicks, 0);
    QCOMPARE(tables->body.climb[15], 0);
    profile.abilities = {level::Ability::Coyote, level::Ability::Climb, level::Ability::AirJump};
    profile.airJumps = 2;
    tables = motion::makeStepTables(profile, {16, 16});
    QCOMPARE(tables->body.coyoteTicks, 6);
    QCOMPARE(tables->body.airJumps, 2);
    QCOMPARE(std::accumulate(tables->body.climb.begin(), tables->body.climb.end(), 0), 17);
    QVERIFY(!tables->body.has(level::Ability::ShortHop));
}

void StepTablesTest::weakening_takesFromRunJumpAndSprings_asFractions() {
    MotionProfile profile;
    const auto whole = motion::makeStepTables(profile, {16, 16});
    const auto weak = motion::makeStepTables(profile, {16, 16}, {25});
    // Three quarters of the speed and the height are what a profile of those numbers has.
    profile.run = {5325};
    profile.jumpHeight = {2400};
    const auto slow = motion::makeStepTables(profile, {16, 16});
    QCOMPARE(weak->body.dx, slow->body.dx);
    QCOMPARE(weak->body.dy, slow->body.dy);
    QCOMPARE(weak->body.walk, slow->body.walk);
    QCOMPARE(weak->body.topPhase, whole->body.topPhase);
    const auto high = motion::makeSpring(MotionProfile{}, {16, 16}, {{6000}, {2000}, 0}, "s", {50});
    const auto half = motion::makeSpring(MotionProfile{}, {16, 16}, {{3000}, {1000}, 0}, "s");
    QCOMPARE(high->high.dy, half->high.dy);
    QCOMPARE(high->low.dy, half->low.dy);
}

void StepTablesTest::spring_outOfRange_isRefused() {
    const auto spring =
        motion::makeSpring(MotionProfile{}, {16, 16}, {{0}, {1000}, 0}, "bellows-1");
    QVERIFY(!spring);
    QCOMPARE(spring.error().kind, ErrorKind::OutOfRange);
    QVERIFY(spring.error().sentence().find("bellows-1") != std::string::npos);
}

ROOK_TEST(StepTablesTest)

}  // namespace rook::step_tables_test

#include "step_tables_test.moc"
