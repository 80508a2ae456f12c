#include "level/puzzle.h"

#include <numeric>

namespace rook::level {

std::optional<std::string> flawOf(const SlotBoard& board) {
    const auto isApart = [](int size, bool isThreeQuarters, int gap) {
        return (isThreeQuarters ? 3 * size / 4 : size) + gap >= 1;
    };
    switch (board.arrangement) {
        case Arrangement::Free:
            return std::nullopt;
        case Arrangement::Rings:
            if (board.rings.empty()) return "A board of rings needs a ring";
            if (board.rings.size() > 1 && board.pitch < 1) return "Rings lie at least 1 px apart";
            return std::nullopt;
        case Arrangement::Square:
        case Arrangement::Hex:
            break;
    }
    const bool isHex = board.arrangement == Arrangement::Hex;
    const bool isAcross =
        isApart(board.slot.width, isHex && board.points == HexPoints::Side, board.gap.x);
    const bool isDown =
        isApart(board.slot.height, isHex && board.points == HexPoints::Up, board.gap.y);
    if (!isAcross || !isDown) return "From slot to slot it is at least 1 px";
    return std::nullopt;
}

}  // namespace rook::level
