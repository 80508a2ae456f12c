#include "level/motion_profile.h"

namespace rook::level {

std::string_view nameOf(Ability ability) {
    switch (ability) {
        case Ability::ShortHop:
            return "short-hop";
        case Ability::AirJump:
            return "air-jump";
        case Ability::WallJump:
            return "wall-jump";
        case Ability::Coyote:
            return "coyote";
        case Ability::DropThrough:
            return "drop-through";
        case Ability::Climb:
            return "climb";
        case Ability::Swim:
            return "swim";
    }
    return "";
}

std::optional<Ability> abilityOf(std::string_view name) {
    for (int i = 0; i < abilityCount; ++i)
        if (nameOf(static_cast<Ability>(i)) == name) return static_cast<Ability>(i);
    return std::nullopt;
}

}  // namespace rook::level
