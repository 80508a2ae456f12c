#pragma once
/// Reach: every position that a body can get to, computed in full, by rows of bits.
///
/// The states are (set, layer, x, y): the set of things held, and a layer for each combination of
/// stance, table, phase, air jumps and coyote ticks left, and push. One bit is one state; a row of
/// bits holds every x of one layer and px row, and one machine word moves 64 positions at once.
/// What is gained leads from one set to a larger one, tick by tick, from the very state in which it
/// is met.
///
/// Invariants of a run of the solver:
///  1. Every bit set stands for a state that some input of the stepper leads to.
///  2. A bit is *fresh* until its row has been processed; all that one tick makes of it is then
///  set.
///  3. So, when no row is fresh, the bits are exactly the states reached, of those that are noted.
/// Walking needs no ticks here: a walk may end after each px, so standing positions are closed
/// under single px of a walk. Timed hazards are left out: see in_time.h.
///
/// Movers need a clock, which rows of bits do not have. With movers there are two solves: one keeps
/// away from every place at which a mover could catch or carry a body, so that it holds in every
/// tick; the other takes a mover to carry to all of its track at once, so that it is above all that
/// riding can do. What is in neither is out of reach, what is only in the second needs a run with
/// the clock.
///
/// Threads: `solve` is a pure function; it may run anywhere.

#include <atomic>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "base/bit_map.h"
#include "base/geometry.h"
#include "level/boxes.h"
#include "rook_motion.hpp"

namespace rook::reach {

struct Problem {
    runtime::Frame frame;
    std::shared_ptr<const runtime::CellSource> cells;
    runtime::MotionTables tables;
    runtime::Parts parts;
    std::optional<PxRect> start;  ///< box of the spawn; none = nothing is reached
};

/// Upper left corner of the body at the start: bottom centre on the bottom centre of the spawn.
[[nodiscard]] std::optional<PxPoint> startOf(const Problem& problem);

struct Limits {
    std::size_t maxBytes = std::size_t{2} << 30;  ///< for maps and states together
    const std::atomic<bool>* cancel = nullptr;    ///< looked at after each row; may be null
    std::uint64_t mostPuzzleStates = 20'000'000;  ///< of a puzzle level
    /// That are followed while something lasts for a time: what would come after is not decided.
    std::size_t mostTimedBodies = 500'000;
    /// Every state is noted, and counted in Reached::states; else, in the air, one in some ticks:
    /// that finds the same places in a third of the memory.
    bool notesAllStates = false;
    [[nodiscard]] bool isCancelled() const { return cancel && *cancel; }
};

enum class Completion {
    Complete,     ///< every state was found
    OutOfMemory,  ///< the byte limit was met: what is set is reached, the rest is not decided
    TooManySets,  ///< more than 64 sets of things can be held: as above
    Cancelled,
    Met,     ///< what the solve was to stop at was met; of the rest nothing is said
    InTime,  ///< what lasts for a time was followed for a while: what is not met may be met
};

/// Positions are upper left corners of the body's box; map bit (x, y) is level px (x - left, y -
/// top).
struct Reached {
    Completion completion = Completion::Complete;
    int left = 0;
    int top = 0;
    BitMap visited;
    BitMap standing;
    /// Not among the visited; no body is anywhere else. Empty without movers and what lasts for a
    /// time.
    BitMap byMovers;
    /// Nobody looked for `byMovers` yet: see `addWhatMayBe`.
    bool isOnlySure = false;
    bool startIsLive = false;
    std::size_t bytes = 0;               ///< memory that maps and states took
    std::int64_t states = 0;             ///< noted, in all sets: see Limits::notesAllStates
    std::vector<runtime::HeldSet> sets;  ///< all that occur, fewest things first

    [[nodiscard]] bool isVisited(PxPoint corner) const {
        return visited.test(corner.x + left, corner.y + top);
    }
    [[nodiscard]] bool isStoodAt(PxPoint corner) const {
        return standing.test(corner.x + left, corner.y + top);
    }
    /// A body of this size at some visited position overlaps the box.
    [[nodiscard]] bool meets(const PxRect& box, const runtime::MotionTables& tables) const;
    /// The same for positions to which only movers could bring it.
    [[nodiscard]] bool mayMeetByMovers(const PxRect& box,
                                       const runtime::MotionTables& tables) const;

private:
    [[nodiscard]] bool isAnyIn(const BitMap& map, const PxRect& box,
                               const runtime::MotionTables& tables) const;
};

/// What one wants to know.
enum class Extent {
    All,
    Sure,  ///< not where movers, or what lasts for a time, may lead besides
};
[[nodiscard]] Reached solve(const Problem& problem, const Limits& limits = {},
                            Extent extent = Extent::All);
/// Adds what a solve of that problem left out. Cost: two such solves where there are movers or
/// something lasts for a time, else nothing.
void addWhatMayBe(const Problem& problem, const Limits& limits, Reached& reached);

/// Which of the boxes are reached, without the rest: the solve stops as soon as all are. None if it
/// did not come to its end. Cost: a solve at most.
[[nodiscard]] std::optional<std::vector<bool>> meetsOf(const Problem& problem,
                                                       const std::vector<PxRect>& boxes,
                                                       const Limits& limits = {});

/// The sets with which a tick may begin that meets the box, for each box: none is missing, and only
/// with movers, or what lasts for a time, there may be too many. None if the solve did not come to
/// its end. Cost: a solve.
[[nodiscard]] std::optional<std::vector<std::vector<runtime::HeldSet>>> setsThatMayMeet(
    const Problem& problem, const std::vector<PxRect>& boxes, const Limits& limits = {});

}  // namespace rook::reach
