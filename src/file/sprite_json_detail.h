#pragma once
/// Pictures of things in a bundle. Private to file/.

#include "file/json_text.h"
#include "level/project.h"

namespace rook::file {

/// The picture of a kind, or several in turn; null if it has none.
[[nodiscard]] Json spriteJson(const level::Project& project, const level::Kind& kind);
/// How a single thing looks otherwise than its kind; null if it does not.
[[nodiscard]] Json appearanceJson(const level::Project& project, const level::Kind& kind,
                                  const level::Appearance& look);

}  // namespace rook::file
