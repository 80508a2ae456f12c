#pragma once
/// Where a body's middle may be on a board of pieces, counted: six places across and down a module.

#include <array>
#include <vector>

#include "base/geometry.h"
#include "kit/placed.h"

namespace rook::kit {

class WalkGraph;

/// The places on all surfaces. A place is named by its column and row in sixths of a module; its
/// middle lies at (2 * column + 1) / 12 modules.
/// Cost of making them: the surfaces, times 36 and what leads on from each.
class Stands {
public:
    static constexpr int across = 6;  ///< places a module

    explicit Stands(const WalkGraph& graph);

    [[nodiscard]] int count() const { return static_cast<int>(m_patchOf.size()); }
    [[nodiscard]] int patchOf(int stand) const {
        return m_patchOf[static_cast<std::size_t>(stand)];
    }
    /// Column and row, sixths of a module.
    [[nodiscard]] CellPoint at(int stand) const;
    /// The place that a step leads to, -1 to 1 across and down; -1 if it leads nowhere. Aslant one
    /// gets where both ways around the corner lead.
    [[nodiscard]] int beside(int stand, int dx, int dy) const;
    /// The place of that patch in that column and row; -1 if it has none there.
    [[nodiscard]] int on(int patch, CellPoint at) const;
    /// The place of that patch that a point is nearest to, modules; -1 if it has none.
    [[nodiscard]] int nearest(int patch, const ExactPoint& point) const;
    /// False if a surface is too narrow for a place.
    [[nodiscard]] bool isWhole() const { return m_isWhole; }

private:
    struct Block {
        int column = 0, row = 0, columns = 0, rows = 0;
        int first = 0;  ///< of its places
    };
    [[nodiscard]] const Block& blockOf(int patch) const {
        return m_blocks[static_cast<std::size_t>(patch)];
    }
    [[nodiscard]] int stepFrom(const WalkGraph& graph, int stand, level::Side side) const;

    std::vector<Block> m_blocks;  ///< by patch
    std::vector<int> m_patchOf;   ///< by place
    std::vector<std::array<int, 4>> m_beside;
    bool m_isWhole = true;
};

/// A step, or a wait.
struct PacedMove {
    int dx = 0, dy = 0;  ///< places across and down, -1 to 1; 0, 0 = it waits
    int ticks = 1;
    bool operator==(const PacedMove&) const = default;
};
/// Ticks that a step takes: 4 straight, 6 aslant, which is never faster. For the first half of them
/// the body is where it was, then where it gets.
[[nodiscard]] constexpr int ticksOfStep(int dx, int dy) {
    return dx != 0 && dy != 0 ? 6 : 4;
}
/// The steps that there are, straight ones first.
inline constexpr std::array<std::array<int, 2>, 8> allSteps{
    {{1, 0}, {0, 1}, {-1, 0}, {0, -1}, {1, 1}, {-1, 1}, {-1, -1}, {1, -1}}};

}  // namespace rook::kit
