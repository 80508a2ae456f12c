#pragma once
/// Other starts of a puzzle: from a placement in which its goal is met, so many chance moves
/// backwards, each kept only if it takes as many moves to solve as is wanted.

#include <vector>

#include "base/result.h"
#include "puzzle/solver.h"

namespace rook::puzzle {

struct MixWish {
    int moves = 40;        ///< backwards, 1 to 10,000
    int least = 8;         ///< moves that a start must take at least
    int most = 1'000'000;  ///< and at most
    int count = 1;         ///< starts, each another one
    int tries = 1000;      ///< at most
    std::uint64_t seed = 1;
    /// States looked at for each try; a start that needs more is left out.
    std::uint64_t mostStates = 300'000;
    const std::atomic<bool>* cancel = nullptr;
    /// Told from the caller's thread: tries made, and starts found.
    std::function<void(int tries, int found)> progress;
};

/// A start, and what it takes.
struct MixedStart {
    play::State state;
    int least = 0;
};

/// The placement in which the goal is met: the one of the board, or the end of its solution.
/// Errors: NotApplicable if it cannot be solved within the states of `options`.
[[nodiscard]] Result<play::State> solvedState(const play::Board& board,
                                              const SolveOptions& options);

/// Starts that differ, in the order in which they were found; fewer than wanted if the tries are
/// used up or one asked to stop. The same wish gives the same starts. Errors: NotApplicable for
/// `gather`, whose moves cannot be taken back, and for a state in which the goal is not met.
[[nodiscard]] Result<std::vector<MixedStart>> mix(const play::Board& board,
                                                  const play::State& solved, const MixWish& wish);

/// What could have led to this state by one move. Of `push` a step backwards or a pull.
[[nodiscard]] std::vector<play::State> statesBefore(const play::Board& board,
                                                    const play::State& state);

}  // namespace rook::puzzle
