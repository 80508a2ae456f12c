#pragma once
/// What a kind of counters of puzzle levels can do.

#include <vector>

#include "base/geometry.h"
#include "level/names.h"

namespace rook::level {

/// What a kind of counters can do.
struct CounterTraits {
    /// Of square boards: the cells that it stands on, columns and rows from the first, which is 0,
    /// 0.
    std::vector<CellPoint> footprint{CellPoint{0, 0}};
    std::vector<int> turns{0};  ///< quarter turns, clockwise, that it may be placed in
    SlideWay slides = SlideWay::Any;
    bool pushes = false;    ///< the player moves it
    bool isPushed = false;  ///< it can be pushed
    bool operator==(const CounterTraits&) const = default;
};

inline constexpr int maxFootprint = 16;
inline constexpr int maxFootprintReach = 16;

}  // namespace rook::level
