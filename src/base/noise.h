#pragma once
/// Coherent noise over cells. The primitives are libnoise's (Perlin 2002 and its relatives); the
/// same settings give the same values on every machine with IEEE doubles.

#include <memory>

namespace rook {

enum class NoiseKind : unsigned char { Smooth, Billows, Ridges, Pebbles };

struct NoiseSettings {
    NoiseKind kind = NoiseKind::Smooth;
    int scale = 12;   ///< cells from one swell to the next, 1 to 256
    int octaves = 3;  ///< 1 to 8; pebbles have one
    int seed = 1;
    bool operator==(const NoiseSettings&) const = default;
};

class NoiseField {
public:
    explicit NoiseField(const NoiseSettings& settings);
    ~NoiseField();
    NoiseField(NoiseField&&) noexcept;
    NoiseField& operator=(NoiseField&&) noexcept;

    /// In [0, 1]. Cost: about 0.1 us an octave.
    [[nodiscard]] double at(int x, int y) const;

private:
    struct Parts;
    std::unique_ptr<Parts> m_parts;
};

}  // namespace rook
