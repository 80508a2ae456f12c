/// The colours of stacks, and all levels that use them.

#include <algorithm>
#include <map>
#include <set>

#include "puzzle/edits.h"

namespace rook::puzzle {

using level::Level;
using level::Project;
using level::Slot;

Result<level::ProjectEdit> setStackColors(const Project& project,
                                          const std::vector<level::StackColor>& colors) {
    if (colors.size() > level::maxStackColors)
        return fail(ErrorKind::OutOfRange,
                    "There are at most " + std::to_string(level::maxStackColors) + " colours",
                    project.name, "Take some out");
    std::set<std::string> names;
    for (const level::StackColor& color : colors)
        if (!rook::isPlainName(color.name) || !names.insert(color.name).second)
            return fail(ErrorKind::BadReference,
                        "The colour \"" + color.name + "\" is no plain name, or there twice",
                        project.name, "Use lower-case letters, digits, - and _");
    std::map<std::string, std::string> renamed;
    for (std::size_t i = 0; i < colors.size() && i < project.stackColors.size(); ++i) {
        const std::string& was = project.stackColors[i].name;
        const bool isFresh = std::none_of(
            project.stackColors.begin(), project.stackColors.end(),
            [&](const level::StackColor& color) { return color.name == colors[i].name; });
        if (was != colors[i].name && isFresh && !names.contains(was)) renamed[was] = colors[i].name;
    }
    level::ProjectEdit edit{project, "Change the colours of stacks"};
    edit.project.stackColors = colors;
    const auto follow = [&](std::vector<std::string>& stack) {
        for (std::string& name : stack)
            if (const auto now = renamed.find(name); now != renamed.end()) name = now->second;
    };
    for (std::shared_ptr<const Level>& slot : edit.project.levels) {
        if (renamed.empty() || slot->kind != level::LevelKind::Puzzle) continue;
        Level level = *slot;
        level.puzzle.slotList.edit([&](auto& list) {
            for (Slot& each : list)
                follow(each.stack);
        });
        level.puzzle.rule.queue.edit([&](auto& list) {
            for (level::QueuedStack& each : list)
                follow(each.colors);
        });
        slot = std::make_shared<const Level>(std::move(level));
    }
    return edit;
}

}  // namespace rook::puzzle
