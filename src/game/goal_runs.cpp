#include "game/goal_runs.h"

#include <algorithm>
#include <climits>
#include <map>
#include <numeric>

#include "level/cast_edits.h"
#include "reach/waiting_runs.h"

namespace rook::game {

using namespace level;
using Inputs = std::vector<runtime::Input>;

namespace {

constexpr int mostOrders = 6;
constexpr int mostRests = 8;
constexpr long long longestRound = 36000;  ///< ticks

class Looking {
public:
    Looking(const GoalRuns& asked, const GoalRuns::IsIt& isIt, const std::vector<PxRect>& besides)
        : m(asked), m_isIt(isIt), m_besides(besides) {}

    [[nodiscard]] std::optional<Inputs> among(const std::optional<PxRect>& exit,
                                              const reach::Problem& problem,
                                              const reach::AcceptsSet& accepts) {
        std::vector<PxRect> areas = targets();
        for (const PxRect& box : m_besides)
            if (std::find(areas.begin(), areas.end(), box) == areas.end()) areas.push_back(box);
        if (areas.empty()) return withoutTargets(exit, problem, accepts);
        for (int order = 0; order < mostOrders && !m.limits.isCancelled(); ++order) {
            std::vector<PxRect> along = areas;
            const PxRect goal = exit ? *exit : areas.back();
            if (!exit) along.pop_back();
            const reach::RunAlong found = reach::runAlong(problem, along, goal, m.limits);
            if (found.run)
                if (auto inputs = played(*found.run, goal)) return inputs;
            // What was passed by on the way goes first in the next order.
            const auto isMissed = [&](std::size_t i) {
                return i < found.passings.size() && !found.passings[i].isPassed;
            };
            std::vector<PxRect> next;
            for (std::size_t i = 0; i < areas.size(); ++i)
                if (isMissed(i)) next.push_back(areas[i]);
            for (std::size_t i = 0; i < areas.size(); ++i)
                if (!isMissed(i)) next.push_back(areas[i]);
            if (next == areas) break;
            areas = std::move(next);
        }
        return std::nullopt;
    }

private:
    /// The boxes to go to, the nearest by run first: for each goal as many as it asks for.
    [[nodiscard]] const std::vector<PxRect>& targets() const {
        if (m.targets) return *m.targets;
        m.targets.emplace();
        std::vector<std::pair<int, const Entity*>> wanted;
        const reach::RunFinder finder(m.query.problem, m.limits);
        for (const Entity& entity : m.level.entities) {
            if (!isAskedFor(entity)) continue;
            const auto run = finder.runTo(entity.box);
            wanted.emplace_back(run ? run->ticks() : INT_MAX, &entity);
        }
        std::stable_sort(wanted.begin(), wanted.end(),
                         [](const auto& a, const auto& b) { return a.first < b.first; });
        std::map<const runtime::GoalRule*, long long> have;
        for (const auto& [ticks, entity] : wanted)
            if (helps(*entity, have)) m.targets->push_back(entity->box);
        addFoes(finder);
        return *m.targets;
    }

