#include "cli/command.h"
#include "file/bundle.h"
#include "file/project_file.h"

namespace rook::cli {

namespace {

int exportProject(const std::string& folder, const std::string& target) {
    const auto project = file::openProject(file::diskStorage(), folder);
    if (!project) return report(project.error());
    const auto written = file::exportBundle(file::diskStorage(), *project, folder, target);
    if (!written) return report(written.error());
    std::size_t bytes = 0;
    for (const file::WrittenFile& one : *written) {
        std::printf("%10zu  %s\n", one.bytes, one.path.c_str());
        bytes += one.bytes;
    }
    std::printf("Wrote %zu files, %zu bytes, to %s\n", written->size(), bytes, target.c_str());
    return exitFine;
}

}  // namespace

void addExportCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "export",
        "Write the bundle that a game loads. A former bundle is replaced as a whole;\n"
        "when something fails it stays as it was.");
    auto project = std::make_shared<std::string>();
    auto target = std::make_shared<std::string>();
    command->add_option("PROJECT", *project, "The project folder")->required();
    command->add_option("--to", *target, "The folder of the bundle: new, empty, or a former bundle")
        ->required();
    command->callback(
        [project, target, &exitCode] { exitCode = exportProject(*project, *target); });
}

}  // namespace rook::cli
