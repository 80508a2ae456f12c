#pragma once
/// Blocks: cells and what stands among them, kept by the project under a name and laid again and
/// again. A level knows where it laid which, so that a block that changes can change there too.

#include "level/clips.h"

namespace rook::level {

/// The region's cells and the entities whose box lies wholly inside its bounds, by that title; the
/// name is made of it, and differs from those that the project has.
/// Errors: NotApplicable if nothing is there, or the title is empty.
[[nodiscard]] Result<Block> blockOf(const Project& project, const Level& level,
                                    const CellRegion& region, const std::string& title);

/// The project with one more block; the region counts as laid by it.
/// Errors: as `blockOf`; OutOfRange above 4,096 blocks.
[[nodiscard]] Result<ProjectEdit> keepBlock(const Project& project, const Level& level,
                                            const CellRegion& region, const std::string& title);

/// Lays the block with its upper left corner at that cell, entities with ids of their own; one that
/// has no room in the level, or is one more than its kind allows, is left out and counted in the
/// edit's name.
[[nodiscard]] LevelEdit layBlock(const Project& project, const Level& level, const Block& block,
                                 CellPoint at);

/// Where a block lies. It still stands where more than half of its cells are as it has them.
struct BlockUse {
    int places = 0;
    int levels = 0;
};
[[nodiscard]] BlockUse useOf(const Project& project, const std::string& block);

/// The block replaced by one of the same name. With `followsLaid`, where it still stands all cells
/// and entities that are as the former had them become what the new one has there; what was changed
/// by hand stays. Requires: the project has one of that name.
[[nodiscard]] ProjectEdit changeBlock(const Project& project, const Block& block, bool followsLaid);

/// The project without it; what was laid stays, as cells of its own.
[[nodiscard]] ProjectEdit removeBlock(const Project& project, const std::string& block);

}  // namespace rook::level
