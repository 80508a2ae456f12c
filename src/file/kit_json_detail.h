#pragma once
/// Fractions of a module, in the files of levels and of bundles. Private to file/.

#include "base/rational.h"
#include "file/json_text.h"

namespace rook::file {

/// A whole number, or "n/d".
[[nodiscard]] Json rationalJson(const Rational& value);
/// Throws WrongType, and OutOfRange for a denominator above 1,000,000 or a number above a million.
[[nodiscard]] Rational readRational(const Json& value, const std::string& where);

}  // namespace rook::file
