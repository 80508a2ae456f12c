#pragma once
/// A finding as formats for build servers tell it, of a level or of none. Private to ship/.

#include "ship/report_formats.h"

namespace rook::ship::detail {

struct ToldFinding {
    std::string rule;
    check::Severity severity = check::Severity::Error;
    std::string sentence;
    std::string file;  ///< relative to the project
    int line = 1;
    std::string level;   ///< empty = of none
    std::string entity;  ///< empty = about none
    PxRect place;
};

/// All of them: those of no level first.
[[nodiscard]] std::vector<ToldFinding> toldFindings(const ProjectReport& report,
                                                    const LevelLines& lines);

struct Rule {
    std::string name;
    std::string title;
    std::string help;  ///< what it looks at, and what it counts for
    check::Severity usual = check::Severity::Error;
};
/// Of the table of findings; and those of projects that the report tells.
[[nodiscard]] std::vector<Rule> rulesOf(const ProjectReport& report);

}  // namespace rook::ship::detail
