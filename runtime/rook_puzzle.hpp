#pragma once
/// Puzzle levels: which moves there are, what a move does, and whether the goal is met. C++17,
/// needs nothing but the standard library; one state is a plain value, so taking a move back is
/// keeping the state before it. docs/puzzle.md tells the rules in words.
// Long because games copy one file for the rules of puzzles.

#include <algorithm>
#include <cstddef>
#include <cstdint>
#include <deque>
#include <string>
#include <utility>
#include <vector>

namespace rook::runtime::puzzle {

enum class Rule : unsigned char { None, Slide, Push, Pour, Gather };
enum class SlotState : unsigned char { Plain, Blocked, Gone, Locked };

/// Place in the list of colours that the level uses, from 1.
using Color = unsigned char;
/// From the bottom up.
using Stack = std::vector<Color>;

struct Slot {
    SlotState state = SlotState::Plain;
    int tally = -1;          ///< of a locked one, what pays for it: place in `Board::tallies`
    std::int64_t price = 0;  ///< of a locked one
    Stack stack;             ///< at the start
    /// The slot next to it in each direction, -1 where there is none. Of rings: its neighbours in
    /// their order, and there are no directions.
    std::vector<int> next;

    bool operator==(const Slot& o) const {
        return state == o.state && tally == o.tally && price == o.price && stack == o.stack &&
               next == o.next;
    }
};

struct Counter {
    std::string id;
    std::string kind;
    int slot = -1;  ///< at the start, of its first cell; -1 = parked
    int turn = 0;   ///< quarter turns, clockwise
    /// The cells that it stands on, columns and rows from the first, as it is turned.
    std::vector<std::pair<int, int>> cells{{0, 0}};
    std::uint32_t slides = ~0u;  ///< a bit for each direction that it may slide in
    bool pushes = false;         ///< the player moves it
    bool isPushed = false;       ///< it can be pushed

    bool operator==(const Counter& o) const {
        return id == o.id && kind == o.kind && slot == o.slot && turn == o.turn &&
               cells == o.cells && slides == o.slides && pushes == o.pushes &&
               isPushed == o.isPushed;
    }
};

/// A counter that has to get to one of some slots.
struct SlideGoal {
    int counter = 0;
    std::vector<char> marked;  ///< for each slot, 1 if it is one of them

    bool operator==(const SlideGoal& o) const { return counter == o.counter && marked == o.marked; }
};

/// What does not change while one plays, and how one begins.
struct Board {
    Rule rule = Rule::None;
    int columns = 0;  ///< of square boards: slot (c, r) is number r * columns + c
    int rows = 0;
    int directions = 0;  ///< 0 on rings
    std::vector<Slot> slotList;
    std::vector<Counter> counters;

    bool slidesFar = false;  ///< slide: any number of slots is one move
    std::vector<SlideGoal> goals;
    std::vector<int> targets;    ///< push: slots that must hold a pushed counter
    std::vector<char> fits;      ///< push: for each counter, 1 if it is of the kind that is meant
    std::size_t capacity = 4;    ///< pour: of a stack
    bool isOnlyNear = false;     ///< pour: neighbours alone
    std::size_t collect = 0;     ///< gather: length of a run that is taken away
    std::vector<Stack> queue;    ///< gather: what is to be put, the first first
    int goalTally = -1;          ///< gather: place in `tallies`
    std::int64_t goalCount = 0;  ///< gather: what it must get to
    std::vector<std::int64_t> tallies;  ///< at the start

