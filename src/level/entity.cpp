#include "level/entity.h"

namespace rook::level {

FieldValue fieldOf(const Entity& entity, const FieldDefinition& definition) {
    for (const auto& [name, value] : entity.fields)
        if (name == definition.name) return value;
    return definition.defaultValue;
}

void setField(Entity& entity, const std::string& name, FieldValue value) {
    for (auto& [key, slot] : entity.fields) {
        if (key != name) continue;
        slot = std::move(value);
        return;
    }
    entity.fields.emplace_back(name, std::move(value));
}

}  // namespace rook::level
