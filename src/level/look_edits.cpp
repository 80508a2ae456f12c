#include "level/look_edits.h"

#include <algorithm>
#include <set>

namespace rook::level {

namespace {

/// All of the board may look different.
LevelEdit editOf(const Level& level, const std::string& name) {
    return {level, name, level.cells.bounds()};
}

template <typename Change>
ProjectEdit changePictures(const Project& project, const std::string& backdrop,
                           const std::string& name, Change&& change) {
    ProjectEdit edit{project, name};
    edit.project.backdrops.edit([&](auto& list) {
        for (Backdrop& each : list)
            if (each.name == backdrop) change(each.pictures);
    });
    return edit;
}

std::string freshBackdropName(const Project& project, const Level& level) {
    const std::string base = "backdrop-" + level.id.text;
    std::string name = base;
    for (int number = 2; project.findBackdrop(name); ++number)
        name = base + "-" + std::to_string(number);
    return name;
}

/// Puts the note in its place by number, or takes it away if it says nothing.
void takeNote(std::vector<TileNote>& notes, const TileNote& note) {
    std::erase_if(notes, [&](const TileNote& each) { return each.tile == note.tile; });
    if (note.name.empty() && !note.form) return;
    const auto at =
        std::upper_bound(notes.begin(), notes.end(), note,
                         [](const TileNote& a, const TileNote& b) { return a.tile < b.tile; });
    notes.insert(at, note);
}

}  // namespace

std::vector<std::string> themesOf(const Project& project) {
    std::set<std::string> themes;
    for (const auto* boards : {&project.swatches, &project.levels})
        for (const auto& board : *boards) {
            themes.insert(board->theme);
            for (const Zone& zone : board->zones)
                themes.insert(zone.theme);
        }
    themes.erase("");
    return {themes.begin(), themes.end()};
}

LevelEdit setTheme(const Level& level, const std::string& theme) {
    LevelEdit edit = editOf(level, "Change the theme");
    edit.level.theme = theme;
    return edit;
}

LevelEdit setBackdrop(const Level& level, const std::string& backdrop) {
    LevelEdit edit = editOf(level, "Change the backdrop");
    edit.level.backdrop = backdrop;
    return edit;
}

LevelEdit setChance(const Level& level, const Chance& chance, const std::string& name) {
    LevelEdit edit = editOf(level, name);
    edit.level.chance = chance;
    return edit;
}

Result<LevelEdit> addScatterRule(const Level& level, const ScatterRule& rule) {
    if (level.scatter.size() >= static_cast<std::size_t>(maxScatterRules))
        return fail(ErrorKind::OutOfRange, "A level has at most 64 rules", level.title,
                    "Change one of them");
    LevelEdit edit = editOf(level, "Keep a scatter rule");
    edit.level.scatter.edit([&](auto& list) { list.push_back(rule); });
    return edit;
}

LevelEdit changeScatterRule(const Level& level, std::size_t at, const ScatterRule& rule,
                            const std::string& name) {
    LevelEdit edit = editOf(level, name);
    edit.level.scatter.edit([&](auto& list) { list.at(at) = rule; });
    return edit;
}

LevelEdit removeScatterRule(const Level& level, std::size_t at) {
    LevelEdit edit = editOf(level, "Remove a scatter rule");
    edit.level.scatter.edit(
        [at](auto& list) { list.erase(list.begin() + static_cast<std::ptrdiff_t>(at)); });
    return edit;
}

LevelEdit moveScatterRule(const Level& level, std::size_t from, std::size_t to) {
    LevelEdit edit = editOf(level, "Move a scatter rule");
    edit.level.scatter.edit([&](auto& list) {
        const auto at = [&](std::size_t i) {
            return list.begin() + static_cast<std::ptrdiff_t>(i);
        };
        if (from < to)
            std::rotate(at(from), at(from) + 1, at(to) + 1);
        else
            std::rotate(at(to), at(from), at(from) + 1);
    });
    return edit;
}

ProjectEdit addPicture(const Project& project, const Level& level, const Picture& picture) {
    Project next = project;
    std::string backdrop = level.backdrop;
    if (!project.findBackdrop(backdrop)) {
        backdrop = freshBackdropName(project, level);
        Backdrop made;
        made.name = backdrop;
        made.title = level.title;
        next.backdrops.edit([&](auto& list) { list.push_back(made); });
        next = next.withLevel(setBackdrop(level, backdrop).level);
    }
    return changePictures(next, backdrop, "Add a picture",
                          [&](auto& pictures) { pictures.push_back(picture); });
}

ProjectEdit changePicture(const Project& project, const std::string& backdrop, std::size_t at,
                          const Picture& picture, const std::string& name) {
    return changePictures(project, backdrop, name,
                          [&](auto& pictures) { pictures.at(at) = picture; });
}

ProjectEdit movePicture(const Project& project, const std::string& backdrop, std::size_t at,
                        int by) {
    return changePictures(project, backdrop, "Order of pictures", [&](auto& pictures) {
        const std::size_t to = at + static_cast<std::size_t>(by);
        if (to < pictures.size()) std::swap(pictures.at(at), pictures[to]);
    });
}

ProjectEdit removePicture(const Project& project, const std::string& backdrop, std::size_t at) {
    return changePictures(project, backdrop, "Take a picture out", [&](auto& pictures) {
        pictures.erase(pictures.begin() + static_cast<std::ptrdiff_t>(at));
    });
}

ProjectEdit animateTile(const Project& project, int sheet, const TileAnimation& animation) {
    ProjectEdit edit = holdTileStill(project, sheet, animation.tile);
    edit.name = "Animate a tile";
    edit.project.sheets.edit([&](auto& list) {
        list.at(static_cast<std::size_t>(sheet)).animations.push_back(animation);
    });
    return edit;
}

ProjectEdit holdTileStill(const Project& project, int sheet, int tile) {
    ProjectEdit edit{project, "Hold a tile still"};
    edit.project.sheets.edit([&](auto& list) {
        std::erase_if(list.at(static_cast<std::size_t>(sheet)).animations,
                      [&](const TileAnimation& each) { return each.tile == tile; });
    });
    return edit;
}

ProjectEdit changeTileNotes(const Project& project, const std::vector<Tile>& tiles,
                            const std::function<void(TileNote&)>& change, const std::string& name) {
    ProjectEdit edit{project, name};
    edit.project.sheets.edit([&](auto& list) {
        for (const Tile tile : tiles) {
            if (!tile.isShown()) continue;
            Sheet& sheet = list.at(static_cast<std::size_t>(tile.sheet()));
            const TileNote* former = sheet.noteOf(tile.number());
            TileNote note = former ? *former : TileNote{tile.number(), {}, {}};
            change(note);
            takeNote(sheet.notes, note);
        }
    });
    return edit;
}

}  // namespace rook::level
