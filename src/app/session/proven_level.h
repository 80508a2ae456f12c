#pragma once
/// What is known of one level, with the value that it is of.

#include <memory>
#include <optional>
#include <vector>

#include "check/report.h"
#include "collide/shapes.h"
#include "game/winning.h"
#include "reach/zones.h"
#include "skin/scatter.h"

namespace rook::app {

/// Above this many cells, shapes are not made while one draws.
inline constexpr std::int64_t maxLiveShapeCells = 4096 * 4096;

/// What Prove asks otherwise than the project says, without touching it.
struct WhatIf {
    runtime::AbilitySet lent = 0;
    runtime::AbilitySet taken = 0;
    std::optional<PxRect> closed;  ///< a region that nobody may touch
    std::vector<EntityId> held;    ///< keys and switches that are in hand from the start
    bool operator==(const WhatIf&) const = default;
    [[nodiscard]] bool isAny() const { return *this != WhatIf{}; }
};

/// An answer with the level value that it is of, and what follows from it.
struct ProvenLevel {
    std::shared_ptr<const level::Level> level;
    level::Project project;  ///< that it is of: profiles, kinds and matters decide, too
    reach::Answer answer;
    std::shared_ptr<const reach::Query> query;  ///< that was answered; null on an error
    BitMap covered;        ///< px of the map's frame that some body at a visited position covers
    check::Report report;  ///< its findings, as far as they are known
    std::shared_ptr<const check::PlanReport> plan;  ///< null if there is no plan, or not yet
    /// Collision shapes; null if there are none yet, or the level is above `maxLiveShapeCells`.
    std::shared_ptr<const collide::CollisionShapes> shapes;
    std::shared_ptr<const level::Level> shapesOf;  ///< the value that the shapes are of
    std::shared_ptr<const skin::Strewn> strewn;    ///< by the level's rules; null if it has none
    std::shared_ptr<const skin::Strewn> strewnBefore;
    CellRect strewnChange;                        ///< cells where these two differ
    std::shared_ptr<const check::LookMaps> look;  ///< null until it was looked at
    bool isPlanCurrent = false;  ///< else `plan` and `shapes` are of a former value
    std::vector<reach::Crossing>
        crossings;  ///< between zones; with their needs once it was looked at deep
    std::shared_ptr<const reach::Analysis> analysis;  ///< null until it was looked at
    std::shared_ptr<const level::Level> analysisOf;   ///< the value that it is of
    /// How it can be won, where that is more than to reach its only exit; null until it was looked
    /// at.
    std::shared_ptr<const game::Winning> winning;
    bool isAnalysisCurrent = false;
    BitMap deadlyTouches;  ///< reached positions' px where a body dies one px on; map's frame
    BitMap risky;          ///< positions that are deadly at times
    std::optional<bool> formerRunHolds;  ///< the run that was kept last, replayed after the edit
    std::optional<Error> error;          ///< why there is no answer
};

/// The answer, which keeps the level that it is of; null where there is none.
[[nodiscard]] inline std::shared_ptr<const reach::Answer> answerOf(
    std::shared_ptr<const ProvenLevel> proven) {
    if (!proven || proven->error) return nullptr;
    const reach::Answer* answer = &proven->answer;
    return {std::move(proven), answer};
}

}  // namespace rook::app
