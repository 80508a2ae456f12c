#include "base/printable.h"
#include "cli/command.h"
#include "file/starters.h"

namespace rook::cli {

namespace {

struct NewOptions {
    std::string folder;
    std::string from = "blank";
};

int makeProject(const NewOptions& options) {
    std::error_code problem;
    const file::Path path = std::filesystem::absolute(options.folder, problem).lexically_normal();
    if (options.folder.empty() || problem || printable(options.folder) != options.folder)
        return report({ErrorKind::NotApplicable, "This is no name for a folder", options.folder,
                       "Name one in plain letters; its last part becomes the project's name"});
    const std::string name = (path.has_filename() ? path : path.parent_path()).filename().string();
    const file::Starter* starter = file::findStarter(options.from);
    if (!starter)
        return report({ErrorKind::BadReference, "There is nothing to begin with of that name",
                       options.from, "Use side, above, kit or blank"});
    if (const auto made = file::makeProject(file::diskStorage(), path, *starter, name); !made)
        return report(made.error());
    std::printf("Made the project %s.\nNext: rookplot open %s\n", name.c_str(),
                options.folder.c_str());
    return exitFine;
}

}  // namespace

void addNewCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "new",
        "Make a project folder with matters, a cast, plain art, a motion profile, and one empty\n"
        "level or small ones to play.");
    auto options = std::make_shared<NewOptions>();
    command
        ->add_option("DIR", options->folder,
                     "The folder to make; its name becomes the project's name")
        ->required();
    command
        ->add_option("--from", options->from,
                     "What it begins with: side (two levels seen from the side), above (one from\n"
                     "above), kit (one of modular pieces) or blank")
        ->capture_default_str();
    command->callback([options, &exitCode] { exitCode = makeProject(*options); });
}

}  // namespace rook::cli
