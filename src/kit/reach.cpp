#include <algorithm>
#include <map>
#include <set>

#include "kit/gates_detail.h"
#include "kit/walk_graph.h"

namespace rook::kit {

using level::Entity;
using level::Role;

namespace {

constexpr std::size_t maxSets = 64;

bool isGoal(Role role) {
    return role == Role::Exit || role == Role::Checkpoint || role == Role::Pickup ||
           role == Role::Key || role == Role::Switch;
}

struct State {
    int patch = 0;
    int set = 0;
    auto operator<=>(const State&) const = default;
};

/// Breadth-first over patches and the sets of things held.
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
        const int start = startPatch();
        if (start < 0) return std::move(m_reach);
        walk(start);
        findGoals();
        findTraps();
        findStoreys();
        return std::move(m_reach);
    }

private:
    void gather() {
        m_reach.isDecided = m_gates.isWhole();
        for (const Entity& entity : m_level.entities) {
            const Role role = m_project.roleOf(entity);
            const Spot spot = spotOf(m_level, entity);
            const int patch = m_graph.patchUnder(m_level, entity);
            if (isGoal(role))
                m_reach.goals.push_back({entity.id.text, role, spot, patch, false, {}});
            if (role == Role::Exit && patch >= 0) m_exits.insert(patch);
        }
    }
    [[nodiscard]] bool mayEnter(int patch, Held held) const {
        const CellPoint at = m_graph.patches()[static_cast<std::size_t>(patch)].spot.at;
        return !(m_closed && m_closed->contains(at)) && m_gates.mayEnter(patch, held);
    }
    int startPatch() {
        for (const Entity& entity : m_level.entities) {
            if (m_project.roleOf(entity) != Role::Spawn) continue;
            const int patch = m_graph.patchUnder(m_level, entity);
            m_reach.hasStart = true;
            if (patch < 0)
                m_reach.problem = entity.id.text + " stands on no surface";
            else if (!mayEnter(patch, 0))
                m_reach.problem = entity.id.text + " stands in a door that is shut";
            else
                return patch;
            return -1;
        }
        m_reach.problem = "The level has no start";
        return -1;
    }
    int setOf(Held held) {
        const auto [found, isNew] = m_setOf.try_emplace(held, static_cast<int>(m_sets.size()));
        if (isNew) {
            m_sets.push_back(held);
            m_from.emplace_back(m_graph.patches().size(), State{-1, -1});
        }
        return found->second;
    }
    void walk(int start) {
        Held held = m_gates.gainAt(start, 0);
        visit({start, setOf(held)}, {start, -1});
        for (std::size_t i = 0; i < m_order.size(); ++i) {
            if (m_cancel && (i & 1023) == 0 && m_cancel->load(std::memory_order_relaxed)) return;
            const State at = m_order[i];
            m_walkingFrom = static_cast<int>(i);
            for (const int next : m_graph.next(at.patch)) {
                const Held now = m_sets[static_cast<std::size_t>(at.set)];
                if (!mayEnter(next, now)) continue;
                held = m_gates.gainAt(next, now);
                if (held != now && !m_setOf.contains(held) && m_sets.size() >= maxSets) {
                    m_reach.isDecided = false;
                    continue;
                }
                visit({next, setOf(held)}, at);
            }
        }
    }
    void visit(const State& state, const State& from) {
        State& known =
            m_from[static_cast<std::size_t>(state.set)][static_cast<std::size_t>(state.patch)];
        if (known.patch >= 0) return;
        known = from;
        const auto patch = static_cast<std::size_t>(state.patch);
        const int visit = static_cast<int>(m_order.size());
        if (!m_reach.reached[patch]) m_reach.firstVisit[patch] = visit;
        m_reach.reached[patch] = 1;
        m_reach.visits.push_back({state.patch, m_walkingFrom});
        m_order.push_back(state);
    }
    void findGoals() {
        for (KitGoal& goal : m_reach.goals) {
            if (goal.patch < 0) continue;
            goal.way = m_reach.wayTo(goal.patch);
            goal.isReached = !goal.way.empty();
        }
    }
    /// Backwards from every state at an exit.
    void findTraps() {
        if (m_exits.empty() || !m_reach.isDecided) return;
        std::map<State, std::vector<State>> before;
        for (const State& at : m_order) {
            const Held now = m_sets[static_cast<std::size_t>(at.set)];
            for (const int next : m_graph.next(at.patch))
                if (mayEnter(next, now))
                    before[{next, setOf(m_gates.gainAt(next, now))}].push_back(at);
        }
        std::set<State> finishes;
        std::vector<State> open;
        for (const State& at : m_order)
            if (m_exits.contains(at.patch) && finishes.insert(at).second) open.push_back(at);
        while (!open.empty()) {
            const State at = open.back();
            open.pop_back();
            const auto found = before.find(at);
            if (found == before.end()) continue;
            for (const State& state : found->second)
                if (finishes.insert(state).second) open.push_back(state);
        }
        if (finishes.empty()) return;  // without a way to an exit, all would be one trap
        for (const State& at : m_order)
            if (!finishes.contains(at)) m_reach.trapped[static_cast<std::size_t>(at.patch)] = 1;
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
    std::vector<std::vector<State>> m_from;  ///< by set and patch; of the start: set -1
    std::vector<State> m_order;
    int m_walkingFrom = -1;
};

}  // namespace

std::vector<int> KitReach::wayTo(int patch) const {
    std::vector<int> way;
    for (int visit = firstVisit[static_cast<std::size_t>(patch)]; visit >= 0;
         visit = visits[static_cast<std::size_t>(visit)].before)
        way.push_back(visits[static_cast<std::size_t>(visit)].patch);
    std::reverse(way.begin(), way.end());
    return way;
}

KitReach reachOf(const level::Project& project, const level::Level& level, const WalkGraph& graph,
                 const std::atomic<bool>* cancel, const std::optional<CellRect>& closed) {
    return Walking(project, level, graph, cancel, closed).run();
}

}  // namespace rook::kit
