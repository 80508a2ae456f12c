#pragma once
/// How a body moves in an exported level. Private to file/.

#include "file/json_text.h"
#include "motion/level_motion.h"
#include "reach/verdict.h"

namespace rook::file {

/// `motion` of an exported level. `problem` is that of its reach: it has the springs of the level,
/// in its order, and the abilities that one begins with.
[[nodiscard]] Json motionJson(const level::Project& project, const level::Level& level,
                              const motion::LevelProfiles& profiles,
                              const motion::StepTables& tables, const reach::Problem& problem);

}  // namespace rook::file
