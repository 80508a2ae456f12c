#include "app/painting/kit_models.h"

#include <QtConcurrent>

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

namespace {

void keep(kit::Mesh&& mesh, kit::Mesh& kept) {
    kept = std::move(mesh);
}
void keep(kit::Mesh&& mesh, kit::MeshCost& kept) {
    kept = kit::costOf(mesh);
}

}  // namespace

template <typename Kept>
ModelsRead<Kept>::~ModelsRead() {
    if (m_isReading) m_reading.waitForFinished();
}

template <typename Kept>
const std::map<std::string, Kept>& ModelsRead<Kept>::of(const level::Kit& kit,
                                                        const QString& folder) {
    if (m_isReading && m_reading.isFinished()) {
        m_isReading = false;
        if (m_folder == folder) m_read.merge(m_reading.takeResult());
    }
    if (m_isReading) return m_read;
    if (m_folder != folder) {
        m_folder = folder;
        m_read.clear();
        m_tried.clear();
    }
    std::vector<level::Piece> unread;
    for (const level::Piece& piece : kit.pieces)
        if (!piece.model.empty() && m_tried.insert(piece.model).second) unread.push_back(piece);
    if (unread.empty()) return m_read;
    m_isReading = true;
    m_reading = QtConcurrent::run([unread = std::move(unread), folder] {
        Read read;
        for (const level::Piece& piece : unread)
            if (auto mesh = loadModel(folder, piece)) keep(std::move(*mesh), read[piece.name]);
        return read;
    });
    return m_read;
}

template class ModelsRead<kit::Mesh>;
template class ModelsRead<kit::MeshCost>;

}  // namespace rook::app
