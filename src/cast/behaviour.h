#pragma once
/// How entities behave in play: what the runtime is told of them.

#include "level/project.h"
#include "rook_patrol.hpp"
#include "rook_thrower.hpp"

namespace rook::cast {

/// What stops or turns all that goes by itself.
struct Obstacles {
    std::vector<PxRect> doors;  ///< walls to foes and shots, open or shut
    std::vector<PxRect> marks;  ///< that foes turn at which walk or hang
    bool operator==(const Obstacles&) const = default;
};
/// Cost: the entities of the level.
[[nodiscard]] Obstacles obstaclesOf(const level::Project& project, const level::Level& level);
/// The patrol of a foe. Requires: its kind's role is foe.
[[nodiscard]] runtime::Patrol patrolOf(const level::Entity& foe);
/// The way of a foe through its level; `player` says how bodies fall. Cost: as `runtime::patrolOf`.
[[nodiscard]] runtime::PatrolWay wayOf(const level::Project& project, const level::Level& level,
                                       const runtime::MotionTables& player,
                                       const level::Entity& foe);
/// The same among these, for who asks for many foes: `obstaclesOf` looks at every entity.
[[nodiscard]] runtime::PatrolWay wayAmong(const Obstacles& obstacles, const level::Project& project,
                                          const level::Level& level,
                                          const runtime::MotionTables& player,
                                          const level::Entity& foe);

/// What an entity throws. Requires: its kind's role is thrower.
[[nodiscard]] runtime::Thrower throwerOf(const level::Entity& entity);
/// Where each of its shots is that may be under way at once. Cost: as `runtime::shotsOf`.
[[nodiscard]] std::vector<runtime::Way> shotsAmong(const Obstacles& obstacles,
                                                   const level::Project& project,
                                                   const level::Level& level,
                                                   const level::Entity& entity);
/// The corners of a shot from the tick on in which it is made.
[[nodiscard]] std::vector<std::pair<int, int>> flightAmong(const Obstacles& obstacles,
                                                           const level::Project& project,
                                                           const level::Level& level,
                                                           const level::Entity& entity);

/// A place to pass through a ring or an arc: where its way crosses, and when.
struct Passage {
    PxPoint middle;                            ///< of the body, px
    std::vector<std::pair<int, int>> windows;  ///< ticks of the period, [from, to)
    int longest = 0;                           ///< ticks of the longest, windows that go on over
                                               ///< the period's end taken together
    int needed = 0;  ///< ticks that a body takes to cross the way of the members
};
/// At the right, top, left and bottom of a ring; at the middle of an arc; at each gap of a line or
/// grid that keeps still nothing is to be waited for, so there are none. Cost: the period times the
/// members, for each.
[[nodiscard]] std::vector<Passage> passagesOf(const runtime::Formation& formation,
                                              const runtime::MotionTables& player);

/// The box meets nothing solid. Cost: its px.
[[nodiscard]] bool isOpenAt(const level::Project& project, const level::Level& level,
                            const PxRect& box);

/// A sentence if the entity breaks its kind's standing rule: nothing to stand on, hang from or lean
/// against, or not in a liquid.
[[nodiscard]] std::optional<std::string> standingFlaw(const level::Project& project,
                                                      const level::Level& level,
                                                      const level::Entity& entity);
/// Where a thing of that kind comes to stand by its rule, from `box` on: down to the floor, up to
/// the ceiling, to the nearer wall; `box` itself for other rules, or if there is none within
/// `reachPx`.
[[nodiscard]] PxRect dropped(const level::Project& project, const level::Level& level,
                             const level::Kind& kind, const PxRect& box, int reachPx = 4096);

}  // namespace rook::cast
