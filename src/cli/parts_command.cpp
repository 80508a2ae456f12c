#include "cli/command.h"
#include "file/project_file.h"

namespace rook::cli {

namespace {

struct PartsOptions {
    std::string project;
    std::string level;
    std::string csv;
};

int listParts(const PartsOptions& options) {
    const auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return report(project.error());
    const auto level = project->findLevel({options.level});
    if (!options.level.empty() && !level) {
        return report({ErrorKind::BadReference, "There is no level \"" + options.level + "\"",
                       options.project, "Use an id from the order in rookplot.json"});
    }
    const auto parts = level ? partsOf(*project, *level) : partsOf(*project);
    if (!options.csv.empty()) {
        const auto written =
            file::writeWhole(file::diskStorage(), options.csv, file::partsCsv(*project, parts));
        return written ? exitFine : report(written.error());
    }
    int toMake = 0;
    for (const level::Part& part : parts) {
        toMake += part.match ? 0 : 1;
        std::printf("%s: %d, %s\n", part.name.c_str(), part.instances,
                    part.match ? matchText(*project, *part.match).c_str() : "to make");
    }
    std::printf("%zu %s, %d to make\n", parts.size(), parts.size() == 1 ? "part" : "parts", toMake);
    return exitFine;
}

}  // namespace

void addPartsCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "parts",
        "List the things on the plans: how many of each, what stands for it, what is to make.");
    auto options = std::make_shared<PartsOptions>();
    command->add_option("PROJECT", options->project, "The project folder")->required();
    command->add_option("--level", options->level, "Only this level's plan, by its id");
    command->add_option("--csv", options->csv, "Write the list to this file instead");
    command->callback([options, &exitCode] { exitCode = listParts(*options); });
}

}  // namespace rook::cli
