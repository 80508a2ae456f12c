#pragma once
/// Which goals of a level are impossible by themselves. Private to game/.

#include "game/winning.h"

namespace rook::game {

/// For each goal: *no* where it is proven to be impossible, *yes* where it holds whatever one does,
/// else not known. `all`: what is reached when no exit ends a run.
[[nodiscard]] std::vector<GoalChance> chancesOf(
    const level::Project& project, const level::Level& level, const runtime::LevelRules& rules,
    const runtime::GameRules& game, const reach::Query& query, const reach::Problem& withFoes,
    const reach::Verdict& all, const reach::Limits& limits);

/// Ticks below which no body gets from the start to that box: by the fastest px of a tick of any
/// table, push and mover.
[[nodiscard]] long long leastTicksTo(const reach::Problem& problem, const PxRect& box);

}  // namespace rook::game
