/// Jump guides against reach: a gap is made exactly when the solver gets across it; air and coyote
/// jumps against a search over single ticks.

#include "motion/jump_guide.h"

#include <set>

#include "reach/solver.h"
#include "testing.h"

namespace rook::jump_guide_test {

using motion::JumpAids;
using motion::StepTables;

namespace {

/// Cells of one px: two floors with a gap between them, the far one a wall down to the ground.
class Floors : public runtime::CellSource {
public:
    Floors(int nearRight, int nearTop, int farLeft, int farTop)
        : m_nearRight(nearRight), m_nearTop(nearTop), m_farLeft(farLeft), m_farTop(farTop) {}
    runtime::CellShape at(int x, int y) const override {
        const bool isNear = x < m_nearRight && y >= m_nearTop;
        const bool isFar = x >= m_farLeft && y >= m_farTop;
        return {isNear || isFar ? runtime::Behaviour::Solid : runtime::Behaviour::Open, {}};
    }

private:
    int m_nearRight, m_nearTop, m_farLeft, m_farTop;
};

StepTables randomTables(Random& random) {
    level::MotionProfile profile;
    profile.bodyWidth = random.between(1, 9);
    profile.bodyHeight = random.between(1, 9);
    profile.run = {random.between(4, 20) * 1000};
    profile.climb = profile.swim = {20000};
    profile.jumpHeight = {random.between(1, 40) * 1000};
    profile.timeToTop = {random.between(1, 40) * 10};
    profile.greatestFall = {random.between(20, 200) * 1000};
    profile.fallFactor = {random.between(500, 2000)};
    profile.coyoteMs = {random.between(0, 6) * 17000};
    profile.airJumps = 0;
    profile.abilities = {level::Ability::ShortHop};
    if (profile.coyoteMs.thousandths > 0) profile.abilities.push_back(level::Ability::Coyote);
    const auto tables = motion::makeStepTables(profile, {4, 1});
    if (!tables) qFatal("%s", tables.error().sentence().c_str());
    return *tables;
}

bool solverGetsAcross(StepTables tables, int gap, int rise) {
    constexpr int nearRight = 20;
    constexpr int nearTop = 130;
    reach::Problem problem;
    problem.frame = {nearRight + gap + 12, 260, 1, 1, {}};
    problem.frame.edges.top = runtime::EdgeRule::Wall;
    problem.cells = std::make_shared<Floors>(nearRight, nearTop, nearRight + gap, nearTop - rise);
    problem.tables = tables.body;
    problem.start =
        PxRect{2, nearTop - tables.body.bodyHeight, tables.body.bodyWidth, tables.body.bodyHeight};
    const auto reached = reach::solve(problem);
    for (int x = nearRight + gap - tables.body.bodyWidth + 1; x < problem.frame.columns; ++x)
        if (x >= nearRight && reached.isStoodAt({x, nearTop - rise - tables.body.bodyHeight}))
            return true;
    return false;
}

/// Every state of a flight, one at a time, with air and coyote jumps as docs/motion.md has them.
bool searchGetsAcross(const StepTables& tables, const JumpAids& aids, int wall, int rise) {
    struct State {
        int x, height, phase, jumps, coyote;
        auto operator<=>(const State&) const = default;
    };
    std::set<State> seen;
    std::vector<State> open{{0, 0, 0, aids.airJumps, 0}};
    open.push_back({1, 0, tables.body.topPhase, aids.airJumps, aids.coyoteTicks});
    while (!open.empty()) {
        const State s = open.back();
        open.pop_back();
        if (s.height < rise - 400 || !seen.insert(s).second) continue;
        std::vector<State> starts{{s.x, s.height, s.phase, s.jumps, std::max(0, s.coyote - 1)}};
        if (s.coyote > 0)
            starts.push_back({s.x, s.height, 0, s.jumps, 0});
        else if (s.jumps > 0 && s.phase != 0)
            starts.push_back({s.x, s.height, 0, s.jumps - 1, 0});
        for (State t : starts) {
            const int p = t.phase;
            for (int dx = 0; dx <= tables.body.dx[std::size_t(p)]; ++dx) {
                State u = t;
                for (int i = 0; i < dx && !(u.height < rise && u.x + 1 >= wall); ++i)
                    ++u.x;
                const int dy = tables.body.dy[std::size_t(p)];
                bool hasLanded = false;
                for (int i = 0; i < std::abs(dy) && !hasLanded; ++i) {
                    hasLanded = dy > 0 && u.x >= wall && u.height == rise;
                    if (!hasLanded) u.height += dy > 0 ? -1 : 1;
                }
                if (hasLanded) return true;
                u.phase = tables.body.phaseAfter(p);
                open.push_back(u);
            }
        }
    }
    return false;
}

}  // namespace

class JumpGuideTest : public QObject {
    Q_OBJECT
private slots:
    void across_equalsTheSolver_withoutAids();
    void across_equalsSearch_withAirAndCoyoteJumps();
    void spare_isTheWidestGap();
    void leastHop_isTheLowestOfAllInputs();
    void arcs_areAsHighAndFarAsTheirNumbers();
};

void JumpGuideTest::across_equalsTheSolver_withoutAids() {
    const std::uint64_t seed = testing::seedOr(4701);
    int made = 0;
    for (int round = 0; round < 150; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        StepTables tables = randomTables(random);
        tables.body.coyoteTicks = 0;
        const int gap = random.between(tables.body.bodyWidth, 70);
        const int rise = random.between(-40, 45);
        const bool isMade = motion::jumpAcross(tables, {}, gap, rise).isMade;
        made += isMade ? 1 : 0;
        QVERIFY2(isMade == solverGetsAcross(tables, gap, rise),
                 "ROOK_SEED=" + QByteArray::number(seed + round));
    }
    QVERIFY(made > 15 && made < 135);
}

void JumpGuideTest::across_equalsSearch_withAirAndCoyoteJumps() {
    const std::uint64_t seed = testing::seedOr(4702);
    int made = 0;
    for (int round = 0; round < 40; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        level::MotionProfile profile;
        profile.bodyWidth = 1;
        profile.run = {random.between(1, 6) * 15000};
        profile.climb = profile.swim = {20000};
        profile.jumpHeight = {random.between(1, 6) * 1000};
        profile.timeToTop = {random.between(2, 8) * 17};
        const StepTables tables = *motion::makeStepTables(profile, {1, 1});
        const JumpAids aids{random.between(0, 2), random.between(0, 3)};
        const int gap = random.between(0, 16);
        const int rise = random.between(-6, 9);
        const bool isMade = motion::jumpAcross(tables, aids, gap, rise).isMade;
        made += isMade ? 1 : 0;
        QVERIFY2(isMade == searchGetsAcross(tables, aids, std::max(1, gap + 1), rise),
                 "ROOK_SEED=" + QByteArray::number(seed + round));
    }
    QVERIFY(made > 4 && made < 36);
}

void JumpGuideTest::spare_isTheWidestGap() {
    const std::uint64_t seed = testing::seedOr(4703);
    for (int round = 0; round < 60; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        const StepTables tables = randomTables(random);
        const JumpAids aids{random.between(0, 1), tables.body.coyoteTicks};
        const int gap = random.between(0, 60);
        const int rise = random.between(-40, 45);
        const auto verdict = motion::jumpAcross(tables, aids, gap, rise);
        QVERIFY2(verdict.isMade == (verdict.spare && *verdict.spare >= 0), where);
        if (!verdict.spare) {
            QVERIFY2(!motion::jumpAcross(tables, aids, 0, rise).isMade, where);
            continue;
        }
        const int widest = gap + *verdict.spare;
        QVERIFY2(motion::jumpAcross(tables, aids, widest, rise).isMade, where);
        for (int wider = widest + 1; wider < widest + 6; ++wider)
            QVERIFY2(!motion::jumpAcross(tables, aids, wider, rise).isMade, where);
    }
}

void JumpGuideTest::leastHop_isTheLowestOfAllInputs() {
    const std::uint64_t seed = testing::seedOr(4704);
    for (int round = 0; round < 60; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const StepTables tables = randomTables(random);
        if (tables.body.totalRise() > 120) continue;
        // A floor of px below much air: the lowest top of all flights, by the stepper.
        const Floors floors(400, 200, 401, 399);
        const runtime::World world({400, 400, 1, 1, {}}, floors, tables.body);
        int lowest = 1 << 20;
        for (int letGoAt = 0; letGoAt < 200; ++letGoAt) {
            runtime::Body body{100, 200 - tables.body.bodyHeight, runtime::Stance::Standing, 0, 0};
            const int ground = body.y;
            int top = 0;
            for (int tick = 0; tick < 400; ++tick) {
                const unsigned buttons = tick == 0 ? 1u : tick >= letGoAt ? 2u : 0u;
                runtime::step(world, tables.body, body, {0, 0, buttons});
                top = std::max(top, ground - body.y);
                if (body.stance != runtime::Stance::Airborne) break;
            }
            lowest = std::min(lowest, top);
        }
        QVERIFY2(motion::leastHop(tables).rise == lowest,
                 "ROOK_SEED=" + QByteArray::number(seed + round));
    }
}

void JumpGuideTest::arcs_areAsHighAndFarAsTheirNumbers() {
    const StepTables tables = *motion::makeStepTables(level::MotionProfile{}, {16, 16});
    const auto high = motion::highestJump(tables, {});
    QCOMPARE(high.rise, tables.body.totalRise());
    QCOMPARE(high.path.back(), (PxPoint{0, -high.rise}));
    QCOMPARE(motion::highestJump(tables, {1, 0}).rise, 2 * high.rise);
    const auto far = motion::farthestJump(tables, {});
    QCOMPARE(far.path.front(), (PxPoint{0, 0}));
    QCOMPARE(far.path.back(), (PxPoint{far.reach, 0}));
    for (std::size_t i = 1; i < far.path.size(); ++i)
        QVERIFY(far.path[i].x - far.path[i - 1].x <=
                tables.body.dx[std::min(i - 1, tables.body.dx.size() - 1)]);
    // A floor at the same height that is just in reach is made, one px further is not.
    const int gap = far.reach + tables.body.bodyWidth - 2;
    QVERIFY(motion::jumpAcross(tables, {}, gap, 0).isMade);
    QVERIFY(!motion::jumpAcross(tables, {}, gap + 1, 0).isMade);
    QVERIFY(motion::farthestJump(tables, {1, 0}).reach > far.reach);
    QVERIFY(motion::farthestJump(tables, {0, 6}).reach > far.reach);
}

ROOK_TEST(JumpGuideTest)

}  // namespace rook::jump_guide_test

#include "jump_guide_test.moc"
