#pragma once
/// A picture as a board: one px a cell, each colour a matter.

#include <string>

#include "base/result.h"
#include "level/clips.h"

namespace rook::file {

/// Px of the colour of a matter are of it, those less than half opaque are open. A colour that no
/// matter has is of the matter whose colour is nearest (by the square of the distance in red, green
/// and blue), if `takesNearest` is set.
/// Errors: as `readPng`; OutOfRange above 16,384 px; BadReference for colours that no matter has,
/// unless the nearest is taken: the most frequent ones with their counts and what is nearest.
[[nodiscard]] Result<level::CellClip> clipOfImage(const level::Project& project,
                                                  const std::string& png, const std::string& name,
                                                  bool takesNearest);

}  // namespace rook::file