    /// Number of the slot in that column and row of a square board; -1 outside.
    int slotAt(int column, int row) const {
        return column < 0 || row < 0 || column >= columns || row >= rows ? -1
                                                                         : row * columns + column;
    }
    bool operator==(const Board& o) const {
        return rule == o.rule && columns == o.columns && rows == o.rows &&
               directions == o.directions && slotList == o.slotList && counters == o.counters &&
               slidesFar == o.slidesFar && goals == o.goals && targets == o.targets &&
               fits == o.fits && capacity == o.capacity && isOnlyNear == o.isOnlyNear &&
               collect == o.collect && queue == o.queue && goalTally == o.goalTally &&
               goalCount == o.goalCount && tallies == o.tallies;
    }
    bool isOfStacks() const { return rule == Rule::Pour || rule == Rule::Gather; }
};

/// Where one is in a game.
struct State {
    std::vector<int> at;        ///< slot of each counter's first cell; -1 = parked
    std::vector<Stack> stacks;  ///< of each slot; empty unless the rule is of stacks
    std::vector<char> isOpen;   ///< of each slot: a locked one that was opened
    std::size_t isPut = 0;      ///< how many of the queue are
    std::vector<std::int64_t> tallies;

    bool operator==(const State& o) const {
        return at == o.at && stacks == o.stacks && isOpen == o.isOpen && isPut == o.isPut &&
               tallies == o.tallies;
    }
};

struct Move {
    enum class Sort : unsigned char {
        Step,  ///< `counter` goes `distance` slots in `direction`
        Pour,  ///< from the stack of `from` to that of `to`
        Put,   ///< the first of the queue on `to`
        Open,  ///< the locked slot `to`
    };
    Sort sort = Sort::Step;
    int counter = -1;
    int direction = -1;
    int distance = 0;
    int from = -1;
    int to = -1;

