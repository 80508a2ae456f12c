#pragma once
/// A level of a bundle, taken back into a project.

#include "base/result.h"
#include "level/project.h"

namespace rook::file {

struct BakedImport {
    level::Level level;                ///< with the id of the file
    std::vector<std::string> notKept;  ///< a sentence each: what the file says and a level cannot
};
/// Matter and forms, entities with what their roles have, zones, edges, goals and texts; the
/// dressing comes back as tiles laid by hand, other layers as layers. Matters and kinds are those
/// of the project by name. Errors: BadSyntax; BadVersion; NotApplicable for kit boards and puzzle
/// levels; as `readLevelText`. Cost: linear.
[[nodiscard]] Result<BakedImport> readBakedLevel(const level::Project& project,
                                                 const std::string& text, const std::string& name);

}  // namespace rook::file
