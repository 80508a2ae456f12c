#pragma once
/// Making runs out of moves: a move counts on the tables' largest numbers, a run keeps to the
/// tables by waiting. Private to reach/.

#include "reach/arrivals.h"

namespace rook::reach {

/// Makes the moves of a way, one after the other, with the stepper.
class Replay {
public:
    /// Both must outlive it; movers and timed hazards are left out.
    explicit Replay(const Problem& problem);
    /// From that body, at tick 0.
    Replay(const Problem& problem, const runtime::Body& from);

    /// False if a move cannot be made within the tables: the run is of no use then.
    [[nodiscard]] bool follow(const std::vector<Move>& way, const Exploration& exploration);
    /// The same for a leg by itself (timed_effects.h): its first tick is waited for, the others are
    /// not.
    [[nodiscard]] bool followLeg(const std::vector<TimedBody>& leg);
    /// One more input, after as many stays as it needs to be met in full.
    [[nodiscard]] bool finish(const Move& last, const PxRect& goal);
    [[nodiscard]] Run take() { return std::move(m_run); }
    [[nodiscard]] int ticks() const { return m_run.ticks(); }

private:
    [[nodiscard]] bool walk(const runtime::Body& wanted, int dx, int dy);
    [[nodiscard]] bool make(const runtime::Input& input, const runtime::Body& wanted);
    void append(const runtime::Input& input);

    const Problem& m_problem;
    runtime::Parts m_parts;
    runtime::World m_world;
    runtime::Body m_body;
    Run m_run;
};

}  // namespace rook::reach
