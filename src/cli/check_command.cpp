#include <algorithm>

#include "cli/command.h"
#include "file/project_file.h"
#include "ship/report_formats.h"

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

constexpr const char* format = "rookplot-findings";

/// In the order of `ship::ReportFormat`.
const std::vector<std::string> formats{"text", "json", "sarif", "junit"};

int checkProject(const CheckOptions& options) {
    const bool isJson = options.format == "json";
    const auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return refuse(project.error(), format, isJson);
    if (!options.level.empty() && !project->findLevel({options.level})) {
        return refuse({ErrorKind::BadReference, "There is no level \"" + options.level + "\"",
                       options.project, "Use an id from the order in rookplot.json"},
                      format, isJson);
    }
    const auto report = ship::reportOf(
        *project, options.project,
        {options.level, options.provesGame, {options.isDeep, !options.leavesPlanOut}});
    if (!report) return refuse(report.error(), format, isJson);
    const auto at = std::find(formats.begin(), formats.end(), options.format) - formats.begin();
    const std::string text =
        ship::formattedReport(*report, static_cast<ship::ReportFormat>(at), options.project);
    std::fwrite(text.data(), 1, text.size(), stdout);
    return report->openCount() == 0 ? exitFine : exitFindings;
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
    command
        ->add_option("--format", options->format,
                     "text (a line a finding), json, or what build servers read: sarif (2.1.0) or\n"
                     "junit (XML)")
        ->check(CLI::IsMember(formats))
        ->capture_default_str();
    command->callback([options, &exitCode] { exitCode = checkProject(*options); });
}

}  // namespace rook::cli
