#include "ship/project_report.h"

#include <algorithm>

#include "check/game_findings.h"
#include "file/asset_facts.h"
#include "file/sheet_import.h"
#include "file/storage.h"

namespace rook::ship {

std::size_t ProjectReport::openCount() const {
    std::size_t count = check::openCount(ofProject);
    for (const LevelReport& level : ofLevels)
        count += check::openCount(level.findings);
    return count;
}

std::size_t ProjectReport::errorCount() const {
    const auto isError = [](const auto& finding) {
        return finding.severity == check::Severity::Error;
    };
    auto count = std::count_if(ofProject.begin(), ofProject.end(), isError);
    for (const LevelReport& level : ofLevels)
        count += std::count_if(level.findings.begin(), level.findings.end(), isError);
    return static_cast<std::size_t>(count);
}

Result<ProjectReport> reportOf(const level::Project& project, const std::string& folder,
                               const ProjectWish& wish) {
    file::Storage& storage = file::diskStorage();
    ProjectReport report;
    if (wish.level.empty())
        report.ofProject =
            check::projectFindings(project, file::assetFactsOf(storage, folder, project));
    if (wish.provesGame) {
        const auto proven = check::gameProofFindings(project, game::proveGame(project));
        report.ofProject.insert(report.ofProject.end(), proven.begin(), proven.end());
    }
    const skin::Opacity opacity = file::opacityOf(storage, folder, project);
    for (const auto& level : project.levels) {
        if (!wish.level.empty() && level->id.text != wish.level) continue;
        const auto found = check::reportOf(project, *level, opacity, wish.levels);
        if (!found) return fail(found.error());
        report.ofLevels.push_back({level->id, level->cellSize, found->findings()});
    }
    return report;
}

}  // namespace rook::ship
