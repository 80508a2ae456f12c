/// Placements and findings, out.

#include "file/placements.h"
#include "level/target_edits.h"
#include "ship/making_detail.h"
#include "ship/report_formats.h"

namespace rook::ship::detail {

Result<Made> makePlacements(const Making& making) {
    Made made;
    const level::TargetOptions& options = making.target.options;
    level::Project project = making.project;
    project.levels = level::levelsOf(making.project, making.target);
    made.files["placements.csv"] = file::placementsText(
        project, {options.y == level::AxisDown::Up, options.unit == level::LengthUnit::Cells});
    for (std::size_t i = 0; i < project.levels.size(); ++i)
        if (!making.goesOn()) return cancelled();
    return made;
}

Result<Made> makeFindings(const Making& making) {
    Made made;
    // Each as a level of the whole project, as levels lead to each other; no other is solved.
    ProjectWish wish;
    wish.only.emplace();
    for (const auto& level : level::levelsOf(making.project, making.target))
        wish.only->push_back(level->id);
    auto report = reportOf(making.project, making.folder.string(), wish);
    if (!report) return fail(report.error());
    const std::string folder = making.folder.string();
    switch (making.target.options.report) {
        case level::ReportForm::Text:
            made.files["findings.txt"] = textOf(*report);
            break;
        case level::ReportForm::Json:
            made.files["findings.json"] = jsonOf(*report);
            break;
        case level::ReportForm::Sarif:
            made.files["findings.sarif"] = sarifOf(*report, linesOf(*report, folder));
            break;
        case level::ReportForm::Junit:
            made.files["findings.xml"] = junitOf(*report, linesOf(*report, folder));
            break;
    }
    return made;
}

}  // namespace rook::ship::detail
