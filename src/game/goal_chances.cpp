#include "game/goal_chances.h"

#include <algorithm>
#include <map>

#include "level/cast_edits.h"
#include "motion/paces.h"

namespace rook::game {

using namespace level;

long long leastTicksTo(const reach::Problem& problem, const PxRect& box) {
    const auto corner = reach::startOf(problem);
    if (!corner) return 0;
    const motion::MostPaces most = motion::mostPaces(problem.tables, problem.parts);
    const runtime::MotionTables& tables = problem.tables;
    const int dx = std::max({0, box.x - (corner->x + tables.bodyWidth), corner->x - box.right()});
    const int dy = std::max({0, box.y - (corner->y + tables.bodyHeight), corner->y - box.bottom()});
    return std::max(dx / most.across, dy / most.down);
}

namespace {

class Chances {
public:
    Chances(const Project& project, const Level& level, const runtime::GameRules& game,
            const reach::Query& query, const reach::Problem& withFoes, const reach::Verdict& all,
            const reach::Limits& limits)
        : m_project(project),
          m_level(level),
          m_game(game),
          m_query(query),
          m_withFoes(withFoes),
          m_all(all),
          m_limits(limits) {}

    [[nodiscard]] GoalChance of(const runtime::GoalRule& goal) const {
        switch (goal.sort) {
            case runtime::GoalSort::Collect:
                return collect(goal);
            case runtime::GoalSort::Defeat:
                return defeat(goal);
            case runtime::GoalSort::Tally:
                return tally(goal);
            case runtime::GoalSort::Survive:
                if (goal.ticks <= 0) return {Decided::Yes, {}};
                return {Decided::Unknown, "no run was looked for"};
            case runtime::GoalSort::Within:
                return within(goal);
        }
        return {};
    }

private:
    /// That some body may get to.
    [[nodiscard]] bool mayBeMet(const EntityId& id) const {
        return std::any_of(m_all.goals.begin(), m_all.goals.end(), [&](const reach::Goal& goal) {
            return goal.id == id.text && (goal.isReached || goal.isUndecided);
        });
    }

    [[nodiscard]] GoalChance collect(const runtime::GoalRule& goal) const {
        int most = 0;
        for (const Entity& entity : m_level.entities) {
            const Role role = m_project.roleOf(entity);
            const bool isTaken = role == Role::Pickup || role == Role::Key || role == Role::Switch;
            most += isTaken && entity.kind.text == goal.kind && mayBeMet(entity.id);
        }
        if (goal.count <= 0) return {Decided::Yes, {}};
        if (most >= goal.count) return {Decided::Unknown, "no run was looked for"};
        return {Decided::No, "only " + std::to_string(most) + " of " + std::to_string(goal.count) +
                                 " " + goal.kind + " can be got to"};
    }

    [[nodiscard]] GoalChance defeat(const runtime::GoalRule& goal) const {
        if (goal.count <= 0) return {Decided::Yes, {}};
        if (!mayBeatFoes()) return {Decided::No, "nobody in this level can beat foes"};
        if (!m_reached) m_reached = reach::solve(m_query.problem, m_limits);
        if (m_reached->completion != reach::Completion::Complete)
            return {Decided::Unknown, "no run was looked for"};
        const auto isMet = [&](const runtime::Box& box) {
            const PxRect at = rectOf(box);
            return m_reached->meets(at, m_query.problem.tables) ||
                   m_reached->mayMeetByMovers(at, m_query.problem.tables);
        };
        int most = 0;
        for (const runtime::Way& way : m_withFoes.parts.foes)
            most += isOfKind(way.entity, goal.kind) && way.madeAt < 0 && way.canBeBeaten &&
                    std::any_of(way.corners.begin(), way.corners.end(), [&](const auto& corner) {
                        return isMet({corner.first, corner.second, way.width, way.height});
                    });
        for (const runtime::TimedHazard& foe : m_withFoes.parts.timed)
            most += foe.canBeBeaten && isOfKind(foe.entity, goal.kind) && isMet(foe.box);
        if (most >= goal.count) return {Decided::Unknown, "no run was looked for"};
        return {Decided::No, "only " + std::to_string(most) + " of " + std::to_string(goal.count) +
                                 " " + goal.kind + " can be met"};
    }
    [[nodiscard]] bool isOfKind(int entity, const std::string& kind) const {
        if (entity < 0) return false;
        const Kind* beaten =
            beatenKindOf(m_project, m_level.entities[static_cast<std::size_t>(entity)]);
        return beaten && beaten->id.text == kind;
    }
    /// From above: some profile has it, and what only pickups grant can be had from one of them.
    [[nodiscard]] bool mayBeatFoes() const {
        constexpr auto ability = runtime::Ability::BeatsFoes;
        const runtime::MotionTables& tables = m_query.problem.tables;
        if (std::any_of(tables.others.begin(), tables.others.end(),
                        [&](const auto& each) { return each.has(ability); }))
            return true;
        if (!tables.has(ability)) return false;
        bool isGranted = false;
        for (std::size_t i = 0; i < m_query.problem.parts.gains.size(); ++i) {
            if ((m_query.problem.parts.gains[i].grants & setOf(ability)) == 0) continue;
            isGranted = true;
            if (i < m_query.gainIds.size() && mayBeMet({m_query.gainIds[i]})) return true;
        }
        return !isGranted;
    }

