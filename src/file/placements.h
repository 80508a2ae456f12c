#pragma once
/// The cast as a table: what `placementsText` writes, read back.

#include "file/bundle.h"
#include "level/edits.h"

namespace rook::file {

/// Rows of cells. Errors: BadSyntax for a quote that does not end.
[[nodiscard]] Result<std::vector<std::vector<std::string>>> csvRows(const std::string& text,
                                                                    const std::string& name);

/// What a table would change.
struct TableChange {
    level::ProjectEdit edit;
    std::vector<std::string> lines;  ///< "intake, crab-1: x 32 becomes 48"
};
/// Rows are matched by level and id; columns that are not there, and cells of fields that a kind
/// does not have, change nothing. Nothing is placed or taken away.
/// Errors: BadSyntax; BadReference for a level, id or column that is not there; WrongType;
/// OutOfRange outside the level; each with its row. Nothing is changed then. Cost: linear.
[[nodiscard]] Result<TableChange> readPlacements(const std::string& csv, const std::string& name,
                                                 const level::Project& project);

}  // namespace rook::file
