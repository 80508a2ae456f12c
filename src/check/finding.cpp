#include "check/finding.h"

#include <algorithm>

#include "check/cast.h"

namespace rook::check {

std::string_view nameOf(FindingKind kind) {
    switch (kind) {
        case FindingKind::NoStart:
            return "no-start";
        case FindingKind::StartBlocked:
            return "start-blocked";
        case FindingKind::NoExit:
            return "no-exit";
        case FindingKind::ExitOutOfReach:
            return "exit-out-of-reach";
        case FindingKind::PickupOutOfReach:
            return "pickup-out-of-reach";
        case FindingKind::CheckpointOutOfReach:
            return "checkpoint-out-of-reach";
        case FindingKind::KeyOutOfReach:
            return "key-out-of-reach";
        case FindingKind::KeyBehindOwnDoor:
            return "key-behind-own-door";
        case FindingKind::AbilityBehindNeed:
            return "ability-behind-need";
        case FindingKind::DoorOpensWithNothing:
            return "door-opens-with-nothing";
        case FindingKind::GrantNotListed:
            return "grant-not-listed";
        case FindingKind::Trap:
            return "trap";
        case FindingKind::CheckpointInTrap:
            return "checkpoint-in-trap";
        case FindingKind::ComfortLow:
            return "comfort-low";
        case FindingKind::RunBroken:
            return "run-broken";
        case FindingKind::RunInTime:
            return "run-in-time";
        case FindingKind::UnusedArea:
            return "unused-area";
        case FindingKind::NotDecided:
            return "not-decided";
        case FindingKind::ExitLeadsNowhere:
            return "exit-leads-nowhere";
        case FindingKind::EntityInStone:
            return "entity-in-stone";
        case FindingKind::WayPointMissed:
            return "way-point-missed";
        case FindingKind::RouteEndMissed:
            return "route-end-missed";
        case FindingKind::BeadSkippable:
            return "bead-skippable";
        case FindingKind::BeadLeftOut:
            return "bead-left-out";
        case FindingKind::ThingToMake:
            return "thing-to-make";
        case FindingKind::ThingNotPlaced:
            return "thing-not-placed";
        case FindingKind::RoomSolid:
            return "room-solid";
        case FindingKind::WayPointOutside:
            return "way-point-outside";
        case FindingKind::RouteTooShort:
            return "route-too-short";
        case FindingKind::UnderlayMissing:
            return "underlay-missing";
        case FindingKind::GapTooTight:
            return "gap-too-tight";
        case FindingKind::Pocket:
            return "pocket";
        case FindingKind::LoneCell:
            return "lone-cell";
        case FindingKind::LedgeBumps:
            return "ledge-bumps";
        case FindingKind::SlopeEndsInStep:
            return "slope-ends-in-step";
        case FindingKind::CornersTouch:
            return "corners-touch";
        case FindingKind::Leak:
            return "leak";
        case FindingKind::DeadlyBottomUnused:
            return "deadly-bottom-unused";
        case FindingKind::BottomlessGap:
            return "bottomless-gap";
        case FindingKind::NotAudited:
            return "not-audited";
        case FindingKind::LooksSolid:
            return "looks-solid";
        case FindingKind::LooksOpen:
            return "looks-open";
        case FindingKind::HiddenInFront:
            return "hidden-in-front";
        case FindingKind::PictureMisfit:
            return "picture-misfit";
        case FindingKind::HardToTell:
            return "hard-to-tell";
        case FindingKind::BusyBehind:
            return "busy-behind";
        case FindingKind::RuleNotFollowed:
            return "rule-not-followed";
        case FindingKind::FieldEmpty:
            return "field-empty";
        case FindingKind::FieldOutOfRange:
            return "field-out-of-range";
        case FindingKind::DanglingReference:
            return "dangling-reference";
        case FindingKind::StandingBroken:
            return "standing-broken";
        case FindingKind::TooFewOfKind:
            return "too-few-of-kind";
        case FindingKind::TooManyOfKind:
            return "too-many-of-kind";
        case FindingKind::OutsideLevel:
            return "outside-level";
        case FindingKind::SamePlaceTwice:
            return "same-place-twice";
        case FindingKind::KeyWithoutDoor:
            return "key-without-door";
        case FindingKind::PatrolBroken:
            return "patrol-broken";
        case FindingKind::MoverInWall:
            return "mover-in-wall";
        case FindingKind::MoverCrushes:
            return "mover-crushes";
        case FindingKind::MoverNotReached:
            return "mover-not-reached";
        case FindingKind::FormationBroken:
            return "formation-broken";
        case FindingKind::FormationTight:
            return "formation-tight";
        case FindingKind::ExitPassedBy:
            return "exit-passed-by";
        case FindingKind::RunMeetsFoe:
            return "run-meets-foe";
        case FindingKind::ZonesOverlap:
            return "zones-overlap";
        case FindingKind::ZoneUncovered:
            return "zone-uncovered";
        case FindingKind::ZoneEntryBlocked:
            return "zone-entry-blocked";
        case FindingKind::ZoneCameraSmall:
            return "zone-camera-small";
        case FindingKind::ZoneCameraShows:
            return "zone-camera-shows";
        case FindingKind::ZoneNotReached:
            return "zone-not-reached";
        case FindingKind::ZoneOverBudget:
            return "zone-over-budget";
        case FindingKind::KitPieceUnknown:
            return "kit-piece-unknown";
        case FindingKind::KitPortOpen:
            return "kit-port-open";
        case FindingKind::KitPortHeight:
            return "kit-port-height";
        case FindingKind::KitPortProfile:
            return "kit-port-profile";
        case FindingKind::KitGap:
            return "kit-gap";
        case FindingKind::KitOverlap:
            return "kit-overlap";
        case FindingKind::KitDuplicate:
            return "kit-duplicate";
        case FindingKind::KitOffModule:
            return "kit-off-module";
        case FindingKind::KitPieceSize:
            return "kit-piece-size";
        case FindingKind::KitPivotOff:
            return "kit-pivot-off";
        case FindingKind::KitRampEnd:
            return "kit-ramp-end";
        case FindingKind::KitHeadroom:
            return "kit-headroom";
        case FindingKind::KitTurn:
            return "kit-turn";
        case FindingKind::KitStoreyNotReached:
            return "kit-storey-not-reached";
    }
    return "";
}

std::string_view nameOf(Severity severity) {
    switch (severity) {
        case Severity::Error:
            return "error";
        case Severity::Doubt:
            return "doubt";
        case Severity::Note:
            return "note";
    }
    return "";
}

bool hasErrors(const std::vector<Finding>& findings) {
    return std::any_of(findings.begin(), findings.end(), [](const Finding& finding) {
        return finding.severity == Severity::Error;
    });
}

std::size_t openCount(const std::vector<Finding>& findings) {
    return static_cast<std::size_t>(
        std::count_if(findings.begin(), findings.end(),
                      [](const Finding& finding) { return finding.severity != Severity::Note; }));
}

std::vector<Finding> findingsOf(const level::Project& project, const level::Level& level,
                                const reach::Answer& answer) {
    std::vector<Finding> all = reachFindings(level, answer);
    if (level.kind == level::LevelKind::Kit) {
        // Matter, and what stands in it, says nothing here.
        for (const std::vector<Finding>& some :
             {exitFindings(project, level), gateFindings(project, level),
              castFindings(project, level), kitFindings(level, answer)})
            all.insert(all.end(), some.begin(), some.end());
        for (Finding& finding : all)
            if (const level::Entity* entity = findEntity(level, finding.entity))
                finding.storey = entity->storey;
        return all;
    }
    for (auto* family :
         {&exitFindings, &placementFindings, &gateFindings, &keptRunFindings, &scatterFindings}) {
        const std::vector<Finding> some = (*family)(project, level);
        all.insert(all.end(), some.begin(), some.end());
    }
    for (const std::vector<Finding>& some :
         {castFindings(project, level), behaviourFindings(project, level, answer),
          zoneFindings(project, level, answer)})
        all.insert(all.end(), some.begin(), some.end());
    return all;
}

}  // namespace rook::check
