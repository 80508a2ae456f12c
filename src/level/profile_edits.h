#pragma once
/// Edits of motion profiles: presets, change, copy, remove.

#include "level/edits.h"

namespace rook::level {

/// Profiles to begin with, of our own naming; the name of each says how it feels.
[[nodiscard]] const std::vector<MotionProfile>& profilePresets();

/// The project with that profile changed; what names it by a former name follows. `swapsWith` is
/// set by `swapProfiles`.
/// Errors: AlreadyThere if another has the new name; Missing if there is none of the old one.
[[nodiscard]] Result<ProjectEdit> changeProfile(const Project& project, const std::string& name,
                                                MotionProfile profile);
/// Both can be swapped for each other at will from now on, and for nobody else; with an empty name,
/// neither. Errors: Missing; NotApplicable if their bodies are not of one size.
[[nodiscard]] Result<ProjectEdit> swapProfiles(const Project& project, const std::string& name,
                                               const std::string& with);
/// Adds a copy under a fresh name, which the level then moves by.
[[nodiscard]] ProjectEdit copyProfile(const Project& project, const LevelId& level,
                                      const MotionProfile& profile);
/// The level moves by that profile from now on.
[[nodiscard]] ProjectEdit useProfile(const Project& project, const LevelId& level,
                                     const std::string& name);
/// Errors: NotApplicable while a level or who holds a pickup moves by it, or if it is the last one.
[[nodiscard]] Result<ProjectEdit> removeProfile(const Project& project, const std::string& name);

}  // namespace rook::level
