#pragma once
/// Models of pieces, read from the project's folder.

#include <QString>
#include <optional>

#include "kit/mesh.h"

namespace rook::app {

/// None where there is none, or it cannot be read.
[[nodiscard]] std::optional<kit::Mesh> loadModel(const QString& folder, const level::Piece& piece);

}  // namespace rook::app
