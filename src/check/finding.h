#pragma once
/// Findings: what is wrong or doubtful in a level, with its place.

#include <string>
#include <vector>

#include "level/project.h"
#include "reach/verdict.h"

namespace rook::check {

/// Each sort has a name for files (`nameOf`); the sentence is made where the finding is.
enum class FindingKind {
    NoStart,
    StartBlocked,
    NoExit,
    ExitOutOfReach,
    PickupOutOfReach,
    CheckpointOutOfReach,
    NotDecided,
    ExitLeadsNowhere,
    EntityInStone,
    WayPointMissed,
    RouteEndMissed,
    BeadSkippable,
    BeadLeftOut,
    ThingToMake,
    ThingNotPlaced,
    RoomSolid,
    WayPointOutside,
    RouteTooShort,
    UnderlayMissing,
    GapTooTight,
    Pocket,
    LoneCell,
    LedgeBumps,
    SlopeEndsInStep,
    CornersTouch,
    Leak,
    DeadlyBottomUnused,
    BottomlessGap,
    NotAudited,
};

/// A note is harmless: it is told and counts for nothing.
enum class Severity { Error, Doubt, Note };

struct Finding {
    FindingKind kind = FindingKind::NoStart;
    Severity severity = Severity::Error;
    LevelId level;
    std::string sentence;
    EntityId entity;    ///< empty if it is about no entity
    PxRect place;       ///< empty if it has none
    std::string fix{};  ///< what a fix would do, as a button says it; empty if there is none
    bool operator==(const Finding&) const = default;
};

[[nodiscard]] std::string_view nameOf(FindingKind kind);
[[nodiscard]] std::string_view nameOf(Severity severity);
/// Errors and doubts among them.
[[nodiscard]] std::size_t openCount(const std::vector<Finding>& findings);

/// All findings of one level, in the order in which they should be mended.
/// Errors: as `reach::askOf`. `answer` is of this very level.
[[nodiscard]] std::vector<Finding> findingsOf(const level::Project& project,
                                              const level::Level& level,
                                              const reach::Answer& answer);

/// One file a family.
[[nodiscard]] std::vector<Finding> reachFindings(const level::Level& level,
                                                 const reach::Answer& answer);
[[nodiscard]] std::vector<Finding> exitFindings(const level::Project& project,
                                                const level::Level& level);
[[nodiscard]] std::vector<Finding> placementFindings(const level::Project& project,
                                                     const level::Level& level);

}  // namespace rook::check
