#include "check/finding.h"

#include <algorithm>

#include "check/cast.h"

namespace rook::check {

std::string_view nameOf(Severity severity) {
    switch (severity) {
        case Severity::Error:
            return "error";
        case Severity::Doubt:
            return "doubt";
        case Severity::Note:
            return "note";
    }
    return "";
}

bool hasErrors(const std::vector<Finding>& findings) {
    return std::any_of(findings.begin(), findings.end(),
                       [](const Finding& finding) { return finding.severity == Severity::Error; });
}

std::size_t openCount(const std::vector<Finding>& findings) {
    return static_cast<std::size_t>(
        std::count_if(findings.begin(), findings.end(),
                      [](const Finding& finding) { return finding.severity != Severity::Note; }));
}

std::vector<Finding> findingsOf(const level::Project& project, const level::Level& level,
                                const reach::Answer& answer) {
    if (level.kind == level::LevelKind::Puzzle) {
        // Nobody walks there: what is placed besides is for the eye.
        std::vector<Finding> found = puzzleFindings(project, level, answer);
        for (const std::vector<Finding>& some :
             {castFindings(project, level), scatterFindings(project, level)})
            found.insert(found.end(), some.begin(), some.end());
        return found;
    }
    std::vector<Finding> all = reachFindings(level, answer);
    if (level.kind == level::LevelKind::Kit) {
        // Matter, and what stands in it, says nothing here.
        for (const std::vector<Finding>& some :
             {exitFindings(project, level), gateFindings(project, level),
              castFindings(project, level), behaviourFindings(project, level, answer),
              kitFindings(level, answer)})
            all.insert(all.end(), some.begin(), some.end());
        for (Finding& finding : all)
            if (const level::Entity* entity = findEntity(level, finding.entity))
                finding.storey = entity->storey;
        return all;
    }
    for (auto* family :
         {&exitFindings, &placementFindings, &gateFindings, &keptRunFindings, &scatterFindings}) {
        const std::vector<Finding> some = (*family)(project, level);
        all.insert(all.end(), some.begin(), some.end());
    }
    for (const std::vector<Finding>& some :
         {profileFindings(project, level, answer), castFindings(project, level),
          behaviourFindings(project, level, answer), zoneFindings(project, level, answer)})
        all.insert(all.end(), some.begin(), some.end());
    return all;
}

}  // namespace rook::check
