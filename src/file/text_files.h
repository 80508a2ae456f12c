#pragma once
/// A project as the files that hold it: rookplot.json, levels, swatches, kits, and pictures under
/// boards; each with its fingerprint, so that what two values have in common is made, kept and read
/// once.

#include <map>
#include <memory>

#include "file/storage.h"
#include "level/project.h"

namespace rook::file {

struct TextFile {
    std::string sha256;
    std::shared_ptr<const std::string> bytes;  ///< null where only the fingerprint is known
    std::size_t size = 0;                      ///< bytes
};
/// By the path relative to the project's folder.
using TextFiles = std::map<std::string, TextFile>;

/// A value and its files, from which an other value's may be taken where they are the same.
struct FormerFiles {
    const level::Project* project = nullptr;
    const TextFiles* files = nullptr;
};

[[nodiscard]] std::string pathOf(const level::Level& level, bool isSwatch);
[[nodiscard]] std::string pathOf(const level::Kit& kit);

/// True if cells, tiles and entities are named in files as they are in the other project: a board
/// that is the same value in both then has the same text.
[[nodiscard]] bool haveSameNames(const level::Project& a, const level::Project& b);

/// All files of a value. Cost: the text of what `former` does not share.
[[nodiscard]] TextFiles textFilesOf(const level::Project& project, const FormerFiles& former = {});

/// Reads the value that files say, as `openProject` does; what they do not hold (sheets, models) is
/// read in `folder`. Boards that `former` has from the same bytes are shared with it.
/// Errors: as `openProject`. Requires: `bytes` of each file.
[[nodiscard]] Result<level::Project> readTextFiles(Storage& storage, const Path& folder,
                                                   const TextFiles& files,
                                                   const FormerFiles& former = {});

/// Opens a project and tells what each file held that was read for it.
/// Errors: as `openProject`.
[[nodiscard]] Result<level::Project> openProject(Storage& storage, const Path& folder,
                                                 FileStates& states);
/// The paths of those that hold something else now, or are gone. Cost: reads them all.
[[nodiscard]] std::vector<std::string> changedFiles(Storage& storage, const Path& folder,
                                                    const FileStates& states);
/// Sets each to what its file holds now; those that are gone are left out.
void noteStates(Storage& storage, const Path& folder, FileStates& states);

}  // namespace rook::file
