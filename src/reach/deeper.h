#pragma once
/// What takes many solves: comfort and ability sets.

#include "reach/prove.h"

namespace rook::reach {

/// The depth with comfort and ability sets, complete; as it was if cancelled.
[[nodiscard]] Depth lookDeeper(const level::Project& project, const level::Level& level,
                               const Depth& depth, const Limits& limits = {});

/// Roughly how many bits one solve has to do with; the same on every machine.
[[nodiscard]] std::int64_t solveCost(const Problem& problem);
/// Above this an export leaves the comfort out.
inline constexpr std::int64_t mostCostForComfort = 300'000'000;

}  // namespace rook::reach
