#pragma once
/// Models of pieces, read from the project's folder.

#include <QFuture>
#include <QString>
#include <map>
#include <optional>
#include <set>
#include <string>

#include "kit/parts_list.h"

namespace rook::app {

/// None where there is none, or it cannot be read.
[[nodiscard]] std::optional<kit::Mesh> loadModel(const QString& folder, const level::Piece& piece);

/// What is kept of the models of a kit, each read once, on a worker.
template <typename Kept>
class ModelsRead {
public:
    using Read = std::map<std::string, Kept>;
    ModelsRead() = default;
    ModelsRead(const ModelsRead&) = delete;
    ModelsRead& operator=(const ModelsRead&) = delete;
    ~ModelsRead();
    /// Those that are read by now, by the piece's name; pieces without a model have none. Good
    /// until the next call.
    [[nodiscard]] const Read& of(const level::Kit& kit, const QString& folder);
    /// Some of the last kit that was asked for are still being read.
    [[nodiscard]] bool isReading() const { return m_isReading; }

private:
    QString m_folder;
    Read m_read;
    std::set<std::string> m_tried;  ///< paths
    QFuture<Read> m_reading;
    bool m_isReading = false;
};

/// Whole meshes, to be drawn.
using KitModels = ModelsRead<kit::Mesh>;
/// What they cost alone.
using ModelCosts = ModelsRead<kit::MeshCost>;

}  // namespace rook::app
