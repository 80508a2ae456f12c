#pragma once
/// One thing becomes a ring of them.

#include "level/edits.h"

namespace rook::level {

/// What can be one of many: foes, hazards, pickups and things without a role of their own.
[[nodiscard]] constexpr bool mayBeARing(Role role) {
    return role == Role::Foe || role == Role::Hazard || role == Role::Pickup || role == Role::Prop;
}

/// The entity becomes a formation of its kind, in its place and under its id: a ring of eight that
/// turns, three of its widths from the middle. The first kind of formations of the project is
/// taken, or one is made. What the entity had for its role is gone. Errors: Missing, NotApplicable.
[[nodiscard]] Result<ProjectEdit> makeRing(const Project& project, const Level& level,
                                           const EntityId& id);

}  // namespace rook::level
