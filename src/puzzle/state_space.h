#pragma once
/// States of a puzzle, each kept once: as words, numbered in the order in which they were found.

#include <atomic>
#include <cstdint>
#include <cstdlib>
#include <memory>
#include <optional>
#include <span>
#include <vector>

namespace rook::puzzle {

using Word = std::uint32_t;
/// A state as words; all of one puzzle are as long, or each tells its own length.
using PackedState = std::span<const Word>;

/// The finalizer of D. Stafford's variant 13 (2011) of MurmurHash3's.
[[nodiscard]] inline std::uint64_t mixed(std::uint64_t value) {
    value = (value ^ (value >> 30)) * 0xbf58476d1ce4e5b9ULL;
    value = (value ^ (value >> 27)) * 0x94d049bb133111ebULL;
    return value ^ (value >> 31);
}

[[nodiscard]] inline std::uint64_t hashOf(PackedState state) {
    std::uint64_t hash = 0x9e3779b97f4a7c15ULL + state.size();
    std::size_t i = 0;
    for (; i + 1 < state.size(); i += 2)
        hash = mixed(hash ^ (std::uint64_t(state[i]) | std::uint64_t(state[i + 1]) << 32));
    if (i < state.size()) hash = mixed(hash ^ state[i]);
    return hash;
}

[[nodiscard]] inline bool isEqual(PackedState a, PackedState b) {
    if (a.size() != b.size()) return false;
    for (std::size_t i = 0; i < a.size(); ++i)
        if (a[i] != b[i]) return false;
    return true;
}

/// A list that only grows, in chunks: it is never copied, so that no step of it takes long.
template <typename T>
class GrowingList {
public:
    [[nodiscard]] std::size_t size() const { return m_size; }
    [[nodiscard]] T& operator[](std::size_t at) { return m_chunks[at / chunk][at % chunk]; }
    [[nodiscard]] const T& operator[](std::size_t at) const {
        return m_chunks[at / chunk][at % chunk];
    }
    void push_back(T value) {
        if (m_size % chunk == 0) m_last = nextChunk();
        m_last[m_size % chunk] = value;
        ++m_size;
    }
    /// Its chunks are kept for what comes.
    void clear() { m_size = 0; }
    [[nodiscard]] std::size_t bytes() const { return m_chunks.size() * chunk * sizeof(T); }

private:
    static constexpr std::size_t chunk = std::size_t{1} << 14;
    /// Apart, so that what is done for each value is inlined.
    [[gnu::noinline]] T* nextChunk() {
        if (m_size / chunk == m_chunks.size())
            m_chunks.push_back(std::make_unique_for_overwrite<T[]>(chunk));
        return m_chunks[m_size / chunk].get();
    }
    std::vector<std::unique_ptr<T[]>> m_chunks;
    T* m_last = nullptr;  ///< the chunk that is being filled
    std::size_t m_size = 0;
};

/// All states, in chunks that never move: one thread may read those that are there while another
/// adds more.
class StateStore {
public:
    /// `words`: length of each state; 0 = they differ. At most `most` states.
    StateStore(int words, std::size_t most);
    [[nodiscard]] std::size_t count() const { return m_count; }
    /// Requires: `at` below `count`.
    [[nodiscard]] PackedState at(std::size_t at) const {
        const std::size_t length = m_words > 0
                                       ? static_cast<std::size_t>(m_words)
                                       : m_places[at / chunkStates][at % chunkStates].length;
        return {placeOf(at), length};
    }
    /// Asks for it before it is read.
    void prefetch(std::size_t at) const { __builtin_prefetch(placeOf(at)); }
    void add(PackedState state) {
        if (m_words == 0 || (m_count & ((std::size_t{1} << m_chunkBits) - 1)) == 0) makeRoom(state);
        for (std::size_t i = 0; i < state.size(); ++i)
            m_next[i] = state[i];
        m_next += state.size();
        ++m_count;
    }
    /// Bytes that are taken.
    [[nodiscard]] std::size_t bytes() const { return m_bytes; }

private:
    static constexpr std::size_t chunkStates = std::size_t{1} << 15;  ///< of states that differ
    static constexpr std::size_t chunkWords = std::size_t{1} << 18;   ///< of states that differ
    struct Place {
        std::uint32_t chunk;
        std::uint32_t word;
        std::uint32_t length;
    };
    [[nodiscard]] const Word* placeOf(std::size_t at) const {
        if (m_words > 0)
            return m_chunks[at >> m_chunkBits].get() +
                   (at & ((std::size_t{1} << m_chunkBits) - 1)) * static_cast<std::size_t>(m_words);
        const Place& place = m_places[at / chunkStates][at % chunkStates];
        return m_chunks[place.chunk].get() + place.word;
    }

