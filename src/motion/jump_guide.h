#pragma once
/// What a jump can do in open air, exactly, by the step tables: how high, how far, and whether it
/// makes a gap, with how many px to spare. Walls beside the way and ceilings are not looked at:
/// that is what reach is for.

#include "motion/step_tables.h"

namespace rook::motion {

/// The aids that a jump is looked at with.
struct JumpAids {
    int airJumps = 0;     ///< as many as the tables give, or fewer
    int coyoteTicks = 0;  ///< ticks that a body may have walked off before it jumps
    bool operator==(const JumpAids&) const = default;
};

/// A flight: places of the body's corner after each tick, from (0, 0), y down.
struct JumpArc {
    std::vector<PxPoint> path;
    int rise = 0;   ///< px, to its highest place
    int reach = 0;  ///< px sideways, to where it comes down to the height that it began at
};

/// Straight up, each air jump taken at the top.
[[nodiscard]] JumpArc highestJump(const StepTables& tables, const JumpAids& aids);
/// To one side as far as can be before falling below where it began. Cost: phases x jumps x px.
[[nodiscard]] JumpArc farthestJump(const StepTables& tables, const JumpAids& aids);

/// To one side, the button let go as early as it may be: the least that a jump can be. Without
/// short hops, a whole jump.
[[nodiscard]] JumpArc leastHop(const StepTables& tables);

/// A jump from the edge of one floor to the edge of another.
struct JumpVerdict {
    bool isMade = false;
    /// Px by which the gap could be wider (isMade), or must be narrower; none if no width would do.
    std::optional<int> spare;
    int spareRise = 0;  ///< px by which the far floor could be higher, whatever the gap; below 0 =
                        ///< out of the jump's height
};

/// `gap`: px columns without floor between the two edges; below 0 they overlap, and the far floor
/// must let bodies through from below. `rise`: px that the far floor is higher (below 0: lower).
/// The far floor is the top of a wall. Exact: equal to the stepper's search over all inputs.
[[nodiscard]] JumpVerdict jumpAcross(const StepTables& tables, const JumpAids& aids, int gap,
                                     int rise);

}  // namespace rook::motion
