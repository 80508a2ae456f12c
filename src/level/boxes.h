#pragma once
/// Rectangles of the document and boxes of the runtime are the same thing under two names.

#include "base/geometry.h"
#include "rook_shapes.hpp"

namespace rook::level {

[[nodiscard]] inline runtime::Box boxOf(const PxRect& rect) {
    return {rect.x, rect.y, rect.width, rect.height};
}
[[nodiscard]] inline PxRect rectOf(const runtime::Box& box) {
    return {box.x, box.y, box.width, box.height};
}

}  // namespace rook::level
