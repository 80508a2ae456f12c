#pragma once
/// Kinds in a file of their own, to be taken to another project.

#include "file/storage.h"
#include "level/kind_edits.h"

namespace rook::file {

/// Errors: those of the storage.
[[nodiscard]] Result<void> writeKinds(Storage& storage, const Path& file,
                                      const level::Project& project);
/// The kinds of a file, added, or in place of those of the same id: with what that does to what is
/// placed. Errors: those of reading; a kind's flaws.
[[nodiscard]] Result<level::KindChange> readKinds(Storage& storage, const Path& file,
                                                  const level::Project& project);
[[nodiscard]] std::string kindsText(const level::Project& project);
[[nodiscard]] Result<std::vector<level::Kind>> kindsOfText(const std::string& text,
                                                           const std::string& name,
                                                           const level::Project& project);

}  // namespace rook::file
