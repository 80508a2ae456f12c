#pragma once
/// Edits of single solids: placed, pulled by a face, hollowed, opened, cut.

#include "kit/edits.h"

namespace rook::kit {

/// A face of a solid's box; the first four as `Side`.
enum class SolidFace : unsigned char { Right, Down, Left, Up, Top, Bottom };

/// Places one; it gets an id that is free. Errors: OutOfRange for one with a flaw or off the board.
[[nodiscard]] Result<Copied> placeSolid(const Kit& kit, const level::Level& level,
                                        const Solid& solid);
/// Puts it in the place of the solid of its id. Errors: as `placeSolid`; BadReference if there is
/// none.
[[nodiscard]] Result<level::LevelEdit> changeSolid(const Kit& kit, const level::Level& level,
                                                   const Solid& solid);
/// Moves a face outwards, or inwards below 0: by modules, for the top and bottom by units. Openings
/// stay where they are. Never past the opposite face: as far as one part of a module, or one
/// hundredth of a unit, is left. Errors: as `changeSolid`.
[[nodiscard]] Result<level::LevelEdit> pulled(const Kit& kit, const level::Level& level, int id,
                                              SolidFace face, const Rational& by);
/// The same of a value.
[[nodiscard]] Solid pulledSolid(const Kit& kit, Solid solid, SolidFace face, const Rational& by);
/// As many steps as the kit's body needs to climb so high, up to `level::maxSteps`.
[[nodiscard]] int stepsFor(const Kit& kit, level::Decimal height);
/// How deep one step of stairs is, units, to a thousandth.
[[nodiscard]] level::Decimal treadOf(const Kit& kit, const Solid& solid);
/// Stairs with steps so deep; as near as parts of a module come to it.
[[nodiscard]] Solid withTread(const Kit& kit, Solid solid, level::Decimal tread);
/// A round of that radius about the same middle, as near as parts of a module come to it.
[[nodiscard]] Solid withRadius(const Kit& kit, Solid solid, level::Decimal radius);
/// Takes a box out of all boxes and rooms that have something of it. Errors: NotApplicable if none
/// has; OutOfRange with too many openings.
[[nodiscard]] Result<level::LevelEdit> opened(const Kit& kit, const level::Level& level,
                                              const ExactBox& hole);
/// The box to take out of a room's wall, or a full box, for a door on that side: so many modules
/// wide, on its floor, the nearest place whose middle is nearest to the given one; through the wall
/// and a little beyond. Of a full box, through all of it.
[[nodiscard]] ExactBox doorIn(const Kit& kit, const Solid& solid, Side side, const ExactPoint& near,
                              const Rational& width, level::Decimal height);
/// Which side of a solid a place of the plan is nearest to.
[[nodiscard]] Side nearestSide(const Kit& kit, const Solid& solid, const ExactPoint& place);

/// The solid that covers a place of that storey; the highest of several; null if there is none.
[[nodiscard]] const Solid* solidUnder(const Kit& kit, const level::Level& level,
                                      const ExactPoint& place, int storey);

}  // namespace rook::kit
