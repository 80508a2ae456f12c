#pragma once
/// The search itself, as solver.h tells it; private to this folder.

#include "puzzle/expander.h"
#include "puzzle/solver.h"

namespace rook::puzzle {

/// All that is known of the states that were reached.
class Search {
public:
    Search(const play::Board& board, const play::State& from, const SolveOptions& options);
    ~Search();
    Search(const Search&) = delete;
    Search& operator=(const Search&) = delete;

    /// Goes on until all is seen, a limit is met, or one asks to stop.
    void run();
    /// Marks the states from which a goal can be reached. Requires: all were seen. False if one
    /// asked to stop.
    [[nodiscard]] bool findDead();

    [[nodiscard]] std::size_t count() const { return m_store.count(); }
    [[nodiscard]] PackedState at(std::size_t n) const { return m_store.at(n); }
    [[nodiscard]] bool isWhole() const { return m_isWhole; }
    [[nodiscard]] bool isCancelled() const { return m_isCancelled; }
    [[nodiscard]] std::optional<std::size_t> goal() const { return m_goal; }
    [[nodiscard]] int depthOf(std::size_t n) const;
    [[nodiscard]] std::size_t parentOf(std::size_t n) const { return m_parents[n]; }
    [[nodiscard]] bool isAlive(std::size_t n) const { return m_isAlive[n] != 0; }
    /// Sequences of moves that lead to a goal, as short as can be; 2^63 = that many, or more. 0 if
    /// not all of them were seen, or one asked to stop.
    [[nodiscard]] std::uint64_t countSequences();
    [[nodiscard]] std::optional<std::size_t> find(PackedState state) const;
    [[nodiscard]] const Expander& expander() const { return *m_expander; }
    Expander& expander() { return *m_expander; }
    [[nodiscard]] std::uint64_t bytes() const;
    /// What only the search itself needed goes.
    void forgetWays();

private:
    struct Batch {
        std::size_t first = 0;
        std::size_t last = 0;
        std::vector<char> isGoal;  ///< of each; while others are taken in, lists grow
        Successors successors;
    };
    class Helper;
    void expand(Batch& batch);
    void add(const Batch& batch);
    void addOne(const Batch& batch, std::size_t n, std::size_t parent);
    void endLevel();
    bool mayGoOn(std::size_t more);
    bool sweep(bool isBackwards, bool& hasChanged);
    bool sweepAnew(bool& hasChanged);
    [[nodiscard]] bool isStopped() const { return m_options.cancel && *m_options.cancel; }

    const SolveOptions m_options;
    std::unique_ptr<Expander> m_expander;
    StateStore m_store;
    StateIndex m_index;
    GrowingList<std::uint32_t> m_parents;
    GrowingList<char> m_isGoal;
    GrowingList<char> m_isAlive;
    std::vector<std::size_t> m_levelEnds;  ///< states of up to n moves
    std::size_t m_expanded = 0;            ///< states of which all that follows was asked for
    std::size_t m_levelEnd = 1;            ///< of the level whose states are expanded
    std::optional<std::size_t> m_goal;
    int m_goalDepth = -1;
    bool m_isWhole = false;
    bool m_isFull = false;
    bool m_isCancelled = false;

    // What follows from each state, unless moves can be taken back or there is no room for it.
    bool m_keepsWays = true;
    GrowingList<std::uint32_t> m_ways;
    GrowingList<std::uint32_t> m_wayCounts;
};

}  // namespace rook::puzzle
