#pragma once
/// Parts of a level with a camera, entries and events of their own.

#include <optional>
#include <string>
#include <vector>

#include "base/geometry.h"
#include "base/id.h"
#include "level/fields.h"
#include "level/transition.h"

namespace rook::level {

struct Zone {
    ZoneId id;                     ///< unique in its level
    std::string name;              ///< what people read
    CellRect place;                ///< cells
    std::optional<PxRect> camera;  ///< px of the level that the screen keeps to; none = the place
    std::string theme;             ///< of the swatches that dress it; empty = as the level's
    std::string music;             ///< for the game; empty = as before
    std::vector<std::string> onEnter;  ///< messages that the game gets, in order
    std::vector<std::string> onLeave;
    Transition transition{};  ///< of who comes into it from another zone
    UnknownKeys unknown;
    bool operator==(const Zone&) const = default;
};
inline constexpr int maxZones = 4096;

}  // namespace rook::level
