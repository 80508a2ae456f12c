#pragma once
/// Proof runs: the inputs, tick by tick, that get a body somewhere. Made by walking back through
/// the order in which the solver finds its states, and replayed by the stepper before they are
/// given out.
///
/// A run may be asked to go *along* a row of areas: it then passes them in order for as long as
/// any run can. This is exact: the states that are reached in one area are all taken as starts on
/// the way to the next.

#include <optional>
#include <vector>

#include "level/kept_run.h"
#include "reach/solver.h"

namespace rook::reach {

struct Run {
    std::vector<runtime::Input> inputs;  ///< one a tick
    std::vector<runtime::Body> bodies;   ///< at the start, and after each tick

    [[nodiscard]] int ticks() const { return static_cast<int>(inputs.size()); }
};

/// What became of one area on the way.
struct Passing {
    bool isPassed = false;
    int missedByPx = 0;  ///< how near a body comes, from the areas passed before; 0 if passed
    int atTick = 0;      ///< of the run, where it is passed
    bool operator==(const Passing&) const = default;
};

struct RunAlong {
    Completion completion = Completion::Complete;
    std::vector<Passing> passings;  ///< one an area; empty unless complete
    std::optional<Run>
        run;  ///< to the goal, by the areas that can be passed; none if there is none
};

/// A run that ends each area's visit with a tick in which the body's box overlaps it, in order,
/// leaving out those that no run gets to from the ones before, and then gets to the goal: the first
/// tick whose way meets it is the run's last. Cost: one solve an area, with a log of what is found.
/// Timed hazards and movers are left out, as in `solve`.
[[nodiscard]] RunAlong runAlong(const Problem& problem, const std::vector<PxRect>& areas,
                                const PxRect& goal, const Limits& limits = {});

/// True if the run, by the stepper, is possible as it stands and its last tick meets the goal; a
/// run of no ticks meets it where it starts. With all parts, timed hazards and movers too.
[[nodiscard]] bool replays(const Problem& problem, const Run& run, const PxRect& goal);

/// The run of these inputs, by the stepper, with all parts; it ends early if the body does.
[[nodiscard]] Run replayed(const Problem& problem, const std::vector<runtime::Input>& inputs);

/// Equal inputs put together, and back.
[[nodiscard]] std::vector<level::RunSpan> spansOf(const std::vector<runtime::Input>& inputs);
[[nodiscard]] std::vector<runtime::Input> inputsOf(const std::vector<level::RunSpan>& spans);

/// The problem with a region closed: a body that touches it ends its run, as at a deadly thing.
[[nodiscard]] Problem withClosed(Problem problem, const PxRect& region);

}  // namespace rook::reach
