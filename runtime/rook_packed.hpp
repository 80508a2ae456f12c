#pragma once
/// How loaders refuse what they cannot read, and rows of numbers that were exported packed: base64
/// (RFC 4648) of a zlib stream (RFC 1950). C++17, and zlib where it is there: without it, bundles
/// that are packed are refused.

#include <stdexcept>
#include <string>

#if __has_include(<zlib.h>)
#include <zlib.h>
#define ROOK_HAS_ZLIB 1
#endif

namespace rook::runtime {

class LoadError : public std::runtime_error {
public:
    using std::runtime_error::runtime_error;
};

namespace detail {

[[noreturn]] inline void fail(const std::string& what, const std::string& where) {
    throw LoadError(what + " (" + where + "). Export the level again.");
}

inline std::string bytesOfBase64(const std::string& text, const std::string& where) {
    const std::string digits = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
    int valueOf[256];
    for (int& value : valueOf)
        value = -1;
    for (int i = 0; i < 64; ++i)
        valueOf[static_cast<unsigned char>(digits[static_cast<std::size_t>(i)])] = i;
    std::string bytes;
    bytes.reserve(text.size() / 4 * 3);
    unsigned bits = 0;
    int count = 0;
    for (const char c : text) {
        if (c == '=') break;
        const int value = valueOf[static_cast<unsigned char>(c)];
        if (value < 0) fail("Base64 is wanted here", where);
        bits = bits << 6 | static_cast<unsigned>(value);
        count += 6;
        if (count < 8) continue;
        count -= 8;
        bytes += static_cast<char>(bits >> count & 0xff);
    }
    return bytes;
}

/// Exactly so many bytes; no more are ever made.
inline std::string unpacked(const std::string& text, std::size_t size, const std::string& where) {
#ifdef ROOK_HAS_ZLIB
    const std::string packed = bytesOfBase64(text, where);
    // No stream is smaller than a 1,032nd of what it stands for: before memory is taken.
    if (size / 1032 > packed.size())
        fail("The packed numbers are too few for so many cells", where);
    std::string bytes(size, '\0');
    uLongf got = static_cast<uLongf>(size);
    uLong used = static_cast<uLong>(packed.size());
    const int done = uncompress2(reinterpret_cast<Bytef*>(bytes.data()), &got,
                                 reinterpret_cast<const Bytef*>(packed.data()), &used);
    if (done != Z_OK || got != size)
        fail("The packed numbers are damaged, or not as many as the level has cells", where);
    return bytes;
#else
    (void)text;
    (void)size;
    fail("The numbers are packed, and this program was built without zlib", where);
#endif
}

}  // namespace detail

}  // namespace rook::runtime
