#pragma once
/// `Grid<T>`: a rectangle of values that is cheap to copy.
///
/// Invariants:
///  1. The grid is cut into square chunks of 32 x 32, held by shared pointers in one shared list a
///     chunk row, those lists in one shared list. A copy shares all of it, so it takes constant
///     time; a write copies just the chunk, the list of its chunk row, and the list of rows.
///  2. What two grids share is never written: a write first asks whether it holds the only
///     reference. So a copy may be read on another thread while the original is edited.
///  3. Two chunks at one place with the same pointer are equal; the reverse need not hold.
///     `forEachChangedChunk` skips shared chunks and shared chunk rows without reading them.
///  4. Values beyond the right and lower border in the last chunks stay at the fill value.
///
/// Threads: like any value; different copies may be used on different threads.

#include <array>
#include <atomic>
#include <cstdint>
#include <memory>
#include <vector>

#include "base/assert.h"
#include "base/geometry.h"

namespace rook {

template <typename T>
class Grid {
public:
    static constexpr int chunkSide = 32;
    using Chunk = std::array<T, static_cast<std::size_t>(chunkSide) * chunkSide>;

    Grid() : Grid(0, 0) {}
    /// Every value is `fill`; all chunks are one. Requires: width, height in [0, 16384] cells.
    Grid(int width, int height, T fill = T{}) : m_width(width), m_height(height) {
        ROOK_ASSERT(width >= 0 && height >= 0, "a grid has no negative size");
        auto chunk = std::make_shared<Chunk>();
        chunk->fill(fill);
        auto line = std::make_shared<ChunkRow>(static_cast<std::size_t>(chunkCount(width)), chunk);
        m_rows = std::make_shared<RowList>(static_cast<std::size_t>(chunkCount(height)), line);
    }

    [[nodiscard]] int width() const { return m_width; }
    [[nodiscard]] int height() const { return m_height; }
    [[nodiscard]] CellRect bounds() const { return {0, 0, m_width, m_height}; }
    [[nodiscard]] int chunkColumns() const { return chunkCount(m_width); }
    [[nodiscard]] int chunkRows() const { return chunkCount(m_height); }

    /// Requires: inside. Cost: constant.
    [[nodiscard]] T at(int x, int y) const { return chunkAt(x, y)[indexIn(x, y)]; }
    [[nodiscard]] T at(CellPoint point) const { return at(point.x, point.y); }
    /// The value, or `outside` beyond the border.
    [[nodiscard]] T at(int x, int y, T outside) const {
        return x < 0 || y < 0 || x >= m_width || y >= m_height ? outside : at(x, y);
    }

    /// Requires: inside. Cost: constant, plus a copy of what is shared with another grid.
    void set(int x, int y, T value) {
        if (at(x, y) == value) return;
        writableChunk(x / chunkSide, y / chunkSide)[indexIn(x, y)] = value;
    }
    void set(CellPoint point, T value) { set(point.x, point.y, value); }

    /// Sets all cells of `rect`, clipped. Chunks that are covered whole come to share one.
    void fillRect(const CellRect& rect, T value) {
        const CellRect area = rect.intersected(bounds());
        if (area.isEmpty()) return;
        std::shared_ptr<Chunk> uniform;
        for (int row = area.y / chunkSide; row <= (area.bottom() - 1) / chunkSide; ++row) {
            for (int column = area.x / chunkSide; column <= (area.right() - 1) / chunkSide;
                 ++column) {
                const CellRect whole{column * chunkSide, row * chunkSide, chunkSide, chunkSide};
                if (area.contains(whole)) {
                    if (!uniform) {
                        uniform = std::make_shared<Chunk>();
                        uniform->fill(value);
                    }
                    writableSlot(column, row) = uniform;
                } else {
                    const CellRect part = area.intersected(whole);
                    for (int y = part.y; y < part.bottom(); ++y)
                        for (int x = part.x; x < part.right(); ++x)
                            set(x, y, value);
                }
            }
        }
    }

    /// Calls `visit(firstX, count, values)` for each chunk's part of row y, left to right.
    template <typename Visit>
    void forEachRunOfRow(int y, Visit&& visit) const {
        const ChunkRow& line = *(*m_rows)[static_cast<std::size_t>(y / chunkSide)];
        for (int column = 0; column < chunkColumns(); ++column) {
            const int first = column * chunkSide;
            const int count = std::min(chunkSide, m_width - first);
            visit(first, count, line[static_cast<std::size_t>(column)]->data() + indexIn(first, y));
        }
    }

