#pragma once
/// Reading the files of a project, for those who have some of it already. Private to file/.

#include <functional>

#include "file/storage.h"
#include "level/project.h"

namespace rook::file {

/// A board that needs no reading again, or null; `project` has its lists already.
using HaveBoard = std::function<std::shared_ptr<const level::Level>(const std::string& path,
                                                                    const level::Project& project)>;

/// What `openProject` reads, when no save is left to be finished.
[[nodiscard]] Result<level::Project> readFolder(Storage& storage, const Path& folder,
                                                const HaveBoard& haveBoard);
/// One board of it, with the picture under it; `name` as "levels/intake.json".
[[nodiscard]] Result<level::Level> readBoardFile(Storage& storage, const Path& folder,
                                                 const level::Project& project,
                                                 const std::string& name);

}  // namespace rook::file
