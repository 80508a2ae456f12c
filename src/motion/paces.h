#pragma once
/// How fast a body can be at most, whatever it does.

#include "rook_parts.hpp"

namespace rook::motion {

struct MostPaces {
    int across = 1;  ///< px a tick
    int down = 1;    ///< px a tick, up or down
};
/// Of all profiles that can come into force, thrown by springs and carried by movers too. Steps go
/// as far up or down as they are wide, times the step. Cost: the tables and the movers' ways.
[[nodiscard]] MostPaces mostPaces(const runtime::MotionTables& tables, const runtime::Parts& parts);

}  // namespace rook::motion
