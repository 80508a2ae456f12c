#pragma once
/// The project folder: rookplot.json, levels/<id>.json, swatches/<id>.json, sheets/*.png. See
/// docs/format-project.md.

#include "base/result.h"
#include "file/storage.h"
#include "level/parts.h"

namespace rook::file {

/// Reads a project whole, or not at all: every sheet is there, every reference answers. A save that
/// was broken off is finished first, or, where nothing may be written, read as if it were.
/// Errors: all of `ErrorKind`; `where` names the file and key, row or line.
[[nodiscard]] Result<level::Project> openProject(Storage& storage, const Path& folder);

/// What `saveProject` may leave alone: levels that are unchanged since this value was written.
/// All files of the save as one: after an error or a kill the former project stands, or the new
/// one. `states` receives what the written files hold now.
/// Errors: of Storage; UnsafePath; OutOfRange for what could not be read again.
[[nodiscard]] Result<void> saveProject(Storage& storage, const Path& folder,
                                       const level::Project& project,
                                       const level::Project* lastSaved = nullptr,
                                       FileStates* states = nullptr);

/// The images and models that a project shows, each once, relative to its folder.
[[nodiscard]] std::vector<std::string> imagesOf(const level::Project& project);

/// Copies the project's images from one project folder to another, for saving it elsewhere.
[[nodiscard]] Result<void> copySheets(Storage& storage, const Path& from, const Path& to,
                                      const level::Project& project);

/// The text of rookplot.json and of one level.
[[nodiscard]] std::string projectText(const level::Project& project);
[[nodiscard]] std::string levelText(const level::Project& project, const level::Level& level);

/// The boards of a project by id, in order.
struct BoardIds {
    std::vector<std::string> order;  ///< levels, in the order of play
    std::vector<std::string> swatches;
    std::vector<std::string> kits;
};

/// Errors: as `openProject`; `name` stands in messages, as "levels/intake.json".
[[nodiscard]] Result<level::Project> readProjectText(const std::string& text,
                                                     const std::string& name, BoardIds& boards);
[[nodiscard]] Result<level::Level> readLevelText(const level::Project& project,
                                                 const std::string& text, const std::string& name);

/// The parts list as RFC 4180, with a header: part, instances, state, stands for.
[[nodiscard]] std::string partsCsv(const level::Project& project,
                                   const std::vector<level::Part>& parts);

/// A project that one can begin with: matters, kinds, a motion profile and one empty level.
[[nodiscard]] level::Project newProject(const std::string& name);

}  // namespace rook::file
