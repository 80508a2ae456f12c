#pragma once
/// Fingerprints of bytes, and names that nothing has yet.

#include <string>

namespace rook::file {

/// SHA-256, as 64 hexadecimal digits.
[[nodiscard]] std::string sha256(const std::string& bytes);
/// The prefix and 16 hexadecimal digits by chance, so that nobody can lay a trap of that name.
[[nodiscard]] std::string freshName(const std::string& prefix);

}  // namespace rook::file
