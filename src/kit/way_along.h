#pragma once
/// Ways along a row of modules, as routes of a plan ask for.

#include "kit/walk_graph.h"

namespace rook::kit {

struct WayAlong {
    bool isDecided = true;      ///< false if it was cancelled, or too many things can be held
    std::vector<bool> passed;   ///< one a module that was asked for
    std::vector<int> missedBy;  ///< modules that one comes near it, 0 where it is passed
    std::vector<int> way;       ///< states from the start to the goal; empty if there is none
};

/// A way that comes to these modules in order, on whatever storey, leaving out those that no way
/// gets to from the ones before, and then to one of the goal's patches. Exact: all states that come
/// to a module are taken as starts on the way to the next. Cost: the graph for each module and each
/// set of things held.
[[nodiscard]] WayAlong wayAlong(const level::Project& project, const level::Level& level,
                                const WalkGraph& graph, const std::vector<CellPoint>& modules,
                                const std::vector<int>& goal,
                                const std::atomic<bool>* cancel = nullptr);

}  // namespace rook::kit
