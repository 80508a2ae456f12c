#pragma once
/// Partitions remembered region by region, so that after a stroke only the regions that it touched
/// are cut anew.

#include <atomic>
#include <optional>
#include <unordered_map>

#include "collide/components.h"
#include "collide/partition.h"

namespace rook::collide {

/// Threads: one at a time.
class PartitionCache {
public:
    /// As `fewestRectangles` of the whole map: no chord leaves a region that hangs together by its
    /// sides, so each is cut by itself. Regions that are the same as in the last call, bit for bit,
    /// are not cut again. Nothing when cancelled; what was cut by then is kept.
    [[nodiscard]] std::optional<std::vector<CellRect>> cut(const BitMap& solid,
                                                           const std::atomic<bool>* cancel);
    /// Regions that the last call had to cut, and all that it had.
    [[nodiscard]] std::size_t regionsCut() const { return m_cutCount; }
    [[nodiscard]] std::size_t regions() const { return m_regions.size(); }

private:
    struct Region {
        std::vector<BitRun> runs;
        std::vector<CellRect> rects;
    };
    std::unordered_multimap<std::uint64_t, Region> m_regions;  ///< by a hash of their runs
    std::size_t m_cutCount = 0;
};

}  // namespace rook::collide
