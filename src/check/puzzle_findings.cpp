/// Puzzle levels: what keeps them from being played, what cannot be solved, and what is left over.

#include "check/finding.h"
#include "puzzle/board.h"

namespace rook::check {

namespace {

/// Where a flaw is: its slot, or the slots under its counter.
PxRect placeOf(const level::Project& project, const level::Level& level, const puzzle::Flaw& flaw) {
    const puzzle::Geometry geometry(level.puzzle.board);
    PxRect place;
    for (const level::Counter& counter : level.puzzle.counters)
        if (counter.id == flaw.counter)
            for (const CellPoint slot : puzzle::slotsUnder(project, level, counter))
                place = place.united(geometry.boxOf(slot));
    if (place.isEmpty() && flaw.slot && geometry.numberOf(*flaw.slot) >= 0)
        place = geometry.boxOf(*flaw.slot);
    return place;
}

}  // namespace

std::vector<Finding> puzzleFindings(const level::Project& project, const level::Level& level,
                                    const reach::Answer& answer) {
    std::vector<Finding> findings;
    bool isFlawed = false;
    const auto add = [&](FindingKind kind, Severity severity, std::string sentence) {
        findings.push_back({kind, severity, level.id, std::move(sentence), {}, {}});
    };
    for (const puzzle::Flaw& flaw : puzzle::flawsOf(project, level)) {
        isFlawed = isFlawed || !flaw.isNote;
        add(flaw.isNote ? FindingKind::PuzzleDoubtful : FindingKind::PuzzleFlawed,
            flaw.isNote ? Severity::Doubt : Severity::Error, flaw.sentence);
        findings.back().entity = flaw.counter;
        findings.back().place = placeOf(project, level, flaw);
    }
    const reach::Verdict& verdict = answer.verdict;
    switch (verdict.kind) {
        case reach::VerdictKind::NotSolved:
            add(FindingKind::PuzzleNotSolved, Severity::Error, verdict.sentence());
            break;
        case reach::VerdictKind::NotDecided:
            if (!isFlawed) add(FindingKind::NotDecided, Severity::Doubt, verdict.sentence());
            break;
        case reach::VerdictKind::Solved:
            if (verdict.least == 0)
                add(FindingKind::PuzzleDoubtful, Severity::Doubt,
                    "The goal is met from the start: there is nothing to be done");
            break;
        default:
            break;
    }
    return findings;
}

}  // namespace rook::check
