#pragma once
/// What reach means for a level: can the exits be reached, and the pickups?

#include <string>
#include <vector>

#include "level/project.h"
#include "motion/step_tables.h"
#include "reach/solver.h"

namespace rook::reach {

/// A thing that a body may want to get to.
struct Goal {
    std::string id;
    std::string title;
    level::Role role = level::Role::Exit;
    PxRect box;
    bool isReached = false;
    bool operator==(const Goal&) const = default;
};

/// What is asked: a problem for the solver, with the things to reach, and what forbids an answer.
struct Question {
    Problem problem;
    std::vector<Goal> goals;             ///< exits, checkpoints, pickups and keys
    std::vector<std::string> notSolved;  ///< what stands in the level that is not solved yet
};

/// An entity, as far as reach is concerned.
struct Placed {
    std::string id;
    std::string title;
    level::Role role = level::Role::Prop;
    PxRect box;
    bool hasTimetable = false;
    bool grants = false;
};
/// Enters an ability that the profile lists: it is not solved if it would make a difference here,
/// as climbing does only where there is a ladder. `amount` is its ticks or jumps, where it has any.
/// Requires: frame and cells are set. Cost: reads the cells for climbing and swimming.
void addToQuestion(Question& question, level::Ability ability, int amount);

/// Enters an entity by its role: as start (the first spawn), goal, hazard, or as what is not
/// solved.
void addToQuestion(Question& question, const Placed& placed);

enum class VerdictKind {
    Reached,     ///< every exit
    NotReached,  ///< at least one exit is out of reach, proven
    NotDecided,  ///< a limit was met, or the level has what is not solved yet
    NoStart,
    StartBlocked,  ///< the body does not fit at the start, or dies there
    NoExit,
};

struct Verdict {
    VerdictKind kind = VerdictKind::NoStart;
    std::string reason;  ///< for NotDecided: why
    std::vector<Goal> goals;
    int exitsReached = 0;
    int exitCount = 0;
    bool operator==(const Verdict&) const = default;

    [[nodiscard]] int goalsReached() const;
    /// One sentence, as Prove and the command line show it.
    [[nodiscard]] std::string sentence() const;
};

struct Answer {
    Verdict verdict;
    Reached reached;
    runtime::MotionTables tables;
    double milliseconds = 0;  ///< wall time of solving
};

/// Errors: OutOfRange from the motion profile; BadReference if the level names none that exists.
[[nodiscard]] Result<Question> askOf(const level::Project& project, const level::Level& level);

[[nodiscard]] Answer answer(const Question& question, const Limits& limits = {});

}  // namespace rook::reach
