#pragma once
/// Puzzle levels: a board of slots, counters that stand on it, and the rule by which one plays.
/// An address is a column and a row or, on rings, a place and a ring (the innermost is 0).

#include <optional>
#include <string>
#include <vector>

#include "base/geometry.h"
#include "base/id.h"
#include "base/shared_vector.h"
#include "level/fields.h"
#include "level/names.h"

namespace rook::level {

inline constexpr int maxSlotsAcross = 128;
inline constexpr int maxRings = 32;
inline constexpr int maxSlotsOfRing = 256;
inline constexpr int maxCounters = 2000;
inline constexpr int maxSlotStack = 64;
inline constexpr int maxQueue = 10000;

/// The slots of a level, as they lie.
struct SlotBoard {
    Arrangement arrangement = Arrangement::Square;
    int columns = 8;
    int rows = 8;
    std::vector<int> rings;     ///< slots of each ring, the innermost first
    int inner = 32;             ///< px, radius of the innermost ring's centres
    int pitch = 32;             ///< px from ring to ring
    CellSize slot{32, 32};      ///< px
    PxPoint gap{};              ///< px between slots, across and down; may be negative
    PxPoint origin{};           ///< px, the corner of slot (0, 0)
    bool hasDiagonals = false;  ///< of square boards: four more directions
    HexPoints points = HexPoints::Up;
    int snap = 1;  ///< px, of free boards
    bool operator==(const SlotBoard&) const = default;
};

/// A sentence if slots cannot lie so: none at all, or no px from one to the next.
[[nodiscard]] std::optional<std::string> flawOf(const SlotBoard& board);

/// A slot that is not plain, or has something. All others are plain and bare.
struct Slot {
    CellPoint at;
    SlotState state = SlotState::Plain;
    int price = 0;                   ///< of a locked one
    std::string tally;               ///< of the game, that pays
    std::vector<std::string> marks;  ///< names that goals use
    std::vector<std::string> stack;  ///< colours from the bottom up
    std::vector<NamedValue> fields;  ///< for the game
    UnknownKeys unknown;
    /// As slots are that no list holds.
    [[nodiscard]] bool isBare() const {
        return state == SlotState::Plain && price == 0 && tally.empty() && marks.empty() &&
               stack.empty() && fields.empty() && unknown.empty();
    }
    bool operator==(const Slot&) const = default;
};

/// Something that stands on a board, or is parked beside it.
struct Counter {
    EntityId id;  ///< unique in its level
    KindId kind;
    CellPoint at;  ///< address of its first cell
    PxPoint px;    ///< of free boards, its corner
    int turn = 0;  ///< quarter turns, clockwise
    bool isParked = false;
    bool operator==(const Counter&) const = default;
};

/// A counter that has to get to a slot of that mark.
struct CounterGoal {
    EntityId counter;
    std::string mark;
    bool operator==(const CounterGoal&) const = default;
};

/// Stacks that are put one after the other.
struct QueuedStack {
    std::vector<std::string> colors;  ///< from the bottom up
    bool operator==(const QueuedStack&) const = default;
};

/// What is to be reached. Each rule uses some of it; `pour` needs none.
struct PuzzleGoal {
    std::vector<CounterGoal> counters;  ///< slide
    std::string mark;                   ///< push: all slots of it must hold a pushed counter
    KindId kind;                        ///< push: of this kind; empty = any
    std::string tally;                  ///< gather: of the game, that counts what is taken away
    int atLeast = 10;                   ///< gather: what it must get to
    bool operator==(const PuzzleGoal&) const = default;
};

/// What one move is, and what is to be reached. Each rule uses some of it.
struct PuzzleRule {
    PuzzleRuleName name = PuzzleRuleName::None;
    MoveCount counts = MoveCount::Steps;  ///< slide
    int capacity = 4;                     ///< pour
    bool isNear = false;                  ///< pour: only between neighbours
    int collect = 10;                     ///< gather: a run of so many is taken away
    PuzzleGoal goal;
    SharedVector<QueuedStack> queue;  ///< gather
    bool operator==(const PuzzleRule&) const = default;
};

/// What a tally is at the start of a level.
struct TallyStart {
    std::string tally;
    int value = 0;
    bool operator==(const TallyStart&) const = default;
};

/// What a level of that kind is made of.
struct Puzzle {
    SlotBoard board;
    SharedVector<Slot> slotList;  ///< row by row; each address once
    SharedVector<Counter> counters;
    std::string roster;  ///< name of the project's list of counters that it has; empty = its own
    PuzzleRule rule;
    std::vector<TallyStart> tallies;
    UnknownKeys unknown;
    bool operator==(const Puzzle&) const = default;
};

/// Counters that several levels have, each where it likes.
struct RosterCounter {
    EntityId id;
    KindId kind;
    bool operator==(const RosterCounter&) const = default;
};
struct Roster {
    std::string name;
    std::vector<RosterCounter> counters;
    PxPoint park;  ///< where parked ones are in games
    UnknownKeys unknown;
    bool operator==(const Roster&) const = default;
};

/// A colour of stacks.
struct StackColor {
    std::string name;
    std::string title;
    std::string color = "#808080";
    UnknownKeys unknown;
    bool operator==(const StackColor&) const = default;
};
inline constexpr int maxRosters = 64;
inline constexpr int maxStackColors = 64;

}  // namespace rook::level
