#pragma once
/// Mends what one sweep found after the collision changed in a few places. Private to reach/.
///
/// The states are kept with the order in which they were found; each was found from states that
/// were found before it. So after a change:
///  1. Steps of the log whose tick looks at a changed place are tried again, from what was known
///     before them. What they do not find any more is *lost*, and steps that processed it are tried
///     again in turn. Since steps are tried in order, nothing is held up by what it holds up itself
///     (delete and rederive: Gupta, Mumick and Subrahmanian, 1993).
///  2. Lost states are taken back. All from which a tick leads to a changed place or to a lost
///  state
///     is processed again: what else leads there is found, and so is what is new.
///  3. Places near by that no state is at are marked as visited anew.
/// What is known then is exactly what a whole solve finds.

#include <map>
#include <queue>

#include "reach/exploration.h"

namespace rook::reach {

/// Sweeps that know nothing, for trying a step again: the first without rides, then with the first
/// of the set, and so on. What a step found before a mover was boarded is not held up by it.
using Probes = std::vector<std::unique_ptr<Sweep>>;

class Repair {
public:
    /// `changed`: positions of the collision, which is the new one already, that differ. `probes`
    /// are of the same collision. Requires: a log by steps, nothing that matters to rides changed.
    Repair(Exploration::Set& set, const Probes& probes, const runtime::MotionTables& freely,
           const PxRect& changed);

    /// False if more is lost than is worth mending; then, or if it is not complete, the sweep is of
    /// no use any more.
    [[nodiscard]] bool findLost();
    [[nodiscard]] Completion mend();
    /// How many states there are more than before. After `mend`.
    [[nodiscard]] std::int64_t statesMore() const;
    /// True if a state that was lost or found, or whose tick looks at what changed, may come to
    /// these positions in one tick. After `mend`.
    [[nodiscard]] bool touches(const PxRect& positions) const;

private:
    using RowKey = std::pair<int, int>;  ///< layer, y

    /// What a step found and may not find any more.
    struct Suspect {
        WordRange words;
        bool hasLostSource = false;
    };
    void suspect(int step, WordRange words, bool hasLostSource);
    void suspectStepsFrom(int layer, int y, int after, WordRange words);
    void tryAgain(int step, const Suspect& suspect);
    [[nodiscard]] Sweep& probeOf(int step) const;
    /// True if one of these states may look at what changed.
    [[nodiscard]] bool looksAtChange(int layer, const Word* bits) const;
    /// Notes that these rows are to be processed again.
    void wake(int layer, int top, int bottom, WordRange words);
    void wakeWhatMattered();
    /// Processes again what is noted.
    [[nodiscard]] Completion runAwake();
    void wakeWhatLeadsTo(const RowKey& row, WordRange words);
    [[nodiscard]] bool leadsTo(const Layer& from, int to) const;
    void forgetPassed();
    [[nodiscard]] Completion markPassedAnew();
    /// Places that may have been visited by what changed: these, and some px to both sides.
    void noteNear(int y, int word, Word bits);
    void noteNear(const PxRect& places);

    [[nodiscard]] const Layer& layer(int index) const { return m_collision.layers()[index]; }
    /// How far one processing of the layer's states leads, and one px more.
    [[nodiscard]] const Stride& stride(int layer) const {
        return m_strides[static_cast<std::size_t>(layer)];
    }
    [[nodiscard]] WordRange wordsAt(int left, int right) const;
    [[nodiscard]] WordRange widened(WordRange words) const;
    /// The words that a tick from or to these states may touch.
    [[nodiscard]] WordRange around(int word, Word bits) const;
    [[nodiscard]] WordRange all() const { return {0, m_words}; }

    Exploration::Set& m_set;
    Sweep& m_sweep;
    const Probes& m_probes;
    DiscoveryLog& m_log;
    const CollisionMaps& m_collision;
    PxRect m_changed;
    int m_words;
    int m_rows;
    int m_stepsBefore;
    std::int64_t m_statesLost = 0;
    std::vector<Stride> m_strides;
    Stride m_farthest;
    Stride m_farthestTick;            ///< of a whole tick, jumps and all
    std::vector<Suspect> m_suspects;  ///< by step
    std::priority_queue<int, std::vector<int>, std::greater<>> m_queue;
    std::map<RowKey, WordRange> m_lost;
    struct LostWord {
        int layer = 0;
        int y = 0;
        int word = 0;
        Word bits = 0;
    };
    std::vector<LostWord> m_lostWords;
    std::map<std::pair<int, int>, Word> m_near;  ///< by y and word
    /// Those of them that were passed within a tick, and at which no state is.
    struct Passed {
        int y = 0;
        int word = 0;
        Word bits = 0;
    };
    std::vector<Passed> m_passed;
    std::vector<WordRange> m_awake;  ///< by layer and row
    int m_awakeCount = 0;
    std::vector<Word> m_bits;
};

}  // namespace rook::reach
