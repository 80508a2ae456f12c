#include "cli/command.h"
#include "file/bundle.h"
#include "file/project_file.h"
#include "ship/report_formats.h"

namespace rook::cli {

namespace {

struct ExportOptions {
    std::string project;
    std::string target;
    bool isStrict = false;
    bool leavesFindingsOut = false;
};

/// Tells the errors and how many findings there are; false if they forbid to export.
Result<bool> mayExport(const level::Project& project, const ExportOptions& options) {
    if (options.leavesFindingsOut && !options.isStrict) return true;
    const auto report = ship::reportOf(project, options.project, {});
    if (!report) return fail(report.error());
    std::fputs(ship::errorLinesOf(*report).c_str(), stdout);
    const std::size_t errors = report->errorCount(), all = report->openCount();
    if (all > 0)
        std::printf("%zu %s, %zu of them errors (rookplot check lists them)\n", all,
                    all == 1 ? "finding" : "findings", errors);
    if (errors == 0 || !options.isStrict) return true;
    std::fprintf(stderr,
                 "rookplot: Nothing was exported, as there are errors (%s). Mend them, or leave "
                 "--strict out.\n",
                 options.project.c_str());
    return false;
}

int exportProject(const ExportOptions& options) {
    const auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return report(project.error());
    const auto may = mayExport(*project, options);
    if (!may) return report(may.error());
    if (!*may) return exitFindings;
    const auto written =
        file::exportBundle(file::diskStorage(), *project, options.project, options.target);
    if (!written) return report(written.error());
    std::size_t bytes = 0;
    for (const file::WrittenFile& one : *written) {
        std::printf("%10zu  %s\n", one.bytes, one.path.c_str());
        bytes += one.bytes;
    }
    std::printf("Wrote %zu files, %zu bytes, to %s\n", written->size(), bytes,
                options.target.c_str());
    return exitFine;
}

}  // namespace

void addExportCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "export",
        "Write the bundle that a game loads, and tell what is wrong with the levels. A former\n"
        "bundle is replaced as a whole; when something fails it stays as it was.");
    auto options = std::make_shared<ExportOptions>();
    command->add_option("PROJECT", options->project, "The project folder")->required();
    command
        ->add_option("--to", options->target,
                     "The folder of the bundle: new, empty, or a former bundle")
        ->required();
    command->add_flag("--strict", options->isStrict,
                      "Write nothing where there are errors; exits with 1 then");
    command->add_flag("--no-findings", options->leavesFindingsOut,
                      "Do not look for what is wrong, which takes as long as exporting");
    command->callback([options, &exitCode] { exitCode = exportProject(*options); });
}

}  // namespace rook::cli
