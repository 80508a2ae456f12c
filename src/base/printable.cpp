#include "base/printable.h"

#include <algorithm>
#include <array>
#include <cstdint>

namespace rook {

namespace {

constexpr std::size_t mostQuoted = 80;
constexpr std::size_t mostOfLine = 400;

void appendByte(std::string& out, unsigned char byte) {
    constexpr std::string_view digits = "0123456789abcdef";
    out += {'\\', 'x', digits[byte >> 4], digits[byte & 15]};
}

/// Bytes of the UTF-8 character at the beginning of a text, 0 if there is none; and the character.
std::size_t lengthOf(std::string_view text, std::uint32_t& character) {
    const auto byte = [&](std::size_t i) { return static_cast<unsigned char>(text[i]); };
    const std::size_t length = byte(0) < 0x80              ? 1
                               : (byte(0) >> 5) == 0b110   ? 2
                               : (byte(0) >> 4) == 0b1110  ? 3
                               : (byte(0) >> 3) == 0b11110 ? 4
                                                           : 0;
    if (length == 0 || length > text.size()) return 0;
    character = length == 1 ? byte(0) : byte(0) & (0x7fu >> length);
    for (std::size_t i = 1; i < length; ++i) {
        if ((byte(i) >> 6) != 0b10) return 0;
        character = character << 6 | (byte(i) & 0x3fu);
    }
    constexpr std::array<std::uint32_t, 5> least{0, 0, 0x80, 0x800, 0x10000};
    const bool isSurrogate = character >= 0xd800 && character < 0xe000;
    return character < least[length] || character > 0x10ffff || isSurrogate ? 0 : length;
}

/// The beginning of a text, at most so many bytes, without half a character at its end.
std::string beginning(std::string_view text, std::size_t most) {
    std::size_t end = std::min(text.size(), most);
    while (end > 0 && end < text.size() && (static_cast<unsigned char>(text[end]) >> 6) == 0b10)
        --end;
    return std::string(text.substr(0, end));
}

}  // namespace

std::string printable(std::string_view text) {
    std::string out;
    while (!text.empty()) {
        std::uint32_t character = 0;
        const std::size_t length = lengthOf(text, character);
        const bool isControl = character < 0x20 || (character >= 0x7f && character < 0xa0);
        if (length == 0 || isControl) {
            for (std::size_t i = 0; i < std::max<std::size_t>(length, 1); ++i)
                appendByte(out, static_cast<unsigned char>(text[i]));
        } else {
            out += text.substr(0, length);
        }
        text.remove_prefix(std::max<std::size_t>(length, 1));
    }
    return out;
}

std::size_t utf8Beginning(std::string_view text) {
    std::uint32_t character = 0;
    std::size_t at = 0;
    while (at < text.size()) {
        const std::size_t length = lengthOf(text.substr(at), character);
        if (length == 0) break;
        at += length;
    }
    return at;
}

std::string printableLine(std::string_view text) {
    const std::string whole = printable(text);
    std::string line;
    std::string_view rest = whole;
    while (!rest.empty()) {
        const std::size_t open = rest.find('"');
        const std::size_t close = open == std::string_view::npos ? open : rest.find('"', open + 1);
        if (close == std::string_view::npos) break;
        line += rest.substr(0, open + 1);
        const std::string_view quoted = rest.substr(open + 1, close - open - 1);
        line += beginning(quoted, mostQuoted);
        if (quoted.size() > mostQuoted) line += "…";
        line += '"';
        rest.remove_prefix(close + 1);
    }
    line += rest;
    return line.size() <= mostOfLine ? line : beginning(line, mostOfLine) + "…";
}

}  // namespace rook
