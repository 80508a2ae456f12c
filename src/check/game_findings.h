#pragma once
/// Findings about the game between its levels, as far as they follow from what is written: where it
/// begins, what leads where, what goals and tallies name. Nothing is solved for them.

#include "check/project_findings.h"

namespace rook::check {

/// Cost: the number of entities of all levels.
[[nodiscard]] std::vector<ProjectFinding> gameFindings(const level::Project& project);

}  // namespace rook::check
