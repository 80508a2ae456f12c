#include "reach/verdict.h"

#include <algorithm>
#include <chrono>

namespace rook::reach {

namespace {

using level::Role;

bool isGoal(Role role) {
    return role == Role::Exit || role == Role::Checkpoint || role == Role::Pickup ||
           role == Role::Key;
}

/// True if the role, as this entity uses it, changes reach in a way that is not solved yet.
bool needsMore(const Placed& placed) {
    switch (placed.role) {
        case Role::Door:
        case Role::Switch:
        case Role::Mover:
        case Role::Spring:
            return true;
        case Role::Hazard:
        case Role::Foe:
            return placed.hasTimetable;
        case Role::Pickup:
            return placed.grants;
        case Role::Spawn:
        case Role::Entry:
        case Role::Exit:
        case Role::Checkpoint:
        case Role::Key:
        case Role::Trigger:
        case Role::Formation:
        case Role::Prop:
            return false;
    }
    return false;
}

bool hasMatter(const Problem& problem, level::Behaviour behaviour) {
    for (int row = 0; row < problem.frame.rows; ++row)
        for (int column = 0; column < problem.frame.columns; ++column)
            if (problem.cells->at(column, row).behaviour == behaviour) return true;
    return false;
}

bool makesADifference(const Problem& problem, level::Ability ability, int amount) {
    if (problem.tables.fromAbove) return false;  // there is no gravity; swimming is solved there
    switch (ability) {
        case level::Ability::Climb:
            return hasMatter(problem, level::Behaviour::Ladder);
        case level::Ability::Swim:
            return hasMatter(problem, level::Behaviour::Liquid);
        case level::Ability::Coyote:
        case level::Ability::AirJump:
            return amount > 0;
        case level::Ability::WallJump:
        case level::Ability::ShortHop:
        case level::Ability::DropThrough:
            return true;
    }
    return true;
}

VerdictKind kindOf(const Question& question, const Verdict& verdict, const Reached& reached) {
    if (!question.problem.start) return VerdictKind::NoStart;
    if (!question.notSolved.empty()) return VerdictKind::NotDecided;
    const bool isComplete = reached.completion == Completion::Complete;
    if (isComplete && !reached.startIsLive) return VerdictKind::StartBlocked;
    if (verdict.exitCount == 0) return VerdictKind::NoExit;
    if (verdict.exitsReached == verdict.exitCount) return VerdictKind::Reached;
    return isComplete ? VerdictKind::NotReached : VerdictKind::NotDecided;
}

std::string reasonOf(const Question& question, const Reached& reached) {
    if (!question.notSolved.empty()) {
        std::string list;
        for (std::size_t i = 0; i < question.notSolved.size() && i < 3; ++i)
            list += (i ? ", " : "") + question.notSolved[i];
        if (question.notSolved.size() > 3) list += " and more";
        return "this version does not solve " + list;
    }
    switch (reached.completion) {
        case Completion::Complete:
            return {};
        case Completion::OutOfMemory:
            return "the level is too large for the memory limit";
        case Completion::Cancelled:
            return "it was cancelled";
    }
    return {};
}

}  // namespace

void addToQuestion(Question& question, level::Ability ability, int amount) {
    if (!motion::isSolved(ability) && makesADifference(question.problem, ability, amount))
        question.notSolved.push_back("the ability " + std::string(nameOf(ability)));
}

void addToQuestion(Question& question, const Placed& placed) {
    if (needsMore(placed))
        question.notSolved.push_back(std::string(nameOf(placed.role)) + " " + placed.id);
    if (placed.role == Role::Hazard && !placed.hasTimetable)
        question.problem.deadlyBoxes.push_back(placed.box);
    if (placed.role == Role::Spawn && !question.problem.start) question.problem.start = placed.box;
    if (isGoal(placed.role))
        question.goals.push_back({placed.id, placed.title, placed.role, placed.box, false});
}

int Verdict::goalsReached() const {
    return static_cast<int>(
        std::count_if(goals.begin(), goals.end(), [](const Goal& goal) { return goal.isReached; }));
}

std::string Verdict::sentence() const {
    switch (kind) {
        case VerdictKind::Reached:
            return exitCount == 1 ? "The exit can be reached."
                                  : "All " + std::to_string(exitCount) + " exits can be reached.";
        case VerdictKind::NotReached:
            return exitCount == 1 ? "The exit cannot be reached."
                                  : std::to_string(exitsReached) + " of " +
                                        std::to_string(exitCount) + " exits can be reached.";
        case VerdictKind::NotDecided:
            return "Not decided: " + reason + ".";
        case VerdictKind::NoStart:
            return "There is no start yet. Place a spawn in Cast.";
        case VerdictKind::StartBlocked:
            return "The start is blocked: the body has no room there.";
        case VerdictKind::NoExit:
            return "There is no exit yet. Place one in Cast.";
    }
    return {};
}

Result<Question> askOf(const level::Project& project, const level::Level& level) {
    const level::MotionProfile* profile = project.profileOf(level);
    if (!profile) {
        return fail(ErrorKind::BadReference,
                    level.profile.empty() ? "The project has no motion profile"
                                          : "There is no motion profile " + level.profile,
                    level.title, "Add it to the profiles in rookplot.json");
    }
    auto tables = motion::makeStepTables(*profile, level.cellSize);
    if (!tables) return fail(tables.error());
    Question question;
    question.problem.frame = frameOf(level);
    question.problem.cells = std::make_shared<level::LevelCells>(project, level);
    question.problem.tables = std::move(tables->body);
    question.problem.tables.fromAbove = level.kind == level::LevelKind::Above;
    question.problem.tables.swims = profile->has(level::Ability::Swim);
    if (level.kind != level::LevelKind::Side && level.kind != level::LevelKind::Above)
        question.notSolved.push_back("levels of kind " + std::string(nameOf(level.kind)));
    for (const level::Ability ability : tables->abilities) {
        const bool isCoyote = ability == level::Ability::Coyote;
        addToQuestion(question, ability, isCoyote ? tables->coyoteTicks : tables->airJumps);
    }
    for (const level::Entity& entity : level.entities)
        if (const level::Kind* kind = project.findKind(entity.kind))
            addToQuestion(question, {entity.id.text, kind->title, kind->role, entity.box,
                                     entity.hasUnknown("timetable"), entity.hasUnknown("grants")});
    return question;
}

Answer answer(const Question& question, const Limits& limits) {
    const auto begin = std::chrono::steady_clock::now();
    Answer answer;
    answer.tables = question.problem.tables;
    // What is not solved may add or take away reach, so nothing is claimed where it stands.
    if (question.notSolved.empty()) answer.reached = solve(question.problem, limits);
    Verdict& verdict = answer.verdict;
    verdict.goals = question.goals;
    for (Goal& goal : verdict.goals) {
        goal.isReached = answer.reached.meets(goal.box, answer.tables);
        if (goal.role != Role::Exit) continue;
        ++verdict.exitCount;
        if (goal.isReached) ++verdict.exitsReached;
    }
    verdict.kind = kindOf(question, verdict, answer.reached);
    if (verdict.kind == VerdictKind::NotDecided)
        verdict.reason = reasonOf(question, answer.reached);
    answer.milliseconds =
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count();
    return answer;
}

}  // namespace rook::reach
