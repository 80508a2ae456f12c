#pragma once
/// What two values of a project have in common, as far as something that follows from them is
/// concerned: whether a verdict, a look or a list is still of now. All compare pointers first and
/// read what is not shared.

#include "level/project.h"

namespace rook::level {

/// True if nothing differs that a verdict depends on besides the level itself: matters, kinds,
/// kits, motion profiles, the limits, which levels there are and where one enters them.
[[nodiscard]] bool haveSameRules(const Project& a, const Project& b);
/// The same of what looks and plans depend on: sheets, swatches, backdrops, parts.
[[nodiscard]] bool haveSameLook(const Project& a, const Project& b);
/// The same of what one chooses from: matters, kinds, sheets, blocks, kits, pictures.
[[nodiscard]] bool haveSameLists(const Project& a, const Project& b);
/// True if cells made with `former` mean the same in `now`: its matters are the first ones there.
[[nodiscard]] bool nameSameMatters(const Project& former, const Project& now);

}  // namespace rook::level
