#include "check/finding.h"

namespace rook::check {

namespace {

using level::Role;
using reach::VerdictKind;

FindingKind kindOfUnreached(Role role) {
    if (role == Role::Exit) return FindingKind::ExitOutOfReach;
    if (role == Role::Key || role == Role::Switch) return FindingKind::KeyOutOfReach;
    if (role == Role::Checkpoint) return FindingKind::CheckpointOutOfReach;
    return FindingKind::PickupOutOfReach;
}

}  // namespace

std::vector<Finding> reachFindings(const level::Level& level, const reach::Answer& answer) {
    std::vector<Finding> findings;
    const auto add = [&](FindingKind kind, Severity severity, std::string sentence,
                         EntityId entity = {}, PxRect place = {}) {
        findings.push_back(
            {kind, severity, level.id, std::move(sentence), std::move(entity), place});
    };
    const reach::Verdict& verdict = answer.verdict;
    switch (verdict.kind) {
        case VerdictKind::NoStart:
            add(FindingKind::NoStart, Severity::Error, verdict.sentence());
            return findings;
        case VerdictKind::StartBlocked:
            add(FindingKind::StartBlocked, Severity::Error, verdict.sentence());
            return findings;
        case VerdictKind::NotDecided:
            add(FindingKind::NotDecided, Severity::Doubt, verdict.sentence());
            break;
        case VerdictKind::NoExit:
            add(FindingKind::NoExit, Severity::Error, verdict.sentence());
            break;
        case VerdictKind::Reached:
        case VerdictKind::NotReached:
        case VerdictKind::Solved:
        case VerdictKind::NotSolved:
        case VerdictKind::NoRule:
            break;
    }
    for (const reach::Goal& goal : verdict.goals) {
        if (goal.isReached) continue;
        if (goal.isUndecided) {
            if (verdict.kind != VerdictKind::NotDecided)
                add(FindingKind::NotDecided, Severity::Doubt,
                    "Whether " + goal.title + " " + goal.id +
                        " is reached is not decided: movers might carry the body there, but no run "
                        "in time was found",
                    {goal.id}, goal.box);
            continue;
        }
        add(kindOfUnreached(goal.role), goal.role == Role::Exit ? Severity::Error : Severity::Doubt,
            goal.title + " " + goal.id + " is out of reach", {goal.id}, goal.box);
    }
    return findings;
}

}  // namespace rook::check
