#pragma once
/// What stands on a kit board as convex masses: block-out solids, and the floors, walls, blocks and
/// ramps of pieces. By them one collides, walks and audits, and games do.

#include <optional>
#include <vector>

#include "base/result.h"
#include "kit/placed.h"

namespace rook::kit {

using level::Solid;
using level::SolidSort;

/// A rectangle of the plan, modules.
struct ExactRect {
    Rational left, top, right, bottom;
    bool operator==(const ExactRect&) const = default;

    [[nodiscard]] bool isEmpty() const { return left >= right || top >= bottom; }
    /// That both have; empty where they only touch.
    [[nodiscard]] ExactRect common(const ExactRect& other) const;
    [[nodiscard]] bool contains(const ExactRect& other) const;
    /// The modules that it touches.
    [[nodiscard]] CellRect modules() const;
    [[nodiscard]] ExactPoint middle() const;
};

enum class MassSort : unsigned char { Floor, Block, Ramp, Wall, Solid };

struct Mass {
    MassSort sort = MassSort::Solid;
    ExactRect place;    ///< of a round: around it
    Rational from, to;  ///< units above the ground of storey 0; `to` is the highest
    std::optional<Side>
        up{};  ///< its top rises from `from`, at the other side, to `to` at this one
    /// Corners of a round, in turn; none of others. They are given in doubles: a circle has no
    /// exact ones.
    std::vector<std::array<double, 2>> outline{};
    bool operator==(const Mass&) const = default;

    /// How high its top is, above a place of its rectangle; a share of the slope is rounded to a
    /// billionth, where it is finer.
    [[nodiscard]] Rational topAt(const Rational& x, const Rational& y) const;
    /// The highest above a part of its rectangle.
    [[nodiscard]] Rational topOver(const ExactRect& part) const;
    /// The part of its rectangle where the top is higher than that.
    [[nodiscard]] ExactRect above(const Rational& height) const;
    /// Whether it has something in common with a rectangle of the plan, whatever the heights.
    [[nodiscard]] bool covers(const ExactRect& part) const;
};

/// Boxes of a box with its walls, floor, ceiling and openings; a wedge; one box a step of stairs;
/// a round. None if the solid has a flaw. Cost: six boxes an opening and box at most.
[[nodiscard]] std::vector<Mass> massesOf(const Kit& kit, const Solid& solid);
/// Of a piece where it was put: floors a slab thick, ramps and stairs from their lower end up,
/// blocks a storey high, walls a twelfth of a module thick.
[[nodiscard]] std::vector<Mass> massesOf(const Kit& kit, const Piece& piece,
                                         const PlacedPiece& placed);

/// Both have some room in common. Exact but for rounds, that are compared to a billionth.
[[nodiscard]] bool overlap(const Mass& a, const Mass& b);

/// Around all of a solid: modules of the plan, and units above the ground of storey 0.
struct ExactBox {
    ExactRect place;
    Rational from, to;
    bool operator==(const ExactBox&) const = default;
};
[[nodiscard]] ExactBox boxOf(const Kit& kit, const Solid& solid);
/// The modules of the board that it touches.
[[nodiscard]] CellRect boundsOf(const Solid& solid);

/// Modules as people write them: "2", "1.25", "5/4" or "1 1/4". Errors: WrongType.
[[nodiscard]] Result<Rational> modulesIn(const std::string& text);

/// "Box 12", "Stairs 3", "Room 4": as people read it.
[[nodiscard]] std::string titleOf(const Solid& solid);
[[nodiscard]] const Solid* findSolid(const level::Level& level, int id);

/// The masses of all solids of a level, by the modules of the board that they touch. Cost: their
/// modules.
class SolidIndex {
public:
    SolidIndex() = default;
    SolidIndex(const Kit& kit, const level::Level& level);

    [[nodiscard]] const std::vector<Mass>& masses() const { return m_masses; }
    /// The solid of a mass, by its place in the level.
    [[nodiscard]] std::size_t solidOf(std::size_t mass) const { return m_solidOf[mass]; }
    using Modules = std::unordered_map<Spot, std::vector<std::uint32_t>, SpotHash>;
    /// Masses by module, of storey 0.
    [[nodiscard]] const Modules& modules() const { return m_modules; }
    [[nodiscard]] const std::vector<std::uint32_t>& at(CellPoint module) const;

private:
    std::vector<Mass> m_masses;
    std::vector<std::size_t> m_solidOf;
    Modules m_modules;
};

/// The finest part of a module that solids of a kit are put to.
[[nodiscard]] int finestPart(const Kit& kit);

}  // namespace rook::kit
