#pragma once
/// The options of Cast's tools, and what it shows.

#include "app/session/tool_options.h"
#include "level/project.h"

namespace rook::app {

enum class Snap { Cell, HalfCell, Px };

struct CastOptions {
    KindId kind;
    level::Facing facing = level::Facing::Right;
    Snap snap = Snap::Cell;
    bool setsDown = true;    ///< what is placed comes to stand by its kind's rule
    bool showsLinks = true;  ///< references, as lines
    bool showsWays = true;   ///< patrols, tracks, formations
    bool showsZones = true;
    bool showsWindows = false;  ///< when one can pass a formation
    int spreadCount = 5;        ///< how many are placed in a frame
};

}  // namespace rook::app