    /// What beats foes, then the foes that are asked for, the nearest first: where each of them can
    /// be waited for.
    void addFoes(const reach::RunFinder& finder) const {
        const runtime::Parts& parts = m.withFoes.parts;
        std::vector<std::pair<int, PxRect>> foes;
        std::map<const runtime::GoalRule*, int> wanted;
        for (const runtime::GoalRule& goal : m.rules.goals)
            if (goal.isNeeded && goal.sort == runtime::GoalSort::Defeat) wanted[&goal] = goal.count;
        if (wanted.empty()) return;
        for (std::size_t i = 0; i < parts.gains.size(); ++i)
            if ((parts.gains[i].grants & setOf(runtime::Ability::BeatsFoes)) != 0)
                m.targets->insert(m.targets->begin(), rectOf(parts.gains[i].box));
        const auto add = [&](int entity, const PxRect& box) {
            const Kind* kind =
                entity < 0
                    ? nullptr
                    : beatenKindOf(m.project, m.level.entities[static_cast<std::size_t>(entity)]);
            if (!kind || std::none_of(wanted.begin(), wanted.end(), [&](const auto& each) {
                    return each.first->kind == kind->id.text;
                }))
                return;
            if (const auto run = finder.runTo(box)) foes.emplace_back(run->ticks(), box);
        };
        for (const runtime::Way& way : parts.foes)
            if (way.canBeBeaten && way.madeAt < 0) add(way.entity, rectOf(placeOf(way)));
        for (const runtime::TimedHazard& foe : parts.timed)
            if (foe.canBeBeaten) add(foe.entity, rectOf(foe.box));
        std::stable_sort(foes.begin(), foes.end(),
                         [](const auto& a, const auto& b) { return a.first < b.first; });
        std::size_t count = 0;
        for (const auto& [goal, number] : wanted)
            count += static_cast<std::size_t>(number);
        for (std::size_t i = 0; i < std::min(count, foes.size()); ++i)
            m.targets->push_back(foes[i].second);
    }
    /// Where it is in the middle of its round.
    static runtime::Box placeOf(const runtime::Way& way) {
        return way.at(static_cast<long long>(way.loopFrom + way.periodTicks() / 2));
    }

    [[nodiscard]] bool mayBeMet(const Entity& entity) const {
        return std::any_of(m.all.goals.begin(), m.all.goals.end(), [&](const reach::Goal& goal) {
            return goal.id == entity.id.text && (goal.isReached || goal.isUndecided);
        });
    }
    /// What taking it adds to a goal.
    [[nodiscard]] long long addsTo(const runtime::GoalRule& goal, const Entity& entity) const {
        const Kind* kind = m.project.findKind(entity.kind);
        if (!kind || !goal.isNeeded) return 0;
        if (goal.sort == runtime::GoalSort::Collect) return entity.kind.text == goal.kind;
        if (goal.sort != runtime::GoalSort::Tally || kind->role != Role::Pickup) return 0;
        return m.game.find(kind->tally) == goal.tally ? std::max(0, entity.data.value) : 0;
    }
    [[nodiscard]] bool isAskedFor(const Entity& entity) const {
        const Role role = m.project.roleOf(entity);
        if (role != Role::Pickup && role != Role::Key && role != Role::Switch) return false;
        return mayBeMet(entity) &&
               std::any_of(m.rules.goals.begin(), m.rules.goals.end(),
                           [&](const runtime::GoalRule& goal) { return addsTo(goal, entity) > 0; });
    }
    /// True if some goal still lacks it; it is counted then.
    bool helps(const Entity& entity, std::map<const runtime::GoalRule*, long long>& have) const {
        bool isWanted = false;
        for (const runtime::GoalRule& goal : m.rules.goals) {
            const long long adds = addsTo(goal, entity);
            const bool isTally = goal.sort == runtime::GoalSort::Tally;
            const long long start = isTally && goal.tally >= 0
                                        ? m.game.tallies[static_cast<std::size_t>(goal.tally)].start
                                        : 0;
            const long long needs = isTally ? goal.atLeast - start : goal.count;
            if (adds <= 0 || have[&goal] >= needs) continue;
            isWanted = true;
        }
        if (isWanted)
            for (const runtime::GoalRule& goal : m.rules.goals)
                have[&goal] += addsTo(goal, entity);
        return isWanted;
    }

    [[nodiscard]] std::optional<Inputs> withoutTargets(const std::optional<PxRect>& exit,
                                                       const reach::Problem& problem,
                                                       const reach::AcceptsSet& accepts) const {
        if (!exit) return padded({}, reach::replayed(m.withFoes, {}));
        const reach::RunFinder finder(problem, m.limits);
        auto found =
            reach::clearRunTo(problem, finder, *exit, m.withFoes.parts.foes, accepts, m.limits);
        return found.run ? played(*found.run, *exit) : std::nullopt;
    }

