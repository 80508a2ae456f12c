#pragma once
/// A plain breadth-first search over single states (run, jump, short hop, drop): what the solver's
/// rows of bits are measured against. Same maps, same result, one state at a time.

#include <deque>
#include <vector>

#include "collide/px_maps.h"
#include "reach/solver.h"

namespace rook::bench {

class PlainSearch {
public:
    explicit PlainSearch(const reach::Problem& problem)
        : m_tables(problem.tables),
          m_maps(collide::makeBodyMaps(
              collide::makePxMaps(problem.frame, *problem.cells, problem.tables, problem.parts),
              problem.tables)),
          m_width(m_maps.live.width()),
          m_visited(m_width, m_maps.live.height()),
          m_known((m_tables.dx.size() + 1) * static_cast<std::size_t>(m_width) *
                  static_cast<std::size_t>(m_maps.live.height())) {
        const PxRect& box = *problem.start;
        const int x = m_maps.left + box.x + floorDivide(box.width - m_tables.bodyWidth, 2);
        const int y = m_maps.top + box.y + box.height - m_tables.bodyHeight;
        if (!m_maps.live.test(x, y)) return;
        m_visited.set(x, y);
        add(m_maps.floor.test(x, y) ? standing : m_tables.topPhase, x, y);
        while (!m_open.empty()) {
            const State state = m_open.front();
            m_open.pop_front();
            if (state.phase == standing)
                stand(state.x, state.y);
            else
                fly(state.phase, state.x, state.y);
        }
    }
    [[nodiscard]] const BitMap& visited() const { return m_visited; }

private:
    static constexpr int standing = -1;
    struct State {
        int phase, x, y;
    };

    void add(int phase, int x, int y) {
        const std::size_t i =
            (static_cast<std::size_t>(phase + 1) * static_cast<std::size_t>(m_maps.live.height()) +
             static_cast<std::size_t>(y)) *
                static_cast<std::size_t>(m_width) +
            static_cast<std::size_t>(x);
        if (m_known[i]) return;
        m_known[i] = true;
        m_open.push_back({phase, x, y});
    }
    bool live(int x, int y) const { return m_maps.live.test(x, y); }
    bool floor(int x, int y) const { return m_maps.floor.test(x, y); }

    void stand(int x, int y) {
        for (const int side : {-1, 1})
            walk(x, y, side);
        fly(0, x, y);
        if (m_tables.has(runtime::Ability::DropThrough) && live(x, y + 1)) {
            m_visited.set(x, y + 1);
            add(m_tables.topPhase, x, y + 1);
        }
    }
    void walk(int x, int y, int side) {
        const int next = x + side;
        if (!m_maps.free.test(next, y)) {
            for (int k = 1; k <= m_tables.stepUp && live(x, y - k); ++k) {
                if (!live(next, y - k) || !floor(next, y - k)) continue;
                for (int passed = 1; passed <= k; ++passed)
                    m_visited.set(x, y - passed);
                m_visited.set(next, y - k);
                return add(standing, next, y - k);
            }
            return;
        }
        if (!live(next, y)) return;
        m_visited.set(next, y);
        if (floor(next, y)) return add(standing, next, y);
        for (int k = 1; k <= m_tables.stepUp && live(next, y + k); ++k) {
            if (!floor(next, y + k)) continue;
            for (int passed = 1; passed <= k; ++passed)
                m_visited.set(next, y + passed);
            return add(standing, next, y + k);
        }
        add(m_tables.topPhase, next, y);
    }
    void fly(int phase, int x, int y) {
        const int most = m_tables.dx[static_cast<std::size_t>(phase)];
        rise(phase, x, y);
        for (const int side : {-1, 1}) {
            for (int d = 1; d <= most && live(x + side * d, y); ++d) {
                m_visited.set(x + side * d, y);
                rise(phase, x + side * d, y);
            }
        }
    }
    void rise(int phase, int x, int y) {
        const int dy = m_tables.dy[static_cast<std::size_t>(phase)];
        for (int i = 0; i < std::abs(dy); ++i) {
            if (dy > 0 && floor(x, y)) return add(standing, x, y);
            const int next = y + (dy > 0 ? 1 : -1);
            if (dy < 0 && !m_maps.free.test(x, next)) return add(m_tables.topPhase, x, y);
            if (!live(x, next)) return;
            y = next;
            m_visited.set(x, y);
        }
        add(m_tables.phaseAfter(phase), x, y);
        if (!m_tables.has(runtime::Ability::ShortHop)) return;
        if (const int hop = m_tables.phaseAfterLettingGo(phase); hop >= 0) add(hop, x, y);
    }

    const runtime::MotionTables& m_tables;
    collide::BodyMaps m_maps;
    int m_width;
    BitMap m_visited;
    std::vector<bool> m_known;
    std::deque<State> m_open;
};

}  // namespace rook::bench
