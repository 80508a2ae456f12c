#pragma once
/// What the commands of `rookplot` share. Exit codes: 0 fine, 1 findings, 2 error.

#include <CLI/CLI.hpp>
#include <cstdio>
#include <string>

#include "base/result.h"

namespace rook::cli {

inline constexpr int exitFine = 0;
inline constexpr int exitFindings = 1;
inline constexpr int exitError = 2;

/// Says the error's sentence on standard error.
inline int report(const Error& error) {
    std::fprintf(stderr, "rookplot: %s\n", error.sentence().c_str());
    return exitError;
}

/// Says why nothing was done, to whoever reads: a program gets it as JSON of that format, too.
int refuse(const Error& error, const char* format, bool isJson);

/// Each adds one command; its result goes to `exitCode`.
void addNewCommand(CLI::App& app, int& exitCode);
void addOpenCommand(CLI::App& app, int& exitCode);
void addCheckCommand(CLI::App& app, int& exitCode);
void addJoinCommand(CLI::App& app, int& exitCode);
void addGameCommand(CLI::App& app, int& exitCode);
void addReachCommand(CLI::App& app, int& exitCode);
void addPartsCommand(CLI::App& app, int& exitCode);
void addCollideCommand(CLI::App& app, int& exitCode);
void addSolveCommand(CLI::App& app, int& exitCode);
void addExportCommand(CLI::App& app, int& exitCode);
void addImportCommand(CLI::App& app, int& exitCode);
void addWatchCommand(CLI::App& app, int& exitCode);
void addRepairCommand(CLI::App& app, int& exitCode);
void addTextsCommand(CLI::App& app, int& exitCode);

}  // namespace rook::cli
