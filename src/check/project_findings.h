#pragma once
/// Findings about the project as a whole: what its files hold that nothing knows, what they name
/// that is not there or cannot be exported.

#include "check/finding.h"
#include "level/asset_facts.h"

namespace rook::check {

struct ProjectFinding {
    std::string name;  ///< of its sort, in files
    Severity severity = Severity::Doubt;
    std::string sentence;
    std::string where;  ///< the file
    bool operator==(const ProjectFinding&) const = default;
};

/// All of them, errors first; what errors are told of cannot be exported. Those of one sort are cut
/// at 50. Cost: a pass over all values.
[[nodiscard]] std::vector<ProjectFinding> projectFindings(const level::Project& project,
                                                          const level::AssetFacts& facts);
[[nodiscard]] std::size_t openCount(const std::vector<ProjectFinding>& findings);
/// Tiles that a sheet has; none if its picture is not known.
[[nodiscard]] std::optional<int> tileCountOf(const level::Sheet& sheet,
                                             const level::AssetFacts& facts);

}  // namespace rook::check
