#include "level/edits.h"

#include <algorithm>

namespace rook::level {

namespace {

bool isListed(const std::vector<EntityId>& ids, const EntityId& id) {
    return std::find(ids.begin(), ids.end(), id) != ids.end();
}

std::string entitiesText(const std::vector<EntityId>& ids) {
    return ids.size() == 1 ? ids[0].text : std::to_string(ids.size()) + " entities";
}

Result<void> checkInside(const Level& level, const Entity& entity) {
    if (level.boundsPx().contains(entity.box)) return {};
    return fail(ErrorKind::OutOfRange, entity.id.text + " would lie outside the level",
                "px " + std::to_string(entity.box.x) + ", " + std::to_string(entity.box.y),
                "Place it inside the board");
}

/// Lays the clip's cells that are not open.
void stamp(Grid<Cell>& cells, const CellClip& clip, CellPoint at) {
    const CellRect target =
        CellRect{at.x, at.y, clip.cells.width(), clip.cells.height()}.intersected(cells.bounds());
    for (int y = target.y; y < target.bottom(); ++y) {
        for (int x = target.x; x < target.right(); ++x) {
            const Cell cell = clip.cells.at(x - at.x, y - at.y);
            if (!cell.isOpen()) cells.set(x, y, cell);
        }
    }
}

}  // namespace

LevelEdit layCells(const Project& project, const Level& level, const CellRegion& region, Cell cell,
                   const std::string& verb) {
    const CellRegion inside = region.clipped(level.cells.bounds());
    LevelEdit edit{level, {}, inside.bounds()};
    if (inside.cellCount() == edit.touched.area()) {
        edit.level.cells.fillRect(edit.touched, cell);
    } else {
        for (const CellRun& run : inside.runs())
            edit.level.cells.fillRect({run.x, run.y, run.count, 1}, cell);
    }
    const std::string count = cellCountText(inside.cellCount());
    edit.name = cell.isOpen() ? "Erase " + count
                              : verb + " " + count + " with " + project.matterOf(cell).title;
    return edit;
}

Result<LevelEdit> layShaped(const Project& project, const Level& level,
                            const std::vector<ShapedCell>& cells, MatterId matter) {
    LevelEdit edit{level, {}, {}};
    const Matter& of = project.matters[matter.index];
    std::int64_t count = 0;
    for (const auto& [cell, form] : cells) {
        if (!level.cells.bounds().contains(cell)) continue;
        if (!canTake(of.behaviour, form))
            return fail(ErrorKind::NotApplicable,
                        of.title + " cannot take the form " + std::string(nameOf(form)),
                        level.title, "Lay it full, or as a lower or upper half");
        edit.level.cells.set(cell, Cell(matter, form));
        edit.touched = edit.touched.united({cell.x, cell.y, 1, 1});
        ++count;
    }
    edit.name = "Lay " + cellCountText(count) + " of " + of.title;
    return edit;
}

Result<TurnedCells> turnCells(const Level& level, const CellRect& rect, Turning turning) {
    const CellRect from = rect.intersected(level.cells.bounds());
    const bool isQuarter = turning == Turning::QuarterRight || turning == Turning::QuarterLeft;
    const CellRect to = isQuarter ? CellRect{from.x, from.y, from.height, from.width} : from;
    if (!level.cells.bounds().contains(to))
        return fail(ErrorKind::NotApplicable, "Turned, the selection would leave the level",
                    level.title, "Move it away from the border first");
    TurnedCells result{{level, isQuarter ? "Turn " : "Mirror ", from.united(to)}, to};
    result.edit.name += cellCountText(from.area());
    Grid<Cell>& cells = result.edit.level.cells;
    cells.fillRect(from, Cell());
    const int quarters = turning == Turning::QuarterLeft ? 3 : 1;
    for (int y = 0; y < from.height; ++y) {
        for (int x = 0; x < from.width; ++x) {
            const Cell cell = level.cells.at(from.x + x, from.y + y);
            std::optional<Form> form = cell.form();
            for (int i = 0; form && i < quarters; ++i)
                form =
                    isQuarter ? turned(*form) : mirrored(*form, turning == Turning::MirrorSideways);
            if (!form)
                return fail(
                    ErrorKind::NotApplicable,
                    "A slope of 1/2 cannot be turned or stood on its head",
                    "cell " + std::to_string(from.x + x) + ", " + std::to_string(from.y + y),
                    "Leave it out of the selection");
            CellPoint at{from.width - 1 - x, y};
            if (turning == Turning::MirrorTopToBottom) at = {x, from.height - 1 - y};
            if (turning == Turning::QuarterRight) at = {from.height - 1 - y, x};
            if (turning == Turning::QuarterLeft) at = {y, from.width - 1 - x};
            if (!cell.isOpen()) cells.set(to.x + at.x, to.y + at.y, Cell(cell.matter(), *form));
        }
    }
    return result;
}

Result<LevelEdit> replaceMatter(const Project& project, const Level& level, const CellRect& rect,
                                MatterId from, MatterId to) {
    std::vector<CellRun> runs;
    const CellRect area = rect.intersected(level.cells.bounds());
    LevelEdit edit{level, {}, {}};
    for (int y = area.y; y < area.bottom(); ++y) {
        for (int x = area.x; x < area.right(); ++x) {
            const Cell cell = level.cells.at(x, y);
            if (cell.matter() != from) continue;
            const Form form = to.index == 0 ? Form::Full : cell.form();
            if (!canTake(project.matters[to.index].behaviour, form))
                return fail(ErrorKind::NotApplicable,
                            project.matters[to.index].title + " cannot take the form " +
                                std::string(nameOf(form)),
                            "cell " + std::to_string(x) + ", " + std::to_string(y),
                            "Leave it out of the selection");
            edit.level.cells.set(x, y, Cell(to, form));
            runs.push_back({y, x, 1});
        }
    }
    const CellRegion changed(std::move(runs));
    if (changed.isEmpty())
        return fail(ErrorKind::NotApplicable,
                    "There is no " + project.matters[from.index].title + " in the selection",
                    level.title, "Select some, or replace another matter");
    edit.touched = changed.bounds();
    edit.name = "Replace " + cellCountText(changed.cellCount()) + " of " +
                project.matters[from.index].title + " by " + project.matters[to.index].title;
    return edit;
}

CellClip copyCells(const Level& level, const CellRect& rect) {
    const CellRect area = rect.intersected(level.cells.bounds());
    CellClip clip{Grid<Cell>(area.width, area.height)};
    for (int y = 0; y < area.height; ++y)
        for (int x = 0; x < area.width; ++x)
            clip.cells.set(x, y, level.cells.at(area.x + x, area.y + y));
    return clip;
}

LevelEdit pasteCells(const Level& level, const CellClip& clip, CellPoint at) {
    const CellRect target{at.x, at.y, clip.cells.width(), clip.cells.height()};
    LevelEdit edit{level, "Paste " + cellCountText(target.area()),
                   target.intersected(level.cells.bounds())};
    stamp(edit.level.cells, clip, at);
    return edit;
}

LevelEdit moveCells(const Level& level, const CellRect& from, int dx, int dy) {
    const CellRect area = from.intersected(level.cells.bounds());
    const CellClip clip = copyCells(level, area);
    LevelEdit edit{level, "Move " + cellCountText(area.area()),
                   area.united(area.moved(dx, dy)).intersected(level.cells.bounds())};
    edit.level.cells.fillRect(area, Cell());
    stamp(edit.level.cells, clip, {area.x + dx, area.y + dy});
    return edit;
}

Result<LevelEdit> placeEntity(const Level& level, const Kind& kind, PxPoint corner, Facing facing) {
    Entity entity;
    entity.id = freshEntityId(level, kind.id);
    entity.kind = kind.id;
    entity.box = {corner.x, corner.y, kind.width, kind.height};
    entity.facing = facing;
    if (const auto inside = checkInside(level, entity); !inside) return fail(inside.error());
    const auto count = std::count_if(level.entities.begin(), level.entities.end(),
                                     [&](const Entity& e) { return e.kind == kind.id; });
    if (kind.atMost > 0 && count >= kind.atMost) {
        return fail(ErrorKind::NotApplicable,
                    "A level holds at most " + std::to_string(kind.atMost) + " of " + kind.title,
                    level.title, "Move the one that is there");
    }
    LevelEdit edit{level, "Place " + entity.id.text, toCells(entity.box, level.cellSize)};
    edit.level.entities.edit([&](auto& list) { list.push_back(entity); });
    return edit;
}

Result<LevelEdit> moveEntities(const Level& level, const std::vector<EntityId>& ids, int dx,
                               int dy) {
    LevelEdit edit{level, "Move " + entitiesText(ids), {}};
    Result<void> outcome;
    edit.level.entities.edit([&](auto& list) {
        for (Entity& entity : list) {
            if (!isListed(ids, entity.id)) continue;
            edit.touched = edit.touched.united(toCells(entity.box, level.cellSize));
            entity.box = entity.box.moved(dx, dy);
            edit.touched = edit.touched.united(toCells(entity.box, level.cellSize));
            if (const auto inside = checkInside(level, entity); !inside) outcome = inside;
        }
    });
    if (!outcome) return fail(outcome.error());
    return edit;
}

LevelEdit deleteEntities(const Level& level, const std::vector<EntityId>& ids) {
    LevelEdit edit{level, "Delete " + entitiesText(ids), {}};
    edit.level.entities.edit([&](auto& list) {
        std::erase_if(list, [&](const Entity& entity) {
            if (!isListed(ids, entity.id)) return false;
            edit.touched = edit.touched.united(toCells(entity.box, level.cellSize));
            return true;
        });
    });
    return edit;
}

Result<LevelEdit> changeEntity(const Level& level, Entity entity, const std::string& name) {
    const Entity* former = findEntity(level, entity.id);
    if (!former) {
        return fail(ErrorKind::BadReference, "There is no entity " + entity.id.text, level.title,
                    "Choose one that is on the board");
    }
    if (const auto inside = checkInside(level, entity); !inside) return fail(inside.error());
    LevelEdit edit{level, name, toCells(former->box.united(entity.box), level.cellSize)};
    edit.level.entities.edit([&](auto& list) {
        for (Entity& slot : list)
            if (slot.id == entity.id) slot = entity;
    });
    return edit;
}

}  // namespace rook::level
