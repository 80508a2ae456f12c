#include "reach/verdict.h"

#include <algorithm>
#include <chrono>
#include <memory>

#include "reach/by_the_clock.h"
#include "reach/puzzle_answer.h"
#include "reach/waiting_runs.h"

namespace rook::reach {

namespace {

using level::Role;

VerdictKind kindOf(const Query& query, const Verdict& verdict, const Reached& reached) {
    if (!query.problem.start) return VerdictKind::NoStart;
    if (!query.notSolved.empty()) return VerdictKind::NotDecided;
    const bool isComplete = reached.completion == Completion::Complete;
    if (isComplete && !reached.startIsLive) return VerdictKind::StartBlocked;
    if (verdict.exitCount == 0) return VerdictKind::NoExit;
    if (verdict.exitsReached == verdict.exitCount) return VerdictKind::Reached;
    return verdict.exitsReached + verdict.exitsUndecided == verdict.exitCount
               ? VerdictKind::NotDecided
               : VerdictKind::NotReached;
}

std::string reasonOf(const Query& query, const Reached& reached) {
    if (!query.notSolved.empty()) {
        std::string list;
        for (std::size_t i = 0; i < query.notSolved.size() && i < 3; ++i)
            list += (i ? ", " : "") + query.notSolved[i];
        if (query.notSolved.size() > 3) list += " and more";
        return "this version does not solve " + list;
    }
    switch (reached.completion) {
        case Completion::Complete:
        case Completion::Met:
        case Completion::InTime:
            return "with movers, or while something lasts, a body might get there, but no run in "
                   "time "
                   "was found";
        case Completion::OutOfMemory:
            return "the level is too large for the memory limit";
        case Completion::TooManySets:
            return "more than 64 combinations of keys and switches can be held";
        case Completion::Cancelled:
            return "it was cancelled";
    }
    return {};
}

}  // namespace

bool isGoal(Role role) {
    return role == Role::Exit || role == Role::Checkpoint || role == Role::Pickup ||
           role == Role::Key || role == Role::Switch;
}

std::string_view nameOf(VerdictKind kind) {
    switch (kind) {
        case VerdictKind::Reached:
            return "reached";
        case VerdictKind::NotReached:
            return "not-reached";
        case VerdictKind::NotDecided:
            return "not-decided";
        case VerdictKind::NoStart:
            return "no-start";
        case VerdictKind::StartBlocked:
            return "start-blocked";
        case VerdictKind::NoExit:
            return "no-exit";
        case VerdictKind::Solved:
            return "solved";
        case VerdictKind::NotSolved:
            return "not-solved";
        case VerdictKind::NoRule:
            return "no-rule";
    }
    return "";
}

int Verdict::goalsReached() const {
    return static_cast<int>(
        std::count_if(goals.begin(), goals.end(), [](const Goal& goal) { return goal.isReached; }));
}

std::string Verdict::sentence() const {
    switch (kind) {
        case VerdictKind::Reached:
            return exitCount == 1 ? "The exit can be reached."
                                  : "All " + std::to_string(exitCount) + " exits can be reached.";
        case VerdictKind::NotReached:
            return exitCount == 1 ? "The exit cannot be reached."
                                  : std::to_string(exitsReached) + " of " +
                                        std::to_string(exitCount) + " exits can be reached.";
        case VerdictKind::NotDecided:
            return "Not decided: " + reason + ".";
        case VerdictKind::NoStart:
            return "There is no start yet. Place a spawn in Cast.";
        case VerdictKind::StartBlocked:
            return "The start is blocked: the body has no room there.";
        case VerdictKind::NoExit:
            return "There is no exit yet. Place one in Cast.";
        case VerdictKind::Solved:
            return least == 0 ? "The goal is met from the start."
                              : "Solved in " + std::to_string(least) +
                                    (least == 1 ? " move" : " moves") + ", and in no fewer.";
        case VerdictKind::NotSolved:
            return "It cannot be solved: " + reason + ".";
        case VerdictKind::NoRule:
            return "There is no rule yet: counters are placed, and nothing is to be solved.";
    }
    return {};
}

namespace {

void addAll(const Problem& problem, const Limits& limits, Resolver* resolver, Reached& reached) {
    if (resolver)
        resolver->addWhatMayBe(problem, limits, reached);
    else
        addWhatMayBe(problem, limits, reached);
}

/// Says of goal after goal whether it is reached. Where movers, or what lasts for a time, could
/// make a difference, it is when a run with the clock is found.
class Decider {
public:
    Decider(const Query& query, const Limits& limits, Resolver* resolver, Reached& reached)
        : m_query(query),
          m_limits(limits),
          m_resolver(resolver),
          m_reached(reached),
          m_clock(query.problem, limits) {}

    void decide(Goal& goal) {
        const runtime::MotionTables& tables = m_query.problem.tables;
        goal.isReached = m_reached.meets(goal.box, tables);
        goal.isUndecided = !goal.isReached && !isComplete();
        if (goal.isReached || !isComplete()) return;
        goal.isReached = m_reached.isOnlySure && isMetByClock(goal);
        if (goal.isReached) return;
        addAll(m_query.problem, m_limits, m_resolver, m_reached);
        goal.isUndecided = !isComplete();
        if (goal.isUndecided || !m_reached.mayMeetByMovers(goal.box, tables)) return;
        goal.isReached = isMetByClock(goal) || isMetByARun(goal);
        goal.isUndecided = !goal.isReached;
    }

private:
    [[nodiscard]] bool isComplete() const {
        return m_query.notSolved.empty() && m_reached.completion == Completion::Complete;
    }
    [[nodiscard]] bool isMetByClock(const Goal& goal) {
        return hasRides(m_query.problem) && m_clock.meets(goal.box);
    }
    /// Of its own, to that very goal.
    [[nodiscard]] bool isMetByARun(const Goal& goal) {
        if (!m_finder) m_finder.emplace(m_query.problem, m_limits);
        const auto run = m_finder->runTo(goal.box);
        return run && (replays(m_query.problem, *run, goal.box) ||
                       waitingRun(m_query.problem, *run, goal.box));
    }

