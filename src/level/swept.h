#pragma once
/// Where what goes by the clock ever is.

#include "base/geometry.h"
#include "rook_parts.hpp"

namespace rook::level {

/// All that a thing ever covers, px; empty if it is never there. Cost: its way.
[[nodiscard]] inline PxRect sweptBy(const runtime::Way& way) {
    PxRect all;
    for (const auto& [x, y] : way.corners)
        if (x != runtime::Way::nowhere) all = all.united({x, y, way.width, way.height});
    return all;
}

}  // namespace rook::level
