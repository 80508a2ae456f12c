#pragma once
/// All that is found out of a level beyond its verdict: first the proof run and the traps, then
/// what takes many solves.

#include "reach/prove.h"

namespace rook::reach {

/// All that takes longer than a verdict.
struct Analysis {
    bool isComplete = false;  ///< false if cancelled or not decided
    std::shared_ptr<const RunFinder> runs;
    Proof proof;
    Traps traps;
    std::vector<AbilitySets> abilities;
    std::vector<std::string> criticalPath;
    /// Pickups that change how one moves, without any one of which all is reached as with it.
    std::vector<std::string> unneeded;
};

/// `answer` is of that very level.
[[nodiscard]] Analysis analyze(const level::Project& project, const level::Level& level,
                               const Answer& answer, const Limits& limits = {});

/// The depth with comfort and ability sets, complete; as it was if cancelled.
[[nodiscard]] Analysis analyzeFurther(const level::Project& project, const level::Level& level,
                                      const Analysis& depth, const Limits& limits = {});

/// Roughly how many bits one solve has to do with; the same on every machine.
[[nodiscard]] std::int64_t solveCost(const Problem& problem);
/// Above this an export leaves the comfort out.
inline constexpr std::int64_t mostCostForComfort = 300'000'000;

}  // namespace rook::reach
