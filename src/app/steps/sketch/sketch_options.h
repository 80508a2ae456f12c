#pragma once
/// The options of Sketch's tools.

#include <algorithm>

#include "app/session/tool_options.h"
#include "level/project.h"

namespace rook::app {

struct SketchOptions {
    level::MarkShape pencilShape = level::MarkShape::Free;  ///< free, line, box or outline
    bool pencilErases = false;
    bool drawsRooms = false;
    bool sketchSnaps = true;  ///< lines, boxes and way points, to half cells
    level::PencilTone tone = level::PencilTone::Graphite;
    level::PencilWidth pencilWidth = level::PencilWidth::Fine;
    int leaf = 0;   ///< in hand; the last one if there are fewer
    int route = 0;  ///< in hand; one more than there are = the next click begins one
    level::BeadSort beadSort = level::BeadSort::Jump;
    std::string thing;              ///< name of the next thing; empty = it is asked
    bool drawsRegion = false;       ///< the next drag of the route tool is the bead's region
    bool measuresUnderlay = false;  ///< the next drag of the select tool measures the underlay
};

/// The leaf and the route in hand, of those that there are; -1 if there are none.
[[nodiscard]] inline int leafInHand(const ToolOptions& options, const level::Level& level) {
    return std::min(options.of<SketchOptions>().leaf, int(level.sketch.leaves.size()) - 1);
}
[[nodiscard]] inline int routeInHand(const ToolOptions& options, const level::Level& level) {
    const int route = options.of<SketchOptions>().route;
    return route < int(level.sketch.routes.size()) ? route : -1;
}

}  // namespace rook::app
