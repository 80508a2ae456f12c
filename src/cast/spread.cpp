#include "cast/spread.h"

#include <algorithm>

#include "base/assert.h"
#include "cast/behaviour.h"

namespace rook::cast {

using level::Entity;
using level::Kind;
using level::Level;
using level::Project;

namespace {

/// Boxes where one could stand, from left to right, no two of which overlap.
std::vector<PxRect> placesIn(const Project& project, const Level& level, const Kind& kind,
                             const level::CellRegion& cells) {
    const PxRect around =
        toPx(cells.bounds(), level.cellSize).grown(std::max(kind.width, kind.height));
    std::vector<PxRect> taken;
    for (const Entity& entity : level.entities)
        if (entity.box.overlaps(around)) taken.push_back(entity.box);
    std::vector<CellPoint> order;
    const level::CellRegion inside = cells.clipped(level.cells.bounds());
    for (const level::CellRun& run : inside.runs())
        for (int x = run.x; x < run.x + run.count; ++x)
            order.push_back({x, run.y});
    std::sort(order.begin(), order.end(),
              [](CellPoint a, CellPoint b) { return std::pair(a.x, a.y) < std::pair(b.x, b.y); });
    const PxRect bounds = level.boundsPx();
    std::vector<PxRect> places;
    for (const CellPoint cell : order) {
        const PxRect at = toPx(CellRect{cell.x, cell.y, 1, 1}, level.cellSize);
        Entity there;
        there.kind = kind.id;
        there.box = {at.x + at.width / 2 - kind.width / 2, at.bottom() - kind.height, kind.width,
                     kind.height};
        const auto overlaps = [&](const PxRect& box) { return box.overlaps(there.box); };
        if (!bounds.contains(there.box) || !isOpenAt(project, level, there.box) ||
            std::any_of(taken.begin(), taken.end(), overlaps) ||
            standingFlaw(project, level, there))
            continue;
        places.push_back(there.box);
        taken.push_back(there.box);
    }
    return places;
}

}  // namespace

Result<level::LevelEdit> placeSpread(const Project& project, const Level& level, const Kind& kind,
                                     const level::CellRegion& cells, int count,
                                     level::Facing facing) {
    ROOK_ASSERT(count > 0, "at least one is placed");
    const std::vector<PxRect> places = placesIn(project, level, kind, cells);
    if (places.empty())
        return fail(ErrorKind::NotApplicable,
                    "There is no place for " + kind.title + " in these cells", level.title,
                    "Choose cells that are open and where its standing rule holds");
    const auto all = static_cast<std::int64_t>(places.size());
    const std::int64_t wanted = std::min<std::int64_t>(count, all);
    level::LevelEdit edit{level, {}, {}};
    std::int64_t placed = 0;
    for (; placed < wanted; ++placed) {
        const PxRect& box = places[static_cast<std::size_t>((2 * placed + 1) * all / (2 * wanted))];
        auto next = placeEntity(edit.level, kind, {box.x, box.y}, facing);
        if (!next && placed == 0) return fail(next.error());
        if (!next) break;
        next->touched = next->touched.united(edit.touched);
        edit = std::move(*next);
    }
    edit.name = "Place " + std::to_string(placed) + " x " + kind.title;
    return edit;
}

}  // namespace rook::cast
