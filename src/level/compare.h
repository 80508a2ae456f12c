#pragma once
/// What differs between two values of a level, for people who choose between them.

#include "level/project.h"

namespace rook::level {

/// Counts are of what is in one only, or in both and not the same.
struct LevelDifference {
    int cells = 0;
    int tiles = 0;  ///< set by hand, or of a layer
    int entities = 0;
    int pieces = 0;
    int zones = 0;
    bool hasOtherSize = false;    ///< cells and tiles are then not compared
    bool hasOtherSketch = false;  ///< the plan
    bool hasOtherRest = false;    ///< title, edges, background and all else

    [[nodiscard]] bool isNone() const { return *this == LevelDifference(); }
    bool operator==(const LevelDifference&) const = default;
};

/// Two levels, each with the project that says what its cells and tiles are: matters and sheets are
/// compared by name. What the program finds again by itself (proof run, legend) does not count.
/// Cost: what the two do not share.
[[nodiscard]] LevelDifference differenceOf(const Project& projectOfA, const Level& a,
                                           const Project& projectOfB, const Level& b);

/// True if nothing differs but the levels, swatches and kits themselves: matters, kinds, motion and
/// all else of the project, and the order of its levels.
[[nodiscard]] bool haveSameRest(const Project& a, const Project& b);

}  // namespace rook::level
