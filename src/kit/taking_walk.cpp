#include "kit/taking_walk.h"

#include <algorithm>
#include <deque>

#include "kit/gates_detail.h"

namespace rook::kit {

using level::Entity;
using level::Role;

namespace {

constexpr std::size_t mostSets = 4096;

class Taking {
public:
    Taking(const level::Project& project, const level::Level& level, const WalkGraph& graph,
           const TakingWish& wish, const std::atomic<bool>* cancel)
        : m_graph(graph),
          m_wish(wish),
          m_cancel(cancel),
          m_gates(project, level, graph, wish.things) {
        for (const Entity& entity : level.entities) {
            const Role role = project.roleOf(entity);
            const int patch = graph.patchUnder(level, entity);
            if (role == Role::Spawn && m_start < 0) m_start = graph.stateUnder(level, entity);
            if (role != Role::Exit || patch < 0) continue;
            (entity.id.text == wish.exit ? m_end : m_others).insert(patch);
        }
        for (const std::string& id : wish.things)
            m_bits.emplace_back(m_gates.bitOf(id), &id);
    }

    TakingWalk run() {
        if (!m_graph.problem().empty()) return {};
        if (m_start < 0 || !m_gates.mayEnter(m_graph.patchOf(m_start), 0)) return {{}, true};
        TakingWalk found{nearestFirst(), false};
        if (found.way.empty() && m_gates.isWhole()) found = bySets();
        if (!m_graph.isWhole()) found.isImpossible = false;
        return found;
    }

private:
    struct State {
        int state = 0;
        Held held = 0;
        auto operator<=>(const State&) const = default;
    };

    [[nodiscard]] bool isEnough(Held held) const {
        std::set<std::string> taken;
        for (const auto& [bit, id] : m_bits)
            if ((held & bit) != 0) taken.insert(*id);
        return m_wish.isEnough(taken);
    }
    [[nodiscard]] bool isEnd(const State& state) const {
        return isEnough(state.held) &&
               (m_wish.exit.empty() || m_end.contains(m_graph.patchOf(state.state)));
    }
    [[nodiscard]] bool isCancelled() const { return m_cancel && *m_cancel; }
    [[nodiscard]] State begin() const {
        return {m_start, m_gates.gainAt(m_graph.patchOf(m_start), 0)};
    }

    /// The way to the nearest state at which `ends` holds, the first not among it; empty if there
    /// is none.
    template <typename Ends>
    [[nodiscard]] std::vector<State> wayFrom(const State& from, bool mayGain, Ends&& ends) const {
        std::map<State, State> before{{from, from}};
        std::deque<State> open{from};
        const bool isFull = isEnough(from.held);
        std::vector<int> after;
        while (!open.empty() && !isCancelled()) {
            const State at = open.front();
            open.pop_front();
            std::optional<State> end;
            m_graph.statesAfter(at.state, after);
            for (const int next : after) {
                const int patch = m_graph.patchOf(next);
                if (!m_gates.mayEnter(patch, at.held)) continue;
                if (isFull && m_others.contains(patch)) continue;
                const State to{next, m_gates.gainAt(patch, at.held)};
                const bool isEnding = ends(to);
                if ((to.held != at.held && !mayGain && !isEnding) || !before.emplace(to, at).second)
                    continue;
                if (!isEnding) {
                    open.push_back(to);
                    continue;
                }
                end = to;
                break;
            }
            if (!end) continue;
            std::vector<State> way;
            for (State on = *end; !(on == from); on = before.at(on))
                way.push_back(on);
            std::reverse(way.begin(), way.end());
            return way;
        }
        return {};
    }

    [[nodiscard]] std::vector<int> nearestFirst() const {
        std::vector<int> way{m_start};
        State at = begin();
        while (!isEnd(at)) {
            const bool isFull = isEnough(at.held);
            const auto leg = wayFrom(at, false, [&](const State& to) {
                return isFull ? m_end.contains(m_graph.patchOf(to.state)) : to.held != at.held;
            });
            if (leg.empty()) return {};
            for (const State& state : leg)
                way.push_back(state.state);
            at = leg.back();
        }
        return way;
    }

    [[nodiscard]] TakingWalk bySets() const {
        const State from = begin();
        std::map<State, State> before{{from, from}};
        std::set<Held> sets{from.held};
        std::map<Held, bool> enough;
        std::deque<State> open{from};
        bool isWhole = true;
        std::vector<int> after;
        while (!open.empty()) {
            if (isCancelled()) return {};
            const State at = open.front();
            open.pop_front();
            if (isEnd(at)) {
                std::vector<int> way;
                for (State on = at; !(on == from); on = before.at(on))
                    way.push_back(on.state);
                way.push_back(from.state);
                std::reverse(way.begin(), way.end());
                return {std::move(way), false};
            }
            if (!enough.contains(at.held)) enough[at.held] = isEnough(at.held);
            // Another exit wins, and ends the way.
            if (enough[at.held] && m_others.contains(m_graph.patchOf(at.state))) continue;
            m_graph.statesAfter(at.state, after);
            for (const int next : after) {
                const int patch = m_graph.patchOf(next);
                if (!m_gates.mayEnter(patch, at.held)) continue;
                const State to{next, m_gates.gainAt(patch, at.held)};
                if (!sets.contains(to.held)) {
                    if (sets.size() >= mostSets) {
                        isWhole = false;
                        continue;
                    }
                    sets.insert(to.held);
                }
                if (before.emplace(to, at).second) open.push_back(to);
            }
        }
        return {{}, isWhole};
    }

    const WalkGraph& m_graph;
    const TakingWish& m_wish;
    const std::atomic<bool>* m_cancel;
    Gates m_gates;
    int m_start = -1;
    std::set<int> m_end, m_others;
    std::vector<std::pair<Held, const std::string*>> m_bits;
};

}  // namespace

TakingWalk wayTaking(const level::Project& project, const level::Level& level,
                     const WalkGraph& graph, const TakingWish& wish,
                     const std::atomic<bool>* cancel) {
    return Taking(project, level, graph, wish, cancel).run();
}

}  // namespace rook::kit
