#pragma once
/// The wash of positions and px that bodies reach.

#include <QImage>

#include "app/painting/view.h"
#include "app/session/proven_level.h"

namespace rook::app {

/// As wide as the widget: one look-up a widget px.
[[nodiscard]] QImage reachWash(const ProvenLevel& proven, const BitMap& map, const View& view,
                               QSize size, const QColor& color);

}  // namespace rook::app
