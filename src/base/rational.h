#pragma once
/// Exact fractions, for lengths that must not drift.

#include <compare>
#include <cstdint>
#include <numeric>

#include "base/assert.h"

namespace rook {

/// A fraction in lowest terms with a denominator above 0. Numerators and denominators stay below
/// 2^62 as long as no more than a few of them, of at most 10^9 each, are added; larger ones assert.
class Rational {
public:
    constexpr Rational() = default;
    constexpr Rational(std::int64_t whole) : m_top(whole) {}  // NOLINT: a whole number is one
    /// Requires: bottom is not 0.
    Rational(std::int64_t top, std::int64_t bottom) { *this = reduced(top, bottom); }

    [[nodiscard]] std::int64_t top() const { return m_top; }
    [[nodiscard]] std::int64_t bottom() const { return m_bottom; }
    [[nodiscard]] bool isWhole() const { return m_bottom == 1; }
    [[nodiscard]] bool isZero() const { return m_top == 0; }
    /// The greatest whole number that is not above it.
    [[nodiscard]] std::int64_t floor() const {
        const std::int64_t quotient = m_top / m_bottom;
        return m_top % m_bottom < 0 ? quotient - 1 : quotient;
    }
    /// The nearest whole number; halves go up.
    [[nodiscard]] std::int64_t nearest() const { return (*this + Rational(1, 2)).floor(); }
    [[nodiscard]] double toDouble() const {
        return static_cast<double>(m_top) / static_cast<double>(m_bottom);
    }
    [[nodiscard]] Rational abs() const { return m_top < 0 ? -*this : *this; }

    Rational operator-() const { return raw(-m_top, m_bottom); }
    Rational operator+(const Rational& other) const {
        return reduced(Wide(m_top) * other.m_bottom + Wide(other.m_top) * m_bottom,
                       Wide(m_bottom) * other.m_bottom);
    }
    Rational operator-(const Rational& other) const { return *this + -other; }
    Rational operator*(const Rational& other) const {
        return reduced(Wide(m_top) * other.m_top, Wide(m_bottom) * other.m_bottom);
    }
    /// Requires: other is not 0.
    Rational operator/(const Rational& other) const {
        return reduced(Wide(m_top) * other.m_bottom, Wide(m_bottom) * other.m_top);
    }
    Rational& operator+=(const Rational& other) { return *this = *this + other; }
    bool operator==(const Rational&) const = default;
    std::strong_ordering operator<=>(const Rational& other) const {
        return Wide(m_top) * other.m_bottom <=> Wide(other.m_top) * m_bottom;
    }

private:
    __extension__ using Wide = __int128;  // GCC and Clang have it

    static Rational raw(std::int64_t top, std::int64_t bottom) {
        Rational value;
        value.m_top = top;
        value.m_bottom = bottom;
        return value;
    }
    static Rational reduced(Wide top, Wide bottom) {
        ROOK_ASSERT(bottom != 0, "a fraction has a denominator");
        constexpr Wide most = Wide(1) << 62;
        // Nearly all are small; wide division takes ten times as long.
        if (bottom == 1 && top < most && top > -most) return raw(static_cast<std::int64_t>(top), 1);
        if (bottom > 0 && bottom < most && top < most && top > -most) {
            const auto narrowTop = static_cast<std::int64_t>(top);
            const auto narrowBottom = static_cast<std::int64_t>(bottom);
            const std::int64_t divisor = std::gcd(narrowTop, narrowBottom);
            return raw(narrowTop / divisor, narrowBottom / divisor);
        }
        Wide a = top < 0 ? -top : top;
        Wide b = bottom < 0 ? -bottom : bottom;
        while (b != 0) {
            const Wide rest = a % b;
            a = b;
            b = rest;
        }
        if (bottom < 0) a = -a;
        ROOK_ASSERT(top / a < most && top / a > -most && bottom / a < most,
                    "fractions stay in range");
        return raw(static_cast<std::int64_t>(top / a), static_cast<std::int64_t>(bottom / a));
    }

    std::int64_t m_top = 0;
    std::int64_t m_bottom = 1;
};

[[nodiscard]] inline Rational min(const Rational& a, const Rational& b) {
    return b < a ? b : a;
}
[[nodiscard]] inline Rational max(const Rational& a, const Rational& b) {
    return a < b ? b : a;
}

}  // namespace rook
