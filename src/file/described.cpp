/// Reads and writes all that is described in level/; see described_detail.h.

#define ROOK_DESCRIBED(T)
#define ROOK_DESCRIBED_LONG(T)
#include "file/described_detail.h"

namespace rook::file {

#define ROOK_DESCRIBED(T)                                     \
    template void readInto(ObjectReader&, FileContext&, T&);  \
    template T readDescribed<T>(ObjectReader&, FileContext&); \
    template Json describedJson(const FileContext&, const T&);
#define ROOK_DESCRIBED_LONG(T)                                \
    template void readInto(ObjectReader&, FileContext&, T&);  \
    template T readDescribed<T>(ObjectReader&, FileContext&); \
    template void writeDescribed(JsonLines&, const FileContext&, const T&);
#include "file/described_types.inc"

}  // namespace rook::file
