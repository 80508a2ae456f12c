#include "check/finding.h"

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
    }
    return "";
}

std::vector<Finding> findingsOf(const level::Project& project, const level::Level& level,
                                const reach::Answer& answer) {
    std::vector<Finding> all = reachFindings(level, answer);
    for (auto* family : {&exitFindings, &placementFindings}) {
        const std::vector<Finding> some = (*family)(project, level);
        all.insert(all.end(), some.begin(), some.end());
    }
    return all;
}

}  // namespace rook::check
