#include "base/printable.h"
#include "check/game_findings.h"
#include "check/report.h"
#include "cli/command.h"
#include "file/asset_facts.h"
#include "file/json_text.h"
#include "file/project_file.h"
#include "file/sheet_import.h"

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

void printFindingText(const std::vector<check::Finding>& findings, CellSize cell) {
    for (const check::Finding& finding : findings) {
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
}

file::Json findingJson(const check::ProjectFinding& finding) {
    return {{"kind", finding.name},
            {"severity", check::nameOf(finding.severity)},
            {"sentence", finding.sentence},
            {"file", finding.where}};
}

void printFindingText(const check::ProjectFinding& finding) {
    std::printf("%s: %s%s [%s]\n", printableLine(finding.where).c_str(),
                finding.severity == check::Severity::Note ? "note: " : "",
                printableLine(finding.sentence).c_str(), finding.name.c_str());
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
    const skin::Opacity opacity = file::opacityOf(file::diskStorage(), options.project, *project);
    file::Json list = file::Json::array();
    std::size_t count = 0;
    auto ofProject =
        options.level.empty()
            ? check::projectFindings(
                  *project, file::assetFactsOf(file::diskStorage(), options.project, *project))
            : std::vector<check::ProjectFinding>();
    if (options.provesGame) {
        const auto proven = check::gameProofFindings(*project, game::proveGame(*project));
        ofProject.insert(ofProject.end(), proven.begin(), proven.end());
    }
    count += check::openCount(ofProject);
    file::Json projectList = file::Json::array();
    for (const check::ProjectFinding& finding : ofProject) {
        if (options.format == "text") printFindingText(finding);
        projectList.push_back(findingJson(finding));
    }
    for (const auto& level : project->levels) {
        if (!options.level.empty() && level->id.text != options.level) continue;
        const auto found =
            check::reportOf(*project, *level, opacity, {options.isDeep, !options.leavesPlanOut});
        if (!found) return refuse(found.error(), format, isJson);
        const std::vector<check::Finding>& findings = found->findings();
        count += check::openCount(findings);
        if (options.format == "text") printFindingText(findings, level->cellSize);
        for (const check::Finding& finding : findings)
            list.push_back(findingJson(finding));
    }
    if (options.format == "json")
        std::printf("%s\n", file::Json{{"format", "rookplot-findings"},
                                       {"version", 1},
                                       {"project", projectList},
                                       {"findings", list}}
                                .dump(2)
                                .c_str());
    else
        std::printf("%zu %s\n", count, count == 1 ? "finding" : "findings");
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
