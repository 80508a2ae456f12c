#include "kit/way_along.h"

#include <algorithm>
#include <map>
#include <set>

#include "kit/gates_detail.h"

namespace rook::kit {

namespace {

constexpr std::size_t mostHeld = 64;

/// A state with what is held in it.
struct At {
    int state = -1;
    Held held = 0;
    auto operator<=>(const At&) const = default;
};

/// States that are come to from some starts, each with the one before; a start has itself.
using Layer = std::map<At, At>;

class Along {
public:
    Along(const level::Project& project, const level::Level& level, const WalkGraph& graph,
          const std::atomic<bool>* cancel)
        : m_graph(graph), m_cancel(cancel), m_gates(project, level, graph) {
        m_along.isDecided = m_gates.isWhole() && graph.problem().empty();
        for (const level::Entity& entity : level.entities)
            if (m_start < 0 && project.roleOf(entity) == level::Role::Spawn)
                m_start = graph.stateUnder(level, entity);
    }

    WayAlong run(const std::vector<CellPoint>& modules, const std::vector<int>& goal) {
        m_along.passed.assign(modules.size(), false);
        m_along.missedBy.assign(modules.size(), 0);
        if (!m_along.isDecided || m_start < 0) return std::move(m_along);
        const int first = m_graph.patchOf(m_start);
        if (!m_gates.mayEnter(first, 0)) return std::move(m_along);
        m_layers.push_back(spread({{m_start, m_gates.gainAt(first, 0)}}));
        for (std::size_t i = 0; i < modules.size() && m_along.isDecided; ++i)
            pass(i, modules[i]);
        if (m_along.isDecided) finish(goal);
        // What is not passed may be, between places that are too narrow to stand on.
        const bool isAll =
            !m_along.way.empty() &&
            std::find(m_along.passed.begin(), m_along.passed.end(), false) == m_along.passed.end();
        m_along.isDecided = m_along.isDecided && (isAll || m_graph.isWhole());
        return std::move(m_along);
    }

private:
    [[nodiscard]] CellPoint moduleOf(const At& at) const { return m_graph.moduleOf(at.state); }
    void pass(std::size_t i, CellPoint module) {
        std::vector<At> there;
        int nearest = -1;
        for (const auto& [at, before] : m_layers.back()) {
            const CellPoint own = moduleOf(at);
            const int off = std::max(std::abs(own.x - module.x), std::abs(own.y - module.y));
            if (off == 0) there.push_back(at);
            if (nearest < 0 || off < nearest) nearest = off;
        }
        m_along.passed[i] = !there.empty();
        m_along.missedBy[i] = std::max(0, nearest);
        if (!there.empty()) m_layers.push_back(spread(there));
    }
    Layer spread(const std::vector<At>& starts) {
        Layer layer;
        std::vector<At> open;
        std::vector<int> after;
        std::set<Held> sets;
        const auto take = [&](const At& at, const At& before) {
            if (sets.insert(at.held).second && sets.size() > mostHeld) m_along.isDecided = false;
            if (layer.emplace(at, before).second) open.push_back(at);
        };
        for (const At& at : starts)
            take(at, at);
        for (std::size_t i = 0; i < open.size() && m_along.isDecided; ++i) {
            if (m_cancel && (i & 1023) == 0 && m_cancel->load(std::memory_order_relaxed))
                m_along.isDecided = false;
            const At at = open[i];
            m_graph.statesAfter(at.state, after);
            for (const int next : after) {
                const int patch = m_graph.patchOf(next);
                if (m_gates.mayEnter(patch, at.held))
                    take({next, m_gates.gainAt(patch, at.held)}, at);
            }
        }
        return layer;
    }
    /// Back from the goal through the layers.
    void finish(const std::vector<int>& goal) {
        const Layer& last = m_layers.back();
        const auto found = std::find_if(last.begin(), last.end(), [&](const auto& each) {
            return std::find(goal.begin(), goal.end(), m_graph.patchOf(each.first.state)) !=
                   goal.end();
        });
        if (found == last.end()) return;
        At at = found->first;
        for (auto layer = m_layers.rbegin(); layer != m_layers.rend(); ++layer)
            for (;;) {
                if (m_along.way.empty() || m_along.way.back() != at.state)
                    m_along.way.push_back(at.state);
                const At before = layer->at(at);
                if (before == at) break;
                at = before;
            }
        std::reverse(m_along.way.begin(), m_along.way.end());
    }

    const WalkGraph& m_graph;
    const std::atomic<bool>* m_cancel;
    Gates m_gates;
    int m_start = -1;
    std::vector<Layer> m_layers;
    WayAlong m_along;
};

}  // namespace

WayAlong wayAlong(const level::Project& project, const level::Level& level, const WalkGraph& graph,
                  const std::vector<CellPoint>& modules, const std::vector<int>& goal,
                  const std::atomic<bool>* cancel) {
    return Along(project, level, graph, cancel).run(modules, goal);
}

}  // namespace rook::kit
