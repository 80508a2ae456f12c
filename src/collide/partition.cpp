#include "collide/partition.h"

#include <algorithm>
#include <queue>

namespace rook::collide {

namespace {

/// A straight cut through the inside, from one concave corner to another; vertices (x, y) are the
/// upper left corners of cells.
struct Chord {
    int line = 0;  ///< y of a level chord, x of an upright one
    int from = 0;
    int to = 0;
};

class Partition {
public:
    explicit Partition(const BitMap& solid)
        : m_solid(solid),
          m_width(solid.width()),
          m_height(solid.height()),
          m_cutAbove(m_width, m_height),
          m_cutLeft(m_width, m_height) {}

    std::vector<CellRect> run() {
        findChords();
        drawChords();
        drawRays();
        return collect();
    }

private:
    [[nodiscard]] bool at(int x, int y) const { return m_solid.test(x, y); }
    /// A bit for each cell around a vertex: upper left, upper right, lower left, lower right.
    [[nodiscard]] unsigned around(int x, int y) const {
        return unsigned(at(x - 1, y - 1)) | unsigned(at(x, y - 1)) << 1 |
               unsigned(at(x - 1, y)) << 2 | unsigned(at(x, y)) << 3;
    }
    [[nodiscard]] static bool isConcave(unsigned cells) {
        return cells == 7 || cells == 11 || cells == 13 || cells == 14;
    }

    void findChords() {
        for (int y = 1; y < m_height; ++y) {
            int from = -1;
            for (int x = 0; x <= m_width; ++x) {
                // Between vertices x - 1 and x the inside must lie on both sides.
                if (x == 0 || !at(x - 1, y - 1) || !at(x - 1, y)) from = -1;
                if (!isConcave(around(x, y))) continue;
                if (from >= 0) m_level.push_back({y, from, x});
                from = x;
            }
        }
        for (int x = 1; x < m_width; ++x) {
            int from = -1;
            for (int y = 0; y <= m_height; ++y) {
                if (y == 0 || !at(x - 1, y - 1) || !at(x, y - 1)) from = -1;
                if (!isConcave(around(x, y))) continue;
                if (from >= 0) m_upright.push_back({x, from, y});
                from = y;
            }
        }
    }

    /// For each level chord, the upright ones that share a point with it. Upright chords share no
    /// point with each other: a concave corner sees up or down, never both.
    [[nodiscard]] std::vector<std::vector<int>> crossings() const {
        const auto stride = static_cast<std::size_t>(m_width) + 1;
        std::vector<int> uprightAt(stride * (static_cast<std::size_t>(m_height) + 1), -1);
        for (std::size_t i = 0; i < m_upright.size(); ++i)
            for (int y = m_upright[i].from; y <= m_upright[i].to; ++y)
                uprightAt[static_cast<std::size_t>(y) * stride +
                          static_cast<std::size_t>(m_upright[i].line)] = static_cast<int>(i);
        std::vector<std::vector<int>> list(m_level.size());
        for (std::size_t i = 0; i < m_level.size(); ++i)
            for (int x = m_level[i].from; x <= m_level[i].to; ++x) {
                const int other = uprightAt[static_cast<std::size_t>(m_level[i].line) * stride +
                                            static_cast<std::size_t>(x)];
                if (other >= 0) list[i].push_back(other);
            }
        return list;
    }

    /// Largest set of chords of which no two share a point.
    void drawChords() {
        const auto edges = crossings();
        std::vector<int> uprightOf(m_level.size(), -1);
        std::vector<int> levelOf(m_upright.size(), -1);
        match(edges, uprightOf, levelOf);
        // Konig: what alternating ways from unmatched level chords reach.
        std::vector<bool> levelSeen(m_level.size(), false);
        std::vector<bool> uprightSeen(m_upright.size(), false);
        std::vector<int> open;
        for (std::size_t i = 0; i < m_level.size(); ++i)
            if (uprightOf[i] < 0) {
                levelSeen[i] = true;
                open.push_back(static_cast<int>(i));
            }
        while (!open.empty()) {
            const auto i = static_cast<std::size_t>(open.back());
            open.pop_back();
            for (const int v : edges[i]) {
                if (uprightSeen[static_cast<std::size_t>(v)]) continue;
                uprightSeen[static_cast<std::size_t>(v)] = true;
                const int next = levelOf[static_cast<std::size_t>(v)];
                if (next < 0 || levelSeen[static_cast<std::size_t>(next)]) continue;
                levelSeen[static_cast<std::size_t>(next)] = true;
                open.push_back(next);
            }
        }
        for (std::size_t i = 0; i < m_level.size(); ++i)
            if (levelSeen[i])
                for (int x = m_level[i].from; x < m_level[i].to; ++x)
                    m_cutAbove.set(x, m_level[i].line);
        for (std::size_t i = 0; i < m_upright.size(); ++i)
            if (!uprightSeen[i])
                for (int y = m_upright[i].from; y < m_upright[i].to; ++y)
                    m_cutLeft.set(m_upright[i].line, y);
    }

