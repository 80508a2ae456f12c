#pragma once
/// The table of findings: one row a sort. A new finding is a row here and a place in its family's
/// file that finds it.

#include <span>

#include "check/finding.h"
#include "level/edits.h"

namespace rook::check {

/// Who finds it; the parts of the report follow from this.
enum class Family : unsigned char {
    Reach,  ///< what can be got to, and what leads where
    Gates,  ///< doors and what opens them
    Cast,   ///< what is placed, as it stands and goes
    Zones,
    Kit,        ///< pieces
    Puzzle,     ///< slots, counters and rules
    Analysis,   ///< once the level was looked at deep
    Collision,  ///< the audit of what is solid
    Look,       ///< what it looks like
    Plan,       ///< whether it holds to its plan
};

struct FindingRow {
    FindingKind kind = FindingKind::NoStart;
    std::string_view name;  ///< in files
    Family family = Family::Reach;
    Severity usual = Severity::Error;  ///< that it has unless its family says otherwise
    std::string_view title;            ///< for lists, in a few words
    /// What its fix does, where a finding of this sort names one; null if there is none.
    Result<level::LevelEdit> (*fix)(const level::Project&, const level::Level&,
                                    const Finding&) = nullptr;
};

/// Cost: none.
[[nodiscard]] const FindingRow& rowOf(FindingKind kind);
/// All rows, in the order of the sorts.
[[nodiscard]] std::span<const FindingRow> findingTable();

}  // namespace rook::check
