#pragma once
/// A level's cells as text: rows of characters with a legend, or rows of runs ("12*stone 3*open").

#include <map>
#include <string>
#include <vector>

#include "base/result.h"
#include "level/project.h"

namespace rook::file {

/// "stone", or "silt/rise-right" for a form other than full.
[[nodiscard]] std::string cellName(const level::Project& project, level::Cell cell);
/// Errors: BadReference for an unknown matter or form; NotApplicable for a form that the matter's
/// behaviour does not take.
[[nodiscard]] Result<level::Cell> cellOfName(const level::Project& project, const std::string& name,
                                             const std::string& where);

/// The legend that a level is written with: its former one, and a character for each cell value
/// that is new, by matter and form, so that the same level gives the same text.
[[nodiscard]] std::vector<level::LegendEntry> legendOf(const level::Project& project,
                                                       const level::Level& level);

/// True if rows are written run by run: over 80 legend entries or over 2,000 columns.
[[nodiscard]] bool needsRuns(const level::Level& level,
                             const std::vector<level::LegendEntry>& legend);

[[nodiscard]] std::vector<std::string> drawnRows(const Grid<level::Cell>& cells,
                                                 const std::vector<level::LegendEntry>& legend);
[[nodiscard]] std::vector<std::string> runRows(const level::Project& project,
                                               const Grid<level::Cell>& cells);

/// Reads one row of characters into row y. Errors: OutOfRange if too short or long; BadReference
/// for a character that the legend lacks; both with the row and column.
[[nodiscard]] Result<void> readDrawnRow(const std::string& row,
                                        const std::map<std::string, level::Cell>& legend, int y,
                                        Grid<level::Cell>& cells, const std::string& where);
/// Reads one row of runs into row y. Errors: as above, and BadSyntax.
[[nodiscard]] Result<void> readRunRow(const level::Project& project, const std::string& row, int y,
                                      Grid<level::Cell>& cells, const std::string& where);

/// The characters of UTF-8 text. Requires: valid UTF-8.
[[nodiscard]] std::vector<std::string> charactersOf(const std::string& text);

}  // namespace rook::file
