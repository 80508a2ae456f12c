#pragma once
/// The option of commands that tell findings.

#include <CLI/CLI.hpp>

#include "ship/report_formats.h"

namespace rook::cli {

/// --format text, json, sarif or junit.
void addReportFormat(CLI::App* command, ship::ReportFormat& format);

}  // namespace rook::cli
