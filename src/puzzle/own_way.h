#pragma once
/// How a counter gets to a slot by itself, for a click that says where to.

#include "puzzle/board.h"

namespace rook::puzzle {

/// The fewest moves of that counter alone after which one of its cells is on the slot; only the
/// last of them may push. Empty if there are none. Requires: the counter is on the
/// board, a rule of counters. Cost: the slots that it can get to, of which 4,096 are looked at.
[[nodiscard]] std::vector<play::Move> ownWay(const play::Board& board, const play::State& from,
                                             int counter, int slot);

}  // namespace rook::puzzle
