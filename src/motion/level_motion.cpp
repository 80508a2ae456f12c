#include "motion/level_motion.h"

#include <algorithm>

namespace rook::motion {

namespace {

using level::MotionProfile;

const MotionProfile* findProfile(const level::Project& project, const std::string& name) {
    for (const MotionProfile& profile : project.profiles)
        if (profile.name == name) return &profile;
    return nullptr;
}

}  // namespace

Result<LevelProfiles> LevelProfiles::of(const level::Project& project, const level::Level& level) {
    const MotionProfile* own = project.profileOf(level);
    if (!own) {
        return fail(ErrorKind::BadReference,
                    level.profile.empty() ? "The project has no motion profile"
                                          : "There is no motion profile " + level.profile,
                    level.title, "Add it to the profiles in rookplot.json");
    }
    LevelProfiles profiles;
    std::optional<std::string> flaw;
    const auto add = [&](const std::string& name, const std::string& by) {
        const MotionProfile* profile = findProfile(project, name);
        if (!profile) {
            flaw = by + " names the motion profile " + name + ", which is not there";
            return;
        }
        if (!profile->isAsLargeAs(*own)) {
            flaw = by + " names the motion profile " + name + ", whose body is not as large as " +
                   own->name;
            return;
        }
        const auto& list = profiles.m_list;
        if (std::none_of(list.begin(), list.end(),
                         [&](const MotionProfile& each) { return each.name == name; }))
            profiles.m_list.push_back(*profile);
    };
    const auto addWithTwin = [&](const std::string& name, const std::string& by) {
        add(name, by);
        if (flaw || profiles.m_list.empty()) return;
        const MotionProfile* profile = findProfile(project, name);
        if (profile->swapsWith.empty()) return;
        add(profile->swapsWith, name);
        const MotionProfile* twin = findProfile(project, profile->swapsWith);
        if (!flaw && twin->swapsWith != name)
            flaw = name + " can be swapped for " + twin->name + ", and not back";
    };
    addWithTwin(own->name, level.title);
    for (const level::Entity& entity : level.entities)
        if (!flaw && !entity.data.movesAs.empty() && project.roleOf(entity) == level::Role::Pickup)
            addWithTwin(entity.data.movesAs, entity.id.text);
    if (flaw)
        return fail(ErrorKind::BadReference, *flaw, level.title,
                    "Choose another profile there, or mend that one in Prove");
    return profiles;
}

int LevelProfiles::numberOf(const std::string& name) const {
    const auto at = std::find_if(m_list.begin(), m_list.end(),
                                 [&](const MotionProfile& each) { return each.name == name; });
    return static_cast<int>(at - m_list.begin());
}

Result<StepTables> LevelProfiles::tables(const level::Level& level, Weakening weakening) const {
    auto own = makeStepTables(m_list.front(), level.cellSize, weakening);
    if (!own) return own;
    const bool isFromAbove = level.kind == level::LevelKind::Above;
    const auto complete = [&](runtime::MotionTables& tables, const MotionProfile& profile) {
        tables.fromAbove = isFromAbove;
        if (!profile.swapsWith.empty()) tables.swapsWith = numberOf(profile.swapsWith);
    };
    for (std::size_t i = 1; i < m_list.size(); ++i) {
        auto other = makeStepTables(m_list[i], level.cellSize, weakening);
        if (!other) return fail(other.error());
        complete(other->body, m_list[i]);
        own->body.others.push_back(std::move(other->body));
    }
    complete(own->body, m_list.front());
    return own;
}

Result<runtime::Spring> LevelProfiles::spring(const level::Level& level,
                                              const level::SpringHeights& heights,
                                              const std::string& where, Weakening weakening) const {
    auto own = makeSpring(m_list.front(), level.cellSize, heights, where, weakening);
    for (std::size_t i = 1; own && i < m_list.size(); ++i) {
        auto other = makeSpring(m_list[i], level.cellSize, heights, where, weakening);
        if (!other) return other;
        own->others.emplace_back(std::move(other->high), std::move(other->low));
    }
    return own;
}

}  // namespace rook::motion
