#include "reach/traps.h"

#include <bit>

#include "collide/components.h"
#include "reach/exploration.h"

namespace rook::reach {

namespace {

/// A place from which all of it can be reached.
struct Node {
    runtime::HeldSet held = 0;
    int layer = 0;
    std::vector<collide::BitRun> runs;
    std::int64_t distance = 0;  ///< to the nearest exit, px
};

class TrapSearch {
public:
    TrapSearch(const Problem& problem, const std::vector<PxRect>& exits, const Limits& limits)
        : m_limits(limits),
          m_mapSets(problem),
          m_sureProblem(hasRides(problem) ? awayFromMovers(problem) : problem),
          m_sureGrounds(m_sureProblem),
          m_all(m_sureGrounds, limits, false) {
        const BodyMaps& maps = m_mapSets.of(0).maps();
        m_exitMap = BitMap(maps.live.width(), maps.live.height());
        for (const PxRect& exit : exits) {
            const PxRect at = m_mapSets.of(0).positionsAt(level::boxOf(exit));
            m_exits.push_back(at);
            for (int y = at.y; y < at.bottom(); ++y)
                m_exitMap.setRun(y, at.x, at.right());
        }
    }

    [[nodiscard]] Traps run() {
        Traps traps;
        traps.positions = BitMap(m_exitMap.width(), m_exitMap.height());
        if (!m_all.start()) return traps;
        traps.completion = m_all.run();
        if (traps.completion != Completion::Complete) return traps;
        const bool isMet = std::any_of(m_exits.begin(), m_exits.end(),
                                       [&](const PxRect& at) { return m_all.isVisitedIn(at); });
        if (!isMet) return traps;
        for (const Node& node : nodes()) {
            if (isKnown(node)) continue;
            traps.completion = decide(node);
            if (traps.completion != Completion::Complete) return traps;
        }
        for (const auto& [place, bad] : m_bad)
            for (int y = 0; y < bad.height(); ++y)
                for (int i = 0; i < bad.wordsPerRow(); ++i)
                    traps.positions.row(y)[i] |= bad.row(y)[i];
        // What was asked of may lead to more than bodies get to.
        const BitMap visited = m_all.visited();
        for (int y = 0; y < visited.height(); ++y)
            for (int i = 0; i < visited.wordsPerRow(); ++i)
                traps.positions.row(y)[i] &= visited.row(y)[i];
        return traps;
    }

private:
    using Place = std::pair<runtime::HeldSet, int>;  ///< set and layer

    /// All places of all sets: the largest sets first, then those nearest an exit.
    [[nodiscard]] std::vector<Node> nodes() const {
        std::vector<Node> list;
        for (std::size_t s = 0; s < m_all.setCount(); ++s) {
            const Exploration::Set& set = m_all.set(s);
            const Layers& layers = set.sweep->collision().layers();
            for (const int layer : {Layers::standing, layers.climbing(), layers.swimming()}) {
                if (layer < 0) continue;
                const BitMap known = mapOf(*set.sweep, layer);
                if (layer == Layers::standing)
                    addRuns(list, set.held, known);
                else
                    for (collide::BitPart& part : collide::partsOf(known))
                        list.push_back({set.held, layer, std::move(part.runs), 0});
            }
        }
        for (Node& node : list)
            node.distance = distanceOf(node.runs.front());
        std::stable_sort(list.begin(), list.end(), [](const Node& a, const Node& b) {
            const int heldA = std::popcount(a.held);
            const int heldB = std::popcount(b.held);
            return heldA != heldB ? heldA > heldB : a.distance < b.distance;
        });
        return list;
    }
    [[nodiscard]] static BitMap mapOf(const Sweep& sweep, int layer) {
        BitMap map(sweep.visited().width(), sweep.visited().height());
        for (int y = 0; y < map.height(); ++y)
            if (const Word* row = sweep.known(layer, y))
                std::copy(row, row + map.wordsPerRow(), map.row(y));
        return map;
    }
    /// Floors are walked row by row; the next row may be a step that leads one way only.
    static void addRuns(std::vector<Node>& list, runtime::HeldSet held, const BitMap& known) {
        for (int y = 0; y < known.height(); ++y)
            for (int x = 0; x < known.width(); ++x) {
                if (!known.test(x, y)) continue;
                const int from = x;
                while (known.test(x, y))
                    ++x;
                list.push_back({held, Layers::standing, {{y, from, x - from}}, 0});
            }
    }
    [[nodiscard]] std::int64_t distanceOf(const collide::BitRun& run) const {
        std::int64_t least = INT64_MAX;
        for (const PxRect& at : m_exits) {
            const std::int64_t dx = std::max({0, at.x - (run.x + run.count), run.x - at.right()});
            const std::int64_t dy = std::max({0, at.y - run.y, run.y - at.bottom()});
            least = std::min(least, dx + dy);
        }
        return least;
    }

