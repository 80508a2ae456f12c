#include "ship/project_report.h"

#include <algorithm>
#include <atomic>
#include <mutex>
#include <thread>

#include "check/game_findings.h"
#include "file/asset_facts.h"
#include "file/sheet_import.h"
#include "file/storage.h"
#include "ship/kept_reports.h"

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

namespace {

using Found = Result<std::vector<check::Finding>>;
using Levels = std::vector<std::shared_ptr<const level::Level>>;

/// Those that are asked for, in the order of play.
Levels wantedLevels(const level::Project& project, const ProjectWish& wish) {
    Levels wanted;
    for (const auto& level : project.levels) {
        if (!wish.level.empty() && level->id.text != wish.level) continue;
        if (wish.only &&
            std::find(wish.only->begin(), wish.only->end(), level->id) == wish.only->end())
            continue;
        wanted.push_back(level);
    }
    return wanted;
}

/// Looks at levels one after another, as many at once as are wished.
class LevelChecker {
public:
    LevelChecker(const level::Project& project, const std::string& folder, const ProjectWish& wish)
        : m_project(project), m_folder(folder), m_wish(wish) {
        if (!wish.cache.empty()) m_kept.emplace(wish.cache, folder, project, wish.levels);
    }

    std::vector<Found> check(const Levels& levels) {
        std::vector<std::optional<Found>> found(levels.size());
        std::atomic<std::size_t> next = 0;
        const auto work = [&] {
            for (std::size_t i = next++; i < levels.size(); i = next++)
                found[i].emplace(findingsOf(*levels[i]));
        };
        {
            std::vector<std::jthread> others;
            const auto jobs = std::min(std::size_t(std::max(1, m_wish.jobs)), levels.size());
            for (std::size_t i = 1; i < jobs; ++i)
                others.emplace_back(work);
            work();
        }
        std::vector<Found> all;
        for (auto& each : found)
            all.push_back(std::move(*each));
        return all;
    }

private:
    Found findingsOf(const level::Level& level) {
        const std::string key = m_kept ? m_kept->keyOf(level) : std::string();
        if (m_kept)
            if (auto kept = m_kept->find(key)) return std::move(*kept);
        // Pictures are read only where something is looked at.
        std::call_once(m_opacityRead, [&] {
            m_opacity = file::opacityOf(file::diskStorage(), m_folder, m_project);
        });
        const auto report = check::reportOf(m_project, level, m_opacity, m_wish.levels);
        if (!report) return fail(report.error());
        if (m_kept) m_kept->keep(key, report->findings());
        return report->findings();
    }

    const level::Project& m_project;
    const std::string& m_folder;
    const ProjectWish& m_wish;
    std::optional<KeptReports> m_kept;
    std::once_flag m_opacityRead;
    skin::Opacity m_opacity;
};

}  // namespace

Result<ProjectReport> reportOf(const level::Project& project, const std::string& folder,
                               const ProjectWish& wish) {
    ProjectReport report;
    if (wish.level.empty() && !wish.leavesProjectOut)
        report.ofProject = check::projectFindings(
            project, file::assetFactsOf(file::diskStorage(), folder, project));
    if (wish.provesGame && !wish.leavesProjectOut) {
        const auto proven = check::gameProofFindings(project, game::proveGame(project));
        report.ofProject.insert(report.ofProject.end(), proven.begin(), proven.end());
    }
    const Levels levels = wantedLevels(project, wish);
    std::vector<Found> found = LevelChecker(project, folder, wish).check(levels);
    for (std::size_t i = 0; i < levels.size(); ++i) {
        if (!found[i]) return fail(found[i].error());
        report.ofLevels.push_back({levels[i]->id, levels[i]->cellSize, std::move(*found[i])});
    }
    return report;
}

}  // namespace rook::ship
