#include "level/blocks.h"

#include <algorithm>

#include "base/limits.h"

namespace rook::level {

namespace {

Entity movedEntity(Entity entity, int dx, int dy) {
    entity.box = entity.box.moved(dx, dy);
    return entity;
}

/// Equal but for the id, which a block's entities do not keep.
bool isLike(const Entity& a, Entity b) {
    b.id = a.id;
    return a == b;
}

bool stillStands(const Level& level, const Block& block, CellPoint at) {
    int laid = 0;
    int kept = 0;
    for (int y = 0; y < block.cells.height(); ++y) {
        for (int x = 0; x < block.cells.width(); ++x) {
            const Cell cell = block.cells.at(x, y);
            if (cell.isOpen()) continue;
            ++laid;
            kept += level.cells.at(at.x + x, at.y + y, Cell()) == cell ? 1 : 0;
        }
    }
    return 2 * kept > laid;
}

/// Gives the cells that are as the former block had them what the new one has there.
void followCells(Grid<Cell>& cells, const Block& former, const Block& next, CellPoint at) {
    const int width = std::max(former.cells.width(), next.cells.width());
    const int height = std::max(former.cells.height(), next.cells.height());
    for (int y = 0; y < height; ++y) {
        for (int x = 0; x < width; ++x) {
            const CellPoint cell{at.x + x, at.y + y};
            if (!cells.bounds().contains(cell)) continue;
            if (cells.at(cell) == former.cells.at(x, y, Cell()))
                cells.set(cell, next.cells.at(x, y, Cell()));
        }
    }
}

/// Takes away the block's entities that stand there as it has them.
void takeAwayEntities(Level& level, const Block& block, CellPoint at) {
    level.entities.edit([&](auto& list) {
        for (const Entity& of : block.entities) {
            const Entity there =
                movedEntity(of, at.x * level.cellSize.width, at.y * level.cellSize.height);
            const auto found = std::find_if(list.begin(), list.end(), [&](const Entity& entity) {
                return isLike(entity, there);
            });
            if (found != list.end()) list.erase(found);
        }
    });
}

/// Gives the number of entities that had no place.
int placeEntities(const Project& project, Level& level, const Block& block, CellPoint at) {
    int leftOut = 0;
    for (const Entity& of : block.entities) {
        const Kind* kind = project.findKind(of.kind);
        Entity entity = movedEntity(of, at.x * level.cellSize.width, at.y * level.cellSize.height);
        const PxPoint corner{entity.box.x, entity.box.y};
        auto placed = kind ? placeEntity(level, *kind, corner, entity.facing)
                           : Result<LevelEdit>(LevelEdit{level, {}, {}});
        if (!kind || !placed || !level.boundsPx().contains(entity.box)) {
            ++leftOut;
            continue;
        }
        level = std::move(placed->level);
        entity.id = level.entities.back().id;
        level.entities.edit([&](auto& list) { list.back() = entity; });
    }
    return leftOut;
}

}  // namespace

Result<Block> blockOf(const Project& project, const Level& level, const CellRegion& region,
                      const std::string& title) {
    if (title.empty())
        return fail(ErrorKind::NotApplicable, "A block needs a name", level.title, "Write one");
    Block block;
    block.title = title;
    const std::string stem = plainNameFrom(title, "block");
    block.name = stem;
    for (int i = 2; project.findBlock(block.name); ++i)
        block.name = stem + "-" + std::to_string(i);
    const CellRect area = region.clipped(level.cells.bounds()).bounds();
    if (std::max(area.width, area.height) > limits::maxBlockCells)
        return fail(
            ErrorKind::OutOfRange,
            "A block is at most " + std::to_string(limits::maxBlockCells) + " cells wide and high",
            level.title, "Select less");
    block.cells = copyCells(level, region).cells;
    const PxRect px = toPx(area, level.cellSize);
    for (const Entity& entity : level.entities)
        if (px.contains(entity.box)) block.entities.push_back(movedEntity(entity, -px.x, -px.y));
    const bool isEmpty =
        block.entities.empty() && block.cells == Grid<Cell>(area.width, area.height);
    if (isEmpty)
        return fail(ErrorKind::NotApplicable, "There is nothing in the selection to keep",
                    level.title, "Select some matter first");
    return block;
}

Result<ProjectEdit> keepBlock(const Project& project, const Level& level, const CellRegion& region,
                              const std::string& title) {
    const auto block = blockOf(project, level, region, title);
    if (!block) return fail(block.error());
    if (project.blocks.size() >= limits::maxBlocks)
        return fail(ErrorKind::OutOfRange, "A project holds at most 4,096 blocks", project.name,
                    "Remove one that is not used");
    const CellRect area = region.clipped(level.cells.bounds()).bounds();
    Level next = level;
    next.laid.edit([&](auto& list) { list.push_back({block->name, area}); });
    ProjectEdit edit{project.withLevel(std::move(next)), "Keep block " + title};
    edit.project.blocks.edit([&](auto& list) { list.push_back(*block); });
    return edit;
}

LevelEdit layBlock(const Project& project, const Level& level, const Block& block, CellPoint at) {
    const CellRect place{at.x, at.y, block.cells.width(), block.cells.height()};
    LevelEdit edit{level, "Lay " + block.title, place.intersected(level.cells.bounds())};
    edit.level = pasteCells(level, {block.cells}, at).level;
    const int leftOut = placeEntities(project, edit.level, block, at);
    if (leftOut > 0)
        edit.name += ", without " + std::to_string(leftOut) +
                     (leftOut == 1 ? " entity" : " entities") + " that had no place";
    if (level.cells.bounds().contains(place))
        edit.level.laid.edit([&](auto& list) {
            std::erase(list, LaidBlock{block.name, place});
            list.push_back({block.name, place});
        });
    return edit;
}

BlockUse useOf(const Project& project, const std::string& name) {
    const Block* block = project.findBlock(name);
    BlockUse use;
    for (const auto& level : project.levels) {
        int places = 0;
        for (const LaidBlock& laid : level->laid)
            places += block && laid.block == name &&
                              stillStands(*level, *block, {laid.place.x, laid.place.y})
                          ? 1
                          : 0;
        use.places += places;
        use.levels += places > 0 ? 1 : 0;
    }
    return use;
}

ProjectEdit changeBlock(const Project& project, const Block& block, bool followsLaid) {
    ProjectEdit edit{project, "Change block " + block.title};
    const Block* former = project.findBlock(block.name);
    ROOK_ASSERT(former != nullptr, "a block is replaced by one of the same name");
    edit.project.blocks.edit([&](auto& list) {
        for (Block& slot : list)
            if (slot.name == block.name) slot = block;
    });
    for (auto& slot : edit.project.levels) {
        Level level = *slot;
        std::vector<LaidBlock> laid;
        for (LaidBlock each : slot->laid) {
            const CellPoint at{each.place.x, each.place.y};
            const bool isOurs = each.block == block.name;
            if (isOurs && !(followsLaid && stillStands(level, *former, at))) continue;
            if (isOurs) {
                followCells(level.cells, *former, block, at);
                takeAwayEntities(level, *former, at);
                placeEntities(project, level, block, at);
                each.place = {at.x, at.y, block.cells.width(), block.cells.height()};
            }
            laid.push_back(each);
        }
        if (laid != slot->laid.items() || !(level == *slot)) {
            level.laid = std::move(laid);
            slot = std::make_shared<const Level>(std::move(level));
        }
    }
    return edit;
}

ProjectEdit removeBlock(const Project& project, const std::string& name) {
    const Block* block = project.findBlock(name);
    ProjectEdit edit{project, "Remove block " + (block ? block->title : name)};
    edit.project.blocks.edit(
        [&](auto& list) { std::erase_if(list, [&](const Block& b) { return b.name == name; }); });
    for (auto& slot : edit.project.levels) {
        const auto isOurs = [&](const LaidBlock& laid) { return laid.block == name; };
        if (std::none_of(slot->laid.begin(), slot->laid.end(), isOurs)) continue;
        Level level = *slot;
        level.laid.edit([&](auto& list) { std::erase_if(list, isOurs); });
        slot = std::make_shared<const Level>(std::move(level));
    }
    return edit;
}

}  // namespace rook::level
