#pragma once
/// Texts that players read, for translators: one PO file a language (GNU gettext's format).
/// A text's context is its level's id and its own, apart by '/'; of the game's, "game" and its own.

#include "level/edits.h"
#include "level/project.h"

namespace rook::file {

/// All texts of the game in the order of play, with what is translated.
[[nodiscard]] std::string poText(const level::Project& project, const std::string& language);

struct PoReading {
    level::Project project;  ///< with what was read
    int taken = 0;           ///< translations that are new or other than they were
    /// Contexts that no text of the game has, and those whose text is another one by now; neither
    /// was taken.
    std::vector<std::string> unknown, stale;
};
/// Takes the translations of one file; entries without one, and fuzzy ones, change nothing.
/// Errors: BadSyntax with the line; `name` stands in messages.
[[nodiscard]] Result<PoReading> readPo(const level::Project& project, const std::string& language,
                                       const std::string& bytes, const std::string& name);

}  // namespace rook::file
