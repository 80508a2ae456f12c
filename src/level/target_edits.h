#pragma once
/// Targets of a project, as edits.

#include "base/result.h"
#include "level/edits.h"

namespace rook::level {

/// A target of that format under a name that none has, written to `to`. Errors: OutOfRange where
/// there are `maxTargets`.
[[nodiscard]] Result<ProjectEdit> addTarget(const Project& project, TargetFormat format,
                                            const std::string& to);
/// The target of that name becomes another. Errors: BadReference where there is none; NotApplicable
/// for a name that another one has; OutOfRange for what `flawOf` says.
[[nodiscard]] Result<ProjectEdit> changeTarget(const Project& project, const std::string& name,
                                               Target changed);
/// Nothing that it has written is removed.
[[nodiscard]] ProjectEdit removeTarget(const Project& project, const std::string& name);

/// The levels that a target is of, in the order of play; those that are not there are left out.
[[nodiscard]] std::vector<std::shared_ptr<const Level>> levelsOf(const Project& project,
                                                                 const Target& target);

}  // namespace rook::level
