#pragma once
/// Words on a ground of their own, and washes over cells: what overlays of all steps draw alike.

#include <QPainter>
#include <span>

#include "app/painting/view.h"
#include "level/region.h"

namespace rook::app {

/// Words at that corner, kept inside a widget of that size.
void paintFlag(QPainter& painter, QSize size, QPointF corner, const QString& text,
               const QColor& tone);

/// The cells of a level that a widget of that size shows, in part at least.
[[nodiscard]] CellRect cellsInSight(const View& view, QSize size, const CellRect& level,
                                    CellSize cell);

/// A wash with an outline over cells that a gesture or a command would cover. `seen`: the cells in
/// sight.
void paintCells(QPainter& painter, const View& view, QSize size, CellSize cell,
                const CellRect& seen, const level::CellRegion& region, const QColor& tone,
                float opacity, const QPen& outline);

}  // namespace rook::app
