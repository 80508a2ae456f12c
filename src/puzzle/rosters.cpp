#include "puzzle/rosters.h"

#include <algorithm>
#include <map>

namespace rook::puzzle {

using level::Counter;
using level::Level;
using level::Project;
using level::ProjectEdit;
using level::Roster;

namespace {

tl::unexpected<Error> noRoster(const Project& project, const std::string& name) {
    return fail(ErrorKind::BadReference, "There is no roster \"" + name + "\"", project.name,
                "Choose another");
}

template <typename Change>
void changeRoster(Project& project, const std::string& name, Change&& change) {
    project.rosters.edit([&](auto& list) {
        for (Roster& roster : list)
            if (roster.name == name) change(roster);
    });
}

/// Changes each level of the roster.
template <typename Change>
void changeLevels(Project& project, const std::string& roster, Change&& change) {
    for (std::shared_ptr<const Level>& slot : project.levels) {
        if (slot->kind != level::LevelKind::Puzzle || slot->puzzle.roster != roster) continue;
        Level level = *slot;
        change(level);
        slot = std::make_shared<const Level>(std::move(level));
    }
}

Counter parked(const level::RosterCounter& counter, const Project& project) {
    Counter made;
    made.id = counter.id;
    made.kind = counter.kind;
    made.isParked = true;
    const level::Kind* kind = project.findKind(counter.kind);
    if (kind && !kind->counter.turns.empty()) made.turn = kind->counter.turns.front();
    return made;
}

}  // namespace

Result<ProjectEdit> addRoster(const Project& project, const std::string& title) {
    if (project.rosters.size() >= level::maxRosters)
        return fail(ErrorKind::OutOfRange,
                    "A project has at most " + std::to_string(level::maxRosters) + " rosters",
                    project.name, "Use one that is there");
    Roster roster;
    for (int number = 1; roster.name.empty() || project.findRoster(roster.name); ++number)
        roster.name = title + (number == 1 ? "" : "-" + std::to_string(number));
    ProjectEdit edit{project, "Add the roster " + roster.name};
    edit.project.rosters.edit([&](auto& list) { list.push_back(roster); });
    return edit;
}

Result<ProjectEdit> addToRoster(const Project& project, const std::string& rosterName,
                                const KindId& kindId) {
    const Roster* roster = project.findRoster(rosterName);
    if (!roster) return noRoster(project, rosterName);
    const level::Kind* kind = project.findKind(kindId);
    if (!kind || kind->role != level::Role::Counter)
        return fail(ErrorKind::NotApplicable, "\"" + kindId.text + "\" is no kind of counter",
                    project.name, "Choose another kind");
    if (roster->counters.size() >= level::maxCounters)
        return fail(ErrorKind::OutOfRange,
                    "A roster has at most " + std::to_string(level::maxCounters) + " counters",
                    roster->name, "Take some out");
    level::RosterCounter counter;
    counter.kind = kindId;
    int number = 1;
    const auto isTaken = [&] {
        return std::any_of(roster->counters.begin(), roster->counters.end(),
                           [&](const auto& other) { return other.id == counter.id; });
    };
    do
        counter.id = {kindId.text + "-" + std::to_string(number++)};
    while (isTaken());
    ProjectEdit edit{project, "Add " + counter.id.text + " to the roster " + roster->name};
    changeRoster(edit.project, rosterName,
                 [&](Roster& changed) { changed.counters.push_back(counter); });
    changeLevels(edit.project, rosterName, [&](Level& level) {
        level.puzzle.counters.edit([&](auto& list) { list.push_back(parked(counter, project)); });
    });
    return edit;
}

Result<ProjectEdit> removeFromRoster(const Project& project, const std::string& rosterName,
                                     const EntityId& id) {
    const Roster* roster = project.findRoster(rosterName);
    if (!roster) return noRoster(project, rosterName);
    const auto isIt = [&](const auto& counter) { return counter.id == id; };
    if (std::none_of(roster->counters.begin(), roster->counters.end(), isIt))
        return fail(ErrorKind::BadReference,
                    "The roster " + rosterName + " has no counter " + id.text, project.name,
                    "Choose another");
    ProjectEdit edit{project, "Take " + id.text + " out of the roster " + rosterName};
    changeRoster(edit.project, rosterName,
                 [&](Roster& changed) { std::erase_if(changed.counters, isIt); });
    changeLevels(edit.project, rosterName, [&](Level& level) {
        level.puzzle.counters.edit([&](auto& list) { std::erase_if(list, isIt); });
        std::erase_if(level.puzzle.rule.goal.counters,
                      [&](const level::CounterGoal& goal) { return goal.counter == id; });
    });
    return edit;
}

std::vector<std::string> placesOf(const Project& project, const std::string& roster,
                                  const EntityId& id) {
    std::vector<std::string> places;
    for (const auto& level : levelsOf(project, roster))
        for (const Counter& counter : level->puzzle.counters) {
            if (counter.id != id || counter.isParked) continue;
            const Placement at = placementOf(*level, counter);
            places.push_back(level->title + " at " + std::to_string(at.x) + ", " +
                             std::to_string(at.y));
        }
    return places;
}

Result<ProjectEdit> setPark(const Project& project, const std::string& roster, PxPoint park) {
    if (!project.findRoster(roster)) return noRoster(project, roster);
    ProjectEdit edit{project, "Park of the roster " + roster};
    changeRoster(edit.project, roster, [&](Roster& changed) { changed.park = park; });
    return edit;
}

Result<level::LevelEdit> takeRoster(const Project& project, const Level& level,
                                    const std::string& name) {
    level::LevelEdit edit{level, name.empty() ? "Counters of its own" : "Take the roster " + name,
                          level.cells.bounds()};
    edit.level.puzzle.roster = name;
    if (name.empty()) return edit;
    const Roster* roster = project.findRoster(name);
    if (!roster) return noRoster(project, name);
    std::vector<Counter> counters;
    for (const level::RosterCounter& wanted : roster->counters) {
        Counter counter = parked(wanted, project);
        for (const Counter& own : level.puzzle.counters)
            if (own.id == wanted.id && own.kind == wanted.kind) counter = own;
        counters.push_back(std::move(counter));
    }
    edit.level.puzzle.counters = std::move(counters);
    return edit;
}

std::vector<std::shared_ptr<const Level>> levelsOf(const Project& project,
                                                   const std::string& roster) {
    std::vector<std::shared_ptr<const Level>> levels;
    for (const auto& level : project.levels)
        if (level->kind == level::LevelKind::Puzzle && level->puzzle.roster == roster)
            levels.push_back(level);
    return levels;
}

Placement placementOf(const Level& level, const Counter& counter) {
    if (counter.isParked) return {true, 0, 0};
    const bool isFree = level.puzzle.board.arrangement == level::Arrangement::Free;
    return isFree ? Placement{false, counter.px.x, counter.px.y}
                  : Placement{false, counter.at.x, counter.at.y};
}

Result<ProjectEdit> place(const Project& project, const std::vector<PlacementChange>& changes,
                          const std::string& name) {
    ProjectEdit edit{project, name};
    std::map<LevelId, std::vector<const PlacementChange*>> byLevel;
    for (const PlacementChange& change : changes)
        byLevel[change.level].push_back(&change);
    for (const auto& [id, list] : byLevel) {
        const auto found = project.findLevel(id);
        if (!found || found->kind != level::LevelKind::Puzzle)
            return fail(ErrorKind::BadReference, "There is no puzzle level \"" + id.text + "\"",
                        project.name, "Name one of the project");
        Level level = *found;
        const Geometry geometry(level.puzzle.board);
        const bool isFree = level.puzzle.board.arrangement == level::Arrangement::Free;
        for (const PlacementChange* change : list) {
            const Placement& to = change->placement;
            bool isFound = false;
            if (!to.isParked && !isFree && geometry.numberOf({to.x, to.y}) < 0)
                return fail(
                    ErrorKind::OutOfRange,
                    "The board has no slot " + std::to_string(to.x) + ", " + std::to_string(to.y),
                    level.title + ": " + change->counter.text, "Give another address");
            level.puzzle.counters.edit([&](auto& counters) {
                for (Counter& counter : counters) {
                    if (counter.id != change->counter) continue;
                    isFound = true;
                    counter.isParked = to.isParked;
                    counter.at = to.isParked || isFree ? CellPoint{} : CellPoint{to.x, to.y};
                    counter.px = to.isParked || !isFree ? PxPoint{} : PxPoint{to.x, to.y};
                }
            });
            if (!isFound)
                return fail(ErrorKind::BadReference, "There is no counter " + change->counter.text,
                            level.title, "Name one of the level");
        }
        edit.project = edit.project.withLevel(std::move(level));
    }
    return edit;
}

}  // namespace rook::puzzle