    const Query& m_query;
    const Limits& m_limits;
    Resolver* m_resolver;
    Reached& m_reached;
    ByTheClock m_clock;
    std::optional<RunFinder> m_finder;
};

}  // namespace

namespace {

VerdictKind kitKindOf(const kit::KitReach& reach, const Verdict& verdict) {
    if (!reach.problem.empty())
        return reach.hasStart ? VerdictKind::StartBlocked : VerdictKind::NoStart;
    if (verdict.exitCount == 0) return VerdictKind::NoExit;
    if (verdict.exitsReached == verdict.exitCount) return VerdictKind::Reached;
    return reach.isDecided ? VerdictKind::NotReached : VerdictKind::NotDecided;
}

/// A kit board is walked, from module to module.
Answer answerOfKit(const Query& query, const Limits& limits) {
    const level::Project& project = query.board->project;
    const level::Level& level = query.board->level;
    const level::Kit& kit = *project.kitOf(level);
    auto found = std::make_shared<KitAnswer>(KitAnswer{kit::PlacedIndex(kit, level), {}, {}, {}});
    found->graph = kit::WalkGraph(project, level, found->index, limits.cancel);
    found->reach = kit::reachOf(project, level, found->graph, limits.cancel, query.board->closed);
    found->audit = kit::auditOf(kit, level, found->index);
    Answer answer;
    Verdict& verdict = answer.verdict;
    verdict.goals = query.goals;
    for (Goal& goal : verdict.goals) {
        const auto& goals = found->reach.goals;
        const auto same = std::find_if(goals.begin(), goals.end(), [&](const kit::KitGoal& each) {
            return each.id == goal.id;
        });
        const bool isKnown = query.notSolved.empty();
        goal.isReached = isKnown && same != goals.end() && same->isReached;
        goal.isUndecided = !goal.isReached && !(isKnown && found->reach.isDecided);
        if (goal.role != Role::Exit) continue;
        ++verdict.exitCount;
        if (goal.isReached) ++verdict.exitsReached;
        if (goal.isUndecided) ++verdict.exitsUndecided;
    }
    verdict.kind = kitKindOf(found->reach, verdict);
    const bool isOpen =
        verdict.kind == VerdictKind::Reached || verdict.kind == VerdictKind::NotReached;
    if (isOpen && !query.notSolved.empty()) verdict.kind = VerdictKind::NotDecided;
    if (verdict.kind == VerdictKind::NotDecided)
        verdict.reason = query.notSolved.empty() ? found->reach.reason : query.notSolved.front();
    answer.found = std::shared_ptr<const KitAnswer>(std::move(found));
    return answer;
}

}  // namespace

const CellAnswer& Answer::onCells() const {
    static const CellAnswer none;
    const auto* cells = std::get_if<CellAnswer>(&found);
    return cells ? *cells : none;
}

namespace {

Answer decided(const Query& query, Reached reached, const Limits& limits, Resolver* resolver) {
    Answer answer;
    Verdict& verdict = answer.verdict;
    verdict.goals = query.goals;
    Decider decider(query, limits, resolver, reached);
    for (Goal& goal : verdict.goals) {
        decider.decide(goal);
        if (goal.role != Role::Exit) continue;
        ++verdict.exitCount;
        if (goal.isReached) ++verdict.exitsReached;
        if (goal.isUndecided) ++verdict.exitsUndecided;
    }
    verdict.kind = kindOf(query, verdict, reached);
    if (verdict.kind == VerdictKind::NotDecided) verdict.reason = reasonOf(query, reached);
    answer.found = CellAnswer{std::move(reached), query.problem.tables};
    return answer;
}

}  // namespace

Answer answer(const Query& query, const Limits& limits, Resolver* resolver, Extent extent) {
    const auto begin = std::chrono::steady_clock::now();
    if (query.puzzle) return answerOfPuzzle(query, limits);
    if (query.board) {
        Answer walked = answerOfKit(query, limits);
        walked.milliseconds =
            std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin)
                .count();
        return walked;
    }
    // What is not solved may add or take away reach, so nothing is claimed where it stands.
    Reached reached;
    if (query.notSolved.empty()) {
        reached = resolver ? resolver->solve(query.problem, limits, extent)
                           : solve(query.problem, limits, extent);
    }
    Answer answer = decided(query, std::move(reached), limits, resolver);
    if (resolver && resolver->wasMended()) answer.by = AnsweredBy::Mending;
    answer.milliseconds =
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count();
    return answer;
}

void complete(const Query& query, Answer& answer, const Limits& limits, Resolver* resolver) {
    auto* cells = std::get_if<CellAnswer>(&answer.found);
    if (!cells || !cells->reached.isOnlySure) return;
    addAll(query.problem, limits, resolver, cells->reached);
}

Answer answerFrom(const Query& query, Reached reached, const Limits& limits) {
    const auto begin = std::chrono::steady_clock::now();
    Answer answer = decided(query, std::move(reached), limits, nullptr);
    answer.milliseconds =
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count();
    return answer;
}

}  // namespace rook::reach
