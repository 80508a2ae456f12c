#pragma once
/// Random solids on quarters of a module, and what they fill by the letter of the design.

#include "kit/solid_edits.h"
#include "small_kit.h"

namespace rook::testing {

inline constexpr int quarters = 4;  ///< a module; of the small kit they are one unit each

/// Boxes, rooms with openings, and stairs, so that all borders lie on quarters.
inline level::Solid randomSolid(Random& random, int columns, int rows) {
    const auto quarter = [](int value) { return Rational(value, quarters); };
    level::Solid solid;
    const int width = random.between(1, 8), depth = random.between(1, 8);
    solid.width = quarter(width);
    solid.depth = quarter(depth);
    solid.x = quarter(random.between(0, std::max(0, columns * quarters - width)));
    solid.y = quarter(random.between(0, std::max(0, rows * quarters - depth)));
    solid.storey = random.between(0, 1);
    solid.base = {random.chance(60) ? 0 : 100 * random.between(-5, 20)};
    solid.height = {100 * random.between(1, 30)};
    const int sort = random.between(0, 2);
    if (sort == 1 && width > 2 && depth > 2) {
        solid.wall = {1000};
        solid.height = {100 * random.between(10, 40)};
        if (random.chance(50)) solid.floor = {100 * random.between(1, 3)};
        if (random.chance(50)) solid.ceiling = {100 * random.between(1, 3)};
    }
    if (sort == 2) {
        solid.sort = level::SolidSort::Stairs;
        solid.up = static_cast<level::Side>(random.between(0, 3));
        const bool isAcross = solid.up == level::Side::Right || solid.up == level::Side::Left;
        solid.steps = isAcross ? width : depth;
        solid.height = {100 * solid.steps * random.between(1, 5)};
    }
    for (int i = random.between(0, 2); i > 0 && solid.sort == level::SolidSort::Box; --i) {
        level::Opening opening;
        opening.x = quarter(random.between(-2, width));
        opening.y = quarter(random.between(-2, depth));
        opening.width = quarter(random.between(1, 6));
        opening.depth = quarter(random.between(1, 6));
        opening.base = {100 * random.between(-5, 10)};
        opening.height = {100 * random.between(1, 25)};
        solid.openings.edit([&](auto& list) { list.push_back(opening); });
    }
    return solid;
}

/// Something that is filled from one height to another, thousandths.
struct Span {
    std::int64_t from, to;
};

/// What a solid fills above a quarter of the board.
inline std::vector<Span> spansOf(const level::Kit& kit, const level::Solid& solid, int x, int y) {
    const auto inQuarters = [](const Rational& value) {
        return int((value * Rational(quarters)).top());
    };
    const int left = inQuarters(solid.x), top = inQuarters(solid.y);
    const int width = inQuarters(solid.width), depth = inQuarters(solid.depth);
    const int across = x - left, down = y - top;
    if (across < 0 || down < 0 || across >= width || down >= depth) return {};
    const std::int64_t from = solid.storey * kit.storey.thousandths + solid.base.thousandths;
    const std::int64_t to = from + solid.height.thousandths;
    if (solid.sort == level::SolidSort::Stairs) {
        const int along = solid.up == level::Side::Right  ? across
                          : solid.up == level::Side::Left ? width - 1 - across
                          : solid.up == level::Side::Down ? down
                                                          : depth - 1 - down;
        return {{from, from + solid.height.thousandths / solid.steps * (along + 1)}};
    }
    std::vector<Span> spans{{from, to}};
    const bool isInWall = across == 0 || down == 0 || across == width - 1 || down == depth - 1;
    if (solid.isHollow() && !isInWall)
        spans = {{from, from + solid.floor.thousandths}, {to - solid.ceiling.thousandths, to}};
    for (const level::Opening& opening : solid.openings) {
        const int ox = inQuarters(opening.x), oy = inQuarters(opening.y);
        if (across < ox || down < oy || across >= ox + inQuarters(opening.width) ||
            down >= oy + inQuarters(opening.depth))
            continue;
        const std::int64_t low = from + opening.base.thousandths;
        const std::int64_t high = low + opening.height.thousandths;
        std::vector<Span> left2;
        for (const Span& span : spans) {
            left2.push_back({span.from, std::min(span.to, low)});
            left2.push_back({std::max(span.from, high), span.to});
        }
        spans = left2;
    }
    std::erase_if(spans, [](const Span& span) { return span.from >= span.to; });
    return spans;
}

inline level::Level withSolid(const level::Kit& kit, const level::Level& level,
                              const level::Solid& solid) {
    auto placed = kit::placeSolid(kit, level, solid);
    if (!placed) qFatal("%s", placed.error().sentence().c_str());
    return placed->edit.level;
}

}  // namespace rook::testing
