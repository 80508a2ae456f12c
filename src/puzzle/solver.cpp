#include "puzzle/solver.h"

#include <algorithm>
#include <thread>

#include "base/assert.h"
#include "puzzle/search.h"

namespace rook::puzzle {

namespace {

constexpr std::uint64_t mostKept = std::uint64_t{256} << 20;  // bytes

/// The states that were reached, kept to be asked about. Holds a board of its own.
class Kept final : public Explored {
public:
    Kept(std::unique_ptr<const play::Board> board, std::unique_ptr<const Search> search)
        : m_board(std::move(board)), m_search(std::move(search)) {}
    std::optional<bool> isDead(const play::State& state) const override {
        const auto found = m_search->find(m_search->expander().packed(state));
        if (!found) return std::nullopt;
        return !m_search->isAlive(*found);
    }

private:
    std::unique_ptr<const play::Board> m_board;
    std::unique_ptr<const Search> m_search;
};

/// The moves along the states that lead to the goal: of each the first that there is.
std::vector<play::Move> movesTo(const play::Board& board, const play::State& from,
                                const Search& search, std::size_t goal) {
    std::vector<std::size_t> way;
    for (std::size_t at = goal; at != 0; at = search.parentOf(at))
        way.push_back(at);
    std::reverse(way.begin(), way.end());
    std::vector<play::Move> moves;
    play::State now = from;
    for (const std::size_t next : way) {
        const PackedState wanted = search.at(next);
        bool isFound = false;
        for (const play::Move& move : play::movesOf(board, now)) {
            play::State after = now;
            (void)play::apply(board, after, move);
            const std::vector<Word> packed = search.expander().packed(after);
            if (!std::equal(packed.begin(), packed.end(), wanted.begin(), wanted.end())) continue;
            moves.push_back(move);
            now = std::move(after);
            isFound = true;
            break;
        }
        ROOK_ASSERT(isFound, "a move leads from each state to the next");
    }
    return moves;
}

/// Moves of the solution that alone lead on to a goal.
int countOnlyWays(const play::Board& board, const play::State& from, const Search& search,
                  const std::vector<play::Move>& moves) {
    int only = 0;
    play::State now = from;
    for (const play::Move& move : moves) {
        int alive = 0;
        for (const play::Move& other : play::movesOf(board, now)) {
            play::State after = now;
            (void)play::apply(board, after, other);
            const auto found = search.find(search.expander().packed(after));
            alive += found && search.isAlive(*found) ? 1 : 0;
        }
        only += alive == 1 ? 1 : 0;
        (void)play::apply(board, now, move);
    }
    return only;
}

std::vector<std::vector<PlaceFigures>> countPlaces(const play::Board& board, const Search& search,
                                                   const std::atomic<bool>* cancel) {
    const auto groups = static_cast<std::size_t>(search.expander().groups());
    if (groups == 0) return {};
    std::vector<std::vector<PlaceFigures>> byGroup(
        groups, std::vector<PlaceFigures>(board.slotList.size()));
    for (std::size_t n = 0; n < search.count(); ++n) {
        if (n % 4096 == 0 && cancel && *cancel) return {};
        const bool isDead = !search.isAlive(n);
        search.expander().forEachPlace(search.at(n), [&](int group, int slot) {
            PlaceFigures& figures =
                byGroup[static_cast<std::size_t>(group)][static_cast<std::size_t>(slot)];
            ++figures.states;
            figures.dead += isDead ? 1 : 0;
        });
    }
    std::vector<std::vector<PlaceFigures>> places;
    for (std::size_t i = 0; i < board.counters.size(); ++i) {
        const int group = search.expander().groupOf(static_cast<int>(i));
        places.push_back(group < 0 ? std::vector<PlaceFigures>(board.slotList.size())
                                   : byGroup[static_cast<std::size_t>(group)]);
    }
    return places;
}

/// Much memory takes long to be given back: not while somebody waits.
void letGo(std::unique_ptr<play::Board> board, std::unique_ptr<Search> search) {
    if (search->bytes() < std::uint64_t{16} << 20) return;
    std::thread([kept = std::move(board), former = std::move(search)]() mutable {
        former.reset();
    }).detach();
}

}  // namespace

Solution solve(const play::Board& board, const SolveOptions& options) {
    return solveFrom(board, play::beginning(board), options);
}

Solution solveFrom(const play::Board& board, const play::State& from, const SolveOptions& options) {
    ROOK_ASSERT(board.rule != play::Rule::None, "a rule to solve by");
    Solution solution;
    auto own = std::make_unique<play::Board>(board);
    SolveOptions limits = options;
    limits.mostStates = std::min<std::uint64_t>(options.mostStates, std::uint64_t{1} << 31);
    auto search = std::make_unique<Search>(*own, from, limits);
    search->run();
    const auto end = [&](Solution::Verdict verdict) {
        solution.verdict = verdict;
        letGo(std::move(own), std::move(search));
        return std::move(solution);
    };
    solution.states = search->count();
    solution.depth = search->depthOf(search->count() - 1);
    if (search->isCancelled()) return end(Solution::Verdict::Cancelled);
    solution.isWhole = search->isWhole();
    solution.sequences = search->countSequences();
    if (const auto goal = search->goal()) {
        solution.verdict = Solution::Verdict::Solved;
        solution.moves = movesTo(*own, from, *search, *goal);
        solution.least = static_cast<int>(solution.moves.size());
    }
    if (!solution.isWhole)
        return end(search->goal() ? Solution::Verdict::Solved : Solution::Verdict::NotDecided);
    if (!search->findDead()) return end(Solution::Verdict::Cancelled);
    for (std::size_t n = 0; n < search->count(); ++n)
        solution.dead += search->isAlive(n) ? 0 : 1;
    solution.onlyWays = countOnlyWays(*own, from, *search, solution.moves);
    solution.places = countPlaces(*own, *search, options.cancel);
    if (limits.isCancelled()) return end(Solution::Verdict::Cancelled);
    solution.verdict = search->goal() ? Solution::Verdict::Solved : Solution::Verdict::Impossible;
    search->forgetWays();
    if (search->bytes() > mostKept) return end(solution.verdict);
    solution.explored = std::make_shared<Kept>(std::move(own), std::move(search));
    return solution;
}

}  // namespace rook::puzzle
