#pragma once
/// Texts out of files, as they may be shown in a line of a message or of a terminal.

#include <string>
#include <string_view>

namespace rook {

/// The text with control characters, zero bytes and what is no UTF-8 written out, as "\x1b".
[[nodiscard]] std::string printable(std::string_view text);

/// The same on one line of at most 400 bytes, and what stands in quotes cut to 80.
[[nodiscard]] std::string printableLine(std::string_view text);

/// How many bytes a text begins with that are UTF-8 (RFC 3629): all of them if it is.
[[nodiscard]] std::size_t utf8Beginning(std::string_view text);

}  // namespace rook
