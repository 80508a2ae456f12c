#pragma once
/// Runs to any place of a level: one solve with a log, then each run is quickly told.

#include <functional>
#include <memory>

#include "reach/proof_run.h"

namespace rook::reach {

class CollisionMapSets;
class Exploration;

/// Which sets of held things count; none = all.
using AcceptsSet = std::function<bool(runtime::HeldSet)>;

/// Threads: made on one, then all members may be called from any one at a time.
class RunFinder {
public:
    /// Cost: a solve with a log. With `stopAt`, positions of the maps, it ends as soon as a body is
    /// at one of these.
    RunFinder(Problem problem, const Limits& limits, const BitMap* stopAt = nullptr);
    ~RunFinder();
    RunFinder(const RunFinder&) = delete;
    RunFinder& operator=(const RunFinder&) = delete;

    [[nodiscard]] Completion completion() const { return m_completion; }
    [[nodiscard]] const Problem& problem() const { return m_problem; }
    /// The run whose last tick meets the box; none if it is not reached. Timed hazards are left
    /// out, as are movers, unless one must be ridden: then the run is by the clock, and none is
    /// found where no waiting along the way makes it possible. Cost: proportional to the ticks of
    /// the run; with rides, times the common period at most.
    /// With `accepts`, the last tick begins with such a set.
    [[nodiscard]] std::optional<Run> runTo(const PxRect& goal,
                                           const AcceptsSet& accepts = {}) const;
    /// One of these positions, of the maps, that a body was at; none if none was.
    [[nodiscard]] std::optional<PxPoint> metOf(const BitMap& places) const;
    /// The sets with which a tick may begin that meets the box: all of them, and with movers maybe
    /// more. What lasts for a time is followed as far as for runs, so some may be missing then.
    [[nodiscard]] std::vector<runtime::HeldSet> setsAt(const PxRect& goal) const;
    /// How near a body comes to the box, px; 0 if it is met, none if nothing is reached.
    [[nodiscard]] std::optional<int> missedBy(const PxRect& goal) const;
    [[nodiscard]] std::size_t byteCount() const;

private:
    Problem m_problem;
    Limits m_limits;
    Completion m_completion = Completion::Complete;
    std::unique_ptr<CollisionMapSets> m_mapSets;
    std::unique_ptr<Exploration> m_exploration;
};

}  // namespace rook::reach
