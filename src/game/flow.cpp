#include "game/flow.h"

#include <algorithm>

namespace rook::game {

using namespace level;

namespace {

Destination nowhere(std::string problem) {
    return {Destination::Sort::Nowhere, {}, {}, false, std::move(problem)};
}

std::shared_ptr<const Level> inOrder(const Project& project, const LevelId& id) {
    const auto found = std::find_if(project.levels.begin(), project.levels.end(),
                                    [&](const auto& level) { return level->id == id; });
    return found == project.levels.end() ? nullptr : *found;
}

/// A level, at the entry that is named or at its first spawn.
Destination toLevel(const Project& project, const LevelId& id, const EntityId& entry) {
    const auto target = inOrder(project, id);
    if (!target) return nowhere("There is no level " + id.text);
    // One begins to play there, wherever one comes from.
    if (target->kind == LevelKind::Puzzle && entry.isEmpty())
        return {Destination::Sort::Level, id, {}, false, {}};
    for (const Entity& entity : target->entities) {
        const Role role = project.roleOf(entity);
        const bool isWanted =
            entry.isEmpty() ? role == Role::Spawn
                            : entity.id == entry && (role == Role::Spawn || role == Role::Entry);
        if (isWanted) return {Destination::Sort::Level, id, entity.id, !entry.isEmpty(), {}};
    }
    if (entry.isEmpty()) return nowhere(target->title + " has no spawn");
    return nowhere(target->title + " has no spawn or entry " + entry.text);
}

}  // namespace

LevelId levelAfter(const Project& project, const LevelId& id) {
    const auto& levels = project.levels;
    const auto found = std::find_if(levels.begin(), levels.end(),
                                    [&](const auto& level) { return level->id == id; });
    if (found == levels.end() || found + 1 == levels.end()) return {};
    return found[1]->id;
}

Destination startOf(const Project& project) {
    if (!project.game.start.level.isEmpty())
        return toLevel(project, project.game.start.level, project.game.start.entry);
    if (project.levels.empty()) return nowhere("There is no level");
    return toLevel(project, project.levels[0]->id, project.game.start.entry);
}

Destination afterLast(const Project& project) {
    switch (project.game.afterLast.what) {
        case AfterLastWhat::End:
            return {};
        case AfterLastWhat::Again:
            return startOf(project);
        case AfterLastWhat::Level:
            return toLevel(project, project.game.afterLast.level, project.game.afterLast.entry);
    }
    return {};
}

Destination destinationOf(const Project& project, const Level& from, const ExitTarget& exit) {
    switch (exit.onward) {
        case Onward::End:
            return {};
        case Onward::Level:
            return toLevel(project, exit.level, exit.entry);
        case Onward::Next:
            break;
    }
    if (project.isSwatch(from.id)) return {};
    const LevelId next = levelAfter(project, from.id);
    return next.isEmpty() ? afterLast(project) : toLevel(project, next, {});
}

std::vector<Leading> waysOut(const Project& project) {
    std::vector<Leading> all;
    for (const auto& level : project.levels) {
        if (level->kind == LevelKind::Puzzle) all.push_back({level->id, {}});
        for (const Entity& entity : level->entities)
            if (project.roleOf(entity) == Role::Exit) all.push_back({level->id, entity.id});
    }
    return all;
}

Destination destinationOf(const Project& project, const Leading& way) {
    const auto level = project.findLevel(way.from);
    if (way.exit.isEmpty()) return destinationOf(project, *level, ExitTarget{Onward::Next, {}, {}});
    return destinationOf(project, *level, findEntity(*level, way.exit)->to);
}

std::vector<Leading> whatNames(const Project& project, const LevelId& id) {
    std::vector<Leading> all;
    if (project.game.start.level == id ||
        (project.game.afterLast.what == AfterLastWhat::Level && project.game.afterLast.level == id))
        all.push_back({});
    for (const auto& level : project.levels)
        for (const Entity& entity : level->entities)
            if (entity.to.onward == Onward::Level && entity.to.level == id &&
                project.roleOf(entity) == Role::Exit)
                all.push_back({level->id, entity.id});
    return all;
}

}  // namespace rook::game
