#include "kit/mesh.h"

namespace rook::kit {

namespace {

/// The corners of a mass from above, counter-clockwise as the plan's y goes down, units from the
/// solid's corner; z is their top.
std::vector<Point3> topOf(const Kit& kit, const Solid& solid, const Mass& mass) {
    const double width = exact(kit.width).toDouble();
    const double depth = exact(kit.depth).toDouble();
    const Rational ground = exact(kit.storey) * Rational(solid.storey);
    std::vector<Point3> top;
    for (auto corner = mass.outline.rbegin(); corner != mass.outline.rend(); ++corner)
        top.push_back({((*corner)[0] - solid.x.toDouble()) * width,
                       ((*corner)[1] - solid.y.toDouble()) * depth,
                       (mass.to - ground).toDouble()});
    if (!top.empty()) return top;
    const ExactRect& place = mass.place;
    const ExactPoint corners[] = {{place.left, place.top},
                                  {place.left, place.bottom},
                                  {place.right, place.bottom},
                                  {place.right, place.top}};
    for (const ExactPoint& corner : corners)
        top.push_back({((corner.x - solid.x) * exact(kit.width)).toDouble(),
                       ((corner.y - solid.y) * exact(kit.depth)).toDouble(),
                       (mass.topAt(corner.x, corner.y) - ground).toDouble()});
    return top;
}

/// The side of a room that a mass is the wall of.
std::optional<Side> wallOf(const Solid& solid, const Mass& mass, const Rational& thickAcross,
                           const Rational& thickDown) {
    const ExactRect& place = mass.place;
    if (place.right <= solid.x + thickAcross) return Side::Left;
    if (place.left >= solid.x + solid.width - thickAcross) return Side::Right;
    if (place.bottom <= solid.y + thickDown) return Side::Up;
    if (place.top >= solid.y + solid.depth - thickDown) return Side::Down;
    return std::nullopt;
}

}  // namespace

std::vector<Face> facesOf(const Kit& kit, const Solid& solid) {
    std::vector<Face> faces;
    const Rational ground = exact(kit.storey) * Rational(solid.storey);
    for (const Mass& mass : massesOf(kit, solid)) {
        const std::vector<Point3> top = topOf(kit, solid, mass);
        const double low = (mass.from - ground).toDouble();
        std::optional<Side> wall;
        if (solid.isHollow())
            wall = wallOf(solid, mass, exact(solid.wall) / exact(kit.width),
                          exact(solid.wall) / exact(kit.depth));
        const FaceSort flank = wall ? FaceSort::Wall : FaceSort::Flank;
        faces.push_back({top,
                         mass.up                             ? FaceSort::Slope
                         : solid.sort == SolidSort::Stairs   ? FaceSort::Step
                         : wall                              ? FaceSort::Wall
                                                             : FaceSort::Floor,
                         0, wall});
        for (std::size_t i = 0; i < top.size(); ++i) {
            const Point3& p = top[i];
            const Point3& q = top[(i + 1) % top.size()];
            if (p.z <= low && q.z <= low) continue;
            faces.push_back({{p, {p.x, p.y, low}, {q.x, q.y, low}, q}, flank, 0, wall});
        }
        std::vector<Point3> bottom;
        for (auto corner = top.rbegin(); corner != top.rend(); ++corner)
            bottom.push_back({corner->x, corner->y, low});
        faces.push_back({std::move(bottom), flank, 0, wall});
    }
    return faces;
}

}  // namespace rook::kit
