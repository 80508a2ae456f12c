#include <algorithm>
#include <map>
#include <set>
#include <utility>

#include "kit/gates_detail.h"
#include "kit/paced_run.h"
#include "kit/walk_graph.h"

namespace rook::kit {

using level::Entity;
using level::Role;

namespace {

constexpr std::size_t maxSets = 64;
constexpr const char* tooNarrow = "some surfaces are too narrow to stand on by the clock";
constexpr std::size_t maxStates = 64'000'000;

bool isGoal(Role role) {
    return role == Role::Exit || role == Role::Checkpoint || role == Role::Pickup ||
           role == Role::Key || role == Role::Switch;
}

/// Breadth-first over states and the sets of things held.
class Walking {
public:
    Walking(const level::Project& project, const level::Level& level, const WalkGraph& graph,
            const std::atomic<bool>* cancel, const std::optional<CellRect>& closed)
        : m_project(project),
          m_level(level),
          m_graph(graph),
          m_cancel(cancel),
          m_closed(closed),
          m_gates(project, level, graph) {}

    KitReach run() {
        const std::size_t count = m_graph.patches().size();
        m_reach.reached.assign(count, 0);
        m_reach.trapped.assign(count, 0);
        m_reach.firstVisit.assign(count, -1);
        gather();
        const int start = startState();
        if (start < 0) return std::move(m_reach);
        walk(start);
        if (m_cancel && *m_cancel) return std::move(m_reach);
        findGoals();
        findTraps();
        findStoreys();
        return std::move(m_reach);
    }

private:
    void doubt(const std::string& reason) {
        if (m_reach.isDecided) m_reach.reason = reason;
        m_reach.isDecided = false;
    }
    void gather() {
        if (!m_gates.isWhole()) doubt("more than 64 things make a difference");
        if (!m_graph.problem().empty()) doubt(m_graph.problem());
        for (const Entity& entity : m_level.entities) {
            const Role role = m_project.roleOf(entity);
            const Spot spot = spotOf(m_level, entity);
            const int patch = m_graph.patchUnder(m_level, entity);
            if (isGoal(role))
                m_reach.goals.push_back({entity.id.text, role, spot, patch, false, {}, {}});
            if (role == Role::Exit && patch >= 0) m_exits.insert(patch);
        }
    }
    [[nodiscard]] bool mayEnter(int state, int patch, Held held) const {
        const bool isClosed = m_closed && m_closed->contains(m_graph.moduleOf(state));
        return !isClosed && m_gates.mayEnter(patch, held);
    }
    int startState() {
        for (const Entity& entity : m_level.entities) {
            if (m_project.roleOf(entity) != Role::Spawn) continue;
            const int patch = m_graph.patchUnder(m_level, entity);
            m_reach.hasStart = true;
            if (patch >= 0 && !m_graph.problem().empty()) return -1;
            if (patch >= 0 && m_graph.timed() && standUnder(m_graph, m_level, entity) < 0) {
                doubt(tooNarrow);
                return -1;
            }
            const int state = m_graph.stateUnder(m_level, entity);
            if (patch < 0)
                m_reach.problem = entity.id.text + " stands on no surface";
            else if (state < 0)
                m_reach.problem = entity.id.text + " stands where it is harmed at once";
            else if (!mayEnter(state, patch, 0))
                m_reach.problem = entity.id.text + " stands in a door that is shut";
            else
                return state;
            return -1;
        }
        m_reach.problem = "The level has no start";
        return -1;
    }
    int setOf(Held held) {
        const auto [found, isNew] = m_setOf.try_emplace(held, static_cast<int>(m_sets.size()));
        if (isNew) {
            m_sets.push_back(held);
            m_visitOf.emplace_back(static_cast<std::size_t>(m_graph.stateCount()), -1);
        }
        return found->second;
    }
    [[nodiscard]] bool mayHold(Held held) {
        const bool isKnown = m_setOf.contains(held);
        const std::size_t states =
            (m_sets.size() + 1) * static_cast<std::size_t>(m_graph.stateCount());
        if (isKnown || (m_sets.size() < maxSets && (m_sets.empty() || states <= maxStates)))
            return true;
        doubt(m_sets.size() < maxSets ? "more than 64,000,000 states"
                                      : "more than 64 sets of things can be held");
        return false;
    }
    [[nodiscard]] int& visitOf(int set, int state) {
        return m_visitOf[static_cast<std::size_t>(set)][static_cast<std::size_t>(state)];
    }
    /// The states that are next to that visit: `known` gets the visit of one that was come to with
    /// what is held here, `fresh` the others, each with what is held there.
    template <typename Known, typename Fresh>
    void forEachNext(std::size_t at, Known&& known, Fresh&& fresh) {
        const int set = m_setOfVisit[at];
        const Held now = m_sets[static_cast<std::size_t>(set)];
        m_graph.statesAfter(m_reach.visits[at].state, m_after);
        for (const int next : m_after) {
            // With what is to be had there in hand, nobody was there without it.
            if (const int visit = visitOf(set, next); visit >= 0) {
                known(visit);
                continue;
            }
            const int patch = m_graph.patchOf(next);
            if (mayEnter(next, patch, now)) fresh(next, m_gates.gainAt(patch, now));
        }
    }
    void walk(int start) {
        visit(start, setOf(m_gates.gainAt(m_graph.patchOf(start), 0)), -1);
        for (std::size_t i = 0; i < m_reach.visits.size(); ++i) {
            if (m_cancel && (i & 1023) == 0 && m_cancel->load(std::memory_order_relaxed)) return;
            forEachNext(
                i, [&](int to) { link(i, to); },
                [&](int next, Held held) {
                    if (mayHold(held)) link(i, visit(next, setOf(held), static_cast<int>(i)));
                });
        }
        if (!m_graph.isWhole()) doubt(tooNarrow);
    }
    /// Its place among the visits.
    int visit(int state, int set, int before) {
        int& known = visitOf(set, state);
        if (known >= 0) return known;
        known = static_cast<int>(m_reach.visits.size());
        const int patch = m_graph.patchOf(state);
        m_reach.visits.push_back({state, before, patch});
        m_setOfVisit.push_back(set);
        m_last.push_back(-1);
        if (patch < 0) return known;
        int& first = m_reach.firstVisit[static_cast<std::size_t>(patch)];
        if (first < 0) first = known;
        m_reach.reached[static_cast<std::size_t>(patch)] = 1;
        return known;
    }
    /// Each visit's neighbours before it, as chains: the last one, and the one before each. They
    /// are asked for where there is an exit.
    void link(std::size_t from, int to) {
        if (m_exits.empty()) return;
        int& last = m_last[static_cast<std::size_t>(to)];
        m_links.push_back({static_cast<int>(from), last});
        last = static_cast<int>(m_links.size()) - 1;
    }
    void findGoals() {
        for (KitGoal& goal : m_reach.goals) {
            if (goal.patch < 0) continue;
            goal.states = m_reach.statesTo(goal.patch);
            goal.way = m_reach.wayTo(goal.patch);
            goal.isReached = !goal.way.empty();
        }
    }
    /// Backwards from every state at an exit.
    void findTraps() {
        if (m_exits.empty() || !m_reach.isDecided) return;
        const std::size_t count = m_reach.visits.size();
        std::vector<char> finishes(count, 0);
        std::vector<std::size_t> open;
        for (std::size_t i = 0; i < count; ++i)
            if (m_exits.contains(m_reach.visits[i].patch)) {
                finishes[i] = 1;
                open.push_back(i);
            }
        if (open.empty()) return;  // without a way to an exit, all would be one trap
        while (!open.empty()) {
            const std::size_t at = open.back();
            open.pop_back();
            for (int i = m_last[at]; i >= 0; i = m_links[static_cast<std::size_t>(i)].before) {
                const auto from =
                    static_cast<std::size_t>(m_links[static_cast<std::size_t>(i)].from);
                if (!std::exchange(finishes[from], 1)) open.push_back(from);
            }
        }
        for (std::size_t i = 0; i < count; ++i)
            if (!finishes[i] && m_graph.isCalm(m_reach.visits[i].state))
                m_reach.trapped[static_cast<std::size_t>(m_reach.visits[i].patch)] = 1;
    }
    void findStoreys() {
        std::map<int, bool> storeys;
        for (std::size_t i = 0; i < m_graph.patches().size(); ++i) {
            bool& isReached = storeys[m_graph.patches()[i].spot.storey];
            isReached = isReached || m_reach.reached[i];
        }
        for (const auto& [storey, isReached] : storeys)
            if (!isReached) m_reach.unreachedStoreys.push_back(storey);
    }

