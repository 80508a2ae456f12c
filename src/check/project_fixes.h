#pragma once
/// What mends findings about the project. A fix mends all of its sort in the same file.

#include "check/project_findings.h"
#include "level/edits.h"

namespace rook::check {

/// What the fix of such a finding would do, as a button says it; empty if there is none.
[[nodiscard]] std::string_view fixWordsOf(const ProjectFinding& finding);
/// `facts` are those that the finding was made with. Errors: NotApplicable if it has no fix, or
/// what was found is no longer there. Cost: the board that it is about.
[[nodiscard]] Result<level::ProjectEdit> fixOf(const level::Project& project,
                                               const level::AssetFacts& facts,
                                               const ProjectFinding& finding);

}  // namespace rook::check
