#pragma once
/// The work of the solver: states as rows of bits, and what one tick makes of a row. Private to
/// reach/.

#include <algorithm>
#include <vector>

#include "reach/collision_maps.h"
#include "reach/state_rows.h"

namespace rook::reach {

/// A row of words with a zero word before and behind it, so that shifts need no special ends.
class Buffer {
public:
    explicit Buffer(int words) : m_words(static_cast<std::size_t>(words) + 2, 0) {}
    [[nodiscard]] Word* row() { return m_words.data() + 1; }

private:
    std::vector<Word> m_words;
};

/// What a sweep may stop at. Maps of the size of the ground's; null = nothing.
struct StopAt {
    const BitMap* standing = nullptr;  ///< a body stands there
    const BitMap* visited = nullptr;   ///< a body is there
};

/// All that a body with one set of things can reach until it gains another.
class Sweep {
public:
    /// `log`, where there is one, is told each state when it is found; it must outlive the sweep.
    Sweep(const CollisionMaps& collision, const Limits& limits, DiscoveryLog* log = nullptr);

    /// Adds a body between two ticks. Requires: live there, holds what the collision says.
    void start(const runtime::Body& body);
    /// Adds states: the words of `range` of one layer's row.
    void seed(int layer, int y, const Word* bits, WordRange range);
    /// What is seeded next is where that mover carries bodies to; they may stand without a floor.
    /// `edges`: where they are when they walk off it.
    void beginRide(int mover, const std::vector<PxRect>& edges);
    /// What is seeded next is what another profile was swapped for.
    void beginSwap() {
        if (m_log) m_log->beginRide(DiscoveryLog::bySwap);
    }
    /// Marks a position, of the maps, as visited.
    void visit(int x, int y) { m_visited.set(x, y); }
    void stopAt(const StopAt& goals) { m_stopAt = goals; }
    /// From now on states in the air are noted once in some ticks only, but each at these positions
    /// of the maps. What is visited, stood and held is the same; it takes a third of the memory or
    /// less, and half the time. Requires: no log.
    void passFlights(const std::vector<PxRect>& notedAt);
    /// Something was added that `run` has not looked at.
    [[nodiscard]] bool isBusy() const {
        return std::any_of(m_rows.begin(), m_rows.end(),
                           [](const StateRows& rows) { return rows.isPending(); });
    }
    /// Finds all that can be reached from what was added.
    Completion run();

    // For repairs (repair.h).
    /// Processes these states by themselves: what is known then is what comes of them.
    void tryOut(int layer, int y, const Word* bits, WordRange range);
    /// Takes back all that `tryOut` of that row found.
    void forget(int layer, int y);
    /// The states of these words are processed again by `run`.
    void wake(int layer, int y, WordRange range) { rows(layer).wake(y, range); }
    void takeBack(int layer, int y, int word, Word bits) { rows(layer).takeBack(y, word, bits); }
    [[nodiscard]] BitMap& visitedPlaces() { return m_visited; }

    [[nodiscard]] const CollisionMaps& collision() const { return m_collision; }
    /// Null if no state of that layer and row was found.
    [[nodiscard]] const Word* known(int layer, int y) const {
        return m_rows[static_cast<std::size_t>(layer)].known(y);
    }
    [[nodiscard]] bool isKnown(int layer, int x, int y) const {
        const Word* row = known(layer, y);
        return row && ((row[x / BitMap::wordBits] >> (x % BitMap::wordBits)) & 1u);
    }
    [[nodiscard]] const BitMap& visited() const { return m_visited; }
    [[nodiscard]] std::size_t byteCount() const;
    [[nodiscard]] std::int64_t stateCount() const;

private:
    StateRows& rows(int layer) { return m_rows[static_cast<std::size_t>(layer)]; }
    [[nodiscard]] const Layer& layer(int index) const { return m_layers[index]; }

    [[nodiscard]] bool mayGoOn();
    bool drain(int layer, bool& isBusy);
    /// All that the fresh states of one layer's row can do in one tick.
    void process(int layer, int y);

    // On the floor (sweep_floor.cpp).
    void stand(int y);
    WordRange boardFloor(Word* bits, WordRange range);
    void stepUpright(int y, const Word* bits, WordRange range);
    /// One px of a walk out of the level run of floor: a step down, an edge, a step up.
    template <bool toTheRight>
    void walkOff(int y, const Word* bits, WordRange range, const Word* edges = nullptr);
    void walkOffMovers(int y, Word* bits, WordRange range);
    void stepsDown(int y, Word* falling, WordRange range);
    template <bool toTheRight>
    void stepsUp(int y, Word* climbing, WordRange range);
    void drop(int y, const Word* bits, WordRange range);

