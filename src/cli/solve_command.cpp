#include "base/limits.h"
#include "cli/command.h"
#include "file/json_text.h"
#include "file/project_file.h"
#include "file/puzzle_json.h"

namespace rook::cli {

namespace {

using puzzle::Solution;

constexpr const char* solveFormat = "rookplot-solve";

struct SolveCommand {
    std::string path;
    std::string level;
    std::uint64_t mostStates = puzzle::SolveOptions().mostStates;
    bool isDistinct = false;
    bool isJson = false;
};

Result<runtime::puzzle::Board> boardOfProject(const SolveCommand& command) {
    const auto project = file::openProject(file::diskStorage(), command.path);
    if (!project) return fail(project.error());
    const auto level = project->findLevel({command.level});
    if (!level)
        return fail(ErrorKind::BadReference, "There is no level \"" + command.level + "\"",
                    command.path, "Name one of the project with --level");
    if (level->kind != level::LevelKind::Puzzle)
        return fail(ErrorKind::NotApplicable, level->title + " is no puzzle level", command.path,
                    "How far a body gets is told by rookplot reach");
    return puzzle::boardOf(*project, *level);
}

Result<runtime::puzzle::Board> board(const SolveCommand& command) {
    if (!command.level.empty() || std::filesystem::is_directory(command.path))
        return boardOfProject(command);
    const auto text = file::diskStorage().read(command.path, limits::maxTextBytes);
    if (!text) return fail(text.error());
    return file::boardOfBakedLevel(*text, command.path);
}

void printSolutionJson(const runtime::puzzle::Board& board, const Solution& solution) {
    const bool isSolved = solution.verdict == Solution::Verdict::Solved;
    const file::Json unknown = nullptr;
    const file::Json json = {
        {"format", solveFormat},
        {"version", 1},
        {"least", isSolved ? file::Json(solution.least) : unknown},
        {"states", solution.states},
        {"depth", solution.depth},
        {"dead", solution.isWhole ? file::Json(solution.dead) : unknown},
        {"moves", file::movesJson(board, solution.moves)},
        {"undecided", solution.verdict == Solution::Verdict::NotDecided},
        {"whole", solution.isWhole},
        {"sequences", solution.sequences > 0 ? file::Json(solution.sequences) : unknown},
        {"onlyWays", isSolved && solution.isWhole ? file::Json(solution.onlyWays) : unknown}};
    std::printf("%s\n", json.dump(2).c_str());
}

std::string moveText(const runtime::puzzle::Board& board, const runtime::puzzle::Move& move) {
    using Sort = runtime::puzzle::Move::Sort;
    const auto slot = [](int number) { return "slot " + std::to_string(number); };
    switch (move.sort) {
        case Sort::Step:
            return board.counters[static_cast<std::size_t>(move.counter)].id + " in direction " +
                   std::to_string(move.direction) + " by " + std::to_string(move.distance);
        case Sort::Pour:
            return "from " + slot(move.from) + " to " + slot(move.to);
        case Sort::Put:
            return "put on " + slot(move.to);
        case Sort::Open:
            return "open " + slot(move.to);
    }
    return {};
}

void printSolutionText(const runtime::puzzle::Board& board, const Solution& solution) {
    const auto number = [](std::uint64_t value) { return static_cast<unsigned long long>(value); };
    switch (solution.verdict) {
        case Solution::Verdict::Solved:
            std::printf("Solved in %d moves, and in no fewer.\n", solution.least);
            break;
        case Solution::Verdict::Impossible:
            std::printf("It cannot be solved: all states were seen.\n");
            break;
        default:
            std::printf(
                "Not decided: no solution up to %d moves, and more states than the limit.\n",
                solution.depth);
    }
    for (std::size_t i = 0; i < solution.moves.size(); ++i)
        std::printf("  %3zu  %s\n", i + 1, moveText(board, solution.moves[i]).c_str());
    std::printf("%llu states seen%s", number(solution.states),
                solution.isWhole ? ", which are all" : "");
    if (solution.isWhole)
        std::printf("; %llu of them dead (%.1f %%)", number(solution.dead),
                    100.0 * double(solution.dead) / double(solution.states));
    if (solution.verdict == Solution::Verdict::Solved && solution.sequences > 0)
        std::printf("; %llu %s of %d moves", number(solution.sequences),
                    solution.sequences == 1 ? "way" : "ways", solution.least);
    if (solution.verdict == Solution::Verdict::Solved && solution.isWhole)
        std::printf("; %d of the moves told without another choice", solution.onlyWays);
    std::printf("\n");
}

int solvePuzzle(const SolveCommand& command) {
    const auto made = board(command);
    if (!made) return refuse(made.error(), solveFormat, command.isJson);
    if (made->rule == runtime::puzzle::Rule::None)
        return refuse({ErrorKind::NotApplicable, "The level has no rule to solve it by",
                       command.path, "Choose one in the level sheet"},
                      solveFormat, command.isJson);
    puzzle::SolveOptions options;
    options.mostStates = command.mostStates;
    options.isDistinct = command.isDistinct;
    const Solution solution = puzzle::solve(*made, options);
    if (command.isJson)
        printSolutionJson(*made, solution);
    else
        printSolutionText(*made, solution);
    return exitFine;
}

}  // namespace

void addSolveCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "solve",
        "Solve a puzzle level, of a project or exported (FILE.level.json), in the least number of\n"
        "moves; with the states that are reached, those that are dead, and how hard it is. Exits\n"
        "with 0 whatever the verdict, 2 on an error.");
    auto options = std::make_shared<SolveCommand>();
    command->add_option("PATH", options->path, "A project folder, or a FILE.level.json")
        ->required();
    command->add_option("--level", options->level, "Id of the level, with a project folder");
    command->add_flag("--json", options->isJson, "Print least, states, dead and moves as JSON");
    command->add_flag("--distinct", options->isDistinct,
                      "Count states in which equal counters stand exchanged as different ones");
    command->add_option("--most-states", options->mostStates, "States to look at, at most")
        ->check(CLI::Range(std::uint64_t{1}, std::uint64_t{2'000'000'000}))
        ->capture_default_str();
    command->callback([options, &exitCode] { exitCode = solvePuzzle(*options); });
}

}  // namespace rook::cli
