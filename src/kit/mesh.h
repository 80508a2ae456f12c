#pragma once
/// What a piece looks like: faces of its blocks, or of a model that was brought in; and what a
/// model comes to beside the module.

#include <array>
#include <memory>
#include <optional>

#include "base/result.h"
#include "kit/point3.h"
#include "kit/solids.h"

namespace rook::kit {

[[nodiscard]] inline double unitsOf(level::Decimal value) {
    return static_cast<double>(value.thousandths) / 1000;
}

enum class FaceSort : unsigned char { Floor, Slope, Step, Flank, Wall, Model };
struct Face {
    std::vector<Point3> corners;  ///< three or more, in one plane, counter-clockwise from outside
    FaceSort sort = FaceSort::Floor;
    std::size_t cell = 0;           ///< of the piece, that it is drawn with
    std::optional<Side> wall = {};  ///< of a wall: the side of its module that it stands on
};

/// Floors as slabs, ramps and stairs filled to the ground, walls a storey high, blocks. Faces
/// between two cells of the piece that nobody can see are left out.
[[nodiscard]] std::vector<Face> facesOf(const Kit& kit, const Piece& piece);

/// Of a solid, units from its corner at the ground of its storey.
[[nodiscard]] std::vector<Face> facesOf(const Kit& kit, const Solid& solid);

/// Of a mass, units from the upper left corner of its rectangle and its underside.
[[nodiscard]] std::vector<Face> facesOf(const Kit& kit, const Mass& mass);

/// What solids are drawn and exported in.
inline constexpr const char* solidColor = "#c2b497";

/// What the faces of a model are made of, as far as a plain light shows it.
struct Material {
    std::string name;
    std::array<double, 3> color{1, 1, 1};  ///< red, green, blue as people write them, 0 to 1
    double metallic = 0;                   ///< 0 to 1
    double roughness = 0.9;                ///< 0 to 1
    int picture = -1;  ///< of the mesh's pictures, that the colour is times; -1: none
    bool isSeenFromBehind = false;
    bool operator==(const Material&) const = default;
};

/// What stands for itself in a model's file: a node with all below it, or a named object.
struct MeshPart {
    std::string name;
    std::size_t first = 0, last = 0;  ///< its triangles: from the first one to before the last
    Point3 origin;                    ///< where its node stands; 0 where the file has no nodes
};

/// Triangles of a model, in its own units, y up as the formats have it turned into z up.
struct Mesh {
    std::vector<Point3> points;
    std::vector<std::array<std::uint32_t, 3>> triangles;
    std::vector<Point3> normals = {};  ///< one a point, or none
    /// Where a point is in its material's picture, from its upper left corner, 1 for its size; one
    /// a point, or none.
    std::vector<std::array<float, 2>> places = {};
    std::vector<Material> materials = {};
    std::vector<std::uint32_t> materialOf = {};  ///< one a triangle; none without materials
    /// Bytes of PNG or JPEG files.
    std::vector<std::shared_ptr<const std::string>> pictures = {};
    std::vector<MeshPart> parts = {};  ///< as it was read, one after the other
};
/// The box that holds all points. Requires: there are some.
struct MeshBox {
    Point3 low, high;
};
[[nodiscard]] MeshBox boxOf(const Mesh& mesh);
/// The triangles as faces; `piece` says where its pivot, the mesh's origin, lies.
[[nodiscard]] std::vector<Face> facesOf(const Kit& kit, const Piece& piece, const Mesh& mesh);
[[nodiscard]] Mesh meshOf(const std::vector<Face>& faces);
/// Where the piece's pivot is, units from its corner.
[[nodiscard]] Point3 pivotUnits(const Kit& kit, const Piece& piece);
/// The cell of the piece that is nearest to a place of it.
[[nodiscard]] std::size_t cellUnder(const Kit& kit, const Piece& piece, const Point3& place);

/// What a model comes to: a piece with its footprint, measure and proposed ports, and what is odd
/// about it, a sentence each.
struct Examination {
    Piece piece;
    std::vector<std::string> remarks;
    bool isExact = false;  ///< sizes and pivot are whole modules and halves
};
/// The footprint is the nearest whole number of modules, at least one; the pivot that place of half
/// modules that is nearest to the model's origin. Ports of `profile` are proposed where faces lie
/// flat on the module's border over at least half of its width. Errors: NotApplicable without
/// faces; OutOfRange above 64 modules.
[[nodiscard]] Result<Examination> examined(const Kit& kit, const Mesh& mesh,
                                           const std::string& name, const std::string& profile);
/// The mesh made as large as the footprint it is nearest to, and moved so that its pivot fits.
[[nodiscard]] Mesh fitted(const Kit& kit, const Mesh& mesh, const Piece& piece);

inline constexpr std::size_t maxTriangles = 2'000'000;

}  // namespace rook::kit
