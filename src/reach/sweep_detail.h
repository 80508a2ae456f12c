#pragma once
/// The work of the solver: states as rows of bits, and what one tick makes of a row. Private to
/// reach/.

#include <algorithm>
#include <vector>

#include "collide/px_maps.h"
#include "reach/solver.h"
#include "reach/state_rows.h"

namespace rook::reach {

using collide::BodyMaps;

/// The maps that a problem is solved on; none if they do not fit in the limits.
[[nodiscard]] std::optional<BodyMaps> mapsOf(const Problem& problem, const Limits& limits);

/// A row of words with a zero word before and behind it, so that shifts need no special ends.
class Buffer {
public:
    explicit Buffer(int words) : m_words(static_cast<std::size_t>(words) + 2, 0) {}
    [[nodiscard]] Word* row() { return m_words.data() + 1; }

private:
    std::vector<Word> m_words;
};

/// Layer 0 is standing, layer p + 1 the phase p of the air. A state of phase 0 is a standing one
/// with jump pressed: it takes no tick to get there.
class Sweep {
public:
    /// `log`, where there is one, is told each state when it is found; it must outlive the sweep.
    Sweep(const Problem& problem, const Limits& limits, const BodyMaps& maps,
          DiscoveryLog* log = nullptr);

    /// Adds the state of a body at the start of a run. Requires: live there.
    void start(int x, int y);
    /// Adds states: the words of `range` of one layer's row.
    void seed(int layer, int y, const Word* bits, WordRange range);
    /// Finds all that can be reached from what was added.
    Completion run();

    /// Null if no state of that layer and row was found.
    [[nodiscard]] const Word* known(int layer, int y) const { return rows(layer).known(y); }
    [[nodiscard]] int layerCount() const { return static_cast<int>(m_phases.size()) + 1; }
    [[nodiscard]] const BitMap& visited() const { return m_visited; }
    [[nodiscard]] std::size_t byteCount() const;
    /// Hands over what was found; the sweep is of no use then.
    void moveTo(Reached& reached);

private:
    StateRows& phase(int p) { return m_phases[static_cast<std::size_t>(p)]; }
    [[nodiscard]] const StateRows& rows(int layer) const {
        return layer == 0 ? m_standing : m_phases[static_cast<std::size_t>(layer - 1)];
    }

    [[nodiscard]] bool mayGoOn();
    bool drainStanding(bool& isBusy);
    bool drainPhase(int p, bool& isBusy);

    /// All that the fresh standing positions of row y can do in one tick.
    void stand(int y);

    /// Seen from above: one px up or down.
    void stepUpright(int y, const Word* bits, WordRange range);

    /// One px of a walk out of the level run of floor: a step down, an edge, a step up.
    template <bool toTheRight>
    void walkOff(int y, const Word* bits, WordRange range);

    void stepsDown(int y, Word* falling, WordRange range);

    template <bool toTheRight>
    void stepsUp(int y, Word* climbing, WordRange range);

    /// One tick in the air, for all fresh positions of one phase and row.
    void fly(int p, int y);

    /// The positions up to dx px to one side of m_current: to m_scratch (right) or m_scratch2.
    template <bool toTheRight>
    void spread(int y, int dx, WordRange range);

    /// True if nobody is left in the air.
    bool fall(int y, int dy, Word* current, WordRange range);

    bool rise(int y, int dy, Word* current, WordRange range);

    void markVisited(int y, const Word* bits, WordRange range);
    [[nodiscard]] WordRange widened(WordRange range, int by) const;
    /// Zeroes the range and one word on each side, which shifts look into.
    static void clear(Word* row, WordRange range);

    const runtime::MotionTables& m_tables;
    const Limits& m_limits;
    const BodyMaps& m_maps;
    DiscoveryLog* m_log;
    int m_words;
    std::size_t m_mapBytes;
    bool m_canWalk = true;
    Completion m_stopped = Completion::Complete;
    WordArena m_arena;
    StateRows m_standing;
    std::vector<StateRows> m_phases;
    BitMap m_visited;
    Buffer m_standable, m_current, m_moved, m_next, m_scratch, m_scratch2;
};

}  // namespace rook::reach
