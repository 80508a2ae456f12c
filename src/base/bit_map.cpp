#include "base/bit_map.h"

#include <algorithm>
#include <bit>

namespace rook {

namespace {

/// The bits [left, right) of the word that starts at bit `start`.
BitMap::Word maskOf(int start, int left, int right) {
    const int from = std::max(left - start, 0);
    const int to = std::min(right - start, BitMap::wordBits);
    if (from >= to) return 0;
    const BitMap::Word below =
        to == BitMap::wordBits ? ~BitMap::Word{0} : (BitMap::Word{1} << to) - 1;
    return below & ~((BitMap::Word{1} << from) - 1);
}

/// row |= row >> by (towards lower x), over a whole row.
void orShiftedDown(BitMap::Word* row, int words, int by) {
    const int whole = by / BitMap::wordBits;
    const int rest = by % BitMap::wordBits;
    for (int i = 0; i + whole < words; ++i) {
        BitMap::Word value = row[i + whole] >> rest;
        if (rest != 0 && i + whole + 1 < words)
            value |= row[i + whole + 1] << (BitMap::wordBits - rest);
        row[i] |= value;
    }
}

/// row |= row << by (towards higher x), over a whole row; may set bits beyond the width.
void orShiftedUp(BitMap::Word* row, int words, int by) {
    const int whole = by / BitMap::wordBits;
    const int rest = by % BitMap::wordBits;
    for (int i = words - 1; i >= whole; --i) {
        BitMap::Word value = row[i - whole] << rest;
        if (rest != 0 && i - whole - 1 >= 0)
            value |= row[i - whole - 1] >> (BitMap::wordBits - rest);
        row[i] |= value;
    }
}

}  // namespace

void BitMap::setRun(int y, int left, int right) {
    if (y < 0 || y >= m_height) return;
    left = std::max(left, 0);
    right = std::min(right, m_width);
    if (left >= right) return;
    Word* words = row(y);
    for (int i = left / wordBits; i <= (right - 1) / wordBits; ++i)
        words[i] |= maskOf(i * wordBits, left, right);
}

void BitMap::clearRun(int y, int left, int right) {
    if (y < 0 || y >= m_height) return;
    left = std::max(left, 0);
    right = std::min(right, m_width);
    if (left >= right) return;
    Word* words = row(y);
    for (int i = left / wordBits; i <= (right - 1) / wordBits; ++i)
        words[i] &= ~maskOf(i * wordBits, left, right);
}

bool BitMap::anyIn(int left, int top, int right, int bottom) const {
    left = std::max(left, 0);
    right = std::min(right, m_width);
    if (left >= right) return false;
    for (int y = std::max(top, 0); y < std::min(bottom, m_height); ++y) {
        const Word* words = row(y);
        for (int i = left / wordBits; i <= (right - 1) / wordBits; ++i)
            if (words[i] & maskOf(i * wordBits, left, right)) return true;
    }
    return false;
}

std::int64_t BitMap::count() const {
    std::int64_t sum = 0;
    for (const Word word : m_words)
        sum += std::popcount(word);
    return sum;
}

void BitMap::spreadLeft(int width) {
    for (int covered = 1; covered < width;) {
        const int by = std::min(covered, width - covered);
        for (int y = 0; y < m_height; ++y)
            orShiftedDown(row(y), m_wordsPerRow, by);
        covered += by;
    }
}

void BitMap::spreadUp(int height) {
    for (int covered = 1; covered < height;) {
        const int by = std::min(covered, height - covered);
        for (int y = 0; y + by < m_height; ++y) {
            Word* target = row(y);
            const Word* source = row(y + by);
            for (int i = 0; i < m_wordsPerRow; ++i)
                target[i] |= source[i];
        }
        covered += by;
    }
}

void BitMap::spreadRight(int width) {
    for (int covered = 1; covered < width;) {
        const int by = std::min(covered, width - covered);
        for (int y = 0; y < m_height; ++y)
            orShiftedUp(row(y), m_wordsPerRow, by);
        covered += by;
    }
    if (m_wordsPerRow == 0) return;
    for (int y = 0; y < m_height; ++y)
        row(y)[m_wordsPerRow - 1] &= maskOf((m_wordsPerRow - 1) * wordBits, 0, m_width);
}

void BitMap::spreadDown(int height) {
    for (int covered = 1; covered < height;) {
        const int by = std::min(covered, height - covered);
        for (int y = m_height - 1; y >= by; --y) {
            Word* target = row(y);
            const Word* source = row(y - by);
            for (int i = 0; i < m_wordsPerRow; ++i)
                target[i] |= source[i];
        }
        covered += by;
    }
}

}  // namespace rook
