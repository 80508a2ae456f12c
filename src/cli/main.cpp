/// rookplot: Rook Plot without a window. Needs no toolkit and no display.

#include <algorithm>
#include <exception>

#include "base/nearest_word.h"
#include "base/printable.h"
#include "cli/command.h"

namespace {

/// What was asked for and is no command; with the one that is nearest.
std::string unknownCommand(const CLI::App& app, const std::string& word) {
    std::vector<std::string> names;
    for (const CLI::App* command : app.get_subcommands({}))
        names.push_back(command->get_name());
    if (std::find(names.begin(), names.end(), word) != names.end()) return {};
    return "There is no command \"" + rook::printableLine(word) + "\": is it " +
           rook::nearestWord(word, names) + " that you mean? All are told by rookplot --help.";
}

/// A word that is no option of the command, with the one that is nearest; else the parser's words.
std::string usageProblem(const CLI::App& app, const CLI::ParseError& problem) {
    const auto used = app.get_subcommands();
    const std::vector<std::string> left = app.remaining(true);
    if (used.empty() || left.empty()) return problem.what();
    std::vector<std::string> names;
    for (const CLI::Option* option : used.front()->get_options())
        names.push_back(option->get_name());
    const std::string nearest = rook::nearestWord(left.front(), names, 4);
    return "\"" + left.front() + "\" is not understood" +
           (nearest.empty() ? std::string() : ": is it " + nearest + " that you mean");
}

}  // namespace

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
    rook::cli::addJoinCommand(app, exitCode);
    rook::cli::addGameCommand(app, exitCode);
    rook::cli::addReachCommand(app, exitCode);
    rook::cli::addSolveCommand(app, exitCode);
    rook::cli::addCollideCommand(app, exitCode);
    rook::cli::addPartsCommand(app, exitCode);
    rook::cli::addExportCommand(app, exitCode);
    rook::cli::addImportCommand(app, exitCode);
    rook::cli::addWatchCommand(app, exitCode);
    rook::cli::addRepairCommand(app, exitCode);
    rook::cli::addTextsCommand(app, exitCode);
    if (argc > 1 && argv[1][0] != '-') {
        if (const std::string problem = unknownCommand(app, argv[1]); !problem.empty()) {
            std::fprintf(stderr, "rookplot: %s\n", problem.c_str());
            return rook::cli::exitError;
        }
    }
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& problem) {
        // Help and version come this way, too.
        if (problem.get_exit_code() == 0) return app.exit(problem), rook::cli::exitFine;
        const auto used = app.get_subcommands();
        const std::string command = used.empty() ? "" : " " + used.front()->get_name();
        std::fprintf(stderr, "rookplot: %s. What there is is told by rookplot%s --help.\n",
                     rook::printableLine(usageProblem(app, problem)).c_str(), command.c_str());
        return rook::cli::exitError;
    } catch (const std::exception& problem) {
        // What nobody thought of: a sentence, and never a dump.
        std::fprintf(stderr, "rookplot: This could not be done: %s.\n",
                     rook::printableLine(problem.what()).c_str());
        return rook::cli::exitError;
    }
    return exitCode;
}
