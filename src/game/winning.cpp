#include "game/winning.h"

#include <algorithm>
#include <memory>

#include "game/best_way_detail.h"
#include "game/goal_chances.h"
#include "game/goal_runs.h"
#include "game/kit_winning.h"
#include "game/puzzle_winning.h"

namespace rook::game {

using namespace level;

Decided Winning::by(const EntityId& exit) const {
    Decided best = Decided::No;
    for (const WayOut& way : ways) {
        if (way.exit != exit || way.can == Decided::No) continue;
        if (way.can == Decided::Yes) return Decided::Yes;
        best = Decided::Unknown;
    }
    return best;
}

namespace {

/// An exit that is met ends the run: for one exit, all others are closed. Of two that one body can
/// meet at once, the first in the file counts; `overlapping` says whether such a later one is
/// closed too.
reach::Problem withOthersClosed(const reach::Problem& problem,
                                const std::vector<reach::Goal>& exits, std::size_t place,
                                bool overlapping, bool& hasOverlap) {
    reach::Problem closed = problem;
    const PxRect near = PxRect{exits[place].box.x - problem.tables.bodyWidth,
                               exits[place].box.y - problem.tables.bodyHeight,
                               exits[place].box.width + 2 * problem.tables.bodyWidth,
                               exits[place].box.height + 2 * problem.tables.bodyHeight};
    for (std::size_t i = 0; i < exits.size(); ++i) {
        if (i == place) continue;
        const bool maybeAtOnce = i > place && near.overlaps(exits[i].box);
        hasOverlap = hasOverlap || maybeAtOnce;
        if (!maybeAtOnce || overlapping) closed = reach::withClosed(closed, exits[i].box);
    }
    return closed;
}

/// On a board of matter.
class Search {
public:
    Search(const Project& project, const Level& level, const WinOptions& options,
           const reach::Limits& limits)
        : m_project(project), m_level(level), m_options(options), m_limits(limits) {}

    Winning run() {
        Winning winning;
        const reach::QueryOptions asking = asked();
        m_tells = asking.tells;
        auto query = reach::queryOf(m_project, m_level, asking);
        if (!query) {
            winning.why = query.error().what;
            winning.isWhole = false;
            return winning;
        }
        if (!query->notSolved.empty()) {
            winning.why = "this version does not solve " + query->notSolved.front();
            winning.isWhole = false;
            return winning;
        }
        m_query = std::move(*query);
        m_withFoes = m_query.problem;
        m_withFoes.parts.foes = reach::foesOf(m_project, m_level, m_query.problem.tables);
        const runtime::GameRules game = rulesOf(m_project);
        m_rules = rulesOf(m_project, m_level, game);
        m_asks = std::any_of(m_rules.goals.begin(), m_rules.goals.end(),
                             [](const runtime::GoalRule& goal) { return goal.isNeeded; });
        for (const reach::Goal& goal : m_query.goals)
            if (goal.role == Role::Exit) m_exits.push_back(goal);
        // With goals, exits that are met too early do nothing: bodies pass them.
        reach::Verdict all;
        if (m_asks || (m_options.looksAtBonus && !m_rules.goals.empty())) {
            all = m_options.reached ? *m_options.reached : reach::answer(m_query, m_limits).verdict;
            winning.goals =
                chancesOf(m_project, m_level, m_rules, game, m_query, m_withFoes, all, m_limits);
        }
        if (m_limits.isCancelled()) return cancelledWinning();
        const std::string impossible = firstImpossible(winning.goals);
        const GoalRuns runs{m_project, m_level, m_query, m_withFoes, game, m_rules, all, m_limits};
        if (m_exits.empty())
            addWithoutExit(winning, impossible, runs);
        else
            for (std::size_t i = 0; i < m_exits.size(); ++i)
                addExit(winning, i, impossible, runs);
        if (m_limits.isCancelled()) return cancelledWinning();
        return concluded(std::move(winning));
    }

private:
    [[nodiscard]] reach::QueryOptions asked() const {
        reach::QueryOptions options;
        options.entry = m_options.entry;
        options.inHand = m_options.inHand;
        for (const Entity& entity : m_level.entities) {
            const bool isKey = m_project.roleOf(entity) == Role::Key;
            const runtime::AbilitySet granted = grantedForGood(m_project, entity);
            const runtime::AbilitySet had =
                m_options.inHand ? m_options.inHand->abilities : runtime::AbilitySet{0};
            if ((isKey && m_options.matters.has(keyOf(entity))) ||
                (granted & m_options.matters.abilities & ~had) != 0)
                options.tells.push_back(entity.id.text);
        }
        return options;
    }

