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
    level.entities.append(entity);
    // Nobody else holds the chunk that was just made.
    return const_cast<level::Entity&>(level.entities.back());
}

}  // namespace rook::testing
