#pragma once
/// Whether a board of pieces can be won. Private to game/.

#include "game/winning.h"

namespace rook::game {

/// As `winningOf`; the board is walked module by module, and time there is not counted. Requires:
/// the level is of pieces.
[[nodiscard]] Winning winningOfKit(const level::Project& project, const level::Level& level,
                                   const WinOptions& options, const reach::Limits& limits);

}  // namespace rook::game
