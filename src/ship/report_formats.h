#pragma once
/// A report of findings as people and build servers read it.

#include "ship/file_lines.h"
#include "ship/project_report.h"

namespace rook::ship {

enum class ReportFormat : unsigned char { Text, Json, Sarif, JUnit };

/// A line a finding, and one with their count; or the lines of errors alone, without it.
[[nodiscard]] std::string textOf(const ProjectReport& report);
[[nodiscard]] std::string errorLinesOf(const ProjectReport& report);
/// The format rookplot-findings.
[[nodiscard]] std::string jsonOf(const ProjectReport& report);

/// The files of the levels in a report, by id.
using LevelLines = std::map<std::string, FileLines>;
/// As far as they can be read.
[[nodiscard]] LevelLines linesOf(const ProjectReport& report, const std::string& folder);

/// SARIF 2.1.0 (OASIS 2020): a rule a sort of finding, a result a finding with the file of its
/// level, the line of its entity or row, and a fingerprint that stays the same under edits
/// elsewhere.
[[nodiscard]] std::string sarifOf(const ProjectReport& report, const LevelLines& lines);
/// JUnit XML, docs/schema/rookplot-junit.xsd: a suite a level and one for what belongs to none, a
/// case a rule; errors and doubts are failures, notes are told. No times: the same report makes the
/// same bytes.
[[nodiscard]] std::string junitOf(const ProjectReport& report, const LevelLines& lines);

[[nodiscard]] std::string formattedReport(const ProjectReport& report, ReportFormat format,
                                          const std::string& folder);

}  // namespace rook::ship
