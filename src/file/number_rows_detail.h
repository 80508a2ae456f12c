#pragma once
/// Numbers of a board in exported files: one row a line, or packed. Private to file/.

#include <functional>

#include "base/geometry.h"
#include "file/json_text.h"

namespace rook::file {

/// The number at a place of the board, at least 0.
using NumberAt = std::function<std::uint32_t(int x, int y)>;

/// A member with the numbers of a board: a list of rows; or, packed, an object of `bits` (8, 16 or
/// 32 a number, as many as the greatest needs) and `zlib`, the numbers row by row, the lowest byte
/// first, as base64 of a zlib stream (RFC 1950). Cost: packed, some 60 ns a number.
void writeNumbers(JsonLines& lines, const std::string& key, int columns, int rows, bool isPacked,
                  const NumberAt& numberAt);

}  // namespace rook::file
