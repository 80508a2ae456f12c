#pragma once
/// Seeded random numbers that are the same on every machine (SplitMix64: Steele, Lea and Flood,
/// "Fast splittable pseudorandom number generators", 2014).

#include <cstdint>

namespace rook {

class Random {
public:
    explicit Random(std::uint64_t seed) : m_state(seed) {}

    [[nodiscard]] std::uint64_t next() {
        std::uint64_t z = (m_state += 0x9e3779b97f4a7c15ULL);
        z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9ULL;
        z = (z ^ (z >> 27)) * 0x94d049bb133111ebULL;
        return z ^ (z >> 31);
    }
    /// A whole number from low to high, ends included. Requires: low <= high.
    [[nodiscard]] int between(int low, int high) {
        const auto span = static_cast<std::uint64_t>(static_cast<std::int64_t>(high) - low + 1);
        return static_cast<int>(low + static_cast<std::int64_t>(next() % span));
    }
    [[nodiscard]] bool chance(int percent) { return between(1, 100) <= percent; }

private:
    std::uint64_t m_state;
};

}  // namespace rook
