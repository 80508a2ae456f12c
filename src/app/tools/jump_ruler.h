#pragma once
/// A jump measured on the board, from edge to edge: what is measured, and how it is shown.

#include "app/painting/view.h"
#include "app/tools/jump_guides.h"

class QPainter;

namespace rook::app {

/// An option, so that what is measured in one step stays in sight in another.
struct MeasuredJump {
    std::optional<JumpLine> line;
};

/// Requires: the guides are up to date.
void paintJumpLine(QPainter& painter, const View& view, QSize size, JumpGuides& guides,
                   const JumpLine& line);

}  // namespace rook::app
