#include "game/kit_winning.h"

#include <algorithm>
#include <set>

#include "game/best_way_detail.h"
#include "kit/paced_run.h"
#include "kit/taking_walk.h"

namespace rook::game {

using level::Entity;
using level::Kit;
using level::Level;
using level::Project;
using level::Role;

namespace {

/// The board with its first spawn where that entry is; none if there is no such entry.
std::optional<Level> beginningAt(const Project& project, const Level& level,
                                 const EntityId& entry) {
    if (entry.isEmpty()) return level;
    const Entity* at = findEntity(level, entry);
    if (!at) return std::nullopt;
    Level board = level;
    const PxRect box = at->box;
    const int storey = at->storey;
    board.entities.edit([&](auto& entities) {
        const auto spawn = std::find_if(entities.begin(), entities.end(), [&](const Entity& e) {
            return project.roleOf(e) == Role::Spawn;
        });
        if (spawn == entities.end()) return;
        spawn->box = box;
        spawn->storey = storey;
    });
    return board;
}

class KitSearch {
public:
    KitSearch(const Project& project, const Level& level, const Level& board, const Kit& kit,
              const WinOptions& options, const reach::Limits& limits)
        : m_project(project),
          m_level(level),
          m_board(board),
          m_options(options),
          m_limits(limits),
          m_game(rulesOf(project)),
          m_rules(rulesOf(project, level, m_game)),
          m_index(kit, board),
          m_graph(project, board, m_index, limits.cancel),
          m_reach(kit::reachOf(project, board, m_graph, limits.cancel)) {}

    Winning run() {
        Winning winning;
        for (const runtime::GoalRule& goal : m_rules.goals) {
            winning.goals.push_back(chanceOf(goal));
            if (m_limits.isCancelled()) return cancelledWinning();
        }
        std::vector<EntityId> exits;
        for (const kit::KitGoal& goal : m_reach.goals)
            if (goal.role == Role::Exit) exits.push_back({goal.id});
        const bool asks = std::any_of(m_rules.goals.begin(), m_rules.goals.end(),
                                      [](const auto& goal) { return goal.isNeeded; });
        if (exits.empty() && !asks) {
            winning.can = Decided::No;
            winning.why = "there is neither an exit nor a goal that is needed";
            return winning;
        }
        if (exits.empty()) exits.emplace_back();
        for (const EntityId& exit : exits) {
            winning.ways.push_back(wayBy(exit, winning.goals));
            if (m_limits.isCancelled()) return cancelledWinning();
        }
        winning.isWhole = !m_tellsKeys;
        return concluded(std::move(winning));
    }

private:
    [[nodiscard]] bool isReached(const std::string& id) const {
        return std::any_of(
            m_reach.goals.begin(), m_reach.goals.end(),
            [&](const kit::KitGoal& goal) { return goal.id == id && goal.isReached; });
    }
    /// What counts for a goal that is met by taking things.
    [[nodiscard]] std::vector<const Entity*> thingsOf(const runtime::GoalRule& goal) const {
        std::vector<const Entity*> things;
        for (const Entity& entity : m_level.entities) {
            const level::Kind* kind = m_project.findKind(entity.kind);
            if (!kind) continue;
            const bool isTaken =
                kind->role == Role::Pickup || kind->role == Role::Key || kind->role == Role::Switch;
            const bool counts = goal.sort == runtime::GoalSort::Collect
                                    ? isTaken && kind->id.text == goal.kind
                                    : kind->role == Role::Pickup && goal.tally >= 0 &&
                                          m_game.find(kind->tally) == goal.tally;
            if (counts) things.push_back(&entity);
        }
        return things;
    }
    [[nodiscard]] static bool isByTaking(const runtime::GoalRule& goal) {
        return goal.sort == runtime::GoalSort::Collect || goal.sort == runtime::GoalSort::Tally;
    }
    /// A tally to which more than what is taken adds, or that something lowers.
    [[nodiscard]] bool isTangled(const runtime::GoalRule& goal) const {
        if (goal.sort != runtime::GoalSort::Tally) return false;
        for (const runtime::TallyRule& tally : m_game.tallies)
            for (const auto& every : tally.every)
                if (every.tally == goal.tally) return true;
        const auto things = thingsOf(goal);
        return std::any_of(things.begin(), things.end(),
                           [](const Entity* entity) { return entity->data.value < 0; });
    }
    /// How much of the goal those make.
    [[nodiscard]] long long amountOf(const runtime::GoalRule& goal,
                                     const std::set<std::string>& taken) const {
        long long sum = 0;
        for (const Entity* entity : thingsOf(goal))
            if (taken.contains(entity->id.text))
                sum += goal.sort == runtime::GoalSort::Collect ? 1 : entity->data.value;
        if (goal.sort == runtime::GoalSort::Collect) return sum;
        const runtime::TallyRule& rule = m_game.tallies[static_cast<std::size_t>(goal.tally)];
        return std::min<long long>(rule.most, rule.start + sum);
    }
    [[nodiscard]] static long long wantedOf(const runtime::GoalRule& goal) {
        return goal.sort == runtime::GoalSort::Collect ? goal.count : goal.atLeast;
    }
    [[nodiscard]] kit::TakingWish wishFor(const std::vector<const runtime::GoalRule*>& goals,
                                          const std::string& exit) const {
        kit::TakingWish wish;
        wish.exit = exit;
        for (const runtime::GoalRule* goal : goals)
            for (const Entity* entity : thingsOf(*goal))
                wish.things.insert(entity->id.text);
        wish.isEnough = [this, goals](const std::set<std::string>& taken) {
            return std::all_of(goals.begin(), goals.end(), [&](const runtime::GoalRule* goal) {
                return amountOf(*goal, taken) >= wantedOf(*goal);
            });
        };
        return wish;
    }

