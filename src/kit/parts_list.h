#pragma once
/// What a kit level costs: pieces, models, triangles and materials, and what is still to be made.

#include <map>
#include <set>

#include "kit/mesh.h"

namespace rook::kit {

struct PieceCost {
    int uses = 0;
    std::size_t triangles = 0;  ///< of one
    std::size_t materials = 0;
    bool hasModel = false;  ///< else it is blocks that a model is to be made for
};

struct PartsList {
    std::map<std::string, PieceCost> pieces;  ///< by name, of those that are used
    int placed = 0;
    std::size_t models = 0;           ///< distinct, that are used
    std::size_t triangles = 0;        ///< of all that is placed, solids too
    std::set<std::string> materials;  ///< by name, of what is used
    std::set<std::string> toMake;     ///< pieces in use without a model
    int solids = 0;                   ///< that pieces are to be made for
    /// How often a model is used on the average; 0 without one.
    [[nodiscard]] double reuse() const;
};

/// What a mesh costs, so that meshes need not be held for it.
struct MeshCost {
    std::size_t triangles = 0;
    std::vector<std::string> materials;  ///< names
};
[[nodiscard]] MeshCost costOf(const Mesh& mesh);

/// `meshes`: of the kit's pieces that have a model, by name; those that are not there count as
/// their blocks, and as without a model unless the piece names one. Cost: the level's pieces.
[[nodiscard]] PartsList partsListOf(const Kit& kit, const level::Level& level,
                                    const std::map<std::string, MeshCost>& meshes);

}  // namespace rook::kit
