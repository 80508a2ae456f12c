#pragma once
/// What is set by hand, made from what dressing shows; and matter made from what is set by hand.

#include "level/edits.h"
#include "skin/dressing.h"

namespace rook::skin {

/// What is seen in the region, dressed or set, stays as it is now: each cell is set by hand.
/// `layer` as in level/tile_edits.h.
[[nodiscard]] level::LevelEdit pinTiles(const TilingRules& tilingRules, const level::Level& level,
                                        const level::CellRegion& region, int layer);

/// Rolls the variants, trims and motifs of a region anew: another salt, another look. Only cells
/// that then look otherwise are set by hand, the others are given back to the dressing.
[[nodiscard]] level::LevelEdit rollAnew(const TilingRules& tilingRules, const level::Level& level,
                                        const level::CellRegion& region, int salt);

/// Lays matter by the tiles that are set by hand on the masses, in the form that the sheet says
/// that they look like. Errors: NotApplicable if none of them has one, or the matter cannot take
/// it.
[[nodiscard]] Result<level::LevelEdit> layByTiles(const level::Project& project,
                                                  const level::Level& level,
                                                  const level::CellRegion& region,
                                                  level::MatterId matter);

/// The form that looks most like a tile: `isSeen(x, y)` tells of its px. None if no form agrees in
/// nine of ten px, or nothing is seen. Cost: forms x px.
[[nodiscard]] std::optional<level::Form> formOfTile(CellSize tile,
                                                    const std::function<bool(int, int)>& isSeen);

}  // namespace rook::skin
