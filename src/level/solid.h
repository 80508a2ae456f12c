#pragma once
/// Block-out solids of a kit board: plain masses that stand for pieces that are not made yet.
///
/// In plan, places and sizes are modules of the board, as exact fractions; heights are units.

#include <optional>
#include <string>

#include "base/rational.h"
#include "base/shared_vector.h"
#include "level/decimal.h"
#include "level/fields.h"
#include "level/kit.h"
#include "level/names.h"

namespace rook::level {

/// A box that is taken out of a solid.
struct Opening {
    Rational x, y;                ///< modules from the solid's corner; may stand out of it
    Rational width{1}, depth{1};  ///< modules, above 0
    Decimal base{0};              ///< units above the solid's base
    Decimal height{2200};         ///< units, above 0
    bool operator==(const Opening&) const = default;
};

struct Solid {
    int id = 0;  ///< above 0, unique among the solids and pieces of the level
    SolidSort sort = SolidSort::Box;
    Rational x, y;                ///< modules, the corner
    Rational width{1}, depth{1};  ///< modules, above 0
    int storey = 0;
    Decimal base{0};        ///< units above the storey's ground
    Decimal height{3000};   ///< units, above 0
    Side up = Side::Right;  ///< the way that a wedge or stairs rise
    int steps = 10;         ///< of stairs, 1 to `maxSteps`
    int sides = 24;         ///< of a round, 3 to `maxSides`
    Decimal wall{0};        ///< units that the walls of a hollow box are thick; 0: it is full
    Decimal floor{0};       ///< of a hollow box; 0: it has none
    Decimal ceiling{0};     ///< of a hollow box; 0: it has none
    SharedVector<Opening> openings;  ///< of a box
    UnknownKeys unknown;
    bool operator==(const Solid&) const = default;

    [[nodiscard]] bool isHollow() const { return sort == SolidSort::Box && wall.thousandths > 0; }
    [[nodiscard]] bool rises() const {
        return sort == SolidSort::Wedge || sort == SolidSort::Stairs;
    }
};
inline constexpr std::size_t maxSolids = 20'000;
inline constexpr std::size_t maxOpenings = 64;
inline constexpr int maxSteps = 64;
inline constexpr int maxSides = 64;
inline constexpr int maxSolidModules = 1'000;  ///< across, down
/// Places and sizes are in such parts of a module at the finest: what is computed with them stays
/// in the range of fractions.
inline constexpr int maxSolidParts = 64;

/// A sentence if the solid breaks a rule: a size that is not above 0, too many steps or sides,
/// walls that leave no room within, openings of what is no box.
[[nodiscard]] std::optional<std::string> flawOf(const Kit& kit, const Solid& solid);
/// The same as far as it can be told without a kit.
[[nodiscard]] std::optional<std::string> flawOf(const Solid& solid);

}  // namespace rook::level
