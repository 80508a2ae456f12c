#include "cli/project_report.h"

#include <algorithm>
#include <cstdio>

#include "base/printable.h"
#include "check/game_findings.h"
#include "file/asset_facts.h"
#include "file/sheet_import.h"
#include "file/storage.h"

namespace rook::cli {

namespace {

void printText(const check::Finding& finding, CellSize cell) {
    std::string place;
    if (!finding.place.isEmpty()) {
        const CellPoint at = toCell({finding.place.x, finding.place.y}, cell);
        place = " at cell " + std::to_string(at.x) + ", " + std::to_string(at.y);
    }
    std::printf("%s: %s%s%s [%s]\n", finding.level.text.c_str(),
                finding.severity == check::Severity::Note ? "note: " : "",
                printableLine(finding.sentence).c_str(), place.c_str(),
                std::string(check::nameOf(finding.kind)).c_str());
}

void printText(const check::ProjectFinding& finding) {
    std::printf("%s: %s%s [%s]\n", printableLine(finding.where).c_str(),
                finding.severity == check::Severity::Note ? "note: " : "",
                printableLine(finding.sentence).c_str(), finding.name.c_str());
}

constexpr auto isError = [](const auto& finding) {
    return finding.severity == check::Severity::Error;
};

}  // namespace

std::size_t ProjectReport::openCount() const {
    std::size_t count = check::openCount(ofProject);
    for (const LevelReport& level : ofLevels)
        count += check::openCount(level.findings);
    return count;
}

std::size_t ProjectReport::errorCount() const {
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
        report.ofLevels.push_back({level->cellSize, found->findings()});
    }
    return report;
}

void printText(const ProjectReport& report, bool errorsOnly) {
    for (const check::ProjectFinding& finding : report.ofProject)
        if (!errorsOnly || isError(finding)) printText(finding);
    for (const LevelReport& level : report.ofLevels)
        for (const check::Finding& finding : level.findings)
            if (!errorsOnly || isError(finding)) printText(finding, level.cell);
}

}  // namespace rook::cli
