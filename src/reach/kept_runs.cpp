/// Runs that are kept with a level, and must stay possible.

#include "reach/prove.h"
#include "reach/replay.h"

namespace rook::reach {

RunCheck checkRun(const Query& query, const level::Level& level, const level::KeptRun& run) {
    RunCheck check;
    Problem problem = query.problem;
    if (const level::Entity* start = findEntity(level, run.start)) problem.start = start->box;
    const Run replay = replayed(problem, inputsOf(run.spans));
    if (replay.bodies.empty()) {
        check.why = "there is no start";
        return check;
    }
    const runtime::Body& last = replay.bodies.back();
    check.place = {last.x, last.y, problem.tables.bodyWidth, problem.tables.bodyHeight};
    const level::Entity* goal = findEntity(level, run.goal);
    const std::string at = "tick " + std::to_string(replay.ticks());
    if (last.stance == runtime::Stance::Ended) {
        check.why = "it ends at " + at;
    } else if (!run.goal.text.empty() && !goal) {
        check.why = run.goal.text + " is not there any more";
    } else if (goal && !replays(problem, replay, goal->box)) {
        check.why = "it misses " + run.goal.text;
    } else {
        check.isPossible = true;
    }
    return check;
}

level::KeptRun keptRunOf(const Run& run, std::string name, std::string goal) {
    level::KeptRun kept;
    kept.name = std::move(name);
    kept.goal = {std::move(goal)};
    kept.spans = spansOf(run.inputs);
    return kept;
}

}  // namespace rook::reach
