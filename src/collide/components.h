#pragma once
/// The parts of a bit map that hang together by their sides.

#include <vector>

#include "base/bit_map.h"
#include "base/geometry.h"

namespace rook::collide {

/// Set bits x to x + count - 1 of row y.
struct BitRun {
    int y = 0;
    int x = 0;
    int count = 0;
    bool operator==(const BitRun&) const = default;
};

struct BitPart {
    std::vector<BitRun> runs;  ///< sorted by (y, x)
    PxRect bounds;             ///< in bits
    std::int64_t bits = 0;
};

/// In the order of their first runs. Cost: proportional to the runs and the words of the map (runs
/// joined by union and find: Galler and Fischer 1964).
[[nodiscard]] std::vector<BitPart> partsOf(const BitMap& map);

}  // namespace rook::collide
