#pragma once
/// Opening a project that breaks rules, by leaving out what breaks them. Only when asked: nothing
/// is written until the project is saved.

#include "file/project_file.h"

namespace rook::file {

struct Repaired {
    level::Project project;
    std::vector<std::string> changes;  ///< a sentence each, in the order in which they were made
};

/// Reads as `openProject` does; each time that it is refused, what it is refused for is left out (a
/// value of the wrong type or out of its range, so that the default holds; an item of a list that
/// lacks what it needs), or given another id if its id is there twice; a matter that a board names
/// and the project does not have is found by its character, or added. Rows of matter, lists of many
/// and headers are never left out. Errors: as `openProject`, when nothing can be left out or after
/// 1000 changes. Cost: a reading of the project for each change.
[[nodiscard]] Result<Repaired> openRepaired(Storage& storage, const Path& folder);

}  // namespace rook::file
