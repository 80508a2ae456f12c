/// With which abilities a goal is reached, and what is gained on the way.

#include <algorithm>
#include <set>

#include "reach/prove.h"

namespace rook::reach {

std::vector<AbilitySets> abilitySetsOf(const level::Project& project, const level::Level& level,
                                       const QueryOptions& options, const Limits& limits) {
    const auto query = queryOf(project, level, options);
    if (!query) return {};
    const runtime::AbilitySet listed = query->problem.tables.abilities;
    std::vector<runtime::AbilitySet> subsets;
    for (runtime::AbilitySet set = 0; set <= listed; ++set)
        if ((set & ~listed) == 0) subsets.push_back(set);
    std::stable_sort(subsets.begin(), subsets.end(),
                     [](auto a, auto b) { return __builtin_popcount(a) < __builtin_popcount(b); });
    std::vector<AbilitySets> result;
    for (const Goal& goal : query->goals)
        result.push_back({goal.id, {}});
    for (const runtime::AbilitySet set : subsets) {
        const auto isKnown = [&](const AbilitySets& sets) {
            return std::any_of(sets.least.begin(), sets.least.end(),
                               [&](auto least) { return (least & ~set) == 0; });
        };
        if (std::all_of(result.begin(), result.end(), isKnown)) continue;
        if (limits.isCancelled()) return {};
        QueryOptions fewer = options;
        fewer.taken |= listed & ~set;
        const auto asked = queryOf(project, level, fewer);
        if (!asked) continue;
        const Answer solved = answer(*asked, limits, nullptr, Extent::Sure);
        if (solved.onCells().reached.completion != Completion::Complete) return {};
        // A set that might do forbids to call a larger one the smallest.
        if (std::any_of(solved.verdict.goals.begin(), solved.verdict.goals.end(),
                        [](const Goal& goal) { return goal.isUndecided; }))
            return {};
        for (std::size_t i = 0; i < result.size(); ++i)
            if (solved.verdict.goals[i].isReached && !isKnown(result[i]))
                result[i].least.push_back(set);
    }
    return result;
}

std::vector<std::string> criticalPath(const Query& query, const Run& run) {
    std::vector<std::string> path;
    runtime::HeldSet held = 0;
    for (const runtime::Body& body : run.bodies) {
        for (std::size_t i = 0; i < query.gainIds.size(); ++i)
            if (((body.held & ~held) >> i) & 1u) path.push_back(query.gainIds[i]);
        held |= body.held;
    }
    return path;
}

}  // namespace rook::reach
