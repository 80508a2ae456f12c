#pragma once
/// Models of pieces, read from the project's folder.

#include <QFuture>
#include <QString>
#include <map>
#include <optional>
#include <set>
#include <string>

#include "kit/mesh.h"

namespace rook::app {

/// None where there is none, or it cannot be read.
[[nodiscard]] std::optional<kit::Mesh> loadModel(const QString& folder, const level::Piece& piece);

/// The models of a kit, each read once, on a worker.
class KitModels {
public:
    KitModels() = default;
    KitModels(const KitModels&) = delete;
    KitModels& operator=(const KitModels&) = delete;
    ~KitModels();
    /// Those that are read by now, by the piece's name; pieces without a model have none. Good
    /// until the next call.
    [[nodiscard]] const std::map<std::string, kit::Mesh>& of(const level::Kit& kit,
                                                             const QString& folder);
    /// Some of the last kit that was asked for are still being read.
    [[nodiscard]] bool isReading() const { return m_isReading; }

private:
    using Read = std::map<std::string, kit::Mesh>;
    QString m_folder;
    Read m_meshes;
    std::set<std::string> m_tried;  ///< paths
    QFuture<Read> m_reading;
    bool m_isReading = false;
};

}  // namespace rook::app
