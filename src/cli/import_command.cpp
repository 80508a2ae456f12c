#include "base/printable.h"
#include "cli/command.h"
#include "file/model_file.h"
#include "file/project_file.h"
#include "ship/import.h"
#include "ship/models_in.h"

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
    std::string kit;
    kit::ModelFixes fixes;
    bool findsScale = false;
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
            return fail(
                ErrorKind::BadReference, "\"" + options.what + "\" is nothing that can be imported",
                "--what",
                "Use text-grid, image-map, placements, level, kinds, sheet, piece or pieces");
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

/// A row a model, as the window's table has them.
void tell(const kit::Kit& kit, const std::vector<ship::IncomingModel>& models) {
    std::printf("%-24s %-12s %-24s %8s %6s %6s %9s\n", "model", "modules", "comes to", "beside",
                "open", "turned", "triangles");
    for (const ship::IncomingModel& model : models) {
        const std::string name = printableLine(model.name);
        if (!model.seen) {
            std::printf("%-24s %s\n", name.c_str(), model.error->sentence().c_str());
            continue;
        }
        const CellRect cells = model.seen->piece.bounds();
        const std::string modules = std::to_string(cells.width) + " x " +
                                    std::to_string(cells.height) + " x " +
                                    std::to_string(model.seen->piece.storeys());
        char size[64];
        std::snprintf(
            size, sizeof size, "%.3g x %.3g x %.3g", model.size.x / kit::unitsOf(kit.width),
            model.size.y / kit::unitsOf(kit.depth), model.size.z / kit::unitsOf(kit.storey));
        std::printf("%-24s %-12s %-24s %8.2g %6zu %6zu %9zu\n", name.c_str(), modules.c_str(), size,
                    model.against, model.faces->openEdges.size(),
                    model.fixes.mendsFaces ? 0 : model.faces->turned.size(),
                    model.mesh->triangles.size());
        for (const std::string& remark : model.seen->remarks)
            std::printf("  %s\n", printableLine(remark).c_str());
    }
}

/// Models as pieces of a kit, each node of a file for itself; all of them, or none.
Result<level::Project> takenModels(const level::Project& project, const ImportOptions& options) {
    const kit::Kit* kit = options.kit.empty() && !project.kits.empty()
                              ? &*project.kits.begin()
                              : project.findKit(options.kit);
    if (!kit)
        return fail(ErrorKind::BadReference, "There is no such kit", "--kit " + options.kit,
                    "Choose one that the project has");
    file::Storage& storage = file::diskStorage();
    auto models = ship::readModels(storage, {options.files.begin(), options.files.end()});
    kit::ModelFixes fixes = options.fixes;
    std::vector<const kit::Mesh*> meshes;
    for (const ship::IncomingModel& model : models)
        if (model.mesh) meshes.push_back(model.mesh.get());
    if (options.findsScale && !meshes.empty()) {
        fixes.scale = kit::proposedScale(*kit, meshes, fixes.up);
        std::printf("scale: %g\n", fixes.scale);
    }
    for (ship::IncomingModel& model : models)
        model.fixes = fixes;
    ship::look(*kit, models, true);
    tell(*kit, models);
    for (const ship::IncomingModel& model : models)
        if (model.error) return fail(*model.error);
    if (options.isDryRun) return project;
    auto edit = ship::takeModels(storage, options.project, project, kit->name, models);
    if (!edit) return fail(edit.error());
    return std::move(edit->project);
}

/// One file after the other.
Result<level::Project> takenFiles(const level::Project& project, const ImportOptions& options) {
    level::Project next = project;
    for (const std::string& file : options.files) {
        auto after = taken(next, options, file);
        if (!after) return after;
        next = std::move(*after);
    }
    return next;
}

int importFiles(const ImportOptions& options) {
    const auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return report(project.error());
    const auto made =
        options.what == "pieces" ? takenModels(*project, options) : takenFiles(*project, options);
    if (!made) return report(made.error());
    const level::Project& next = *made;
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
                        "placements, level, kinds, sheet or piece; pieces: models of files and\n"
                        "folders, each node of a file a piece, told in a table first");
    command->add_option("--kit", options->kit, "Of pieces: the kit; the first one unless given");
    command->add_option("--up", options->fixes.up, "Of pieces: the axis of the files that is up")
        ->transform(CLI::CheckedTransformer(std::map<std::string, kit::UpAxis>{
            {"y", kit::UpAxis::Y}, {"z", kit::UpAxis::Z}, {"x", kit::UpAxis::X}}));
    command
        ->add_option("--scale", options->fixes.scale,
                     "Of pieces: the kit's units a unit of the files")
        ->check(CLI::Range(1e-6, 1e6))
        ->capture_default_str();
    command->add_flag("--find-scale", options->findsScale,
                      "Of pieces: of the usual scales the one by which they come nearest to whole\n"
                      "modules");
    command->add_option("--pivot", options->fixes.pivot, "Of pieces: own, corner or middle")
        ->transform(CLI::CheckedTransformer(
            std::map<std::string, kit::PivotAt>{{"own", kit::PivotAt::Own},
                                                {"corner", kit::PivotAt::Corner},
                                                {"middle", kit::PivotAt::Middle}}));
    command->add_flag("--turn-faces", options->fixes.mendsFaces,
                      "Of pieces: turned faces look the other way");
    command->add_flag("--stretch", options->fixes.stretches, "Of pieces: to whole modules");
    command->add_option("--legend", options->legend,
                        "What the signs stand for; legend.json or palette.json beside the file\n"
                        "unless it is given, else the project's own");
    command->add_option("--tile", options->tile, "Width and height of a sheet's tiles, px")
        ->expected(2);
    command->add_flag("--dry-run", options->isDryRun, "Tell what would be, and change nothing");
    command->callback([options, &exitCode] { exitCode = importFiles(*options); });
}

}  // namespace rook::cli
