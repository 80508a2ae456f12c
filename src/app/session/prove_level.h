#pragma once
/// How a level is proven: what `LiveReach` does on its worker, one job a function.

#include <atomic>

#include "app/session/proven_level.h"
#include "reach/resolver.h"
#include "skin/opacity.h"

namespace rook::app {

/// The query that a level asks, as if the player had other abilities or a region were closed.
[[nodiscard]] Result<reach::Query> queryAsIf(const level::Project& project,
                                             const level::Level& level, const WhatIf& whatIf);

/// Solves one level whole: answer, covered px and findings; the runs that are kept are replayed
/// first. What no body noticed since `former` is not solved again, and a resolver, if any, mends
/// what it knows. Where movers may lead besides is left to planLevel. Any thread.
[[nodiscard]] std::shared_ptr<const ProvenLevel> proveLevel(
    const level::Project& project, std::shared_ptr<const level::Level> level,
    const std::atomic<bool>* cancel, const WhatIf& whatIf = {}, const ProvenLevel* former = nullptr,
    reach::Resolver* resolver = nullptr);

/// The same, looked at deep: proof run and traps, then comfort and abilities, with their findings.
/// Any thread.
[[nodiscard]] std::shared_ptr<const ProvenLevel> analyzeLevel(
    const level::Project& project, const std::shared_ptr<const ProvenLevel>& proven,
    const std::atomic<bool>* cancel);

/// The same, audited, held to its plan, its shapes made. Any thread; the cache is the level's own.
/// Findings that are notes come last. `resolver`, if any, is that of proveLevel.
[[nodiscard]] std::shared_ptr<const ProvenLevel> planLevel(
    const level::Project& project, const std::shared_ptr<const ProvenLevel>& proven,
    collide::ShapesCache& cache, const skin::Opacity& opacity, const std::atomic<bool>* cancel,
    reach::Resolver* resolver = nullptr);

}  // namespace rook::app