    /// A new chunk where the last one is full, and the place of a state that has a length of its
    /// own.
    void makeRoom(PackedState state);

    int m_words;
    Word* m_next = nullptr;  ///< where the next state goes
    int m_chunkBits = 19;    ///< as many states are in a chunk, if all are as long
    std::size_t m_count = 0;
    std::size_t m_bytes = 0;
    std::vector<std::unique_ptr<Word[]>> m_chunks;
    std::vector<std::unique_ptr<Place[]>> m_places;  ///< of states that differ in length
    std::size_t m_used = 0;                          ///< words of the last chunk, likewise
};

/// The states of a store by their words: open addressing with linear steps.
class StateIndex {
public:
    /// Of an entry that says all of its state: the others are of the hash.
    static constexpr int exactNumberBits = 25;
    /// `isExact`: states are as many as `exactNumberBits` can count, and no two have hashes that
    /// are alike in all other bits, so that none needs to be looked at.
    StateIndex(const StateStore& store, bool isExact);
    static constexpr std::uint32_t none = ~std::uint32_t{0};
    [[nodiscard]] std::uint32_t find(PackedState state, std::uint64_t hash) const {
        for (std::size_t at = homeOf(hash);; at = (at + 1) & m_mask) {
            const std::uint64_t entry = m_entries[at];
            if (entry == 0) return none;
            if (isThat(entry, state, hash)) return numberOf(entry);
        }
    }
    /// The number of the state: that of an equal one, or `next`, under which it is known from now
    /// on. Requires: there is room (see `reserve`).
    [[nodiscard]] std::uint32_t findOrAdd(PackedState state, std::uint64_t hash,
                                          std::uint32_t next) {
        for (std::size_t at = homeOf(hash);; at = (at + 1) & m_mask) {
            std::uint64_t& entry = m_entries[at];
            if (entry == 0) {
                entry = (hash & m_tagMask) | (next + 1);
                ++m_count;
                return next;
            }
            if (isThat(entry, state, hash)) return numberOf(entry);
        }
    }
    /// Makes room for so many more; false if `cancel` was set meanwhile.
    [[nodiscard]] bool reserve(std::size_t more, const std::atomic<bool>* cancel);
    void prefetch(std::uint64_t hash) const { __builtin_prefetch(&m_entries[homeOf(hash)], 1); }
    /// Asks for the state that may be equal.
    void prefetchState(std::uint64_t hash) const {
        if (m_isExact) return;
        const std::uint64_t entry = m_entries[homeOf(hash)];
        if (entry != 0 && (entry & m_tagMask) == (hash & m_tagMask))
            m_store.prefetch(numberOf(entry));
    }
    [[nodiscard]] std::size_t bytes() const { return m_size * sizeof(std::uint64_t); }

private:
    [[nodiscard]] std::uint32_t numberOf(std::uint64_t entry) const {
        return static_cast<std::uint32_t>(entry & ~m_tagMask) - 1;
    }
    [[nodiscard]] bool isThat(std::uint64_t entry, PackedState state, std::uint64_t hash) const {
        if (((entry ^ hash) & m_tagMask) != 0) return false;
        return m_isExact || isEqual(m_store.at(numberOf(entry)), state);
    }
    /// By the upper bits, which entries keep: so a greater table needs no states to be filled.
    [[nodiscard]] std::size_t homeOf(std::uint64_t hash) const {
        return static_cast<std::size_t>(hash >> m_shift);
    }

    const StateStore& m_store;
    const std::uint64_t m_tagMask;  ///< the bits of an entry that are of the hash
    const bool m_isExact;
    struct Free {
        void operator()(std::uint64_t* entries) const { std::free(entries); }
    };
    /// Zeroed by the system where it is first touched, so that no step of it takes long.
    using Entries = std::unique_ptr<std::uint64_t[], Free>;
    [[nodiscard]] static Entries zeroed(std::size_t size);

    std::size_t m_size;
    Entries m_entries;  ///< the hash's upper bits, number + 1; 0 = free
    std::size_t m_mask;
    int m_shift = 52;  ///< 64 - the bits of the size
    std::size_t m_count = 0;
};

}  // namespace rook::puzzle
