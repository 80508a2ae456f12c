#pragma once
/// Models of pieces: glTF 2.0 (.gltf, .glb) and OBJ in, and kit levels as glTF 2.0 out.
///
/// In files y is up, x across and z down the plan; here z is up (`kit::Point3`).

#include <map>

#include "file/storage.h"
#include "kit/mesh.h"

namespace rook::file {

inline constexpr std::size_t maxModelBytes = 64 * 1024 * 1024;

/// The triangles of all meshes in the scene, where their nodes put them, with their materials and
/// pictures. A picture or .mtl file that is not there is left out. `name` ends in .gltf, .glb or
/// .obj; further files are read from `folder` alone. Errors: BadSyntax for what cannot be read;
/// OutOfRange for numbers that are none, places that do not exist and more than 2,000,000
/// triangles; UnsafePath for files outside of the folder; NotApplicable without faces, or for what
/// needs an extension.
[[nodiscard]] Result<kit::Mesh> readModel(Storage& storage, const Path& folder,
                                          const std::string& name, const std::string& bytes);

/// How a model stands for who reads it: built with y up, one unit a metre.
struct ModelAxes {
    bool isZUp = false;
    double scale = 1;  ///< metres a unit
    bool operator==(const ModelAxes&) const = default;
};

/// A mesh as binary glTF.
[[nodiscard]] std::string glbOf(const kit::Mesh& mesh, const std::string& name,
                                const std::string& color);

/// A kit level as binary glTF 2.0: one mesh for each piece that is used, one node for each placed
/// one, at its pivot in units, and one without a mesh for each entity, in the middle of its box,
/// with what it is as extras. `meshes` holds those of pieces with a model, by the piece's name;
/// others are built of their blocks. With collision, a second scene holds what one collides with:
/// convex meshes, a node a box, ramp or round. Requires: the project has the level's kit.
[[nodiscard]] std::string kitLevelGlb(const level::Project& project, const level::Kit& kit,
                                      const level::Level& level,
                                      const std::map<std::string, kit::Mesh>& meshes,
                                      const ModelAxes& axes = {}, bool hasCollision = false);

}  // namespace rook::file
