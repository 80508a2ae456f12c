#include "kit/solid_edits.h"

#include <algorithm>

#include "kit/edits_detail.h"

namespace rook::kit {

using level::Decimal;
using level::Level;
using level::LevelEdit;
using level::Opening;

namespace {

Decimal inThousandths(const Rational& units) {
    return {(units * Rational(1000)).nearest()};
}

/// The nearest size in the finest parts of a module, at least one.
Rational inParts(const Rational& modules) {
    const Rational parts(level::maxSolidParts);
    return Rational(std::max<std::int64_t>(1, (modules * parts).nearest())) / parts;
}

Result<LevelEdit> changeSolids(const Kit& kit, const Level& level, std::vector<Solid> changed,
                               const std::string& name) {
    LevelEdit edit{level, name, {}};
    std::vector<Solid> solids = level.solids.items();
    for (Solid& solid : changed) {
        const auto former = std::find_if(solids.begin(), solids.end(),
                                         [&](const Solid& each) { return each.id == solid.id; });
        if (former == solids.end())
            return fail(ErrorKind::BadReference, "There is no solid " + std::to_string(solid.id),
                        level.title, "Choose one that is there");
        if (const auto checked = checkSolid(kit, level, solid); !checked)
            return fail(checked.error());
        edit.touched = edit.touched.united(boundsOf(*former)).united(boundsOf(solid));
        *former = std::move(solid);
    }
    edit.level.solids = std::move(solids);
    return edit;
}

}  // namespace

Result<Copied> placeSolid(const Kit& kit, const Level& level, const Solid& solid) {
    constexpr const char* names[] = {"box", "wedge", "flight of stairs", "round"};
    const std::string what = solid.isHollow() ? "room" : names[static_cast<int>(solid.sort)];
    return add(kit, level, {{}, {solid}}, "Place a " + what);
}

Result<LevelEdit> changeSolid(const Kit& kit, const Level& level, const Solid& solid) {
    return changeSolids(kit, level, {solid}, "Change " + titleOf(solid));
}

Solid pulledSolid(const Kit& kit, Solid solid, SolidFace face, const Rational& by) {
    const Rational part(1, finestPart(kit));
    const Rational least(1, 100);
    const auto grow = [&](Rational& size, const Rational& smallest) {
        const Rational former = size;
        size = max(former + by, smallest);
        return size - former;
    };
    const auto moveOpenings = [&](const Rational& across, const Rational& down,
                                  const Rational& upwards) {
        solid.openings.edit([&](auto& openings) {
            for (Opening& opening : openings) {
                opening.x += across;
                opening.y += down;
                opening.base = inThousandths(exact(opening.base) + upwards);
            }
        });
    };
    Rational height = exact(solid.height);
    switch (face) {
        case SolidFace::Right:
            grow(solid.width, part);
            break;
        case SolidFace::Left: {
            const Rational grown = grow(solid.width, part);
            solid.x = solid.x - grown;
            if (!solid.openings.empty()) moveOpenings(grown, {}, {});
            break;
        }
        case SolidFace::Down:
            grow(solid.depth, part);
            break;
        case SolidFace::Up: {
            const Rational grown = grow(solid.depth, part);
            solid.y = solid.y - grown;
            if (!solid.openings.empty()) moveOpenings({}, grown, {});
            break;
        }
        case SolidFace::Top:
            grow(height, least);
            solid.height = inThousandths(height);
            break;
        case SolidFace::Bottom: {
            const Rational grown = grow(height, least);
            solid.height = inThousandths(height);
            solid.base = inThousandths(exact(solid.base) - grown);
            if (!solid.openings.empty()) moveOpenings({}, {}, grown);
            break;
        }
    }
    return solid;
}

Result<LevelEdit> pulled(const Kit& kit, const Level& level, int id, SolidFace face,
                         const Rational& by) {
    const Solid* solid = findSolid(level, id);
    if (!solid)
        return fail(ErrorKind::BadReference, "There is no solid " + std::to_string(id), level.title,
                    "Choose one that is there");
    return changeSolids(kit, level, {pulledSolid(kit, *solid, face, by)},
                        "Pull a face of " + titleOf(*solid));
}

int stepsFor(const Kit& kit, Decimal height) {
    const Rational step = max(exact(kit.body.stepUp), Rational(1, 100));
    const auto needed = -(-exact(height) / step).floor();
    return static_cast<int>(std::clamp<std::int64_t>(needed, 1, level::maxSteps));
}

Decimal treadOf(const Kit& kit, const Solid& solid) {
    const bool isAcross = solid.up == Side::Right || solid.up == Side::Left;
    const Rational run = isAcross ? solid.width * exact(kit.width) : solid.depth * exact(kit.depth);
    return inThousandths(run / Rational(std::max(1, solid.steps)));
}

Solid withTread(const Kit& kit, Solid solid, Decimal tread) {
    const bool isAcross = solid.up == Side::Right || solid.up == Side::Left;
    const Rational run = exact(tread) * Rational(solid.steps);
    const Rational modules = inParts(run / exact(isAcross ? kit.width : kit.depth));
    (isAcross ? solid.width : solid.depth) = modules;
    return solid;
}

Solid withRadius(const Kit& kit, Solid solid, Decimal radius) {
    const Rational two(2);
    const Rational x = solid.x + solid.width / two;
    const Rational y = solid.y + solid.depth / two;
    solid.width = inParts(exact(radius) * two / exact(kit.width));
    solid.depth = inParts(exact(radius) * two / exact(kit.depth));
    const Rational parts(level::maxSolidParts);
    solid.x = Rational(((x - solid.width / two) * parts).nearest()) / parts;
    solid.y = Rational(((y - solid.depth / two) * parts).nearest()) / parts;
    return solid;
}

Result<LevelEdit> opened(const Kit& kit, const Level& level, const ExactBox& hole) {
    std::vector<Solid> changed;
    Mass taken;
    taken.place = hole.place;
    taken.from = hole.from;
    taken.to = hole.to;
    for (const Solid& solid : level.solids) {
        if (solid.sort != SolidSort::Box) continue;
        const std::vector<Mass> masses = massesOf(kit, solid);
        if (std::none_of(masses.begin(), masses.end(),
                         [&](const Mass& mass) { return overlap(mass, taken); }))
            continue;
        const ExactBox box = boxOf(kit, solid);
        changed.push_back(solid);
        Opening opening;
        opening.x = hole.place.left - solid.x;
        opening.y = hole.place.top - solid.y;
        opening.width = hole.place.right - hole.place.left;
        opening.depth = hole.place.bottom - hole.place.top;
        opening.base = inThousandths(hole.from - box.from);
        opening.height = inThousandths(hole.to - hole.from);
        changed.back().openings.edit([&](auto& openings) { openings.push_back(opening); });
    }
    if (changed.empty())
        return fail(ErrorKind::NotApplicable, "No box or room is there to be opened", level.title,
                    "Draw the opening over a wall of a room");
    const std::string name = changed.size() == 1
                                 ? "Open " + titleOf(changed[0])
                                 : "Open " + std::to_string(changed.size()) + " solids";
    return changeSolids(kit, level, std::move(changed), name);
}

Side nearestSide(const Kit& kit, const Solid& solid, const ExactPoint& place) {
    const Rational width = exact(kit.width);
    const Rational depth = exact(kit.depth);
    const Rational away[] = {(solid.x + solid.width - place.x).abs() * width,
                             (solid.y + solid.depth - place.y).abs() * depth,
                             (place.x - solid.x).abs() * width, (place.y - solid.y).abs() * depth};
    const auto nearest = std::min_element(std::begin(away), std::end(away));
    return static_cast<Side>(nearest - std::begin(away));
}

ExactBox doorIn(const Kit& kit, const Solid& solid, Side side, const ExactPoint& near,
                const Rational& width, Decimal height) {
    const bool isAcross = side == Side::Right || side == Side::Left;
    const Rational part(1, finestPart(kit));
    const Rational size = isAcross ? solid.depth : solid.width;
    const Rational start = isAcross ? solid.y : solid.x;
    const Rational door = min(width, size);
    // By parts of a module, within the side.
    const Rational wished = (isAcross ? near.y : near.x) - door / Rational(2);
    const Rational stepped = Rational((wished / part).nearest()) * part;
    const Rational first = max(start, min(stepped, start + size - door));
    const Rational unit = isAcross ? exact(kit.width) : exact(kit.depth);
    // Through the wall, in whole parts, so that what is within a wall's thickness goes.
    const Rational thick =
        solid.isHollow() ? exact(solid.wall) / unit : (isAcross ? solid.width : solid.depth);
    const Rational through = Rational(-((-thick / part).floor())) * part;
    ExactRect place;
    switch (side) {
        case Side::Right:
            place = {solid.x + solid.width - through, first, solid.x + solid.width, first + door};
            break;
        case Side::Left:
            place = {solid.x, first, solid.x + through, first + door};
            break;
        case Side::Down:
            place = {first, solid.y + solid.depth - through, first + door, solid.y + solid.depth};
            break;
        case Side::Up:
            place = {first, solid.y, first + door, solid.y + through};
            break;
    }
    const Rational from = boxOf(kit, solid).from + exact(solid.floor);
    return {place, from, from + exact(height)};
}

const Solid* solidUnder(const Kit& kit, const Level& level, const ExactPoint& place, int storey) {
    const Solid* best = nullptr;
    const Rational low = exact(kit.storey) * Rational(storey);
    const Rational high = low + exact(kit.storey);
    for (const Solid& solid : level.solids) {
        const ExactBox box = boxOf(kit, solid);
        const bool isThere = place.x >= box.place.left && place.x < box.place.right &&
                             place.y >= box.place.top && place.y < box.place.bottom;
        // Of a storey is what stands in it, or lies right under its ground.
        const bool isOfStorey = box.from < high && box.to >= low;
        if (isThere && isOfStorey && (!best || box.to > boxOf(kit, *best).to)) best = &solid;
    }
    return best;
}

}  // namespace rook::kit
