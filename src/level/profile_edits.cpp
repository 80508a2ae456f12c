#include "level/profile_edits.h"

#include <algorithm>

namespace rook::level {

namespace {

MotionProfile preset(const char* name, int run, int height, int time, int fallFactor,
                     std::vector<Ability> abilities) {
    MotionProfile p;
    p.name = name;
    p.run = {run};
    p.jumpHeight = {height};
    p.timeToTop = {time};
    p.fallFactor = {fallFactor};
    p.abilities = std::move(abilities);
    p.airJumps = p.has(Ability::AirJump) ? 1 : 0;
    if (p.has(Ability::Coyote)) p.coyoteMs = {100000};
    return p;
}

Result<void> missing(const std::string& name) {
    return fail(ErrorKind::Missing, "There is no motion profile " + name, "motion profiles",
                "Choose another");
}

std::string freshName(const Project& project, const std::string& wanted) {
    const auto isTaken = [&](const std::string& name) {
        return std::any_of(project.profiles.begin(), project.profiles.end(),
                           [&](const MotionProfile& p) { return p.name == name; });
    };
    std::string name = wanted;
    for (int n = 2; isTaken(name); ++n)
        name = wanted + "-" + std::to_string(n);
    return name;
}

/// Levels, pickups and other profiles follow.
void rename(Project& project, const std::string& name, const std::string& newName) {
    project.profiles.edit([&](auto& list) {
        for (MotionProfile& each : list)
            if (each.swapsWith == name) each.swapsWith = newName;
    });
    for (auto& level : project.levels) {
        const auto movesSo = [&](const Entity& entity) { return entity.data.movesAs == name; };
        const bool isNamed = std::any_of(level->entities.begin(), level->entities.end(), movesSo);
        if (level->profile != name && !isNamed) continue;
        Level renamed = *level;
        if (renamed.profile == name) renamed.profile = newName;
        if (isNamed)
            renamed.entities.edit([&](auto& list) {
                for (Entity& entity : list)
                    if (movesSo(entity)) entity.data.movesAs = newName;
            });
        level = std::make_shared<const Level>(std::move(renamed));
    }
}

}  // namespace

const std::vector<MotionProfile>& profilePresets() {
    using enum Ability;
    static const std::vector<MotionProfile> presets{
        preset("even", 7100, 3200, 330, 1000, {ShortHop, DropThrough}),
        preset("heavy", 5500, 2400, 260, 1600, {DropThrough}),
        preset("light", 7800, 4200, 460, 800, {ShortHop, DropThrough, Coyote}),
        preset("winged", 7100, 3000, 330, 1000, {ShortHop, DropThrough, AirJump, Coyote}),
        preset("climber", 6500, 2800, 320, 1200, {ShortHop, DropThrough, WallJump, Climb}),
        preset("diver", 6000, 2600, 340, 1000, {ShortHop, DropThrough, Climb, Swim})};
    return presets;
}

Result<ProjectEdit> changeProfile(const Project& project, const std::string& name,
                                  MotionProfile profile) {
    const auto has = [&](const std::string& wanted) {
        return std::any_of(project.profiles.begin(), project.profiles.end(),
                           [&](const MotionProfile& p) { return p.name == wanted; });
    };
    if (!has(name)) return fail(missing(name).error());
    if (profile.name != name && has(profile.name)) {
        return fail(ErrorKind::NotApplicable, "There is a motion profile " + profile.name,
                    "motion profiles", "Choose another name");
    }
    ProjectEdit edit{project, "Change the motion of " + name};
    const std::string newName = profile.name;
    edit.project.profiles.edit([&](auto& list) {
        for (MotionProfile& p : list)
            if (p.name == name) p = profile;
    });
    if (newName != name) rename(edit.project, name, newName);
    return edit;
}

Result<ProjectEdit> swapProfiles(const Project& project, const std::string& name,
                                 const std::string& with) {
    const auto find = [&](const std::string& wanted) {
        return std::find_if(project.profiles.begin(), project.profiles.end(),
                            [&](const MotionProfile& p) { return p.name == wanted; });
    };
    if (find(name) == project.profiles.end()) return fail(missing(name).error());
    ProjectEdit edit{project,
                     with.empty() ? "Swap " + name + " for none" : "Swap " + name + " for " + with};
    if (!with.empty()) {
        if (with == name || find(with) == project.profiles.end())
            return fail(missing(with).error());
        if (!find(name)->isAsLargeAs(*find(with))) {
            return fail(ErrorKind::NotApplicable,
                        "The bodies of " + name + " and " + with + " are not of one size",
                        "motion profiles", "Give both the same width, height and margin first");
        }
    }
    edit.project.profiles.edit([&](auto& list) {
        for (MotionProfile& each : list) {
            // Who swapped with either has nobody to swap with now.
            if (each.swapsWith == name || (!with.empty() && each.swapsWith == with))
                each.swapsWith.clear();
            if (each.name == name) each.swapsWith = with;
            if (!with.empty() && each.name == with) each.swapsWith = name;
        }
    });
    return edit;
}

ProjectEdit copyProfile(const Project& project, const LevelId& level,
                        const MotionProfile& profile) {
    MotionProfile copy = profile;
    copy.name = freshName(project, profile.name);
    copy.swapsWith.clear();
    ProjectEdit edit{project, "Add the motion profile " + copy.name};
    edit.project.profiles.edit([&](auto& list) { list.push_back(copy); });
    edit.project = useProfile(edit.project, level, copy.name).project;
    return edit;
}

ProjectEdit useProfile(const Project& project, const LevelId& level, const std::string& name) {
    ProjectEdit edit{project, "Move by " + name};
    if (const auto found = project.findLevel(level)) {
        Level changed = *found;
        const bool isFirst = !project.profiles.empty() && project.profiles[0].name == name;
        changed.profile = isFirst ? "" : name;
        edit.project = project.withLevel(std::move(changed));
    }
    return edit;
}

Result<ProjectEdit> removeProfile(const Project& project, const std::string& name) {
    if (project.profiles.size() < 2) {
        return fail(ErrorKind::NotApplicable, "The last motion profile stays", name,
                    "Add another first");
    }
    for (const auto& level : project.levels) {
        const MotionProfile* used = project.profileOf(*level);
        if (!used || used->name != name) continue;
        return fail(ErrorKind::NotApplicable, "The level " + level->title + " moves by it", name,
                    "Let it move by another first");
    }
    for (const auto& level : project.levels)
        for (const Entity& entity : level->entities) {
            if (entity.data.movesAs != name) continue;
            return fail(ErrorKind::NotApplicable,
                        entity.id.text + " of " + level->title + " lets one move by it", name,
                        "Let it bring another first");
        }
    ProjectEdit edit{project, "Remove the motion profile " + name};
    // Levels that name no profile move by the first: they would move by another now.
    edit.project.profiles.edit([&](auto& list) {
        list.erase(std::remove_if(list.begin(), list.end(),
                                  [&](const MotionProfile& p) { return p.name == name; }),
                   list.end());
        for (MotionProfile& each : list)
            if (each.swapsWith == name) each.swapsWith.clear();
    });
    return edit;
}

}  // namespace rook::level
