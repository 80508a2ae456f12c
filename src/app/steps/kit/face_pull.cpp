#include "app/steps/kit/face_pull.h"

#include <array>
#include <cmath>

#include "app/ui/theme.h"

namespace rook::app {

using kit::SolidFace;

namespace {

constexpr double slack = 0.02;  ///< units
constexpr double arrowPx = 34;

kit::Point3 outwards(SolidFace face) {
    switch (face) {
        case SolidFace::Right:
            return {1, 0, 0};
        case SolidFace::Down:
            return {0, 1, 0};
        case SolidFace::Left:
            return {-1, 0, 0};
        case SolidFace::Up:
            return {0, -1, 0};
        case SolidFace::Top:
            return {0, 0, 1};
        case SolidFace::Bottom:
            return {0, 0, -1};
    }
    return {};
}

struct Sides {
    kit::Point3 low, high;
};
Sides sidesOf(const level::Kit& kit, const level::Solid& solid) {
    const kit::ExactBox box = kit::boxOf(kit, solid);
    const double width = exact(kit.width).toDouble();
    const double depth = exact(kit.depth).toDouble();
    return {
        {box.place.left.toDouble() * width, box.place.top.toDouble() * depth, box.from.toDouble()},
        {box.place.right.toDouble() * width, box.place.bottom.toDouble() * depth,
         box.to.toDouble()}};
}

/// In turn around the face: those of the box on its side.
std::array<kit::Point3, 4> cornersOf(const Sides& sides, SolidFace face) {
    const kit::Point3 way = outwards(face);
    const auto on = [](double low, double high, double along, bool isHigh) {
        return along > 0 || (along == 0 && isHigh) ? high : low;
    };
    std::array<kit::Point3, 4> corners;
    constexpr bool first[] = {false, true, true, false};
    constexpr bool second[] = {false, false, true, true};
    for (std::size_t i = 0; i < corners.size(); ++i)
        corners[i] = {on(sides.low.x, sides.high.x, way.x, first[i]),
                      on(sides.low.y, sides.high.y, way.y, way.x != 0 ? first[i] : second[i]),
                      on(sides.low.z, sides.high.z, way.z, second[i])};
    return corners;
}

}  // namespace

double nearestAlong(const kit::Ray& ray, const kit::Point3& from, const kit::Point3& way) {
    const kit::Point3 off = from - ray.from;
    const double rr = dot(ray.along, ray.along);
    const double rw = dot(ray.along, way);
    const double bottom = rr - rw * rw;
    if (bottom < 1e-9 * rr) return 0;
    return (rw * dot(ray.along, off) - rr * dot(way, off)) / bottom;
}

std::optional<FacePull> FacePull::of(const level::Kit& kit, const level::Solid& solid,
                                     const kit::Point3& at) {
    const auto [l, h] = sidesOf(kit, solid);
    const std::pair<SolidFace, double> faces[] = {
        {SolidFace::Right, h.x - at.x}, {SolidFace::Down, h.y - at.y},
        {SolidFace::Left, at.x - l.x},  {SolidFace::Up, at.y - l.y},
        {SolidFace::Top, h.z - at.z},   {SolidFace::Bottom, at.z - l.z}};
    for (const auto& [face, off] : faces)
        if (std::abs(off) < slack) return FacePull{solid, face, at};
    // What slopes or has steps is pulled by its top; so is a round's mantle by its nearest side.
    if (solid.rises()) return FacePull{solid, SolidFace::Top, at};
    if (solid.sort == level::SolidSort::Round)
        return FacePull{
            solid,
            static_cast<SolidFace>(kit::nearestSide(
                kit, solid,
                {Rational(std::llround(at.x / exact(kit.width).toDouble() * 1000), 1000),
                 Rational(std::llround(at.y / exact(kit.depth).toDouble() * 1000), 1000)})),
            at};
    return std::nullopt;
}

Rational FacePull::by(const level::Kit& kit, QPointF widget, const kit::Camera& camera,
                      const kit::PictureSize& size, bool isFine) const {
    const kit::Ray ray = kit::rayAt(camera, size, {widget.x(), widget.y()});
    const double units = nearestAlong(ray, at, outwards(face));
    if (face == SolidFace::Top || face == SolidFace::Bottom) {
        const int parts = isFine ? 100 : 4;
        return {std::llround(units * parts), parts};
    }
    const bool isAcross = face == SolidFace::Right || face == SolidFace::Left;
    const double module = exact(isAcross ? kit.width : kit.depth).toDouble();
    const int parts = isFine ? kit::finestPart(kit) : 1;
    return {std::llround(units / module * parts), parts};
}

void FacePull::paint(QPainter& painter, const level::Kit& kit, const Rational& pulled,
                     const kit::Camera& camera, const kit::PictureSize& size) const {
    const level::Solid now = kit::pulledSolid(kit, solid, face, pulled);
    QPolygonF outline;
    kit::Point3 middle;
    for (const kit::Point3& corner : cornersOf(sidesOf(kit, now), face)) {
        const auto seen = kit::projected(camera, size, corner);
        if (!seen) return;
        outline << QPointF(seen->at.x, seen->at.y);
        middle = middle + corner * 0.25;
    }
    const auto foot = kit::projected(camera, size, middle);
    if (!foot) return;
    const double length = arrowPx / kit::pxPerUnit(camera, size, foot->depth);
    const auto tip = kit::projected(camera, size, middle + outwards(face) * length);
    const Theme& theme = currentTheme();
    painter.setRenderHint(QPainter::Antialiasing);
    QColor wash = theme.accent;
    wash.setAlphaF(0.18f);
    painter.setBrush(wash);
    painter.setPen(QPen(theme.paper, 4));
    painter.drawPolygon(outline);
    painter.setPen(QPen(theme.accent, 2));
    painter.drawPolygon(outline);
    if (tip) {
        const QLineF line(foot->at.x, foot->at.y, tip->at.x, tip->at.y);
        painter.setPen(QPen(theme.paper, 5));
        painter.drawLine(line);
        painter.setPen(QPen(theme.accent, 2.4));
        painter.drawLine(line);
        if (line.length() > 8) {
            const QPointF way = (line.p2() - line.p1()) / line.length();
            const QPointF aside(-way.y(), way.x());
            painter.setBrush(theme.accent);
            painter.drawPolygon(QPolygonF{line.p2() + way * 8, line.p2() - way * 3 + aside * 6,
                                          line.p2() - way * 3 - aside * 6});
        }
    }
    painter.setBrush(Qt::NoBrush);
    painter.setRenderHint(QPainter::Antialiasing, false);
}

}  // namespace rook::app
