#pragma once
/// Keys of files that nobody knows, and are kept.

#include "check/project_findings.h"

namespace rook::check {

/// One finding a key and list: a doubt if it is nearly one that is known, else a note.
[[nodiscard]] std::vector<ProjectFinding> unknownKeyFindings(const level::Project& project);

}  // namespace rook::check
