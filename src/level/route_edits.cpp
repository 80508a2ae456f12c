#include <algorithm>

#include "level/sketch_edit_detail.h"

namespace rook::level {

namespace {

PxPoint cornerStandingAt(PxPoint point, const Kind& kind, CellSize cell) {
    const CellPoint at = toCell(point, cell);
    return {at.x * cell.width + floorDivide(cell.width - kind.width, 2),
            (at.y + 1) * cell.height - kind.height};
}

/// Moves the only entity of that role (or the first, if `isFirstEnough`) or places a new one.
Result<Level> withRoleAt(const Project& project, const Level& level, Role role, bool isFirstEnough,
                         PxPoint point) {
    std::vector<const Entity*> there;
    for (const Entity& entity : level.entities)
        if (project.roleOf(entity) == role) there.push_back(&entity);
    if (there.size() == 1 || (isFirstEnough && !there.empty())) {
        Entity moved = *there[0];
        const Kind* kind = project.findKind(moved.kind);
        Kind shape = *kind;
        shape.width = moved.box.width;
        shape.height = moved.box.height;
        const PxPoint corner = cornerStandingAt(point, shape, level.cellSize);
        moved.box.x = corner.x;
        moved.box.y = corner.y;
        auto edit = changeEntity(level, moved, {});
        if (!edit) return fail(edit.error());
        return edit->level;
    }
    for (const Kind& kind : project.kinds) {
        if (kind.role != role) continue;
        auto edit =
            placeEntity(level, kind, cornerStandingAt(point, kind, level.cellSize), Facing::Right);
        if (!edit) return fail(edit.error());
        return edit->level;
    }
    return fail(ErrorKind::NotApplicable,
                "The project has no kind with the role " + std::string(nameOf(role)), project.name,
                "Add one to the kinds first");
}

void sortBeads(Route& route) {
    std::stable_sort(route.beads.begin(), route.beads.end(), [](const Bead& a, const Bead& b) {
        return std::pair(a.leg, a.share) < std::pair(b.leg, b.share);
    });
}

}  // namespace

LevelEdit addRoute(const Level& level, Route route) {
    return sketchEdit(level, "Draw route " + route.name, [&](Sketch& sketch) {
        sortBeads(route);
        sketch.routes.edit([&](auto& routes) { routes.push_back(std::move(route)); });
    });
}

LevelEdit changeRoute(const Level& level, int index, Route route, const std::string& name) {
    return sketchEdit(level, name, [&](Sketch& sketch) {
        sortBeads(route);
        sketch.routes.edit(
            [&](auto& routes) { routes[static_cast<std::size_t>(index)] = std::move(route); });
    });
}

LevelEdit removeRoute(const Level& level, int index) {
    const std::string name = level.sketch.routes[static_cast<std::size_t>(index)].name;
    return sketchEdit(level, "Delete route " + name, [&](Sketch& sketch) {
        sketch.routes.edit([&](auto& routes) { routes.erase(routes.begin() + index); });
    });
}

namespace {

/// Puts a bead at the place of legs `first` to `last` of the route that is nearest to a point.
void settle(Bead& bead, const Route& route, int first, int last, PxPoint point) {
    Route part;
    for (int i = std::max(0, first);
         i <= last + 1 && static_cast<std::size_t>(i) < route.points.size(); ++i)
        part.points.push_back(route.points[static_cast<std::size_t>(i)]);
    const auto place = nearestPlace(part, point);
    if (!place) return;
    bead.leg = place->leg + std::max(0, first);
    bead.share = place->share;
}

}  // namespace

Route withWayPoint(const Route& route, int leg, PxPoint point) {
    Route next = route;
    next.points.insert(next.points.begin() + leg + 1, point);
    for (std::size_t i = 0; i < route.beads.size(); ++i) {
        Bead& bead = next.beads[i];
        if (bead.leg > leg)
            ++bead.leg;
        else if (bead.leg == leg)
            settle(bead, next, leg, leg + 1, placeOf(route, route.beads[i]));
    }
    return next;
}

Route withoutWayPoint(const Route& route, int index) {
    Route next = route;
    next.points.erase(next.points.begin() + index);
    if (next.points.size() < 2) {
        next.beads.clear();
        return next;
    }
    for (std::size_t i = 0; i < route.beads.size(); ++i) {
        Bead& bead = next.beads[i];
        if (bead.leg > index)
            --bead.leg;
        else if (bead.leg >= index - 1)
            settle(bead, next, index - 1, index - 1, placeOf(route, route.beads[i]));
        bead.leg = std::clamp(bead.leg, 0, static_cast<int>(next.points.size()) - 2);
    }
    return next;
}

LevelEdit setUnderlay(const Level& level, const Underlay& underlay, const std::string& name) {
    return sketchEdit(level, name, [&](Sketch& sketch) {
        if (underlay.storey == 0) {
            sketch.underlay = underlay;
            return;
        }
        sketch.upperUnderlays.edit([&](auto& list) {
            const auto same = std::find_if(list.begin(), list.end(), [&](const Underlay& each) {
                return each.storey == underlay.storey;
            });
            if (same != list.end())
                *same = underlay;
            else
                list.push_back(underlay);
        });
    });
}

LevelEdit removeUnderlay(const Level& level, int storey) {
    return sketchEdit(level, "Remove the underlay", [&](Sketch& sketch) {
        if (storey == 0) sketch.underlay.reset();
        sketch.upperUnderlays.edit([&](auto& list) {
            std::erase_if(list, [&](const Underlay& each) { return each.storey == storey; });
        });
    });
}

Result<LevelEdit> layMarks(const Project& project, const Level& level,
                           const std::vector<MarkId>& ids, Cell cell) {
    CellRegion region;
    for (const MarkId id : ids)
        if (const Mark* mark = findMark(level.sketch, id))
            region = region.united(cellsOf(*mark, level.cellSize));
    if (region.clipped(level.cells.bounds()).isEmpty())
        return fail(ErrorKind::NotApplicable, "What is selected covers no cell of the level",
                    level.title, "Select a box, an outline or a straight line");
    return layCells(project, level, region, cell, "Lay the plan,");
}

Result<LevelEdit> layRouteEnds(const Project& project, const Level& level, int route) {
    const Route& chosen = level.sketch.routes[static_cast<std::size_t>(route)];
    if (chosen.points.size() < 2)
        return fail(ErrorKind::NotApplicable, "The route " + chosen.name + " has no end yet",
                    level.title, "Give it two points or more");
    const auto started = withRoleAt(project, level, Role::Spawn, true, chosen.points.front());
    if (!started) return fail(started.error());
    auto ended = withRoleAt(project, *started, Role::Exit, false, chosen.points.back());
    if (!ended) return fail(ended.error());
    return LevelEdit{std::move(*ended), "Start and end of route " + chosen.name,
                     level.cells.bounds()};
}

}  // namespace rook::level
