#include "level/target_edits.h"

#include <algorithm>

namespace rook::level {

std::optional<std::string> flawOf(const Target& target) {
    if (!target.to.empty() && target.to.front() == '/')
        return "The folder of the target " + target.name +
               " is an absolute one, which nobody else has";
    if (target.to.find('\\') != std::string::npos)
        return "The folder of the target " + target.name + " has a backslash";
    if (target.options.recipe.starts_with('/'))
        return "The recipe of the target " + target.name + " lies outside of the project";
    return std::nullopt;
}

namespace {

Error noSuchTarget(const std::string& name) {
    return {ErrorKind::BadReference, "There is no target \"" + name + "\"", "targets",
            "Name one that the project has"};
}

}  // namespace

Result<ProjectEdit> addTarget(const Project& project, TargetFormat format, const std::string& to) {
    if (project.targets.size() >= maxTargets)
        return fail(ErrorKind::OutOfRange, "A project has at most 64 targets", "targets",
                    "Remove one");
    Target target;
    target.name = nameOf(format);
    for (int number = 2; project.findTarget(target.name); ++number)
        target.name = std::string(nameOf(format)) + "-" + std::to_string(number);
    target.format = format;
    target.to = to;
    ProjectEdit edit{project, "Add the target " + target.name};
    edit.project.targets.edit([&](auto& list) { list.push_back(std::move(target)); });
    return edit;
}

Result<ProjectEdit> changeTarget(const Project& project, const std::string& name, Target changed) {
    if (!project.findTarget(name)) return fail(noSuchTarget(name));
    if (!isPlainName(changed.name))
        return fail(ErrorKind::OutOfRange, "\"" + changed.name + "\" is no plain name", "targets",
                    "Use small letters, digits, - and _");
    if (changed.name != name && project.findTarget(changed.name))
        return fail(ErrorKind::NotApplicable,
                    "There is another target \"" + changed.name + "\" already", "targets",
                    "Choose another name");
    if (const auto flaw = flawOf(changed))
        return fail(ErrorKind::OutOfRange, *flaw, "targets", "Choose a folder beside the project");
    ProjectEdit edit{project, "Change the target " + changed.name};
    edit.project.targets.edit([&](auto& list) {
        *std::find_if(list.begin(), list.end(),
                      [&](const Target& each) { return each.name == name; }) = std::move(changed);
    });
    return edit;
}

ProjectEdit removeTarget(const Project& project, const std::string& name) {
    ProjectEdit edit{project, "Remove the target " + name};
    edit.project.targets.edit([&](auto& list) {
        std::erase_if(list, [&](const Target& each) { return each.name == name; });
    });
    return edit;
}

std::vector<std::shared_ptr<const Level>> levelsOf(const Project& project, const Target& target) {
    if (target.levels.empty()) return project.levels;
    std::vector<std::shared_ptr<const Level>> levels;
    for (const auto& level : project.levels)
        if (std::find(target.levels.begin(), target.levels.end(), level->id) != target.levels.end())
            levels.push_back(level);
    return levels;
}

}  // namespace rook::level
