#pragma once
/// Models that come in together: what is odd about their faces, and what is done to each before it
/// becomes a piece.

#include <span>

#include "kit/mesh.h"

namespace rook::kit {

/// Of faces as they are joined: corners count as one where they are nearer than a millionth of the
/// model's size.
struct FaceFacts {
    /// Between two points, of one face alone: one sees in there.
    std::vector<std::array<std::uint32_t, 2>> openEdges;
    /// Triangles that look the other way than those beside them; of what is closed, all that look
    /// inwards; of what lies flat, all that look down.
    std::vector<std::uint32_t> turned;
};
/// Cost: sorting all edges; any thread.
[[nodiscard]] FaceFacts faceFactsOf(const Mesh& mesh);
/// The faces that `faceFactsOf` counts as turned look the other way, and so do their normals.
[[nodiscard]] Mesh withFacesMended(Mesh mesh);

/// The axis of the file that points up.
enum class UpAxis : unsigned char { Y, Z, X };
/// Where the piece's pivot goes: where the model has it, or to the corner or the middle of its box;
/// it then stands on the ground.
enum class PivotAt : unsigned char { Own, Corner, Middle };

/// What is done to a model, in this order.
struct ModelFixes {
    UpAxis up = UpAxis::Y;
    double scale = 1;  ///< the kit's units a unit of the file; 1e-6 to 1e6
    PivotAt pivot = PivotAt::Own;
    bool mendsFaces = false;
    bool stretches = false;  ///< across and down, to whole modules
    bool operator==(const ModelFixes&) const = default;
};
[[nodiscard]] Mesh withFixes(const Kit& kit, const Mesh& mesh, const ModelFixes& fixes);

/// Of the usual scales (a thousandth, hundredth, inch, tenth, foot, yard and what is as many times
/// more) the one by which the models come nearest to whole modules, taken together: the smallest of
/// those that do as well, and 1 where none is better by a quarter. Requires: each has points.
[[nodiscard]] double proposedScale(const Kit& kit, std::span<const Mesh* const> meshes, UpAxis up);

/// One part for itself, about its own origin, with what its faces are made of and nothing else.
/// Requires: the part is one of the mesh.
[[nodiscard]] Mesh partAlone(const Mesh& mesh, const MeshPart& part);

}  // namespace rook::kit
