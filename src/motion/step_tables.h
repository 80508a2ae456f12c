#pragma once
/// Step tables: what a motion profile means in whole px and whole ticks, for one cell size.
///
/// All is computed in whole numbers and fractions, never in floating point; round means half away
/// from zero. The formulas stand in docs/motion.md.

#include <array>
#include <optional>
#include <vector>

#include "base/geometry.h"
#include "base/result.h"
#include "level/motion_profile.h"
#include "rook_motion.hpp"

namespace rook::motion {

inline constexpr int maxPhases = 4096;
inline constexpr int maxBodyPx = 512;

/// What is exported as `motion`: weakened by the profile's margin, and complete.
struct StepTables {
    runtime::MotionTables body;  ///< what the stepper uses
    std::string profile;
    int marginPx = 0;
    std::vector<level::Ability> abilities;
    std::vector<int> climb;  ///< 16 numbers, or none without the ability
    std::vector<int> swim;   ///< 16 numbers, or none without the ability
    int coyoteTicks = 0;
    int airJumps = 0;
    int wallPushTicks = 0;
};

/// Errors: OutOfRange, naming the number and its range; `where` is the profile.
[[nodiscard]] Result<StepTables> makeStepTables(const level::MotionProfile& profile, CellSize cell);

/// Abilities that the stepper and the solver of this version do not move by; reach is not decided
/// where one of them is listed.
[[nodiscard]] bool isSolved(level::Ability ability);

}  // namespace rook::motion
