#include "cli/command.h"
#include "cli/project_report.h"
#include "file/json_text.h"
#include "file/project_file.h"

namespace rook::cli {

namespace {

struct CheckOptions {
    std::string project;
    std::string level;
    std::string format = "text";
    bool leavesPlanOut = false;
    bool isDeep = false;
    bool provesGame = false;
};

file::Json findingJson(const check::Finding& finding) {
    file::Json json = {{"level", finding.level.text},
                       {"kind", check::nameOf(finding.kind)},
                       {"severity", check::nameOf(finding.severity)},
                       {"sentence", finding.sentence},
                       {"entity", finding.entity.text}};
    const PxRect& r = finding.place;
    json["place"] =
        r.isEmpty() ? file::Json(nullptr)
                    : file::Json{{"x", r.x}, {"y", r.y}, {"width", r.width}, {"height", r.height}};
    return json;
}

file::Json findingJson(const check::ProjectFinding& finding) {
    return {{"kind", finding.name},
            {"severity", check::nameOf(finding.severity)},
            {"sentence", finding.sentence},
            {"file", finding.where}};
}

constexpr const char* format = "rookplot-findings";

int checkProject(const CheckOptions& options) {
    const bool isJson = options.format == "json";
    const auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return refuse(project.error(), format, isJson);
    if (!options.level.empty() && !project->findLevel({options.level})) {
        return refuse({ErrorKind::BadReference, "There is no level \"" + options.level + "\"",
                       options.project, "Use an id from the order in rookplot.json"},
                      format, isJson);
    }
    const auto report =
        reportOf(*project, options.project,
                 {options.level, options.provesGame, {options.isDeep, !options.leavesPlanOut}});
    if (!report) return refuse(report.error(), format, isJson);
    const std::size_t count = report->openCount();
    if (!isJson) {
        printText(*report);
        std::printf("%zu %s\n", count, count == 1 ? "finding" : "findings");
        return count == 0 ? exitFine : exitFindings;
    }
    file::Json ofProject = file::Json::array(), ofLevels = file::Json::array();
    for (const check::ProjectFinding& finding : report->ofProject)
        ofProject.push_back(findingJson(finding));
    for (const LevelReport& level : report->ofLevels)
        for (const check::Finding& finding : level.findings)
            ofLevels.push_back(findingJson(finding));
    std::printf(
        "%s\n",
        file::Json{
            {"format", format}, {"version", 1}, {"project", ofProject}, {"findings", ofLevels}}
            .dump(2)
            .c_str());
    return count == 0 ? exitFine : exitFindings;
}

}  // namespace

void addCheckCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "check",
        "List the findings of all levels, or of one: what is out of reach, what leads nowhere,\n"
        "what is solid in a way that nobody may have meant, where a level does not hold to its\n"
        "plan. Exits with 0 without findings (notes count for nothing), 1 with, 2 on an error.");
    auto options = std::make_shared<CheckOptions>();
    command->add_option("PROJECT", options->project, "The project folder")->required();
    command->add_option("--level", options->level, "Check this level only, by its id");
    command->add_flag("--no-plan", options->leavesPlanOut,
                      "Leave out where a level does not hold to its plan");
    command->add_flag("--deep", options->isDeep,
                      "Also look for traps, for what stands behind what needs it, and at comfort; "
                      "takes longer");
    command->add_flag("--game", options->provesGame,
                      "Also prove the whole game: whether it can be finished, dead ends, levels\n"
                      "that are never come to");
    command->add_option("--format", options->format, "text (a line a finding) or json")
        ->check(CLI::IsMember({"text", "json"}))
        ->capture_default_str();
    command->callback([options, &exitCode] { exitCode = checkProject(*options); });
}

}  // namespace rook::cli
