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

}  // namespace rook::game