    /// Hopcroft and Karp: shortest augmenting ways, all of one length at a time.
    static void match(const std::vector<std::vector<int>>& edges, std::vector<int>& uprightOf,
                      std::vector<int>& levelOf) {
        std::vector<int> depth(edges.size());
        std::vector<std::size_t> next(edges.size());
        for (;;) {
            std::queue<int> open;
            std::fill(depth.begin(), depth.end(), -1);
            for (std::size_t i = 0; i < edges.size(); ++i)
                if (uprightOf[i] < 0) {
                    depth[i] = 0;
                    open.push(static_cast<int>(i));
                }
            bool hasWay = false;
            while (!open.empty()) {
                const auto i = static_cast<std::size_t>(open.front());
                open.pop();
                for (const int v : edges[i]) {
                    const int other = levelOf[static_cast<std::size_t>(v)];
                    if (other < 0) {
                        hasWay = true;
                    } else if (depth[static_cast<std::size_t>(other)] < 0) {
                        depth[static_cast<std::size_t>(other)] = depth[i] + 1;
                        open.push(other);
                    }
                }
            }
            if (!hasWay) return;
            std::fill(next.begin(), next.end(), 0);
            for (std::size_t i = 0; i < edges.size(); ++i)
                if (uprightOf[i] < 0)
                    augment(static_cast<int>(i), edges, depth, next, uprightOf, levelOf);
        }
    }

    /// One augmenting way from a free level chord, by depth-first search without recursion: ways
    /// may be as long as there are chords.
    static void augment(int root, const std::vector<std::vector<int>>& edges,
                        std::vector<int>& depth, std::vector<std::size_t>& next,
                        std::vector<int>& uprightOf, std::vector<int>& levelOf) {
        std::vector<int> way{root};
        while (!way.empty()) {
            const auto i = static_cast<std::size_t>(way.back());
            if (next[i] == edges[i].size()) {
                depth[i] = -1;  // nothing leads on from here
                way.pop_back();
                continue;
            }
            const int v = edges[i][next[i]];
            const int other = levelOf[static_cast<std::size_t>(v)];
            if (other >= 0) {
                if (depth[static_cast<std::size_t>(other)] == depth[i] + 1)
                    way.push_back(other);
                else
                    ++next[i];
                if (way.back() == other) continue;
                continue;
            }
            // Free: each chord on the way takes the upright one that it looked at last.
            for (const int on : way) {
                const auto chord = static_cast<std::size_t>(on);
                const int taken = edges[chord][next[chord]];
                uprightOf[chord] = taken;
                levelOf[static_cast<std::size_t>(taken)] = on;
            }
            return;
        }
    }

    [[nodiscard]] bool hasCutAt(int x, int y) const {
        return (x < m_width && y < m_height && (m_cutAbove.test(x, y) || m_cutLeft.test(x, y))) ||
               m_cutAbove.test(x - 1, y) || m_cutLeft.test(x, y - 1);
    }

    /// From each concave corner that no chord ends at, a level cut to the next border or cut.
    void drawRays() {
        for (int y = 1; y < m_height; ++y) {
            for (int x = 1; x < m_width; ++x) {
                const unsigned cells = around(x, y);
                if (!isConcave(cells) || hasCutAt(x, y)) continue;
                // Away from the missing cell: 7 and 13 lack a right one, 11 and 14 a left one.
                const bool isRight = cells == 11 || cells == 14;
                for (int at = x;;) {
                    const int cell = isRight ? at : at - 1;
                    if (!m_solid.test(cell, y - 1) || !m_solid.test(cell, y)) break;
                    m_cutAbove.set(cell, y);
                    at += isRight ? 1 : -1;
                    if (m_cutLeft.test(at, y) || m_cutLeft.test(at, y - 1)) break;
                }
            }
        }
    }

    [[nodiscard]] std::vector<CellRect> collect() const {
        std::vector<CellRect> rects;
        BitMap taken(m_width, m_height);
        for (int y = 0; y < m_height; ++y) {
            for (int x = 0; x < m_width; ++x) {
                if (!at(x, y) || taken.test(x, y)) continue;
                int right = x + 1;
                while (at(right, y) && !m_cutLeft.test(right, y))
                    ++right;
                int bottom = y + 1;
                while (at(x, bottom) && !m_cutAbove.test(x, bottom))
                    ++bottom;
                for (int row = y; row < bottom; ++row)
                    taken.setRun(row, x, right);
                rects.push_back({x, y, right - x, bottom - y});
            }
        }
        return rects;
    }

    const BitMap& m_solid;
    int m_width;
    int m_height;
    BitMap m_cutAbove;  ///< a cut runs along the upper side of the cell
    BitMap m_cutLeft;   ///< a cut runs along its left side
    std::vector<Chord> m_level;
    std::vector<Chord> m_upright;
};

}  // namespace

std::vector<CellRect> fewestRectangles(const BitMap& solid) {
    return Partition(solid).run();
}

std::vector<CellRect> greedyRectangles(const BitMap& solid) {
    std::vector<CellRect> done;
    std::vector<CellRect> above;  // reach down to the row before, by x
    std::vector<CellRect> here;
    for (int y = 0; y <= solid.height(); ++y) {
        here.clear();
        for (int x = 0; y < solid.height() && x < solid.width();) {
            int right = x;
            while (solid.test(right, y))
                ++right;
            if (right > x) here.push_back({x, y, right - x, 1});
            x = right + 1;
        }
        std::size_t i = 0;
        for (CellRect& run : here) {
            while (i < above.size() && above[i].x < run.x)
                done.push_back(above[i++]);
            if (i < above.size() && above[i].x == run.x && above[i].width == run.width)
                run = {run.x, above[i].y, run.width, above[i].height + 1}, ++i;
        }
        while (i < above.size())
            done.push_back(above[i++]);
        std::swap(above, here);
    }
    std::sort(done.begin(), done.end(), [](const CellRect& a, const CellRect& b) {
        return std::pair(a.y, a.x) < std::pair(b.y, b.x);
    });
    return done;
}

}  // namespace rook::collide
