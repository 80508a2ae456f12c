#pragma once
/// Px maps: matter and forms as bits, for a level and the space around it where bodies may go.
///
/// The frame of the maps is the level plus a pad on each side: one px beyond what a body may enter,
/// so that leaving it shows. Map position (x, y) is level px (x - left, y - top).

#include <vector>

#include "base/bit_map.h"
#include "base/geometry.h"
#include "rook_motion.hpp"

namespace rook::collide {

struct PxMaps {
    int left = 0;  ///< px of padding left of the level
    int top = 0;   ///< px of padding above the level
    BitMap solid;
    BitMap oneWayTop;
    BitMap deadly;  ///< also what lies beyond the margin of an open edge
};

/// Bits that maps of this frame have, each; for limits before memory is taken.
[[nodiscard]] std::int64_t mapBits(const runtime::Frame& frame,
                                   const runtime::MotionTables& tables);

/// Cost: proportional to the cells, plus px of forms other than full.
[[nodiscard]] PxMaps makePxMaps(const runtime::Frame& frame, const runtime::CellSource& cells,
                                const runtime::MotionTables& tables,
                                const std::vector<PxRect>& deadlyBoxes);

/// What a body can do at each corner position of its box, in the frame of the px maps.
struct BodyMaps {
    int left = 0;
    int top = 0;
    BitMap free;   ///< the box meets nothing solid and lies in the frame
    BitMap live;   ///< free, and nothing deadly is met
    BitMap floor;  ///< something to stand on lies directly under the box
};

/// Erosion by doubling shifts; cost: bits x log(body size) / 64.
[[nodiscard]] BodyMaps makeBodyMaps(const PxMaps& maps, int bodyWidth, int bodyHeight);

}  // namespace rook::collide
