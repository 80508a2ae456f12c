#include "base/printable.h"
#include "cli/command.h"
#include "file/model_file.h"
#include "file/project_file.h"
#include "ship/import.h"

namespace rook::cli {

namespace {

struct ImportOptions {
    std::vector<std::string> files;
    std::string project;
    std::string as = "new";
    std::string what;
    std::string legend;
    std::vector<int> tile{16, 16};
    bool isDryRun = false;
};

/// The legend beside a file, as exports write it, unless another one is named.
Result<std::string> legendFor(const file::Path& source, const std::string& named,
                              ship::ImportSort sort) {
    file::Storage& storage = file::diskStorage();
    if (!named.empty()) return storage.read(named, std::size_t{1} << 24);
    const bool isGrid = sort == ship::ImportSort::TextGrid;
    if (!isGrid && sort != ship::ImportSort::ImageMap) return std::string();
    const file::Path beside = source.parent_path() / (isGrid ? "legend.json" : "palette.json");
    return storage.exists(beside) ? storage.read(beside, std::size_t{1} << 24)
                                  : Result<std::string>(std::string());
}

void tell(const ship::ImportPreview& preview) {
    for (const std::string& line : preview.notKept)
        std::printf("not kept: %s\n", printableLine(line).c_str());
    if (preview.reading)
        for (const ship::MetSign& sign : preview.reading->signs)
            if (sign.distance)
                std::printf("%s (%lld px) is taken for the nearest colour that is known\n",
                            sign.sign.c_str(), static_cast<long long>(sign.count));
    for (const std::string& line : preview.changes)
        std::printf("%s\n", printableLine(line).c_str());
}

/// One file taken into the project. Errors: of reading it.
Result<level::Project> taken(const level::Project& project, const ImportOptions& options,
                             const file::Path& source) {
    file::Storage& storage = file::diskStorage();
    const std::string name = source.filename().string();
    const auto bytes = storage.read(source, file::maxModelBytes);
    if (!bytes) return fail(bytes.error());
    ship::ImportWish wish;
    if (!options.what.empty()) {
        wish.as = ship::importSortOf(options.what);
        if (!wish.as)
            return fail(ErrorKind::BadReference,
                        "\"" + options.what + "\" is nothing that can be imported", "--what",
                        "Use text-grid, image-map, placements, level, kinds, sheet or piece");
    }
    if (options.as != "new") wish.into = {options.as};
    wish.tile = {options.tile[0], options.tile[1]};
    const auto sort = wish.as ? Result<ship::ImportSort>(*wish.as) : ship::sortOfFile(name, *bytes);
    if (!sort) return fail(sort.error());
    auto legend = legendFor(source, options.legend, *sort);
    if (!legend) return fail(legend.error());
    wish.as = *sort;
    wish.legend = std::move(*legend);
    const auto preview = ship::previewImport(project, name, *bytes, wish);
    if (!preview) return fail(preview.error());
    tell(*preview);
    if (options.isDryRun) return project;
    const auto edit = ship::takeImport(storage, options.project, project, *preview, source, wish);
    if (!edit) return fail(edit.error());
    return edit->project;
}

int importFiles(const ImportOptions& options) {
    auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return report(project.error());
    level::Project next = *project;
    for (const std::string& file : options.files) {
        auto after = taken(next, options, file);
        if (!after) return report(after.error());
        next = std::move(*after);
    }
    if (options.isDryRun || next == *project) return exitFine;
    if (const auto saved = file::saveProject(file::diskStorage(), options.project, next, &*project);
        !saved)
        return report(saved.error());
    std::printf("Saved %s\n", options.project.c_str());
    return exitFine;
}

}  // namespace

void addImportCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "import",
        "Take files into a project: text grids (.txt), image maps (.png, a px a cell), placements\n"
        "(.csv), levels of a bundle (.level.json), kinds, sheets, models of pieces (.glb, .gltf,\n"
        ".obj). What cannot be kept is told first. All files are taken, or none.");
    auto options = std::make_shared<ImportOptions>();
    command->add_option("FILE", options->files, "The files")->required();
    command->add_option("--into", options->project, "The project folder")->required();
    command->add_option("--as", options->as, "new, or the id of the level that is replaced")
        ->capture_default_str();
    command->add_option("--what", options->what,
                        "What the files are, where their names do not tell: text-grid, image-map,\n"
                        "placements, level, kinds, sheet or piece");
    command->add_option("--legend", options->legend,
                        "What the signs stand for; legend.json or palette.json beside the file\n"
                        "unless it is given, else the project's own");
    command->add_option("--tile", options->tile, "Width and height of a sheet's tiles, px")
        ->expected(2);
    command->add_flag("--dry-run", options->isDryRun, "Tell what would be, and change nothing");
    command->callback([options, &exitCode] { exitCode = importFiles(*options); });
}

}  // namespace rook::cli
