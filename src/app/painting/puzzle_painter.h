#pragma once
/// Puzzle levels: slots with what they bear, and counters. Slots are plates of paper on the
/// board's ground; what nobody may stand on is hatched, what is locked has its price.

#include <QPainter>

#include "app/painting/matter_painter.h"
#include "app/painting/view.h"
#include "puzzle/board.h"

namespace rook::app {

struct PuzzleLook {
    bool showsGone = true;  ///< dotted, where one works on them
    bool showsAddresses = false;
    const SheetImages* sheets = nullptr;
    /// Where one is in a game; null = at the start.
    const runtime::puzzle::State* state = nullptr;
    double countersOpacity = 1;
};

/// Paints what lies in `target` (px of the painter), where level px (x, y) is at (x, y) * scale -
/// origin. Cost: the slots and counters in sight.
void paintSlots(QPainter& painter, const level::Project& project, const level::Level& level,
                const PuzzleLook& look, const QRect& target, QPointF origin, double scale);
void paintCounters(QPainter& painter, const level::Project& project, const level::Level& level,
                   const PuzzleLook& look, QPointF origin, double scale);

/// One counter of a kind, its first cell in `cell`, whose size a slot has; `pitch`: from slot to
/// slot, across and down.
void paintCounter(QPainter& painter, const level::Project& project, const level::Kind& kind,
                  int turn, const QRectF& cell, QPointF pitch, const SheetImages* sheets);
/// A move from that state: the slot on which it ends, and an arrow from where it begins.
void paintMove(QPainter& painter, const puzzle::Geometry& geometry,
               const runtime::puzzle::State& state, const runtime::puzzle::Move& move,
               QPointF origin, double scale, Qt::PenStyle style);
/// Colours from the bottom up, in a box.
void paintStack(QPainter& painter, const level::Project& project,
                const std::vector<std::string>& colors, const QRectF& box);
/// The shape of a slot, widget px.
[[nodiscard]] QPainterPath shapeOf(const puzzle::Geometry& geometry, CellPoint at, QPointF origin,
                                   double scale);
/// Where a counter stands, widget px: the box of its first cell, and the pitch.
[[nodiscard]] std::pair<QRectF, QPointF> standOf(const level::Level& level, CellPoint at,
                                                 QPointF origin, double scale);

/// The whole level in a picture of that size.
[[nodiscard]] QImage puzzlePicture(const level::Project& project, const level::Level& level,
                                   QSize size, const Theme& theme, const SheetImages& sheets);

}  // namespace rook::app
