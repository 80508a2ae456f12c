/// Rules that strew, and cannot be followed.

#include <algorithm>

#include "check/finding.h"
#include "skin/scatter.h"

namespace rook::check {

namespace {

/// Rules all of whose tiles lie under those of later ones. Rules that ask where bodies get are left
/// out: that is not known here.
void addCovered(const level::Project& project, const level::Level& level,
                std::vector<Finding>& findings) {
    const std::size_t count = level.scatter.size();
    if (count < 2 || skin::needsReach(level)) return;
    const skin::Strewn all = skin::strew(project, level);
    for (std::size_t i = 0; i + 1 < count; ++i) {
        const level::ScatterRule& rule = level.scatter[i];
        if (!rule.isOn || !rule.kind.isEmpty() || skin::flawOf(project, level, rule, true))
            continue;
        const level::CellRegion alone = skin::scatter(project, level, level.cells.bounds(), rule);
        const bool isSeen =
            std::any_of(all.layers.begin(), all.layers.end(), [&](const auto& layer) {
                const auto& rules = layer.second.rules;
                for (int y = 0; y < rules.height(); ++y)
                    for (int x = 0; x < rules.width(); ++x)
                        if (rules.at(x, y) == i + 1) return true;
                return false;
            });
        if (alone.isEmpty() || isSeen) continue;
        Finding finding;
        finding.kind = FindingKind::RuleCovered;
        finding.severity = Severity::Doubt;
        finding.level = level.id;
        finding.sentence =
            "Nothing is seen of the scatter rule " + rule.name + ": later rules lie over all of it";
        finding.place = toPx(alone.bounds(), level.cellSize);
        findings.push_back(std::move(finding));
    }
}

}  // namespace

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
    addCovered(project, level, findings);
    return findings;
}

}  // namespace rook::check
