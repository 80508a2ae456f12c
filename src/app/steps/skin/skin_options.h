#pragma once
/// The options of Skin's tools, and what it shows.

#include <memory>

#include "app/tools/cell_options.h"
#include "level/region.h"
#include "level/tile_edits.h"

namespace rook::app {

struct SkinOptions {
    int skinLayer = level::onMasses;  ///< that tiles are set on
    /// Laid on the layer in hand instead of tiles, to be dressed there; none = tiles are set.
    std::optional<level::MatterId> layerMatter;
    /// What a rule would strew, to be seen before it does.
    std::shared_ptr<const level::CellRegion> scatterPreview;
    bool showsLook = false;    ///< cells that look otherwise than they are
    bool showsGuesses = true;  ///< where the nearest case stands in for one that is not shown
};

/// Of the level, the layer that tiles are set on.
[[nodiscard]] inline int layerInHand(const ToolOptions& options, const level::Level& level) {
    const int layer = options.of<SkinOptions>().skinLayer;
    return layer < int(level.layers.size()) ? layer : level::onMasses;
}

}  // namespace rook::app
