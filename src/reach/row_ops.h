#pragma once
/// The inner loops over rows of bits, compiled for wide instructions as well: the machine's own are
/// chosen when the program starts. Private to reach/. `n` is in words.

#include <cstddef>

#include "base/bit_map.h"

namespace rook::reach {

using Word = BitMap::Word;

[[nodiscard]] std::int64_t countBits(const Word* bits, int n);
/// target |= bits.
void orInto(Word* target, const Word* bits, int n);
/// current |= all that lies up to `px` px to either side of it, as far as `mask` goes. The scratch
/// rows `right` and `left` are written, as far as one word beyond both ends.
void spreadBoth(Word* current, const Word* mask, Word* right, Word* left, int px, int n);

/// The maps that a flight meets, from the words of its first row on; rows are `stride` words apart.
struct FlightRows {
    const Word* stop = nullptr;  ///< places at which a flight is stopped
    Word turned = 0;             ///< all ones: `stop` holds those at which it is not
    const Word* open = nullptr;  ///< one row on
    Word* visited = nullptr;     ///< one row on
    std::ptrdiff_t stride = 0;   ///< below 0 when rising
};
struct FlightSteps {
    int count = 0;           ///< px that were gone
    bool isStopped = false;  ///< some were stopped before the last of them: they are in `stopped`
    bool isAnyLeft = false;
};
/// Moves `current` row by row, marking what is visited, until some are stopped, none is left, or
/// `px` rows were gone.
FlightSteps flyOn(Word* current, const FlightRows& rows, Word* stopped, int px, int n);

}  // namespace rook::reach
