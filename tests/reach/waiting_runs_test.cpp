/// Runs that wait, against a search that tries every tick of waiting with the stepper alone.

#include "reach/waiting_runs.h"

#include <deque>
#include <numeric>
#include <set>

#include "reach/exploration.h"
#include "reach/run_finder.h"
#include "reach_brute_force.h"
#include "testing.h"

namespace rook::waiting_runs_test {

namespace {

/// Ticks until the goal is met at the soonest; none if it is not.
std::optional<int> soonest(const reach::Problem& problem, const reach::Run& run, const PxRect& goal,
                           int period) {
    const runtime::World world(problem.frame, *problem.cells, problem.tables, problem.parts);
    const auto meets = [&](int x, int y) {
        return goal.overlaps({x, y, problem.tables.bodyWidth, problem.tables.bodyHeight});
    };
    std::set<std::pair<std::size_t, long long>> known;
    std::deque<std::pair<runtime::Body, std::size_t>> open;
    open.emplace_back(runtime::bodyAt(level::boxOf(*problem.start), world, problem.tables), 0);
    if (open.front().first.stance == runtime::Stance::Ended) return std::nullopt;
    for (; !open.empty(); open.pop_front()) {
        const auto [before, done] = open.front();
        for (const bool isWait : {false, true}) {
            if (isWait && before.stance == runtime::Stance::Airborne) continue;
            if (isWait && before.stance == runtime::Stance::Sprung) continue;
            runtime::Body body = before;
            bool isMet = false;
            runtime::step(world, problem.tables, body, isWait ? runtime::Input{} : run.inputs[done],
                          [&](int x, int y) { isMet = isMet || meets(x, y); });
            if (body.stance == runtime::Stance::Ended) continue;
            const std::size_t next = isWait ? done : done + 1;
            if (next == run.inputs.size()) {
                if (isMet || meets(body.x, body.y)) return static_cast<int>(body.tick);
                continue;
            }
            if (!reach::isSame(body, isWait ? before : run.bodies[next])) continue;
            if (known.insert({next, body.tick % period}).second) open.emplace_back(body, next);
        }
    }
    return std::nullopt;
}

runtime::TimedHazard randomHazard(Random& random, const runtime::Frame& frame) {
    runtime::TimedHazard hazard;
    hazard.box = {random.between(0, frame.widthPx() - 8), random.between(0, frame.heightPx() - 8),
                  random.between(2, 24), random.between(2, 24)};
    const int period = 16 * random.between(2, 4);
    hazard.times = {period, {{0, random.between(4, period - 6)}}};
    return hazard;
}
/// There and back.
runtime::Way randomFoe(Random& random, const runtime::Frame& frame) {
    runtime::Way foe;
    foe.width = foe.height = random.between(3, 10);
    const int x = random.between(0, frame.widthPx() - 8);
    const int y = random.between(0, frame.heightPx() - 8);
    const int far = 8 * random.between(1, 4);
    for (int tick = 0; tick < 2 * far; ++tick)
        foe.corners.emplace_back(x + (tick < far ? tick : 2 * far - tick), y);
    return foe;
}

}  // namespace

class WaitingRunsTest : public QObject {
    Q_OBJECT
private slots:
    void runs_meetTheGoalAsSoon_asByEveryWayOfWaiting();
};

void WaitingRunsTest::runs_meetTheGoalAsSoon_asByEveryWayOfWaiting() {
    const std::uint64_t seed = testing::seedOr(20261202);
    const int rounds = qEnvironmentVariableIntValue("ROOK_ROUNDS");
    const int count = rounds > 0 ? rounds : 160;
    int waited = 0, none = 0;
    for (int round = 0; round < count; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        reach::Problem problem = testing::randomProblem(random);
        testing::seeFromTheSide(problem.tables);
        problem.parts.movers.clear();
        const bool lasts = std::any_of(problem.parts.gains.begin(), problem.parts.gains.end(),
                                       [](const auto& gain) { return gain.lastsTicks > 0; });
        if (!problem.start || lasts) continue;
        const PxRect goal{random.between(0, problem.frame.widthPx() - 1),
                          random.between(0, problem.frame.heightPx() - 1), 4, 4};
        const auto run = reach::RunFinder(problem, {}).runTo(goal);
        if (!run || run->inputs.size() < 10) continue;
        for (int hazards = random.between(1, 3); hazards > 0; --hazards)
            problem.parts.timed.push_back(randomHazard(random, problem.frame));
        for (int foes = random.between(0, 2); foes > 0; --foes)
            problem.parts.foes.push_back(randomFoe(random, problem.frame));
        int period = 16;
        for (const auto& hazard : problem.parts.timed)
            period = std::lcm(period, hazard.times.periodTicks);
        for (const auto& foe : problem.parts.foes)
            period = std::lcm(period, static_cast<int>(foe.periodTicks()));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + std::uint64_t(round));
        const auto wanted = soonest(problem, *run, goal, period);
        const auto found = reach::waitingRun(problem, *run, goal);
        QVERIFY2(found.has_value() == wanted.has_value(), where);
        ++(found ? waited : none);
        if (!found) continue;
        QVERIFY2(found->ticks() == *wanted, where);
        QVERIFY2(reach::replays(problem, *found, goal), where);
    }
    qInfo("%d runs wait, %d cannot", waited, none);
    QVERIFY2(rounds > 0 || (waited > 10 && none > 10), "both are met with");
}

ROOK_TEST(WaitingRunsTest)

}  // namespace rook::waiting_runs_test

#include "waiting_runs_test.moc"
