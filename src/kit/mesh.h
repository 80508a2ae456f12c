#pragma once
/// What a piece looks like: faces of its blocks, or of a model that was brought in; and what a
/// model comes to beside the module.

#include <array>

#include "base/result.h"
#include "kit/placed.h"

namespace rook::kit {

/// Units: x across and y down the plan from the piece's corner in turn 0, z up from the ground of
/// its lowest storey.
struct Point3 {
    double x = 0, y = 0, z = 0;
    bool operator==(const Point3&) const = default;
};

enum class FaceSort : unsigned char { Floor, Slope, Step, Flank, Wall, Model };
struct Face {
    std::vector<Point3> corners;  ///< three or more, in one plane, counter-clockwise from outside
    FaceSort sort = FaceSort::Floor;
    std::size_t cell = 0;  ///< of the piece, that it is drawn with
};

/// Floors as slabs, ramps and stairs filled to the ground, walls a storey high, blocks. Faces
/// between two cells of the piece that nobody can see are left out.
[[nodiscard]] std::vector<Face> facesOf(const Kit& kit, const Piece& piece);

/// Triangles of a model, in its own units, y up as the formats have it turned into z up.
struct Mesh {
    std::vector<Point3> points;
    std::vector<std::array<std::uint32_t, 3>> triangles;
};
/// The triangles as faces; `piece` says where its pivot, the mesh's origin, lies.
[[nodiscard]] std::vector<Face> facesOf(const Kit& kit, const Piece& piece, const Mesh& mesh);
[[nodiscard]] Mesh meshOf(const std::vector<Face>& faces);

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
