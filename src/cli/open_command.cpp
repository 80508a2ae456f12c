#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <filesystem>

#include "cli/command.h"

namespace rook::cli {

namespace {

/// Becomes the window's program, which stands beside this one.
int openWindow(const std::string& project) {
    std::error_code problem;
    const auto self = std::filesystem::read_symlink("/proc/self/exe", problem);
    const std::string desk = (self.parent_path() / "rookplot-desk").string();
    ::execl(desk.c_str(), desk.c_str(), project.c_str(), static_cast<char*>(nullptr));
    return report({ErrorKind::Missing,
                   std::string("The window cannot be started: ") + std::strerror(errno), desk,
                   "It stands beside rookplot: install the package again, or run ./rook build"});
}

}  // namespace

void addOpenCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand("open", "Open a project in the window (rookplot-desk).");
    auto project = std::make_shared<std::string>();
    command->add_option("PROJECT", *project, "The project folder")->required();
    command->callback([project, &exitCode] { exitCode = openWindow(*project); });
}

}  // namespace rook::cli
