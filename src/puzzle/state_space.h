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
    T* nextChunk() {
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
    void add(PackedState state);
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

    int m_words;
    int m_chunkBits = 19;  ///< as many states are in a chunk, if all are as long
    std::size_t m_count = 0;
    std::size_t m_bytes = 0;
    std::vector<std::unique_ptr<Word[]>> m_chunks;
    std::vector<std::unique_ptr<Place[]>> m_places;  ///< of states that differ in length
    std::size_t m_used = 0;                          ///< words of the last chunk, likewise
};

/// The states of a store by their words: open addressing with linear steps.
class StateIndex {
public:
    explicit StateIndex(const StateStore& store);
    static constexpr std::uint32_t none = ~std::uint32_t{0};
    [[nodiscard]] std::uint32_t find(PackedState state, std::uint64_t hash) const {
        for (std::size_t at = homeOf(hash);; at = (at + 1) & m_mask) {
            const std::uint64_t entry = m_entries[at];
            if (entry == 0) return none;
            if ((entry & tagMask) != (hash & tagMask)) continue;
            const auto number = static_cast<std::uint32_t>(entry) - 1;
            if (isEqual(m_store.at(number), state)) return number;
        }
    }
    /// The number of the state: that of an equal one, or `next`, under which it is known from now
    /// on. Requires: there is room (see `reserve`).
    [[nodiscard]] std::uint32_t findOrAdd(PackedState state, std::uint64_t hash,
                                          std::uint32_t next) {
        for (std::size_t at = homeOf(hash);; at = (at + 1) & m_mask) {
            std::uint64_t& entry = m_entries[at];
            if (entry == 0) {
                entry = (hash & tagMask) | (next + 1);
                ++m_count;
                return next;
            }
            if ((entry & tagMask) != (hash & tagMask)) continue;
            const auto number = static_cast<std::uint32_t>(entry) - 1;
            if (isEqual(m_store.at(number), state)) return number;
        }
    }
    /// Makes room for so many more; false if `cancel` was set meanwhile.
    [[nodiscard]] bool reserve(std::size_t more, const std::atomic<bool>* cancel);
    void prefetch(std::uint64_t hash) const { __builtin_prefetch(&m_entries[homeOf(hash)], 1); }
    /// Asks for the state that may be equal.
    void prefetchState(std::uint64_t hash) const {
        const std::uint64_t entry = m_entries[homeOf(hash)];
        if (entry != 0 && (entry & tagMask) == (hash & tagMask))
            m_store.prefetch(static_cast<std::uint32_t>(entry) - 1);
    }
    [[nodiscard]] std::size_t bytes() const { return m_size * sizeof(std::uint64_t); }

private:
    static constexpr std::uint64_t tagMask = ~std::uint64_t{0xffffffff};
    /// By the upper bits, which entries keep: so a greater table needs no states to be filled.
    [[nodiscard]] std::size_t homeOf(std::uint64_t hash) const {
        return static_cast<std::size_t>(hash >> m_shift);
    }

    const StateStore& m_store;
    struct Free {
        void operator()(std::uint64_t* entries) const { std::free(entries); }
    };
    /// Zeroed by the system where it is first touched, so that no step of it takes long.
    using Entries = std::unique_ptr<std::uint64_t[], Free>;
    [[nodiscard]] static Entries zeroed(std::size_t size);

    std::size_t m_size;
    Entries m_entries;  ///< upper half of the hash, number + 1; 0 = free
    std::size_t m_mask;
    int m_shift = 52;  ///< 64 - the bits of the size
    std::size_t m_count = 0;
};

}  // namespace rook::puzzle
