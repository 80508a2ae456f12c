/// Rules that strew, and cannot be followed.

#include "check/finding.h"
#include "skin/scatter.h"

namespace rook::check {

std::vector<Finding> scatterFindings(const level::Project& project, const level::Level& level) {
    std::vector<Finding> findings;
    for (const level::ScatterRule& rule : level.scatter) {
        const auto flaw = rule.isOn ? skin::flawOf(project, level, rule, true) : std::nullopt;
        if (!flaw) continue;
        Finding finding;
        finding.kind = FindingKind::RuleNotFollowed;
        finding.severity = Severity::Doubt;
        finding.level = level.id;
        finding.sentence = "The scatter rule " + rule.name + " is not followed: " + *flaw;
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace rook::check
