#include "kit/levels.h"

#include "kit/pieces.h"
#include "level/level_kinds.h"

namespace rook::kit {

level::AddedLevel addLevel(const level::Project& project, level::LevelKind kind,
                           const level::Level& beside) {
    if (!level::traitsOf(kind).isOfPieces || !project.kits.empty())
        return level::addLevel(project, kind, beside);
    level::Project with = project;
    with.kits = std::vector<level::Kit>{plainKit("kit", "Kit")};
    return level::addLevel(with, kind, beside);
}

}  // namespace rook::kit