    /// Calls `visit(CellRect)` for each chunk (clipped to the grid) that two grids of one size do
    /// not share. Requires: same size. Cost: one comparison a chunk row, plus the changed ones.
    template <typename Visit>
    static void forEachChangedChunk(const Grid& a, const Grid& b, Visit&& visit) {
        ROOK_ASSERT(a.m_width == b.m_width && a.m_height == b.m_height,
                    "only grids of one size are compared");
        if (a.m_rows == b.m_rows) return;
        for (std::size_t row = 0; row < a.m_rows->size(); ++row) {
            const auto& lineA = (*a.m_rows)[row];
            const auto& lineB = (*b.m_rows)[row];
            if (lineA == lineB) continue;
            for (std::size_t column = 0; column < lineA->size(); ++column) {
                if ((*lineA)[column] == (*lineB)[column]) continue;
                const CellRect whole{static_cast<int>(column) * chunkSide,
                                     static_cast<int>(row) * chunkSide, chunkSide, chunkSide};
                visit(whole.intersected(a.bounds()));
            }
        }
    }

    /// Bytes that this grid holds and `former` does not share. Cost: as `forEachChangedChunk`.
    [[nodiscard]] std::size_t bytesNotSharedWith(const Grid& former) const {
        if (m_rows == former.m_rows) return 0;
        if (m_width != former.m_width || m_height != former.m_height) return byteCount();
        std::size_t bytes = m_rows->size() * sizeof(std::shared_ptr<ChunkRow>);
        for (std::size_t row = 0; row < m_rows->size(); ++row)
            if ((*m_rows)[row] != (*former.m_rows)[row])
                bytes += (*m_rows)[row]->size() * sizeof(std::shared_ptr<Chunk>);
        forEachChangedChunk(*this, former, [&](const CellRect&) { bytes += sizeof(Chunk); });
        return bytes;
    }

    /// Bytes as if nothing were shared with other grids; chunks shared inside count once a run.
    [[nodiscard]] std::size_t byteCount() const {
        std::size_t bytes = m_rows->size() * sizeof(std::shared_ptr<ChunkRow>);
        const Chunk* last = nullptr;
        const ChunkRow* lastLine = nullptr;
        for (const auto& line : *m_rows) {
            if (line.get() == lastLine) continue;
            lastLine = line.get();
            bytes += line->size() * sizeof(std::shared_ptr<Chunk>);
            for (const auto& chunk : *line) {
                if (chunk.get() == last) continue;
                last = chunk.get();
                bytes += sizeof(Chunk);
            }
        }
        return bytes;
    }

    /// Equal size and values; shared chunks are not read.
    bool operator==(const Grid& other) const {
        if (m_width != other.m_width || m_height != other.m_height) return false;
        bool isEqual = true;
        forEachChangedChunk(*this, other, [&](const CellRect& rect) {
            for (int y = rect.y; isEqual && y < rect.bottom(); ++y)
                for (int x = rect.x; isEqual && x < rect.right(); ++x)
                    isEqual = at(x, y) == other.at(x, y);
        });
        return isEqual;
    }

    /// Aborts if an invariant is broken; for tests. Cost: reads everything.
    void checkInvariants() const {
        ROOK_ASSERT(static_cast<int>(m_rows->size()) == chunkRows(), "one list a chunk row");
        for (const auto& line : *m_rows) {
            ROOK_ASSERT(static_cast<int>(line->size()) == chunkColumns(), "one pointer a chunk");
            for (const auto& chunk : *line)
                ROOK_ASSERT(chunk != nullptr, "no chunk is missing");
        }
    }

private:
    using ChunkRow = std::vector<std::shared_ptr<Chunk>>;
    using RowList = std::vector<std::shared_ptr<ChunkRow>>;

    static int chunkCount(int cells) { return (cells + chunkSide - 1) / chunkSide; }
    static std::size_t indexIn(int x, int y) {
        return static_cast<std::size_t>((y % chunkSide) * chunkSide + x % chunkSide);
    }
    [[nodiscard]] const Chunk& chunkAt(int x, int y) const {
        return *(*(*m_rows)[static_cast<std::size_t>(y / chunkSide)])[static_cast<std::size_t>(
            x / chunkSide)];
    }

    /// Makes `pointer` the only reference to its value (invariant 2).
    template <typename Shared>
    static Shared& makeUnique(std::shared_ptr<Shared>& pointer) {
        if (pointer.use_count() != 1)
            pointer = std::make_shared<Shared>(*pointer);
        else
            std::atomic_thread_fence(std::memory_order_acquire);
        return *pointer;
    }
    std::shared_ptr<Chunk>& writableSlot(int column, int row) {
        ChunkRow& line = makeUnique(makeUnique(m_rows)[static_cast<std::size_t>(row)]);
        return line[static_cast<std::size_t>(column)];
    }
    Chunk& writableChunk(int column, int row) { return makeUnique(writableSlot(column, row)); }

    int m_width = 0;
    int m_height = 0;
    std::shared_ptr<RowList> m_rows;
};

}  // namespace rook
