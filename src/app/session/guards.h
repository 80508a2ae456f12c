#pragma once
/// The eye and the lock of what every board has: its masses and its cast. They belong to the
/// window and to no file; layers and leaves keep theirs in the level.

#include "level/project.h"

namespace rook::app {

struct Guard {
    bool isShown = true;
    bool isLocked = false;
    bool operator==(const Guard&) const = default;
};

struct Guards {
    Guard masses;  ///< matter and what is dressed or set by hand on it; pieces on a kit board
    Guard cast;
    bool operator==(const Guards&) const = default;
};

/// Whether a locked part of a board would change. Another size is a change of the board, and not of
/// what stands on it. Cost: what the values do not share.
[[nodiscard]] inline bool changesMasses(const level::Level& from, const level::Level& to) {
    return from.cells.bounds() == to.cells.bounds() &&
           (from.cells != to.cells || from.tiles != to.tiles || from.pieces != to.pieces ||
            from.solids != to.solids);
}
[[nodiscard]] inline bool changesCast(const level::Level& from, const level::Level& to) {
    return from.cells.bounds() == to.cells.bounds() && from.entities != to.entities;
}

}  // namespace rook::app
