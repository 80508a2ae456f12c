#pragma once
/// Which of its eight neighbours a cell of matter goes on into.

#include <array>
#include <cstdint>

#include "level/project.h"

namespace rook::skin {

/// One bit a neighbour, from the top clockwise: top, top right, right and so on. Set where the
/// neighbour is of the same or a joined matter, in any form.
using Exposure = std::uint8_t;

inline constexpr std::array<CellPoint, 8> neighbours{
    {{0, -1}, {1, -1}, {1, 0}, {1, 1}, {0, 1}, {-1, 1}, {-1, 0}, {-1, -1}}};
inline constexpr Exposure inside = 255;  ///< matter all around

/// Corners count only between two sides that do: 47 of the 256 are left.
[[nodiscard]] constexpr Exposure withRealCorners(unsigned mask) {
    for (int corner = 1; corner < 8; corner += 2) {
        const unsigned sides = (1u << (corner - 1)) | (1u << ((corner + 1) % 8));
        if ((mask & sides) != sides) mask &= ~(1u << corner);
    }
    return static_cast<Exposure>(mask);
}

/// Which matters go on into which.
class Joins {
public:
    explicit Joins(const level::Project& project);
    [[nodiscard]] bool are(level::Cell a, level::Cell b) const {
        return m_joined[std::size_t{a.matter().index} * m_count + b.matter().index];
    }

private:
    std::size_t m_count;
    std::vector<bool> m_joined;
};

/// Of the cell at (x, y); beyond its border, a board goes on as it ends. Requires: inside.
[[nodiscard]] Exposure exposureAt(const Joins& joins, const Grid<level::Cell>& cells, int x, int y);

}  // namespace rook::skin
