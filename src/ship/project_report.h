#pragma once
/// All findings of a project, for whoever tells them.

#include <optional>
#include <vector>

#include "check/project_findings.h"
#include "check/report.h"

namespace rook::ship {

struct LevelReport {
    LevelId id;
    CellSize cell;
    std::vector<check::Finding> findings;
};

struct ProjectReport {
    std::vector<check::ProjectFinding> ofProject;
    std::vector<LevelReport> ofLevels;  ///< in the order of play

    /// Notes count for nothing.
    [[nodiscard]] std::size_t openCount() const;
    [[nodiscard]] std::size_t errorCount() const;
};

struct ProjectWish {
    std::string level;  ///< its id; empty = all, and what belongs to no level
    bool provesGame = false;
    check::ReportWish levels;
    std::optional<std::vector<LevelId>> only{};  ///< none but these; empty = all
    bool leavesProjectOut = false;               ///< what belongs to no level, too
    int jobs = 1;                                ///< levels that are solved at once
    std::string cache{};  ///< a folder where findings are kept; empty = nothing is
};
/// The same report, whatever `jobs` and `cache` are.
/// Errors: as `check::reportOf`. Cost: each level is solved that is not kept.
[[nodiscard]] Result<ProjectReport> reportOf(const level::Project& project,
                                             const std::string& folder, const ProjectWish& wish);

}  // namespace rook::ship
