#pragma once
/// `ChunkedVector<T>`: a long list that is cheap to copy and cheap to change in few places.
///
/// Invariants:
///  1. The items stand in chunks of 256 behind shared pointers, all full but the last, in one
///     shared list. A copy shares all of it; `editEach` and `append` copy the chunks that they
///     change, and the list of chunks.
///  2. What two lists share is never written.
///
/// Threads: like any value; different copies may be used on different threads.

#include <algorithm>
#include <compare>
#include <iterator>
#include <memory>
#include <vector>

#include "base/assert.h"

namespace rook {

template <typename T>
class ChunkedVector {
public:
    static constexpr std::size_t chunkSize = 256;

    ChunkedVector() : m_chunks(std::make_shared<const ChunkList>()) {}
    ChunkedVector(std::vector<T> items) {  // NOLINT: a list of items is one
        auto chunks = std::make_shared<ChunkList>();
        m_size = items.size();
        for (std::size_t first = 0; first < items.size(); first += chunkSize) {
            const auto from = items.begin() + static_cast<std::ptrdiff_t>(first);
            const auto count = std::min(chunkSize, items.size() - first);
            chunks->push_back(std::make_shared<const Chunk>(
                std::make_move_iterator(from),
                std::make_move_iterator(from + static_cast<std::ptrdiff_t>(count))));
        }
        m_chunks = std::move(chunks);
    }

    [[nodiscard]] std::size_t size() const { return m_size; }
    [[nodiscard]] bool empty() const { return m_size == 0; }
    /// Requires: index < size.
    [[nodiscard]] const T& operator[](std::size_t index) const {
        return (*(*m_chunks)[index / chunkSize])[index % chunkSize];
    }
    /// Requires: not empty.
    [[nodiscard]] const T& back() const { return (*this)[m_size - 1]; }
    /// All of them, copied.
    [[nodiscard]] std::vector<T> items() const { return {begin(), end()}; }

    /// The parts that copies share, for what follows a list.
    [[nodiscard]] std::size_t chunkCount() const { return m_chunks->size(); }
    /// Requires: index < chunkCount.
    [[nodiscard]] const std::shared_ptr<const std::vector<T>>& chunk(std::size_t index) const {
        return (*m_chunks)[index];
    }

    class Iterator {
    public:
        using iterator_category = std::random_access_iterator_tag;
        using value_type = T;
        using difference_type = std::ptrdiff_t;
        using pointer = const T*;
        using reference = const T&;

        Iterator() = default;
        Iterator(const ChunkedVector* list, std::size_t index) : m_list(list), m_index(index) {
            load();
        }
        reference operator*() const { return *m_item; }
        pointer operator->() const { return m_item; }
        reference operator[](difference_type by) const { return *(*this + by); }
        Iterator& operator++() {
            ++m_index;
            if (m_index % chunkSize == 0)
                load();
            else
                ++m_item;
            return *this;
        }
        Iterator operator++(int) {
            const Iterator before = *this;
            ++*this;
            return before;
        }
        Iterator& operator--() { return *this += -1; }
        Iterator operator--(int) {
            const Iterator before = *this;
            --*this;
            return before;
        }
        Iterator& operator+=(difference_type by) {
            m_index = static_cast<std::size_t>(static_cast<difference_type>(m_index) + by);
            load();
            return *this;
        }
        Iterator& operator-=(difference_type by) { return *this += -by; }
        friend Iterator operator+(Iterator at, difference_type by) { return at += by; }
        friend Iterator operator+(difference_type by, Iterator at) { return at += by; }
        friend Iterator operator-(Iterator at, difference_type by) { return at -= by; }
        friend difference_type operator-(const Iterator& a, const Iterator& b) {
            return static_cast<difference_type>(a.m_index) -
                   static_cast<difference_type>(b.m_index);
        }
        bool operator==(const Iterator& other) const { return m_index == other.m_index; }
        auto operator<=>(const Iterator& other) const { return m_index <=> other.m_index; }

    private:
        void load() { m_item = m_index < m_list->m_size ? &(*m_list)[m_index] : nullptr; }

        const ChunkedVector* m_list = nullptr;
        std::size_t m_index = 0;
        const T* m_item = nullptr;
    };
    [[nodiscard]] Iterator begin() const { return {this, 0}; }
    [[nodiscard]] Iterator end() const { return {this, m_size}; }

