#include <cstdio>
#include <map>

#include "cli/changed_levels.h"
#include "cli/command.h"
#include "cli/report_option.h"
#include "file/project_file.h"
#include "ship/report_formats.h"
#include "ship/report_parts.h"

namespace rook::cli {

namespace {

struct CheckOptions {
    std::string project;
    ship::ReportFormat format = ship::ReportFormat::Text;
    std::string shard, since;
    bool leavesPlanOut = false;
    ship::ProjectWish wish;
};

constexpr const char* findingsFormat = "rookplot-findings";

/// "2/4"; nothing if it is none.
std::optional<ship::Shard> shardOf(const std::string& text) {
    ship::Shard shard;
    char rest = 0;
    if (std::sscanf(text.c_str(), "%4d/%4d%c", &shard.index, &shard.count, &rest) != 2)
        return std::nullopt;
    const bool isOne = shard.count >= 1 && shard.index >= 1 && shard.index <= shard.count;
    return isOne ? std::optional(shard) : std::nullopt;
}

/// Which levels are looked at.
Result<void> choose(const level::Project& project, CheckOptions& options) {
    if (!options.wish.level.empty() && !project.findLevel({options.wish.level}))
        return fail(ErrorKind::BadReference, "There is no level \"" + options.wish.level + "\"",
                    options.project, "Use an id from the order in rookplot.json");
    if (!options.since.empty()) {
        auto changed = changedLevels(options.project, options.since);
        if (!changed) return fail(changed.error());
        options.wish.only = std::move(*changed);
    }
    if (options.shard.empty()) return {};
    const auto shard = shardOf(options.shard);
    if (!shard)
        return fail(ErrorKind::OutOfRange, "\"" + options.shard + "\" is no shard", {},
                    "Give one of N as I/N, such as 2/4");
    options.wish.only = ship::levelsOfShard(project, *shard);
    options.wish.leavesProjectOut = shard->index > 1;
    return {};
}

int checkProject(CheckOptions options) {
    const bool isJson = options.format == ship::ReportFormat::Json;
    options.wish.levels.holdsToPlan = !options.leavesPlanOut;
    const auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return refuse(project.error(), findingsFormat, isJson);
    if (const auto chosen = choose(*project, options); !chosen)
        return refuse(chosen.error(), findingsFormat, isJson);
    const auto report = ship::reportOf(*project, options.project, options.wish);
    if (!report) return refuse(report.error(), findingsFormat, isJson);
    const std::string text = options.shard.empty()
                                 ? ship::formattedReport(*report, options.format, options.project)
                                 : ship::partText(*report, *shardOf(options.shard));
    std::fwrite(text.data(), 1, text.size(), stdout);
    return report->openCount() == 0 ? exitFine : exitFindings;
}

}  // namespace

void addReportFormat(CLI::App* command, ship::ReportFormat& format) {
    static const std::map<std::string, ship::ReportFormat> formats{
        {"text", ship::ReportFormat::Text},
        {"json", ship::ReportFormat::Json},
        {"sarif", ship::ReportFormat::Sarif},
        {"junit", ship::ReportFormat::JUnit}};
    command
        ->add_option_function<std::string>(
            "--format", [&format](const std::string& name) { format = formats.at(name); },
            "text (a line a finding), json, or what build servers read: sarif (2.1.0) or\n"
            "junit (XML)")
        ->check(CLI::IsMember(std::vector<std::string>{"text", "json", "sarif", "junit"}))
        ->default_str("text");
}

void addCheckCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "check",
        "List the findings of all levels, or of one: what is out of reach, what leads nowhere,\n"
        "what is solid in a way that nobody may have meant, where a level does not hold to its\n"
        "plan. Exits with 0 without findings (notes count for nothing), 1 with, 2 on an error.");
    auto options = std::make_shared<CheckOptions>();
    command->add_option("PROJECT", options->project, "The project folder")->required();
    auto& wish = options->wish;
    auto* level = command->add_option("--level", wish.level, "Check this level only, by its id");
    command->add_flag("--no-plan", options->leavesPlanOut,
                      "Leave out where a level does not hold to its plan");
    command->add_flag("--deep", wish.levels.isDeep,
                      "Also look for traps, for what stands behind what needs it, and at comfort; "
                      "takes longer");
    command->add_flag("--game", wish.provesGame,
                      "Also prove the whole game: whether it can be finished, dead ends, levels\n"
                      "that are never come to");
    addReportFormat(command, options->format);
    command->add_option("--jobs", wish.jobs, "Levels that are solved at once")
        ->check(CLI::Range(1, 256))
        ->capture_default_str();
    auto* shard = command->add_option(
        "--shard", options->shard,
        "Only part I of N of the levels, as I/N, for machines that share the work; writes a part\n"
        "that rookplot join-reports joins with the others");
    auto* since = command->add_option(
        "--since", options->since,
        "Only levels whose files changed since that revision of git; all, if another file did");
    command->add_option("--cache", wish.cache,
                        "A folder in which findings are kept by all that they depend on: what did\n"
                        "not change is not solved again");
    shard->excludes(level)->excludes(since);
    since->excludes(level);
    command->callback([options, &exitCode] { exitCode = checkProject(*options); });
}

}  // namespace rook::cli