    bool operator==(const Move& o) const {
        return sort == o.sort && counter == o.counter && direction == o.direction &&
               distance == o.distance && from == o.from && to == o.to;
    }
};

inline State beginning(const Board& board) {
    State state;
    for (const Counter& counter : board.counters)
        state.at.push_back(counter.slot);
    state.tallies = board.tallies;
    if (!board.isOfStacks()) return state;
    for (const Slot& slot : board.slotList)
        state.stacks.push_back(slot.stack);
    state.isOpen.assign(board.slotList.size(), 0);
    return state;
}

namespace detail {

inline bool isPlain(const Board& board, const State& state, int slot) {
    if (slot < 0) return false;
    const auto at = static_cast<std::size_t>(slot);
    return board.slotList[at].state == SlotState::Plain ||
           (!state.isOpen.empty() && state.isOpen[at] != 0);
}

/// The slots that a counter covers with its first cell there; empty if one is not plain.
inline std::vector<int> covered(const Board& board, const State& state, const Counter& counter,
                                int first) {
    std::vector<int> under;
    for (const auto& [dx, dy] : counter.cells) {
        const int slot = counter.cells.size() == 1
                             ? first
                             : board.slotAt(first % board.columns + dx, first / board.columns + dy);
        if (!isPlain(board, state, slot)) return {};
        under.push_back(slot);
    }
    return under;
}

/// Which counter stands on each slot; -1 = none. Counters may stand where they cannot be only if
/// the board was not checked.
inline std::vector<int> ownersOf(const Board& board, const State& state) {
    std::vector<int> owners(board.slotList.size(), -1);
    for (std::size_t i = 0; i < board.counters.size(); ++i) {
        if (state.at[i] < 0) continue;
        for (const int slot : covered(board, state, board.counters[i], state.at[i]))
            owners[static_cast<std::size_t>(slot)] = static_cast<int>(i);
    }
    return owners;
}

inline int nextOf(const Board& board, int slot, int direction) {
    return board.slotList[static_cast<std::size_t>(slot)].next[static_cast<std::size_t>(direction)];
}

/// The counter may stand with its first cell there, as far as others go.
inline bool hasRoom(const Board& board, const State& state, const std::vector<int>& owners,
                    std::size_t counter, int first) {
    if (first < 0) return false;
    const std::vector<int> under = covered(board, state, board.counters[counter], first);
    return !under.empty() && std::all_of(under.begin(), under.end(), [&](int slot) {
        const int owner = owners[static_cast<std::size_t>(slot)];
        return owner < 0 || owner == static_cast<int>(counter);
    });
}

inline void addSlides(const Board& board, const State& state, std::vector<Move>& moves) {
    const std::vector<int> owners = ownersOf(board, state);
    for (std::size_t i = 0; i < board.counters.size(); ++i) {
        if (state.at[i] < 0) continue;
        for (int direction = 0; direction < board.directions; ++direction) {
            if (!(board.counters[i].slides >> direction & 1)) continue;
            int at = state.at[i];
            for (int distance = 1; distance == 1 || board.slidesFar; ++distance) {
                at = nextOf(board, at, direction);
                if (!hasRoom(board, state, owners, i, at)) break;
                moves.push_back(
                    {Move::Sort::Step, static_cast<int>(i), direction, distance, -1, at});
            }
        }
    }
}

/// The counter that is pushed by a step to `to`; -1 = none, -2 = the step is barred.
inline int pushedBy(const Board& board, const State& state, const std::vector<int>& owners, int to,
                    int direction) {
    if (!isPlain(board, state, to)) return -2;
    const int owner = owners[static_cast<std::size_t>(to)];
    if (owner < 0) return -1;
    const int beyond = nextOf(board, to, direction);
    const bool isFree =
        isPlain(board, state, beyond) && owners[static_cast<std::size_t>(beyond)] < 0;
    return board.counters[static_cast<std::size_t>(owner)].isPushed && isFree ? owner : -2;
}

inline void addPushes(const Board& board, const State& state, std::vector<Move>& moves) {
    const std::vector<int> owners = ownersOf(board, state);
    for (std::size_t i = 0; i < board.counters.size(); ++i) {
        if (state.at[i] < 0 || !board.counters[i].pushes) continue;
        for (int direction = 0; direction < board.directions; ++direction) {
            const int to = nextOf(board, state.at[i], direction);
            if (pushedBy(board, state, owners, to, direction) != -2)
                moves.push_back({Move::Sort::Step, static_cast<int>(i), direction, 1, -1, to});
        }
    }
}

/// How many of one colour lie on top.
inline std::size_t runOf(const Stack& stack) {
    std::size_t run = 0;
    while (run < stack.size() && stack[stack.size() - 1 - run] == stack.back())
        ++run;
    return run;
}

inline bool isNear(const Board& board, int from, int to) {
    const std::vector<int>& next = board.slotList[static_cast<std::size_t>(from)].next;
    return std::find(next.begin(), next.end(), to) != next.end();
}

inline bool canPour(const Board& board, const State& state, int from, int to) {
    if (from == to || !isPlain(board, state, from) || !isPlain(board, state, to)) return false;
    const Stack& a = state.stacks[static_cast<std::size_t>(from)];
    const Stack& b = state.stacks[static_cast<std::size_t>(to)];
    if (a.empty() || (board.isOnlyNear && !isNear(board, from, to))) return false;
    return b.empty() || (b.back() == a.back() && b.size() < board.capacity);
}

inline void addPours(const Board& board, const State& state, std::vector<Move>& moves) {
    const int count = static_cast<int>(board.slotList.size());
    for (int from = 0; from < count; ++from)
        for (int to = 0; to < count; ++to)
            if (canPour(board, state, from, to))
                moves.push_back({Move::Sort::Pour, -1, -1, 0, from, to});
}

inline bool canPut(const Board& board, const State& state, int slot) {
    return state.isPut < board.queue.size() && isPlain(board, state, slot) &&
           state.stacks[static_cast<std::size_t>(slot)].empty();
}

inline bool canOpen(const Board& board, const State& state, int slot) {
    if (slot < 0) return false;
    const Slot& locked = board.slotList[static_cast<std::size_t>(slot)];
    return locked.state == SlotState::Locked && state.isOpen[static_cast<std::size_t>(slot)] == 0 &&
           locked.tally >= 0 &&
           state.tallies[static_cast<std::size_t>(locked.tally)] >= locked.price;
}

inline void addGathering(const Board& board, const State& state, std::vector<Move>& moves) {
    const int count = static_cast<int>(board.slotList.size());
    for (int slot = 0; slot < count; ++slot)
        if (canPut(board, state, slot)) moves.push_back({Move::Sort::Put, -1, -1, 0, -1, slot});
    for (int slot = 0; slot < count; ++slot)
        if (canOpen(board, state, slot)) moves.push_back({Move::Sort::Open, -1, -1, 0, -1, slot});
}

inline bool isOneColor(const Stack& stack) {
    return runOf(stack) == stack.size();
}

/// Runs flow together and are taken away until nothing more changes. It ends, as each flow and each
/// taking leaves one run less.
inline void settle(const Board& board, State& state, int first) {
    std::deque<int> waiting{first};
    while (!waiting.empty()) {
        const int s = waiting.front();
        waiting.pop_front();
        Stack& own = state.stacks[static_cast<std::size_t>(s)];
        if (own.empty()) continue;
        const Color color = own.back();
        const std::size_t run = runOf(own);
        if (run >= board.collect) {
            own.resize(own.size() - run);
            state.tallies[static_cast<std::size_t>(board.goalTally)] +=
                static_cast<std::int64_t>(run);
            waiting.push_back(s);
            continue;
        }
        const std::vector<int>& next = board.slotList[static_cast<std::size_t>(s)].next;
        const auto other = std::find_if(next.begin(), next.end(), [&](int n) {
            if (!isPlain(board, state, n)) return false;
            const Stack& stack = state.stacks[static_cast<std::size_t>(n)];
            return !stack.empty() && stack.back() == color;
        });
        if (other == next.end()) continue;
        Stack& theirs = state.stacks[static_cast<std::size_t>(*other)];
        const bool isOwnPure = isOneColor(own), isTheirsPure = isOneColor(theirs);
        const bool isTakerOwn = isOwnPure != isTheirsPure ? isOwnPure : run >= runOf(theirs);
        Stack& taker = isTakerOwn ? own : theirs;
        Stack& giver = isTakerOwn ? theirs : own;
        const std::size_t flows = runOf(giver);
        taker.insert(taker.end(), flows, color);
        giver.resize(giver.size() - flows);
        waiting.push_back(isTakerOwn ? s : *other);
        waiting.push_back(isTakerOwn ? *other : s);
    }
}

inline bool step(const Board& board, State& state, const Move& move) {
    const auto i = static_cast<std::size_t>(move.counter);
    if (move.counter < 0 || i >= board.counters.size() || state.at[i] < 0 || move.direction < 0 ||
        move.direction >= board.directions || move.distance < 1)
        return false;
    const std::vector<int> owners = ownersOf(board, state);
    if (board.rule == Rule::Slide) {
        if (!(board.counters[i].slides >> move.direction & 1)) return false;
        if (move.distance > 1 && !board.slidesFar) return false;
        int at = state.at[i];
        for (int n = 0; n < move.distance; ++n) {
            at = nextOf(board, at, move.direction);
            if (!hasRoom(board, state, owners, i, at)) return false;
        }
        state.at[i] = at;
        return true;
    }
    if (board.rule != Rule::Push || !board.counters[i].pushes || move.distance != 1) return false;
    const int to = nextOf(board, state.at[i], move.direction);
    const int pushed = pushedBy(board, state, owners, to, move.direction);
    if (pushed == -2) return false;
    if (pushed >= 0) state.at[static_cast<std::size_t>(pushed)] = nextOf(board, to, move.direction);
    state.at[i] = to;
    return true;
}

inline bool isKnown(const Board& board, int slot) {
    return slot >= 0 && slot < static_cast<int>(board.slotList.size());
}

}  // namespace detail

/// Cost: the counters, or the slots.
inline bool isMet(const Board& board, const State& state) {
    switch (board.rule) {
        case Rule::None:
            return false;
        case Rule::Slide:
            return std::all_of(board.goals.begin(), board.goals.end(), [&](const SlideGoal& goal) {
                const int at = state.at[static_cast<std::size_t>(goal.counter)];
                return at >= 0 && goal.marked[static_cast<std::size_t>(at)] != 0;
            });
        case Rule::Push:
            return std::all_of(board.targets.begin(), board.targets.end(), [&](int target) {
                for (std::size_t i = 0; i < board.counters.size(); ++i)
                    if (state.at[i] == target && board.counters[i].isPushed && board.fits[i] != 0)
                        return true;
                return false;
            });
        case Rule::Pour: {
            bool isSeen[256] = {};
            for (std::size_t i = 0; i < board.slotList.size(); ++i) {
                const Stack& stack = state.stacks[i];
                if (stack.empty() || !detail::isPlain(board, state, static_cast<int>(i))) continue;
                if (!detail::isOneColor(stack) || isSeen[stack.back()]) return false;
                isSeen[stack.back()] = true;
            }
            return true;
        }
        case Rule::Gather:
            return board.goalTally >= 0 &&
                   state.tallies[static_cast<std::size_t>(board.goalTally)] >= board.goalCount;
    }
    return false;
}

/// All moves that there are, in the order in which they are told: counters as listed, directions in
/// order, nearer slides first; slots row by row, putting before opening. None once the goal is met.
inline std::vector<Move> movesOf(const Board& board, const State& state) {
    std::vector<Move> moves;
    if (isMet(board, state)) return moves;
    if (board.rule == Rule::Slide) detail::addSlides(board, state, moves);
    if (board.rule == Rule::Push) detail::addPushes(board, state, moves);
    if (board.rule == Rule::Pour) detail::addPours(board, state, moves);
    if (board.rule == Rule::Gather) detail::addGathering(board, state, moves);
    return moves;
}

/// Makes the move; false, with the state as it was, if there is no such move.
inline bool apply(const Board& board, State& state, const Move& move) {
    if (isMet(board, state)) return false;
    const bool isOfStacks = board.isOfStacks() && detail::isKnown(board, move.to);
    switch (move.sort) {
        case Move::Sort::Step:
            return detail::step(board, state, move);
        case Move::Sort::Pour: {
            if (!isOfStacks || board.rule != Rule::Pour || !detail::isKnown(board, move.from) ||
                !detail::canPour(board, state, move.from, move.to))
                return false;
            Stack& from = state.stacks[static_cast<std::size_t>(move.from)];
            Stack& to = state.stacks[static_cast<std::size_t>(move.to)];
            const std::size_t flows = std::min(detail::runOf(from), board.capacity - to.size());
            to.insert(to.end(), flows, from.back());
            from.resize(from.size() - flows);
            return true;
        }
        case Move::Sort::Put:
            if (!isOfStacks || board.rule != Rule::Gather || !detail::canPut(board, state, move.to))
                return false;
            state.stacks[static_cast<std::size_t>(move.to)] = board.queue[state.isPut++];
            break;
        case Move::Sort::Open: {
            if (!isOfStacks || board.rule != Rule::Gather ||
                !detail::canOpen(board, state, move.to))
                return false;
            const Slot& locked = board.slotList[static_cast<std::size_t>(move.to)];
            state.tallies[static_cast<std::size_t>(locked.tally)] -= locked.price;
            state.isOpen[static_cast<std::size_t>(move.to)] = 1;
            break;
        }
    }
    detail::settle(board, state, move.to);
    return true;
}

enum class Outcome : unsigned char { GoesOn, Won, Lost };

/// Lost: the goal is not met and no move is left. That it can no longer be met is for a solver.
inline Outcome outcomeOf(const Board& board, const State& state) {
    if (isMet(board, state)) return Outcome::Won;
    return movesOf(board, state).empty() ? Outcome::Lost : Outcome::GoesOn;
}

}  // namespace rook::runtime::puzzle
