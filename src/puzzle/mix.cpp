#include "puzzle/mix.h"

#include <algorithm>
#include <set>

#include "base/random.h"

namespace rook::puzzle {

namespace {

using play::Board;
using play::Rule;
using play::State;

/// Slides go back by sliding, whatever the goal says.
void addSlidesBack(const Board& board, const State& state, std::vector<State>& before) {
    std::vector<play::Move> moves;
    play::detail::addSlides(board, state, moves);
    for (const play::Move& move : moves) {
        before.push_back(state);
        before.back().at[static_cast<std::size_t>(move.counter)] = move.to;
    }
}

/// The direction that leads back; of square boards with diagonals, those are told after the others.
int opposite(int direction, int directions) {
    if (directions == 6) return (direction + 3) % 6;
    return direction < 4 ? (direction + 2) % 4 : 4 + (direction - 4 + 2) % 4;
}

void addPulls(const Board& board, const State& state, std::vector<State>& before) {
    const std::vector<int> owners = play::detail::ownersOf(board, state);
    for (std::size_t i = 0; i < board.counters.size(); ++i) {
        if (state.at[i] < 0 || !board.counters[i].pushes) continue;
        for (int direction = 0; direction < board.directions; ++direction) {
            const int here = state.at[i];
            const int back =
                play::detail::nextOf(board, here, opposite(direction, board.directions));
            if (!play::detail::isPlain(board, state, back) ||
                owners[static_cast<std::size_t>(back)] >= 0)
                continue;
            State stepped = state;
            stepped.at[i] = back;
            before.push_back(stepped);
            const int ahead = play::detail::nextOf(board, here, direction);
            const int pulled = ahead < 0 ? -1 : owners[static_cast<std::size_t>(ahead)];
            if (pulled < 0 || !board.counters[static_cast<std::size_t>(pulled)].isPushed) continue;
            stepped.at[static_cast<std::size_t>(pulled)] = here;
            before.push_back(stepped);
        }
    }
}

/// Colours that pouring would bring back just as they are.
void addUnpours(const Board& board, const State& state, std::vector<State>& before) {
    const int count = static_cast<int>(board.slotList.size());
    for (int to = 0; to < count; ++to) {
        const play::Stack& full = state.stacks[static_cast<std::size_t>(to)];
        if (full.empty() || !play::detail::isPlain(board, state, to)) continue;
        const std::size_t run = play::detail::runOf(full);
        for (int from = 0; from < count; ++from) {
            const play::Stack& taker = state.stacks[static_cast<std::size_t>(from)];
            if (from == to || !play::detail::isPlain(board, state, from) ||
                (board.isOnlyNear && !play::detail::isNear(board, from, to)) ||
                (!taker.empty() && taker.back() == full.back()))
                continue;
            for (std::size_t flows = 1; flows <= run; ++flows) {
                const bool isBack = flows < run || flows == full.size();
                if (!isBack || taker.size() + flows > board.capacity) continue;
                State earlier = state;
                play::Stack& giver = earlier.stacks[static_cast<std::size_t>(to)];
                giver.resize(giver.size() - flows);
                play::Stack& stack = earlier.stacks[static_cast<std::size_t>(from)];
                stack.insert(stack.end(), flows, full.back());
                before.push_back(std::move(earlier));
            }
        }
    }
}

/// Pushes that are pulled back count more than steps: else most of a walk would be walking.
State oneBefore(const Board& board, const State& state, Random& random) {
    std::vector<State> before = statesBefore(board, state);
    if (before.empty()) return state;
    if (board.rule == Rule::Push && random.chance(70)) {
        std::vector<State> pulls;
        for (const State& each : before) {
            int moved = 0;
            for (std::size_t i = 0; i < each.at.size(); ++i)
                moved += each.at[i] != state.at[i] ? 1 : 0;
            if (moved > 1) pulls.push_back(each);
        }
        if (!pulls.empty()) before = std::move(pulls);
    }
    return before[static_cast<std::size_t>(random.between(0, static_cast<int>(before.size()) - 1))];
}

}  // namespace

std::vector<State> statesBefore(const Board& board, const State& state) {
    std::vector<State> before;
    if (board.rule == Rule::Slide) addSlidesBack(board, state, before);
    if (board.rule == Rule::Push) addPulls(board, state, before);
    if (board.rule == Rule::Pour) addUnpours(board, state, before);
    return before;
}

Result<State> solvedState(const Board& board, const SolveOptions& options) {
    SolveOptions limits = options;
    limits.stopsAtGoal = true;
    const Solution solution = solve(board, limits);
    if (solution.verdict != Solution::Verdict::Solved)
        return fail(ErrorKind::NotApplicable,
                    solution.verdict == Solution::Verdict::Impossible
                        ? "The level cannot be solved, so there is no solved placement to mix from"
                        : "No solved placement was found to mix from",
                    {}, "Place the counters as they are when the goal is met, and mix from there");
    State state = play::beginning(board);
    for (const play::Move& move : solution.moves)
        (void)play::apply(board, state, move);
    return state;
}

Result<std::vector<MixedStart>> mix(const Board& board, const State& solved, const MixWish& wish) {
    if (board.rule == Rule::None || board.rule == Rule::Gather)
        return fail(ErrorKind::NotApplicable,
                    board.rule == Rule::None ? "Without a rule there is nothing to mix"
                                             : "What was gathered cannot be taken back",
                    {}, "Mix levels of slide, push or pour");
    if (!play::isMet(board, solved))
        return fail(ErrorKind::NotApplicable, "The goal is not met in this placement", {},
                    "Mix from one in which it is");
    std::vector<MixedStart> found;
    SolveOptions options;
    options.mostStates = wish.mostStates;
    options.stopsAtGoal = true;
    options.usesTwoThreads = false;
    options.cancel = wish.cancel;
    for (int attempt = 0; attempt < wish.tries; ++attempt) {
        if (static_cast<int>(found.size()) >= wish.count || options.isCancelled()) break;
        Random random(Random(wish.seed).next() ^
                      static_cast<std::uint64_t>(attempt) * 0x9e3779b9ULL);
        MixedStart start{solved, 0};
        for (int move = 0; move < wish.moves && !options.isCancelled(); ++move)
            start.state = oneBefore(board, start.state, random);
        const bool isKnown = std::any_of(found.begin(), found.end(), [&](const MixedStart& other) {
            return other.state == start.state;
        });
        if (wish.progress) wish.progress(attempt + 1, static_cast<int>(found.size()));
        if (isKnown) continue;
        const Solution solution = solveFrom(board, start.state, options);
        if (solution.verdict != Solution::Verdict::Solved || solution.least < wish.least ||
            solution.least > wish.most)
            continue;
        start.least = solution.least;
        found.push_back(std::move(start));
    }
    return found;
}

}  // namespace rook::puzzle
