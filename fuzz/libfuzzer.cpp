/// One target, led by coverage: the one that ROOK_FUZZ_TARGET names.

#include <cstdio>
#include <cstdlib>

#include "targets.h"

namespace {

const rook::fuzz::Target* g_target = nullptr;

}  // namespace

extern "C" int LLVMFuzzerInitialize(int*, char***) {
    const char* name = std::getenv("ROOK_FUZZ_TARGET");
    for (const rook::fuzz::Target& target : rook::fuzz::targets())
        if (name && target.name == name) g_target = &target;
    if (g_target) return 0;
    std::fprintf(stderr, "Set ROOK_FUZZ_TARGET to one of:");
    for (const rook::fuzz::Target& target : rook::fuzz::targets())
        std::fprintf(stderr, " %.*s", static_cast<int>(target.name.size()), target.name.data());
    std::fprintf(stderr, "\n");
    std::exit(2);
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    g_target->run({data, size});
    return 0;
}
