#pragma once
/// Rosters: counters that several levels have, each where it likes; and their placements as a
/// table, rows the counters, columns the levels.

#include <string>
#include <vector>

#include "level/edits.h"
#include "puzzle/geometry.h"

namespace rook::puzzle {

/// An empty roster with a name that is free. Errors: OutOfRange above 64.
[[nodiscard]] Result<level::ProjectEdit> addRoster(const level::Project& project,
                                                   const std::string& title);
/// The new counter is parked in all levels of the roster. Errors: BadReference; NotApplicable for a
/// kind that is no counter; OutOfRange above 2,000.
[[nodiscard]] Result<level::ProjectEdit> addToRoster(const level::Project& project,
                                                     const std::string& roster, const KindId& kind);
/// It goes from all levels of the roster, and from their goals. Errors: BadReference.
[[nodiscard]] Result<level::ProjectEdit> removeFromRoster(const level::Project& project,
                                                          const std::string& roster,
                                                          const EntityId& counter);
/// Where it stands: "Sluice table at 3, 2", one line a level in which it is not parked.
[[nodiscard]] std::vector<std::string> placesOf(const level::Project& project,
                                                const std::string& roster, const EntityId& counter);
/// Where parked ones are in games. Errors: BadReference.
[[nodiscard]] Result<level::ProjectEdit> setPark(const level::Project& project,
                                                 const std::string& roster, PxPoint park);
/// The level has the counters of that roster from now on: those of the same id and kind stay where
/// they are, all others are parked or go. Empty: it keeps the counters as its own.
/// Errors: BadReference.
[[nodiscard]] Result<level::LevelEdit> takeRoster(const level::Project& project,
                                                  const level::Level& level,
                                                  const std::string& roster);

/// The levels of a roster, in their order.
[[nodiscard]] std::vector<std::shared_ptr<const level::Level>> levelsOf(
    const level::Project& project, const std::string& roster);

/// Two numbers, or parked.
struct Placement {
    bool isParked = false;
    int x = 0;  ///< column, or place on a ring; px of free boards
    int y = 0;  ///< row, or ring
    bool operator==(const Placement&) const = default;
};
[[nodiscard]] Placement placementOf(const level::Level& level, const level::Counter& counter);

/// What a table of placements says of one counter in one level.
struct PlacementChange {
    LevelId level;
    EntityId counter;
    Placement placement;
};
/// Sets them all as one step. Counters may cross on the way; what stands wrong afterwards is told
/// by the findings, and nothing is lost. Errors: BadReference; OutOfRange for an address that the
/// board does not have.
[[nodiscard]] Result<level::ProjectEdit> place(const level::Project& project,
                                               const std::vector<PlacementChange>& changes,
                                               const std::string& name);

}  // namespace rook::puzzle
