#pragma once
/// What a game gets of a kit board. Private to file/.

#include "file/json_text.h"
#include "level/project.h"

namespace rook::file {

/// `kit`, `pieces`, `solids` and `walk` of an exported level; for levels without a kit, no pieces
/// alone.
void writeKit(JsonLines& lines, const level::Project& project, const level::Level& level);

}  // namespace rook::file
