#include "check/game_findings.h"

namespace rook::check {

using game::Decided;

namespace {

std::string titleOf(const level::Project& project, const LevelId& id) {
    const auto level = project.findLevel(id);
    return level ? level->title : id.text;
}

}  // namespace

std::vector<ProjectFinding> gameProofFindings(const level::Project& project,
                                              const game::GameProof& proof) {
    std::vector<ProjectFinding> findings;
    // A game that is meant to go round for ever has no end to come to.
    const bool wantsEnd = !project.game.mayLoop;
    const auto sentence = [&] {
        std::string text = game::sentenceOf(project, proof);
        text.pop_back();
        return text;
    };
    if (wantsEnd && proof.ends == Decided::No)
        findings.push_back({"game-cannot-be-finished", Severity::Error, sentence(),
                            proof.stopsAt.isEmpty() ? gameFile : fileOf(proof.stopsAt)});
    if (wantsEnd && proof.ends == Decided::Unknown)
        findings.push_back({"game-not-decided", Severity::Doubt, sentence(), gameFile});
    if (wantsEnd && proof.ends != Decided::No) {
        for (const std::size_t i : proof.deadEnds) {
            const game::Node& node = proof.nodes[i];
            findings.push_back({"game-dead-end", Severity::Doubt,
                                "Who comes to " + titleOf(project, node.level) + " " +
                                    game::wordsOf(project, node.inHand) +
                                    " cannot finish the game any more",
                                fileOf(node.level)});
        }
    }
    for (const LevelId& id : proof.never)
        findings.push_back({"level-never-come-to", Severity::Doubt,
                            titleOf(project, id) + " is never come to, whatever one does",
                            fileOf(id)});
    return findings;
}

}  // namespace rook::check
