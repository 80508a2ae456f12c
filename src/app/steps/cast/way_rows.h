#pragma once
/// Rows about where things go: the track of a mover and its time, the shots of a thrower.

#include "app/steps/cast/role_rows.h"

namespace rook::app {

class WayRows : public RoleRows {
public:
    using RoleRows::RoleRows;

protected:
    /// Across, then up or down, and back; of a longer track the fields move the end alone.
    void addTrack();
    /// By a period or by a pace, with waits, evenly or gathering speed.
    void addTiming();
    void addThrower();
};

}  // namespace rook::app
