#include "cli/command.h"
#include "file/repair.h"

namespace rook::cli {

namespace {

int repairProject(const std::string& folder, const std::string& target) {
    file::Storage& storage = file::diskStorage();
    std::error_code problem;
    if (target.empty() || (storage.exists(target) && !std::filesystem::is_empty(target, problem)))
        return report({ErrorKind::NotApplicable, "There is something there already", target,
                       "Choose an empty or a new folder"});
    const auto repaired = file::openRepaired(storage, folder);
    if (!repaired) return report(repaired.error());
    for (const std::string& change : repaired->changes)
        std::printf("%s\n", change.c_str());
    if (const auto copied = file::copySheets(storage, folder, target, repaired->project); !copied)
        return report(copied.error());
    if (const auto saved = file::saveProject(storage, target, repaired->project); !saved)
        return report(saved.error());
    std::printf("Made %zu changes; wrote the project to %s\n", repaired->changes.size(),
                target.c_str());
    return exitFine;
}

}  // namespace

void addRepairCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "repair",
        "Write a copy of a project that does not open, without what it is refused for, and\n"
        "say what was left out. The project itself stays as it is.");
    auto project = std::make_shared<std::string>();
    auto target = std::make_shared<std::string>();
    command->add_option("PROJECT", *project, "The project folder")->required();
    command->add_option("--to", *target, "The folder to make")->required();
    command->callback(
        [project, target, &exitCode] { exitCode = repairProject(*project, *target); });
}

}  // namespace rook::cli
