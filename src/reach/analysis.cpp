#include "reach/analysis.h"

#include <algorithm>

#include "reach/rides.h"
#include "reach/timed_effects.h"

namespace rook::reach {

Analysis analyze(const level::Project& project, const level::Level& level, const Answer& answer,
                 const Limits& limits) {
    Analysis depth;
    const auto query = queryOf(project, level);
    if (!query || query->board || query->puzzle ||
        answer.onCells().reached.completion != Completion::Complete || !query->notSolved.empty())
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

namespace {

constexpr std::size_t mostPowerUps = 16;  // a solve each

/// Whether all else is reached as before; false where that is not decided.
bool isReachedAlike(const Answer& with, const Answer& without, const std::string& but) {
    if (without.onCells().reached.completion != Completion::Complete) return false;
    for (std::size_t i = 0; i < with.verdict.goals.size(); ++i) {
        const Goal& a = with.verdict.goals[i];
        const Goal& b = without.verdict.goals[i];
        if (a.isUndecided || b.isUndecided) return false;
        if (a.id != but && a.isReached != b.isReached) return false;
    }
    return true;
}

/// What foes have to say is not asked: abilities that are of use against them are left out.
std::vector<std::string> unneededOf(const level::Project& project, const level::Level& level,
                                    const Limits& limits) {
    const auto query = queryOf(project, level);
    std::vector<std::string> unneeded;
    if (!query || query->board) return unneeded;
    const Answer with = answer(*query, limits, nullptr, Extent::Sure);
    std::size_t asked = 0;
    for (const level::Entity& entity : level.entities) {
        const auto& grants = entity.data.grants;
        const bool isForFoes = grants && (*grants == level::Ability::Untouchable ||
                                          *grants == level::Ability::BeatsFoes);
        if (project.roleOf(entity) != level::Role::Pickup || isForFoes ||
            (!grants && entity.data.movesAs.empty()))
            continue;
        if (++asked > mostPowerUps || limits.isCancelled()) return unneeded;
        const auto found = std::find_if(
            with.verdict.goals.begin(), with.verdict.goals.end(),
            [&](const Goal& goal) { return goal.id == entity.id.text && goal.isReached; });
        if (found == with.verdict.goals.end()) continue;
        QueryOptions options;
        options.without = {entity.id};
        const auto less = queryOf(project, level, options);
        if (less &&
            isReachedAlike(with, answer(*less, limits, nullptr, Extent::Sure), entity.id.text))
            unneeded.push_back(entity.id.text);
    }
    return unneeded;
}

}  // namespace

Analysis analyzeFurther(const level::Project& project, const level::Level& level,
                        const Analysis& depth, const Limits& limits) {
    Analysis deeper = depth;
    const Run* run = depth.proof.run ? &*depth.proof.run : nullptr;
    deeper.proof.comfort = comfortOf(project, level, {}, run, limits);
    deeper.abilities = abilitySetsOf(project, level, {}, limits);
    deeper.unneeded = unneededOf(project, level, limits);
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
    layers *= 1 + tables.others.size();
    // Twice the sets, two solves, bodies followed one by one.
    if (runtime::canSwap(tables)) layers *= 2;
    if (hasRides(problem)) layers *= 2;
    if (hasTimed(problem)) layers *= 2;
    return px * static_cast<std::int64_t>(layers * (1 + problem.parts.gains.size()));
}

}  // namespace rook::reach
