#include "cli/command.h"
#include "cli/report_option.h"
#include "file/project_file.h"
#include "file/storage.h"
#include "ship/report_formats.h"
#include "ship/report_parts.h"

namespace rook::cli {

namespace {

struct JoinOptions {
    std::string project;
    std::vector<std::string> parts;
    ship::ReportFormat format = ship::ReportFormat::Text;
};

constexpr std::size_t mostBytes = 256u << 20;

int joinReports(const JoinOptions& options) {
    const auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return report(project.error());
    std::vector<std::string> texts;
    for (const std::string& part : options.parts) {
        auto text = file::diskStorage().read(part, mostBytes);
        if (!text) return report(text.error());
        texts.push_back(std::move(*text));
    }
    const auto whole = ship::joinParts(*project, texts, options.parts);
    if (!whole) return report(whole.error());
    const std::string text = ship::formattedReport(*whole, options.format, options.project);
    std::fwrite(text.data(), 1, text.size(), stdout);
    return whole->openCount() == 0 ? exitFine : exitFindings;
}

}  // namespace

void addJoinCommand(CLI::App& app, int& exitCode) {
    auto* command =
        app.add_subcommand("join-reports",
                           "Join the parts that rookplot check --shard wrote on several machines "
                           "to one report, which\n"
                           "says what one run without shards says. Exits as rookplot check does.");
    auto options = std::make_shared<JoinOptions>();
    command->add_option("PROJECT", options->project, "The project folder")->required();
    command->add_option("PART", options->parts, "All parts of one run, in any order")->required();
    addReportFormat(command, options->format);
    command->callback([options, &exitCode] { exitCode = joinReports(*options); });
}

}  // namespace rook::cli
