#include "collide/partition_cache.h"

#include <algorithm>
#include <tuple>

namespace rook::collide {

namespace {

/// FNV-1a (Fowler, Noll and Vo 1991) over the numbers of the runs.
std::uint64_t hashOf(const std::vector<BitRun>& runs) {
    std::uint64_t hash = 14695981039346656037ULL;
    for (const BitRun& run : runs)
        for (const int number : {run.y, run.x, run.count})
            hash = (hash ^ static_cast<std::uint32_t>(number)) * 1099511628211ULL;
    return hash;
}

std::vector<CellRect> cutRegion(const BitPart& part) {
    BitMap map(part.bounds.width, part.bounds.height);
    for (const BitRun& run : part.runs)
        map.setRun(run.y - part.bounds.y, run.x - part.bounds.x, run.x - part.bounds.x + run.count);
    std::vector<CellRect> rects = fewestRectangles(map);
    for (CellRect& rect : rects)
        rect = rect.moved(part.bounds.x, part.bounds.y);
    return rects;
}

}  // namespace

std::optional<std::vector<CellRect>> PartitionCache::cut(const BitMap& solid,
                                                         const std::atomic<bool>* cancel) {
    std::unordered_multimap<std::uint64_t, Region> kept;
    std::vector<CellRect> all;
    m_cutCount = 0;
    for (BitPart& part : partsOf(solid)) {
        if (cancel && *cancel) {
            m_regions.merge(kept);
            return std::nullopt;
        }
        const std::uint64_t hash = hashOf(part.runs);
        const auto [first, last] = m_regions.equal_range(hash);
        const auto same =
            std::find_if(first, last, [&](const auto& e) { return e.second.runs == part.runs; });
        Region region;
        if (same != last) {
            region = std::move(same->second);
            m_regions.erase(same);
        } else {
            region.rects = cutRegion(part);
            region.runs = std::move(part.runs);
            ++m_cutCount;
        }
        all.insert(all.end(), region.rects.begin(), region.rects.end());
        kept.emplace(hash, std::move(region));
    }
    m_regions = std::move(kept);
    std::sort(all.begin(), all.end(), [](const CellRect& a, const CellRect& b) {
        return std::tie(a.y, a.x) < std::tie(b.y, b.x);
    });
    return all;
}

}  // namespace rook::collide
