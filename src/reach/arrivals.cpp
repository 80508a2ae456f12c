#include "reach/arrivals.h"

namespace rook::reach {

using runtime::Body;
using runtime::Input;

namespace {

/// Calls `visit(step, state)` for each state at these positions, in no order; the step is that of
/// its set.
template <typename Visit>
void forEachState(const Exploration& exploration, const PxRect& positions, Visit&& visit) {
    for (const State& state : exploration.metAtOnce())
        if (positions.contains(PxPoint{state.x, state.y})) visit(-1, state);
    for (std::size_t s = 0; s < exploration.setCount(); ++s) {
        const Exploration::Set& set = exploration.set(s);
        const Layers& layers = set.sweep->collision().layers();
        for (int layer = 0; layer < layers.count(); ++layer) {
            if (layers[layer].takesNoTick()) continue;
            for (int y = positions.y; y < positions.bottom(); ++y) {
                if (!set.sweep->known(layer, y)) continue;
                for (int x = positions.x; x < positions.right(); ++x)
                    if (set.sweep->isKnown(layer, x, y))
                        visit(set.log->stepOf(layer, y, x), State{s, layer, x, y});
            }
        }
    }
}

}  // namespace

std::optional<Arrival> Arrivals::first() const {
    std::optional<Arrival> best;
    std::pair<std::size_t, int> bestStep;
    const PxRect at = m_mapSets.of(0).positionsAt(level::boxOf(m_goal));
    forEachState(m_exploration, at, [&](int step, const State& state) {
        const std::pair<std::size_t, int> found{state.set, step};
        if (!accepts(m_exploration.set(state.set).held)) return;
        if (best && found >= bestStep) return;
        best = Arrival{state, {}};
        bestStep = found;
    });
    return best ? best : firstInPassing();
}

std::optional<Arrival> Arrivals::firstInPassing() const {
    const runtime::MotionTables& freely = m_mapSets.freely();
    int reach = 0;
    const auto widen = [&](const runtime::PhaseTable& table, int shove) {
        for (std::size_t p = 0; p < table.dx.size(); ++p)
            reach = std::max({reach, table.dx[p] + std::abs(shove), std::abs(table.dy[p])});
    };
    for (int profile = 0; profile <= static_cast<int>(freely.others.size()); ++profile) {
        const runtime::MotionTables& tables = runtime::tablesOf(freely, profile);
        reach = std::max({reach, tables.walk[0], tables.climb[0], tables.swim[0]});
        widen(tables, 0);
        for (const runtime::Spring& spring : m_mapSets.problem().parts.springs)
            for (const bool isHigh : {true, false})
                widen(spring.flight(profile, isHigh), spring.pushDx);
    }
    std::vector<std::pair<std::pair<std::size_t, int>, State>> near;
    const PxRect at = m_mapSets.of(0).positionsAt(level::boxOf(m_goal.grown(reach)));
    forEachState(m_exploration, at, [&](int step, const State& state) {
        if (accepts(m_exploration.set(state.set).held)) near.push_back({{state.set, step}, state});
    });
    std::sort(near.begin(), near.end(),
              [](const auto& a, const auto& b) { return a.first < b.first; });
    for (const auto& [step, state] : near)
        if (const auto tick = tickThatMeets(state)) return Arrival{state, tick};
    return firstOnALeg();
}

std::optional<Arrival> Arrivals::firstOnALeg() const {
    const std::vector<TimedBody>& bodies = m_exploration.timedBodies();
    for (std::size_t i = 0; i < bodies.size(); ++i) {
        const auto leg = static_cast<int>(i);
        if (!accepts(bodies[i].body.held)) continue;
        if (meetsBox(m_goal, bodies[i].body.x, bodies[i].body.y, m_mapSets.freely()))
            return Arrival{bodies[i].from, {}, leg};
        if (const auto tick = m_exploration.tickOnLeg(leg, m_goal))
            return Arrival{bodies[i].from, tick, leg};
    }
    return std::nullopt;
}

std::optional<Input> Arrivals::tickThatMeets(const State& state) const {
    const CollisionMaps& collision = m_exploration.set(state.set).sweep->collision();
    const Body body = m_exploration.bodyOf(state);
    for (const Input& input : inputsOf(body, m_mapSets.freely(), collision)) {
        Body next = body;
        bool isMet = false;
        runtime::step(collision, m_mapSets.freely(), next, input, [&](int x, int y) {
            isMet = isMet || meetsBox(m_goal, x, y, m_mapSets.freely());
        });
        if (isMet) return input;
    }
    return std::nullopt;
}

}  // namespace rook::reach
