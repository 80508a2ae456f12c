#include "reach/prove.h"

#include <algorithm>
#include <set>

#include "cast/behaviour.h"
#include "reach/deeper.h"
#include "reach/in_time.h"
#include "reach/lapsing.h"
#include "reach/rides.h"

namespace rook::reach {

namespace {

constexpr std::size_t mostPlaces = 3;

bool isCancelled(const Limits& limits) {
    return limits.cancel && limits.cancel->load(std::memory_order_relaxed);
}

PxRect bodyRect(const runtime::Body& body, const runtime::MotionTables& tables) {
    return {body.x, body.y, tables.bodyWidth, tables.bodyHeight};
}

/// Solves a level ever weaker.
class Weakener {
public:
    Weakener(const level::Project& project, const level::Level& level, const AskOptions& options,
             const Limits& limits)
        : m_project(project), m_level(level), m_options(options), m_limits(limits) {}

    /// None if nothing is left of the body's motion.
    [[nodiscard]] std::optional<Question> ask(int percent,
                                              const std::optional<PxRect>& start) const {
        AskOptions weaker = m_options;
        weaker.weakening.percent = percent;
        auto question = askOf(m_project, m_level, weaker);
        if (!question) return std::nullopt;
        if (start) question->problem.start = start;
        return std::move(*question);
    }
    /// Which exits are reached; none if cancelled or not decided.
    [[nodiscard]] std::optional<std::vector<bool>> exitsAt(
        int percent, const std::optional<PxRect>& start) const {
        const auto question = ask(percent, start);
        if (!question) return std::vector<bool>{};
        if (!question->notSolved.empty()) return std::nullopt;
        if (!question->problem.parts.movers.empty()) return exitsByRuns(*question);
        std::vector<PxRect> exits;
        for (const Goal& goal : question->goals)
            if (goal.role == level::Role::Exit) exits.push_back(goal.box);
        return meetsOf(question->problem, exits, m_limits);
    }
    /// All that is reached; none if cancelled.
    [[nodiscard]] std::optional<Answer> answerAt(int percent,
                                                 const std::optional<PxRect>& start) const {
        const auto question = ask(percent, start);
        if (!question) return Answer{};
        Answer answer = reach::answer(*question, m_limits);
        if (answer.reached.completion != Completion::Complete) return std::nullopt;
        return answer;
    }

private:
    [[nodiscard]] std::optional<std::vector<bool>> exitsByRuns(const Question& question) const {
        const Verdict verdict = reach::answer(question, m_limits).verdict;
        if (verdict.exitsUndecided > 0) return std::nullopt;
        std::vector<bool> exits;
        for (const Goal& goal : verdict.goals)
            if (goal.role == level::Role::Exit) exits.push_back(goal.isReached);
        return exits;
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const AskOptions& m_options;
    const Limits& m_limits;
};

/// The first landing of the run that is not stood at any more, and where the body stood before.
std::optional<TightPlace> firstMissed(const Run& run, const Answer& answer, int percent,
                                      std::size_t& from, const runtime::MotionTables& tables) {
    const runtime::Body* last = nullptr;
    for (std::size_t i = from; i < run.bodies.size(); ++i) {
        const runtime::Body& body = run.bodies[i];
        if (body.stance != runtime::Stance::Standing) continue;
        const bool isMissed = !answer.reached.isStoodAt({body.x, body.y});
        if (isMissed && last) {
            from = i;
            return TightPlace{bodyRect(body, tables), bodyRect(*last, tables), percent};
        }
        last = &body;
    }
    return std::nullopt;
}

}  // namespace

std::vector<runtime::Way> foesOf(const level::Project& project, const level::Level& level,
                                 const runtime::MotionTables& tables) {
    std::vector<runtime::Way> foes;
    const std::vector<PxRect> doors = cast::doorsOf(project, level);
    for (const level::Entity& entity : level.entities) {
        const level::Role role = project.roleOf(entity);
        if (role == level::Role::Foe && entity.data.patrol.gait != level::Gait::Still)
            foes.push_back(cast::wayAmong(doors, project, level, tables, entity));
        const level::Kind* member = project.findKind(entity.data.formation.member);
        if (role != level::Role::Formation || !member) continue;
        if (member->role != level::Role::Foe && member->role != level::Role::Hazard) continue;
        const runtime::Formation formation = cast::formationOf(project, entity);
        for (int place = 0; place < formation.count; ++place)
            if (!formation.isGap(place)) foes.push_back(formation.wayOf(place));
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
        problem.parts.deadly.push_back({x, y, foe.width, foe.height});
}

/// A run that keeps out of where those foes go that runs met before it, and clear of all others;
/// none if there is none, or if too many are met.
std::optional<Run> runRound(const Problem& withFoes, Run met, const PxRect& goal,
                            const Limits& limits, bool& hasNoWayRound) {
    constexpr int mostFoes = 4;
    const std::vector<runtime::Way>& foes = withFoes.parts.foes;
    Problem closed = withFoes;
    closed.parts.foes.clear();
    for (int count = 0; count < mostFoes; ++count) {
        const auto foe = firstMet(foes, met, withFoes.tables);
        if (!foe || isCancelled(limits)) return std::nullopt;
        closeWay(closed, foes[*foe]);
        const RunFinder finder(closed, limits);
        auto round = finder.runTo(goal);
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

Proof proveRun(const Question& question, const RunFinder& finder,
               const std::vector<runtime::Way>& foes, const Limits& limits) {
    Proof proof;
    for (const Goal& goal : question.goals) {
        if (goal.role != level::Role::Exit) continue;
        auto run = finder.runTo(goal.box);
        if (!run) continue;
        proof.exit = goal.id;
        Problem withFoes = question.problem;
        withFoes.parts.foes = foes;
        std::optional<Run> clear = run;
        if (!replays(withFoes, *run, goal.box)) clear = waitingRun(withFoes, *run, goal.box);
        if (!clear) clear = runRound(withFoes, *run, goal.box, limits, proof.hasNoWayRound);
        if (clear)
            run = std::move(clear);
        else if (!replays(question.problem, *run, goal.box))
            run = waitingRun(question.problem, *run, goal.box);
        proof.run = std::move(run);
        proof.whyNoRun = proof.run ? "" : "not decided in time: no way of waiting was found";
        if (proof.run) return proof;
    }
    return proof;
}

std::optional<Comfort> comfortOf(const level::Project& project, const level::Level& level,
                                 const AskOptions& options, const Run* run, const Limits& limits) {
    const Weakener weakener(project, level, options, limits);
    const auto wanted = weakener.exitsAt(0, {});
    if (!wanted || std::find(wanted->begin(), wanted->end(), true) == wanted->end())
        return std::nullopt;
    const auto question = weakener.ask(0, {});
    Comfort comfort;
    std::optional<PxRect> start;
    std::size_t from = 0;
    for (int percent = 1; percent <= maxComfort && comfort.places.size() < mostPlaces;) {
        if (isCancelled(limits)) return std::nullopt;
        const auto exits = weakener.exitsAt(percent, start);
        if (!exits) return std::nullopt;
        if (*exits == *wanted) {
            if (!start) comfort.percent = percent;
            ++percent;
            continue;
        }
        // Helped over the place that is missed, how much weaker yet?
        if (!run) break;
        const auto answer = weakener.answerAt(percent, start);
        if (!answer) return std::nullopt;
        const auto place = firstMissed(*run, *answer, percent, from, question->problem.tables);
        if (!place) break;
        comfort.places.push_back(*place);
        start = place->body;
    }
    return comfort;
}

namespace {

/// The run that is kept with the level, if it gets to the only exit still: then nothing need be
/// solved for the verdict.
std::optional<Proof> storedProof(const level::Project& project, const Question& question,
                                 const level::Level& level) {
    if (!level.proof || !question.notSolved.empty()) return std::nullopt;
    const Goal* exit = nullptr;
    for (const Goal& goal : question.goals) {
        if (goal.role != level::Role::Exit) continue;
        if (exit) return std::nullopt;
        exit = &goal;
    }
    if (!exit || exit->id != level.proof->goal.text) return std::nullopt;
    Run run = replayed(question.problem, inputsOf(level.proof->spans));
    Problem withFoes = question.problem;
    withFoes.parts.foes = foesOf(project, level, question.problem.tables);
    if (!replays(withFoes, run, exit->box)) return std::nullopt;
    Proof proof;
    proof.verdict.kind = VerdictKind::Reached;
    proof.verdict.exitCount = proof.verdict.exitsReached = 1;
    proof.exit = exit->id;
    proof.run = std::move(run);
    return proof;
}

}  // namespace

Proof prove(const level::Project& project, const level::Level& level, const AskOptions& options,
            const Limits& limits) {
    const auto question = askOf(project, level, options);
    if (!question) return {};
    Proof proof;
    if (auto stored = storedProof(project, *question, level)) {
        proof = std::move(*stored);
    } else {
        const Answer solved = answer(*question, limits);
        if (solved.verdict.exitsReached > 0 && !isCancelled(limits))
            proof = proveRun(*question, RunFinder(question->problem, limits),
                             foesOf(project, level, question->problem.tables), limits);
        proof.verdict = solved.verdict;
    }
    if (proof.verdict.exitsReached > 0 && solveCost(question->problem) <= mostCostForComfort)
        proof.comfort = comfortOf(project, level, options, nullptr, limits);
    return proof;
}

std::vector<AbilitySets> abilitySetsOf(const level::Project& project, const level::Level& level,
                                       const AskOptions& options, const Limits& limits) {
    const auto question = askOf(project, level, options);
    if (!question) return {};
    const runtime::AbilitySet listed = question->problem.tables.abilities;
    std::vector<runtime::AbilitySet> subsets;
    for (runtime::AbilitySet set = 0; set <= listed; ++set)
        if ((set & ~listed) == 0) subsets.push_back(set);
    std::stable_sort(subsets.begin(), subsets.end(),
                     [](auto a, auto b) { return __builtin_popcount(a) < __builtin_popcount(b); });
    std::vector<AbilitySets> result;
    for (const Goal& goal : question->goals)
        result.push_back({goal.id, {}});
    for (const runtime::AbilitySet set : subsets) {
        const auto isKnown = [&](const AbilitySets& sets) {
            return std::any_of(sets.least.begin(), sets.least.end(),
                               [&](auto least) { return (least & ~set) == 0; });
        };
        if (std::all_of(result.begin(), result.end(), isKnown)) continue;
        if (isCancelled(limits)) return {};
        AskOptions fewer = options;
        fewer.taken |= listed & ~set;
        const auto asked = askOf(project, level, fewer);
        if (!asked) continue;
        const Answer solved = answer(*asked, limits);
        if (solved.reached.completion != Completion::Complete) return {};
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

std::vector<std::string> criticalPath(const Question& question, const Run& run) {
    std::vector<std::string> path;
    runtime::HeldSet held = 0;
    for (const runtime::Body& body : run.bodies) {
        for (std::size_t i = 0; i < question.gainIds.size(); ++i)
            if (((body.held & ~held) >> i) & 1u) path.push_back(question.gainIds[i]);
        held |= body.held;
    }
    return path;
}

RunCheck checkRun(const Question& question, const level::Level& level, const level::KeptRun& run) {
    RunCheck check;
    Problem problem = question.problem;
    if (const level::Entity* start = findEntity(level, run.start)) problem.start = start->box;
    const Run replay = replayed(problem, inputsOf(run.spans));
    if (replay.bodies.empty()) {
        check.why = "there is no start";
        return check;
    }
    const runtime::Body& last = replay.bodies.back();
    check.place = bodyRect(last, problem.tables);
    const level::Entity* goal = findEntity(level, run.goal);
    const std::string at = "tick " + std::to_string(replay.ticks());
    if (last.stance == runtime::Stance::Ended) {
        check.why = "it ends at " + at;
    } else if (!run.goal.text.empty() && !goal) {
        check.why = run.goal.text + " is not there any more";
    } else if (goal && !replays(problem, replay, goal->box)) {
        check.why = "it misses " + run.goal.text;
    } else {
        check.isPossible = true;
    }
    return check;
}

level::KeptRun keptRunOf(const Run& run, std::string name, std::string goal) {
    level::KeptRun kept;
    kept.name = std::move(name);
    kept.goal = {std::move(goal)};
    kept.spans = spansOf(run.inputs);
    return kept;
}

Depth lookDeep(const level::Project& project, const level::Level& level, const Answer& answer,
               const Limits& limits) {
    Depth depth;
    const auto question = askOf(project, level);
    if (!question || question->board || answer.reached.completion != Completion::Complete ||
        !question->notSolved.empty())
        return depth;
    depth.runs = std::make_shared<RunFinder>(question->problem, limits);
    if (depth.runs->completion() != Completion::Complete) return {};
    depth.proof =
        proveRun(*question, *depth.runs, foesOf(project, level, question->problem.tables), limits);
    depth.proof.verdict = answer.verdict;
    if (depth.proof.run) depth.criticalPath = criticalPath(*question, *depth.proof.run);
    std::vector<PxRect> exits;
    for (const Goal& goal : question->goals)
        if (goal.role == level::Role::Exit) exits.push_back(goal.box);
    depth.traps = trapsOf(question->problem, exits, limits);
    if (isCancelled(limits)) return {};
    return depth;
}

Depth lookDeeper(const level::Project& project, const level::Level& level, const Depth& depth,
                 const Limits& limits) {
    Depth deeper = depth;
    const Run* run = depth.proof.run ? &*depth.proof.run : nullptr;
    deeper.proof.comfort = comfortOf(project, level, {}, run, limits);
    deeper.abilities = abilitySetsOf(project, level, {}, limits);
    if (isCancelled(limits)) return depth;
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
