#include <set>

#include "check/finding_table.h"
#include "check/game_findings.h"
#include "ship/told_finding_detail.h"

namespace rook::ship::detail {

namespace {

const char* subjectOf(check::Family family) {
    switch (family) {
        case check::Family::Reach:
            return "What can be got to, exactly, and what leads where.";
        case check::Family::Gates:
            return "Doors and what opens them.";
        case check::Family::Cast:
            return "What is placed, as it stands and goes.";
        case check::Family::Zones:
            return "Zones, their cameras and where bodies cross.";
        case check::Family::Kit:
            return "Pieces of a kit and how they join.";
        case check::Family::Puzzle:
            return "Slots, counters and rules of a puzzle, and whether it can be solved.";
        case check::Family::Analysis:
            return "What looking deep shows: traps, comfort, what stands behind what needs it.";
        case check::Family::Collision:
            return "What is solid in a way that nobody may have meant.";
        case check::Family::Look:
            return "What it looks like beside what it is.";
        case check::Family::Plan:
            return "Whether the level holds to its plan.";
    }
    return "";
}

const char* weightOf(check::Severity severity) {
    switch (severity) {
        case check::Severity::Error:
            return " It is an error: the level does not work so.";
        case check::Severity::Doubt:
            return " It is a doubt: it may be meant, and is worth a look.";
        case check::Severity::Note:
            return " It is a note, and counts for nothing.";
    }
    return "";
}

/// "theme-missing": "Theme missing".
std::string titleOf(const std::string& name) {
    std::string title = name;
    for (char& c : title)
        if (c == '-') c = ' ';
    if (!title.empty()) title[0] = static_cast<char>(std::toupper(title[0]));
    return title;
}

}  // namespace

std::vector<ToldFinding> toldFindings(const ProjectReport& report, const LevelLines& lines) {
    std::vector<ToldFinding> told;
    for (const check::ProjectFinding& finding : report.ofProject)
        told.push_back(
            {finding.name, finding.severity, finding.sentence, finding.where, 1, {}, {}, {}});
    for (const LevelReport& level : report.ofLevels) {
        const auto known = lines.find(level.id.text);
        const FileLines file = known == lines.end() ? FileLines() : known->second;
        for (const check::Finding& finding : level.findings) {
            const int row = finding.place.isEmpty()
                                ? -1
                                : toCell({finding.place.x, finding.place.y}, level.cell).y;
            told.push_back(
                {std::string(check::nameOf(finding.kind)), finding.severity, finding.sentence,
                 check::fileOf(level.id),
                 finding.entity.isEmpty() ? file.ofRow(row) : file.ofEntity(finding.entity.text),
                 level.id.text, finding.entity.text, finding.place});
        }
    }
    return told;
}

std::vector<Rule> rulesOf(const ProjectReport& report) {
    std::vector<Rule> rules;
    for (const check::FindingRow& row : check::findingTable())
        rules.push_back({std::string(row.name), std::string(row.title),
                         std::string(row.title) + ". " + subjectOf(row.family) +
                             weightOf(row.usual) +
                             (row.fix ? " A button in the window mends it." : ""),
                         row.usual});
    std::set<std::string> known;
    for (const check::ProjectFinding& finding : report.ofProject)
        if (known.insert(finding.name).second)
            rules.push_back({finding.name, titleOf(finding.name),
                             titleOf(finding.name) +
                                 ". What belongs to the game and to no level alone." +
                                 weightOf(finding.severity),
                             finding.severity});
    return rules;
}

}  // namespace rook::ship::detail
