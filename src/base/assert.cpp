#include "base/assert.h"

#include <cstdio>
#include <cstdlib>

namespace rook::base {

void assertionFailed(const char* condition, const char* sentence, const char* file, int line) {
    std::fprintf(stderr, "rookplot: broken invariant: %s (%s, %s:%d)\n", sentence, condition, file,
                 line);
    std::abort();
}

}  // namespace rook::base
