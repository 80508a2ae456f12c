#pragma once
/// Entities of any role in small levels.

#include "level/project.h"

namespace rook::testing {

/// A kind of that role, and one entity of it.
inline level::Entity& place(level::Project& project, level::Level& level, level::Role role,
                            const char* id, PxRect box) {
    level::Kind kind;
    kind.id = {std::string(level::nameOf(role)) + "-kind"};
    kind.role = role;
    if (!project.findKind(kind.id)) project.kinds.edit([&](auto& list) { list.push_back(kind); });
    level::Entity entity;
    entity.id = {id};
    entity.kind = kind.id;
    entity.box = box;
    level::Entity* placed = nullptr;
    level.entities.edit([&](auto& list) {
        list.push_back(entity);
        placed = &list.back();
    });
    return *placed;
}

}  // namespace rook::testing