    // On ladders and in liquids (sweep_hold.cpp).
    void holdFromFloor(int y, const Word* bits, WordRange range);
    void holdFromAir(int y, const Word* bits, WordRange range);
    void letGoOrJump(int layer, int y);
    void grip(int layer, int y);
    /// All moves of one tick; `noPlainDown`: without a wish sideways nobody gets down.
    void moveHolding(bool isLadder, int y, const Word* bits, WordRange range, bool noPlainDown);
    void descendFromTop(int y, const Word* bits, WordRange range);
    void endHolding(bool isLadder, int y, Word* bits, WordRange range);

    // In the air (sweep_air.cpp).
    void beThrown(int layer, int y);
    void fly(int layer, int y);
    /// States of m_current, between two ticks; words of `range`.
    struct Flight {
        int layer = 0;
        int y = 0;
        WordRange range;
    };
    /// Who goes on without being noted; an empty range if nobody does.
    [[nodiscard]] Flight flyATick(const Flight& flight);
    void noteNear(int layer, int y, WordRange range);
    void jumpInTheAir(const Layer& from, int y, const Word* bits, WordRange range);
    /// As far as free, `px` to the right or (below 0) to the left, m_current, with no choice.
    void force(int y, int px, WordRange range);
    /// True if nobody is left in the air.
    bool fall(int y, int dy, Word* current, WordRange range);
    bool rise(const Layer& from, int y, int dy, Word* current, WordRange range);
    /// Adds the bits of a tick that ends in the air; springs throw first.
    void endInAir(int layer, int y, Word* bits, WordRange range);
    /// Takes out, and adds as sprung, who is over a spring and no other floor.
    /// `floor`: what else may be under the bodies of that row, and keeps them from being thrown.
    void takeThrown(int y, Word* bits, WordRange range, const Word* floor);

    /// If any bit is a goal, the sweep stops.
    void lookForGoal(const BitMap* goals, int y, const Word* bits, WordRange range);
    /// The same for what is visited in rows `from` to `to`.
    void lookForGoals(int from, int to, WordRange range) {
        for (int y = from; m_stopAt.visited && y <= to; ++y)
            lookForGoal(m_stopAt.visited, y, m_visited.row(y), range);
    }
    void markVisited(int y, const Word* bits, WordRange range);
    void beginStep(int layer, int y);
    [[nodiscard]] WordRange widened(WordRange range, int by) const;
    [[nodiscard]] static int wordsFor(int px) { return (px + 63) / 64; }
    /// The words that bits of `range` get to within `px`; what is beyond the range is zeroed.
    [[nodiscard]] WordRange spannedBy(Word* bits, WordRange range, int px) const;
    /// Zeroes the range and one word on each side, which shifts look into.
    static void clear(Word* row, WordRange range);

    const CollisionMaps& m_collision;
    const runtime::MotionTables& m_tables;
    const BodyMaps& m_maps;
    const Layers& m_layers;
    const Limits& m_limits;
    DiscoveryLog* m_log;
    int m_words;
    int m_walkPx = 0;
    int m_climbPx = 0;
    int m_swimPx = 0;
    StopAt m_stopAt;
    bool m_isMet = false;
    bool m_passes = false;
    std::vector<std::vector<WordRange>> m_noted;  ///< by row; empty = nowhere
    bool m_hasRides = false;
    BitMap m_rideEdges;  ///< where one walks off movers
    Completion m_stopped = Completion::Complete;
    WordArena m_arena;
    std::vector<StateRows> m_rows;
    BitMap m_visited;
    Buffer m_standable, m_current, m_moved, m_next, m_scratch, m_scratch2, m_hold, m_product,
        m_riders;
};

[[nodiscard]] inline bool isAny(const Word* bits, WordRange range) {
    Word any = 0;
    for (int i = range.from; i < range.to; ++i)
        any |= bits[i];
    return any != 0;
}

/// Bits that move by one px: to the right (towards higher x) or to the left.
[[nodiscard]] inline Word movedRight(const Word* row, int i) {
    return (row[i] << 1) | (row[i - 1] >> 63);
}
[[nodiscard]] inline Word movedLeft(const Word* row, int i) {
    return (row[i] >> 1) | (row[i + 1] << 63);
}
template <bool toTheRight>
[[nodiscard]] Word movedTo(const Word* row, int i) {
    return toTheRight ? movedRight(row, i) : movedLeft(row, i);
}

}  // namespace rook::reach
