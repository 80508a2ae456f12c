#pragma once
/// The order in which things of a level are drawn, and so which of them lies on top.

#include <algorithm>
#include <vector>

#include "level/entity_places.h"

namespace rook::app {

/// The lower, the sooner it is drawn.
[[nodiscard]] inline int rankOf(const level::Appearance& look) {
    constexpr int far = 1000000;
    switch (look.order) {
        case level::DrawOrder::BehindMasses:
            return look.place - far;
        case level::DrawOrder::AmongCast:
            return look.place;
        case level::DrawOrder::BeforeFront:
            return look.place + far;
    }
    return 0;
}

/// In the order in which they are drawn; among equals, that of the file.
template <typename Visit>
void forEachInOrder(const level::EntityPlaces& places, const PxRect& near, Visit&& visit) {
    if (places.arePlain()) return places.forEachNear(near, visit);
    std::vector<const level::Entity*> found;
    places.forEachNear(near, [&](const level::Entity& entity) { found.push_back(&entity); });
    std::stable_sort(found.begin(), found.end(), [](const auto* a, const auto* b) {
        return rankOf(a->look) < rankOf(b->look);
    });
    for (const level::Entity* entity : found)
        visit(*entity);
}

}  // namespace rook::app
