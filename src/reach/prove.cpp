#include "reach/prove.h"

#include <algorithm>
#include <set>

#include "cast/behaviour.h"
#include "level/tracks.h"
#include "reach/analysis.h"
#include "reach/rides.h"
#include "reach/timed_effects.h"
#include "reach/waiting_runs.h"

namespace rook::reach {

std::vector<runtime::Way> foesOf(const level::Project& project, const level::Level& level,
                                 const runtime::MotionTables& tables) {
    std::vector<runtime::Way> foes;
    const cast::Obstacles obstacles = cast::obstaclesOf(project, level);
    int place = -1;
    const auto add = [&](runtime::Way way) {
        way.entity = place;
        foes.push_back(std::move(way));
    };
    for (const level::Entity& entity : level.entities) {
        ++place;
        const level::Role role = project.roleOf(entity);
        if (role == level::Role::Foe && level::isOnPatrol(entity.data))
            add(cast::wayAmong(obstacles, project, level, tables, entity));
        if (role == level::Role::Thrower)
            for (runtime::Way& shot : cast::shotsAmong(obstacles, project, level, entity))
                add(std::move(shot));
        const level::Kind* member = project.findKind(entity.data.formation.member);
        if (role != level::Role::Formation || !member) continue;
        if (member->role != level::Role::Foe && member->role != level::Role::Hazard) continue;
        const runtime::Formation formation = level::formationOf(project, entity);
        for (int i = 0; i < formation.count; ++i) {
            if (formation.isGap(i)) continue;
            runtime::Way way = formation.wayOf(i);
            way.canBeBeaten = member->role == level::Role::Foe;
            add(std::move(way));
        }
    }
    return foes;
}

namespace {

/// The foe that the run meets first.
std::optional<std::size_t> firstMet(const std::vector<runtime::Way>& foes, const Run& run,
                                    const runtime::MotionTables& tables) {
    for (std::size_t tick = 0; tick < run.bodies.size(); ++tick) {
        const runtime::Body& body = run.bodies[tick];
        const runtime::Box box{body.x, body.y, tables.bodyWidth, tables.bodyHeight};
        for (std::size_t i = 0; i < foes.size(); ++i)
            if (overlaps(foes[i].at(static_cast<long long>(tick)), box)) return i;
    }
    return std::nullopt;
}

/// Closes all places to which that foe ever comes.
void closeWay(Problem& problem, const runtime::Way& foe) {
    const std::set<std::pair<int, int>> corners(foe.corners.begin(), foe.corners.end());
    for (const auto& [x, y] : corners)
        if (x != runtime::Way::nowhere)
            problem.parts.deadly.push_back({x, y, foe.width, foe.height});
}

/// A run that has what foes do not stand against when it ends: it may have had it when it met them.
std::optional<Run> runArmed(const Problem& withFoes, const RunFinder& finder, const PxRect& goal,
                            const AcceptsSet& accepts) {
    using runtime::Ability;
    const runtime::AbilitySet arms = setOf(Ability::BeatsFoes) | setOf(Ability::Untouchable);
    if (!runtime::listedByAny(withFoes.tables, Ability::BeatsFoes) &&
        !runtime::listedByAny(withFoes.tables, Ability::Untouchable))
        return std::nullopt;
    const runtime::World world(withFoes.frame, *withFoes.cells, withFoes.tables, withFoes.parts);
    const auto isArmed = [&](runtime::HeldSet held) {
        return (world.abilitiesWith(held) & arms) != 0 && (!accepts || accepts(held));
    };
    auto run = finder.runTo(goal, isArmed);
    if (!run) return std::nullopt;
    if (replays(withFoes, *run, goal)) return run;
    return waitingRun(withFoes, *run, goal);
}

/// A run that keeps out of where those foes go that runs met before it, and clear of all others;
/// none if there is none, or if too many are met.
std::optional<Run> runRound(const Problem& withFoes, Run met, const PxRect& goal,
                            const AcceptsSet& accepts, const Limits& limits, bool& hasNoWayRound) {
    constexpr int mostFoes = 4;
    const std::vector<runtime::Way>& foes = withFoes.parts.foes;
    Problem closed = withFoes;
    closed.parts.foes.clear();
    for (int count = 0; count < mostFoes; ++count) {
        const auto foe = firstMet(foes, met, withFoes.tables);
        if (!foe || limits.isCancelled()) return std::nullopt;
        closeWay(closed, foes[*foe]);
        const RunFinder finder(closed, limits);
        auto round = finder.runTo(goal, accepts);
        if (!round) {
            hasNoWayRound = count == 0 && finder.completion() == Completion::Complete &&
                            !hasTimed(closed) && !hasRides(closed);
            return std::nullopt;
        }
        if (replays(withFoes, *round, goal)) return round;
        if (auto waiting = waitingRun(withFoes, *round, goal)) return waiting;
        met = std::move(*round);
    }
    return std::nullopt;
}

}  // namespace

ClearRun clearRunTo(const Problem& problem, const RunFinder& finder, const PxRect& goal,
                    const std::vector<runtime::Way>& foes, const AcceptsSet& accepts,
                    const Limits& limits) {
    ClearRun found;
    auto run = finder.runTo(goal, accepts);
    found.isMet = run.has_value();
    if (!run) return found;
    Problem withFoes = problem;
    withFoes.parts.foes = foes;
    std::optional<Run> clear = run;
    if (!replays(withFoes, *run, goal)) clear = waitingRun(withFoes, *run, goal);
    if (!clear) clear = runArmed(withFoes, finder, goal, accepts);
    if (!clear) clear = runRound(withFoes, *run, goal, accepts, limits, found.hasNoWayRound);
    found.isClear = clear.has_value();
    if (clear)
        run = std::move(clear);
    else if (!replays(problem, *run, goal))
        run = waitingRun(problem, *run, goal);
    found.run = std::move(run);
    return found;
}

Proof proveRun(const Query& query, const RunFinder& finder, const std::vector<runtime::Way>& foes,
               const Limits& limits) {
    Proof proof;
    for (const Goal& goal : query.goals) {
        if (goal.role != level::Role::Exit) continue;
        ClearRun found = clearRunTo(query.problem, finder, goal.box, foes, {}, limits);
        if (!found.isMet) continue;
        proof.exit = goal.id;
        proof.hasNoWayRound = found.hasNoWayRound;
        proof.run = std::move(found.run);
        proof.whyNoRun = proof.run ? "" : "not decided in time: no way of waiting was found";
        if (proof.run) return proof;
    }
    return proof;
}

namespace {

/// The run that is kept with the level, if it gets to the only exit still: then nothing need be
/// solved for the verdict.
std::optional<Proof> storedProof(const level::Project& project, const Query& query,
                                 const level::Level& level) {
    if (!level.proof || !query.notSolved.empty()) return std::nullopt;
    const Goal* exit = nullptr;
    for (const Goal& goal : query.goals) {
        if (goal.role != level::Role::Exit) continue;
        if (exit) return std::nullopt;
        exit = &goal;
    }
    if (!exit || exit->id != level.proof->goal.text) return std::nullopt;
    Run run = replayed(query.problem, inputsOf(level.proof->spans));
    Problem withFoes = query.problem;
    withFoes.parts.foes = foesOf(project, level, query.problem.tables);
    if (!replays(withFoes, run, exit->box)) return std::nullopt;
    Proof proof;
    proof.verdict.kind = VerdictKind::Reached;
    proof.verdict.exitCount = proof.verdict.exitsReached = 1;
    proof.verdict.goals = {*exit};
    proof.verdict.goals[0].isReached = true;
    proof.verdict.goals[0].isUndecided = false;
    proof.exit = exit->id;
    proof.run = std::move(run);
    return proof;
}

}  // namespace

Proof prove(const level::Project& project, const level::Level& level, const QueryOptions& options,
            const Limits& limits, const Answer* known) {
    const auto query = queryOf(project, level, options);
    if (!query) return {};
    Proof proof;
    if (auto stored = storedProof(project, *query, level)) {
        proof = std::move(*stored);
    } else {
        const Verdict solved =
            known ? known->verdict : answer(*query, limits, nullptr, Extent::Sure).verdict;
        if (solved.exitsReached > 0 && !limits.isCancelled())
            proof = proveRun(*query, RunFinder(query->problem, limits),
                             foesOf(project, level, query->problem.tables), limits);
        proof.verdict = solved;
    }
    if (proof.verdict.exitsReached > 0 && solveCost(query->problem) <= mostCostForComfort)
        proof.comfort = comfortOf(project, level, options, nullptr, limits);
    return proof;
}

}  // namespace rook::reach
