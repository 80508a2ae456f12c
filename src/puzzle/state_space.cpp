#include "puzzle/state_space.h"

#include <sys/mman.h>

#include <algorithm>
#include <new>

#include "base/assert.h"

namespace rook::puzzle {

namespace {

/// Places far apart are found faster in great pages; where there are none, nothing is lost.
template <typename T>
T* inGreatPages(T* from, std::size_t bytes) {
    constexpr std::uintptr_t page = std::uintptr_t{1} << 21;
    const auto begin = (reinterpret_cast<std::uintptr_t>(from) + page - 1) / page * page;
    const auto end = (reinterpret_cast<std::uintptr_t>(from) + bytes) / page * page;
    if (begin < end) (void)madvise(reinterpret_cast<void*>(begin), end - begin, MADV_HUGEPAGE);
    return from;
}

}  // namespace

StateStore::StateStore(int words, std::size_t most) : m_words(words) {
    // So that the list of chunks never moves, either.
    if (words > 0) {
        constexpr std::size_t chunkBytes = std::size_t{4} << 20;
        while (m_chunkBits > 0 &&
               (static_cast<std::size_t>(words) * sizeof(Word) << m_chunkBits) > chunkBytes)
            --m_chunkBits;
        m_chunks.reserve((most >> m_chunkBits) + 4);
    } else {
        m_places.reserve(most / chunkStates + 4);
        m_chunks.reserve(std::size_t{1} << 16);
    }
}

void StateStore::makeRoom(PackedState state) {
    if (m_words > 0) {
        const std::size_t words = static_cast<std::size_t>(m_words) << m_chunkBits;
        m_chunks.push_back(std::make_unique_for_overwrite<Word[]>(words));
        m_next = inGreatPages(m_chunks.back().get(), words * sizeof(Word));
        m_bytes += words * sizeof(Word);
        return;
    }
    const std::size_t in = m_count % chunkStates;
    if (in == 0) {
        m_places.push_back(std::make_unique_for_overwrite<Place[]>(chunkStates));
        m_bytes += chunkStates * sizeof(Place);
    }
    if (m_chunks.empty() || m_used + state.size() > chunkWords) {
        const std::size_t words = std::max(chunkWords, state.size());
        m_chunks.push_back(std::make_unique_for_overwrite<Word[]>(words));
        m_bytes += words * sizeof(Word);
        m_used = 0;
    }
    m_places.back()[in] = {static_cast<std::uint32_t>(m_chunks.size() - 1),
                           static_cast<std::uint32_t>(m_used),
                           static_cast<std::uint32_t>(state.size())};
    m_next = m_chunks.back().get() + m_used;
    m_used += state.size();
}

StateIndex::StateIndex(const StateStore& store, bool isExact)
    : m_store(store),
      m_tagMask(isExact ? ~std::uint64_t{0} << exactNumberBits : ~std::uint64_t{0xffffffff}),
      m_isExact(isExact),
      m_size(std::size_t{1} << 12),
      m_entries(zeroed(m_size)),
      m_mask(m_size - 1) {}

StateIndex::Entries StateIndex::zeroed(std::size_t size) {
    auto* entries = static_cast<std::uint64_t*>(std::calloc(size, sizeof(std::uint64_t)));
    if (!entries) throw std::bad_alloc();
    return Entries(inGreatPages(entries, size * sizeof(std::uint64_t)));
}

bool StateIndex::reserve(std::size_t more, const std::atomic<bool>* cancel) {
    const auto isFull = [&](std::size_t size) { return (m_count + more) / 5 * 8 > size; };
    if (!isFull(m_size)) return true;
    std::size_t size = m_size;
    int shift = m_shift;
    for (; isFull(size); size *= 2)
        --shift;
    Entries entries = zeroed(size);
    // Entries lie in the order of their hashes, nearly: so they do in the greater table.
    for (std::size_t from = 0; from < m_size; ++from) {
        if (from % 16384 == 0 && cancel && *cancel) return false;
        if (m_entries[from] == 0) continue;
        auto at = static_cast<std::size_t>((m_entries[from] & m_tagMask) >> shift);
        while (entries[at] != 0)
            at = (at + 1) & (size - 1);
        entries[at] = m_entries[from];
    }
    m_entries = std::move(entries);
    m_size = size;
    m_mask = size - 1;
    m_shift = shift;
    return true;
}

}  // namespace rook::puzzle
