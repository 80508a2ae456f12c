#pragma once
/// States of a puzzle as words, and what follows from one by each move. One expander is used by one
/// thread at a time.

#include <functional>

#include "puzzle/board.h"
#include "puzzle/state_space.h"

namespace rook::puzzle {

/// What follows from some states, one after the other, each in the order of moves.
class Successors {
public:
    std::vector<std::uint32_t> counts;  ///< of each state that was expanded

    [[nodiscard]] std::size_t size() const { return m_found.size(); }
    [[nodiscard]] PackedState at(std::size_t n) const {
        const std::uint32_t from = n == 0 ? 0 : m_found[n - 1].end;
        return {m_words.data() + from, m_found[n].end - from};
    }
    [[nodiscard]] std::uint64_t hash(std::size_t n) const { return m_found[n].hash; }
    [[nodiscard]] bool isGoal(std::size_t n) const { return m_found[n].isGoal; }
    void add(PackedState state, bool isMet);
    /// Room for the words of one more state, to be written before `endState`; the last one is 0.
    [[nodiscard]] Word* grow(std::size_t count) {
        if (m_used + count > m_words.size()) m_words.resize(2 * m_words.size() + count + 1024);
        m_used += count;
        if (count > 0) m_words[m_used - 1] = 0;
        return m_words.data() + m_used - count;
    }
    void endState(bool isMet) {
        const std::size_t from = m_found.empty() ? 0 : m_found.back().end;
        endState(isMet, hashOf({m_words.data() + from, m_used - from}));
    }
    void endState(bool isMet, std::uint64_t hash) {
        m_found.push_back({hash, static_cast<std::uint32_t>(m_used), isMet});
    }
    /// What it took is kept for what comes.
    void clear() {
        m_found.clear();
        counts.clear();
        m_used = 0;
    }

private:
    struct Found {
        std::uint64_t hash;
        std::uint32_t end;  ///< in `m_words`
        bool isGoal;
    };
    std::vector<Word> m_words;
    std::vector<Found> m_found;
    std::size_t m_used = 0;
};

class Expander {
public:
    virtual ~Expander() = default;
    /// Of each state; 0 = they differ.
    [[nodiscard]] virtual int words() const = 0;
    [[nodiscard]] virtual std::vector<Word> packed(const play::State& state) const = 0;
    /// Adds what follows from a state in which the goal is not met.
    virtual void expand(PackedState state, Successors& successors) = 0;
    /// Of a state, as it stands beside successors.
    [[nodiscard]] virtual std::uint64_t hashOf(PackedState state) const {
        return puzzle::hashOf(state);
    }
    /// No two states have hashes that are alike but for their last `StateIndex::exactNumberBits`.
    [[nodiscard]] virtual bool hashesExactly() const { return false; }
    /// Each move can be taken back by a move, until the goal is met.
    [[nodiscard]] virtual bool isReversible() const { return false; }
    /// Of boards with counters: how many groups of counters there are that stand for each other,
    /// and of a packed state the slots of the n-th group.
    [[nodiscard]] virtual int groups() const { return 0; }
    [[nodiscard]] virtual int groupOf(int /*counter*/) const { return -1; }
    virtual void forEachPlace(PackedState, const std::function<void(int group, int slot)>&) const {}
};

/// `isDistinct`: equal counters do not stand for each other. Requires: a rule.
[[nodiscard]] std::unique_ptr<Expander> makeExpander(const play::Board& board, bool isDistinct);

/// Of boards of stacks; private to this folder.
[[nodiscard]] std::unique_ptr<Expander> makeStackExpander(const play::Board& board);

}  // namespace rook::puzzle
