#include "level/solid.h"

namespace rook::level {

namespace {

constexpr std::int64_t mostUnits = 1'000'000;  // thousandths

bool isLength(Decimal value) {
    return value.thousandths > 0 && value.thousandths <= mostUnits;
}

bool isFine(const Rational& modules) {
    return modules.bottom() <= maxSolidParts && modules.abs() <= Rational(1'000'000);
}
bool isSize(const Rational& modules) {
    return isFine(modules) && modules > Rational(0) && modules <= Rational(maxSolidModules);
}

}  // namespace

std::optional<std::string> flawOf(const Solid& solid) {
    const std::string name = "Solid " + std::to_string(solid.id);
    if (!isSize(solid.width) || !isSize(solid.depth))
        return name +
               " is not above 0 and at most 1,000 modules across and down, in parts of a 64th or "
               "coarser";
    if (!isFine(solid.x) || !isFine(solid.y))
        return name + " lies on parts of a module that are finer than a 64th";
    if (!isLength(solid.height)) return name + " is not above 0 and at most 1,000 units high";
    if (solid.base.thousandths < -mostUnits || solid.base.thousandths > mostUnits)
        return name + " is too far from its storey";
    if (solid.storey < 0 || solid.storey >= maxStoreys) return name + " is on no storey";
    if (solid.sort == SolidSort::Stairs && (solid.steps < 1 || solid.steps > maxSteps))
        return name + " has not 1 to 64 steps";
    if (solid.sort == SolidSort::Round && (solid.sides < 3 || solid.sides > maxSides))
        return name + " has not 3 to 64 sides";
    for (const Decimal thickness : {solid.wall, solid.floor, solid.ceiling})
        if (thickness.thousandths < 0) return name + " has a wall that is thinner than nothing";
    if (solid.isHollow() &&
        solid.floor.thousandths + solid.ceiling.thousandths >= solid.height.thousandths)
        return name + " has no room between its floor and its ceiling";
    if (solid.sort != SolidSort::Box && !solid.openings.empty())
        return name + " is no box and has openings";
    if (solid.openings.size() > maxOpenings) return name + " has more than 64 openings";
    for (const Opening& opening : solid.openings)
        if (!isSize(opening.width) || !isSize(opening.depth) || !isLength(opening.height) ||
            !isFine(opening.x) || !isFine(opening.y) || opening.base.thousandths < -mostUnits ||
            opening.base.thousandths > mostUnits)
            return name + " has an opening that is not above 0 wide, deep and high";
    return std::nullopt;
}

std::optional<std::string> flawOf(const Kit& kit, const Solid& solid) {
    if (auto flaw = flawOf(solid)) return flaw;
    if (!solid.isHollow()) return std::nullopt;
    const Rational twice = exact(solid.wall) * Rational(2);
    if (twice >= solid.width * exact(kit.width) || twice >= solid.depth * exact(kit.depth))
        return "Solid " + std::to_string(solid.id) + " has no room between its walls";
    return std::nullopt;
}

}  // namespace rook::level
