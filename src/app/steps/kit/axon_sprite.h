#pragma once
/// A cell of a piece seen from above and aslant, as a picture.

#include <QPixmap>
#include <QPointF>
#include <vector>

#include "kit/mesh.h"

namespace rook::app {

/// How much heights are stretched against lengths.
inline constexpr double axonStretch = 1.1;

using kit::unitsOf;

struct AxonSprite {
    QPixmap picture;
    QPointF corner;  ///< from the projection of the cell's middle on its storey's ground
};

struct AxonCell {
    const level::Kit* kit = nullptr;
    const level::Piece* piece = nullptr;
    const std::vector<kit::Face>* faces = nullptr;  ///< of the whole piece
    std::size_t cell = 0;
    int turn = 0;      ///< quarter turns
    double half = 26;  ///< px from a module's middle to its right corner
    double ratio = 1;  ///< device px a px
};

/// In the theme in force; null if nothing of the cell is seen. Cost: its faces.
[[nodiscard]] AxonSprite makeAxonSprite(const AxonCell& cell);

}  // namespace rook::app
