#include "reach/by_the_clock.h"

#include "reach/arrivals.h"
#include "reach/waiting_runs.h"

namespace rook::reach {

namespace {

/// After so many runs the rest is left to others.
constexpr int mostRuns = 12;

}  // namespace

/// What is reached without movers, from the start and from where runs ended.
struct ByTheClock::Known {
    Known(const Problem& asked, const Limits& limits)
        : problem(awayFromMovers(asked)), mapSets(problem), exploration(mapSets, limits, false) {}

    Problem problem;
    CollisionMapSets mapSets;
    Exploration exploration;
};

ByTheClock::ByTheClock(const Problem& problem, const Limits& limits)
    : m_problem(problem), m_limits(limits) {}

ByTheClock::~ByTheClock() = default;

bool ByTheClock::meets(const PxRect& goal) {
    if (!m_known) {
        m_known = std::make_unique<Known>(m_problem, m_limits);
        m_isDone =
            !m_known->exploration.start() || m_known->exploration.run() != Completion::Complete;
    }
    const PxRect at = m_known->mapSets.of(0).positionsAt(level::boxOf(goal));
    while (!m_known->exploration.isVisitedIn(at)) {
        if (m_isDone || m_limits.isCancelled()) return false;
        m_isDone = ++m_runs > mostRuns || !goFarther();
    }
    return true;
}

bool ByTheClock::goFarther() {
    const BitMap wanted = newPlaces();
    const RunFinder finder(m_problem, m_limits, &wanted);
    const std::optional<PxPoint> place = finder.metOf(wanted);
    if (!place) return false;
    // One px in the middle of the body there: whoever overlaps it is away from movers as well.
    const CollisionMaps& collision = m_known->mapSets.of(0);
    const runtime::MotionTables& tables = m_problem.tables;
    const PxRect goal{place->x - collision.maps().left + tables.bodyWidth / 2,
                      place->y - collision.maps().top + tables.bodyHeight / 2, 1, 1};
    const auto run = runTo(goal, finder);
    return run && seed(*run) && m_known->exploration.run() == Completion::Complete;
}

/// Where nobody was, farther from all movers than a body is large.
BitMap ByTheClock::newPlaces() const {
    const CollisionMaps& collision = m_known->mapSets.of(0);
    BitMap places = m_known->exploration.visited();
    for (int y = 0; y < places.height(); ++y)
        for (int i = 0; i < places.wordsPerRow(); ++i)
            places.row(y)[i] = ~places.row(y)[i];
    const PxRect all{0, 0, places.width(), places.height()};
    const runtime::MotionTables& tables = m_problem.tables;
    for (const runtime::Mover& mover : m_problem.parts.movers)
        for (const auto& list : {ridesOn(collision, mover), edgesOf(collision, mover)})
            for (const PxRect& at : list) {
                const PxRect near =
                    at.grown(std::max(tables.bodyWidth, tables.bodyHeight) + 1).intersected(all);
                for (int y = near.y; y < near.bottom(); ++y)
                    places.clearRun(y, near.x, near.right());
            }
    return places;
}

std::optional<Run> ByTheClock::runTo(const PxRect& goal, const RunFinder& finder) const {
    auto run = finder.runTo(goal);
    if (!run || replays(m_problem, *run, goal)) return run;
    return waitingRun(m_problem, *run, goal);
}

/// Each body of the run that no mover carries or catches; false if nothing is new.
bool ByTheClock::seed(const Run& run) {
    bool isAnyNew = false;
    for (const runtime::Body& body : run.bodies) {
        if (body.stance == runtime::Stance::Ended) continue;
        const bool isTimed = std::any_of(std::begin(body.ticksLeft), std::end(body.ticksLeft),
                                         [](std::uint16_t left) { return left > 0; });
        const BodyMaps& maps = m_known->mapSets.of(body.held).maps();
        const int x = body.x + maps.left, y = body.y + maps.top;
        const bool isLive = x >= 0 && y >= 0 && x < maps.live.width() && y < maps.live.height() &&
                            maps.live.test(x, y);
        const bool lacksFloor = body.stance == runtime::Stance::Standing &&
                                !m_problem.tables.fromAbove && isLive && !maps.floor.test(x, y);
        if (isTimed || !isLive || lacksFloor) continue;
        isAnyNew = m_known->exploration.seedIfNew(body) || isAnyNew;
    }
    return isAnyNew;
}

}  // namespace rook::reach