    /// What is in hand after winning with these held.
    [[nodiscard]] InHand after(runtime::HeldSet held) const {
        InHand hand = m_options.inHand.value_or(InHand{});
        for (std::size_t i = 0; i < m_query.gainIds.size() && i < 64; ++i) {
            if (((held >> i) & 1u) == 0) continue;
            const Entity* entity = findEntity(m_level, {m_query.gainIds[i]});
            if (!entity) continue;
            hand.abilities |= grantedForGood(m_project, *entity);
            if (m_project.roleOf(*entity) == Role::Key) hand.add(keyOf(*entity));
        }
        return hand.within(m_options.matters);
    }

    [[nodiscard]] std::string firstImpossible(const std::vector<GoalChance>& goals) const {
        for (std::size_t i = 0; i < goals.size(); ++i)
            if (m_rules.goals[i].isNeeded && goals[i].can == Decided::No) return goals[i].why;
        return {};
    }

    /// Which sets of what is carried a body can have that meets the exit; none = not known.
    [[nodiscard]] std::optional<std::vector<InHand>> handsAt(const reach::Problem& problem,
                                                             const PxRect& box,
                                                             const reach::RunFinder* finder) const {
        std::vector<runtime::HeldSet> sets;
        // A finder of that very problem knows, but for what lasts for a time.
        const auto isTimed = [](const runtime::Gain& gain) { return gain.lastsTicks > 0; };
        const bool isTold =
            finder && finder->completion() == reach::Completion::Complete &&
            std::none_of(problem.parts.gains.begin(), problem.parts.gains.end(), isTimed);
        if (isTold) {
            sets = finder->setsAt(box);
        } else {
            const auto all = reach::setsThatMayMeet(problem, {box}, m_limits);
            if (!all) return std::nullopt;
            sets = (*all)[0];
        }
        std::vector<InHand> hands;
        for (const runtime::HeldSet held : sets) {
            const InHand hand = after(held);
            if (std::find(hands.begin(), hands.end(), hand) == hands.end()) hands.push_back(hand);
        }
        std::sort(hands.begin(), hands.end());
        return hands;
    }

    /// True if taking it leads to having that in hand, and no more.
    [[nodiscard]] bool isFor(const InHand& hand, const Entity& entity) const {
        if (m_project.roleOf(entity) == Role::Key) return hand.has(keyOf(entity));
        return (grantedForGood(m_project, entity) & ~hand.abilities) == 0;
    }
    /// With what leads to more in hand closed: a run that keeps away from it, if there is one.
    [[nodiscard]] reach::Problem withOnly(const InHand& hand, reach::Problem problem) const {
        for (const std::string& id : m_tells)
            if (const Entity* entity = findEntity(m_level, {id}); !isFor(hand, *entity))
                problem = reach::withClosed(std::move(problem), entity->box);
        return problem;
    }
    /// What is to be taken for it.
    [[nodiscard]] std::vector<PxRect> boxesFor(const InHand& hand) const {
        std::vector<PxRect> boxes;
        for (const std::string& id : m_tells)
            if (const Entity* entity = findEntity(m_level, {id}); isFor(hand, *entity))
                boxes.push_back(entity->box);
        return boxes;
    }

    /// The run that is kept with the level, where it wins still and there is no more to tell.
    bool addKept(Winning& winning, WayOut way) const {
        if (!m_tells.empty() || !m_level.proof || m_level.proof->goal.text != way.exit.text)
            return false;
        way.inputs = reach::inputsOf(m_level.proof->spans);
        const Played played = play(m_project, m_level, m_withFoes, way.inputs);
        if (!played.isWon || played.exit != way.exit) return false;
        way.can = Decided::Yes;
        way.after = after(0);
        winning.ways.push_back(std::move(way));
        return true;
    }

