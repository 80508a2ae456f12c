/// rookplot: Rook Plot without a window. Needs no toolkit and no display.

#include "cli/command.h"

int main(int argc, char** argv) {
    CLI::App app(
        "Rook Plot at the command line: make, check, prove and export projects of game levels.\n"
        "Exit codes: 0 = fine, 1 = there are findings, 2 = an error, told in one sentence.",
        "rookplot");
    app.set_version_flag("--version", "Rook Plot " ROOK_VERSION);
    app.require_subcommand(1);
    int exitCode = rook::cli::exitFine;
    rook::cli::addNewCommand(app, exitCode);
    rook::cli::addOpenCommand(app, exitCode);
    rook::cli::addCheckCommand(app, exitCode);
    rook::cli::addReachCommand(app, exitCode);
    rook::cli::addCollideCommand(app, exitCode);
    rook::cli::addPartsCommand(app, exitCode);
    rook::cli::addExportCommand(app, exitCode);
    rook::cli::addRepairCommand(app, exitCode);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& problem) {
        return app.exit(problem) == 0 ? rook::cli::exitFine : rook::cli::exitError;
    }
    return exitCode;
}
