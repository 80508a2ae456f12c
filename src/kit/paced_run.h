#pragma once
/// A walk by the clock, step by step and wait by wait.

#include "kit/timed_walk.h"
#include "kit/walk_graph.h"

namespace rook::kit {

/// What to do from tick 0 on to go through those states of a timed walk; waits in a row are one.
/// Requires: the states follow each other, the first being that of `begin`, a place of it.
/// Cost: the places of the calm parts that it goes through.
[[nodiscard]] std::vector<PacedMove> pacedRun(const TimedWalk& walk, int begin,
                                              const std::vector<int>& states);

/// The same from the level's first spawn; empty where nothing goes by the clock.
[[nodiscard]] std::vector<PacedMove> pacedRun(const level::Project& project,
                                              const level::Level& level, const WalkGraph& graph,
                                              const std::vector<int>& states);

/// The place at which that entity begins; -1 if there is none. Requires: `graph.timed()`.
[[nodiscard]] int standUnder(const WalkGraph& graph, const level::Level& level,
                             const level::Entity& entity);

/// Who walks by the clock, tick by tick: the rules of `TimedWalk`, one after the other.
class PacedBody {
public:
    PacedBody(const TimedWalk& walk, int stand) : m_walk(&walk), m_stand(stand) {}

    /// Begins a step, if it leads somewhere. Requires: it is at rest.
    void begin(int to, int ticks) {
        m_to = to;
        m_ticks = ticks;
        m_done = 0;
    }
    /// A tick. True if it was harmed in it.
    bool tick();
    /// Nothing is under way.
    [[nodiscard]] bool isAtRest() const { return m_ticks == 0; }
    /// Where it is: the place that it left in the first half of a step, then the one that it gets
    /// to.
    [[nodiscard]] int stand() const { return 2 * m_done > m_ticks ? m_to : m_stand; }
    [[nodiscard]] long long now() const { return m_now; }
    /// Its middle on the way between both, sixths of a module.
    [[nodiscard]] std::array<double, 2> place() const;

private:
    const TimedWalk* m_walk;
    int m_stand = 0;
    int m_to = 0;
    int m_ticks = 0;  ///< of the step that is under way; 0 = none is
    int m_done = 0;
    long long m_now = 0;
};

}  // namespace rook::kit
