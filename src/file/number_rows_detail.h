#pragma once
/// Numbers of a board in exported files: one row a line, or packed. Private to file/.

#include <functional>

#include "base/geometry.h"
#include "file/json_text.h"

namespace rook::file {

/// Writes the numbers of one row of the board, as many as it has columns.
using NumbersOfRow = std::function<void(int y, std::uint32_t* numbers)>;

/// A member with the numbers of a board: a list of rows; or, packed, an object of `bits` (8, 16 or
/// 32 a number, as many as the greatest needs) and `zlib`, the numbers row by row, the lowest byte
/// first, as base64 of a zlib stream (RFC 1950). Cost: packed, some 20 ns a number.
void writeNumbers(JsonLines& lines, const std::string& key, int columns, int rows, bool isPacked,
                  const NumbersOfRow& numbersOf);

}  // namespace rook::file
