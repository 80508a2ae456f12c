#include "file/new_level.h"

#include <algorithm>

#include "file/image_map.h"
#include "file/text_grid.h"
#include "kit/levels.h"
#include "level/blocks.h"
#include "level/level_kinds.h"
#include "puzzle/edits.h"

namespace rook::file {

using namespace level;

namespace {

using With = Beginning::With;

/// Cells that are read from elsewhere; their size is the level's.
Result<CellClip> readCells(const Project& project, const Beginning& beginning) {
    if (beginning.with == With::Image)
        return clipOfImage(project, beginning.image, beginning.imageName, beginning.takesNearest);
    return clipOfText(project, Level(), beginning.text);
}

Result<AddedLevel> makeCopy(const Project& project, const NewLevel& wish, const LevelId& copied) {
    auto added = duplicateLevel(project, copied);
    if (!added || wish.title.empty()) return added;
    // Under the title, and the id, that it would have as a level of its own.
    NewLevel named = wish;
    named.columns = named.rows = 1;
    named.kind = LevelKind::Side;
    const auto fresh = addLevel(project, named);
    if (!fresh) return fresh;
    Level level = *added->edit.project.findLevel(added->level);
    level.id = fresh->level;
    level.title = wish.title;
    std::replace_if(
        added->edit.project.levels.begin(), added->edit.project.levels.end(),
        [&](const auto& each) { return each->id == added->level; },
        std::make_shared<const Level>(std::move(level)));
    added->level = fresh->level;
    return added;
}

/// What is laid in the level, once it is there.
Result<Level> filled(const Project& project, const Level& level, const Beginning& beginning,
                     const CellClip& clip) {
    switch (beginning.with) {
        case With::Nothing:
        case With::Copy:
            return level;
        case With::Room:
            return layFloorAndWalls(project, level).level;
        case With::Text:
        case With::Image:
            return pasteCells(level, clip, {0, 0}).level;
        case With::Block: {
            const Block* block = project.findBlock(beginning.block);
            if (!block)
                return fail(ErrorKind::BadReference, "There is no block " + beginning.block, {},
                            "Choose another");
            const int y = std::max(0, level.cells.height() - block->cells.height());
            return layBlock(project, level, *block, {0, y}).level;
        }
        case With::Caves: {
            const auto solid = std::find_if(
                project.matters.begin(), project.matters.end(),
                [](const Matter& matter) { return matter.behaviour == Behaviour::Solid; });
            if (solid == project.matters.end())
                return fail(ErrorKind::NotApplicable, "The project has no solid matter", {},
                            "Make one in Shape first");
            const MatterId matter{static_cast<std::uint16_t>(solid - project.matters.begin())};
            return masses::layCave(project, level, CellRegion(level.cells.bounds()),
                                   beginning.caves, matter)
                ->level;
        }
    }
    return level;
}

}  // namespace

Result<AddedLevel> makeLevel(const Project& project, NewLevel wish, const Beginning& beginning) {
    if (beginning.with == With::Copy) return makeCopy(project, wish, beginning.copied);
    if (beginning.with != With::Nothing && traitsOf(wish.kind).isOfSlots)
        return fail(ErrorKind::NotApplicable, "A puzzle level has no matter", wish.title,
                    "Begin with nothing");
    if (beginning.with != With::Nothing && traitsOf(wish.kind).isOfPieces)
        return fail(ErrorKind::NotApplicable, "A level of pieces has no matter", wish.title,
                    "Begin with nothing");
    CellClip clip;
    if (beginning.with == With::Text || beginning.with == With::Image) {
        auto read = readCells(project, beginning);
        if (!read) return fail(read.error());
        clip = std::move(*read);
        wish.columns = clip.cells.width();
        wish.rows = clip.cells.height();
    }
    auto added = traitsOf(wish.kind).isOfSlots ? puzzle::addLevel(project, wish)
                                               : kit::addLevel(project, wish);
    if (!added) return added;
    auto level =
        filled(added->edit.project, *added->edit.project.findLevel(added->level), beginning, clip);
    if (!level) return fail(level.error());
    added->edit.project = added->edit.project.withLevel(std::move(*level));
    return added;
}

}  // namespace rook::file
