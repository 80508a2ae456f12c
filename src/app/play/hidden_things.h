#pragma once
/// What is told of a body over a walk, that players do not see.

#include <QPainter>

#include "app/painting/view.h"
#include "app/play/walk.h"

namespace rook::app {

/// Boxes of all that is met, ways of all that goes, zones and cameras, the body with all that it
/// is.
void paintHidden(QPainter& painter, const level::Level& level, const Walk& walk, const View& view,
                 QSize size);

/// Over the body, a bar for each thing that it holds for a time: how much of it is left.
void paintTimesLeft(QPainter& painter, const Walk& walk, const View& view);

}  // namespace rook::app
