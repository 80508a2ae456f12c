#pragma once
/// A level as running games see it, and what of it changed.

#include "file/bundle.h"
#include "file/json_text.h"

namespace rook::ship {

struct LiveLevel {
    file::Json level;                          ///< baked, in plain rows; its proof is not decided
    std::string cutPath;                       ///< of the picture of tiles that are cut to slopes
    std::string cutTiles;                      ///< PNG; empty = there are none
    std::map<std::string, std::string> texts;  ///< of each top-level key, as it was baked
};
/// Without solving it; what of its text is as in `former` is not read again. Errors: as
/// `file::bakedLevel`. Cost: one baking, some 10 ms for 120 x 34 cells. Any thread.
[[nodiscard]] Result<LiveLevel> liveLevel(const level::Project& project, const level::Level& level,
                                          const file::Images& images,
                                          const LiveLevel* former = nullptr);

/// What `rook::runtime::applyChange` makes `next` of `former` with: keys that differ, whole (null:
/// gone), and of rows of matter and tiles the rectangle that does. Empty if nothing differs.
[[nodiscard]] file::Json changeOf(const file::Json& former, const file::Json& next);

}  // namespace rook::ship
