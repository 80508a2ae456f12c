#pragma once
/// What is reached where movers must be ridden. Private to reach/.

#include <memory>

#include "reach/exploration.h"
#include "reach/run_finder.h"

namespace rook::reach {

/// From a run with the clock that gets off a mover, what needs no mover goes on in every tick: so
/// one run to a new place is enough for all that lies behind it. It is looked for from what is
/// reached without movers, as soon as a body is anywhere else, and again from there.
///
/// What it says is reached is reached; of the rest it says nothing.
class ByTheClock {
public:
    /// `problem` has movers, and must outlive it. Cost: none yet.
    ByTheClock(const Problem& problem, const Limits& limits);
    ~ByTheClock();

    /// Cost: a solve without movers; and, for each place that is new, one with rides as far as that
    /// place, and a run.
    [[nodiscard]] bool meets(const PxRect& goal);

private:
    struct Known;
    /// Goes on from a place that is reached with the clock; false if none is found.
    bool goFarther();
    [[nodiscard]] BitMap newPlaces() const;
    [[nodiscard]] std::optional<Run> runTo(const PxRect& goal, const RunFinder& finder) const;
    bool seed(const Run& run);

    const Problem& m_problem;
    Limits m_limits;
    std::unique_ptr<Known> m_known;
    bool m_isDone = false;  ///< there is no farther
    int m_runs = 0;
};

}  // namespace rook::reach
