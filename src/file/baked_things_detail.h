#pragma once
/// What stands and moves in an exported level. Private to file/.

#include "file/json_text.h"
#include "level/project.h"
#include "rook_motion.hpp"

namespace rook::file {

/// `entities` of an exported level and its `movers`. `seen` is the level with what rules strew;
/// `player` says how bodies fall. Errors: OutOfRange where ways are too many to be written.
[[nodiscard]] Result<void> writeThings(JsonLines& lines, const level::Project& project,
                                       const level::Level& level, const level::Level& seen,
                                       const runtime::MotionTables& player);

}  // namespace rook::file
