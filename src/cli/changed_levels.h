#pragma once
/// What changed in a project since a revision of the repository that it lies in.

#include <optional>
#include <string>
#include <vector>

#include "base/result.h"
#include "level/project.h"

namespace rook::cli {

/// The levels whose files are others than in that revision of git, or are new; nothing = all may be
/// others, because a file that is no level's changed. Errors: NotApplicable if git is not here,
/// does not know the revision, or the folder is in no repository.
[[nodiscard]] Result<std::optional<std::vector<LevelId>>> changedLevels(
    const std::string& folder, const std::string& revision);

}  // namespace rook::cli