    const level::Project& m_project;
    const level::Level& m_level;
    const WalkGraph& m_graph;
    const std::atomic<bool>* m_cancel;
    const std::optional<CellRect>& m_closed;
    KitReach m_reach;
    Gates m_gates;
    std::set<int> m_exits;
    std::vector<Held> m_sets;
    std::map<Held, int> m_setOf;
    std::vector<std::vector<int>> m_visitOf;  ///< by set and state; -1
    std::vector<int> m_setOfVisit;
    struct Link {
        int from = 0;
        int before = -1;
    };
    std::vector<int> m_last;  ///< by visit, of the links; -1
    std::vector<Link> m_links;
    std::vector<int> m_after;
};

}  // namespace

std::vector<int> KitReach::statesTo(int patch) const {
    std::vector<int> way;
    for (int visit = firstVisit[static_cast<std::size_t>(patch)]; visit >= 0;
         visit = visits[static_cast<std::size_t>(visit)].before)
        way.push_back(visits[static_cast<std::size_t>(visit)].state);
    std::reverse(way.begin(), way.end());
    return way;
}

std::vector<int> KitReach::wayTo(int patch) const {
    std::vector<int> way;
    for (int visit = firstVisit[static_cast<std::size_t>(patch)]; visit >= 0;
         visit = visits[static_cast<std::size_t>(visit)].before) {
        const int on = visits[static_cast<std::size_t>(visit)].patch;
        if (on >= 0 && (way.empty() || way.back() != on)) way.push_back(on);
    }
    std::reverse(way.begin(), way.end());
    return way;
}

KitReach reachOf(const level::Project& project, const level::Level& level, const WalkGraph& graph,
                 const std::atomic<bool>* cancel, const std::optional<CellRect>& closed) {
    return Walking(project, level, graph, cancel, closed).run();
}

}  // namespace rook::kit
