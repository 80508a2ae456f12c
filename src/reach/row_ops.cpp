#include "reach/row_ops.h"

#include <bit>

// The choice at start runs before the sanitizers are ready, so with them there is one build only.
#if defined(__GNUC__) && !defined(__clang__) && defined(__x86_64__) && \
    !defined(__SANITIZE_ADDRESS__) && !defined(__SANITIZE_THREAD__)
#define ROOK_WIDE __attribute__((target_clones("default", "avx2", "avx512f")))
#define ROOK_COUNTING __attribute__((target_clones("default", "popcnt")))
#else
#define ROOK_WIDE
#define ROOK_COUNTING
#endif

namespace rook::reach {

ROOK_COUNTING std::int64_t countBits(const Word* bits, int n) {
    std::int64_t sum = 0;
    for (int i = 0; i < n; ++i)
        sum += std::popcount(bits[i]);
    return sum;
}

ROOK_WIDE void orInto(Word* target, const Word* bits, int n) {
    for (int i = 0; i < n; ++i)
        target[i] |= bits[i];
}

ROOK_WIDE void spreadBoth(Word* current, const Word* mask, Word* right, Word* left, int px, int n) {
    for (int i = -1; i <= n; ++i)
        right[i] = left[i] = current[i];
    for (int step = 0; step < px; ++step) {
        for (int i = n - 1; i >= 0; --i)
            right[i] = ((right[i] << 1) | (right[i - 1] >> 63)) & mask[i];
        for (int i = 0; i < n; ++i)
            left[i] = ((left[i] >> 1) | (left[i + 1] << 63)) & mask[i];
        for (int i = 0; i < n; ++i)
            current[i] |= right[i] | left[i];
    }
}

ROOK_WIDE FlightSteps flyOn(Word* current, const FlightRows& rows, Word* stopped, int px, int n) {
    FlightSteps steps;
    const Word* stop = rows.stop;
    const Word* open = rows.open;
    Word* visited = rows.visited;
    for (; steps.count < px; stop += rows.stride, open += rows.stride, visited += rows.stride) {
        Word halted = 0;
        Word left = 0;
        for (int i = 0; i < n; ++i) {
            const Word halts = stop[i] ^ rows.turned;
            stopped[i] = current[i] & halts;
            halted |= stopped[i];
            current[i] &= ~halts & open[i];
            visited[i] |= current[i];
            left |= current[i];
        }
        ++steps.count;
        steps.isStopped = halted != 0;
        steps.isAnyLeft = left != 0;
        if (halted != 0 || left == 0) break;
    }
    return steps;
}

}  // namespace rook::reach
