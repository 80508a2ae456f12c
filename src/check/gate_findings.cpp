#include <algorithm>

#include "check/finding.h"
#include "level/cast_edits.h"

namespace rook::check {

namespace {

using level::Entity;
using level::Role;

bool opens(const level::Project& project, const Entity* entity) {
    if (!entity) return false;
    const Role role = project.roleOf(*entity);
    return role == Role::Key || role == Role::Switch || role == Role::Pickup;
}

}  // namespace

std::vector<Finding> gateFindings(const level::Project& project, const level::Level& level) {
    std::vector<Finding> findings;
    const level::MotionProfile* profile = project.profileOf(level);
    for (const Entity& entity : level.entities) {
        const auto add = [&](FindingKind kind, Severity severity, std::string sentence) {
            findings.push_back(
                {kind, severity, level.id, std::move(sentence), entity.id, entity.box});
        };
        const Role role = project.roleOf(entity);
        if (level::mayBeShut(role) && entity.data.opensWithAllPickups &&
            level::whatOpens(project, level, entity).size() == entity.data.opens.size())
            add(FindingKind::DoorOpensWithNothing, Severity::Doubt,
                "The " + std::string(level::nameOf(role)) + " " + entity.id.text +
                    " asks for all pickups, and there are none that it does not name");
        const level::DoorManner manner = entity.data.door.manner;
        const bool shuts = role == Role::Door && manner == level::DoorManner::Shuts;
        const bool namesNothing =
            role == Role::Door && entity.data.opens.empty() && !entity.data.opensWithAllPickups;
        if (namesNothing && shuts)
            add(FindingKind::DoorOpensWithNothing, Severity::Doubt,
                "The door " + entity.id.text +
                    " names nothing that shuts it, so it is shut as soon as a body is off it");
        if (namesNothing &&
            (manner == level::DoorManner::ForGood || manner == level::DoorManner::ForATime))
            add(FindingKind::DoorOpensWithNothing, Severity::Doubt,
                "The door " + entity.id.text + " names nothing that opens it, so it stands open");
        if (level::mayBeShut(role))
            for (const EntityId& id : entity.data.opens)
                if (!opens(project, findEntity(level, id)))
                    add(FindingKind::DoorOpensWithNothing, Severity::Error,
                        "The " + std::string(level::nameOf(role)) + " " + entity.id.text +
                            (shuts ? " shuts after " : " opens with ") + id.text +
                            ", which is not there");
        if (role == Role::Pickup && entity.data.grants && profile &&
            !profile->has(*entity.data.grants))
            add(FindingKind::GrantNotListed, Severity::Doubt,
                entity.id.text + " grants " + std::string(level::nameOf(*entity.data.grants)) +
                    ", which the profile " + profile->name + " does not list");
    }
    return findings;
}

}  // namespace rook::check
