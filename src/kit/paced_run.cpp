#include "kit/paced_run.h"

#include <algorithm>
#include <map>

namespace rook::kit {

namespace {

class Pacing {
public:
    Pacing(const TimedWalk& walk, int begin) : m_walk(walk), m_stand(begin) {}

    void goTo(int from, int to) {
        if (m_walk.isCalm(from))
            leaveCalm(from, to);
        else
            leaveDanger(to);
    }
    [[nodiscard]] std::vector<PacedMove> take() { return std::move(m_moves); }

private:
    void wait(int ticks) {
        if (ticks == 0) return;
        m_now += ticks;
        const bool waits = !m_moves.empty() && m_moves.back().dx == 0 && m_moves.back().dy == 0;
        if (waits)
            m_moves.back().ticks += ticks;
        else
            m_moves.push_back({0, 0, ticks});
    }
    void step(int dx, int dy) {
        const int ticks = ticksOfStep(dx, dy);
        m_moves.push_back({dx, dy, ticks});
        m_stand = m_walk.beside(m_stand, dx, dy, m_now);
        m_now += ticks;
    }
    /// That many ticks are to be waited at a place before a step from it leads to the state; -1 if
    /// it does not lead there.
    [[nodiscard]] int waitFor(int stand, int dx, int dy, int to) const {
        const int ticks = ticksOfStep(dx, dy);
        if (m_walk.isCalm(to)) {
            const int there = m_walk.stands().beside(stand, dx, dy);
            return there >= 0 && m_walk.stateAt(there, 0) == to ? 0 : -1;
        }
        const long long period = m_walk.periodAt(m_walk.placeOf(to));
        const auto off = (m_walk.tickOf(to) - ticks - m_now) % period;
        const auto first = static_cast<int>((off + period) % period);
        const int there = m_walk.beside(stand, dx, dy, m_now + first);
        if (there < 0 || m_walk.placeOf(to) != there) return -1;
        return m_walk.mayStep(stand, there, ticks, m_now + first) ? first : -1;
    }
    [[nodiscard]] bool leadsOn(int stand, int to) const {
        return std::any_of(allSteps.begin(), allSteps.end(), [&](const auto& step) {
            return waitFor(stand, step[0], step[1], to) >= 0;
        });
    }
    /// To the nearest place of the calm part from which a step leads on, and then that step.
    void leaveCalm(int from, int to) {
        std::map<int, std::array<int, 3>> before{{m_stand, {m_stand, 0, 0}}};
        std::vector<int> open{m_stand};
        for (std::size_t i = 0; i < open.size(); ++i) {
            const int at = open[i];
            if (leadsOn(at, to)) return goThrough(before, at, to);
            for (std::size_t side = 0; side < 4; ++side) {
                const auto& [dx, dy] = allSteps[side];
                const int next = m_walk.stands().beside(at, dx, dy);
                const bool isHere = next >= 0 && m_walk.stateAt(next, 0) == from;
                if (isHere && before.emplace(next, std::array{at, dx, dy}).second)
                    open.push_back(next);
            }
        }
    }
    void goThrough(const std::map<int, std::array<int, 3>>& before, int last, int to) {
        std::vector<std::array<int, 2>> steps;
        for (int at = last; at != m_stand; at = before.at(at)[0])
            steps.push_back({before.at(at)[1], before.at(at)[2]});
        for (auto each = steps.rbegin(); each != steps.rend(); ++each)
            step((*each)[0], (*each)[1]);
        for (const auto& [dx, dy] : allSteps)
            if (const int ticks = waitFor(m_stand, dx, dy, to); ticks >= 0) {
                wait(ticks);
                return step(dx, dy);
            }
    }
    void leaveDanger(int to) {
        const bool waits = !m_walk.isCalm(to) && m_walk.placeOf(to) == m_stand &&
                           m_walk.stateAt(m_stand, m_now + 1) == to;
        if (waits) return wait(1);
        for (const auto& [dx, dy] : allSteps) {
            const int there = m_walk.beside(m_stand, dx, dy, m_now);
            const int ticks = ticksOfStep(dx, dy);
            if (there < 0 || !m_walk.mayStep(m_stand, there, ticks, m_now) ||
                m_walk.stateAt(there, m_now + ticks) != to)
                continue;
            return step(dx, dy);
        }
    }

    const TimedWalk& m_walk;
    int m_stand;
    long long m_now = 0;
    std::vector<PacedMove> m_moves;
};

}  // namespace

std::vector<PacedMove> pacedRun(const TimedWalk& walk, int begin, const std::vector<int>& states) {
    Pacing pacing(walk, begin);
    for (std::size_t i = 0; i + 1 < states.size(); ++i)
        pacing.goTo(states[i], states[i + 1]);
    return pacing.take();
}

std::vector<PacedMove> pacedRun(const level::Project& project, const level::Level& level,
                                const WalkGraph& graph, const std::vector<int>& states) {
    if (!graph.timed() || states.empty()) return {};
    for (const level::Entity& entity : level.entities)
        if (project.roleOf(entity) == level::Role::Spawn)
            return pacedRun(*graph.timed(), standUnder(graph, level, entity), states);
    return {};
}

int standUnder(const WalkGraph& graph, const level::Level& level, const level::Entity& entity) {
    const int patch = graph.patchUnder(level, entity);
    return patch < 0 ? -1
                     : graph.timed()->stands().nearest(patch, inModules(level, boxMiddle(entity)));
}

bool PacedBody::tick() {
    ++m_now;
    if (m_ticks > 0) ++m_done;
    const bool isHarmed = m_walk->isHarmed(stand(), m_now);
    if (m_ticks > 0 && m_done == m_ticks) {
        m_stand = m_to;
        m_ticks = 0;
        m_done = 0;
    }
    return isHarmed;
}

std::array<double, 2> PacedBody::place() const {
    const auto from = m_walk->middleOf(m_stand, m_now);
    if (m_ticks == 0) return from;
    const auto to = m_walk->middleOf(m_to, m_now);
    const double share = static_cast<double>(m_done) / m_ticks;
    return {from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])};
}

}  // namespace rook::kit
