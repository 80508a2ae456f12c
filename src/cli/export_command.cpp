#include "cli/command.h"
#include "cli/shipping.h"
#include "ship/report_formats.h"

namespace rook::cli {

namespace {

struct ExportOptions {
    std::string project;
    ShippingWish wish;
    bool isStrict = false;
    bool leavesFindingsOut = false;
};

/// Tells the errors and how many findings there are; false if they forbid to export.
Result<bool> mayExport(const level::Project& project, const ExportOptions& options) {
    if (options.leavesFindingsOut && !options.isStrict) return true;
    ship::ProjectWish wish;
    wish.jobs = 2;  // as the bundle after it is made by two threads
    const auto report = ship::reportOf(project, options.project, wish);
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
    const auto targets = targetsOf(*project, options.wish);
    if (!targets) return report(targets.error());
    if (!options.wish.isDryRun) {
        const auto may = mayExport(*project, options);
        if (!may) return report(may.error());
        if (!*may) return exitFindings;
    }
    bool wouldChange = false;
    file::Solved solved;  // a play page holds the same levels as a bundle
    for (const level::Target& target : *targets) {
        const auto changes = shipTarget(*project, options.project, target, options.wish, &solved);
        if (!changes) return report(changes.error());
        wouldChange = wouldChange || *changes;
    }
    return options.wish.isDryRun && wouldChange ? exitFindings : exitFine;
}

}  // namespace

void addExportCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "export",
        "Write the targets of a project, or its bundle to a folder, and tell what is wrong with "
        "the\n"
        "levels. What is the same already is left alone, what a target wrote before and does no\n"
        "more is removed, and nothing that somebody else wrote is written over.");
    auto options = std::make_shared<ExportOptions>();
    command->add_option("PROJECT", options->project, "The project folder")->required();
    command->add_option("--target", options->wish.target,
                        "One target of the project, by its name; all unless it or --to is given");
    command
        ->add_option("--to", options->wish.to,
                     "The folder to write to: of a bundle new, empty, or a former bundle")
        ->check([](const std::string& folder) {
            return folder.empty() ? std::string("A folder is wanted after --to") : std::string();
        });
    command->add_flag("--dry-run", options->wish.isDryRun,
                      "Write nothing, tell what would be; exits with 1 if anything would change");
    command->add_flag("--over", options->wish.writesOver,
                      "Write over files that somebody else wrote or changed");
    command->add_flag("--strict", options->isStrict,
                      "Write nothing where there are errors; exits with 1 then");
    command->add_flag("--no-findings", options->leavesFindingsOut,
                      "Do not look for what is wrong, which takes as long as exporting");
    command->callback([options, &exitCode] { exitCode = exportProject(*options); });
}

}  // namespace rook::cli
