#include "base/limits.h"
#include "cli/command.h"
#include "collide/shapes.h"
#include "file/bundle.h"
#include "file/project_file.h"

namespace rook::cli {

namespace {

struct CollideOptions {
    std::string path;
    std::string level;
    bool isJson = false;
};

Result<collide::CollisionShapes> shapesOf(const CollideOptions& options) {
    if (options.level.empty() && !std::filesystem::is_directory(options.path)) {
        const auto text = file::diskStorage().read(options.path, limits::maxTextBytes);
        if (!text) return fail(text.error());
        const auto query = file::askOfBakedLevel(*text, options.path);
        if (!query) return fail(query.error());
        return collide::makeShapes(query->problem.frame, *query->problem.cells);
    }
    const auto project = file::openProject(file::diskStorage(), options.path);
    if (!project) return fail(project.error());
    const auto level = project->findLevel({options.level});
    if (!level)
        return fail(ErrorKind::BadReference, "There is no level \"" + options.level + "\"",
                    options.path, "Name one of the project with --level");
    return collide::makeShapes(frameOf(*level), level::LevelCells(*project, *level));
}

long long areaOf(const std::vector<PxRect>& rects) {
    std::int64_t area = 0;
    for (const PxRect& rect : rects)
        area += rect.area();
    return area;
}

void printShapesText(const collide::CollisionShapes& shapes) {
    const auto printRects = [](const char* name, const std::vector<PxRect>& rects) {
        std::printf("%-10s %zu, %lld px\n", name, rects.size(), areaOf(rects));
        for (const PxRect& r : rects)
            std::printf("  %d, %d  %d x %d\n", r.x, r.y, r.width, r.height);
    };
    std::printf(
        "%lld solid cells make %zu rectangles%s\n", static_cast<long long>(shapes.solidCells),
        shapes.solids.size(),
        shapes.isFewest ? ", the fewest that there can be" : "; too many to find the fewest");
    printRects("solids", shapes.solids);
    std::printf("%-10s %zu\n", "slopes", shapes.slopes.size());
    for (const auto& slope : shapes.slopes) {
        for (const PxPoint p : slope)
            std::printf("  %d, %d", p.x, p.y);
        std::printf("\n");
    }
    std::printf("%-10s %zu\n", "outlines", shapes.outlines.size());
    for (const auto& outline : shapes.outlines)
        std::printf("  %zu points%s\n", outline.points.size(), outline.isHole ? ", a hole" : "");
    std::printf("%-10s %zu\n", "one-way", shapes.oneWay.size());
    for (const auto& top : shapes.oneWay)
        std::printf("  %d, %d  %d wide\n", top.x, top.y, top.width);
    printRects("deadly", shapes.deadly);
    printRects("ladders", shapes.ladders);
    printRects("liquids", shapes.liquids);
}

int printShapes(const CollideOptions& options) {
    const auto shapes = shapesOf(options);
    if (!shapes) return report(shapes.error());
    if (options.isJson)
        std::fputs(file::collisionText(*shapes).c_str(), stdout);
    else
        printShapesText(*shapes);
    return exitFine;
}

}  // namespace

void addCollideCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "collide",
        "Print what is solid, one-way, deadly, ladder and liquid in a project's level or in an\n"
        "exported level (FILE.level.json): counts and sets, in px.");
    auto options = std::make_shared<CollideOptions>();
    command->add_option("PATH", options->path, "A project folder, or a FILE.level.json")
        ->required();
    command->add_option("--level", options->level, "Id of the level, with a project folder");
    command->add_flag("--json", options->isJson,
                      "Print the sets as JSON, as level files hold them");
    command->callback([options, &exitCode] { exitCode = printShapes(*options); });
}

}  // namespace rook::cli
