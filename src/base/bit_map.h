#pragma once
/// A rectangle of bits, row by row, 64 to a word; bit x of a row is bit x % 64 of word x / 64.
/// Bits beyond the width are zero: all members keep that.

#include <cstddef>
#include <cstdint>
#include <vector>

#include "base/large_pages.h"

namespace rook {

class BitMap {
public:
    using Word = std::uint64_t;
    static constexpr int wordBits = 64;

    BitMap() = default;
    /// All bits zero. Requires: width >= 0, height >= 0.
    BitMap(int width, int height)
        : m_width(width),
          m_height(height),
          m_wordsPerRow((width + wordBits - 1) / wordBits),
          m_words(static_cast<std::size_t>(m_wordsPerRow) * static_cast<std::size_t>(height), 0) {}

    bool operator==(const BitMap&) const = default;
    [[nodiscard]] int width() const { return m_width; }
    [[nodiscard]] int height() const { return m_height; }
    [[nodiscard]] int wordsPerRow() const { return m_wordsPerRow; }
    [[nodiscard]] std::size_t byteCount() const { return m_words.size() * sizeof(Word); }

    [[nodiscard]] Word* row(int y) { return m_words.data() + offset(y); }
    [[nodiscard]] const Word* row(int y) const { return m_words.data() + offset(y); }

    /// False outside the rectangle.
    [[nodiscard]] bool test(int x, int y) const {
        if (x < 0 || y < 0 || x >= m_width || y >= m_height) return false;
        return (row(y)[x / wordBits] >> (x % wordBits)) & 1u;
    }
    void set(int x, int y) { row(y)[x / wordBits] |= Word{1} << (x % wordBits); }

    /// Sets the bits from `left` to `right` - 1 of row y. Clipped to the rectangle.
    void setRun(int y, int left, int right);
    /// Clears the bits from `left` to `right` - 1 of row y. Clipped to the rectangle.
    void clearRun(int y, int left, int right);
    /// True if any bit of the rectangle [left, right) x [top, bottom), clipped, is set.
    [[nodiscard]] bool anyIn(int left, int top, int right, int bottom) const;
    [[nodiscard]] std::int64_t count() const;

    /// bit (x, y) becomes the OR of the bits (x + i, y), 0 <= i < width. Beyond the row is zero.
    /// Doubling shifts: about log2(width) passes.
    void spreadLeft(int width);
    /// bit (x, y) becomes the OR of the bits (x, y + j), 0 <= j < height. Beyond the map is zero.
    void spreadUp(int height);
    /// bit (x, y) becomes the OR of the bits (x - i, y), 0 <= i < width.
    void spreadRight(int width);
    /// bit (x, y) becomes the OR of the bits (x, y - j), 0 <= j < height.
    void spreadDown(int height);

private:
    [[nodiscard]] std::size_t offset(int y) const {
        return static_cast<std::size_t>(y) * static_cast<std::size_t>(m_wordsPerRow);
    }

    int m_width = 0;
    int m_height = 0;
    int m_wordsPerRow = 0;
    std::vector<Word, LargePageAllocator<Word>> m_words;
};

}  // namespace rook
