#pragma once
/// The collision audit: what is solid in a way that nobody may have meant, with a place and, where
/// possible, a fix that is one edit.

#include <atomic>

#include "check/finding.h"
#include "level/edits.h"

namespace rook::check {

/// Px of a level above which it is not audited; a finding says so.
inline constexpr std::int64_t maxAuditPx = std::int64_t{64} << 20;

/// All findings of the audit, in this order: gaps, pockets, lone cells, ledges that bump, slopes
/// that end in a step, corners that touch, leaks, the bottom. At most 200, then one that says that
/// there are more. `answer` is of this very level; what needs reach is left out where it is not
/// complete. Nothing when cancelled. Cost: some passes over the level's px maps.
[[nodiscard]] std::vector<Finding> auditFindings(const level::Project& project,
                                                 const level::Level& level,
                                                 const reach::Answer& answer,
                                                 const std::atomic<bool>* cancel = nullptr);

/// What the finding's fix would do to the level. Errors: NotApplicable if it has none, or what it
/// was about is no longer there.
[[nodiscard]] Result<level::LevelEdit> fixOf(const level::Project& project,
                                             const level::Level& level, const Finding& finding);

}  // namespace rook::check
