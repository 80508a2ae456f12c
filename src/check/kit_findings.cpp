#include "check/finding.h"

namespace rook::check {

namespace {

FindingKind kindOfFault(kit::FaultSort sort) {
    switch (sort) {
        case kit::FaultSort::UnknownPiece:
            return FindingKind::KitPieceUnknown;
        case kit::FaultSort::OpenPort:
            return FindingKind::KitPortOpen;
        case kit::FaultSort::PortHeight:
            return FindingKind::KitPortHeight;
        case kit::FaultSort::PortProfile:
            return FindingKind::KitPortProfile;
        case kit::FaultSort::Gap:
            return FindingKind::KitGap;
        case kit::FaultSort::Overlap:
            return FindingKind::KitOverlap;
        case kit::FaultSort::Duplicate:
            return FindingKind::KitDuplicate;
        case kit::FaultSort::OffModule:
            return FindingKind::KitOffModule;
        case kit::FaultSort::PieceSize:
            return FindingKind::KitPieceSize;
        case kit::FaultSort::PivotOff:
            return FindingKind::KitPivotOff;
        case kit::FaultSort::RampEnd:
            return FindingKind::KitRampEnd;
        case kit::FaultSort::Headroom:
            return FindingKind::KitHeadroom;
        case kit::FaultSort::TurnNotAllowed:
            return FindingKind::KitTurn;
        case kit::FaultSort::SharedFace:
            return FindingKind::KitSharedFace;
        case kit::FaultSort::SolidFlaw:
            return FindingKind::KitSolidFlaw;
    }
    return FindingKind::KitPortOpen;
}

bool isDoubtful(kit::FaultSort sort) {
    return sort == kit::FaultSort::OpenPort || sort == kit::FaultSort::PieceSize ||
           sort == kit::FaultSort::PivotOff;
}

}  // namespace

std::vector<Finding> kitFindings(const level::Level& level, const reach::Answer& answer) {
    std::vector<Finding> findings;
    if (!answer.onKit()) return findings;
    for (const kit::Fault& fault : answer.onKit()->audit.faults) {
        Finding finding;
        finding.kind = kindOfFault(fault.sort);
        finding.severity = isDoubtful(fault.sort) ? Severity::Doubt : Severity::Error;
        finding.level = level.id;
        finding.sentence = fault.sentence;
        finding.place = toPx(fault.place, level.cellSize);
        finding.fix = fault.fix;
        finding.pieces = fault.pieces;
        finding.storey = fault.storey;
        findings.push_back(std::move(finding));
    }
    const auto& patches = answer.onKit()->graph.patches();
    const auto moduleOf = [&](std::size_t patch) {
        const CellPoint at = patches[patch].spot.at;
        return toPx(CellRect{at.x, at.y, 1, 1}, level.cellSize);
    };
    for (const int storey : answer.onKit()->reach.unreachedStoreys) {
        if (!answer.onKit()->reach.problem.empty()) break;
        Finding finding;
        finding.kind = FindingKind::KitStoreyNotReached;
        finding.severity = Severity::Doubt;
        finding.level = level.id;
        finding.sentence = "Nothing on storey " + std::to_string(storey + 1) + " can be reached";
        finding.storey = storey;
        for (std::size_t i = 0; i < patches.size(); ++i)
            if (patches[i].spot.storey == storey) finding.place = finding.place.united(moduleOf(i));
        findings.push_back(std::move(finding));
    }
    for (const level::Entity& entity : level.entities) {
        if (answer.onKit()->graph.patchUnder(level, entity) >= 0) continue;
        Finding finding;
        finding.kind = FindingKind::StandingBroken;
        finding.level = level.id;
        finding.sentence =
            entity.id.text + " stands on no surface of storey " + std::to_string(entity.storey + 1);
        finding.entity = entity.id;
        finding.place = entity.box;
        finding.storey = entity.storey;
        findings.push_back(std::move(finding));
    }
    // Modules from which one cannot finish, a finding a storey.
    std::map<int, std::pair<int, PxRect>> traps;
    for (std::size_t i = 0; i < patches.size(); ++i) {
        if (!answer.onKit()->reach.trapped[i]) continue;
        auto& [count, place] = traps[patches[i].spot.storey];
        ++count;
        place = place.united(moduleOf(i));
    }
    for (const auto& [storey, trap] : traps) {
        Finding finding;
        finding.kind = FindingKind::Trap;
        finding.severity = Severity::Error;
        finding.level = level.id;
        finding.sentence = "From " + std::to_string(trap.first) +
                           (trap.first == 1 ? " module" : " modules") +
                           " that can be reached, no exit can";
        finding.place = trap.second;
        finding.storey = storey;
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace rook::check
