#pragma once
/// Findings: what is wrong or doubtful in a level, with its place.

#include <atomic>
#include <string>
#include <vector>

#include "level/project.h"
#include "reach/analysis.h"
#include "reach/verdict.h"

namespace rook::check {

/// What is said of each sort stands in the table of findings; the sentence is made where it is
/// found.
enum class FindingKind {
    NoStart,
    StartBlocked,
    NoExit,
    ExitOutOfReach,
    PickupOutOfReach,
    CheckpointOutOfReach,
    KeyOutOfReach,
    KeyBehindOwnDoor,
    AbilityBehindNeed,
    DoorOpensWithNothing,
    DoorOpensForNobody,
    SwapUnusable,
    UntouchableUnsafe,
    PowerUpNotNeeded,
    GrantNotListed,
    Trap,
    CheckpointInTrap,
    ComfortLow,
    RunBroken,
    RunInTime,
    UnusedArea,
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
    LooksSolid,
    LooksOpen,
    HiddenInFront,
    PictureMisfit,
    HardToTell,
    BusyBehind,
    RuleNotFollowed,
    RuleCovered,
    FieldEmpty,
    FieldOutOfRange,
    DanglingReference,
    StandingBroken,
    TooFewOfKind,
    TooManyOfKind,
    OutsideLevel,
    SamePlaceTwice,
    KeyWithoutDoor,
    PatrolBroken,
    ShotsGoNowhere,
    ShotsUnpassable,
    MoverInWall,
    MoverCrushes,
    MoverNotReached,
    FormationBroken,
    FormationTight,
    ExitPassedBy,
    RunMeetsFoe,
    GoalImpossible,
    LevelNotWon,
    WinNotDecided,
    ExitNotWon,
    ZonesOverlap,
    ZoneUncovered,
    ZoneEntryBlocked,
    ZoneCameraSmall,
    ZoneCameraShows,
    ZoneNotReached,
    ZoneOverBudget,
    KitPieceUnknown,
    KitPortOpen,
    KitPortHeight,
    KitPortProfile,
    KitGap,
    KitOverlap,
    KitDuplicate,
    KitOffModule,
    KitPieceSize,
    KitPivotOff,
    KitRampEnd,
    KitHeadroom,
    KitTurn,
    KitSharedFace,
    KitSolidFlaw,
    KitStoreyNotReached,
    PuzzleFlawed,
    PuzzleDoubtful,
    PuzzleNotSolved,
};
inline constexpr std::size_t findingKindCount = std::size_t(FindingKind::PuzzleNotSolved) + 1;

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
    int picture = -1;   ///< of the level's backdrop, that it is about; -1 = none
    /// Across and down, that a fix would give the picture.
    std::optional<std::pair<level::Decimal, level::Decimal>> parallax{};
    std::vector<int> pieces{};  ///< ids of pieces of a kit board, that it is about
    int storey = -1;            ///< of a kit board, where it is; -1 = of none
    bool operator==(const Finding&) const = default;
};

[[nodiscard]] std::string_view nameOf(FindingKind kind);
[[nodiscard]] std::string_view nameOf(Severity severity);
/// Errors and doubts among them.
[[nodiscard]] std::size_t openCount(const std::vector<Finding>& findings);
/// True if one of them is an error.
[[nodiscard]] bool hasErrors(const std::vector<Finding>& findings);

/// All findings of one level, in the order in which they should be mended.
/// Errors: as `reach::queryOf`. `answer` is of this very level.
[[nodiscard]] std::vector<Finding> findingsOf(const level::Project& project,
                                              const level::Level& level,
                                              const reach::Answer& answer);

/// What follows from looking deep: traps, comfort, runs that broke, what stands behind what needs
/// it, areas that nothing reaches. `answer` and `depth` are of this very level.
/// Cost: one solve for each key and ability that is out of reach.
[[nodiscard]] std::vector<Finding> analysisFindings(const level::Project& project,
                                                    const level::Level& level,
                                                    const reach::Answer& answer,
                                                    const reach::Analysis& depth,
                                                    const std::atomic<bool>* cancel = nullptr);
/// The kept runs of the level that are no longer possible. Cost: their ticks.
[[nodiscard]] std::vector<Finding> keptRunFindings(const level::Project& project,
                                                   const level::Level& level);

/// One file a family.
[[nodiscard]] std::vector<Finding> reachFindings(const level::Level& level,
                                                 const reach::Answer& answer);
[[nodiscard]] std::vector<Finding> exitFindings(const level::Project& project,
                                                const level::Level& level);
[[nodiscard]] std::vector<Finding> placementFindings(const level::Project& project,
                                                     const level::Level& level);
/// Scatter rules that name what is not there.
[[nodiscard]] std::vector<Finding> scatterFindings(const level::Project& project,
                                                   const level::Level& level);
/// What the audit of a kit board tells, storeys and modules from which one cannot finish. Empty for
/// other levels.
[[nodiscard]] std::vector<Finding> kitFindings(const level::Level& level,
                                               const reach::Answer& answer);
/// What keeps a puzzle level from being played, and whether it can be solved.
[[nodiscard]] std::vector<Finding> puzzleFindings(const level::Project& project,
                                                  const level::Level& level,
                                                  const reach::Answer& answer);
/// Doors that nobody finds open, profiles that nobody can swap, what is untouchable and wears off
/// where nothing is safe. `answer` is of this very level. Cost: the entities; maps of the level for
/// what wears off.
[[nodiscard]] std::vector<Finding> profileFindings(const level::Project& project,
                                                   const level::Level& level,
                                                   const reach::Answer& answer);
/// Doors and what opens them, pickups and what they grant.
[[nodiscard]] std::vector<Finding> gateFindings(const level::Project& project,
                                                const level::Level& level);

}  // namespace rook::check
