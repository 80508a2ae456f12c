#pragma once
/// A new level with what it begins with.

#include "kit/levels.h"
#include "masses/caves.h"

namespace rook::file {

/// What stands in a new level at first.
struct Beginning {
    enum class With : unsigned char { Nothing, Room, Copy, Block, Text, Image, Caves };
    With with = With::Nothing;
    LevelId copied;            ///< of a copy: all of it but id and title
    std::string block;         ///< name of the project's block, in the lower left corner
    std::string text;          ///< a text grid, which says the size
    std::string image;         ///< bytes of a PNG, one px a cell, which says the size
    std::string imageName;     ///< for messages
    bool takesNearest = true;  ///< a colour that no matter has is of the nearest
    masses::CaveSettings caves;
};

/// The level with its id; one edit. Errors: as of what makes it (`addLevel`, `duplicateLevel`,
/// `clipOfText`, `clipOfImage`); BadReference for a block that is not there; NotApplicable for
/// matter in a level of pieces, and for caves without a solid matter.
/// Cost: of reading, and of growing caves.
[[nodiscard]] Result<level::AddedLevel> makeLevel(const level::Project& project,
                                                  level::NewLevel wish, const Beginning& beginning);

}  // namespace rook::file
