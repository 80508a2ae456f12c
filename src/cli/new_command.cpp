#include "base/printable.h"
#include "cli/command.h"
#include "file/project_file.h"

namespace rook::cli {

namespace {

int makeProject(const std::string& folder) {
    std::error_code problem;
    const file::Path path = std::filesystem::absolute(folder, problem).lexically_normal();
    file::Storage& storage = file::diskStorage();
    if (folder.empty() || problem || printable(folder) != folder)
        return report({ErrorKind::NotApplicable, "This is no name for a folder", folder,
                       "Name one in plain letters; its last part becomes the project's name"});
    if (storage.exists(path / "rookplot.json")) {
        return report({ErrorKind::NotApplicable, "There is a project already", path.string(),
                       "Open it, or choose another folder"});
    }
    if (storage.exists(path / "levels" / "level-1.json"))
        return report({ErrorKind::NotApplicable, "There is a level already", path.string(),
                       "Choose another folder"});
    const std::string name = (path.has_filename() ? path : path.parent_path()).filename().string();
    if (const auto made = file::saveProject(storage, path, file::newProject(name)); !made)
        return report(made.error());
    std::printf("Made the project %s with one level, level-1.\nNext: rookplot open %s\n",
                name.c_str(), folder.c_str());
    return exitFine;
}

}  // namespace

void addNewCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "new", "Make a project folder with matters, kinds, a motion profile and one empty level.");
    auto folder = std::make_shared<std::string>();
    command->add_option("DIR", *folder, "The folder to make; its name becomes the project's name")
        ->required();
    command->callback([folder, &exitCode] { exitCode = makeProject(*folder); });
}

}  // namespace rook::cli
