#pragma once
/// Private to kit/.

#include "kit/edits.h"

namespace rook::kit {

/// Errors: OutOfRange for a solid with a flaw, or off the board.
[[nodiscard]] Result<void> checkSolid(const Kit& kit, const level::Level& level,
                                      const Solid& solid);

}  // namespace rook::kit
