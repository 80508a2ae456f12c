#include "file/baked_motion_detail.h"

#include <algorithm>
#include <cmath>

#include "file/game_json.h"

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

/// Those that nothing in the level gives first.
runtime::AbilitySet heldAtStart(const reach::Problem& problem) {
    runtime::AbilitySet held = problem.tables.abilities;
    for (const runtime::Gain& gain : problem.parts.gains)
        held &= ~gain.grants;
    return held;
}

/// To three places.
double rounded(double value) {
    return std::round(value * 1000) / 1000;
}

/// In px and seconds, for engines that have a body of their own to set up. Cost: none.
Json numbersJson(const MotionProfile& profile, CellSize cell) {
    const auto px = [](Decimal cells, int side) {
        return static_cast<double>(cells.thousandths) * side / 1000;
    };
    const double ticksToTop =
        std::max(1.0, std::round(double(profile.timeToTop.thousandths) * 0.06));
    const double seconds = ticksToTop / 60;
    const double height = px(profile.jumpHeight, cell.height) - profile.marginPx;
    const double gravity = 2 * height / (seconds * seconds);
    return {{"runSpeed", rounded(px(profile.run, cell.width))},
            {"climbSpeed", rounded(px(profile.climb, cell.height))},
            {"swimSpeed", rounded(px(profile.swim, cell.width))},
            {"jumpHeight", rounded(height)},
            {"secondsToTop", rounded(seconds)},
            {"jumpSpeed", rounded(gravity * seconds)},
            {"gravityUp", rounded(gravity)},
            {"gravityDown", rounded(gravity * double(profile.fallFactor.thousandths) / 1000)},
            {"greatestFall", rounded(px(profile.greatestFall, cell.height))}};
}

/// What each profile has of its own.
Json tablesJson(const MotionProfile& profile, const runtime::MotionTables& tables, CellSize cell) {
    Json abilities = Json::array();
    for (const Ability ability : profile.abilities)
        abilities.push_back(nameOf(ability));
    Json json = {{"profile", profile.name},
                 {"abilities", abilities},
                 {"numbers", numbersJson(profile, cell)},
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
                const motion::StepTables& tables, const reach::Problem& problem) {
    const runtime::MotionTables& own = tables.body;
    Json json = {{"profile", tables.profile},
                 {"marginPx", tables.marginPx},
                 {"body", {{"width", own.bodyWidth}, {"height", own.bodyHeight}}}};
    json["heldAtStart"] = abilitiesJson(heldAtStart(problem));
    json.update(tablesJson(profiles.list().front(), own, level.cellSize));
    json["springs"] = springsJson(project, level, problem.parts);
    for (std::size_t i = 0; i < own.others.size(); ++i)
        json["others"].push_back(tablesJson(profiles.list()[i + 1], own.others[i], level.cellSize));
    return json;
}

}  // namespace rook::file
