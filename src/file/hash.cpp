#include "file/hash.h"

#include <sodium.h>

#include <array>

namespace rook::file {

namespace {

template <std::size_t Size>
std::string hexOf(const std::array<unsigned char, Size>& bytes) {
    std::array<char, 2 * Size + 1> text{};
    sodium_bin2hex(text.data(), text.size(), bytes.data(), bytes.size());
    return text.data();
}

}  // namespace

std::string sha256(const std::string& bytes) {
    std::array<unsigned char, crypto_hash_sha256_BYTES> hash{};
    crypto_hash_sha256(hash.data(), reinterpret_cast<const unsigned char*>(bytes.data()),
                       bytes.size());
    return hexOf(hash);
}

std::string freshName(const std::string& prefix) {
    std::array<unsigned char, 8> chance{};
    randombytes_buf(chance.data(), chance.size());
    return prefix + hexOf(chance);
}

}  // namespace rook::file
