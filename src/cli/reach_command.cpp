#include "base/limits.h"
#include "cli/command.h"
#include "file/bit_image.h"
#include "file/bundle.h"
#include "file/json_text.h"
#include "file/project_file.h"

namespace rook::cli {

namespace {

struct ReachOptions {
    std::string path;
    std::string level;
    std::string dump;
    bool isJson = false;
};

Result<reach::Query> askOfProject(const ReachOptions& options) {
    const auto project = file::openProject(file::diskStorage(), options.path);
    if (!project) return fail(project.error());
    const auto level = project->findLevel({options.level});
    if (!level) {
        return fail(ErrorKind::BadReference, "There is no level \"" + options.level + "\"",
                    options.path, "Name one of the project with --level");
    }
    if (level->kind == level::LevelKind::Puzzle)
        return fail(ErrorKind::NotApplicable,
                    level->title + " is a puzzle level: nobody walks there", options.path,
                    "It is solved by rookplot solve");
    return reach::queryOf(*project, *level);
}

Result<reach::Query> ask(const ReachOptions& options) {
    if (!options.level.empty() || std::filesystem::is_directory(options.path))
        return askOfProject(options);
    const auto text = file::diskStorage().read(options.path, limits::maxTextBytes);
    if (!text) return fail(text.error());
    return file::askOfBakedLevel(*text, options.path);
}

void printReachJson(const reach::Answer& answer) {
    file::Json goals = file::Json::array();
    for (const reach::Goal& goal : answer.verdict.goals) {
        goals.push_back(
            {{"id", goal.id},
             {"role", level::nameOf(goal.role)},
             {"x", goal.box.x},
             {"y", goal.box.y},
             {"reached", !goal.isUndecided ? file::Json(goal.isReached) : file::Json(nullptr)}});
    }
    const file::Json json = {{"format", "rookplot-reach"},
                             {"version", 1},
                             {"verdict", nameOf(answer.verdict.kind)},
                             {"sentence", answer.verdict.sentence()},
                             {"visited", answer.onCells().reached.visited.count()},
                             {"standing", answer.onCells().reached.standing.count()},
                             {"milliseconds", answer.milliseconds},
                             {"goals", goals}};
    std::printf("%s\n", json.dump(2).c_str());
}

void printReachText(const reach::Answer& answer) {
    std::printf("%s\n", answer.verdict.sentence().c_str());
    for (const reach::Goal& goal : answer.verdict.goals)
        std::printf("  %-12s %s\n",
                    goal.isUndecided ? "not decided"
                    : goal.isReached ? "reached"
                                     : "out of reach",
                    goal.id.c_str());
    std::printf("%lld positions visited, %lld stood at, solved in %.1f ms\n",
                static_cast<long long>(answer.onCells().reached.visited.count()),
                static_cast<long long>(answer.onCells().reached.standing.count()),
                answer.milliseconds);
}

int solveReach(const ReachOptions& options) {
    const auto query = ask(options);
    if (!query) return report(query.error());
    const reach::Answer answer = reach::answer(*query);
    if (!options.dump.empty()) {
        const bool hasClock = answer.onCells().reached.byMovers.width() > 0;
        if (hasClock || answer.verdict.kind == reach::VerdictKind::NotDecided) {
            return report(
                {ErrorKind::NotApplicable,
                 (hasClock ? "With movers, and what lasts for a time, places have no maps."
                           : answer.verdict.sentence()) +
                     std::string(" No maps were written"),
                 options.path, "Leave --dump out"});
        }
        const auto written = file::dumpReach(file::diskStorage(), options.dump,
                                             answer.onCells().reached, query->problem.frame);
        if (!written) return report(written.error());
    }
    if (options.isJson)
        printReachJson(answer);
    else
        printReachText(answer);
    return exitFine;
}

}  // namespace

void addReachCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "reach",
        "Compute exactly what the player can get to, in a project's level or in an exported level\n"
        "(FILE.level.json), by the motion tables that stand in that file. Exits with 0 whatever "
        "the\n"
        "verdict, 2 on an error.");
    auto options = std::make_shared<ReachOptions>();
    command->add_option("PATH", options->path, "A project folder, or a FILE.level.json")
        ->required();
    command->add_option("--level", options->level, "Id of the level, with a project folder");
    command->add_flag("--json", options->isJson, "Print the verdict and every goal as JSON");
    command->add_option(
        "--dump", options->dump,
        "Write visited.pbm and standing.pbm to this folder: PBM P4, one bit a px of\n"
        "the level, set where the upper left corner of the body can be");
    command->callback([options, &exitCode] { exitCode = solveReach(*options); });
}

}  // namespace rook::cli
