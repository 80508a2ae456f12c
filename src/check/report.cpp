#include "check/report.h"

#include <algorithm>

#include "check/audit.h"
#include "check/cast.h"
#include "check/why_not.h"
#include "check/win_findings.h"
#include "level/level_kinds.h"

namespace rook::check {

void Report::take(Part part, std::vector<Finding> findings) {
    m_parts[std::size_t(part)] = std::move(findings);
    m_all.clear();
    for (const auto& some : m_parts)
        m_all.insert(m_all.end(), some.begin(), some.end());
    std::stable_partition(m_all.begin(), m_all.end(),
                          [](const Finding& f) { return f.severity != Severity::Note; });
}

skin::IsReached reachedCells(std::shared_ptr<const reach::Answer> answer,
                             const level::Level& level) {
    if (!answer) return nullptr;
    return [answer = std::move(answer), cell = level.cellSize](CellPoint at) {
        return answer->onCells().reached.meets(toPx(CellRect{at.x, at.y, 1, 1}, cell),
                                               answer->onCells().tables);
    };
}

BoardReport boardReport(const level::Project& project, const level::Level& level,
                        std::shared_ptr<const reach::Answer> answer, const skin::Opacity& opacity,
                        const std::atomic<bool>* cancel) {
    BoardReport report;
    if (level::traitsOf(level.kind).isOfPieces || level::traitsOf(level.kind).isOfSlots)
        return report;
    const auto add = [&](const std::vector<Finding>& some) {
        report.findings.insert(report.findings.end(), some.begin(), some.end());
    };
    add(auditFindings(project, level, *answer, cancel));
    if (!level.scatter.empty())
        report.strewn = std::make_shared<const skin::Strewn>(
            skin::strew(project, level, reachedCells(answer, level)));
    const level::Level seen = report.strewn ? skin::withStrewn(level, *report.strewn) : level;
    report.look = lookMaps(project, seen, opacity, cancel);
    add(lookFindings(level, report.look));
    add(hiddenFindings(project, seen, *answer, opacity));
    add(pictureFindings(project, level, opacity));
    add(sightFindings(project, level, *answer, opacity, cancel));
    return report;
}

namespace {

/// What a look at the level from start to end tells; comfort only where it may be a finding.
std::vector<Finding> deepFindings(const level::Project& project, const level::Level& level,
                                  const reach::Query& query, const reach::Answer& answer,
                                  reach::Analysis& analysis) {
    analysis = reach::analyze(project, level, answer);
    if (project.comfortLimitOf(level) > 0 && analysis.proof.run)
        analysis.proof.comfort = reach::comfortOf(project, level, {}, &*analysis.proof.run);
    std::vector<Finding> found = analysisFindings(project, level, answer, analysis);
    if (analysis.proof.run) {
        const auto met = meetingFindings(project, level, query, *analysis.proof.run,
                                         analysis.proof.hasNoWayRound);
        found.insert(found.end(), met.begin(), met.end());
    }
    return found;
}

}  // namespace

Result<Report> reportOf(const level::Project& project, const level::Level& level,
                        const skin::Opacity& opacity, const ReportWish& wish) {
    const auto query = reach::queryOf(project, level);
    if (!query) return fail(query.error());
    const auto answer = std::make_shared<const reach::Answer>(reach::answer(*query));
    Report report;
    std::vector<Finding> own = findingsOf(project, level, *answer);
    if (wish.isDeep) {
        reach::Analysis analysis;
        const auto deep = deepFindings(project, level, *query, *answer, analysis);
        own = withReasons(project, level, analysis, std::move(own));
        report.take(Report::Part::Analysis, withReasons(project, level, analysis, deep));
    }
    if (game::asksMoreThanReach(project, level)) {
        game::WinOptions options;
        options.reached = &answer->verdict;
        const auto won =
            winFindings(level, answer->verdict, game::winningOf(project, level, options));
        std::vector<Finding> found = report.of(Report::Part::Analysis);
        found.insert(found.begin(), won.begin(), won.end());
        report.take(Report::Part::Analysis, std::move(found));
    }
    report.take(Report::Part::Verdict, std::move(own));
    report.take(Report::Part::Board, boardReport(project, level, answer, opacity).findings);
    if (wish.holdsToPlan && !level::traitsOf(level.kind).isOfSlots)
        report.take(Report::Part::Plan, holdToPlan(project, level, &*query, &*answer).findings);
    return report;
}

}  // namespace rook::check
