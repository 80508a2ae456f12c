#pragma once
/// Reports that are kept, and reports of a part of a project that are joined again.

#include "ship/project_report.h"

namespace rook::ship {

/// Findings with all that they hold, as one JSON text; and back. Errors: BadSyntax, WrongType.
[[nodiscard]] std::string findingsText(const std::vector<check::Finding>& findings);
[[nodiscard]] Result<std::vector<check::Finding>> readFindings(const std::string& text,
                                                               const std::string& name);

/// The levels that shard `shard.index` (1 to `shard.count`) looks at: the largest first, each to
/// the shard that has least to do. Every level is in one of them, the same one on every machine.
struct Shard {
    int index = 1;
    int count = 1;
    bool operator==(const Shard&) const = default;
};
[[nodiscard]] std::vector<LevelId> levelsOfShard(const level::Project& project, const Shard& shard);

/// The format rookplot-report-part: what one shard found.
[[nodiscard]] std::string partText(const ProjectReport& report, const Shard& shard);
/// Joins all shards of one run, in whatever order they are given, to what one run without shards
/// says. Errors: those of reading; BadReference if a shard is missing, there twice, or of another
/// number, or if a level is in none of them.
[[nodiscard]] Result<ProjectReport> joinParts(const level::Project& project,
                                              const std::vector<std::string>& texts,
                                              const std::vector<std::string>& names);

}  // namespace rook::ship
