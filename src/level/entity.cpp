#include "level/entity.h"

namespace rook::level {

FieldValue fieldOf(const Entity& entity, const FieldDefinition& definition) {
    for (const auto& [name, value] : entity.fields)
        if (name == definition.name) return value;
    return definition.standard;
}

}  // namespace rook::level