    [[nodiscard]] bool mayStaySomewhere() const {
        return std::any_of(m_reach.visits.begin(), m_reach.visits.end(),
                           [&](const auto& visit) { return m_graph.isCalm(visit.state); });
    }
    [[nodiscard]] GoalChance chanceOf(const runtime::GoalRule& goal) const {
        switch (goal.sort) {
            case runtime::GoalSort::Survive:
                // Who stands still where nothing comes is not harmed.
                if (!m_graph.problem().empty()) return {Decided::Unknown, m_graph.problem()};
                if (mayStaySomewhere()) return {Decided::Yes, {}};
                return {Decided::Unknown, "something comes to every place that is reached"};
            case runtime::GoalSort::Within:
                return {Decided::Unknown, "time on boards of pieces is not counted"};
            case runtime::GoalSort::Defeat:
                if (goal.count <= 0) return {Decided::Yes, {}};
                return {Decided::No, "nothing on boards of pieces is beaten"};
            case runtime::GoalSort::Collect:
            case runtime::GoalSort::Tally:
                break;
        }
        if (goal.sort == runtime::GoalSort::Tally && goal.tally < 0)
            return {Decided::No, "the goal names no tally of the game"};
        if (isTangled(goal))
            return {Decided::Unknown, "more than what is taken changes that tally"};
        std::set<std::string> reached;
        for (const Entity* entity : thingsOf(goal))
            if (isReached(entity->id.text)) reached.insert(entity->id.text);
        const long long most = amountOf(goal, reached);
        if (most < wantedOf(goal) && m_reach.isDecided)
            return {Decided::No, "only " + std::to_string(most) + " of " +
                                     std::to_string(wantedOf(goal)) + " can be got to"};
        const kit::TakingWalk found =
            kit::wayTaking(m_project, m_board, m_graph, wishFor({&goal}, {}), m_limits.cancel);
        if (!found.way.empty()) return {Decided::Yes, {}};
        if (found.isImpossible) return {Decided::No, "no way takes all of it"};
        return {Decided::Unknown, "no way was found that takes all of it"};
    }

    [[nodiscard]] WayOut wayBy(const EntityId& exit, const std::vector<GoalChance>& chances) {
        WayOut way;
        way.exit = exit;
        way.after = m_options.inHand.value_or(level::InHand{}).within(m_options.matters);
        const auto because = [&](Decided can, std::string why) {
            way.can = can;
            way.why = std::move(why);
            return way;
        };
        if (!exit.isEmpty() && !isReached(exit.text))
            return m_reach.isDecided ? because(Decided::No, "no body gets to " + exit.text)
                                     : because(Decided::Unknown, m_reach.reason);
        std::vector<const runtime::GoalRule*> wanted;
        for (std::size_t i = 0; i < m_rules.goals.size(); ++i) {
            const runtime::GoalRule& goal = m_rules.goals[i];
            if (!goal.isNeeded) continue;
            if (chances[i].can != Decided::Yes) return because(chances[i].can, chances[i].why);
            if (isByTaking(goal)) wanted.push_back(&goal);
        }
        if (tellsKeys()) {
            m_tellsKeys = true;
            return because(Decided::Unknown,
                           "keys that are carried from boards of pieces are not followed");
        }
        const kit::TakingWalk found = kit::wayTaking(m_project, m_board, m_graph,
                                                     wishFor(wanted, exit.text), m_limits.cancel);
        if (found.way.empty())
            return found.isImpossible
                       ? because(Decided::No,
                                 "every way with all goals meets another exit, or none")
                       : because(Decided::Unknown, "no way was found that meets all goals");
        way.way = kit::modulesOf(m_graph, m_graph.patchesOf(found.way));
        way.moves = kit::pacedRun(m_project, m_board, m_graph, found.way);
        way.can = Decided::Yes;
        return way;
    }
    [[nodiscard]] bool tellsKeys() const {
        return std::any_of(m_level.entities.begin(), m_level.entities.end(),
                           [&](const Entity& entity) {
                               return m_project.roleOf(entity) == Role::Key &&
                                      m_options.matters.has(keyOf(entity));
                           });
    }

    const Project& m_project;
    const Level& m_level;
    const Level& m_board;
    const WinOptions& m_options;
    const reach::Limits& m_limits;
    runtime::GameRules m_game;
    runtime::LevelRules m_rules;
    kit::PlacedIndex m_index;
    kit::WalkGraph m_graph;
    kit::KitReach m_reach;
    bool m_tellsKeys = false;
};

}  // namespace

Winning winningOfKit(const Project& project, const Level& level, const WinOptions& options,
                     const reach::Limits& limits) {
    const Kit* kit = project.kitOf(level);
    const auto board = beginningAt(project, level, options.entry);
    if (kit && board) return KitSearch(project, level, *board, *kit, options, limits).run();
    Winning winning;
    winning.isWhole = kit != nullptr;
    winning.can = kit ? Decided::No : Decided::Unknown;
    winning.why = kit ? "there is no entry " + options.entry.text : "the board has no kit";
    return winning;
}

}  // namespace rook::game
