#include "base/printable.h"
#include "cli/command.h"
#include "file/entity_json.h"
#include "file/game_json.h"
#include "file/project_file.h"

namespace rook::cli {

namespace {

struct GameOptions {
    std::string project;
    bool isJson = false;
};

const char* wordOf(game::Decided can) {
    return can == game::Decided::Yes ? "yes" : can == game::Decided::No ? "no" : "not decided";
}

file::Json handJson(const level::InHand& hand) {
    file::Json keys = file::Json::array();
    for (const level::CarriedKey& key : hand.keys)
        keys.push_back({{"kind", key.kind.text}, {"letter", key.letter}});
    return {{"abilities", file::abilitiesJson(hand.abilities)}, {"keys", keys}};
}

void printGameJson(const level::Project& project, const game::GameProof& proof) {
    file::Json nodes = file::Json::array();
    for (const game::Node& node : proof.nodes)
        nodes.push_back({{"level", node.level.text},
                         {"entry", node.entry.text},
                         {"inHand", handJson(node.inHand)},
                         {"reached", node.isReached ? "yes" : "not decided"},
                         {"ends", wordOf(node.ends)}});
    file::Json edges = file::Json::array();
    for (const game::Edge& edge : proof.edges) {
        edges.push_back({{"from", edge.from},
                         {"exit", edge.way.exit.text},
                         {"wins", wordOf(edge.way.can)},
                         {"why", edge.way.why},
                         {"to", edge.targets},
                         {"leads", edge.to.sort == game::Destination::Sort::End       ? "end"
                                   : edge.to.sort == game::Destination::Sort::Nowhere ? "nowhere"
                                                                                      : "level"}});
        if (!edge.way.inputs.empty())
            edges.back()["inputs"] = file::spansJson(reach::spansOf(edge.way.inputs));
    }
    file::Json never = file::Json::array();
    for (const LevelId& id : proof.never)
        never.push_back(id.text);
    const file::Json whole = file::proofJson(project, proof);
    std::printf("%s\n", file::Json{{"format", "rookplot-game"},
                                   {"version", 1},
                                   {"verdict", whole["verdict"]},
                                   {"sentence", whole["sentence"]},
                                   {"complete", proof.isComplete},
                                   {"start", proof.start},
                                   {"nodes", nodes},
                                   {"edges", edges},
                                   {"runs", whole["runs"]},
                                   {"deadEnds", proof.deadEnds},
                                   {"never", never},
                                   {"stopsAt", proof.stopsAt.text}}
                            .dump(2)
                            .c_str());
}

void printGameText(const level::Project& project, const game::GameProof& proof) {
    const auto nameOf = [&](std::size_t index) {
        const game::Node& node = proof.nodes[index];
        const auto level = project.findLevel(node.level);
        const std::string entry = node.entry.isEmpty() ? "" : " at " + node.entry.text;
        return printableLine(level->title) + entry + ", " + game::wordsOf(project, node.inHand);
    };
    std::printf("%s\n", printableLine(game::sentenceOf(project, proof)).c_str());
    for (std::size_t i = 0; i < proof.nodes.size(); ++i) {
        std::printf("  %s\n", nameOf(i).c_str());
        for (const std::size_t e : proof.nodes[i].edges) {
            const game::Edge& edge = proof.edges[e];
            const std::string by = edge.way.exit.isEmpty() ? "its goals" : edge.way.exit.text;
            std::string to = edge.to.sort == game::Destination::Sort::End       ? "the end"
                             : edge.to.sort == game::Destination::Sort::Nowhere ? "nowhere"
                                                                                : "";
            for (const std::size_t target : edge.targets)
                to += (to.empty() ? "" : "; ") + nameOf(target);
            std::printf("    by %s: %s -> %s\n", by.c_str(), wordOf(edge.way.can), to.c_str());
        }
    }
    for (const std::size_t dead : proof.deadEnds)
        std::printf("  dead end: %s\n", nameOf(dead).c_str());
    for (const LevelId& id : proof.never)
        std::printf("  never come to: %s\n", id.text.c_str());
}

int proveGame(const GameOptions& options) {
    const auto project = file::openProject(file::diskStorage(), options.project);
    if (!project) return report(project.error());
    const game::GameProof proof = game::proveGame(*project);
    if (options.isJson)
        printGameJson(*project, proof);
    else
        printGameText(*project, proof);
    return proof.ends == game::Decided::Yes ? exitFine : exitFindings;
}

}  // namespace

void addGameCommand(CLI::App& app, int& exitCode) {
    auto* command = app.add_subcommand(
        "game",
        "Prove the whole game: every way in which its levels are come to, by which exits they are\n"
        "won, whether an end is reached, and from where none is. Exits with 0 if it can be\n"
        "finished, 1 if not or if that is not decided, 2 on an error.");
    auto options = std::make_shared<GameOptions>();
    command->add_option("PROJECT", options->project, "The project folder")->required();
    command->add_flag("--json", options->isJson,
                      "Print nodes, edges, runs, dead ends and the verdict as JSON");
    command->callback([options, &exitCode] { exitCode = proveGame(*options); });
}

}  // namespace rook::cli
