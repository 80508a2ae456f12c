#pragma once
/// New levels of any kind, with what pieces need.

#include "level/level_edits.h"

namespace rook::kit {

/// As `level::addLevel`; a project that has no kit gets a plain one for a level of pieces.
[[nodiscard]] level::AddedLevel addLevel(const level::Project& project, level::LevelKind kind,
                                         const level::Level& beside);

}  // namespace rook::kit
