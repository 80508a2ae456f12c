#pragma once
/// What is placed on a kit board, in level files. Private to file/.

#include "file/json_text.h"
#include "file/object_reader_detail.h"
#include "level/project.h"

namespace rook::file {

/// A whole number, or "n/d".
[[nodiscard]] Json rationalJson(const Rational& value);
/// Throws WrongType, and OutOfRange for a denominator above 1,000,000 or a number above a million.
[[nodiscard]] Rational readRational(const Json& value, const std::string& where);

[[nodiscard]] Json placedPieceJson(const level::PlacedPiece& placed);
/// `kit` and `pieces`. Throws BadReference for a kit that is not there and ids that are there
/// twice.
void readPieces(ObjectReader& reader, const level::Project& project, level::Level& level);

}  // namespace rook::file
