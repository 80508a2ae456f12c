#include "level/carried.h"

#include <algorithm>

namespace rook::level {

bool InHand::has(const CarriedKey& key) const {
    return std::binary_search(keys.begin(), keys.end(), key);
}

void InHand::add(const CarriedKey& key) {
    const auto at = std::lower_bound(keys.begin(), keys.end(), key);
    if (at == keys.end() || *at != key) keys.insert(at, key);
}

InHand InHand::within(const InHand& other) const {
    InHand both{abilities & other.abilities, {}};
    std::set_intersection(keys.begin(), keys.end(), other.keys.begin(), other.keys.end(),
                          std::back_inserter(both.keys));
    return both;
}

runtime::AbilitySet grantedForGood(const Project& project, const Entity& entity) {
    if (!entity.data.grants || entity.data.grantTicks > 0 || project.roleOf(entity) != Role::Pickup)
        return 0;
    return setOf(*entity.data.grants);
}

runtime::AbilitySet grantedForGood(const Project& project, const Level& level) {
    runtime::AbilitySet granted = 0;
    for (const Entity& entity : level.entities)
        granted |= grantedForGood(project, entity);
    return granted;
}

runtime::AbilitySet grantedForGood(const Project& project) {
    runtime::AbilitySet granted = 0;
    for (const auto& level : project.levels)
        granted |= grantedForGood(project, *level);
    return granted;
}

runtime::AbilitySet assumedIn(const Project& project, const Level& level) {
    runtime::AbilitySet assumed = 0;
    if (level.assumes) {
        for (const Ability ability : *level.assumes)
            assumed |= setOf(ability);
        return assumed;
    }
    for (const auto& each : project.levels) {
        if (each->id == level.id) return assumed;
        assumed |= grantedForGood(project, *each);
    }
    return 0;  // a swatch, which comes after no level
}

CarriedKey keyOf(const Entity& entity) {
    return {entity.kind, entity.data.letter};
}

}  // namespace rook::level
