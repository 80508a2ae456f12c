#include "file/baked_motion_detail.h"

namespace rook::file {

namespace {

using namespace level;

Json phasesJson(const runtime::PhaseTable& table) {
    return {{"dx", table.dx},
            {"dy", table.dy},
            {"loopFrom", table.loopFrom},
            {"topPhase", table.topPhase}};
}

Json springsJson(const Project& project, const Level& level, const runtime::Parts& parts) {
    Json springs = Json::object();
    std::size_t next = 0;
    for (const Entity& entity : level.entities) {
        if (project.roleOf(entity) != Role::Spring) continue;
        const runtime::Spring& spring = parts.springs[next++];
        Json json = {{"high", phasesJson(spring.high)},
                     {"low", phasesJson(spring.low)},
                     {"pushDx", spring.pushDx}};
        for (const auto& [high, low] : spring.others)
            json["others"].push_back({{"high", phasesJson(high)}, {"low", phasesJson(low)}});
        springs[entity.id.text] = std::move(json);
    }
    return springs;
}

Json paceJson(const runtime::PaceTable& pace, bool has) {
    return has ? Json(pace) : Json::array();
}

/// What each profile has of its own.
Json tablesJson(const MotionProfile& profile, const runtime::MotionTables& tables) {
    Json abilities = Json::array();
    for (const Ability ability : profile.abilities)
        abilities.push_back(nameOf(ability));
    Json json = {{"profile", profile.name},
                 {"abilities", abilities},
                 {"dx", tables.dx},
                 {"dy", tables.dy},
                 {"loopFrom", tables.loopFrom},
                 {"topPhase", tables.topPhase},
                 {"walk", tables.walk},
                 {"climb", paceJson(tables.climb, tables.has(Ability::Climb))},
                 {"swim", paceJson(tables.swim, tables.has(Ability::Swim))},
                 {"stepUp", tables.stepUp},
                 {"coyoteTicks", tables.coyoteTicks},
                 {"airJumps", tables.airJumps},
                 {"wallPushTicks", tables.wallPushTicks},
                 {"diagonal", paceJson(tables.diagonal, tables.hasEvenDiagonal)}};
    if (tables.swapsWith >= 0) json["swapsWith"] = tables.swapsWith;
    return json;
}

}  // namespace

Json motionJson(const Project& project, const Level& level, const motion::LevelProfiles& profiles,
                const motion::StepTables& tables, const runtime::Parts& parts) {
    const runtime::MotionTables& own = tables.body;
    Json json = {{"profile", tables.profile},
                 {"marginPx", tables.marginPx},
                 {"body", {{"width", own.bodyWidth}, {"height", own.bodyHeight}}}};
    json.update(tablesJson(profiles.list().front(), own));
    json["springs"] = springsJson(project, level, parts);
    for (std::size_t i = 0; i < own.others.size(); ++i)
        json["others"].push_back(tablesJson(profiles.list()[i + 1], own.others[i]));
    return json;
}

}  // namespace rook::file
