#pragma once
/// Values as shaders take them.

#include <QColor>
#include <QVector3D>

#include "kit/mesh.h"

namespace rook::app {

[[nodiscard]] inline QVector3D vectorOf(const QColor& color) {
    return {color.redF(), color.greenF(), color.blueF()};
}

[[nodiscard]] inline QVector3D threeOf(const kit::Point3& p) {
    return {float(p.x), float(p.y), float(p.z)};
}

}  // namespace rook::app
