#pragma once
/// Handles that move a selection along one axis of a kit board.

#include <QPainter>
#include <QPointF>
#include <optional>

#include "kit/camera.h"

namespace rook::app {

struct AxisHandles {
    enum class Axis { Across, Down, Storeys };
    static constexpr Axis all[] = {Axis::Across, Axis::Down, Axis::Storeys};

    kit::Point3 middle;  ///< of what is selected, units
    double length = 4;   ///< units

    /// From the middle to the handle's end, px of the widget; nothing where it looks at the eye.
    [[nodiscard]] std::optional<QLineF> lineOf(Axis axis, const kit::Camera& camera,
                                               const kit::PictureSize& size) const;
    [[nodiscard]] std::optional<Axis> at(QPointF widget, const kit::Camera& camera,
                                         const kit::PictureSize& size) const;
    /// How far along an axis from the middle a px is, units: where its ray comes nearest to it.
    [[nodiscard]] double along(Axis axis, QPointF widget, const kit::Camera& camera,
                               const kit::PictureSize& size) const;
    void paint(QPainter& painter, const kit::Camera& camera, const kit::PictureSize& size,
               std::optional<Axis> held) const;
};

}  // namespace rook::app
