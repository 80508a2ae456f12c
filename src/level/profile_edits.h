#pragma once
/// Edits of motion profiles: presets, change, copy, remove.

#include "level/edits.h"

namespace rook::level {

/// Profiles to begin with, of our own naming; the name of each says how it feels.
[[nodiscard]] const std::vector<MotionProfile>& profilePresets();

/// The project with that profile changed; a level that names it by a former name follows.
/// Errors: AlreadyThere if another has the new name; Missing if there is none of the old one.
[[nodiscard]] Result<ProjectEdit> changeProfile(const Project& project, const std::string& name,
                                                MotionProfile profile);
/// Adds a copy under a fresh name, which the level then moves by.
[[nodiscard]] ProjectEdit copyProfile(const Project& project, const LevelId& level,
                                      const MotionProfile& profile);
/// The level moves by that profile from now on.
[[nodiscard]] ProjectEdit useProfile(const Project& project, const LevelId& level,
                                     const std::string& name);
/// Errors: NotApplicable while a level moves by it, or if it is the last one.
[[nodiscard]] Result<ProjectEdit> removeProfile(const Project& project, const std::string& name);

}  // namespace rook::level
