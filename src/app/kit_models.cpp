#include "app/kit_models.h"

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

}  // namespace rook::app
