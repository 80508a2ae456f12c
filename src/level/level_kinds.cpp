#include "level/level_kinds.h"

#include "base/assert.h"

namespace rook::level {

const LevelKindTraits& traitsOf(LevelKind kind) {
    static constexpr LevelKindTraits side{false, true, {}, 60, 34, "New level"};
    static constexpr LevelKindTraits above{false, false, {}, 60, 34, "New level from above"};
    static constexpr LevelKindTraits kit{true, false, {32, 32}, 24, 16, "New kit level"};
    static constexpr LevelKindTraits puzzle{false, false, {8, 8}, 36, 36, "New puzzle level", true};
    switch (kind) {
        case LevelKind::Side:
            return side;
        case LevelKind::Above:
            return above;
        case LevelKind::Kit:
            return kit;
        case LevelKind::Puzzle:
            return puzzle;
    }
    ROOK_ASSERT(false, "a kind of level");
    return side;
}

}  // namespace rook::level
