#pragma once
/// What one walks on. Private to kit/.

#include "level/names.h"

namespace rook::kit {

[[nodiscard]] constexpr bool isWalked(level::SurfaceSort sort) {
    return sort != level::SurfaceSort::None && sort != level::SurfaceSort::Block;
}

}  // namespace rook::kit
