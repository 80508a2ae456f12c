#pragma once
/// How a body moves, as a designer says it: decimals of at most three places.

#include <string>
#include <vector>

#include "level/matter.h"

namespace rook::level {

struct MotionProfile {
    std::string name = "keeper";  ///< a plain name
    int bodyWidth = 12;           ///< px, 1 to 512
    int bodyHeight = 22;          ///< px, 1 to 512
    Decimal run{7100};            ///< cells a second
    Decimal climb{4000};          ///< cells a second
    Decimal swim{4000};           ///< cells a second
    Decimal greatestFall{20000};  ///< cells a second
    Decimal jumpHeight{3200};     ///< cells
    Decimal timeToTop{330};       ///< seconds
    Decimal fallFactor{1000};     ///< gravity when falling over gravity when rising
    Decimal coyoteMs{0};          ///< milliseconds
    int wallPush = 8;             ///< ticks
    int stepUp = 1;               ///< px
    int airJumps = 0;             ///< 1 to 3 with the ability, else 0
    int marginPx = 0;             ///< by which every body and jump is weakened before solving
    DiagonalRule diagonal = DiagonalRule::Sum;  ///< seen from above
    std::vector<Ability> abilities{Ability::ShortHop, Ability::DropThrough};
    std::string swapsWith;  ///< the profile that it is swapped for at will; empty = none
    UnknownKeys unknown;
    bool operator==(const MotionProfile&) const = default;

    /// Of the same size, margin included: one may come into force in place of the other.
    [[nodiscard]] bool isAsLargeAs(const MotionProfile& other) const {
        return bodyWidth + 2 * marginPx == other.bodyWidth + 2 * other.marginPx &&
               bodyHeight + marginPx == other.bodyHeight + other.marginPx;
    }
    [[nodiscard]] bool has(Ability ability) const {
        for (const Ability a : abilities)
            if (a == ability) return true;
        return false;
    }
};

}  // namespace rook::level
