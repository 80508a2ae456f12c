#pragma once
/// The parts list: what the things on the plans add up to, and what of it the project has already.

#include <optional>
#include <string>
#include <vector>

#include "base/result.h"
#include "level/edits.h"

namespace rook::level {

/// A distinct thing of the plans, by its name (case does not matter).
struct Part {
    std::string name;                ///< as it was written first
    int instances = 0;               ///< on all leaves that were asked for
    std::optional<PartMatch> match;  ///< what stands for it; none = still to make
    bool isMatchedByName = false;    ///< nobody said so: a kind or matter has that name
    std::vector<std::pair<LevelId, MarkId>> places;
    bool operator==(const Part&) const = default;
};

/// The parts of one level's plan, or of all, in the order of their names. A part that nobody
/// matched is matched by name: with a kind (its title or id), else with a matter (its title or
/// name).
[[nodiscard]] std::vector<Part> partsOf(const Project& project, const Level& level);
[[nodiscard]] std::vector<Part> partsOf(const Project& project);

/// True if the project has the kind, matter or tile ("sheet:12") that is meant.
[[nodiscard]] bool answersTo(const Project& project, const PartMatch& match);
/// "kind Lantern", "matter Wet stone", "tile 12 of weir": what people read.
[[nodiscard]] std::string matchText(const Project& project, const PartMatch& match);

/// The part matched so, or no more if nothing is given. Errors: BadReference if nothing
/// answers to it; NotApplicable for a name that is empty.
[[nodiscard]] Result<ProjectEdit> matchPart(const Project& project, const std::string& part,
                                            const std::optional<PartMatch>& match);

/// True if something in the level stands for the thing: an entity of the kind whose box overlaps
/// it, or a cell of the matter (or a matter that wears the tile) inside it, each within one cell.
[[nodiscard]] bool isStoodFor(const Project& project, const Level& level, const Mark& thing,
                              const PartMatch& match);

}  // namespace rook::level
