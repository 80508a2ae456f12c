#pragma once
/// Whether, and in how few moves, the goal of a puzzle is met: breadth first over all states
/// (E. F. Moore, The shortest path through a maze, 1957), so the least number of moves is exact.
/// Then, backwards from the goals, which states are dead: nothing leads on from them to a goal.
///
/// Equal counters (of one kind and turn, named by no goal) stand for each other. States are counted
/// up to that, unless `isDistinct` is asked for.

#include <functional>
#include <memory>

#include "puzzle/board.h"

namespace rook::puzzle {

struct SolveOptions {
    std::uint64_t mostStates = 20'000'000;
    std::uint64_t mostBytes = std::uint64_t{3} << 29;  ///< 1.5 GiB
    bool isDistinct = false;     ///< equal counters do not stand for each other
    bool stopsAtGoal = false;    ///< the least number alone; of the rest nothing is said
    bool usesTwoThreads = true;  ///< one more than the caller's
    const std::atomic<bool>* cancel = nullptr;  ///< seen within 5 ms; may be null
    /// Told from the caller's thread, now and then: states found, and moves from the start.
    std::function<void(std::uint64_t states, int depth)> progress;

    [[nodiscard]] bool isCancelled() const { return cancel && *cancel; }
};

/// What is kept to ask about other states. Any thread may ask.
class Explored {
public:
    virtual ~Explored() = default;
    /// The goal can no longer be reached from there; none for a state that was never reached.
    [[nodiscard]] virtual std::optional<bool> isDead(const play::State& state) const = 0;
};

/// Of the states in which a counter (or one that stands for it) is on a slot: how many, and how
/// many of them are dead.
struct PlaceFigures {
    std::uint64_t states = 0;
    std::uint64_t dead = 0;
};

struct Solution {
    /// The goal is met by `moves`; no state meets it, all were seen; neither was found within the
    /// limits; or one asked to stop.
    enum class Verdict : unsigned char { Solved, Impossible, NotDecided, Cancelled };
    Verdict verdict = Verdict::NotDecided;
    int least = 0;                  ///< moves, if it is solved
    std::vector<play::Move> moves;  ///< that many; they replay
    std::uint64_t states = 0;       ///< that were reached
    int depth = 0;                  ///< moves from the start to the farthest of them
    bool isWhole = false;           ///< all states were seen: what follows is known
    std::uint64_t dead = 0;
    int onlyWays = 0;  ///< moves of the told solution that alone keep the goal reachable
    /// Different sequences of the least number of moves; 2^63 stands for more. Known if solved.
    std::uint64_t sequences = 0;               ///< 0 = not known
    std::shared_ptr<const Explored> explored;  ///< if whole and no more than 256 MiB
    /// By counter and slot, if whole and the board has counters; [counter][slot].
    std::vector<std::vector<PlaceFigures>> places;
};

/// From the start of the board, or from `from`. Requires: a board with a rule. Cost: the states
/// that are reached, times the moves of each; `mostBytes` at most.
[[nodiscard]] Solution solve(const play::Board& board, const SolveOptions& options = {});
[[nodiscard]] Solution solveFrom(const play::Board& board, const play::State& from,
                                 const SolveOptions& options = {});

}  // namespace rook::puzzle
