#pragma once
/// What cells are made of, and the sheets that their looks come from.

#include <string>
#include <vector>

#include "base/geometry.h"
#include "level/fields.h"

namespace rook::level {

/// An image cut into tiles, row by row from the upper left corner.
struct Sheet {
    std::string name;       ///< a plain name
    std::string path;       ///< relative to the project folder, as "sheets/weir.png"
    CellSize tile{16, 16};  ///< px
    int columns = 1;        ///< tiles in one row, at least 1
    UnknownKeys unknown;
    bool operator==(const Sheet&) const = default;
};

struct Matter {
    std::string name;   ///< a plain name, unique in the project: what files say
    std::string title;  ///< what people read
    Behaviour behaviour = Behaviour::Solid;
    std::string glyph;               ///< one character: how a level's text draws it
    std::string color = "#808080";   ///< "#rrggbb", where there is no tile
    std::string sheet;               ///< name of a sheet, or empty
    int tile = 0;                    ///< tile of that sheet, from 1; 0 = none
    Form form = Form::Full;          ///< in which it is laid, unless another is chosen
    std::vector<std::string> joins;  ///< names of matters that it joins with when it is dressed
    std::vector<NamedValue> fields;  ///< what the game may want: friction and the like
    UnknownKeys unknown;
    bool operator==(const Matter&) const = default;
};

}  // namespace rook::level
