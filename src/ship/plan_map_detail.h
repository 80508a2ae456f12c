#pragma once
/// The game map on paper. Private to ship/.

#include "ship/ink_detail.h"
#include "ship/pictures_detail.h"

namespace rook::ship::detail {

/// Those levels as cards, where they lie on the game map, and the ways between them.
/// Errors: of drawing boards of pieces and puzzles.
[[nodiscard]] Result<void> drawGameMap(
    Ink& ink, const Area& area, const level::Project& project,
    const std::vector<std::shared_ptr<const level::Level>>& levels, const Pictures& pictures);

}  // namespace rook::ship::detail
