#include "level/ring_edit.h"

#include <algorithm>

#include "level/kind_edits.h"

namespace rook::level {

namespace {

/// The first kind whose role it is; none if there is none.
const Kind* kindForFormations(const Project& project) {
    for (const Kind& kind : project.kinds)
        if (kind.role == Role::Formation) return &kind;
    return nullptr;
}

Kind newFormationKind(const Project& project) {
    Kind kind;
    kind.id = {"ring"};
    for (int number = 2; project.findKind(kind.id); ++number)
        kind.id = {"ring-" + std::to_string(number)};
    kind.title = "Ring";
    kind.role = Role::Formation;
    kind.width = kind.height = 8;
    return kind;
}

}  // namespace

Result<ProjectEdit> makeRing(const Project& project, const Level& level, const EntityId& id) {
    const Entity* entity = findEntity(level, id);
    if (!entity)
        return fail(ErrorKind::Missing, "There is no entity " + id.text, level.title,
                    "Choose one on the board");
    const Kind* member = project.findKind(entity->kind);
    if (!member || !mayBeARing(member->role))
        return fail(ErrorKind::NotApplicable, id.text + " cannot be one of many", level.title,
                    "Foes, hazards, pickups and props can");
    Project next = project;
    if (!kindForFormations(next)) {
        auto added = addKind(next, newFormationKind(next));
        if (!added) return fail(added.error());
        next = std::move(added->project);
    }
    const Kind& kind = *kindForFormations(next);
    Entity ring = *entity;
    ring.kind = kind.id;
    ring.data = {};
    ring.data.formation.member = entity->kind;
    ring.data.formation.distance = std::max(8, 3 * entity->box.width);
    ring.fields.clear();
    ring.box = {entity->box.x + (entity->box.width - kind.width) / 2,
                entity->box.y + (entity->box.height - kind.height) / 2, kind.width, kind.height};
    auto changed = changeEntity(level, ring, "Make a ring of " + id.text);
    if (!changed) return fail(changed.error());
    return ProjectEdit{next.withLevel(changed->level), changed->name};
}

}  // namespace rook::level
