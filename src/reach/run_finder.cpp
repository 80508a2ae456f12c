#include "reach/run_finder.h"

#include <bit>

#include "reach/arrivals.h"
#include "reach/replay.h"
#include "reach/riding_run.h"

namespace rook::reach {

int nearestPx(CollisionMapSets& mapSets, const Exploration& exploration, const PxRect& box) {
    int low = 0;  // not met when the box grows by this
    const BodyMaps& maps = mapSets.of(0).maps();
    int high = maps.live.width() + maps.live.height();
    while (high - low > 1) {
        const int middle = (low + high) / 2;
        const PxRect at = mapSets.of(0).positionsAt(level::boxOf(box.grown(middle)));
        (exploration.isVisitedIn(at) ? high : low) = middle;
    }
    return high;
}

RunFinder::RunFinder(Problem problem, const Limits& limits, const BitMap* stopAt)
    : m_problem(std::move(problem)), m_limits(limits) {
    if (!CollisionMapSets::fit(m_problem, limits)) {
        m_completion = Completion::OutOfMemory;
        return;
    }
    m_mapSets = std::make_unique<CollisionMapSets>(m_problem);
    m_exploration = std::make_unique<Exploration>(*m_mapSets, m_limits, true, Riding::Yes);
    if (stopAt)
        m_exploration->stopAt([stopAt](runtime::HeldSet) { return StopAt{nullptr, stopAt}; });
    if (m_exploration->start()) m_completion = m_exploration->run();
    // Nobody waits for what was asked for here any more.
    m_limits.cancel = nullptr;
}

RunFinder::~RunFinder() = default;

std::optional<PxPoint> RunFinder::metOf(const BitMap& places) const {
    if (!m_exploration || m_exploration->setCount() == 0) return std::nullopt;
    const BitMap visited = m_exploration->visited();
    for (int y = 0; y < visited.height(); ++y)
        for (int i = 0; i < visited.wordsPerRow(); ++i)
            if (const auto met = visited.row(y)[i] & places.row(y)[i])
                return PxPoint{i * BitMap::wordBits + std::countr_zero(met), y};
    return std::nullopt;
}

std::vector<runtime::HeldSet> RunFinder::setsAt(const PxRect& goal) const {
    if (!m_exploration || m_exploration->setCount() == 0) return {};
    return m_exploration->setsIn(m_mapSets->of(0).positionsAt(level::boxOf(goal)));
}

std::optional<Run> RunFinder::runTo(const PxRect& goal, const AcceptsSet& accepts) const {
    if (!m_exploration) return std::nullopt;
    const auto arrival = Arrivals(*m_mapSets, *m_exploration, goal, accepts).first();
    if (!arrival) return std::nullopt;
    const std::vector<Move> way = m_exploration->wayTo(arrival->state);
    if (way.empty()) return std::nullopt;
    const auto rides = [](const Move& move) { return move.ride >= 0; };
    if (std::any_of(way.begin(), way.end(), rides) && arrival->leg >= 0) return std::nullopt;
    if (std::any_of(way.begin(), way.end(), rides))
        return ridingRun(m_problem, way, *m_exploration, arrival->lastTick, goal);
    Replay replay(m_problem);
    if (!replay.follow(way, *m_exploration)) return std::nullopt;
    if (arrival->leg >= 0 && !replay.followLeg(m_exploration->legTo(arrival->leg)))
        return std::nullopt;
    if (arrival->lastTick && !replay.finish({arrival->state, *arrival->lastTick}, goal))
        return std::nullopt;
    Run run = replay.take();
    cutAtGoal(m_problem, fixedParts(m_problem.parts), run, 0, goal);
    return run;
}

std::optional<int> RunFinder::missedBy(const PxRect& goal) const {
    if (!m_exploration || m_exploration->setCount() == 0) return std::nullopt;
    const PxRect at = m_mapSets->of(0).positionsAt(level::boxOf(goal));
    if (m_exploration->isVisitedIn(at)) return 0;
    return nearestPx(*m_mapSets, *m_exploration, goal);
}

std::size_t RunFinder::byteCount() const {
    return m_exploration ? m_exploration->byteCount() : 0;
}

}  // namespace rook::reach
