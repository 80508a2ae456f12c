#pragma once
/// What a piece is drawn as and picked by: triangles with a tree of boxes over them.

#include <map>
#include <vector>

#include "kit/camera.h"

namespace rook::kit {

/// How high walls stay that are cut low towards the eye, as a part of a storey.
inline constexpr double lowWall = 0.22;

/// Units from the corner of the piece in turn 0, z up from the ground of its lowest storey.
struct ShapeTriangle {
    std::array<std::uint32_t, 3> corners{};
    FaceSort sort = FaceSort::Floor;
    std::optional<Side> wall = {};  ///< as of the face
    double lowTop = 0;              ///< of a wall: how high it stays when it is cut low
    std::uint32_t cell = 0;         ///< of the piece
    std::uint32_t material = 0;     ///< of the shape's
};

/// A triangle that a ray comes to.
struct ShapeHit {
    std::size_t triangle = 0;
    double t = 0;  ///< of the ray
    bool operator==(const ShapeHit&) const = default;
};

/// Walls that are cut low towards the eye: one bit a `Side` of the piece in turn 0.
using LowWalls = unsigned;

/// How a shape is looked at.
struct ShapeView {
    LowWalls low = 0;
    bool seesBacks = false;  ///< faces are seen from behind too, as where something is cut open
};

class Shape {
public:
    Shape() = default;
    /// Of blocks, in its own colour.
    Shape(const Kit& kit, const Piece& piece);
    /// Of a solid, in the colour of all solids; corners are units from its own at the ground of
    /// its storey.
    Shape(const Kit& kit, const Solid& solid);
    /// Of a model, with its own materials where it has any. What lies within an eighth of a module
    /// of a wall of its cell is that wall's.
    Shape(const Kit& kit, const Piece& piece, const Mesh& mesh);

    std::vector<Point3> points;
    std::vector<Point3> normals;  ///< one a point; between faces that meet bluntly they are shared
    std::vector<std::array<float, 2>> places;  ///< in a picture, one a point; none without pictures
    std::vector<ShapeTriangle> triangles;
    std::vector<Material> materials;  ///< at least one where there are triangles
    std::vector<std::shared_ptr<const std::string>> pictures;
    bool isModel = false;

    [[nodiscard]] const Bounds3& bounds() const { return m_bounds; }
    /// For the eye alone, while it turns: points of one cell of a grid come together, triangles
    /// that fall together go (Rossignac and Borrel, "Multi-resolution 3D approximations for
    /// rendering complex scenes", 1993). `cells`: along the longest side.
    [[nodiscard]] Shape coarse(int cells) const;
    /// The first triangle before `limit` that is seen. Cost: the logarithm of the triangles
    /// where they lie apart.
    [[nodiscard]] std::optional<ShapeHit> hit(const Ray& ray, double limit,
                                              const ShapeView& view) const;
    /// The same by trying each triangle: what `hit` is held to.
    [[nodiscard]] std::optional<ShapeHit> hitPlainly(const Ray& ray, double limit,
                                                     const ShapeView& view) const;

private:
    struct Node {
        Bounds3 box;
        std::uint32_t first = 0;  ///< triangle of the order, or else the left one of two nodes
        std::uint32_t count = 0;  ///< of triangles; 0 where it has two nodes
    };
    void addFace(const Face& face, double lowTop);
    void takeWall(const Kit& kit, const Piece& piece, ShapeTriangle& triangle) const;
    void finish();
    void build(std::size_t node, std::uint32_t first, std::uint32_t count);
    [[nodiscard]] std::optional<double> hitOne(const ShapeTriangle& triangle, const Ray& ray,
                                               const ShapeView& view) const;

    Bounds3 m_bounds;
    std::vector<Node> m_nodes;
    std::vector<std::uint32_t> m_order;  ///< of triangles
};

/// The shapes of a kit's pieces, by name; models where `meshes` has one.
using Shapes = std::map<std::string, std::shared_ptr<const Shape>>;
[[nodiscard]] Shapes shapesOf(const Kit& kit, const std::map<std::string, Mesh>& meshes);

}  // namespace rook::kit
