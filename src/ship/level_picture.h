#pragma once
/// A level as a picture, px for px as the stand-in game draws it whole: docs/format-bundle.md says
/// how. Made anew from what a bundle says of it, so that a test can hold one to the other.

#include "file/bundle.h"
#include "file/json_text.h"

namespace rook::ship {

using file::Picture32;

/// `level` is a baked one, `kinds` those of campaign.json; `images` holds all that they name.
/// Errors: OutOfRange above 8,192 x 8,192 px in all. Cost: linear in px and layers.
[[nodiscard]] Result<Picture32> pictureOfBaked(const file::Json& level, const file::Json& kinds,
                                               const file::Images& images);
/// Each cell in the colour of its matter, cut to its form, over the level's background; `opacity`
/// of 255 over what is there.
void addMasses(Picture32& picture, const level::Project& project, const level::Level& level,
               int opacity);
/// A blank picture of a level, in the colour behind it.
[[nodiscard]] Picture32 blankOf(const level::Level& level);

}  // namespace rook::ship