    /// The run itself, or with waiting for hazards, or for time to pass; none if it does not win.
    [[nodiscard]] std::optional<Inputs> played(const reach::Run& run, const PxRect& goal) const {
        if (isWon(run.inputs)) return run.inputs;
        if (auto inputs = padded(run.inputs, run)) return inputs;
        const auto waiting = reach::waitingRun(m.withFoes, run, goal);
        if (!waiting) return std::nullopt;
        if (isWon(waiting->inputs)) return waiting->inputs;
        return padded(waiting->inputs, *waiting);
    }
    [[nodiscard]] bool isWon(const Inputs& inputs) const {
        return m_isIt(play(m.project, m.level, m.withFoes, inputs));
    }

    /// After so many ticks all that goes by the clock is where it was.
    [[nodiscard]] long long roundTicks() const {
        long long ticks = 16;
        const auto add = [&](long long period) {
            if (period > 0 && ticks <= longestRound) ticks = std::lcm(ticks, period);
        };
        for (const runtime::Mover& mover : m.withFoes.parts.movers)
            add(mover.periodTicks);
        for (const runtime::TimedHazard& hazard : m.withFoes.parts.timed)
            add(hazard.times.periodTicks);
        return ticks <= longestRound ? ticks : 16;
    }
    [[nodiscard]] long long longestWay() const {
        long long longest = 0;
        for (const runtime::Way& way : m.withFoes.parts.foes)
            longest = std::max(longest, static_cast<long long>(way.corners.size()));
        return longest;
    }
    /// With stays put in where the body rests, until the time that is asked for has passed.
    [[nodiscard]] std::optional<Inputs> padded(const Inputs& inputs, const reach::Run& run) const {
        long long asked = 0;
        for (const runtime::GoalRule& goal : m.rules.goals)
            if (goal.isNeeded && goal.sort == runtime::GoalSort::Survive)
                asked = std::max(asked, goal.ticks);
        const auto length = static_cast<long long>(inputs.size());
        // Foes come by, once in their round.
        for (const runtime::GoalRule& goal : m.rules.goals)
            if (goal.isNeeded && goal.sort == runtime::GoalSort::Defeat)
                asked = std::max(asked, length + longestWay());
        if (asked <= length - 1) return std::nullopt;
        const long long round = roundTicks();
        const long long stays = (asked - length + 1 + round - 1) / round * round;
        int tried = 0;
        for (std::size_t i = std::min(run.bodies.size(), inputs.size() + 1); i-- > 0;) {
            const runtime::Stance stance = run.bodies[i].stance;
            const bool rests = stance == runtime::Stance::Standing ||
                               stance == runtime::Stance::Climbing ||
                               stance == runtime::Stance::Swimming;
            // The first rest, and the last ones.
            if (!rests || (tried >= mostRests && i > 0)) continue;
            ++tried;
            Inputs longer = inputs;
            longer.insert(longer.begin() + static_cast<std::ptrdiff_t>(i),
                          static_cast<std::size_t>(stays), runtime::Input{});
            if (isWon(longer)) return longer;
            if (m.limits.isCancelled()) return std::nullopt;
        }
        return std::nullopt;
    }

    const GoalRuns& m;
    const GoalRuns::IsIt& m_isIt;
    const std::vector<PxRect>& m_besides;
};

}  // namespace

std::optional<Inputs> GoalRuns::find(const std::optional<PxRect>& exit,
                                     const reach::Problem& closed, const reach::AcceptsSet& accepts,
                                     const IsIt& isIt, const std::vector<PxRect>& besides) const {
    Looking looking(*this, isIt, besides);
    if (auto inputs = looking.among(exit, closed, accepts)) return inputs;
    if (closed.parts.closed.size() == query.problem.parts.closed.size()) return std::nullopt;
    return looking.among(exit, query.problem, accepts);
}

}  // namespace rook::game
