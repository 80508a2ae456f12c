#pragma once
/// What cells are made of, and the sheets that their looks come from.

#include <optional>
#include <string>
#include <vector>

#include "base/geometry.h"
#include "level/fields.h"

namespace rook::level {

/// A tile that moves: wherever it is worn, its frames are shown in turn.
struct TileAnimation {
    int tile = 0;             ///< number, from 0
    std::vector<int> frames;  ///< numbers; 2 to 64
    int ticks = 8;            ///< each frame; 1 to 3,600
    bool operator==(const TileAnimation&) const = default;
    [[nodiscard]] int frameAt(long long tick) const {
        return frames[static_cast<std::size_t>(tick / ticks) % frames.size()];
    }
};
inline constexpr int maxFrames = 64;
inline constexpr int maxFrameTicks = 3600;

/// What a designer says of a tile.
struct TileNote {
    int tile = 0;              ///< number, from 0
    std::string name;          ///< what people read; empty = none
    std::optional<Form> form;  ///< that it looks like: matter may be laid by it
    bool operator==(const TileNote&) const = default;
};

/// An image cut into tiles, row by row from the upper left corner.
struct Sheet {
    std::string name;       ///< a plain name
    std::string path;       ///< relative to the project folder, as "sheets/weir.png"
    CellSize tile{16, 16};  ///< px
    int columns = 1;        ///< tiles in one row, at least 1
    std::vector<TileAnimation> animations;  ///< one a tile at most
    std::vector<TileNote> notes;            ///< one a tile at most, by number
    /// Null if nothing is said of the tile.
    [[nodiscard]] const TileNote* noteOf(int number) const {
        for (const TileNote& note : notes)
            if (note.tile == number) return &note;
        return nullptr;
    }
    /// Null if the tile keeps still.
    [[nodiscard]] const TileAnimation* animationOf(int number) const {
        for (const TileAnimation& animation : animations)
            if (animation.tile == number) return &animation;
        return nullptr;
    }
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