    void addExit(Winning& winning, std::size_t place, const std::string& impossible,
                 const GoalRuns& runs) {
        const reach::Goal& exit = m_exits[place];
        WayOut way;
        way.exit = {exit.id};
        if (!impossible.empty()) {
            way.can = Decided::No;
            way.why = impossible;
            return winning.ways.push_back(way);
        }
        if (addKept(winning, way)) return;
        bool hasOverlap = false;
        const reach::Problem closed =
            withOthersClosed(m_query.problem, m_exits, place, true, hasOverlap);
        const reach::Problem most =
            m_asks ? m_query.problem
                   : withOthersClosed(m_query.problem, m_exits, place, false, hasOverlap);
        // Among those that are met at once the run says which one it is.
        std::vector<const reach::Problem*> problems{&closed};
        if (hasOverlap && !m_asks) problems.insert(problems.begin(), &most);
        std::vector<std::unique_ptr<reach::RunFinder>> finders;
        if (!m_asks)
            for (const reach::Problem* problem : problems)
                finders.push_back(std::make_unique<reach::RunFinder>(*problem, m_limits));
        const auto hands = handsAt(most, exit.box, finders.empty() ? nullptr : finders[0].get());
        if (!hands) {
            way.why = "there is more than a solve can tell apart";
            winning.isWhole = false;
            return winning.ways.push_back(way);
        }
        if (hands->empty()) {
            way.can = Decided::No;
            way.why = "no body gets to " + exit.id;
            return winning.ways.push_back(way);
        }
        for (const InHand& hand : *hands) {
            if (m_limits.isCancelled()) return;
            WayOut each = way;
            each.after = hand;
            const auto accepts = [&](runtime::HeldSet held) { return after(held) == hand; };
            const auto isIt = [&](const Played& played) {
                return played.isWon && played.exit == each.exit && accepts(played.held);
            };
            std::optional<std::vector<runtime::Input>> inputs;
            if (m_asks)
                inputs = runs.find(exit.box, withOnly(hand, closed), accepts, isIt, boxesFor(hand));
            for (const auto& finder : finders)
                if (!inputs) inputs = plainRun(*finder, exit.box, accepts, isIt, each.why);
            if (inputs) {
                each.can = Decided::Yes;
                each.inputs = std::move(*inputs);
            } else if (each.why.empty()) {
                each.why = m_asks ? "no run was found that meets all goals and " + exit.id
                                  : "no run in time was found to " + exit.id;
            }
            winning.ways.push_back(std::move(each));
        }
    }

    template <typename IsIt>
    [[nodiscard]] std::optional<std::vector<runtime::Input>> plainRun(
        const reach::RunFinder& finder, const PxRect& box, const reach::AcceptsSet& accepts,
        IsIt&& isIt, std::string& why) const {
        auto found = reach::clearRunTo(finder.problem(), finder, box, m_withFoes.parts.foes,
                                       accepts, m_limits);
        if (found.run && isIt(play(m_project, m_level, m_withFoes, found.run->inputs)))
            return std::move(found.run->inputs);
        if (found.isMet && !m_withFoes.parts.foes.empty() && !found.isClear)
            why = "every run that was found meets a foe";
        return std::nullopt;
    }

    void addWithoutExit(Winning& winning, const std::string& impossible, const GoalRuns& runs) {
        WayOut way;
        if (!m_asks || !impossible.empty()) {
            way.can = Decided::No;
            way.why = !m_asks ? "there is neither an exit nor a goal that is needed" : impossible;
            return winning.ways.push_back(way);
        }
        // What is in hand at the end depends on the run: only what cannot be had is told apart.
        const bool tells = !(m_options.matters == InHand{});
        const auto isIt = [](const Played& played) {
            return played.isWon && played.exit.isEmpty();
        };
        if (auto inputs = runs.find(std::nullopt, m_query.problem, {}, isIt)) {
            way.can = Decided::Yes;
            way.after = after(play(m_project, m_level, m_withFoes, *inputs).held);
            way.inputs = std::move(*inputs);
            winning.ways.push_back(way);
            if (!tells || m_tells.empty()) return;
            // There may be other ways of it.
            way = {};
        }
        winning.isWhole = false;
        way.why = "no other run was found that meets all goals";
        winning.ways.push_back(std::move(way));
    }

    const Project& m_project;
    const Level& m_level;
    const WinOptions& m_options;
    reach::Limits m_limits;
    reach::Query m_query;
    reach::Problem m_withFoes;
    runtime::LevelRules m_rules;
    std::vector<std::string> m_tells;  ///< ids of what other levels can tell apart
    bool m_asks = false;               ///< some goal is needed
    std::vector<reach::Goal> m_exits;
};

}  // namespace

bool asksMoreThanReach(const Project& project, const Level& level) {
    if (level.kind == LevelKind::Puzzle) return false;  // it is won by its goal alone
    return !level.goals.empty() ||
           std::count_if(level.entities.begin(), level.entities.end(), [&](const Entity& entity) {
               return project.roleOf(entity) == Role::Exit;
           }) > 1;
}

Winning winningOf(const Project& project, const Level& level, const WinOptions& options,
                  const reach::Limits& limits) {
    if (level.kind == LevelKind::Puzzle) return winningOfPuzzle(project, level, limits);
    if (level.kind == LevelKind::Kit) return winningOfKit(project, level, options, limits);
    return Search(project, level, options, limits).run();
}

}  // namespace rook::game
