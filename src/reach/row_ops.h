#pragma once
/// The inner loops over rows of bits, compiled for wide instructions as well: the machine's own are
/// chosen when the program starts. Private to reach/. `n` is in words.

#include "base/bit_map.h"

namespace rook::reach {

using Word = BitMap::Word;

/// True if some bit is not in `known` yet.
[[nodiscard]] bool hasNew(const Word* bits, const Word* known, int n);
/// known |= bits, fresh |= those that are new.
void addNew(const Word* bits, Word* known, Word* fresh, int n);
/// target |= bits.
void orInto(Word* target, const Word* bits, int n);
/// One step of a fall: landed = current & floor; current = current & ~floor. True if any landed.
bool splitByFloor(Word* current, const Word* floor, Word* landed, int n);
/// current &= mask; true if any is left.
bool keepIn(Word* current, const Word* mask, int n);
/// sum |= to = from moved by one px (towards higher x, or lower) & mask. Reads one word beyond both
/// ends of `from`.
void spreadRight(const Word* from, const Word* mask, Word* to, Word* sum, int n);
void spreadLeft(const Word* from, const Word* mask, Word* to, Word* sum, int n);

}  // namespace rook::reach
