#include "check/finding_table.h"

#include "base/assert.h"
#include "check/fixes.h"

namespace rook::check {

namespace {

constexpr FindingRow table[] = {
    {FindingKind::NoStart, "no-start", Family::Reach, Severity::Error, "No start"},
    {FindingKind::StartBlocked, "start-blocked", Family::Reach, Severity::Error, "Start blocked"},
    {FindingKind::NoExit, "no-exit", Family::Reach, Severity::Error, "No exit"},
    {FindingKind::ExitOutOfReach, "exit-out-of-reach", Family::Reach, Severity::Error,
     "Exit out of reach", fixes::layLedge},
    {FindingKind::PickupOutOfReach, "pickup-out-of-reach", Family::Reach, Severity::Doubt,
     "Pickup out of reach", fixes::layLedge},
    {FindingKind::CheckpointOutOfReach, "checkpoint-out-of-reach", Family::Reach, Severity::Doubt,
     "Checkpoint out of reach", fixes::layLedge},
    {FindingKind::KeyOutOfReach, "key-out-of-reach", Family::Reach, Severity::Doubt,
     "Key out of reach", fixes::layLedge},
    {FindingKind::KeyBehindOwnDoor, "key-behind-own-door", Family::Analysis, Severity::Error,
     "Key behind own door"},
    {FindingKind::AbilityBehindNeed, "ability-behind-need", Family::Analysis, Severity::Error,
     "Ability behind need"},
    {FindingKind::DoorOpensWithNothing, "door-opens-with-nothing", Family::Gates, Severity::Doubt,
     "Door opens with nothing"},
    {FindingKind::DoorOpensForNobody, "door-opens-for-nobody", Family::Gates, Severity::Doubt,
     "Door opens for nobody"},
    {FindingKind::SwapUnusable, "swap-unusable", Family::Gates, Severity::Doubt, "Swap unusable"},
    {FindingKind::UntouchableUnsafe, "untouchable-unsafe", Family::Gates, Severity::Doubt,
     "Untouchable unsafe"},
    {FindingKind::PowerUpNotNeeded, "power-up-not-needed", Family::Analysis, Severity::Note,
     "Power-up not needed"},
    {FindingKind::GrantNotListed, "grant-not-listed", Family::Gates, Severity::Doubt,
     "Grant not listed"},
    {FindingKind::Trap, "trap", Family::Analysis, Severity::Error, "Trap"},
    {FindingKind::CheckpointInTrap, "checkpoint-in-trap", Family::Analysis, Severity::Error,
     "Checkpoint in trap"},
    {FindingKind::ComfortLow, "comfort-low", Family::Analysis, Severity::Doubt, "Comfort low"},
    {FindingKind::RunBroken, "run-broken", Family::Reach, Severity::Error, "Run broken"},
    {FindingKind::RunInTime, "run-in-time", Family::Analysis, Severity::Doubt, "Run in time"},
    {FindingKind::UnusedArea, "unused-area", Family::Analysis, Severity::Note, "Unused area"},
    {FindingKind::NotDecided, "not-decided", Family::Reach, Severity::Doubt, "Not decided"},
    {FindingKind::ExitLeadsNowhere, "exit-leads-nowhere", Family::Reach, Severity::Error,
     "Exit leads nowhere"},
    {FindingKind::EntityInStone, "entity-in-stone", Family::Cast, Severity::Doubt,
     "Entity in stone"},
    {FindingKind::WayPointMissed, "way-point-missed", Family::Plan, Severity::Doubt,
     "Way point missed"},
    {FindingKind::RouteEndMissed, "route-end-missed", Family::Plan, Severity::Doubt,
     "Route end missed"},
    {FindingKind::BeadSkippable, "bead-skippable", Family::Plan, Severity::Doubt, "Bead skippable"},
    {FindingKind::BeadLeftOut, "bead-left-out", Family::Plan, Severity::Doubt, "Bead left out"},
    {FindingKind::ThingToMake, "thing-to-make", Family::Plan, Severity::Doubt, "Thing to make"},
    {FindingKind::ThingNotPlaced, "thing-not-placed", Family::Plan, Severity::Doubt,
     "Thing not placed"},
    {FindingKind::RoomSolid, "room-solid", Family::Plan, Severity::Doubt, "Room solid"},
    {FindingKind::WayPointOutside, "way-point-outside", Family::Plan, Severity::Doubt,
     "Way point outside"},
    {FindingKind::RouteTooShort, "route-too-short", Family::Plan, Severity::Doubt,
     "Route too short"},
    {FindingKind::UnderlayMissing, "underlay-missing", Family::Plan, Severity::Doubt,
     "Underlay missing"},
    {FindingKind::GapTooTight, "gap-too-tight", Family::Collision, Severity::Doubt, "Gap too tight",
     fixes::fillSpace},
    {FindingKind::Pocket, "pocket", Family::Collision, Severity::Doubt, "Pocket", fixes::fillSpace},
    {FindingKind::LoneCell, "lone-cell", Family::Collision, Severity::Doubt, "Lone cell",
     fixes::eraseCell},
    {FindingKind::LedgeBumps, "ledge-bumps", Family::Collision, Severity::Doubt, "Ledge bumps",
     fixes::makeOneWay},
    {FindingKind::SlopeEndsInStep, "slope-ends-in-step", Family::Collision, Severity::Doubt,
     "Slope ends in step"},
    {FindingKind::CornersTouch, "corners-touch", Family::Collision, Severity::Doubt,
     "Corners touch", fixes::joinCorners},
    {FindingKind::Leak, "leak", Family::Collision, Severity::Doubt, "Leak", fixes::closeEdge},
    {FindingKind::DeadlyBottomUnused, "deadly-bottom-unused", Family::Collision, Severity::Note,
     "Deadly bottom unused"},
    {FindingKind::BottomlessGap, "bottomless-gap", Family::Collision, Severity::Doubt,
     "Bottomless gap", fixes::makeBottomDeadly},
    {FindingKind::NotAudited, "not-audited", Family::Collision, Severity::Note, "Not audited"},
    {FindingKind::LooksSolid, "looks-solid", Family::Look, Severity::Doubt, "Looks solid",
     fixes::markSecret},
    {FindingKind::LooksOpen, "looks-open", Family::Look, Severity::Doubt, "Looks open",
     fixes::markSecret},
    {FindingKind::HiddenInFront, "hidden-in-front", Family::Look, Severity::Doubt,
     "Hidden in front", fixes::clearInFront},
    {FindingKind::PictureMisfit, "picture-misfit", Family::Look, Severity::Doubt, "Picture misfit"},
    {FindingKind::HardToTell, "hard-to-tell", Family::Look, Severity::Doubt, "Hard to tell"},
    {FindingKind::BusyBehind, "busy-behind", Family::Look, Severity::Doubt, "Busy behind"},
    {FindingKind::RuleNotFollowed, "rule-not-followed", Family::Look, Severity::Doubt,
     "Rule not followed"},
    {FindingKind::RuleCovered, "rule-covered", Family::Look, Severity::Doubt, "Rule covered"},
    {FindingKind::FieldEmpty, "field-empty", Family::Cast, Severity::Error, "Field empty"},
    {FindingKind::FieldOutOfRange, "field-out-of-range", Family::Cast, Severity::Error,
     "Field out of range"},
    {FindingKind::DanglingReference, "dangling-reference", Family::Cast, Severity::Error,
     "Dangling reference"},
    {FindingKind::StandingBroken, "standing-broken", Family::Kit, Severity::Doubt,
     "Standing broken", fixes::setDown},
    {FindingKind::TooFewOfKind, "too-few-of-kind", Family::Cast, Severity::Error,
     "Too few of kind"},
    {FindingKind::TooManyOfKind, "too-many-of-kind", Family::Cast, Severity::Error,
     "Too many of kind"},
    {FindingKind::OutsideLevel, "outside-level", Family::Cast, Severity::Error, "Outside level"},
    {FindingKind::SamePlaceTwice, "same-place-twice", Family::Cast, Severity::Doubt,
     "Same place twice"},
    {FindingKind::KeyWithoutDoor, "key-without-door", Family::Cast, Severity::Doubt,
     "Key without door"},
    {FindingKind::PatrolBroken, "patrol-broken", Family::Cast, Severity::Error, "Patrol broken"},
    {FindingKind::ShotsGoNowhere, "shots-go-nowhere", Family::Cast, Severity::Doubt,
     "Shots go nowhere"},
    {FindingKind::ShotsUnpassable, "shots-unpassable", Family::Cast, Severity::Doubt,
     "Shots cannot be passed"},
    {FindingKind::MoverInWall, "mover-in-wall", Family::Cast, Severity::Doubt, "Mover in wall"},
    {FindingKind::MoverCrushes, "mover-crushes", Family::Cast, Severity::Doubt, "Mover crushes"},
    {FindingKind::MoverNotReached, "mover-not-reached", Family::Cast, Severity::Doubt,
     "Mover not reached"},
    {FindingKind::FormationBroken, "formation-broken", Family::Cast, Severity::Error,
     "Formation broken"},
    {FindingKind::FormationTight, "formation-tight", Family::Cast, Severity::Doubt,
     "Formation tight"},
    {FindingKind::ExitPassedBy, "exit-passed-by", Family::Cast, Severity::Note, "Exit passed by",
     fixes::coverOpening},
    {FindingKind::RunMeetsFoe, "run-meets-foe", Family::Analysis, Severity::Doubt, "Run meets foe"},
    {FindingKind::GoalImpossible, "goal-impossible", Family::Analysis, Severity::Error,
     "Goal impossible"},
    {FindingKind::LevelNotWon, "level-not-won", Family::Analysis, Severity::Error, "Cannot be won"},
    {FindingKind::WinNotDecided, "win-not-decided", Family::Analysis, Severity::Doubt,
     "Winning not decided"},
    {FindingKind::ExitNotWon, "exit-not-won", Family::Analysis, Severity::Doubt,
     "Nobody wins by it"},
    {FindingKind::ZonesOverlap, "zones-overlap", Family::Zones, Severity::Doubt, "Zones overlap"},
    {FindingKind::ZoneUncovered, "zone-uncovered", Family::Zones, Severity::Doubt,
     "Zone uncovered"},
    {FindingKind::ZoneEntryBlocked, "zone-entry-blocked", Family::Zones, Severity::Doubt,
     "Zone entry blocked"},
    {FindingKind::ZoneCameraSmall, "zone-camera-small", Family::Zones, Severity::Note,
     "Zone camera small"},
    {FindingKind::ZoneCameraShows, "zone-camera-shows", Family::Zones, Severity::Doubt,
     "Zone camera shows"},
    {FindingKind::ZoneNotReached, "zone-not-reached", Family::Zones, Severity::Doubt,
     "Zone not reached"},
    {FindingKind::ZoneOverBudget, "zone-over-budget", Family::Zones, Severity::Doubt,
     "Zone over budget"},
    {FindingKind::KitPieceUnknown, "kit-piece-unknown", Family::Kit, Severity::Error,
     "Piece unknown"},
    {FindingKind::KitPortOpen, "kit-port-open", Family::Kit, Severity::Doubt, "Port open",
     fixes::fixOfKit},
    {FindingKind::KitPortHeight, "kit-port-height", Family::Kit, Severity::Error, "Port height"},
    {FindingKind::KitPortProfile, "kit-port-profile", Family::Kit, Severity::Error, "Port profile"},
    {FindingKind::KitGap, "kit-gap", Family::Kit, Severity::Error, "Gap"},
    {FindingKind::KitOverlap, "kit-overlap", Family::Kit, Severity::Error, "Overlap"},
    {FindingKind::KitDuplicate, "kit-duplicate", Family::Kit, Severity::Error, "Duplicate",
     fixes::fixOfKit},
    {FindingKind::KitOffModule, "kit-off-module", Family::Kit, Severity::Error, "Off module",
     fixes::fixOfKit},
    {FindingKind::KitPieceSize, "kit-piece-size", Family::Kit, Severity::Error, "Piece size"},
    {FindingKind::KitPivotOff, "kit-pivot-off", Family::Kit, Severity::Error, "Pivot off"},
    {FindingKind::KitRampEnd, "kit-ramp-end", Family::Kit, Severity::Error, "Ramp end"},
    {FindingKind::KitHeadroom, "kit-headroom", Family::Kit, Severity::Error, "Headroom"},
    {FindingKind::KitTurn, "kit-turn", Family::Kit, Severity::Error, "Turn"},
    {FindingKind::KitSharedFace, "kit-shared-face", Family::Kit, Severity::Doubt, "Shared face"},
    {FindingKind::KitSolidFlaw, "kit-solid-flaw", Family::Kit, Severity::Error, "Solid"},
    {FindingKind::KitStoreyNotReached, "kit-storey-not-reached", Family::Kit, Severity::Doubt,
     "Storey not reached"},
    {FindingKind::PuzzleFlawed, "puzzle-flawed", Family::Puzzle, Severity::Error,
     "Puzzle cannot be played"},
    {FindingKind::PuzzleDoubtful, "puzzle-doubtful", Family::Puzzle, Severity::Doubt,
     "Puzzle doubtful"},
    {FindingKind::PuzzleNotSolved, "puzzle-not-solved", Family::Puzzle, Severity::Error,
     "Puzzle cannot be solved"},
};

constexpr bool isInOrder() {
    for (std::size_t i = 0; i < std::size(table); ++i)
        if (table[i].kind != FindingKind(i)) return false;
    return true;
}
static_assert(std::size(table) == findingKindCount, "each sort of finding has a row");
static_assert(isInOrder(), "rows stand in the order of the sorts");

}  // namespace

const FindingRow& rowOf(FindingKind kind) {
    return table[std::size_t(kind)];
}

std::span<const FindingRow> findingTable() {
    return table;
}

std::string_view nameOf(FindingKind kind) {
    return rowOf(kind).name;
}

Result<level::LevelEdit> fixOf(const level::Project& project, const level::Level& level,
                               const Finding& finding) {
    const FindingRow& row = rowOf(finding.kind);
    if (row.fix && !finding.fix.empty()) return row.fix(project, level, finding);
    return fail(ErrorKind::NotApplicable, "There is no fix for this", level.title,
                "Mend it by hand");
}

}  // namespace rook::check
