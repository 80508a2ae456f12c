#include "level/level_edits.h"

#include <algorithm>

#include "level/level_kinds.h"

namespace rook::level {

namespace {

LevelId freshLevelId(const Project& project, int& number) {
    number = int(project.levels.size()) + 1;
    while (project.findLevel({"level-" + std::to_string(number)}))
        ++number;
    return {"level-" + std::to_string(number)};
}

}  // namespace

ProjectEdit moveLevel(const Project& project, const LevelId& id, int by) {
    ProjectEdit edit{project, "Reorder levels"};
    auto& levels = edit.project.levels;
    const auto found = std::find_if(levels.begin(), levels.end(),
                                    [&](const auto& level) { return level->id == id; });
    if (found == levels.end()) return edit;
    const auto from = found - levels.begin();
    const auto to = std::clamp<std::ptrdiff_t>(from + by, 0, std::ptrdiff_t(levels.size()) - 1);
    if (to > from) std::rotate(found, found + 1, levels.begin() + to + 1);
    if (to < from) std::rotate(levels.begin() + to, found, found + 1);
    return edit;
}

Result<ProjectEdit> orderLevels(const Project& project, const std::vector<LevelId>& order) {
    ProjectEdit edit{project, "Reorder levels"};
    std::vector<std::shared_ptr<const Level>> levels;
    for (const LevelId& id : order) {
        const auto found = std::find_if(project.levels.begin(), project.levels.end(),
                                        [&](const auto& level) { return level->id == id; });
        if (found != project.levels.end() &&
            std::find(levels.begin(), levels.end(), *found) == levels.end())
            levels.push_back(*found);
    }
    if (levels.size() != project.levels.size() || levels.size() != order.size())
        return fail(ErrorKind::BadReference, "An order names each level once", project.name,
                    "Drag the levels again");
    edit.project.levels = std::move(levels);
    return edit;
}

AddedLevel addLevel(const Project& project, LevelKind kind, const Level& beside) {
    const LevelKindTraits& traits = traitsOf(kind);
    int number = 0;
    Level level;
    level.id = freshLevelId(project, number);
    level.title = "Level " + std::to_string(number);
    level.kind = kind;
    level.cellSize = traits.usualCell.width > 0 ? traits.usualCell : beside.cellSize;
    level.cells = Grid<Cell>(traits.usualColumns, traits.usualRows);
    level.background = beside.background;
    if (traits.isOfPieces) {
        ROOK_ASSERT(!project.kits.empty(), "a level of pieces has a kit");
        level.kit = project.kits[0].name;
    }
    AddedLevel added{{project, traits.newLevel}, level.id};
    added.edit.project.levels.push_back(std::make_shared<const Level>(std::move(level)));
    return added;
}

LevelEdit renameLevel(const Level& level, const std::string& title) {
    LevelEdit edit{level, "Rename level to " + title, {}};
    edit.level.title = title;
    return edit;
}

LevelEdit setKit(const Level& level, const std::string& kit) {
    LevelEdit edit{level, "Choose another kit", level.cells.bounds()};
    edit.level.kit = kit;
    return edit;
}

KeptNow keepRun(const Level& level, KeptRun run, const std::string& word) {
    const auto isTaken = [&](const std::string& name) {
        return std::any_of(level.runs.begin(), level.runs.end(),
                           [&](const KeptRun& kept) { return kept.name == name; });
    };
    std::size_t number = level.runs.size() + 1;
    while (isTaken(word + " " + std::to_string(number)))
        ++number;
    run.name = word + " " + std::to_string(number);
    KeptNow kept{{level, "Keep a run", {}}, run.name};
    kept.edit.level.runs.edit([&](auto& list) { list.push_back(std::move(run)); });
    return kept;
}

LevelEdit removeRun(const Level& level, std::size_t at) {
    LevelEdit edit{level, "Remove a run", {}};
    edit.level.runs.edit(
        [at](auto& list) { list.erase(list.begin() + static_cast<std::ptrdiff_t>(at)); });
    return edit;
}

ProjectEdit setComfortLimit(const Project& project, int percent) {
    ProjectEdit edit{project, "Limit of comfort"};
    edit.project.comfortLimit = percent;
    return edit;
}

ProjectEdit setZoneBudget(const Project& project, int count) {
    ProjectEdit edit{project, "Set the budget of zones"};
    edit.project.zoneBudget = count;
    return edit;
}

ProjectEdit setWritesMembers(const Project& project, bool writes) {
    ProjectEdit edit{project, writes ? "Write out members" : "Leave members out"};
    edit.project.writesMembers = writes;
    return edit;
}

ProjectEdit addSwatch(const Project& project, Level swatch) {
    ProjectEdit edit{project, "Make a swatch of " + swatch.title};
    edit.project.swatches.push_back(std::make_shared<const Level>(std::move(swatch)));
    return edit;
}

ProjectEdit removeSwatch(const Project& project, const LevelId& id) {
    ProjectEdit edit{project, "Remove a swatch"};
    std::erase_if(edit.project.swatches, [&](const auto& each) {
        if (each->id != id) return false;
        edit.name = "Remove the swatch " + each->title;
        return true;
    });
    return edit;
}

}  // namespace rook::level
