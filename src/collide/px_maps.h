#pragma once
/// Px maps: matter and forms as bits, for a level and the space around it where bodies may go.
///
/// The frame of the maps is the level plus a pad on each side: one px beyond what a body may enter,
/// so that leaving it shows. Map position (x, y) is level px (x - left, y - top).

#include <vector>

#include "base/bit_map.h"
#include "base/geometry.h"
#include "rook_parts.hpp"

namespace rook::collide {

/// Cells and what stands among them, apart from doors: the same whatever a body holds.
struct PxMaps {
    int left = 0;  ///< px of padding left of the level
    int top = 0;   ///< px of padding above the level
    BitMap solid;
    BitMap oneWayTop;
    BitMap deadly;  ///< also what lies beyond the margin of an open edge
    /// What is deadly of that even to who is untouchable; no bits at all if nobody is.
    BitMap deadlyEdges;
    BitMap ladder;     ///< no bits at all if there is no ladder
    BitMap ladderTop;  ///< as `ladder`
    BitMap liquid;     ///< no bits at all if there is no liquid
};

/// Bits that maps of this frame have, each; for limits before memory is taken.
[[nodiscard]] std::int64_t mapBits(const runtime::Frame& frame, const runtime::MotionTables& tables,
                                   const runtime::Parts& parts);

/// Cost: proportional to the cells, plus px of forms other than full. Hazards that are always on
/// are deadly, others are left out, as are doors and movers.
[[nodiscard]] PxMaps makePxMaps(const runtime::Frame& frame, const runtime::CellSource& cells,
                                const runtime::MotionTables& tables, const runtime::Parts& parts);

/// What a body can do at each corner position of its box, in the frame of the px maps. Maps that
/// are not needed have no bits: of ladders without the ability to climb, of liquids without that to
/// swim.
struct BodyMaps {
    int left = 0;
    int top = 0;
    BitMap free;       ///< the box meets nothing solid and lies in the frame
    BitMap live;       ///< free, and nothing deadly is met
    BitMap floor;      ///< something to stand on lies directly under the box
    BitMap ladder;     ///< the box meets a ladder
    BitMap ladderTop;  ///< a ladder's top lies directly under the box
    BitMap holdFloor;  ///< `floor` for who climbs or swims: a ladder's top counts only where the
                       ///< box meets no ladder
    BitMap liquid;     ///< the box meets a liquid
};

/// For a body that has these abilities and holds these things. Erosion by doubling shifts; cost:
/// bits x log(body size) / 64.
[[nodiscard]] BodyMaps makeBodyMaps(const PxMaps& maps, const runtime::MotionTables& tables,
                                    const runtime::Parts& parts, runtime::HeldSet held,
                                    runtime::AbilitySet abilities);
/// With all doors shut, and all abilities that are listed.
[[nodiscard]] BodyMaps makeBodyMaps(const PxMaps& maps, const runtime::MotionTables& tables);

}  // namespace rook::collide
