#pragma once
/// Rows of states: for one layer (standing, or one phase of the air), a row of bits for each px
/// row, made when it is first needed. Private to reach/.

#include <algorithm>
#include <cstdlib>
#include <cstring>
#include <memory>
#include <utility>
#include <vector>

#include "base/bit_map.h"
#include "base/large_pages.h"
#include "reach/discovery_log.h"
#include "reach/row_ops.h"

namespace rook::reach {

/// Words `from` to `to` - 1 of a row.
struct WordRange {
    int from = 0;
    int to = 0;
    [[nodiscard]] bool isEmpty() const { return from >= to; }
};

/// The range without words at its ends that hold no bit.
[[nodiscard]] inline WordRange trimmed(const Word* bits, WordRange range) {
    while (range.from < range.to && bits[range.from] == 0)
        ++range.from;
    while (range.from < range.to && bits[range.to - 1] == 0)
        --range.to;
    return range;
}

/// Hands out zeroed words in large blocks; all go when it goes.
class WordArena {
public:
    [[nodiscard]] Word* take(std::size_t words) {
        if (m_left < words) {
            m_left = (words + blockWords - 1) / blockWords * blockWords;
            m_blocks.emplace_back(static_cast<Word*>(takeLargePages(m_left * sizeof(Word))));
            m_next = m_blocks.back().get();
            std::memset(m_next, 0, m_left * sizeof(Word));
            m_bytes += m_left * sizeof(Word);
        }
        Word* taken = m_next;
        m_next += words;
        m_left -= words;
        return taken;
    }
    [[nodiscard]] std::size_t byteCount() const { return m_bytes; }

private:
    static constexpr std::size_t blockWords = largePageBytes / sizeof(Word);
    struct Free {
        void operator()(Word* words) const { std::free(words); }
    };
    std::vector<std::unique_ptr<Word, Free>> m_blocks;
    Word* m_next = nullptr;
    std::size_t m_left = 0;
    std::size_t m_bytes = 0;
};

class StateRows {
public:
    /// `log` may be null; `layer` is the name of these rows in it.
    StateRows(WordArena& arena, int wordsPerRow, int rowCount, DiscoveryLog* log, int layer)
        : m_arena(&arena),
          m_wordsPerRow(wordsPerRow),
          m_rows(static_cast<std::size_t>(rowCount)),
          m_log(log),
          m_layer(layer) {}

    /// Of each row, whether it holds any state or not.
    static constexpr std::size_t bytesPerRow() { return sizeof(Row); }

    /// Adds the bits of `bits` that are not known yet, words of `range`, to row y.
    void add(int y, const Word* bits, WordRange range) {
        Row& row = m_rows[static_cast<std::size_t>(y)];
        if (!row.known) {
            range = trimmed(bits, range);
            if (range.isEmpty()) return;
            row.known = m_arena->take(2 * static_cast<std::size_t>(m_wordsPerRow));
        }
        Word* const known = row.known;
        while (range.from < range.to && (bits[range.from] & ~known[range.from]) == 0)
            ++range.from;
        if (range.isEmpty()) return;
        while ((bits[range.to - 1] & ~known[range.to - 1]) == 0)
            --range.to;
        for (int i = range.from; m_log && i < range.to; ++i)
            if (const Word added = bits[i] & ~known[i]) m_log->note(m_layer, y, i, added);
        Word* const fresh = known + m_wordsPerRow;
        for (int i = range.from; i < range.to; ++i) {
            fresh[i] |= bits[i] & ~known[i];
            known[i] |= bits[i];
        }
        addFresh(y, range);
    }

    /// Adds bits that need no processing of their own. Requires: the row holds bits already.
    void addProcessed(int y, const Word* bits, WordRange range) {
        Row& row = m_rows[static_cast<std::size_t>(y)];
        for (int i = range.from; i < range.to; ++i) {
            if (m_log && (bits[i] & ~row.known[i]) != 0)
                m_log->note(m_layer, y, i, bits[i] & ~row.known[i]);
            row.known[i] |= bits[i];
        }
    }

    [[nodiscard]] bool isPending() const { return !m_pending.empty(); }
    /// The rows with fresh bits, in order, so that neighbours find each other's words in the cache;
    /// they are no longer pending then and must each be taken.
    [[nodiscard]] std::vector<int> takePending() {
        std::sort(m_pending.begin(), m_pending.end());
        return std::exchange(m_pending, {});
    }

