#pragma once
/// Reach as images: PBM (P4), one bit a px of the level, where the corner of the body can be.

#include "file/storage.h"
#include "reach/solver.h"

namespace rook::file {

/// The level's part of a map of positions, as a P4 file.
[[nodiscard]] std::string pbmOf(const BitMap& map, int left, int top, const runtime::Frame& frame);

/// Writes visited.pbm and standing.pbm, making the folder.
[[nodiscard]] Result<void> dumpReach(Storage& storage, const Path& folder,
                                     const reach::Reached& reached, const runtime::Frame& frame);

}  // namespace rook::file
