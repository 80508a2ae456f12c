#pragma once
/// Answers after an edit that no body could notice.

#include "reach/verdict.h"

namespace rook::reach {

/// The answer to `now`, given that of `was`. Where nothing changed but cells that no visited body
/// comes near, and things that bodies do not notice, nothing is solved again: a tick looks no
/// farther than the step-up, or one px, beyond the places it visits, so every tick of every state
/// stays what it was. Exact; else as `answer` for `Extent::Sure`. Cost: the cells then, else a
/// solve, by the resolver if there is one.
[[nodiscard]] Answer answerAfter(const Query& was, const Answer& former, const Query& now,
                                 const Limits& limits = {}, Resolver* resolver = nullptr);

/// True if the states that are reached are the same in both, for that reason.
[[nodiscard]] bool isUnnoticed(const Query& was, const Answer& former, const Query& now);

}  // namespace rook::reach