    /// Equal because nothing was changed in between: compares one pointer.
    [[nodiscard]] bool isSharedWith(const ChunkedVector& other) const {
        return m_chunks == other.m_chunks;
    }
    /// Shared chunks are not read.
    bool operator==(const ChunkedVector& other) const {
        if (m_chunks == other.m_chunks) return true;
        if (m_size != other.m_size) return false;
        for (std::size_t i = 0; i < m_chunks->size(); ++i)
            if ((*m_chunks)[i] != (*other.m_chunks)[i] && *(*m_chunks)[i] != *(*other.m_chunks)[i])
                return false;
        return true;
    }
    /// True if `of` gives the same for every item of both, in order. Shared chunks are not read.
    template <typename Of>
    [[nodiscard]] bool isSameBy(const ChunkedVector& other, Of&& of) const {
        if (m_chunks == other.m_chunks) return true;
        if (m_size != other.m_size) return false;
        for (std::size_t i = 0; i < m_chunks->size(); ++i) {
            const Chunk& mine = *(*m_chunks)[i];
            const Chunk& theirs = *(*other.m_chunks)[i];
            for (std::size_t k = 0; &mine != &theirs && k < mine.size(); ++k)
                if (of(mine[k]) != of(theirs[k])) return false;
        }
        return true;
    }
    /// Items in chunks that `former` does not share at the same place.
    [[nodiscard]] std::size_t countNotSharedWith(const ChunkedVector& former) const {
        if (m_chunks == former.m_chunks) return 0;
        std::size_t count = 0;
        for (std::size_t i = 0; i < m_chunks->size(); ++i)
            if (i >= former.m_chunks->size() || (*m_chunks)[i] != (*former.m_chunks)[i])
                count += (*m_chunks)[i]->size();
        return count;
    }

    /// Replaces the items by what `change(std::vector<T>&)` makes of a copy of all of them. Chunks
    /// that come out as they were stay shared. Cost: all items, copied and compared.
    template <typename Change>
    void edit(Change&& change) {
        std::vector<T> copy = items();
        change(copy);
        ChunkedVector next(std::move(copy));
        auto chunks = std::make_shared<ChunkList>(*next.m_chunks);
        for (std::size_t i = 0; i < chunks->size() && i < m_chunks->size(); ++i)
            if (*(*chunks)[i] == *(*m_chunks)[i]) (*chunks)[i] = (*m_chunks)[i];
        m_chunks = std::move(chunks);
        m_size = next.m_size;
    }
    /// Calls `change(T&)` for each item that is `wanted(const T&)`. Cost: every item is looked at,
    /// chunks with wanted ones are copied.
    template <typename Wanted, typename Change>
    void editEach(Wanted&& wanted, Change&& change) {
        std::shared_ptr<ChunkList> chunks;
        for (std::size_t i = 0; i < m_chunks->size(); ++i) {
            std::shared_ptr<Chunk> copy;
            const Chunk& chunk = *(*m_chunks)[i];
            for (std::size_t k = 0; k < chunk.size(); ++k) {
                if (!wanted(chunk[k])) continue;
                if (!copy) copy = std::make_shared<Chunk>(chunk);
                change((*copy)[k]);
            }
            if (!copy) continue;
            if (!chunks) chunks = std::make_shared<ChunkList>(*m_chunks);
            (*chunks)[i] = std::move(copy);
        }
        if (chunks) m_chunks = std::move(chunks);
    }
    /// Cost: the last chunk, and the list of chunks.
    void append(T item) {
        auto chunks = std::make_shared<ChunkList>(*m_chunks);
        if (m_size % chunkSize == 0)
            chunks->push_back(std::make_shared<const Chunk>(1, std::move(item)));
        else {
            auto copy = std::make_shared<Chunk>(*chunks->back());
            copy->push_back(std::move(item));
            chunks->back() = std::move(copy);
        }
        m_chunks = std::move(chunks);
        ++m_size;
    }

    /// Aborts if an invariant is broken; for tests.
    void checkInvariants() const {
        ROOK_ASSERT(m_chunks->size() == (m_size + chunkSize - 1) / chunkSize,
                    "as many chunks as the items need");
        for (std::size_t i = 0; i < m_chunks->size(); ++i)
            ROOK_ASSERT((*m_chunks)[i]->size() == std::min(chunkSize, m_size - i * chunkSize),
                        "all chunks are full but the last");
    }

private:
    using Chunk = std::vector<T>;
    using ChunkList = std::vector<std::shared_ptr<const Chunk>>;

    std::size_t m_size = 0;
    std::shared_ptr<const ChunkList> m_chunks;
};

}  // namespace rook
