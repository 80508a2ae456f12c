/// Slots of puzzle levels: what their files hold in a way of their own.

#include <algorithm>

#include "base/limits.h"
#include "file/described_detail.h"

namespace rook::file {

using namespace level;

void readByHand(ObjectReader& reader, FileContext&, Slot& slot, std::string_view key) {
    slot.fields = readNamedValues(reader, key);
}

void writeByHand(Json& json, const FileContext&, const Slot& slot, std::string_view key) {
    addNamedValues(json, key, slot.fields);
}

/// What geometry asks for: slots that lie apart, and no more of them than a level may have.
void checkFurther(ObjectReader& reader, const FileContext&, Puzzle& puzzle) {
    puzzle.slotList.edit([](auto& slots) {
        std::sort(slots.begin(), slots.end(), [](const Slot& a, const Slot& b) {
            return std::pair(a.at.y, a.at.x) < std::pair(b.at.y, b.at.x);
        });
    });
    const SlotBoard& board = puzzle.board;
    const std::string where = reader.whereOf("board");
    if (const auto flaw = flawOf(board))
        failReading(ErrorKind::OutOfRange, *flaw, where, "Give other numbers");
}

}  // namespace rook::file
