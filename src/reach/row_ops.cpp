#include "reach/row_ops.h"

// The choice at start runs before the sanitizers are ready, so with them there is one build only.
#if defined(__GNUC__) && !defined(__clang__) && defined(__x86_64__) && \
    !defined(__SANITIZE_ADDRESS__) && !defined(__SANITIZE_THREAD__)
#define ROOK_WIDE __attribute__((target_clones("default", "avx2", "avx512f")))
#else
#define ROOK_WIDE
#endif

namespace rook::reach {

ROOK_WIDE bool hasNew(const Word* bits, const Word* known, int n) {
    Word any = 0;
    for (int i = 0; i < n; ++i)
        any |= bits[i] & ~known[i];
    return any != 0;
}

ROOK_WIDE void addNew(const Word* bits, Word* known, Word* fresh, int n) {
    for (int i = 0; i < n; ++i) {
        const Word added = bits[i] & ~known[i];
        known[i] |= added;
        fresh[i] |= added;
    }
}

ROOK_WIDE void orInto(Word* target, const Word* bits, int n) {
    for (int i = 0; i < n; ++i)
        target[i] |= bits[i];
}

ROOK_WIDE bool splitByFloor(Word* current, const Word* floor, Word* landed, int n) {
    Word any = 0;
    for (int i = 0; i < n; ++i) {
        landed[i] = current[i] & floor[i];
        current[i] &= ~floor[i];
        any |= landed[i];
    }
    return any != 0;
}

ROOK_WIDE bool keepIn(Word* current, const Word* mask, int n) {
    Word any = 0;
    for (int i = 0; i < n; ++i) {
        current[i] &= mask[i];
        any |= current[i];
    }
    return any != 0;
}

ROOK_WIDE void spreadRight(const Word* from, const Word* mask, Word* to, Word* sum, int n) {
    for (int i = 0; i < n; ++i) {
        to[i] = ((from[i] << 1) | (from[i - 1] >> 63)) & mask[i];
        sum[i] |= to[i];
    }
}

ROOK_WIDE void spreadLeft(const Word* from, const Word* mask, Word* to, Word* sum, int n) {
    for (int i = 0; i < n; ++i) {
        to[i] = ((from[i] >> 1) | (from[i + 1] << 63)) & mask[i];
        sum[i] |= to[i];
    }
}

}  // namespace rook::reach
