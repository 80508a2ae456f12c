#include "ship/report_formats.h"

#include "base/limits.h"
#include "base/printable.h"
#include "check/finding_table.h"
#include "check/game_findings.h"
#include "file/json_text.h"
#include "file/storage.h"

namespace rook::ship {

namespace {

using file::Json;

std::string lineOf(const check::Finding& finding, CellSize cell) {
    std::string place;
    if (!finding.place.isEmpty()) {
        const CellPoint at = toCell({finding.place.x, finding.place.y}, cell);
        place = " at cell " + std::to_string(at.x) + ", " + std::to_string(at.y);
    }
    return finding.level.text + ": " + (finding.severity == check::Severity::Note ? "note: " : "") +
           printableLine(finding.sentence) + place + " [" +
           std::string(check::nameOf(finding.kind)) + "]\n";
}

std::string lineOf(const check::ProjectFinding& finding) {
    return printableLine(finding.where) + ": " +
           (finding.severity == check::Severity::Note ? "note: " : "") +
           printableLine(finding.sentence) + " [" + finding.name + "]\n";
}

/// A line for each finding whose severity `take` takes, those of no level first.
template <typename Take>
std::string joined(const ProjectReport& report, Take&& take) {
    std::string text;
    for (const check::ProjectFinding& finding : report.ofProject)
        if (take(finding.severity)) text += lineOf(finding);
    for (const LevelReport& level : report.ofLevels)
        for (const check::Finding& finding : level.findings)
            if (take(finding.severity)) text += lineOf(finding, level.cell);
    return text;
}

Json placeJson(const PxRect& r) {
    if (r.isEmpty()) return nullptr;
    return {{"x", r.x}, {"y", r.y}, {"width", r.width}, {"height", r.height}};
}

Json findingJson(const check::Finding& finding) {
    return {{"level", finding.level.text},
            {"kind", check::nameOf(finding.kind)},
            {"severity", check::nameOf(finding.severity)},
            {"sentence", finding.sentence},
            {"entity", finding.entity.text},
            {"place", placeJson(finding.place)}};
}

Json findingJson(const check::ProjectFinding& finding) {
    return {{"kind", finding.name},
            {"severity", check::nameOf(finding.severity)},
            {"sentence", finding.sentence},
            {"file", finding.where}};
}

}  // namespace

std::string textOf(const ProjectReport& report) {
    const std::size_t count = report.openCount();
    return joined(report, [](check::Severity) { return true; }) + std::to_string(count) +
           (count == 1 ? " finding\n" : " findings\n");
}

std::string errorLinesOf(const ProjectReport& report) {
    return joined(report,
                  [](check::Severity severity) { return severity == check::Severity::Error; });
}

std::string jsonOf(const ProjectReport& report) {
    Json ofProject = Json::array(), ofLevels = Json::array();
    for (const check::ProjectFinding& finding : report.ofProject)
        ofProject.push_back(findingJson(finding));
    for (const LevelReport& level : report.ofLevels)
        for (const check::Finding& finding : level.findings)
            ofLevels.push_back(findingJson(finding));
    return Json{{"format", "rookplot-findings"},
                {"version", 1},
                {"project", ofProject},
                {"findings", ofLevels}}
               .dump(2) +
           "\n";
}

LevelLines linesOf(const ProjectReport& report, const std::string& folder) {
    LevelLines lines;
    for (const LevelReport& level : report.ofLevels) {
        const auto text = file::diskStorage().read(file::Path(folder) / check::fileOf(level.id),
                                                   limits::maxTextBytes);
        if (text) lines[level.id.text] = FileLines::of(*text);
    }
    return lines;
}

std::string formattedReport(const ProjectReport& report, ReportFormat format,
                            const std::string& folder) {
    switch (format) {
        case ReportFormat::Text:
            return textOf(report);
        case ReportFormat::Json:
            return jsonOf(report);
        case ReportFormat::Sarif:
            return sarifOf(report, linesOf(report, folder));
        case ReportFormat::JUnit:
            return junitOf(report, linesOf(report, folder));
    }
    return {};
}

}  // namespace rook::ship
