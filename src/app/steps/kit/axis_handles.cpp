#include "app/steps/kit/axis_handles.h"

#include <QLineF>
#include <algorithm>
#include <cmath>

#include "app/steps/kit/face_pull.h"
#include "app/ui/theme.h"

namespace rook::app {

namespace {

constexpr double shortestPx = 18;  ///< that a handle is drawn with
constexpr double reachPx = 9;

kit::Point3 wayOf(AxisHandles::Axis axis) {
    return {axis == AxisHandles::Axis::Across ? 1.0 : 0.0,
            axis == AxisHandles::Axis::Down ? 1.0 : 0.0,
            axis == AxisHandles::Axis::Storeys ? 1.0 : 0.0};
}

double offLine(const QLineF& line, QPointF p) {
    const QPointF d = line.p2() - line.p1();
    const double t =
        std::clamp(QPointF::dotProduct(p - line.p1(), d) / QPointF::dotProduct(d, d), 0.25, 1.0);
    return QLineF(line.pointAt(t), p).length();
}

}  // namespace

std::optional<QLineF> AxisHandles::lineOf(Axis axis, const kit::Camera& camera,
                                          const kit::PictureSize& size) const {
    const kit::Point3 way = wayOf(axis);
    const auto a = kit::projected(camera, size, middle);
    const auto b = kit::projected(
        camera, size,
        {middle.x + way.x * length, middle.y + way.y * length, middle.z + way.z * length});
    if (!a || !b) return std::nullopt;
    const QLineF line(a->at.x, a->at.y, b->at.x, b->at.y);
    if (line.length() < shortestPx) return std::nullopt;
    return line;
}

std::optional<AxisHandles::Axis> AxisHandles::at(QPointF widget, const kit::Camera& camera,
                                                 const kit::PictureSize& size) const {
    std::optional<Axis> best;
    double nearest = reachPx;
    for (const Axis axis : all)
        if (const auto line = lineOf(axis, camera, size))
            if (const double off = offLine(*line, widget); off < nearest) {
                nearest = off;
                best = axis;
            }
    return best;
}

double AxisHandles::along(Axis axis, QPointF widget, const kit::Camera& camera,
                          const kit::PictureSize& size) const {
    return nearestAlong(kit::rayAt(camera, size, {widget.x(), widget.y()}), middle, wayOf(axis));
}

void AxisHandles::paint(QPainter& painter, const kit::Camera& camera, const kit::PictureSize& size,
                        std::optional<Axis> held) const {
    const Theme& theme = currentTheme();
    painter.setRenderHint(QPainter::Antialiasing);
    for (const Axis axis : all) {
        const auto line = lineOf(axis, camera, size);
        if (!line) continue;
        const bool isHeld = held == axis;
        const QPointF way = (line->p2() - line->p1()) / line->length();
        const QPointF aside(-way.y(), way.x());
        painter.setPen(QPen(theme.paper, isHeld ? 6 : 5));
        painter.drawLine(*line);
        painter.setPen(QPen(theme.accent, isHeld ? 3 : 2));
        painter.drawLine(*line);
        // Two bars and a tip for storeys, a tip alone along the plan: told apart without colour.
        painter.setBrush(isHeld ? theme.accent : theme.paper);
        painter.setPen(QPen(theme.accent, 1.6));
        const QPointF tip = line->p2();
        painter.drawPolygon(
            QPolygonF{tip + way * 9, tip - way * 4 + aside * 6, tip - way * 4 - aside * 6});
        if (axis == Axis::Storeys)
            for (const double back : {9.0, 13.0})
                painter.drawLine(tip - way * back + aside * 5, tip - way * back - aside * 5);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

}  // namespace rook::app
