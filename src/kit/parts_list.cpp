#include "kit/parts_list.h"

namespace rook::kit {

namespace {

std::size_t trianglesOf(const std::vector<Face>& faces) {
    std::size_t count = 0;
    for (const Face& face : faces)
        count += face.corners.size() - 2;
    return count;
}

}  // namespace

double PartsList::reuse() const {
    int uses = 0;
    for (const auto& [name, cost] : pieces)
        if (cost.hasModel) uses += cost.uses;
    return models == 0 ? 0 : static_cast<double>(uses) / static_cast<double>(models);
}

MeshCost costOf(const Mesh& mesh) {
    MeshCost cost{mesh.triangles.size(), {}};
    for (const Material& material : mesh.materials)
        cost.materials.push_back(material.name);
    return cost;
}

PartsList partsListOf(const Kit& kit, const level::Level& level,
                      const std::map<std::string, MeshCost>& meshes) {
    PartsList list;
    for (const PlacedPiece& placed : level.pieces) {
        ++list.placed;
        ++list.pieces[placed.piece].uses;
    }
    std::set<std::string> models;
    for (auto& [name, cost] : list.pieces) {
        const Piece* piece = kit.find(name);
        if (!piece) continue;
        const auto mesh = meshes.find(name);
        cost.hasModel = !piece->model.empty();
        if (mesh != meshes.end()) {
            cost.triangles = mesh->second.triangles;
            cost.materials = mesh->second.materials.size();
            list.materials.insert(mesh->second.materials.begin(), mesh->second.materials.end());
        } else {
            cost.triangles = trianglesOf(facesOf(kit, *piece));
            cost.materials = 1;
        }
        if (cost.hasModel)
            models.insert(piece->model);
        else
            list.toMake.insert(name);
        list.triangles += cost.triangles * static_cast<std::size_t>(cost.uses);
    }
    list.models = models.size();
    for (const Solid& solid : level.solids) {
        ++list.solids;
        list.triangles += trianglesOf(facesOf(kit, solid));
    }
    return list;
}

}  // namespace rook::kit
