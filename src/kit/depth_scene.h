#pragma once
/// A kit board for the eye: what stands where in depth, and what is seen under the pointer.

#include "kit/shape.h"

namespace rook::kit {

/// Where a piece stands: from units of its shape to units of the board, in quarter turns.
struct Standing {
    std::array<double, 2> across{1, 0};  ///< the board's x by the shape's x and y
    std::array<double, 2> down{0, 1};    ///< the board's y by the shape's x and y
    Point3 corner;                       ///< of the shape, on the board

    [[nodiscard]] Point3 toBoard(const Point3& p) const;
    /// A ray of the board as the shape has it, with the same t.
    [[nodiscard]] Ray toShape(const Ray& ray) const;
};
[[nodiscard]] Standing standingOf(const Kit& kit, const Piece& piece, const PlacedPiece& placed);

/// What of a board is shown.
struct DepthLook {
    double cut = 1e30;         ///< units: what is higher is cut away
    bool wallsAreLow = false;  ///< those that stand between the eye and their module
};

/// What a ray comes to.
struct BoardHit {
    int id = 0;                           ///< of the piece or solid
    std::optional<std::size_t> placed{};  ///< of the level's pieces; none of a solid
    std::size_t triangle = 0;
    std::uint32_t cell = 0;  ///< of the piece
    double t = 0;
    Point3 at;  ///< units of the board
};

/// Of the four sides of a board, those whose walls stand between their module and the eye.
[[nodiscard]] LowWalls sidesTowards(const Camera& camera, const Point3& place);
/// Sides of the board as a piece in that turn has them.
[[nodiscard]] LowWalls turnedBack(LowWalls sides, int turn);

class DepthScene {
public:
    DepthScene() = default;
    /// `shapes` by piece; pieces without one are left out. Solids have shapes of their own; those
    /// of `former`, a scene of the same kit, are kept where nothing but their place is another.
    /// Cost: the level's pieces and solids.
    DepthScene(const Kit& kit, const level::Level& level, Shapes shapes,
               const DepthScene* former = nullptr);

    struct Item {
        std::optional<std::size_t> placed{};  ///< of the level's pieces; none of a solid
        int id = 0;
        int turn = 0;
        std::shared_ptr<const Shape> shape;
        Standing standing;
        Bounds3 box;
    };
    [[nodiscard]] const std::vector<Item>& items() const { return m_items; }
    /// All that stands; empty if nothing does.
    [[nodiscard]] const Bounds3& bounds() const { return m_bounds; }
    [[nodiscard]] const Shapes& shapes() const { return m_shapes; }
    /// What is seen there first. Cost: the boxes of all pieces, and the shapes that the ray meets.
    [[nodiscard]] std::optional<BoardHit> hit(const Camera& camera, const Ray& ray,
                                              const DepthLook& look) const;
    /// Ids of the pieces of which something shown lies in a frame of the picture, whatever hides
    /// it. Cost: the triangles of those whose box does.
    [[nodiscard]] std::vector<int> idsIn(const Camera& camera, const PictureSize& size,
                                         PicturePoint a, PicturePoint b,
                                         const DepthLook& look) const;

private:
    void addSolids(const Kit& kit, const level::Level& level, const DepthScene* former);
    void add(Item item);

    /// A solid at the board's corner, and its shape.
    struct SolidShape {
        Solid solid;
        std::shared_ptr<const Shape> shape;
    };
    Shapes m_shapes;
    std::map<int, SolidShape> m_solids;  ///< by id
    std::vector<Item> m_items;
    Bounds3 m_bounds;
};

/// Where a solid's shape stands.
[[nodiscard]] Standing standingOf(const Kit& kit, const Solid& solid);

}  // namespace rook::kit
