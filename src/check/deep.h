#pragma once
/// Which findings come from looking deep.

#include "check/finding.h"

namespace rook::check {

[[nodiscard]] constexpr bool isDeep(FindingKind kind) {
    switch (kind) {
        case FindingKind::KeyBehindOwnDoor:
        case FindingKind::AbilityBehindNeed:
        case FindingKind::Trap:
        case FindingKind::CheckpointInTrap:
        case FindingKind::ComfortLow:
        case FindingKind::RunInTime:
        case FindingKind::UnusedArea:
        case FindingKind::RunMeetsFoe:
            return true;
        default:
            return false;
    }
}

}  // namespace rook::check
