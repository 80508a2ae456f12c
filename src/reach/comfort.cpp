/// How much weaker a player could be and still make it.

#include <algorithm>
#include <set>

#include "reach/prove.h"

namespace rook::reach {

namespace {

constexpr std::size_t mostPlaces = 3;
/// A solve a per cent: each follows fewer bodies than the one solve of a verdict.
constexpr std::size_t mostTimedBodiesAPercent = 50'000;

PxRect bodyRect(const runtime::Body& body, const runtime::MotionTables& tables) {
    return {body.x, body.y, tables.bodyWidth, tables.bodyHeight};
}

class Weakener {
public:
    Weakener(const level::Project& project, const level::Level& level, const QueryOptions& options,
             const Limits& limits)
        : m_project(project), m_level(level), m_options(options), m_limits(limits) {
        m_limits.mostTimedBodies = std::min(m_limits.mostTimedBodies, mostTimedBodiesAPercent);
    }

    /// None if nothing is left of the body's motion.
    [[nodiscard]] std::optional<Query> ask(int percent, const std::optional<PxRect>& start) const {
        QueryOptions weaker = m_options;
        weaker.weakening.percent = percent;
        auto query = queryOf(m_project, m_level, weaker);
        if (!query) return std::nullopt;
        if (start) query->problem.start = start;
        return std::move(*query);
    }
    /// Which exits are reached; none if cancelled or not decided.
    [[nodiscard]] std::optional<std::vector<bool>> exitsAt(
        int percent, const std::optional<PxRect>& start) const {
        const auto query = ask(percent, start);
        if (!query) return std::vector<bool>{};
        if (!query->notSolved.empty()) return std::nullopt;
        std::vector<PxRect> exits;
        for (const Goal& goal : query->goals)
            if (goal.role == level::Role::Exit) exits.push_back(goal.box);
        if (!query->problem.parts.movers.empty()) return exitsByRuns(*query);
        return meetsOf(query->problem, exits, m_limits);
    }
    /// All that is reached; none if cancelled.
    [[nodiscard]] std::optional<Answer> answerAt(int percent,
                                                 const std::optional<PxRect>& start) const {
        const auto query = ask(percent, start);
        if (!query) return Answer{};
        Answer answer = reach::answer(*query, m_limits, nullptr, Extent::Sure);
        if (answer.onCells().reached.completion != Completion::Complete) return std::nullopt;
        return answer;
    }

private:
    /// Where exits hang on movers.
    [[nodiscard]] std::optional<std::vector<bool>> exitsByRuns(Query query) const {
        std::erase_if(query.goals, [](const Goal& goal) { return goal.role != level::Role::Exit; });
        const Verdict verdict = reach::answer(query, m_limits, nullptr, Extent::Sure).verdict;
        if (verdict.exitsUndecided > 0) return std::nullopt;
        std::vector<bool> exits;
        for (const Goal& goal : verdict.goals)
            if (goal.role == level::Role::Exit) exits.push_back(goal.isReached);
        return exits;
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const QueryOptions& m_options;
    Limits m_limits;
};

/// The first landing of the run that is not stood at any more, and where the body stood before.
std::optional<TightPlace> firstMissed(const Run& run, const Answer& answer, int percent,
                                      std::size_t& from, const runtime::MotionTables& tables) {
    const runtime::Body* last = nullptr;
    for (std::size_t i = from; i < run.bodies.size(); ++i) {
        const runtime::Body& body = run.bodies[i];
        if (body.stance != runtime::Stance::Standing) continue;
        const bool isMissed = !answer.onCells().reached.isStoodAt({body.x, body.y});
        if (isMissed && last) {
            from = i;
            return TightPlace{bodyRect(body, tables), bodyRect(*last, tables), percent};
        }
        last = &body;
    }
    return std::nullopt;
}

}  // namespace

std::optional<Comfort> comfortOf(const level::Project& project, const level::Level& level,
                                 const QueryOptions& options, const Run* run,
                                 const Limits& limits) {
    const Weakener weakener(project, level, options, limits);
    const auto wanted = weakener.exitsAt(0, {});
    if (!wanted || std::find(wanted->begin(), wanted->end(), true) == wanted->end())
        return std::nullopt;
    const auto query = weakener.ask(0, {});
    Comfort comfort;
    std::optional<PxRect> start;
    std::size_t from = 0;
    for (int percent = 1; percent <= maxComfort && comfort.places.size() < mostPlaces;) {
        if (limits.isCancelled()) return std::nullopt;
        const auto exits = weakener.exitsAt(percent, start);
        if (!exits) {
            if (limits.isCancelled()) return std::nullopt;
            comfort.isLeast = !start;
            break;
        }
        if (*exits == *wanted) {
            if (!start) comfort.percent = percent;
            ++percent;
            continue;
        }
        // Helped over the place that is missed, how much weaker yet?
        if (!run) break;
        const auto answer = weakener.answerAt(percent, start);
        if (limits.isCancelled()) return std::nullopt;
        if (!answer) break;
        const auto place = firstMissed(*run, *answer, percent, from, query->problem.tables);
        if (!place) break;
        comfort.places.push_back(*place);
        start = place->body;
    }
    return comfort;
}

}  // namespace rook::reach
