#include "reach/analysis.h"

#include <algorithm>

#include "reach/rides.h"
#include "reach/timed_effects.h"

namespace rook::reach {

Analysis analyze(const level::Project& project, const level::Level& level, const Answer& answer,
                 const Limits& limits) {
    Analysis depth;
    const auto query = queryOf(project, level);
    if (!query || query->board || answer.onCells().reached.completion != Completion::Complete ||
        !query->notSolved.empty())
        return depth;
    depth.runs = std::make_shared<RunFinder>(query->problem, limits);
    if (depth.runs->completion() != Completion::Complete) return {};
    depth.proof =
        proveRun(*query, *depth.runs, foesOf(project, level, query->problem.tables), limits);
    depth.proof.verdict = answer.verdict;
    if (depth.proof.run) depth.criticalPath = criticalPath(*query, *depth.proof.run);
    std::vector<PxRect> exits;
    for (const Goal& goal : query->goals)
        if (goal.role == level::Role::Exit) exits.push_back(goal.box);
    depth.traps = trapsOf(query->problem, exits, limits);
    if (limits.isCancelled()) return {};
    return depth;
}

Analysis analyzeFurther(const level::Project& project, const level::Level& level,
                        const Analysis& depth, const Limits& limits) {
    Analysis deeper = depth;
    const Run* run = depth.proof.run ? &*depth.proof.run : nullptr;
    deeper.proof.comfort = comfortOf(project, level, {}, run, limits);
    deeper.abilities = abilitySetsOf(project, level, {}, limits);
    if (limits.isCancelled()) return depth;
    deeper.isComplete = true;
    return deeper;
}

std::int64_t solveCost(const Problem& problem) {
    const runtime::MotionTables& tables = problem.tables;
    const std::int64_t px =
        std::int64_t{problem.frame.widthPx()} * std::int64_t{problem.frame.heightPx()};
    std::size_t layers = (tables.dx.size() + 2 * static_cast<std::size_t>(tables.wallPushTicks)) *
                         static_cast<std::size_t>(1 + tables.airJumps);
    for (const runtime::Spring& spring : problem.parts.springs)
        layers += spring.high.dx.size() + spring.low.dx.size();
    return px * static_cast<std::int64_t>(layers * (1 + problem.parts.gains.size()));
}

}  // namespace rook::reach
