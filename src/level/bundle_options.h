#pragma once
/// What a bundle spells out for those who load it, and how.

namespace rook::level {

/// The longest way that there is, ticks: as `runtime::maxPatrolTicks`.
inline constexpr int mostWayTicks = 36000;

struct BundleOptions {
    /// Ways of foes and of members of formations are written, corner by corner, if they come round
    /// within so many ticks; 0 = none is, `mostWayTicks` = all are.
    int waysUpTo = 3600;
    bool isPacked = false;  ///< rows of numbers, as zlib streams; for very large levels
    bool operator==(const BundleOptions&) const = default;
};

}  // namespace rook::level
