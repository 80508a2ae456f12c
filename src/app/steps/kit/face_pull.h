#pragma once
/// The face of a solid that is under the pointer in depth, and how far it is pulled.

#include <QPainter>
#include <QPointF>
#include <optional>

#include "kit/camera.h"
#include "kit/solid_edits.h"

namespace rook::app {

struct FacePull {
    level::Solid solid;  ///< as it was when it was taken
    kit::SolidFace face = kit::SolidFace::Top;
    kit::Point3 at;  ///< units, where the pointer took it

    /// The face that looks to where a ray hit the solid; nothing inside of a room.
    [[nodiscard]] static std::optional<FacePull> of(const level::Kit& kit,
                                                    const level::Solid& solid,
                                                    const kit::Point3& at);
    /// Outwards, for a pointer in the picture: modules, units for the top and bottom; in whole
    /// modules or quarters of a unit, or else in the finest parts and hundredths.
    [[nodiscard]] Rational by(const level::Kit& kit, QPointF widget, const kit::Camera& camera,
                              const kit::PictureSize& size, bool isFine) const;
    /// The face's outline with an arrow outwards, as it lies after a pull by that much.
    void paint(QPainter& painter, const level::Kit& kit, const Rational& pulled,
               const kit::Camera& camera, const kit::PictureSize& size) const;
};

/// How far along a line from `from` the place of it is that a ray comes nearest to; `way` is one
/// unit long; 0 where the ray runs along it.
[[nodiscard]] double nearestAlong(const kit::Ray& ray, const kit::Point3& from,
                                  const kit::Point3& way);

}  // namespace rook::app
