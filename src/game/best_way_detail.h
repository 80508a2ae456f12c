#pragma once
/// What several ways of winning come to. Private to game/.

#include <algorithm>
#include <vector>

#include "game/winning.h"

namespace rook::game {

/// The best of some: one *yes* is enough, and *no* only if all are.
inline Decided bestOf(const std::vector<WayOut>& ways) {
    const auto isAny = [&](Decided can) {
        return std::any_of(ways.begin(), ways.end(), [&](const WayOut& w) { return w.can == can; });
    };
    return isAny(Decided::Yes)       ? Decided::Yes
           : isAny(Decided::Unknown) ? Decided::Unknown
                                     : Decided::No;
}

/// What the ways of a level come to: whether it can be won, and why not.
inline Winning concluded(Winning winning) {
    winning.can = bestOf(winning.ways);
    for (const WayOut& way : winning.ways)
        if (winning.can != Decided::Yes && way.can == winning.can && winning.why.empty())
            winning.why = way.why;
    return winning;
}

inline Winning cancelledWinning() {
    Winning winning;
    winning.why = "it was cancelled";
    winning.isWhole = false;
    return winning;
}

}  // namespace rook::game
