#pragma once
/// Pictures of the leaves of a plan, kept until their strokes change.

#include "app/painting/board_images.h"
#include "level/sketch.h"

namespace rook::app {

class PlanImages {
public:
    void clear() { m_images.clear(); }
    /// Forgets the pictures of strokes that are no longer so.
    void follow(const level::Sketch& now);
    /// False if some of it was not made in time, and another round is wanted.
    bool paint(QPainter& painter, const level::Sketch& sketch, const View& view, QRect area,
               double devicePixelRatio, double budgetMs);

private:
    BoardImages m_images;
    level::Sketch m_shown;
};

}  // namespace rook::app
