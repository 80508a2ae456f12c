#include "collide/components.h"

#include <bit>
#include <numeric>

namespace rook::collide {

namespace {

/// The first bit at or after `from` that is set (or, inverted, clear); the width if there is none.
int nextBit(const BitMap& map, int y, int from, bool isSet) {
    const BitMap::Word* row = map.row(y);
    for (int x = from; x < map.width();) {
        BitMap::Word word = row[x / BitMap::wordBits];
        if (!isSet) word = ~word;
        word >>= x % BitMap::wordBits;
        if (word != 0) return std::min(map.width(), x + std::countr_zero(word));
        x += BitMap::wordBits - x % BitMap::wordBits;
    }
    return map.width();
}

class Joined {
public:
    explicit Joined(std::size_t count) : m_parent(count) {
        std::iota(m_parent.begin(), m_parent.end(), std::size_t{0});
    }
    std::size_t rootOf(std::size_t i) {
        while (m_parent[i] != i)
            i = m_parent[i] = m_parent[m_parent[i]];
        return i;
    }
    /// The earlier of the two becomes the root.
    void join(std::size_t a, std::size_t b) {
        a = rootOf(a);
        b = rootOf(b);
        m_parent[std::max(a, b)] = std::min(a, b);
    }

private:
    std::vector<std::size_t> m_parent;
};

}  // namespace

std::vector<BitPart> partsOf(const BitMap& map) {
    std::vector<BitRun> runs;
    std::vector<std::size_t> firstOfRow;
    for (int y = 0; y < map.height(); ++y) {
        firstOfRow.push_back(runs.size());
        for (int x = nextBit(map, y, 0, true); x < map.width();) {
            const int end = nextBit(map, y, x, false);
            runs.push_back({y, x, end - x});
            x = nextBit(map, y, end, true);
        }
    }
    firstOfRow.push_back(runs.size());
    Joined joined(runs.size());
    for (int y = 1; y < map.height(); ++y) {
        std::size_t above = firstOfRow[static_cast<std::size_t>(y) - 1];
        const std::size_t aboveEnd = firstOfRow[static_cast<std::size_t>(y)];
        for (std::size_t i = aboveEnd; i < firstOfRow[static_cast<std::size_t>(y) + 1]; ++i) {
            const BitRun& run = runs[i];
            while (above < aboveEnd && runs[above].x + runs[above].count <= run.x)
                ++above;
            for (std::size_t j = above; j < aboveEnd && runs[j].x < run.x + run.count; ++j)
                joined.join(i, j);
        }
    }
    std::vector<BitPart> parts;
    std::vector<std::size_t> partOf(runs.size());
    for (std::size_t i = 0; i < runs.size(); ++i) {
        const std::size_t root = joined.rootOf(i);
        if (root == i) {
            partOf[i] = parts.size();
            parts.emplace_back();
        }
        BitPart& part = parts[partOf[root]];
        part.runs.push_back(runs[i]);
        part.bits += runs[i].count;
        part.bounds = part.bounds.united({runs[i].x, runs[i].y, runs[i].count, 1});
    }
    return parts;
}

}  // namespace rook::collide
