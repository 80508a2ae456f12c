#pragma once
/// What fixes do to a level; the table of findings says which finding has which. Errors:
/// NotApplicable if what was found is no longer there.

#include "check/finding.h"
#include "level/edits.h"

namespace rook::check::fixes {

[[nodiscard]] Result<level::LevelEdit> clearInFront(const level::Project& project,
                                                    const level::Level& level,
                                                    const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> closeEdge(const level::Project& project,
                                                 const level::Level& level, const Finding& finding);
/// The exit reaches from ceiling to floor.
[[nodiscard]] Result<level::LevelEdit> coverOpening(const level::Project& project,
                                                    const level::Level& level,
                                                    const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> eraseCell(const level::Project& project,
                                                 const level::Level& level, const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> fillSpace(const level::Project& project,
                                                 const level::Level& level, const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> fixOfKit(const level::Project& project,
                                                const level::Level& level, const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> joinCorners(const level::Project& project,
                                                   const level::Level& level,
                                                   const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> layLedge(const level::Project& project,
                                                const level::Level& level, const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> makeBottomDeadly(const level::Project& project,
                                                        const level::Level& level,
                                                        const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> makeOneWay(const level::Project& project,
                                                  const level::Level& level,
                                                  const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> markSecret(const level::Project& project,
                                                  const level::Level& level,
                                                  const Finding& finding);
[[nodiscard]] Result<level::LevelEdit> setDown(const level::Project& project,
                                               const level::Level& level, const Finding& finding);

}  // namespace rook::check::fixes
