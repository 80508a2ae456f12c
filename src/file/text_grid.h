#pragma once
/// Cells as plain text that other programs can read and write: rows of characters.

#include <string>

#include "base/result.h"
#include "level/clips.h"

namespace rook::file {

/// One row a line, in the characters of the matters, and of a legend made for what they lack.
[[nodiscard]] std::string textOfClip(const level::Project& project, const level::CellClip& clip);

/// Rows may differ in length: what is missing is open, as are spaces. A character stands for what
/// the level's legend says, else for the matter with that glyph.
/// Errors: BadReference for characters that stand for nothing, each with its count; OutOfRange for
/// more than 16,384 columns or rows; NotApplicable for text without characters.
[[nodiscard]] Result<level::CellClip> clipOfText(const level::Project& project,
                                                 const level::Level& level,
                                                 const std::string& text);

}  // namespace rook::file
