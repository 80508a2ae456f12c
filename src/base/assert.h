#pragma once
/// Always-on assertions: a broken invariant stops the program with a sentence that says what was
/// expected. A crash is cheap next to a document that was changed wrongly.

namespace rook::base {

[[noreturn]] void assertionFailed(const char* condition, const char* sentence, const char* file,
                                  int line);

}  // namespace rook::base

#define ROOK_ASSERT(condition, sentence) \
    ((condition) ? static_cast<void>(0)  \
                 : ::rook::base::assertionFailed(#condition, sentence, __FILE__, __LINE__))
