#include "level/level_kinds.h"

#include "base/assert.h"

namespace rook::level {

const LevelKindTraits& traitsOf(LevelKind kind) {
    static constexpr LevelKindTraits side{false, true, {}, 60, 34, "New level"};
    static constexpr LevelKindTraits above{false, false, {}, 60, 34, "New level from above"};
    static constexpr LevelKindTraits kit{true, false, {32, 32}, 24, 16, "New kit level"};
    switch (kind) {
        case LevelKind::Side:
            return side;
        case LevelKind::Above:
            return above;
        case LevelKind::Kit:
            return kit;
        case LevelKind::Puzzle:
            break;
    }
    ROOK_ASSERT(false, "no level is of that kind yet");
    return side;
}

}  // namespace rook::level
