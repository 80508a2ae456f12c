#pragma once
/// The options of Shape's tools, and what it shows.

#include <algorithm>
#include <memory>

#include "app/tools/cell_options.h"
#include "base/bit_map.h"
#include "level/clips.h"
#include "level/edits.h"

namespace rook::app {

/// The form in which matter is laid: full, or by the direction of a line, by the side of the cell
/// that is pointed at, or one that was chosen.
enum class Shaping { Full, Slope, Half, Chosen };

/// Cells that brush and line lay whole, and box and fill repeat: picked from the level, made of
/// numbers, or a block of the project.
struct Stamp {
    level::CellClip clip;
    std::string block;  ///< name of the block that it is; empty = none
};

/// Masses that could be grown, to be seen before they are.
struct Proposal {
    CellRect bounds;
    BitMap area;   ///< cells of the bounds that would be laid anew
    BitMap solid;  ///< of those, the ones that would be matter
    level::LevelEdit edit;
    std::shared_ptr<const level::Level> of;  ///< the level that the edit begins with
};

struct ShapeOptions {
    Shaping shaping = Shaping::Full;
    level::Form form = level::Form::Full;  ///< for `Shaping::Chosen`
    bool laysStairs = false;               ///< the line tool lays flights of stairs
    int stairLength = 2;                   ///< cells, 1 to 64, of a step
    int stairHeight = 1;                   ///< cells, 1 to 64, of a step
    std::shared_ptr<const Stamp> stamp;    ///< in hand instead of matter, if there is one
    bool showsJumps = true;                ///< at the pointer
    bool showsLentJumps = false;           ///< with and without each ability too
    std::shared_ptr<const Proposal> proposal;
    std::optional<CellRect> boardFrame;  ///< a size of the board that is being considered
    bool showsPlan = true;               ///< faintly
    bool showsSolids = false;            ///< the rectangles of what is solid
    bool showsOutlines = false;          ///< the closed outlines of the masses
    bool showsSlopes = false;
    bool showsOneWay = false;
    bool showsDeadly = false;
    bool showsLadders = false;
    bool showsLiquids = false;

    /// Of the collision shapes, some that a click can choose.
    [[nodiscard]] bool showsColliders() const {
        return showsSolids || showsSlopes || showsOneWay || showsDeadly || showsLadders ||
               showsLiquids;
    }
    void keepInRange() {
        stairLength = std::clamp(stairLength, 1, 64);
        stairHeight = std::clamp(stairHeight, 1, 64);
    }
};

}  // namespace rook::app
