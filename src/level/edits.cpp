#include "level/edits.h"

#include <algorithm>

#include "level/listed.h"

namespace rook::level {

namespace {

std::string entitiesText(const std::vector<EntityId>& ids) {
    return ids.size() == 1 ? ids[0].text : std::to_string(ids.size()) + " entities";
}

Result<void> checkInside(const Level& level, const Entity& entity) {
    if (level.boundsPx().contains(entity.box)) return {};
    return fail(ErrorKind::OutOfRange, entity.id.text + " would lie outside the level",
                "px " + std::to_string(entity.box.x) + ", " + std::to_string(entity.box.y),
                "Place it inside the board");
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

Result<LevelEdit> placeEntity(const Level& level, const Kind& kind, PxPoint corner, Facing facing) {
    Entity entity;
    entity.id = freshEntityId(level, kind.id);
    entity.kind = kind.id;
    entity.box = {corner.x, corner.y, kind.width, kind.height};
    entity.facing = facing;
    if (kind.role == Role::Exit) entity.to.onward = Onward::Next;
    if (const auto inside = checkInside(level, entity); !inside) return fail(inside.error());
    const auto count = std::count_if(level.entities.begin(), level.entities.end(),
                                     [&](const Entity& e) { return e.kind == kind.id; });
    if (kind.atMost > 0 && count >= kind.atMost) {
        return fail(ErrorKind::NotApplicable,
                    "A level holds at most " + std::to_string(kind.atMost) + " of " + kind.title,
                    level.title, "Move the one that is there");
    }
    LevelEdit edit{level, "Place " + entity.id.text, toCells(entity.box, level.cellSize)};
    edit.level.entities.append(entity);
    return edit;
}

Result<LevelEdit> moveEntities(const Level& level, const std::vector<EntityId>& ids, int dx,
                               int dy) {
    LevelEdit edit{level, "Move " + entitiesText(ids), {}};
    const Listed listed(ids);
    Result<void> outcome;
    edit.level.entities.editEach(
        [&](const Entity& entity) { return listed.has(entity.id); },
        [&](Entity& entity) {
            edit.touched = edit.touched.united(toCells(entity.box, level.cellSize));
            entity.box = entity.box.moved(dx, dy);
            edit.touched = edit.touched.united(toCells(entity.box, level.cellSize));
            if (const auto inside = checkInside(level, entity); !inside) outcome = inside;
        });
    if (!outcome) return fail(outcome.error());
    return edit;
}

LevelEdit deleteEntities(const Level& level, const std::vector<EntityId>& ids) {
    LevelEdit edit{level, "Delete " + entitiesText(ids), {}};
    const Listed listed(ids);
    edit.level.entities.edit([&](auto& list) {
        std::erase_if(list, [&](const Entity& entity) {
            if (!listed.has(entity.id)) return false;
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
    if (const auto flaw = flawOf(entity.data))
        return fail(ErrorKind::OutOfRange, *flaw, entity.id.text, "Change it otherwise");
    LevelEdit edit{level, name, toCells(former->box.united(entity.box), level.cellSize)};
    edit.level.entities.editEach([&](const Entity& slot) { return slot.id == entity.id; },
                                 [&](Entity& slot) { slot = entity; });
    return edit;
}

}  // namespace rook::level
