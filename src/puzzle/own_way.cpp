#include "puzzle/own_way.h"

#include <algorithm>

namespace rook::puzzle {

namespace {

constexpr std::size_t mostPlaces = 4096;

struct OwnMove {
    play::Move move;
    bool isPushing;
};

/// All moves of the counter, in the order in which they are told. `others`: who stands where,
/// without it.
std::vector<OwnMove> ownMoves(const play::Board& board, const play::State& state,
                              const std::vector<int>& others, std::size_t counter) {
    const bool isPush = board.rule == play::Rule::Push;
    const play::Counter& own = board.counters[counter];
    std::vector<OwnMove> moves;
    if (isPush && !own.pushes) return moves;
    for (int direction = 0; direction < board.directions; ++direction) {
        if (!isPush && !(own.slides >> direction & 1)) continue;
        int at = state.at[counter];
        for (int distance = 1; distance == 1 || (board.slidesFar && !isPush); ++distance) {
            at = play::detail::nextOf(board, at, direction);
            bool isPushing = false;
            if (isPush) {
                const int pushed = play::detail::pushedBy(board, state, others, at, direction);
                if (pushed == -2) break;
                isPushing = pushed >= 0;
            } else if (!play::detail::hasRoom(board, state, others, counter, at)) {
                break;
            }
            moves.push_back(
                {{play::Move::Sort::Step, static_cast<int>(counter), direction, distance, -1, at},
                 isPushing});
        }
    }
    return moves;
}

}  // namespace

std::vector<play::Move> ownWay(const play::Board& board, const play::State& from, int counter,
                               int slot) {
    struct Reached {
        int at;
        std::size_t before;
        play::Move move;
    };
    const auto own = static_cast<std::size_t>(counter);
    play::State state = from;
    state.at[own] = -1;
    const std::vector<int> others = play::detail::ownersOf(board, state);
    std::vector<Reached> reached{{from.at[own], 0, {}}};
    std::vector<char> isKnown(board.slotList.size(), 0);
    isKnown[static_cast<std::size_t>(from.at[own])] = 1;
    for (std::size_t n = 0; n < reached.size() && n < mostPlaces; ++n) {
        state.at[own] = reached[n].at;
        // Who has met the goal makes no more moves.
        if (play::isMet(board, state)) continue;
        for (const auto& [move, isPushing] : ownMoves(board, state, others, own)) {
            const std::vector<int> under =
                play::detail::covered(board, state, board.counters[own], move.to);
            char& isOld = isKnown[static_cast<std::size_t>(move.to)];
            if (std::find(under.begin(), under.end(), slot) != under.end()) {
                std::vector<play::Move> moves{move};
                for (std::size_t at = n; at > 0; at = reached[at].before)
                    moves.push_back(reached[at].move);
                std::reverse(moves.begin(), moves.end());
                return moves;
            }
            if (isPushing || isOld != 0) continue;
            isOld = 1;
            reached.push_back({move.to, n, move});
        }
    }
    return {};
}

}  // namespace rook::puzzle
