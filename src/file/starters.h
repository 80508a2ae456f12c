#pragma once
/// What a new project may begin with: small projects that are compiled in (starters/).

#include <span>
#include <string_view>

#include "file/storage.h"

namespace rook::file {

/// A file of a starter, as it stands in its folder.
struct StarterFile {
    std::string_view path;  ///< relative to the project's folder
    std::string_view bytes;
};

struct Starter {
    std::string_view name;  ///< "side", "above", "kit" or "blank"
    std::span<const StarterFile> files;
};

/// All of them, in the order in which they are offered.
[[nodiscard]] std::span<const Starter> starters();
[[nodiscard]] const Starter* findStarter(std::string_view name);

/// Makes a project of it in a folder, all files or none.
/// Errors: NotApplicable if there is a project already, or a file that it would write over; those
/// of writing.
[[nodiscard]] Result<void> makeProject(Storage& storage, const Path& folder, const Starter& starter,
                                       const std::string& name);

}  // namespace rook::file
