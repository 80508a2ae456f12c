#pragma once
/// Draws the plan: strokes on leaves, words, routes with their beads. What is drawn here is what
/// `markAt`, `beadAt` and `wayPointAt` find.

#include <QPainter>

#include "app/painting/view.h"
#include "app/session/selection.h"
#include "check/plan.h"
#include "level/project.h"

namespace rook::app {

/// Half the size of a handle and of a bead, widget px.
inline constexpr double handleRadius = 4;
inline constexpr double beadRadius = 9;

[[nodiscard]] QColor pencilColor(level::PencilTone tone);
[[nodiscard]] QString toneName(level::PencilTone tone);
[[nodiscard]] QString beadName(level::BeadSort sort);

/// The strokes of all leaves that are shown, in `target` (px of the painter), where level px (x, y)
/// is at (x, y) * scale - origin. Words are not among them. Cost: all points, plus what is seen.
void paintLeaves(QPainter& painter, const level::Sketch& sketch, const QRect& target,
                 QPointF origin, double scale);
/// One mark's stroke, as on its leaf.
void paintMark(QPainter& painter, const level::Mark& mark, const QRectF& target, QPointF origin,
               double scale);
/// Labels, and the names of things and rooms.
void paintWords(QPainter& painter, const level::Sketch& sketch, const View& view,
                const QRect& area);
/// All routes, the one in hand stronger, with beads in the state that `plan` found.
void paintRoutes(QPainter& painter, const level::Level& level, const View& view, int inHand,
                 const Selection& selection, const check::PlanReport* plan, bool isPlanCurrent);
/// Handles and frames of what is selected.
void paintSketchSelection(QPainter& painter, const level::Sketch& sketch, const View& view,
                          const Selection& selection, QRectF underlay);
/// A sign for a sort of bead, in `rect`.
void paintBeadSign(QPainter& painter, level::BeadSort sort, const QRectF& rect);
/// What a state of a bead is called: "met", "can be skipped".
[[nodiscard]] QString beadStateWords(check::BeadState state);

/// The topmost mark within `slack` px of the point, on leaves that are shown and not locked. Words
/// count with the width that they take at this scale. None if there is none.
[[nodiscard]] level::MarkId markAt(const level::Sketch& sketch, PxPoint px, double scale);
/// The place of the bead, or way point, of a route under the point.
[[nodiscard]] std::optional<int> beadAt(const level::Route& route, PxPoint px, double scale);
[[nodiscard]] std::optional<int> wayPointAt(const level::Route& route, PxPoint px, double scale);

}  // namespace rook::app
