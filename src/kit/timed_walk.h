#pragma once
/// Walks on a board of pieces on which something goes by the clock.

#include <atomic>
#include <memory>

#include "kit/clock.h"
#include "kit/stands.h"

namespace rook::kit {

class WalkGraph;

/// All that a walk can come to, exactly: where nothing ever harms, places hang together and one may
/// stay as long as one likes, so that all ticks are open from there: one state. Where something
/// does, each place in each tick of the common period is a state.
/// A body is a third of a module wide; a step takes 4 ticks, or 6 aslant, and the body is where it
/// was for the first half of them. It is harmed in a tick in which it overlaps a thing of its
/// storey. (After "safe intervals": Phillips, Likhachev: SIPP, 2011; here intervals are ticks.)
/// Cost: the places, and the period for each one that something harms.
class TimedWalk {
public:
    /// Null where nothing goes by the clock.
    [[nodiscard]] static std::shared_ptr<const TimedWalk> of(
        const level::Project& project, const level::Level& level, const WalkGraph& graph,
        const std::atomic<bool>* cancel = nullptr);

    /// Why no answer can be given, as it goes on after "not decided: "; empty = it can.
    [[nodiscard]] const std::string& problem() const { return m_clock.problem; }
    /// False if a surface is too narrow to stand on: who is not reached may still be.
    [[nodiscard]] bool isWhole() const { return m_stands.isWhole(); }
    [[nodiscard]] const Stands& stands() const { return m_stands; }
    [[nodiscard]] const Clock& clock() const { return m_clock; }
    /// Ticks after which all is as at first.
    [[nodiscard]] int period() const { return m_period; }

    [[nodiscard]] int stateCount() const {
        return m_calmCount + static_cast<int>(m_dangers.size()) * m_period;
    }
    [[nodiscard]] int patchOf(int state) const {
        const int stand =
            isCalm(state) ? m_calmStand[static_cast<std::size_t>(state)] : standOf(state);
        return m_stands.patchOf(stand);
    }
    /// One may stay there: nothing ever harms.
    [[nodiscard]] bool isCalm(int state) const { return state < m_calmCount; }
    /// Requires: not calm.
    [[nodiscard]] int standOf(int state) const {
        return m_dangers[static_cast<std::size_t>((state - m_calmCount) / m_period)];
    }
    [[nodiscard]] int tickOf(int state) const { return (state - m_calmCount) % m_period; }
    /// The state of who is there in that tick; -1 if something harms.
    [[nodiscard]] int stateAt(int stand, long long tick) const;
    [[nodiscard]] bool isHarmed(int stand, long long tick) const;
    /// A step that begins after that tick comes to its end.
    [[nodiscard]] bool mayStep(int from, int to, int ticks, long long tick) const;

    /// Each state that one gets to next: by a step, or by waiting a tick.
    template <typename Visit>
    void forEachNext(int state, Visit&& visit) const;

private:
    /// The places and the ticks of a thing's own period in which it harms there.
    struct Harm {
        int stand = 0;
        int tick = 0;
    };
    /// Steps out of a calm state: to another calm one, or to a place that something harms.
    struct Leaving {
        std::vector<int> calm;
        std::vector<std::pair<int, int>> steps;  ///< place, ticks
    };

    TimedWalk(const level::Project& project, const level::Level& level, const WalkGraph& graph,
              const std::atomic<bool>* cancel);
    [[nodiscard]] std::vector<Harm> harmsOf(const ClockThing& thing, const level::Level& level,
                                            const WalkGraph& graph) const;
    void takeHarms(const std::vector<std::vector<Harm>>& harms);
    void joinCalm();
    void leaveCalm();
    [[nodiscard]] int dangerOf(int stand) const {
        return m_dangerOf[static_cast<std::size_t>(stand)];
    }
    [[nodiscard]] int calmOf(int stand) const { return m_calmOf[static_cast<std::size_t>(stand)]; }

    Stands m_stands;
    Clock m_clock;
    int m_period = 1;
    std::vector<int> m_dangers;   ///< places that something harms
    std::vector<int> m_dangerOf;  ///< by place; -1
    std::vector<bool> m_harmed;   ///< by danger and tick
    int m_calmCount = 0;
    std::vector<int> m_calmOf;     ///< by place; -1
    std::vector<int> m_calmStand;  ///< one of each calm state
    std::vector<Leaving> m_leaving;
};

template <typename Visit>
void TimedWalk::forEachNext(int state, Visit&& visit) const {
    if (isCalm(state)) {
        const Leaving& leaving = m_leaving[static_cast<std::size_t>(state)];
        for (const int calm : leaving.calm)
            visit(calm);
        for (const auto& [to, ticks] : leaving.steps)
            for (int tick = 0; tick < m_period; ++tick)
                if (mayStep(m_calmStand[static_cast<std::size_t>(state)], to, ticks, tick))
                    visit(stateAt(to, tick + ticks));
        return;
    }
    const int stand = standOf(state), tick = tickOf(state);
    if (!isHarmed(stand, tick + 1)) visit(stateAt(stand, tick + 1));
    for (const auto& [dx, dy] : allSteps) {
        const int to = m_stands.beside(stand, dx, dy);
        const int ticks = ticksOfStep(dx, dy);
        if (to >= 0 && mayStep(stand, to, ticks, tick)) visit(stateAt(to, tick + ticks));
    }
}

}  // namespace rook::kit
