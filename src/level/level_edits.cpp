#include "level/level_edits.h"

#include <algorithm>
#include <set>

namespace rook::level {

LevelEdit renameLevel(const Level& level, const std::string& title) {
    LevelEdit edit{level, "Rename level to " + title, {}};
    edit.level.title = title;
    return edit;
}

Result<LevelEdit> changeTexts(const Level& level, std::vector<Words> texts,
                              const std::string& name) {
    std::set<std::string> ids;
    for (const Words& words : texts) {
        if (!isPlainName(words.id))
            return fail(ErrorKind::OutOfRange,
                        "The id of a text has lower-case letters, digits, '-' and '_'", words.id,
                        "Choose such a name");
        if (!ids.insert(words.id).second)
            return fail(ErrorKind::OutOfRange, "There is a text of that id already", words.id,
                        "Choose another name");
    }
    LevelEdit edit{level, name, {}};
    if (texts.size() == level.texts.size() && !level.goals.empty())
        edit.level.goals.edit([&](auto& goals) {
            for (LevelGoal& goal : goals)
                for (std::size_t i = 0; i < texts.size(); ++i)
                    if (!goal.words.empty() && goal.words == level.texts[i].id) {
                        goal.words = texts[i].id;
                        break;
                    }
        });
    edit.level.texts = std::move(texts);
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

ProjectEdit setBundleOptions(const Project& project, const BundleOptions& options) {
    ProjectEdit edit{project, "Change what bundles spell out"};
    edit.project.bundle = options;
    edit.project.bundle.waysUpTo = std::clamp(options.waysUpTo, 0, mostWayTicks);
    return edit;
}

Result<ProjectEdit> changeGame(const Project& project, Game game, const std::string& name) {
    if (const auto flaw = flawOf(game))
        return fail(ErrorKind::OutOfRange, *flaw, "game", "Choose otherwise");
    ProjectEdit edit{project, name};
    edit.project.game = std::move(game);
    return edit;
}

ProjectEdit moveCard(const Project& project, const LevelId& level, PxPoint at) {
    ProjectEdit edit{project, "Move a card"};
    auto& map = edit.project.game.map;
    std::erase_if(map, [&](const MapPlace& each) { return each.level == level; });
    map.push_back({level, at});
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

void setText(Words& words, const std::string& language, std::string text) {
    if (language.empty()) {
        words.text = std::move(text);
        return;
    }
    std::erase_if(words.in, [&](const Translation& each) { return each.language == language; });
    if (!text.empty()) words.in.push_back({language, std::move(text)});
}

}  // namespace rook::level