    BitMap& mapIn(std::map<Place, BitMap>& maps, runtime::HeldSet held, int layer) const {
        BitMap& map = maps[{held, layer}];
        if (map.width() == 0) map = BitMap(m_exitMap.width(), m_exitMap.height());
        return map;
    }
    static void addRuns(BitMap& map, const Node& node) {
        for (const collide::BitRun& run : node.runs)
            map.setRun(run.y, run.x, run.x + run.count);
    }
    [[nodiscard]] bool isKnown(const Node& node) const {
        const auto found = m_bad.find({node.held, node.layer});
        return found != m_bad.end() && found->second.test(node.runs.front().x, node.runs.front().y);
    }

    [[nodiscard]] Completion decide(const Node& node) {
        const collide::BitRun& first = node.runs.front();
        Exploration from(m_mapSets, m_limits, false, Riding::Yes, TimedEffects::Anytime);
        from.stopAt([this](runtime::HeldSet held) { return goalsOf(held); });
        // A seat on the floor may hang over an open door; its first place stands for all.
        BitMap bit(m_exitMap.width(), 1);
        bit.set(first.x, 0);
        from.seed(node.held, node.layer, first.y, bit.row(0), {0, bit.wordsPerRow()});
        const Completion completion = from.run();
        if (completion == Completion::Met) {
            addRuns(mapIn(m_good, node.held, node.layer), node);
            return Completion::Complete;
        }
        if (completion != Completion::Complete) return completion;
        for (std::size_t s = 0; s < from.setCount(); ++s) {
            const Exploration::Set& set = from.set(s);
            const Layers& layers = set.sweep->collision().layers();
            for (const int layer : {Layers::standing, layers.climbing(), layers.swimming()}) {
                if (layer < 0) continue;
                const BitMap reached = mapOf(*set.sweep, layer);
                BitMap& bad = mapIn(m_bad, set.held, layer);
                for (int y = 0; y < bad.height(); ++y)
                    for (int i = 0; i < bad.wordsPerRow(); ++i)
                        bad.row(y)[i] |= reached.row(y)[i];
            }
        }
        return Completion::Complete;
    }
    [[nodiscard]] StopAt goalsOf(runtime::HeldSet held) {
        return {&mapIn(m_good, held, Layers::standing), &m_exitMap};
    }

    const Limits& m_limits;
    CollisionMapSets m_mapSets;
    Problem m_sureProblem;  ///< what is reached in it is, whatever movers do
    CollisionMapSets m_sureGrounds;
    Exploration m_all;
    std::vector<PxRect> m_exits;  ///< positions
    BitMap m_exitMap;
    std::map<Place, BitMap> m_good;
    std::map<Place, BitMap> m_bad;
};

}  // namespace

Traps trapsOf(const Problem& problem, const std::vector<PxRect>& exits, const Limits& limits) {
    if (exits.empty()) return {};
    if (!CollisionMapSets::fit(problem, limits)) return {Completion::OutOfMemory, {}};
    return TrapSearch(problem, exits, limits).run();
}

}  // namespace rook::reach
