#pragma once
/// Holding a level to its plan: does a run follow the routes, is each obstacle really met, does
/// something stand for each thing, is each room open?

#include "check/finding.h"
#include "reach/proof_run.h"

namespace rook::check {

enum class BeadState {
    NotJudged,   ///< the route's goal is not reached, or reach is not decided
    Met,         ///< an obstacle: with its region closed the goal is out of reach, proven
    Skippable,   ///< an obstacle: the goal is reached with its region closed, proven
    Passed,      ///< no region, or no obstacle: the run along the route comes by
    LeftOut,     ///< the same, and it does not
    NotDecided,  ///< a limit was met
};

/// What became of one route.
struct RouteReport {
    PxRect goal;                           ///< what it leads to: a thing near its end, else its end
    std::string goalName;                  ///< id of that thing; empty if it is the end itself
    bool isGoalReached = false;            ///< by a run along it: then there is one
    std::vector<reach::Passing> passings;  ///< one a way point; empty if not judged
    std::vector<BeadState> beads;          ///< one a bead
    std::optional<reach::Run> run;         ///< the proof run, along the route as far as any can
    /// The same on a board of pieces: module by module.
    std::vector<kit::Spot> way{};

    [[nodiscard]] bool isFollowed() const { return run.has_value() || !way.empty(); }
};

struct PlanReport {
    std::vector<RouteReport> routes;  ///< one a route
    std::vector<Finding> findings;
    bool isCancelled = false;  ///< then the rest is not complete
};

/// A jump, climb, door, foe or puzzle; rewards and stories are events.
[[nodiscard]] bool isObstacle(level::BeadSort sort);
[[nodiscard]] bool hasPlan(const level::Level& level);

/// A way point, or a bead without a region, is passed by a body that ends a tick within one cell of
/// it; on a board of pieces, by one that comes to its module, on whatever storey. `query` and
/// `answer` are of this very level; null where it could not be asked: then only what needs no reach
/// is looked at. Cost: one solve a way point and a region, each with the limits.
[[nodiscard]] PlanReport holdToPlan(const level::Project& project, const level::Level& level,
                                    const reach::Query* query, const reach::Answer* answer,
                                    const reach::Limits& limits = {});

}  // namespace rook::check
