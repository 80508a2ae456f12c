#include "check/finding.h"
#include "game/flow.h"

namespace rook::check {

std::vector<Finding> exitFindings(const level::Project& project, const level::Level& level) {
    std::vector<Finding> findings;
    for (const level::Entity& entity : level.entities) {
        if (project.roleOf(entity) != level::Role::Exit) continue;
        const game::Destination to = game::destinationOf(project, level, entity.to);
        if (to.sort != game::Destination::Sort::Nowhere) continue;
        findings.push_back({FindingKind::ExitLeadsNowhere, Severity::Error, level.id,
                            "Exit " + entity.id.text + " leads nowhere: " + to.problem, entity.id,
                            entity.box});
    }
    return findings;
}

}  // namespace rook::check
