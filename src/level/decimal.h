#pragma once
/// Decimals of at most three places, as designers write them.

#include <compare>
#include <cstdint>

namespace rook::level {

/// A decimal of at most three places, held in thousandths, so that nothing is rounded.
struct Decimal {
    std::int64_t thousandths = 0;
    auto operator<=>(const Decimal&) const = default;
};

}  // namespace rook::level
