#pragma once
/// Block-out solids in plan.

#include <QPainter>

#include "app/ui/theme.h"
#include "kit/solids.h"

namespace rook::app {

/// Where the plan lies in the painter: level px (x, y) is at (x, y) * scale - origin.
struct PlanPlace {
    CellSize cell;
    QPointF origin;
    double scale = 1;

    [[nodiscard]] QRectF box(const kit::ExactRect& place) const;
};

/// A solid as it is seen from above, or cut where it is a room: walls full, openings free, treads
/// of stairs, an arrow the way it rises, its height beside it where there is room.
void paintSolid(QPainter& painter, const level::Kit& kit, const level::Solid& solid,
                const PlanPlace& place);
/// Its outline alone.
void paintSolidOutline(QPainter& painter, const level::Solid& solid, const PlanPlace& place,
                       const QPen& pen);

}  // namespace rook::app
