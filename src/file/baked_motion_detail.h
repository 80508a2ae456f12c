#pragma once
/// How a body moves in an exported level. Private to file/.

#include "file/json_text.h"
#include "motion/level_motion.h"

namespace rook::file {

/// `motion` of an exported level. `parts` has the springs of the level, in its order.
[[nodiscard]] Json motionJson(const level::Project& project, const level::Level& level,
                              const motion::LevelProfiles& profiles,
                              const motion::StepTables& tables, const runtime::Parts& parts);

}  // namespace rook::file
