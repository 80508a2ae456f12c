#pragma once
/// Findings about the game between its levels, as far as they follow from what is written: where it
/// begins, what leads where, what goals and tallies name. Nothing is solved for them.

#include "check/project_findings.h"
#include "game/proof.h"

namespace rook::check {

/// Where findings of the game itself, and of a level, stand.
inline constexpr const char* gameFile = "rookplot.json";
[[nodiscard]] inline std::string fileOf(const LevelId& level) {
    return "levels/" + level.text + ".json";
}

/// Cost: the number of entities of all levels.
[[nodiscard]] std::vector<ProjectFinding> gameFindings(const level::Project& project);

/// What the proof of the whole game tells: that it cannot be finished, dead ends, levels that are
/// never come to.
[[nodiscard]] std::vector<ProjectFinding> gameProofFindings(const level::Project& project,
                                                            const game::GameProof& proof);

}  // namespace rook::check
