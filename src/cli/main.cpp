/// rookplot: Rook Plot without a window. Needs no toolkit and no display.

#include <algorithm>
#include <exception>
#include <numeric>

#include "base/printable.h"
#include "cli/command.h"

namespace {

/// Letters that have to be put in, taken out or changed to make one word the other (V. I.
/// Levenshtein, 1966).
std::size_t distanceOf(const std::string& a, const std::string& b) {
    std::vector<std::size_t> row(b.size() + 1);
    std::iota(row.begin(), row.end(), std::size_t{0});
    for (std::size_t i = 1; i <= a.size(); ++i) {
        std::size_t diagonal = std::exchange(row[0], i);
        for (std::size_t j = 1; j <= b.size(); ++j) {
            const std::size_t other = diagonal + (a[i - 1] == b[j - 1] ? 0 : 1);
            diagonal = std::exchange(row[j], std::min({row[j] + 1, row[j - 1] + 1, other}));
        }
    }
    return row.back();
}

/// What was asked for and is no command; with the one that is nearest.
std::string unknownCommand(const CLI::App& app, const std::string& word) {
    std::string nearest;
    for (const CLI::App* command : app.get_subcommands({})) {
        const std::string& name = command->get_name();
        if (name == word) return {};
        if (nearest.empty() || distanceOf(name, word) < distanceOf(nearest, word)) nearest = name;
    }
    return "There is no command \"" + rook::printableLine(word) + "\": is it " + nearest +
           " that you mean? All are told by rookplot --help.";
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
    rook::cli::addReachCommand(app, exitCode);
    rook::cli::addCollideCommand(app, exitCode);
    rook::cli::addPartsCommand(app, exitCode);
    rook::cli::addExportCommand(app, exitCode);
    rook::cli::addRepairCommand(app, exitCode);
    if (argc > 1 && argv[1][0] != '-') {
        if (const std::string problem = unknownCommand(app, argv[1]); !problem.empty()) {
            std::fprintf(stderr, "rookplot: %s\n", problem.c_str());
            return rook::cli::exitError;
        }
    }
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& problem) {
        return app.exit(problem) == 0 ? rook::cli::exitFine : rook::cli::exitError;
    } catch (const std::exception& problem) {
        // What nobody thought of: a sentence, and never a dump.
        std::fprintf(stderr, "rookplot: This could not be done: %s.\n",
                     rook::printableLine(problem.what()).c_str());
        return rook::cli::exitError;
    }
    return exitCode;
}
