#pragma once
/// Kits as files: kits/<name>.json, a piece a line. See docs/format-project.md.

#include "file/json_text.h"
#include "file/storage.h"
#include "level/project.h"

namespace rook::file {

[[nodiscard]] std::string kitText(const level::Kit& kit);
/// Errors: as of a project; a piece or kit that breaks a rule.
[[nodiscard]] Result<level::Kit> readKitText(const std::string& text, const std::string& name);

}  // namespace rook::file
