#pragma once
/// Runs that meet the needed goals of a level. Private to game/.

#include <functional>

#include "game/winning.h"

namespace rook::game {

/// Looks for a run by going to what is asked for in a few orders, and waiting where time is asked
/// for. What it finds was played by the rules; that it finds none says nothing.
struct GoalRuns {
    const level::Project& project;
    const level::Level& level;
    const reach::Query& query;
    const reach::Problem& withFoes;
    const runtime::GameRules& game;
    const runtime::LevelRules& rules;
    const reach::Verdict& all;  ///< what is reached when no exit ends a run
    const reach::Limits& limits;

    using IsIt = std::function<bool(const Played&)>;
    /// To that exit, or, without one, until the goals hold. `closed`: with the other exits closed;
    /// what does not go so is tried among open ones too. `besides`: boxes to pass as well.
    [[nodiscard]] std::optional<std::vector<runtime::Input>> find(
        const std::optional<PxRect>& exit, const reach::Problem& closed,
        const reach::AcceptsSet& accepts, const IsIt& isIt,
        const std::vector<PxRect>& besides = {}) const;

    /// What the goals ask to go to, once it was looked for: the same for all exits.
    mutable std::optional<std::vector<PxRect>> targets{};
};

}  // namespace rook::game
