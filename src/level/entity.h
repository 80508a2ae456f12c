#pragma once
/// What is placed on a level and is not matter: entities, and the kinds that they are of.

#include <string>
#include <utility>
#include <vector>

#include "base/id.h"
#include "level/matter.h"
#include "level/role_data.h"

namespace rook::level {

struct FieldDefinition {
    std::string name;
    FieldType type = FieldType::Text;
    FieldValue standard = std::string();  ///< what an entity has that does not say otherwise
    UnknownKeys unknown;
    bool operator==(const FieldDefinition&) const = default;
};

/// A type of entity.
struct Kind {
    KindId id;
    std::string title;
    Role role = Role::Prop;
    int width = 16;   ///< px, of the box
    int height = 16;  ///< px, of the box
    std::string color = "#808080";
    std::string sheet;
    int tile = 0;    ///< as in Matter
    int atMost = 0;  ///< entities of this kind in one level; 0 = any number
    std::vector<FieldDefinition> fields;
    UnknownKeys unknown;
    bool operator==(const Kind&) const = default;
};

/// Where an exit leads. An empty level means: the end of the game.
struct ExitTarget {
    LevelId level;
    EntityId entry;  ///< spawn or entry there; empty = the first spawn
    bool operator==(const ExitTarget&) const = default;
};

struct Entity {
    EntityId id;  ///< unique in its level
    KindId kind;
    PxRect box;  ///< from the level's upper left corner
    Facing facing = Facing::Right;
    ExitTarget to;                   ///< exits only
    std::vector<NamedValue> fields;  ///< those set, by the kind's names
    RoleData data;                   ///< what its role has
    UnknownKeys unknown;             ///< other keys of the entity
    UnknownKeys unknownFields;       ///< fields that the kind does not have
    bool operator==(const Entity&) const = default;
};

/// The value of a field: the entity's own, else the kind's standard.
[[nodiscard]] FieldValue fieldOf(const Entity& entity, const FieldDefinition& definition);

}  // namespace rook::level
