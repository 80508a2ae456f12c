#pragma once
/// Findings about what is placed: whether it makes sense where it stands and as it goes.

#include "check/finding.h"
#include "reach/zones.h"

namespace rook::check {

/// Fields that are empty, out of their range or name what is not there; standing rules; limits;
/// what lies outside; keys that open nothing; two of one kind in one place. Cost: linear in
/// entities and references, and the px under each.
[[nodiscard]] std::vector<Finding> castFindings(const level::Project& project,
                                                const level::Level& level);
/// Patrols, tracks and formations as they go in play, and exits that one can pass by. `answer` is
/// of this very level. Cost: the ticks of each.
[[nodiscard]] std::vector<Finding> behaviourFindings(const level::Project& project,
                                                     const level::Level& level,
                                                     const reach::Answer& answer,
                                                     const std::atomic<bool>* cancel = nullptr);
/// Zones that overlap, are not reached, leave something out, or whose camera shows too much.
[[nodiscard]] std::vector<Finding> zoneFindings(const level::Project& project,
                                                const level::Level& level,
                                                const reach::Answer& answer);
/// Foes and formations that a run meets, each where it does first. Verdicts leave them out, as foes
/// without a timetable do not stand in the way. Cost: the run's ticks times the foes.
[[nodiscard]] std::vector<Finding> meetingFindings(const level::Project& project,
                                                   const level::Level& level,
                                                   const reach::Query& query, const reach::Run& run,
                                                   bool hasNoWayRound = false);

}  // namespace rook::check
