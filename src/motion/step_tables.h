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
#include "level/role_data.h"
#include "rook_motion.hpp"

namespace rook::motion {

inline constexpr int maxPhases = 4096;
inline constexpr int maxBodyPx = 512;

/// What is exported as `motion`: weakened by the profile's margin, and complete.
struct StepTables {
    runtime::MotionTables body;  ///< what the stepper uses
    std::string profile;
    int marginPx = 0;
    std::vector<level::Ability> abilities;  ///< as the profile lists them
};

/// Weakens run speed, jump and spring heights to (100 - percent) / 100, as fractions. 0 to 99.
struct Weakening {
    int percent = 0;
};

/// Errors: OutOfRange, naming the number and its range; `where` is the profile.
[[nodiscard]] Result<StepTables> makeStepTables(const level::MotionProfile& profile, CellSize cell,
                                                Weakening weakening = {});

/// The flights of a spring for a body of that profile; box and push are left to the caller.
/// Errors: OutOfRange, with `where` in the message.
[[nodiscard]] Result<runtime::Spring> makeSpring(const level::MotionProfile& profile, CellSize cell,
                                                 const level::SpringHeights& heights,
                                                 const std::string& where,
                                                 Weakening weakening = {});

}  // namespace rook::motion
