#include "check/finding.h"

namespace rook::check {

std::vector<Finding> exitFindings(const level::Project& project, const level::Level& level) {
    std::vector<Finding> findings;
    for (const level::Entity& entity : level.entities) {
        if (project.roleOf(entity) != level::Role::Exit || entity.to.level.isEmpty()) continue;
        const auto target = project.findLevel(entity.to.level);
        std::string problem;
        if (!target) {
            problem = "There is no level " + entity.to.level.text;
        } else if (!entity.to.entry.isEmpty()) {
            const level::Entity* entry = findEntity(*target, entity.to.entry);
            const auto role = entry ? project.roleOf(*entry) : level::Role::Prop;
            if (role != level::Role::Spawn && role != level::Role::Entry)
                problem = target->title + " has no spawn or entry " + entity.to.entry.text;
        }
        if (problem.empty()) continue;
        findings.push_back({FindingKind::ExitLeadsNowhere, Severity::Error, level.id,
                            "Exit " + entity.id.text + " leads nowhere: " + problem, entity.id,
                            entity.box});
    }
    return findings;
}

}  // namespace rook::check
