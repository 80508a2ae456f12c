#pragma once
/// Placements of a roster as a table: a row x and a row y for each counter, a column for each of
/// its levels. Parked counters have empty cells. One table for all, or one for each counter.

#include <map>

#include "puzzle/rosters.h"

namespace rook::file {

/// Two columns before those of the levels ("counter", "axis"); without `counter` in a table of one.
[[nodiscard]] std::vector<std::vector<std::string>> rosterRows(const level::Project& project,
                                                               const std::string& roster);
/// RFC 4180.
[[nodiscard]] std::string rosterCsv(const level::Project& project, const std::string& roster);
/// Of one counter: rows x and y alone.
[[nodiscard]] std::string counterCsv(const level::Project& project, const std::string& roster,
                                     const EntityId& counter);

/// What a table says otherwise than the project. `counter`: whose table it is, empty = of all.
/// Rows and columns that are left out change nothing. Errors: BadSyntax; BadReference for a counter
/// or a level that the roster does not have; WrongType; OutOfRange; each with its row.
[[nodiscard]] Result<std::vector<puzzle::PlacementChange>> readRosterCsv(
    const std::string& text, const std::string& name, const level::Project& project,
    const std::string& roster, const EntityId& counter = {});

/// The tables of all rosters, by their place in a bundle: rosters/NAME.csv and, of each counter,
/// rosters/NAME/COUNTER.csv.
[[nodiscard]] std::map<std::string, std::string> rosterFiles(const level::Project& project);

}  // namespace rook::file
