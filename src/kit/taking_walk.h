#pragma once
/// Ways on a board of pieces that take things on the way, as goals ask for.

#include <functional>
#include <set>

#include "kit/walk_graph.h"

namespace rook::kit {

/// What a way is to take before it ends.
struct TakingWish {
    std::set<std::string> things;  ///< ids of what counts
    /// True if enough is taken; given those of `things` that are. More is never too much.
    std::function<bool(const std::set<std::string>&)> isEnough;
    /// Id of the exit to win by; empty = none, the way ends where enough is taken.
    std::string exit;
};

struct TakingWalk {
    std::vector<int> way;       ///< states from the start to the end; empty if there is none
    bool isImpossible = false;  ///< proven that there is none; else, without a way, not decided
};

/// Once enough is taken, no other exit is met on the way, as it would win by that one. First the
/// nearest thing again and again; if that leads nowhere, all sets of things in all orders, up to
/// 4,096 sets. Cost: the graph for each thing, else for each set.
[[nodiscard]] TakingWalk wayTaking(const level::Project& project, const level::Level& level,
                                   const WalkGraph& graph, const TakingWish& wish,
                                   const std::atomic<bool>* cancel = nullptr);

}  // namespace rook::kit
