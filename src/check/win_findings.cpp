#include "check/win_findings.h"

namespace rook::check {

using game::Decided;

std::vector<Finding> winFindings(const level::Level& level, const reach::Verdict& verdict,
                                 const game::Winning& winning) {
    std::vector<Finding> findings;
    const auto add = [&](FindingKind kind, Severity severity, std::string sentence,
                         const level::Entity* entity = nullptr) {
        findings.push_back({kind, severity, level.id, std::move(sentence),
                            entity ? entity->id : EntityId{}, entity ? entity->box : PxRect{}});
    };
    bool isExplained = false;
    for (std::size_t i = 0; i < winning.goals.size() && i < level.goals.size(); ++i) {
        if (winning.goals[i].can != Decided::No) continue;
        const bool isNeeded = level.goals[i].isNeeded;
        isExplained = isExplained || isNeeded;
        add(FindingKind::GoalImpossible, isNeeded ? Severity::Error : Severity::Doubt,
            (isNeeded ? "A goal that is needed cannot be met: " : "A bonus goal cannot be met: ") +
                winning.goals[i].why);
    }
    // That nothing leads to an exit, or none is there, is said already.
    const bool isReached =
        verdict.exitsReached > 0 || (verdict.exitCount == 0 && level.goals.size() > 0);
    if (winning.can == Decided::No && isReached && !isExplained)
        add(FindingKind::LevelNotWon, Severity::Error, "The level cannot be won: " + winning.why);
    if (winning.can == Decided::Unknown && isReached)
        add(FindingKind::WinNotDecided, Severity::Doubt,
            "Whether the level can be won is not decided: " + winning.why);
    if (winning.can != Decided::Yes) return findings;
    for (const reach::Goal& goal : verdict.goals) {
        if (goal.role != level::Role::Exit || !goal.isReached) continue;
        const level::Entity* exit = level::findEntity(level, {goal.id});
        if (exit && winning.by(exit->id) == Decided::No)
            add(FindingKind::ExitNotWon, Severity::Doubt,
                "Nobody can win by " + goal.id +
                    ": whoever comes there has met another exit before",
                exit);
    }
    return findings;
}

}  // namespace rook::check
