#pragma once
/// Models of pieces, read from the project's folder.

#include <QString>
#include <map>
#include <optional>
#include <set>
#include <string>

#include "kit/mesh.h"

namespace rook::app {

/// None where there is none, or it cannot be read.
[[nodiscard]] std::optional<kit::Mesh> loadModel(const QString& folder, const level::Piece& piece);

/// The models of a kit, each read once.
class KitModels {
public:
    /// By the piece's name; pieces without a model have none. Good until the next call.
    [[nodiscard]] const std::map<std::string, kit::Mesh>& of(const level::Kit& kit,
                                                             const QString& folder);

private:
    QString m_folder;
    std::map<std::string, kit::Mesh> m_meshes;
    std::set<std::string> m_tried;  ///< paths
};

}  // namespace rook::app
