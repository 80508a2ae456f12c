#include "reach/in_time.h"

#include <map>
#include <numeric>
#include <set>

#include "reach/exploration.h"

namespace rook::reach {

namespace {

using runtime::Body;
using runtime::Input;
using runtime::Stance;

/// A longer common period is not searched.
constexpr long long mostPeriod = 4096;
constexpr std::size_t mostStates = 2000000;

bool rests(const Body& body) {
    return body.stance == Stance::Standing || body.stance == Stance::Climbing ||
           body.stance == Stance::Swimming;
}

/// After how many ticks everything stands as before: hazards, movers and the walk table.
long long commonPeriod(const runtime::Parts& parts) {
    long long period = 16;
    const auto add = [&](int ticks) {
        if (period <= mostPeriod) period = std::lcm(period, static_cast<long long>(ticks));
    };
    for (const runtime::TimedHazard& hazard : parts.timed)
        add(hazard.times.periodTicks);
    for (const runtime::Mover& mover : parts.movers)
        add(mover.periodTicks);
    return period;
}

/// Follows the inputs of a run, waiting where the body rests. A state is how many inputs are done
/// and the tick, by the common period; walks are cut anew, since a wait shifts the walk table.
class Waiting {
public:
    Waiting(const Problem& problem, const Run& run, const PxRect& goal)
        : m_problem(problem),
          m_run(run),
          m_goal(goal),
          m_world(problem.frame, *problem.cells, problem.tables, problem.parts),
          m_period(commonPeriod(problem.parts)) {}

    [[nodiscard]] std::optional<Run> find() {
        if (m_period > mostPeriod || !m_problem.start) return std::nullopt;
        const Body first =
            runtime::bodyAt(level::boxOf(*m_problem.start), m_world, m_problem.tables);
        if (first.stance == Stance::Ended) return std::nullopt;
        m_nodes.push_back({first, 0, -1, {}});
        for (std::size_t i = 0; i < m_nodes.size() && m_nodes.size() < mostStates; ++i) {
            if (m_nodes[i].done == m_run.inputs.size()) return runOf(i);
            // The next input as it is, in part if it is a walk, and a wait.
            const Node node = m_nodes[i];
            const Input next = m_run.inputs[node.done];
            tryInput(i, next, node.done + 1);
            if (rests(node.body)) tryInput(i, {}, node.done);
        }
        return std::nullopt;
    }

private:
    struct Node {
        Body body;
        std::size_t done = 0;  ///< inputs of the run
        long long before = -1;
        Input input;
    };

    void tryInput(std::size_t from, const Input& input, std::size_t done) {
        Body body = m_nodes[from].body;
        bool isMet = false;
        runtime::step(m_world, m_problem.tables, body, input,
                      [&](int x, int y) { isMet = isMet || meets(x, y); });
        if (body.stance == Stance::Ended) return;
        const bool isLast = done == m_run.inputs.size();
        if (isLast && !isMet && !meets(body.x, body.y)) return;
        if (!isLast && !isWhereItWas(body, done)) return;
        if (!m_known.insert({done, body.tick % m_period}).second) return;
        m_nodes.push_back({body, done, static_cast<long long>(from), input});
    }
    /// The run is kept to, state by state; only the tick is another.
    [[nodiscard]] bool isWhereItWas(const Body& body, std::size_t done) const {
        return isSame(body, m_run.bodies[done]);
    }
    [[nodiscard]] bool meets(int x, int y) const {
        return m_goal.overlaps({x, y, m_problem.tables.bodyWidth, m_problem.tables.bodyHeight});
    }
    [[nodiscard]] Run runOf(std::size_t last) const {
        std::vector<Input> inputs;
        for (auto i = static_cast<long long>(last);
             m_nodes[static_cast<std::size_t>(i)].before >= 0;
             i = m_nodes[static_cast<std::size_t>(i)].before)
            inputs.push_back(m_nodes[static_cast<std::size_t>(i)].input);
        std::reverse(inputs.begin(), inputs.end());
        return replayed(m_problem, inputs);
    }

    const Problem& m_problem;
    const Run& m_run;
    PxRect m_goal;
    runtime::World m_world;
    long long m_period;
    std::vector<Node> m_nodes;
    std::set<std::pair<std::size_t, long long>> m_known;
};

}  // namespace

std::optional<Run> waitingRun(const Problem& problem, const Run& run, const PxRect& goal) {
    return Waiting(problem, run, goal).find();
}

BitMap riskyPositions(const Problem& problem, const Reached& reached) {
    BitMap risky(reached.visited.width(), reached.visited.height());
    const runtime::MotionTables& tables = problem.tables;
    for (const runtime::TimedHazard& hazard : problem.parts.timed) {
        if (hazard.times.isAlwaysOn() || hazard.times.on.empty()) continue;
        const runtime::Box& box = hazard.box;
        for (int y = box.y - tables.bodyHeight + 1; y < box.y + box.height; ++y)
            risky.setRun(y + reached.top, box.x - tables.bodyWidth + 1 + reached.left,
                         box.x + box.width + reached.left);
    }
    for (int y = 0; y < risky.height(); ++y)
        for (int i = 0; i < risky.wordsPerRow(); ++i)
            risky.row(y)[i] &= reached.visited.row(y)[i];
    return risky;
}

}  // namespace rook::reach
