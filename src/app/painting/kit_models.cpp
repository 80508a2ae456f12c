#include "app/painting/kit_models.h"

#include "file/model_file.h"

namespace rook::app {

std::optional<kit::Mesh> loadModel(const QString& folder, const level::Piece& piece) {
    if (piece.model.empty() || folder.isEmpty()) return std::nullopt;
    const file::Path root = folder.toStdString();
    const auto path = file::pathInside(root, piece.model);
    if (!path) return std::nullopt;
    const auto bytes = file::diskStorage().read(*path, file::maxModelBytes);
    if (!bytes) return std::nullopt;
    auto mesh = file::readModel(file::diskStorage(), path->parent_path(), path->filename().string(),
                                *bytes);
    if (!mesh) return std::nullopt;
    return std::move(*mesh);
}

const std::map<std::string, kit::Mesh>& KitModels::of(const level::Kit& kit,
                                                      const QString& folder) {
    if (m_folder != folder) {
        m_folder = folder;
        m_meshes.clear();
        m_tried.clear();
    }
    for (const level::Piece& piece : kit.pieces) {
        if (piece.model.empty() || !m_tried.insert(piece.model).second) continue;
        if (auto mesh = loadModel(folder, piece)) m_meshes[piece.name] = std::move(*mesh);
    }
    return m_meshes;
}

}  // namespace rook::app
