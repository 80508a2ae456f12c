#pragma once
/// What a game draws of a board: layers of tiles. Private to file/.

#include "file/bundle.h"
#include "file/json_text.h"

namespace rook::file {

/// `layers` of an exported level, the farthest first: those behind the masses, the masses as they
/// are dressed, those before them. Tiles in cells that are not filled whole are cut to their form:
/// those lie in the sheet `cutPath`, whose picture is returned; of no width if there are none.
/// Where a sheet is not among `images`, its tiles are left whole.
/// Errors: OutOfRange where a sheet cannot hold so many cut tiles.
[[nodiscard]] Result<Picture32> writeLayers(JsonLines& lines, const level::Project& project,
                                            const level::Level& level, const Images& images,
                                            const std::string& cutPath);

}  // namespace rook::file