    /// All known states of these words are processed again.
    void wake(int y, WordRange range) {
        Row& row = m_rows[static_cast<std::size_t>(y)];
        if (!row.known) return;
        while (range.from < range.to && row.known[range.from] == 0)
            ++range.from;
        if (range.isEmpty()) return;
        for (int i = range.from; i < range.to; ++i)
            row.known[m_wordsPerRow + i] |= row.known[i];
        addFresh(y, range);
    }
    /// Takes states back. Requires: the row holds them, and they are not fresh.
    void takeBack(int y, int word, Word bits) {
        m_rows[static_cast<std::size_t>(y)].known[word] &= ~bits;
    }
    /// Forgets all rows that hold fresh states, and row `y`.
    void forget(int y = -1) {
        for (const int pending : m_pending)
            forgetRow(pending);
        m_pending.clear();
        if (y >= 0) forgetRow(y);
    }

    /// Hints for the cache: row y is looked at soon; then its words from `word` on; then what is
    /// fresh in it.
    /// A flight may aim beyond the last row: nobody gets there.
    void willLookAt(int y) const {
        if (static_cast<std::size_t>(y) < m_rows.size()) __builtin_prefetch(m_rows.data() + y);
    }
    void willAddTo(int y, int word) const {
        if (static_cast<std::size_t>(y) >= m_rows.size()) return;
        const Word* known = m_rows[static_cast<std::size_t>(y)].known;
        if (!known) return;
        __builtin_prefetch(known + word, 1);
        __builtin_prefetch(known + m_wordsPerRow + word, 1);
    }
    void willTake(int y) const {
        const Row& row = m_rows[static_cast<std::size_t>(y)];
        if (row.known) __builtin_prefetch(row.known + m_wordsPerRow + row.freshRange.from, 1);
    }

    [[nodiscard]] bool isFresh(int y) const {
        return !m_rows[static_cast<std::size_t>(y)].freshRange.isEmpty();
    }
    /// The first words of row y that hold fresh bits, up to a gap: what is far apart is not worth
    /// one pass over all that lies between. Requires: isFresh.
    [[nodiscard]] WordRange freshRange(int y) const {
        const Row& row = m_rows[static_cast<std::size_t>(y)];
        const Word* const fresh = row.known + m_wordsPerRow;
        WordRange range{row.freshRange.from, row.freshRange.from};
        while (fresh[range.from] == 0 && range.from + 1 < row.freshRange.to)
            ++range.from;
        range.to = range.from + 1;
        for (int i = range.to; i < row.freshRange.to && i - range.to < widestGap; ++i)
            if (fresh[i] != 0) range.to = i + 1;
        return range;
    }
    /// Moves the fresh bits of `freshRange` to `target`; only its words are written.
    WordRange takeFresh(int y, Word* target) {
        Row& row = m_rows[static_cast<std::size_t>(y)];
        const WordRange range = freshRange(y);
        Word* const fresh = row.known + m_wordsPerRow + range.from;
        const std::size_t bytes = static_cast<std::size_t>(range.to - range.from) * sizeof(Word);
        std::memcpy(target + range.from, fresh, bytes);
        std::memset(fresh, 0, bytes);
        row.freshRange.from = range.to;
        return range;
    }

    /// Null if no bit of the row was ever set.
    [[nodiscard]] const Word* known(int y) const {
        return m_rows[static_cast<std::size_t>(y)].known;
    }

private:
    static constexpr int widestGap = 12;  ///< words
    struct Row {
        Word* known = nullptr;  ///< wordsPerRow words; as many fresh ones follow
        WordRange freshRange;
    };
    void addFresh(int y, WordRange range) {
        Row& row = m_rows[static_cast<std::size_t>(y)];
        if (row.freshRange.isEmpty()) {
            row.freshRange = range;
            m_pending.push_back(y);
        } else {
            row.freshRange = {std::min(row.freshRange.from, range.from),
                              std::max(row.freshRange.to, range.to)};
        }
    }
    void forgetRow(int y) {
        Row& row = m_rows[static_cast<std::size_t>(y)];
        if (row.known) std::fill_n(row.known, 2 * m_wordsPerRow, 0);
        row.freshRange = {};
    }

    WordArena* m_arena;
    int m_wordsPerRow;
    std::vector<Row> m_rows;
    std::vector<int> m_pending;
    DiscoveryLog* m_log;
    int m_layer;
};

}  // namespace rook::reach