    /// What the level can bring a tally, from above: in all, and by how many single additions. Each
    /// may cross one step of *every* more than it is long.
    struct Most {
        long long gain = 0;
        long long additions = 0;
    };
    static constexpr long long far = 2LL * greatestTally;

    [[nodiscard]] Most mostOf(int tally) const {
        if (const auto known = m_most.find(tally); known != m_most.end()) return known->second;
        m_most[tally] = {};  // rules that feed themselves are not read
        Most most;
        for (const Entity& entity : m_level.entities) {
            const Kind* kind = m_project.findKind(entity.kind);
            const bool counts = kind && kind->role == Role::Pickup &&
                                m_game.find(kind->tally) == tally && mayBeMet(entity.id);
            if (!counts) continue;
            ++most.additions;
            most.gain = std::min(far, most.gain + std::max(0, entity.data.value));
        }
        for (std::size_t i = 0; i < m_game.tallies.size(); ++i)
            for (const runtime::TallyRule::Every& every : m_game.tallies[i].every) {
                if (every.tally != tally) continue;
                const Most feeding = mostOf(static_cast<int>(i));
                most.additions = std::min(far, most.additions + feeding.additions);
                const long long times = feeding.gain / every.step + feeding.additions;
                if (every.add > 0) most.gain = std::min(far, most.gain + times * every.add);
            }
        return m_most[tally] = most;
    }

    [[nodiscard]] GoalChance tally(const runtime::GoalRule& goal) const {
        if (goal.tally < 0) return {Decided::No, "the goal names no tally of the game"};
        const runtime::TallyRule& rule = m_game.tallies[static_cast<std::size_t>(goal.tally)];
        const long long most = std::min<long long>(rule.most, rule.start + mostOf(goal.tally).gain);
        if (most >= goal.atLeast) return {Decided::Unknown, "no run was looked for"};
        return {Decided::No, rule.title + " gets to " + std::to_string(most) + " at most, of " +
                                 std::to_string(goal.atLeast)};
    }

    [[nodiscard]] GoalChance within(const runtime::GoalRule& goal) const {
        long long least = -1;
        for (const reach::Goal& each : m_query.goals)
            if (each.role == Role::Exit) {
                const long long ticks = leastTicksTo(m_query.problem, each.box);
                least = least < 0 ? ticks : std::min(least, ticks);
            }
        // In tick t, from 0, a body has moved t + 1 times.
        if (goal.ticks <= 0 || goal.ticks < least)
            return {Decided::No,
                    "no body gets to an exit in " + std::to_string(goal.ticks) + " ticks"};
        return {Decided::Unknown, "no run was looked for"};
    }

    const Project& m_project;
    const Level& m_level;
    const runtime::GameRules& m_game;
    const reach::Query& m_query;
    const reach::Problem& m_withFoes;
    const reach::Verdict& m_all;
    const reach::Limits& m_limits;
    mutable std::optional<reach::Reached> m_reached;
    mutable std::map<int, Most> m_most;
};

}  // namespace

std::vector<GoalChance> chancesOf(const Project& project, const Level& level,
                                  const runtime::LevelRules& rules, const runtime::GameRules& game,
                                  const reach::Query& query, const reach::Problem& withFoes,
                                  const reach::Verdict& all, const reach::Limits& limits) {
    const Chances chances(project, level, game, query, withFoes, all, limits);
    std::vector<GoalChance> list;
    for (const runtime::GoalRule& goal : rules.goals)
        list.push_back(chances.of(goal));
    return list;
}

}  // namespace rook::game
