#pragma once
/// Plays that nobody made, to picture where players are: random ones, the same each time.

#include "level/project.h"
#include "ship/plays.h"

namespace rook::app {

/// So many plays of a level by runs to the right that jump now and then. None where it cannot be
/// played. Cost: some hundred ticks of the stepper each.
[[nodiscard]] std::vector<ship::Play> samplePlays(const level::Project& project,
                                                  const level::Level& level, int count);

}  // namespace rook::app
