#pragma once
/// Where an exploration first meets a box. Private to reach/.

#include "reach/exploration.h"
#include "reach/proof_run.h"
#include "reach/run_finder.h"

namespace rook::reach {

[[nodiscard]] inline bool meetsBox(const PxRect& box, int x, int y,
                                   const runtime::MotionTables& tables) {
    return box.overlaps({x, y, tables.bodyWidth, tables.bodyHeight});
}

/// Ends the run, made among these parts, with the first tick after `from` whose way meets the goal;
/// at once if it starts there.
void cutAtGoal(const Problem& problem, const runtime::Parts& parts, Run& run, int from,
               const PxRect& goal);

/// The state found first that overlaps the box, or from which a tick meets it.
struct Arrival {
    State state;
    std::optional<runtime::Input> lastTick;
    int leg = -1;  ///< it is met on this leg, which `state` leads to
};

class Arrivals {
public:
    /// Both must outlive it. `accepts`: only ticks that begin with such a set count.
    Arrivals(CollisionMapSets& mapSets, const Exploration& exploration, const PxRect& goal,
             AcceptsSet accepts = {})
        : m_mapSets(mapSets),
          m_exploration(exploration),
          m_goal(goal),
          m_accepts(std::move(accepts)) {}

    [[nodiscard]] std::optional<Arrival> first() const;

private:
    /// It is met in the middle of a tick only.
    [[nodiscard]] std::optional<Arrival> firstInPassing() const;
    [[nodiscard]] std::optional<runtime::Input> tickThatMeets(const State& state) const;
    /// It is met only while something is held that lasts for a time.
    [[nodiscard]] std::optional<Arrival> firstOnALeg() const;

    CollisionMapSets& m_mapSets;
    const Exploration& m_exploration;
    [[nodiscard]] bool accepts(runtime::HeldSet held) const {
        return !m_accepts || m_accepts(held);
    }

    PxRect m_goal;
    AcceptsSet m_accepts;
};

/// How near, in px, a body at some visited position comes to the box. Requires: some position is
/// visited.
[[nodiscard]] int nearestPx(CollisionMapSets& mapSets, const Exploration& exploration,
                            const PxRect& box);

}  // namespace rook::reach
