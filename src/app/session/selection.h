#pragma once
/// What is selected, as a value.

#include <optional>
#include <vector>

#include "level/region.h"
#include "level/sketch.h"

namespace rook::app {

struct Selection {
    std::optional<level::CellRegion> cells;  ///< never an empty region
    std::vector<EntityId> entities;
    std::vector<level::MarkId> marks;
    std::vector<int> pieces;          ///< ids, of a kit board
    std::vector<CellPoint> slotList;  ///< addresses, of a puzzle level, each once
    std::vector<EntityId> counters;   ///< of a puzzle level
    std::optional<ZoneId> zone;
    std::optional<int> wayPoint;  ///< of the route in hand
    std::optional<int> bead;      ///< of the route in hand
    bool hasUnderlay = false;
    bool operator==(const Selection&) const = default;
};

}  // namespace rook::app
